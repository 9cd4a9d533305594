/**
 * A Kalman filter on log strength. The state is the level (log of the maximum), its slope a day, and one lasting
 * difference for each related exercise that sets were carried over from: someone's goblet squat may sit 10 % above
 * what the usual ratio says, today and next week alike, so a hundred carried sets never make it as sure as a few of
 * its own.
 *
 * Source of the method: Kalman 1960; the local linear trend model, Harvey 1989. Sizes: common practice.
 */

/** How strength moves by itself, on the log scale. */
export const DRIFT = {
  /** Variance a day of the level: 0.5 % a day, 1.3 % a week, 2.7 % a month. */
  levelVariance: 0.005 ** 2,
  /** How wide slopes spread: 0.15 % a day is 1 % a week, a beginner's good week. */
  slopeSd: 0.0015,
  /** A slope fades with this time constant, in days: nobody grows for ever. */
  slopeDays: 45,
} as const;

/** How far a related exercise's ratio may be off for one person (common practice, no published source). */
export const CARRY_SD = 0.12;

const LEVEL = 0;
const SLOPE = 1;
const FIRST_DIFFERENCE = 2;

/** Level, slope and differences with their covariance; changed in place as time and readings come. */
export class StrengthFilter {
  private readonly size: number;
  private readonly mean: Float64Array;
  /** Row by row. */
  private readonly covariance: Float64Array;

  /** @param differences how many related exercises there are */
  constructor(logMax: number, sd: number, differences: number) {
    const size = FIRST_DIFFERENCE + differences;
    this.size = size;
    this.mean = new Float64Array(size);
    this.mean[LEVEL] = logMax;
    this.covariance = new Float64Array(size * size);
    for (let at = FIRST_DIFFERENCE; at < size; at += 1) this.widen(at, CARRY_SD ** 2);
    this.widen(LEVEL, sd ** 2);
    this.widen(SLOPE, DRIFT.slopeSd ** 2);
  }

  get level(): number {
    return this.mean[LEVEL] ?? 0;
  }

  get levelSd(): number {
    return Math.sqrt(this.between(LEVEL, LEVEL));
  }

  /** Log strength a day. */
  get slope(): number {
    return this.mean[SLOPE] ?? 0;
  }

  get slopeSd(): number {
    return Math.sqrt(this.between(SLOPE, SLOPE));
  }

  /** Days pass: the level follows its slope, and everything gets less sure. */
  wait(days: number): void {
    if (days <= 0) return;
    const { size, covariance } = this;
    const fade = Math.exp(-days / DRIFT.slopeDays);
    const reach = DRIFT.slopeDays * (1 - fade);
    this.mean[LEVEL] = this.level + reach * this.slope;
    this.mean[SLOPE] = fade * this.slope;
    // Covariance F·P·Fᵀ with F acting on level and slope only: first its rows, then its columns.
    for (let column = 0; column < size; column += 1) {
      const slope = this.between(SLOPE, column);
      covariance[LEVEL * size + column] = this.between(LEVEL, column) + reach * slope;
      covariance[SLOPE * size + column] = fade * slope;
    }
    for (let row = 0; row < size; row += 1) {
      const slope = this.between(row, SLOPE);
      covariance[row * size + LEVEL] = this.between(row, LEVEL) + reach * slope;
      covariance[row * size + SLOPE] = fade * slope;
    }
    this.widen(LEVEL, DRIFT.levelVariance * days);
    this.widen(SLOPE, DRIFT.slopeSd ** 2 * (1 - fade ** 2));
  }

  /** What a reading would be, and how surely, before it is taken in. */
  expect(sd: number, difference?: number): { logMax: number; variance: number } {
    if (difference === undefined) {
      return { logMax: this.level, variance: this.between(LEVEL, LEVEL) + sd ** 2 };
    }
    const other = FIRST_DIFFERENCE + difference;
    return {
      logMax: this.level + (this.mean[other] ?? 0),
      variance:
        this.between(LEVEL, LEVEL) + 2 * this.between(LEVEL, other) + this.between(other, other) + sd ** 2,
    };
  }

  /** Takes in a reading of the level, or of the level and a lasting difference. */
  take(logMax: number, sd: number, difference?: number): void {
    const { size, covariance, mean } = this;
    const expected = this.expect(sd, difference);
    const other = difference === undefined ? undefined : FIRST_DIFFERENCE + difference;
    // Covariance of every part of the state with the reading; it is also what the gain is made of.
    const shared = new Float64Array(size);
    for (let row = 0; row < size; row += 1) {
      shared[row] = this.between(row, LEVEL) + (other === undefined ? 0 : this.between(row, other));
    }
    const surprise = logMax - expected.logMax;
    for (let row = 0; row < size; row += 1) {
      const gain = (shared[row] ?? 0) / expected.variance;
      mean[row] = (mean[row] ?? 0) + gain * surprise;
      for (let column = 0; column < size; column += 1) {
        covariance[row * size + column] = this.between(row, column) - gain * (shared[column] ?? 0);
      }
    }
  }

  /** Lets the level move by more than usual, as after a break or an injury. */
  loosen(sd: number): void {
    this.widen(LEVEL, sd ** 2);
  }

  private between(row: number, column: number): number {
    return this.covariance[row * this.size + column] ?? 0;
  }

  private widen(index: number, variance: number): void {
    this.covariance[index * this.size + index] = this.between(index, index) + variance;
  }
}
