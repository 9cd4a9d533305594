import { CdkDrag, CdkDropList, CdkDropListGroup, type CdkDragDrop } from '@angular/cdk/drag-drop';
import {
  ChangeDetectionStrategy,
  Component,
  computed,
  DestroyRef,
  DOCUMENT,
  effect,
  inject,
  signal,
} from '@angular/core';
import {
  DEFAULT_WHOLE_CAP_PERCENT,
  formatMass,
  LEAST_WEEKS,
  MOST_WEEKS,
  WEEKDAY_WORDS,
  WHOLE_CAP_PERCENT,
} from '@dray/core';
import { programToCalendar } from '@dray/core/late';
import { format, parseISO } from 'date-fns';
import { download } from '../ui/download';
import { Focus } from '../ui/focus';
import { SchemeChoice } from '../ui/scheme-choice';
import { PROJECT, type Path } from '../workers/project';
import { RAMP_BOX } from './effort-ramp';
import { ProgramStore, type CalendarDay, type DayClass } from './program-store';

/** Weeks by days: when what is trained, what each muscle gets of it, and where it is too much too soon. */
@Component({
  selector: 'dray-program',
  imports: [CdkDrag, CdkDropList, CdkDropListGroup, SchemeChoice],
  providers: [ProgramStore],
  templateUrl: './program.html',
  styleUrl: './program.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'beside-rail' },
})
export class ProgramScreen {
  protected readonly program = inject(ProgramStore);
  private readonly project = inject(PROJECT);
  private readonly page = inject(DOCUMENT);
  private readonly focus = inject(Focus);

  protected readonly words = WEEKDAY_WORDS;
  protected readonly weeksRange = { least: LEAST_WEEKS, most: MOST_WEEKS };
  protected readonly capRange = WHOLE_CAP_PERCENT;
  protected readonly rampBox = RAMP_BOX;
  protected readonly usualCap = DEFAULT_WHOLE_CAP_PERCENT;
  protected readonly people = computed(() => this.program.documents.document()?.participants ?? []);
  protected readonly unit = computed(() => this.program.view.unit());
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

  // What to expect, from the worker; asked again when anything it rests on changes.

  protected readonly paths = signal<readonly Path[]>([]);
  protected readonly waiting = signal(false);
  private abort = new AbortController();

  constructor() {
    effect(() => {
      const document = this.program.documents.document();
      const own = this.program.program();
      const person = this.program.person();
      if (!document || !own || !person) return;
      this.abort.abort();
      this.abort = new AbortController();
      const { signal: asked } = this.abort;
      this.waiting.set(true);
      const question = {
        document,
        programId: own.id,
        participantId: person.id,
        today: this.program.view.today(),
      };
      void this.project(question, asked)
        .then((paths) => {
          if (asked.aborted) return;
          this.paths.set(paths);
          this.waiting.set(false);
        })
        .catch(() => this.waiting.set(false));
    });
    inject(DestroyRef).onDestroy(() => this.abort.abort());
  }

  protected dateOf(date: string): string {
    return format(parseISO(date), 'd MMM');
  }

  protected round(sets: number): string {
    return String(Math.round(sets * 10) / 10);
  }

  protected kg(kg: number): string {
    return formatMass(kg, this.unit());
  }

  protected sessionName(id: string): string {
    return this.program.sessions().find((session) => session.id === id)?.name ?? '';
  }

  /** What would be worth buying, in words. */
  protected buy({ purchase }: Path): string {
    const best = purchase?.best;
    return best ? `; or ${best.addition.words} more in the kit` : '';
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
      this.program.takeOut(one.week, one.index);
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
}
