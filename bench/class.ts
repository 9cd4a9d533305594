import type { Block, DrayDocument, LogEntry, Participant } from '@dray/core';
import { boatyard } from '@dray/demo';

/** A document with this many people and slots, spun out of the demo class. */
export function largeClass(people: number, slots: number): DrayDocument {
  const participants: Participant[] = Array.from({ length: people }, (_, at) => {
    const like = boatyard.participants[at % boatyard.participants.length]!;
    return { ...like, id: `p${at}`, name: `${like.name} ${at + 1}`, bodyMassKg: 50 + (at % 40) };
  });
  const main = boatyard.sessions[0]!.blocks.filter(({ kind }) => kind !== 'warmUp' && kind !== 'coolDown');
  const pool = main.flatMap((block) => block.slots.map((slot) => ({ slot, block })));
  const blocks: Block[] = Array.from({ length: slots }, (_, at) => {
    const { slot, block } = pool[at % pool.length]!;
    return { ...block, id: `b${at}`, kind: 'straight', slots: [{ ...slot, id: `s${at}` }] };
  });
  const log: LogEntry[] = [];
  return {
    ...boatyard,
    participants,
    sessions: [{ id: 'large', name: 'Large', budgetMinutes: 120, blocks }],
    programs: boatyard.programs.map((program) => ({
      ...program,
      weeks: program.weeks.map((week) => ({ ...week, days: [{ weekday: 2, sessionId: 'large' }] })),
    })),
    overrides: [],
    log,
  };
}
