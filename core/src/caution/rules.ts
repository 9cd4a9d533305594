import type { Condition, Demand, LeverKind } from '../model';

/** What a rule does when its demand is met. */
export type CautionAction =
  | { readonly kind: 'block' }
  /** Move a lever to its easier side of a limit; `words` name the version it makes. */
  | { readonly kind: 'adapt'; readonly lever: LeverKind; readonly limit: number; readonly words: string }
  /** Keep the exercise, hold the effort down. */
  | { readonly kind: 'ease'; readonly reserveAtLeast?: number; readonly holdAtMostSeconds?: number }
  | { readonly kind: 'warn' };

export interface CautionRule {
  readonly condition: Condition;
  /** "held" is met by anything done with a load in the hands. */
  readonly demand: Demand | 'held';
  readonly action: CautionAction;
  /** For the mark in a cell: a few words. */
  readonly mark: string;
  /** For the participant: a sentence. */
  readonly words: string;
  readonly source: string;
}

const COMMON = 'common practice, no published source';
const AHA =
  'AHA scientific statement, Williams et al. 2007 (from memory): no breath-holding, moderate effort';

/** The table. Order within a condition: blocks first. */
export const CAUTION_RULES: readonly CautionRule[] = [
  {
    condition: 'soreKnee',
    demand: 'jump',
    action: { kind: 'block' },
    mark: 'no landing',
    words: 'Nothing that jumps or lands: step instead.',
    source: COMMON,
  },
  {
    condition: 'soreKnee',
    demand: 'deepKnee',
    action: { kind: 'adapt', lever: 'range', limit: 60, words: 'to a high seat' },
    mark: 'knee: less depth',
    words: 'Bend only as far as a high seat, shin nearly upright, knee over the foot.',
    source: COMMON,
  },
  {
    condition: 'soreKnee',
    demand: 'kneeling',
    action: { kind: 'warn' },
    mark: 'kneel on padding',
    words: 'Put a folded towel or two mats under the knee.',
    source: COMMON,
  },
  {
    condition: 'highBloodPressure',
    demand: 'overhead',
    action: { kind: 'block' },
    mark: 'nothing overhead',
    words: 'No arms overhead under load.',
    source: COMMON,
  },
  {
    condition: 'highBloodPressure',
    demand: 'headDown',
    action: { kind: 'block' },
    mark: 'head up',
    words: 'Keep the head above the heart.',
    source: COMMON,
  },
  {
    condition: 'highBloodPressure',
    demand: 'longStrain',
    action: { kind: 'ease', holdAtMostSeconds: 20, reserveAtLeast: 3 },
    mark: 'short holds, breathe',
    words: 'Holds stay at 20 seconds or less, breathing all the way through.',
    source: COMMON,
  },
  {
    condition: 'highBloodPressure',
    demand: 'held',
    action: { kind: 'ease', reserveAtLeast: 3 },
    mark: 'breathe, 3 left',
    words: 'Loose grip, breathe out on the effort, never hold the breath; stop with three left.',
    source: AHA,
  },
  {
    condition: 'lowBoneDensity',
    demand: 'spineBending',
    action: { kind: 'block' },
    mark: 'no loaded bending',
    words: 'No bending forward with a load: chest supported, or lying.',
    source: COMMON,
  },
  {
    condition: 'lowBoneDensity',
    demand: 'spineTwisting',
    action: { kind: 'block' },
    mark: 'no twisting',
    words: 'No twisting under load: reach straight instead.',
    source: COMMON,
  },
  {
    condition: 'lowBoneDensity',
    demand: 'jump',
    action: { kind: 'block' },
    mark: 'no landing',
    words: 'Nothing that jumps or lands: step instead.',
    source: COMMON,
  },
  {
    condition: 'shoulder',
    demand: 'overhead',
    action: { kind: 'block' },
    mark: 'nothing overhead',
    words: 'No arms above shoulder height.',
    source: COMMON,
  },
  {
    condition: 'shoulder',
    demand: 'wideArms',
    action: { kind: 'block' },
    mark: 'elbows close',
    words: 'No arms wide under load: elbows stay close.',
    source: COMMON,
  },
  {
    condition: 'shoulder',
    demand: 'shoulderLoad',
    action: { kind: 'adapt', lever: 'surfaceHeight', limit: 90, words: 'hands at hip height' },
    mark: 'hands higher',
    words: 'Hands at hip height or above, elbows close to the ribs, stop before it pinches.',
    source: COMMON,
  },
];
