import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatCheckbox } from '@angular/material/checkbox';
import {
  experienceSchema,
  placeInProgram,
  schemeSchema,
  versionForTier,
  wavePercent,
  type Experience,
  type Scheme,
  type Slot,
} from '@dray/core';
import {
  SCHEME_NUMBERS,
  SCHEME_WORDS,
  schemeFor,
  USUAL_SCHEMES,
  usualScheme,
  WAVE_WORDS,
} from '@dray/core/late';
import type * as z from 'zod';
import { defined } from '../data/defined';
import { ViewStore } from '../state/view-store';
import { ChoiceField, type Option } from './forms/choice-field';
import { NumberField } from './forms/number-field';
import { judgedBy } from './forms/zod';

const SCHEMES = Object.entries(SCHEME_WORDS).map(([kind, words]) => ({
  kind: kind as Scheme['kind'],
  ...words,
}));

/** The drawing of a wave: its bars, the gap between them, and the line of numbers under them. */
const WAVE = { width: 240, height: 42, gap: 3, words: 14 } as const;

/** How work grows from week to week: one of the schools, with its numbers, refused in place where they go too far. */
@Component({
  selector: 'dray-scheme-choice',
  imports: [ChoiceField, MatButton, MatCheckbox, NumberField],
  template: `
    <dray-choice
      class="full"
      i18n-label
      label="grows by"
      [value]="scheme()?.kind"
      [options]="kinds()"
      (chosen)="choose($event)"
    />
    @if (says()) {
      <p class="hint">{{ says() }}</p>
    }
    @if (scheme()?.kind === 'wave') {
      <dray-choice
        class="full"
        i18n-label
        label="shape"
        [value]="shapeNow()"
        [options]="shapes"
        (chosen)="set('shape', $event)"
      />
    }
    @if (wave().length > 0) {
      <svg class="wave full" [attr.viewBox]="waveBox" role="img" [attr.aria-label]="waveSays()">
        @for (bar of wave(); track bar.week) {
          <rect
            [attr.x]="bar.x"
            [attr.width]="bar.width"
            [attr.y]="bar.y"
            [attr.height]="bar.height"
            [class.lighter]="bar.lighter"
          />
          <text [attr.x]="bar.x + bar.width / 2" [attr.y]="waveFoot">{{ bar.week }}</text>
        }
      </svg>
    }
    @for (number of numbers(); track number.key) {
      <dray-number
        class="full"
        [label]="number.words"
        [value]="number.value"
        [schema]="number.schema"
        (saved)="set(number.key, $event)"
      />
    }
    @if (scheme(); as own) {
      <mat-checkbox
        i18n
        [checked]="own.every === 'class'"
        (change)="set('every', $event.checked ? 'class' : undefined)"
      >
        with every class, not once a week
      </mat-checkbox>
    }
    @if (usual(); as known) {
      <button i18n matButton (click)="chosen.emit(known.scheme)">Usual here: {{ known.name }}</button>
    }
  `,
  styles: `
    .wave {
      display: block;
      max-width: 300px;
      margin: 6px 0 2px;
      fill: var(--tier);
    }
    .wave .lighter {
      fill: none;
      stroke: var(--tier);
      stroke-width: 1.5;
    }
    text {
      font: 10px var(--f-text);
      fill: var(--ink-2);
      text-anchor: middle;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SchemeChoice {
  readonly scheme = input<Scheme>();
  /** The slot it is for; absent where it is for a whole program. */
  readonly usualFor = input<Slot>();
  /** Weeks of the program; absent where it is the one on view. */
  readonly weeks = input<number>();
  readonly chosen = output<Scheme | undefined>();

  private readonly view = inject(ViewStore);
  protected readonly waveBox = `0 -1 ${WAVE.width} ${WAVE.height + WAVE.words + 1}`;
  protected readonly waveFoot = WAVE.height + WAVE.words - 2;
  protected readonly shapes = Object.entries(WAVE_WORDS).map(([value, words]) => ({ value, words }));

  protected readonly kinds = computed<readonly Option<Scheme['kind'] | undefined>[]>(() => [
    ...(this.usualFor() ? [{ value: undefined, words: $localize`as the program does` }] : []),
    ...SCHEMES.map(({ kind, name }) => ({ value: kind, words: name })),
  ]);

  protected readonly says = computed(() => {
    const scheme = this.scheme();
    return scheme && SCHEME_WORDS[scheme.kind].says;
  });

  protected readonly shapeNow = computed(() => {
    const scheme = this.scheme();
    return scheme?.kind === 'wave' ? scheme.shape : undefined;
  });

  protected readonly numbers = computed(() => {
    const scheme = this.scheme();
    if (!scheme) return [];
    const values = new Map<string, unknown>(Object.entries(scheme));
    const stepped = scheme.kind !== 'wave' || scheme.shape === 'step';
    return SCHEME_NUMBERS[scheme.kind]
      .filter(({ key }) => key !== 'stepWeeks' || stepped)
      .map((number) => ({
        ...number,
        value: Number(values.get(number.key)),
        schema: this.within(number.key),
      }));
  });

  /** The weeks of a wave as bars, the foot of the drawing a little under its lowest. */
  protected readonly wave = computed(() => {
    const scheme = this.scheme();
    if (scheme?.kind !== 'wave') return [];
    const weeks = this.weeks() ?? this.view.weeks();
    const session = placeInProgram(this.view.program(), this.view.session()?.id ?? '');
    const foot = scheme.fromPercent - Math.max(5, (scheme.toPercent - scheme.fromPercent) / 2);
    const pitch = WAVE.width / weeks;
    return Array.from({ length: weeks }, (_, at) => {
      const { percent, lighter } = wavePercent(scheme, { week: at + 1, weeks, session });
      const height = (WAVE.height * (percent - foot)) / (scheme.toPercent - foot);
      const x = at * pitch + WAVE.gap / 2;
      return { week: at + 1, percent, lighter, x, width: pitch - WAVE.gap, y: WAVE.height - height, height };
    });
  });
  protected readonly waveSays = computed(() =>
    this.wave()
      .map(
        ({ week, percent, lighter }) =>
          $localize`week ${week}:named:: ${Math.round(percent)} %${lighter ? $localize`, lighter` : ''}`,
      )
      .join('; '),
  );

  /** How long most of the class have lifted. */
  private readonly experience = computed(() => {
    const known = (this.view.documents.document()?.participants ?? []).flatMap((own) => own.experience ?? []);
    const count = (one: Experience) => known.filter((own) => own === one).length;
    return experienceSchema.options.reduce((most, own) => (count(own) > count(most) ? own : most));
  });

  private readonly exercise = computed(() => {
    const slot = this.usualFor();
    return slot && versionForTier(slot, 'intermediate', this.view.catalog())?.exercise;
  });

  /** What is usual for the slot's exercise and most of the class, where that is something else. */
  protected readonly usual = computed(() => {
    const slot = this.usualFor();
    const exercise = this.exercise();
    if (!slot || !exercise) return undefined;
    const { kind } = slot.prescriptions.intermediate.work;
    const scheme = usualScheme(
      exercise,
      kind === 'hold' || kind === 'time' ? kind : 'reps',
      this.experience(),
    );
    return scheme.kind === this.scheme()?.kind ? undefined : { scheme, name: SCHEME_WORDS[scheme.kind].name };
  });

  protected choose(kind: Scheme['kind'] | undefined): void {
    const known = SCHEMES.find((scheme) => scheme.kind === kind);
    const exercise = this.exercise();
    const started = known && exercise && schemeFor(known.kind, exercise, this.experience());
    this.chosen.emit(started ?? (known && USUAL_SCHEMES[known.kind]));
  }

  protected set(key: string, value: number | string | undefined): void {
    const checked = schemeSchema.safeParse(defined({ ...this.scheme(), [key]: value }));
    if (checked.success) this.chosen.emit(checked.data);
  }

  /** A number is judged with the whole scheme: how far one may go often rests on another. */
  private within(key: string): z.ZodType {
    return judgedBy((value) => schemeSchema.safeParse({ ...this.scheme(), [key]: value }));
  }
}
