import { ChangeDetectionStrategy, Component, computed, inject, LOCALE_ID } from '@angular/core';
import { formatNumber } from '@angular/common';
import { MatCheckbox } from '@angular/material/checkbox';
import { atPace, midSentence, TIMING_WORDS, USUAL_TIMING, type TimingKey } from '@dray/core';
import { ENOUGH_TIMES, spreadOf, type Measured } from '@dray/core/late';
import { DocumentStore } from '../state/document-store';
import { ViewStore } from '../state/view-store';
import { Table, type Column } from '../ui/table';
import { FloorChoices } from './floor-choices';

interface Row {
  readonly words: string;
  readonly measured: Measured;
  readonly usual: number;
}

/** How long things took on this coach's floor, beside what is usual; and whether the plans go by it. */
@Component({
  selector: 'dray-measured-times',
  imports: [MatCheckbox, Table],
  template: `
    @if (rows().length > 0) {
      <dray-table i18n-named named="Seconds as measured" [pageOf]="8" [columns]="columns" [rows]="rows()" />
      <mat-checkbox i18n [checked]="used()" (change)="choices.useMeasured($event.checked)"
        >Plan with these times</mat-checkbox
      >
      <p i18n class="hint">
        What was timed {{ enough }} times counts, in every session, and each class puts it right. A load for
        work by the clock goes by it too where repetitions are faster, since more of them fit; it never gets
        heavier by it.
      </p>
    } @else {
      <p i18n class="hint">Nothing has been timed yet: a class that is run on the floor tells.</p>
    }
  `,
  styles: ':host { display: block; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class MeasuredTimes {
  protected readonly choices = inject(FloorChoices);
  private readonly documents = inject(DocumentStore);
  private readonly view = inject(ViewStore);
  private readonly locale = inject(LOCALE_ID);
  protected readonly enough = ENOUGH_TIMES;

  protected readonly used = computed(() => this.documents.document()?.settings.timesAsMeasured ?? false);

  protected readonly rows = computed<readonly Row[]>(() => {
    const { perRep, between } = this.choices.measured();
    const pace = this.view.session()?.pace;
    const catalog = this.view.catalog();
    return [
      ...Object.entries(between).map(([key, measured]) => ({
        words: TIMING_WORDS[key as TimingKey],
        measured,
        usual: USUAL_TIMING[key as TimingKey],
      })),
      ...Object.entries(perRep).flatMap(([id, measured]) => {
        const exercise = catalog.exerciseById(id);
        if (!exercise) return [];
        const words = $localize`one ${midSentence(exercise.name)}`;
        return [{ words, measured, usual: atPace(exercise, { pace }).secondsPerRep }];
      }),
    ];
  });

  protected readonly columns: readonly Column<Row>[] = [
    { name: 'what', words: $localize`seconds for`, cell: ({ words }) => words },
    { name: 'here', words: $localize`here`, numbers: true, cell: ({ measured }) => this.words(measured) },
    { name: 'usual', words: $localize`usual`, numbers: true, cell: ({ usual }) => this.seconds(usual) },
    { name: 'times', words: $localize`times`, numbers: true, cell: ({ measured }) => measured.times },
  ];

  private words(measured: Measured): string {
    const spread = spreadOf(measured);
    const mean = this.seconds(measured.mean);
    return spread === undefined ? mean : $localize`${mean}\u00a0±\u00a0${this.seconds(spread)}`;
  }

  private seconds(seconds: number): string {
    return formatNumber(seconds, this.locale, '1.0-1');
  }
}
