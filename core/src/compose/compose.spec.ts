import * as fc from 'fast-check';
import { aParticipant } from '../../testing/people';
import { catalog } from '../library';
import { TIERS, type Session, type Tier } from '../model';
import { sessionTimeline } from '../plan';
import {
  applyFit,
  bestMatching,
  dismissRemark,
  fitToTime,
  fitWeight,
  membersOf,
  muscleCoverage,
  pairingOf,
  parseSession,
  reviewSession,
  startFrom,
  STARTING_SESSIONS,
  suggestPairings,
  type FitChange,
  type RemarkKind,
} from './index';

const tier: Tier = 'intermediate';

function ids() {
  let count = 0;
  return () => `id-${(count += 1)}`;
}

function session(text: string, part: Partial<Session> = {}): Session {
  const base = { id: 's', name: 'S', budgetMinutes: 60 };
  const read = parseSession(text, catalog, { newId: ids(), base });
  if (read.problems[0]) throw new Error(read.problems[0].sentence);
  return { ...read.session, ...part };
}

const seconds = (own: Session) => sessionTimeline(own, { tier }, catalog).totalSeconds;

const LADDERS = [
  'Squat',
  'Row',
  'Push-up',
  'Hinge',
  'Biceps curl',
  'Lateral raise',
  'Plank',
  'Overhead press',
  'Calf raise',
];

/** Straight blocks and supersets of up to eight exercises. */
const someSession = fc
  .array(
    fc.record({
      names: fc.uniqueArray(fc.constantFrom(...LADDERS), { minLength: 1, maxLength: 2 }),
      sets: fc.integer({ min: 1, max: 4 }),
      reps: fc.constantFrom(5, 10, 15),
      rest: fc.constantFrom(15, 45, 90, 150),
    }),
    { minLength: 1, maxLength: 4 },
  )
  .map((blocks) =>
    session(
      blocks
        .map(({ names, sets, reps, rest }) =>
          [
            `${names.length > 1 ? 'Superset' : 'Straight sets'}, rest ${rest} s`,
            ...names.map((name) => `- ${name}: ${sets} × ${reps}`),
          ].join('\n'),
        )
        .join('\n'),
    ),
  );

describe('muscleCoverage', () => {
  it('counts sets by share (worked by hand from the library’s shares)', () => {
    const plan = session('Straight sets\n- Push-up [exercise]: 3 × 10\n- Towel row: 2 × 10', {
      focus: 'lower',
    });
    const coverage = muscleCoverage(plan, tier, catalog);
    const sets = Object.fromEntries(coverage.muscles.map(({ muscle, sets: own }) => [muscle, own]));
    const share = (id: string, muscle: string) =>
      catalog.exercises.get(id)!.muscles.find((own) => own.muscle === muscle)?.share ?? 0;
    expect(sets['chest']).toBeCloseTo(3 * share('press-up', 'chest'), 9);
    expect(sets['biceps']).toBeCloseTo(2 * share('towel-row', 'biceps'), 9);
    expect([coverage.push, coverage.pull, coverage.knee, coverage.hip]).toEqual([3, 2, 0, 0]);
    expect(coverage.missed.length).toBe(4);
    expect(coverage.missed[0]).toContain('quads: nothing');
  });

  it('sees a side that gets one set more', () => {
    const plan = session('Straight sets\n- One-arm row: 3 × 30 s');
    expect(muscleCoverage(plan, tier, catalog).sides).toEqual({ left: 2, right: 1 });
  });
});

describe('suggestPairings', () => {
  it('matches as well as every way of pairing up to eight (exhaustive search)', () => {
    const weights = fc.array(fc.integer({ min: -20, max: 60 }), { minLength: 64, maxLength: 64 });
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 8 }), weights, (count, list) => {
        const weight = (a: number, b: number) => list[a * 8 + b] ?? 0;
        const exhaustive = (left: readonly number[]): number => {
          const [first, ...rest] = left;
          if (first === undefined) return 0;
          return Math.max(
            exhaustive(rest),
            ...rest.map((other) => weight(first, other) + exhaustive(rest.filter((own) => own !== other))),
          );
        };
        const pairs = bestMatching(count, weight);
        const used = pairs.flat();
        expect(new Set(used).size).toBe(used.length);
        const sum = pairs.reduce((total, [a, b]) => total + weight(a, b), 0);
        expect(sum).toBe(exhaustive(Array.from({ length: count }, (_, at) => at)));
      }),
      { numRuns: 300 },
    );
  });

  it('puts opposing muscles together before the same ones, and leaves heavy sets their rest', () => {
    const plan = session(
      ['Press-up', 'Overhead press', 'Row', 'Squat']
        .map((name) => `Straight sets\n- ${name}: 3 × 10, 2 left`)
        .join('\n'),
    );
    const [press, overhead, row] = membersOf(plan, tier, catalog);
    // What two take from each other: seconds saved that are not worth having.
    const taken = (a: typeof press, b: typeof press) => {
      const { savedSeconds, worth } = pairingOf(a!, b!, plan, { tier, catalog });
      return savedSeconds - worth;
    };
    expect(taken(overhead, row)).toBeLessThan(taken(press, overhead));
    const pairings = suggestPairings(plan, { tier, catalog })!;
    expect(pairings.every(({ savedSeconds, worth: own }) => own > 0 && savedSeconds >= own)).toBeTrue();
    const heavy = session(
      'Straight sets, rest 60 s\n- Squat: 5 × 3\nStraight sets, rest 60 s\n- Overhead press: 5 × 3',
    );
    const [a, b] = membersOf(heavy, tier, catalog);
    expect(pairingOf(a!, b!, heavy, { tier, catalog }).against).toContain('heavy sets want their rest');
  });

  it('says how far it is and stops when told to', () => {
    const plan = session(LADDERS.map((name) => `Straight sets\n- ${name}: 3 × 10`).join('\n'));
    const seen: number[] = [];
    const stopped = suggestPairings(plan, { tier, catalog, onProgress: (share) => seen.push(share) < 3 });
    expect(stopped).toBeUndefined();
    expect(seen.length).toBe(3);
  });
});

describe('fitToTime', () => {
  /** Every set of changes there is, each measured on the whole session. */
  function exhaustive(plan: Session, minutes: number): number | undefined {
    const options: FitChange[][][] = plan.blocks.map((block) => {
      const drops = block.slots.reduce<FitChange[][]>(
        (sets, { id }) =>
          sets.flatMap((own) => [own, [...own, { kind: 'drop', blockId: block.id, slotId: id }]]),
        [[]],
      );
      const reps = block.slots[0]!.prescriptions[tier].work;
      const rest =
        reps.kind === 'reps' && reps.reps <= 5 ? 120 : reps.kind === 'reps' && reps.reps > 12 ? 15 : 30;
      const most = block.slots[0]!.prescriptions[tier].sets;
      const trims: FitChange[][] =
        block.restSeconds > rest ? [[], [{ kind: 'trimRest', blockId: block.id, restSeconds: rest }]] : [[]];
      const rounds: FitChange[][] = [
        [],
        ...([1, 2] as const)
          .filter((by) => most > by)
          .map((by): FitChange[] => [{ kind: 'fewerRounds', blockId: block.id, by }]),
      ];
      return drops.flatMap((a) => trims.flatMap((b) => rounds.map((c) => [...a, ...b, ...c])));
    });
    let best: number | undefined;
    const walk = (at: number, changes: readonly FitChange[], pairedWithLast: boolean): void => {
      const block = plan.blocks[at];
      if (!block) {
        const changed = applyFit(plan, changes);
        if (seconds(changed) > minutes * 60) return;
        const weight = fitWeight(changes, plan, { tier, catalog });
        if (best === undefined || weight < best) best = weight;
        return;
      }
      const last = plan.blocks[at - 1];
      const single = (own: typeof block) => own.kind === 'straight' && own.slots.length === 1;
      const dropped = (id: string) =>
        changes.some((change) => change.kind === 'drop' && change.blockId === id);
      for (const option of options[at] ?? []) {
        walk(at + 1, [...changes, ...option], false);
        const gone = option.some(({ kind }) => kind === 'drop');
        if (last && single(last) && single(block) && !pairedWithLast && !gone && !dropped(last.id)) {
          walk(
            at + 1,
            [...changes, ...option, { kind: 'pair', blockId: last.id, nextBlockId: block.id }],
            true,
          );
        }
      }
    };
    walk(0, [], false);
    return best;
  }

  it('finds what exhaustive search finds, for up to eight exercises', () => {
    fc.assert(
      fc.property(someSession, fc.constantFrom(0.35, 0.55, 0.75, 0.9), (plan, share) => {
        const minutes = (seconds(plan) * share) / 60;
        const fit = fitToTime(plan, minutes, { tier, catalog });
        const weight = exhaustive(plan, minutes);
        expect(fit.fits).toBe(weight !== undefined);
        if (weight === undefined) return;
        const own = fitWeight(
          fit.steps.map(({ change }) => change),
          plan,
          { tier, catalog },
        );
        expect(own).toBeCloseTo(weight, 9);
        expect(fit.afterSeconds).toBe(seconds(fit.session));
        expect(fit.afterSeconds).toBeLessThanOrEqual(minutes * 60);
      }),
      { numRuns: 40 },
    );
  });

  it('trims rest before it drops anything, and small exercises before big ones', () => {
    const plan = session(
      'Straight sets, rest 90 s\n- Squat: 3 × 10\nStraight sets, rest 90 s\n- Curl: 3 × 10',
    );
    const kinds = (minutes: number) =>
      fitToTime(plan, minutes, { tier, catalog }).steps.map(({ change }) => change.kind);
    expect(kinds(seconds(plan) / 60)).toEqual([]);
    expect(kinds((seconds(plan) - 60) / 60)).toEqual(['trimRest']);
    const short = fitToTime(plan, 2.6, { tier, catalog });
    const dropped = short.steps.filter(({ change }) => change.kind === 'drop');
    expect(dropped.map(({ words }) => words)).toEqual(['Leave out Biceps curl']);
    expect(dropped[0]?.costs.find(({ muscle }) => muscle === 'biceps')?.sets).toBe(3);
  });

  it('leaves a session alone that fits, and says when none does', () => {
    const plan = session('Straight sets\n- Squat: 3 × 10');
    expect(fitToTime(plan, 60, { tier, catalog }).session).toBe(plan);
    const fit = fitToTime(session('Warm-up\n- Easy march: 1 × 300 s'), 2, { tier, catalog });
    expect(fit.fits).toBeFalse();
  });
});

describe('reviewSession', () => {
  const pressure = aParticipant({ name: 'Anselm', cautions: [{ condition: 'highBloodPressure', note: '' }] });

  function remarks(plan: Session) {
    return reviewSession(plan, { tier, catalog, participants: [pressure], newId: ids() });
  }

  const WARM = 'Warm-up\n- Easy march: 1 × 60 s\n- Arm sweeps: 1 × 30 s\n';
  const CASES: readonly (readonly [RemarkKind, string, Partial<Session>?])[] = [
    ['noWarmUp', 'Straight sets\n- Squat: 3 × 10'],
    [
      'sameMuscle',
      `${WARM}Straight sets\n- Squat: 3 × 10\nStraight sets\n- Goblet squat: 3 × 10\nStraight sets\n- Row: 3 × 8`,
    ],
    ['isolationFirst', `${WARM}Straight sets\n- Curl: 3 × 10\nStraight sets\n- Row: 3 × 10`],
    [
      'upAndDown',
      `${WARM}Straight sets\n- Press-up: 3 × 10\nStraight sets\n- Squat: 3 × 10\nStraight sets\n- Plank: 3 × hold 20 s\nStraight sets\n- Row: 3 × 10`,
    ],
    ['longStrain', `${WARM}Straight sets\n- Plank: 3 × hold 40 s`],
    ['unequalSides', `${WARM}Straight sets\n- One-arm row: 3 × 30 s`],
    [
      'overTime',
      `${WARM}Straight sets, rest 90 s\n- Squat: 3 × 10\nStraight sets, rest 90 s\n- Row: 3 × 10`,
      { budgetMinutes: 12 },
    ],
    ['alone', `${WARM}Superset\n- Squat: 3 × 10`],
    ['empty', 'Circuit, rest 30 s'],
  ];

  for (const [kind, text, part] of CASES) {
    it(`says and mends: ${kind}`, () => {
      const plan = session(text, part);
      const remark = remarks(plan).find((own) => own.kind === kind);
      expect(remark?.sentence).toMatch(/\.$/);
      const mended = remark?.mend?.apply(plan);
      expect(mended && remarks(mended).map((own) => own.kind)).not.toContain(kind);
      expect(remark && remarks(dismissRemark(plan, remark.id)).map(({ id }) => id)).not.toContain(
        remark?.id ?? '',
      );
    });
  }

  it('says what the focus promised and did not get', () => {
    const plan = session(`${WARM}Straight sets\n- Squat: 3 × 10`, { focus: 'upperPull' });
    expect(remarks(plan).filter(({ kind }) => kind === 'missed').length).toBe(3);
  });

  it('has nothing to say against the sessions to begin from, in any tier', () => {
    expect(STARTING_SESSIONS.length).toBeGreaterThanOrEqual(10);
    for (const start of STARTING_SESSIONS) {
      const plan = startFrom(start, catalog, ids());
      for (const own of TIERS) {
        const said = reviewSession(plan, { tier: own, catalog, participants: [], newId: ids() });
        expect(said.map(({ sentence }) => sentence))
          .withContext(`${plan.name}, ${own}`)
          .toEqual([]);
      }
    }
  });
});
