import { FORMULAS, type Prior, type StrengthObservation } from '../src/strength';
import { normals, seeded } from './random';

/** Someone whose strength is known, with the sets they did. */
export interface SimulatedLifter {
  readonly trueMaxKg: number;
  readonly observations: readonly StrengthObservation[];
  readonly prior: Prior;
  /** The day after the last set. */
  readonly asOf: string;
}

const START = Date.UTC(2026, 0, 5);
const DAY_MS = 86_400_000;

function dateAfter(days: number): string {
  return new Date(START + days * DAY_MS).toISOString().slice(0, 10);
}

/**
 * A lifter over some weeks: strength drifts and trends from day to day, every visit has its own form, every set its own
 * repetitions to the limit (whole ones), and the reserve is reported with a person's error, or not at all. Nothing here
 * is taken from the filter but the equation.
 */
export function simulatedLifter(seed: number, visits = 12): SimulatedLifter {
  const random = seeded(seed * 7919 + 13);
  const normal = normals(random);
  const prior: Prior = { logMax: Math.log(40), sd: 0.3 };
  let level = prior.logMax + 0.3 * normal();
  let slope = 0.0015 * normal();
  let day = 0;
  const observations: StrengthObservation[] = [];
  for (let visit = 0; visit < visits; visit += 1) {
    const wait = visit === 0 ? 0 : 2 + Math.floor(random() * 4);
    for (let at = 0; at < wait; at += 1) {
      slope *= 1 - 1 / 45;
      level += slope + 0.005 * normal();
    }
    day += wait;
    const form = 0.02 * normal();
    const aim = 4 + Math.floor(random() * 9);
    const sets = 1 + Math.floor(random() * 3);
    for (let set = 0; set < sets; set += 1) {
      const loadKg = Math.round((Math.exp(level) / FORMULAS.epley.multiple(aim + 2)) * 2) / 2;
      const noise = form + 0.015 * normal() + 0.004 * aim * normal();
      // Equations are fitted on whole repetitions that were made, so the whole number nearest stands for the limit.
      const possible = Math.round(30 * (Math.exp(level + noise) / loadKg - 1));
      const reserve = Math.min(Math.floor(random() * 4), Math.max(0, possible - 1));
      if (possible < 1 || possible > 25) continue;
      const felt = Math.max(0, Math.round(reserve + (0.4 + 0.3 * reserve) * normal()));
      observations.push({
        loadKg,
        reps: possible - reserve,
        reserve: random() < 0.2 ? undefined : felt,
        date: dateAfter(day),
      });
    }
  }
  return { trueMaxKg: Math.exp(level), observations, prior, asOf: dateAfter(day) };
}
