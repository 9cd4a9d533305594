import type { DrayDocument, Participant } from '../model';
import { chooseRung, gateStatus, sameVersion } from '../ladder';
import { catalogOf } from '../library';
import { nextRung } from '../progress';
import type { ReadyCell } from '../resolve';
import type { Way } from './proposal';
import { pinOf, wayTo, type SlotReview } from './slot-review';

/**
 * The gate of the rung was made: the next one, where kit, cautions and other ladders let them.
 *
 * @param review of the slot
 * @returns undefined where the gate is not open, or nothing is behind it
 * @example gatePassed(review)?.pin.rungId // 'squat-goblet'
 */
export function gatePassed(review: SlotReview): Way | undefined {
  const { cell, log, catalog, evidence, sets } = review;
  const { version } = cell;
  if (!version.rung || sets.length === 0 || evidence.kind !== 'made') return undefined;
  const { open, visits } = gateStatus(version.rung, log);
  const next = open ? nextRung(version, catalog) : undefined;
  const up = next && onRung(review, next.id);
  if (!up) return undefined;
  const reason = { step: 'review', kind: 'gateMade', version, next: up.version, visits } as const;
  return wayTo('gate', [reason], up, pinOf(up, cell), true);
}

/**
 * A rung that waited for another ladder, where that other was reached by now.
 *
 * @param review of the slot
 * @returns undefined where nothing waited, or it still does
 * @example ladderOpens(review)?.kind // 'prerequisite'
 */
export function ladderOpens(review: SlotReview): Way | undefined {
  const { slot, participant, catalog, cell, rungs } = review;
  if (slot.source.kind !== 'ladder') return undefined;
  const ladder = catalog.ladders.get(slot.source.ladderId);
  const before = ladder && chooseRung(participant, ladder, catalog.ladders);
  if (!ladder || !before?.waiting) return undefined;
  const after = chooseRung({ ...participant, rungs }, ladder, catalog.ladders);
  if (!after || after.rung.id === before.rung.id) return undefined;
  const open = onRung(review, after.rung.id);
  if (!open) return undefined;
  const reason = { step: 'review', kind: 'ladderOpens', next: open.version } as const;
  return wayTo('prerequisite', [reason], open, pinOf(open, cell), true);
}

/**
 * What the person would begin with on another rung, if kit, cautions and other ladders let them.
 *
 * @param review of the slot
 * @param rungId of a ladder
 * @returns undefined where they do not, or it is the version at hand
 * @example onRung(review, 'squat-goblet')?.version.name // 'goblet squat'
 */
export function onRung(review: SlotReview, rungId: string): ReadyCell | undefined {
  const { catalog, cell, rungs } = review;
  const ladderId = catalog.versionByRung.get(rungId)?.ladderId;
  if (ladderId === undefined) return undefined;
  const found = review.begin({ rungs: { ...rungs, [ladderId]: rungId } });
  if (found?.status !== 'ready' || found.version.rung?.id !== rungId) return undefined;
  return sameVersion(found.version, cell.version) ? undefined : found;
}

/**
 * Where a person stands on each ladder by a week: on their profile, and where reviews have brought them since.
 *
 * @param document with its decisions
 * @param participant whose rungs
 * @param week from 1
 * @example rungsReached(document, juno, 4) // { squat: 'squat-goblet' }
 */
export function rungsReached(
  document: DrayDocument,
  participant: Participant,
  week: number,
): Participant['rungs'] {
  const catalog = catalogOf(document);
  const rungs = { ...participant.rungs };
  for (const { participantId, rungId, fromWeek, reviewOfWeek, decision } of document.overrides) {
    if (participantId !== participant.id || rungId === undefined || reviewOfWeek === undefined) continue;
    if (decision === 'declined' || fromWeek > week) continue;
    const ladderId = catalog.versionByRung.get(rungId)?.ladderId;
    if (ladderId !== undefined) rungs[ladderId] = rungId;
  }
  return rungs;
}
