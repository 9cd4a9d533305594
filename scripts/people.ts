// npm run people: twelve invented people through the starting sessions over eight weeks, as a table to read line by line.
import { catalog, createResolver, marksOf, type Cell, type DrayDocument } from '@dray/core';
import { startFrom, STARTING_SESSIONS } from '@dray/core/late';
import { boatyard } from '@dray/demo';
import { TWELVE } from '../core/testing/twelve';

const WEEKS = 8;
const only = process.argv[2];

function told(cell: Cell): string {
  if (cell.status === 'leftOut') return 'left out';
  const { work, load } = cell;
  const seconds = work.kind === 'reps' ? '' : ' s';
  const left = work.reserve === undefined ? '' : `, ${work.reserve} left`;
  const kg = load ? ` ${Math.round(load.kg * 10) / 10} kg ${load.hold}` : '';
  return `${work.sets} × ${work.amount}${seconds}${left}${kg}`;
}

let ids = 0;
for (const [at, start] of STARTING_SESSIONS.entries()) {
  const session = startFrom(start, catalog, () => `id${(ids += 1)}`);
  console.log(`\n# ${session.name} (${at + 1} of ${STARTING_SESSIONS.length})`);
  for (const { participant, kit } of TWELVE) {
    if (only && !participant.id.includes(only)) continue;
    const document: DrayDocument = {
      ...boatyard,
      overrides: [],
      log: [],
      visits: [],
      kits: [kit],
      participants: [participant],
      sessions: [session],
      programs: [
        {
          ...boatyard.programs[0]!,
          holidays: [],
          weeks: Array.from({ length: WEEKS }, (_, week) => ({
            week: week + 1,
            days: [{ weekday: 2, sessionId: session.id }],
          })),
        },
      ],
    };
    const resolver = createResolver();
    const weeks = Array.from({ length: WEEKS }, (_, week) =>
      resolver.card(document, { participantId: participant.id, sessionId: session.id, week: week + 1 }),
    );
    console.log(`\n${participant.name}`);
    weeks[0]!.columns.forEach(({ letter, name }, column) => {
      const cells = weeks.map(({ cells: all }) => all[column]!);
      const [first] = cells;
      const last = cells.at(-1)!;
      const version = first!.status === 'ready' ? first!.version.name : '–';
      const later = last.status === 'ready' && first!.status === 'ready' && last.version !== first!.version ? ` → ${last.version.name}` : '';
      const marks = marksOf(first!.trace, 'kg').map(({ words }) => words).join('; ');
      console.log(`  ${(letter || '·').padEnd(3)}${name.padEnd(24)} ${(version + later).padEnd(44)} ${told(first!).padEnd(36)} week ${WEEKS}: ${told(last).padEnd(34)} ${marks}`);
    });
  }
}
