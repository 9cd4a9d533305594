import type { Block, Muscle, Session, Tier } from '../model';
import { atMost } from '../units';
import type { Catalog } from '../ladder';
import { slotName, versionForTier } from '../plan';
import { applyFit, secondsOf, type FitChange, type FitContext } from './fit-changes';
import { lightestPath } from './fit-search';

export interface FitStep {
  readonly change: FitChange;
  /** What a coach reads: "Rest in A 60 s". */
  readonly words: string;
  /** Seconds it saves by itself. */
  readonly savesSeconds: number;
  /** Weekly sets it costs, by muscle, weighted by share; none for a shorter rest. */
  readonly costs: readonly { readonly muscle: Muscle; readonly sets: number }[];
}

export interface Fit {
  readonly fits: boolean;
  readonly beforeSeconds: number;
  readonly afterSeconds: number;
  readonly steps: readonly FitStep[];
  /** With all steps taken. */
  readonly session: Session;
}

/**
 * The lightest set of changes that makes a session fit, exactly: every block's ways of being shorter against every
 * other's, carried along the session by where each block ends, as the way to the next one depends on nothing else.
 */
export function fitToTime(session: Session, minutes: number, context: FitContext): Fit {
  const beforeSeconds = secondsOf(session, context);
  if (beforeSeconds <= minutes * 60) {
    return { fits: true, beforeSeconds, afterSeconds: beforeSeconds, steps: [], session };
  }
  const changes = lightestPath(session, minutes * 60, context);
  const changed = applyFit(session, changes);
  const steps = changes.map((change): FitStep => ({
    change,
    words: wordsOf(change, session, context.catalog),
    savesSeconds: beforeSeconds - secondsOf(applyFit(session, [change]), context),
    costs: costsOf(change, session, context),
  }));
  const afterSeconds = secondsOf(changed, context);
  return { fits: afterSeconds <= minutes * 60, beforeSeconds, afterSeconds, steps, session: changed };
}

function wordsOf(change: FitChange, session: Session, catalog: Catalog): string {
  const block = session.blocks.find(({ id }) => id === change.blockId);
  const names = (own: Block | undefined) =>
    own?.slots.map((slot) => slotName(slot, catalog)).join(' and ') ?? '';
  switch (change.kind) {
    case 'trimRest':
      return `Rest ${change.restSeconds} s after ${names(block)}`;
    case 'pair':
      return `${names(block)} by turns with ${names(session.blocks.find(({ id }) => id === change.nextBlockId))}`;
    case 'fewerRounds':
      return `${change.by === 1 ? 'One set' : 'Two sets'} fewer of ${names(block)}`;
    case 'drop': {
      const slot = block?.slots.find(({ id }) => id === change.slotId);
      return `Leave out ${slot ? slotName(slot, catalog) : ''}`;
    }
  }
}

function costsOf(change: FitChange, session: Session, { tier, catalog }: FitContext): FitStep['costs'] {
  const before = setsByMuscle(session, tier, catalog);
  const after = setsByMuscle(applyFit(session, [change]), tier, catalog);
  return [...before].flatMap(([muscle, sets]) => {
    const lost = sets - (after.get(muscle) ?? 0);
    return !atMost(lost, 0) ? [{ muscle, sets: lost }] : [];
  });
}

function setsByMuscle(session: Session, tier: Tier, catalog: Catalog): Map<Muscle, number> {
  const sets = new Map<Muscle, number>();
  for (const slot of session.blocks.flatMap(({ slots }) => slots)) {
    for (const { muscle, share } of versionForTier(slot, tier, catalog)?.exercise.muscles ?? []) {
      sets.set(muscle, (sets.get(muscle) ?? 0) + share * slot.prescriptions[tier].sets);
    }
  }
  return sets;
}
