import type { LogEntry } from '../model';
import type { Card } from '../program';
import type { Proposal } from './proposal';
import type { ReviewQuery } from './slot-review';

/**
 * What a review says of someone with a sign to stop everything: that alone, with nothing instead. Every card of theirs is empty until
 * a clinician's word is noted; there is nothing else to decide.
 *
 * @param card of the week, as it is now
 * @param sign the last one logged
 * @param query which session and week, and the one after it
 * @returns undefined where nothing is stopped
 * @example stopped(card, sign, query)?.pin // { leaveOut: true }
 */
export function stopped(
  { participant, cells, columns }: Card,
  sign: LogEntry,
  { sessionId, week, forWeek }: ReviewQuery & { readonly forWeek: number },
): Proposal | undefined {
  const isStopped = cells.some((cell) => cell.status === 'leftOut' && cell.because.kind === 'stopSign');
  const { pain } = sign;
  const lettered = columns.filter(({ letter }) => letter !== '');
  const column = lettered.find(({ slot }) => slot.id === sign.slotId) ?? lettered[0];
  if (!isStopped || !pain || !column) return undefined;
  const { slot, letter, name: slotName } = column;
  return {
    id: `${participant.id} ${slot.id} ${week}`,
    kind: 'hurt',
    reasons: [{ step: 'cautions', kind: 'stopSign', pain }],
    participantId: participant.id,
    slotId: slot.id,
    sessionId,
    week,
    forWeek,
    slotName,
    letter,
    done: sign.slotId === slot.id ? [sign] : [],
    pin: { leaveOut: true },
    lasting: false,
    same: { leaveOut: true },
  };
}
