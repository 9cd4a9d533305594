import { computed, inject, Injectable } from '@angular/core';
import { LEVERS, type LeverKind, type Participant } from '@dray/core';
import type { Between, Worth } from '@dray/core/figures';
import { FigureBook } from '../ui/figure/figure-book';
import { bodyOf } from '../ui/figure/body-of';
import { JOINT_WORDS } from '../ui/figure/joint-words';
import { ViewStore } from '../state/view-store';
import { LaddersStore } from './ladders-store';

/** What mechanics say of one rung. */
export interface RungSays {
  /** "knee 47 %" */
  readonly asks: string;
  /** As a share of what that joint usually has, for a bar; never longer than the bar. */
  readonly share: number;
  /** Why it is above the one below although it computes as easier. */
  readonly why: string;
}

/** A ladder as mechanics see it, for the person on view or for a usual body. */
@Injectable()
export class Mechanics {
  private readonly ladders = inject(LaddersStore);
  private readonly book = inject(FigureBook);
  private readonly view = inject(ViewStore);

  readonly body = computed(() => bodyOf(this.ladders.person(), this.view.today()));
  private readonly exerciseById = (id: string) => this.view.catalog().exercises.get(id);

  /** By rung. */
  readonly rungs = computed((): ReadonlyMap<string, RungSays> => {
    const figures = this.book.figures();
    const ladder = this.ladders.ladder();
    if (!figures || !ladder) return new Map();
    return new Map(
      figures.climbOf(ladder, this.exerciseById, this.body()).map(({ rungId, difficulty, harderBy }) => [
        rungId,
        {
          asks: $localize`${JOINT_WORDS[difficulty.joint]} ${Math.round(100 * difficulty.share)} %`,
          share: Math.min(1, difficulty.share),
          why: harderBy ? figures.HARDER_BY_WORDS[harderBy] : '',
        },
      ]),
    );
  });

  /** For whom it is reckoned. */
  readonly whose = computed(() => {
    const person: Participant | undefined = this.ladders.person();
    return person ? $localize`for ${person.name}` : $localize`for a usual body`;
  });

  /** "10 cm lower: 10 reps become 7" */
  readonly worth = computed((): readonly string[] => {
    const figures = this.book.figures();
    const rung = this.ladders.rung();
    const exercise = rung && this.exerciseById(rung.exerciseId);
    if (!figures || !rung || !exercise) return [];
    return figures.worthOf(exercise, rung.levers, this.body()).map(worthWords);
  });

  /** A version half-way to the next rung, where that is far. */
  readonly between = computed((): string => {
    const figures = this.book.figures();
    const ladder = this.ladders.ladder();
    const at = ladder?.rungs.findIndex(({ id }) => id === this.ladders.rung()?.id) ?? -1;
    const between = ladder && at >= 0 && figures?.rungBetween(ladder, at, this.exerciseById, this.body());
    return between ? this.betweenWords(between) : '';
  });

  /** Whether a thing to watch for can be drawn. */
  shows(watch: string): boolean {
    return this.book.figures()?.MISTAKES[watch] !== undefined;
  }

  private betweenWords({ rung, lever, value }: Between): string {
    const { name, unit } = LEVERS[lever];
    const exercise = this.exerciseById(rung.exerciseId)?.name ?? rung.name;
    return $localize`The next rung is a large step. Half-way: ${exercise}, ${name} ${value} ${unit}.`;
  }
}

const STEP_WORDS: Readonly<Partial<Record<LeverKind, (by: number) => string>>> = {
  surfaceHeight: (by) => $localize`${by} cm lower`,
  range: (by) => $localize`${by} % further`,
  leverage: (by) => $localize`limbs ${by} % straighter`,
};

function worthWords({ lever, by, reps }: Worth): string {
  const step = lever === 'load' ? $localize`${by} kg more` : (STEP_WORDS[lever]?.(by) ?? '');
  return $localize`${step} – of 10 repetitions about ${reps} are left`;
}
