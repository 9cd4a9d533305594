import type { Prescription, Range, SetPattern, SideOrder, Target, Tempo, Work } from '../model';
import { formatLoad, type MassUnit } from '../units';

/** The work of one set: "10", "8–12", "45 s", "hold 30 s", "max up to 20 in 60 s", "12 or 40 s". */
export function workText(work: Work): string {
  switch (work.kind) {
    case 'reps':
      return String(work.reps);
    case 'range':
      return `${work.low}–${work.high}`;
    case 'time':
      return `${work.seconds} s`;
    case 'hold':
      return `hold ${work.seconds} s`;
    case 'most': {
      const upTo = work.upTo === undefined ? '' : ` up to ${work.upTo}`;
      return `max${upTo}${work.seconds === undefined ? '' : ` in ${work.seconds} s`}`;
    }
    case 'either':
      return `${work.reps} or ${work.seconds} s`;
  }
}

/** "3-1-2": seconds down, held, up; a fourth where the top is held too. */
export function tempoText({ down, pause, up, top }: Tempo): string {
  return `${down}-${pause}-${up}${top === undefined ? '' : `-${top}`}`;
}

export const RANGE_WORDS: Readonly<Record<Range, string>> = {
  topHalf: 'top half',
  bottomHalf: 'bottom half',
  quarterAdded: 'quarter added',
  pulsesToEnd: 'pulses to end',
  holdToEnd: 'hold the last 10 s',
};

/** How sets differ: "load up", "reps down by 2". */
export function setPatternText(pattern: SetPattern): string {
  switch (pattern.kind) {
    case 'loadUp':
      return 'load up';
    case 'loadDown':
      return 'load down';
    case 'pyramid':
      return 'load up and down';
    case 'repsDown':
      return `reps down by ${pattern.by}`;
    case 'repsUp':
      return `reps up by ${pattern.by}`;
    case 'dropOnForm':
      return 'drop when form goes';
  }
}

function targetText(target: Target, unit: MassUnit): string | undefined {
  switch (target.kind) {
    case 'reserve':
      return `${target.reps} left`;
    case 'effort':
      return `effort ${target.effort}`;
    case 'percent':
      return `@${target.percent}%`;
    case 'bodyMass':
      return `${target.percent}% of body`;
    case 'load':
      return formatLoad(target.loadKg, unit);
    case 'rung':
      return 'as the rung says';
    case 'none':
      return undefined;
  }
}

/** "each side", "each side alternating", "each side swapping the lead". */
export function sidesText({
  perSide,
  sideOrder,
}: {
  readonly perSide: boolean;
  readonly sideOrder?: SideOrder | undefined;
}): string {
  if (!perSide) return '';
  if (sideOrder === undefined) return 'each side';
  return sideOrder === 'alternating' ? 'each side alternating' : 'each side swapping the lead';
}

/** A prescription without its sets: what stands behind a round's exercise. */
export function formatWork(prescription: Prescription, unit: MassUnit = 'kg'): string {
  const { work, one, range, target, tempo, setPattern, restSeconds, activeRest } = prescription;
  return [
    [workText(work), sidesText(prescription)].filter(Boolean).join(' '),
    one !== undefined && `one = ${one}`,
    range && RANGE_WORDS[range],
    targetText(target, unit),
    tempo && tempoText(tempo),
    setPattern && setPatternText(setPattern),
    restSeconds !== undefined &&
      `rest ${restSeconds} s${activeRest === undefined ? '' : ` with ${activeRest}`}`,
  ]
    .filter(Boolean)
    .join(', ');
}

/**
 * A prescription in its one canonical form, which `parsePrescription` reads back to the same:
 * "4 × 8–10 each side, 2 left, 3-1-1, rest 90 s". The whole notation: docs/shorthand.md.
 *
 * @param unit the reader's unit, for a prescribed load
 */
export function formatPrescription(prescription: Prescription, unit: MassUnit = 'kg'): string {
  return `${prescription.sets} × ${formatWork(prescription, unit)}`;
}
