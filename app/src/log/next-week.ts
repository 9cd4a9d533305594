import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatIcon } from '@angular/material/icon';
import { RouterLink } from '@angular/router';
import { asksForMost, overrideSchema, totalOf } from '@dray/core';
import { evidenceWords, nextWords, pinInWords, whyWords, type Pin, type Way } from '@dray/core/late';
import { defined } from '../data/defined';
import { Beside } from '../ui/beside';
import { Focus } from '../ui/focus';
import { heldLoad } from '../ui/forms/held-load';
import { MassField } from '../ui/forms/mass-field';
import { NumberField } from '../ui/forms/number-field';
import { Shortcuts } from '../ui/keys';
import { growing } from '../ui/growing';
import { Whole } from '../ui/whole';
import { LogHead } from './log-head';
import { NextWeekStore, type Group, type Line } from './next-week-store';

/** A line has its own buttons: so many of them are as much work as a screen of plain ones. */
const LINES_AT_ONCE = 8;

/** What the log says of next week, for the whole class in one list; nothing changes before the coach agrees. */
@Component({
  selector: 'dray-next-week',
  imports: [Beside, LogHead, MassField, MatButton, MatIcon, NumberField, RouterLink, Whole],
  providers: [NextWeekStore],
  templateUrl: './next-week.html',
  styleUrl: './next-week.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'head-and-sheet', '(document:keydown)': 'onKey($event)' },
})
export class NextWeekScreen {
  protected readonly sheet = inject(NextWeekStore);
  private readonly focus = inject(Focus);
  private readonly shortcuts = inject(Shortcuts);
  protected readonly sets = overrideSchema.shape.sets.unwrap();
  protected readonly amount = overrideSchema.shape.amount.unwrap();

  private readonly onPage = growing(
    () => this.sheet.groups().reduce((sum, { lines }) => sum + lines.length, 0),
    LINES_AT_ONCE,
  );
  protected readonly groups = computed(() => {
    let left = this.onPage();
    // What comes, comes below what is there.
    return this.sheet.groups().flatMap((group) => {
      const onPage = Math.min(left, group.lines.length);
      left -= onPage;
      return onPage > 0 ? [{ ...group, onPage }] : [];
    });
  });

  /** What next week would be, with what the coach has changed of it. */
  protected nextWords(line: Line): string {
    const { proposal } = line;
    const changed = this.sheet.changedEntityMap()[proposal.id]?.pin;
    const unit = this.sheet.view.unit();
    return changed
      ? pinInWords({ ...proposal.pin, ...changed }, unit, this.isPair(line))
      : nextWords(proposal, unit);
  }

  protected doneWords({ proposal }: Line): string {
    return evidenceWords(proposal, this.sheet.view.unit());
  }

  protected whyWords(way: Way): string {
    return whyWords(way, this.sheet.view.unit());
  }

  /** The other way on beside a proposal. */
  protected otherWords(way: Way): string {
    return nextWords(way, this.sheet.view.unit());
  }

  /** Whether its amount is in seconds. */
  private inSeconds({ proposal: { next } }: Line): boolean {
    return next?.status === 'ready' && next.work.kind !== 'reps';
  }

  protected amountWord(line: Line): string {
    return this.inSeconds(line) ? $localize`seconds` : $localize`reps`;
  }

  protected loadWord(line: Line): string {
    return this.isPair(line) ? $localize`load each` : $localize`load`;
  }

  protected pinOf({ proposal }: Line): Pin {
    return { ...proposal.pin, ...this.sheet.changedEntityMap()[proposal.id]?.pin };
  }

  /** As it is shown and typed: each hand's of a pair. */
  protected loadOf(line: Line): number | undefined {
    const { loadKg } = this.pinOf(line);
    return loadKg === undefined ? undefined : loadKg / (this.isPair(line) ? 2 : 1);
  }

  /** One in each hand: what is shown and typed is each hand's. */
  protected isPair({ proposal: { next } }: Line): boolean {
    return next?.status === 'ready' && next.load?.hold === 'pair';
  }

  /** Of as many as possible nobody says how many. */
  protected isOpen({ proposal: { next } }: Line): boolean {
    return next?.status === 'ready' && asksForMost(next);
  }

  protected change(
    { proposal }: Line,
    part: { sets?: number | undefined; amount?: number | undefined },
  ): void {
    this.sheet.change(proposal.id, defined(part) as Partial<Pin>);
  }

  protected loadSchema(line: Line) {
    return heldLoad(this.isPair(line));
  }

  protected changeLoad(line: Line, kg: number | undefined): void {
    if (kg !== undefined) this.sheet.change(line.proposal.id, { loadKg: totalOf(kg, this.isPair(line)) });
  }

  protected agree(line: Line, event?: Event): void {
    event?.stopPropagation();
    this.sheet.decide([line.proposal], 'agreed');
    this.onwards(line);
  }

  protected otherWay(line: Line, event?: Event): void {
    event?.stopPropagation();
    this.sheet.decide([line.proposal], 'otherWay');
    this.onwards(line);
  }

  protected decline(line: Line, event?: Event): void {
    event?.stopPropagation();
    this.sheet.decide([line.proposal], 'declined');
    this.onwards(line);
  }

  protected open(line: Line, event?: Event): void {
    event?.stopPropagation();
    this.sheet.undecide(line.proposal);
  }

  protected agreeAll(): void {
    this.agreeTo(this.sheet.together());
  }

  protected agreeGroup(group: Group): void {
    this.agreeTo(group.lines);
  }

  private agreeTo(lines: readonly Line[]): void {
    this.sheet.decide(
      lines.filter(({ state }) => state === 'open').map(({ proposal }) => proposal),
      'agreed',
    );
  }

  /** To the next one that is open. */
  private onwards({ proposal }: Line): void {
    const lines = this.sheet.lines();
    const at = lines.findIndex((line) => line.proposal.id === proposal.id);
    const next =
      lines.slice(at + 1).find(({ state }) => state === 'open') ??
      lines.find(({ state }) => state === 'open');
    if (next) this.sheet.select(next.proposal.id);
    this.focusLine();
  }

  protected onListKey(event: KeyboardEvent): void {
    if (event.key !== 'ArrowDown' && event.key !== 'ArrowUp') return;
    event.preventDefault();
    this.sheet.step(event.key === 'ArrowDown' ? 1 : -1);
    this.focusLine();
  }

  protected onKey(event: KeyboardEvent): void {
    const key = this.shortcuts.of(event);
    const line = this.sheet.selected();
    const open = line?.state === 'open';
    if (!line) return;
    if (key === 'y' && open) this.agree(line);
    if (key === 'r' && open && line.proposal.otherWay) this.otherWay(line);
    if (key === 'n' && open && line.proposal.participantId) this.decline(line);
    if (key === 'o' && !open) this.open(line);
  }

  private focusLine(): void {
    this.focus.afterwards(() => `line-${this.sheet.selected()?.proposal.id.replaceAll(' ', '-') ?? ''}`);
  }
}
