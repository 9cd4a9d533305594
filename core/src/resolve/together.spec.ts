import * as fc from 'fast-check';
import { aContext, aParticipant, everyProp, pairs, reps } from '../../testing/people';
import { ready, traceText } from '../../testing/reading';
import { anyCombination } from '../../testing/sessions';
import { unsafeIn, versionOfPart } from '../../testing/safety';
import { anyThings } from '../../testing/weeks';
import { applyCautions, cautionSubjects } from '../caution';
import { tierSteps, upsAndDowns, versionKey } from '../ladder';
import { catalog, LIBRARY_COMBINATIONS } from '../library';
import {
  conditionSchema,
  doneApart,
  partsOf,
  TIERS,
  type CombinationSource,
  type Condition,
  type Implement,
  type Participant,
  type Prescription,
  type Slot,
} from '../model';
import { loadsFor } from './hold';
import { resolve } from './index';
import { NEAR_ENOUGH } from './loads';

const exercise = (exerciseId: string) => ({ source: { kind: 'exercise' as const, exerciseId } });
const ladder = (ladderId: string) => ({ source: { kind: 'ladder' as const, ladderId } });

function together(parts: CombinationSource['parts'], plan: Prescription = reps(3, 10)): Slot {
  return {
    id: 'slot',
    source: { kind: 'combination', parts },
    prescriptions: { beginner: plan, intermediate: plan, advanced: plan },
  };
}

function caution(condition: Condition): Participant['cautions'][number] {
  return { condition, severity: 'moderate' } as Participant['cautions'][number];
}

/** Half-kilogram steps from half a kilogram a hand. */
const finePairs = pairs(...Array.from({ length: 60 }, (_, at) => 0.5 + at / 2));

const anyone: fc.Arbitrary<Participant> = fc
  .record({
    tier: fc.constantFrom(...TIERS),
    bodyMassKg: fc.integer({ min: 45, max: 110 }),
    sex: fc.constantFrom('female' as const, 'male' as const, undefined),
    conditions: fc.subarray([...conditionSchema.options], { maxLength: 3 }),
  })
  .map(({ tier, bodyMassKg, sex, conditions }) =>
    aParticipant({ tier, bodyMassKg, ...(sex && { sex }), cautions: conditions.map(caution) }),
  );

const longBand: Implement = {
  kind: 'band',
  id: 'band',
  name: 'long band',
  slackCm: 80,
  readings: [
    { lengthCm: 100, forceKg: 1.5 },
    { lengthCm: 150, forceKg: 4 },
    { lengthCm: 200, forceKg: 8 },
    { lengthCm: 240, forceKg: 11 },
  ],
};

describe('a combination', () => {
  it('is lifted as the weakest of its parts allows: exhaustive search over every load of the kit', () => {
    // Epley 1985: a maximum is w × (1 + r / 30); what n repetitions with so many left take of it is its inverse.
    const legs = ['pair-hinge', 'split-squat', 'shoulder-pair-squat', 'side-lunge', 'step-up', 'heel-raise'];
    const arms = ['curl', 'standing-press', 'side-raise', 'front-raise', 'pair-row', 'hammer-curl'];
    fc.assert(
      fc.property(
        fc.constantFrom(...legs),
        fc.constantFrom(...arms),
        fc.integer({ min: 1, max: 2 }),
        fc.integer({ min: 4, max: 12 }),
        fc.integer({ min: 50, max: 100 }),
        fc.constantFrom(...TIERS),
        (leg, arm, times, count, bodyMassKg, tier) => {
          const person = aParticipant({ tier, bodyMassKg, formula: 'epley' });
          const context = aContext(person, [...finePairs, ...everyProp()]);
          const parts = [{ ...exercise(leg), ...(times > 1 && { times }) }, exercise(arm)];
          const cell = ready(resolve(together(parts, reps(3, count)), context));
          const made = partsOf(cell.version.exercise) ?? [];
          if (!cell.load || made.length < 2) return;
          const { kg: chosen, hold } = cell.load;
          // What each part alone takes of its own estimate, worked out here again.
          const allowed = made
            .filter((part) => part.carries)
            .map((part) => {
              const max = context.strength.estimate(part.exercise)!.maxKg;
              const bodyKg = (part.exercise.loading?.bodyShare ?? 0) * bodyMassKg;
              const most = count * part.times + 2 * part.times;
              return max / (1 + most / 30) - bodyKg;
            });
          // Legs that are used to no load take a tenth of the body along.
          const along =
            !doneApart(cell.version.exercise) &&
            made.some((part) => !part.carries && ['squat', 'lunge', 'hinge'].includes(part.exercise.pattern));
          const most = Math.min(...allowed, along ? bodyMassKg / 10 : Infinity);
          const loads = loadsFor(cell.version, hold, context.owned).map(({ kg }) => kg);
          const best = Math.max(0, ...loads.filter((kg) => kg <= most));
          expect(chosen).toBeLessThanOrEqual(most * NEAR_ENOUGH + 1e-9);
          expect(chosen).toBeGreaterThanOrEqual(best * 0.99 - 1e-9);
        },
      ),
      { numRuns: 200 },
    );
  });

  it('says which part decides, and what the others could take', () => {
    const context = aContext(aParticipant({ tier: 'intermediate' }), [...finePairs, ...everyProp()]);
    const cell = resolve(together([exercise('pair-hinge'), exercise('side-raise')]), context);
    expect(traceText(cell)).toMatch(/The lateral raise decides: \d/u);
    expect(traceText(cell)).toMatch(/the Romanian deadlift alone could take \d/u);
  });

  it('gives each part the rung of whoever does it', () => {
    const context = aContext(aParticipant({ tier: 'intermediate', rungs: { squat: 'squat-seat' } }), [
      ...finePairs,
      ...everyProp(),
    ]);
    const cell = ready(resolve(together([ladder('squat'), ladder('overhead-press')]), context));
    expect(partsOf(cell.version.exercise)?.map(({ rung }) => rung?.id)).toEqual([
      'squat-seat',
      'overhead-standing',
    ]);
    for (const { exercise: part } of partsOf(cell.version.exercise) ?? []) {
      expect(part.loading?.holds).toContain(cell.load!.hold);
    }
  });

  it('keeps every part as conditions allow it, whoever does it with whatever they own', () => {
    fc.assert(
      fc.property(anyCombination(catalog), anyone, anyThings, (source, person, things) => {
        const slot: Slot = { ...together(source.parts), source };
        const cell = resolve(slot, aContext(person, [...things, ...everyProp()]));
        if (cell.status !== 'ready') return;
        const parts = partsOf(cell.version.exercise);
        if (!parts) {
          expect(unsafeIn(cell, person)).toEqual([]);
          return;
        }
        const subjects = cautionSubjects(person);
        const apart = doneApart(cell.version.exercise);
        for (const part of parts) {
          const version = versionOfPart(part);
          const verdict = applyCautions(version, subjects, catalog);
          const words = `${cell.version.name}: ${version.name}`;
          if (verdict.kind === 'blocked') throw new Error(`${words}: ${verdict.rule.words}`);
          expect(versionKey(verdict.version)).withContext(words).toBe(versionKey(version));
          const held =
            cell.load && (part.carries || !apart) && part.exercise.loading?.holds.includes(cell.load.hold);
          if (held) expect(verdict.holds).withContext(words).toContain(cell.load!.hold);
          // A load that is forbidden in a movement is not in the hands while it is done.
          if (cell.load && !apart) expect(verdict.bodyWeightOnly).withContext(words).toBe(false);
          const { reserveAtLeast } = verdict.limits;
          if (cell.work.kind === 'reps')
            expect(cell.work.reserve ?? 0).toBeGreaterThanOrEqual(reserveAtLeast);
          if (part.rung)
            expect(tierSteps(part.rung.tier, person.tier)).withContext(words).toBeLessThanOrEqual(1);
        }
        if (!apart && upsAndDowns(parts.map((part) => part.exercise))) {
          const upAndDown = { ...cell.version, demands: ['upAndDown' as const], demandsLoaded: [] };
          expect(applyCautions(upAndDown, subjects, catalog).kind).toBe('allowed');
        }
      }),
      { numRuns: 300 },
    );
  });

  it('leaves out a part that is not allowed, and the rest stands', () => {
    const context = aContext(aParticipant({ tier: 'intermediate', cautions: [caution('shoulder')] }), [
      ...finePairs,
      ...everyProp(),
    ]);
    const cell = ready(resolve(together([ladder('squat'), exercise('standing-press')]), context));
    const parts = partsOf(cell.version.exercise) ?? [{ exercise: cell.version.exercise }];
    expect(parts.some((part) => part.exercise.id === 'standing-press')).toBe(false);
    expect(parts.some((part) => part.exercise.pattern === 'squat')).toBe(true);
  });

  it('is read again from its id as it was done', () => {
    for (const { source, name } of LIBRARY_COMBINATIONS) {
      for (const tier of TIERS) {
        const context = aContext(aParticipant({ tier }), [...finePairs, longBand, ...everyProp()]);
        const cell = resolve({ ...together(source.parts), source }, context);
        if (cell.status !== 'ready') {
          // What moves is above them, and a hold alone is no work of its own.
          expect(tier).withContext(`${name}: ${cell.because.kind}`).toBe('beginner');
          continue;
        }
        const { exercise: done } = cell.version;
        const again = catalog.exerciseById(done.id);
        expect(again?.muscles).withContext(`${name}: ${done.id}`).toEqual(done.muscles);
        expect(again?.demands).withContext(name).toEqual(done.demands);
        expect(again && partsOf(again)?.map(({ rung }) => rung?.id)).toEqual(
          partsOf(done)?.map(({ rung }) => rung?.id),
        );
      }
    }
  });

  it('teaches about the part that gave out, and of the others no more than that they could do it', () => {
    const start = aContext(aParticipant({ tier: 'intermediate' }), [...finePairs, ...everyProp()]);
    const { version } = ready(resolve(together([exercise('pair-hinge'), exercise('side-raise')]), start));
    const done = { exerciseId: version.exercise.id, loadKg: 12, reps: 10, reserve: 2, date: '2026-10-01' };
    const after = aContext(aParticipant({ tier: 'intermediate', knownSets: [done] }));
    const [hinge, raise] = ['pair-hinge', 'side-raise'].map((id) => catalog.exercises.get(id)!);
    expect(after.strength.estimate(raise!)?.basis).toBe('tested');
    expect(after.strength.estimate(hinge!)?.basis).toBe('guess');
    // What was written down is the whole of it.
    expect(after.strength.running(raise!)?.readings.map(({ observation }) => observation.set)).toEqual([
      done,
    ]);
    // Far more than was thought possible: then it says something of both.
    const strong = aContext(aParticipant({ tier: 'intermediate', knownSets: [{ ...done, loadKg: 90 }] }));
    expect(strong.strength.estimate(hinge!)!.maxKg).toBeGreaterThan(start.strength.estimate(hinge!)!.maxKg);
  });
});
