import type { Signal } from '@angular/core';
import { midSentence, nameFrom, type Ladder, type Rung } from '@dray/core';
import { patchState, signalStoreFeature, type, withMethods } from '@ngrx/signals';
import type { Keep, LaddersProps, LaddersState } from './ladders-store';
import { inSession, ourWay, replace } from './own-library';

interface Props extends LaddersProps {
  readonly ladder: Signal<Ladder | undefined>;
}

/**
 * What is done with ladders of the coach’s own.
 *
 * The type nobody uses is what the library asks of a feature that rests on another, see `withRoving`.
 */
export function withOwnLadders<_>() {
  return signalStoreFeature(
    { state: type<LaddersState>(), props: type<Props>(), methods: type<{ _keep: Keep }>() },
    withMethods((store) => ({
      /** A ladder of ours becomes one of the coach's, free to be changed; ours stays. */
      copy(): void {
        const ladder = store.ladder();
        if (!ladder) return;
        const id = crypto.randomUUID();
        const rungs = ladder.rungs.map((rung) => ({ ...rung, id: crypto.randomUUID() }));
        const taken = [...store.view.catalog().ladders.values()].map(({ name }) => name);
        const copied = { ...ladder, id, name: nameFrom(ladder.name, ourWay, taken), rungs };
        if (store._keep($localize`copy ${ladder.name}`, ({ ladders }) => ladders.push(copied))) {
          patchState(store, { chosenId: id, chosenRungId: undefined });
        }
      },

      changeLadder(label: string, part: Partial<Ladder>): void {
        const ladder = store.ladder();
        if (ladder) store._keep(label, ({ ladders }) => replace(ladders, { ...ladder, ...part }));
      },

      changeRung(rungId: string, part: Partial<Rung>): void {
        const ladder = store.ladder();
        if (!ladder) return;
        const rungs = ladder.rungs.map((rung) => (rung.id === rungId ? { ...rung, ...part } : rung));
        store._keep($localize`change a rung`, ({ ladders }) => replace(ladders, { ...ladder, rungs }));
      },

      moveRung(rungId: string, by: 1 | -1): void {
        const ladder = store.ladder();
        const at = ladder?.rungs.findIndex(({ id }) => id === rungId) ?? -1;
        const rung = ladder?.rungs[at];
        if (!ladder || !rung || at + by < 0 || at + by >= ladder.rungs.length) return;
        const rungs = ladder.rungs.filter(({ id }) => id !== rungId);
        rungs.splice(at + by, 0, rung);
        store._keep($localize`move a rung`, ({ ladders }) => replace(ladders, { ...ladder, rungs }));
        // The rung that is moved stays the one in hand, also where it was only the first.
        patchState(store, { chosenRungId: rungId });
      },

      removeRung(rungId: string): void {
        const ladder = store.ladder();
        if (!ladder) return;
        const rungs = ladder.rungs.filter(({ id }) => id !== rungId);
        store._keep($localize`delete a rung`, ({ ladders }) => replace(ladders, { ...ladder, rungs }));
        patchState(store, { chosenRungId: undefined });
      },

      addRung(exerciseId: string): void {
        const ladder = store.ladder();
        const exercise = store.view.catalog().exercises.get(exerciseId);
        const last = ladder?.rungs.at(-1);
        if (!ladder || !exercise) return;
        const rung: Rung = {
          id: crypto.randomUUID(),
          exerciseId,
          name: midSentence(exercise.name),
          tier: last?.tier ?? 'beginner',
          levers: {},
          needs: [],
          spares: [],
          gate: { sets: 3, reps: 10, reserve: 2, visits: 2 },
          prerequisites: [],
        };
        if (
          store._keep($localize`add a rung`, ({ ladders }) =>
            replace(ladders, { ...ladder, rungs: [...ladder.rungs, rung] }),
          )
        ) {
          patchState(store, { chosenRungId: rung.id });
        }
      },

      removeLadder(): void {
        const id = store.ladder()?.id;
        const used = inSession(
          store.documents.document(),
          (part) => part.kind === 'ladder' && part.ladderId === id,
        );
        if (used) {
          patchState(store, {
            problem: $localize`A session uses this ladder: take it out of the plan first.`,
          });
          return;
        }
        if (
          store._keep(
            $localize`delete a ladder`,
            (own) => (own.ladders = own.ladders.filter((ladder) => ladder.id !== id)),
          )
        ) {
          patchState(store, { chosenId: undefined, chosenRungId: undefined });
        }
      },
    })),
  );
}
