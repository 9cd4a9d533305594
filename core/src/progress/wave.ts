import { amountLike, amountOf, type Prescription } from '../model';
import { lighterSets, MOST_BRIDGE_REPS, type Ask } from '../resolve';
import type { RepCurve } from '../strength';
import { wholeBelow } from '../units';
import { lowEnd, repSpan } from './rep-span';
import type { ProgramPlace, SchemeNext, SchemeOf } from './scheme';

type Wave = SchemeOf<'wave'>;

/** Light, heavy, middle: where between its ends an undulating wave stands, from one day to the next. */
const UNDULATION = [0, 1, 0.5] as const;
/** Off the wave after a week that fell short. Common practice, no published source. */
const EASED = 0.95;

/**
 * Where a wave stands in a week of a program, in percent of the maximum. Linear rises from week to week; undulating goes
 * light, heavy, middle from one session to the next; step rises for some weeks and then takes a lighter one. Source for
 * percentages by goal: Haff & Triplett, load goals; for planned variation: ACSM position stand 2009; the shapes are
 * common practice.
 *
 * @param scheme its shape and ends
 * @param place in the program
 * @example wavePercent({ ...wave, shape: 'linear', fromPercent: 65, toPercent: 80 }, { week: 1, weeks: 8, session: 0 }).percent // 65
 */
export function wavePercent(
  { shape, fromPercent, toPercent, stepWeeks }: Wave,
  { week, weeks, session, afterLighter = false }: ProgramPlace,
): { readonly percent: number; readonly lighter: boolean } {
  const span = toPercent - fromPercent;
  if (shape === 'linear') {
    return { percent: fromPercent + span * (weeks > 1 ? (week - 1) / (weeks - 1) : 0), lighter: false };
  }
  if (shape === 'undulating') {
    const turn = (week - 1 + session) % UNDULATION.length;
    return { percent: fromPercent + span * (UNDULATION[turn] ?? 0), lighter: false };
  }
  // Two lighter weeks running would be one too many.
  const lighter = week % stepWeeks === 0 && !afterLighter;
  const firstOfStep = Math.floor((week - 1) / stepWeeks) * stepWeeks + 1;
  const working = (upTo: number) => upTo - Math.floor(upTo / stepWeeks);
  const last = Math.max(2, working(weeks));
  const stepOfWave = working(lighter ? firstOfStep : week);
  return { percent: fromPercent + (span * (stepOfWave - 1)) / (last - 1), lighter };
}

/** What a wave rests on for one person. */
interface WaveState {
  readonly prescription: Prescription;
  readonly reserve: number;
  readonly maxKg: number;
  /** How load and reps trade for them. */
  readonly curve: RepCurve;
  /** The heaviest so far, from which the cap counts. */
  readonly heaviestKg?: number | undefined;
  /** The week before fell short. */
  readonly eased?: boolean;
}

/**
 * The work of a wave in a week: a share of the maximum, and the reps that leave what is to be left at it.
 *
 * @param scheme its shape and ends
 * @param place in the program
 * @param state of the person
 * @example waveAsk(wave, place, { prescription, reserve: 2, maxKg: 40, curve: curveOf('epley') }).amount // 8 reps at 75 %
 */
export function waveAsk(scheme: Wave, place: ProgramPlace, state: WaveState): Extract<Ask, { kind: 'load' }> {
  const { prescription, reserve, maxKg, curve, heaviestKg, eased = false } = state;
  const { percent, lighter } = wavePercent(scheme, place);
  const most = Math.max(repSpan(prescription.work)?.high ?? 0, MOST_BRIDGE_REPS);
  const amount = amountOf('reps', Math.min(most, Math.max(1, wholeBelow(curve.repsAt(percent) - reserve))));
  const sets = lighter ? lighterSets(prescription.sets) : prescription.sets;
  return {
    kind: 'load',
    wantedKg: ((maxKg * percent) / 100) * (eased ? EASED : 1),
    amount,
    sets,
    capPercent: scheme.capPercent,
    capFromKg: heaviestKg ?? Infinity,
    reason: {
      step: 'target',
      kind: 'wave',
      percent,
      amount,
      eased,
      lighterSets: lighter ? sets : undefined,
    },
  };
}

/**
 * Percentage waves over the program. Work without a load, or not counted in reps, keeps to the plan: a wave is a share of a load.
 *
 * @param state after a week
 * @param scheme its numbers
 * @example wave(state, scheme).kind // 'load'
 */
export const wave: SchemeNext<Wave> = (state, scheme) => {
  const { cell, prescription, evidence, place, maxKg, heaviestKg, curve } = state;
  const { work } = cell;
  if (!cell.load || maxKg === undefined || work.kind !== 'reps') {
    const planned = lowEnd(prescription.work).amount;
    return {
      kind: 'repeat',
      amount: amountLike(work, planned),
      reason: { step: 'target', kind: 'waveNeedsLoad' },
    };
  }
  return waveAsk(scheme, place, {
    prescription,
    reserve: work.reserve ?? 0,
    maxKg,
    curve,
    heaviestKg,
    eased: evidence.kind === 'short',
  });
};
