import type { KnownSet } from '../model';
import type { StrengthEstimate } from '../strength';
import { formatLoad, type MassUnit } from '../units';
import type { Wanted, WeakestPart } from './reason';

/**
 * Why a load is wanted: the reps asked as a share of a maximum, and where that comes from.
 *
 * @param wanted the load and what it was worked out from
 * @param unit the reader's
 * @example wantedWords(cell.wanted, 'kg') // '10 with 2 left is 71 % of 28 kg, the maximum after 20 × 10 kg, known to ±6 %: 20 kg.'
 */
export function wantedWords(wanted: Wanted, unit: MassUnit): string {
  const { weakest } = wanted;
  if (weakest?.along) return weakestWords(weakest, wanted.kg, unit);
  return weakest
    ? `${weakestWords(weakest, wanted.kg, unit)} ${loadWords(wanted, unit)}`
    : loadWords(wanted, unit);
}

/**
 * Which part of a combination decides the load, and what the others could take.
 *
 * @param weakest the part with what the others allow
 * @param kg what it allows
 * @param unit the reader's
 * @example weakestWords({ name: 'raise', others: [{ name: 'squat', kg: 20 }] }, 4, 'kg') // 'The raise decides: 4 kg; the squat alone could take 20 kg.'
 */
export function weakestWords({ name, others, along }: WeakestPart, kg: number, unit: MassUnit): string {
  const rest = others.map((other) => `the ${other.name} alone could take ${formatLoad(other.kg, unit)}`);
  const why = along ? ' at the most, a tenth of the body, as it is usually done without' : '';
  return `The ${name} decides: ${formatLoad(kg, unit)}${why}${rest.length > 0 ? `; ${rest.join(', ')}` : ''}.`;
}

function loadWords(
  { kg, reps, reserve, estimate, source, eased, percent, bodyKg }: Wanted,
  unit: MassUnit,
): string {
  const max = `${formatLoad(estimate.maxKg, unit)}, ${basisWords(estimate, unit)}`;
  const body = bodyKg > 0 ? ` in all, ${formatLoad(Math.round(bodyKg), unit)} of it body` : '';
  const load = kg > 0 ? formatLoad(kg, unit) : 'body weight is load enough';
  if (!eased && source === 'percent') return `The plan’s share of ${max}${body}: ${load}.`;
  if (!eased && source !== 'reserve') return `The plan says ${load}.`;
  return `${Math.round(reps)} with ${reserve} left is ${Math.round(percent)} % of ${max}${body}: ${load}.`;
}

/**
 * Where a maximum comes from, how well it is known, and which side of the band was taken.
 *
 * @param estimate the maximum
 * @param unit the reader's
 * @example basisWords(estimate, 'kg') // 'the maximum after 12 × 20 kg, known to ±6 %'
 */
export function basisWords(
  { basis, from, sets, standardError, maxKg, middleKg }: StrengthEstimate,
  unit: MassUnit,
): string {
  const known = `known to ±${Math.round(standardError * 100)} %`;
  const low =
    maxKg < middleKg * LOWER_THAN_MIDDLE ? `, so the low side of ${formatLoad(middleKg, unit)}` : '';
  if (basis === 'guess') {
    return `a guess from body mass and experience, ${known}${low}, as no set is known yet`;
  }
  const set = from ? knownSetWords(from, unit) : '';
  const after =
    basis === 'tested'
      ? `the maximum after ${sets === 1 ? '' : `${sets} sets, the last `}${set}`
      : `carried over from ${set} of a related exercise`;
  return `${after}, ${known}${low}`;
}

/** Less than this share of the middle of a band is worth a word. */
const LOWER_THAN_MIDDLE = 0.995;

/** "12 × 20 kg": as many as were possible, those left undone included. */
function knownSetWords({ reps, reserve, loadKg }: KnownSet, unit: MassUnit): string {
  const possible = reserve === undefined ? `${reps}, more perhaps,` : String(reps + reserve);
  return loadKg === undefined ? `${possible} reps` : `${possible} × ${formatLoad(loadKg, unit)}`;
}
