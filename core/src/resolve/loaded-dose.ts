import { DEFAULT_CAP_PERCENT } from '../model';
import { pickLoad, recipeWords, type AttainableLoad } from '../kit';
import { repsAfter, repsWorth } from '../strength';
import type { Ask } from './ask';
import {
  BRIDGE_HOLD_SECONDS,
  BRIDGE_STEPS,
  bridgeStepAfter,
  bridgeTo,
  MOST_BRIDGE_REPS,
  MOST_REPS_A_WEEK,
} from './bridge';
import type { ReadyCell } from './cell';
import type { Dose, DoseJob, Held } from './dose-job';
import { growth, wantedWords } from './dose-words';
import { loadFor, NEAR_ENOUGH, nearestUpTo, nextLoad, startAmount } from './wanted';

/** Steps 4 and 5 for what is held: the load that is asked, and the nearest way to it that the kit leaves. */
export function loadedDose(
  job: DoseJob,
  held: Held,
  ask: Ask | undefined,
  lastCell: ReadyCell | undefined,
): Dose {
  const lastKg = lastCell?.load?.kg;
  if (!ask || lastCell === undefined || lastKg === undefined) return firstWeek(job, held);
  job.say('target', () => ask.reason);
  switch (ask.kind) {
    case 'amount':
      return sameLoad(job, held, lastKg, ask.amount, lastCell);
    case 'stepUp':
      return stepUp(job, held, lastKg, ask, lastCell);
    case 'stepDown':
      return stepDown(job, held, ask);
    case 'harder':
      return sameLoad(job, held, lastKg, lastCell.work.amount, lastCell);
    case 'load':
      return towards(job, held, lastKg, lastCell, ask);
  }
}

function firstWeek(job: DoseJob, held: Held): Dose {
  const { wanted, loads } = held;
  const { opening } = job.context;
  if (opening) return opened(job, held, opening);
  job.say('target', () => wantedWords(job, wanted));
  const start = startAmount(job.placement.prescription.work);
  const load = loadFor(wanted, loads);
  if (!load) {
    job.say('attainable', () => 'Nothing light enough to hold: body weight.');
    return { amount: job.limited(start) };
  }
  return bridged(job, held, load, wanted.kg, start, DEFAULT_CAP_PERCENT);
}

/** A scheme that leads from the start says the first load; a caution may still hold it down. */
function opened(job: DoseJob, { wanted, loads }: Held, opening: Extract<Ask, { kind: 'load' }>): Dose {
  job.say('target', () => opening.reason);
  const wantedKg = wanted.eased ? Math.min(opening.wantedKg, wanted.kg) : opening.wantedKg;
  return onWave(job, loads, wantedKg, wantedKg * NEAR_ENOUGH, opening.amount);
}

function onWave(
  job: DoseJob,
  loads: readonly AttainableLoad[],
  wantedKg: number,
  mostKg: number,
  amount: number,
): Dose {
  const load = nearestUpTo(loads, Math.min(wantedKg, mostKg), mostKg);
  job.say('attainable', () =>
    load
      ? `Nearest from the kit: ${job.kg(load.kg)}: ${recipeWords(load.recipe)}.`
      : 'Nothing light enough to hold: body weight.',
  );
  return { amount: job.limited(amount), load, wantedKg };
}

function sameLoad(job: DoseJob, { loads }: Held, lastKg: number, amount: number, lastCell: ReadyCell): Dose {
  const load = pickLoad(loads, lastKg, 'nearest');
  const same = load && Math.abs(load.kg - lastKg) < 1e-6 ? load : pickLoad(loads, lastKg, 'notAbove');
  job.say('attainable', () =>
    same ? `Again ${job.kg(same.kg)}: ${recipeWords(same.recipe)}.` : 'Body weight.',
  );
  return { amount: job.limited(amount), load: same, wantedKg: lastCell.wantedKg };
}

function stepUp(
  job: DoseJob,
  held: Held,
  lastKg: number,
  ask: Extract<Ask, { kind: 'stepUp' }>,
  lastCell: ReadyCell,
): Dose {
  const capKg = lastKg * (1 + ask.capPercent / 100);
  const next = nextLoad(held.loads, lastKg, capKg);
  if (next && next.kg <= capKg + 1e-9) {
    job.say(
      'attainable',
      () =>
        `Next is ${job.kg(next.kg)}, ${growth(lastKg, next.kg)} up and within the cap of ${ask.capPercent} %: ${recipeWords(next.recipe)}.`,
    );
    return { amount: ask.amountAfter, load: next, wantedKg: next.kg };
  }
  const load = pickLoad(held.loads, lastKg, 'notAbove');
  const amount = Math.min(lastCell.work.amount + ask.stepAmount, MOST_BRIDGE_REPS);
  const full = lastCell.work.amount >= MOST_BRIDGE_REPS;
  const bridge = full ? bridgeStepAfter(lastCell.work.bridge) : undefined;
  const slower = bridge === undefined ? '' : `, ${BRIDGE_STEPS[bridge]?.words}`;
  if (!next) {
    job.say(
      'attainable',
      () => `${job.kg(lastKg)} is the heaviest there is: ${amount} reps${slower} instead.`,
      'bridge',
    );
    job.marks.push({ kind: 'bridge', words: `heaviest here${slower}`, kitEnds: true });
    return { amount, load, wantedKg: lastKg, bridge };
  }
  const worth = Math.min(
    Math.ceil(repsWorth(lastKg, next.kg, ask.amountAfter, held.wanted.reserve) - 1e-9),
    MOST_BRIDGE_REPS,
  );
  const gap = `Next is ${job.kg(next.kg)}, ${growth(lastKg, next.kg)} up and over the cap of ${ask.capPercent} %`;
  if (lastCell.work.amount >= worth) {
    job.say(
      'attainable',
      () =>
        `${gap}. ${lastCell.work.amount} reps with ${job.kg(lastKg)} are worth ${repsAfter(lastKg, next.kg, lastCell.work.amount, held.wanted.reserve)} with it: try it by hand.`,
      'bridge',
    );
    job.marks.push({ kind: 'bridge', words: `ready to try ${job.kg(next.kg)} by hand` });
    return {
      amount: lastCell.work.amount,
      load,
      wantedKg: lastKg,
      bridge: bridgeStepAfter(lastCell.work.bridge),
    };
  }
  const reps = Math.min(amount, worth);
  job.say(
    'attainable',
    () =>
      `${gap}. Bridge: up to ${worth} reps with ${job.kg(lastKg)} are worth ${ask.amountAfter} with the next.`,
    'bridge',
  );
  job.marks.push({ kind: 'bridge', words: `${worth} reps before ${job.kg(next.kg)}` });
  return { amount: reps, load, wantedKg: lastKg };
}

function stepDown(job: DoseJob, { loads }: Held, ask: Extract<Ask, { kind: 'stepDown' }>): Dose {
  const load = pickLoad(loads, ask.mostKg, 'notAbove');
  job.say('attainable', () =>
    load
      ? `Down to ${job.kg(load.kg)}: ${recipeWords(load.recipe)}.`
      : 'Nothing lighter to hold: body weight.',
  );
  return { amount: job.limited(ask.amount), load, wantedKg: ask.mostKg };
}

function towards(
  job: DoseJob,
  held: Held,
  lastKg: number,
  lastCell: ReadyCell,
  ask: Extract<Ask, { kind: 'load' }>,
): Dose {
  if (ask.capFromKg !== undefined) {
    const mostKg = ask.capFromKg * (1 + ask.capPercent / 100);
    return onWave(job, held.loads, ask.wantedKg, Math.min(ask.wantedKg * NEAR_ENOUGH, mostKg), ask.amount);
  }
  const capKg = lastKg * (1 + ask.capPercent / 100);
  const most = Math.max(lastKg, Math.min(ask.wantedKg * NEAR_ENOUGH, capKg));
  const load = nearestUpTo(held.loads, Math.max(lastKg, ask.wantedKg), most);
  if (!load) return { amount: ask.amount };
  return bridged(job, held, load, ask.wantedKg, ask.amount, ask.capPercent, lastCell);
}

/** A load that falls short of the wanted one is bridged where the next is too far, or there is none. */
function bridged(
  job: DoseJob,
  held: Held,
  load: AttainableLoad,
  wantedKg: number,
  reps: number,
  capPercent: number,
  lastCell?: ReadyCell,
): Dose {
  const lastAmount = lastCell?.work.amount;
  const { wanted, loads } = held;
  const words = `${job.kg(load.kg)}: ${recipeWords(load.recipe)}`;
  const next = pickLoad(loads, load.kg, 'nextUp');
  const coarse = !next || next.kg > load.kg * (1 + capPercent / 100) + 1e-9;
  const kind = job.kind;
  const short = wantedKg > load.kg * NEAR_ENOUGH;
  // What is guessed is not worth bridging: the first weeks will tell.
  const guessed = wanted.estimate.basis === 'guess' && lastAmount === undefined;
  if (!coarse || !short || kind === 'time' || guessed) {
    job.say('attainable', () => `Nearest from the kit: ${words}.`);
    return { amount: job.limited(reps), load, wantedKg };
  }
  const why = next
    ? `the next is ${job.kg(next.kg)}, ${growth(load.kg, next.kg)} up`
    : 'that is the heaviest there is';
  if (kind === 'hold') {
    const longer = job.limited(lastAmount === undefined ? reps : lastAmount + BRIDGE_HOLD_SECONDS);
    job.say('attainable', () => `${words}; ${why}. Bridge: held for ${longer} s.`, 'bridge');
    job.marks.push({
      kind: 'bridge',
      words: next ? `next is ${job.kg(next.kg)}: longer` : 'heaviest here: longer',
      kitEnds: !next,
    });
    return { amount: longer, load, wantedKg };
  }
  const mostReps = lastAmount === undefined ? Infinity : Math.max(reps, lastAmount + MOST_REPS_A_WEEK);
  const worth = bridgeTo(load.kg, wantedKg, reps, wanted.reserve);
  const amount = Math.min(worth.reps, mostReps);
  // Reps first, as many as go; then something else a week.
  const bridge = worth.full && amount === worth.reps ? bridgeStepAfter(lastCell?.work.bridge) : undefined;
  const slower = bridge === undefined ? '' : `, ${BRIDGE_STEPS[bridge]?.words}`;
  if (amount === reps && bridge === undefined) {
    job.say('attainable', () => `Nearest from the kit: ${words}; ${why}.`);
    return { amount: reps, load, wantedKg };
  }
  const after = next && repsAfter(load.kg, next.kg, amount, wanted.reserve);
  job.say(
    'attainable',
    () =>
      bridge === undefined
        ? `${words}; ${why}. Bridge: ${amount} reps are worth the missing ${job.kg(wantedKg - load.kg)}.`
        : `${words}; ${why}. ${amount} reps${slower} are as far as it goes${next ? `: try ${job.kg(next.kg)} by hand, for ${after}` : ''}.`,
    'bridge',
  );
  job.marks.push({
    kind: 'bridge',
    words: next ? `next is ${job.kg(next.kg)}: more reps${slower}` : `heaviest here: more reps${slower}`,
    kitEnds: !next,
  });
  return { amount, load, wantedKg, bridge };
}
