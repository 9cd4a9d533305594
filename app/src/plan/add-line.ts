import {
  ChangeDetectionStrategy,
  Component,
  computed,
  type ElementRef,
  inject,
  output,
  signal,
  viewChild,
} from '@angular/core';
import { MatAutocompleteModule, MatAutocompleteTrigger } from '@angular/material/autocomplete';
import { MatButton } from '@angular/material/button';
import { MatInput } from '@angular/material/input';
import { BLOCKS, formatPrescription, slotName, TIERS, type Block, type Slot, type Tier } from '@dray/core';
import { parseSession, sourceNames, type SessionProblem } from '@dray/core/late';
import { LONG_TEXT } from '../state/text-reading';
import { ViewStore } from '../state/view-store';

/** One exercise as it was understood. */
interface ReadSlot {
  readonly name: string;
  /** The work, once where tiers are the same. */
  readonly work: string;
}

interface ReadBlock {
  readonly words: string;
  readonly slots: readonly ReadSlot[];
}

const MOST_OFFERED = 6;

/** Said of what is far more than a line. */
const TOO_LONG: SessionProblem = {
  at: 0,
  length: 0,
  sentence: $localize`This is far more than a line: open the session as text, and put it there.`,
  offers: [],
};

/**
 * Anything a coach would say, typed in one line: "finisher burpees 60 s all out, beginners two rounds", "thruster 3x8 2 left". Below it
 * stands what it was understood as, while it is typed; Enter puts it at the end of the session.
 */
@Component({
  selector: 'dray-add-line',
  imports: [MatAutocompleteModule, MatButton, MatInput],
  template: `
    <input
      #box
      id="add-line"
      matInput
      class="line full"
      autocomplete="off"
      spellcheck="false"
      i18n-placeholder
      placeholder="add anything: superset, goblet squats 3x10, rows 3x10"
      i18n-aria-label
      aria-label="Add to the session, as you would say it"
      aria-describedby="add-line-reading"
      [matAutocomplete]="auto"
      (input)="typed.set(box.value)"
      (keydown.enter)="add()"
      (keydown.escape)="clear()"
    />
    <mat-autocomplete #auto (optionSelected)="complete($event.option.value)">
      @for (name of offered(); track name) {
        <mat-option [value]="name">{{ name }}</mat-option>
      }
    </mat-autocomplete>
    <p id="add-line-reading" class="reading fields hint" aria-live="polite">
      @if (problem(); as problem) {
        <span class="problem">{{ problem.sentence }}</span>
        @for (name of problem.offers; track name) {
          <button matButton (click)="settle(problem, name)">{{ name }}</button>
        }
      } @else {
        @for (block of blocks(); track $index) {
          <span class="block">{{ block.words }}</span>
          @for (slot of block.slots; track $index) {
            <span
              ><b>{{ slot.name }}</b> {{ slot.work }}</span
            >
          }
        }
        @if (blocks().length > 0) {
          <kbd>Enter</kbd>
        }
      }
    </p>
  `,
  styles: `
    :host {
      display: block;
      padding: 8px 0 4px;
    }
    .line {
      font: 15px var(--f-text);
      color: var(--ink);
      background: none;
      border: 0;
      border-bottom: 1px solid var(--hair);
      padding: 4px 2px;
    }
    .reading {
      gap: 2px 12px;
      min-height: 20px;
      margin-top: 3px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class AddLine {
  /** Blocks to stand at the end of the session. */
  readonly added = output<readonly Block[]>();

  private readonly box = viewChild.required<ElementRef<HTMLInputElement>>('box');
  private readonly trigger = viewChild.required(MatAutocompleteTrigger);
  private readonly view = inject(ViewStore);
  protected readonly typed = signal('');

  private readonly reading = computed(() => {
    const session = this.view.session();
    const text = this.typed();
    if (!session || text.trim() === '') return undefined;
    if (text.length > LONG_TEXT) {
      return { session: { ...session, blocks: [] }, problems: [TOO_LONG] };
    }
    return parseSession(text, this.view.catalog(), {
      base: session,
      unit: this.view.unit(),
      newId: () => crypto.randomUUID(),
    });
  });
  protected readonly problem = computed(() => this.reading()?.problems[0]);
  protected readonly blocks = computed<ReadBlock[]>(() =>
    (this.reading()?.session.blocks ?? []).map((block) => ({
      words: BLOCKS[block.kind].name,
      slots: block.slots.map((slot) => ({
        name: slotName(slot, this.view.catalog()),
        work: this.workOf(slot),
      })),
    })),
  );
  /** Names that begin as the last words do. */
  protected readonly offered = computed(() => {
    const words = /(?:^|[,;])\s*(\p{L}[\p{L} '-]*)$/u.exec(this.typed())?.[1];
    return words === undefined ? [] : sourceNames(this.view.catalog()).offers(words, MOST_OFFERED);
  });

  private workOf({ prescriptions }: Slot): string {
    const words = (tier: Tier) => formatPrescription(prescriptions[tier], this.view.unit());
    const [first = '', ...others] = TIERS.map(words);
    return others.every((other) => other === first)
      ? first
      : TIERS.map((tier) => `${tier} ${words(tier)}`).join(' · ');
  }

  protected add(): void {
    const reading = this.reading();
    // Enter on an offered name takes the name.
    if (this.trigger().panelOpen && this.trigger().activeOption) return;
    if (!reading || reading.problems.length > 0 || reading.session.blocks.length === 0) return;
    this.added.emit(reading.session.blocks);
    this.clear();
  }

  /** A name in the place of the words it completes. */
  protected complete(name: string): void {
    this.write(this.typed().replace(/\p{L}[\p{L} '-]*$/u, name));
  }

  protected settle({ at, length }: { readonly at: number; readonly length: number }, name: string): void {
    const text = this.typed();
    this.write(text.slice(0, at) + name + text.slice(at + length));
  }

  protected clear(): void {
    this.write('');
  }

  private write(text: string): void {
    const box = this.box().nativeElement;
    box.value = text;
    this.typed.set(text);
    box.focus();
  }
}
