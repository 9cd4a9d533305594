/// <reference lib="webworker" />
import { createResolver, type Cell } from '@dray/core';
import { bestAddition, projectProgram } from '@dray/core/late';
import type { Path, PathWeek, ProjectQuestion } from './project';

function weekOf(cell: Cell): PathWeek {
  if (cell.status !== 'ready') {
    return {
      week: cell.week,
      version: '',
      sets: 0,
      amount: 0,
      kg: undefined,
      bridge: undefined,
      leftOut: true,
    };
  }
  const { week, version, work, load, marks } = cell;
  return {
    week,
    version: version.name,
    sets: work.sets,
    amount: work.amount,
    kg: load?.kg,
    bridge: marks.find(({ kind }) => kind === 'bridge')?.words,
    leftOut: false,
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
      weeks: cells.map(weekOf),
      ceiling: ceiling && { week: ceiling.week, kg: ceiling.kg, then: ceiling.then },
      purchase,
    };
  });
  postMessage({ result });
});
