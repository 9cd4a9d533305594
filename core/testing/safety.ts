import { applyCautions, cautionSubjects } from '../src/caution';
import {
  demandsHeld,
  leversMoved,
  sameVersion,
  tierSteps,
  versionOfExercise,
  withLever,
  type Version,
} from '../src/ladder';
import { catalog } from '../src/library';
import { partsOf, type CombinedPart, type LeverKind, type Participant, type Tier } from '../src/model';
import type { Cell, ReadyCell } from '../src/resolve';

/** What of a cell a person's conditions do not allow, in words; nothing for a cell that is left out. */
export function unsafeIn(cell: Cell, participant: Participant, mostTier: Tier = 'advanced'): string[] {
  if (cell.status !== 'ready') return [];
  const parts = partsOf(cell.version.exercise);
  if (parts) return parts.flatMap((part) => unsafeInPart(cell, part, participant));
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

/** A part of a combination as a version of its own. */
export function versionOfPart({ exercise, rung, levers }: CombinedPart): Version {
  const onRung = rung && catalog.versionByRung.get(rung.id);
  const moved = Object.entries(leversMoved({ levers, ...(rung && { rung }) }));
  return moved.reduce(
    (version, [lever, value]) => withLever(version, lever as LeverKind, value, ''),
    onRung ?? versionOfExercise(exercise),
  );
}

/** What of one part a person's conditions do not allow: as if it stood alone, with the load only where it carries it. */
function unsafeInPart(cell: ReadyCell, part: CombinedPart, participant: Participant): string[] {
  const version = versionOfPart(part);
  const verdict = applyCautions(version, cautionSubjects(participant), catalog);
  if (verdict.kind === 'blocked') return [`${cell.version.name}, ${version.name}: ${verdict.rule.words}`];
  const found: string[] = [];
  const say = (words: string) => found.push(`${cell.version.name}, ${version.name}: ${words}`);
  if (!sameVersion(verdict.version, version)) say(`should be ${verdict.version.name}`);
  const { load, work } = cell;
  if (load && part.carries && part.exercise.loading?.holds.includes(load.hold)) {
    if (!verdict.holds.includes(load.hold)) say(`held as ${load.hold}`);
  }
  const { reserveAtLeast, holdAtMostSeconds, clockAtMostSeconds } = verdict.limits;
  const most = { reps: Infinity, hold: holdAtMostSeconds, time: clockAtMostSeconds }[work.kind];
  if (work.amount > most) say(`${work.amount} s, over ${most}`);
  if (work.kind === 'reps' && (work.reserve ?? 0) < reserveAtLeast) say(`${work.reserve} left`);
  return found;
}
