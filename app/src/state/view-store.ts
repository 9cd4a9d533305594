import { computed, effect, inject, signal } from '@angular/core';
import {
  catalogOf,
  createResolver,
  inTurns,
  programOf,
  weekOn,
  type ClassPlace,
  type DrayDocument,
  type LogEntry,
  type Turn,
  type Visit,
} from '@dray/core';
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
import { placeOfTurn, recordSets } from './record-sets';

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
const NO_TURNS: readonly Turn[] = [];
const NOTHING_OWN = { exercises: [], ladders: [] };
const DEVICE_KEY = 'view';
const WEEKDAY = new Intl.DateTimeFormat(undefined, { weekday: 'short', timeZone: 'UTC' });

/** "Fri", as the reader's place writes it. */
export function shortWeekday(date: string): string {
  return WEEKDAY.format(new Date(date));
}

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
      const here = documents.sessions();
      return here.find(({ id }) => id === chosenSessionId()) ?? here[0];
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
    /** The document class by class, for the session on view. */
    turned: computed(() => {
      const document = documents.document();
      const current = session();
      return document && current ? inTurns(document, current.id) : undefined;
    }),
  })),
  withComputed(({ documents, turned, chosenWeek, program, today }) => {
    const turns = computed<readonly Turn[]>(() => turned()?.turns ?? NO_TURNS);
    /** The class of today's week that is next, or its last. */
    const presentWeek = computed(() => {
      const current = program();
      if (!current) return turns().find(({ date }) => date === undefined || date >= today())?.turn ?? 1;
      const present = turns().filter(({ week }) => week === weekOn(current, today()));
      const next = present.find(({ date, off }) => !off && date !== undefined && date >= today());
      return (next ?? present.at(-1))?.turn ?? 1;
    });
    const weeks = computed(() => Math.max(1, turns().length));
    const week = computed(() => Math.min(chosenWeek() ?? presentWeek(), weeks()));
    return {
      /** What screens read: its weeks are the classes of the session on view, in order. */
      document: computed<DrayDocument | undefined>(() => turned()?.document ?? documents.document()),
      turns,
      presentWeek,
      /** How many classes there are; as many as weeks where it is held once in each. */
      weeks,
      /** Which of them is on view, from 1. */
      week,
      turn: computed<Turn | undefined>(() => turns()[week() - 1]),
    };
  }),
  withComputed(({ document, session, week, resolver }) => {
    const boardOf = (at: number) => {
      const whole = document();
      const current = session();
      return whole && current ? resolver.board(whole, { sessionId: current.id, week: at }) : undefined;
    };
    return {
      board: computed(() => boardOf(week())),
      firstWeek: computed(() => boardOf(1)),
    };
  }),
  // What is worked out class by class, written down as it is kept.
  withMethods((store) => {
    const placeOf = (week: number): ClassPlace | undefined => {
      const session = store.session();
      const document = store.documents.document();
      return session && document && placeOfTurn(document, session.id, week);
    };
    return {
      placeOf,

      /** "week 3", or "week 3, Fri" where there are several classes in it; a class outside any program by its number. */
      labelOf(week: number): string {
        const turn = store.turns()[week - 1];
        if (!store.program()) return $localize`class ${week}`;
        if (!turn || turn.of < 2 || turn.date === undefined) return $localize`week ${turn?.week ?? week}`;
        return $localize`week ${turn.week}, ${shortWeekday(turn.date)}`;
      },

      /** Sets of a class, and the class with who was there, all or nothing. */
      record(label: string, put: readonly LogEntry[], gone: readonly LogEntry[] = []): Promise<boolean> {
        const session = store.session();
        return session ? recordSets(store.documents, session.id, label, put, gone) : Promise.resolve(false);
      },

      /** How hard a visit was, as it is kept. */
      keptVisit(visit: Visit): Visit {
        return store.turned()?.kept(visit) ?? visit;
      },

      /** An edit of what was set by hand or decided, worked out class by class. */
      editByClass(label: string, change: (document: DrayDocument) => DrayDocument): void {
        const turned = store.turned();
        if (!turned) return;
        const { overrides, sessions } = change(turned.document);
        store.documents.edit(label, (document) => ({
          ...document,
          sessions,
          overrides: turned.keptOverrides(overrides),
        }));
      },
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
