import type { Prescription, Target, Tempo, Work } from '../model';
import { formatLoad, type MassUnit } from '../units';

/** The work of one set: "10", "8–12", "45 s", "hold 30 s". */
export function workText(work: Work): string {
  switch (work.kind) {
    case 'reps':
      return String(work.reps);
    case 'range':
      return `${work.low}–${work.high}`;
    case 'time':
      return `${work.seconds} s`;
    case 'hold':
      return `hold ${work.seconds} s`;
  }
}

/** "3-1-2": seconds down, held, up. */
export function tempoText({ down, pause, up }: Tempo): string {
  return `${down}-${pause}-${up}`;
}

function targetText(target: Target, unit: MassUnit): string | undefined {
  switch (target.kind) {
    case 'reserve':
      return `${target.reps} left`;
    case 'percent':
      return `@${target.percent}%`;
    case 'load':
      return formatLoad(target.loadKg, unit);
    case 'none':
      return undefined;
  }
}

/**
 * A prescription in its one canonical form, which `parsePrescription` reads back to the same:
 * "4 × 8–10 each side, 2 left, 3-1-1, rest 90 s".
 *
 * @param unit the reader's unit, for a prescribed load
 */
export function formatPrescription(prescription: Prescription, unit: MassUnit = 'kg'): string {
  const { sets, work, perSide, target, tempo, restSeconds } = prescription;
  return [
    `${sets} × ${workText(work)}${perSide ? ' each side' : ''}`,
    targetText(target, unit),
    tempo && tempoText(tempo),
    restSeconds !== undefined && `rest ${restSeconds} s`,
  ]
    .filter(Boolean)
    .join(', ');
}
