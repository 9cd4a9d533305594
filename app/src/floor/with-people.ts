import type { Signal } from '@angular/core';
import { PACE_WORDS, withPace, type Pace, type ReadyCell } from '@dray/core';
import {
  laneWork,
  mayStep,
  noteTurn,
  painTurn,
  steppedCell,
  stoppedBy,
  type Run,
  type RunEvent,
  type SetNote,
  type StepWay,
} from '@dray/core/late';
import { patchState, signalStoreFeature, type, withMethods } from '@ngrx/signals';
import type { DocumentStore } from '../state/document-store';
import type { ViewStore } from '../state/view-store';

/** Something that happens now. */
export type EventWithoutTime<Event = RunEvent> = Event extends RunEvent ? Omit<Event, 'at'> : never;

/** Which session and class a run is of. */
export interface ClassOfRun {
  readonly sessionId: string;
  readonly week: number;
  readonly date: string;
}

interface PeopleState {
  readonly run: Run | undefined;
  /** Who is not here, before it begins. */
  readonly absent: readonly string[];
  /** Slots whose question at the end of a block was answered or left. */
  readonly asked: readonly string[];
}

interface PeopleProps {
  readonly documents: InstanceType<typeof DocumentStore>;
  readonly view: InstanceType<typeof ViewStore>;
  readonly of: Signal<ClassOfRun | undefined>;
}

/**
 * What is said of people while a class is run: who is not here, what differed in a set, what hurts, who goes a step easier or harder.
 *
 * The type nobody uses is what the library asks of a feature that rests on another, see `withRoving`.
 */
export function withPeople<_>() {
  return signalStoreFeature(
    {
      state: type<PeopleState>(),
      props: type<PeopleProps>(),
      methods: type<{ send(event: EventWithoutTime): void }>(),
    },
    withMethods((store) => {
      const { view } = store;
      const cells = new Map<string, ReadyCell>();

      /** What somebody does in a slot now: as the card has it, or after steps to its easier or harder side. */
      function cellOf(
        participantId: string,
        slotId: string,
        ways: readonly StepWay[],
      ): ReadyCell | undefined {
        const document = view.document();
        const of = store.of();
        const row = view.board()?.rows.find(({ participant }) => participant.id === participantId);
        const cell = row?.cells.find((own) => own.slotId === slotId);
        if (!document || !of || cell?.status !== 'ready') return undefined;
        if (ways.length === 0) return cell;
        const key = [participantId, slotId, ...ways].join(' ');
        const known = cells.get(key) ?? steppedCell(document, cell, ways, of, view.resolver);
        cells.set(key, known);
        return known;
      }

      return {
        cellOf,

        toggleAbsent(participantId: string): void {
          const absent = store.absent();
          patchState(store, {
            absent: absent.includes(participantId)
              ? absent.filter((id) => id !== participantId)
              : [...absent, participantId],
          });
        },

        /** What differed in the set under way, or the last one. */
        note(participantId: string, note: SetNote, turnId?: string): void {
          const run = store.run();
          const turn = turnId ?? (run && noteTurn(run, participantId)?.id);
          if (turn !== undefined) store.send({ kind: 'note', participantId, turnId: turn, note });
        },

        /** It hurts: what bears on the place is stopped for today. */
        hurt(participantId: string, place: string, score: number): void {
          const run = store.run();
          const turn = run && painTurn(run, participantId);
          const row = view.board()?.rows.find(({ participant }) => participant.id === participantId);
          if (!turn || !row) return;
          const pain = { place, score };
          const stops = stoppedBy(row.cells, turn.slotId, pain);
          store.send({ kind: 'pain', participantId, turnId: turn.id, pain, stops });
        },

        /**
         * One step easier or harder for somebody, from the next set on or at once. However often it is asked for, nobody gets further
         * than one step beyond what the card says in one evening.
         */
        step(participantId: string, slotId: string, way: StepWay): void {
          const before = store.run()?.lanes[participantId]?.ways[slotId] ?? [];
          if (!mayStep(before, way)) return;
          const ways = [...before, way];
          const cell = cellOf(participantId, slotId, ways);
          if (!cell || cell === cellOf(participantId, slotId, before)) return;
          const work = laneWork(cell, store.run()?.plan.rules);
          store.send({ kind: 'give', participantId, work, ways });
        },

        /** Something else was set by hand for somebody: from the next set on they do that. */
        takeUp(participantId: string, slotId: string): void {
          cells.clear();
          const cell = cellOf(participantId, slotId, []);
          const run = store.run();
          const now = run?.lanes[participantId]?.works[slotId];
          if (!cell || !run || !now) return;
          const work = laneWork(cell, run.plan.rules);
          if (JSON.stringify(work) !== JSON.stringify(now))
            store.send({ kind: 'give', participantId, work, ways: [] });
        },

        setPace(pace: Pace): void {
          const session = view.session();
          if (session)
            store.documents.editSession($localize`pace: ${PACE_WORDS[pace]}`, session.id, (own) =>
              withPace(own, pace),
            );
        },

        /** A question at the end of a block is answered or left. */
        settle(slotId: string): void {
          patchState(store, { asked: [...store.asked(), slotId] });
        },
      };
    }),
  );
}
