import { computed, inject } from '@angular/core';
import {
  BLOCKS,
  dateIn,
  logIndex,
  programWeek,
  type Cell,
  type LogEntry,
  type Participant,
  type ReadyCell,
  visitSchema,
} from '@dray/core';
import { askedAmounts, logSets, readSets, setsInWords, type ReadSets } from '@dray/core/late';
import { patchState, signalStore, withComputed, withMethods, withProps, withState } from '@ngrx/signals';
import { DocumentStore } from '../state/document-store';
import { ViewStore } from '../state/view-store';
import { withRoving } from '../state/with-roving';
import { counted } from '../ui/count';

interface LogState {
  /** A day other than the class's own. */
  readonly otherDate: string | undefined;
  /** Cells whose sets are on their way to the disk. */
  readonly underWay: readonly string[];
}

/** One slot of one person, and what is logged of it. */
export interface LogCell {
  readonly key: string;
  readonly cell: Cell | undefined;
  readonly entries: readonly LogEntry[];
  readonly done: string;
  /** All as it was asked. */
  readonly plain: boolean;
  readonly underWay: boolean;
}

export interface LogRow {
  readonly participant: Participant;
  readonly cells: readonly LogCell[];
  readonly effort: number | undefined;
  readonly minutes: number | undefined;
  readonly logged: number;
}

/** The class's day as it is written down: who did what of which exercise. */
export const LogStore = signalStore(
  withState<LogState>({ otherDate: undefined, underWay: [] }),
  withProps(() => ({ documents: inject(DocumentStore), view: inject(ViewStore) })),
  withComputed(({ view, otherDate }) => ({
    columns: computed(() =>
      (view.board()?.columns ?? [])
        .map((column, at) => ({ ...column, at }))
        .filter(({ block }) => BLOCKS[block.kind].lettered)
        .map((column, index, all) => ({ ...column, first: all[index - 1]?.block.id !== column.block.id })),
    ),
    /** The day the session stands on in this week, unless another was said. */
    date: computed(() => {
      const other = otherDate();
      const program = view.program();
      const session = view.session();
      const day = programWeek(program, view.week())?.days.find(({ sessionId }) => sessionId === session?.id);
      return other ?? (program && day ? dateIn(program, view.week(), day.weekday) : view.today());
    }),
  })),
  withComputed(({ documents, view, columns, underWay }) => ({
    rows: computed<LogRow[]>(() => {
      const document = documents.document();
      const board = view.board();
      if (!document || !board) return [];
      const index = logIndex(document.log);
      const week = view.week();
      return board.rows.map(({ participant, cells }) => {
        const own = columns().map((column): LogCell => {
          const cell = cells[column.at];
          const entries = index.ofCell(participant.id, column.slot.id).filter((entry) => entry.week === week);
          const key = `${participant.id} ${column.slot.id}`;
          return {
            key,
            cell,
            entries,
            done: entries.length > 0 ? setsInWords(entries, view.unit()) : '',
            plain: cell?.status === 'ready' && asAsked(cell, entries),
            underWay: underWay().includes(key),
          };
        });
        const visit = document.visits.find(
          (known) =>
            known.participantId === participant.id &&
            known.week === week &&
            known.sessionId === board.session.id,
        );
        return {
          participant,
          cells: own,
          effort: visit?.effort,
          minutes: visit?.minutes,
          // Written down is what is on the disk.
          logged: own.filter((at) => at.entries.length > 0 && !at.underWay).length,
        };
      });
    }),
  })),
  withRoving(),
  withComputed(({ rows, at, columns }) => ({
    selected: computed(() => rows()[at().row]?.cells[at().column]),
    selectedPerson: computed(() => rows()[at().row]?.participant),
    selectedColumn: computed(() => columns()[at().column]),
    /** How many of the class have something written down. */
    present: computed(() => rows().filter(({ logged }) => logged > 0).length),
  })),
  withMethods((store) => {
    const { documents, view } = store;

    async function write(row: LogRow, cells: readonly LogCell[], text: string): Promise<boolean> {
      const session = view.session();
      if (!session) return false;
      const put: LogEntry[] = [];
      const gone: LogEntry[] = [];
      for (const { cell, entries } of cells) {
        if (cell?.status !== 'ready') continue;
        const read = readSets(text, askedOf(cell));
        if (!read.ok) return false;
        const written = logSets(cell, read.sets, entries, {
          sessionId: session.id,
          date: store.date(),
          now: new Date().toISOString(),
          newId: () => crypto.randomUUID(),
        });
        put.push(...written.put);
        gone.push(...written.gone);
      }
      if (put.length + gone.length === 0) return true;
      const keys = cells.map(({ key }) => key);
      patchState(store, { underWay: [...store.underWay(), ...keys] });
      const kept = await documents.record(
        `${row.participant.name}: ${counted(put.length, $localize`set`, $localize`sets`)}`,
        put,
        gone,
      );
      patchState(store, { underWay: store.underWay().filter((key) => !keys.includes(key)) });
      return kept;
    }

    function askedOf(cell: ReadyCell) {
      return { amounts: askedAmounts(cell), unit: view.unit(), pair: cell.load?.hold === 'pair' };
    }

    return {
      onDate(date: string): void {
        patchState(store, { otherDate: date || undefined });
      },

      /** What a text says of the selected cell's sets. */
      read(text: string): ReadSets | undefined {
        const cell = store.selected()?.cell;
        return cell?.status === 'ready' ? readSets(text, askedOf(cell)) : undefined;
      },

      /** Writes the selected cell as the text says; empty is as asked. */
      async write(text: string): Promise<boolean> {
        const row = store.rows()[store.at().row];
        const cell = store.selected();
        return row && cell ? write(row, [cell], text) : false;
      },

      /** All of a person's exercises that have nothing yet, as they were asked. */
      async writeRow(at: number): Promise<boolean> {
        const row = store.rows()[at];
        return row
          ? write(
              row,
              row.cells.filter(({ entries }) => entries.length === 0),
              '',
            )
          : false;
      },

      async clear(): Promise<void> {
        const cell = store.selected();
        const person = store.selectedPerson();
        if (!cell || !person || cell.entries.length === 0) return;
        await documents.record(
          $localize`${person.name}:named:: take out ${counted(cell.entries.length, $localize`set`, $localize`sets`)}`,
          [],
          cell.entries,
        );
      },

      /** How hard a visit was and how long it took; an effort that is no number takes it out. */
      setVisit(participantId: string, effort: number | undefined, minutes: number): void {
        const session = view.session();
        if (!session) return;
        const week = view.week();
        const date = store.date();
        const visit = { id: crypto.randomUUID(), participantId, sessionId: session.id, week, date };
        if (effort !== undefined && !visitSchema.safeParse({ ...visit, effort, minutes }).success) return;
        documents.edit($localize`how hard it was`, (document) => {
          const others = document.visits.filter(
            (own) => own.participantId !== participantId || own.week !== week || own.sessionId !== session.id,
          );
          if (effort === undefined) return { ...document, visits: others };
          return { ...document, visits: [...others, { ...visit, effort, minutes }] };
        });
      },
    };
  }),
);

function asAsked(cell: ReadyCell, entries: readonly LogEntry[]): boolean {
  const asked = askedAmounts(cell);
  return (
    entries.length === asked.length &&
    entries.every(
      ({ set, amount, pain, form }) =>
        amount === asked[set - 1] && form !== 'lost' && !(pain && pain.score > 0),
    )
  );
}
