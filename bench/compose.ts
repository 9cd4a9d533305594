// Composing: exact answers against a limit for a class's longest session, and against exhaustive search where that ends.
import {
  bestMatching,
  catalog,
  fitToTime,
  formatSession,
  parseSession,
  readMovement,
  reviewSession,
  sessionTimeline,
  suggestPairings,
  TIERS,
  type Session,
} from '@dray/core';
import { row, time } from './table';

const tier = 'intermediate' as const;
const ladders = [...catalog.ladders.keys()];

/** Straight sets, or rounds of so many, from ladder after ladder. */
function session(slots: number, perBlock: number): Session {
  let made = 0;
  const lines = Array.from({ length: slots }, (_, at) => {
    const head = at % perBlock === 0 ? `${perBlock > 1 ? 'Circuit' : 'Straight sets'}, rest 60 s\n` : '';
    return `${head}- ${catalog.ladders.get(ladders[at % ladders.length] ?? '')?.name ?? ''}: 3 × 10, 2 left`;
  });
  const read = parseSession(lines.join('\n'), catalog, {
    newId: () => `id-${(made += 1)}`,
    base: { id: 's', name: 'S', budgetMinutes: 180 },
  });
  if (read.problems[0]) throw new Error(read.problems[0].sentence);
  return read.session;
}

/** Every way of pairing, one by one. */
function exhaustive(left: readonly number[], weight: (a: number, b: number) => number): number {
  const [first, ...rest] = left;
  if (first === undefined) return 0;
  return Math.max(
    exhaustive(rest, weight),
    ...rest.map(
      (other) =>
        weight(first, other) +
        exhaustive(
          rest.filter((own) => own !== other),
          weight,
        ),
    ),
  );
}

const weight = (a: number, b: number) => ((a * 7 + b * 13) % 29) - 6;
row(
  'best pairs of 8, against every way of pairing',
  time(() => bestMatching(8, weight), 9),
  time(() => exhaustive([0, 1, 2, 3, 4, 5, 6, 7], weight), 3),
);
row(
  'supersets out of 24 exercises, against 1 s',
  time(() => suggestPairings(session(24, 1), { tier, catalog }), 5),
  1000,
);
for (const share of [0.9, 0.6, 0.4]) {
  const plan = session(24, 1);
  const minutes = (sessionTimeline(plan, { tier }, catalog).totalSeconds * share) / 60;
  row(
    `24 exercises made to fit ${share * 100} % of their time, against 1 s`,
    time(() => fitToTime(plan, minutes, { tier, catalog }), 5),
    1000,
  );
}
const large = session(40, 4);
row(
  'timelines of 40 slots, three tiers, against 50 ms',
  time(() => TIERS.map((own) => sessionTimeline(large, { tier: own }, catalog)), 9),
  50,
);
row(
  'a colleague’s review of 40 slots, three tiers, against 50 ms',
  time(
    () => TIERS.map((own) => reviewSession(large, { tier: own, catalog, participants: [], newId: () => '' })),
    9,
  ),
  50,
);
const text = formatSession(large, catalog);
row(
  'a session of 40 slots read from its text, against 50 ms',
  time(() => parseSession(text, catalog, { newId: () => '', base: large }), 9),
  50,
);

/** Words of sessions and signs of ours in any order, made the same each time. */
function hostileTexts(count: number): string[] {
  const words =
    'squat row plank 3x10 10 | = then ; , / : " # - or and with rounds rest 2x10s each left 40/20 beginners max ( ) @ % kg amrap warm-up + to hold the [exercise]'.split(
      ' ',
    );
  let seed = 7;
  const next = (most: number) => {
    seed = (seed * 48_271) % 2_147_483_647;
    return seed % most;
  };
  return Array.from({ length: count }, () =>
    Array.from({ length: 3 + next(12) }, () => words[next(words.length)]).join(next(4) === 0 ? '\n' : ' '),
  );
}
const hostile = hostileTexts(1000);
const base = { id: 's', name: 'S', budgetMinutes: 30 };
row(
  'a hostile text read, the mean of 1,000, against 5 ms',
  time(() => hostile.map((own) => parseSession(own, catalog, { newId: () => '', base })), 3) / hostile.length,
  5,
);
const slowest = hostile
  .map((own) => time(() => parseSession(own, catalog, { newId: () => '', base }), 3))
  .sort((a, b) => b - a);
row('all but one in a hundred of them, against 5 ms', slowest[hostile.length / 100] ?? NaN, 5);
row(
  'a movement read from its words, against 1 ms',
  time(() => readMovement('seated single-arm overhead press with a band', catalog)),
  1,
);
