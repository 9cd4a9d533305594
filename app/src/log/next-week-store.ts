import { computed, inject } from '@angular/core';
import { logIndex, nextWeekOf, present, type Decision } from '@dray/core';
import {
  decide,
  decisionOn,
  isOneByOne,
  PROPOSAL_KINDS,
  PROPOSAL_WORDS,
  reviewClass,
  reviewLog,
  undecide,
  winsOf,
  type Pin,
  type Proposal,
  type Win,
} from '@dray/core/late';
import { setEntity, withEntities } from '@ngrx/signals/entities';
import {
  patchState,
  signalStore,
  type,
  withComputed,
  withMethods,
  withProps,
  withState,
} from '@ngrx/signals';
import { DocumentStore } from '../state/document-store';
import { ViewStore } from '../state/view-store';
import { counted } from '../ui/count';
import { growing } from '../ui/growing';

interface NextWeekState {
  readonly selectedId: string | undefined;
}

/** Numbers the coach has changed of a proposal before agreeing. */
interface Changed {
  readonly id: Proposal['id'];
  readonly pin: Pin;
}

/** A class is looked through in breaths: a log of years takes its time. */
const PEOPLE_AT_ONCE = 3;

const CHANGED = { collection: 'changed' } as const;

/** A proposal as it stands in the list. */
export interface Line {
  readonly proposal: Proposal;
  readonly person: string;
  /** Nothing while it is open. */
  readonly decided: Decision | undefined;
  readonly state: 'open' | 'agreed' | 'declined';
}

export interface Group {
  readonly kind: Proposal['kind'];
  readonly words: string;
  readonly open: number;
  /** Those that are open may be agreed to at once. */
  readonly together: boolean;
  readonly lines: readonly Line[];
}

/** The class's proposals for the week after the one in view, and the coach's word on them. */
export const NextWeekStore = signalStore(
  withState<NextWeekState>({ selectedId: undefined }),
  withEntities({ entity: type<Changed>(), ...CHANGED }),
  withProps(() => ({ documents: inject(DocumentStore), view: inject(ViewStore) })),
  withComputed(({ view }) => {
    /** The week to look back on: the one in view, else the last one before it that was logged. */
    const week = computed(() => {
      const session = view.session();
      const document = view.document();
      if (!session || !document) return 1;
      const last = logIndex(document.log).lastWeek(session.id);
      return last > 0 ? Math.min(view.week(), last) : view.week();
    });
    /** What was worked out of one state of things, person by person. */
    const reviewed = computed(() => {
      const document = view.document();
      const session = view.session();
      const query = session && { sessionId: session.id, week: week() };
      const told = new Map<string, readonly (Win & { readonly person: string })[]>();
      return { document, query, known: new Map<string, readonly Proposal[]>(), told };
    });
    const ids = computed(() => present(view.document()?.participants ?? []).map(({ id }) => id));
    const people = growing(() => ids().length, PEOPLE_AT_ONCE);
    return {
      reviewed: week,
      /** Whether the session stands in a week after it. */
      goesOn: computed(() => {
        const session = view.session();
        const document = view.document();
        return !!session && !!document && nextWeekOf(document, session.id, week()) !== undefined;
      }),
      proposals: computed<readonly Proposal[]>(() => {
        const { document, query, known } = reviewed();
        if (!document || !query) return [];
        const looked = new Set(ids().slice(0, people()));
        return reviewClass(document, query, view.resolver, (id) => {
          const proposals =
            known.get(id) ?? (looked.has(id) ? reviewLog(document, id, query, view.resolver) : []);
          if (looked.has(id)) known.set(id, proposals);
          return proposals;
        });
      }),
      /** Everybody's log was looked through. */
      whole: computed(() => people() >= ids().length),
      wins: computed<readonly (Win & { readonly person: string })[]>(() => {
        const { document, query, told } = reviewed();
        if (!document || !query) return [];
        const looked = new Set(ids().slice(0, people()));
        return document.participants.flatMap(({ id, name }) => {
          if (!looked.has(id)) return [];
          const before = told.get(id);
          if (before) return before;
          const dates = new Set(
            logIndex(document.log)
              .ofPerson(id)
              .filter((entry) => entry.week === query.week && entry.sessionId === query.sessionId)
              .map(({ date }) => date),
          );
          const wins = [...dates].flatMap((date) =>
            winsOf(document, { participantId: id, date, unit: view.unit() }).map((win) => ({
              ...win,
              person: name,
            })),
          );
          told.set(id, wins);
          return wins;
        });
      }),
    };
  }),
  withComputed(({ view, proposals, whole }) => ({
    /** None before all of them are known: what comes later may stand before what is on the page, and move it from under the hand. */
    groups: computed<readonly Group[]>(() => {
      const document = view.document();
      if (!document || !whole()) return [];
      const names = new Map(document.participants.map(({ id, name }) => [id, name]));
      const lines = proposals().map((proposal): Line => {
        const decided = proposal.participantId === undefined ? undefined : decisionOn(document, proposal);
        return {
          proposal,
          person: names.get(proposal.participantId ?? '') ?? $localize`the class`,
          decided,
          state: decided ? (decided === 'declined' ? 'declined' : 'agreed') : 'open',
        };
      });
      return PROPOSAL_KINDS.flatMap((kind): Group[] => {
        const own = lines.filter(({ proposal }) => proposal.kind === kind);
        const open = own.filter(({ state }) => state === 'open').length;
        return own.length > 0
          ? [{ kind, words: PROPOSAL_WORDS[kind], open, together: !isOneByOne(kind), lines: own }]
          : [];
      });
    }),
  })),
  withComputed(({ groups, selectedId }) => {
    const lines = computed(() => groups().flatMap((group) => group.lines));
    const selected = computed(
      () =>
        lines().find(({ proposal }) => proposal.id === selectedId()) ??
        lines().find(({ state }) => state === 'open') ??
        lines()[0],
    );
    const open = computed(() => lines().filter(({ state }) => state === 'open'));
    return {
      lines,
      selected,
      open: computed(() => open().length),
      /** Those that may be agreed to at once. */
      together: computed(() => open().filter(({ proposal }) => !isOneByOne(proposal.kind))),
    };
  }),
  withMethods((store) => {
    const newId = () => crypto.randomUUID();
    /** The proposal with what was changed of it. */
    const asChanged = (proposal: Proposal): Proposal => {
      const pin = store.changedEntityMap()[proposal.id]?.pin;
      return pin ? { ...proposal, pin: { ...proposal.pin, ...pin } } : proposal;
    };
    return {
      select(id: string): void {
        patchState(store, { selectedId: id });
      },

      /** The next line down or up. */
      step(by: number): void {
        const lines = store.lines();
        const at = lines.findIndex(({ proposal }) => proposal.id === store.selected()?.proposal.id);
        const next = lines[Math.max(0, Math.min(lines.length - 1, at + by))];
        if (next) patchState(store, { selectedId: next.proposal.id });
      },

      change(id: string, pin: Pin): void {
        const before = store.changedEntityMap()[id]?.pin;
        patchState(store, setEntity({ id, pin: { ...before, ...pin } } satisfies Changed, CHANGED));
      },

      decide(proposals: readonly Proposal[], decision: Decision): void {
        if (proposals.length === 0) return;
        const words = { agreed: 'agree', otherWay: $localize`the other way`, declined: 'decline' }[decision];
        const label =
          proposals.length === 1
            ? `${words}: ${proposals[0]?.slotName ?? ''}`
            : `${words}: ${counted(proposals.length, $localize`proposal`, $localize`proposals`)}`;
        store.view.editByClass(label, (document) =>
          decide(document, proposals.map(asChanged), decision, { newId, unit: store.view.unit() }),
        );
      },

      undecide(proposal: Proposal): void {
        store.view.editByClass($localize`open again`, (document) => undecide(document, proposal));
      },
    };
  }),
);
