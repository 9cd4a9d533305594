import { aParticipant, everyProp, pairs, reps } from '../../testing/people';
import { numbersIn, ready } from '../../testing/reading';
import { oneSlot, train } from '../../testing/weeks';
import { sameVersion, versionKey, versionKeyOfSet, withLever } from '../ladder';
import { catalog } from '../library';
import type { DrayDocument, Override } from '../model';
import { USUAL_SCHEMES } from '../progress/scheme-words';
import { resolveBoard } from './index';

const plan = { ...reps(3, 8), work: { kind: 'range', low: 8, high: 12 } } as const;
const strong = aParticipant({
  knownSets: [{ exerciseId: 'one-arm-row', loadKg: 20, reps: 12, reserve: 2, date: '2026-01-01' }],
});
const start = oneSlot('row', plan, USUAL_SCHEMES.repsThenLoad, strong, [
  ...pairs(4, 6, 8, 10, 12, 14, 16, 18, 20, 22),
  ...everyProp(),
]);
const overhead: Override = {
  id: 'o',
  participantId: 'someone',
  slotId: 'slot-row',
  fromWeek: 3,
  rungId: 'overhead-one-arm',
  reason: 'the row hurts',
};
const cellIn = (document: DrayDocument, week: number) =>
  resolveBoard(document, { sessionId: 's', week }).rows[0]!.cells[0];

describe('a version’s identity', () => {
  it('is no display name: a one-arm row set by hand to a one-arm overhead press begins afresh', () => {
    const fresh = cellIn({ ...start, overrides: [{ ...overhead, fromWeek: 1 }] }, 1);
    const trained = train(start, 2, (cell) => ({ amount: cell.work.amount, reserve: 2 })).document;
    const changed = cellIn({ ...trained, overrides: [overhead] }, 3);
    expect(ready(changed).version.name).toBe(ready(cellIn(trained, 2)).version.name);
    expect(numbersIn(changed)).toEqual(numbersIn(fresh));
    expect(numbersIn(changed).kg).toBeLessThan(numbersIn(cellIn(trained, 2)).kg!);
    expect(ready(changed).change).toBeUndefined();
  });

  it('is exercise, rung and the levers that were moved', () => {
    const counter = catalog.versionByRung.get('press-counter')!;
    const lower = withLever(counter, 'surfaceHeight', 60, 'surface 60 cm');
    expect(versionKey(counter)).toBe('press-up press-counter');
    expect(versionKey(lower)).toBe('press-up press-counter surfaceHeight=60');
    expect(sameVersion(counter, lower)).toBeFalse();
    expect(sameVersion(lower, withLever(counter, 'surfaceHeight', 60, 'by another name'))).toBeTrue();
    const keys = new Set(catalog.versions.map(versionKey));
    expect(keys.size).toBe(catalog.versions.length);
    expect(new Set(catalog.versions.map(({ name }) => name)).size).toBeLessThan(catalog.versions.length);
  });

  it('reads the same from a set of the log as from the version it was done in', () => {
    const counter = catalog.versionByRung.get('press-counter')!;
    const set = { exerciseId: 'press-up', rungId: 'press-counter' };
    expect(versionKeyOfSet(set, catalog.rungById)).toBe(versionKey(counter));
    expect(versionKeyOfSet({ ...set, levers: { surfaceHeight: 60 } }, catalog.rungById)).toBe(
      versionKey(withLever(counter, 'surfaceHeight', 60, '')),
    );
  });
});
