import { boatyard } from '@dray/demo';
import { resolveCard, type DrayDocument, type Prescription, type ReadyCell } from '@dray/core';
import { tempoWords, workWords } from './cell-words';

/** Everybody of the demo with a condition that holds effort down, doing this everywhere. */
function readyCells(prescription: Prescription): ReadyCell[] {
  const document: DrayDocument = {
    ...boatyard,
    log: [],
    overrides: [],
    participants: boatyard.participants.map((person) => ({
      ...person,
      cautions: [{ condition: 'highBloodPressure', systolic: 140, diastolic: 85 }],
    })),
    sessions: boatyard.sessions.map((session) => ({
      ...session,
      blocks: session.blocks.map((block) => ({
        ...block,
        slots: block.slots.map((slot) => ({
          ...slot,
          prescriptions: { beginner: prescription, intermediate: prescription, advanced: prescription },
        })),
      })),
    })),
  };
  return document.participants.flatMap(({ id }) =>
    resolveCard(document, { participantId: id, sessionId: 'tuesday', week: 1 }).cells.flatMap((cell) =>
      cell.status === 'ready' ? [cell] : [],
    ),
  );
}

const plan = (work: Prescription['work'], rest: Partial<Prescription> = {}): Prescription => ({
  sets: 3,
  work,
  perSide: false,
  target: { kind: 'none' },
  ...rest,
});

describe('what is printed of a cell', () => {
  const LOOSE = new Set(['mobility', 'balance']);

  it('has no hold longer than a caution allows, in any set', () => {
    const rising = plan({ kind: 'hold', seconds: 15 }, { setPattern: { kind: 'repsUp', by: 10 } });
    const cells = readyCells(rising).filter(({ version }) => !LOOSE.has(version.exercise.pattern));
    expect(cells.length).toBeGreaterThan(20);
    for (const cell of cells) {
      const seconds = workWords(cell)
        .replace(/, \d+ left$/, '')
        .replace(/^\d+ × /, '')
        .match(/\d+/g)!
        .map(Number);
      expect(Math.max(...seconds))
        .withContext(`${cell.version.name}: ${workWords(cell)}`)
        .toBeLessThanOrEqual(20);
    }
  });

  it('has a number where the plan has as many as possible, and nothing to the end of form', () => {
    const most = plan({ kind: 'most' }, { setPattern: { kind: 'dropOnForm' } });
    for (const cell of readyCells(most)) {
      if (LOOSE.has(cell.version.exercise.pattern)) continue;
      expect(workWords(cell))
        .withContext(cell.version.name)
        .toMatch(/^3 × \d+( each side)?(, \d left)?$/);
      expect(tempoWords(cell)).withContext(cell.version.name).not.toContain('form');
    }
  });

  it('says how hard wherever the work is counted, and nothing of work by the clock', () => {
    const said = (prescription: Prescription) =>
      readyCells(prescription)
        .filter(({ version }) => !LOOSE.has(version.exercise.pattern))
        .map((cell) => workWords(cell));
    const reps = said(plan({ kind: 'reps', reps: 8 }, { target: { kind: 'reserve', reps: 2 } }));
    // High blood pressure keeps three.
    expect(reps.every((words) => words.endsWith(', 3 left'))).toBeTrue();
    expect(said(plan({ kind: 'time', seconds: 30 })).some((words) => /\d left/.test(words))).toBeFalse();
  });
});
