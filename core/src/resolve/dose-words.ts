import type { KnownSet } from '../model';
import { movedKg, percentOfMax, type StrengthEstimate } from '../strength';
import { formatLoad, type MassUnit } from '../units';
import type { CellLoad, CellWork } from './cell';
import type { DoseJob } from './dose-job';
import type { Wanted } from './wanted';

/** Why this load is wanted: the reps asked as a share of a maximum, and where that comes from. */
export function wantedWords(job: DoseJob, { kg, reps, reserve, estimate, source, eased }: Wanted): string {
  const whole = Math.round(reps);
  const percent = Math.round(percentOfMax(reps + reserve));
  const max = job.kg(estimate.maxKg);
  const maxWords = `${max}, ${basisWords(job, estimate)}`;
  if (source === 'asked' && !eased) {
    return job.placement.prescription.target.kind === 'percent'
      ? `The plan’s share of ${maxWords}: ${job.kg(kg)}.`
      : `The plan says ${job.kg(kg)}.`;
  }
  return `${whole} with ${reserve} left is ${percent} % of ${maxWords}: ${job.kg(kg)}.`;
}

/** Where the maximum comes from, how well it is known, and which side of the band was taken. */
function basisWords(
  job: DoseJob,
  { basis, from, sets, standardError, maxKg, middleKg }: StrengthEstimate,
): string {
  const known = `known to ±${Math.round(standardError * 100)} %`;
  const low = maxKg < middleKg * 0.995 ? `, so the low side of ${job.kg(middleKg)}` : '';
  if (basis === 'guess') {
    return `a guess from body mass and experience, ${known}${low}, as no set is known yet`;
  }
  const set = from && setWords(from, job.context.unit);
  const after =
    basis === 'tested'
      ? `the maximum after ${sets === 1 ? '' : `${sets} sets, the last `}${set ?? ''}`
      : `carried over from ${set ?? ''} of a related exercise`;
  return `${after}, ${known}${low}`;
}

export function plainWords(job: DoseJob, amount: number): string {
  return job.kind === 'reps' ? `${amount} reps as planned.` : `${amount} s as planned.`;
}

/** How heavy a version is by itself, where the body model can tell. */
export function bodyWords(job: DoseJob): string {
  const { version } = job.placement;
  const kg = version && movedKg({}, version.exercise, version.rung, job.context.participant);
  if (kg === undefined) return 'Body weight: the version itself sets how heavy it is.';
  const share = Math.round((100 * kg) / job.context.participant.bodyMassKg);
  return `Body weight: the hands carry about ${share} % of it, ${job.kg(Math.round(kg))}.`;
}

export function writeWords(job: DoseJob, work: CellWork, load: CellLoad | undefined): string {
  const what = work.kind === 'reps' ? String(work.amount) : `${work.amount} s`;
  const side = work.perSide ? ' each side' : '';
  const rest = work.restSeconds === 0 ? 'then straight on' : `rest ${work.restSeconds} s`;
  return `${work.sets} × ${what}${side}${load ? ` with ${job.kg(load.kg)}` : ''}, ${rest}.`;
}

/** "12 × 20 kg": as many as were possible, those left undone included. */
function setWords({ reps, reserve, loadKg }: KnownSet, unit: MassUnit): string {
  const possible = reserve === undefined ? `${reps}, more perhaps,` : String(reps + reserve);
  return loadKg === undefined ? `${possible} reps` : `${possible} × ${formatLoad(loadKg, unit)}`;
}

/** "4 %": how much more one load is than another. */
export function growth(fromKg: number, toKg: number): string {
  return `${Math.round((toKg / fromKg - 1) * 100)} %`;
}
