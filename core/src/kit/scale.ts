/** What a hanging scale shows at a moment. */
export interface ScaleSample {
  /** Since the scale was switched on. */
  readonly atSeconds: number;
  /** Kilograms on the hook; absent while it is overloaded. */
  readonly kg?: number | undefined;
}

/** A simulated scale: what it would show, given what really hangs on it. */
export interface ScaleModel {
  readonly capacityKg: number;
  /** The finest step of its display. */
  readonly stepKg: number;
  /** A pull swings in with this time constant. */
  readonly settleSeconds: number;
  /** Swings a second while it settles. */
  readonly swingHertz: number;
  /** Standard deviation of what it shows at rest. */
  readonly noiseKg: number;
  /** Chance that a hand jerks and overloads it for a moment, at each sample. */
  readonly jerkChance: number;
}

/** A small hanging scale as anglers and travellers have (common practice, no published source). */
export const SMALL_HANGING_SCALE: ScaleModel = {
  capacityKg: 50,
  stepKg: 0.02,
  settleSeconds: 0.45,
  swingHertz: 1.6,
  noiseKg: 0.03,
  jerkChance: 0.004,
};

/**
 * What the simulated scale shows some time after the pull on it changed.
 *
 * @param fromKg what it showed before the pull changed
 * @param trueKg what hangs on it now
 * @param sinceSeconds time since the change
 * @param random numbers from 0 to 1, one after another
 * @returns undefined when it is overloaded
 */
export function simulatedReading(
  fromKg: number,
  trueKg: number,
  sinceSeconds: number,
  random: () => number,
  model: ScaleModel = SMALL_HANGING_SCALE,
): number | undefined {
  if (random() < model.jerkChance) return undefined;
  const left = Math.exp(-sinceSeconds / model.settleSeconds);
  const swing = Math.cos(2 * Math.PI * model.swingHertz * sinceSeconds);
  const shown = trueKg + (fromKg - trueKg) * left * swing + model.noiseKg * standardNormal(random);
  if (shown > model.capacityKg) return undefined;
  return Math.max(0, Math.round(shown / model.stepKg) * model.stepKg);
}

/** Source: Box & Muller 1958. */
function standardNormal(random: () => number): number {
  return Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
}

/** Held as steady when the last second keeps within this, and there is something on the hook. */
export const STEADY = { seconds: 1, withinKg: 0.15, leastKg: 0.3, leastSamples: 6 } as const;

/**
 * The reading a person would write down: the mean of the last second, once nothing in it is far from that mean and
 * nothing was overloaded. Undefined while the scale still swings.
 */
export function steadyReading(samples: readonly ScaleSample[]): number | undefined {
  const now = samples.at(-1)?.atSeconds;
  if (now === undefined) return undefined;
  const recent = samples.filter(({ atSeconds }) => atSeconds > now - STEADY.seconds);
  const shown = recent.flatMap(({ kg }) => kg ?? []);
  if (shown.length < recent.length || shown.length < STEADY.leastSamples) return undefined;
  const mean = shown.reduce((sum, kg) => sum + kg, 0) / shown.length;
  const calm = shown.every((kg) => Math.abs(kg - mean) <= STEADY.withinKg);
  return calm && mean >= STEADY.leastKg ? mean : undefined;
}
