/** The units a load can be read in. */
export type MassUnit = 'kg' | 'lb';

/** Kilograms in one pound, exactly. Source: international yard and pound agreement, 1959. */
export const KG_PER_POUND = 0.45359237;

/** Pounds in, kilograms out. Source: international yard and pound agreement, 1959. */
export function kgFromPounds(pounds: number): number {
  return pounds * KG_PER_POUND;
}

/** Kilograms in, pounds out. Source: international yard and pound agreement, 1959. */
export function poundsFromKg(kg: number): number {
  return kg / KG_PER_POUND;
}

/** A mass in the reader's unit, as a plain number without rounding. */
export function inUnit(kg: number, unit: MassUnit): number {
  return unit === 'kg' ? kg : poundsFromKg(kg);
}

/** A mass typed in the reader's unit, as kilograms. */
export function fromUnit(value: number, unit: MassUnit): number {
  return unit === 'kg' ? value : kgFromPounds(value);
}

const STEPS_SHOWN: Record<MassUnit, number> = { kg: 20, lb: 10 };

/**
 * A load as a coach would write it, without its unit: to the nearest 0.05 kg or 0.1 lb, no trailing zeros.
 * The finest plate in use is 0.25 kg, a mark on a bottle about 0.1 kg, so nothing readable is lost
 * (common practice, no published source).
 */
export function formatMass(kg: number, unit: MassUnit): string {
  const steps = STEPS_SHOWN[unit];
  return String(Math.round(inUnit(kg, unit) * steps) / steps);
}

/** `formatMass` with the unit behind it: "12.5 kg". */
export function formatLoad(kg: number, unit: MassUnit): string {
  return `${formatMass(kg, unit)} ${unit}`;
}

/** An estimate below this, in the reader's unit, is said to so many parts of it; anything above in whole ones. */
const ESTIMATE_STEPS: readonly (readonly [below: number, steps: number])[] = [
  [20, 10],
  [50, 2],
];

/**
 * A mass that is worked out and not weighed, a maximum say, without its unit: whole from fifty on, halves from twenty, tenths below.
 * It is known to a few in a hundred at best, so finer digits would only promise what nobody knows; and what is said lies so near
 * to it, from four on within 1.3 in a hundred, that what is reckoned with it comes out (common practice, no published source).
 *
 * @param kg the estimate
 * @param unit the reader's
 * @example formatEstimate(100.05, 'kg') // '100'
 */
export function formatEstimate(kg: number, unit: MassUnit): string {
  const shown = inUnit(kg, unit);
  const [, steps] = ESTIMATE_STEPS.find(([below]) => shown < below) ?? [undefined, 1];
  return String(Math.round(shown * steps) / steps);
}

/** `formatEstimate` with the unit behind it: "100 kg". */
export function estimateInWords(kg: number, unit: MassUnit): string {
  return `${formatEstimate(kg, unit)} ${unit}`;
}

/**
 * Two loads are the same when they agree to a milligram: far below any scale, far above the rounding of sums
 * of plates in floating point.
 */
export function massKey(kg: number): number {
  return Math.round(kg * 1e6);
}
