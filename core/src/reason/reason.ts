import type {
  Amount,
  BodyLoad,
  Decision,
  Gate,
  Hold,
  LeverSettings,
  LogEntry,
  Need,
  Pain,
  Pattern,
  Range,
  Reps,
  Seconds,
  Side,
  Tempo,
  Tier,
  Work,
} from '../model';
import type { CautionRule, CautionSubject } from '../caution';
import type { Recipe } from '../kit';
import type { Version } from '../ladder';
import type { StrengthEstimate } from '../strength';

/** Where in the way from a slot to a cell a reason acted. */
export type StepName = 'rung' | 'cautions' | 'kit' | 'target' | 'attainable' | 'byHand' | 'write';

/** Why a kit does not do for a version. */
export type KitGap =
  | { readonly kind: 'needs'; readonly needs: readonly Need[] }
  | { readonly kind: 'nothingToHold' }
  | { readonly kind: 'lightestTooHeavy' }
  /** The heaviest there is, as a share of what is wanted. */
  | { readonly kind: 'tooLight'; readonly share: number };

/** Why nothing of a slot is left for a person. */
export type LeftOutBecause =
  | { readonly kind: 'notInLibrary' }
  | { readonly kind: 'aboveTier'; readonly version: Version; readonly tier: Tier }
  | { readonly kind: 'nothingAllowed'; readonly subjects: readonly CautionSubject[] }
  | { readonly kind: 'kitLacks'; readonly gap: KitGap }
  | { readonly kind: 'byHand'; readonly said: string }
  /** It hurt: nothing of it is asked until it was looked at. */
  | { readonly kind: 'hurt'; readonly pain: Pain }
  /** A sign to stop everything: a clinician first. */
  | { readonly kind: 'stopSign'; readonly pain: Pain }
  /** Stopped by an answer or a reading, and no hand sets it aside. */
  | { readonly kind: 'stopped'; readonly rule: CautionRule };

/** Why one part of a combination is left out. */
export type PartLeftOut =
  | LeftOutBecause
  /** What the others are held by does not suit it. */
  | { readonly kind: 'holdsDiffer' };

/** A load as it is wanted, before the kit is asked. */
export interface Wanted {
  readonly kg: number;
  readonly reps: number;
  readonly reserve: number;
  readonly estimate: StrengthEstimate;
  /** From reps and reserve, or named outright by the plan: as so much, or as a share. */
  readonly source: 'reserve' | 'load' | 'percent' | 'bodyMass';
  /** What of the body is moved along with it; the maximum is then of both together. */
  readonly bodyKg: number;
  /** A caution held it down. */
  readonly eased: boolean;
  /** Of the maximum. */
  readonly percent: number;
  /** In a combination: the part that decides, and what the others would have allowed. */
  readonly weakest?: WeakestPart | undefined;
}

/** The part of a combination whose strength decides the load of all. */
export interface WeakestPart {
  readonly name: string;
  /** It is usually done without a load: no more than a tenth of the body in the hands. */
  readonly along?: true | undefined;
  readonly others: readonly { readonly name: string; readonly kg: number }[];
}

/** A load of the kit with how it is made. */
export interface MadeLoad {
  readonly kg: number;
  readonly recipe: Recipe;
}

/** How a set is made harder at the same load, where reps end. */
export interface Hardening {
  readonly tempo: Tempo;
  readonly range?: Range;
  /** Of the usual rest. */
  readonly restShare?: number;
  readonly words: string;
}

/** What follows from a gate for someone who has filled what is asked. */
export type GateState =
  | { readonly kind: 'passed' }
  | { readonly kind: 'shortOf' }
  | { readonly kind: 'closed'; readonly by: 'kit' | 'caution' | 'nothingToHold' };

type Step<Name extends StepName, Reasons> = Reasons & { readonly step: Name };

type RungReason = Step<
  'rung',
  | { readonly kind: 'planned'; readonly version: Version }
  /** Planned for everybody, but above the person's tier: the best within it, or nothing. */
  | {
      readonly kind: 'aboveTier';
      readonly version: Version;
      readonly tier: Tier;
      readonly instead: Version | undefined;
    }
  | { readonly kind: 'standsOn'; readonly version: Version }
  | {
      readonly kind: 'tierBegins';
      readonly version: Version;
      readonly tier: Tier;
      readonly pattern: Pattern;
    }
  | { readonly kind: 'waitsForLadder'; readonly version: Version }
  | { readonly kind: 'cameTo'; readonly version: Version }
>;

type CautionsReason = Step<
  'cautions',
  | { readonly kind: 'noCautions' }
  /** As many as possible became a number with some left. */
  | { readonly kind: 'numberInstead'; readonly reserve: number }
  /** A sign to stop everything was logged, and nobody has noted a clinician's word since. */
  | { readonly kind: 'stopSign'; readonly pain: Pain }
  | {
      readonly kind: 'nothingAgainst';
      readonly version: Version;
      readonly subjects: readonly CautionSubject[];
    }
  /** A rule that changed the version, holds effort down, or only warns. */
  | { readonly kind: 'cautioned'; readonly rule: CautionRule; readonly acted: boolean }
  | {
      readonly kind: 'blocked';
      readonly rule: CautionRule;
      readonly instead?:
        | {
            readonly kind: 'twin' | 'lowerRung' | 'substitute';
            readonly version: Version;
            readonly score?: number | undefined;
          }
        | undefined;
    }
>;

type KitReason = Step<
  'kit',
  | { readonly kind: 'loadsThere'; readonly count: number }
  | { readonly kind: 'bodyWeight'; readonly couldHold: boolean }
  | {
      readonly kind: 'substituted';
      readonly gap: KitGap;
      readonly from: Version;
      readonly version: Version;
      readonly score: number;
      /** It asks more than what it stands in for: said where nobody can miss it. */
      readonly harder: boolean;
    }
  | { readonly kind: 'nothingNear'; readonly gap: KitGap }
  /** The parts of a combination: done as one with what suits them all, or one after the other. */
  | {
      readonly kind: 'together';
      readonly version: Version;
      readonly how: 'asOne' | 'emptyHanded' | 'apart';
      readonly hold?: Hold | undefined;
    }
  /** A part is done another way, so that the hands can hold what the others need. */
  | { readonly kind: 'partFits'; readonly from: Version; readonly version: Version }
  /** A part is left out of a combination, and the rest stands. */
  | { readonly kind: 'partLeftOut'; readonly name: string; readonly because: PartLeftOut }
>;

/** What a scheme makes of the week before, and what a first week begins with. */
type TargetReason = Step<
  'target',
  | { readonly kind: 'wanted'; readonly wanted: Wanted }
  | { readonly kind: 'asPlanned'; readonly amount: Amount; readonly work?: Work | undefined }
  | { readonly kind: 'onceAWeek'; readonly amount: Amount }
  // Without proper training, and with what was done otherwise
  | { readonly kind: 'hurt'; readonly pain: Pain; readonly stopped: boolean }
  | { readonly kind: 'skipped' }
  | { readonly kind: 'away'; readonly weeks: number; readonly unlogged: boolean }
  | {
      readonly kind: 'awayStepBack';
      readonly weeks: number;
      readonly percent: number;
      readonly mostKg?: number | undefined;
      readonly amount?: Amount | undefined;
    }
  | { readonly kind: 'awayClockStays'; readonly weeks: number }
  | { readonly kind: 'didOtherVersion'; readonly name: string; readonly asked: Version }
  | { readonly kind: 'countedOtherwise'; readonly counted: LogEntry['counted'] }
  | {
      readonly kind: 'didOtherLoad';
      readonly askedKg: number;
      readonly doneKg: number;
      readonly takenOver: boolean;
    }
  | { readonly kind: 'didPart'; readonly sets: number; readonly of: number }
  | {
      readonly kind: 'fellShort';
      readonly worst: number;
      readonly asked: Amount;
      readonly formLost: boolean;
    }
  | {
      readonly kind: 'fellShortAgain';
      readonly weeks: number;
      readonly formLost: boolean;
      readonly mostKg?: number | undefined;
      readonly amount: Amount;
    }
  | { readonly kind: 'nothingSpare'; readonly left: number; readonly asked: number }
  | { readonly kind: 'tooEasy'; readonly left: number; readonly asked: number }
  | { readonly kind: 'backToPlan'; readonly from: Reps; readonly to: Reps }
  // For any scheme
  | { readonly kind: 'asManyAsPossible' }
  | { readonly kind: 'classClock'; readonly seconds: Seconds }
  | { readonly kind: 'sessionGrowsEnough' }
  // Schemes
  | { readonly kind: 'more'; readonly from: Amount; readonly to: Amount; readonly upTo?: number | undefined }
  | { readonly kind: 'full'; readonly amount: Amount }
  | { readonly kind: 'percentMore'; readonly percent: number; readonly kg: number; readonly amount: Amount }
  | {
      readonly kind: 'percentMoreWork';
      readonly percent: number;
      readonly amount: Amount;
      readonly grew: boolean;
    }
  | { readonly kind: 'twoOver'; readonly visits: 0 | 1 | 2 }
  | {
      readonly kind: 'left';
      readonly left: number;
      readonly asked: number;
      readonly verdict: 'near' | 'shortOfReps' | 'more' | 'fewer' | 'lighter';
      readonly amount: Amount;
      readonly mostKg?: number | undefined;
    }
  | { readonly kind: 'nobodySaid' }
  | { readonly kind: 'rounds'; readonly sets: number; readonly mostSets: number }
  | { readonly kind: 'roundsFull'; readonly sets: number }
  | {
      readonly kind: 'form';
      readonly verdict: 'toTheEnd' | 'held' | 'clean' | 'went' | 'unknown';
      readonly reps: number;
      readonly high: number;
      readonly low: number;
      readonly dropPercent?: number | undefined;
      readonly mostKg?: number | undefined;
    }
  | { readonly kind: 'madeTwice'; readonly harder: HarderVersion }
  | { readonly kind: 'untilMadeTwice'; readonly harder: HarderVersion }
  | { readonly kind: 'untilGate'; readonly harder: HarderVersion; readonly missing: readonly string[] }
  | {
      readonly kind: 'wave';
      readonly percent: number;
      readonly amount: Amount;
      readonly eased: boolean;
      readonly lighterSets?: number | undefined;
    }
  | { readonly kind: 'waveNeedsLoad' }
  // Where an amount is full: the way to the next rung
  | {
      readonly kind: 'gate';
      readonly gate: Gate;
      readonly next: Version;
      readonly state: GateState;
    }
  | { readonly kind: 'ladderEnds' }
>;

/** Half of the way to the next rung by a lever, or that rung. */
export interface HarderVersion {
  readonly next: string;
  /** Set where only half of the way is taken. */
  readonly levers?: LeverSettings | undefined;
}

type AttainableReason = Step<
  'attainable',
  | { readonly kind: 'nearest'; readonly load: MadeLoad; readonly next?: NextLoad | undefined }
  | { readonly kind: 'nothingLight' }
  | { readonly kind: 'again'; readonly load: MadeLoad }
  | {
      readonly kind: 'nextUp';
      readonly fromKg: number;
      readonly load: MadeLoad;
      readonly capPercent: number;
      /** Within the cap, as the smallest step there is, or past it because reps have earned it. */
      readonly allowed: 'withinCap' | 'smallestStep' | 'earned';
      readonly amount: Amount;
      /** What of the body is moved along, which the share counts too. */
      readonly bodyKg?: number | undefined;
    }
  | { readonly kind: 'down'; readonly load: MadeLoad }
  /** The next load is too far, or there is none: something else makes up for it. */
  | {
      readonly kind: 'bridge';
      readonly load: MadeLoad;
      readonly next?: NextLoad | undefined;
      readonly amount: Amount;
      /** Reps that would be worth the next load. */
      readonly goal?: Reps | undefined;
      readonly missingKg?: number | undefined;
      readonly harder?: Hardening | undefined;
      /** Nothing more can be added by these means. */
      readonly ends: boolean;
    }
  | { readonly kind: 'heldByCaution'; readonly seconds: Seconds }
  | {
      readonly kind: 'bodyShare';
      /** How much of the body, and what carries it. */
      readonly carried?: { readonly kg: number; readonly share: number; readonly by: BodyLoad['carriedBy'] };
    }
  /** The first time, and their strength has fewer in it than the plan asks. */
  | {
      readonly kind: 'fewerByStrength';
      readonly reps: Reps;
      readonly asked: Reps;
      /** Even so few are more than it has in it by reckoning: the step is a large one. */
      readonly large: boolean;
    }
  | {
      readonly kind: 'lighterWeek';
      readonly sets: number;
      readonly of: number;
      readonly kg?: number | undefined;
    }
>;

/** The next load up in the kit, and how far it is. */
export interface NextLoad {
  readonly kg: number;
  readonly percentUp: number;
}

type ByHandReason = Step<
  'byHand',
  | { readonly kind: 'versionByHand'; readonly version: Version; readonly said: string }
  | { readonly kind: 'againstCaution'; readonly rule: CautionRule }
  | { readonly kind: 'numbersByHand'; readonly said: string }
  | { readonly kind: 'handCountedOtherwise' }
  | {
      readonly kind: 'decided';
      readonly decision: Decision | undefined;
      readonly said: string;
    }
  | { readonly kind: 'leftOutByHand'; readonly said: string }
>;

type WriteReason = Step<
  'write',
  | {
      readonly kind: 'written';
      readonly sets: number;
      readonly amount: Amount;
      readonly work: Work;
      readonly perSide: boolean;
      readonly restSeconds: number;
      readonly kg?: number | undefined;
    }
  | { readonly kind: 'leftOut'; readonly because: LeftOutBecause }
>;

/** A reason of a cell: what acted, with what decided it. */
export type CellReason =
  | RungReason
  | CautionsReason
  | KitReason
  | TargetReason
  | AttainableReason
  | ByHandReason
  | WriteReason;

/** What stands behind a proposal beside the reasons of the cell it would lead to. */
export type ReviewReason = { readonly step: 'review' } & (
  | {
      readonly kind: 'stopHurting';
      readonly pain: Pain;
      readonly instead?: Version | undefined;
      /** How near it comes, where it is no rung of the same ladder. */
      readonly score?: number | undefined;
    }
  | { readonly kind: 'wasAway'; readonly weeks: number; readonly stepBack: boolean }
  | {
      readonly kind: 'sideBehind';
      readonly side: Side;
      readonly percent: number;
      readonly amount: Amount;
      readonly lighterKg?: number | undefined;
    }
  | { readonly kind: 'gateMade'; readonly version: Version; readonly next: Version; readonly visits: number }
  | { readonly kind: 'ladderOpens'; readonly next: Version }
  | {
      readonly kind: 'plateau';
      readonly weeks: number;
      readonly gain: number;
      readonly error: number;
      /** Another version for a while, or a set less with what the ladder advises. */
      readonly instead?: Version | undefined;
      readonly advice?: string | undefined;
    }
  | { readonly kind: 'losing'; readonly weeks: number; readonly loss: number; readonly error: number }
  | { readonly kind: 'mostFellShort'; readonly short: number; readonly of: number }
  | { readonly kind: 'hardVisits'; readonly efforts: readonly number[] }
  | { readonly kind: 'monotonous'; readonly monotony: number; readonly limit: number }
  | { readonly kind: 'easyForMost'; readonly raiseBy: Reps }
);

/** What acted on a cell or stands behind a proposal, as data; sentences are made when it is read, see `reason-words.ts`. */
export type Reason = CellReason | ReviewReason;

export type ReasonKind = Reason['kind'];

/** A reason of one kind. */
export type ReasonOf<Kind extends ReasonKind> = Extract<Reason, { readonly kind: Kind }>;
