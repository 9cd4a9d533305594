import { computed, type Signal } from '@angular/core';
import { patchState, signalStoreFeature, type, withComputed, withMethods, withState } from '@ngrx/signals';

interface Grid {
  readonly rows: Signal<readonly unknown[]>;
  readonly columns: Signal<readonly unknown[]>;
}

const within = (at: number, of: readonly unknown[]) => Math.max(0, Math.min(at, of.length - 1));

/**
 * Where in a grid of rows and columns one is: always on it, however far one is sent and however it shrinks.
 *
 * The type nobody uses is what the library asks of a feature that rests on another: without it types are lost.
 */
export function withRoving<_>() {
  return signalStoreFeature(
    { props: type<Grid>() },
    withState({ row: 0, column: 0 }),
    withComputed(({ rows, columns, row, column }) => ({
      // The same place stays the same object while what stands in it changes: what is being typed belongs to the place.
      at: computed(() => ({ row: within(row(), rows()), column: within(column(), columns()) }), {
        equal: (a, b) => a.row === b.row && a.column === b.column,
      }),
    })),
    withMethods((store) => ({
      select(row: number, column: number): void {
        patchState(store, { row: within(row, store.rows()), column: within(column, store.columns()) });
      },
    })),
  );
}
