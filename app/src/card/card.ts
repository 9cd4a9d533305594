import { ChangeDetectionStrategy, Component, computed, DOCUMENT, inject, input } from '@angular/core';
import { MatIconButton } from '@angular/material/button';
import { MatIcon } from '@angular/material/icon';
import { MatTooltip } from '@angular/material/tooltip';
import { Router, RouterLink } from '@angular/router';
import {
  BLOCKS,
  blockRounds,
  CLINICIAN_FIRST,
  cautionSubjects,
  conditionSchema,
  formatSeconds,
  leftOutWords,
  partsOf,
  plainId,
  stopsEverything,
  sessionTimeline,
  STOP_SIGNS,
  SUBJECT_WORDS,
  timedCell,
  type Cell,
  type CautionRule,
  type Coaching,
  type Exercise,
} from '@dray/core';
import { LIBRARY_WORDS } from '@dray/core/late';
import { DocumentStore } from '../state/document-store';
import { ViewStore } from '../state/view-store';
import { CellFace } from '../ui/cell-face';
import { ChoiceField } from '../ui/forms/choice-field';
import { WeekRamp } from '../ui/week-ramp';
import { CardLog } from './card-log';

interface CardLine {
  readonly letter: string;
  readonly name: string;
  readonly cell: Cell;
  readonly cues: readonly string[];
  readonly breathing: string;
}

interface CardBlock {
  readonly id: string;
  readonly name: string;
  readonly rest: string;
  readonly lettered: boolean;
  readonly lines: readonly CardLine[];
}

/** One person's sheet for a week, in their own unit, to look at on a phone or to print on one page. */
@Component({
  selector: 'dray-card',
  imports: [CardLog, CellFace, ChoiceField, MatIcon, MatIconButton, MatTooltip, RouterLink, WeekRamp],
  templateUrl: './card.html',
  styleUrl: './card.scss',
  host: { class: 'scrolls' },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CardScreen {
  /** From the route. */
  readonly participant = input<string>();

  protected readonly view = inject(ViewStore);
  private readonly documents = inject(DocumentStore);
  private readonly router = inject(Router);
  private readonly window = inject(DOCUMENT).defaultView;

  protected readonly stopSigns = STOP_SIGNS;
  protected readonly clinicianFirst = CLINICIAN_FIRST;
  protected readonly people = computed(() => this.documents.document()?.participants ?? []);

  protected readonly choices = computed(() =>
    this.people().map(({ id, name }) => ({ value: id, words: name })),
  );

  protected readonly person = computed(
    () =>
      this.people().find(({ id }) => id === this.participant()) ??
      (this.participant() ? undefined : this.people()[0]),
  );

  protected readonly card = computed(() => {
    const document = this.view.document();
    const session = this.view.session();
    const person = this.person();
    if (!document || !session || !person) return undefined;
    return this.view.resolver.card(document, {
      participantId: person.id,
      sessionId: session.id,
      week: this.view.week(),
    });
  });

  /** How long the session takes this person. */
  protected readonly minutes = computed(() => {
    const card = this.card();
    if (!card) return 0;
    const cells = new Map(card.cells.map((cell) => [cell.slotId, cell]));
    const { totalSeconds } = sessionTimeline(
      card.session,
      { tier: card.participant.tier, card: (slotId) => timedCell(cells.get(slotId)) },
      this.view.catalog(),
      this.documents.document()?.settings.timing,
    );
    return Math.round(totalSeconds / 60);
  });

  protected readonly blocks = computed<CardBlock[]>(() => {
    const card = this.card();
    return (card?.session.blocks ?? []).map((block) => {
      const { name, grouped, lettered } = BLOCKS[block.kind];
      const rounds = blockRounds(block);
      const rest = block.restSeconds > 0 ? $localize`rest ${formatSeconds(block.restSeconds)}` : '';
      const between = block.betweenSeconds ? $localize`, ${formatSeconds(block.betweenSeconds)} between` : '';
      return {
        id: block.id,
        name,
        lettered,
        rest:
          grouped && rounds > 0
            ? $localize`in turn${between}, ${rest || $localize`no rest`} after each round`
            : rest,
        lines: block.slots.flatMap((slot) => {
          const at = card?.columns.findIndex((column) => column.slot.id === slot.id) ?? -1;
          const cell = card?.cells[at];
          const column = card?.columns[at];
          if (!cell || !column) return [];
          const exercise = cell.status === 'ready' ? cell.version.exercise : undefined;
          return [
            {
              letter: column.letter,
              name: exercise?.name ?? column.name,
              cell,
              ...this.wordsFor(exercise),
            },
          ];
        }),
      };
    });
  });

  /** Why everything is stopped, if it is: then no number stands on the card. */
  protected readonly stopped = computed(() => {
    const cells = this.card()?.cells ?? [];
    for (const cell of cells) {
      if (cell.status === 'leftOut' && stopsEverything(cell.because)) return leftOutWords(cell.because);
    }
    return undefined;
  });

  /** What a condition asks for in this session, each thing once. */
  protected readonly cautions = computed(() => {
    const person = this.person();
    const warnings = (this.card()?.cells ?? []).flatMap((cell) => cell.warnings);
    const conditions: readonly string[] = conditionSchema.options;
    return (person ? cautionSubjects(person) : [])
      .map((condition) => ({
        condition: SUBJECT_WORDS[condition],
        words: distinct(warnings.filter((warning) => warning.condition === condition)),
        named: conditions.includes(condition),
      }))
      .filter(({ words, named }) => named || words.length > 0);
  });

  /** What is said of an exercise; of a combination the first thing of each part. */
  private wordsFor(exercise: Exercise | undefined): Pick<CardLine, 'cues' | 'breathing'> {
    const wordsOf = ({ id }: Exercise) => LIBRARY_WORDS[plainId(id)] ?? this.ownWords(plainId(id));
    const parts = exercise && partsOf(exercise);
    if (parts) {
      const said = parts.map((part) => wordsOf(part.exercise));
      return {
        cues: [...new Set(said.flatMap((words) => words?.cues[0] ?? []))],
        breathing: $localize`Out on the hard part of each, in between them; never hold it.`,
      };
    }
    const words = exercise && wordsOf(exercise);
    return { cues: words?.cues.slice(0, 2) ?? [], breathing: words?.breathing ?? '' };
  }

  /** What the coach wrote of an exercise of their own. */
  private ownWords(exerciseId: string): Coaching | undefined {
    return this.documents.document()?.exercises.find(({ id }) => id === exerciseId)?.words;
  }

  protected go(participantId: string | undefined): void {
    if (participantId !== undefined) void this.router.navigate(['/card', participantId]);
  }

  protected print(): void {
    this.window?.print();
  }
}

function distinct(warnings: readonly CautionRule[]): string[] {
  return [...new Set(warnings.map(({ words }) => words))];
}
