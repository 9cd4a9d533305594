import * as fc from 'fast-check';
import { aSlot, reps } from '../../testing/people';
import { anySession } from '../../testing/sessions';
import { catalog } from '../library';
import {
  sessionSchema,
  TIERS,
  type Block,
  type BlockKind,
  type Prescription,
  type Session,
  type Timing,
} from '../model';
import {
  addBlock,
  addSlot,
  copyOfSession,
  joinInto,
  joinWithNext,
  moveBlock,
  moveSlot,
  newBlock,
  newSlot,
  nudgeSlot,
  partAt,
  partFromGroup,
  removeSlot,
  sessionTimeline,
  slotLetters,
  USUAL_TIMING,
  versionForTier,
  withPace,
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
    expect(sessionTimeline(plan, { tier: 'intermediate' }, catalog).totalSeconds).toBe(3 * 40 + 2 * 60);
  });

  it('counts both sides and the change between them', () => {
    const plan = session(block('a', 'straight', 0, ['row', { ...clock(1, 30), perSide: true }]));
    expect(sessionTimeline(plan, { tier: 'intermediate' }, catalog).totalSeconds).toBe(
      60 + USUAL_TIMING.sideSeconds,
    );
  });

  it('does partners in turn, with the rest after each round but the last', () => {
    const plan = session(block('a', 'superset', 60, ['squat', clock(3, 40)], ['hinge', clock(3, 20)]));
    const { segments, totalSeconds } = sessionTimeline(plan, { tier: 'intermediate' }, catalog);
    const work = segments.filter(({ kind }) => kind === 'work').map(({ label }) => label);
    expect(work).toEqual(['A1', 'A2', 'A1', 'A2', 'A1', 'A2']);
    // Getting to the next exercise within a round takes time of its own; before the next round it is in the rest.
    const getting = USUAL_TIMING.setUpSeconds + USUAL_TIMING.changeSeconds;
    expect(totalSeconds).toBe(3 * 60 + 2 * 60 + 3 * getting);
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
    expect(sessionTimeline(fewer, { tier: 'beginner' }, catalog).totalSeconds).toBe(2 * 40 + 30);
    expect(sessionTimeline(fewer, { tier: 'advanced' }, catalog).totalSeconds).toBe(3 * 40 + 2 * 30);
  });

  it('runs by the clock to the second (common practice, no published source)', () => {
    const ladders = ['squat', 'press-up', 'row', 'hinge', 'brace', 'thrust', 'curtsy'];
    const total = (plan: Session) => sessionTimeline(plan, { tier: 'beginner' }, catalog).totalSeconds;
    const interval = (count: number, work: number, rest: number): Block => ({
      ...block(
        'i',
        'interval',
        rest,
        ...ladders.slice(0, count).map((id): [string, Prescription] => [id, clock(2, work)]),
      ),
      betweenSeconds: rest,
    });
    // Five exercises, 40 s on and 20 s off, twice through: ten minutes.
    expect(total(session(interval(5, 40, 20)))).toBe(600);
    // Seven exercises, two sets of 30 s on and 15 s off, then six finishers of 30 s one upon the other: 13:30.
    const finishers = block(
      'f',
      'finisher',
      0,
      ...ladders.slice(0, 6).map((id): [string, Prescription] => [id, clock(1, 30)]),
    );
    expect(total(session(interval(7, 30, 15), finishers))).toBe(810);
    // Three exercises × 10 reps × 3 rounds at 2-0-2, 30 s between exercises and 60 s between rounds.
    const ten: Prescription = { ...reps(3, 10), tempo: { down: 2, pause: 0, up: 2 } };
    const rounds = {
      ...block('c', 'circuit', 60, ['squat', ten], ['press-up', ten], ['hinge', ten]),
      betweenSeconds: 30,
    };
    expect(total(session(rounds))).toBe(3 * 3 * 40 + 3 * 2 * 30 + 2 * 60);
  });

  it('counts sets that differ, odd-shaped reps, ranges and pulses', () => {
    const total = (part: Partial<Prescription>) => {
      const one = { ...reps(3, 10), tempo: { down: 2, pause: 0, up: 2 }, ...part };
      return sessionTimeline(
        session(block('a', 'straight', 0, ['squat', one])),
        { tier: 'beginner' },
        catalog,
      ).totalSeconds;
    };
    expect(total({})).toBe(120);
    expect(total({ setPattern: { kind: 'repsDown', by: 2 } })).toBe(4 * (10 + 8 + 6));
    expect(total({ one: 'two squats + two rows' })).toBe(480);
    expect(total({ range: 'bottomHalf' })).toBe(60);
    expect(total({ range: 'quarterAdded' })).toBe(180);
    expect(total({ work: { kind: 'most', seconds: 60 } })).toBe(180);
    expect(total({ perSide: true, sideOrder: 'alternating' })).toBe(240);
  });

  it('takes the coach’s own times, and a card’s own exercises', () => {
    const plan = session(block('a', 'straight', 0, ['squat', clock(1, 30)], ['brace', clock(1, 30)]));
    const slow = { setUpSeconds: 10, changeSeconds: 0, floorSeconds: 20, wallSeconds: 0 };
    expect(sessionTimeline(plan, { tier: 'advanced' }, catalog, slow).totalSeconds).toBe(60 + 30);
    const card = (slotId: string) => {
      if (slotId === 'a2') return undefined;
      const exercise = catalog.exercises.get('goblet-squat')!;
      return { exercise, needs: exercise.needs, holding: 'bottle', prescription: clock(2, 20) };
    };
    const own = sessionTimeline(plan, { tier: 'advanced', card }, catalog);
    expect(own.segments.map(({ slotId }) => slotId)).toEqual(['a1', 'a1']);
    expect(own.totalSeconds).toBe(40);
  });

  it('tiles any session without gap or overlap', () => {
    fc.assert(
      fc.property(anySession(catalog), fc.constantFrom(...TIERS), (plan, tier) => {
        const { segments, totalSeconds } = sessionTimeline(plan, { tier }, catalog);
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

describe('the pace of a session', () => {
  const squats = (pace?: Session['pace']): Session => ({
    ...session(block('b1', 'straight', 0, ['squat', reps(1, 10)])),
    ...(pace && { pace }),
  });
  const seconds = (session: Session, timing?: Timing) =>
    sessionTimeline(session, { tier: 'intermediate' }, catalog, timing).totalSeconds;

  it('makes a led class shorter than slow strength work, which it is where nothing is said', () => {
    expect(seconds(squats('led'))).toBeLessThan(seconds(squats('steady')));
    expect(seconds(squats('steady'))).toBeLessThan(seconds(squats()));
    expect(seconds(withPace(squats('led'), 'slow'))).toBe(seconds(squats()));
    expect(sessionSchema.parse(squats('led')).pace).toBe('led');
  });

  it('gives way to what was measured, exercise by exercise', () => {
    const source = { kind: 'ladder' as const, ladderId: 'squat' };
    const id = versionForTier({ source }, 'intermediate', catalog)?.exercise.id ?? '';
    const measured = { perRep: { [id]: 2 } };
    expect(seconds(squats(), measured)).toBe(seconds(squats('led'), measured));
    expect(seconds(squats(), { perRep: { curl: 2 } })).toBe(seconds(squats()));
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
    expect(shape(joinWithNext(plan, 'b1'))).toBe('straight:a1 superset:b1+c1 straight:c2');
    expect(shape(joinInto(plan, 'c1', 'a', 1))).toBe('superset:a1+c1 straight:b1 straight:c2');
    expect(shape(partFromGroup(plan, 'c1', 'new'))).toBe('straight:a1 straight:b1 straight:c2 straight:c1');
  });

  it('makes three partners a tri-set, four a circuit, whichever way they come together', () => {
    const pair = joinWithNext(plan, 'a1');
    const three = joinWithNext(pair, 'b1');
    expect(shape(three)).toBe('triSet:a1+b1+c1 straight:c2');
    expect(shape(joinInto(pair, 'c1', 'a', 2))).toBe(shape(three));
    expect(shape(joinWithNext(three, 'c1'))).toBe('circuit:a1+b1+c1+c2');
    expect(shape(partFromGroup(three, 'c1', 'new'))).toBe('superset:a1+b1 straight:c1 straight:c2');
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

  it('puts partners together and takes them apart wherever they are dropped', () => {
    const two = joinInto(plan, 'b1', 'a', 1);
    expect(shape(two)).toMatch(/^superset:a1\+b1/);
    const apart = partAt(two, 'a1', 'new', 1);
    expect(shape(apart)).toMatch(/^straight:b1 straight:a1/);
    expect(joinInto(plan, 'nobody', 'a', 0)).toBe(plan);
  });

  it('copies with ids of its own', () => {
    let made = 0;
    const copy = copyOfSession(plan, 'Again', () => `copy-${(made += 1)}`);
    const all = (own: Session) =>
      own.blocks.flatMap(({ id, slots }) => [id, ...slots.map((slot) => slot.id)]);
    expect(new Set([...all(plan), ...all(copy)]).size).toBe(2 * all(plan).length);
    expect(copy.blocks.map(({ kind }) => kind)).toEqual(plan.blocks.map(({ kind }) => kind));
  });
});
