import { DEFAULT_CAP_PERCENT, type KnownSet, type Override, type Slot } from '../model';
import { applyCautions, cautionSubjects } from '../caution';
import { pickLoad, recipeWords, type AttainableLoad } from '../kit';
import { gateWords } from '../ladder';
import { byTheClock } from '../plan';
import { movedKg, percentOfMax, repsAfter, repsWorth, type StrengthEstimate } from '../strength';
import { formatLoad, type MassUnit } from '../units';
import type { Ask } from './ask';
import {
  BRIDGE_HOLD_SECONDS,
  BRIDGE_STEPS,
  bridgeStepAfter,
  bridgeTo,
  MOST_BRIDGE_REPS,
  MOST_REPS_A_WEEK,
  restAtStep,
} from './bridge';
import { eachSet } from './each-set';
import type { Cell, CellLoad, CellWork, Change, Mark, ReadyCell, TraceStep } from './cell';
import type { DoseContext } from './context';
import { placeSlot, type Placement } from './place';
import { LeftOutCellOf, ReadyCellOf, TraceOf, UNASKED, type Reasons } from './trace';
import { countedAs, loadFor, NEAR_ENOUGH, nearestUpTo, nextLoad, startAmount, type Wanted } from './wanted';

/** All six steps for one slot, one person, one week. */
export function resolve(slot: Slot, context: DoseContext): Cell {
  return doseSlot(placeSlot(slot, context), context);
}

/** What steps 4 and 5 come to. */
interface Dose {
  readonly amount: number;
  readonly load?: AttainableLoad | undefined;
  readonly wantedKg?: number | undefined;
  /** Of `BRIDGE_STEPS`, where reps alone do not make up for a load. */
  readonly bridge?: number | undefined;
}

type Held = NonNullable<Placement['held']>;

/** Steps 4 to 6 of the pipeline: target, attainable, write. */
export function doseSlot(placement: Placement, context: DoseContext): Cell {
  return new Dosing(placement, context, UNASKED).run(() => {
    const trace = new TraceOf(placement.explain());
    new Dosing(placement, context, trace).run(() => trace.steps);
    return trace.steps;
  });
}

class Dosing {
  private readonly marks: Mark[];

  constructor(
    private readonly placement: Placement,
    private readonly context: DoseContext,
    private readonly reasons: Reasons,
  ) {
    this.marks = placement.marks.slice();
  }

  run(explain: () => readonly TraceStep[]): Cell {
    const { placement, context } = this;
    const { version, slot, tier, warnings, held } = placement;
    const { participant, week, override } = context;
    if (!version) {
      const { because, mend } = placement.leftOut ?? { because: 'Nothing fits', mend: 'Change the plan' };
      this.say('write', () => `Left out. ${because}. ${mend}.`);
      return new LeftOutCellOf(
        {
          status: 'leftOut',
          participantId: participant.id,
          slotId: slot.id,
          week,
          tier,
          because,
          mend,
          marks: this.marks,
          warnings,
          override,
        },
        explain,
      );
    }

    const last = context.last?.cell.version.name === version.name ? context.last : undefined;
    const ask = context.last?.ask;
    if (!last && ask?.kind === 'harder') this.say('target', () => ask.reason);
    const dose = held ? this.loaded(held, last?.ask, last?.cell) : this.unloaded(last?.ask, last?.cell);
    const { stopped } = ask?.kind === 'amount' ? ask : {};
    if (stopped !== undefined) this.marks.push({ kind: 'caution', words: `stopped: ${stopped}` });
    const step = dose.bridge === undefined ? undefined : BRIDGE_STEPS[dose.bridge];
    const work: CellWork = {
      sets: setsAsked(last?.ask ?? context.opening) ?? placement.prescription.sets,
      amount: dose.amount,
      kind: this.workKind(),
      perSide: this.perSide(),
      reserve: held?.wanted.reserve,
      tempo: step?.tempo ?? placement.prescription.tempo,
      range: step?.range ?? placement.prescription.range,
      bridge: dose.bridge,
      restSeconds: restAtStep(dose.bridge, placement.prescription.restSeconds ?? context.restSeconds),
    };
    const load = dose.load && this.cellLoad(dose.load);
    const written = this.byHand({ work, load }, override);
    this.say('write', () => this.writeWords(written.work, written.load));
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
        marks: this.marks,
        warnings,
        override,
      },
      explain,
    );
  }

  // Step 4 and 5 with a load.

  private loaded(held: Held, ask: Ask | undefined, lastCell: ReadyCell | undefined): Dose {
    const lastKg = lastCell?.load?.kg;
    if (!ask || lastCell === undefined || lastKg === undefined) return this.firstWeek(held);
    this.say('target', () => ask.reason);
    switch (ask.kind) {
      case 'amount':
        return this.sameLoad(held, lastKg, ask.amount, lastCell);
      case 'stepUp':
        return this.stepUp(held, lastKg, ask, lastCell);
      case 'stepDown':
        return this.stepDown(held, ask);
      case 'harder':
        return this.sameLoad(held, lastKg, lastCell.work.amount, lastCell);
      case 'load':
        return this.towards(held, lastKg, lastCell, ask);
    }
  }

  private firstWeek(held: Held): Dose {
    const { wanted, loads } = held;
    const { opening } = this.context;
    if (opening) return this.opened(held, opening);
    this.say('target', () => this.wantedWords(wanted));
    const start = startAmount(this.placement.prescription.work);
    const load = loadFor(wanted, loads);
    if (!load) {
      this.say('attainable', () => 'Nothing light enough to hold: body weight.');
      return { amount: this.limited(start) };
    }
    return this.bridged(held, load, wanted.kg, start, DEFAULT_CAP_PERCENT);
  }

  /** A scheme that leads from the start says the first load; a caution may still hold it down. */
  private opened({ wanted, loads }: Held, opening: Extract<Ask, { kind: 'load' }>): Dose {
    this.say('target', () => opening.reason);
    const wantedKg = wanted.eased ? Math.min(opening.wantedKg, wanted.kg) : opening.wantedKg;
    return this.onWave(loads, wantedKg, wantedKg * NEAR_ENOUGH, opening.amount);
  }

  private onWave(loads: readonly AttainableLoad[], wantedKg: number, mostKg: number, amount: number): Dose {
    const load = nearestUpTo(loads, Math.min(wantedKg, mostKg), mostKg);
    this.say('attainable', () =>
      load
        ? `Nearest from the kit: ${this.kg(load.kg)}: ${recipeWords(load.recipe)}.`
        : 'Nothing light enough to hold: body weight.',
    );
    return { amount: this.limited(amount), load, wantedKg };
  }

  private sameLoad({ loads }: Held, lastKg: number, amount: number, lastCell: ReadyCell): Dose {
    const load = pickLoad(loads, lastKg, 'nearest');
    const same = load && Math.abs(load.kg - lastKg) < 1e-6 ? load : pickLoad(loads, lastKg, 'notAbove');
    this.say('attainable', () =>
      same ? `Again ${this.kg(same.kg)}: ${recipeWords(same.recipe)}.` : 'Body weight.',
    );
    return { amount: this.limited(amount), load: same, wantedKg: lastCell.wantedKg };
  }

  private stepUp(
    held: Held,
    lastKg: number,
    ask: Extract<Ask, { kind: 'stepUp' }>,
    lastCell: ReadyCell,
  ): Dose {
    const capKg = lastKg * (1 + ask.capPercent / 100);
    const next = nextLoad(held.loads, lastKg, capKg);
    if (next && next.kg <= capKg + 1e-9) {
      this.say(
        'attainable',
        () =>
          `Next is ${this.kg(next.kg)}, ${growth(lastKg, next.kg)} up and within the cap of ${ask.capPercent} %: ${recipeWords(next.recipe)}.`,
      );
      return { amount: ask.amountAfter, load: next, wantedKg: next.kg };
    }
    const load = pickLoad(held.loads, lastKg, 'notAbove');
    const amount = Math.min(lastCell.work.amount + ask.stepAmount, MOST_BRIDGE_REPS);
    const full = lastCell.work.amount >= MOST_BRIDGE_REPS;
    const bridge = full ? bridgeStepAfter(lastCell.work.bridge) : undefined;
    const slower = bridge === undefined ? '' : `, ${BRIDGE_STEPS[bridge]?.words}`;
    if (!next) {
      this.say(
        'attainable',
        () => `${this.kg(lastKg)} is the heaviest there is: ${amount} reps${slower} instead.`,
        'bridge',
      );
      this.marks.push({ kind: 'bridge', words: `heaviest here${slower}`, kitEnds: true });
      return { amount, load, wantedKg: lastKg, bridge };
    }
    const worth = Math.min(
      Math.ceil(repsWorth(lastKg, next.kg, ask.amountAfter, held.wanted.reserve) - 1e-9),
      MOST_BRIDGE_REPS,
    );
    const gap = `Next is ${this.kg(next.kg)}, ${growth(lastKg, next.kg)} up and over the cap of ${ask.capPercent} %`;
    if (lastCell.work.amount >= worth) {
      this.say(
        'attainable',
        () =>
          `${gap}. ${lastCell.work.amount} reps with ${this.kg(lastKg)} are worth ${repsAfter(lastKg, next.kg, lastCell.work.amount, held.wanted.reserve)} with it: try it by hand.`,
        'bridge',
      );
      this.marks.push({ kind: 'bridge', words: `ready to try ${this.kg(next.kg)} by hand` });
      return {
        amount: lastCell.work.amount,
        load,
        wantedKg: lastKg,
        bridge: bridgeStepAfter(lastCell.work.bridge),
      };
    }
    const reps = Math.min(amount, worth);
    this.say(
      'attainable',
      () =>
        `${gap}. Bridge: up to ${worth} reps with ${this.kg(lastKg)} are worth ${ask.amountAfter} with the next.`,
      'bridge',
    );
    this.marks.push({ kind: 'bridge', words: `${worth} reps before ${this.kg(next.kg)}` });
    return { amount: reps, load, wantedKg: lastKg };
  }

  private stepDown({ loads }: Held, ask: Extract<Ask, { kind: 'stepDown' }>): Dose {
    const load = pickLoad(loads, ask.mostKg, 'notAbove');
    this.say('attainable', () =>
      load
        ? `Down to ${this.kg(load.kg)}: ${recipeWords(load.recipe)}.`
        : 'Nothing lighter to hold: body weight.',
    );
    return { amount: this.limited(ask.amount), load, wantedKg: ask.mostKg };
  }

  private towards(
    held: Held,
    lastKg: number,
    lastCell: ReadyCell,
    ask: Extract<Ask, { kind: 'load' }>,
  ): Dose {
    if (ask.capFromKg !== undefined) {
      const mostKg = ask.capFromKg * (1 + ask.capPercent / 100);
      return this.onWave(held.loads, ask.wantedKg, Math.min(ask.wantedKg * NEAR_ENOUGH, mostKg), ask.amount);
    }
    const capKg = lastKg * (1 + ask.capPercent / 100);
    const most = Math.max(lastKg, Math.min(ask.wantedKg * NEAR_ENOUGH, capKg));
    const load = nearestUpTo(held.loads, Math.max(lastKg, ask.wantedKg), most);
    if (!load) return { amount: ask.amount };
    return this.bridged(held, load, ask.wantedKg, ask.amount, ask.capPercent, lastCell);
  }

  /** A load that falls short of the wanted one is bridged where the next is too far, or there is none. */
  private bridged(
    held: Held,
    load: AttainableLoad,
    wantedKg: number,
    reps: number,
    capPercent: number,
    lastCell?: ReadyCell,
  ): Dose {
    const lastAmount = lastCell?.work.amount;
    const { wanted, loads } = held;
    const words = `${this.kg(load.kg)}: ${recipeWords(load.recipe)}`;
    const next = pickLoad(loads, load.kg, 'nextUp');
    const coarse = !next || next.kg > load.kg * (1 + capPercent / 100) + 1e-9;
    const kind = this.workKind();
    const short = wantedKg > load.kg * NEAR_ENOUGH;
    // What is guessed is not worth bridging: the first weeks will tell.
    const guessed = wanted.estimate.basis === 'guess' && lastAmount === undefined;
    if (!coarse || !short || kind === 'time' || guessed) {
      this.say('attainable', () => `Nearest from the kit: ${words}.`);
      return { amount: this.limited(reps), load, wantedKg };
    }
    const why = next
      ? `the next is ${this.kg(next.kg)}, ${growth(load.kg, next.kg)} up`
      : 'that is the heaviest there is';
    if (kind === 'hold') {
      const longer = this.limited(lastAmount === undefined ? reps : lastAmount + BRIDGE_HOLD_SECONDS);
      this.say('attainable', () => `${words}; ${why}. Bridge: held for ${longer} s.`, 'bridge');
      this.marks.push({
        kind: 'bridge',
        words: next ? `next is ${this.kg(next.kg)}: longer` : 'heaviest here: longer',
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
      this.say('attainable', () => `Nearest from the kit: ${words}; ${why}.`);
      return { amount: reps, load, wantedKg };
    }
    const after = next && repsAfter(load.kg, next.kg, amount, wanted.reserve);
    this.say(
      'attainable',
      () =>
        bridge === undefined
          ? `${words}; ${why}. Bridge: ${amount} reps are worth the missing ${this.kg(wantedKg - load.kg)}.`
          : `${words}; ${why}. ${amount} reps${slower} are as far as it goes${next ? `: try ${this.kg(next.kg)} by hand, for ${after}` : ''}.`,
      'bridge',
    );
    this.marks.push({
      kind: 'bridge',
      words: next ? `next is ${this.kg(next.kg)}: more reps${slower}` : `heaviest here: more reps${slower}`,
      kitEnds: !next,
    });
    return { amount, load, wantedKg, bridge };
  }

  // Step 4 and 5 without a load.

  private unloaded(ask: Ask | undefined, lastCell: ReadyCell | undefined): Dose {
    const { prescription } = this.placement;
    const amount = ask?.kind === 'amount' && lastCell ? ask.amount : startAmount(prescription.work);
    this.say('target', () => (ask ? ask.reason : this.plainWords(amount)));
    const limited = this.limited(amount);
    if (limited === amount) this.say('attainable', () => this.bodyWords());
    if (ask?.kind === 'amount' && ask.gate) this.gate(limited);
    return { amount: limited };
  }

  /** How heavy a version is by itself, where the body model can tell. */
  private bodyWords(): string {
    const { version } = this.placement;
    const kg = version && movedKg({}, version.exercise, version.rung, this.context.participant);
    if (kg === undefined) return 'Body weight: the version itself sets how heavy it is.';
    const share = Math.round((100 * kg) / this.context.participant.bodyMassKg);
    return `Body weight: the hands carry about ${share} % of it, ${this.kg(Math.round(kg))}.`;
  }

  /** At the top of the range with body weight: what the way to the next rung still needs. */
  private gate(amount: number): void {
    const { catalog, owned, participant } = this.context;
    const { version, prescription } = this.placement;
    const ladder = version?.ladderId === undefined ? undefined : catalog.ladders.get(version.ladderId);
    const at = ladder?.rungs.findIndex(({ id }) => id === version?.rung?.id) ?? -1;
    const next = at >= 0 ? catalog.versionByRung.get(ladder?.rungs[at + 1]?.id ?? '') : undefined;
    const gate = version?.rung?.gate;
    if (!next || !gate) {
      this.say(
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
      this.say('target', () => `The next rung, “${next.name}”, stays closed: ${closed}.`);
    } else if (prescription.sets >= gate.sets && amount >= (gate.reps ?? gate.seconds ?? 0)) {
      this.say(
        'target',
        () => `That is the gate, ${gateWords(gate)}, to “${next.name}”. The step is the coach’s.`,
        'gate',
      );
      this.marks.push({ kind: 'gate', words: `at the gate: ${next.name}` });
    } else {
      this.say(
        'target',
        () => `The gate to “${next.name}” is ${gateWords(gate)}: the plan stops short of it.`,
        'gate',
      );
      this.marks.push({
        kind: 'gate',
        words: `range full, gate is ${gate.sets} × ${gate.reps ?? gate.seconds ?? 0}`,
      });
    }
  }

  // The coach's hand, and writing it down.

  private byHand(
    plain: { work: CellWork; load: CellLoad | undefined },
    override: Override | undefined,
  ): { work: CellWork; load: CellLoad | undefined } {
    if (!override) return plain;
    const { sets, amount, loadKg } = override;
    let { work, load } = plain;
    if (sets !== undefined) work = { ...work, sets };
    if (amount !== undefined) work = { ...work, amount };
    if (loadKg !== undefined) {
      const held = this.placement.held;
      const hold = held?.hold ?? this.placement.version?.exercise.loading?.holds[0] ?? 'none';
      const near = pickLoad(held?.loads ?? this.context.owned.loads(hold), loadKg, 'nearest');
      const exact = near && Math.abs(near.kg - loadKg) < 0.005 ? near : undefined;
      load = exact
        ? this.cellLoad(exact)
        : {
            kg: loadKg,
            hold,
            words: near ? `not in the kit; nearest is ${recipeWords(near.recipe)}` : 'not in the kit',
          };
    }
    const agreed = override.reviewOfWeek;
    if (agreed !== undefined) {
      this.say('byHand', () => `Agreed after week ${agreed}: ${override.reason}`);
      return { work, load };
    }
    if (sets !== undefined || amount !== undefined || loadKg !== undefined) {
      this.say('byHand', () => `Set by hand: ${override.reason}`, 'byHand');
    }
    this.marks.push({ kind: 'byHand', words: `by hand: ${override.reason}` });
    return { work, load };
  }

  private cellLoad({ kg, recipe }: AttainableLoad): CellLoad {
    return { kg, hold: recipe.hold, recipe, words: recipeWords(recipe) };
  }

  private workKind(): CellWork['kind'] {
    return countedAs(this.placement.prescription.work);
  }

  /**
   * One-sided exercises are done on both sides whatever the plan says, a class's clock running for both together;
   * others only when it says so.
   */
  private perSide(): boolean {
    const { prescription, slot, version } = this.placement;
    const laterality = version?.exercise.laterality;
    if (laterality === 'eachSide') return prescription.perSide || !byTheClock(prescription.work);
    return prescription.perSide && (laterality === 'alternating' || slot.source.kind === 'exercise');
  }

  private limited(amount: number): number {
    const most = this.placement.limits.holdAtMostSeconds;
    if (this.workKind() !== 'hold' || amount <= most) return amount;
    this.say('attainable', () => `Held to ${most} s by a caution.`);
    return most;
  }

  private wantedWords({ kg, reps, reserve, estimate, source, eased }: Wanted): string {
    const whole = Math.round(reps);
    const percent = Math.round(percentOfMax(reps + reserve));
    const max = this.kg(estimate.maxKg);
    const maxWords = `${max}, ${this.basisWords(estimate)}`;
    if (source === 'asked' && !eased) {
      return this.placement.prescription.target.kind === 'percent'
        ? `The plan’s share of ${maxWords}: ${this.kg(kg)}.`
        : `The plan says ${this.kg(kg)}.`;
    }
    return `${whole} with ${reserve} left is ${percent} % of ${maxWords}: ${this.kg(kg)}.`;
  }

  /** Where the maximum comes from, how well it is known, and which side of the band was taken. */
  private basisWords({ basis, from, sets, standardError, maxKg, middleKg }: StrengthEstimate): string {
    const known = `known to ±${Math.round(standardError * 100)} %`;
    const low = maxKg < middleKg * 0.995 ? `, so the low side of ${this.kg(middleKg)}` : '';
    if (basis === 'guess') {
      return `a guess from body mass and experience, ${known}${low}, as no set is known yet`;
    }
    const set = from && setWords(from, this.context.unit);
    const after =
      basis === 'tested'
        ? `the maximum after ${sets === 1 ? '' : `${sets} sets, the last `}${set ?? ''}`
        : `carried over from ${set ?? ''} of a related exercise`;
    return `${after}, ${known}${low}`;
  }

  private plainWords(amount: number): string {
    return this.workKind() === 'reps' ? `${amount} reps as planned.` : `${amount} s as planned.`;
  }

  private writeWords(work: CellWork, load: CellLoad | undefined): string {
    const what = work.kind === 'reps' ? String(work.amount) : `${work.amount} s`;
    const side = work.perSide ? ' each side' : '';
    const rest = work.restSeconds === 0 ? 'then straight on' : `rest ${work.restSeconds} s`;
    return `${work.sets} × ${what}${side}${load ? ` with ${this.kg(load.kg)}` : ''}, ${rest}.`;
  }

  private kg(kg: number): string {
    return formatLoad(kg, this.context.unit);
  }

  private say(step: TraceStep['step'], words: () => string, acted?: TraceStep['acted']): void {
    this.reasons.say(step, words, acted);
  }
}

/** "12 × 20 kg": as many as were possible, those left undone included. */
function setWords({ reps, reserve, loadKg }: KnownSet, unit: MassUnit): string {
  const possible = reserve === undefined ? `${reps}, more perhaps,` : String(reps + reserve);
  return loadKg === undefined ? `${possible} reps` : `${possible} × ${formatLoad(loadKg, unit)}`;
}

function setsAsked(ask: Ask | undefined): number | undefined {
  return ask && 'sets' in ask ? ask.sets : undefined;
}

function growth(fromKg: number, toKg: number): string {
  return `${Math.round((toKg / fromKg - 1) * 100)} %`;
}

function changeSince(last: ReadyCell, work: CellWork, load: CellLoad | undefined): Change {
  return {
    kg: (load?.kg ?? 0) - (last.load?.kg ?? 0),
    amount: work.amount - last.work.amount,
    sets: work.sets - last.work.sets,
  };
}
