import * as fc from 'fast-check';
import { anySession } from '../../testing/sessions';
import { catalog } from '../library';
import { sessionSchema, type Session } from '../model';
import { formatPrescription } from '../plan';
import { keepIds } from './keep-ids';
import { parseSession } from './session-parse';
import { formatSession } from './session-text';

const base = { id: 'session', name: 'New', budgetMinutes: 30 };

function options() {
  let count = 0;
  return { base, newId: () => `id-${(count += 1)}` };
}

function read(text: string): Session {
  const result = parseSession(text, catalog, options());
  if (!result.ok) throw new Error(`${text}: ${result.problem.at} ${result.problem.sentence}`);
  return result.session;
}

function refused(text: string) {
  const result = parseSession(text, catalog, options());
  if (result.ok) throw new Error(`${text} was read`);
  return result.problem;
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
        const name = source.kind === 'ladder' ? source.ladderId : source.exerciseId;
        const texts = Object.values(prescriptions).map((own) => formatPrescription(own));
        return `${name} ${[...new Set(texts)].join(' | ')}`;
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
        const result = parseSession(text, catalog, options());
        if (result.ok) {
          const checked = sessionSchema.safeParse(result.session);
          expect(checked.error?.message).withContext(text).toBeUndefined();
          return;
        }
        const { at, length, sentence } = result.problem;
        expect(at).withContext(text).toBeGreaterThanOrEqual(0);
        expect(at + length)
          .withContext(text)
          .toBeLessThanOrEqual(text.length);
        expect(sentence).toMatch(/[.?]$/);
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
    const kept = again.ok ? keepIds(before, again.session) : undefined;
    const [plank, superset] = kept?.blocks ?? [];
    expect(superset?.id).toBe(before.blocks[0]!.id);
    expect(superset?.slots.map(({ id }) => id)).toEqual([
      before.blocks[0]!.slots[1]!.id,
      before.blocks[0]!.slots[0]!.id,
    ]);
    expect(superset?.slots[1]).toBe(before.blocks[0]!.slots[0]!);
    expect(plank?.slots[0]?.id).toContain('new-');
    expect(new Set(kept?.blocks.map(({ id }) => id)).size).toBe(2);
  });

  it('tells a ladder from an exercise of the same name', () => {
    const [block] = read('- Squat: 3 × 10\n- Squat [exercise]: 3 × 10').blocks;
    expect(block?.slots.map(({ source }) => source.kind)).toEqual(['ladder', 'exercise']);
  });

  it('points at what it cannot read and says what it may be', () => {
    const text = 'Superset\n- Goblotty squat: 3 × 10';
    expect(refused(text)).toEqual({
      at: text.indexOf('Goblotty'),
      length: 'Goblotty squat'.length,
      sentence: 'There is no exercise or ladder “Goblotty squat”. Did you mean “Goblet squat”?',
    });
    expect(refused('Superset\n- Plnak: 3 × hold 20 s').sentence).toContain('“Plank”');
    const wrong = 'Superset\nsquat 3x10 2 lfet';
    expect(refused(wrong)).toEqual(jasmine.objectContaining({ at: wrong.indexOf('2 lfet'), length: 1 }));
    expect(refused('3x10').sentence).toContain('Work of what?');
    expect(refused('# Long (500 min)').sentence).toContain('5 to 180 minutes');
    expect(refused('circuit, rest 40 minutes\nsquat').sentence).toContain('15 minutes');
  });
});
