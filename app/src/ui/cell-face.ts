import { booleanAttribute, ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { NgTemplateOutlet } from '@angular/common';
import {
  formatHeldMass,
  leftOutWords,
  loadWords,
  marksOf,
  trustWords,
  type Cell,
  type MassUnit,
  type RecipePart,
} from '@dray/core';
import { changeWords, eachLoadWords, tempoWords, workWords } from './cell-words';
import { LoadPicture } from './load-picture';
import { TierGlyph } from './tier-glyph';
import { Whole } from './whole';

/**
 * What a small drawing and the load beside it say whole. How far a bottle is filled, what goes into a bag, how a band is
 * fixed stays in words.
 */
const DRAWN: ReadonlySet<RecipePart['kind']> = new Set(['fixed', 'adjustable', 'bar']);

/** What one cell shows: the number acted on first, then work, how to make the load, and what acted on it. */
@Component({
  selector: 'dray-cell',
  imports: [LoadPicture, NgTemplateOutlet, TierGlyph, Whole],
  template: `
    @let face = this.face();
    @if (face) {
      <div class="top fields">
        <dray-tier [tier]="face.tier" />
        @if (face.load) {
          <span class="load strong nowrap"
            >{{ face.load }}<span class="unit"> {{ unit() }}</span></span
          >
        } @else {
          <span class="version strong narrow">{{ face.version }}</span>
        }
        @if (face.change?.of === 'load') {
          <ng-container [ngTemplateOutlet]="since" />
        }
      </div>
      <div class="do">
        {{ face.work | whole }} <span class="unit">{{ face.tempo }}</span>
        @if (face.change?.of === 'work') {
          <ng-container [ngTemplateOutlet]="since" />
        }
      </div>
      @if (face.eachLoad) {
        <div class="recipe each">{{ face.eachLoad }}</div>
      }
      @if (face.load) {
        <div class="recipe" [class.brief]="brief()" [class.under]="face.tempo || face.eachLoad">
          @if (pictureSize() > 0 && face.made; as made) {
            <dray-load-picture [recipe]="made" [size]="pictureSize()" />
          }
          @if (brief() && face.drawn) {
            {{ face.version }}
          } @else {
            {{ face.version }} · {{ face.recipe
            }}{{ pictureSize() > 0 && face.trust ? ', ' + face.trust : '' }}
          }
        </div>
      }
      <ng-template #since>
        @if (face.change; as change) {
          <span
            class="change nowrap"
            [class.letter]="change.direction !== 'level'"
            [class.unit]="change.direction === 'level'"
          >
            @if (change.direction !== 'level') {
              <svg width="8" height="7" viewBox="0 0 8 7" aria-hidden="true">
                <path [attr.d]="change.direction === 'up' ? 'M0 7L8 0V7Z' : 'M0 0L8 7H0Z'" />
              </svg>
            }
            {{ change.text }}</span
          >
        }
      </ng-template>
    } @else {
      <div i18n class="do">left out</div>
      <div class="recipe">{{ because() | whole }}</div>
    }
    @for (mark of marks(); track $index) {
      <div class="said" [class]="mark.kind">{{ mark.words | whole }}</div>
    }
  `,
  styleUrl: './cell-face.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CellFace {
  readonly cell = input.required<Cell>();
  readonly unit = input.required<MassUnit>();
  /** The drawing says how the load is made; its words stand in the panel. */
  readonly brief = input(false, { transform: booleanAttribute });
  /** Height of the drawing of the load, in pixels; none where there is no room for it. */
  readonly pictureSize = input(0);

  protected readonly because = computed(() => {
    const cell = this.cell();
    if (cell.status !== 'leftOut') return '';
    const { why, mend } = leftOutWords(cell.because);
    return `${why}. ${mend}.`;
  });

  protected readonly marks = computed(() => marksOf(this.cell().trace, this.unit()));

  protected readonly face = computed(() => {
    const cell = this.cell();
    if (cell.status === 'leftOut') return undefined;
    return {
      tier: cell.version.tier ?? cell.tier,
      version: cell.version.name,
      load: cell.load && formatHeldMass(cell.load.kg, this.unit(), cell.load.hold === 'pair'),
      recipe: cell.load ? loadWords(cell.load) : '',
      made: cell.load?.recipe,
      drawn: cell.load?.recipe !== undefined && DRAWN.has(cell.load.recipe.part.kind),
      trust: cell.load?.recipe && trustWords(cell.load.recipe, this.unit()),
      work: workWords(cell),
      tempo: tempoWords(cell),
      eachLoad: eachLoadWords(cell, this.unit()),
      change: changeWords(cell, this.unit()),
    };
  });
}
