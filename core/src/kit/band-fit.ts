import type { BandReading } from '../model';

/**
 * Force of stretched rubber over its stretch λ (length by slack length), in kilograms on a hanging scale:
 * F = (a + b/λ)(λ − 1/λ²).
 *
 * Source: Mooney 1940 and Rivlin 1948 for rubber in tension, nominal stress 2(C₁ + C₂/λ)(λ − λ⁻²); the cross-section is
 * taken into a and b. It follows rubber to about three times its length; beyond that it stiffens faster.
 */
export interface BandFit {
  readonly slackCm: number;
  readonly aKg: number;
  readonly bKg: number;
  /** Whether both constants were fitted, or one with the other in rubber's usual proportion. */
  readonly fitted: 'both' | 'scale';
  /** Root of the mean square of what the readings are off, in kilograms. */
  readonly rmsKg: number;
  /** The largest miss, as a share of its reading. */
  readonly worstShare: number;
  readonly quality: 'good' | 'fair' | 'poor';
  /** The longest pull that was read: beyond a tenth more nothing is known. */
  readonly longestCm: number;
}

/** Nominal stress in MPa at stretch. Source: Treloar 1944, as tabulated later (from memory). */
export const RUBBER_IN_TENSION: readonly (readonly [stretch: number, megapascal: number])[] = [
  [1.13, 0.14],
  [1.39, 0.32],
  [1.61, 0.41],
  [1.89, 0.5],
  [2.17, 0.58],
  [2.42, 0.67],
  [3.01, 0.85],
];

/** Thrown when readings cannot tell a band. */
export class BandFitError extends Error {
  constructor(message: string) {
    super(message);
    this.name = 'BandFitError';
  }
}

/** Shares of the reading within which a fit is good, or fair (common practice, no published source). */
const GOOD = 0.06;
const FAIR = 0.15;

/** How far past the longest reading a fit is believed. */
export const BEYOND = 1.1;

interface Point {
  readonly stretch: number;
  readonly force: number;
}

/** λ − λ⁻², and the same over λ: what a and b multiply. */
function terms(stretch: number): [number, number] {
  const pull = stretch - stretch ** -2;
  return [pull, pull / stretch];
}

/** Least squares for both constants. */
function solveBoth(points: readonly Point[]): [number, number] {
  let [pp, pq, qq, pf, qf] = [0, 0, 0, 0, 0];
  for (const { stretch, force } of points) {
    const [p, q] = terms(stretch);
    pp += p * p;
    pq += p * q;
    qq += q * q;
    pf += p * force;
    qf += q * force;
  }
  const determinant = pp * qq - pq * pq;
  return [(pf * qq - qf * pq) / determinant, (pp * qf - pq * pf) / determinant];
}

/** Rubber's own proportion of the two constants: half and half, nearly. */
const [USUAL_A, USUAL_B] = solveBoth(RUBBER_IN_TENSION.map(([stretch, force]) => ({ stretch, force })));

/** Least squares for the scale alone. */
function solveScale(points: readonly Point[]): [number, number] {
  let [uu, uf] = [0, 0];
  for (const { stretch, force } of points) {
    const [p, q] = terms(stretch);
    const usual = USUAL_A * p + USUAL_B * q;
    uu += usual * usual;
    uf += usual * force;
  }
  return [(USUAL_A * uf) / uu, (USUAL_B * uf) / uu];
}

/**
 * Fits the elastic law to what a hanging scale read. With two lengths the constants keep rubber's usual proportion and
 * only the size is fitted, so that the misfit still tells something; from three lengths on both are fitted.
 *
 * @param readings at two or more different lengths, each longer than `slackCm`
 * @param slackCm from hook to hook, lying slack
 * @throws BandFitError in words when there are too few
 */
export function fitBand(readings: readonly BandReading[], slackCm: number): BandFit {
  const points = readings
    .filter(({ lengthCm }) => lengthCm > slackCm)
    .map(({ lengthCm, forceKg }) => ({ stretch: lengthCm / slackCm, force: forceKg }));
  const lengths = new Set(points.map(({ stretch }) => Math.round(stretch * 1000)));
  if (lengths.size < 2) {
    throw new BandFitError('Read the scale at two different lengths at least, each longer than slack.');
  }
  const both = lengths.size >= 3 ? solveBoth(points) : undefined;
  // A band that would push back at some stretch is no band: then one constant has to do.
  const usable = both && both[0] >= 0 && both[1] >= 0 ? both : undefined;
  const [aKg, bKg] = usable ?? solveScale(points);
  const misses = points.map(({ stretch, force }) => {
    const [p, q] = terms(stretch);
    const miss = aKg * p + bKg * q - force;
    return { square: miss ** 2, share: Math.abs(miss) / force };
  });
  const worstShare = Math.max(...misses.map(({ share }) => share));
  return {
    slackCm,
    aKg,
    bKg,
    fitted: usable ? 'both' : 'scale',
    rmsKg: Math.sqrt(misses.reduce((sum, { square }) => sum + square, 0) / misses.length),
    worstShare,
    quality: worstShare <= GOOD ? 'good' : worstShare <= FAIR ? 'fair' : 'poor',
    longestCm: Math.max(...readings.map(({ lengthCm }) => lengthCm)),
  };
}

/** Force in kilograms of the whole band pulled to a length; 0 while it is slack. */
export function bandForce(fit: BandFit, lengthCm: number): number {
  if (lengthCm <= fit.slackCm) return 0;
  const [p, q] = terms(lengthCm / fit.slackCm);
  return fit.aKg * p + fit.bKg * q;
}

/** Body weight in kilograms that is left when a band takes part of it, pulled to a length. */
export function assistedKg(bodyMassKg: number, fit: BandFit, lengthCm: number): number {
  return Math.max(0, bodyMassKg - bandForce(fit, lengthCm));
}
