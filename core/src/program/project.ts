import { midSentence, type DrayDocument, type Exercise, type Program } from '../model';
import type { KitNeed } from '../kit';
import type { Catalog } from '../ladder';
import { catalogOf } from '../library';
import { harderVersion } from '../progress';
import { harderWords, type HarderVersion } from '../reason';
import { BRIDGE_STEPS, type Cell, type ReadyCell } from '../resolve';
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

/** A way on where a kit has ended. */
export type WayOn =
  | { readonly kind: 'harder'; readonly version: HarderVersion }
  | { readonly kind: 'oneSide'; readonly exercise: Exercise }
  | { readonly kind: 'slower' };

/** Where a person's kit ends, and what then. */
export interface Ceiling {
  readonly week: number;
  /** Both hands together. */
  readonly kg: number;
  /** One in each hand. */
  readonly pair: boolean;
  /** Ways on: the harder version, one limb, slower. */
  readonly then: readonly WayOn[];
  /** What a purchase would have to give. */
  readonly need?: KitNeed | undefined;
}

/**
 * The expected path of one person through a program under its schemes, from what is logged so far and with the rest taken as
 * done: every week of every slot, the week in which the kit ends, and the ways on from there.
 *
 * @param document with everything in it
 * @param participantId whose path
 * @param program through which; the document's first when absent
 * @param resolver to work it out with
 * @example projectProgram(document, 'juno')[0]?.cells.length // 8
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
    return (first?.columns ?? []).flatMap(({ slot, letter, name }, column): SlotPath[] => {
      if (letter === '') return [];
      const cells = cards.flatMap((card) => card.cells[column] ?? []);
      const ends = cells.find((cell): cell is ReadyCell => cell.status === 'ready' && endsHere(cell));
      const ceiling =
        ends && ceilingOf(ends, catalog, needOf(document, participantId, sessionId, slot.id, resolver));
      return [{ sessionId, slotId: slot.id, letter, name, cells, ceiling }];
    });
  });
}

/**
 * A way on in words: "the next rung, “shoulder pair”".
 *
 * @param way on from where a kit has ended
 * @example wayOnWords({ kind: 'slower' }) // 'slower: three counts down, one held'
 */
export function wayOnWords(way: WayOn): string {
  switch (way.kind) {
    case 'harder':
      return harderWords(way.version);
    case 'oneSide':
      return `one side at a time: ${midSentence(way.exercise.name)}`;
    case 'slower':
      return `slower: ${BRIDGE_STEPS[0]?.words ?? ''}`;
  }
}

function endsHere(cell: ReadyCell): boolean {
  return cell.trace.some((reason) => reason.kind === 'bridge' && !reason.next);
}

function ceilingOf(cell: ReadyCell, catalog: Catalog, need: KitNeed | undefined): Ceiling {
  const then: WayOn[] = [];
  const harder = harderVersion(cell.version, catalog);
  if (harder) then.push({ kind: 'harder', version: harder });
  if (cell.version.exercise.laterality === 'both') {
    const single = [...catalog.exercises.values()].find(
      ({ pattern, laterality, loading }) =>
        pattern === cell.version.exercise.pattern && laterality === 'eachSide' && loading !== undefined,
    );
    if (single) then.push({ kind: 'oneSide', exercise: single });
  }
  then.push({ kind: 'slower' });
  return { week: cell.week, kg: cell.load?.kg ?? 0, pair: cell.load?.hold === 'pair', then, need };
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
    const target = kitTargets(board, kitId).find(
      (need) => need.participantId === participantId && need.slotId === slotId,
    );
    if (target) return target;
  }
  return undefined;
}
