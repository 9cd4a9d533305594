import {
  afterNextRender,
  ChangeDetectionStrategy,
  Component,
  computed,
  type ElementRef,
  input,
  output,
  signal,
  viewChild,
} from '@angular/core';
import { MatAutocompleteModule, type MatAutocompleteSelectedEvent } from '@angular/material/autocomplete';
import { LIBRARY_EXERCISES, LIBRARY_LADDERS, type SlotSource } from '@dray/core';

interface Choice {
  readonly name: string;
  readonly kind: string;
  readonly source: SlotSource;
}

const CHOICES: readonly Choice[] = [
  ...LIBRARY_LADDERS.map(({ id, name, rungs }): Choice => ({
    name,
    kind: `ladder, ${rungs.length} rungs`,
    source: { kind: 'ladder', ladderId: id },
  })),
  ...LIBRARY_EXERCISES.map(({ id, name }): Choice => ({
    name,
    kind: 'the same for all',
    source: { kind: 'exercise', exerciseId: id },
  })),
];

/** Type a few letters, Enter: a ladder or an exercise stands in the block. */
@Component({
  selector: 'dray-add-exercise',
  imports: [MatAutocompleteModule],
  template: `
    <input
      #box
      class="field"
      type="text"
      placeholder="add an exercise"
      [attr.aria-label]="label()"
      [matAutocomplete]="auto"
      (input)="typed.set(box.value)"
      (blur)="left.emit()"
      (keydown.escape)="left.emit()"
      (keydown.enter)="chooseFirst()"
    />
    <mat-autocomplete #auto autoActiveFirstOption (optionSelected)="choose($event)">
      @for (choice of matching(); track choice.name) {
        <mat-option [value]="choice">
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
    .field {
      width: 190px;
      font-size: 13px;
      border-bottom-color: transparent;
    }
    .field::placeholder {
      color: var(--ink-3);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class AddExercise {
  readonly label = input.required<string>();
  readonly chosen = output<SlotSource>();
  readonly left = output<void>();

  private readonly box = viewChild.required<ElementRef<HTMLInputElement>>('box');
  protected readonly typed = signal('');
  protected readonly matching = computed(() => {
    const words = this.typed().toLowerCase().split(/\s+/).filter(Boolean);
    return CHOICES.filter(({ name }) => words.every((word) => name.toLowerCase().includes(word)));
  });

  constructor() {
    afterNextRender(() => this.box().nativeElement.focus());
  }

  protected choose(event: MatAutocompleteSelectedEvent): void {
    this.take(event.option.value as Choice);
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
    this.box().nativeElement.value = '';
    this.typed.set('');
    this.chosen.emit(choice.source);
  }
}
