import {
  ChangeDetectionStrategy,
  Component,
  computed,
  inject,
  input,
  linkedSignal,
  output,
} from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatIcon } from '@angular/material/icon';
import { isStopSign, STOP_SIGNS, USUAL_PLACES } from '@dray/core';
import { noteKey, noteTurn, type SetNote } from '@dray/core/late';
import { FloorStore } from './floor-store';
import type { LaneView } from './lane-view';
import { nameOf } from './stage-view';

const SCORES = [1, 2, 3, 4, 5, 6, 7, 8, 9, 10];

/** What differed for one person in the set that is on or was last, each thing one touch. */
@Component({
  selector: 'dray-person-panel',
  imports: [MatButton, MatIcon],
  template: `
    @let on = of();
    <header>
      <h2>{{ lane().participant.name }}</h2>
      <button i18n matButton (click)="closed.emit()">Back</button>
    </header>
    @if (stopped()) {
      <p i18n class="mark caution" role="alert">Stopped for today: pain.</p>
      @if (everything()) {
        <p class="strong">{{ stopSigns }}</p>
      }
    }
    @if (!hurts()) {
      <button i18n matButton="outlined" class="pain" (click)="hurts.set(true)">Pain …</button>
    } @else if (!place()) {
      <h3 i18n>Where?</h3>
      <div class="rows">
        @for (one of places; track one) {
          <button matButton="outlined" (click)="hurtAt(one)">{{ one }}</button>
        }
      </div>
    } @else {
      <h3 i18n>{{ place() }}: how much, of 10?</h3>
      @if (everything()) {
        <p i18n class="hint">It is written down as 10 until you say.</p>
      }
      <div class="scores">
        @for (score of scores; track score) {
          <button matButton="outlined" (click)="hurt(score)">{{ score }}</button>
        }
      </div>
    }
    @if (on) {
      <p class="what">{{ on.name }}, {{ setWords(on.set) }}</p>
      <div class="count" role="group" i18n-aria-label aria-label="How many">
        <button matButton="outlined" i18n-aria-label aria-label="One fewer" (click)="count(-1)">−</button>
        <b data-testid="floor-amount">{{ amount() ?? '?' }}</b>
        <button matButton="outlined" i18n-aria-label aria-label="One more" (click)="count(1)">+</button>
      </div>
      <div class="rows">
        @for (one of lefts; track one.words) {
          <button matButton="outlined" [attr.aria-pressed]="has(one.note)" (click)="note(one.note)">
            {{ one.words }}
          </button>
        }
      </div>
    } @else {
      <p i18n class="hint">Nothing was done yet.</p>
    }
    @if (lane().slotId; as slotId) {
      <button i18n matButton (click)="another.emit(slotId)">Another exercise …</button>
    }
    <button matButton (click)="comesOrGoes()">
      <mat-icon [svgIcon]="lane().here ? 'close' : 'check'" />
      @if (lane().here) {
        <ng-container i18n>Goes home</ng-container>
      } @else {
        <ng-container i18n>Is here</ng-container>
      }
    </button>
  `,
  styleUrl: './panel.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PersonPanel {
  private readonly floor = inject(FloorStore);
  readonly lane = input.required<LaneView>();
  readonly closed = output();
  /** Something else is to be done in this place. */
  readonly another = output<string>();

  protected readonly stopSigns = STOP_SIGNS;
  protected readonly places = USUAL_PLACES;
  protected readonly scores = SCORES;
  protected readonly lefts: readonly { readonly words: string; readonly note: SetNote }[] = [
    { words: $localize`nothing left`, note: { left: 'nothing' } },
    { words: $localize`some left`, note: { left: 'some' } },
    { words: $localize`plenty left`, note: { left: 'plenty' } },
    { words: $localize`form went`, note: { form: 'lost' } },
    { words: $localize`too light`, note: { left: 'plenty', note: $localize`too light` } },
    { words: $localize`too heavy`, note: { left: 'nothing', note: $localize`too heavy` } },
    { words: $localize`left out`, note: { leftOut: true } },
  ];
  private readonly id = computed(() => this.lane().participant.id);
  protected readonly hurts = linkedSignal({ source: this.id, computation: () => false });
  protected readonly place = linkedSignal({ source: this.id, computation: () => '' });

  /** The set that a remark is of. */
  protected readonly of = computed(() => {
    const run = this.floor.run();
    const turn = run && noteTurn(run, this.id());
    if (!run || !turn) return undefined;
    const work =
      run.ended.findLast((one) => one.turn.id === turn.id)?.done[this.id()] ??
      run.lanes[this.id()]?.works[turn.slotId];
    const note = run.notes[noteKey(turn.id, this.id())] ?? {};
    return { id: turn.id, set: turn.set, name: nameOf(run, turn), work, note };
  });
  protected readonly amount = computed(() => {
    const on = this.of();
    if (!on) return undefined;
    const asked = on.work?.asked.sets[on.set - 1] ?? on.work?.asked.beyond;
    return on.note.amount ?? (on.work?.open ? undefined : asked?.amount);
  });
  private readonly stops = computed(() => this.floor.run()?.lanes[this.id()]?.stopped ?? []);
  protected readonly stopped = computed(() => this.stops().length > 0);
  protected readonly everything = computed(() => this.stops() === 'everything');

  protected setWords(set: number): string {
    return $localize`set ${set}`;
  }

  protected has(note: SetNote): boolean {
    const said: SetNote = this.of()?.note ?? {};
    return (
      said.left === note.left &&
      said.form === note.form &&
      said.note === note.note &&
      said.leftOut === note.leftOut
    );
  }

  protected note(note: SetNote): void {
    this.floor.note(this.id(), note, this.of()?.id);
  }

  protected count(more: number): void {
    const amount = Math.max(0, (this.amount() ?? 0) + more);
    this.note({ amount });
  }

  /** A place that may be the heart waits for no number: all stops at once, as bad as can be until it is said how bad it is. */
  protected hurtAt(place: string): void {
    this.place.set(place);
    if (isStopSign(place)) this.floor.hurt(this.id(), place, SCORES.length);
  }

  protected hurt(score: number): void {
    this.floor.hurt(this.id(), this.place(), score);
    this.hurts.set(false);
    this.place.set('');
  }

  protected comesOrGoes(): void {
    this.floor.send({ kind: this.lane().here ? 'leave' : 'arrive', participantId: this.id() });
  }
}
