import * as fc from 'fast-check';
import { aSlot, reps } from '../../testing/people';
import { catalog, LIBRARY_LADDERS } from '../library';
import { TIERS, type Block, type BlockKind, type Prescription, type Session } from '../model';
import {
  addBlock,
  addSlot,
  joinWithNext,
  moveBlock,
  moveSlot,
  newBlock,
  newSlot,
  nudgeSlot,
  partFromGroup,
  removeSlot,
  sessionTimeline,
  slotLetters,
  TRANSITIONS,
} from './index';

function block(
  id: string,
  kind: BlockKind,
  restSeconds: number,
  ...slots: [ladderId: string, Prescription][]
): Block {
  return {
    id,
    kind,
    restSeconds,
    slots: slots.map(([ladderId, prescription], at) => ({
      ...aSlot(ladderId, prescription),
      id: `${id}${at + 1}`,
    })),
  };
}

function session(...blocks: Block[]): Session {
  return { id: 's', name: 'S', budgetMinutes: 30, blocks };
}

function shape({ blocks }: Session): string {
  return blocks.map(({ kind, slots }) => `${kind}:${slots.map(({ id }) => id).join('+')}`).join(' ');
}

const clock = (sets: number, seconds: number): Prescription => ({
  sets,
  work: { kind: 'time', seconds },
  perSide: false,
  target: { kind: 'none' },
});

describe('slotLetters', () => {
  it('letters blocks as a whiteboard does', () => {
    const plan = session(
      block('w', 'warmUp', 0, ['squat', reps(1, 5)]),
      block('a', 'superset', 60, ['squat', reps(3, 10)], ['row', reps(3, 10)]),
      block('b', 'straight', 60, ['hinge', reps(3, 10)]),
    );
    expect([...slotLetters(plan)]).toEqual([
      ['a1', 'A1'],
      ['a2', 'A2'],
      ['b1', 'B'],
    ]);
  });
});

describe('sessionTimeline', () => {
  it('counts straight sets to the second (common practice, no published source)', () => {
    // 3 × 10 at 2-0-2 is 3 × 40 s of work and two rests of 60 s.
    const tempo = { down: 2, pause: 0, up: 2 };
    const plan = session(block('a', 'straight', 60, ['squat', { ...reps(3, 10), tempo }]));
    expect(sessionTimeline(plan, 'intermediate', catalog).totalSeconds).toBe(3 * 40 + 2 * 60);
  });

  it('counts both sides and the change between them', () => {
    const plan = session(block('a', 'straight', 0, ['row', { ...clock(1, 30), perSide: true }]));
    expect(sessionTimeline(plan, 'intermediate', catalog).totalSeconds).toBe(60 + TRANSITIONS.sideSeconds);
  });

  it('does partners in turn, with the rest after each round but the last', () => {
    const plan = session(block('a', 'superset', 60, ['squat', clock(3, 40)], ['row', clock(3, 20)]));
    const { segments, totalSeconds } = sessionTimeline(plan, 'intermediate', catalog);
    const work = segments.filter(({ kind }) => kind === 'work').map(({ label }) => label);
    expect(work).toEqual(['A1', 'A2', 'A1', 'A2', 'A1', 'A2']);
    expect(totalSeconds).toBe(3 * 60 + 2 * 60 + 5 * TRANSITIONS.changeSeconds);
  });

  it('lets a tier with fewer rounds stop earlier', () => {
    const plan = session(block('a', 'circuit', 30, ['squat', clock(3, 40)]));
    const fewer = session({
      ...plan.blocks[0]!,
      slots: plan.blocks[0]!.slots.map((slot) => ({
        ...slot,
        prescriptions: { ...slot.prescriptions, beginner: clock(2, 40) },
      })),
    });
    expect(sessionTimeline(fewer, 'beginner', catalog).totalSeconds).toBe(2 * 40 + 30);
    expect(sessionTimeline(fewer, 'advanced', catalog).totalSeconds).toBe(3 * 40 + 2 * 30);
  });

  it('tiles any session without gap or overlap', () => {
    const kinds = fc.constantFrom<BlockKind>(
      'warmUp',
      'straight',
      'superset',
      'circuit',
      'finisher',
      'coolDown',
    );
    const slot = fc.tuple(
      fc.constantFrom(...LIBRARY_LADDERS.map(({ id }) => id)),
      fc.nat({ max: 3 }),
      fc.boolean(),
    );
    const blocks = fc.array(fc.tuple(kinds, fc.array(slot, { maxLength: 4 }), fc.nat({ max: 90 })), {
      maxLength: 6,
    });
    fc.assert(
      fc.property(blocks, fc.constantFrom(...TIERS), (list, tier) => {
        const plan = session(
          ...list.map(([kind, slots, rest], at) =>
            block(
              `b${at}-`,
              kind,
              rest,
              ...slots.map(([ladder, more, side]): [string, Prescription] => [
                ladder,
                { ...reps(more + 1, 8), perSide: side },
              ]),
            ),
          ),
        );
        const { segments, totalSeconds } = sessionTimeline(plan, tier, catalog);
        let now = 0;
        for (const { start, end } of segments) {
          expect(start).toBe(now);
          expect(end).toBeGreaterThan(start);
          now = end;
        }
        expect(totalSeconds).toBe(now);
      }),
      { numRuns: 200 },
    );
  });
});

describe('edits of a session', () => {
  const plan = session(
    block('a', 'straight', 90, ['squat', reps(3, 10)]),
    block('b', 'straight', 90, ['row', reps(3, 10)]),
    block('c', 'superset', 60, ['hinge', reps(3, 10)], ['press-up', reps(3, 10)]),
  );

  it('joins a slot with the next one into a superset, and parts them again', () => {
    const joined = joinWithNext(plan, 'a1');
    expect(shape(joined)).toBe('superset:a1+b1 superset:c1+c2');
    expect(shape(partFromGroup(joined, 'b1', 'new'))).toBe('straight:a1 straight:b1 superset:c1+c2');
  });

  it('takes partners from a group, which becomes straight sets when one is left', () => {
    expect(shape(joinWithNext(plan, 'b1'))).toBe('straight:a1 superset:b1+c1 superset:c2');
    expect(shape(partFromGroup(plan, 'c1', 'new'))).toBe('straight:a1 straight:b1 straight:c2 straight:c1');
  });

  it('leaves the session as it is when there is nobody to join', () => {
    const last = session(block('a', 'straight', 90, ['squat', reps(3, 10)]));
    expect(joinWithNext(last, 'a1')).toBe(last);
  });

  it('moves slots within and between blocks, and drops a block that is left empty', () => {
    expect(shape(nudgeSlot(plan, 'c1', 1))).toBe('straight:a1 straight:b1 superset:c2+c1');
    expect(shape(nudgeSlot(plan, 'a1', 1))).toBe('straight:a1+b1 superset:c1+c2');
    expect(shape(moveSlot(plan, 'a1', 'c', 1))).toBe('straight:b1 superset:c1+a1+c2');
    expect(nudgeSlot(plan, 'a1', -1)).toBe(plan);
    expect(shape(removeSlot(plan, 'b1'))).toBe('straight:a1 superset:c1+c2');
  });

  it('shares every block it does not touch', () => {
    const moved = nudgeSlot(plan, 'c1', 1);
    expect(moved.blocks[0]?.slots[0]).toBe(plan.blocks[0]?.slots[0]);
    const untouched = moveBlock(plan, 'c', 0);
    expect(untouched.blocks[0]).toBe(plan.blocks[2]);
  });

  it('puts a warm-up first, a cool-down last, and the rest before the cool-down', () => {
    let built = addBlock(plan, newBlock('cool', 'coolDown'));
    built = addBlock(built, newBlock('warm', 'warmUp'));
    built = addBlock(built, newBlock('more', 'circuit'));
    expect(built.blocks.map(({ id }) => id)).toEqual(['warm', 'a', 'b', 'c', 'more', 'cool']);
  });

  it('starts a slot with the usual prescription of its pattern', () => {
    const built = addSlot(plan, 'a', newSlot('new', { kind: 'ladder', ladderId: 'brace' }, catalog));
    const added = built.blocks[0]?.slots[1]?.prescriptions.beginner;
    expect(added?.work).toEqual({ kind: 'hold', seconds: 30 });
    const row = newSlot('row', { kind: 'ladder', ladderId: 'row' }, catalog);
    expect(row.prescriptions.beginner.perSide).toBeTrue();
  });
});
