import {
  afterNextRender,
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  type ElementRef,
  inject,
  signal,
  untracked,
  viewChild,
} from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatInput } from '@angular/material/input';
import { RouterLink } from '@angular/router';
import type { Session, Slot } from '@dray/core';
import {
  formatSession,
  keepIds,
  saidKey,
  sourceNames,
  type SessionProblem,
  type SessionReading,
} from '@dray/core/late';
import { LONG_TEXT, textReading } from '../state/text-reading';
import { ReadingOn } from '../ui/reading-on';
import { PlanStore } from './plan-store';

const MOST_OFFERED = 6;

/** Something that could not be read, as it stands below the text. */
interface Unsettled extends SessionProblem {
  readonly line: number;
  readonly before: string;
  readonly piece: string;
}

/**
 * The session as text. What can be read counts at once; what cannot be read yet stays as it is and is listed below, each with its
 * place and what may be meant, to be settled one by one. Nothing that hangs on an exercise is lost while its line is being written anew.
 */
@Component({
  selector: 'dray-session-text',
  imports: [MatButton, MatInput, ReadingOn, RouterLink],
  templateUrl: './session-text-view.html',
  styleUrl: './session-text-view.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SessionTextView {
  private readonly plan = inject(PlanStore);
  private readonly area = viewChild.required<ElementRef<HTMLTextAreaElement>>('area');

  private readonly key = computed(() => `text ${this.plan.view.session()?.id ?? ''}`);
  private readonly canonical = computed(() => {
    const session = this.plan.view.session();
    return session ? formatSession(session, this.plan.view.catalog(), this.plan.view.unit()) : '';
  });
  /** What is being typed; undefined shows the session itself. */
  private readonly typed = signal<string | undefined>(undefined);
  protected readonly text = computed(() => this.typed() ?? this.plan.draftOf(this.key()) ?? this.canonical());
  private readonly caret = signal(0);
  /** The session as it was when typing began: the one whose slots keep their ids. */
  private readonly begun = signal<Session | undefined>(undefined);

  protected readonly read = textReading(() => {
    const session = this.plan.view.session();
    const text = this.typed() ?? this.plan.draftOf(this.key());
    return session && text !== undefined ? { text, base: session, unit: this.plan.view.unit() } : undefined;
  });
  private readonly reading = this.read.reading;

  protected readonly unsettled = computed<readonly Unsettled[]>(() => {
    const text = this.text();
    let line = 1;
    let counted = 0;
    return (this.reading()?.problems ?? []).map((problem) => {
      const { at, length } = problem;
      const lineStart = text.lastIndexOf('\n', at - 1) + 1;
      line += text.slice(counted, lineStart).split('\n').length - 1;
      counted = lineStart;
      return {
        ...problem,
        line,
        before: text.slice(lineStart, at),
        piece: text.slice(at, at + length) || '…',
      };
    });
  });
  /** Whether what could be read stands in the session already, or waits for a line that an exercise hangs on. */
  protected readonly waiting = computed(() => {
    const session = this.plan.view.session();
    const reading = this.reading();
    return session && reading ? this.loses(reading, this.begun() ?? session) : false;
  });

  /** Names that begin as the word at the caret does, while it is not one itself. */
  protected readonly offered = computed(() => {
    const text = this.text();
    const at = this.caret();
    const start = text.lastIndexOf('\n', at - 1) + 1;
    const typed = /(?:^|[-;,/]|then|straight into)\s*([\p{L}][\p{L} '-]+)$/iu.exec(
      text.slice(start, at),
    )?.[1];
    if (this.typed() === undefined || typed === undefined) return undefined;
    // What is read as work behind a comma is no beginning of a name: "squats 15, slow".
    if (this.isAllRead() && /,\s*$/u.test(text.slice(start, at - typed.length))) return undefined;
    const names = sourceNames(this.plan.view.catalog()).offers(typed, MOST_OFFERED);
    return names.length > 0 ? { from: at - typed.length, to: at, names } : undefined;
  });

  constructor() {
    afterNextRender(() => {
      const area = this.area().nativeElement;
      // An empty session is written on from its end; a full one is read from its start.
      const at = this.plan.slots().length === 0 ? area.value.length : 0;
      area.setSelectionRange(at, at);
      area.focus({ preventScroll: true });
    });
    // A session chosen anew, or undone under the typing hand, is shown as it is.
    effect(() => {
      const canonical = this.canonical();
      untracked(() => {
        const reading = this.reading();
        const session = this.plan.view.session();
        if (!reading || reading.problems.length > 0 || !session) return;
        const read = formatSession(reading.session, this.plan.view.catalog(), this.plan.view.unit());
        if (read !== canonical) this.typed.set(undefined);
      });
    });
    // A line that was settled elsewhere: an exercise of one's own has been written for it.
    effect(() => {
      const reading = this.reading();
      untracked(() => {
        if (!reading || this.plan.draftOf(this.key()) === undefined || reading.problems.length > 0) return;
        if (this.text().length > LONG_TEXT) return;
        this.onInput(this.text());
        this.onBlur();
      });
    });
    // A long text that has been read meanwhile.
    effect(() => {
      const reading = this.read.arrived();
      untracked(() => {
        // One that was only opened again, with lines still to settle, waits for the hand: as a short one does.
        if (!reading || (this.typed() === undefined && reading.problems.length > 0)) return;
        this.takeIn(reading);
        const area = this.area().nativeElement;
        if (area.ownerDocument.activeElement !== area) this.onBlur();
      });
    });
    // The exercise chosen in the timeline is the line chosen here.
    effect(() => {
      const selected = this.plan.selected()?.id;
      const area = this.area().nativeElement;
      untracked(() => {
        if (selected === undefined || this.typed() !== undefined || selected === this.slotAt(this.caret()))
          return;
        const at = this.lineOf(selected);
        if (at !== undefined && area.ownerDocument.activeElement === area) area.setSelectionRange(at, at);
      });
    });
  }

  protected onInput(text: string): void {
    if (!this.begun()) this.begun.set(this.plan.view.session());
    this.typed.set(text);
    this.moved();
    const reading = this.reading();
    if (reading) this.takeIn(reading);
    // A long one is kept as it is until it has been read.
    else this.plan.keepDraft(this.key(), text);
  }

  /** What could be read counts; a text of which something could not is kept as it is. */
  private takeIn(reading: SessionReading): void {
    const unread = reading.problems.length > 0;
    if (unread || this.plan.draftOf(this.key()) !== undefined) {
      this.plan.keepDraft(this.key(), unread ? this.text() : undefined);
    }
    if (this.waiting()) return;
    this.plan.retype((before) => keepIds(this.begun() ?? before, reading.session));
  }

  /** A long text that takes too long, or was not meant: the session stands as it stood. */
  protected stopReading(): void {
    this.begun.set(undefined);
    this.plan.keepDraft(this.key(), undefined);
    this.typed.set(undefined);
    this.area().nativeElement.focus();
  }

  /**
   * Taking what could be read would take out the exercise whose line is being typed, or one on which something hangs: its log, what
   * was set by hand, and while most of the session stays, how it grows. A text put in the place of another takes out the rest.
   */
  private loses({ session, problems }: SessionReading, before: Session): boolean {
    if (problems.length === 0) return false;
    const slotsOf = ({ blocks }: Session) => blocks.flatMap(({ slots }) => slots);
    const kept = new Set(slotsOf(keepIds(before, session)).map(({ id }) => id));
    const lost = slotsOf(before).filter(({ id }) => !kept.has(id));
    const document = this.plan.documents.document();
    const hangs = ({ id }: Slot) =>
      [...(document?.log ?? []), ...(document?.overrides ?? [])].some(({ slotId }) => slotId === id);
    const all = slotsOf(before).length;
    const grows = lost.length < all / 2 && lost.some(({ scheme }) => scheme !== undefined);
    return lost.length === 1 || grows || lost.some(hangs);
  }

  private isAllRead(): boolean {
    return this.reading()?.problems.length === 0;
  }

  /** One of the things that may be meant, in the place of what could not be read. */
  protected settle({ at, length, unknown }: Unsettled, name: string): void {
    const names = sourceNames(this.plan.view.catalog());
    const source = names.find(name);
    const area = this.area().nativeElement;
    if (unknown !== undefined) this.plan.remember(saidKey(unknown), name);
    area.setRangeText(source ? names.nameOf(source) : name, at, at + length, 'end');
    area.focus();
    this.onInput(area.value);
  }

  protected onKey(event: KeyboardEvent): void {
    const [first] = this.offered()?.names ?? [];
    if (event.key === 'Tab' && !event.shiftKey && first !== undefined) {
      event.preventDefault();
      this.take(first);
    }
  }

  protected take(name: string): void {
    const offered = this.offered();
    const area = this.area().nativeElement;
    if (!offered) return;
    area.setRangeText(name, offered.from, offered.to, 'end');
    area.focus();
    this.onInput(area.value);
  }

  protected onBlur(): void {
    const taken = this.reading() !== undefined && !this.waiting();
    this.begun.set(undefined);
    if (this.isAllRead()) this.typed.set(undefined);
    if (taken) this.plan.textDone();
  }

  /** The line the caret stands in is the exercise that is selected. */
  protected moved(): void {
    this.caret.set(this.area().nativeElement.selectionStart);
    const slotId = this.slotAt(this.caret());
    if (slotId !== undefined && slotId !== this.plan.selected()?.id) this.plan.select(slotId);
  }

  private slotAt(caret: number): string | undefined {
    const before = this.text().slice(0, caret);
    const line =
      this.text()
        .slice(before.lastIndexOf('\n') + 1)
        .split('\n', 1)[0] ?? '';
    if (!/^\s*-/u.test(line)) return undefined;
    const nth = before
      .split('\n')
      .filter((own, at, all) => /^\s*-/u.test(at === all.length - 1 ? line : own)).length;
    return this.plan.slots()[nth - 1]?.id;
  }

  private lineOf(slotId: string): number | undefined {
    const nth = this.plan.slots().findIndex(({ id }) => id === slotId);
    const lines = [...this.text().matchAll(/^\s*- /gmu)];
    return lines[nth]?.index;
  }
}
