import { ScrollingModule } from '@angular/cdk/scrolling';
import { ChangeDetectionStrategy, Component, computed, inject, output, signal } from '@angular/core';
import { form, FormField } from '@angular/forms/signals';
import { MatButton } from '@angular/material/button';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatIcon } from '@angular/material/icon';
import { MatInput } from '@angular/material/input';
import { MatListModule } from '@angular/material/list';
import {
  applyCautions,
  cautionSubjects,
  estimateInWords,
  fullName,
  kitsOf,
  ownedFrom,
  PROP_WORDS,
  type Hold,
  type RankedSubstitute,
  type Version,
} from '@dray/core';
import { findVersions, readMovement } from '@dray/core/late';
import { FigureView } from '../ui/figure/figure';
import { BoardStore } from './board-store';

/** A version that may be given instead, and what cautions and kit say of it. */
interface Row {
  readonly id: string;
  readonly name: string;
  readonly version: Version;
  /** What is held where it is never done without. */
  readonly hold: Hold | undefined;
  readonly says: string;
  /** Something speaks against it. */
  readonly against: boolean;
}

const ROW_HEIGHT = 52;
const ROWS_SHOWN = 7;
const MOST_NEAR = 3;

/** Any exercise for one person: looked for by name, muscle, place and props, with what cautions and kit say before it is set. */
@Component({
  selector: 'dray-finder',
  imports: [
    FigureView,
    FormField,
    MatButton,
    MatFormFieldModule,
    MatIcon,
    MatInput,
    MatListModule,
    ScrollingModule,
  ],
  template: `
    <mat-form-field class="full">
      <mat-label i18n>instead</mat-label>
      <mat-icon matIconPrefix svgIcon="search" />
      <input
        matInput
        i18n-placeholder
        placeholder="name, muscle, place"
        [formField]="another"
        (keydown.enter)="take(rows()[0])"
      />
    </mat-form-field>
    @if (rows().length > 0) {
      <cdk-virtual-scroll-viewport [itemSize]="height" [style.height.px]="viewHeight()">
        <mat-action-list i18n-aria-label aria-label="What comes near it">
          <button mat-list-item *cdkVirtualFor="let row of rows(); trackBy: byId" (click)="take(row)">
            <dray-figure
              matListItemAvatar
              [exercise]="row.version.exercise"
              [levers]="row.version.levers"
              [hold]="row.hold"
              [holdingOn]="row.version.holdingOn"
              [size]="46"
            />
            <span matListItemTitle>{{ row.name }}</span>
            <span matListItemLine
              ><span [class.plum]="row.against">{{ row.says }}</span></span
            >
          </button>
        </mat-action-list>
      </cdk-virtual-scroll-viewport>
    } @else if (said().trim() !== '') {
      <p i18n class="hint">
        There is no exercise “{{ said() }}”.
        @for (name of near(); track name) {
          @if ($first) {
            Did you mean
          }
          <button matButton (click)="said.set(name)">{{ name }}</button>
        } @empty {
          Say it in other words, or one word less.
        }
      </p>
    }
  `,
  styles: `
    [matListItemAvatar] {
      background: none;
      border-radius: 0;
      justify-content: center;
      margin: 2px 10px 0 0 !important;
    }
    :host {
      --mat-list-list-item-leading-avatar-size: 46px;
    }
    :host ::ng-deep .cdk-virtual-scroll-content-wrapper {
      max-width: 100%;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Finder {
  readonly taken = output<Version>();

  private readonly board = inject(BoardStore);
  protected readonly said = signal('');
  protected readonly another = form(this.said);
  protected readonly height = ROW_HEIGHT;
  protected readonly viewHeight = computed(() => ROW_HEIGHT * Math.min(ROWS_SHOWN, this.rows().length));

  private readonly person = computed(() => {
    const id = this.board.selected()?.participantId;
    return this.board.documents.document()?.participants.find((one) => one.id === id);
  });
  private readonly owned = computed(() => {
    const person = this.person();
    const document = this.board.documents.document();
    return person && document && ownedFrom(kitsOf(document, person), person);
  });

  protected readonly rows = computed<readonly Row[]>(() => {
    const ranked = this.board.alternatives();
    const text = this.said().trim();
    if (text === '') return ranked.map((one) => this.rowOf(one.version, one));
    const byVersion = new Map(ranked.map((one) => [idOf(one.version), one]));
    return findVersions(text, this.board.view.catalog()).map((version) =>
      this.rowOf(version, byVersion.get(idOf(version))),
    );
  });

  /** What may be meant where nothing is found. */
  protected readonly near = computed(() => {
    const readings = readMovement(this.said().trim(), this.board.view.catalog());
    const names = readings
      .filter(({ confidence }) => confidence === 'likely')
      .flatMap(({ parts }) => parts.map(({ exercise }) => exercise.name));
    return [...new Set(names)].slice(0, MOST_NEAR);
  });

  private rowOf(version: Version, ranked: RankedSubstitute | undefined): Row {
    const person = this.person();
    const verdict = person && applyCautions(version, cautionSubjects(person), this.board.view.catalog());
    const against =
      verdict?.kind === 'blocked'
        ? $localize`against a caution: ${verdict.rule.mark}`
        : this.lackedBy(version);
    const marks = verdict?.kind === 'allowed' ? verdict.rules.map(({ mark }) => mark) : [];
    const says = [ranked?.start && this.startWords(ranked.start), ...marks];
    return {
      id: idOf(version),
      name: fullName(version),
      version,
      hold: version.exercise.loading?.required ? version.exercise.loading.holds[0] : undefined,
      says: against || says.filter(Boolean).join(' · '),
      against: against !== '',
    };
  }

  /** What the kit lacks for it; nothing where it can be done. */
  private lackedBy({ needs, exercise: { loading } }: Version): string {
    const owned = this.owned();
    const [missing] = owned?.missing(needs) ?? [];
    if (missing) return $localize`not in the kit: ${missing.map((prop) => PROP_WORDS[prop]).join(' / ')}`;
    const loadable = loading?.holds.some((hold) => (owned?.loads(hold, loading.band).length ?? 0) > 0);
    return loading?.required && !loadable ? $localize`nothing in the kit to hold` : '';
  }

  /** What to begin with, and how far that may be off. */
  private startWords({ kg, hold, standardError }: NonNullable<RankedSubstitute['start']>): string {
    const unit = this.board.view.unit();
    // Of a pair each hand's, as everywhere: both together read as one would be twice too much.
    const load = hold === 'pair' ? `2 × ${estimateInWords(kg / 2, unit)}` : estimateInWords(kg, unit);
    return $localize`from ${load}, ±${Math.round(standardError * 100)} %`;
  }

  protected take(row: Row | undefined): void {
    if (!row) return;
    this.taken.emit(row.version);
    this.said.set('');
  }

  protected byId(_: number, { id }: Row): string {
    return id;
  }
}

function idOf({ rung, exercise }: Version): string {
  return rung?.id ?? exercise.id;
}
