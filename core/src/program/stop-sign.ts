import { isCleared } from '../caution';
import type { LogEntry, Participant } from '../model';
import type { Cell, LeftOutCell } from '../resolve';

/** Where a card stands, and what was logged in it. */
interface CardPlace {
  readonly participant: Participant;
  readonly week: number;
}

/**
 * A card after a sign to stop everything: from that class on nothing is asked, and no number stands on it, until a clinician's word
 * is noted. What was logged stays in the log.
 *
 * @param cells as they would be
 * @param sign the last one that was logged, if any
 * @param place of the card
 * @example stoppedCells(cells, sign, place).every(({ status }) => status === 'leftOut') // true
 */
export function stoppedCells(
  cells: readonly Cell[],
  sign: LogEntry | undefined,
  place: CardPlace,
): readonly Cell[] {
  const { participant, week } = place;
  const pain = sign?.pain;
  if (!sign || !pain || week < sign.week || isCleared(sign, participant.readiness)) return cells;
  return cells.map((cell): Cell => {
    const { participantId, slotId, tier, override } = cell;
    const because = { kind: 'stopSign', pain } as const;
    const stopped: LeftOutCell = {
      status: 'leftOut',
      participantId,
      slotId,
      week,
      tier,
      because,
      trace: [
        { step: 'cautions', kind: 'stopSign', pain },
        { step: 'write', kind: 'leftOut', because },
      ],
      warnings: [],
      override,
    };
    return stopped;
  });
}
