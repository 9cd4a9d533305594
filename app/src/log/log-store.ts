import { computed, effect, inject } from '@angular/core';
import {
  addClass,
  asksForMost,
  BLOCKS,
  cancelClass,
  countedIn,
  heldClass,
  inTurns,
  logIndex,
  moveClass,
  type Cell,
  type LogEntry,
  type Participant,
  type ReadyCell,
  visitSchema,
} from '@dray/core';
import { askedAmounts, logSets, readSets, setsInWords, type ReadSets } from '@dray/core/late';
import {
  patchState,
  signalStore,
  withComputed,
  withHooks,
  withMethods,
  withProps,
  withState,
} from '@ngrx/signals';
import { DocumentStore } from '../state/document-store';
import { ViewStore } from '../state/view-store';
import { withRoving } from '../state/with-roving';
import { counted } from '../ui/count';

interface LogState {
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
  /** Nothing is left to write down: what is left out for them is not missing. */
  readonly whole: boolean;
}

/** The class's day as it is written down: who did what of which exercise. */
export const LogStore = signalStore(
  withState<LogState>({ underWay: [] }),
  withProps(() => ({ documents: inject(DocumentStore), view: inject(ViewStore) })),
  withComputed(({ view }) => ({
    columns: computed(() =>
      (view.board()?.columns ?? [])
        .map((column, at) => ({ ...column, at }))
        .filter(({ block }) => BLOCKS[block.kind].lettered)
        .map((column, index, all) => ({ ...column, first: all[index - 1]?.block.id !== column.block.id })),
    ),
    /** The day of the class on view; outside any program today, until it is said. */
    date: computed(() => view.turn()?.date ?? view.today()),
  })),
  withComputed(({ view, columns, underWay }) => ({
    rows: computed<LogRow[]>(() => {
      const document = view.document();
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
          whole: own.every(
            ({ cell, entries, underWay }) => (entries.length > 0 || cell?.status === 'leftOut') && !underWay,
          ),
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
      const kept = await view.record(
        `${row.participant.name}: ${counted(put.length, $localize`set`, $localize`sets`)}`,
        put,
        gone,
      );
      // What could not be written yet goes on looking so, until all is on the disk: see `onInit`.
      if (kept) patchState(store, { underWay: store.underWay().filter((key) => !keys.includes(key)) });
      return kept;
    }

    function askedOf(cell: ReadyCell) {
      return {
        amounts: askedAmounts(cell),
        unit: view.unit(),
        pair: cell.load?.hold === 'pair',
        open: asksForMost(cell),
      };
    }

    /** Shows the class that stands on a day, of this session or else of another. */
    function showDay(date: string): boolean {
      const document = documents.document();
      const session = view.session();
      if (!document || !session) return false;
      const ids = [session.id, ...document.sessions.map(({ id }) => id)];
      for (const id of ids) {
        const turn = inTurns(document, id).turns.find((one) => one.date === date && !one.off);
        if (!turn) continue;
        view.showSession(id);
        view.showWeek(turn.turn);
        return true;
      }
      return false;
    }

    return {
      showDay,

      /** The class on view was held on another day, with all that is written down in it. */
      moveTo(date: string): void {
        const place = view.placeOf(view.week());
        if (!place) return;
        documents.edit($localize`held on ${date}`, (document) => moveClass(document, place, date));
        showDay(date);
      },

      /** One more class of the session on a day. */
      addOn(date: string): void {
        const session = view.session();
        if (!session) return;
        documents.edit(
          $localize`one more class on ${date}`,
          (document) => addClass(document, session.id, date).document,
        );
        const turns = view.turns().filter((one) => one.date === date);
        view.showWeek(turns.at(-1)?.turn ?? view.week());
      },

      cancel(cancelled: boolean): void {
        const place = view.placeOf(view.week());
        if (!place) return;
        const date = store.date();
        documents.edit(cancelled ? $localize`class cancelled` : $localize`class held after all`, (document) =>
          cancelClass(document, place, date, cancelled),
        );
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
              row.cells.filter(
                ({ entries, cell }) =>
                  entries.length === 0 && !(cell?.status === 'ready' && asksForMost(cell)),
              ),
              '',
            )
          : false;
      },

      async clear(): Promise<void> {
        const cell = store.selected();
        const person = store.selectedPerson();
        if (!cell || !person || cell.entries.length === 0) return;
        await view.record(
          $localize`${person.name}:named:: delete ${counted(cell.entries.length, $localize`set`, $localize`sets`)}`,
          [],
          cell.entries,
        );
      },

      /** How hard a visit was and how long it took; an effort that is no number takes it out. */
      setVisit(participantId: string, effort: number | undefined, minutes: number): void {
        const session = view.session();
        if (!session) return;
        const date = store.date();
        const place = view.placeOf(view.week());
        const whole = {
          id: crypto.randomUUID(),
          participantId,
          sessionId: session.id,
          week: view.week(),
          date,
        };
        if (effort !== undefined && !visitSchema.safeParse({ ...whole, effort, minutes }).success) return;
        if (!place) return;
        const kept = view.keptVisit({ ...whole, effort: effort ?? 0, minutes });
        documents.edit($localize`how hard it was`, (document) => {
          const visits = document.visits.filter(
            (own) =>
              own.participantId !== participantId ||
              own.sessionId !== session.id ||
              own.week !== kept.week ||
              own.nth !== kept.nth,
          );
          if (effort === undefined) return { ...document, visits };
          const held = heldClass(document, place, date, [participantId]);
          const others = document.classes.filter(({ id }) => id !== held.id);
          return { ...document, classes: [...others, held], visits: [...visits, kept] };
        });
      },
    };
  }),
  withHooks({
    onInit(store) {
      effect(() => {
        if (store.documents.writing() === 0 && store.underWay().length > 0)
          patchState(store, { underWay: [] });
      });
    },
  }),
);

function asAsked(cell: ReadyCell, entries: readonly LogEntry[]): boolean {
  const asked = askedAmounts(cell);
  const open = asksForMost(cell);
  return (
    entries.length === asked.length &&
    entries.every(
      ({ set, amount, counted, pain, form }) =>
        counted === countedIn(cell) &&
        (open || amount === asked[set - 1]) &&
        form !== 'lost' &&
        !(pain && pain.score > 0),
    )
  );
}
