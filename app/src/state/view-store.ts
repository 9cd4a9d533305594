import { computed, effect, inject, signal } from '@angular/core';
import { catalogOf, createResolver, programOf, weekOn, weeksOf } from '@dray/core';
import {
  patchState,
  signalStore,
  withComputed,
  withHooks,
  withMethods,
  withProps,
  withState,
} from '@ngrx/signals';
import { Device } from '../data/device';
import { TODAY } from '../data/today';
import { DocumentStore } from './document-store';

interface ViewState {
  readonly chosenSessionId: string | undefined;
  /** The present one until another is chosen. */
  readonly chosenWeek: number | undefined;
  /** Warm-up and cool-down on the board. */
  readonly loosening: boolean;
  /** The board's reasons lie over it when asked for, instead of beside it. */
  readonly reasonsOver: boolean;
}

const INITIAL: ViewState = {
  chosenSessionId: undefined,
  chosenWeek: undefined,
  loosening: false,
  reasonsOver: false,
};
const NOTHING_OWN = { exercises: [], ladders: [] };
const DEVICE_KEY = 'view';

/** What is kept for the next time: a week that was chosen holds for the day it was chosen on. */
interface KeptView extends ViewState {
  readonly on?: string;
}

/** Which session and week all screens look at, and what the resolver makes of them. */
export const ViewStore = signalStore(
  { providedIn: 'root' },
  withState(INITIAL),
  withProps(() => ({
    documents: inject(DocumentStore),
    device: inject(Device),
    /** One for all screens, so that nothing is worked out twice. */
    resolver: createResolver(inject(TODAY)),
    clock: inject(TODAY),
  })),
  withComputed(({ documents, chosenSessionId }) => ({
    session: computed(() => {
      const sessions = documents.document()?.sessions ?? [];
      return sessions.find(({ id }) => id === chosenSessionId()) ?? sessions[0];
    }),
    unit: computed(() => documents.document()?.settings.unit ?? 'kg'),
    /** What ships, and the coach's own beside it. */
    catalog: computed(() => catalogOf(documents.document() ?? NOTHING_OWN)),
  })),
  withComputed(({ documents, session, clock }) => ({
    program: computed(() => {
      const document = documents.document();
      const current = session();
      return document && current ? programOf(document, current.id) : undefined;
    }),
    today: computed(() => clock()),
  })),
  withComputed(({ documents, session, chosenWeek, program, today }) => ({
    /** The week of the program that today lies in. */
    presentWeek: computed(() => {
      const current = program();
      return current ? weekOn(current, today()) : 1;
    }),
    weeks: computed(() => {
      const document = documents.document();
      const current = session();
      return document && current ? weeksOf(document, current.id) : 1;
    }),
    week: computed(() => {
      const document = documents.document();
      const current = session();
      if (!document || !current) return 1;
      const own = program();
      const wanted = chosenWeek() ?? (own ? weekOn(own, today()) : 1);
      return Math.min(wanted, weeksOf(document, current.id));
    }),
  })),
  withComputed(({ documents, session, week, resolver }) => {
    const boardOf = (at: number) => {
      const document = documents.document();
      const current = session();
      return document && current ? resolver.board(document, { sessionId: current.id, week: at }) : undefined;
    };
    return {
      board: computed(() => boardOf(week())),
      firstWeek: computed(() => boardOf(1)),
    };
  }),
  withMethods((store) => ({
    showSession(id: string | undefined): void {
      patchState(store, { chosenSessionId: id });
    },
    showWeek(week: number): void {
      patchState(store, { chosenWeek: Math.max(1, Math.min(week, store.weeks())) });
    },
    putReasonsOver(reasonsOver: boolean): void {
      patchState(store, { reasonsOver });
    },
    showLoosening(loosening: boolean): void {
      patchState(store, { loosening });
    },
  })),
  withHooks({
    onInit(store) {
      const restored = signal(false);
      void store.device
        .get<KeptView>(DEVICE_KEY)
        .then((kept) => {
          if (!kept) return;
          // What was chosen while this was being read stays.
          patchState(store, ({ chosenSessionId, chosenWeek, loosening, reasonsOver }) => ({
            chosenSessionId: chosenSessionId ?? kept.chosenSessionId,
            chosenWeek: chosenWeek ?? (kept.on === store.today() ? kept.chosenWeek : undefined),
            loosening: loosening || kept.loosening,
            reasonsOver: reasonsOver || (kept.reasonsOver ?? false),
          }));
        })
        .catch(() => undefined)
        .finally(() => restored.set(true));
      effect(() => {
        const view: KeptView = {
          on: store.today(),
          chosenSessionId: store.chosenSessionId(),
          chosenWeek: store.chosenWeek(),
          loosening: store.loosening(),
          reasonsOver: store.reasonsOver(),
        };
        if (restored()) void store.device.set(DEVICE_KEY, view).catch(() => undefined);
      });
    },
  }),
);
