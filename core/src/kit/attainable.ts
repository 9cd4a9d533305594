import type { BandPath, Hold, ImplementKind, Kit } from '../model';
import { massKey } from '../units';
import { adjustableLoads } from './adjustable';
import { ankleLoads } from './ankle';
import { bagLoads } from './bag';
import { bandLoads } from './band';
import { barLoads } from './bar';
import { fillableLoads } from './fillable';
import { fixedLoads } from './fixed';
import { propLoads } from './prop';
import type { AttainableLoad, HoldQuestion, Maker, Stocked, Wearer } from './recipe';
import { vestLoads } from './vest';

/** One handler a kind; a new implement is one new file and one line here. */
const IMPLEMENTS: { readonly [Kind in ImplementKind]: Maker<Kind> } = {
  fixed: fixedLoads,
  adjustable: adjustableLoads,
  bar: barLoads,
  fillable: fillableLoads,
  bag: bagLoads,
  band: bandLoads,
  ankle: ankleLoads,
  vest: vestLoads,
  prop: propLoads,
};
const KINDS = Object.keys(IMPLEMENTS) as ImplementKind[];

function loadsOf<Kind extends ImplementKind>(
  kind: Kind,
  kits: readonly Kit[],
  question: HoldQuestion,
): AttainableLoad[] {
  const stock = kits.flatMap(({ implements: things, unit }) =>
    things.flatMap((implement): Stocked<Kind>[] =>
      implement.kind === kind ? [{ implement: implement as Stocked<Kind>['implement'], unit }] : [],
    ),
  );
  return IMPLEMENTS[kind](stock, question);
}

/**
 * Every distinct load a kit (or several together) can make in a hold, lightest first, each with its simplest recipe
 * (fewest pieces). Exact: counts are respected, bars and handles balanced, pairs equal.
 *
 * @param wearer whose body it is: needed for the hold "hands", used for bands
 * @param path how the exercise leads a band; without it a band makes nothing
 */
export function attainableLoads(
  kit: Kit | readonly Kit[],
  hold: Hold,
  wearer: Wearer = {},
  path?: BandPath,
): AttainableLoad[] {
  const kits = 'implements' in kit ? [kit] : kit;
  const simplest = new Map<number, AttainableLoad>();
  for (const kind of KINDS) {
    for (const load of loadsOf(kind, kits, { hold, wearer, path })) {
      const key = massKey(load.kg);
      const known = simplest.get(key);
      if (!known || load.recipe.pieces < known.recipe.pieces) simplest.set(key, load);
    }
  }
  return [...simplest.values()].sort((a, b) => a.kg - b.kg);
}
