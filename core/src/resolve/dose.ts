import type { Override, Slot } from '../model';
import { pickLoad, recipeWords, type AttainableLoad } from '../kit';
import { byTheClock } from '../plan';
import type { Ask } from './ask';
import { BRIDGE_STEPS, restAtStep } from './bridge';
import type { Cell, CellLoad, CellWork, Change, ReadyCell, TraceStep } from './cell';
import type { DoseContext } from './context';
import { DoseJob } from './dose-job';
import { writeWords } from './dose-words';
import { eachSet } from './each-set';
import { loadedDose } from './loaded-dose';
import { placeSlot, type Placement } from './place';
import { LeftOutCellOf, ReadyCellOf, TraceOf, UNASKED } from './trace';
import { unloadedDose } from './unloaded-dose';

/** All six steps for one slot, one person, one week. */
export function resolve(slot: Slot, context: DoseContext): Cell {
  return doseSlot(placeSlot(slot, context), context);
}

/** Steps 4 to 6 of the pipeline: target, attainable, write. */
export function doseSlot(placement: Placement, context: DoseContext): Cell {
  return doseWith(new DoseJob(placement, context, UNASKED), () => {
    const trace = new TraceOf(placement.explain());
    doseWith(new DoseJob(placement, context, trace), () => trace.steps);
    return trace.steps;
  });
}

function doseWith(job: DoseJob, explain: () => readonly TraceStep[]): Cell {
  const { placement, context } = job;
  const { version, slot, tier, warnings, held } = placement;
  const { participant, week, override } = context;
  if (!version) {
    const { because, mend } = placement.leftOut ?? { because: 'Nothing fits', mend: 'Change the plan' };
    job.say('write', () => `Left out. ${because}. ${mend}.`);
    return new LeftOutCellOf(
      {
        status: 'leftOut',
        participantId: participant.id,
        slotId: slot.id,
        week,
        tier,
        because,
        mend,
        marks: job.marks,
        warnings,
        override,
      },
      explain,
    );
  }

  const last = context.last?.cell.version.name === version.name ? context.last : undefined;
  const ask = context.last?.ask;
  if (!last && ask?.kind === 'harder') job.say('target', () => ask.reason);
  const dose = held ? loadedDose(job, held, last?.ask, last?.cell) : unloadedDose(job, last?.ask, last?.cell);
  const { stopped } = ask?.kind === 'amount' ? ask : {};
  if (stopped !== undefined) job.marks.push({ kind: 'caution', words: `stopped: ${stopped}` });
  const step = dose.bridge === undefined ? undefined : BRIDGE_STEPS[dose.bridge];
  const work: CellWork = {
    sets: setsAsked(last?.ask ?? context.opening) ?? placement.prescription.sets,
    amount: dose.amount,
    kind: job.kind,
    perSide: perSide(placement),
    reserve: held?.wanted.reserve,
    tempo: step?.tempo ?? placement.prescription.tempo,
    range: step?.range ?? placement.prescription.range,
    bridge: dose.bridge,
    restSeconds: restAtStep(dose.bridge, placement.prescription.restSeconds ?? context.restSeconds),
  };
  const load = dose.load && cellLoad(dose.load);
  const written = byHand(job, { work, load }, override);
  job.say('write', () => writeWords(job, written.work, written.load));
  return new ReadyCellOf(
    {
      status: 'ready',
      participantId: participant.id,
      slotId: slot.id,
      week,
      tier,
      version,
      planned: placement.prescription,
      work: written.work,
      eachSet: eachSet(placement.prescription, written.work, written.load, held?.loads),
      load: written.load,
      wantedKg: dose.wantedKg,
      basis: held?.wanted.estimate.basis,
      change: last && changeSince(last.cell, written.work, written.load),
      marks: job.marks,
      warnings,
      override,
    },
    explain,
  );
}

function byHand(
  job: DoseJob,
  plain: { work: CellWork; load: CellLoad | undefined },
  override: Override | undefined,
): { work: CellWork; load: CellLoad | undefined } {
  if (!override) return plain;
  const { sets, amount, loadKg } = override;
  let { work, load } = plain;
  if (sets !== undefined) work = { ...work, sets };
  if (amount !== undefined) work = { ...work, amount };
  if (loadKg !== undefined) {
    const held = job.placement.held;
    const hold = held?.hold ?? job.placement.version?.exercise.loading?.holds[0] ?? 'none';
    const near = pickLoad(held?.loads ?? job.context.owned.loads(hold), loadKg, 'nearest');
    const exact = near && Math.abs(near.kg - loadKg) < 0.005 ? near : undefined;
    load = exact
      ? cellLoad(exact)
      : {
          kg: loadKg,
          hold,
          words: near ? `not in the kit; nearest is ${recipeWords(near.recipe)}` : 'not in the kit',
        };
  }
  const agreed = override.reviewOfWeek;
  if (agreed !== undefined) {
    job.say('byHand', () => `Agreed after week ${agreed}: ${override.reason}`);
    return { work, load };
  }
  if (sets !== undefined || amount !== undefined || loadKg !== undefined) {
    job.say('byHand', () => `Set by hand: ${override.reason}`, 'byHand');
  }
  job.marks.push({ kind: 'byHand', words: `by hand: ${override.reason}` });
  return { work, load };
}

function cellLoad({ kg, recipe }: AttainableLoad): CellLoad {
  return { kg, hold: recipe.hold, recipe, words: recipeWords(recipe) };
}

/**
 * One-sided exercises are done on both sides whatever the plan says, a class's clock running for both together;
 * others only when it says so.
 */
function perSide({ prescription, slot, version }: Placement): boolean {
  const laterality = version?.exercise.laterality;
  if (laterality === 'eachSide') return prescription.perSide || !byTheClock(prescription.work);
  return prescription.perSide && (laterality === 'alternating' || slot.source.kind === 'exercise');
}

function setsAsked(ask: Ask | undefined): number | undefined {
  return ask && 'sets' in ask ? ask.sets : undefined;
}

function changeSince(last: ReadyCell, work: CellWork, load: CellLoad | undefined): Change {
  return {
    kg: (load?.kg ?? 0) - (last.load?.kg ?? 0),
    amount: work.amount - last.work.amount,
    sets: work.sets - last.work.sets,
  };
}
