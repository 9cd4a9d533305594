import { formatMass, tempoText, type MassUnit, type ReadyCell } from '@dray/core';

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
  /** Which number it stands beside. */
  readonly of: 'load' | 'work';
  readonly text: string;
  readonly direction: 'up' | 'down' | 'level';
}

/**
 * Change since last week as a signed number: the load where it changed, else the reps or seconds, "=" when all
 * stayed.
 */
export function changeWords({ change, work, load }: ReadyCell, unit: MassUnit): ChangeWords | undefined {
  if (!change) return undefined;
  const kg = Math.abs(change.kg) < 0.005 ? 0 : change.kg;
  if (kg !== 0) {
    return { of: 'load', text: signed(kg, formatMass(Math.abs(kg), unit)), direction: direction(kg) };
  }
  const counted = change.amount !== 0 ? change.amount : change.sets;
  if (counted === 0) return { of: load ? 'load' : 'work', text: '=', direction: 'level' };
  const unitWords = change.amount === 0 ? ' sets' : work.kind === 'reps' ? '' : ' s';
  return {
    of: 'work',
    text: signed(counted, String(Math.abs(counted))) + unitWords,
    direction: direction(counted),
  };
}

function signed(value: number, digits: string): string {
  return `${value > 0 ? '+' : '−'}${digits}`;
}

function direction(value: number): 'up' | 'down' {
  return value > 0 ? 'up' : 'down';
}
