import type { DrayDocument, Program } from '../model';
import type { KitNeed } from '../kit';
import type { Catalog } from '../ladder';
import { catalogOf } from '../library';
import { harderVersion } from '../progress';
import type { Cell, ReadyCell } from '../resolve';
import { kitTargets } from './kit-needs';
import { createResolver, type Resolver } from './resolver';

/** What to expect of one slot, week by week. */
export interface SlotPath {
  readonly sessionId: string;
  readonly slotId: string;
  readonly letter: string;
  readonly name: string;
  /** Week 1 first. */
  readonly cells: readonly Cell[];
  readonly ceiling?: Ceiling | undefined;
}

/** Where a person's kit ends, and what then. */
export interface Ceiling {
  readonly week: number;
  readonly kg: number;
  /** Ways on, in words: the harder rung, one limb, slower. */
  readonly then: readonly string[];
  /** What a purchase would have to give. */
  readonly need?: KitNeed | undefined;
}

/**
 * The expected path of one person through a program under its schemes, from what is logged so far and with the rest taken as
 * done: every week of every slot, the week in which the kit ends, and the ways on from there.
 */
export function projectProgram(
  document: DrayDocument,
  participantId: string,
  program: Program | undefined = document.programs[0],
  resolver: Resolver = createResolver(),
): SlotPath[] {
  if (!program) return [];
  const catalog = catalogOf(document);
  const sessionIds = [
    ...new Set(program.weeks.flatMap(({ days }) => days.map(({ sessionId }) => sessionId))),
  ];
  return sessionIds.flatMap((sessionId): SlotPath[] => {
    const cards = program.weeks.map(({ week }) =>
      resolver.card(document, { participantId, sessionId, week }),
    );
    const [first] = cards;
    return (first?.columns ?? []).flatMap(({ slot, letter, name }, at): SlotPath[] => {
      if (letter === '') return [];
      const cells = cards.flatMap((card) => card.cells[at] ?? []);
      const ends = cells.find((cell): cell is ReadyCell => cell.status === 'ready' && endsHere(cell));
      const ceiling =
        ends && ceilingOf(ends, catalog, needOf(document, participantId, sessionId, slot.id, resolver));
      return [{ sessionId, slotId: slot.id, letter, name, cells, ceiling }];
    });
  });
}

function endsHere(cell: ReadyCell): boolean {
  return cell.marks.some(({ kitEnds }) => kitEnds);
}

function ceilingOf(cell: ReadyCell, catalog: Catalog, need: KitNeed | undefined): Ceiling {
  const then: string[] = [];
  const harder = harderVersion(cell.version, catalog);
  if (harder) then.push(harder.words);
  if (cell.version.exercise.laterality === 'both') {
    const single = [...catalog.exercises.values()].find(
      ({ pattern, laterality, loading }) =>
        pattern === cell.version.exercise.pattern && laterality === 'eachSide' && loading !== undefined,
    );
    if (single) then.push(`one side at a time: ${single.name.toLowerCase()}`);
  }
  then.push('slower: three counts down, one held');
  return { week: cell.week, kg: cell.load?.kg ?? 0, then, need };
}

function needOf(
  document: DrayDocument,
  participantId: string,
  sessionId: string,
  slotId: string,
  resolver: Resolver,
): KitNeed | undefined {
  const person = document.participants.find(({ id }) => id === participantId);
  const board = resolver.board(document, { sessionId, week: 1 });
  for (const kitId of person?.kitIds ?? []) {
    const own = kitTargets(board, kitId).find(
      (need) => need.participantId === participantId && need.slotId === slotId,
    );
    if (own) return own;
  }
  return undefined;
}
