import { DatePipe, formatDate } from '@angular/common';
import { ChangeDetectionStrategy, Component, inject, LOCALE_ID } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatDialog } from '@angular/material/dialog';
import { MatIcon } from '@angular/material/icon';
import { MatRadioModule } from '@angular/material/radio';
import { RouterLink } from '@angular/router';
import {
  CAUTION_RULES,
  CLINICIAN_FIRST,
  STOP_SIGNS,
  SUBJECT_WORDS,
  timingSchema,
  TIMING_WORDS,
  USUAL_TIMING,
  type MassUnit,
  type TimingKey,
} from '@dray/core';
import { firstValueFrom } from 'rxjs';
import type { Snapshot } from '../data/dray-db';
import { MeasuredTimes } from '../floor/measured-times';
import { FrontClass } from '../state/front-class';
import { Keeper } from '../state/keeper';
import { ThemeChoice, type Theme } from '../state/theme';
import { FileButton } from '../ui/file-button';
import { NumberField } from '../ui/forms/number-field';
import { Shortcuts, type ShortcutChoice } from '../ui/keys';
import { Notice } from '../ui/notice';
import { sizeWords } from '../ui/count';
import { Table, type Column } from '../ui/table';
import { IncomingDialog, type IncomingAsked } from './incoming-dialog';
import { SettingsStore } from './settings-store';

const RULES = CAUTION_RULES.map(({ condition, words, source }) => ({
  condition: SUBJECT_WORDS[condition],
  words,
  source,
}));

/** Units, theme, the document out and in, and the usual cautions. */
@Component({
  selector: 'dray-settings',
  imports: [
    DatePipe,
    FileButton,
    MatButton,
    MatIcon,
    MatRadioModule,
    MeasuredTimes,
    NumberField,
    RouterLink,
    Table,
  ],
  providers: [SettingsStore],
  templateUrl: './settings.html',
  styleUrl: './settings.scss',
  host: { class: 'scrolls' },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SettingsScreen {
  protected readonly settings = inject(SettingsStore);
  protected readonly front = inject(FrontClass);
  protected readonly themes = inject(ThemeChoice);
  protected readonly keeper = inject(Keeper);
  private readonly locale = inject(LOCALE_ID);
  private readonly dialogs = inject(MatDialog);
  private readonly notice = inject(Notice);

  protected readonly times = (Object.keys(TIMING_WORDS) as TimingKey[]).map((key) => ({
    key,
    words: TIMING_WORDS[key],
    usual: USUAL_TIMING[key],
    schema: timingSchema.shape[key],
  }));
  protected readonly units: readonly MassUnit[] = ['kg', 'lb'];
  protected readonly themeNames: readonly { theme: Theme; name: string }[] = [
    { theme: 'system', name: $localize`as the device` },
    { theme: 'light', name: $localize`light` },
    { theme: 'dark', name: $localize`dark` },
  ];
  protected readonly size = sizeWords;
  protected readonly shortcuts = inject(Shortcuts);
  protected readonly shortcutNames: readonly { choice: ShortcutChoice; name: string }[] = [
    { choice: 'alone', name: $localize`one key` },
    { choice: 'alt', name: $localize`with Alt` },
    { choice: 'off', name: $localize`none` },
  ];
  protected readonly stopSigns = STOP_SIGNS;
  protected readonly clinicianFirst = CLINICIAN_FIRST;
  protected readonly rules = RULES;
  protected readonly ruleColumns: readonly Column<(typeof RULES)[number]>[] = [
    { name: 'condition', words: $localize`Where`, cell: ({ condition }) => condition },
    { name: 'words', words: $localize`What Dray does`, cell: ({ words }) => words },
    { name: 'source', words: $localize`Source`, cell: ({ source }) => source },
  ];

  constructor() {
    void this.keeper.look().catch(() => undefined);
  }

  protected async save(): Promise<void> {
    const name = await this.keeper.save();
    if (name !== undefined) this.notice.say($localize`Saved: ${name}.`);
  }

  protected async keepForGood(): Promise<void> {
    if (await this.keeper.keepForGood()) return;
    this.notice.say(
      $localize`The browser does not promise it. Install Dray from the browser’s menu and ask again, and save backups meanwhile.`,
    );
  }

  protected backTo({ at }: Snapshot): string {
    return $localize`Go back … to ${this.stood(at)}:time:`;
  }

  /** Shows what going back would change, and does it or leaves it. */
  protected async goBackTo({ id, at }: Snapshot): Promise<void> {
    try {
      await this.settings.offerSnapshot(id, this.stood(at));
      await this.decide();
    } catch (error) {
      this.notice.say(error instanceof Error ? error.message : String(error));
    }
  }

  /** A day and time as the reader writes them. */
  protected stood(at: string): string {
    return formatDate(at, 'EEEE d MMMM, HH:mm', this.locale);
  }

  protected async readFile(file: File): Promise<void> {
    await this.settings.readFile(file);
    await this.decide();
  }

  /** The class that is put away comes to the front, and this one goes in its place. */
  protected async change(): Promise<void> {
    try {
      await this.front.change();
      this.notice.say(
        this.front.front() === 'demo'
          ? $localize`This is the boatyard. Your class is put away.`
          : $localize`Your class is back as it was.`,
      );
    } catch (error) {
      const why = error instanceof Error ? error.message : '';
      this.notice.say($localize`The class that is put away cannot be read, and stays where it is. ${why}`);
    }
  }

  protected async offerDemo(): Promise<void> {
    await this.settings.offerDemo();
    await this.decide();
  }

  /** Shows what would come in, and takes it in or leaves it. */
  private async decide(): Promise<void> {
    const incoming = this.settings.incoming();
    if (!incoming) return;
    const data: IncomingAsked = { incoming, keepFirst: () => void this.save() };
    const dialog = this.dialogs.open<IncomingDialog, IncomingAsked, boolean>(IncomingDialog, {
      data,
      role: 'alertdialog',
    });
    if (!(await firstValueFrom(dialog.afterClosed()))) {
      this.settings.leave();
      return;
    }
    await this.settings.takeIn();
    this.notice.say(
      incoming.front ? $localize`Imported: ${incoming.from}.` : $localize`This is ${incoming.from} again.`,
    );
    await this.keeper.look().catch(() => undefined);
  }
}
