import { ChangeDetectionStrategy, Component, computed, inject, input, output, signal } from '@angular/core';
import {
  experienceSchema,
  problemFrom,
  schemeSchema,
  versionForTier,
  type Experience,
  type Scheme,
  type Slot,
} from '@dray/core';
import { SCHEME_NUMBERS, SCHEME_WORDS, USUAL_SCHEMES, usualScheme, WAVE_WORDS } from '@dray/core/late';
import { ViewStore } from '../state/view-store';

const SCHEMES = Object.entries(SCHEME_WORDS).map(([kind, words]) => ({
  kind: kind as Scheme['kind'],
  ...words,
}));

/** How work grows from week to week: one of the schools, with its numbers, refused in place where they go too far. */
@Component({
  selector: 'dray-scheme-choice',
  template: `
    <label
      >grows by
      <select class="field" (change)="choose($any($event.target).value)">
        @if (usualFor()) {
          <option value="" [selected]="!scheme()">as the program does</option>
        }
        @for (known of schemes; track known.kind) {
          <option [value]="known.kind" [selected]="scheme()?.kind === known.kind">{{ known.name }}</option>
        }
      </select>
    </label>
    @if (says()) {
      <p class="says">{{ says() }}</p>
    }
    @if (scheme()?.kind === 'wave') {
      <label
        >shape
        <select class="field" (change)="set('shape', $any($event.target).value)">
          @for (shape of shapes; track shape.value) {
            <option [value]="shape.value" [selected]="shape.value === shapeNow()">{{ shape.words }}</option>
          }
        </select>
      </label>
    }
    @for (number of numbers(); track number.key) {
      <label class="number"
        ><input
          class="field rest"
          type="number"
          min="1"
          [value]="number.value"
          (change)="set(number.key, $any($event.target).valueAsNumber)"
        />
        {{ number.words }}</label
      >
    }
    @if (problem()) {
      <p class="problem" role="alert">{{ problem() }}</p>
    }
    @if (usual(); as known) {
      <button type="button" class="plain" (click)="chosen.emit(known.scheme)">
        usual here: {{ known.name }}
      </button>
    }
  `,
  styles: `
    :host {
      display: block;
      margin-top: 12px;
    }
    label {
      display: block;
      font-size: 12px;
      color: var(--ink-2);
    }
    .number {
      font-size: 13px;
    }
    .number .field {
      width: 52px;
    }
    .field {
      color: var(--ink);
      font-size: 13px;
    }
    .says {
      margin: 2px 0 4px;
      font-size: 12.5px;
      color: var(--ink-2);
    }
    .plain {
      margin-left: -6px;
      font-size: 12px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SchemeChoice {
  readonly scheme = input<Scheme>();
  /** The slot it is for; absent where it is for a whole program. */
  readonly usualFor = input<Slot>();
  readonly chosen = output<Scheme | undefined>();

  private readonly view = inject(ViewStore);
  protected readonly schemes = SCHEMES;
  protected readonly shapes = Object.entries(WAVE_WORDS).map(([value, words]) => ({ value, words }));
  protected readonly problem = signal('');

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
    return SCHEME_NUMBERS[scheme.kind].map((number) => ({
      ...number,
      value: Number(values.get(number.key)),
    }));
  });

  /** How long most of the class have lifted. */
  private readonly experience = computed(() => {
    const known = (this.view.documents.document()?.participants ?? []).flatMap((own) => own.experience ?? []);
    const count = (one: Experience) => known.filter((own) => own === one).length;
    return experienceSchema.options.reduce((most, own) => (count(own) > count(most) ? own : most));
  });

  /** What is usual for the slot's exercise and most of the class, where that is something else. */
  protected readonly usual = computed(() => {
    const slot = this.usualFor();
    const version = slot && versionForTier(slot, 'intermediate', this.view.catalog());
    if (!slot || !version) return undefined;
    const { kind } = slot.prescriptions.intermediate.work;
    const scheme = usualScheme(
      version.exercise,
      kind === 'hold' || kind === 'time' ? kind : 'reps',
      this.experience(),
    );
    return scheme.kind === this.scheme()?.kind ? undefined : { scheme, name: SCHEME_WORDS[scheme.kind].name };
  });

  protected choose(kind: string): void {
    this.problem.set('');
    const known = SCHEMES.find((scheme) => scheme.kind === kind);
    this.chosen.emit(known && USUAL_SCHEMES[known.kind]);
  }

  protected set(key: string, value: number | string): void {
    const checked = schemeSchema.safeParse({ ...this.scheme(), [key]: value });
    const [issue] = checked.error?.issues ?? [];
    this.problem.set(issue ? problemFrom(issue).sentence : '');
    if (checked.success) this.chosen.emit(checked.data);
  }
}
