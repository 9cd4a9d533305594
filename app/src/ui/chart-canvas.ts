import {
  ChangeDetectionStrategy,
  Component,
  DestroyRef,
  DOCUMENT,
  effect,
  type ElementRef,
  inject,
  input,
  viewChild,
} from '@angular/core';
import {
  BarController,
  BarElement,
  CategoryScale,
  Chart,
  type ChartConfiguration,
  Filler,
  LinearScale,
  Legend,
  LineController,
  LineElement,
  PointElement,
  ScatterController,
  Tooltip,
} from 'chart.js';
import { ThemeChoice } from '../state/theme';

Chart.register(
  BarController,
  BarElement,
  Legend,
  CategoryScale,
  Filler,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  ScatterController,
  Tooltip,
);

/** Our colours as a canvas needs them: it knows no custom properties. */
export interface ChartColours {
  readonly ink: string;
  readonly ink2: string;
  readonly hair: string;
  readonly copper: string;
  readonly sea: string;
  readonly seaWash: string;
  readonly tier: string;
  readonly plum: string;
}

export type ChartBuild = (colours: ChartColours) => ChartConfiguration;

/** A chart in our face: drawn anew when what it shows or the theme changes. */
@Component({
  selector: 'dray-chart',
  template: `<div class="frame" [style.height.px]="height()">
    <canvas #canvas role="img" [attr.aria-label]="label()"></canvas>
  </div>`,
  styles: `
    :host,
    .frame {
      display: block;
      position: relative;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ChartCanvas {
  readonly build = input.required<ChartBuild>();
  /** What it shows, for whoever cannot see it. */
  readonly label = input.required<string>();
  readonly height = input(200);

  private readonly canvas = viewChild.required<ElementRef<HTMLCanvasElement>>('canvas');
  private readonly root = inject(DOCUMENT).documentElement;
  private chart: Chart | undefined;

  constructor() {
    const theme = inject(ThemeChoice).theme;
    // Drawn after what asked for it has been worked out: the two together would hold the page up.
    effect((onCleanup) => {
      theme();
      const build = this.build();
      const timer = setTimeout(() => this.draw(build));
      onCleanup(() => clearTimeout(timer));
    });
    inject(DestroyRef).onDestroy(() => this.chart?.destroy());
  }

  private draw(build: ChartBuild): void {
    const style = getComputedStyle(this.root);
    const colour = (name: string) => style.getPropertyValue(`--${name}`).trim();
    const colours: ChartColours = {
      ink: colour('ink'),
      ink2: colour('ink-2'),
      hair: colour('hair'),
      copper: colour('copper'),
      sea: colour('sea'),
      seaWash: colour('sea-wash'),
      tier: colour('tier'),
      plum: colour('plum'),
    };
    Chart.defaults.font.family = style.getPropertyValue('--f-text');
    Chart.defaults.color = colours.ink2;
    Chart.defaults.borderColor = colours.hair;
    this.chart?.destroy();
    const config = build(colours);
    this.chart = new Chart(this.canvas().nativeElement, {
      ...config,
      options: { animation: false, responsive: true, maintainAspectRatio: false, ...config.options },
    });
  }
}
