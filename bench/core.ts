import {
  createResolver,
  editSlot,
  parseDocument,
  resolveBoard,
  serializeDocument,
  type DrayDocument,
} from '@dray/core';
import { boatyard } from '@dray/demo';
import { largeClass } from './class';
import { row, time } from './table';

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

const large = largeClass(40, 24);
const query = { sessionId: 'large', week: 1 };
row(
  'resolveBoard, 40 × 24, week 1, against 100 ms',
  time(() => resolveBoard(large, query)),
  100,
);
row(
  'resolveBoard, 40 × 24, week 4, against 100 ms',
  time(() => resolveBoard(large, { ...query, week: 4 })),
  100,
);
row(
  'resolveBoard, demo, week 4',
  time(() => resolveBoard(boatyard, { sessionId: 'tuesday', week: 4 })),
  50,
);

const warm = createResolver();
let sets = 0;
row(
  'one edit on a warm board, 40 × 24, week 1, against 15 ms',
  time(() => warm.board(edited(large, ((sets += 1) % 19) + 1), query)),
  15,
);
row(
  'one edit on a warm board, 40 × 24, week 4, against 15 ms',
  time(() => warm.board(edited(large, ((sets += 1) % 19) + 1), { ...query, week: 4 })),
  15,
);

const text = serializeDocument(large);
row(
  'parseDocument, 40 people, against JSON.parse alone',
  time(() => parseDocument(text)),
  time(() => JSON.parse(text)),
);
