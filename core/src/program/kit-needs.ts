import { DEFAULT_CAP_PERCENT, midSentence, present, type DrayDocument } from '../model';
import type { KitNeed } from '../kit';
import type { Board, BoardColumn } from './board';
import { createResolver } from './resolver';

/** One cell that wants a load of a kit. */
export interface KitTarget extends KitNeed {
  readonly slotId: string;
  readonly letter: string;
  readonly slotName: string;
  readonly personName: string;
  /** What the kit gave; absent when nothing fitted. */
  readonly gaveKg?: number | undefined;
}

/**
 * What every cell of a board wants of a kit, for those who use it.
 *
 * @param board of a week
 * @param kitId whose users count
 * @example kitTargets(board, 'kit-loft')[0]?.nowKg // 18.2
 */
export function kitTargets(board: Board, kitId: string): KitTarget[] {
  return board.rows.flatMap(({ participant, cells }) =>
    participant.kitIds.includes(kitId)
      ? cells.flatMap((cell, place): KitTarget[] => {
          const column: BoardColumn | undefined = board.columns[place];
          if (!column || cell.status !== 'ready' || cell.wantedKg === undefined) return [];
          const { loading } = cell.version.exercise;
          const hold = cell.load?.hold ?? loading?.holds[0];
          if (!hold) return [];
          return [
            {
              participantId: participant.id,
              personName: participant.name,
              slotId: cell.slotId,
              letter: column.letter,
              slotName: column.name,
              label: `${participant.name}, ${midSentence(column.name)}`,
              hold,
              path: hold === 'band' ? loading?.band : undefined,
              wearer: participant,
              nowKg: cell.wantedKg,
              reps: cell.work.kind === 'reps' ? cell.work.amount : 10,
              reserve: cell.work.reserve ?? 2,
              capPercent: DEFAULT_CAP_PERCENT,
              gaveKg: cell.load?.kg,
            },
          ];
        })
      : [],
  );
}

/**
 * The same for the first week of one session, or of every session in the document.
 *
 * @param document with everything in it
 * @param which kit, and of which session; of all when absent
 * @example kitNeeds(document, { kitId: 'kit-loft' }).length
 */
export function kitNeeds(
  document: DrayDocument,
  { kitId, sessionId }: { kitId: string; sessionId?: string },
): KitTarget[] {
  const resolver = createResolver();
  return present(document.sessions)
    .filter(({ id }) => sessionId === undefined || id === sessionId)
    .flatMap(({ id }) => kitTargets(resolver.board(document, { sessionId: id, week: 1 }), kitId));
}
