// npm run people: twelve invented people through the starting sessions over eight weeks, as a table to read line by line. A word
// after it shows only those whose name has it: npm run people -- knee.
import { catalog, createResolver, marksOf, type Card, type Cell } from '@dray/core';
import { startFrom, STARTING_SESSIONS } from '@dray/core/late';
import { aloneIn, TWELVE, type Sample } from '../core/testing/twelve';

const WEEKS = 8;
const only = process.argv[2] ?? '';

function told(cell: Cell | undefined): string {
  if (cell?.status !== 'ready') return 'left out';
  const { work, load } = cell;
  const seconds = work.kind === 'reps' ? '' : ' s';
  const left = work.reserve === undefined ? '' : `, ${work.reserve} left`;
  const kg = load ? ` ${Math.round(load.kg * 10) / 10} kg ${load.hold}` : '';
  return `${work.sets} × ${work.amount}${seconds}${left}${kg}`;
}

function versionIn(cell: Cell | undefined): string {
  return cell?.status === 'ready' ? cell.version.name : '–';
}

/** One line a slot: what it begins with, what it has come to, and what acted on it. */
function linesOf(first: Card, last: Card): string[] {
  return first.columns.map(({ letter, name }, column) => {
    const begins = first.cells[column];
    const ends = last.cells[column];
    const marks = marksOf(begins?.trace ?? [], 'kg').map(({ words }) => words);
    const versions = [...new Set([versionIn(begins), versionIn(ends)])].join(' → ');
    const parts = [
      letter.padEnd(3),
      name.padEnd(36),
      versions.padEnd(44),
      told(begins).padEnd(34),
      told(ends).padEnd(34),
    ];
    return `  ${parts.join(' ')} ${marks.join('; ')}`;
  });
}

function sampleLines(sample: Sample, start: (typeof STARTING_SESSIONS)[number]): string[] {
  let ids = 0;
  const session = startFrom(start, catalog, () => `id${(ids += 1)}`);
  const document = aloneIn(sample, session, WEEKS);
  const resolver = createResolver();
  const cardOf = (week: number) =>
    resolver.card(document, { participantId: sample.participant.id, sessionId: session.id, week });
  return [`\n${sample.participant.name}`, ...linesOf(cardOf(1), cardOf(WEEKS))];
}

for (const start of STARTING_SESSIONS) {
  console.log(`\n${start.text.split('\n')[0] ?? ''}: week 1, week ${WEEKS}, and what acted on it`);
  for (const sample of TWELVE) {
    if (sample.participant.name.includes(only)) console.log(sampleLines(sample, start).join('\n'));
  }
}
