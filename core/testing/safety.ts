import { applyCautions, cautionSubjects } from '../src/caution';
import { demandsHeld, sameVersion, tierSteps } from '../src/ladder';
import { catalog } from '../src/library';
import type { Participant, Tier } from '../src/model';
import type { Cell } from '../src/resolve';

/** What of a cell a person's conditions do not allow, in words; nothing for a cell that is left out. */
export function unsafeIn(cell: Cell, participant: Participant, mostTier: Tier = 'advanced'): string[] {
  if (cell.status !== 'ready') return [];
  const { version, load, work, eachSet, planned } = cell;
  const verdict = applyCautions(version, cautionSubjects(participant), catalog);
  const found: string[] = [];
  const say = (words: string) => found.push(`${version.name}: ${words}`);
  if (verdict.kind === 'blocked') return [`${version.name}: blocked, ${verdict.rule.words}`];
  if (!sameVersion(verdict.version, version) || verdict.version.holdingOn !== version.holdingOn) {
    say(`should be ${verdict.version.name}`);
  }
  if (load && !verdict.holds.includes(load.hold)) say(`held as ${load.hold}`);
  if (load && version.holdingOn && demandsHeld(version, load.hold).includes('unsteady')) say('no hand free');
  const { reserveAtLeast, holdAtMostSeconds, clockAtMostSeconds } = verdict.limits;
  const most = { reps: Infinity, hold: holdAtMostSeconds, time: clockAtMostSeconds }[work.kind];
  const amounts = [work.amount, ...(eachSet ?? []).map(({ amount }) => amount)];
  if (amounts.some((amount) => amount > most)) say(`${amounts.join(', ')} s, over ${most}`);
  if (work.kind === 'reps' && (work.reserve ?? 0) < reserveAtLeast) say(`${work.reserve} left`);
  if (reserveAtLeast > 0 && planned.work.kind === 'most') say('as many as possible');
  if (reserveAtLeast > 0 && planned.setPattern?.kind === 'dropOnForm') say('to the end of form');
  if (planned.work.kind === 'either' && planned.work.seconds > clockAtMostSeconds) say('too long');
  if (version.tier && tierSteps(version.tier, mostTier) > 0) say(`${version.tier}, over ${mostTier}`);
  return found;
}
