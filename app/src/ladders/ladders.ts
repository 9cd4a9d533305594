import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { TIERS, type Coaching, type Rung } from '@dray/core';
import { TierGlyph } from '../ui/tier-glyph';
import { LaddersStore } from './ladders-store';

/** Ladders as climbs: the rungs in order, who stands where, what each asks, and the coach's own ones. */
@Component({
  selector: 'dray-ladders',
  imports: [TierGlyph],
  providers: [LaddersStore],
  templateUrl: './ladders.html',
  styleUrl: './ladders.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LaddersScreen {
  protected readonly ladders = inject(LaddersStore);
  protected readonly tiers = TIERS;

  protected readonly people = computed(() => this.ladders.documents.document()?.participants ?? []);
  protected readonly kits = computed(() => this.ladders.documents.document()?.kits ?? []);
  protected readonly exercises = computed(() =>
    [...this.ladders.view.catalog().exercises.values()].sort((a, b) => a.name.localeCompare(b.name)),
  );
  protected readonly watch = computed(() => Object.entries(this.ladders.detail()?.words?.watch ?? {}));

  /** Each rung a step higher than the one before. */
  protected lift(at: number): number {
    return (this.ladders.climb().length - 1 - at) * 22;
  }

  protected setGate(rung: Rung, part: Partial<Rung['gate']>): void {
    this.ladders.changeRung(rung.id, { gate: { ...rung.gate, ...part } });
  }

  protected setAmount(rung: Rung, value: number): void {
    this.setGate(rung, rung.gate.reps === undefined ? { seconds: value } : { reps: value });
  }

  protected setCue(words: Coaching, at: number, text: string): void {
    const cues = words.cues.map((cue, index) => (index === at ? text : cue));
    this.ladders.changeExercise({ words: { ...words, cues } });
  }

  protected setWatch(words: Coaching, at: number, part: { see?: string; mend?: string }): void {
    const watch = Object.fromEntries(
      Object.entries(words.watch).map(([see, mend], index) =>
        index === at ? [part.see ?? see, part.mend ?? mend] : [see, mend],
      ),
    );
    this.ladders.changeExercise({ words: { ...words, watch } });
  }
}
