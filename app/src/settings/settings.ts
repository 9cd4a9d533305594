import { ChangeDetectionStrategy, Component, DOCUMENT, inject } from '@angular/core';
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
  type Timing,
} from '@dray/core';
import { format } from 'date-fns';
import { firstValueFrom } from 'rxjs';
import { FrontClass } from '../state/front-class';
import { ThemeChoice, type Theme } from '../state/theme';
import { download } from '../ui/download';
import { FileButton } from '../ui/file-button';
import { NumberField } from '../ui/forms/number-field';
import { Notice } from '../ui/notice';
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
  imports: [MatButton, MatIcon, MatRadioModule, FileButton, NumberField, RouterLink, Table],
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
  private readonly page = inject(DOCUMENT);
  private readonly dialogs = inject(MatDialog);
  private readonly notice = inject(Notice);

  protected readonly times = (Object.keys(TIMING_WORDS) as (keyof Timing)[]).map((key) => ({
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
  protected readonly stopSigns = STOP_SIGNS;
  protected readonly clinicianFirst = CLINICIAN_FIRST;
  protected readonly rules = RULES;
  protected readonly ruleColumns: readonly Column<(typeof RULES)[number]>[] = [
    { name: 'condition', words: $localize`Where`, cell: ({ condition }) => condition },
    { name: 'words', words: $localize`What Dray does`, cell: ({ words }) => words },
    { name: 'source', words: $localize`Source`, cell: ({ source }) => source },
  ];

  protected async download(): Promise<void> {
    const name = `class-${format(new Date(), 'yyyy-MM-dd')}.dray.json`;
    download(this.page, name, await this.settings.exportText(), 'application/json');
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
    const data: IncomingAsked = { incoming, keepFirst: () => void this.download() };
    const dialog = this.dialogs.open<IncomingDialog, IncomingAsked, boolean>(IncomingDialog, {
      data,
      role: 'alertdialog',
    });
    if (!(await firstValueFrom(dialog.afterClosed()))) {
      this.settings.leave();
      return;
    }
    await this.settings.takeIn();
    this.notice.say($localize`Imported: ${incoming.from}.`);
  }
}
