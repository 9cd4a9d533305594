import { applyCautions, cautionSubjects } from '../caution';
import type { Version } from '../ladder';
import type { CellReason, GateState } from '../reason';
import type { PlaceContext } from './context';
import type { Dose, CellDraft } from './draft';
import { loadsFor } from './hold';

/**
 * At the top of what a scheme adds: what the way to the next rung still needs.
 *
 * @param draft with its version
 * @param dose what is asked
 * @param context ladders, conditions, kit
 * @example gateReasons(draft, dose, context)[0]?.kind // 'gate'
 */
export function gateReasons(
  { version }: CellDraft,
  dose: Pick<Dose, 'amount' | 'sets'>,
  context: PlaceContext,
): CellReason[] {
  const { catalog } = context;
  const rungs = catalog.ladders.get(version?.ladderId ?? '')?.rungs ?? [];
  const standsAt = rungs.findIndex(({ id }) => id === version?.rung?.id);
  const next = standsAt < 0 ? undefined : catalog.versionByRung.get(rungs[standsAt + 1]?.id ?? '');
  const gate = version?.rung?.gate;
  if (!next || !gate) return [{ step: 'target', kind: 'ladderEnds' }];
  return [{ step: 'target', kind: 'gate', gate, next, state: stateOf(next, gate, dose, context) }];
}

function stateOf(
  next: Version,
  gate: NonNullable<Version['rung']>['gate'],
  { amount, sets }: Pick<Dose, 'amount' | 'sets'>,
  { catalog, owned, participant }: PlaceContext,
): GateState {
  if (owned.missing(next.needs).length > 0) return { kind: 'closed', by: 'kit' };
  if (applyCautions(next, cautionSubjects(participant), catalog).kind === 'blocked') {
    return { kind: 'closed', by: 'caution' };
  }
  const { loading } = next.exercise;
  if (loading?.required && !loading.holds.some((hold) => loadsFor(next, hold, owned).length > 0)) {
    return { kind: 'closed', by: 'nothingToHold' };
  }
  const wanted = amount.kind === 'reps' ? gate.reps : gate.seconds;
  const made = wanted !== undefined && sets >= gate.sets && amount.amount >= wanted;
  return { kind: made ? 'passed' : 'shortOf' };
}
