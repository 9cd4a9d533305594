import * as fc from 'fast-check';
import { anySession } from '../../testing/sessions';
import { catalog, catalogOf } from '../library';
import { sessionSchema, sourceKey, TIERS, type Session } from '../model';
import { formatPrescription } from '../plan';
import { keepIds } from './keep-ids';
import { parseSession } from './session-parse';
import { saidKey } from './source-names';
import { formatSession } from './session-text';

const base = { id: 'session', name: 'New', budgetMinutes: 30 };

function options() {
  let count = 0;
  return { base, newId: () => `id-${(count += 1)}` };
}

function read(text: string): Session {
  const { session, problems } = parseSession(text, catalog, options());
  if (problems[0]) throw new Error(`${text}: ${problems[0].at} ${problems[0].sentence}`);
  return session;
}

function refused(text: string) {
  const [problem] = parseSession(text, catalog, options()).problems;
  if (!problem) throw new Error(`${text} was read`);
  return problem;
}

/** Ids are made anew, so they do not count. */
function withoutIds({ blocks, ...rest }: Session) {
  return {
    ...rest,
    blocks: blocks.map(({ id: _id, slots, ...block }) => ({
      ...block,
      slots: slots.map(({ id: _slotId, ...slot }) => slot),
    })),
  };
}

function outline({ blocks }: Session): string {
  return blocks
    .map(({ kind, slots }) => {
      const lines = slots.map(({ source, prescriptions }) => {
        const [, ...name] = sourceKey(source).split(' ');
        const texts = Object.values(prescriptions).map((own) => formatPrescription(own));
        return `${name.join(' ')} ${[...new Set(texts)].join(' | ')}`;
      });
      return [kind, ...lines].join('\n');
    })
    .join('\n');
}

describe('a session as text', () => {
  it('is read back as the same, on 500 sessions', () => {
    fc.assert(
      fc.property(anySession(catalog), (session) => {
        const again = read(formatSession(session, catalog));
        expect(withoutIds(again)).toEqual(withoutIds(session));
        expect(formatSession(again, catalog)).toBe(formatSession(session, catalog));
      }),
      { numRuns: 500 },
    );
  });

  it('never throws on 5,000 random texts, points inside the text, and makes only what the schema allows', () => {
    const words = fc.constantFrom(
      ...'squat row|3x10|-|#|superset|circuit|rest 60|then|;|\n|:|/|"|=|beginners 2 rounds|goblet squats|40/20|3 rounds|max|(40 min)|🙂|[exercise]'.split(
        '|',
      ),
      '|',
    );
    const texts = fc.oneof(
      fc.string({ maxLength: 40 }),
      fc.array(words, { maxLength: 12 }).map((list) => list.join(' ')),
    );
    fc.assert(
      fc.property(texts, (text) => {
        const { session, problems } = parseSession(text, catalog, options());
        const checked = sessionSchema.safeParse(session);
        expect(checked.error?.message).withContext(text).toBeUndefined();
        for (const { at, length, sentence, offers } of problems) {
          expect(at).withContext(text).toBeGreaterThanOrEqual(0);
          expect(at + length)
            .withContext(text)
            .toBeLessThanOrEqual(text.length);
          expect(sentence).toMatch(/[.?]$/);
          expect(offers.length).toBeLessThanOrEqual(3);
        }
      }),
      { numRuns: 5000 },
    );
  });

  it('reads what a coach says in one breath', () => {
    const said =
      'three rounds, goblet squats eight to twelve with two left, straight into rows, then sixty seconds all out; beginners two rounds';
    const session = read(said);
    expect(outline(session)).toBe(
      [
        'triSet',
        'goblet-squat 2 × 8–12, 2 left | 3 × 8–12, 2 left',
        'row 2 × 8–12, 2 left | 3 × 8–12, 2 left',
        'row 2 × max in 60 s | 3 × max in 60 s',
      ].join('\n'),
    );
    expect(outline(read('3 rounds, goblet squat 8-12 2 left; row; 60s all out; beginners 2 rounds'))).toBe(
      outline(session),
    );
  });

  it('reads a board', () => {
    const session = read(`
      # Thursday (35 min)

      Warm-up
      easy march 90s
      arm sweeps 45 s

      A1. Squat 3x10 2 left | = | 4x6-8 1 left
      A2. Row 3x8 each side

      Interval 40/20 × 2
      Hops and landings / Easy march
      Press-up
      Plank: hold 30 s
      Star steps and jumps / Easy march: 2 × 40 s

      Finisher: floor thrust 1 x max in 60 s, beginners 1 x 30 s
    `);
    expect(session.name).toBe('Thursday');
    expect(session.budgetMinutes).toBe(35);
    expect(session.blocks.map(({ kind, slots }) => `${kind} ${slots.length}`)).toEqual([
      'warmUp 2',
      'straight 2',
      'interval 4',
      'finisher 1',
    ]);
    const [, straight, interval, finisher] = session.blocks;
    expect(formatPrescription(straight!.slots[0]!.prescriptions.advanced)).toBe('4 × 6–8, 1 left');
    expect(interval).toEqual(jasmine.objectContaining({ restSeconds: 20, betweenSeconds: 20 }));
    expect(formatPrescription(interval!.slots[0]!.prescriptions.beginner)).toBe('2 × 40 s');
    expect(interval!.slots[0]!.twin).toEqual({ kind: 'exercise', exerciseId: 'easy-march' });
    expect(interval!.slots[3]!.twin).toEqual({ kind: 'exercise', exerciseId: 'easy-march' });
    expect(formatPrescription(finisher!.slots[0]!.prescriptions.beginner)).toBe('1 × 30 s');
    expect(formatPrescription(finisher!.slots[0]!.prescriptions.advanced)).toBe('1 × max in 60 s');
  });

  it('keeps ids, schemes and places when an edited text is read again', () => {
    const before = read('Superset\n- Squat: 3 × 10\n- Row: 3 × 10\nStraight sets\n- Squat: 2 × 8');
    const scheme = { kind: 'cappedPercent', percentPerWeek: 5, capPercent: 10 } as const;
    before.blocks[0]!.slots[0]!.scheme = scheme;
    let made = 100;
    const again = parseSession(
      'Straight sets\n- Plank: 2 × 20 s\nSuperset\n- Row: 3 × 12\n- Squat: 3 × 10',
      catalog,
      {
        base,
        newId: () => `new-${(made += 1)}`,
      },
    );
    const kept = keepIds(before, again.session);
    const [plank, superset] = kept.blocks;
    expect(superset?.id).toBe(before.blocks[0]!.id);
    expect(superset?.slots.map(({ id }) => id)).toEqual([
      before.blocks[0]!.slots[1]!.id,
      before.blocks[0]!.slots[0]!.id,
    ]);
    expect(superset?.slots[1]).toBe(before.blocks[0]!.slots[0]!);
    expect(plank?.slots[0]?.id).toContain('new-');
    expect(new Set(kept.blocks.map(({ id }) => id)).size).toBe(2);
  });

  it('tells a ladder from an exercise of the same name', () => {
    const [block] = read('- Squat: 3 × 10\n- Squat [exercise]: 3 × 10').blocks;
    expect(block?.slots.map(({ source }) => source.kind)).toEqual(['ladder', 'exercise']);
  });

  it('points at what it cannot read and says what it may be', () => {
    const text = 'Superset\n- Goblotty squat: 3 × 10';
    expect(refused(text)).toEqual({
      unknown: 'Goblotty squat',
      offers: jasmine.arrayContaining(['Goblet squat']),
      at: text.indexOf('Goblotty'),
      length: 'Goblotty squat'.length,
      sentence: 'There is no exercise or ladder “Goblotty squat”. Did you mean “Goblet squat”?',
    });
    expect(refused('Superset\n- Plakn tip: 3 × hold 20 s').offers).toContain('Plank tap');
    const wrong = 'Superset\nsquat 3x10 2 lfet';
    expect(refused(wrong)).toEqual(jasmine.objectContaining({ at: wrong.indexOf('2 lfet'), length: 1 }));
    expect(refused('3x10').sentence).toContain('Work of what?');
    expect(refused('# Long (500 min)').sentence).toContain('1 to 180 minutes');
    expect(refused('circuit, rest 40 minutes\nsquat').sentence).toContain('15 minutes');
  });
});

const THRUSTER = [
  { source: { kind: 'ladder' as const, ladderId: 'squat' } },
  { source: { kind: 'ladder' as const, ladderId: 'overhead-press' } },
];

describe('what was chosen once', () => {
  it('is known from then on, in any order and spelling of the words', () => {
    const asked = parseSession('wobbly boxes 3x10', catalog, options());
    expect(asked.problems[0]?.unknown).toBe('wobbly boxes');
    const settings = { said: { [saidKey('wobbly boxes')]: 'Goblet squat' } };
    const knowing = catalogOf({ exercises: [], ladders: [], settings });
    for (const text of ['wobbly boxes 3x10', '3x10 Wobbly box', 'box wobbly: 3x10']) {
      const { session, problems } = parseSession(text, knowing, options());
      expect(problems).withContext(text).toEqual([]);
      expect(session.blocks[0]?.slots[0]?.source).toEqual({ kind: 'exercise', exerciseId: 'goblet-squat' });
      // Written back it is the exercise, which everybody reads.
      expect(formatSession(session, knowing)).toContain('Goblet squat');
    }
  });
});

describe('a text that cannot all be read', () => {
  const text = [
    'warm up',
    'march on the spot 60s',
    'wibbly wobbles 30s',
    'superset, rest 60',
    'goblet sqaut 3x10',
    'hoverboard 3x12 each leg',
    'rows 3x10 2 lfet, rest 60',
    'thrusters 3x500',
    '',
    'curls 3x12',
  ].join('\n');
  const { session, problems } = parseSession(text, catalog, options());

  it('is read as far as it goes: every line but what nobody knows', () => {
    expect(session.blocks.map(({ slots }) => slots.map(({ source }) => sourceKey(source)))).toEqual([
      ['exercise easy-march'],
      ['exercise goblet-squat', 'ladder row', sourceKey({ kind: 'combination', parts: THRUSTER })],
      ['ladder curl'],
    ]);
    const [, superset] = session.blocks;
    expect(superset?.restSeconds).toBe(60);
    // What stood before the word that says nothing is kept.
    expect(superset?.slots[1]?.prescriptions.beginner.work).toEqual({ kind: 'reps', reps: 10 });
    expect(sessionSchema.safeParse(session).success).toBeTrue();
  });

  it('lists every problem in its place, with what may be meant', () => {
    const shown = problems.map(({ at, length, unknown }) => [text.slice(at, at + length), unknown]);
    expect(shown).toEqual([
      ['wibbly wobbles', 'wibbly wobbles'],
      ['hoverboard', 'hoverboard'],
      ['2', undefined],
      ['thrusters 3x500', undefined],
    ]);
    for (const { offers, sentence } of problems) {
      expect(offers.length).toBeLessThanOrEqual(3);
      expect(sentence).toMatch(/[.?]$/u);
    }
  });

  it('says how far it is while it reads a long one, ever further', () => {
    const shares: number[] = [];
    const text = Array.from({ length: 40 }, () => 'circuit\n' + '- Row: 3 × 8\n'.repeat(40)).join('\n');
    const { session } = parseSession(text, catalog, {
      ...options(),
      onProgress: (share) => shares.push(share),
    });
    expect(session.blocks.map(({ slots }) => slots.length)).toEqual(Array<number>(40).fill(40));
    expect(shares.length).toBeGreaterThan(20);
    expect(shares.every((share, at) => share > (shares[at - 1] ?? 0) && share < 1)).toBeTrue();
  });

  it('says what is behind 300,000 letters, and reads what is before', () => {
    const text = '- Row: 3 × 8\n' + ' '.repeat(300_000) + '\n- Squat: 3 × 8';
    const { session, problems } = parseSession(text, catalog, options());
    expect(session.blocks.flatMap(({ slots }) => slots).length).toBe(1);
    expect(problems.map(({ sentence }) => sentence)).toEqual([
      'A session has at most 300,000 letters; what is behind them was not read.',
    ]);
  });

  it('keeps a block whose every line is settled later, and a title out of range at what it was', () => {
    const read = parseSession('# Long (500 min)\ncircuit\nzzz 10\nyyy 10', catalog, options());
    expect(read.session.budgetMinutes).toBe(base.budgetMinutes);
    expect(read.session.blocks.map(({ kind, slots }) => [kind, slots.length])).toEqual([['circuit', 0]]);
    expect(read.problems.length).toBe(3);
  });
});

describe('what coaches write', () => {
  const read = (text: string) => {
    let ids = 0;
    const { session, problems } = parseSession(text, catalog, {
      newId: () => `n${(ids += 1)}`,
      base: { id: 's', name: 'S', budgetMinutes: 30 },
    });
    if (problems[0]) throw new Error(`${text}: ${problems[0].sentence}`);
    return session;
  };
  const slotOf = (work: string) =>
    read(`Straight sets\nsquat ${work}`).blocks[0]!.slots[0]!.prescriptions.intermediate;

  it('is read as they mean it', () => {
    const cases: [string, object][] = [
      ['40/20 x 2', { sets: 2, work: { kind: 'time', seconds: 40 }, restSeconds: 20 }],
      ['40 on 20 off', { work: { kind: 'time', seconds: 40 }, restSeconds: 20 }],
      ['AMRAP 60s', { work: { kind: 'most', seconds: 60 } }],
      ['3x failure', { sets: 3, work: { kind: 'most' } }],
      ['to failure', { work: { kind: 'most' } }],
      ['3x8 at RPE 8', { target: { kind: 'effort', effort: 8 } }],
      ['3x5 @80% 1RM', { target: { kind: 'percent', percent: 80 } }],
      ['3x10 90s rest', { restSeconds: 90 }],
      ['4 × 45 s rest 15', { work: { kind: 'time', seconds: 45 }, restSeconds: 15 }],
      ['3x10 e/s', { perSide: true }],
      ['10 right, 10 left', { work: { kind: 'reps', reps: 10 }, perSide: true }],
      ['3x20 (10 each leg)', { work: { kind: 'reps', reps: 10 }, perSide: true }],
      ['3x10 w/ 5 kg', { target: { kind: 'load', loadKg: 5 } }],
      ['3x10 2x10s', { target: { kind: 'load', loadKg: 20 } }],
      ['2x10s', { sets: 2, work: { kind: 'time', seconds: 10 } }],
      ['3x10 heavy', { target: { kind: 'reserve', reps: 2 } }],
      ['3x10 slow', { tempo: { down: 3, pause: 0, up: 3 } }],
      ['3x8 4 counts down', { tempo: { down: 4, pause: 0, up: 1 } }],
      ['3x8 pause 2s', { tempo: { down: 2, pause: 2, up: 1 } }],
      ['10 then 8', { sets: 2, work: { kind: 'reps', reps: 10 }, setPattern: { kind: 'repsDown', by: 2 } }],
      ['8, then 10 if something was left', { sets: 2, setPattern: { kind: 'repsUp', by: 2 } }],
      ['12, 10, 8', { sets: 3, setPattern: { kind: 'repsDown', by: 2 } }],
      ['3x10 start heavy then lighter', { setPattern: { kind: 'loadDown' } }],
      ['3x10 more tension each set', { setPattern: { kind: 'loadUp' } }],
      ['3x10 left leg all, then right leg', { work: { kind: 'reps', reps: 10 }, perSide: true }],
      ['3x10 switch halfway', { perSide: true }],
      ['3 x 12 each', { perSide: true }],
      ['10-15 reps', { work: { kind: 'range', low: 10, high: 15 } }],
      ['1 min', { work: { kind: 'time', seconds: 60 } }],
      ['30s each leg', { work: { kind: 'time', seconds: 30 }, perSide: true }],
      ['30 reps or 1 min', { work: { kind: 'either', reps: 30, seconds: 60 } }],
    ];
    for (const [text, said] of cases)
      expect(slotOf(text)).withContext(text).toEqual(jasmine.objectContaining(said));
  });

  it('may say the work before the exercises, and several of them on a line', () => {
    const works = (text: string) =>
      read(text).blocks.flatMap(({ slots }) =>
        slots.map(({ prescriptions: { intermediate } }) => intermediate),
      );
    for (const one of works('2 rounds, 10 then 8\nsquats\npush-ups')) {
      expect(one).toEqual(jasmine.objectContaining({ sets: 2, setPattern: { kind: 'repsDown', by: 2 } }));
    }
    // Reps from set to set belong to the work they were said with.
    const [squats, plank] = works('2 rounds, 10 then 8\nsquats\nplank 30s');
    expect(squats!.setPattern).toEqual({ kind: 'repsDown', by: 2 });
    expect(plank).toEqual(jasmine.objectContaining({ sets: 2, work: { kind: 'time', seconds: 30 } }));
    expect(plank!.setPattern).toBeUndefined();
    for (const one of works('60 on 15 off, 8 lb\nsquats\nrows')) {
      expect(one).toEqual(jasmine.objectContaining({ work: { kind: 'time', seconds: 60 }, restSeconds: 15 }));
    }
    for (const one of works('3 rounds of 10\nsquats\nrows')) {
      expect(one).toEqual(jasmine.objectContaining({ sets: 3, work: { kind: 'reps', reps: 10 } }));
    }
    expect(works('squats 10, push-ups 12, rows 8').map(({ work }) => work)).toEqual([
      { kind: 'reps', reps: 10 },
      { kind: 'reps', reps: 12 },
      { kind: 'reps', reps: 8 },
    ]);
    const [slot] = read('4 rounds | 3 | 5\nsquats 10\nrows 10').blocks[0]!.slots;
    expect(TIERS.map((tier) => slot!.prescriptions[tier].sets)).toEqual([4, 3, 5]);
    expect(read('# Quick (1 min)\nsquats 10').budgetMinutes).toBe(1);
  });

  it('may say the work before the name, and who may not does the second', () => {
    const forms: [string, string][] = [
      ['3x10 squats', 'Squat: 3 × 10'],
      ['ten squats', 'Squat: 3 × 10'],
      ['squats x10', 'Squat: 3 × 10'],
      ['2 sets of 12 rows', 'Row: 2 × 12'],
      ['2x40s jumping jacks', 'Jumping jack: 2 × 40 s'],
      ['3x10 heavy squats', 'Squat: 3 × 10, 2 left'],
      ['3 x 8 squats with 12 kg', 'Squat: 3 × 8, 12 kg'],
      ['slow squats 3x10', 'Squat: 3 × 10, 3-0-3'],
      ['heavy squats', 'Squat: 3 × 10, 2 left'],
      ['slow mountain climbers 3x20', 'Slow mountain climber: 3 × 20'],
      ['8-12 DB rows each side', 'Row: 3 × 8–12 each side'],
      ['jumping jacks 40s, or march', 'Jumping jack / March on the spot: 3 × 40 s'],
    ];
    for (const [text, written] of forms) {
      expect(formatSession(read(text), catalog))
        .withContext(text)
        .toContain(`- ${written}\n`);
    }
    const [one, two] = read('10 squats, 2 left, 12 rows each side').blocks[0]!.slots;
    expect(one!.prescriptions.advanced.target).toEqual({ kind: 'reserve', reps: 2 });
    expect(two!.prescriptions.advanced.work).toEqual({ kind: 'reps', reps: 12 });
    // An easier way of an exercise is not the exercise at its hardest, whoever is named it.
    for (const [text, id] of [
      ['wall push-ups 3x10', 'press-up~wall'],
      ['3x10 wall push-ups', 'press-up~wall'],
      ['incline push-ups: 3x10', 'press-up~counter'],
      ['3x10 push-ups on a chair', 'press-up~chair'],
    ] as const) {
      const { source } = read(text).blocks[0]!.slots[0]!;
      expect(source).withContext(text).toEqual({ kind: 'exercise', exerciseId: id });
      const { source: again } = read(formatSession(read(text), catalog)).blocks[0]!.slots[0]!;
      expect(again).withContext(text).toEqual(source);
    }
    // How it is done is never dropped without a word.
    expect(refused('slow squat: 3x10').sentence).toContain('“slow squat”');
    // Two amounts of one exercise are still a question.
    expect(refused('3x10 squats 12').sentence).toContain('no exercise');
    const { restSeconds, slots } = read('3 rounds, no rest\nsquat 10\nrow 10').blocks[0]!;
    expect([restSeconds, slots.length]).toEqual([0, 2]);
  });

  it('is never a reason to throw', () => {
    const words = fc.constantFrom(
      ...'squat row plank 3x10 10 | = then ; , / : " # - or and with rounds rest 2x10s each left 40/20 x beginners max ( ) @ % \n kg 12/10 amrap warm-up \u0000 ½ 🏋 1e9 [exercise]'.split(
        ' ',
      ),
    );
    const anyText = fc.oneof(
      fc.array(words, { maxLength: 14 }).map((said) => said.join(' ')),
      fc.string({ unit: 'binary', maxLength: 60 }),
    );
    let looked = 0;
    fc.assert(
      fc.property(anyText, (text) => {
        const { session, problems } = parseSession(text, catalog, options());
        looked += 1;
        const inPlace = problems.every(
          ({ at, length, sentence }) => sentence !== '' && at >= 0 && at + length <= text.length + 1,
        );
        return inPlace && sessionSchema.safeParse(session).success;
      }),
      { numRuns: 600 },
    );
    expect(looked).toBe(600);
  });

  it('reads whole sessions with no signs of ours, and writes them in a form that is read the same', () => {
    const spoken = [
      'warm up\nmarch on the spot 60s\narm circles 30s\n3 rounds of 10\ngoblet squats\npush-ups\nbent-over rows\ncool down\nquad stretch 30s each leg',
      'circuit, 3 rounds\njumping jacks 40s\nmountain climbers 30s\nplank 30s\nglute bridges 15',
      'superset\nRDLs 3x8 heavy\nshoulder press 3x10 2 left\nsuperset\nhammer curls 12, 10, 8\ntriceps kickbacks 3x12 each',
      '40 on 20 off\nsquats\nburpees\nshoulder taps\nhigh-knee march',
      'balance\nsingle-leg stand hold 30s each leg\ntandem walk 1 min\nclock reach 6 each leg',
      'finisher\nwall sit 45s, push-ups AMRAP 30s',
      '3 rounds\n10 goblet squats\n10 push-ups\n12 bent-over rows\n30s plank\n20 jumping jacks',
      'warm up: march 60s, arm circles 30s\n3 sets: 8 RDLs, 10 shoulder presses, 12 biceps curls',
      '2 rounds, 10 then 8\nsquats\npush-ups\nrows',
      'straight sets\n4x6 heavy squats, rest 2 min\n3x8-12 rows each side, 2 left\n2 sets of 15 calf raises, slow',
      '3 rounds, no rest\njumping jacks 40s, or march\n20 mountain climbers\nglute bridges x 15',
      '# Quick one (12 min)\n4 rounds | 2 | 5\n10 lunges each leg\n10 push-ups\nbird dogs 8 per side',
    ];
    for (const text of spoken) {
      const session = read(text);
      const written = formatSession(session, catalog);
      const again = read(written);
      const plain = (own: typeof session) =>
        own.blocks.map(({ kind, slots }) => [
          kind,
          slots.map(({ source, prescriptions }) => [source, prescriptions]),
        ]);
      expect(plain(again)).withContext(written).toEqual(plain(session));
    }
  });
});
