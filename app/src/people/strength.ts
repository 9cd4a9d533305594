import { formatDate } from '@angular/common';
import { ChangeDetectionStrategy, Component, computed, inject, linkedSignal, LOCALE_ID } from '@angular/core';
import { MatIconButton } from '@angular/material/button';
import { MatIcon } from '@angular/material/icon';
import { MatRadioModule } from '@angular/material/radio';
import { MatTableModule } from '@angular/material/table';
import { MatTooltip } from '@angular/material/tooltip';
import {
  estimateInWords,
  formatEstimate,
  formatHeld,
  SURE_SD,
  tierFor,
  type KnownSet,
  type MassUnit,
} from '@dray/core';
import { ChartCanvas } from '../ui/chart-canvas';
import { counted } from '../ui/count';
import { ChoiceField } from '../ui/forms/choice-field';
import { Notice } from '../ui/notice';
import { Pages, rowsOn } from '../ui/pages';
import { countedTogether, maximumWords, strengthChart } from '../ui/strength-chart';
import { TierGlyph } from '../ui/tier-glyph';
import { Whole } from '../ui/whole';
import { PeopleStore } from './people-store';
import { SetForm } from './set-form';

/** A set as its row shows it, or several of a day that were the same. */
interface SetRow {
  readonly set: KnownSet;
  readonly day: string;
  readonly load: string;
  readonly reps: string;
  readonly left: string;
  readonly implied: string;
}

/** Whether two sets differ in nothing. */
function same(a: KnownSet, b: KnownSet): boolean {
  return (Object.keys({ ...a, ...b }) as (keyof KnownSet)[]).every((key) => a[key] === b[key]);
}

/** Things that follow one another and are alike, together. */
function runsOf<T>(things: readonly T[], alike: (a: T, b: T) => boolean): [T, ...T[]][] {
  const runs: [T, ...T[]][] = [];
  for (const thing of things) {
    const run = runs.at(-1);
    if (run && alike(run[0], thing)) run.push(thing);
    else runs.push([thing]);
  }
  return runs;
}

/** What was held in a set, as it is said everywhere: of a pair each hand’s. */
function loadInWords({ loadKg, hold }: Pick<KnownSet, 'loadKg' | 'hold'>, unit: MassUnit): string {
  return loadKg === undefined ? $localize`body weight` : formatHeld(loadKg, unit, hold === 'pair');
}

/** How strong a person is: what is known, how surely, and from which sets. */
@Component({
  selector: 'dray-strength',
  imports: [
    ChartCanvas,
    ChoiceField,
    MatIcon,
    MatIconButton,
    MatRadioModule,
    MatTableModule,
    MatTooltip,
    Pages,
    SetForm,
    TierGlyph,
    Whole,
  ],
  templateUrl: './strength.html',
  styleUrl: './strength.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Strength {
  protected readonly people = inject(PeopleStore);
  private readonly notice = inject(Notice);
  private readonly locale = inject(LOCALE_ID);
  protected readonly unit = computed(() => this.people.person()?.unit ?? 'kg');
  protected readonly exercises = computed(() =>
    this.people.exercises().map(({ exercise, sets }) => ({
      value: exercise.id,
      words: sets > 0 ? `${exercise.name} · ${sets}` : exercise.name,
    })),
  );
  protected readonly numbers: readonly { name: string; cell: (row: SetRow) => string }[] = [
    { name: $localize`load`, cell: ({ load }) => load },
    { name: $localize`reps`, cell: ({ reps }) => reps },
    { name: $localize`left`, cell: ({ left }) => left },
    { name: $localize`alone it says`, cell: ({ implied }) => implied },
  ];

  protected readonly tier = computed(() => {
    const [person, exercise] = [this.people.person(), this.people.exercise()];
    return person && exercise ? tierFor(person, exercise.pattern) : undefined;
  });

  protected readonly chart = computed(() => {
    const [running, exercise] = [this.people.running(), this.people.exercise()];
    const unit = this.unit();
    return running && exercise && strengthChart(running, unit, maximumWords(exercise, unit));
  });

  /** The estimate in words: how much, how surely, which way, and what is made of it. */
  protected readonly summary = computed(() => {
    const running = this.people.running();
    if (!running) return undefined;
    const { standardError, own, carried, trend, wild, unreadable } = running;
    const exercise = this.people.exercise();
    const both = exercise ? countedTogether(exercise) : '';
    const unit = this.unit();
    const percent = Math.round(standardError * 100);
    const count = (n: number, words: string) => `${counted(n, $localize`set`, $localize`sets`)} ${words}`;
    const rests =
      own + carried === 0
        ? $localize`a guess from body mass and experience`
        : [
            own > 0 ? count(own, $localize`of it`) : '',
            carried > 0 ? count(carried, $localize`of related exercises`) : '',
          ]
            .filter(Boolean)
            .join($localize` and `);
    const together = both === '' ? '' : `${both}, `;
    const sure = Math.abs(trend.percentPerWeek) > 1.645 * trend.standardErrorPercent;
    const perWeek = $localize`${trend.percentPerWeek > 0 ? '+' : '−'}${Math.abs(trend.percentPerWeek).toFixed(1)} % a week`;
    return {
      max: formatEstimate(running.maxKg, unit),
      band: $localize`${formatEstimate(running.lowKg, unit)} to ${estimateInWords(running.highKg, unit)} in nine of ten cases`,
      rests: $localize`${together}from ${rests}, ±${percent} %`,
      trend: own + carried < 2 ? '' : sure ? perWeek : $localize`no clear trend (${perWeek})`,
      low:
        standardError > SURE_SD
          ? $localize`Little is known, so loads are set from the low side.`
          : $localize`Known well enough to set loads from the middle.`,
      remarks: [
        ...wild.map(({ observation, impliedKg, expectedKg, believed }) => {
          const load = loadInWords(observation.set ?? observation, unit);
          const set = $localize`${this.dayOf(observation.date)}:day:: ${observation.reps} with ${load}:load:`;
          const says = $localize`says ${estimateInWords(impliedKg, unit)}, where ${estimateInWords(expectedKg, unit)} was expected`;
          return believed
            ? $localize`${set} ${says}. The visit before said the same, so it counts.`
            : $localize`${set} ${says}. Held back until another visit says the same; check it for a slip.`;
        }),
        ...unreadable.map(
          ({ reps, date }) =>
            $localize`${this.dayOf(date)}:day:: ${reps} reps are more than the equation holds for; left out.`,
        ),
      ],
    };
  });

  /** The equations as dots on one line, so that their disagreement is seen. */
  protected readonly formulas = computed(() => {
    const all = this.people.byFormula();
    const values = all.map(({ maxKg }) => maxKg);
    const [low, high] = [Math.min(...values), Math.max(...values)];
    const span = Math.max(high - low, high * 0.02);
    const middle = (low + high) / 2;
    const chosen = this.people.person()?.formula;
    return {
      rows: all.map(({ formula, name, equation, maxKg }) => ({
        formula,
        name,
        equation,
        max: formatEstimate(maxKg, this.unit()),
        x: 50 + ((maxKg - middle) / span) * 84,
        chosen: formula === chosen,
      })),
      spread: $localize`They differ by ${estimateInWords(high - low, this.unit())}, ${Math.round((high / low - 1) * 100)} %, for these sets.`,
    };
  });

  protected readonly sets = computed(() => {
    const known = new Set(this.people.person()?.knownSets);
    const { exerciseById, rungById } = this.people.view.catalog();
    const newestFirst = [...this.people.restsOn()].sort((a, b) => b.set.date.localeCompare(a.set.date));
    // What was written down by hand stands by itself: it can be deleted.
    return runsOf(newestFirst, ({ set: a }, { set: b }) => !known.has(a) && !known.has(b) && same(a, b)).map(
      ([{ set, impliedKg }, ...others]) => {
        return {
          set,
          day: this.dayOf(set.date),
          name: exerciseById(set.exerciseId)?.name ?? set.exerciseId,
          version: (set.rungId === undefined ? undefined : rungById(set.rungId)?.name) ?? '',
          load: loadInWords(set, this.unit()),
          reps: others.length > 0 ? `${others.length + 1} × ${set.reps}` : String(set.reps),
          left: set.reserve === undefined ? '?' : String(set.reserve),
          implied: impliedKg === undefined ? '' : estimateInWords(impliedKg, this.unit()),
          mine: known.has(set),
          on: set.exerciseId === this.people.exercise()?.id,
        };
      },
    );
  });

  protected readonly pageOf = 12;
  private readonly ofWhat = computed(
    () => `${this.people.person()?.id ?? ''} ${this.people.exercise()?.id ?? ''}`,
  );
  /** Of another person, or another exercise, one begins with the latest. */
  protected readonly page = linkedSignal<string, number>({
    source: this.ofWhat,
    computation: () => 0,
  });
  protected readonly shownSets = computed(() => rowsOn(this.sets(), this.page(), this.pageOf));
  protected readonly columns = computed(() => [
    'day',
    'exercise',
    ...this.numbers.map(({ name }) => name),
    ...(this.shownSets().some(({ mine }) => mine) ? ['delete'] : []),
  ]);

  protected remove(set: KnownSet): void {
    this.people.removeSet(set);
    this.notice.done($localize`The set is deleted.`);
  }

  /** A day, with its year where that is another. */
  private dayOf(date: string): string {
    const year = this.people.today.slice(0, 4);
    return formatDate(date, date.startsWith(year) ? 'd MMM' : 'd MMM y', this.locale);
  }

  protected takeOutSays(day: string): string {
    return $localize`Delete the set of ${day}`;
  }
}
