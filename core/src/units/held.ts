import { formatLoad, formatMass, type MassUnit } from './mass';

/**
 * A load as people say it: of a pair each hand's, of anything else all of it. In the data it is always the total.
 *
 * @param kg all that is held
 * @param unit the reader's
 * @param pair one in each hand
 * @returns without its unit
 * @example formatHeldMass(20, 'kg', true) // '2 × 10'
 */
export function formatHeldMass(kg: number, unit: MassUnit, pair: boolean): string {
  return pair ? `2 × ${formatMass(kg / 2, unit)}` : formatMass(kg, unit);
}

/**
 * `formatHeldMass` with the unit behind it.
 *
 * @param kg all that is held
 * @param unit the reader's
 * @param pair one in each hand
 * @example formatHeld(20, 'kg', true) // '2 × 10 kg'
 */
export function formatHeld(kg: number, unit: MassUnit, pair: boolean): string {
  return pair ? `2 × ${formatLoad(kg / 2, unit)}` : formatLoad(kg, unit);
}

/**
 * What was typed of a load, as a total: a bare number after a pair is each hand's.
 *
 * @param kg as it was typed
 * @param pair one in each hand
 * @example totalOf(10, true) // 20
 */
export function totalOf(kg: number, pair: boolean): number {
  return pair ? kg * 2 : kg;
}
