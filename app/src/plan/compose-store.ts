import { computed, effect, inject } from '@angular/core';
import {
  HOLD_WORDS,
  loadWords,
  MUSCLE_WORDS,
  PROP_WORDS,
  TIERS,
  type Focus,
  type Prop,
  type Session,
  type Tier,
} from '@dray/core';
import {
  dismissRemark,
  applyFit,
  muscleCoverage,
  reviewSession,
  type Fit,
  type FitStep,
  type Pairing,
  type Remark,
} from '@dray/core/late';
import { joinInto } from '@dray/core';
import {
  patchState,
  signalStore,
  withComputed,
  withHooks,
  withMethods,
  withProps,
  withState,
} from '@ngrx/signals';
import { ASK_COMPOSE, type ComposeQuestion } from '../workers/compose';
import { PlanStore } from './plan-store';

interface ComposeState {
  readonly pairings: readonly Pairing[] | undefined;
  /** How far the search for pairings is; undefined when none is under way, or it is too short to show. */
  readonly progress: number | undefined;
  readonly searching: boolean;
  /** Why the search came to nothing, where it was not that there is nothing. */
  readonly failed: string;
  /** How it could fit its time; undefined while it fits, or nobody has answered yet. */
  readonly fit: Fit | undefined;
}

const INITIAL: ComposeState = {
  pairings: undefined,
  progress: undefined,
  searching: false,
  failed: '',
  fit: undefined,
};
const NO_SEARCH = { pairings: undefined, progress: undefined, searching: false, failed: '' };
/** A search shorter than this shows no progress. */
const SHOW_PROGRESS_AFTER_MS = 200;

/** What a colleague sees in the session on screen, and what they would do about it. */
export const ComposeStore = signalStore(
  withState(INITIAL),
  withProps(() => ({
    plan: inject(PlanStore),
    ask: inject(ASK_COMPOSE),
    search: { abort: new AbortController() },
    fitting: { abort: new AbortController() },
  })),
  withComputed(({ plan }) => {
    const document = computed(() => plan.documents.document());
    const longest = computed<Tier>(() => {
      const times = plan.timelines();
      return times.reduce<{ tier: Tier; seconds: number }>(
        (most, { tier, timeline }) =>
          timeline.totalSeconds > most.seconds ? { tier, seconds: timeline.totalSeconds } : most,
        { tier: plan.tier(), seconds: 0 },
      ).tier;
    });
    const context = computed(() => ({
      catalog: plan.view.catalog(),
      timing: document()?.settings.timing,
      participants: plan.documents.people(),
      newId: () => crypto.randomUUID(),
    }));
    return {
      longest,
      context,
      session: computed(() => plan.view.session()),
      remarks: computed<Remark[]>(() => {
        const session = plan.view.session();
        if (!session) return [];
        // Said once, whichever tier it is seen in; the longest tier sees the time.
        const seen = new Map<string, Remark>();
        for (const tier of [longest(), ...TIERS.filter((own) => own !== longest())]) {
          for (const remark of reviewSession(session, { ...context(), tier })) {
            const key = remark.kind === 'upAndDown' || remark.kind === 'overTime' ? remark.kind : remark.id;
            if (!seen.has(key)) seen.set(key, remark);
          }
        }
        return [...seen.values()];
      }),
      coverage: computed(() => {
        const session = plan.view.session();
        return session && muscleCoverage(session, plan.tier(), plan.view.catalog());
      }),
      /** Over the time in its longest tier. */
      over: computed(() => {
        const budget = (plan.view.session()?.budgetMinutes ?? 0) * 60;
        return plan.timelines().some(({ timeline }) => timeline.totalSeconds > budget);
      }),
      /** The session with all it takes to be understood elsewhere. */
      question: computed<ComposeQuestion | undefined>(() => {
        const session = plan.view.session();
        const own = document();
        if (!session || !own) return undefined;
        const { exercises, ladders, settings } = own;
        return { session, tier: longest(), own: { exercises, ladders, settings } };
      }),
      /** What the class has to have at hand: things that stand somewhere, and what each holds. */
      equipment: computed(() => {
        const props = new Map<Prop, Set<string>>();
        const held = new Map<string, Set<string>>();
        for (const { participant, cells } of plan.view.firstWeek()?.rows ?? []) {
          for (const cell of cells) {
            if (cell.status !== 'ready') continue;
            for (const need of cell.version.needs) {
              const [prop] = need;
              if (prop) props.set(prop, (props.get(prop) ?? new Set()).add(participant.name));
            }
            if (cell.load) {
              const words = cell.load.recipe ? loadWords(cell.load) : HOLD_WORDS[cell.load.hold];
              held.set(participant.name, (held.get(participant.name) ?? new Set()).add(words));
            }
          }
        }
        return {
          props: [...props].map(([prop, people]) => ({ words: PROP_WORDS[prop], count: people.size })),
          held: [...held].map(([name, things]) => ({ name, things: [...things].join(', ') })),
        };
      }),
    };
  }),
  withComputed(({ coverage }) => ({
    muscleBars: computed(() => {
      const muscles = coverage()?.muscles ?? [];
      const most = Math.max(1, ...muscles.map(({ sets }) => sets));
      return muscles.map(({ muscle, sets }) => ({
        words: MUSCLE_WORDS[muscle],
        sets: Math.round(sets * 10) / 10,
        share: (100 * sets) / most,
      }));
    }),
    balances: computed(() => {
      const own = coverage();
      if (!own) return [];
      const rows = [
        { left: 'push', right: 'pull', a: own.push, b: own.pull },
        { left: 'knee', right: 'hip', a: own.knee, b: own.hip },
        { left: 'front', right: 'back', a: own.front, b: own.back },
        { left: 'left', right: 'right', a: own.sides.left, b: own.sides.right },
      ];
      return rows.map((row) => ({
        ...row,
        a: Math.round(row.a * 10) / 10,
        b: Math.round(row.b * 10) / 10,
        share: row.a + row.b === 0 ? 50 : (100 * row.a) / (row.a + row.b),
      }));
    }),
    planes: computed(() => {
      const planes = coverage()?.planes;
      if (!planes) return '';
      return $localize`${planes.forwardBack} sets forward and back, ${planes.sideToSide} sideways, ${planes.turning} turning`;
    }),
  })),
  withMethods((store) => {
    function change(label: string, to: (session: Session) => Session): void {
      store.plan.change(label, to);
    }
    return {
      mend(remark: Remark): void {
        if (remark.mend) change(remark.mend.words, remark.mend.apply);
      },
      dismiss(remark: Remark): void {
        change($localize`wave a remark away`, (session) => dismissRemark(session, remark.id));
      },
      takeFit(step: FitStep): void {
        change(step.words, (session) => applyFit(session, [step.change]));
        // Off the list at once, so that a quick second click does not take it twice; the answer to what is left follows.
        patchState(store, ({ fit }) => ({
          fit: fit && { ...fit, steps: fit.steps.filter((own) => own !== step) },
        }));
      },
      setFocus(focus: Focus | undefined): void {
        change($localize`what it is for`, ({ focus: _old, ...session }) =>
          focus ? { ...session, focus } : session,
        );
      },

      async findPairings(): Promise<void> {
        const question = store.question();
        if (!question) return;
        store.search.abort.abort();
        const abort = new AbortController();
        store.search.abort = abort;
        patchState(store, { ...NO_SEARCH, searching: true });
        const begun = Date.now();
        try {
          const asked = { ...question, tier: store.plan.tier() };
          const pairings = await store.ask('pairings', asked, abort.signal, (progress) => {
            if (!abort.signal.aborted && Date.now() - begun > SHOW_PROGRESS_AFTER_MS) {
              patchState(store, { progress });
            }
          });
          if (!abort.signal.aborted) patchState(store, { ...NO_SEARCH, pairings });
        } catch (error) {
          const failed = error instanceof Error ? error.message : String(error);
          if (!abort.signal.aborted) patchState(store, { ...NO_SEARCH, failed });
        }
      },
      async findFit(question: ComposeQuestion): Promise<void> {
        store.fitting.abort.abort();
        const abort = new AbortController();
        store.fitting.abort = abort;
        try {
          const fit = await store.ask('fit', question, abort.signal);
          if (!abort.signal.aborted) patchState(store, { fit });
        } catch {
          if (!abort.signal.aborted) patchState(store, { fit: undefined });
        }
      },
      stopPairings(): void {
        store.search.abort.abort();
        patchState(store, NO_SEARCH);
      },
      /** The second comes to the first, and leaves the list. */
      takePairing({ slotIds: [first, second] }: Pairing): void {
        change($localize`a superset`, (session) => {
          const block = session.blocks.find(({ slots }) => slots.some(({ id }) => id === first));
          return block ? joinInto(session, second, block.id, block.slots.length) : session;
        });
        patchState(store, ({ pairings }) => ({
          pairings: pairings?.filter(({ slotIds }) => slotIds[0] !== first),
        }));
      },
    };
  }),
  withHooks({
    onInit(store) {
      // What was found is true of the session it was found for.
      let before = store.plan.view.session()?.id;
      effect(() => {
        const id = store.plan.view.session()?.id;
        if (id !== before) patchState(store, NO_SEARCH);
        before = id;
      });
    },
    onDestroy(store) {
      store.search.abort.abort();
      store.fitting.abort.abort();
    },
  }),
);
