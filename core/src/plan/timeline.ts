import {
  BLOCKS,
  HOLD_TO_END_SECONDS,
  type Block,
  type CombinationSource,
  type Exercise,
  type Prescription,
  type Range,
  type Session,
  type Slot,
  type Tier,
  type Timing,
} from '../model';
import {
  chooseRungOfTier,
  commonHolds,
  together,
  versionOfExercise,
  type Catalog,
  type Version,
} from '../ladder';
import { slotLetters } from './letters';
import { amountInSet, byTheClock, middleAmount, movementsInOne } from './set-pattern';
import { atPace } from './pace';
import { secondsBetween, stationOf, USUAL_TIMING, type Station } from './timing';

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

/** One slot as one person does it, as far as time goes. */
export interface TimedWork {
  readonly exercise: Exercise;
  readonly needs: Exercise['needs'];
  /** What is held: a recipe in words, a hold, "" for nothing. */
  readonly holding: string;
  /** The plan's prescription, with the numbers it came to. */
  readonly prescription: Prescription;
}

/** For whom: a tier as the plan has it, or a card: what each slot came to, undefined where it is left out. */
export type TimelineFor =
  | { readonly tier: Tier }
  | { readonly tier: Tier; readonly card: (slotId: string) => TimedWork | undefined };

/** How long a rep lasts against a full one: half the way, or a quarter of the way there and back on top. */
const RANGE_FACTOR: Readonly<Record<Range, number>> = {
  topHalf: 0.5,
  bottomHalf: 0.5,
  quarterAdded: 1.5,
  pulsesToEnd: 1,
  holdToEnd: 1,
};
/** Small fast movements at the end of a set. Common practice, no published source. */
const PULSES_SECONDS = 8;
const AT_THE_END: Partial<Record<Range, number>> = {
  pulsesToEnd: PULSES_SECONDS,
  holdToEnd: HOLD_TO_END_SECONDS,
};
const USUAL_SECONDS_PER_REP = 3;

/** One set as the clock sees it: one stretch, or one a side with the change between them. Seconds. */
export interface SetStretches {
  readonly stretches: readonly number[];
  readonly betweenSeconds: number;
}

/**
 * The stretches of one set: tempo × reps, or the clock. One-sided exercises are done on both sides whatever the plan says; a
 * class's clock runs for both together, and they change at its half.
 *
 * @param prescription as it is done
 * @param exercise in which version
 * @param set which of the sets, from 0, where they differ
 * @param timing the class's own times
 * @example setStretches(tenEachSide, split).stretches // [30, 30]
 */
export function setStretches(
  prescription: Prescription,
  exercise: Exercise | undefined,
  set = 0,
  timing: Required<Timing> = USUAL_TIMING,
): SetStretches {
  const { work, tempo, perSide, sideOrder, one, range, setPattern } = prescription;
  const { amount, clocked } = middleAmount(work);
  const counts = tempo
    ? Math.max(1, tempo.down + tempo.pause + tempo.up + (tempo.top ?? 0))
    : (exercise?.secondsPerRep ?? USUAL_SECONDS_PER_REP);
  const perRep = counts * (range ? RANGE_FACTOR[range] : 1) * movementsInOne(one);
  const inSet = amountInSet(setPattern, amount, set);
  const once = (clocked ? inSet : inSet * perRep) + (clocked || !range ? 0 : (AT_THE_END[range] ?? 0));
  const eachSide = exercise?.laterality === 'eachSide';
  if (perSide || (eachSide && !byTheClock(work))) {
    return sideOrder === 'alternating'
      ? { stretches: [2 * once], betweenSeconds: 0 }
      : { stretches: [once, once], betweenSeconds: timing.sideSeconds };
  }
  return eachSide
    ? { stretches: [once / 2, once / 2], betweenSeconds: 0 }
    : { stretches: [once], betweenSeconds: 0 };
}

/**
 * Seconds of work in one set, both sides and the change between them included: tempo × reps, or the clock.
 *
 * @param set which of the sets, from 0, where they differ
 */
export function setSeconds(
  prescription: Prescription,
  exercise: Exercise | undefined,
  set = 0,
  timing: Required<Timing> = USUAL_TIMING,
): number {
  const { stretches, betweenSeconds } = setStretches(prescription, exercise, set, timing);
  return stretches.reduce((sum, stretch) => sum + stretch) + (stretches.length - 1) * betweenSeconds;
}

interface Turn {
  readonly slot: Slot;
  readonly timed: TimedWork | undefined;
  readonly prescription: Prescription;
  readonly set: number;
  readonly restSeconds: number;
}

/** The sets of a block in the order they are done, each with the rest after it. */
function turns(
  block: Block,
  timedOf: (slot: Slot) => TimedWork | undefined,
  tier: Tier,
  skip: boolean,
): Turn[] {
  const members = block.slots.flatMap((slot) => {
    const timed = timedOf(slot);
    if (!timed && skip) return [];
    return [{ slot, timed, prescription: timed?.prescription ?? slot.prescriptions[tier] }];
  });
  if (!BLOCKS[block.kind].grouped) {
    return members.flatMap(({ slot, timed, prescription }) =>
      Array.from({ length: prescription.sets }, (_, set) => ({
        slot,
        timed,
        prescription,
        set,
        restSeconds: prescription.restSeconds ?? block.restSeconds,
      })),
    );
  }
  const rounds = Math.max(0, ...members.map(({ prescription }) => prescription.sets));
  return Array.from({ length: rounds }, (_, set) => {
    const present = members.filter(({ prescription }) => prescription.sets > set);
    return present.map(({ slot, timed, prescription }, at) => ({
      slot,
      timed,
      prescription,
      set,
      restSeconds:
        at === present.length - 1
          ? block.restSeconds
          : (prescription.restSeconds ?? block.betweenSeconds ?? 0),
    }));
  }).flat();
}

/**
 * A session drawn to time, every second accounted for: work from tempo × reps at its pace or the clock, both sides, getting to
 * the next exercise, rests, rounds. Getting there happens within the rest, and takes longer than it only where the rest is
 * too short; a clock that leads does not wait for it. The rest after the very last set of a block is not taken, unless
 * the clock leads.
 *
 * @param who a tier as the plan has it, or a card, for one person's own
 */
export function sessionTimeline(
  session: Session,
  who: TimelineFor,
  catalog: Catalog,
  ownTiming: Timing = {},
): Timeline {
  const timing = { ...USUAL_TIMING, ...ownTiming };
  const { tier } = who;
  const timedOf =
    'card' in who ? ({ id }: Slot) => who.card(id) : (slot: Slot) => planned(slot, tier, catalog);
  const segments: Segment[] = [];
  const letters = slotLetters(session);
  let now = 0;
  let before: Done | undefined;

  const add = (kind: SegmentKind, length: number, blockId: string, slotId: string, station: Station) => {
    if (length <= 0) return;
    const label = letters.get(slotId) ?? station.doing;
    segments.push({ kind, start: now, end: now + length, blockId, slotId, label, onFloor: station.onFloor });
    now += length;
  };
  /** The rest owed after what was done, when the next thing is in that block, or elsewhere. */
  const restOwed = (done: Done, nextBlockId?: string) =>
    done.blockId === nextBlockId || done.leads ? done.restSeconds : 0;

  for (const block of session.blocks) {
    const { clocked, lettered } = BLOCKS[block.kind];
    for (const turn of turns(block, timedOf, tier, 'card' in who)) {
      const { slot, timed, prescription, set, restSeconds } = turn;
      const name = timed?.exercise.name ?? slot.id;
      const station = stationOf(name, timed?.exercise, timed?.needs ?? [], timed?.holding ?? '');
      const leads = clocked && middleAmount(prescription.work).clocked;
      if (before) {
        const rest = restOwed(before, block.id);
        const getting = secondsBetween(before.station, station, timing);
        const moving = leads ? Math.min(getting, rest) : getting;
        add('change', moving, block.id, slot.id, station);
        add('rest', rest - moving, before.blockId, before.slotId, before.station);
      }
      const paced = timed && atPace(timed.exercise, { pace: session.pace, perRep: timing.perRep });
      const length = setSeconds(prescription, paced, set, timing);
      add(lettered ? 'work' : 'loosen', length, block.id, slot.id, station);
      before = { station, blockId: block.id, slotId: slot.id, restSeconds, leads };
    }
  }
  if (before) add('rest', restOwed(before), before.blockId, before.slotId, before.station);
  return { segments, totalSeconds: now };
}

/** What was done last, and the rest it asks for. */
interface Done {
  readonly station: Station;
  readonly blockId: string;
  readonly slotId: string;
  readonly restSeconds: number;
  readonly leads: boolean;
}

/** What a tier does in a slot: its rung, or the exercise for all. */
export function versionForTier(
  { source }: Pick<Slot, 'source'>,
  tier: Tier,
  catalog: Catalog,
): Version | undefined {
  if (source.kind === 'combination') return combinationForTier(source, tier, catalog);
  if (source.kind === 'exercise') {
    const exercise = catalog.exerciseById(source.exerciseId);
    return exercise && versionOfExercise(exercise);
  }
  const ladder = catalog.ladders.get(source.ladderId);
  const rung = ladder && chooseRungOfTier(ladder, tier);
  return rung && catalog.versionByRung.get(rung.id);
}

/** The parts of a combination as a tier does them, with what suits them all. */
function combinationForTier(
  { parts, sides }: CombinationSource,
  tier: Tier,
  catalog: Catalog,
): Version | undefined {
  const known = parts.flatMap(({ source, times = 1, held }) => {
    const version = versionForTier({ source }, tier, catalog);
    return version ? [{ version, times, held, carries: version.exercise.loading !== undefined }] : [];
  });
  if (known.length === 0) return undefined;
  return together(known, { holds: commonHolds(known), apart: false, sides });
}

/** A slot as the plan has it for a tier: its rung's exercise, held the first way it can be held. */
function planned(slot: Slot, tier: Tier, catalog: Catalog): TimedWork | undefined {
  const version = versionForTier(slot, tier, catalog);
  if (!version) return undefined;
  const { exercise, needs } = version;
  return {
    exercise,
    needs: [...needs].map((need) => [...need]),
    holding: exercise.loading?.holds[0] ?? '',
    prescription: slot.prescriptions[tier],
  };
}
