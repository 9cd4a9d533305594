import { ChangeDetectionStrategy, Component, computed, DOCUMENT, inject } from '@angular/core';
import {
  CAUTION_RULES,
  CLINICIAN_FIRST,
  STOP_SIGNS,
  SUBJECT_WORDS,
  TIMING_WORDS,
  USUAL_TIMING,
  type MassUnit,
  type Timing,
} from '@dray/core';
import { format } from 'date-fns';
import { ThemeChoice, type Theme } from '../state/theme';
import { download } from '../ui/download';
import { SettingsStore } from './settings-store';

/** Units, theme, the document out and in, and the usual cautions. */
@Component({
  selector: 'dray-settings',
  providers: [SettingsStore],
  templateUrl: './settings.html',
  styleUrl: './settings.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SettingsScreen {
  protected readonly settings = inject(SettingsStore);
  protected readonly themes = inject(ThemeChoice);
  private readonly page = inject(DOCUMENT);

  protected readonly unit = () => this.settings.documents.document()?.settings.unit ?? 'kg';
  protected readonly usual = USUAL_TIMING;
  protected readonly times = (Object.keys(TIMING_WORDS) as (keyof Timing)[]).map((key) => ({
    key,
    words: TIMING_WORDS[key],
  }));
  protected readonly timing = computed<Timing>(
    () => this.settings.documents.document()?.settings.timing ?? {},
  );
  protected readonly units: readonly MassUnit[] = ['kg', 'lb'];
  protected readonly themeNames: readonly { theme: Theme; name: string }[] = [
    { theme: 'system', name: 'as the device' },
    { theme: 'light', name: 'light' },
    { theme: 'dark', name: 'dark' },
  ];
  protected readonly stopSigns = STOP_SIGNS;
  protected readonly clinicianFirst = CLINICIAN_FIRST;
  protected readonly rules = CAUTION_RULES.map(({ condition, words, source }) => ({
    condition: SUBJECT_WORDS[condition],
    words,
    source,
  }));

  protected async download(): Promise<void> {
    const name = `class-${format(new Date(), 'yyyy-MM-dd')}.dray.json`;
    download(this.page, name, await this.settings.exportText(), 'application/json');
  }

  protected pick(input: HTMLInputElement): void {
    const file = input.files?.[0];
    input.value = '';
    if (file) void this.settings.readFile(file);
  }
}
