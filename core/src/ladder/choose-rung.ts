import { TIERS, tierFor, type Ladder, type Participant, type Rung, type Tier } from '../model';

/** −1, 0 or 1 and so on: how much harder `a` is than `b`. */
export function tierSteps(a: Tier, b: Tier): number {
  return TIERS.indexOf(a) - TIERS.indexOf(b);
}

export interface RungChoice {
  readonly rung: Rung;
  /** Why this rung: where they stand, or the first rung of their tier. */
  readonly by: 'standing' | 'tier';
  /** The rung they would have had, when it waits for another ladder. */
  readonly waiting?: Rung;
}

/**
 * The rung of a participant on a ladder: the one they stand on, else the first of their tier for the pattern, else
 * the hardest below it. A rung whose prerequisites are not reached yet gives way to the one before it.
 */
export function chooseRung(
  participant: Participant,
  ladder: Ladder,
  ladders: ReadonlyMap<string, Ladder>,
): RungChoice | undefined {
  const standing = ladder.rungs.findIndex(({ id }) => id === participant.rungs[ladder.id]);
  const by = standing >= 0 ? 'standing' : 'tier';
  const wanted = standing >= 0 ? standing : firstOfTier(ladder, tierFor(participant, ladder.pattern));
  for (let at = wanted; at >= 0; at -= 1) {
    const rung = ladder.rungs[at];
    if (!rung || !prerequisitesReached(rung, participant, ladders)) continue;
    const waiting = at < wanted ? ladder.rungs[wanted] : undefined;
    return waiting ? { rung, by, waiting } : { rung, by };
  }
  return undefined;
}

/** The first rung of a tier, or the hardest below it. */
export function chooseRungOfTier(ladder: Ladder, tier: Tier): Rung | undefined {
  return ladder.rungs[firstOfTier(ladder, tier)];
}

function firstOfTier(ladder: Ladder, tier: Tier): number {
  const exact = ladder.rungs.findIndex((rung) => rung.tier === tier);
  if (exact >= 0) return exact;
  let hardestBelow = 0;
  ladder.rungs.forEach((rung, at) => {
    if (tierSteps(rung.tier, tier) < 0) hardestBelow = at;
  });
  return hardestBelow;
}

/**
 * Whether a person stands high enough on every ladder that a rung waits for.
 *
 * @param rung to be taken
 * @param participant where they stand, or their tier where nothing more is known
 * @param ladders to look it up in
 * @example prerequisitesReached(jumpingThrust, newcomer, catalog.ladders) // false
 */
export function prerequisitesReached(
  rung: Rung,
  participant: Pick<Participant, 'rungs' | 'tier' | 'tiers'>,
  ladders: ReadonlyMap<string, Ladder>,
): boolean {
  return rung.prerequisites.every(({ ladderId, rungId }) => {
    const other = ladders.get(ladderId);
    if (!other) return false;
    const needed = other.rungs.findIndex(({ id }) => id === rungId);
    const standing = other.rungs.findIndex(({ id }) => id === participant.rungs[ladderId]);
    const reached = standing >= 0 ? standing : firstOfTier(other, tierFor(participant, other.pattern));
    return reached >= needed;
  });
}
