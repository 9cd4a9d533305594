import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import {
  kitsOf,
  attainableLoads,
  formatHeld,
  formatHeldMass,
  formatMass,
  type CellLoad,
  type MassUnit,
  type ReadyCell,
} from '@dray/core';
import { DocumentStore } from '../state/document-store';

const WIDTH = 250;

/** Around the load of a cell: every load the kit can make in that hold, the one taken, and the one wanted. */
@Component({
  selector: 'dray-load-line',
  template: `
    @let line = this.line();
    <svg class="loads" [attr.viewBox]="'0 0 ' + width + ' 54'" role="img" [attr.aria-label]="line.words">
      <path [attr.d]="'M0 30H' + width" class="axis" />
      <path [attr.d]="line.ticks" class="ticks" />
      <circle class="taken" [attr.cx]="line.taken" cy="30" r="5.5" />
      <path [attr.d]="line.arrow" class="wanted" />
      <text [attr.x]="line.taken" y="51" text-anchor="middle" class="taken">{{ line.takenWords }}</text>
      @if (line.wanted !== undefined) {
        <text [attr.x]="line.wantedText" y="11" [attr.text-anchor]="line.anchor" class="wanted">
          {{ line.wantedWords }}
        </text>
      }
      <text x="0" y="51">{{ line.fromWords }}</text>
      <text [attr.x]="width" y="51" text-anchor="end">{{ line.toWords }}</text>
    </svg>
  `,
  styles: `
    svg {
      margin: 4px 0 2px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LoadLine {
  readonly cell = input.required<ReadyCell>();
  readonly load = input.required<CellLoad>();
  readonly unit = input.required<MassUnit>();
  private readonly documents = inject(DocumentStore);
  protected readonly width = WIDTH;

  private readonly loads = computed(() => {
    const document = this.documents.document();
    const person = document?.participants.find(({ id }) => id === this.cell().participantId);
    const kits = document && person ? kitsOf(document, person) : [];
    const { band } = this.cell().version.exercise.loading ?? {};
    return attainableLoads(kits, this.load().hold, person, band).map(({ kg }) => kg);
  });

  protected readonly line = computed(() => {
    const { kg } = this.load();
    const wantedKg = this.cell().wantedKg;
    const unit = this.unit();
    const pair = this.load().hold === 'pair';
    const near = [kg, wantedKg ?? kg];
    const from = Math.min(...near) * 0.7;
    const to = Math.max(...near) * 1.35;
    const x = (mass: number) => Math.round(((mass - from) / (to - from)) * (WIDTH - 16) + 8);
    const shown = this.loads().filter((mass) => mass >= from && mass <= to);
    const wanted = wantedKg === undefined ? undefined : x(wantedKg);
    const right = wanted !== undefined && wanted > WIDTH / 2;
    return {
      ticks: shown.map((mass) => `M${x(mass)} 24v12`).join(''),
      taken: x(kg),
      takenWords: formatHeldMass(kg, unit, pair),
      wanted,
      arrow: wanted === undefined ? '' : `M${wanted} 22l5-9h-10z`,
      wantedText: wanted === undefined ? 0 : wanted + (right ? -9 : 9),
      anchor: right ? 'end' : 'start',
      wantedWords: wantedKg === undefined ? '' : $localize`wanted ${formatHeldMass(wantedKg, unit, pair)}`,
      fromWords: formatMass(from / (pair ? 2 : 1), unit),
      toWords: formatMass(to / (pair ? 2 : 1), unit),
      words: $localize`${formatHeld(kg, unit, pair)} of ${shown.length} loads near it that the kit can make`,
    };
  });
}
