import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  untracked,
} from '@angular/core';
import { Router } from '@angular/router';
import { CONDITION_WORDS, conditionSchema } from '@dray/core';
import { TierGlyph } from '../ui/tier-glyph';
import { ExerciseEditor } from './exercise-editor';
import { otherNames } from './ladder-words';
import { LaddersStore } from './ladders-store';
import { RungEditor } from './rung-editor';

/** Ladders as climbs: the rungs in order, who stands where, what each asks, and the coach's own ones. */
@Component({
  selector: 'dray-ladders',
  imports: [ExerciseEditor, RungEditor, TierGlyph],
  providers: [LaddersStore],
  templateUrl: './ladders.html',
  styleUrl: './ladders.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LaddersScreen {
  protected readonly ladders = inject(LaddersStore);
  private readonly router = inject(Router);
  /** From the address: an exercise that a session names and nobody knows, to be written. */
  readonly write = input<string>();

  protected readonly conditions = conditionSchema.options;
  protected readonly otherNames = otherNames;
  protected readonly conditionWords = CONDITION_WORDS;

  protected readonly people = computed(() => this.ladders.documents.document()?.participants ?? []);
  protected readonly kits = computed(() => this.ladders.documents.document()?.kits ?? []);
  protected readonly watch = computed(() => Object.entries(this.ladders.detail()?.words?.watch ?? {}));

  constructor() {
    effect(() => {
      const name = this.write()?.trim();
      const ready = this.ladders.documents.document() !== undefined;
      if (!name || !ready) return;
      untracked(() => this.ladders.writeNamed(name));
      // Once: coming back to the page does not begin it anew.
      void this.router.navigate([], { queryParams: {}, replaceUrl: true });
    });
  }

  /** Each rung a step higher than the one before. */
  protected lift(at: number): number {
    return (this.ladders.climb().length - 1 - at) * 22;
  }
}
