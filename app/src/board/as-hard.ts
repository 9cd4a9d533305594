import { computed, inject, Injectable } from '@angular/core';
import { doneSets, formatHeld, fullName, strengthBook, usualWorkKg, type Reason } from '@dray/core';
import { bodyOf } from '../ui/figure/body-of';
import { FigureBook } from '../ui/figure/figure-book';
import { JOINT_WORDS } from '../ui/figure/joint-words';
import { BoardStore } from './board-store';

type Substituted = Extract<Reason, { readonly kind: 'substituted' }>;

/** For somebody who has nothing to hold: the version of those that are allowed and possible which asks as much of the same joint. */
@Injectable()
export class AsHard {
  private readonly board = inject(BoardStore);
  private readonly book = inject(FigureBook);

  readonly words = computed((): string => {
    const figures = this.book.figures();
    const person = this.board.selectedPerson();
    const document = this.board.documents.document();
    const missed = this.board
      .selected()
      ?.trace.find(
        (reason): reason is Substituted =>
          reason.kind === 'substituted' && reason.gap.kind === 'nothingToHold',
      );
    const hold = missed?.from.exercise.loading?.holds[0];
    if (!figures || !person || !document || !missed || !hold) return '';
    const { view } = this.board;
    const log = document.log.filter(({ participantId }) => participantId === person.id);
    const book = strengthBook(person, doneSets(person, log), view.catalog(), view.today());
    const estimate = book.estimate(missed.from.exercise);
    if (!estimate) return '';
    const kg = usualWorkKg(estimate);
    const { exercise, levers } = missed.from;
    const found = figures.asHardAs(
      { exercise, levers, held: { hold, kg } },
      this.board.alternatives().map(({ version }) => version),
      bodyOf(person, view.today()),
    );
    if (!found) return '';
    const version = this.board.alternatives().find((one) => one.version.exercise === found.exercise)?.version;
    const name = version ? fullName(version) : found.exercise.name;
    const pair = hold === 'pair';
    const load = formatHeld(pair ? 2 * Math.round(kg / 2) : Math.round(kg), person.unit, pair);
    return $localize`${exercise.name} with about ${load} would ask as much of the ${JOINT_WORDS[found.joint]} as: ${name}, without anything in the hands.`;
  });
}
