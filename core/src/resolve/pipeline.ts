import type { Slot } from '../model';
import { attainable } from './attainable';
import { byHand } from './by-hand';
import { cautions } from './cautions';
import type { Cell } from './cell';
import type { DoseContext, PlaceContext } from './context';
import { draftOf, type DoseStep, type CellDraft, type PlaceStep } from './draft';
import { eased } from './eased';
import { kit } from './kit';
import { rung } from './rung';
import { target } from './target';
import { isTogether, placeTogether } from './together';
import { write } from './write';

/** Which version, held how: the same in every week. */
const PLACING: readonly PlaceStep[] = [rung, cautions, kit];

/** How much and with what, this week; the coach's own hand has the last word before it is written. */
const DOSING: readonly DoseStep[] = [target, attainable, byHand, write];

/** The way from a slot to a cell, in the order of the page. */
export const STEPS: readonly DoseStep[] = [...PLACING, ...DOSING];

/**
 * One slot for one person in one week, through all the steps. Pure: the same in, the same out; a cell always comes out.
 *
 * @param slot the place in the session
 * @param context person, kit, strength, week, and what the week before came to
 * @example resolve(slot, context).status // 'ready'
 */
export function resolve(slot: Slot, context: DoseContext): Cell {
  return doseSlot(placeSlot(slot, context), context);
}

/**
 * Steps 1 to 3: worth keeping, as no week changes them. The plan leaves them as conditions let the person take it.
 *
 * @param slot the place in the session
 * @param context person, kit, strength, and what is set by hand
 * @example placeSlot(slot, context).version?.name // 'goblet squat'
 */
export function placeSlot(slot: Slot, context: PlaceContext): CellDraft {
  if (isTogether(slot, context)) return eased(placeTogether(slot, context));
  return eased(
    PLACING.reduce((draft, step) => step(draft, context), draftOf(slot, context.participant.tier)),
  );
}

/**
 * The steps after them, for one week.
 *
 * @param placed what `placeSlot` gave
 * @param context the same as there, with the week
 * @throws Error when the last step gave no cell, which no input does
 * @example doseSlot(placeSlot(slot, context), context).week // 3
 */
export function doseSlot(placed: CellDraft, context: DoseContext): Cell {
  const { cell } = DOSING.reduce((draft, step) => step(draft, context), placed);
  if (!cell) throw new Error('The last step writes a cell.');
  return cell;
}
