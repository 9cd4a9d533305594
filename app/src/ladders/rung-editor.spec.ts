import { TestbedHarnessEnvironment } from '@angular/cdk/testing/testbed';
import { TestBed } from '@angular/core/testing';
import { MatButtonHarness } from '@angular/material/button/testing';
import type { Rung } from '@dray/core';
import type { DrayDb } from '../data/dray-db';
import { openedDocuments, provideFreshBrowser } from '../testing';
import { ChoiceHarness, FieldHarness } from '../ui/forms/testing';
import { LaddersStore } from './ladders-store';
import { RungEditor } from './rung-editor';

describe('RungEditor', () => {
  let db: DrayDb;

  beforeEach(async () => {
    db = provideFreshBrowser();
    TestBed.configureTestingModule({ providers: [LaddersStore] });
    await openedDocuments();
  });

  afterEach(() => {
    db.close();
  });

  /** The editor at a rung of the coach’s own copy of a ladder. */
  async function editor(ladderId = 'press-up', at = 1) {
    const ladders = TestBed.inject(LaddersStore);
    ladders.show(ladderId);
    ladders.copy();
    ladders.showRung(ladders.climb()[at]!.rung.id);
    const fixture = TestBed.createComponent(RungEditor);
    await fixture.whenStable();
    const loader = TestbedHarnessEnvironment.loader(fixture);
    const rung = (): Rung => ladders.rung()!;
    const field = (named: string) => loader.getHarness(FieldHarness.with({ named }));
    const choose = async (named: string, words: string) =>
      (await loader.getHarness(ChoiceHarness.with({ named }))).choose(words);
    const press = async (text: string) => (await loader.getHarness(MatButtonHarness.with({ text }))).click();
    const remove = async (label: string) =>
      fixture.debugElement.nativeElement.querySelector(`[aria-label^="${label}"]`).click();
    return { ladders, rung, field, choose, press, remove, loader };
  }

  it('changes a rung of the coach’s own, and leaves ours alone', async () => {
    const { ladders, rung, field } = await editor();
    const ours = ladders.view.catalog().ladders.get('press-up')!.rungs[1]!;
    await (await field('rung')).write('to the high bench');
    expect(rung().name).toBe('to the high bench');
    expect(ladders.view.catalog().ladders.get('press-up')!.rungs[1]).toEqual(ours);
    ladders.documents.undo();
    expect(rung().name).toBe(ours.name);
  });

  it('counts its gate in repetitions or in seconds, and keeps the number', async () => {
    const { rung, choose } = await editor();
    const { reps, ...rest } = rung().gate;
    expect(reps).toBeGreaterThan(0);
    await choose('What the gate counts', 'seconds');
    expect(rung().gate).toEqual({ ...rest, seconds: reps! });
    await choose('What the gate counts', 'reps');
    expect(rung().gate).toEqual({ ...rest, reps: reps! });
  });

  it('keeps no gate that could not be made, and says what is wrong where it was written', async () => {
    const { rung, field } = await editor();
    const before = rung().gate;
    const sets = await field('Sets of the gate');
    await sets.write('0');
    expect(await sets.problem()).not.toBe('');
    await sets.write('');
    const amount = await field('Amount of the gate');
    await amount.write('1.5');
    expect(await amount.problem()).not.toBe('');
    expect(rung().gate).toEqual(before);
    await (await field('to see')).write(' steady knees ;; heels down ; ');
    expect(rung().gate).toEqual({ ...before, seen: ['steady knees', 'heels down'] });
    await (await field('to see')).write('');
    const { seen: _, ...without } = before;
    expect(rung().gate).toEqual(without);
  });

  it('sets a lever within what its exercise allows, and lets it stand at its hard end when it is emptied', async () => {
    const { rung, field } = await editor();
    const surface = await field('surface, 0 to 140');
    await surface.write('200');
    expect(await surface.problem()).not.toBe('');
    await surface.write('85');
    expect(rung().levers).toEqual({ surfaceHeight: 85 });
    await surface.write('');
    expect(rung().levers).toEqual({});
  });

  it('takes no lever setting and nothing spared along to another exercise', async () => {
    const { rung, choose } = await editor();
    await choose('does', 'Plank');
    expect([rung().exerciseId, rung().levers, rung().spares]).toEqual(['plank', {}, []]);
  });

  it('needs and waits for each thing once, and lets go of it again', async () => {
    const { rung, choose, remove } = await editor();
    const before = rung();
    await choose('also needs', 'a mat');
    await choose('also needs', 'a mat');
    expect(rung().needs.slice(before.needs.length)).toEqual([['mat']]);
    await remove('No longer needs a mat');
    expect(rung().needs).toEqual(before.needs);
    await choose('waits for', 'free');
    await choose('waits for', 'free');
    expect(rung().prerequisites.length).toBe(before.prerequisites.length + 1);
    await remove('No longer waits for');
    expect(rung().prerequisites.length).toBe(before.prerequisites.length);
  });

  it('moves up and down its ladder, and out of it', async () => {
    const { ladders, rung, press } = await editor();
    const place = () => ladders.climb().findIndex((own) => own.rung.id === rung().id);
    const { id } = rung();
    const length = ladders.climb().length;
    expect(place()).toBe(1);
    await press('Harder');
    expect(place()).toBe(2);
    await press('Easier');
    await press('Easier');
    await press('Easier');
    expect(place()).toBe(0);
    await press('Delete');
    expect(ladders.climb().length).toBe(length - 1);
    expect(ladders.climb().map((own) => own.rung.id)).not.toContain(id);
  });

  it('puts another rung on the ladder', async () => {
    const { ladders, choose } = await editor();
    const length = ladders.climb().length;
    await choose('add a rung', 'Plank');
    expect(ladders.climb().length).toBe(length + 1);
    expect(ladders.climb().some((own) => own.rung.exerciseId === 'plank')).toBeTrue();
  });
});
