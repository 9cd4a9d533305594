import {
  formatMass,
  RANGE_WORDS,
  SAME_WRITTEN_KG,
  setPatternText,
  sidesText,
  tempoText,
  workText,
  type MassUnit,
  type ReadyCell,
} from '@dray/core';
import { plural } from './count';

/** The work of a cell wherever it stands, with how hard: "3 × 10 each side, 2 left", "2 × max in 60 s, stop with 1 left". */
export function workWords(cell: ReadyCell): string {
  return [countWords(cell), effortWords(cell)].filter(Boolean).join(', ');
}

/** How much is to be left in each set; nothing where work is by the clock, or only loosens up. */
export function effortWords({ work, planned, version }: ReadyCell): string {
  const { reserve } = work;
  if (reserve === undefined || version.exercise.pattern === 'mobility') return '';
  if (planned.work.kind === 'most') return reserve > 0 ? $localize`stop with ${reserve} left` : '';
  if (work.kind !== 'reps') return '';
  return reserve === 0 ? $localize`none left` : $localize`${reserve} left`;
}

/** The same in the words of a card: "3 × 12, stop with 2 left". */
export function plainWorkWords(cell: ReadyCell): string {
  const { reserve } = cell.work;
  const leads = effortWords(cell) !== '';
  const effort =
    !leads || reserve === undefined
      ? ''
      : reserve === 0
        ? $localize`as long as every one is clean`
        : $localize`stop with ${reserve} left`;
  return [countWords(cell), effort].filter(Boolean).join(', ');
}

/** How many, where how hard is said beside it: "3 × 10 each side", "3 × 12, 10, 8", "2 × max in 60 s". */
export function countWords({ work, planned, eachSet }: ReadyCell): string {
  const amounts = eachSet?.map(({ amount }) => amount) ?? [];
  const differ = new Set(amounts).size > 1;
  const side = work.perSide ? ` ${sidesText({ perSide: true, sideOrder: planned.sideOrder })}` : '';
  const seconds = work.kind === 'reps' ? '' : ' s';
  return `${work.sets} × ${differ ? amounts.join(', ') : one({ work, planned })}${differ ? seconds : ''}${side}`;
}

/** One set: a number, or what the plan leaves open. */
function one({ work, planned }: Pick<ReadyCell, 'work' | 'planned'>): string {
  const said = planned.work;
  if (said.kind === 'most') return workText(said);
  if (said.kind === 'either') return workText({ ...said, reps: work.amount });
  return work.kind === 'reps' ? `${work.amount}` : `${work.amount} s`;
}

/** What is said of the work beside its count: tempo, the way, what one is, how sets differ. */
export function tempoWords({ work, planned }: ReadyCell): string {
  return [
    work.tempo && $localize`tempo ${tempoText(work.tempo)}`,
    work.range && RANGE_WORDS[work.range],
    planned.one !== undefined && $localize`one = ${planned.one}`,
    planned.setPattern?.kind === 'dropOnForm' && setPatternText(planned.setPattern),
    planned.activeRest !== undefined && $localize`rest with ${planned.activeRest}`,
  ]
    .filter(Boolean)
    .join(', ');
}

/** The load of each set where they differ: "8 → 9 → 10 kg", "0" for none. */
export function eachLoadWords({ eachSet, load }: ReadyCell, unit: MassUnit): string {
  const hands = load?.hold === 'pair' ? 2 : 1;
  const loads = eachSet?.map(({ kg }) => (kg ?? 0) / hands) ?? [];
  if (new Set(loads).size < 2) return '';
  return `${hands === 2 ? '2 × ' : ''}${loads.map((kg) => (kg === 0 ? 'none' : formatMass(kg, unit))).join(' → ')} ${unit}`;
}

export interface ChangeWords {
  /** Which number it stands beside. */
  readonly of: 'load' | 'work';
  readonly text: string;
  /** The same where nothing else says of what it is: "+2 reps", "+1 kg each". */
  readonly said: string;
  readonly direction: 'up' | 'down' | 'level';
}

/**
 * Change since last week as a signed number: the load where it changed, else the reps or seconds, "=" when all
 * stayed.
 */
export function changeWords({ change, work, load }: ReadyCell, unit: MassUnit): ChangeWords | undefined {
  if (!change) return undefined;
  const kg = Math.abs(change.kg) < SAME_WRITTEN_KG ? 0 : change.kg;
  if (kg !== 0) {
    const pair = load?.hold === 'pair';
    const text = signed(kg, formatMass(Math.abs(kg) / (pair ? 2 : 1), unit));
    return {
      of: 'load',
      text,
      said: pair ? $localize`${text} ${unit} each` : `${text} ${unit}`,
      direction: direction(kg),
    };
  }
  const counted = change.amount !== 0 ? change.amount : change.sets;
  if (counted === 0) return { of: load ? 'load' : 'work', text: '=', said: '', direction: 'level' };
  const number = signed(counted, String(Math.abs(counted)));
  const sets = `${number} ${plural(Math.abs(counted), $localize`set`, $localize`sets`)}`;
  const reps = `${number} ${plural(Math.abs(counted), $localize`rep`, $localize`reps`)}`;
  const seconds = `${number} s`;
  const said = change.amount === 0 ? sets : work.kind === 'reps' ? reps : seconds;
  return { of: 'work', text: said === reps ? number : said, said, direction: direction(counted) };
}

function signed(value: number, digits: string): string {
  return `${value > 0 ? '+' : '−'}${digits}`;
}

function direction(value: number): 'up' | 'down' {
  return value > 0 ? 'up' : 'down';
}
