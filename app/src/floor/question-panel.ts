import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { noteKey, uncounted, type Run, type SetNote } from '@dray/core/late';
import { FloorStore } from './floor-store';
import { nameOf } from './stage-view';

/** How many of a slot's people are asked at a time: those who did it. */
interface Asked {
  readonly participantId: string;
  readonly name: string;
  readonly turnId: string;
  readonly open: boolean;
  readonly note: SetNote;
}

/** What is asked once a block is over: one slot at a time. */
export interface Question {
  readonly slotId: string;
  readonly name: string;
  readonly people: readonly Asked[];
}

/** The questions of the block that is just over, of what trains: those not answered or left yet. */
export function questionOf(
  run: Run,
  settled: readonly string[],
  nameOfPerson: (id: string) => string,
): Question | undefined {
  const last = run.ended.at(-1)?.turn;
  const next = run.turns[run.at];
  if (!last || run.phase !== 'gap' || next?.blockId === last.blockId) return undefined;
  const block = run.plan.blocks.find(({ id }) => id === last.blockId);
  const slot = block?.slots.find(
    ({ id, letter }) => letter !== '' && !settled.includes(id) && done(run, id).length > 0,
  );
  if (!slot) return undefined;
  const open = new Set(uncounted(run).map(({ participantId, turn }) => noteKey(turn.id, participantId)));
  return {
    slotId: slot.id,
    name: nameOf(run, done(run, slot.id)[0]?.turn),
    people: Object.keys(run.lanes).flatMap((participantId) => {
      const of = done(run, slot.id).findLast((one) => one.done[participantId]);
      if (!of) return [];
      const key = noteKey(of.turn.id, participantId);
      const note = run.notes[key] ?? {};
      return [
        { participantId, name: nameOfPerson(participantId), turnId: of.turn.id, open: open.has(key), note },
      ];
    }),
  };
}

function done(run: Run, slotId: string) {
  return run.ended.filter(({ turn }) => turn.slotId === slotId);
}

/** What decides next week, asked while everybody rests: what was left, one touch a person, or nothing at all. */
@Component({
  selector: 'dray-question-panel',
  imports: [MatButton],
  template: `
    @if (question(); as asks) {
      <header>
        <h2 i18n>Anything left?</h2>
        <button i18n matButton (click)="floor.settle(asks.slotId)">On</button>
      </header>
      <p class="what">{{ asks.name }}</p>
      @for (one of asks.people; track one.participantId) {
        <div class="person" role="group" [attr.aria-label]="one.name">
          <b>{{ one.name }}</b>
          <div class="three">
            @for (left of lefts; track left.left) {
              <button
                matButton="outlined"
                [attr.aria-pressed]="one.note.left === left.left"
                (click)="floor.note(one.participantId, { left: left.left }, one.turnId)"
              >
                {{ left.words }}
              </button>
            }
          </div>
        </div>
      }
    }
  `,
  styleUrl: './panel.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class QuestionPanel {
  protected readonly floor = inject(FloorStore);
  protected readonly lefts = [
    { left: 'nothing', words: $localize`nothing` },
    { left: 'some', words: $localize`some` },
    { left: 'plenty', words: $localize`plenty` },
  ] as const;
  protected readonly question = computed(() => {
    const run = this.floor.run();
    const people = this.floor.people();
    const nameOfPerson = (id: string) => people.find((person) => person.id === id)?.name ?? '';
    return run && questionOf(run, this.floor.asked(), nameOfPerson);
  });
}
