import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatChipsModule } from '@angular/material/chips';
import { MatIcon } from '@angular/material/icon';
import {
  DEMAND_WORDS,
  gateSchema,
  LEVERS,
  PROP_WORDS,
  propSchema,
  TIERS,
  type LeverKind,
  type Prop,
  type Rung,
} from '@dray/core';
import * as z from 'zod';
import { defined } from '../data/defined';
import { ChoiceField, type Option } from '../ui/forms/choice-field';
import { NumberField } from '../ui/forms/number-field';
import { TextField } from '../ui/forms/text-field';
import { otherNames } from './ladder-words';
import { LaddersStore } from './ladders-store';

interface Wait {
  readonly ladderId: string;
  readonly rungId: string;
}

/** One rung of a coach's own ladder: its gate, where the levers stand, what it needs, spares and waits for. */
@Component({
  selector: 'dray-rung-editor',
  imports: [ChoiceField, MatButton, MatChipsModule, MatIcon, NumberField, TextField],
  templateUrl: './rung-editor.html',
  styleUrl: './rung-editor.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class RungEditor {
  protected readonly ladders = inject(LaddersStore);
  protected readonly tiers = TIERS.map((value) => ({ value, words: value }));
  protected readonly props: readonly Option<Prop>[] = propSchema.options.map((value) => ({
    value,
    words: PROP_WORDS[value],
  }));
  protected readonly demandWords = DEMAND_WORDS;
  protected readonly leverFacts = LEVERS;
  protected readonly gate = gateSchema.shape;
  protected readonly otherNames = otherNames;
  protected readonly counted: readonly Option<'reps' | 'seconds'>[] = [
    { value: 'reps', words: $localize`reps` },
    { value: 'seconds', words: $localize`seconds` },
  ];

  protected readonly exercise = computed(() => this.ladders.detail()?.exercise);
  protected readonly demands = computed(() => {
    const exercise = this.exercise();
    return exercise ? [...exercise.demands, ...exercise.demandsLoaded] : [];
  });
  protected readonly waits = computed<readonly Option<Wait>[]>(() =>
    [...this.ladders.view.catalog().ladders.values()]
      .filter(({ id }) => id !== this.ladders.ladder()?.id)
      .flatMap(({ id, name, rungs }) =>
        rungs.map((rung) => ({ value: { ladderId: id, rungId: rung.id }, words: rung.name, group: name })),
      ),
  );
  protected readonly exercises = computed<readonly Option<string>[]>(() =>
    [...this.ladders.view.catalog().exercises.values()]
      .map(({ id, name }) => ({ value: id, words: name }))
      .sort((a, b) => a.words.localeCompare(b.words)),
  );

  protected within(from: number, to: number) {
    return z.number().min(from).max(to).optional();
  }

  protected needWords(need: readonly Prop[]): string {
    return need.map((prop) => PROP_WORDS[prop]).join(' or ');
  }

  protected setGate(rung: Rung, part: { [Key in keyof Rung['gate']]?: Rung['gate'][Key] | undefined }): void {
    this.ladders.changeRung(rung.id, { gate: defined({ ...rung.gate, ...part }) as Rung['gate'] });
  }

  protected setAmount(rung: Rung, value: number | undefined): void {
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

  /** No number takes the setting away: the lever stands at its hard end. */
  protected setLever(rung: Rung, lever: LeverKind, value: number | undefined): void {
    const { [lever]: _, ...levers } = rung.levers;
    this.ladders.changeRung(rung.id, {
      levers: value === undefined ? levers : { ...levers, [lever]: value },
    });
  }

  protected addNeed(rung: Rung, prop: Prop): void {
    const needed = rung.needs.some((need) => need.length === 1 && need[0] === prop);
    if (!needed) this.ladders.changeRung(rung.id, { needs: [...rung.needs, [prop]] });
  }

  protected dropNeed(rung: Rung, at: number): void {
    this.ladders.changeRung(rung.id, { needs: rung.needs.filter((_, index) => index !== at) });
  }

  protected addWait(rung: Rung, wait: Wait): void {
    const waits = rung.prerequisites.some(
      ({ ladderId, rungId }) => ladderId === wait.ladderId && rungId === wait.rungId,
    );
    if (!waits) this.ladders.changeRung(rung.id, { prerequisites: [...rung.prerequisites, wait] });
  }

  protected dropWait(rung: Rung, at: number): void {
    const prerequisites = rung.prerequisites.filter((_, index) => index !== at);
    this.ladders.changeRung(rung.id, { prerequisites });
  }

  protected noNeedSays(need: readonly Prop[]): string {
    return $localize`No longer needs ${this.needWords(need)}`;
  }

  protected noWaitSays(at: number): string {
    return $localize`No longer waits for ${this.ladders.detail()?.waits[at] ?? ''}`;
  }
}
