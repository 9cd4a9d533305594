import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatCheckbox } from '@angular/material/checkbox';
import { formatSeconds } from '@dray/core';
import { remainingMs } from '@dray/core/late';
import { ChoiceField } from '../ui/forms/choice-field';
import { PACES } from '../ui/paces';
import { FloorChoices, type Choices } from './floor-choices';
import { FloorStore } from './floor-store';

const WATER = [0, 15, 20, 30].map((value) => ({
  value,
  words: value === 0 ? $localize`when I say so` : $localize`every ${value} min`,
}));
const TOUCH: readonly { readonly value: Choices['touch']; readonly words: string }[] = [
  { value: 'next', words: $localize`the next thing` },
  { value: 'pause', words: $localize`a pause` },
];
const VOLUMES = [2, 4, 6, 8, 10].map((value) => ({ value, words: $localize`${value} of 10` }));
const MS = 1000;
const MINUTE = 60;

/** Before a class begins: who is here, how fast it goes, and what is heard. */
@Component({
  selector: 'dray-ready-panel',
  imports: [ChoiceField, MatButton, MatCheckbox],
  template: `
    <button i18n matButton="filled" [disabled]="!somebody()" (click)="floor.begin()">Begin the class</button>
    <p class="hint">{{ takes() }}</p>
    <h3 i18n>Who is here</h3>
    @for (person of here(); track person.id) {
      <mat-checkbox [checked]="person.here" (change)="floor.toggleAbsent(person.id)">{{
        person.name
      }}</mat-checkbox>
    }
    <h3 i18n>How it is run</h3>
    @let now = choices.all();
    <dray-choice
      i18n-label
      label="pace"
      [value]="floor.pace()"
      [options]="paces"
      (chosen)="floor.setPace($event)"
    />
    <dray-choice
      i18n-label
      label="water"
      [value]="now.waterMinutes"
      [options]="water"
      (chosen)="choices.choose({ waterMinutes: $event })"
    />
    <dray-choice
      i18n-label
      label="space or a touch is"
      [value]="now.touch"
      [options]="touch"
      (chosen)="choices.choose({ touch: $event })"
    />
    <mat-checkbox i18n [checked]="now.sounds" (change)="choices.choose({ sounds: $event.checked })"
      >Signals</mat-checkbox
    >
    @if (now.sounds) {
      <dray-choice
        i18n-label
        label="loudness"
        [value]="now.volume"
        [options]="volumes"
        (chosen)="choices.choose({ volume: $event })"
      />
    }
    <mat-checkbox i18n [checked]="now.voice" (change)="choices.choose({ voice: $event.checked })"
      >Say what is next</mat-checkbox
    >
    <h3 i18n>Rehearse it, with nobody there</h3>
    <div class="rows">
      <button i18n matButton="outlined" (click)="floor.rehearse(4)">4 times as fast</button>
      <button i18n matButton="outlined" (click)="floor.rehearse(20)">20 times as fast</button>
    </div>
  `,
  styleUrl: './panel.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ReadyPanel {
  protected readonly floor = inject(FloorStore);
  protected readonly choices = inject(FloorChoices);
  protected readonly paces = PACES;
  protected readonly water = WATER;
  protected readonly touch = TOUCH;
  protected readonly volumes = VOLUMES;

  protected readonly here = computed(() => {
    const run = this.floor.shown();
    return (run?.plan.lanes ?? []).flatMap(({ participantId }) => {
      const person = this.floor.people().find(({ id }) => id === participantId);
      return person
        ? [{ id: person.id, name: person.name, here: run?.lanes[participantId]?.here ?? false }]
        : [];
    });
  });
  protected readonly somebody = computed(() => this.here().some(({ here }) => here));
  protected readonly takes = computed(() => {
    const run = this.floor.shown();
    const seconds = run ? Math.round(remainingMs(run, 0) / MS / MINUTE) * MINUTE : 0;
    return $localize`about ${formatSeconds(seconds)}, sets that are counted by the slowest`;
  });
}
