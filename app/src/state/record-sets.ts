import { heldClass, inTurns, type ClassPlace, type DrayDocument, type LogEntry } from '@dray/core';
import type { DocumentStore } from './document-store';

/** Which class of its session a number is, counted one after the other. */
export function placeOfTurn(document: DrayDocument, sessionId: string, turn: number): ClassPlace | undefined {
  const found = inTurns(document, sessionId).turns[turn - 1];
  return found && { sessionId, week: found.week, nth: found.nth };
}

/**
 * Writes sets of one class down, and the class with who was there, all or nothing; their weeks are classes counted one after the
 * other, as screens have them.
 *
 * @returns whether all is on the disk
 */
export function recordSets(
  documents: InstanceType<typeof DocumentStore>,
  sessionId: string,
  label: string,
  put: readonly LogEntry[],
  gone: readonly LogEntry[] = [],
): Promise<boolean> {
  const document = documents.document();
  if (!document) return Promise.resolve(false);
  const turned = inTurns(document, sessionId);
  const [first] = put;
  const place = first && placeOfTurn(document, sessionId, first.week);
  const there = put.map(({ participantId }) => participantId);
  const held = first && place && heldClass(document, place, first.date, there);
  return documents.record(label, put.map(turned.kept), gone.map(turned.kept), held);
}
