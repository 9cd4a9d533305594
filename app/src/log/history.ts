import { ChangeDetectionStrategy, Component, computed, effect, inject, input, signal } from '@angular/core';
import { MatListModule } from '@angular/material/list';
import { MatSlideToggle } from '@angular/material/slide-toggle';
import { MatTableModule } from '@angular/material/table';
import { RouterLink } from '@angular/router';
import {
  formatHeld,
  formatLoad,
  formatEstimate,
  leversInWords,
  midSentence,
  SAME_WRITTEN_KG,
  MUSCLE_WORDS,
  type LogEntry,
  type Muscle,
} from '@dray/core';
import { setsInWords, type BestSet } from '@dray/core/late';
import { ChartCanvas } from '../ui/chart-canvas';
import { ChoiceField, type Option } from '../ui/forms/choice-field';
import { plural } from '../ui/count';
import { growing } from '../ui/growing';
import { maximumWords, strengthChart } from '../ui/strength-chart';
import { Table, type Column } from '../ui/table';
import { Whole } from '../ui/whole';
import {
  attendanceFigure,
  day,
  holdsFigure,
  loadFigure,
  setsFigure,
  sidesFigure,
  volumeFigure,
  type Figure,
} from './history-charts';
import { HistoryStore, type Pair } from './history-store';
import { LogHead } from './log-head';
import { Wins } from './wins';

/** Parts of the page that come one after the other. */
const PARTS = 4;
/** Visits that are put on the page at a time. */
const VISITS_AT_ONCE = 6;

type Kind = 'strength' | 'sets' | 'volume' | 'holds' | 'sides' | 'attendance' | 'load';

/** One person's log: where they began and where they are, in pictures that are tables too, and every visit. */
@Component({
  selector: 'dray-history',
  imports: [
    ChartCanvas,
    ChoiceField,
    LogHead,
    MatListModule,
    MatSlideToggle,
    MatTableModule,
    RouterLink,
    Table,
    Whole,
    Wins,
  ],
  providers: [HistoryStore],
  templateUrl: './history.html',
  styles: `
    td:first-child {
      min-width: 94px;
    }
    @media (max-width: 700px) {
      .nowrap {
        white-space: normal;
      }
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'list-and-page' },
})
export class HistoryScreen {
  /** From the route. */
  readonly participant = input<string>();

  protected readonly history = inject(HistoryStore);
  protected readonly pairColumns = ['of', 'then', 'now', 'grown'];
  /** The session is said where its exercises begin. */
  protected readonly pairs = computed(() =>
    this.history.pairs().map((pair, at, all) => ({
      ...pair,
      sessionOnce: pair.session === all[at - 1]?.session ? '' : pair.session,
    })),
  );
  protected readonly dayOf = day;
  protected readonly kinds: readonly Option<Kind>[] = [
    { value: 'strength', words: $localize`strength` },
    { value: 'sets', words: $localize`weekly sets` },
    { value: 'volume', words: $localize`volume` },
    { value: 'holds', words: $localize`holds` },
    { value: 'sides', words: $localize`left and right` },
    { value: 'attendance', words: $localize`visits` },
    { value: 'load', words: $localize`effort` },
  ];
  protected readonly shown = signal<Kind>('strength');
  protected readonly asTable = signal(false);
  protected readonly muscle = signal<Muscle>('thighFront');

  /** What is first and latest, the chart, what is worth saying, and the visits: each is worked out by itself. */
  protected readonly parts = growing(() => (this.history.log().length > 0 ? PARTS : 0), 1);
  private readonly visitsOnPage = growing(() => this.history.days().length, VISITS_AT_ONCE);
  protected readonly days = computed(() => this.history.days().slice(0, this.visitsOnPage()));

  protected readonly muscles = computed(() => {
    const known = new Set(this.history.weeks().flatMap(({ muscles }) => [...muscles.keys()]));
    return (Object.keys(MUSCLE_WORDS) as Muscle[])
      .filter((muscle) => known.has(muscle))
      .map((value) => ({ value, words: MUSCLE_WORDS[value] }));
  });
  protected readonly exercises = computed(() =>
    this.history.exercises().map(({ id, name }) => ({ value: id, words: name })),
  );

  private readonly unit = computed(() => this.history.person()?.unit ?? 'kg');
  private readonly nameOf = (id: string) => this.history.view.catalog().exerciseById(id)?.name ?? id;

  protected readonly figure = computed<Figure | undefined>(() => {
    // Asked for only where they are needed: adding up years takes its time.
    const { weeks } = this.history;
    switch (this.shown()) {
      case 'strength':
        return this.strength();
      case 'sets':
        return setsFigure(weeks(), this.muscle());
      case 'volume':
        return volumeFigure(weeks());
      case 'attendance':
        return attendanceFigure(weeks());
      case 'load':
        return weeks().some(({ load }) => load > 0) ? loadFigure(weeks()) : undefined;
      case 'holds':
        return this.history.holds().size > 0 ? holdsFigure(this.history.holds(), this.nameOf) : undefined;
      case 'sides':
        return this.history.sides().length > 0 ? sidesFigure(this.history.sides(), this.nameOf) : undefined;
    }
  });

  protected readonly rows = computed(() => this.figure()?.rows() ?? []);

  protected readonly nothing = computed(() => {
    const words: Partial<Record<Kind, string>> = {
      holds: $localize`No holds are logged yet.`,
      sides: $localize`Sides were not written down apart yet: type them like “l 8 8 r 10 10”.`,
      load: $localize`Nobody asked how hard it was yet: it is the last column where the class is filled in.`,
      strength: $localize`This exercise says nothing of a maximum.`,
    };
    return words[this.shown()] ?? $localize`Nothing to show yet.`;
  });

  constructor() {
    effect(() => this.history.show(this.participant()));
  }

  private strength(): Figure | undefined {
    const running = this.history.running();
    const exercise = this.history.exercise();
    if (!running || !exercise) return undefined;
    const unit = this.unit();
    const show = (kg: number) => formatEstimate(kg, unit);
    const title = maximumWords(exercise, unit);
    return {
      label: $localize`The maximum in ${midSentence(exercise.name)} with the band it lies in`,
      build: strengthChart(running, unit, title),
      head: ['day', title, 'from', 'to'],
      rows: () =>
        running.path.map((point) => [
          day(point.date),
          show(point.maxKg),
          show(point.lowKg),
          show(point.highKg),
        ]),
    };
  }

  /** The figure's own head as columns of a table. */
  protected columns({ head }: Figure): readonly Column<readonly string[]>[] {
    return head.map((words, at) => ({
      name: `column ${at} ${words}`,
      words,
      cell: (row) => row[at] ?? '',
    }));
  }

  protected best({ loadKg, amount, counted, pair }: BestSet): string {
    const work = counted === 'seconds' ? `${amount} s` : String(amount);
    return loadKg ? $localize`${work} with ${formatHeld(loadKg, this.unit(), pair)}` : work;
  }

  protected versionOf({ exerciseId, rungId, date }: BestSet): string {
    const rung = rungId === undefined ? undefined : this.history.view.catalog().versionByRung.get(rungId);
    return `${rung?.name ?? midSentence(this.nameOf(exerciseId))}, ${day(date)}`;
  }

  /** What changed, in a few signs. */
  protected grown({ then, now }: Pair): string {
    if (then.rungId !== now.rungId) return $localize`another version`;
    const kg = (now.loadKg ?? 0) - (then.loadKg ?? 0);
    if (Math.abs(kg) > SAME_WRITTEN_KG) {
      const change = formatLoad(Math.abs(kg) / (now.pair ? 2 : 1), this.unit());
      return `${kg > 0 ? '+' : '−'}${change}${now.pair ? $localize` each` : ''}`;
    }
    const more = now.amount - then.amount;
    const number = `${more > 0 ? '+' : '−'}${Math.abs(more)}`;
    const words = now.counted === 'seconds' ? 's' : plural(Math.abs(more), $localize`rep`, $localize`reps`);
    return more === 0 ? '=' : `${number} ${words}`;
  }

  protected linesOf(entries: readonly LogEntry[]): { name: string; words: string; notes: string[] }[] {
    const groups = new Map<string, LogEntry[]>();
    for (const entry of entries) {
      const key = `${entry.sessionId} ${entry.slotId} ${entry.exerciseId}`;
      groups.set(key, [...(groups.get(key) ?? []), entry]);
    }
    return [...groups.values()].map((own) => {
      const [first] = own;
      const levers = leversInWords(first?.levers);
      const stood = own.flatMap(({ set, stood: before = [] }) =>
        before.map(({ amount, until }) => $localize`Set ${set} stood at ${amount} until ${day(until)}.`),
      );
      return {
        name: `${this.nameOf(first?.exerciseId ?? '')}${levers ? `, ${levers}` : ''}`,
        words: setsInWords(own, this.unit()),
        notes: [...new Set(own.flatMap(({ note }) => note ?? [])), ...stood],
      };
    });
  }
}
