import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import {
  LEVERS,
  PATTERN_WORDS,
  patternSchema,
  TIERS,
  type Ladder,
  type LeverKind,
  type Pattern,
  type Tier,
} from '@dray/core';
import * as z from 'zod';
import { ChoiceField, type Option } from '../ui/forms/choice-field';
import { NumberField } from '../ui/forms/number-field';
import { PeopleStore } from './people-store';

/** Where a person stands: by tier for a pattern, or on a rung of a ladder, a lever moved between two of them. */
@Component({
  selector: 'dray-standing',
  imports: [ChoiceField, NumberField],
  template: `
    <h3 i18n>Tier by pattern</h3>
    <div class="columns">
      @for (row of patterns(); track row.pattern) {
        <dray-choice
          [label]="row.words"
          [value]="row.tier"
          [options]="tiers()"
          (chosen)="setTier(row.pattern, $event)"
        />
      }
    </div>
    <h3 i18n>Rung by ladder</h3>
    <div class="columns">
      @for (row of ladders(); track row.ladder.id) {
        <div>
          <dray-choice
            class="full"
            [label]="row.ladder.name"
            [value]="row.standing"
            [options]="row.rungs"
            (chosen)="setRung(row.ladder.id, $event)"
          />
          @for (lever of row.levers; track lever.lever) {
            <dray-number
              class="tight full"
              [named]="row.ladder.name + ', ' + lever.name"
              [before]="lever.name"
              [after]="lever.unit"
              [value]="lever.value"
              [schema]="lever.schema"
              (saved)="setLever(row.ladder.id, lever.lever, $event)"
            />
          }
        </div>
      }
    </div>
  `,
  styles: `
    .columns {
      --columns: repeat(auto-fill, minmax(190px, 1fr));
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Standing {
  private readonly people = inject(PeopleStore);

  protected readonly tiers = computed<readonly Option<Tier | undefined>[]>(() => [
    { value: undefined, words: $localize`${this.people.person()?.tier ?? ''}, as a whole` },
    ...TIERS.map((value) => ({ value, words: value })),
  ]);

  private readonly allLadders = computed(() => [...this.people.view.catalog().ladders.values()]);

  protected readonly patterns = computed(() =>
    patternSchema.options
      .filter((pattern) => this.allLadders().some((ladder) => ladder.pattern === pattern))
      .map((pattern) => ({
        pattern,
        words: PATTERN_WORDS[pattern],
        tier: this.people.person()?.tiers[pattern],
      })),
  );

  protected readonly ladders = computed(() =>
    this.allLadders().map((ladder) => {
      const standing = this.people.person()?.rungs[ladder.id];
      const rungs: readonly Option<string | undefined>[] = [
        { value: undefined, words: $localize`by tier` },
        ...ladder.rungs.map(({ id, name }) => ({ value: id, words: name })),
      ];
      return { ladder, standing, rungs, levers: this.leversOf(ladder, standing) };
    }),
  );

  private leversOf(ladder: Ladder, standing: string | undefined) {
    const rung = ladder.rungs.find(({ id }) => id === standing);
    const own = this.people.person()?.levers?.[ladder.id];
    const exercise = this.people.view.catalog().exerciseById(rung?.exerciseId ?? '');
    return (Object.entries(rung?.levers ?? {}) as [LeverKind, number][]).map(([lever, value]) => {
      const { name, unit } = LEVERS[lever];
      const range = exercise?.levers.find((known) => known.lever === lever);
      const goes = range && $localize`goes from ${range.from} to ${range.to} ${unit}`;
      const schema = range && z.number(goes).min(range.from, goes).max(range.to, goes);
      return { lever, name, unit, schema, value: own?.[lever] ?? value };
    });
  }

  protected setTier(pattern: Pattern, tier: Tier | undefined): void {
    const { [pattern]: _old, ...others } = this.people.person()?.tiers ?? {};
    this.people.amend({ tiers: tier === undefined ? others : { ...others, [pattern]: tier } }, 'tier');
  }

  protected setRung(ladderId: string, rungId: string | undefined): void {
    const { [ladderId]: _old, ...others } = this.people.person()?.rungs ?? {};
    const { [ladderId]: _moved, ...levers } = this.people.person()?.levers ?? {};
    this.people.amend(
      { rungs: rungId === undefined ? others : { ...others, [ladderId]: rungId }, levers },
      'rung',
    );
  }

  protected setLever(ladderId: string, lever: LeverKind, value: number | undefined): void {
    if (value === undefined) return;
    const all = this.people.person()?.levers ?? {};
    this.people.amend({ levers: { ...all, [ladderId]: { ...all[ladderId], [lever]: value } } }, 'lever');
  }
}
