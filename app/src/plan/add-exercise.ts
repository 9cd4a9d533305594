import {
  afterNextRender,
  ChangeDetectionStrategy,
  Component,
  computed,
  type ElementRef,
  inject,
  input,
  output,
  signal,
  viewChild,
} from '@angular/core';
import { MatAutocompleteModule, type MatAutocompleteSelectedEvent } from '@angular/material/autocomplete';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatInput } from '@angular/material/input';
import {
  slotName,
  sourceKey,
  type Catalog,
  type Exercise,
  type LeverSettings,
  type SlotSource,
} from '@dray/core';
import { sourceNames } from '@dray/core/late';
import { FigureView } from '../ui/figure/figure';
import { ViewStore } from '../state/view-store';

/** What was chosen, with the work typed behind its name. */
export interface Chosen {
  readonly source: SlotSource;
  readonly work: string;
}

interface Choice {
  readonly name: string;
  readonly kind: string;
  readonly source: SlotSource;
  /** What is drawn beside the name: of a ladder the rung in its middle. */
  readonly exercise?: Exercise | undefined;
  readonly levers?: LeverSettings;
}

const KIND_WORDS: Readonly<Record<SlotSource['kind'], string>> = {
  ladder: 'ladder',
  exercise: $localize`the same for all`,
  combination: 'combination',
};

/** More than a screen of names helps nobody: another letter does. */
const MOST_SHOWN = 40;

function choicesOf({ ladders, exercises }: Catalog): Choice[] {
  return [
    ...[...ladders.values()].map(({ id, name, rungs }): Choice => {
      const middle = rungs[Math.floor(rungs.length / 2)];
      return {
        name,
        kind: $localize`ladder, ${rungs.length} rungs`,
        source: { kind: 'ladder', ladderId: id },
        exercise: middle && exercises.get(middle.exerciseId),
        ...(middle && { levers: middle.levers }),
      };
    }),
    ...[...exercises.values()].map((exercise): Choice => ({
      name: exercise.name,
      kind: $localize`the same for all`,
      source: { kind: 'exercise', exerciseId: exercise.id },
      exercise,
    })),
  ];
}

/** Type a few letters, Enter: a ladder or an exercise stands in the block. */
@Component({
  selector: 'dray-add-exercise',
  imports: [FigureView, MatAutocompleteModule, MatFormFieldModule, MatInput],
  template: `
    <mat-form-field class="long tight">
      <input
        #box
        matInput
        i18n-placeholder
        placeholder="add an exercise"
        [attr.aria-label]="label()"
        [matAutocomplete]="auto"
        (input)="typed.set(box.value)"
        (blur)="left.emit()"
        (keydown.escape)="left.emit()"
        (keydown.enter)="chooseFirst()"
      />
    </mat-form-field>
    <mat-autocomplete #auto autoActiveFirstOption (optionSelected)="choose($event)">
      @for (choice of matching(); track choice.kind + choice.name) {
        <mat-option [value]="choice">
          @if (choice.exercise; as exercise) {
            <dray-figure [exercise]="exercise" [levers]="choice.levers ?? {}" [size]="34" />
          }
          {{ choice.name }} <span class="unit">{{ choice.kind }}</span>
        </mat-option>
      }
    </mat-autocomplete>
  `,
  styles: `
    :host {
      display: block;
      padding: 4px 0 8px 32px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class AddExercise {
  readonly label = input.required<string>();
  readonly chosen = output<Chosen>();
  readonly left = output<void>();

  private readonly box = viewChild.required<ElementRef<HTMLInputElement>>('box');
  private readonly view = inject(ViewStore);
  private readonly choices = computed(() => choicesOf(this.view.catalog()));
  protected readonly typed = signal('');
  /** The name ends where the work begins: "squat 3x10". */
  private readonly parts = computed(() => {
    const [, name = '', work = ''] = /^(.*?)(?:[\s,:]+(\d.*))?$/.exec(this.typed().trim()) ?? [];
    return { name, work };
  });
  protected readonly matching = computed(() => {
    const { name: said } = this.parts();
    const words = said.toLowerCase().split(/\s+/).filter(Boolean);
    const spoken = this.spoken(said);
    const named = this.choices().filter(({ name }) =>
      words.every((word) => name.toLowerCase().includes(word)),
    );
    const others = spoken
      ? named.filter(({ source }) => sourceKey(source) !== sourceKey(spoken.source))
      : named;
    return [...(spoken ? [spoken] : []), ...others].slice(0, MOST_SHOWN);
  });

  /** What the words mean as coaches say them: another name, a variation, a combination. */
  private spoken(said: string): Choice | undefined {
    const names = sourceNames(this.view.catalog());
    const source = said === '' ? undefined : (names.find(said) ?? names.findSpoken(said));
    return (
      source && { name: slotName({ source }, this.view.catalog()), kind: KIND_WORDS[source.kind], source }
    );
  }

  constructor() {
    afterNextRender(() => this.box().nativeElement.focus());
  }

  /** A quick hand presses Enter while the list still shows what an earlier letter found. */
  protected choose(event: MatAutocompleteSelectedEvent): void {
    const choice = event.option.value as Choice;
    const [first] = this.matching();
    this.take(this.matching().includes(choice) || !first ? choice : first);
  }

  /** Enter that comes before the list has opened takes what the list would have offered first. */
  protected chooseFirst(): void {
    const text = this.typed();
    setTimeout(() => {
      const [first] = this.matching();
      if (first && text !== '' && this.typed() === text) this.take(first);
    });
  }

  private take(choice: Choice): void {
    const { work } = this.parts();
    this.box().nativeElement.value = '';
    this.typed.set('');
    this.chosen.emit({ source: choice.source, work });
  }
}
