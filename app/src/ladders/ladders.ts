import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  linkedSignal,
  signal,
  untracked,
} from '@angular/core';
import { form, FormField } from '@angular/forms/signals';
import { MatButton } from '@angular/material/button';
import { MatChipsModule } from '@angular/material/chips';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatIcon } from '@angular/material/icon';
import { MatInput } from '@angular/material/input';
import { MatListModule } from '@angular/material/list';
import { MatSelectModule } from '@angular/material/select';
import { MatSlideToggle } from '@angular/material/slide-toggle';
import { MatDialog } from '@angular/material/dialog';
import { Router } from '@angular/router';
import { CONDITION_WORDS, conditionSchema, fullName, ladderSchema } from '@dray/core';
import { FigureView } from '../ui/figure/figure';
import { ChoiceField } from '../ui/forms/choice-field';
import { TextField } from '../ui/forms/text-field';
import { TierGlyph } from '../ui/tier-glyph';
import { ExerciseEditor } from './exercise-editor';
import { otherNames } from './ladder-words';
import { LaddersStore, type Limit } from './ladders-store';
import { Mechanics } from './mechanics';
import { RungEditor } from './rung-editor';

/** Ladders as climbs: the rungs in order, who stands where, what each asks, and the coach's own ones. */
@Component({
  selector: 'dray-ladders',
  imports: [
    ChoiceField,
    ExerciseEditor,
    FigureView,
    FormField,
    MatButton,
    MatChipsModule,
    MatFormFieldModule,
    MatIcon,
    MatInput,
    MatListModule,
    MatSelectModule,
    MatSlideToggle,
    RungEditor,
    TextField,
    TierGlyph,
  ],
  providers: [LaddersStore, Mechanics],
  templateUrl: './ladders.html',
  styleUrl: './ladders.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'list-and-page' },
})
export class LaddersScreen {
  protected readonly ladders = inject(LaddersStore);
  protected readonly mechanics = inject(Mechanics);
  private readonly router = inject(Router);
  private readonly dialogs = inject(MatDialog);
  /** From the address: an exercise that a session names and nobody knows, to be written. */
  readonly write = input<string>();

  protected readonly conditions = conditionSchema.options;
  protected readonly otherNames = otherNames;
  protected readonly conditionWords = CONDITION_WORDS;
  protected readonly fullName = fullName;

  protected readonly limits: readonly { value: Limit; words: string }[] = [
    { value: 'noFloor', words: $localize`no floor` },
    { value: 'noJumping', words: $localize`no jumping` },
    { value: 'quiet', words: $localize`quiet` },
  ];
  protected readonly shape = ladderSchema.shape;

  /** A search is an answer at each letter; nothing is kept. */
  private readonly text = linkedSignal(() => this.ladders.text());
  protected readonly find = form(this.text);

  protected readonly begin = computed(() => {
    const draft = this.ladders.draft();
    return draft
      ? $localize`Go on with “${draft.name || $localize`a new exercise`}”`
      : $localize`Write an exercise`;
  });
  protected readonly people = computed(() => [
    { value: '', words: $localize`anybody with everything` },
    ...this.ladders.documents.people().map(({ id, name }) => ({
      value: id,
      words: name,
    })),
  ]);
  protected readonly kits = computed(() => [
    { value: '', words: $localize`their own kit` },
    ...this.ladders.documents.kits().map(({ id, name }) => ({
      value: id,
      words: name,
    })),
  ]);
  private readonly onView = computed(() => this.ladders.detail()?.exercise.id);
  /** What is watched for and shown as it goes wrong, until another exercise is on view. */
  protected readonly wrong = linkedSignal<string | undefined, string>({
    source: this.onView,
    computation: () => '',
  });
  /** What moves by itself can be made to stand. */
  protected readonly moving = signal(true);
  protected readonly gravity = signal(false);
  protected readonly hardest = signal(false);
  protected readonly washed = signal(false);
  protected readonly watch = computed(() => Object.entries(this.ladders.detail()?.words?.watch ?? {}));

  constructor() {
    effect(() => this.ladders.find(this.text()));
    effect(() => {
      const name = this.write()?.trim();
      const ready = this.ladders.documents.document() !== undefined;
      if (!name || !ready) return;
      untracked(() => this.ladders.writeNamed(name));
      // Once: coming back to the page does not begin it anew.
      void this.router.navigate([], { queryParams: {}, replaceUrl: true });
    });
  }

  /** This rung for one person in one place of the session on view, until the coach says otherwise. */
  protected async give(): Promise<void> {
    const { openCell } = await import('../board/cell-dialog');
    openCell(this.dialogs, {
      participantId: this.ladders.personId() || undefined,
      version: this.ladders.version(),
    });
  }

  /** Each rung a step higher than the one before. */
  protected lift(at: number): number {
    return (this.ladders.climb().length - 1 - at) * 22;
  }
}
