import {
  BLOCKS,
  isBig,
  isIsolation,
  type Exercise,
  type Prescription,
  type Session,
  type Slot,
  type Tier,
} from '../model';
import type { Catalog } from '../ladder';
import { middleAmount, sessionTimeline, versionForTier, type Segment } from '../plan';
import { lighterSets } from '../resolve';
import { repsAtPercent } from '../strength';

/** A stretch of a session that asks the same, in seconds from its start; effort from 0 to 1. */
export interface EffortStep {
  readonly start: number;
  readonly end: number;
  readonly effort: number;
}

export interface SessionEffort {
  readonly steps: readonly EffortStep[];
  readonly totalSeconds: number;
  /** Sets that train. */
  readonly sets: number;
}

/** Loosening up and cooling down. Common practice, no published source. */
const LOOSENING = 0.15;
/** Repetitions left where the plan does not say. Common practice, no published source. */
const USUALLY_LEFT = 3;
/** A set with nothing left. Source: Zourdos et al. 2016, effort as ten less the repetitions in reserve. */
const MOST_EFFORT = 10;
/** What work without a pause asks beyond the same sets with ever more rest. Common practice, no published source. */
const DENSE = 0.25;

/**
 * How much of the body a movement puts to work, from 0 to 1: many joints, the trunk, one small muscle, the balance only. Common
 * practice, no published source.
 */
function bodyAtWork(exercise: Exercise): number {
  const { pattern } = exercise;
  if (pattern === 'mobility' || pattern === 'posture') return 0.35;
  if (pattern === 'balance') return 0.45;
  if (isBig(exercise) || pattern === 'thrust' || pattern === 'hop') return 1;
  return isIsolation(exercise) ? 0.65 : 0.75;
}

/** Effort of one set, from 0 to 10: what the plan says, or ten less what is left (Zourdos et al. 2016). */
function effortOfSet({ target, work }: Prescription): number {
  if (target.kind === 'effort') return target.effort;
  if (target.kind === 'reserve') return MOST_EFFORT - target.reps;
  if (work.kind === 'most') return MOST_EFFORT;
  const { amount, clocked } = middleAmount(work);
  if (target.kind !== 'percent' || clocked) return MOST_EFFORT - USUALLY_LEFT;
  return Math.max(1, MOST_EFFORT - Math.max(0, repsAtPercent(target.percent) - amount));
}

/**
 * How hard a session is over its time, as one tier does it: each set's effort, by how much of the body works and by how little
 * rest is between. What is done in turn is one step, straight sets are a step an exercise, the rest after it included. Common
 * practice; the effort of a set: Zourdos et al. 2016.
 *
 * @param planned the session
 * @param about who does it, and whether in a lighter week
 * @example sessionEffort(session, { tier: 'beginner', catalog }).steps.length // 5
 */
export function sessionEffort(
  planned: Session,
  {
    tier,
    catalog,
    lighter = false,
  }: { readonly tier: Tier; readonly catalog: Catalog; readonly lighter?: boolean },
): SessionEffort {
  const session = lighter ? lighterSession(planned, tier) : planned;
  const { segments, totalSeconds } = sessionTimeline(session, { tier }, catalog);
  const parts = session.blocks.flatMap(({ id, kind, slots }) =>
    (BLOCKS[kind].grouped ? [slots] : slots.map((slot) => [slot])).flatMap((together) => {
      const work = segments.filter(
        (segment) =>
          isWork(segment) && segment.blockId === id && together.some((slot) => slot.id === segment.slotId),
      );
      return work[0] ? [{ kind, together, work, start: work[0].start }] : [];
    }),
  );
  const steps = parts.map(({ kind, together, work, start }, index): EffortStep => {
    const end = parts[index + 1]?.start ?? totalSeconds;
    const working = work.reduce((sum, one) => sum + one.end - one.start, 0) / (end - start);
    const effort = BLOCKS[kind].lettered
      ? effortTogether(together, tier, catalog) * (1 - DENSE * (1 - working))
      : LOOSENING;
    return { start, end, effort };
  });
  const sets = session.blocks
    .filter(({ kind }) => BLOCKS[kind].lettered)
    .flatMap(({ slots }) => slots)
    .reduce((sum, slot) => sum + slot.prescriptions[tier].sets, 0);
  return { steps, totalSeconds, sets };
}

function isWork({ kind }: Segment): boolean {
  return kind === 'work' || kind === 'loosen';
}

/** The effort of sets done in turn, were there no rest between them. */
function effortTogether(slots: readonly Slot[], tier: Tier, catalog: Catalog): number {
  const asked = slots.map((slot) => {
    const exercise = versionForTier(slot, tier, catalog)?.exercise;
    return (effortOfSet(slot.prescriptions[tier]) / MOST_EFFORT) * (exercise ? bodyAtWork(exercise) : 1);
  });
  return asked.reduce((sum, one) => sum + one, 0) / asked.length;
}

function lighterSession(session: Session, tier: Tier): Session {
  const fewer = (slot: Slot): Slot => {
    const usual = slot.prescriptions[tier];
    return {
      ...slot,
      prescriptions: { ...slot.prescriptions, [tier]: { ...usual, sets: lighterSets(usual.sets) } },
    };
  };
  return {
    ...session,
    blocks: session.blocks.map((block) =>
      BLOCKS[block.kind].lettered ? { ...block, slots: block.slots.map(fewer) } : block,
    ),
  };
}
