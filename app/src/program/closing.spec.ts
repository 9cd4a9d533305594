import { TestbedHarnessEnvironment } from '@angular/cdk/testing/testbed';
import { TestBed } from '@angular/core/testing';
import { MatButtonHarness } from '@angular/material/button/testing';
import { By } from '@angular/platform-browser';
import type { Holiday } from '@dray/core';
import { provideInterface } from '../ui/interface';
import { DateField } from '../ui/forms/date-field';
import { LANGUAGES } from '../ui/forms/reader-dates';
import { FieldHarness } from '../ui/forms/testing';
import { Closing } from './closing';

describe('Closing', () => {
  async function opened() {
    TestBed.configureTestingModule({
      providers: [provideInterface(), { provide: LANGUAGES, useValue: ['en-GB'] }],
    });
    const fixture = TestBed.createComponent(Closing);
    const closed: Holiday[] = [];
    fixture.componentInstance.closed.subscribe((holiday) => closed.push(holiday));
    await fixture.whenStable();
    const loader = TestbedHarnessEnvironment.loader(fixture);
    const [from, to] = fixture.debugElement
      .queryAll(By.directive(DateField))
      .map(({ componentInstance }) => componentInstance as DateField);
    const close = async () => (await loader.getHarness(MatButtonHarness.with({ text: 'Close' }))).click();
    const host = fixture.nativeElement as HTMLElement;
    const problem = () => host.querySelector('[role=alert]')?.textContent.trim();
    return { closed, loader, from: from!, to: to!, close, problem };
  }

  it('is from one day to another, for a reason, and empty again after it', async () => {
    const { closed, loader, from, to, close, problem } = await opened();
    from.saved.emit('2026-12-21');
    to.saved.emit('2027-01-03');
    const why = await loader.getHarness(FieldHarness.with({ named: 'Why it is closed' }));
    await why.write('yard closed');
    await close();
    expect(closed).toEqual([{ from: '2026-12-21', to: '2027-01-03', name: 'yard closed' }]);
    expect([problem(), await why.text()]).toEqual([undefined, '']);
  });

  it('is one day where no other is said', async () => {
    const { closed, from, close } = await opened();
    from.saved.emit('2026-12-26');
    await close();
    expect(closed).toEqual([{ from: '2026-12-26', to: '2026-12-26' }]);
  });

  it('says what is missing, and that it cannot end before it begins', async () => {
    const { closed, from, to, close, problem } = await opened();
    await close();
    expect(problem()).toBe('Say from which day it is closed.');
    from.saved.emit('2026-12-26');
    to.saved.emit('2026-12-24');
    await close();
    expect(problem()).toBe('It ends before it begins: choose a later last day.');
    expect(closed).toEqual([]);
  });
});
