import { movementsOf, pathWords, type DrayDocument, type Problem } from '../model';
import type { Catalog } from '../ladder';

/**
 * Whatever in a document points at something that is not there, or stands twice: two things with one id, kits,
 * exercises, ladders, rungs, participants, slots and sessions that nobody knows.
 */
export function checkReferences(document: DrayDocument, catalog: Catalog): Problem[] {
  const problems: Problem[] = [];
  const say = (path: string, sentence: string) => problems.push({ path, sentence: `${path}: ${sentence}.` });
  const unique = (list: string, ids: readonly string[]) => {
    const seen = new Set<string>();
    ids.forEach((id, at) => {
      if (seen.has(id)) say(pathWords([list, at]), `the id “${id}” is taken already; give it another`);
      seen.add(id);
    });
    return seen;
  };

  unique('exercises', ids(document.exercises));
  unique('ladders', ids(document.ladders));
  const kits = unique('kits', ids(document.kits));
  const participants = unique('participants', ids(document.participants));
  const sessions = unique('sessions', ids(document.sessions));
  unique('programs', ids(document.programs));
  unique('overrides', ids(document.overrides));
  unique('log', ids(document.log));
  unique(
    'blocks',
    document.sessions.flatMap(({ blocks }) => ids(blocks)),
  );
  const slotList = document.sessions.flatMap(({ blocks }) => blocks.flatMap(({ slots }) => slots));
  const slots = unique('slots', ids(slotList));

  document.participants.forEach((participant, at) => {
    const path = pathWords(['participants', at]);
    for (const id of participant.kitIds) if (!kits.has(id)) say(path, `there is no kit “${id}”`);
    for (const { exerciseId } of participant.knownSets) {
      if (!catalog.exercises.has(exerciseId)) say(path, `there is no exercise “${exerciseId}”`);
    }
    for (const [ladderId, rungId] of Object.entries(participant.rungs)) {
      const known = catalog.ladders.get(ladderId)?.rungs.some(({ id }) => id === rungId);
      if (!known) say(path, `there is no rung “${rungId}” on a ladder “${ladderId}”`);
    }
  });
  document.sessions.forEach((session, at) => {
    for (const { slots: own } of session.blocks) {
      for (const { source: main, twin, id } of own) {
        for (const source of [main, ...(twin ? [twin] : [])].flatMap(movementsOf)) {
          const path = `${pathWords(['sessions', at])}, slot ${id}`;
          if (source.kind === 'ladder' && !catalog.ladders.has(source.ladderId)) {
            say(path, `there is no ladder “${source.ladderId}”`);
          }
          if (source.kind === 'exercise' && !catalog.exerciseById(source.exerciseId)) {
            say(path, `there is no exercise “${source.exerciseId}”`);
          }
        }
      }
    }
  });
  document.programs.forEach((program, at) => {
    const weeks = new Set<number>();
    for (const { week } of program.weeks) {
      if (weeks.has(week))
        say(pathWords(['programs', at]), `week ${week} stands twice; take one of them out`);
      weeks.add(week);
    }
    for (const id of program.weeks.flatMap(({ days }) => days.map(({ sessionId }) => sessionId))) {
      if (!sessions.has(id)) say(pathWords(['programs', at]), `there is no session “${id}”`);
    }
  });
  document.overrides.forEach((override, at) => {
    const path = pathWords(['overrides', at]);
    if (!participants.has(override.participantId))
      say(path, `there is no person “${override.participantId}”`);
    if (override.rungId !== undefined && !catalog.versionByRung.has(override.rungId)) {
      say(path, `there is no rung “${override.rungId}”`);
    }
    if (override.exerciseId !== undefined && !catalog.exerciseById(override.exerciseId)) {
      say(path, `there is no exercise “${override.exerciseId}”`);
    }
    if (!slots.has(override.slotId)) say(path, `there is no slot “${override.slotId}”`);
  });
  unique('classes', ids(document.classes));
  // A class may outlive its session, as the sets that were done in it do.
  document.classes.forEach(({ there }, at) => {
    for (const id of there)
      if (!participants.has(id)) say(pathWords(['classes', at]), `there is no person “${id}”`);
  });
  unique('visits', ids(document.visits));
  document.visits.forEach((visit, at) => {
    if (!participants.has(visit.participantId)) {
      say(pathWords(['visits', at]), `there is no person “${visit.participantId}”`);
    }
  });
  document.log.forEach((entry, at) => {
    if (!participants.has(entry.participantId)) {
      say(pathWords(['log', at]), `there is no person “${entry.participantId}”`);
    }
  });
  return problems;
}

function ids(things: readonly { readonly id: string }[]): string[] {
  return things.map(({ id }) => id);
}
