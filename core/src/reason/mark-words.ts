import { PROP_WORDS } from '../model';
import type { MassUnit } from '../units';
import { held, holdIn, type Reader } from './held';
import type { KitGap, Reason, ReasonKind, ReasonOf } from './reason';

/** What a step did to the plain answer, if anything. */
export type MarkKind = 'caution' | 'substitute' | 'bridge' | 'gate' | 'byHand';

/** A few words in a cell for something the coach should see without asking. */
export interface Mark {
  readonly kind: MarkKind;
  readonly words: string;
}

/** What a reason changed, and the words it leaves in the cell; without words it shows in the trace alone. */
interface Marking<Kind extends ReasonKind> {
  readonly kind: MarkKind;
  readonly words?: (reason: ReasonOf<Kind>, reader: Reader) => string;
  /** The same for the person themselves, on their card, where a coach's word would not be understood. */
  readonly plain?: (reason: ReasonOf<Kind>, reader: Reader) => string;
}

/** Who reads a mark: the coach on the board, or the person on their card. */
export type MarkReader = 'coach' | 'person';

/** A reason that changed nothing. */
const QUIET = undefined;

/** Every reason says what it marks, or that it is quiet; the compiler asks for each. */
const MARKINGS: {
  readonly [Kind in ReasonKind]:
    | Marking<Kind>
    | ((reason: ReasonOf<Kind>) => Marking<Kind> | undefined)
    | undefined;
} = {
  planned: QUIET,
  aboveTier: { kind: 'substitute', words: ({ version }) => `too hard yet: ${version.name}` },
  standsOn: QUIET,
  tierBegins: QUIET,
  waitsForLadder: QUIET,
  cameTo: QUIET,

  noCautions: QUIET,
  numberInstead: { kind: 'caution', words: ({ reserve }) => `not to the end: ${reserve} left` },
  stopSign: { kind: 'caution', words: () => 'stopped: clinician first' },
  nothingAgainst: QUIET,
  cautioned: ({ acted }) =>
    acted ? { kind: 'caution', words: ({ rule }) => rule.mark } : { kind: 'caution' },
  blocked: {
    kind: 'caution',
    words: ({ rule }) => (rule.action.kind === 'holdOn' ? 'no hand free to hold on' : rule.mark),
  },

  loadsThere: QUIET,
  bodyWeight: QUIET,
  substituted: ({ harder }) =>
    harder
      ? {
          kind: 'caution',
          words: ({ gap }) => `harder than planned: ${gapMark(gap)}`,
          plain: ({ gap, from }) => `harder than “${from.name}”, for ${gapMark(gap)}: ask before you do it`,
        }
      : {
          kind: 'substitute',
          words: ({ gap }) => `instead: ${gapMark(gap)}`,
          plain: ({ gap, from }) => `in place of “${from.name}”: ${gapMark(gap)}`,
        },
  nothingNear: { kind: 'substitute' },
  together: ({ how }) =>
    how === 'apart' ? { kind: 'substitute', words: () => 'one after the other' } : QUIET,
  partFits: { kind: 'substitute' },
  partLeftOut: { kind: 'substitute', words: ({ name }) => `without the ${name}` },

  wanted: QUIET,
  asPlanned: QUIET,
  onceAWeek: QUIET,
  hurt: ({ stopped }) =>
    stopped
      ? { kind: 'caution', words: ({ pain: { place, score } }) => `stopped: ${place} hurt, ${score} of 10` }
      : QUIET,
  skipped: QUIET,
  away: QUIET,
  awayStepBack: QUIET,
  awayClockStays: QUIET,
  didOtherVersion: QUIET,
  countedOtherwise: QUIET,
  didOtherLoad: QUIET,
  didPart: QUIET,
  fellShort: QUIET,
  fellShortAgain: QUIET,
  nothingSpare: QUIET,
  tooEasy: QUIET,
  backToPlan: QUIET,
  asManyAsPossible: QUIET,
  classClock: QUIET,
  sessionGrowsEnough: QUIET,
  more: QUIET,
  full: QUIET,
  percentMore: QUIET,
  percentMoreWork: QUIET,
  twoOver: QUIET,
  left: QUIET,
  nobodySaid: QUIET,
  rounds: QUIET,
  roundsFull: QUIET,
  form: QUIET,
  madeTwice: QUIET,
  untilMadeTwice: QUIET,
  untilGate: QUIET,
  wave: QUIET,
  waveNeedsLoad: QUIET,
  gate: ({ state }) => {
    if (state.kind === 'closed') return QUIET;
    return {
      kind: 'gate',
      words: ({ next, gate }) =>
        state.kind === 'passed'
          ? `at the gate: ${next.name}`
          : `range full, gate is ${gate.sets} × ${gate.reps ?? gate.seconds ?? 0}`,
      plain: ({ next, gate }) =>
        state.kind === 'passed'
          ? `soon: ${next.name}`
          : `${gate.sets} × ${gate.reps ?? gate.seconds ?? 0} in good form, then: ${next.name}`,
    };
  },
  ladderEnds: QUIET,

  nearest: QUIET,
  nothingLight: QUIET,
  again: QUIET,
  nextUp: QUIET,
  down: QUIET,
  bridge: {
    kind: 'bridge',
    words: ({ next, goal, harder, ends, amount }, reader) => {
      const how = harder ? `, ${harder.words}` : '';
      if (!next) return `heaviest here: ${amount.kind === 'reps' ? 'more reps' : 'longer'}${how}`;
      const load = held(next.kg, reader);
      if (goal !== undefined) return `${goal} reps before ${load}`;
      if (ends) return `next is ${load}, by hand${how}`;
      return `next is ${load}: ${amount.kind === 'reps' ? 'more reps' : 'longer'}${how}`;
    },
    plain: ({ next, goal, harder, amount }, reader) => {
      const how = harder ? `, ${harder.words}` : '';
      const more = amount.kind === 'reps' ? 'more of them' : 'longer';
      if (!next) return `the heaviest there is here: ${more}${how}`;
      const load = held(next.kg, reader);
      return goal === undefined
        ? `${load} comes later: ${more} first${how}`
        : `${goal} in each set, and ${load} comes next`;
    },
  },
  heldByCaution: { kind: 'caution' },
  bodyShare: QUIET,
  fewerByStrength: ({ large }) =>
    large ? { kind: 'gate', words: () => 'a large step: few at first, stop where form goes' } : QUIET,
  lighterWeek: QUIET,

  versionByHand: {
    kind: 'byHand',
    words: ({ said }) => `by hand: ${said}`,
    plain: ({ said }) => `your coach: ${said}`,
  },
  againstCaution: { kind: 'caution', words: ({ rule }) => `despite: ${rule.mark}` },
  handCountedOtherwise: QUIET,
  numbersByHand: {
    kind: 'byHand',
    words: ({ said }) => `by hand: ${said}`,
    plain: ({ said }) => `your coach: ${said}`,
  },
  decided: QUIET,
  leftOutByHand: { kind: 'byHand' },

  written: QUIET,
  leftOut: QUIET,

  stopHurting: QUIET,
  wasAway: QUIET,
  sideBehind: QUIET,
  gateMade: QUIET,
  ladderOpens: QUIET,
  plateau: QUIET,
  losing: QUIET,
  mostFellShort: QUIET,
  hardVisits: QUIET,
  monotonous: QUIET,
  easyForMost: QUIET,
};

function markingOf(reason: Reason): Marking<ReasonKind> | undefined {
  const marking = MARKINGS[reason.kind] as
    | Marking<ReasonKind>
    | ((reason: Reason) => Marking<ReasonKind> | undefined)
    | undefined;
  return typeof marking === 'function' ? marking(reason) : marking;
}

/**
 * What a reason did to the plain answer; undefined where it changed nothing.
 *
 * @param reason of a cell or proposal
 * @example markKindOf({ step: 'cautions', kind: 'noCautions' }) // undefined
 */
export function markKindOf(reason: Reason): MarkKind | undefined {
  return markingOf(reason)?.kind;
}

/**
 * The marks that reasons leave in a cell, in their order, each once.
 *
 * @param trace the reasons of a cell
 * @param unit the reader's
 * @param who reads them
 * @example marksOf(cell.trace, 'kg') // [{ kind: 'bridge', words: '17 reps before 25 kg' }]
 */
export function marksOf(trace: readonly Reason[], unit: MassUnit, who: MarkReader = 'coach'): Mark[] {
  const marks: Mark[] = [];
  const reader = { unit, hold: holdIn(trace) };
  const strictest = strictestEffort(trace);
  for (const reason of trace) {
    if (holdsEffort(reason) && reason !== strictest) continue;
    const marking = markingOf(reason);
    const say = (who === 'person' ? marking?.plain : undefined) ?? marking?.words;
    const words = say?.(reason as never, reader);
    if (!marking || words === undefined) continue;
    if (!marks.some((mark) => mark.kind === marking.kind && mark.words === words)) {
      marks.push({ kind: marking.kind, words });
    }
  }
  return marks;
}

/** Whether a reason is a caution that holds down all effort: of several only the strictest is worth a mark. */
function holdsEffort(reason: Reason): reason is ReasonOf<'cautioned'> {
  return reason.kind === 'cautioned' && reason.rule.demand === 'effort' && reason.rule.action.kind === 'ease';
}

function strictestEffort(trace: readonly Reason[]): Reason | undefined {
  const left = ({ rule: { action } }: ReasonOf<'cautioned'>) =>
    action.kind === 'ease' ? (action.reserveAtLeast ?? 0) : 0;
  return trace
    .filter(holdsEffort)
    .reduce<ReasonOf<'cautioned'> | undefined>(
      (most, reason) => (most === undefined || left(reason) > left(most) ? reason : most),
      undefined,
    );
}

/** "no chair", "lightest is too heavy". */
function gapMark(gap: KitGap): string {
  switch (gap.kind) {
    case 'needs':
      return gap.needs
        .map((need) => `no ${need.map((prop) => PROP_WORDS[prop].replace(/^an? /, '')).join(' or ')}`)
        .join(', ');
    case 'nothingToHold':
      return 'nothing to hold';
    case 'lightestTooHeavy':
      return 'the lightest is too heavy';
    case 'tooLight':
      return 'the kit is too light';
  }
}
