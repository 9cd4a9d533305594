import {
  ChangeDetectionStrategy,
  Component,
  computed,
  DestroyRef,
  DOCUMENT,
  inject,
  signal,
} from '@angular/core';
import {
  LOG_FIELD_NAMES,
  LOG_FIELDS,
  type LogField,
  type LogMapping,
  type LogPreview,
} from '@dray/core/late';
import { logIndex, type DrayDocument } from '@dray/core';
import { DocumentStore } from '../state/document-store';
import { ViewStore } from '../state/view-store';
import { download } from '../ui/download';
import { LOG_CSV, type LogCsvFound, type LogCsvTalk } from '../workers/log-csv';

const DATE_ORDERS: readonly LogPreview['dateOrder'][] = ['year first', 'day first', 'month first'];

/** The log as CSV, out and in: which column is what, what cannot be read and why, and nothing kept before the coach agrees. */
@Component({
  selector: 'dray-log-files',
  template: `
    <button type="button" class="plain" [disabled]="busy()" (click)="write()">save the log as CSV</button>
    <label class="plain pick">
      take in a CSV …
      <input #file class="sr" type="file" accept=".csv,text/csv" (change)="look(file)" />
    </label>
    @if (busy(); as words) {
      <p class="hint" role="status">{{ words }}</p>
      <progress [value]="share()" max="1"></progress>
    }
    @if (preview(); as seen) {
      <div data-testid="log-mapping">
        <p class="hint">{{ name() }}: {{ seen.lines }} lines. What each column is:</p>
        <div class="fields">
          @for (field of fields; track field) {
            <label>
              <span>{{ words[field].words }}{{ words[field].needed ? ' *' : '' }}</span>
              <select class="field" (change)="map(field, $any($event.target).value)">
                <option value="">–</option>
                @for (heading of seen.headings; track heading) {
                  <option [value]="heading" [selected]="mapping()[field] === heading">{{ heading }}</option>
                }
              </select>
            </label>
          }
          <label>
            <span>dates are written</span>
            <select class="field" (change)="order.set($any($event.target).value)">
              @for (known of orders; track known) {
                <option [value]="known" [selected]="order() === known">{{ known }}</option>
              }
            </select>
          </label>
        </div>
        @if (seen.dateOrderGuessed) {
          <p class="problem">The dates fit two orders: say which.</p>
        }
        <button type="button" class="button" [disabled]="!!busy()" (click)="check()">Look through it</button>
        <button type="button" class="plain" (click)="leave()">leave it</button>
      </div>
    }
    @if (found(); as result) {
      <div data-testid="log-found">
        <p>
          <b>{{ result.good }}</b> sets of {{ result.people }}
          {{ result.people === 1 ? 'person' : 'people' }} can be taken in{{
            result.good > 0 ? ', from ' + result.from + ' to ' + result.to : ''
          }}.
        </p>
        @if (result.bad > 0) {
          <p class="problem" role="alert">
            {{ result.bad }} {{ result.bad === 1 ? 'line' : 'lines' }} cannot be read:
          </p>
          <ul>
            @for (problem of result.problems; track problem.line) {
              <li>line {{ problem.line }}: {{ problem.sentence }}</li>
            }
          </ul>
        }
        <button type="button" class="button" [disabled]="!!busy() || result.good === 0" (click)="keep()">
          {{ result.bad > 0 ? 'Take in the good ones' : 'Take them in' }}
        </button>
        <button type="button" class="plain" (click)="leave()">leave it</button>
      </div>
    }
    @if (done()) {
      <p class="hint" role="status">{{ done() }}</p>
    }
  `,
  styles: `
    .plain {
      display: block;
      margin-left: -6px;
      font-size: 13px;
      text-align: left;
    }
    .pick {
      cursor: pointer;
      width: max-content;
    }
    .pick:focus-within {
      outline: 2px solid var(--sea);
    }
    .hint,
    li {
      font-size: 12.5px;
      color: var(--ink-2);
    }
    ul {
      margin: 4px 0 8px;
      padding-left: 16px;
      max-height: 180px;
      overflow: auto;
    }
    .fields label {
      display: grid;
      grid-template-columns: 1fr 1fr;
      font-size: 12.5px;
      color: var(--ink-2);
      align-items: baseline;
    }
    .fields .field {
      font-size: 12.5px;
    }
    .button {
      margin-top: 8px;
    }
    progress {
      width: 100%;
      height: 4px;
      accent-color: var(--sea);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LogFiles {
  private readonly documents = inject(DocumentStore);
  private readonly view = inject(ViewStore);
  private readonly open = inject(LOG_CSV);
  private readonly page = inject(DOCUMENT);
  private talk: LogCsvTalk | undefined;

  protected readonly fields = LOG_FIELD_NAMES;
  protected readonly words = LOG_FIELDS;
  protected readonly orders = DATE_ORDERS;

  protected readonly name = signal('');
  protected readonly busy = signal('');
  protected readonly share = signal(0);
  protected readonly preview = signal<LogPreview | undefined>(undefined);
  protected readonly mapping = signal<LogMapping>({});
  protected readonly order = signal<LogPreview['dateOrder']>('year first');
  protected readonly found = signal<LogCsvFound | undefined>(undefined);
  protected readonly done = signal('');
  private readonly about = computed(() => {
    const document = this.documents.document();
    if (!document) return undefined;
    const { participants, sessions, exercises, ladders, settings } = document;
    return { document: { participants, sessions, exercises, ladders }, unit: settings.unit };
  });

  constructor() {
    inject(DestroyRef).onDestroy(() => this.talk?.end());
  }

  protected async look(input: HTMLInputElement): Promise<void> {
    const file = input.files?.[0];
    input.value = '';
    if (!file) return;
    this.leave();
    this.talk = this.open();
    this.name.set(file.name);
    await this.during('Looking at it …', async (talk) => {
      const preview = await talk.ask({ kind: 'look', file });
      this.preview.set(preview);
      this.mapping.set(preview.mapping);
      this.order.set(preview.dateOrder);
    });
  }

  protected map(field: LogField, heading: string): void {
    this.mapping.update(({ [field]: _old, ...others }) =>
      heading ? { ...others, [field]: heading } : others,
    );
    this.found.set(undefined);
  }

  protected async check(): Promise<void> {
    const about = this.about();
    if (!about) return;
    await this.during('Reading …', async (talk) => {
      const question = { kind: 'read', mapping: this.mapping(), dateOrder: this.order(), ...about } as const;
      this.found.set(await talk.ask(question, (share) => this.share.set(share)));
    });
  }

  protected async keep(): Promise<void> {
    await this.documents.settled();
    await this.during('Taking it in …', async (talk) => {
      const { kept } = await talk.ask({ kind: 'keep' }, (share) => this.share.set(share));
      await this.documents.readLogAgain((document) => this.workOut(document));
      this.leave();
      this.done.set(`${kept} sets taken in.`);
    });
  }

  /** Person by person, with room in between for the page: everybody's strength rests on what has come in. */
  private async workOut(document: DrayDocument): Promise<void> {
    const session = this.view.session();
    if (!session) return;
    const rest = () => new Promise((resolve) => setTimeout(resolve));
    logIndex(document.log);
    for (const { id } of document.participants) {
      await rest();
      this.view.resolver.card(document, {
        participantId: id,
        sessionId: session.id,
        week: this.view.week(),
      });
    }
    await rest();
  }

  protected async write(): Promise<void> {
    const about = this.about();
    if (!about) return;
    await this.documents.settled();
    this.talk ??= this.open();
    await this.during('Writing …', async (talk) => {
      download(this.page, 'log.csv', await talk.ask({ kind: 'write', ...about }));
    });
  }

  protected leave(): void {
    this.talk?.end();
    this.talk = undefined;
    this.preview.set(undefined);
    this.found.set(undefined);
    this.done.set('');
  }

  private async during(words: string, run: (talk: LogCsvTalk) => Promise<void>): Promise<void> {
    if (!this.talk) return;
    this.busy.set(words);
    this.share.set(0);
    this.done.set('');
    try {
      await run(this.talk);
    } catch (error) {
      this.done.set(
        `That did not work: ${error instanceof Error ? error.message : 'unknown reason'}. Nothing was kept.`,
      );
    } finally {
      this.busy.set('');
    }
  }
}
