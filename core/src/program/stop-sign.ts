import type { LogEntry } from '../model';
import { isCleared } from '../caution';
import type { Cell, LeftOutCell } from '../resolve';
import type { Participant } from '../model';

/** Where a card stands, and what was logged in it. */
interface CardPlace {
  readonly participant: Participant;
  readonly sessionId: string;
  readonly week: number;
  /** Whether someone has logged sets of a slot in this week. */
  readonly hasLogged: (slotId: string) => boolean;
}

/**
 * A card after a sign to stop everything: from then on nothing of it is asked, and no number stands on it, until a clinician's word
 * is noted. What was done before the sign in that very class stays, so that it can be put right.
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
  const { participant, sessionId, week, hasLogged } = place;
  const pain = sign?.pain;
  if (!sign || !pain || week < sign.week || isCleared(sign, participant.readiness)) return cells;
  const sameClass = sign.sessionId === sessionId && sign.week === week;
  return cells.map((cell): Cell => {
    if (sameClass && hasLogged(cell.slotId)) return cell;
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
