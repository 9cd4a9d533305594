import { computed, Injectable, resource } from '@angular/core';
import type * as figures from '@dray/core/figures';

/** All that core says of figures: loaded once, when the first of them is to be seen. */
export type Figures = typeof figures;

/** Figures load apart from every screen; until they are there, their room is kept and nothing is drawn. */
@Injectable({ providedIn: 'root' })
export class FigureBook {
  private readonly loaded = resource({ loader: () => import('@dray/core/figures') });

  readonly figures = computed((): Figures | undefined =>
    this.loaded.status() === 'resolved' ? this.loaded.value() : undefined,
  );
}
