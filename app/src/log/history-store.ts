import { computed, inject, resource } from '@angular/core';
import {
  doneSets,
  groupBy,
  logIndex,
  slotLetters,
  slotName,
  isHeld,
  strengthBook,
  type LogEntry,
  type RunningEstimate,
} from '@dray/core';
import {
  historyByWeek,
  holdsByDay,
  sidesByDay,
  thenAndNow,
  winsIn,
  type BestSet,
  type Win,
} from '@dray/core/late';
import { patchState, signalStore, withComputed, withMethods, withProps, withState } from '@ngrx/signals';
import { DocumentRepository } from '../data/document-repository';
import { DocumentStore } from '../state/document-store';
import { ViewStore } from '../state/view-store';

/** So many days are looked through for what is worth saying. */
const DAYS_FOR_WINS = 6;

interface HistoryState {
  readonly chosenId: string | undefined;
  readonly exerciseId: string | undefined;
}

/** Then and now, side by side, for one place in a session. */
export interface Pair {
  readonly slotId: string;
  readonly letter: string;
  readonly name: string;
  readonly session: string;
  readonly then: BestSet;
  readonly now: BestSet;
}

/** One person's whole log, and what it comes to. */
export const HistoryStore = signalStore(
  withState<HistoryState>({ chosenId: undefined, exerciseId: undefined }),
  withProps(() => ({
    documents: inject(DocumentStore),
    view: inject(ViewStore),
    repository: inject(DocumentRepository),
  })),
  withComputed(({ documents, chosenId }) => ({
    people: computed(() => documents.document()?.participants ?? []),
    person: computed(() => {
      const people = documents.document()?.participants ?? [];
      return people.find(({ id }) => id === chosenId()) ?? people[0];
    }),
  })),
  // What the person logged before what is at hand.
  withProps(({ person, repository }) => ({
    asked: resource({
      params: () => person()?.id,
      loader: ({ params }) => repository.logOf(params),
    }),
  })),
  withComputed(({ asked }) => ({
    older: computed<readonly LogEntry[]>(() => (asked.hasValue() ? asked.value() : [])),
    loading: asked.isLoading,
  })),
  withComputed(({ documents, person, older, loading }) => ({
    /** Nothing until it is whole: what is at hand alone would be added up twice, and the second time all at once. */
    log: computed<readonly LogEntry[]>(() => {
      const document = documents.document();
      const own = person();
      if (!document || !own || loading()) return [];
      const atHand = logIndex(document.log).ofPerson(own.id);
      if (older().length === 0) return atHand;
      const known = new Set(atHand.map(({ id }) => id));
      return [...older().filter(({ id }) => !known.has(id)), ...atHand];
    }),
    visits: computed(() => {
      const own = person();
      return (documents.document()?.visits ?? []).filter(({ participantId }) => participantId === own?.id);
    }),
  })),
  withComputed(({ documents, view, person, log, visits, exerciseId }) => {
    const exercises = computed(() => {
      const last = new Map<string, string>();
      for (const entry of log()) {
        if (entry.date > (last.get(entry.exerciseId) ?? '')) last.set(entry.exerciseId, entry.date);
      }
      return [...last.keys()]
        .flatMap((id) => view.catalog().exerciseById(id) ?? [])
        .sort((a, b) => (a.name < b.name ? -1 : 1));
    });
    const exercise = computed(() => {
      const chosen = exercises().find(({ id }) => id === exerciseId());
      const loaded = exercises().find(({ loading, bodyLoad }) => loading ?? bodyLoad);
      return chosen ?? loaded ?? exercises()[0];
    });
    /** The latest days, newest first. */
    const lastDates = computed(() =>
      [...new Set(log().map(({ date }) => date))].sort().reverse().slice(0, DAYS_FOR_WINS),
    );
    return {
      exercises,
      exercise,
      weeks: computed(() => historyByWeek(log(), visits(), view.catalog())),
      holds: computed(() =>
        holdsByDay(log(), (id) => {
          const known = view.catalog().exerciseById(id);
          return known !== undefined && isHeld(known);
        }),
      ),
      sides: computed(() => sidesByDay(log())),
      running: computed<RunningEstimate | undefined>(() => {
        const own = person();
        const of = exercise();
        if (!own || !of) return undefined;
        const book = strengthBook(own, doneSets(own, log()), view.catalog(), view.today());
        return book.running(of);
      }),
      pairs: computed<readonly Pair[]>(() => {
        const document = documents.document();
        const found = thenAndNow(log());
        return (document?.sessions ?? []).flatMap((session) => {
          const letters = slotLetters(session);
          return session.blocks.flatMap(({ slots }) =>
            slots.flatMap((slot): Pair[] => {
              const pair = found.get(slot.id);
              const letter = letters.get(slot.id);
              const name = slotName(slot, view.catalog());
              return pair && letter
                ? [{ slotId: slot.id, letter, name, session: session.name, ...pair }]
                : [];
            }),
          );
        });
      }),
      lastDates,
      /** What of a day is worth saying; each day is looked at once. */
      winsOn: computed(() => {
        const own = person();
        const [entries, catalog] = [log(), view.catalog()];
        const known = new Map<string, Win[]>();
        return (date: string): readonly Win[] => {
          if (!own) return [];
          const of = { participantId: own.id, date, unit: own.unit };
          const found = known.get(date) ?? winsIn(entries, catalog, of).reverse();
          known.set(date, found);
          return found;
        };
      }),
      days: computed(() => {
        return [...groupBy(log(), ({ date }) => date)]
          .sort(([a], [b]) => (a < b ? 1 : -1))
          .slice(0, 30)
          .map(([date, entries]) => ({ date, entries }));
      }),
    };
  }),
  withMethods((store) => ({
    show(id: string | undefined): void {
      patchState(store, { chosenId: id, exerciseId: undefined });
    },
    showExercise(id: string | undefined): void {
      patchState(store, { exerciseId: id });
    },
  })),
);
