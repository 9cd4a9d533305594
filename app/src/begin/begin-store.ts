import { computed, effect, inject, signal } from '@angular/core';
import { copyOfSession, EMPTY_DOCUMENT, type Session, type Tier } from '@dray/core';
import {
  firstClass,
  readNames,
  startFrom,
  STARTING_SESSIONS,
  type FirstClass,
  type Newcomer,
} from '@dray/core/late';
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
import { DocumentStore } from '../state/document-store';
import { FrontClass } from '../state/front-class';
import { LONG_TEXT, textReading } from '../state/text-reading';
import { ViewStore } from '../state/view-store';

/** Where the first session comes from. */
export type Start = 'starter' | 'text' | 'empty';

interface BeginState {
  /** As they were typed or pasted. */
  readonly namesText: string;
  /** What was said of each, by name; nothing for whoever was left as they came. */
  readonly said: Readonly<Record<string, Partial<Newcomer>>>;
  readonly room: readonly string[];
  readonly roomName: string;
  readonly start: Start;
  readonly starter: number;
  readonly text: string;
  /** What stood there before a long text was put in its place. */
  readonly textBefore: string;
  readonly sessionName: string;
  readonly days: readonly number[];
  readonly startTime: string | undefined;
  readonly weeks: number;
}

const INITIAL: BeginState = {
  namesText: '',
  said: {},
  room: ['usualRoom'],
  roomName: $localize`Our room`,
  start: 'starter',
  starter: 0,
  text: '',
  textBefore: '',
  sessionName: $localize`My class`,
  days: [],
  startTime: undefined,
  weeks: 8,
};

/** Nobody is taken for stronger than they may be. */
const AS_THEY_COME: Omit<Newcomer, 'name'> = { tier: 'beginner', conditions: [], things: [] };

const DEVICE_KEY = 'class being begun';
const newId = () => crypto.randomUUID();

/** A class as it is put together, step by step; nothing of it is in the document before the last. */
export const BeginStore = signalStore(
  withState(INITIAL),
  withProps(() => ({
    documents: inject(DocumentStore),
    front: inject(FrontClass),
    view: inject(ViewStore),
    device: inject(Device),
  })),
  withComputed(({ documents, front, namesText, said, room }) => {
    const here = computed(() => (front.front() === 'own' ? (documents.document()?.participants ?? []) : []));
    const read = computed(() =>
      readNames(
        namesText(),
        here().map(({ name }) => name),
      ),
    );
    return {
      /** Whether it joins what the coach has already. */
      joins: computed(() => here().length > 0),
      names: read,
      people: computed<readonly Newcomer[]>(() =>
        // Two of one name are refused, and are one until then.
        [...new Set(read().names)].map((name) => ({ ...AS_THEY_COME, ...said()[name], name })),
      ),
      roomThings: computed(() => new Set(room())),
    };
  }),
  withComputed(({ view, start, starter, text, sessionName, people }) => {
    const read = textReading(() =>
      start() === 'text'
        ? { text: text(), base: { id: '', name: sessionName(), budgetMinutes: 30 }, unit: view.unit() }
        : undefined,
    );
    return {
      read: computed(() => read),
      problems: computed(() => read.reading()?.problems ?? []),
      /** A text still has to be read, or could not be. */
      unread: computed(() => start() === 'text' && read.reading() === undefined),
      session: computed<Session>(() => {
        const name = sessionName();
        const chosen = STARTING_SESSIONS[starter()];
        if (start() === 'starter' && chosen)
          return { ...startFrom(chosen, view.catalog(), () => crypto.randomUUID()), name };
        const said = read.reading();
        if (said) return { ...said.session, id: crypto.randomUUID(), name };
        return { id: crypto.randomUUID(), name, budgetMinutes: 30, blocks: [] };
      }),
      /** Who would have nothing at all to train with. */
      bare: computed(() => people().filter(({ things }) => things.length === 0)),
    };
  }),
  withMethods((store) => {
    let finishing = false;

    /** Whether it is in the document now. */
    async function finishNow(): Promise<boolean> {
      // A class that is put away is not written over: it comes back, and this one joins it.
      if (store.front.front() === 'demo' && store.front.putAway()) await store.front.change();
      const document = store.documents.document();
      if (!document) return false;
      const own = store.front.front() === 'own';
      const asked: FirstClass = {
        people: store.people(),
        room: store.room(),
        roomName: store.roomName(),
        session: copyOfSession(store.session(), store.sessionName(), newId),
        days: store.days(),
        startTime: store.startTime(),
        weeks: store.weeks(),
        today: store.view.today(),
        unit: document.settings.unit,
      };
      const parts = firstClass(asked, newId);
      if (own) {
        store.documents.edit($localize`begin ${store.sessionName()}`, (now) => ({
          ...now,
          kits: [...now.kits, ...parts.kits],
          participants: [...now.participants, ...parts.participants],
          sessions: [...now.sessions, ...parts.sessions],
          programs: [...now.programs, ...parts.programs],
        }));
        // What cannot be taken the store has said: all that was typed stays.
        if (store.documents.document() === document) return false;
      } else {
        await store.front.begin({
          ...EMPTY_DOCUMENT,
          settings: { unit: document.settings.unit },
          ...parts,
        });
      }
      store.view.showSession(parts.sessions[0]?.id);
      patchState(store, INITIAL);
      return true;
    }

    function say(name: string, part: Partial<Newcomer>): void {
      const said = store.said();
      patchState(store, { said: { ...said, [name]: { ...said[name], ...part } } });
    }
    return {
      say,
      typeNames(namesText: string): void {
        patchState(store, { namesText });
      },
      sayTier(name: string, tier: Tier): void {
        say(name, { tier });
      },
      /** Whether the room, or somebody at home, has a thing. */
      has(thing: string, name: string | undefined): boolean {
        if (name === undefined) return store.roomThings().has(thing);
        return store.people().some((person) => person.name === name && person.things.includes(thing));
      },
      put(thing: string, name: string | undefined, there: boolean): void {
        const now = (things: readonly string[]) =>
          there ? [...things, thing] : things.filter((other) => other !== thing);
        if (name === undefined) patchState(store, { room: now(store.room()) });
        else {
          const person = store.people().find((one) => one.name === name);
          if (person) say(name, { things: now(person.things) });
        }
      },
      nameRoom(roomName: string): void {
        patchState(store, { roomName });
      },
      startWith(start: Start): void {
        const chosen = STARTING_SESSIONS[store.starter()];
        const text = store.text() === '' && start === 'text' ? (chosen?.text ?? '') : store.text();
        patchState(store, { start, text });
      },
      chooseStarter(starter: number): void {
        patchState(store, { starter, text: '' });
      },
      type(text: string): void {
        const before = store.text();
        const textBefore = before.length > LONG_TEXT ? store.textBefore() : before;
        patchState(store, { text, textBefore });
      },
      /** A long text that was not meant: what stood there comes back. */
      stopReading(): void {
        patchState(store, { text: store.textBefore() });
      },
      nameSession(sessionName: string): void {
        patchState(store, { sessionName });
      },
      chooseDays(days: readonly number[]): void {
        patchState(store, { days });
      },
      setTime(startTime: string | undefined): void {
        patchState(store, { startTime });
      },
      setWeeks(weeks: number | undefined): void {
        if (weeks !== undefined) patchState(store, { weeks });
      },

      /**
       * Everything goes into the document at once: into an empty one where the boatyard stood, else beside what is there.
       *
       * @returns whether it did; what cannot be taken is said, and stays as it was typed
       */
      async finish(): Promise<boolean> {
        // A hand that presses twice wants one class.
        if (finishing || store.people().length === 0) return false;
        finishing = true;
        try {
          return await finishNow();
        } finally {
          finishing = false;
        }
      },
    };
  }),
  withHooks({
    onInit(store) {
      const restored = signal(false);
      void store.device
        .get<BeginState>(DEVICE_KEY)
        .then((kept) => {
          if (kept && store.namesText() === '') patchState(store, kept);
        })
        .catch(() => undefined)
        .finally(() => restored.set(true));
      effect(() => {
        const { namesText, said, room, roomName, start, starter, text, textBefore } = store;
        const { sessionName, days, startTime, weeks } = store;
        const state: BeginState = {
          namesText: namesText(),
          said: said(),
          room: room(),
          roomName: roomName(),
          start: start(),
          starter: starter(),
          text: text(),
          textBefore: textBefore(),
          sessionName: sessionName(),
          days: days(),
          startTime: startTime(),
          weeks: weeks(),
        };
        if (restored()) void store.device.set(DEVICE_KEY, state).catch(() => undefined);
      });
    },
  }),
);
