/// <reference lib="webworker" />
import { createResolver, kitsOf, marksOf, standsIn, type Cell, type MassUnit } from '@dray/core';
import { bestAddition, projectProgram, wayOnWords } from '@dray/core/late';
import type { Path, PathWeek, ProjectQuestion } from './project';
import { replyWith } from './reply';

function weekOf(cell: Cell, stands: boolean, unit: MassUnit): PathWeek {
  const { week } = cell;
  if (cell.status !== 'ready' || !stands) {
    const nothing = {
      version: '',
      sets: 0,
      amount: 0,
      counted: '',
      kg: undefined,
      pair: false,
      bridge: undefined,
    } as const;
    return { week, ...nothing, none: true };
  }
  const { version, work, load, trace } = cell;
  return {
    week,
    version: version.name,
    sets: work.sets,
    amount: work.amount,
    counted: work.kind === 'reps' ? '' : ' s',
    kg: load?.kg,
    pair: load?.hold === 'pair',
    bridge: marksOf(trace, unit).find(({ kind }) => kind === 'bridge')?.words,
    none: false,
  };
}

/** Off the page's thread: one person's way through a program, and what is worth buying where their kit ends. */
replyWith((question: ProjectQuestion): Path[] => {
  const { document, programId, participantId, today } = question;
  const program = document.programs.find(({ id }) => id === programId);
  const person = document.participants.find(({ id }) => id === participantId);
  const [kit] = person ? kitsOf(document, person) : [];
  const paths = projectProgram(
    document,
    participantId,
    program,
    createResolver(() => today),
  );
  return paths.map(({ cells, ceiling, ...slot }): Path => {
    const purchase = kit && ceiling?.need ? bestAddition(kit, [ceiling.need]) : undefined;
    return {
      ...slot,
      weeks: cells.map((cell) =>
        weekOf(cell, standsIn(program, slot.sessionId, cell.week), document.settings.unit),
      ),
      ceiling: ceiling && {
        week: ceiling.week,
        kg: ceiling.kg,
        pair: ceiling.pair,
        then: ceiling.then.map(wayOnWords),
      },
      purchase,
    };
  });
});
