import { Clipboard } from '@angular/cdk/clipboard';
import { DatePipe } from '@angular/common';
import {
  afterNextRender,
  ChangeDetectionStrategy,
  Component,
  computed,
  DOCUMENT,
  inject,
  Injector,
  input,
  LOCALE_ID,
  signal,
} from '@angular/core';
import { MatIconButton } from '@angular/material/button';
import { MatDialog } from '@angular/material/dialog';
import { MatIcon } from '@angular/material/icon';
import { MatMenuModule } from '@angular/material/menu';
import { MatTooltip } from '@angular/material/tooltip';
import { Router, RouterLink } from '@angular/router';
import type { Participant } from '@dray/core';
import { sheetToJson, sheetToText, type HomeSheet } from '@dray/core/late';
import { firstValueFrom } from 'rxjs';
import { DocumentStore } from '../state/document-store';
import { ViewStore } from '../state/view-store';
import { counted } from '../ui/count';
import { download } from '../ui/download';
import { ChoiceField } from '../ui/forms/choice-field';
import { Notice } from '../ui/notice';
import { SessionPicker } from '../ui/session-picker';
import { WeekRamp } from '../ui/week-ramp';
import { ResultsDialog, type ResultsData } from './results-dialog';
import { Sheet } from './sheet';
import { homeSheetOf, sheetFile, Sheets } from './sheet-view';

/** What is printed, and how. */
interface Printing {
  readonly everyone?: boolean;
  /** Two to a page. */
  readonly two?: boolean;
  readonly large?: boolean;
}

/** One person's sheet for a class, in their own unit: to look at on a phone, to print, or to send home and get back. */
@Component({
  selector: 'dray-card',
  imports: [
    ChoiceField,
    MatIcon,
    MatIconButton,
    MatMenuModule,
    MatTooltip,
    RouterLink,
    SessionPicker,
    Sheet,
    WeekRamp,
  ],
  templateUrl: './card.html',
  styleUrl: './card.scss',
  host: { class: 'scrolls', '(window:afterprint)': 'printing.set({})' },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CardScreen {
  /** From the route. */
  readonly participant = input<string>();

  private readonly view = inject(ViewStore);
  private readonly documents = inject(DocumentStore);
  private readonly sheets = inject(Sheets);
  private readonly router = inject(Router);
  private readonly page = inject(DOCUMENT);
  private readonly injector = inject(Injector);
  private readonly clipboard = inject(Clipboard);
  private readonly notice = inject(Notice);
  private readonly dialogs = inject(MatDialog);
  private readonly dates = new DatePipe(inject(LOCALE_ID));

  protected readonly printing = signal<Printing>({});
  protected readonly people = this.documents.people;
  protected readonly choices = computed(() =>
    this.people().map(({ id, name }) => ({ value: id, words: name })),
  );
  protected readonly person = computed(
    () =>
      this.people().find(({ id }) => id === this.participant()) ??
      (this.participant() ? undefined : this.people()[0]),
  );
  /** Everybody, as they are laid on pages. */
  protected readonly pages = computed(() => {
    const people = this.people();
    const each = this.printing().two ? 2 : 1;
    return people.flatMap((_, at): Participant[][] => (at % each === 0 ? [people.slice(at, at + each)] : []));
  });

  protected go(participantId: string | undefined): void {
    if (participantId !== undefined) void this.router.navigate(['/card', participantId]);
  }

  /** Lays it out and opens the browser's own print, which saves a PDF too. */
  protected print(printing: Printing): void {
    this.printing.set(printing);
    afterNextRender(() => this.page.defaultView?.print(), { injector: this.injector });
  }

  protected copyText(): void {
    const sheet = this.homeSheet();
    if (!sheet) return;
    const copied = this.clipboard.copy(
      sheetToText(sheet, this.dates.transform(sheet.date, 'EEE d MMMM') ?? sheet.date),
    );
    this.notice.say(
      copied
        ? $localize`${sheet.person}’s card is copied: paste it into a message. What comes back is written down here too.`
        : $localize`The browser does not let Dray copy: save it as a file instead.`,
    );
  }

  protected saveFile(): void {
    const sheet = this.homeSheet();
    const person = this.person();
    if (sheet && person) {
      download(this.page, sheetFile(person, sheet.date), sheetToJson(sheet), 'application/json');
    }
  }

  protected async takeResults(): Promise<void> {
    const person = this.person();
    if (!person) return;
    const dialog = this.dialogs.open<ResultsDialog, ResultsData, number>(ResultsDialog, {
      data: { participantId: person.id },
      width: '560px',
      maxWidth: '96vw',
    });
    const kept = await firstValueFrom(dialog.afterClosed());
    if (kept) this.notice.done($localize`${counted(kept, $localize`set`, $localize`sets`)} written down.`);
  }

  /** Something else for this person in this place. */
  protected async another(slotId: string): Promise<void> {
    const { openCell } = await import('../board/cell-dialog');
    openCell(this.dialogs, { participantId: this.person()?.id, slotId });
  }

  private homeSheet(): HomeSheet | undefined {
    const person = this.person();
    const sheet = person && this.sheets.of(person.id);
    const place = this.view.placeOf(this.view.week());
    return sheet && place && homeSheetOf(sheet, place, this.view.turn()?.date ?? this.view.today());
  }
}
