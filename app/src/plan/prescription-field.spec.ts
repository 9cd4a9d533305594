import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import type { Prescription } from '@dray/core';
import { PrescriptionField } from './prescription-field';

const ten: Prescription = {
  sets: 3,
  work: { kind: 'reps', reps: 10 },
  perSide: false,
  target: { kind: 'none' },
};

describe('PrescriptionField', () => {
  let fixture: ComponentFixture<PrescriptionField>;
  let changed: Prescription[];
  let drafted: (string | undefined)[];

  beforeEach(async () => {
    TestBed.configureTestingModule({ providers: [provideZonelessChangeDetection()] });
    fixture = TestBed.createComponent(PrescriptionField);
    changed = [];
    drafted = [];
    fixture.componentInstance.changed.subscribe((value) => changed.push(value));
    fixture.componentInstance.drafted.subscribe((value) => drafted.push(value));
    for (const [name, value] of Object.entries({
      fieldId: 'f',
      label: 'Squat',
      prescription: ten,
      unit: 'kg',
    })) {
      fixture.componentRef.setInput(name, value);
    }
    await fixture.whenStable();
  });

  const box = () => (fixture.nativeElement as HTMLElement).querySelector('input')!;

  async function type(text: string): Promise<void> {
    box().value = text;
    box().dispatchEvent(new Event('input'));
    await fixture.whenStable();
  }

  it('shows the canonical form', () => {
    expect(box().value).toBe('3 × 10');
  });

  it('counts at once what can be read', async () => {
    await type('4x8');
    expect(changed.at(-1)).toEqual({ ...ten, sets: 4, work: { kind: 'reps', reps: 8 } });
    expect(box().value).withContext('the typing hand is left alone').toBe('4x8');
  });

  it('keeps what cannot be read, points at it, and changes nothing', async () => {
    await type('4x8 soon');
    expect(changed).toEqual([]);
    expect(drafted).toEqual(['4x8 soon']);
    expect(box().getAttribute('aria-invalid')).toBe('true');
    const problem = (fixture.nativeElement as HTMLElement).querySelector('.problem');
    expect(problem?.querySelector('u')?.textContent).toBe('soon');
    box().dispatchEvent(new Event('blur'));
    await fixture.whenStable();
    expect(box().value).toBe('4x8 soon');
  });

  it('leaves no draft behind when letters come faster than the page keeps up', () => {
    for (const text of ['4x8 2 lef', '4x8 2 left']) {
      box().value = text;
      box().dispatchEvent(new Event('input'));
    }
    expect(drafted).toEqual(['4x8 2 lef', undefined]);
    expect(changed.at(-1)).toEqual({
      ...ten,
      sets: 4,
      work: { kind: 'reps', reps: 8 },
      target: { kind: 'reserve', reps: 2 },
    });
  });

  it('opens with the draft that was left', async () => {
    fixture.componentRef.setInput('draft', '4x');
    await fixture.whenStable();
    expect(box().value).toBe('4x');
    expect(box().getAttribute('aria-invalid')).toBe('true');
  });

  it('goes back to what stands at Escape', async () => {
    fixture.componentRef.setInput('draft', '4x');
    await fixture.whenStable();
    box().dispatchEvent(new KeyboardEvent('keydown', { key: 'Escape' }));
    expect(drafted).toEqual([undefined]);
  });

  it('follows undo under the typing hand', async () => {
    await type('4x8');
    fixture.componentRef.setInput('prescription', changed.at(-1));
    await fixture.whenStable();
    fixture.componentRef.setInput('prescription', ten);
    await fixture.whenStable();
    expect(box().value).toBe('3 × 10');
  });
});
