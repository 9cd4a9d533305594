import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import {
  DEMAND_WORDS,
  LEVERS,
  PROP_WORDS,
  propSchema,
  TIERS,
  type Demand,
  type LeverKind,
  type Prop,
  type Rung,
} from '@dray/core';
import { otherNames } from './ladder-words';
import { LaddersStore } from './ladders-store';

/** One rung of a coach's own ladder: its gate, where the levers stand, what it needs, spares and waits for. */
@Component({
  selector: 'dray-rung-editor',
  templateUrl: './rung-editor.html',
  styleUrl: './rung-editor.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class RungEditor {
  protected readonly ladders = inject(LaddersStore);
  protected readonly tiers = TIERS;
  protected readonly props = propSchema.options;
  protected readonly propWords = PROP_WORDS;
  protected readonly demandWords = DEMAND_WORDS;
  protected readonly leverFacts = LEVERS;

  protected readonly exercise = computed(() => this.ladders.detail()?.exercise);
  protected readonly demands = computed(() => {
    const exercise = this.exercise();
    return exercise ? [...exercise.demands, ...exercise.demandsLoaded] : [];
  });
  protected readonly otherLadders = computed(() =>
    [...this.ladders.view.catalog().ladders.values()].filter(({ id }) => id !== this.ladders.ladder()?.id),
  );
  protected readonly exercises = computed(() =>
    [...this.ladders.view.catalog().exercises.values()].sort((a, b) => a.name.localeCompare(b.name)),
  );

  protected setOtherNames(rung: Rung, text: string): void {
    this.ladders.changeRung(rung.id, { alsoCalled: otherNames(text) });
  }

  protected setGate(rung: Rung, part: Partial<Rung['gate']>): void {
    this.ladders.changeRung(rung.id, { gate: { ...rung.gate, ...part } });
  }

  protected setAmount(rung: Rung, value: number): void {
    this.setGate(rung, rung.gate.reps === undefined ? { seconds: value } : { reps: value });
  }

  /** What the gate counts; the number stays. */
  protected setCounted(rung: Rung, counted: string): void {
    const { reps, seconds, ...rest } = rung.gate;
    const amount = reps ?? seconds ?? 10;
    this.ladders.changeRung(rung.id, {
      gate: counted === 'reps' ? { ...rest, reps: amount } : { ...rest, seconds: amount },
    });
  }

  protected setSeen(rung: Rung, text: string): void {
    const seen = text
      .split(';')
      .map((point) => point.trim())
      .filter(Boolean);
    const { seen: _, ...rest } = rung.gate;
    this.ladders.changeRung(rung.id, { gate: seen.length > 0 ? { ...rest, seen } : rest });
  }

  /** An empty or unreadable number takes the setting away: the lever stands at its hard end. */
  protected setLever(rung: Rung, lever: LeverKind, value: number): void {
    const { [lever]: _, ...levers } = rung.levers;
    this.ladders.changeRung(rung.id, {
      levers: Number.isNaN(value) ? levers : { ...levers, [lever]: value },
    });
  }

  protected addNeed(rung: Rung, value: string): void {
    const prop: Prop | undefined = this.props.find((own) => own === value);
    if (prop) this.ladders.changeRung(rung.id, { needs: [...rung.needs, [prop]] });
  }

  protected dropNeed(rung: Rung, at: number): void {
    this.ladders.changeRung(rung.id, { needs: rung.needs.filter((_, index) => index !== at) });
  }

  protected setSpared(rung: Rung, demand: Demand, on: boolean): void {
    const others = rung.spares.filter((own) => own !== demand);
    this.ladders.changeRung(rung.id, { spares: on ? [...others, demand] : others });
  }

  protected addWait(rung: Rung, value: string): void {
    const [ladderId, rungId] = value.split('|');
    if (!ladderId || !rungId) return;
    this.ladders.changeRung(rung.id, { prerequisites: [...rung.prerequisites, { ladderId, rungId }] });
  }

  protected dropWait(rung: Rung, at: number): void {
    const prerequisites = rung.prerequisites.filter((_, index) => index !== at);
    this.ladders.changeRung(rung.id, { prerequisites });
  }
}
