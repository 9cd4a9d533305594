import { TestbedHarnessEnvironment } from '@angular/cdk/testing/testbed';
import { TestBed } from '@angular/core/testing';
import { MatButtonHarness } from '@angular/material/button/testing';
import { MatFormFieldHarness } from '@angular/material/form-field/testing';
import { MatInputHarness } from '@angular/material/input/testing';
import { MatSelectHarness } from '@angular/material/select/testing';
import type { DrayDb } from '../data/dray-db';
import { openedDocuments, provideFreshBrowser } from '../testing';
import { PeopleStore } from './people-store';
import { SetForm } from './set-form';

describe('SetForm', () => {
  let db: DrayDb;

  beforeEach(async () => {
    db = provideFreshBrowser();
    TestBed.overrideComponent(SetForm, { add: { providers: [PeopleStore] } });
    await openedDocuments();
  });

  afterEach(() => {
    db.close();
  });

  /** The form for Wendel, of whom nothing is known, at an exercise. */
  async function formFor(exerciseId: string, personId = 'wendel') {
    const fixture = TestBed.createComponent(SetForm);
    const people = fixture.debugElement.injector.get(PeopleStore);
    people.show(personId);
    people.showExercise(exerciseId);
    await fixture.whenStable();
    const loader = TestbedHarnessEnvironment.loader(fixture);
    const field = (floatingLabelText: string) =>
      loader.getHarness(MatFormFieldHarness.with({ floatingLabelText }));
    const write = async (label: string, text: string) => {
      const input = await (await field(label)).getControl(MatInputHarness);
      await input?.setValue(text);
      await input?.blur();
    };
    const shown = async (label: string) =>
      (await (await field(label)).getControl(MatInputHarness))?.getValue();
    const choose = async (label: string, text: string) =>
      (await (await field(label)).getControl(MatSelectHarness))?.clickOptions({ text });
    const wrong = async (label: string) => (await (await field(label)).getTextErrors()).join();
    const press = async () =>
      (await loader.getHarness(MatButtonHarness.with({ text: 'Write down' }))).click();
    const alert = () =>
      (fixture.nativeElement as HTMLElement).querySelector('[role=alert]')?.textContent.trim() ?? '';
    return { people, write, shown, choose, wrong, press, alert, sets: () => people.person()!.knownSets };
  }

  it('writes down what somebody remembers, and is empty for the next', async () => {
    const { write, shown, press, sets } = await formFor('goblet-squat');
    await write('load', '16');
    await write('reps', '8');
    await write('left', '2');
    await press();
    expect(sets()).toEqual([
      { exerciseId: 'goblet-squat', loadKg: 16, reps: 8, reserve: 2, date: '2026-11-25' },
    ]);
    expect(await Promise.all(['load', 'reps', 'left'].map(shown))).toEqual(['', '', '']);
  });

  it('takes a set of which nobody knows what was left', async () => {
    const { write, press, sets } = await formFor('goblet-squat');
    await write('load', '12,5');
    await write('reps', '10');
    await press();
    expect(sets()).toEqual([{ exerciseId: 'goblet-squat', loadKg: 12.5, reps: 10, date: '2026-11-25' }]);
  });

  it('reads the load in the person’s unit, and in another that is written beside it', async () => {
    const { people, write, press, sets } = await formFor('goblet-squat');
    people.amend({ unit: 'lb' }, 'unit');
    await write('load', '35');
    await write('reps', '8');
    await press();
    await write('load', '16 kg');
    await write('reps', '8');
    await press();
    // One pound is 0.45359237 kg: international avoirdupois pound of 1959.
    expect(sets()[0]?.loadKg).toBeCloseTo(35 * 0.45359237, 6);
    expect(sets()[1]?.loadKg).toBe(16);
  });

  it('asks how heavy it was, where the body alone says nothing', async () => {
    const { write, press, alert, sets } = await formFor('goblet-squat');
    await write('reps', '8');
    await press();
    expect(alert()).toContain('How heavy was it?');
    expect(sets()).toEqual([]);
    await write('load', '12');
    await press();
    expect(alert()).toBe('');
    expect(sets().length).toBe(1);
  });

  it('takes a version by body weight without a load, the first where none was chosen', async () => {
    const { people, write, choose, press, sets } = await formFor('press-up');
    const versions = people.view
      .catalog()
      .versions.flatMap(({ rung }) => (rung?.exerciseId === 'press-up' ? [rung] : []));
    await write('reps', '12');
    await press();
    expect(sets().at(-1)).toEqual({
      exerciseId: 'press-up',
      rungId: versions[0]!.id,
      reps: 12,
      date: '2026-11-25',
    });
    await choose('version', versions[1]!.name);
    await write('reps', '6');
    await press();
    expect(sets().at(-1)?.rungId).toBe(versions[1]!.id);
  });

  it('refuses beside its field what cannot be, and keeps what was typed', async () => {
    const { write, shown, wrong, press, sets } = await formFor('goblet-squat');
    await write('load', '900');
    await write('reps', '0');
    await press();
    expect(await wrong('load')).toContain('more than 0 and at most');
    expect(await wrong('reps')).toContain('1');
    expect(sets()).toEqual([]);
    expect(await shown('load')).toBe('900');
    await write('load', 'heavy');
    expect(await wrong('load')).not.toBe('');
  });

  it('takes of a pair each hand’s load, as everywhere, and of another hold all of it', async () => {
    const { write, choose, wrong, press, sets } = await formFor('pair-hinge');
    await write('load each', '12.5');
    await write('reps', '10');
    await press();
    expect(sets().at(-1)).toEqual({
      exerciseId: 'pair-hinge',
      loadKg: 25,
      hold: 'pair',
      reps: 10,
      date: '2026-11-25',
    });
    // Two of 300 kg are more than anybody lifts; one bar of 300 kg is not.
    await write('load each', '300');
    expect(await wrong('load each')).toContain('both hands together');
    await choose('held', 'bar');
    await write('load', '300');
    expect(await wrong('load')).toBe('');
    await write('reps', '1');
    await press();
    expect(sets().at(-1)).toEqual(jasmine.objectContaining({ loadKg: 300, hold: 'bar' }));
  });

  it('takes no load for twice of what was meant, where the hold is changed under it', async () => {
    const { people, write, choose, wrong, shown, press, sets } = await formFor('goblet-squat');
    await write('load', '20');
    await write('reps', '8');
    people.showExercise('pair-hinge');
    await press();
    expect(await wrong('load each')).toContain('each hand’s now: write it anew');
    expect(await shown('load each')).toBe('20');
    expect(sets()).toEqual([]);
    await write('load each', '10');
    expect(await wrong('load each')).toBe('');
    await choose('held', 'bar');
    await press();
    expect(await wrong('load')).toContain('all of it now: write it anew');
    expect(sets()).toEqual([]);
  });

  it('asks for each hand’s load where there is no other way to hold it, and for no hold where none is a pair', async () => {
    const pairs = await formFor('plank-row');
    await pairs.write('load each', '8');
    await pairs.write('reps', '8');
    await pairs.press();
    expect(pairs.sets().at(-1)).toEqual(jasmine.objectContaining({ loadKg: 16, hold: 'pair' }));
    await expectAsync(pairs.choose('held', 'bar')).toBeRejected();
    const { choose } = await formFor('goblet-squat');
    await expectAsync(choose('held', 'bag')).toBeRejected();
  });

  it('keeps what was typed when another exercise is looked at', async () => {
    const { people, write, shown, press, sets } = await formFor('goblet-squat');
    await write('load', '20');
    await write('reps', '5');
    people.showExercise('bar-squat');
    expect(await shown('load')).toBe('20');
    await press();
    expect(sets().map(({ exerciseId }) => exerciseId)).toEqual(['bar-squat']);
  });
});
