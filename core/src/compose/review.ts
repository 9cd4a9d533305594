import {
  BLOCKS,
  MUSCLE_WORDS,
  type Block,
  type Muscle,
  type Participant,
  type Prescription,
  type Session,
  type Slot,
  type Tier,
  type Timing,
} from '../model';
import type { Catalog } from '../ladder';
import { formatClock } from '../units';
import { addBlock, byTheClock, isOnFloor, moveBlock, newSlot, sessionTimeline, slotName } from '../plan';
import { isBig, isIsolation, membersOf, type Member } from './effort';
import { fitToTime } from './fit';
import { muscleCoverage } from './coverage';
import { LOOSENING } from './loosening';

export type RemarkKind =
  | 'noWarmUp'
  | 'sameMuscle'
  | 'isolationFirst'
  | 'upAndDown'
  | 'longStrain'
  | 'unequalSides'
  | 'overTime'
  | 'missed'
  | 'alone'
  | 'empty';

/** What a colleague would say, and what they would do about it. */
export interface Remark {
  /** The same for the same thing said again, so that it can be waved away for good. */
  readonly id: string;
  readonly kind: RemarkKind;
  readonly sentence: string;
  /** Where it points. */
  readonly slotIds: readonly string[];
  readonly mend?: { readonly words: string; readonly apply: (session: Session) => Session };
}

export interface ReviewContext {
  readonly tier: Tier;
  readonly catalog: Catalog;
  /** Who is in the class. */
  readonly participants: readonly Participant[];
  readonly newId: () => string;
  readonly timing?: Timing | undefined;
}

/** Ups and downs beyond this many are worth a word. Common practice, no published source. */
const MOST_UPS_AND_DOWNS = 2;
/** Holds longer than this strain people with high blood pressure. Common practice, no published source. */
const LONG_HOLD_SECONDS = 20;
const MOST_WARM_UP = 4;
const FEWEST_PER_BLOCK = 2;

/**
 * What an experienced colleague would say of a session: warm-up, order, getting up and down, strain, sides, time, and
 * what the focus promised. Each with a mending where there is one; what the coach waved away stays away. The rules are
 * common practice.
 */
export function reviewSession(session: Session, context: ReviewContext): Remark[] {
  const members = membersOf(session, context.tier, context.catalog);
  const dismissed = new Set(session.dismissed);
  return [
    ...emptyBlocks(session),
    ...noWarmUp(session, members, context),
    ...isolationFirst(members, context),
    ...sameMuscle(session, members, context),
    ...upAndDown(session, members, context),
    ...longStrain(members, context),
    ...unequalSides(members, context),
    ...alone(session, members, context),
    ...missed(session, context),
    ...overTime(session, context),
  ].filter(({ id }) => !dismissed.has(id));
}

/** A session whose remark is waved away for good. */
export function dismissRemark(session: Session, id: string): Session {
  return { ...session, dismissed: [...(session.dismissed ?? []), id] };
}

function emptyBlocks({ blocks }: Session): Remark[] {
  return blocks
    .filter(({ slots }) => slots.length === 0)
    .map(({ id, kind }) => ({
      id: `empty ${id}`,
      kind: 'empty',
      sentence: `${BLOCKS[kind].name} has nothing in it.`,
      slotIds: [],
      mend: {
        words: 'take it out',
        apply: (own) => ({ ...own, blocks: own.blocks.filter((block) => block.id !== id) }),
      },
    }));
}

function noWarmUp(session: Session, members: readonly Member[], { catalog, newId }: ReviewContext): Remark[] {
  const warm = session.blocks.filter(({ kind }) => kind === 'warmUp').flatMap(({ slots }) => slots);
  const done = new Set(warm.flatMap(({ source }) => (source.kind === 'exercise' ? [source.exerciseId] : [])));
  const trained = members.filter(
    ({ version }) => isBig(version.exercise) || version.exercise.impact === 'high',
  );
  const cold = trained.filter(
    ({ version }) => !LOOSENING[version.exercise.pattern].warmUp.some((exerciseId) => done.has(exerciseId)),
  );
  if (cold.length === 0) return [];
  const wanted = [
    ...new Set(cold.flatMap(({ version }) => LOOSENING[version.exercise.pattern].warmUp)),
  ].slice(0, MOST_WARM_UP);
  const names = listed(cold.map(({ slot }) => slotName(slot, catalog).toLowerCase()));
  return [
    {
      id: 'noWarmUp',
      kind: 'noWarmUp',
      sentence: `Nothing warms up for ${names}.`,
      slotIds: cold.map(({ slot }) => slot.id),
      mend: {
        words: 'add the warm-up',
        apply: (own) => {
          const slots = wanted.map((exerciseId) =>
            newSlot(newId(), { kind: 'exercise', exerciseId }, catalog, 'warmUp'),
          );
          const there = own.blocks.find(({ kind }) => kind === 'warmUp');
          if (!there) return addBlock(own, { id: newId(), kind: 'warmUp', restSeconds: 0, slots });
          return {
            ...own,
            blocks: own.blocks.map((block) =>
              block.id === there.id ? { ...block, slots: [...block.slots, ...slots] } : block,
            ),
          };
        },
      },
    },
  ];
}

/** A small exercise that tires a muscle a big one after it needs; partners of one block are meant so. */
function isolationFirst(members: readonly Member[], { catalog }: ReviewContext): Remark[] {
  for (const [at, small] of members.entries()) {
    if (!isIsolation(small.version.exercise)) continue;
    const big = members
      .slice(at + 1)
      .find(
        (other) =>
          other.block.id !== small.block.id &&
          isBig(other.version.exercise) &&
          needs(other, mainMuscle(small)),
      );
    if (!big) continue;
    const smallName = slotName(small.slot, catalog);
    const bigName = slotName(big.slot, catalog).toLowerCase();
    return [
      {
        id: `isolationFirst ${small.slot.id} ${big.slot.id}`,
        kind: 'isolationFirst',
        sentence: `${smallName} comes before ${bigName} and tires ${MUSCLE_WORDS[mainMuscle(small)]} for it.`,
        slotIds: [small.slot.id, big.slot.id],
        mend: {
          words: `${bigName} first`,
          apply: (own) => moveBlock(own, big.block.id, indexOf(own, small.block.id)),
        },
      },
    ];
  }
  return [];
}

/** The same main muscle in two blocks one after the other. A finisher is meant so. */
function sameMuscle(session: Session, members: readonly Member[], { catalog }: ReviewContext): Remark[] {
  return members.slice(1).flatMap((member, before): Remark[] => {
    const last = members[before];
    if (!last || last.block.id === member.block.id || member.block.kind === 'finisher') return [];
    const muscle = mainMuscle(member);
    if (mainMuscle(last) !== muscle || BLOCKS[last.block.kind].clocked) return [];
    const names = listed([slotName(last.slot, catalog), slotName(member.slot, catalog).toLowerCase()]);
    const next = session.blocks[indexOf(session, member.block.id) + 1];
    const swaps =
      next &&
      BLOCKS[next.kind].lettered &&
      next.slots.length > 0 &&
      !next.slots.some(({ id }) =>
        members.some((other) => other.slot.id === id && mainMuscle(other) === muscle),
      );
    return [
      {
        id: `sameMuscle ${last.slot.id} ${member.slot.id}`,
        kind: 'sameMuscle',
        sentence: `${names} train ${MUSCLE_WORDS[muscle]} one right after the other.`,
        slotIds: [last.slot.id, member.slot.id],
        ...(swaps && {
          mend: {
            words: 'put the next block between',
            apply: (own: Session) => moveBlock(own, next.id, indexOf(own, member.block.id)),
          },
        }),
      },
    ];
  });
}

function upAndDown(session: Session, members: readonly Member[], { tier, catalog }: ReviewContext): Remark[] {
  const changes = floorChanges(members);
  if (changes <= MOST_UPS_AND_DOWNS) return [];
  const sorted = floorLast(session, members);
  const after = floorChanges(membersOf(sorted, tier, catalog));
  return [
    {
      id: 'upAndDown',
      kind: 'upAndDown',
      sentence: `Down to the floor and up again: ${changes} changes.`,
      slotIds: [],
      ...(after < changes && {
        mend: { words: `floor work together: ${after}`, apply: (own: Session) => floorLast(own, members) },
      }),
    },
  ];
}

/** Blocks that are all on the floor go behind the standing ones; warm-up and cool-down stay where they are. */
function floorLast(session: Session, members: readonly Member[]): Session {
  const onFloor = (block: Block) => {
    const own = members.filter((member) => member.block.id === block.id);
    return own.length > 0 && own.every(({ version }) => isOnFloor(version.exercise));
  };
  const movable = (block: Block) => BLOCKS[block.kind].lettered;
  const ordered = [
    ...session.blocks.filter((block) => movable(block) && !onFloor(block)),
    ...session.blocks.filter((block) => movable(block) && onFloor(block)),
  ];
  return {
    ...session,
    blocks: session.blocks.map((block) => (movable(block) ? (ordered.shift() ?? block) : block)),
  };
}

/** How often the session goes down or up, rounds counted. */
function floorChanges(members: readonly Member[]): number {
  const order: boolean[] = [];
  for (const [at, { block }] of members.entries()) {
    if (members[at - 1]?.block.id === block.id) continue;
    const own = members.filter((member) => member.block.id === block.id);
    const rounds = BLOCKS[block.kind].grouped
      ? Math.max(...own.map(({ prescription }) => prescription.sets))
      : 1;
    for (let round = 0; round < rounds; round += 1) {
      order.push(...own.map(({ version }) => isOnFloor(version.exercise)));
    }
  }
  return order.filter((floor, at) => at > 0 && floor !== order[at - 1]).length;
}

function longStrain(members: readonly Member[], { participants, catalog }: ReviewContext): Remark[] {
  const people = participants.filter(({ cautions }) =>
    cautions.some(({ condition }) => condition === 'highBloodPressure'),
  );
  if (people.length === 0) return [];
  return members
    .filter(({ prescription: { work } }) => work.kind === 'hold' && work.seconds > LONG_HOLD_SECONDS)
    .map(({ slot }) => ({
      id: `longStrain ${slot.id}`,
      kind: 'longStrain',
      sentence: `${slotName(slot, catalog)}: a long strain for ${listed(people.map(({ name }) => name))}, with high blood pressure.`,
      slotIds: [slot.id],
      mend: {
        words: `hold ${LONG_HOLD_SECONDS} s, one set more`,
        apply: (own) =>
          withPrescriptions(own, slot.id, (one) =>
            one.work.kind === 'hold' && one.work.seconds > LONG_HOLD_SECONDS
              ? {
                  ...one,
                  sets: Math.min(20, one.sets + 1),
                  work: { kind: 'hold', seconds: LONG_HOLD_SECONDS },
                }
              : one,
          ),
      },
    }));
}

/** One-sided work by the clock with an odd number of sets: one side gets one more. */
function unequalSides(members: readonly Member[], { catalog }: ReviewContext): Remark[] {
  return members
    .filter(
      ({ version: { exercise }, prescription: { perSide, work, sets } }) =>
        exercise.laterality === 'eachSide' && !perSide && byTheClock(work) && sets % 2 === 1,
    )
    .map(({ slot, prescription }) => ({
      id: `unequalSides ${slot.id}`,
      kind: 'unequalSides',
      sentence: `${slotName(slot, catalog)}: ${prescription.sets} sets by the clock give one side more than the other.`,
      slotIds: [slot.id],
      mend: {
        words: 'each side',
        apply: (own) => withPrescriptions(own, slot.id, (one) => ({ ...one, perSide: true })),
      },
    }));
}

/** Rounds of one exercise are straight sets. */
function alone({ blocks }: Session, _members: readonly Member[], { catalog }: ReviewContext): Remark[] {
  return blocks
    .filter(
      ({ kind, slots }) =>
        (kind === 'superset' || kind === 'triSet') && slots.length === FEWEST_PER_BLOCK - 1,
    )
    .map(({ id, kind, slots }) => ({
      id: `alone ${id}`,
      kind: 'alone',
      sentence: `${BLOCKS[kind].name} with ${slots[0] ? slotName(slots[0], catalog).toLowerCase() : 'one exercise'} alone.`,
      slotIds: slots.map((slot) => slot.id),
      mend: {
        words: 'make it straight sets',
        apply: (own) => ({
          ...own,
          blocks: own.blocks.map((block) =>
            block.id === id ? { ...block, kind: 'straight' as const } : block,
          ),
        }),
      },
    }));
}

function missed(session: Session, { tier, catalog }: ReviewContext): Remark[] {
  return muscleCoverage(session, tier, catalog).missed.map((sentence) => ({
    id: `missed ${sentence}`,
    kind: 'missed',
    sentence: sentence.charAt(0).toUpperCase() + sentence.slice(1),
    slotIds: [],
  }));
}

function overTime(session: Session, { tier, catalog, timing }: ReviewContext): Remark[] {
  const { totalSeconds } = sessionTimeline(session, { tier }, catalog, timing);
  const over = totalSeconds - session.budgetMinutes * 60;
  if (over <= 0) return [];
  return [
    {
      id: `overTime ${session.budgetMinutes}`,
      kind: 'overTime',
      sentence: `${formatClock(Math.round(over))} over the ${session.budgetMinutes} minutes.`,
      slotIds: [],
      mend: {
        words: 'make it fit',
        apply: (own) => fitToTime(own, own.budgetMinutes, { tier, catalog, timing }).session,
      },
    },
  ];
}

function withPrescriptions(
  session: Session,
  slotId: string,
  change: (one: Prescription) => Prescription,
): Session {
  const edit = (slot: Slot): Slot => {
    const { beginner, intermediate, advanced } = slot.prescriptions;
    return {
      ...slot,
      prescriptions: {
        beginner: change(beginner),
        intermediate: change(intermediate),
        advanced: change(advanced),
      },
    };
  };
  return {
    ...session,
    blocks: session.blocks.map((block) => ({
      ...block,
      slots: block.slots.map((slot) => (slot.id === slotId ? edit(slot) : slot)),
    })),
  };
}

function mainMuscle({ version }: Member): Muscle {
  return version.exercise.muscles.reduce((most, own) => (own.share > most.share ? own : most)).muscle;
}

/** A muscle that takes a good part in it. */
function needs({ version }: Member, muscle: Muscle): boolean {
  return version.exercise.muscles.some((own) => own.muscle === muscle && own.share >= 0.5);
}

function indexOf(session: Session, blockId: string): number {
  return session.blocks.findIndex(({ id }) => id === blockId);
}

function listed(words: readonly string[]): string {
  return words.length < 2 ? words.join('') : `${words.slice(0, -1).join(', ')} and ${words.at(-1) ?? ''}`;
}
