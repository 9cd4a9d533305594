import type { Implement, Kit } from '../model';
import { repsWorth } from '../strength';
import { atMost, formatLoad, kgFromPounds, massKey, type MassUnit } from '../units';
import { attainableLoads } from './attainable';
import { HOUSEHOLD } from './household';
import { pickLoad } from './nearest';
import type { KitNeed } from './need';
import type { AttainableLoad } from './recipe';

/** The way of one need to its goal, with a kit. */
export interface NeedOutlook {
  readonly need: KitNeed;
  /** Week in which the next load is first too far away; absent when that never happens. */
  readonly stuckInWeek?: number | undefined;
  /** From there the next load up, and by how much, in percent; absent when there is none. */
  readonly gap?: { readonly fromKg: number; readonly toKg: number; readonly percent: number } | undefined;
  /** Weeks until a quarter more is lifted than now, `HORIZON_WEEKS` at the most. */
  readonly weeks: number;
}

export interface Addition {
  readonly kind: 'buy' | 'household';
  /** "one dumbbell 7.5 kg". */
  readonly words: string;
  readonly implement: Implement;
}

export interface AdditionWorth {
  readonly addition: Addition;
  /** Whose way gets shorter, with before and after, most first. */
  readonly helps: readonly { readonly before: NeedOutlook; readonly after: NeedOutlook }[];
  readonly weeksSaved: number;
}

export interface BestAddition {
  /** The one thing to buy or make that helps most; absent when nothing is in the way. */
  readonly best?: AdditionWorth | undefined;
  /** The best that costs nothing, when `best` has to be bought. */
  readonly forNothing?: AdditionWorth | undefined;
  readonly outlooks: readonly NeedOutlook[];
}

/** A quarter more than now is what a good half-year brings (common practice, no published source). */
export const GOAL_FACTOR = 1.25;
export const HORIZON_WEEKS = 26;

/** A step within the cap takes two visits with reps to spare. Source: Haff & Triplett, the 2-for-2 rule. */
const WEEKS_A_STEP = 2;
/** Towards a load beyond the cap, reps (or what slower ones are worth) grow by two a week: common practice. */
const REPS_A_WEEK = 2;
/** Past this nobody gets there by reps (common practice, no published source). */
const MOST_REPS = 40;

/** How soon the kit holds this need back, and how long its goal takes. */
export function needOutlook(loads: readonly AttainableLoad[], need: KitNeed): NeedOutlook {
  const { nowKg, reps, reserve, capPercent } = need;
  const goalKg = nowKg * GOAL_FACTOR;
  let load = pickLoad(loads, nowKg * (1 + capPercent / 100), 'notAbove');
  if (!load) return { need, stuckInWeek: 1, weeks: HORIZON_WEEKS };
  let weeks = 0;
  let stuckInWeek: number | undefined;
  let gap: NeedOutlook['gap'];
  while (load.kg < goalKg && weeks < HORIZON_WEEKS) {
    const next = pickLoad(loads, load.kg, 'nextUp');
    const fits = next && atMost(next.kg, load.kg * (1 + capPercent / 100));
    if (!fits && stuckInWeek === undefined) {
      stuckInWeek = weeks + 1;
      gap = next && { fromKg: load.kg, toKg: next.kg, percent: (next.kg / load.kg - 1) * 100 };
    }
    if (!next) return { need, stuckInWeek, gap, weeks: HORIZON_WEEKS };
    const worth = repsWorth(load.kg, next.kg, reps, reserve);
    if (!fits && worth > MOST_REPS) return { need, stuckInWeek, gap, weeks: HORIZON_WEEKS };
    weeks += fits ? WEEKS_A_STEP : Math.max(WEEKS_A_STEP, Math.ceil((worth - reps) / REPS_A_WEEK));
    load = next;
  }
  return { need, stuckInWeek, gap, weeks: Math.min(weeks, HORIZON_WEEKS) };
}

/**
 * Which single purchase or household filling closes the gap that will hold most people back soonest, and what it buys.
 * Every thing on the list is put into the kit in turn, and each need's way to a quarter more is walked with it and
 * without. Weeks saved count the more the sooner their gap is met: in full in the first week, half in the fifth.
 *
 * @param needs of everybody who uses the kit
 */
export function bestAddition(kit: Kit, needs: readonly KitNeed[]): BestAddition {
  const before = outlooksWith(kit, needs);
  const stuck = before.filter(({ stuckInWeek, weeks }) => stuckInWeek !== undefined && weeks > 0);
  if (stuck.length === 0) return { outlooks: before };
  const worths = candidates(kit, stuck)
    .map((addition) => worthOf(kit, addition, before, needs))
    .filter(({ weeksSaved }) => weeksSaved > 0);
  const best = heaviest(worths);
  const forNothing = heaviest(worths.filter(({ addition }) => addition.kind === 'household'));
  return {
    outlooks: before,
    best,
    forNothing: best?.addition.kind === 'buy' ? forNothing : undefined,
  };
}

interface Weighed extends AdditionWorth {
  readonly weight: number;
}

function heaviest(worths: readonly Weighed[]): AdditionWorth | undefined {
  let best: Weighed | undefined;
  for (const worth of worths) {
    if (!best || !atMost(worth.weight, best.weight)) best = worth;
  }
  return best;
}

function outlooksWith(kit: Kit, needs: readonly KitNeed[]): NeedOutlook[] {
  const known = new Map<unknown, readonly AttainableLoad[]>();
  return needs.map((need) => {
    const { hold, path, wearer } = need;
    // Only bands and hands depend on who it is.
    const key = hold === 'band' ? `${need.participantId} ${JSON.stringify(path)}` : hold;
    let loads = known.get(key);
    if (!loads) known.set(key, (loads = attainableLoads(kit, hold, wearer, path)));
    return needOutlook(loads, need);
  });
}

function worthOf(
  kit: Kit,
  addition: Addition,
  before: readonly NeedOutlook[],
  needs: readonly KitNeed[],
): Weighed {
  const after = outlooksWith({ ...kit, implements: [...kit.implements, addition.implement] }, needs);
  let weight = 0;
  const helps = before.flatMap((old, at) => {
    const now = after[at];
    if (!now || now.weeks >= old.weeks) return [];
    weight += (old.weeks - now.weeks) / (1 + ((old.stuckInWeek ?? 1) - 1) / 4);
    return [{ before: old, after: now }];
  });
  helps.sort((a, b) => b.before.weeks - b.after.weeks - (a.before.weeks - a.after.weeks));
  const weeksSaved = helps.reduce((sum, help) => sum + help.before.weeks - help.after.weeks, 0);
  return { addition, helps, weeksSaved, weight };
}

/** Masses dumbbells are sold in, in the unit they are stamped with (common practice, no published source). */
const SIZES: Record<MassUnit, readonly number[]> = {
  kg: [
    1, 1.5, 2, 2.5, 3, 4, 5, 6, 7, 7.5, 8, 9, 10, 12, 12.5, 14, 15, 16, 17.5, 18, 20, 22.5, 25, 27.5, 30,
    32.5, 35, 40,
  ],
  lb: [2, 3, 5, 7.5, 8, 10, 12, 12.5, 15, 17.5, 20, 22.5, 25, 30, 35, 40, 45, 50, 55, 60, 70, 80],
};
const PLATE_SIZES: Record<MassUnit, readonly number[]> = {
  kg: [0.5, 1, 1.25, 2, 2.5, 5],
  lb: [1.25, 2.5, 5, 10],
};

/** Household things first, so that on equal worth nothing has to be bought. */
function candidates(kit: Kit, stuck: readonly NeedOutlook[]): Addition[] {
  const household = HOUSEHOLD.map(({ name, implement }): Addition => ({
    kind: 'household',
    words: name,
    implement,
  }));
  const kgOf = (size: number) => (kit.unit === 'kg' ? size : kgFromPounds(size));
  const masses = SIZES[kit.unit].map(kgOf);
  const useful = masses.filter((massKg) =>
    stuck.some(({ need, gap }) => {
      const kg = need.hold === 'pair' ? 2 * massKg : massKg;
      const from = gap?.fromKg ?? need.nowKg * 0.7;
      // Not only in the first gap: the way to the goal may have others, or end too soon.
      return kg > from && kg < need.nowKg * GOAL_FACTOR * 1.15;
    }),
  );
  const dumbbells = useful.flatMap((massKg): Addition[] =>
    ([1, 2] as const).map((count) => ({
      kind: 'buy',
      words: `${count === 1 ? 'one dumbbell' : 'two dumbbells'} ${formatLoad(massKg, kit.unit)}`,
      implement: { kind: 'fixed', id: `new-${massKey(massKg)}`, form: 'dumbbell', massKg, count },
    })),
  );
  const plates = kit.implements.flatMap((thing): Addition[] => {
    if (thing.kind !== 'adjustable' && thing.kind !== 'bar') return [];
    const count = thing.kind === 'adjustable' && thing.handles === 2 ? 4 : 2;
    return PLATE_SIZES[kit.unit].map((size) => {
      const massKg = kgOf(size);
      const added = { massKg, count };
      return {
        kind: 'buy',
        words: `${count} plates ${formatLoad(massKg, kit.unit)}`,
        // As the old one with the new plates beside it: whatever the two make apart stays right.
        implement: { ...thing, id: `new-${thing.id}`, plates: [...thing.plates, added] },
      };
    });
  });
  return [...household, ...dumbbells, ...plates];
}
