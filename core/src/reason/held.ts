import type { Hold } from '../model';
import type { Reason } from './reason';
import { formatHeld, type MassUnit } from '../units';

/** Who reads, and how what is spoken of is held: of a pair each hand's is said. */
export interface Reader {
  readonly unit: MassUnit;
  readonly hold?: Hold | undefined;
}

/**
 * How the loads of some reasons are held: as the last of them that was made.
 *
 * @param reasons of one cell, or behind one proposal
 * @example holdIn(cell.trace) // 'pair'
 */
export function holdIn(reasons: readonly Reason[]): Hold | undefined {
  const made = reasons.findLast((reason) => 'load' in reason);
  return made && 'load' in made ? made.load.recipe.hold : undefined;
}

/**
 * A load that is held, as people say it.
 *
 * @param kg all that is held
 * @param reader the unit, and how it is held
 * @example held(20, { unit: 'kg', hold: 'pair' }) // '2 × 10 kg'
 */
export function held(kg: number, { unit, hold }: Reader): string {
  return formatHeld(kg, unit, hold === 'pair');
}
