import type { KnownSet } from '../model';
import type { StrengthEstimate } from '../strength';
import { estimateInWords, formatHeld, formatLoad } from '../units';
import type { Wanted, WeakestPart } from './reason';
import { held, type Reader } from './held';

/**
 * Why a load is wanted: the reps asked as a share of a maximum, and where that comes from.
 *
 * @param wanted the load and what it was worked out from
 * @param reader the unit, and how it is held
 * @example wantedWords(cell.wanted, { unit: 'kg' }) // '10 with 2 left is 71 % of 28 kg, the maximum after 20 × 10 kg, known to ±6 %: 20 kg.'
 */
export function wantedWords(wanted: Wanted, reader: Reader): string {
  const { weakest } = wanted;
  if (weakest?.along) return weakestWords(weakest, wanted.kg, reader);
  return weakest
    ? `${weakestWords(weakest, wanted.kg, reader)} ${loadWords(wanted, reader)}`
    : loadWords(wanted, reader);
}

/**
 * Which part of a combination decides the load, and what the others could take.
 *
 * @param weakest the part with what the others allow
 * @param kg what it allows
 * @param reader the unit, and how it is held
 * @example weakestWords({ name: 'raise', others: [{ name: 'squat', kg: 20 }] }, 4, { unit: 'kg' }) // 'The raise decides: 4 kg; the squat alone could take 20 kg.'
 */
export function weakestWords({ name, others, along }: WeakestPart, kg: number, reader: Reader): string {
  const rest = others.map((other) => `the ${other.name} alone could take ${held(other.kg, reader)}`);
  const why = along ? ' at the most, a tenth of the body, as it is usually done without' : '';
  return `The ${name} decides: ${held(kg, reader)}${why}${rest.length > 0 ? `; ${rest.join(', ')}` : ''}.`;
}

function loadWords(
  { kg, reps, reserve, estimate, source, eased, percent, bodyKg }: Wanted,
  reader: Reader,
): string {
  const { unit, hold } = reader;
  const inAll = hold === 'pair' ? ' in all' : '';
  const max = `${estimateInWords(estimate.maxKg, unit)}${inAll}, ${basisWords(estimate, reader)}`;
  const body = bodyKg > 0 ? ` in all, ${estimateInWords(bodyKg, unit)} of it body` : '';
  const load = kg > 0 ? held(kg, reader) : 'body weight is load enough';
  if (!eased && source === 'percent') return `The plan’s share of ${max}${body}: ${load}.`;
  if (!eased && source !== 'reserve') return `The plan says ${load}.`;
  return `${Math.round(reps)} with ${reserve} left is ${Math.round(percent)} % of ${max}${body}: ${load}.`;
}

/**
 * Where a maximum comes from, how well it is known, and which side of the band was taken.
 *
 * @param estimate the maximum
 * @param reader the unit, and how it is held
 * @example basisWords(estimate, { unit: 'kg' }) // 'the maximum after 12 × 20 kg, known to ±6 %'
 */
export function basisWords(
  { basis, from, sets, standardError, maxKg, middleKg }: StrengthEstimate,
  reader: Reader,
): string {
  const { unit } = reader;
  const known = `known to ±${Math.round(standardError * 100)} %`;
  const low =
    maxKg < middleKg * LOWER_THAN_MIDDLE ? `, so the low side of ${estimateInWords(middleKg, unit)}` : '';
  if (basis === 'guess') {
    return `a guess from body mass and experience, ${known}${low}, as no set is known yet`;
  }
  const set = from ? knownSetWords(from, reader) : '';
  const after =
    basis === 'tested'
      ? `the maximum after ${sets === 1 ? '' : `${sets} sets, the last `}${set}`
      : `carried over from ${set} of a related exercise`;
  return `${after}, ${known}${low}`;
}

/** Less than this share of the middle of a band is worth a word. */
const LOWER_THAN_MIDDLE = 0.995;

/**
 * "12 × 20 kg", of a pair "12 with 2 × 10 kg", and "in all" where nobody said how it was held: as many as were possible, those left
 * undone included.
 */
function knownSetWords({ reps, reserve, loadKg, hold }: KnownSet, reader: Reader): string {
  const { unit } = reader;
  const possible = reserve === undefined ? `${reps}, more perhaps,` : String(reps + reserve);
  if (loadKg === undefined) return `${possible} reps`;
  return hold === 'pair'
    ? `${possible} with ${formatHeld(loadKg, unit, true)}`
    : `${possible} × ${formatLoad(loadKg, unit)}${hold === undefined && reader.hold === 'pair' ? ' in all' : ''}`;
}
