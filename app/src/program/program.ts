import { CdkDrag, CdkDropList, CdkDropListGroup, type CdkDragDrop } from '@angular/cdk/drag-drop';
import { DatePipe, DecimalPipe } from '@angular/common';
import { ChangeDetectionStrategy, Component, computed, DOCUMENT, inject, linkedSignal } from '@angular/core';
import { MatButton, MatIconButton } from '@angular/material/button';
import { MatCheckbox } from '@angular/material/checkbox';
import { MatIcon } from '@angular/material/icon';
import { MatMenuModule } from '@angular/material/menu';
import { MatProgressBar } from '@angular/material/progress-bar';
import { MatTableModule } from '@angular/material/table';
import { MatTooltip } from '@angular/material/tooltip';
import {
  DEFAULT_WHOLE_CAP_PERCENT,
  formatHeld,
  LEAST_WEEKS,
  MOST_WEEKS,
  programSchema,
  WEEKDAY_WORDS,
  WHOLE_CAP_PERCENT,
} from '@dray/core';
import { programToCalendar } from '@dray/core/late';
import * as z from 'zod';
import { download } from '../ui/download';
import { Focus } from '../ui/focus';
import { Beside } from '../ui/beside';
import { ChoiceField, type Option } from '../ui/forms/choice-field';
import { DateField } from '../ui/forms/date-field';
import { NumberField } from '../ui/forms/number-field';
import { TextField } from '../ui/forms/text-field';
import { TimeField } from '../ui/forms/time-field';
import { growing } from '../ui/growing';
import { Notice } from '../ui/notice';
import { SchemeChoice } from '../ui/scheme-choice';
import { Whole } from '../ui/whole';
import type { Path } from '../workers/project';
import { Closing } from './closing';
import { RAMP_BOX } from './effort-ramp';
import type { CalendarDay, DayClass } from './calendar';
import { ProgramStore, type HeatRow } from './program-store';

const WEEKS_WORDS = $localize`goes from ${LEAST_WEEKS} to ${MOST_WEEKS}; a longer program is followed by another`;
const CAP_WORDS = $localize`goes from ${WHOLE_CAP_PERCENT.least} to ${WHOLE_CAP_PERCENT.most} %`;

const named = ({ id, name }: { readonly id: string; readonly name: string }): Option<string> => ({
  value: id,
  words: name,
});

/** The head, the calendar, what each muscle gets, what to expect, what stands beside it. */
const PARTS = 5;
/** A week has a checkbox and its days' classes: more at once than these would hold the page up. */
const WEEKS_AT_ONCE = 4;

/** A class that would be added. */
interface Adding {
  readonly sessionId: string | undefined;
  readonly weekday: number | undefined;
}

/** Weeks by days: when what is trained, what each muscle gets of it, and where it is too much too soon. */
@Component({
  selector: 'dray-program',
  imports: [
    Beside,
    CdkDrag,
    CdkDropList,
    CdkDropListGroup,
    ChoiceField,
    Closing,
    DateField,
    DatePipe,
    DecimalPipe,
    MatButton,
    MatCheckbox,
    MatIcon,
    MatIconButton,
    MatMenuModule,
    MatProgressBar,
    MatTableModule,
    MatTooltip,
    NumberField,
    SchemeChoice,
    TextField,
    TimeField,
    Whole,
  ],
  providers: [ProgramStore],
  templateUrl: './program.html',
  styleUrl: './program.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'head-and-sheet' },
})
export class ProgramScreen {
  protected readonly program = inject(ProgramStore);
  private readonly page = inject(DOCUMENT);
  private readonly focus = inject(Focus);

  private readonly notice = inject(Notice);

  /** One with every breath: all at once would hold the page up. */
  protected readonly parts = growing(() => PARTS, 1);
  private readonly onPage = growing(
    () => (this.parts() > 1 ? this.program.calendar().length : 0),
    WEEKS_AT_ONCE,
  );
  protected readonly weeks = computed(() => this.program.calendar().slice(0, this.onPage()));
  protected readonly coming = computed(() => this.weeks().length < this.program.calendar().length);

  protected readonly words = WEEKDAY_WORDS;
  protected readonly shape = programSchema.shape;
  protected readonly weeksSchema = z
    .int(WEEKS_WORDS)
    .min(LEAST_WEEKS, WEEKS_WORDS)
    .max(MOST_WEEKS, WEEKS_WORDS);
  protected readonly capSchema = z
    .number(CAP_WORDS)
    .min(WHOLE_CAP_PERCENT.least, CAP_WORDS)
    .max(WHOLE_CAP_PERCENT.most, CAP_WORDS);
  protected readonly rampBox = RAMP_BOX;
  protected readonly usualCap = DEFAULT_WHOLE_CAP_PERCENT;

  protected readonly programs = computed(() => this.program.programs().map(named));
  protected readonly placeable = computed(() => this.program.placeable().map(named));
  protected readonly people = computed(() => this.program.documents.people().map(named));
  protected readonly weekdays = computed(() =>
    this.program.weekdays().map((value) => ({ value, words: WEEKDAY_WORDS[value - 1] ?? '' })),
  );
  protected readonly columns = computed(() => [
    'of',
    ...this.program.calendar().map(({ week }) => `week ${week}`),
  ]);
  protected readonly hasCeiling = (_: number, path: Path) => path.ceiling !== undefined;
  protected readonly byMuscle = (_: number, { muscle }: HeatRow) => muscle;
  protected readonly bySlot = (_: number, { slotId }: Path) => slotId;
  protected readonly fromWeek = computed(() => this.program.selected()?.week ?? this.program.presentWeek());

  private readonly addable = computed(() => ({
    sessions: this.program.placeable().map(({ id }) => id),
    weekdays: this.program.weekdays(),
  }));
  /** The class that would be added: the first there is, until another is chosen. */
  protected readonly adding = linkedSignal<ReturnType<typeof this.addable>, Adding>({
    source: this.addable,
    computation: ({ sessions, weekdays }, before) => ({
      sessionId: sessions.find((id) => id === before?.value.sessionId) ?? sessions[0],
      weekday: weekdays.find((day) => day === before?.value.weekday) ?? weekdays[0],
    }),
  });

  private readonly unit = computed(() => this.program.view.unit());
  /** Muscles that get anything at all. */
  protected readonly heat = computed(() =>
    this.program.heat().filter(({ cells }) => cells.some(({ sets }) => sets > 0)),
  );

  /** The same conflict in many weeks is one line. */
  protected readonly conflicts = computed(() => {
    const byWords = new Map<string, number[]>();
    for (const { words, after } of this.program.conflicts())
      byWords.set(words, [...(byWords.get(words) ?? []), after.week]);
    return [...byWords].map(([words, weeks]) => ({ words, weeks: weeks.join(', ') }));
  });

  protected readonly weekdayNow = computed(() => {
    const one = this.program.selected();
    const week = this.program.program()?.weeks.find((own) => own.week === one?.week);
    return one && week?.days[one.index]?.weekday;
  });

  protected load({ kg, pair }: { readonly kg?: number | undefined; readonly pair: boolean }): string {
    return kg === undefined ? '' : formatHeld(kg, this.unit(), pair);
  }

  protected sessionName(id: string): string {
    return this.program.sessions().find((session) => session.id === id)?.name ?? '';
  }

  /** What would be worth buying, in words. */
  protected buy({ purchase }: Path): string {
    const best = purchase?.best;
    return best ? $localize`; or ${best.addition.words} more in the kit` : '';
  }

  protected add(part: { sessionId?: string | undefined; weekday?: number | undefined }): void {
    this.adding.update((adding) => ({ ...adding, ...part }));
  }

  /** The focus goes on to the class after it: from what comes to stand in the rail a key would change how all of them grow. */
  protected takeOut(gone: DayClass): void {
    this.program.takeOut(gone.week, gone.index);
    this.notice.done($localize`The class is deleted.`);
    this.focus.afterwards(() => {
      const classes = this.program.calendar().flatMap(({ days }) => days.flatMap((day) => day.classes));
      const next = classes.find(({ date }) => date >= gone.date) ?? classes.at(-1);
      return next ? `class-${next.week}-${next.index}` : '';
    });
  }

  protected remove(): void {
    this.program.remove();
    this.notice.done($localize`The program is deleted.`);
  }

  protected archive(): void {
    const own = this.program.program();
    if (!own) return;
    this.program.documents.archive('programs', own.id);
    this.notice.done($localize`${own.name} is archived; its classes and sets are kept.`);
  }

  protected bringBack(id: string): void {
    this.program.documents.bringBack('programs', id);
    this.program.show(id);
  }

  protected drop({ item, container }: CdkDragDrop<CalendarDay, CalendarDay, DayClass>): void {
    const { week, index } = item.data;
    this.program.select(week, index);
    this.program.move(week, index, container.data.weekday);
  }

  protected onKey(event: KeyboardEvent): void {
    const one = this.program.selected();
    if (!one) return;
    if (event.altKey && (event.key === 'ArrowLeft' || event.key === 'ArrowRight')) {
      event.preventDefault();
      const days = this.program.weekdays();
      const at = days.indexOf(this.weekdayNow() ?? 1) + (event.key === 'ArrowLeft' ? -1 : 1);
      const weekday = days[at];
      if (weekday === undefined) return;
      this.program.move(one.week, one.index, weekday);
      this.focus.afterwards(() => `class-${one.week}-${one.index}`);
    } else if (event.key === 'Delete') {
      this.takeOut(one);
    }
  }

  protected exportCalendar(): void {
    const document = this.program.documents.document();
    const own = this.program.program();
    if (!document || !own) return;
    const text = programToCalendar(document, own, `${this.program.view.today()}T00:00:00Z`);
    download(
      this.page,
      `${own.name.toLowerCase().replaceAll(/[^a-z0-9]+/g, '-')}.ics`,
      text,
      'text/calendar',
    );
  }

  /** What is seen on it, and where it stands. */
  protected classSays(
    { session, week, cancelled, logged, conflict, ramp }: DayClass,
    weekday: number,
  ): string {
    const state = cancelled
      ? $localize`cancelled`
      : logged
        ? $localize`done`
        : $localize`${ramp.minutes} min`;
    const soon = conflict ? $localize` too soon` : '';
    return $localize`${session.name} ${state}${soon}, week ${week}, ${WEEKDAY_WORDS[weekday - 1] ?? ''}`;
  }
}
