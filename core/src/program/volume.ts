import type { DrayDocument, LogEntry, Muscle, Pattern, Program } from '../model';
import { muscleSchema } from '../model';
import type { Catalog } from '../ladder';
import type { Cell } from '../resolve';
import type { Resolver } from './resolver';
import { classDays, type ClassDay } from './schedule';

/** Sets of one muscle in one week, each counted by the muscle's share in the exercise. */
export type MuscleSets = ReadonlyMap<Muscle, number>;

/**
 * Where weekly sets of a muscle stand against the published dose. Source: Schoenfeld, Ogborn & Krieger 2017, fewer than 5, 5 to 9,
 * and 10 or more sets a week: more is more up to at least 10.
 */
export const DOSE = { some: 5, full: 10 } as const;
export type DoseBand = 'none' | 'under5' | 'from5' | 'from10';

/**
 * Where a number of weekly sets of a muscle stands against the published dose.
 *
 * @param sets of one muscle in a week
 * @example doseBand(12) // 'from10'
 */
export function doseBand(sets: number): DoseBand {
  if (sets >= DOSE.full) return 'from10';
  if (sets >= DOSE.some) return 'from5';
  return sets > 0 ? 'under5' : 'none';
}

export const DOSE_WORDS: Record<DoseBand, string> = {
  none: 'no sets',
  under5: 'fewer than 5 sets: keeps what is there',
  from5: '5 to 9 sets: builds',
  from10: '10 sets or more: the full dose',
};

/**
 * Sets by muscle of resolved cells; warm-up and cool-down must be left out by the caller. Common practice: by share.
 *
 * @param cells of one card
 * @example setsInCells(card.cells).get('thighFront') // 6
 */
export function setsInCells(cells: readonly Cell[]): MuscleSets {
  const total = new Map<Muscle, number>();
  for (const cell of cells) {
    if (cell.status !== 'ready') continue;
    addSets(total, cell.version.exercise.muscles, cell.work.sets);
  }
  return total;
}

/**
 * Sets by muscle that were really done; two sides of one set count once.
 *
 * @param entries of one week
 * @param catalog looks up muscles
 * @example setsDone(entries, catalog).get('thighFront') // 6
 */
export function setsDone(entries: readonly LogEntry[], catalog: Catalog): MuscleSets {
  const total = new Map<Muscle, number>();
  const seen = new Set<string>();
  for (const { date, participantId, slotId, set, exerciseId, amount } of entries) {
    const key = `${date} ${participantId} ${slotId} ${set}`;
    const exercise = catalog.exerciseById(exerciseId);
    if (!exercise || amount === 0 || seen.has(key)) continue;
    seen.add(key);
    addSets(total, exercise.muscles, 1);
  }
  return total;
}

function addSets(
  total: Map<Muscle, number>,
  muscles: readonly { readonly muscle: Muscle; readonly share: number }[],
  sets: number,
): void {
  for (const { muscle, share } of muscles) total.set(muscle, (total.get(muscle) ?? 0) + share * sets);
}

/**
 * What a week of a program gives one person: sets by muscle over all its sessions, those on holidays left out. In the
 * order of the body, every muscle listed.
 *
 * @param document with everything in it
 * @param program whose weeks
 * @param resolver to work it out with
 * @example weeklyVolume(document, program)
 */
export function weeklyVolume(
  document: DrayDocument,
  program: Program,
  { week, participantId }: { readonly week: number; readonly participantId: string },
  resolver: Resolver,
): { readonly muscle: Muscle; readonly sets: number; readonly band: DoseBand }[] {
  const total = new Map<Muscle, number>();
  for (const { sessionId, nth } of classesIn(document, program, week)) {
    const card = resolver.card(document, { participantId, sessionId, week, nth });
    const training = card.cells.filter((_, column) => card.columns[column]?.letter !== '');
    for (const [muscle, sets] of setsInCells(training)) total.set(muscle, (total.get(muscle) ?? 0) + sets);
  }
  return muscleSchema.options.map((muscle) => {
    const sets = total.get(muscle) ?? 0;
    return { muscle, sets, band: doseBand(sets) };
  });
}

/** The classes of a week that are held. */
function classesIn(document: DrayDocument, program: Program, week: number): ClassDay[] {
  return classDays(program, document.classes).filter(
    (day) => day.week === week && !day.holiday && !day.cancelled,
  );
}

/** Days a week of strengthening work at least, and from which age on balance counts too. Source: WHO guidelines 2020. */
export const WEEKLY_MINIMUM = { strengthDays: 2, olderFromAge: 65, olderDays: 3 } as const;

/** How many days of a week train, against the least that is advised. */
export interface WeeklyDays {
  /** With strengthening work. */
  readonly strength: number;
  /** With strengthening or balance work. */
  readonly either: number;
  /** What is advised is reached. */
  readonly enough: boolean;
  /** In a sentence. */
  readonly words: string;
}

/** Neither strengthens: loosening up, balance, and work for the heart alone. */
const NO_STRENGTH: ReadonlySet<Pattern> = new Set(['mobility', 'balance', 'thrust', 'hop']);

/**
 * Days of a program's week that train one person, against the weekly minimum: two of strengthening for everybody; from 65 on three of
 * strengthening or balance. Source: WHO guidelines 2020.
 *
 * @param document with everything in it
 * @param program whose week
 * @param of which week, whom, and how old they are
 * @param resolver to work it out with
 * @example weeklyDays(document, program, { week: 1, participantId: 'odile', age: 69 }, resolver).enough // false
 */
export function weeklyDays(
  document: DrayDocument,
  program: Program,
  of: { readonly week: number; readonly participantId: string; readonly age: number | undefined },
  resolver: Resolver,
): WeeklyDays {
  const { week, participantId, age } = of;
  const strength = new Set<number>();
  const either = new Set<number>();
  for (const { sessionId, nth, weekday } of classesIn(document, program, week)) {
    const card = resolver.card(document, { participantId, sessionId, week, nth });
    for (const [column, cell] of card.cells.entries()) {
      if (cell.status !== 'ready' || card.columns[column]?.letter === '') continue;
      const { pattern } = cell.version.exercise;
      if (!NO_STRENGTH.has(pattern)) strength.add(weekday);
      if (!NO_STRENGTH.has(pattern) || pattern === 'balance') either.add(weekday);
    }
  }
  const { strengthDays, olderFromAge, olderDays } = WEEKLY_MINIMUM;
  const older = age !== undefined && age >= olderFromAge;
  const enough = strength.size >= strengthDays && (!older || either.size >= olderDays);
  const least = older
    ? `from ${olderFromAge} on ${strengthDays} of strength, and balance or strength on ${olderDays}`
    : `${strengthDays} of strength`;
  const has = older
    ? `${daysWords(strength.size)} of strength, ${either.size} with balance counted`
    : `${daysWords(strength.size)} of strength`;
  return {
    strength: strength.size,
    either: either.size,
    enough,
    words: `${has}; the least advised is ${least} a week (WHO 2020).`,
  };
}

function daysWords(days: number): string {
  return days === 1 ? '1 day' : `${days} days`;
}
