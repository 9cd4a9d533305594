import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { attainableLoads, type Kit } from '@dray/core';
import { NumberLineView } from './number-line-view';

const kit: Kit = {
  id: 'k',
  name: 'k',
  unit: 'kg',
  implements: [5, 8, 10].map((massKg) => ({
    kind: 'fixed',
    id: String(massKg),
    form: 'dumbbell',
    massKg,
    count: 1,
  })),
};

describe('the line of loads', () => {
  it('stays where the coach has run to when the same loads are worked out again', async () => {
    TestBed.configureTestingModule({ providers: [provideZonelessChangeDetection()] });
    const fixture = TestBed.createComponent(NumberLineView);
    fixture.componentRef.setInput('loads', attainableLoads(kit, 'oneSide'));
    fixture.componentRef.setInput('targets', []);
    fixture.componentRef.setInput('unit', 'kg');
    await fixture.whenStable();
    const page = fixture.nativeElement as HTMLElement;
    const line = page.querySelector<SVGElement>('[role="slider"]')!;
    line.dispatchEvent(new KeyboardEvent('keydown', { key: 'Home' }));
    await fixture.whenStable();
    expect(page.textContent).toContain('5 kg');
    fixture.componentRef.setInput('loads', attainableLoads(kit, 'oneSide'));
    await fixture.whenStable();
    expect(line.getAttribute('aria-valuenow')).toBe('0');
    fixture.componentRef.setInput(
      'loads',
      attainableLoads({ ...kit, implements: kit.implements.slice(1) }, 'oneSide'),
    );
    await fixture.whenStable();
    expect(line.getAttribute('aria-valuenow')).toBe('1');
  });
});
