import {
  MUSCLE_WORDS,
  type DrayDocument,
  type Muscle,
  type Program,
  type Session,
  type Tier,
} from '../model';
import { BLOCKS } from '../model';
import type { Catalog } from '../ladder';
import { versionForTier } from '../plan';
import { daysBetween } from '../units';
import { classDays, dateIn, roomiestWeekday, type ClassDay } from './schedule';

/** Hours before a muscle is trained hard again. Common practice, no published source. */
export const RECOVERY_HOURS = 48;
const HOURS_A_DAY = 24;
/** Sets, counted by share, from which a muscle was trained hard. Common practice, no published source. */
export const HARD_SETS = 2;
/** Less of a part in an exercise than this does not tire a muscle. Common practice, no published source. */
const LEAST_SHARE = 0.25;

export interface RecoveryConflict {
  readonly before: ClassDay;
  readonly after: ClassDay;
  readonly hours: number;
  readonly muscles: readonly { readonly muscle: Muscle; readonly before: number; readonly after: number }[];
  readonly words: string;
}

/**
 * Sessions that may stand between hard days: balance and posture tire nothing. Common practice.
 *
 * @example isEasyDay({ ...session, focus: 'balance' }) // true
 */
export function isEasyDay({ focus }: Session): boolean {
  return focus === 'balance' || focus === 'posture';
}

/**
 * Hard sets by muscle of a session, as one tier does it.
 *
 * @param session to look at
 * @param tier who does it
 * @param catalog looks up muscles
 * @example hardSets(session, 'intermediate', catalog).get('thighFront') // 6
 */
export function hardSets(session: Session, tier: Tier, catalog: Catalog): ReadonlyMap<Muscle, number> {
  const total = new Map<Muscle, number>();
  for (const { kind, slots } of session.blocks) {
    if (!BLOCKS[kind].lettered || kind === 'balance') continue;
    for (const slot of slots) {
      const { exercise } = versionForTier(slot, tier, catalog) ?? {};
      for (const { muscle, share } of exercise?.muscles ?? []) {
        if (share < LEAST_SHARE) continue;
        total.set(muscle, (total.get(muscle) ?? 0) + share * slot.prescriptions[tier].sets);
      }
    }
  }
  return total;
}

/**
 * Classes of a program less than 48 hours apart that train the same muscle hard, counted by its share in each exercise, so
 * that a day of heavy hinges before a day of rows is found by the low back.
 *
 * @param document with its sessions
 * @param program whose days
 * @param about tier and catalog
 * @example recoveryConflicts(document, program, { tier: 'intermediate', catalog })[0]?.hours // 24
 */
export function recoveryConflicts(
  document: Pick<DrayDocument, 'sessions'> & Partial<Pick<DrayDocument, 'classes'>>,
  program: Program,
  { tier, catalog }: { readonly tier: Tier; readonly catalog: Catalog },
): RecoveryConflict[] {
  const sessions = new Map(document.sessions.map((session) => [session.id, session]));
  const hard = new Map(
    document.sessions.map((session) => [
      session.id,
      isEasyDay(session) ? new Map() : hardSets(session, tier, catalog),
    ]),
  );
  const days = classDays(program, document.classes).filter(
    ({ holiday, cancelled }) => !holiday && !cancelled,
  );
  const conflicts: RecoveryConflict[] = [];
  days.forEach((before, index) => {
    for (const after of days.slice(index + 1)) {
      const hours = daysBetween(before.date, after.date) * HOURS_A_DAY;
      if (hours >= RECOVERY_HOURS) break;
      const second = hard.get(after.sessionId);
      const muscles = [...(hard.get(before.sessionId) ?? [])].flatMap(([muscle, sets]: [Muscle, number]) => {
        const again = second?.get(muscle) ?? 0;
        return sets >= HARD_SETS && again >= HARD_SETS ? [{ muscle, before: sets, after: again }] : [];
      });
      if (muscles.length === 0) continue;
      muscles.sort((a, b) => b.before + b.after - a.before - a.after);
      const names = muscles
        .slice(0, 3)
        .map(({ muscle }) => MUSCLE_WORDS[muscle])
        .join(', ');
      const gap = hours === 0 ? 'on the same day' : `${hours} h apart`;
      const pair = `${sessions.get(before.sessionId)?.name} and ${sessions.get(after.sessionId)?.name}`;
      conflicts.push({ before, after, hours, muscles, words: `${pair} are ${gap}: ${names} hard in both.` });
    }
  });
  return conflicts;
}

/**
 * Weekdays of a week with no class, on which balance or posture may stand.
 *
 * @param program to look at
 * @param week its number, from 1
 * @example freeWeekdays(program, 1) // [1, 3, 4, 6, 7]
 */
export function freeWeekdays(program: Program, week: number): number[] {
  const taken = new Set(
    program.weeks.find((planned) => planned.week === week)?.days.map(({ weekday }) => weekday),
  );
  return [1, 2, 3, 4, 5, 6, 7].filter((weekday) => !taken.has(weekday));
}

/**
 * Puts an easy session once into every week that is not over, on the day with the most room to the classes around it; where it stood
 * before it gives up its day. Weeks in which it has been, that are over, or without a day left, stay as they are. Common practice: balance and
 * posture fill the days between.
 *
 * @param program to be changed
 * @param sessionId of what is easy
 * @param today days before it are over
 * @example placeBetween(program, 'posture', '2026-11-25')
 */
export function placeBetween(program: Program, sessionId: string, today: string): Program {
  return {
    ...program,
    weeks: program.weeks.map((week) => {
      const stood = week.days.find((day) => day.sessionId === sessionId);
      if (stood && dateIn(program, week.week, stood.weekday) < today) return week;
      const weekday = roomiestWeekday(program, week.week, { sessionId, today });
      const others = week.days.filter((day) => day.sessionId !== sessionId);
      return weekday === undefined ? week : { ...week, days: [...others, { weekday, sessionId }] };
    }),
  };
}
