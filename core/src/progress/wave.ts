import type { Prescription } from '../model';
import { repsAtPercent } from '../strength';
import type { Ask } from '../resolve';
import { repSpan } from './reps-then-load';
import type { ProgramPlace, SchemeNext, SchemeOf } from './scheme';

type Wave = SchemeOf<'wave'>;

/** Light, heavy, middle: where between its ends an undulating wave stands, from one day to the next. */
const UNDULATION = [0, 1, 0.5] as const;
/** Of a lighter week's sets this share is kept. Common practice, no published source. */
const LIGHTER_SETS = 0.6;

/** Sets that a lighter week leaves of the usual ones. */
export function lighterSets(sets: number): number {
  return Math.max(1, Math.round(sets * LIGHTER_SETS));
}

/** Off the wave after a week that fell short. Common practice, no published source. */
const EASED = 0.95;

/**
 * Where a wave stands in a week of a program, in percent of the maximum. Linear rises from week to week; undulating goes
 * light, heavy, middle from one session to the next; step rises for some weeks and then takes a lighter one. Source for
 * percentages by goal: Haff & Triplett, load goals; for planned variation: ACSM position stand 2009; the shapes are
 * common practice.
 */
export function wavePercent(
  { shape, fromPercent, toPercent, stepWeeks }: Wave,
  { week, weeks, session }: ProgramPlace,
): { readonly percent: number; readonly lighter: boolean } {
  const span = toPercent - fromPercent;
  if (shape === 'linear') {
    return { percent: fromPercent + span * (weeks > 1 ? (week - 1) / (weeks - 1) : 0), lighter: false };
  }
  if (shape === 'undulating') {
    const at = (week - 1 + session) % UNDULATION.length;
    return { percent: fromPercent + span * (UNDULATION[at] ?? 0), lighter: false };
  }
  const lighter = week % stepWeeks === 0;
  const firstOfStep = Math.floor((week - 1) / stepWeeks) * stepWeeks + 1;
  const working = (upTo: number) => upTo - Math.floor(upTo / stepWeeks);
  const last = Math.max(2, working(weeks));
  const at = working(lighter ? firstOfStep : week);
  return { percent: fromPercent + (span * (at - 1)) / (last - 1), lighter };
}

/** The work of a wave in a week: a share of the maximum, and the reps the load chart gives it. */
export function waveAsk(
  scheme: Wave,
  place: ProgramPlace,
  {
    prescription,
    reserve,
    maxKg,
    heaviestKg,
    eased,
  }: {
    readonly prescription: Prescription;
    readonly reserve: number;
    readonly maxKg: number;
    /** The heaviest so far, from which the cap counts. */
    readonly heaviestKg?: number | undefined;
    readonly eased?: boolean;
  },
): Extract<Ask, { kind: 'load' }> {
  const { percent, lighter } = wavePercent(scheme, place);
  const wantedKg = ((maxKg * percent) / 100) * (eased ? EASED : 1);
  const amount = Math.max(1, Math.floor(repsAtPercent(percent) - reserve + 1e-9));
  const sets = lighter ? lighterSets(prescription.sets) : prescription.sets;
  const words = `${Math.round(percent)} % of the maximum for ${amount}`;
  const why = eased ? `, and 5 % less, as last week fell short` : '';
  return {
    kind: 'load',
    wantedKg,
    amount,
    sets,
    capPercent: scheme.capPercent,
    capFromKg: heaviestKg ?? Infinity,
    reason: lighter ? `A lighter week of the wave: ${words}, ${sets} sets.` : `On the wave: ${words}${why}.`,
  };
}

/** Percentage waves over the program. Work without a load keeps to the plan: a wave is a share of a load. */
export const wave: SchemeNext<Wave> = (state, scheme) => {
  const { cell, prescription, evidence, place, maxKg, heaviestKg } = state;
  if (!cell.load || maxKg === undefined) {
    const amount = repSpan(prescription.work)?.low ?? cell.work.amount;
    return { kind: 'amount', amount, reason: 'A wave is a share of a load: without one, as planned.' };
  }
  return waveAsk(scheme, place, {
    prescription,
    reserve: cell.work.reserve ?? 0,
    maxKg,
    heaviestKg,
    eased: evidence.kind === 'short',
  });
};
