import { BLOCKS, isBig, isIsolation, midSentence, MUSCLE_WORDS, type Block, type Session } from '../model';
import { isOnFloor, moveBlock, slotName } from '../plan';
import { membersOf, type Member } from './effort';
import { indexOf, listed, mainMuscle, needs, type Remark, type ReviewContext } from './remark';

/** Ups and downs beyond this many are worth a word. Common practice, no published source. */
const MOST_UPS_AND_DOWNS = 2;
/** A small exercise that tires a muscle a big one after it needs; partners of one block are meant so. */
export function isolationFirst(members: readonly Member[], { catalog }: ReviewContext): Remark[] {
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
    const bigName = midSentence(slotName(big.slot, catalog));
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
export function sameMuscle(
  session: Session,
  members: readonly Member[],
  { catalog }: ReviewContext,
): Remark[] {
  return members.slice(1).flatMap((member, before): Remark[] => {
    const last = members[before];
    if (!last || last.block.id === member.block.id || member.block.kind === 'finisher') return [];
    const muscle = mainMuscle(member);
    if (mainMuscle(last) !== muscle || BLOCKS[last.block.kind].clocked) return [];
    const names = listed([slotName(last.slot, catalog), midSentence(slotName(member.slot, catalog))]);
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

/** Getting down and up more often than need be. */
export function upAndDown(
  session: Session,
  members: readonly Member[],
  { tier, catalog }: ReviewContext,
): Remark[] {
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
