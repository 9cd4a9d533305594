import type { Session, Slot, Tier, Timing } from '../model';
import { BLOCKS } from '../model';
import type { Catalog } from '../ladder';
import { middleAmount, sessionTimeline } from '../plan';
import { HEAVY_REPS, membersOf, sharedMuscle, type Member } from './effort';

/** Two exercises worth doing by turns. */
export interface Pairing {
  readonly slotIds: readonly [string, string];
  readonly savedSeconds: number;
  /** Seconds saved less what the two take from each other. */
  readonly worth: number;
  /** What stands against it, in words; empty when nothing does. */
  readonly against: readonly string[];
}

export interface PairingContext {
  readonly tier: Tier;
  readonly catalog: Catalog;
  readonly timing?: Timing | undefined;
  /** Told how far it is, from 0 to 1; false ends it. */
  readonly onProgress?: ((share: number) => boolean) | undefined;
}

/**
 * What two partners take from each other, as seconds of rest it is worth not to have to spend. Common practice, no
 * published source.
 */
const INTERFERENCE = { muscle: 80, grip: 20, lowBack: 40, breath: 30, heavy: 90 } as const;

/** More exercises than this are paired in runs of as many: no class does more. */
export const MOST_PAIRED = 24;

/**
 * Which exercises to do as supersets: the exact best set of pairs among those that stand alone now, by time saved less
 * interference (shared muscles, grip, low back, breath, heavy sets). Getting to the other thing, down and up, is in the time.
 *
 * @returns undefined when ended on the way
 */
export function suggestPairings(session: Session, context: PairingContext): Pairing[] | undefined {
  const alone = membersOf(session, context.tier, context.catalog).filter(
    ({ block }) => block.kind === 'straight',
  );
  const chosen: Pairing[] = [];
  for (let from = 0; from < alone.length; from += MOST_PAIRED) {
    const run = alone.slice(from, from + MOST_PAIRED);
    const pairs = allPairs(run, session, context);
    if (!pairs) return undefined;
    const matched = bestMatching(run.length, (a, b) => pairs.get(a * run.length + b)?.worth ?? 0);
    for (const [a, b] of matched) {
      const pairing = pairs.get(a * run.length + b);
      if (pairing) chosen.push(pairing);
    }
  }
  return chosen.sort((a, b) => b.worth - a.worth);
}

/** Every pair worth anything, under `a * count + b` with a < b; undefined when ended. */
function allPairs(run: readonly Member[], session: Session, context: PairingContext) {
  const pairs = new Map<number, Pairing>();
  for (const [at, a] of run.entries()) {
    if (context.onProgress?.(at / run.length) === false) return undefined;
    run.slice(at + 1).forEach((b, more) => {
      const pairing = pairingOf(a, b, session, context);
      if (pairing.worth > 0) pairs.set(at * run.length + at + 1 + more, pairing);
    });
  }
  return pairs;
}

/** What a pair would save, and what stands against it. */
export function pairingOf(a: Member, b: Member, session: Session, context: PairingContext): Pairing {
  const savedSeconds =
    secondsOf(session, [[a.slot], [b.slot]], a, context) - secondsOf(session, [[a.slot, b.slot]], a, context);
  const x = a.version.exercise;
  const y = b.version.exercise;
  const both = (test: (member: Member) => boolean) => test(a) && test(b);
  const shared = sharedMuscle(x, y);
  const against: string[] = [];
  let worth = savedSeconds;
  const charge = (seconds: number, words: string) => {
    worth -= seconds;
    if (seconds > 0) against.push(words);
  };
  charge(Math.round(INTERFERENCE.muscle * shared), 'the same muscles');
  if (both(gripsHard)) charge(INTERFERENCE.grip, 'both ask for grip');
  if (both(loadsLowBack)) charge(INTERFERENCE.lowBack, 'both load the low back');
  if (both(({ version }) => version.demands.includes('breathless')))
    charge(INTERFERENCE.breath, 'both take the breath');
  if (isHeavy(a) || isHeavy(b)) charge(INTERFERENCE.heavy, 'heavy sets want their rest');
  return { slotIds: [a.slot.id, b.slot.id], savedSeconds, worth, against };
}

function demandsOf({ version }: Member): readonly string[] {
  return [...version.demands, ...version.demandsLoaded];
}

function gripsHard(member: Member): boolean {
  return demandsOf(member).some((demand) => demand === 'grip' || demand === 'hanging');
}

function loadsLowBack(member: Member): boolean {
  const share = member.version.exercise.muscles.find(({ muscle }) => muscle === 'lowBack')?.share ?? 0;
  return (
    share >= 0.4 || demandsOf(member).some((demand) => demand === 'spineBending' || demand === 'loadedHinge')
  );
}

function isHeavy({ prescription }: Member): boolean {
  const { amount, clocked } = middleAmount(prescription.work);
  return !clocked && amount <= HEAVY_REPS;
}

/** Seconds of the slots alone, as blocks of their own or as partners. */
function secondsOf(
  session: Session,
  groups: readonly (readonly Slot[])[],
  { block }: Member,
  { tier, catalog, timing }: PairingContext,
): number {
  const blocks = groups.map((slots, at) => ({
    id: `pair-${at}`,
    kind: slots.length > 1 ? ('superset' as const) : ('straight' as const),
    restSeconds: slots.length > 1 ? BLOCKS.superset.defaultRestSeconds : block.restSeconds,
    slots: [...slots],
  }));
  return sessionTimeline({ ...session, blocks }, { tier }, catalog, timing).totalSeconds;
}

/**
 * The set of disjoint pairs with the largest sum of weights, exactly: the first of those left is either alone or with one
 * of the others, and what is left over is remembered by its set. About 200,000 sets for 24.
 */
export function bestMatching(count: number, weight: (a: number, b: number) => number): [number, number][] {
  const best = new Map<number, { readonly sum: number; readonly with: number }>();
  const solve = (left: number): number => {
    if (left === 0) return 0;
    const known = best.get(left);
    if (known) return known.sum;
    const first = 31 - Math.clz32(left & -left);
    const rest = left & ~(1 << first);
    let sum = solve(rest);
    let partner = -1;
    for (let other = first + 1; other < count; other += 1) {
      if ((rest & (1 << other)) === 0) continue;
      const own = weight(first, other);
      if (own <= 0) continue;
      const whole = own + solve(rest & ~(1 << other));
      if (whole > sum) {
        sum = whole;
        partner = other;
      }
    }
    best.set(left, { sum, with: partner });
    return sum;
  };
  let left = 2 ** count - 1;
  solve(left);
  const pairs: [number, number][] = [];
  while (left !== 0) {
    const first = 31 - Math.clz32(left & -left);
    const partner = best.get(left)?.with ?? -1;
    left &= ~(1 << first);
    if (partner < 0) continue;
    pairs.push([first, partner]);
    left &= ~(1 << partner);
  }
  return pairs;
}
