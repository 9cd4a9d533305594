/**
 * Four weeks of the boatyard class as they went: what the board asked, and what each of them did with it. Everyone in it
 * is made up. The log is worked out week by week from the boards of the weeks before, so that it fits them.
 */
import {
  classDays,
  classId,
  createResolver,
  decide,
  reviewClass,
  dateIn,
  loadWords,
  type Cell,
  type DrayDocument,
  type LogEntry,
  type Visit,
} from '@dray/core';

import { boatyard } from './boatyard';

type Ready = Extract<Cell, { status: 'ready' }>;

/** How one set went against what was asked; nothing where they were not there. */
type Went = Pick<LogEntry, 'amount'> & Partial<LogEntry>;
type Story = (cell: Ready, set: number) => Went | undefined;

const left = (cell: Ready, more = 0) => Math.max(0, Math.min(10, (cell.work.reserve ?? 2) + more));
const asked = (cell: Ready, set: number) => cell.eachSet?.[set - 1]?.amount ?? cell.work.amount;
const plain: Story = (cell, set) => ({
  amount: asked(cell, set),
  ...(cell.work.kind === 'reps' && { reserve: left(cell) }),
});

/** Who comes when, and how it goes: people miss days, stall, jump ahead, and one shoulder gets sore. */
const STORIES: Readonly<Record<string, Story>> = {
  bram: (cell, set) => {
    // Stalls on the row: the last set falls short from the second week on.
    if (cell.slotId === 'tue-row' && cell.week >= 2 && set === cell.work.sets) {
      return { amount: asked(cell, set) - 2, reserve: 0, form: cell.week === 3 ? 'lost' : 'held' };
    }
    return plain(cell, set);
  },
  odile: (cell, set) => {
    // Regular as the tide, and the hinge is far too easy for her.
    if (cell.slotId.endsWith('hinge')) return { amount: asked(cell, set) + 2, left: 'plenty' };
    return { amount: asked(cell, set), ...(cell.work.kind === 'reps' && { left: 'some' }) };
  },
  tamsin: (cell, set) => {
    // Away in the third week, on a boat.
    if (cell.week === 3) return undefined;
    if (cell.slotId.endsWith('row')) return { amount: asked(cell, set), reserve: left(cell), side: 'right' };
    return plain(cell, set);
  },
  anselm: (cell, set) => {
    // Pilots ships on Fridays: the second session is missed every other week.
    if (cell.slotId.startsWith('fri') && cell.week % 2 === 0) return undefined;
    if (cell.slotId === 'tue-plank') return { amount: asked(cell, set) };
    return plain(cell, set);
  },
  juno: (cell, set) => {
    // Jumps ahead on squats and press-ups.
    const ahead = cell.slotId.endsWith('squat') || cell.slotId.endsWith('press');
    return ahead
      ? { amount: asked(cell, set) + (set === cell.work.sets ? 3 : 1), reserve: left(cell, 1) }
      : plain(cell, set);
  },
  wendel: (cell, set) => {
    if (cell.week === 2 && cell.slotId.startsWith('fri')) return undefined;
    if (cell.week === 4 && cell.slotId === 'fri-press') return undefined;
    const sore = cell.slotId === 'tue-press' && cell.week === 4;
    return {
      ...plain(cell, set),
      amount: asked(cell, set),
      ...(sore && {
        pain: { place: 'right shoulder', score: 5 },
        note: 'sharp at the bottom, stopped after two',
      }),
    };
  },
};

/** Left and right of these are written down apart: Tamsin's left arm is behind. */
const BOTH_SIDES: Readonly<Record<string, string>> = { tamsin: 'row' };
const LEFT_BEHIND = 2;

/** How hard they said each visit was, and how long it took. */
const EFFORTS: Readonly<Record<string, readonly number[]>> = {
  bram: [7, 8, 8, 8],
  odile: [4, 4, 5, 5],
  tamsin: [6, 6, 6, 7],
  anselm: [5, 6, 6, 6],
  juno: [6, 6, 7, 7],
  wendel: [6, 7, 6, 7],
};

/** Steps up the ladder that the coach agreed to, by the week after which. */
const AGREED: Readonly<Record<number, readonly string[]>> = {
  2: ['odile tue-squat', 'anselm tue-squat'],
  3: ['juno tue-hinge'],
};

/** Who comes at noon; the others eat. Juno is not there on the second Thursday. */
const AT_NOON: readonly string[] = ['odile', 'anselm', 'juno'];
const atNoon = (who: string, week: number, nth: number) =>
  AT_NOON.includes(who) && !(who === 'juno' && week === 2 && nth === 2);

/** The first weeks of the noon program logged, two classes in each, told apart by which of them it was. */
function afterNoons(start: DrayDocument, weeks: number): DrayDocument {
  const program = start.programs.find(({ id }) => id === 'noon');
  const resolver = createResolver();
  let document = start;
  for (const day of program ? classDays(program) : []) {
    const { sessionId, week, nth, date } = day;
    if (week > weeks) break;
    const board = resolver.board(document, { sessionId, week, nth });
    const log = board.rows
      .filter(({ participant }) => atNoon(participant.id, week, nth))
      .flatMap(({ cells }) =>
        cells.flatMap((cell) => (cell.status === 'ready' ? setsOf(cell, sessionId, date, nth) : [])),
      );
    const there = [...new Set(log.map(({ participantId }) => participantId))];
    const held = { id: classId(sessionId, week, nth), sessionId, week, nth, date, there };
    document = {
      ...document,
      classes: [...document.classes, held],
      log: [...document.log, ...log],
    };
  }
  return document;
}

/** The document with its first weeks logged. */
function afterWeeks(start: DrayDocument, weeks: number): DrayDocument {
  const [program] = start.programs;
  if (!program) return start;
  const resolver = createResolver();
  let document = start;
  let made = 0;
  const newId = () => `agreed-${(made += 1)}`;
  for (let week = 1; week <= weeks; week += 1) {
    for (const { sessionId, weekday } of program.weeks[week - 1]?.days ?? []) {
      const date = dateIn(program, week, weekday);
      const board = resolver.board(document, { sessionId, week });
      const log: LogEntry[] = [];
      const visits: Visit[] = [];
      for (const { participant, cells } of board.rows) {
        const entries = cells.flatMap((cell, at) =>
          cell.status === 'ready' && board.columns[at]?.letter ? setsOf(cell, sessionId, date) : [],
        );
        log.push(...entries);
        const effort = EFFORTS[participant.id]?.[week - 1];
        if (entries.length > 0 && effort !== undefined) {
          const minutes = board.session.budgetMinutes + (participant.id === 'odile' ? 5 : 0);
          const id = `${participant.id}-${date}`;
          visits.push({ id, participantId: participant.id, sessionId, week, date, effort, minutes });
        }
      }
      const there = [...new Set(log.map(({ participantId }) => participantId))];
      const held = { id: classId(sessionId, week), sessionId, week, nth: 1, date, there };
      document = {
        ...document,
        classes: [...document.classes, held],
        log: [...document.log, ...log],
        visits: [...document.visits, ...visits],
      };
      const steps = AGREED[week] ?? [];
      const agreed = reviewClass(document, { sessionId, week }, resolver).filter(
        ({ kind, participantId, slotId }) => kind === 'gate' && steps.includes(`${participantId} ${slotId}`),
      );
      document = decide(document, agreed, 'agreed', { newId, unit: document.settings.unit });
    }
  }
  return document;
}

function setsOf(cell: Ready, sessionId: string, date: string, nth = 1): LogEntry[] {
  const story = STORIES[cell.participantId] ?? plain;
  return Array.from({ length: cell.work.sets }, (_, at) => at + 1).flatMap((set): LogEntry[] => {
    const went = story(cell, set);
    if (!went) return [];
    const entry = { ...base(cell, set, sessionId, date, nth), ...went };
    if (!cell.slotId.endsWith(BOTH_SIDES[cell.participantId] ?? '-')) return [entry];
    const behind = {
      ...entry,
      id: `${entry.id}-l`,
      side: 'left' as const,
      amount: entry.amount - LEFT_BEHIND,
    };
    return [behind, { ...entry, id: `${entry.id}-r`, side: 'right' as const }];
  });
}

function base(cell: Ready, set: number, sessionId: string, date: string, nth: number): LogEntry {
  const { version, load, eachSet } = cell;
  const kg = eachSet ? eachSet[set - 1]?.kg : load?.kg;
  return {
    id: `${cell.participantId}-${cell.slotId}-${cell.week}${nth > 1 ? `.${nth}` : ''}-${set}`,
    participantId: cell.participantId,
    sessionId,
    slotId: cell.slotId,
    week: cell.week,
    ...(nth > 1 && { nth }),
    date,
    exerciseId: version.exercise.id,
    ...(version.rung && { rungId: version.rung.id }),
    ...(kg !== undefined && {
      loadKg: kg,
      recipe: madeIn(cell, set).slice(0, 200),
    }),
    set,
    counted: cell.work.kind === 'reps' ? 'reps' : 'seconds',
    amount: 0,
  };
}

function madeIn({ eachSet, load }: Ready, set: number): string {
  const made = eachSet?.[set - 1]?.recipe ? eachSet[set - 1] : load;
  return made ? loadWords(made) : '';
}

/** The class in its fifth week, with four behind it: what a fresh profile opens with. */
export const boatyardInWeekFive: DrayDocument = afterNoons(afterWeeks(boatyard, 4), 4);
