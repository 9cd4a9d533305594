import { applyCautions, cautionSubjects } from '../caution';
import { gateWords } from '../ladder';
import type { Ask } from './ask';
import type { ReadyCell } from './cell';
import type { Dose, DoseJob } from './dose-job';
import { bodyWords, plainWords } from './dose-words';
import { startAmount } from './wanted';

/** Steps 4 and 5 with body weight: the reps or seconds that are asked, and the gate where they are full. */
export function unloadedDose(job: DoseJob, ask: Ask | undefined, lastCell: ReadyCell | undefined): Dose {
  const { prescription } = job.placement;
  const amount = ask?.kind === 'amount' && lastCell ? ask.amount : startAmount(prescription.work);
  job.say('target', () => (ask ? ask.reason : plainWords(job, amount)));
  const limited = job.limited(amount);
  if (limited === amount) job.say('attainable', () => bodyWords(job));
  if (ask?.kind === 'amount' && ask.gate) markGate(job, limited);
  return { amount: limited };
}

/** At the top of the range with body weight: what the way to the next rung still needs. */
function markGate(job: DoseJob, amount: number): void {
  const { catalog, owned, participant } = job.context;
  const { version, prescription } = job.placement;
  const ladder = version?.ladderId === undefined ? undefined : catalog.ladders.get(version.ladderId);
  const at = ladder?.rungs.findIndex(({ id }) => id === version?.rung?.id) ?? -1;
  const next = at >= 0 ? catalog.versionByRung.get(ladder?.rungs[at + 1]?.id ?? '') : undefined;
  const gate = version?.rung?.gate;
  if (!next || !gate) {
    job.say(
      'target',
      () => 'Nothing harder comes after it on a ladder: longer, slower, or another exercise.',
    );
    return;
  }
  const conditions = cautionSubjects(participant);
  const closed =
    owned.missing(next.needs).length > 0
      ? 'the kit lacks what it needs'
      : applyCautions(next, conditions, catalog).kind === 'blocked'
        ? 'a caution is against it'
        : next.exercise.loading?.required &&
            !next.exercise.loading.holds.some((hold) => owned.loads(hold).length)
          ? 'there is nothing to hold'
          : undefined;
  if (closed) {
    job.say('target', () => `The next rung, “${next.name}”, stays closed: ${closed}.`);
  } else if (prescription.sets >= gate.sets && amount >= (gate.reps ?? gate.seconds ?? 0)) {
    job.say(
      'target',
      () => `That is the gate, ${gateWords(gate)}, to “${next.name}”. The step is the coach’s.`,
      'gate',
    );
    job.marks.push({ kind: 'gate', words: `at the gate: ${next.name}` });
  } else {
    job.say(
      'target',
      () => `The gate to “${next.name}” is ${gateWords(gate)}: the plan stops short of it.`,
      'gate',
    );
    job.marks.push({
      kind: 'gate',
      words: `range full, gate is ${gate.sets} × ${gate.reps ?? gate.seconds ?? 0}`,
    });
  }
}
