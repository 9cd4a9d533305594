import { TestBed } from '@angular/core/testing';
import { readSurely } from '@dray/core/late';
import { parseDocument, serializeDocument } from '@dray/core';
import type { DrayDb } from '../data/dray-db';
import { openedDocuments, provideFreshBrowser } from '../testing';
import { LaddersStore } from './ladders-store';

describe('LaddersStore', () => {
  let db: DrayDb;

  beforeEach(async () => {
    db = provideFreshBrowser();
    await openedDocuments();
  });

  afterEach(() => {
    db.close();
  });

  const store = () => TestBed.runInInjectionContext(() => new LaddersStore());

  it('shows who stands where', () => {
    const ladders = store();
    ladders.show('press-up');
    const standing = Object.fromEntries(ladders.climb().map(({ rung, standing: names }) => [rung.id, names]));
    expect(standing['press-floor']).toEqual(['Tamsin', 'Juno']);
    expect(standing['press-counter']).toEqual(['Odile']);
  });

  it('finds by muscle, prop and position, without floor, jumping or noise', () => {
    const ladders = store();
    const found = () => ladders.list().map(({ ladder }) => ladder.id);
    ladders.find('inner thigh');
    expect(found()).toContain('hip-closing');
    expect(found()).not.toContain('press-up');
    ladders.find('overhead bar');
    expect(found()).toContain('pull-up');
    ladders.find('');
    ladders.showOnly(['noFloor']);
    expect(found()).not.toContain('trunk-curl');
    ladders.showOnly(['noJumping', 'quiet']);
    expect(ladders.list().find(({ ladder }) => ladder.id === 'hops')).toBeUndefined();
  });

  it('finds what is said as coaches say it: another name, short forms, a letter wrong', () => {
    const ladders = store();
    for (const [text, id] of [
      ['DB shoulder press', 'overhead-press'],
      ['press ups', 'press-up'],
      ['hip thursts', 'hip-thrust'],
    ] as const) {
      ladders.find(text);
      expect(ladders.list().map(({ ladder }) => ladder.id))
        .withContext(text)
        .toContain(id);
    }
    ladders.find('wobbly squats');
    expect(ladders.list()).toEqual([]);
  });

  it('finds a ladder and a rung of the coach’s own by what else they are called', () => {
    const ladders = store();
    ladders.show('curtsy');
    ladders.copy();
    ladders.changeLadder('call it', { alsoCalled: ['capstan steps'] });
    ladders.changeRung(ladders.climb()[0]!.rung.id, { alsoCalled: ['dock tap'] });
    for (const text of ['capstan steps', 'dock tap']) {
      ladders.find(text);
      expect(ladders.list().map(({ own }) => own))
        .withContext(text)
        .toEqual([true]);
    }
    expect(readSurely('dock taps', ladders.view.catalog())?.parts[0]?.exercise.id).toBe('curtsy-tap');
  });

  it('looks for substitutes somebody may do with what they own', () => {
    const ladders = store();
    ladders.show('overhead-press');
    ladders.showRung('overhead-standing');
    const everybody = ladders.substitutes().map(({ version }) => version.exercise.id);
    ladders.lookFor('wendel');
    const wendel = ladders.substitutes();
    expect(everybody).toContain('seated-press');
    for (const { version } of wendel) {
      expect(version.demands).not.toContain('overhead');
      expect(version.exercise.loading?.required ?? false).toBeFalse();
    }
    ladders.lookWith('kit-loft');
    const withRack = ladders.substitutes();
    expect(withRack.some(({ version }) => version.exercise.loading?.required)).toBeTrue();
    for (const { version } of withRack) expect(version.demands).not.toContain('overhead');
    ladders.lookFor('');
    ladders.lookWith('');
    ladders.lookWithCautions(['shoulder']);
    for (const { version } of ladders.substitutes()) expect(version.demands).not.toContain('overhead');
    ladders.lookWithCautions([]);
    expect(ladders.substitutes().map(({ version }) => version.exercise.id)).toEqual(everybody);
  });

  it('copies a ladder to be changed; ours stays, theirs travels in the document', () => {
    const ladders = store();
    ladders.show('curtsy');
    ladders.copy();
    expect(ladders.own()).toBeTrue();
    const id = ladders.ladder()!.id;
    ladders.changeRung(ladders.climb()[0]!.rung.id, { name: 'tapping, hand on the wall' });
    ladders.moveRung(ladders.climb()[0]!.rung.id, 1);
    ladders.addRung('side-lunge');
    ladders.writeExercise();
    ladders.keepExercise({ ...ladders.draft()!, name: 'Side lunge to the bench' });
    expect(ladders.climb().map(({ rung }) => rung.name)[1]).toBe('tapping, hand on the wall');
    expect(ladders.detail()?.exercise.name).toBe('Side lunge to the bench');
    const read = parseDocument(serializeDocument(ladders.documents.document()!));
    expect(read.ok && read.document.ladders.map((own) => own.id)).toEqual([id]);
    expect(read.ok && read.document.exercises.length).toBe(1);
    expect(ladders.view.catalog().ladders.get('curtsy')?.rungs[0]?.name).toBe('tapping behind');
  });

  it('says at once what does not fit, and keeps what stood', () => {
    const ladders = store();
    ladders.show('curtsy');
    ladders.copy();
    const before = ladders.documents.document()?.ladders;
    const [first] = ladders.climb();
    ladders.changeRung(first!.rung.id, { name: '' });
    expect(ladders.problem()).toContain('our way');
    ladders.changeRung(first!.rung.id, { levers: { jumpHeight: 20 } });
    expect(ladders.problem()).toContain('does not have');
    expect(ladders.documents.document()?.ladders).toBe(before);
  });

  it('writes an exercise from nothing, keeps what is half written, and takes out only what nothing uses', () => {
    const ladders = store();
    ladders.newExercise();
    const draft = ladders.draft()!;
    ladders.keepExercise({ ...draft, name: 'Hauling the halyard' });
    expect(ladders.problem()).toContain('Hauling the halyard');
    expect(ladders.draft()).toEqual(draft);
    ladders.show('row');
    expect(ladders.writing()).toBeFalse();
    ladders.newExercise();
    expect(ladders.draft()?.id).toBe(draft.id);
    const words = {
      cues: ['hand over hand', 'elbows down'],
      watch: { 'shoulders rise': 'long neck', 'back bends': 'step closer' },
      breathing: 'Out on the pull.',
    };
    ladders.keepExercise({ ...draft, name: 'Hauling the halyard', pattern: 'row', words });
    expect(ladders.draft()).toBeUndefined();
    expect(ladders.view.catalog().exercises.get(draft.id)?.pattern).toBe('row');
    ladders.copy();
    ladders.addRung(draft.id);
    ladders.removeExercise(draft.id);
    expect(ladders.problem()).toContain('hauling the halyard');
    expect(ladders.ownExercises().length).toBe(1);
    ladders.removeLadder();
    ladders.removeExercise(draft.id);
    expect(ladders.ownExercises()).toEqual([]);
  });
});
