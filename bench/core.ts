import {
  attainableLoads,
  createResolver,
  editSlot,
  parseDocument,
  resolveBoard,
  serializeDocument,
  type DrayDocument,
  type Kit,
} from '@dray/core';
import { boatyard } from '@dray/demo';
import { largeClass } from './class';
import { row } from './table';

/** Median of several runs, in milliseconds. */
function time(run: () => unknown, runs = 15): number {
  for (let warm = 0; warm < 12; warm += 1) run();
  const taken = Array.from({ length: runs }, () => {
    const began = performance.now();
    run();
    return performance.now() - began;
  }).sort((a, b) => a - b);
  return taken[Math.floor(runs / 2)] ?? NaN;
}

/** The same document with one slot's sets changed. */
function edited(document: DrayDocument, sets: number): DrayDocument {
  const [session] = document.sessions;
  const slotId = session!.blocks.find(({ kind }) => kind !== 'warmUp')!.slots[0]!.id;
  const change = { ...session!.blocks[0]!.slots[0]!.prescriptions.beginner, sets };
  return {
    ...document,
    sessions: [
      editSlot(session!, slotId, (slot) => ({
        ...slot,
        prescriptions: { beginner: change, intermediate: change, advanced: change },
      })),
      ...document.sessions.slice(1),
    ],
  };
}

/** Every combination of plates, kept or thrown away one by one: what the exact method replaces. */
function bruteForcePlates(kit: Kit): number {
  const [pair] = kit.implements;
  if (pair?.kind !== 'adjustable') return 0;
  const found = new Set<number>();
  const walk = (at: number, side: number): void => {
    const plate = pair.plates[at];
    if (!plate) {
      found.add(Math.round((pair.handleKg + 2 * side) * 2e6));
      return;
    }
    for (let perSide = 0; perSide * 4 <= plate.count; perSide += 1)
      walk(at + 1, side + perSide * plate.massKg);
  };
  walk(0, 0);
  return found.size;
}

const large = largeClass(40, 24);
const query = { sessionId: 'large', week: 1 };
row(
  'resolveBoard, 40 × 24, week 1',
  time(() => resolveBoard(large, query)),
  50,
);
row(
  'resolveBoard, 40 × 24, week 4',
  time(() => resolveBoard(large, { ...query, week: 4 })),
  50,
);
row(
  'resolveBoard, demo, week 4',
  time(() => resolveBoard(boatyard, { sessionId: 'tuesday', week: 4 })),
  50,
);

const warm = createResolver();
let sets = 0;
const cold = time(() => resolveBoard(large, query));
row(
  'one edit on a warm board, 40 × 24, against all anew',
  time(() => warm.board(edited(large, ((sets += 1) % 19) + 1), query)),
  cold,
);

const plates: Kit = {
  id: 'k',
  name: 'k',
  unit: 'kg',
  implements: [
    {
      kind: 'adjustable',
      id: 'a',
      handleKg: 2,
      handles: 2,
      plates: [0.25, 0.5, 0.75, 1, 1.25, 2, 2.5, 5].map((massKg) => ({ massKg, count: 24 })),
    },
  ],
};
row(
  'attainable pairs, 8 denominations × 24, against brute force',
  time(() => attainableLoads([plates], 'pair'), 5),
  time(() => bruteForcePlates(plates), 3),
);

const text = serializeDocument(large);
row(
  'parseDocument, 40 people, against JSON.parse alone',
  time(() => parseDocument(text)),
  time(() => JSON.parse(text)),
);
