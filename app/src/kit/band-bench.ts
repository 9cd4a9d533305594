import {
  ChangeDetectionStrategy,
  Component,
  computed,
  DestroyRef,
  inject,
  input,
  linkedSignal,
  output,
  signal,
  untracked,
} from '@angular/core';
import {
  assistedKg,
  bandForce,
  BandFitError,
  BAND_SET_UPS,
  bandForces,
  fitBand,
  formatMass,
  LIBRARY_EXERCISES,
  setUpSteps,
  setUpWords,
  type Band,
  type MassUnit,
} from '@dray/core';
import { steadyReading, type ScaleSample } from '@dray/core/late';
import { MatButton } from '@angular/material/button';
import { MatIcon } from '@angular/material/icon';
import { MatStepperModule } from '@angular/material/stepper';
import type { Subscription } from 'rxjs';
import { ChartCanvas, type ChartBuild } from '../ui/chart-canvas';
import { ChoiceField } from '../ui/forms/choice-field';
import { NumberField } from '../ui/forms/number-field';
import { Table, type Column } from '../ui/table';
import { HANGING_SCALE } from './hanging-scale';

/** Stretches worth reading, as multiples of the slack length. */
const MARKS = [1.25, 1.5, 2, 2.5];
const KEPT_SAMPLES = 30;
/** A whole body and stature for the table; each person's own count on the board. */
const SHOWN_STATURE_CM = 170;
const SHOWN_BODY_KG = 70;
const BANDED = LIBRARY_EXERCISES.filter(({ loading }) => loading?.band);

/** What a set-up pulls with, as it is shown. */
interface SetUpRow {
  readonly words: string;
  readonly start: string;
  readonly mean: string;
  readonly peak: string;
}

/** A band on a hanging scale in three steps: measure it slack, pull it to marks, see what it makes. The curve stays beside them. */
@Component({
  selector: 'dray-band-bench',
  imports: [ChartCanvas, ChoiceField, MatButton, MatIcon, MatStepperModule, NumberField, Table],
  templateUrl: './band-bench.html',
  styleUrl: './band-bench.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class BandBench {
  readonly band = input.required<Band>();
  readonly unit = input.required<MassUnit>();
  readonly changed = output<Band>();

  private readonly scale = inject(HANGING_SCALE);
  private pulling: Subscription | undefined;
  private readonly samples = signal<readonly ScaleSample[]>([]);
  protected readonly scaleName = this.scale.name;
  protected readonly active = signal(false);
  protected readonly held = signal('');
  protected readonly exerciseId = signal(BANDED[0]?.id ?? '');
  protected readonly exercises = BANDED.map(({ id, name }) => ({ value: id, words: name }));

  private readonly bandId = computed(() => this.band().id);
  /** The step it is opened at: a band that has readings lies measured. */
  protected readonly begins = linkedSignal<string, number>({
    source: this.bandId,
    computation: () => (untracked(this.band).readings.length > 0 ? 1 : 0),
  });

  protected readonly marks = computed(() =>
    MARKS.map((stretch) => Math.round((this.band().slackCm * stretch) / 5) * 5).filter(
      (lengthCm) => lengthCm > this.band().slackCm && lengthCm <= 400,
    ),
  );

  private readonly pulled = computed(() => ({ band: this.band(), active: this.active() }));
  /** How far it is pulled; the first mark that was not read yet stands ready. */
  protected readonly lengthCm = linkedSignal<{ band: Band; active: boolean }, number>({
    source: this.pulled,
    computation: ({ band, active }, before) => {
      const next = this.marks().find((mark) => !band.readings.some(({ lengthCm }) => lengthCm === mark));
      return active || next === undefined ? (before?.value ?? band.slackCm * 2) : next;
    },
  });

  protected readonly live = computed(() => {
    const last = this.samples().at(-1);
    if (!last) return { big: '–', words: $localize`nothing on the hook` };
    if (last.kg === undefined) return { big: $localize`over`, words: $localize`overloaded: ease off` };
    return { big: formatMass(last.kg, this.unit()), words: $localize`swinging` };
  });

  protected readonly fit = computed(() => {
    const { readings, slackCm } = this.band();
    try {
      return fitBand(readings, slackCm);
    } catch (error) {
      if (error instanceof BandFitError) return undefined;
      throw error;
    }
  });

  protected readonly fitWords = computed(() => {
    const fit = this.fit();
    if (!fit) return '';
    const percent = Math.round(fit.worstShare * 100);
    const words = {
      good: $localize`a good fit`,
      fair: $localize`a fair fit`,
      poor: $localize`a poor fit: read it again`,
    }[fit.quality];
    const how =
      fit.fitted === 'both'
        ? $localize`the law of rubber in tension`
        : $localize`rubber’s usual curve, its size from the readings`;
    return $localize`${words}:named:: ${how} misses no reading by more than ${percent} %. Known up to ${Math.round(fit.longestCm * 1.1)} cm.`;
  });

  /** Set-ups of one exercise with their forces, lightest first. */
  protected readonly setUps = computed<readonly SetUpRow[]>(() => {
    const fit = this.fit();
    const path = BANDED.find(({ id }) => id === this.exerciseId())?.loading?.band;
    if (!fit || !path) return [];
    const show = (kg: number) => formatMass(Math.round(kg * 10) / 10, this.unit());
    return BAND_SET_UPS.filter((setUp) => setUpSteps(setUp) <= 2)
      .flatMap((setUp) => {
        const forces = bandForces(fit, setUp, path, SHOWN_STATURE_CM);
        return forces ? [{ setUp, forces }] : [];
      })
      .sort((a, b) => a.forces.meanKg - b.forces.meanKg)
      .map(({ setUp, forces }) => ({
        words: setUpWords(setUp, path.fixedBy),
        start: show(forces.startKg),
        mean: show(forces.meanKg),
        peak: show(forces.peakKg),
      }));
  });

  protected readonly columns: readonly Column<SetUpRow>[] = [
    { name: 'words', words: $localize`set-up`, cell: ({ words }) => words },
    { name: 'start', words: $localize`start`, cell: ({ start }) => start, numbers: true },
    { name: 'mean', words: $localize`on average`, cell: ({ mean }) => mean, numbers: true },
    { name: 'peak', words: $localize`hardest`, cell: ({ peak }) => peak, numbers: true },
  ];

  protected readonly help = computed(() => {
    const fit = this.fit();
    if (!fit) return '';
    const at = (stretch: number) => fit.slackCm * stretch;
    const left = (stretch: number) => formatMass(assistedKg(SHOWN_BODY_KG, fit, at(stretch)), this.unit());
    return $localize`Hung from a bar to help, it leaves ${left(2)} of ${formatMass(SHOWN_BODY_KG, this.unit())} ${this.unit()} at twice its length, ${left(1.4)} near the top.`;
  });

  protected readonly curve = computed<ChartBuild>(() => {
    const fit = this.fit();
    const { readings, slackCm } = this.band();
    const unit = this.unit();
    const to = Math.max(slackCm * 1.5, ...readings.map(({ lengthCm }) => lengthCm)) * 1.08;
    const inUnit = (kg: number) => Number(formatMass(kg, unit));
    const line = fit
      ? Array.from({ length: 60 }, (_, at) => {
          const lengthCm = slackCm + ((to - slackCm) * at) / 59;
          return { x: lengthCm, y: inUnit(bandForce(fit, lengthCm)) };
        })
      : [];
    return (colours) => ({
      type: 'scatter',
      data: {
        datasets: [
          {
            type: 'scatter',
            label: $localize`read`,
            data: readings.map(({ lengthCm, forceKg }) => ({ x: lengthCm, y: inUnit(forceKg) })),
            pointRadius: 5,
            backgroundColor: colours.copper,
          },
          {
            type: 'line',
            label: $localize`fitted`,
            data: line,
            borderColor: colours.tier,
            borderWidth: 2,
            pointRadius: 0,
            parsing: false,
          },
        ],
      },
      options: {
        plugins: { legend: { display: false } },
        scales: {
          x: { type: 'linear', min: slackCm, title: { display: true, text: $localize`length, cm` } },
          y: { beginAtZero: true, title: { display: true, text: $localize`pull, ${unit}` } },
        },
      },
    });
  });

  constructor() {
    inject(DestroyRef).onDestroy(() => this.pulling?.unsubscribe());
  }

  /** Watches the scale until it is steady, then writes the reading down. */
  protected pull(lengthCm: number): void {
    this.pulling?.unsubscribe();
    this.samples.set([]);
    this.held.set('');
    this.lengthCm.set(lengthCm);
    if (!(lengthCm > this.band().slackCm && lengthCm <= 400)) {
      this.held.set(
        $localize`Pull it longer than ${this.band().slackCm} cm, where it lies slack, and to 400 cm at most.`,
      );
      return;
    }
    this.active.set(true);
    this.pulling = this.scale.pull(this.band(), lengthCm).subscribe((sample) => {
      this.samples.update((samples) => [...samples.slice(-KEPT_SAMPLES), sample]);
      const steady = steadyReading(this.samples());
      if (steady !== undefined) this.write(lengthCm, steady);
    });
  }

  protected letGo(): void {
    this.pulling?.unsubscribe();
    this.active.set(false);
    this.samples.set([]);
  }

  private write(lengthCm: number, kg: number): void {
    this.pulling?.unsubscribe();
    this.active.set(false);
    const forceKg = Math.round(kg * 100) / 100;
    const others = this.band().readings.filter((reading) => reading.lengthCm !== lengthCm);
    const readings = [...others, { lengthCm, forceKg }].sort((a, b) => a.lengthCm - b.lengthCm);
    this.held.set($localize`Held at ${formatMass(forceKg, this.unit())} ${this.unit()}, written down.`);
    this.changed.emit({ ...this.band(), readings });
  }
}
