import { LEVERS, type LeverKind } from '../model';

/** Whether a lever setting is at `limit` or on its easier side; an unset lever stands at its hard end. */
export function easierOrEqual(lever: LeverKind, value: number | undefined, limit: number): boolean {
  if (value === undefined) return false;
  return LEVERS[lever].harder === 'up' ? value <= limit : value >= limit;
}
