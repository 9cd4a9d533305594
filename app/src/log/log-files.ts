import { DatePipe } from '@angular/common';
import {
  ChangeDetectionStrategy,
  Component,
  computed,
  DestroyRef,
  DOCUMENT,
  inject,
  linkedSignal,
  signal,
} from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatIcon } from '@angular/material/icon';
import { MatProgressBar } from '@angular/material/progress-bar';
import { MatStepperModule } from '@angular/material/stepper';
import {
  LOG_FIELD_NAMES,
  LOG_FIELDS,
  type LogField,
  type LogMapping,
  type LogPreview,
} from '@dray/core/late';
import { inTurns, logIndex, type DrayDocument } from '@dray/core';
import { DocumentStore } from '../state/document-store';
import { ViewStore } from '../state/view-store';
import { download } from '../ui/download';
import { counted } from '../ui/count';
import { FileButton } from '../ui/file-button';
import { ChoiceField, type Option } from '../ui/forms/choice-field';
import { growing } from '../ui/growing';
import { LOG_CSV, type LogCsvFound, type LogCsvTalk } from '../workers/log-csv';

/** A choice with all the headings of a file is as much work as a screen of lines. */
const FIELDS_AT_ONCE = 3;

const DATE_ORDERS: readonly LogPreview['dateOrder'][] = ['year first', 'day first', 'month first'];

/** The log as CSV, out and in: which column is what, what cannot be read and why, and nothing kept before the coach agrees. */
@Component({
  selector: 'dray-log-files',
  imports: [ChoiceField, DatePipe, FileButton, MatButton, MatIcon, MatProgressBar, MatStepperModule],
  template: `
    <button i18n matButton [disabled]="!!busy()" (click)="write()">Save the log as CSV</button>
    <dray-file-button i18n accept=".csv,text/csv" (chosen)="look($event)">Import a CSV</dray-file-button>
    @if (busy(); as words) {
      <p class="hint" role="status">{{ words }}</p>
      <mat-progress-bar
        [mode]="share() > 0 ? 'determinate' : 'indeterminate'"
        [value]="share() * 100"
        [attr.aria-label]="words"
      />
    }
    @if (preview(); as seen) {
      <mat-stepper orientation="vertical" [selectedIndex]="step()" (selectedIndexChange)="step.set($event)">
        <ng-template matStepperIcon="edit"><mat-icon svgIcon="check" /></ng-template>
        <mat-step i18n-label label="What each column is">
          <!-- So many fields take their time to lay out, folded away too. -->
          <div data-testid="log-mapping" [hidden]="step() > 0">
            <p i18n class="hint">
              {{ name() }}: {seen.lines, plural, =1 {1 line} other {{{ seen.lines }} lines}}
            </p>
            @for (field of fields(); track field) {
              <dray-choice
                class="full"
                [label]="words[field].words + (words[field].needed ? ' *' : '')"
                [value]="mapping()[field]"
                [options]="headings()"
                (chosen)="map(field, $event)"
              />
            }
            <dray-choice
              class="full"
              i18n-label
              label="dates are written"
              [value]="order()"
              [options]="orders"
              (chosen)="order.set($event)"
            />
            @if (seen.dateOrderGuessed) {
              <p i18n class="problem">The dates fit two orders: say which.</p>
            }
            <button i18n matButton="outlined" [disabled]="!!busy()" (click)="check()">Look through it</button>
          </div>
        </mat-step>
        <mat-step i18n-label label="What can be imported">
          @if (found(); as result) {
            <div data-testid="log-found">
              <p i18n>
                {result.good, plural, =1 {1 set} other {{{ result.good }} sets}} of
                {result.people, plural, =1 {1 person} other {{{ result.people }} people}}
              </p>
              @if (result.good > 0) {
                <p class="hint">
                  @if (result.from === result.to) {
                    <ng-container i18n>on {{ result.from | date: 'd MMM y' }}</ng-container>
                  } @else {
                    <ng-container i18n
                      >{{ result.from | date: 'd MMM y' }} to {{ result.to | date: 'd MMM y' }}</ng-container
                    >
                  }
                </p>
              }
              @if (result.bad > 0) {
                <p i18n class="problem" role="alert">
                  {result.bad, plural, =1 {1 line} other {{{ result.bad }} lines}} cannot be read:
                </p>
                <ul class="lines framed">
                  @for (problem of result.problems; track problem.line) {
                    <li i18n>line {{ problem.line }}: {{ problem.sentence }}</li>
                  }
                </ul>
              }
              <button
                i18n
                matButton="outlined"
                class="above"
                [disabled]="!!busy() || result.good === 0"
                (click)="keep()"
              >
                @if (result.bad > 0) {
                  Import the good ones
                } @else {
                  Import them
                }
              </button>
            </div>
          } @else {
            <p i18n class="hint">Look through it first.</p>
          }
        </mat-step>
      </mat-stepper>
      <button i18n matButton (click)="leave()">Leave it</button>
    }
    @if (done()) {
      <p class="hint" role="status">{{ done() }}</p>
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

  private readonly onPage = growing(() => (this.preview() ? LOG_FIELD_NAMES.length : 0), FIELDS_AT_ONCE);
  protected readonly fields = computed(() => LOG_FIELD_NAMES.slice(0, this.onPage()));
  protected readonly words = LOG_FIELDS;
  protected readonly orders = DATE_ORDERS.map((value) => ({ value, words: value }));
  protected readonly headings = computed<readonly Option<string | undefined>[]>(() => [
    { value: undefined, words: '–' },
    ...(this.preview()?.headings ?? []).map((heading) => ({ value: heading, words: heading })),
  ]);

  protected readonly name = signal('');
  protected readonly busy = signal('');
  protected readonly share = signal(0);
  protected readonly preview = signal<LogPreview | undefined>(undefined);
  protected readonly mapping = signal<LogMapping>({});
  protected readonly order = signal<LogPreview['dateOrder']>('year first');
  protected readonly found = signal<LogCsvFound | undefined>(undefined);
  /** What was found is shown at once; the columns can be gone back to. */
  protected readonly step = linkedSignal<number>(() => (this.found() ? 1 : 0));
  protected readonly done = signal('');
  private readonly about = computed(() => {
    const document = this.documents.document();
    if (!document) return undefined;
    const { participants, sessions, exercises, ladders, programs, settings } = document;
    return { document: { participants, sessions, exercises, ladders, programs }, unit: settings.unit };
  });

  constructor() {
    inject(DestroyRef).onDestroy(() => this.talk?.end());
  }

  protected async look(file: File): Promise<void> {
    this.leave();
    this.talk = this.open();
    this.name.set(file.name);
    await this.during($localize`Looking at it …`, async (talk) => {
      const preview = await talk.ask({ kind: 'look', file });
      this.preview.set(preview);
      this.mapping.set(preview.mapping);
      this.order.set(preview.dateOrder);
    });
  }

  protected map(field: LogField, heading: string | undefined): void {
    this.mapping.update(({ [field]: _old, ...others }) =>
      heading ? { ...others, [field]: heading } : others,
    );
    this.found.set(undefined);
  }

  protected async check(): Promise<void> {
    const about = this.about();
    if (!about) return;
    await this.during($localize`Reading …`, async (talk) => {
      const question = { kind: 'read', mapping: this.mapping(), dateOrder: this.order(), ...about } as const;
      this.found.set(await talk.ask(question, (share) => this.share.set(share)));
    });
  }

  protected async keep(): Promise<void> {
    await this.documents.settled();
    await this.during($localize`Taking it in …`, async (talk) => {
      const { kept } = await talk.ask({ kind: 'keep' }, (share) => this.share.set(share));
      await this.documents.readLogAgain((document) => this.workOut(document));
      this.leave();
      this.done.set($localize`${counted(kept, $localize`set`, $localize`sets`)} imported.`);
    });
  }

  /** Person by person, with room in between for the page: everybody's strength rests on what has come in. */
  private async workOut(document: DrayDocument): Promise<void> {
    const session = this.view.session();
    if (!session) return;
    const rest = () => new Promise((resolve) => setTimeout(resolve));
    const turned = inTurns(document, session.id).document;
    logIndex(turned.log);
    for (const { id } of turned.participants) {
      await rest();
      this.view.resolver.card(turned, {
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
    await this.during($localize`Writing …`, async (talk) => {
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
        $localize`That did not work: ${error instanceof Error ? error.message : $localize`unknown reason`}. Nothing was kept.`,
      );
    } finally {
      this.busy.set('');
    }
  }
}
