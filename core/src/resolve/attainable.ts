import { sameVersion, type Version } from '../ladder';
import { amountLike, amountOf, reps, seconds, type Amount } from '../model';
import { pickLoad } from '../kit';
import type { CellReason } from '../reason';
import { movedKg, type SetBeside } from '../strength';
import type { DoseContext } from './context';
import { cellLoad, saying, type Dose, type CellDraft } from './draft';
import { gateReasons } from './gate';
import { LIGHTER_LOAD, lighterSets } from './lighter-week';
import { loadedDose } from './loaded';
import { mostSeconds, reserveAsked, startAmount } from './wanted';

/**
 * Step 5: the nearest to what is asked that the kit can make and the conditions allow. Whatever the way there, a caution's
 * longest hold and a lighter week have the last word.
 *
 * @param draft with what is asked
 * @param context the week before, and whether it is a lighter week
 * @example attainable(draft, context).dose?.load?.kg // 18
 */
export function attainable(draft: CellDraft, context: DoseContext): CellDraft {
  const { version, ask, held, prescription } = draft;
  if (!version || !ask) return draft;
  const full = ask.kind === 'repeat' && ask.full;
  const sets = full ? (ask.sets ?? prescription.sets) : prescription.sets;
  const way = full ? saying(draft, ...gateReasons(draft, { amount: ask.amount, sets }, context)) : draft;
  const dosed = held ? loadedDose(way, held, context) : unloadedDose(way, context);
  return lightened(limited(dosed), context);
}

/**
 * However few a strength has in it, so much of what is asked is begun with: what many repetitions of an easier version say of a harder
 * one is rough, and a set of one teaches nobody anything (common practice, no published source).
 */
const LEAST_OF_ASKED = 0.5;

/** With body weight: the reps or seconds that are asked; the first time no more of them than strength, where it is known, has in it. */
function unloadedDose(draft: CellDraft, context: DoseContext): CellDraft {
  const { ask, prescription, version } = draft;
  if (!ask || !version) return draft;
  const { last } = context;
  const asked =
    ask.kind === 'repeat' || ask.kind === 'begin'
      ? ask.amount
      : ask.kind === 'harder' && last
        ? amountLike(last.cell.work, last.cell.work.amount)
        : startAmount(prescription.work);
  const fewer = ask.kind === 'repeat' ? undefined : fewerByStrength(draft, version, asked, context);
  const amount = fewer ? amountOf('reps', fewer.reps) : asked;
  const sets = ('sets' in ask ? ask.sets : undefined) ?? prescription.sets;
  const stays = ask.kind === 'repeat' && amount.amount === last?.cell.work.amount;
  const aim = (ask.kind === 'repeat' ? ask.aim : undefined) ?? (stays ? last?.cell.aim : undefined);
  const said = [bodyShareOf(version, context), ...(fewer ? [fewer] : [])];
  return { ...draft, dose: { amount, sets, aim }, trace: [...draft.trace, ...said] };
}

/** What of the body the version moves, where that is known. */
function bodyShareOf({ exercise, levers }: Version, { participant }: DoseContext): CellReason {
  const { bodyLoad } = exercise;
  const kg = bodyLoad && movedKg({}, exercise, levers, participant);
  if (!bodyLoad || kg === undefined) return { step: 'attainable', kind: 'bodyShare' };
  const carried = { kg, share: kg / participant.bodyMassKg, by: bodyLoad.carriedBy };
  return { step: 'attainable', kind: 'bodyShare', carried };
}

/** Fewer than are asked, where what somebody did before has fewer in it; nothing where it has as many, or says nothing. */
function fewerByStrength(
  { prescription, limits }: CellDraft,
  version: Version,
  asked: Amount,
  context: DoseContext,
): Extract<CellReason, { kind: 'fewerByStrength' }> | undefined {
  const { participant, strength } = context;
  const { exercise, levers } = version;
  const byItself = exercise.bodyLoad ?? exercise.loading?.bodyShare;
  if (asked.kind !== 'reps' || byItself === undefined) return undefined;
  const kg = movedKg({}, exercise, levers, participant) ?? 0;
  const left = reserveAsked(prescription, version, limits);
  const able = strength.ownReps(exercise, kg, left, weekBefore(version, context));
  if (able === undefined || able >= asked.amount) return undefined;
  const least = Math.ceil(asked.amount * LEAST_OF_ASKED);
  return {
    step: 'attainable',
    kind: 'fewerByStrength',
    reps: reps(Math.max(least, able)),
    asked: asked.amount,
    large: able < least,
  };
}

/** What the week before asked of another version than this one, in repetitions. */
function weekBefore(version: Version, { last, participant }: DoseContext): SetBeside | undefined {
  if (!last || sameVersion(last.cell.version, version) || last.cell.work.kind !== 'reps') return undefined;
  const { exercise, levers } = last.cell.version;
  const kg = movedKg({ loadKg: last.cell.load?.kg }, exercise, levers, participant);
  if (kg === undefined) return undefined;
  // What was to be left then, and not what this version asks to leave: that may be more than was shown.
  const { amount, reserve = 0 } = last.cell.work;
  return { exercise, kg, reps: amount, reserve, made: last.ask.kind === 'harder' };
}

/**
 * Held to what a caution allows: seconds of a hold, and of clocked work that is a held strain, whichever way they came about.
 *
 * @param draft with its dose
 * @example limited({ ...draft, limits: { ...limits, holdAtMostSeconds: 20 } }).dose?.amount.amount // 20
 */
export function limited(draft: CellDraft): CellDraft {
  const { dose, limits } = draft;
  const most = dose ? mostSeconds(dose.amount.kind, limits) : Infinity;
  if (!dose || dose.amount.amount <= most) return draft;
  const amount = amountLike(dose.amount, most);
  return saying(
    { ...draft, dose: { ...dose, amount } },
    { step: 'attainable', kind: 'heldByCaution', seconds: seconds(most) },
  );
}

/** In a lighter week fewer sets, and a load of at most nine tenths where the kit has one. */
function lightened(draft: CellDraft, { lighter }: DoseContext): CellDraft {
  const { dose, held } = draft;
  if (!lighter || !dose) return draft;
  const sets = lighterSets(dose.sets);
  const load = dose.load && held && pickLoad(held.loads, dose.load.kg * LIGHTER_LOAD, 'notAbove');
  const lighterDose: Dose = { ...dose, sets, load: load ? cellLoad(load) : dose.load };
  return saying(
    { ...draft, dose: lighterDose },
    { step: 'attainable', kind: 'lighterWeek', sets, of: dose.sets, kg: lighterDose.load?.kg },
  );
}
