import { inject, Injectable } from '@angular/core';
import {
  ALONE,
  asksForMost,
  BLOCKS,
  blockRounds,
  CLINICIAN_FIRST,
  cautionSubjects,
  conditionSchema,
  formatHeldMass,
  formatSeconds,
  fullName,
  isOf,
  leftOutWords,
  loadWords,
  logIndex,
  marksOf,
  partsOf,
  plainId,
  sessionTimeline,
  STOP_SIGNS,
  stopsEverything,
  SUBJECT_WORDS,
  timedCell,
  trustWords,
  type Card,
  type CautionRule,
  type Cell,
  type ClassPlace,
  type Coaching,
  type Exercise,
  type Hold,
  type LeverSettings,
  type Mark,
  type MassUnit,
  type Participant,
  type ReadyCell,
  type Recipe,
} from '@dray/core';
import {
  amountsInWords,
  askedAmounts,
  eitherSide,
  LIBRARY_WORDS,
  type HomeSheet,
  type SideStep,
} from '@dray/core/late';
import { ViewStore } from '../state/view-store';
import {
  changeWords,
  eachLoadWords,
  plainWorkWords,
  tempoWords,
  workWords,
  type ChangeWords,
} from '../ui/cell-words';

/** One exercise of a sheet, in the words of the person who does it. */
export interface SheetLine {
  readonly letter: string;
  readonly cell: Cell;
  /** "Goblet squat, to a chair". */
  readonly name: string;
  /** The number that is acted on, and how it is made. */
  readonly load: string;
  readonly made: string;
  readonly recipe: Recipe | undefined;
  /** What is drawn. */
  readonly drawn:
    | {
        readonly exercise: Exercise;
        readonly levers: LeverSettings;
        readonly hold: Hold | undefined;
        readonly holdingOn: boolean | undefined;
      }
    | undefined;
  readonly change: ChangeWords | undefined;
  readonly work: string;
  readonly how: string;
  readonly boxes: readonly SheetBox[];
  readonly cue: string;
  readonly notes: readonly Mark[];
  readonly easier: string;
  readonly harder: string;
  /** Why it is not done, where it is left out. */
  readonly because: string;
}

/** A box for a set: what it asks for, nothing where only doing it says; and what was done, once it is. */
export interface SheetBox {
  readonly asked: string;
  readonly done: string;
}

export interface SheetBlock {
  readonly id: string;
  readonly name: string;
  readonly rest: string;
  readonly lettered: boolean;
  readonly lines: readonly SheetLine[];
}

export interface SheetCaution {
  readonly condition: string;
  readonly words: readonly string[];
}

/** One person's sheet for one class. */
export interface SheetView {
  readonly card: Card;
  readonly minutes: number;
  /** Why everything is stopped, if it is: then no number stands on the card. */
  readonly stopped: { readonly why: string; readonly mend: string } | undefined;
  readonly cautions: readonly SheetCaution[];
  readonly blocks: readonly SheetBlock[];
}

/** Sheets of the session and class on view, for anybody. */
@Injectable({ providedIn: 'root' })
export class Sheets {
  private readonly view = inject(ViewStore);

  of(participantId: string): SheetView | undefined {
    const document = this.view.document();
    const session = this.view.session();
    if (!document || !session || !document.participants.some(({ id }) => id === participantId)) {
      return undefined;
    }
    const query = { participantId, sessionId: session.id, week: this.view.week() };
    const card = this.view.resolver.card(document, query);
    const cells = new Map(card.cells.map((cell) => [cell.slotId, cell]));
    const { totalSeconds } = sessionTimeline(
      card.session,
      { tier: card.participant.tier, card: (slotId) => timedCell(cells.get(slotId)) },
      this.view.catalog(),
      document.settings.timing,
    );
    return {
      card,
      minutes: Math.round(totalSeconds / 60),
      stopped: stopOf(card),
      cautions: cautionsOf(card),
      blocks: this.blocksOf(card),
    };
  }

  private blocksOf(card: Card): SheetBlock[] {
    return card.session.blocks.map((block) => {
      const { name, grouped, lettered } = BLOCKS[block.kind];
      const rest = block.restSeconds > 0 ? $localize`rest ${formatSeconds(block.restSeconds)}` : '';
      const between = block.betweenSeconds ? $localize`, ${formatSeconds(block.betweenSeconds)} between` : '';
      const inTurn = grouped && blockRounds(block) > 0;
      return {
        id: block.id,
        name,
        lettered,
        rest: inTurn ? $localize`in turn${between}, ${rest || $localize`no rest`} after each round` : rest,
        lines: block.slots.flatMap((slot) => {
          const at = card.columns.findIndex((column) => column.slot.id === slot.id);
          const cell = card.cells[at];
          const column = card.columns[at];
          return cell && column ? [this.lineOf(card, cell, column)] : [];
        }),
      };
    });
  }

  private lineOf(card: Card, cell: Cell, { letter, name }: Card['columns'][number]): SheetLine {
    const { unit } = card.participant;
    const notes = marksOf(cell.trace, unit, 'person');
    if (cell.status === 'leftOut') {
      const { why, mend } = leftOutWords(cell.because);
      return { ...NOTHING_TO_DO, letter, cell, name, notes, because: `${why}. ${mend}.` };
    }
    const { load, version } = cell;
    const trust = load?.recipe && trustWords(load.recipe, unit);
    const sides = this.sidesOf(cell, unit);
    const changed = changeWords(cell, unit);
    return {
      letter,
      cell,
      name: fullName(version),
      load: load ? formatHeldMass(load.kg, unit, load.hold === 'pair') : '',
      made: load ? [loadWords(load), eachLoadWords(cell, unit), trust].filter(Boolean).join(', ') : '',
      recipe: load?.recipe,
      drawn: {
        exercise: version.exercise,
        levers: version.levers,
        hold: load?.hold,
        holdingOn: version.holdingOn,
      },
      change: changed?.direction === 'level' ? undefined : changed,
      work: plainWorkWords(cell),
      how: [tempoWords(cell), this.lastTimeOf(cell)].filter(Boolean).join(', '),
      boxes: this.boxesOf(cell),
      cue: this.cueOf(version.exercise),
      notes,
      ...sides,
      because: '',
    };
  }

  /** One step either side, for a day on which it is too hard or too easy. */
  private sidesOf(cell: ReadyCell, unit: MassUnit): Pick<SheetLine, 'easier' | 'harder'> {
    const document = this.view.document();
    const session = this.view.session();
    if (!document || !session || cell.version.exercise.pattern === 'mobility')
      return { easier: '', harder: '' };
    const query = { sessionId: session.id, week: cell.week };
    const { easier, harder } = eitherSide(document, cell, query, this.view.resolver);
    // Two more may not eat up what is to be left.
    const { reserve = 0 } = cell.work;
    const stillLeft = harder?.kind === 'amount' && reserve > 0 ? $localize`, still with ${reserve} left` : '';
    return {
      easier: easier ? stepWords(easier, unit) : '',
      harder: harder ? stepWords(harder, unit) + stillLeft : '',
    };
  }

  /** What there is to beat, where as many as possible are asked: the sets of the last class with this very version. */
  private lastTimeOf(cell: ReadyCell): string {
    if (!asksForMost(cell)) return '';
    const before = logIndex(this.view.document()?.log ?? [])
      .ofCell(cell.participantId, cell.slotId)
      .filter((entry) => entry.week < cell.week && isOf(entry, cell.version));
    const last = Math.max(...before.map(({ week }) => week));
    const sets = before.filter(({ week }) => week === last).sort((a, b) => a.set - b.set);
    return sets.length > 0 ? $localize`last time ${amountsInWords(sets, ', ')}` : '';
  }

  private boxesOf(cell: ReadyCell): SheetBox[] {
    const sets = logIndex(this.view.document()?.log ?? [])
      .ofCell(cell.participantId, cell.slotId)
      .filter(({ week }) => week === cell.week);
    const seconds = cell.work.kind === 'reps' ? '' : ' s';
    return askedAmounts(cell).map((amount, at) => {
      const done = sets.filter(({ set }) => set === at + 1);
      const each = cell.work.perSide ? `${amount} · ${amount}` : `${amount}`;
      return {
        asked: asksForMost(cell) ? '' : each + seconds,
        done: amountsInWords(done, ' · '),
      };
    });
  }

  /** What is said of an exercise; of a combination the first thing of each part. */
  private cueOf(exercise: Exercise): string {
    const wordsOf = ({ id }: Exercise) => LIBRARY_WORDS[plainId(id)] ?? this.ownWords(plainId(id));
    const parts = partsOf(exercise);
    if (parts) {
      const said = new Set(parts.flatMap((part) => wordsOf(part.exercise)?.cues[0] ?? []));
      return (
        [...said, $localize`Out on the hard part of each, in between them; never hold it`].join('. ') + '.'
      );
    }
    const words = wordsOf(exercise);
    return words ? `${words.cues.slice(0, 2).join('. ')}. ${words.breathing}` : '';
  }

  /** What the coach wrote of an exercise of their own. */
  private ownWords(exerciseId: string): Coaching | undefined {
    return this.view.document()?.exercises.find(({ id }) => id === exerciseId)?.words;
  }
}

const NOTHING_TO_DO = {
  load: '',
  made: '',
  recipe: undefined,
  drawn: undefined,
  change: undefined,
  work: '',
  how: '',
  boxes: [],
  cue: '',
  easier: '',
  harder: '',
} as const;

function stepWords(step: SideStep, unit: MassUnit): string {
  switch (step.kind) {
    case 'load': {
      const made = step.load.recipe ? loadWords(step.load) : '';
      const held = `${formatHeldMass(step.load.kg, unit, step.load.hold === 'pair')} ${unit}`;
      return made ? `${held} (${made})` : held;
    }
    case 'version': {
      const { load } = step.cell;
      const held = load && `${formatHeldMass(load.kg, unit, load.hold === 'pair')} ${unit}`;
      return [fullName(step.cell.version), held, workWords(step.cell)].filter(Boolean).join(', ');
    }
    case 'amount':
      return step.amount.kind === 'reps'
        ? $localize`${step.amount.amount} in each set`
        : $localize`${step.amount.amount} s in each set`;
  }
}

function stopOf({ cells }: Card): SheetView['stopped'] {
  for (const cell of cells) {
    if (cell.status === 'leftOut' && stopsEverything(cell.because)) return leftOutWords(cell.because);
  }
  return undefined;
}

/** What a condition asks for or has changed in this session, each thing once; a condition without a word has nothing against it. */
function cautionsOf({ participant, cells }: Card): SheetCaution[] {
  const rules = cells.flatMap((cell): CautionRule[] => [
    ...cell.warnings,
    ...cell.trace.flatMap((reason) =>
      reason.kind === 'blocked' || reason.kind === 'cautioned' ? [reason.rule] : [],
    ),
  ]);
  const conditions: readonly string[] = conditionSchema.options;
  return cautionSubjects(participant)
    .map((condition) => ({
      condition: SUBJECT_WORDS[condition],
      words: [...new Set(rules.filter((rule) => rule.condition === condition).map(({ words }) => words))],
      named: conditions.includes(condition),
    }))
    .filter(({ words, named }) => named || words.length > 0);
}

/** A person and a class, as a name for a file. */
export function sheetFile({ name }: Participant, date: string): string {
  return `${name.toLowerCase().replaceAll(/[^\p{L}\d]+/gu, '-')}-${date}.dray-sheet.json`;
}

/**
 * A sheet as it leaves for somebody's home: its lettered exercises in plain words, and what is said to them whatever they do.
 * Where everything is stopped nothing but that is on it.
 */
export function homeSheetOf(
  { card, stopped, cautions, blocks }: SheetView,
  place: ClassPlace,
  date: string,
): HomeSheet {
  const { unit } = card.participant;
  const stop = stopped && `${stopped.why}. ${stopped.mend}.`;
  const lines = blocks.flatMap((block) => (block.lettered ? block.lines : []));
  return {
    format: 'dray sheet',
    version: 1,
    personId: card.participant.id,
    person: card.participant.name,
    sessionId: card.session.id,
    session: card.session.name,
    week: place.week,
    nth: place.nth,
    date,
    said: [
      ...(stop ? [stop] : []),
      ...cautions
        .filter(({ words }) => words.length > 0)
        .map(({ condition, words }) => `${condition}: ${words.join(' ')}`),
      STOP_SIGNS,
      ALONE,
      CLINICIAN_FIRST,
    ].map((words) => words.slice(0, 1000)),
    lines: (stop ? [] : lines)
      .filter(({ because }) => because === '')
      .map(({ letter, cell, name, load, made, work, how, easier }) => ({
        letter,
        slotId: cell.slotId,
        name,
        ...(load && { load: `${load} ${unit}${made ? ` (${made})` : ''}` }),
        work: [work, how].filter(Boolean).join(', '),
        ...(easier && { easier }),
        done: '',
      })),
  };
}
