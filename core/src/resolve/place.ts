import type { LeverKind, LeverSettings, Participant, Prescription, Slot, SlotSource, Tier } from '../model';
import { LEVERS, PATTERN_WORDS, PROP_WORDS } from '../model';
import {
  applyCautions,
  cautionSubjects,
  NO_LIMITS,
  SUBJECT_WORDS,
  type CautionRule,
  type CautionSubject,
  type EffortLimits,
} from '../caution';
import type { AttainableLoad } from '../kit';
import {
  bestSubstitute,
  chooseRung,
  LEAST_SCORE,
  rankSubstitutes,
  scoreSubstitute,
  tierFor,
  tierSteps,
  versionOfExercise,
  withLever,
  type RankedSubstitute,
  type RungChoice,
  type SubstituteContext,
  type Version,
} from '../ladder';
import type { Mark, TraceStep, Warning } from './cell';
import type { PlaceContext } from './context';
import { TraceOf, UNASKED, type Reasons } from './trace';
import { bestHold, wantedLoad, type HoldFit, type Wanted } from './wanted';

/** What steps 1 to 3 settle: which version, held how. The same in every week. */
export interface Placement {
  readonly slot: Slot;
  /** Whose prescription counts: the tier of the rung the person stands on. */
  readonly tier: Tier;
  readonly prescription: Prescription;
  /** The reasons so far. */
  readonly explain: () => readonly TraceStep[];
  readonly marks: readonly Mark[];
  readonly warnings: readonly Warning[];
  readonly limits: EffortLimits;
  /** Undefined when nothing fits. */
  readonly version?: Version | undefined;
  /** Undefined when it is done with body weight. */
  readonly held?:
    | {
        readonly hold: HoldFit['hold'];
        readonly loads: readonly AttainableLoad[];
        readonly wanted: Wanted;
      }
    | undefined;
  readonly leftOut?: { readonly because: string; readonly mend: string } | undefined;
}

/** A version a person may do, with what their conditions say of it. */
interface Allowed {
  readonly version: Version;
  readonly rules: readonly CautionRule[];
  readonly limits: EffortLimits;
  readonly bodyWeightOnly: boolean;
}

/** Below this share of the wanted load a kit is too light, and something else may train more. */
const TOO_LIGHT = 0.5;

/** Steps 1 to 3 of the pipeline: rung, cautions, kit. */
export function placeSlot(slot: Slot, context: PlaceContext): Placement {
  return new Placing(slot, context, UNASKED).run();
}

/**
 * What a person could do instead of a version, best first: allowed by their conditions, possible with their kit,
 * not above their tier.
 */
export function substitutesFor(
  version: Version,
  slot: Slot,
  tier: Tier,
  context: PlaceContext,
): RankedSubstitute[] {
  return new Placing(slot, context, UNASKED).rank(version, tier);
}

/** One run through steps 1 to 3, collecting reasons on the way. */
class Placing {
  private lastStep: TraceStep['step'] | undefined;
  private readonly marks: Mark[] = [];
  private readonly conditions: readonly CautionSubject[];

  constructor(
    private readonly slot: Slot,
    private readonly context: PlaceContext,
    private readonly reasons: Reasons,
  ) {
    this.conditions = cautionSubjects(context.participant);
  }

  run(): Placement {
    const start = this.byHand() ?? this.standing() ?? this.rung();
    if (!start) {
      const because = 'The plan names an exercise or ladder that is not in the library';
      return this.nothing(this.context.participant.tier, because, 'Choose another one in the plan');
    }
    const { version, tier, byHand } = start;
    if (byHand) {
      const allowed = this.despite(version);
      return this.placed(tier, allowed, this.usableHold(allowed, tier));
    }

    const cautious = this.cautions(version, tier);
    if (!cautious) {
      const mend = 'Take it out for this person, or set a version by hand with a clinician’s word';
      return this.nothing(tier, `Nothing like it is allowed with ${this.conditionWords()}`, mend);
    }
    return this.kit(cautious, tier);
  }

  /** An override's version wins over steps 1 to 3. */
  private byHand() {
    const { override, catalog, participant } = this.context;
    const rung = override?.rungId === undefined ? undefined : catalog.versionByRung.get(override.rungId);
    const exercise =
      override?.exerciseId === undefined ? undefined : catalog.exercises.get(override.exerciseId);
    const plain = rung ?? (exercise && versionOfExercise(exercise));
    if (!override || !plain) return undefined;
    const version = withLevers(plain, override.levers);
    const usual = this.startVersion();
    const tier = usual?.tier ?? tierFor(participant, version.exercise.pattern);
    this.say('byHand', () => `Set by hand to “${version.name}”: ${override.reason}`, 'byHand');
    return { version, tier, byHand: true };
  }

  /** Where a scheme has brought them: a rung of the ladder they climb. */
  private standing() {
    const { standing, catalog, participant } = this.context;
    const rung = standing && catalog.versionByRung.get(standing.rungId);
    if (!rung) return undefined;
    const version = withLevers(rung, standing.levers);
    const tier = this.startVersion()?.tier ?? tierFor(participant, version.exercise.pattern);
    this.say('rung', () => `${participant.name} has come to “${version.name}”.`);
    return { version, tier, byHand: false };
  }

  private rung() {
    const start = this.startVersion();
    if (!start) return undefined;
    const { version, tier, choice } = start;
    const pattern = version.exercise.pattern;
    if (!choice) {
      this.say('rung', () => `The plan gives everyone “${version.name}”.`);
    } else {
      const why =
        choice.by === 'standing' ? 'stands on this rung' : `is ${tier} at ${PATTERN_WORDS[pattern]}`;
      this.say('rung', () => `${this.context.participant.name} ${why}: “${version.name}”.`);
      const { waiting } = choice;
      if (waiting) this.say('rung', () => `“${waiting.name}” waits for a rung on another ladder.`);
    }
    return { version, tier, byHand: false };
  }

  private startVersion() {
    return this.versionOf(this.slot.source);
  }

  private versionOf(source: SlotSource) {
    const { catalog, participant } = this.context;
    if (source.kind === 'exercise') {
      const exercise = catalog.exercises.get(source.exerciseId);
      return (
        exercise && { version: versionOfExercise(exercise), tier: tierFor(participant, exercise.pattern) }
      );
    }
    const ladder = catalog.ladders.get(source.ladderId);
    const choice = ladder && chooseRung(participant, ladder, catalog.ladders);
    const version = choice && catalog.versionByRung.get(choice.rung.id);
    return version && { version: fineTuned(version, choice, participant), tier: choice.rung.tier, choice };
  }

  /** Step 2: as it is, adapted, a rung further down, or the best substitute. */
  private cautions(version: Version, tier: Tier): Allowed | undefined {
    if (this.conditions.length === 0) {
      this.say('cautions', () => 'No cautions noted.');
      return { version, rules: [], limits: NO_LIMITS, bodyWeightOnly: false };
    }
    const verdict = applyCautions(version, this.conditions, this.context.catalog);
    if (verdict.kind === 'allowed') {
      this.sayRules(verdict, version);
      return verdict;
    }
    const { rule } = verdict;
    const because = `${capital(SUBJECT_WORDS[rule.condition])}: ${lowerFirst(rule.words)}`;
    const twin = this.twin();
    if (twin) {
      this.say('cautions', () => `${because} The plan’s twin for it: “${twin.version.name}”.`, 'caution');
      this.marks.push({ kind: 'caution', words: rule.mark });
      this.sayRules(twin, twin.version);
      return { ...twin, rules: [rule, ...twin.rules] };
    }
    const lower = this.lowerRung(version);
    if (lower) {
      this.say('cautions', () => `${because} Further down the ladder: “${lower.version.name}”.`, 'caution');
      this.marks.push({ kind: 'caution', words: rule.mark });
      this.sayRules(lower, lower.version);
      return { ...lower, rules: [rule, ...lower.rules] };
    }
    const best = bestSubstitute(version, this.standIns(version, tier), LEAST_SCORE);
    const allowed = best && this.allow(best.version);
    if (!best || !allowed) {
      this.say('cautions', () => because, 'caution');
      return undefined;
    }
    this.say(
      'cautions',
      () => `${because} Instead: “${best.version.name}”, match ${scoreWords(best)}.`,
      'caution',
    );
    this.marks.push({ kind: 'caution', words: rule.mark });
    this.sayRules(allowed, allowed.version);
    return { ...allowed, rules: [rule, ...allowed.rules] };
  }

  /** What the plan gives to whoever may not do the slot's own, if they may do that. */
  private twin(): Allowed | undefined {
    const version = this.slot.twin && this.versionOf(this.slot.twin)?.version;
    if (!version || this.context.owned.missing(version.needs).length > 0) return undefined;
    return this.allow(version);
  }

  private lowerRung(version: Version): Allowed | undefined {
    const { catalog } = this.context;
    const ladder = version.ladderId === undefined ? undefined : catalog.ladders.get(version.ladderId);
    const at = ladder?.rungs.findIndex(({ id }) => id === version.rung?.id) ?? -1;
    for (const rung of ladder?.rungs.slice(0, Math.max(0, at)).reverse() ?? []) {
      const candidate = catalog.versionByRung.get(rung.id);
      const allowed = candidate && this.allow(candidate);
      if (allowed) return allowed;
    }
    return undefined;
  }

  /** Step 3: as it is, if it can be propped and loaded; else the best substitute. */
  private kit(current: Allowed, tier: Tier): Placement {
    const { version } = current;
    const missing = this.context.owned.missing(version.needs);
    const wanted = this.wanted(current, tier);
    const best = wanted && bestHold(version, wanted, this.context);
    const mustLoad = version.exercise.loading?.required ?? false;

    const lacks = missing.map((need) => need.map((prop) => PROP_WORDS[prop]).join(' or '));
    const impossible =
      lacks.length > 0
        ? { why: `Needs ${lacks.join(' and ')}`, mark: `no ${lacks.join(', no ').replaceAll(/\ba /g, '')}` }
        : mustLoad && !best && !current.bodyWeightOnly
          ? { why: 'Nothing to hold for it', mark: 'nothing to hold' }
          : mustLoad && best?.tooHeavy
            ? { why: 'Even the lightest there is would be too heavy', mark: 'lightest is too heavy' }
            : undefined;

    if (impossible) {
      const substitute = bestSubstitute(version, this.standIns(version, tier), LEAST_SCORE);
      if (!substitute) {
        this.say('kit', () => `${impossible.why}, and nothing else comes near.`, 'substitute');
        const mend =
          lacks.length > 0 ? `Find ${lacks.join(' and ')}` : 'Add a pair of filled bottles to the kit';
        return this.nothing(tier, impossible.why, mend, current);
      }
      return this.swap(version, substitute, tier, impossible);
    }
    if (mustLoad && best && wanted && best.fit < TOO_LIGHT) {
      const substitute = bestSubstitute(version, this.standIns(version, tier));
      const { catalog } = this.context;
      const own = scoreSubstitute(version, version, { catalog, loadFit: () => best.fit });
      if (substitute && substitute.score > own.score) {
        const percent = Math.round(best.fit * 100);
        const why = `The kit reaches only ${percent} % of the load`;
        return this.swap(version, substitute, tier, { why, mark: 'kit too light' });
      }
    }
    const usable = best && !best.tooHeavy && !current.bodyWeightOnly ? best : undefined;
    this.say('kit', () => this.kitWords(version, usable));
    return this.placed(tier, current, usable);
  }

  private kitWords(version: Version, usable: HoldFit | undefined): string {
    if (usable) {
      const count = usable.loads.length;
      return count === 1 ? 'One load can be made for it.' : `${count} loads can be made for it.`;
    }
    return version.exercise.loading
      ? 'Done with body weight: nothing fitting to hold.'
      : 'Needs nothing to hold.';
  }

  private swap(
    from: Version,
    substitute: RankedSubstitute,
    tier: Tier,
    reason: { why: string; mark: string },
  ): Placement {
    const allowed = this.allow(substitute.version) ?? unrestricted(substitute.version);
    this.say(
      'kit',
      () =>
        `${reason.why}. Nearest to “${from.name}” is “${substitute.version.name}”, match ${scoreWords(substitute)}.`,
      'substitute',
    );
    this.marks.push({ kind: 'substitute', words: `substitute: ${reason.mark}` });
    this.sayRules(allowed, allowed.version);
    return this.placed(tier, allowed, this.usableHold(allowed, tier));
  }

  /** All versions this person could do instead, best first, each with the load to begin with. */
  rank(version: Version, tier: Tier): RankedSubstitute[] {
    return rankSubstitutes(version, {
      ...this.standIns(version, tier),
      startLoad: (candidate) => {
        const allowed = this.allow(candidate);
        const wanted = allowed && this.wanted(allowed, tier);
        return wanted && { kg: wanted.kg, standardError: wanted.estimate.standardError };
      },
    });
  }

  /** Who may stand in: allowed by their conditions, possible with their kit. */
  private standIns(version: Version, tier: Tier): SubstituteContext {
    return {
      catalog: this.context.catalog,
      tier: tierSteps(version.tier ?? tier, tier) > 0 ? (version.tier ?? tier) : tier,
      allowed: (candidate) => {
        const allowed = this.allow(candidate);
        if (!allowed || this.context.owned.missing(allowed.version.needs).length > 0) return undefined;
        if (!allowed.version.exercise.loading?.required) return allowed.version;
        const wanted = this.wanted(allowed, tier);
        const best = wanted && bestHold(allowed.version, wanted, this.context);
        return best && !best.tooHeavy ? allowed.version : undefined;
      },
      loadFit: (candidate) => {
        const allowed = this.allow(candidate);
        const wanted = allowed && this.wanted(allowed, tier);
        const best = wanted && bestHold(candidate, wanted, this.context);
        if (best) return best.fit;
        return version.exercise.loading?.required ? 0.4 : 1;
      },
    };
  }

  private allow(version: Version): Allowed | undefined {
    if (this.conditions.length === 0) return unrestricted(version);
    const verdict = applyCautions(version, this.conditions, this.context.catalog);
    return verdict.kind === 'allowed' ? verdict : undefined;
  }

  /** The coach's hand goes past a block; what it goes past is named. */
  private despite(version: Version): Allowed {
    const verdict = applyCautions(version, this.conditions, this.context.catalog);
    if (verdict.kind === 'allowed') return { ...verdict, version };
    const { rule } = verdict;
    this.say(
      'byHand',
      () => `${capital(SUBJECT_WORDS[rule.condition])} would forbid it: ${lowerFirst(rule.words)}`,
      'caution',
    );
    this.marks.push({ kind: 'caution', words: `despite: ${rule.mark}` });
    return { ...unrestricted(version), rules: [rule] };
  }

  private wanted(allowed: Allowed, tier: Tier): Wanted | undefined {
    if (allowed.bodyWeightOnly) return undefined;
    return wantedLoad(allowed.version, this.slot.prescriptions[tier], tier, allowed.limits, this.context);
  }

  private sayRules({ rules, version }: Allowed, from: Version): void {
    if (rules.length === 0 && this.lastStep === 'rung') {
      this.say('cautions', () => `${capital(this.conditionWords())}: nothing against “${version.name}”.`);
    }
    for (const rule of rules) {
      const changed = rule.action.kind === 'adapt' && from !== version;
      this.say(
        'cautions',
        () => `${capital(SUBJECT_WORDS[rule.condition])}: ${lowerFirst(rule.words)}`,
        'caution',
      );
      if (changed || rule.action.kind !== 'adapt') this.marks.push({ kind: 'caution', words: rule.mark });
    }
  }

  private conditionWords(): string {
    return this.conditions.map((condition) => SUBJECT_WORDS[condition]).join(' and ');
  }

  private say(step: TraceStep['step'], words: () => string, acted?: TraceStep['acted']): void {
    this.lastStep = step;
    this.reasons.say(step, words, acted);
  }

  /** Once more, aloud. */
  private explain(): readonly TraceStep[] {
    const trace = new TraceOf();
    new Placing(this.slot, this.context, trace).run();
    return trace.steps;
  }

  private placed(tier: Tier, allowed: Allowed, fit: HoldFit | undefined): Placement {
    const wanted = fit && this.wanted(allowed, tier);
    const held = fit && wanted && { hold: fit.hold, loads: fit.loads, wanted };
    return this.result(tier, allowed, { version: allowed.version, held });
  }

  /** How it is held when it is held; undefined for body weight. */
  private usableHold(allowed: Allowed, tier: Tier): HoldFit | undefined {
    const wanted = this.wanted(allowed, tier);
    const best = wanted && bestHold(allowed.version, wanted, this.context);
    return best && !best.tooHeavy ? best : undefined;
  }

  private nothing(tier: Tier, because: string, mend: string, allowed?: Allowed): Placement {
    return this.result(tier, allowed, { leftOut: { because, mend } });
  }

  private result(
    tier: Tier,
    allowed: Allowed | undefined,
    { version, held, leftOut }: Pick<Placement, 'version' | 'held' | 'leftOut'>,
  ): Placement {
    return {
      slot: this.slot,
      tier,
      prescription: this.slot.prescriptions[tier],
      explain: () => this.explain(),
      marks: this.marks,
      warnings: (allowed?.rules ?? []).map(({ condition, words }) => ({ condition, words })),
      limits: allowed?.limits ?? NO_LIMITS,
      version,
      held,
      leftOut,
    };
  }
}

/** A person may stand between two rungs: their own lever setting counts on the rung they stand on. */
function fineTuned(version: Version, { by }: RungChoice, participant: Participant): Version {
  return by === 'standing' ? withLevers(version, participant.levers?.[version.ladderId ?? '']) : version;
}

function withLevers(version: Version, own: LeverSettings | undefined): Version {
  if (!own) return version;
  let tuned = version;
  for (const [lever, value] of Object.entries(own) as [LeverKind, number][]) {
    const range = version.exercise.levers.find((known) => known.lever === lever);
    if (!range || value < range.from || value > range.to || value === version.levers[lever]) continue;
    tuned = withLever(tuned, lever, value, `${LEVERS[lever].name} ${value} ${LEVERS[lever].unit}`);
  }
  return tuned;
}

function unrestricted(version: Version): Allowed {
  return { version, rules: [], limits: NO_LIMITS, bodyWeightOnly: false };
}

function scoreWords({ score }: RankedSubstitute): string {
  return score.toFixed(2);
}

function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}

function lowerFirst(text: string): string {
  return text.charAt(0).toLowerCase() + text.slice(1);
}
