import { computed, effect, inject, InjectionToken, untracked } from '@angular/core';
import { USUAL_TIMING, type Pace } from '@dray/core';
import {
  advance,
  floorPlan,
  replay,
  runReducer,
  signalsAhead,
  startRun,
  type FloorPlan,
  type Run,
  type RunEvent,
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
import type { RunRow } from '../data/dray-db';
import { DocumentStore } from '../state/document-store';
import { ViewStore } from '../state/view-store';
import { FLOOR_CLOCK } from './clock';
import { EventQueue } from './event-queue';
import { FloorChoices } from './floor-choices';
import { FloorLog } from './floor-log';
import { Runs } from './runs';
import { SPEAKER, type Sound } from './speaker';
import { withPeople, type ClassOfRun, type EventWithoutTime } from './with-people';

/** A session tried out with nobody there, faster than the clock. */
interface Rehearsal {
  readonly speed: number;
  /** When it began, on the real clock. */
  readonly from: number;
}

interface FloorState {
  readonly row: RunRow | undefined;
  readonly run: Run | undefined;
  readonly rehearsal: Rehearsal | undefined;
  readonly now: number;
  /** Read from the store what was there. */
  readonly opened: boolean;
  /** Nobody had the class before their eyes for so long: what then? Milliseconds. */
  readonly away: number | undefined;
  /** This window makes the sounds and writes the log; another one that follows does not. */
  readonly leads: boolean;
  /** Who is not here, before it begins. */
  readonly absent: readonly string[];
  /** Something that happened is not on the disk yet. */
  readonly unkept: boolean;
  /** Slots whose question at the end of a block was answered or left. */
  readonly asked: readonly string[];
}

const INITIAL: FloorState = {
  row: undefined,
  run: undefined,
  rehearsal: undefined,
  now: 0,
  opened: false,
  away: undefined,
  leads: false,
  absent: [],
  unkept: false,
  asked: [],
};

const TICK_MS = 100;
const SEEN_EVERY_MS = 1000;
/** A page that was gone for longer does not just go on: nobody knows what the class did meanwhile. */
const AWAY_MS = 60_000;
/** Told so far ahead, no timer that a hidden page throttles to once a minute comes too late. */
const AHEAD_MS = 90_000;
/** What was to be heard a moment ago still is: a key takes that long to get here. */
export const JUST_NOW_MS = 200;
const CHANNEL = 'dray floor';
const MS = 1000;
const MINUTE_MS = 60 * MS;

/** A window that only follows: it makes no sound and writes nothing, even when it is the only one. */
export const FOLLOWS = new InjectionToken<boolean>('a window that follows', { factory: () => false });

/** The class on the floor: its run, the clock it goes by, what is heard, and the log it writes. */
export const FloorStore = signalStore(
  withState<FloorState>(INITIAL),
  withProps(() => ({
    documents: inject(DocumentStore),
    view: inject(ViewStore),
    choices: inject(FloorChoices),
    runs: inject(Runs),
    speaker: inject(SPEAKER),
    _log: inject(FloorLog),
    _follows: inject(FOLLOWS),
    _clock: inject(FLOOR_CLOCK),
    _others: new BroadcastChannel(CHANNEL),
  })),
  withComputed(({ view, choices, row, run, opened, absent, documents }) => {
    /** The class on view, as it would be run. */
    const planned = computed<FloorPlan | undefined>(() => {
      const session = view.session();
      const board = view.board();
      if (!session || !board) return undefined;
      const { waterMinutes } = choices.all();
      const names = new Map(board.columns.map(({ slot, name }) => [slot.id, name]));
      return floorPlan(
        session,
        board.rows.map(({ participant, cells }) => ({
          participantId: participant.id,
          tier: participant.tier,
          cells,
        })),
        (slotId) => names.get(slotId) ?? slotId,
        {
          timing: { ...USUAL_TIMING, ...view.document()?.settings.timing },
          ...(waterMinutes > 0 && { waterEveryMs: waterMinutes * MINUTE_MS }),
        },
      );
    });
    return {
      planned,
      /** What is run, or would be; nothing before it is known whether a class is under way: it must not be begun over that. */
      shown: computed<Run | undefined>(() => {
        if (!opened()) return undefined;
        const plan = planned();
        return run() ?? (plan && startRun(plan, absent()));
      }),
      /** Which session and class it is of. */
      of: computed((): ClassOfRun | undefined => {
        const kept = row();
        const session = view.session();
        return kept
          ? { sessionId: kept.sessionId, week: kept.turn, date: kept.date }
          : session && { sessionId: session.id, week: view.week(), date: view.turn()?.date ?? view.today() };
      }),
      pace: computed<Pace>(() => view.session()?.pace ?? 'slow'),
      people: computed(() => documents.document()?.participants ?? []),
    };
  }),
  withMethods((store) => {
    const { runs, speaker, view, choices, _log: log } = store;
    let ended = '';
    let closed = false;
    const queue = new EventQueue(
      runs,
      (runId) => {
        if (!closed) store._others.postMessage(runId);
      },
      (unkept) => {
        if (!closed) patchState(store, { unkept });
      },
    );
    let seen = 0;

    /** The time of the run: that of the clock, or of a rehearsal. */
    function time(): number {
      const now = store._clock();
      const rehearsal = store.rehearsal();
      return rehearsal ? rehearsal.from + (now - rehearsal.from) * rehearsal.speed : now;
    }

    function sound(run: Run | undefined): void {
      if (!run || !store.leads()) return;
      const now = time();
      const rehearsal = store.rehearsal();
      const { sounds, voice, volume } = choices.all();
      const real = (at: number) =>
        rehearsal ? rehearsal.from + (at - rehearsal.from) / rehearsal.speed : at;
      const ahead = signalsAhead(run, now - JUST_NOW_MS, now + AHEAD_MS * (rehearsal?.speed ?? 1)).map(
        ({ kind, at, turnId }): Sound => ({
          kind,
          at: real(at),
          ...(kind === 'next' && turnId !== undefined && { words: spoken(run, turnId) }),
        }),
      );
      speaker.expect(ahead, { sounds, voice, volume: volume / 10 });
    }

    function take(run: Run): void {
      patchState(store, { run, now: time() });
      sound(run);
      const row = store.row();
      if (row && store.leads()) log.write(run, row);
      if (run.status !== 'ended' || !row || !store.leads() || ended === row.id) return;
      ended = row.id;
      choices.learn(run);
      void runs.end(row.id).catch(() => undefined);
    }

    function send(event: EventWithoutTime): void {
      const run = store.run();
      if (!run || store.away() !== undefined) return;
      speaker.wake();
      keep([{ ...event, at: time() }]);
    }

    function keep(events: readonly RunEvent[]): void {
      const run = store.run();
      if (!run) return;
      const row = store.row();
      if (row) queue.add(row.id, events);
      take(events.reduce(runReducer, run));
    }

    /** Shows the class that a run is of, and takes the run up. */
    async function open(): Promise<void> {
      const kept = await runs.open();
      const now = store._clock();
      if (kept) {
        // What is on its way to the disk happened too.
        const run = replay(kept.row.plan, [...kept.events, ...queue.of(kept.row.id)]);
        const gone = now - kept.seen;
        view.showSession(kept.row.sessionId);
        view.showWeek(kept.row.turn);
        const away = run.status === 'going' && gone > AWAY_MS && !store.row() ? gone : undefined;
        if (!store.row()) await log.recall(kept.row);
        patchState(store, { row: kept.row, away, opened: true });
        if (away === undefined) take(advance(run, now));
        else patchState(store, { run: advance(run, kept.seen), now: kept.seen });
      } else {
        patchState(store, { opened: true, row: undefined, run: undefined, now });
      }
    }

    return {
      send,
      open,

      /** Begins the class on view, for those who are here. */
      async begin(): Promise<void> {
        const plan = store.planned();
        const of = store.of();
        if (!plan || !of) return;
        const now = store._clock();
        const row: RunRow = {
          id: crypto.randomUUID().slice(0, 8),
          startedAt: now,
          sessionId: of.sessionId,
          turn: of.week,
          date: of.date,
          plan,
        };
        speaker.wake();
        const absent = store.absent();
        await runs.begin(row);
        log.begin(row);
        patchState(store, { row, run: startRun(plan), rehearsal: undefined, away: undefined, asked: [] });
        keep([
          ...absent.map((participantId): RunEvent => ({ kind: 'leave', at: now, participantId })),
          { kind: 'start', at: now },
        ]);
      },

      /** The session with nobody there: nothing is kept. */
      rehearse(speed: number): void {
        const plan = store.planned();
        if (!plan) return;
        const from = store._clock();
        speaker.wake();
        const alone: FloorPlan = { ...plan, rules: { ...plan.rules, counted: 'estimate' } };
        patchState(store, { row: undefined, rehearsal: { speed, from }, asked: [], run: startRun(alone) });
        send({ kind: 'start' });
      },

      /** Away from a run that is over, or was tried out, to what comes next. */
      leave(): void {
        speaker.silence();
        patchState(store, {
          row: undefined,
          run: undefined,
          rehearsal: undefined,
          asked: [],
          away: undefined,
        });
      },

      /** After a time in which nobody saw it: from where it stood, or over. */
      comeBack(goOn: boolean): void {
        const gone = store.now();
        speaker.wake();
        patchState(store, { away: undefined });
        keep(
          goOn
            ? [
                { kind: 'pause', at: gone },
                { kind: 'goOn', at: store._clock() },
              ]
            : [{ kind: 'end', at: gone }],
        );
      },

      /** The window goes; what is on its way to the disk still gets there. */
      close(): void {
        closed = true;
        speaker.silence();
        store._others.close();
      },

      tick(): void {
        const run = store.run();
        if (store.away() !== undefined) return;
        const now = time();
        const next = run && advance(run, now);
        if (next && next !== run) take(next);
        else patchState(store, { now });
        const row = store.row();
        if (!row || !store.leads() || run?.status !== 'going' || now - seen < SEEN_EVERY_MS) return;
        seen = now;
        sound(run);
        void runs.see(row.id, now).catch(() => undefined);
      },
    };
  }),
  withPeople(),
  withHooks((store) => {
    const timer = setInterval(() => store.tick(), TICK_MS);
    const over = new AbortController();
    return {
      onInit() {
        store._others.onmessage = () => void store.open();
        // Whoever has the lock leads: the first of the coach’s windows, and when it closes the next.
        const locks = store._follows ? undefined : navigator.locks;
        void locks
          ?.request(CHANNEL, { signal: over.signal }, async () => {
            // What the window that led before has written is known to this one.
            const row = store.row();
            if (row) await store._log.recall(row);
            patchState(store, { leads: true });
            await new Promise((resolve) => over.signal.addEventListener('abort', resolve));
          })
          .catch(() => undefined);
        effect(() => {
          if (!store.documents.ready()) return;
          // A store that cannot be read keeps nothing, and the class can be run all the same.
          untracked(() => void store.open().catch(() => patchState(store, { opened: true })));
        });
      },
      onDestroy() {
        clearInterval(timer);
        over.abort();
        store.close();
      },
    };
  }),
);

function spoken({ plan, turns }: Run, turnId: string): string {
  const turn = turns.find(({ id }) => id === turnId);
  return plan.blocks.flatMap(({ slots }) => slots).find(({ id }) => id === turn?.slotId)?.name ?? '';
}
