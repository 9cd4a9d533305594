import { formatMass, inUnit, tempoText, type MassUnit, type ReadyCell } from '@dray/core';

/** The work of a cell as it stands on board and card: "3 × 10 each side". */
export function workWords({ work }: ReadyCell): string {
  const amount = work.kind === 'reps' ? `${work.amount}` : `${work.amount} s`;
  return `${work.sets} × ${amount}${work.perSide ? ' each side' : ''}`;
}

/** What is said of the work beside its count: tempo. */
export function tempoWords({ work }: ReadyCell): string {
  return work.tempo ? `tempo ${tempoText(work.tempo)}` : '';
}

export interface ChangeWords {
  readonly text: string;
  readonly direction: 'up' | 'down' | 'level';
}

/**
 * Change since last week as a signed number: the load where it changed, else the reps or seconds, "=" when all
 * stayed.
 */
export function changeWords({ change, work }: ReadyCell, unit: MassUnit): ChangeWords | undefined {
  if (!change) return undefined;
  const kg = Math.abs(change.kg) < 0.005 ? 0 : change.kg;
  const unitWords = work.kind === 'reps' ? (Math.abs(change.amount) === 1 ? ' rep' : ' reps') : ' s';
  if (kg !== 0)
    return { text: signed(kg, formatMass(Math.abs(kg), unit)), direction: direction(inUnit(kg, unit)) };
  if (change.amount !== 0) {
    return {
      text: signed(change.amount, String(Math.abs(change.amount))) + unitWords,
      direction: direction(change.amount),
    };
  }
  if (change.sets !== 0) {
    return {
      text: `${signed(change.sets, String(Math.abs(change.sets)))} sets`,
      direction: direction(change.sets),
    };
  }
  return { text: '=', direction: 'level' };
}

function signed(value: number, digits: string): string {
  return `${value > 0 ? '+' : '−'}${digits}`;
}

function direction(value: number): 'up' | 'down' {
  return value > 0 ? 'up' : 'down';
}
