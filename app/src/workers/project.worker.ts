/// <reference lib="webworker" />
import { createResolver, standsIn, type Cell } from '@dray/core';
import { bestAddition, projectProgram } from '@dray/core/late';
import type { Path, PathWeek, ProjectQuestion } from './project';

function weekOf(cell: Cell, stands: boolean): PathWeek {
  const { week } = cell;
  if (cell.status !== 'ready' || !stands) {
    const nothing = {
      version: '',
      sets: 0,
      amount: 0,
      counted: '',
      kg: undefined,
      bridge: undefined,
    } as const;
    return { week, ...nothing, none: true };
  }
  const { version, work, load, marks } = cell;
  return {
    week,
    version: version.name,
    sets: work.sets,
    amount: work.amount,
    counted: work.kind === 'reps' ? '' : ' s',
    kg: load?.kg,
    bridge: marks.find(({ kind }) => kind === 'bridge')?.words,
    none: false,
  };
}

/** Off the page's thread: one person's way through a program, and what is worth buying where their kit ends. */
addEventListener('message', ({ data }: MessageEvent<ProjectQuestion>) => {
  const { document, programId, participantId, today } = data;
  const program = document.programs.find(({ id }) => id === programId);
  const kitIds = document.participants.find(({ id }) => id === participantId)?.kitIds ?? [];
  const kit = document.kits.find(({ id }) => kitIds.includes(id));
  const paths = projectProgram(
    document,
    participantId,
    program,
    createResolver(() => today),
  );
  const result = paths.map(({ cells, ceiling, ...slot }): Path => {
    const purchase = kit && ceiling?.need ? bestAddition(kit, [ceiling.need]) : undefined;
    return {
      ...slot,
      weeks: cells.map((cell) => weekOf(cell, standsIn(program, slot.sessionId, cell.week))),
      ceiling: ceiling && { week: ceiling.week, kg: ceiling.kg, then: ceiling.then },
      purchase,
    };
  });
  postMessage({ result });
});
