import {
  BLOCKS,
  type Block,
  type Exercise,
  type Prescription,
  type Session,
  type Slot,
  type Tier,
} from '../model';
import { chooseRungOfTier, type Catalog } from '../ladder';
import { slotLetters } from './letters';

/** Times between the work, in seconds (common practice, no published source). */
export const TRANSITIONS = {
  /** Putting one thing down and taking up the next. */
  changeSeconds: 12,
  /** Getting down to the floor, or up from it. */
  floorSeconds: 8,
  /** Changing sides in the middle of a set. */
  sideSeconds: 4,
} as const;

export type SegmentKind = 'work' | 'rest' | 'change' | 'loosen';

/** A stretch of a session, in seconds from its start. Segments follow each other without gap or overlap. */
export interface Segment {
  readonly kind: SegmentKind;
  readonly start: number;
  readonly end: number;
  readonly blockId: string;
  readonly slotId: string;
  readonly label: string;
  readonly onFloor: boolean;
}

export interface Timeline {
  readonly segments: readonly Segment[];
  readonly totalSeconds: number;
}

/** Seconds of work in one set, both sides and the change between them included. */
export function setSeconds(prescription: Prescription, exercise: Exercise | undefined): number {
  const { work, tempo, perSide } = prescription;
  const perRep = tempo ? Math.max(1, tempo.down + tempo.pause + tempo.up) : (exercise?.secondsPerRep ?? 3);
  const once =
    work.kind === 'reps'
      ? work.reps * perRep
      : work.kind === 'range'
        ? ((work.low + work.high) / 2) * perRep
        : work.seconds;
  return perSide ? 2 * once + TRANSITIONS.sideSeconds : once;
}

interface Turn {
  readonly slot: Slot;
  readonly prescription: Prescription;
  readonly restSeconds: number;
}

/** The sets of a block in the order they are done, each with the rest after it. */
function turns(block: Block, tier: Tier): Turn[] {
  const members = block.slots.map((slot) => ({ slot, prescription: slot.prescriptions[tier] }));
  if (!BLOCKS[block.kind].grouped) {
    return members.flatMap(({ slot, prescription }) =>
      Array.from({ length: prescription.sets }, () => ({
        slot,
        prescription,
        restSeconds: prescription.restSeconds ?? block.restSeconds,
      })),
    );
  }
  const rounds = Math.max(0, ...members.map(({ prescription }) => prescription.sets));
  return Array.from({ length: rounds }, (_, round) => {
    const present = members.filter(({ prescription }) => prescription.sets > round);
    return present.map(({ slot, prescription }, at) => ({
      slot,
      prescription,
      restSeconds: at === present.length - 1 ? block.restSeconds : (prescription.restSeconds ?? 0),
    }));
  }).flat();
}

/**
 * A session drawn to time for one tier: work from tempo × reps or the clock, both sides, changing things, getting
 * down and up, rests; the rest after the very last set of a block is not taken.
 */
export function sessionTimeline(session: Session, tier: Tier, catalog: Catalog): Timeline {
  const segments: Segment[] = [];
  const letters = slotLetters(session);
  let now = 0;
  let floorNow = false;
  let slotNow: string | undefined;

  for (const block of session.blocks) {
    const loosening = !BLOCKS[block.kind].lettered;
    const sequence = turns(block, tier);
    sequence.forEach(({ slot, prescription, restSeconds }, at) => {
      const exercise = exerciseForTier(slot, tier, catalog);
      const onFloor = isFloor(exercise);
      const add = (kind: SegmentKind, length: number) => {
        if (length <= 0) return;
        const label = letters.get(slot.id) ?? exercise?.name ?? '';
        segments.push({
          kind,
          start: now,
          end: now + length,
          blockId: block.id,
          slotId: slot.id,
          label,
          onFloor,
        });
        now += length;
      };
      if (slotNow !== undefined && slotNow !== slot.id) {
        add('change', TRANSITIONS.changeSeconds + (floorNow === onFloor ? 0 : TRANSITIONS.floorSeconds));
      }
      add(loosening ? 'loosen' : 'work', setSeconds(prescription, exercise));
      if (at < sequence.length - 1) add('rest', restSeconds);
      slotNow = slot.id;
      floorNow = onFloor;
    });
  }
  return { segments, totalSeconds: now };
}

function exerciseForTier(slot: Slot, tier: Tier, catalog: Catalog): Exercise | undefined {
  const { source } = slot;
  if (source.kind === 'exercise') return catalog.exercises.get(source.exerciseId);
  const ladder = catalog.ladders.get(source.ladderId);
  const rung = ladder && chooseRungOfTier(ladder, tier);
  return rung && catalog.exercises.get(rung.exerciseId);
}

function isFloor(exercise: Exercise | undefined): boolean {
  return exercise !== undefined && exercise.position !== 'standing' && exercise.position !== 'seated';
}
