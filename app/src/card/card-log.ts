import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { dateIn, logIndex, programWeek, type Cell, type LogEntry, type MassUnit } from '@dray/core';
import { askedAmounts, logSets, readSets, setsInWords } from '@dray/core/late';
import { DocumentStore } from '../state/document-store';
import { ViewStore } from '../state/view-store';

/** Under a line of the card: done as written in one tap, or in a few words; never on paper. */
@Component({
  selector: 'dray-card-log',
  template: `
    @if (ready()) {
      @if (entries().length > 0 && !typing()) {
        <span class="did" data-testid="card-done">
          <svg width="13" height="12" viewBox="0 0 11 11" aria-hidden="true">
            <path d="M1 6L4.2 9.4L10 1.6" />
          </svg>
          {{ words() }}
        </span>
        <button type="button" class="plain" (click)="typing.set(true)">put it right</button>
      } @else {
        @if (!typing()) {
          <button type="button" class="button" [disabled]="underWay()" (click)="keep('')">
            Done as written
          </button>
          <button type="button" class="plain" (click)="typing.set(true)">not quite …</button>
        } @else {
          <input
            #box
            class="field"
            type="text"
            aria-label="What was done"
            placeholder="10 10 8, 2 left"
            (input)="text.set(box.value)"
            (keydown.enter)="keep(box.value)"
            (keydown.escape)="typing.set(false)"
          />
          <button type="button" class="button" [disabled]="underWay()" (click)="keep(box.value)">
            Write it down
          </button>
          @if (problem()) {
            <p class="problem" role="alert">{{ problem() }}</p>
          }
        }
      }
    }
  `,
  styles: `
    :host {
      grid-column: 2 / -1;
      display: flex;
      flex-wrap: wrap;
      align-items: center;
      gap: 6px 10px;
      padding: 4px 0 2px;
    }
    .field {
      flex: 1;
      min-width: 150px;
      font-size: 17px;
      min-height: 40px;
    }
    .button,
    .plain {
      min-height: 40px;
    }
    .did {
      font-size: 15px;
      font-weight: 600;
    }
    svg {
      fill: none;
      stroke: var(--sea);
      stroke-width: 2;
    }
    .problem {
      width: 100%;
    }
    @media print {
      :host {
        display: none;
      }
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CardLog {
  readonly cell = input.required<Cell>();
  readonly sessionId = input.required<string>();
  readonly unit = input.required<MassUnit>();

  private readonly documents = inject(DocumentStore);
  private readonly view = inject(ViewStore);
  protected readonly typing = signal(false);
  protected readonly text = signal('');
  protected readonly underWay = signal(false);

  protected readonly ready = computed(() => {
    const cell = this.cell();
    return cell.status === 'ready' ? cell : undefined;
  });
  protected readonly entries = computed<readonly LogEntry[]>(() => {
    const { participantId, slotId, week } = this.cell();
    const log = this.documents.document()?.log ?? [];
    return logIndex(log)
      .ofCell(participantId, slotId)
      .filter((entry) => entry.week === week);
  });
  protected readonly words = computed(() => setsInWords(this.entries(), this.unit()));
  protected readonly problem = computed(() => {
    const cell = this.ready();
    const read =
      cell &&
      readSets(this.text(), {
        amounts: askedAmounts(cell),
        unit: this.unit(),
        pair: cell.load?.hold === 'pair',
      });
    return read && !read.ok ? read.sentence : '';
  });

  protected async keep(text: string): Promise<void> {
    const cell = this.ready();
    const read =
      cell &&
      readSets(text, { amounts: askedAmounts(cell), unit: this.unit(), pair: cell.load?.hold === 'pair' });
    if (!cell || !read?.ok) return;
    const program = this.view.program();
    const day = programWeek(program, cell.week)?.days.find(({ sessionId }) => sessionId === this.sessionId());
    const { put, gone } = logSets(cell, read.sets, this.entries(), {
      sessionId: this.sessionId(),
      date: program && day ? dateIn(program, cell.week, day.weekday) : this.view.today(),
      now: new Date().toISOString(),
      newId: () => crypto.randomUUID(),
    });
    this.underWay.set(true);
    // The card moves on only when the sets are on the disk.
    const kept = await this.documents.record(`${put.length} sets`, put, gone);
    this.underWay.set(false);
    if (kept) {
      this.typing.set(false);
      this.text.set('');
    }
  }
}
