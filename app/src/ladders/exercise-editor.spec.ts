import { TestbedHarnessEnvironment } from '@angular/cdk/testing/testbed';
import { TestBed } from '@angular/core/testing';
import { MatButtonHarness } from '@angular/material/button/testing';
import { MatCheckboxHarness } from '@angular/material/checkbox/testing';
import { MatChipOptionHarness } from '@angular/material/chips/testing';
import { MatSlideToggleHarness } from '@angular/material/slide-toggle/testing';
import { MatSliderHarness } from '@angular/material/slider/testing';
import type { OwnExercise } from '@dray/core';
import type { DrayDb } from '../data/dray-db';
import { giveCautions, openedDocuments, provideFreshBrowser } from '../testing';
import { ChoiceHarness, FieldHarness } from '../ui/forms/testing';
import { ExerciseDraft } from './exercise-draft';
import { ExerciseEditor } from './exercise-editor';

describe('ExerciseEditor', () => {
  let db: DrayDb;

  beforeEach(async () => {
    db = provideFreshBrowser();
    await openedDocuments();
  });

  afterEach(() => {
    db.close();
  });

  /** The editor with an exercise that is sound, or an empty one. */
  async function editor(of: 'empty' | 'sound' = 'sound') {
    const draft = TestBed.inject(ExerciseDraft);
    draft.start();
    if (of === 'sound') {
      draft.change({
        name: 'Plank walk to the bench',
        words: {
          cues: ['Hands under the shoulders', 'Small steps'],
          watch: { 'hips sag': 'ribs down', 'neck drops': 'look at the bench' },
          breathing: 'Easily, all the way.',
        },
      });
    }
    const fixture = TestBed.createComponent(ExerciseEditor);
    const kept: OwnExercise[] = [];
    fixture.componentInstance.kept.subscribe((exercise) => kept.push(exercise));
    await fixture.whenStable();
    const host = fixture.nativeElement as HTMLElement;
    const loader = TestbedHarnessEnvironment.loader(fixture);
    const write = async (named: string, text: string) =>
      (await loader.getHarness(FieldHarness.with({ named }))).write(text);
    const choose = async (named: string, words: string) =>
      (await loader.getHarness(ChoiceHarness.with({ named }))).choose(words);
    const shown = async (named: string) => (await loader.getHarness(ChoiceHarness.with({ named }))).shown();
    const keep = () => loader.getHarness(MatButtonHarness.with({ text: 'Keep it' }));
    const said = () => host.textContent.replace(/\s+/g, ' ');
    const saidOf = (name: string) =>
      [...host.querySelectorAll('.said')].find((own) => own.querySelector('b')?.textContent === name)
        ?.textContent ?? '';
    const own = () => draft.exercise()!;
    return { fixture, loader, write, choose, shown, keep, said, saidOf, own, kept, draft };
  }

  it('lets nothing be kept that has no name or no cue, and says beside the field what is missing', async () => {
    const { keep, write, said, kept } = await editor('empty');
    expect(await (await keep()).isDisabled()).toBeTrue();
    expect(said()).toContain('Shown as soon as everything fits.');
    await write('Name of the exercise', 'Plank walk to the bench');
    await write('Cue 1', 'Hands under the shoulders');
    await write('Cue 2', 'Small steps');
    await write('To see 1', 'hips sag');
    await write('To mend 1', 'ribs down');
    await write('To see 2', 'neck drops');
    await write('To mend 2', 'look at the bench');
    await write('breath', 'Easily, all the way.');
    expect(await (await keep()).isDisabled()).toBeFalse();
    await (await keep()).click();
    expect(kept.map(({ name, words }) => [name, words.cues.length])).toEqual([
      ['Plank walk to the bench', 2],
    ]);
    expect(kept[0]?.words.watch).toEqual({ 'hips sag': 'ribs down', 'neck drops': 'look at the bench' });
  });

  it('says what is not sound of it beside the reasons, as soon as it is there', async () => {
    const { write, choose, said, keep } = await editor();
    await write('Name of the exercise', 'Push-up');
    expect(said()).toContain('Another exercise has this name');
    expect(await (await keep()).isDisabled()).toBeTrue();
    await write('Name of the exercise', 'Lifting the oar overhead');
    expect(said()).not.toContain('Another exercise has this name');
    // Whoever writes that it goes overhead, and not that it asks this of a shoulder, would hurt somebody.
    await choose('pattern', 'pressing overhead');
    expect(said()).toContain('a sore shoulder would be given it');
    await choose('arms overhead', 'yes');
    expect(said()).not.toContain('a sore shoulder would be given it');
    expect(await (await keep()).isDisabled()).toBeFalse();
  });

  it('says of everybody whether they could do it, as their cautions and kits stand', async () => {
    const { choose, saidOf, own } = await editor();
    expect(saidOf('Wendel')).toContain('as it is');
    await choose('Need 1, 1', 'an overhead bar');
    expect(own().needs.length).toBe(1);
    expect(saidOf('Wendel')).toContain('has not got an overhead bar');
    await choose('Need 1, 1', 'needs nothing more');
    expect(own().needs).toEqual([]);
  });

  it('keeps who must not do it off it, in the words of the caution', async () => {
    giveCautions(await openedDocuments(), 'wendel', 'fallRisk');
    giveCautions(await openedDocuments(), 'bram');
    const { choose, saidOf } = await editor();
    expect(saidOf('Wendel')).toContain('as it is');
    await choose('landing', 'a soft landing');
    await choose('jumping and landing', 'yes');
    expect(saidOf('Wendel')).not.toContain('as it is');
    expect(saidOf('Bram')).toContain('as it is');
  });

  it('asks of the body what is said, always or only when loaded', async () => {
    const { loader, choose, shown, own } = await editor();
    await (await loader.getHarness(MatSlideToggleHarness)).check();
    await choose('deep knee bend', 'when loaded');
    expect([own().demands, own().demandsLoaded]).toEqual([[], ['deepKnee']]);
    await choose('deep knee bend', 'yes');
    expect([own().demands, own().demandsLoaded]).toEqual([['deepKnee'], []]);
    expect(await shown('deep knee bend')).toBe('yes');
    await choose('deep knee bend', 'when loaded');
    // Without a load nothing is asked because of one.
    await (await loader.getHarness(MatSlideToggleHarness)).uncheck();
    expect([own().loading, own().demandsLoaded]).toEqual([undefined, []]);
  });

  it('keeps the holds in the order they were chosen, and a band with its path', async () => {
    const { loader, write, own } = await editor();
    await (await loader.getHarness(MatSlideToggleHarness)).check();
    expect(own().loading).toEqual({ holds: ['bothHands'], lift: 'squat', ratio: 0.5, required: false });
    await (await loader.getHarness(MatChipOptionHarness.with({ text: 'band' }))).select();
    await (await loader.getHarness(MatChipOptionHarness.with({ text: 'one in each hand' }))).select();
    expect(own().loading?.holds).toEqual(['bothHands', 'band', 'pair']);
    expect(own().loading?.band?.fixedBy).toBe('both feet');
    await write('long at the end', '95');
    expect(own().loading?.band?.endOfStature).toBeCloseTo(0.95, 10);
    await (await loader.getHarness(MatChipOptionHarness.with({ text: 'band' }))).deselect();
    expect([own().loading?.holds, own().loading?.band]).toEqual([['bothHands', 'pair'], undefined]);
  });

  it('sorts muscles by their share, and drops one that is pushed to nothing', async () => {
    const { loader, own } = await editor();
    const slider = async (name: string) =>
      (await (
        await loader.getAllHarnesses(MatSliderHarness)
      ).reduce<Promise<MatSliderHarness | undefined>>(async (before, one) => {
        const found = await before;
        if (found) return found;
        const thumb = await one.getEndThumb();
        return (await (await thumb.host()).getAttribute('aria-label')) === name ? one : undefined;
      }, Promise.resolve(undefined)))!.getEndThumb();
    await (await slider('glutes')).setValue(0.6);
    await (await slider('quads')).setValue(0.4);
    expect(own().muscles).toEqual([
      { muscle: 'glutes', share: 0.6 },
      { muscle: 'thighFront', share: 0.4 },
    ]);
    await (await slider('glutes')).setValue(0);
    expect(own().muscles.map(({ muscle }) => muscle)).toEqual(['thighFront']);
  });

  it('gives a lever its ends, and takes it away again', async () => {
    const { loader, write, own } = await editor();
    const surface = await loader.getHarness(MatCheckboxHarness.with({ label: 'surface' }));
    await surface.check();
    expect(own().levers).toEqual([{ lever: 'surfaceHeight', from: 0, to: 100 }]);
    await write('surface, most', '75');
    expect(own().levers).toEqual([{ lever: 'surfaceHeight', from: 0, to: 75 }]);
    await surface.uncheck();
    expect(own().levers).toEqual([]);
  });

  it('has room for four watch points, and loses none while another is being typed', async () => {
    const { loader, write, own } = await editor();
    const more = () => loader.getAllHarnesses(MatButtonHarness.with({ text: 'One more' }));
    await (await more())[0]!.click();
    await (await more())[0]!.click();
    expect((await more()).length).toBe(0);
    await write('To see 4', 'hands too far');
    await write('To mend 4', 'closer in');
    await write('To see 3', 'holds the breath');
    await write('To mend 3', 'count aloud');
    expect(Object.keys(own().words.watch)).toEqual([
      'hips sag',
      'neck drops',
      'holds the breath',
      'hands too far',
    ]);
    await write('To see 1', '');
    expect(Object.keys(own().words.watch)).toEqual(['neck drops', 'holds the breath', 'hands too far']);
  });

  it('drops what is written here, and nothing of what stands', async () => {
    const { loader, draft } = await editor();
    await (await loader.getHarness(MatButtonHarness.with({ text: /Drop/ }))).click();
    expect(draft.exercise()).toBeUndefined();
    expect((await openedDocuments()).document()!.exercises).toEqual([]);
  });
});
