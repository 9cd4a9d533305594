import * as fc from 'fast-check';
import { boatyard } from '@dray/demo';
import { unsafeIn } from '../../testing/safety';
import { sourceNames } from '../compose';
import { VARIATIONS, vary, variedId, withLever, versionOfExercise, type Variation } from '../ladder';
import { catalog, LIBRARY_EXERCISES } from '../library';
import { checkExercise } from '../library/check-exercise';
import { LIBRARY_WORDS } from '../library/words';
import { exerciseSchema, type Exercise, type LeverKind, type Session } from '../model';
import { newSlot } from '../plan';
import { resolveBoard } from '../program';
import { strengthBook } from '../strength';
import { aParticipant } from '../../testing/people';
import { readMovement } from './index';

/** Every exercise with every variation that goes with it. */
const MIXTURES: readonly {
  readonly base: Exercise;
  readonly variation: Variation;
  readonly made: Exercise;
}[] = LIBRARY_EXERCISES.flatMap((base) =>
  VARIATIONS.flatMap((variation) => {
    const made = vary(base, variation) && catalog.exerciseById(variedId(base.id, [variation]));
    return made ? [{ base, variation, made }] : [];
  }),
);
const idOf = (text: string) => readMovement(text, catalog)[0]?.parts[0]?.exercise.id;

describe('variations', () => {
  it('work without being listed anywhere, and say what each word changes', () => {
    const pressed = catalog.exerciseById(idOf('seated single-arm overhead press with a band')!)!;
    expect(pressed.id).toBe('seated-press~one-arm~band');
    expect(pressed.position).toBe('seated');
    expect(pressed.laterality).toBe('eachSide');
    expect(pressed.loading?.holds).toEqual(['band']);
    expect(pressed.demands).toContain('overhead');
    expect(idOf('narrow goblet squat')).toBe('goblet-squat~narrow');
    expect(idOf('goblet squat, feet together, paused')).toBe('goblet-squat~narrow~pause');
    expect(idOf('half-kneeling biceps curls')).toBe('curl~half-kneeling');
    expect(idOf('single-arm hammer curl')).toBe('hammer-curl~one-arm');
    expect(idOf('half squat')).toBe('free-squat~half');
    expect(idOf('close-grip push-up, hands on the counter')).toBe('press-up~close-hands~counter');
    // What ships under a name of its own is that.
    expect(idOf('heels-raised goblet squat')).toBe('heels-raised-goblet-squat');
    expect(idOf('wide push-up from the knees')).toBe('wide-knee-press-up');
    expect(idOf('alternating chest press')).toBe('alternating-floor-press');
  });

  it('read back from their names, as text and by themselves, for every exercise and word that go together', () => {
    expect(MIXTURES.length).toBeGreaterThan(600);
    const names = sourceNames(catalog);
    for (const { made } of MIXTURES) {
      const source = { kind: 'exercise' as const, exerciseId: made.id };
      const written = names.nameOf(source);
      expect(names.find(written) ?? names.findSpoken(written))
        .withContext(written)
        .toEqual(source);
      // By its bare name it is found too: as itself, or as what ships or is varied under the same words.
      expect(readMovement(made.name, catalog)[0]?.confidence).withContext(made.name).toBe('sure');
    }
  });

  it('are sound exercises, and ask nothing less than the plain one but what the word surely takes away', () => {
    for (const { base, variation, made } of MIXTURES) {
      const { saysNothing: _, ...facts } = made as Exercise & { saysNothing?: true };
      expect(exerciseSchema.safeParse(facts).error?.message).withContext(made.name).toBeUndefined();
      const own = { ...facts, words: LIBRARY_WORDS[base.id]! };
      expect(checkExercise(own, catalog).filter(({ stops, field }) => stops && field !== 'name'))
        .withContext(made.name)
        .toEqual([]);
      const { lever, spares = [] } = variation.change;
      const at = lever
        ? withLever(versionOfExercise(base), lever[0] as LeverKind, lever[1], '')
        : versionOfExercise(base);
      for (const demand of at.demands) {
        if (!spares.includes(demand)) expect(made.demands).withContext(made.name).toContain(demand);
      }
      expect(made.bodyLoad).withContext(made.name).toBeUndefined();
    }
  });

  it('of a few hundred mixtures each comes out for six people, within what they may do', () => {
    fc.assert(
      fc.property(fc.constantFrom(...MIXTURES), ({ made }) => {
        const session: Session = {
          id: 'mixed',
          name: 'Mixed',
          budgetMinutes: 30,
          blocks: [
            {
              id: 'b',
              kind: 'straight',
              restSeconds: 60,
              slots: [newSlot('slot', { kind: 'exercise', exerciseId: made.id }, catalog)],
            },
          ],
        };
        const board = resolveBoard(
          { ...boatyard, sessions: [...boatyard.sessions, session], overrides: [] },
          { sessionId: 'mixed', week: 1 },
        );
        expect(board.rows.length).toBe(6);
        for (const { participant, cells } of board.rows) {
          const [cell] = cells;
          expect(cell && unsafeIn(cell, participant))
            .withContext(`${made.name}, ${participant.name}`)
            .toEqual([]);
          if (cell?.status === 'leftOut') expect(cell.because.kind).not.toBe('notInLibrary');
        }
      }),
      { numRuns: 300 },
    );
  });

  it('whose repetitions are others say nothing of strength elsewhere', () => {
    const done = (exerciseId: string) =>
      strengthBook(
        aParticipant(),
        [{ exerciseId, loadKg: 30, reps: 20, reserve: 0, date: '2026-10-01' }],
        catalog,
      ).estimate(catalog.exercises.get('goblet-squat')!)?.basis;
    expect(done('goblet-squat')).toBe('tested');
    expect(done('goblet-squat~narrow')).toBe('carried');
    expect(done('goblet-squat~pulses')).toBe('guess');
    expect(done('goblet-squat~half')).toBe('guess');
  });
});
