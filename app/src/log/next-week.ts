import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { RouterLink } from '@angular/router';
import { formatMass, readMass, totalOf } from '@dray/core';
import { evidenceWords, nextWords, pinInWords, whyWords, type Pin, type Way } from '@dray/core/late';
import { Focus } from '../ui/focus';
import { isShortcut } from '../ui/keys';
import { LogHead } from './log-head';
import { NextWeekStore, type Group, type Line } from './next-week-store';

/** What the log says of next week, for the whole class in one list; nothing changes before the coach agrees. */
@Component({
  selector: 'dray-next-week',
  imports: [LogHead, RouterLink],
  providers: [NextWeekStore],
  templateUrl: './next-week.html',
  styleUrl: './next-week.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'beside-rail', '(document:keydown)': 'onKey($event)' },
})
export class NextWeekScreen {
  protected readonly sheet = inject(NextWeekStore);
  private readonly focus = inject(Focus);
  protected readonly problem = signal('');

  /** What next week would be, with what the coach has changed of it. */
  protected nextWords(line: Line): string {
    const { proposal } = line;
    const changed = this.sheet.changed()[proposal.id];
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
  protected inSeconds({ proposal: { next } }: Line): boolean {
    return next?.status === 'ready' && next.work.kind !== 'reps';
  }

  protected pinOf({ proposal }: Line): Pin {
    return { ...proposal.pin, ...this.sheet.changed()[proposal.id] };
  }

  protected loadOf(line: Line): string {
    const { loadKg } = this.pinOf(line);
    return loadKg === undefined
      ? ''
      : formatMass(loadKg / (this.isPair(line) ? 2 : 1), this.sheet.view.unit());
  }

  /** One in each hand: what is shown and typed is each hand's. */
  protected isPair({ proposal: { next } }: Line): boolean {
    return next?.status === 'ready' && next.load?.hold === 'pair';
  }

  protected change({ proposal }: Line, field: 'sets' | 'amount', value: number): void {
    const most = field === 'sets' ? 20 : 3600;
    const good = Number.isInteger(value) && value >= 1 && value <= most;
    this.problem.set(good ? '' : `A whole number from 1 to ${most}.`);
    if (good) this.sheet.change(proposal.id, { [field]: value });
  }

  protected changeLoad(line: Line, text: string): void {
    const { proposal } = line;
    const typed = readMass(text, this.sheet.view.unit());
    const loadKg = typed === undefined ? undefined : totalOf(typed, this.isPair(line));
    const good = loadKg !== undefined && loadKg > 0 && loadKg <= 500;
    this.problem.set(good ? '' : `“${text}” is no load up to 500 kg.`);
    if (good) this.sheet.change(proposal.id, { loadKg });
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
    this.agreeTo(this.sheet.lines());
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
    if (!isShortcut(event)) return;
    const line = this.sheet.selected();
    const open = line?.state === 'open';
    if (!line) return;
    if (event.key === 'y' && open) this.agree(line);
    if (event.key === 'r' && open && line.proposal.otherWay) this.otherWay(line);
    if (event.key === 'n' && open && line.proposal.participantId) this.decline(line);
    if (event.key === 'o' && !open) this.open(line);
  }

  private focusLine(): void {
    this.focus.afterwards(() => `line-${this.sheet.selected()?.proposal.id.replaceAll(' ', '-') ?? ''}`);
  }
}
