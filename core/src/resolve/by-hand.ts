import {
  amountLike,
  countedAs,
  type AmountKind,
  type Override,
  type Prescription,
  type Work,
} from '../model';
import { limited } from './attainable';
import { pickLoad } from '../kit';
import { versionOfExercise, type Version } from '../ladder';
import type { CellReason } from '../reason';
import { SAME_WRITTEN_KG } from '../units';
import type { CellLoad } from './cell';
import type { DoseContext, PlaceContext } from './context';
import { cellLoad, leavingOut, type CellDraft } from './draft';
import { loadsFor } from './hold';
import { startAmount } from './wanted';

/**
 * The coach's own hand on the numbers: sets, amount and load win over every step before and stay visible; only the seconds that a
 * caution allows stay what they are. What was decided
 * after a review is said, and not set against anything.
 *
 * @param draft with its dose
 * @param context what is set by hand
 * @example byHand(draft, context).dose?.sets // 5
 */
export function byHand(draft: CellDraft, context: DoseContext): CellDraft {
  const { override } = context;
  const { dose } = draft;
  if (!override || !dose) return draft;
  const { sets, loadKg } = override;
  const amount = amountByHand(override, dose.amount.kind);
  const written = {
    ...dose,
    ...(sets !== undefined && { sets }),
    ...(amount !== undefined && { amount: amountLike(dose.amount, amount), aim: undefined }),
    ...(loadKg !== undefined && { load: loadByHand(loadKg, draft, context) }),
  };
  const otherwise: CellReason[] =
    amount === override.amount ? [] : [{ step: 'byHand', kind: 'handCountedOtherwise' }];
  return limited({
    ...draft,
    prescription: numberByHand(draft.prescription, override, amount),
    dose: written,
    trace: [...draft.trace, ...handReasons(override), ...otherwise],
  });
}

/**
 * As many as possible, where a number is set: so many it is, or so long. Older versions put the number that is expected of it down
 * with whatever was decided after a class; that one says nothing.
 */
function numberByHand(
  prescription: Prescription,
  { reviewOfWeek }: Override,
  amount: number | undefined,
): Prescription {
  const { work } = prescription;
  if (amount === undefined || work.kind !== 'most') return prescription;
  if (reviewOfWeek !== undefined && amount === startAmount(work).amount) return prescription;
  const set: Work =
    work.seconds === undefined ? { kind: 'reps', reps: amount } : { ...work, seconds: amount };
  return { ...prescription, work: set };
}

/** The amount that is set, unless it counts seconds where the plan now counts repetitions, or the other way: ten are not ten seconds. */
function amountByHand({ amount, counted }: Override, kind: AmountKind): number | undefined {
  return counted === undefined || counted === countedAs(kind) ? amount : undefined;
}

function handReasons({ sets, amount, loadKg, reason, reviewOfWeek, decision }: Override): CellReason[] {
  if (reviewOfWeek !== undefined) {
    return [{ step: 'byHand', kind: 'decided', decision, said: reason }];
  }
  if (sets === undefined && amount === undefined && loadKg === undefined) return [];
  return [{ step: 'byHand', kind: 'numbersByHand', said: reason }];
}

/** The load as it is set, with the recipe where the kit has one, held as usual or in another way; 0 is body weight. */
function loadByHand(kg: number, { held, version }: CellDraft, { owned }: PlaceContext): CellLoad | undefined {
  if (kg === 0 || !version) return undefined;
  const { holds = [] } = version.exercise.loading ?? {};
  const inHand = held?.loads ?? loadsFor(version, holds[0] ?? 'none', owned);
  for (const loads of [inHand, ...holds.map((hold) => loadsFor(version, hold, owned))]) {
    const near = pickLoad(loads, kg, 'nearest');
    if (near && Math.abs(near.kg - kg) < SAME_WRITTEN_KG) return cellLoad(near);
  }
  return { kg, hold: held?.hold ?? holds[0] ?? 'none', nearest: pickLoad(inHand, kg, 'nearest')?.recipe };
}

/** A version that is set by hand, and how that is said. */
interface HandVersion {
  readonly version: Version;
  readonly reason: (version: Version) => CellReason;
}

/**
 * The version the coach set by hand; a rung wins over an exercise.
 *
 * @param context ladders and what is set by hand
 * @returns undefined when none is, or when it is not in the library any more
 * @example versionByHand(context)?.version.name // 'one arm'
 */
export function versionByHand({ override, catalog }: PlaceContext): HandVersion | undefined {
  if (!override) return undefined;
  const { rungId, exerciseId, reason: said, reviewOfWeek } = override;
  const rung = rungId === undefined ? undefined : catalog.versionByRung.get(rungId);
  const exercise = exerciseId === undefined ? undefined : catalog.exerciseById(exerciseId);
  const version = rung ?? (exercise && versionOfExercise(exercise));
  return (
    version && {
      version,
      reason: (tuned) =>
        reviewOfWeek === undefined
          ? { step: 'byHand', kind: 'versionByHand', version: tuned, said }
          : { step: 'rung', kind: 'cameTo', version: tuned },
    }
  );
}

/**
 * A slot the coach left out for a person.
 *
 * @param draft before its first step
 * @param override that says so
 * @example leftOutByHand(draft, override).leftOut // { kind: 'byHand', said: 'not until it is looked at' }
 */
export function leftOutByHand(
  draft: CellDraft,
  { reason: said, reviewOfWeek, decision }: Override,
): CellDraft {
  return leavingOut(
    draft,
    { kind: 'byHand', said },
    reviewOfWeek === undefined
      ? { step: 'byHand', kind: 'leftOutByHand', said }
      : { step: 'byHand', kind: 'decided', decision, said },
  );
}
