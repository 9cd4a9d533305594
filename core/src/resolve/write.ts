import { byTheClock } from '../plan';
import { sameVersion, type Version } from '../ladder';
import type { CellReason } from '../reason';
import { BRIDGE_STEPS, restAtStep } from './bridge';
import type { CellLoad, CellWork, Change, ReadyCell } from './cell';
import type { DoseContext } from './context';
import type { Dose, CellDraft } from './draft';
import { eachSet } from './each-set';
import { mostSeconds, reserveAsked } from './wanted';

/**
 * Step 6: the cell. Work with its rest, tempo and sides, the load set by set, what changed since last week, what is said to the
 * person; or that it is left out, and why.
 *
 * @param draft with its dose
 * @param context the week
 * @example write(draft, context).cell?.status // 'ready'
 */
export function write(draft: CellDraft, context: DoseContext): CellDraft {
  const { version, dose } = draft;
  return version && dose ? ready(draft, version, dose, context) : leftOut(draft, context);
}

function ready(draft: CellDraft, version: Version, dose: Dose, context: DoseContext): CellDraft {
  const { slot, tier, prescription, held, wanted, rules } = draft;
  const { participant, week, override, last } = context;
  const work = workOf(draft, version, dose, context);
  const { load, wantedKg, aim } = dose;
  const written: CellReason = {
    step: 'write',
    kind: 'written',
    sets: work.sets,
    amount: dose.amount,
    work: prescription.work,
    perSide: work.perSide,
    restSeconds: work.restSeconds,
    kg: load?.kg,
  };
  const lastCell = last && sameVersion(last.cell.version, version) ? last.cell : undefined;
  const cell: ReadyCell = {
    status: 'ready',
    participantId: participant.id,
    slotId: slot.id,
    week,
    tier,
    version,
    planned: prescription,
    work,
    eachSet: eachSet(prescription, work, load, held?.loads, mostSeconds(work.kind, draft.limits)),
    load,
    wantedKg,
    aim,
    basis: wanted?.estimate.basis,
    change: lastCell && changeSince(lastCell, work, load),
    trace: [...draft.trace, written],
    warnings: rules,
    override,
  };
  return { ...draft, cell };
}

function workOf(draft: CellDraft, version: Version, dose: Dose, { restSeconds }: DoseContext): CellWork {
  const { prescription, wanted, limits } = draft;
  const { amount, sets, bridge } = dose;
  const harder = bridge === undefined ? undefined : BRIDGE_STEPS[bridge];
  const counted = amount.kind === 'reps';
  // Kind and amount come from one `Amount` and fit each other.
  return {
    kind: amount.kind,
    amount: amount.amount,
    sets,
    perSide: perSide(draft, version),
    reserve: wanted?.reserve ?? (counted ? reserveAsked(prescription, version, limits) : undefined),
    tempo: harder?.tempo ?? prescription.tempo,
    range: harder?.range ?? prescription.range,
    bridge,
    restSeconds: restAtStep(bridge, prescription.restSeconds ?? restSeconds),
  } as CellWork;
}

/**
 * One-sided exercises are done on both sides whatever the plan says, a class's clock running for both together; others only when
 * it says so of this very exercise: what stands in for it with both at once has no sides.
 */
function perSide({ prescription, slot: { source } }: CellDraft, { exercise }: Version): boolean {
  const { laterality } = exercise;
  if (laterality === 'eachSide') return prescription.perSide || !byTheClock(prescription.work);
  const itself = source.kind === 'exercise' && source.exerciseId === exercise.id;
  return prescription.perSide && (laterality === 'alternating' || itself);
}

function changeSince(last: ReadyCell, work: CellWork, load: CellLoad | undefined): Change {
  return {
    kg: (load?.kg ?? 0) - (last.load?.kg ?? 0),
    amount: work.amount - last.work.amount,
    sets: work.sets - last.work.sets,
  };
}

function leftOut(draft: CellDraft, { participant, week, override }: DoseContext): CellDraft {
  const because = draft.leftOut ?? { kind: 'notInLibrary' };
  const cell = {
    status: 'leftOut',
    participantId: participant.id,
    slotId: draft.slot.id,
    week,
    tier: draft.tier,
    because,
    trace: [...draft.trace, { step: 'write', kind: 'leftOut', because }],
    warnings: draft.rules,
    override,
  } as const;
  return { ...draft, cell };
}
