import { DatePipe } from '@angular/common';
import {
  booleanAttribute,
  ChangeDetectionStrategy,
  Component,
  computed,
  inject,
  input,
  output,
} from '@angular/core';
import { MatButton } from '@angular/material/button';
import { CLINICIAN_FIRST, STOP_SIGNS } from '@dray/core';
import { ViewStore } from '../state/view-store';
import { FigureView } from '../ui/figure/figure';
import { LoadPicture } from '../ui/load-picture';
import { Whole } from '../ui/whole';
import { CardLog } from './card-log';
import { Sheets, type SheetLine } from './sheet-view';

const PICTURE = 40;

/** What one person does in one class: exercise first, then the load and how it is made, then the work, and a box for each set. */
@Component({
  selector: 'dray-sheet',
  imports: [CardLog, DatePipe, FigureView, LoadPicture, MatButton, Whole],
  templateUrl: './sheet.html',
  styleUrl: './sheet.scss',
  host: { '[class.half]': 'short()' },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Sheet {
  readonly participantId = input.required<string>();
  /** To be printed: boxes to write in, nothing to press. */
  readonly paper = input(false, { transform: booleanAttribute });
  /** Two go on a page: without cues and ways to make it easier. */
  readonly short = input(false, { transform: booleanAttribute });
  /** Somebody is to do something else here. */
  readonly another = output<string>();

  private readonly sheets = inject(Sheets);
  private readonly classes = inject(ViewStore);

  protected readonly stopSigns = STOP_SIGNS;
  protected readonly clinicianFirst = CLINICIAN_FIRST;
  protected readonly pictureSize = PICTURE;
  protected readonly view = computed(() => this.sheets.of(this.participantId()));
  protected readonly unit = computed(() => this.view()?.card.participant.unit ?? 'kg');
  protected readonly date = computed(() => this.classes.turn()?.date);

  protected anotherFor({ letter, name }: SheetLine): string {
    return $localize`Another for ${letter} ${name}`;
  }
}
