import { computed, inject } from '@angular/core';
import {
  BLOCKS,
  CONDITION_WORDS,
  logIndex,
  SAME_WRITTEN_KG,
  setByHand,
  type Block,
  type Cell,
  type LogIndex,
  type MassUnit,
  type Override,
  type RankedSubstitute,
} from '@dray/core';
import { setsInWords } from '@dray/core/late';
import { signalStore, withComputed, withMethods, withProps } from '@ngrx/signals';
import { DocumentStore } from '../state/document-store';
import { ViewStore } from '../state/view-store';
import { withRoving } from '../state/with-roving';

export interface BlockHead {
  readonly block: Block;
  readonly name: string;
  readonly span: number;
}

const NAME_WIDTH = 112;
const LEAST_COLUMN_WIDTH = 126;

/** What an override sets, without the cell it is for. */
export type ByHand = Omit<Override, 'id' | 'participantId' | 'slotId'>;

/** The board on screen, which cell is looked at, and the coach's hand on it. */
export const BoardStore = signalStore(
  withProps(() => ({ documents: inject(DocumentStore), view: inject(ViewStore) })),
  withComputed(({ view }) => {
    /** Columns on screen with their place in the board's rows. */
    const columns = computed(() =>
      (view.board()?.columns ?? [])
        .map((column, at) => ({ ...column, at }))
        .filter(({ block }) => view.loosening() || BLOCKS[block.kind].lettered)
        .map((column, index, all) => ({
          ...column,
          index,
          first: all[index - 1]?.block.id !== column.block.id,
          partner: all[index - 1]?.block.id === column.block.id && BLOCKS[column.block.kind].grouped,
        })),
    );
    return {
      columns,
      /** Below this the board scrolls sideways instead of squeezing its numbers. */
      tableWidth: computed(() => NAME_WIDTH + columns().length * LEAST_COLUMN_WIDTH),
      heads: computed<BlockHead[]>(() => {
        const heads: BlockHead[] = [];
        for (const { block } of columns()) {
          const last = heads.at(-1);
          if (last?.block.id === block.id) heads[heads.length - 1] = { ...last, span: last.span + 1 };
          else heads.push({ block, name: BLOCKS[block.kind].name, span: 1 });
        }
        return heads;
      }),
      rows: computed(() =>
        (view.board()?.rows ?? []).map(({ participant, cells }) => ({
          participant,
          conditions: participant.cautions.map(({ condition }) => CONDITION_WORDS[condition]).join(', '),
          cells,
          /** What was done of each cell, in words; empty where nothing is logged. */
          done: doneIn(cells, logIndex(view.document()?.log ?? NOTHING), view.unit()),
        })),
      ),
      /** Somebody has logged something of this week: what is not there was missed. */
      logged: computed(() => {
        const session = view.session();
        const log = view.document()?.log ?? NOTHING;
        const week = view.week();
        return (
          session !== undefined && log.some((entry) => entry.week === week && entry.sessionId === session.id)
        );
      }),
    };
  }),
  withRoving(),
  withComputed(({ rows, columns, at, view }) => {
    const selected = computed<Cell | undefined>(() => {
      const column = columns()[at().column];
      return column && rows()[at().row]?.cells[column.at];
    });
    return {
      selected,
      selectedColumn: computed(() => columns()[at().column]),
      selectedPerson: computed(() => rows()[at().row]?.participant),
      alternatives: computed<readonly RankedSubstitute[]>(() => {
        const document = view.document();
        const session = view.session();
        const cell = selected();
        if (!document || !session || !cell) return [];
        return view.resolver.alternatives(document, cell, { sessionId: session.id, week: view.week() });
      }),
    };
  }),
  withMethods((store) => ({
    /** Puts the coach's hand on the selected cell; core says what of earlier hands still holds. */
    setByHand(byHand: ByHand): void {
      const cell = store.selected();
      const person = store.selectedPerson();
      if (!cell || !person) return;
      const override: Override = {
        ...byHand,
        id: crypto.randomUUID(),
        participantId: cell.participantId,
        slotId: cell.slotId,
      };
      const label = $localize`${person.name}, ${store.selectedColumn()?.name ?? ''} by hand`;
      store.view.editByClass(label, (document) => ({
        ...document,
        overrides: setByHand(document.overrides, override),
      }));
    },

    dropByHand(overrideId: string): void {
      store.documents.edit($localize`drop what was set by hand`, (document) => ({
        ...document,
        overrides: document.overrides.filter(({ id }) => id !== overrideId),
      }));
    },
  })),
);

const NOTHING: readonly never[] = [];

/** What was done of each cell; a load that is as asked stands above it already. */
function doneIn(cells: readonly Cell[], index: LogIndex, unit: MassUnit): string[] {
  return cells.map((cell) => {
    const sets = index.ofCell(cell.participantId, cell.slotId).filter(({ week }) => week === cell.week);
    const kg = cell.status === 'ready' ? cell.load?.kg : undefined;
    const asAsked =
      kg !== undefined && sets.every(({ loadKg }) => Math.abs((loadKg ?? 0) - kg) < SAME_WRITTEN_KG);
    const said = asAsked ? sets.map((entry) => ({ ...entry, loadKg: undefined })) : sets;
    return sets.length > 0 ? setsInWords(said, unit) : '';
  });
}
