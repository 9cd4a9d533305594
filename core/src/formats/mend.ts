import type { Catalog } from '../ladder';
import type { DrayDocument, Participant, Program } from '../model';

/** A document that was put right while it was read, and what was done to it, in words. */
export interface Mended {
  readonly document: DrayDocument;
  readonly notes: readonly string[];
}

/**
 * Puts right what can be without losing anything anybody did: weeks of a program in order and without gaps, sets and visits of
 * somebody who is not in the file get a person by that name, put by; what points at a kit, a rung, a session, a slot or a person
 * that is not there is left out, and said. What cannot be mended stays for the checks behind this one to refuse.
 *
 * @param catalog the library with the document’s own exercises and ladders
 * @example mendDocument(document, catalog).notes // ['“Autumn”: its weeks were put in order.']
 */
export function mendDocument(document: DrayDocument, catalog: Catalog): Mended {
  const notes: string[] = [];
  const programs = document.programs.map((program) => inOrder(program, notes));
  const strangers = strangersOf(document);
  for (const { id } of strangers) {
    notes.push(
      `Sets or visits of somebody who is not in the file, “${id}”, are kept: you find them under People, archived.`,
    );
  }
  const participants = [
    ...document.participants.map((one) => pointing(one, document, catalog, notes)),
    ...strangers,
  ];
  const people = idsOf(participants);
  const sessions = idsOf(document.sessions);
  const slots = idsOf(document.sessions.flatMap(({ blocks }) => blocks.flatMap((block) => block.slots)));
  const left = (count: number, words: string) => {
    if (count > 0) notes.push(`${count} ${words} left out.`);
  };

  let days = 0;
  const placed = programs.map((program) => {
    const known = (day: Program['weeks'][number]['days'][number]) => sessions.has(day.sessionId);
    if (program.weeks.every((week) => week.days.every(known))) return program;
    return {
      ...program,
      weeks: program.weeks.map((week) => {
        const own = week.days.filter(known);
        days += week.days.length - own.length;
        return { ...week, days: own };
      }),
    };
  });
  left(
    days,
    days === 1
      ? 'day of a session that is not in the file was'
      : 'days of sessions that are not in the file were',
  );

  const names = new Map(participants.map(({ id, name }) => [id, name]));
  const overrides = document.overrides.filter((override) => {
    const { participantId, slotId, rungId, exerciseId, reason } = override;
    const name = names.get(participantId);
    const there = slots.has(slotId);
    const version =
      (rungId === undefined || catalog.versionByRung.has(rungId)) &&
      (exerciseId === undefined || catalog.exerciseById(exerciseId) !== undefined);
    if (name !== undefined && there && version) return true;
    // The plan stands again where somebody had changed it, perhaps to spare them: whoever reads it has to look.
    if (name !== undefined && there) {
      notes.push(
        `${name}: what was set by hand (“${reason}”) is not in the file, and the plan stands in its place. Look at it before the next class.`,
      );
    }
    return false;
  });
  const gone = document.overrides.length - overrides.length;
  left(
    gone,
    gone === 1 ? 'change by hand of what is not there was' : 'changes by hand of what is not there were',
  );

  const classes = document.classes.map((held) => {
    const there = held.there.filter((id) => people.has(id));
    return there.length < held.there.length ? { ...held, there } : held;
  });
  return notes.length === 0 && classes.every((held, at) => held === document.classes[at])
    ? { document, notes }
    : { document: { ...document, participants, programs: placed, overrides, classes }, notes };
}

/** Weeks from the first on, each once; where one stands twice it is left for the checks. */
function inOrder(program: Program, notes: string[]): Program {
  const weeks = program.weeks.toSorted((a, b) => a.week - b.week);
  const twice = weeks.some(({ week }, at) => week === weeks[at - 1]?.week);
  const last = weeks.at(-1)?.week ?? 0;
  if (twice || program.weeks.every(({ week }, at) => week === at + 1)) return program;
  notes.push(`“${program.name}”: its weeks were put in order.`);
  const known = new Map(weeks.map((week) => [week.week, week]));
  return {
    ...program,
    weeks: Array.from({ length: last }, (_, at) => known.get(at + 1) ?? { week: at + 1, days: [] }),
  };
}

/** A person without what points at kits, exercises and rungs that are not there. */
function pointing(
  person: Participant,
  { kits }: DrayDocument,
  catalog: Catalog,
  notes: string[],
): Participant {
  const there = idsOf(kits);
  const kitIds = person.kitIds.filter((id) => there.has(id));
  const knownSets = person.knownSets.filter(({ exerciseId }) => catalog.exercises.has(exerciseId));
  const rungs = Object.fromEntries(
    Object.entries(person.rungs).filter(([ladderId, rungId]) =>
      catalog.ladders.get(ladderId)?.rungs.some(({ id }) => id === rungId),
    ),
  );
  const say = (before: number, now: number, words: string) => {
    if (now < before) notes.push(`${person.name}: ${words} that is not in the file was left out.`);
  };
  say(person.kitIds.length, kitIds.length, 'a kit');
  say(person.knownSets.length, knownSets.length, 'a set of an exercise');
  say(Object.keys(person.rungs).length, Object.keys(rungs).length, 'a place on a ladder');
  const same =
    kitIds.length === person.kitIds.length &&
    knownSets.length === person.knownSets.length &&
    Object.keys(rungs).length === Object.keys(person.rungs).length;
  return same ? person : { ...person, kitIds, knownSets, rungs };
}

/** Everybody who has logged or visited and is not in the file. */
function strangersOf({ participants, log, visits }: DrayDocument): Participant[] {
  const people = idsOf(participants);
  const ids = new Set([...log, ...visits].map(({ participantId }) => participantId));
  return [...ids].filter((id) => !people.has(id)).map(strangerNamed);
}

/** Of usual build, at the careful end of everything: nothing is planned for somebody who is put by. */
function strangerNamed(id: string): Participant {
  return {
    id,
    name: id,
    role: '',
    unit: 'kg',
    bodyMassKg: 70,
    tier: 'beginner',
    tiers: {},
    rungs: {},
    kitIds: [],
    cautions: [],
    knownSets: [],
    formula: 'epley',
    notes: '',
    archived: true,
  };
}

function idsOf(things: readonly { readonly id: string }[]): ReadonlySet<string> {
  return new Set(things.map(({ id }) => id));
}
