import {
  type BodyLoad,
  HOLD_WORDS,
  LEVERS,
  PATTERN_WORDS,
  PROP_WORDS,
  type Amount,
  type Hold,
  type LeverKind,
  type LeverSettings,
  type Pain,
} from '../model';
import { SUBJECT_WORDS, type CautionRule, type CautionSubject } from '../caution';
import { recipeWords, trustWords } from '../kit';
import { gateWords } from '../ladder';
import { workText } from '../plan';
import { formatLoad, type MassUnit } from '../units';
import { held, type Reader } from './held';
import { wantedWords } from './strength-words';
import type {
  HarderVersion,
  KitGap,
  LeftOutBecause,
  MadeLoad,
  NextLoad,
  Reason,
  ReasonKind,
  ReasonOf,
} from './reason';

/** One sentence, or more where one would be long. */
type Sentence<Kind extends ReasonKind> = (reason: ReasonOf<Kind>, reader: Reader) => string;

/**
 * A reason in the words a coach reads.
 *
 * @param reason what acted
 * @param unit the reader's
 * @param hold how what is spoken of is held
 * @returns a sentence with its full stop
 * @example reasonWords({ step: 'cautions', kind: 'noCautions' }, 'kg') // 'No cautions noted.'
 */
export function reasonWords(reason: Reason, unit: MassUnit, hold?: Hold): string {
  return sentenceOf(reason.kind)(reason, { unit, hold });
}

function sentenceOf<Kind extends ReasonKind>(kind: Kind): (reason: Reason, reader: Reader) => string {
  return SENTENCES[kind] as (reason: Reason, reader: Reader) => string;
}

/** Every reason has its sentence; the compiler asks for each. */
/** What carries a part of the body. */
const CARRIED_BY: Readonly<Record<BodyLoad['carriedBy'], string>> = {
  hands: 'the hands carry',
  knees: 'the hands carry',
  bar: 'the arms pull',
  legs: 'the legs lift',
  hips: 'the hips lift as much as',
};

const SENTENCES: { readonly [Kind in ReasonKind]: Sentence<Kind> } = {
  // Rung
  planned: ({ version }) => `The plan gives everyone “${version.name}”.`,
  aboveTier: ({ version, tier, instead }) =>
    `“${version.name}” is ${version.tier ?? tier}, and ${tier} is what they are at it${instead ? `: “${instead.name}” instead` : ''}.`,
  standsOn: ({ version }) => `Stands on this rung: “${version.name}”.`,
  tierBegins: ({ version, tier, pattern }) =>
    `${capital(tier)} at ${PATTERN_WORDS[pattern]}: “${version.name}”.`,
  waitsForLadder: ({ version }) => `“${version.name}” waits for a rung on another ladder.`,
  cameTo: ({ version }) => `Has come to “${version.name}”.`,

  // Cautions
  noCautions: () => 'No cautions noted.',
  numberInstead: ({ reserve }) => `Not as many as possible: a number, and stop with ${reserve} left.`,
  stopSign: ({ pain }) => stopSignWords(pain),
  nothingAgainst: ({ subjects, version }) =>
    `${capital(subjectsWords(subjects))}: nothing against “${version.name}”.`,
  cautioned: ({ rule }) => ruleWords(rule),
  blocked: ({ rule, instead }) => {
    if (!instead) return ruleWords(rule);
    const { version, kind } = instead;
    const how = {
      twin: 'The plan’s twin for it',
      lowerRung: 'Further down the ladder',
      substitute: 'Instead',
    }[kind];
    return `${ruleWords(rule)} ${how}: “${version.name}”.`;
  },

  // Kit
  loadsThere: ({ count }) =>
    count === 1 ? 'One load can be made for it.' : `${count} loads can be made for it.`,
  bodyWeight: ({ couldHold }) =>
    couldHold ? 'Done with body weight: nothing fitting to hold.' : 'Needs nothing to hold.',
  substituted: ({ gap, from, version, harder }) =>
    `${gapWords(gap)}. Nearest to “${from.name}” is “${version.name}”${harder ? ', which is harder: look at it together before it is done' : ''}.`,
  nothingNear: ({ gap }) => `${gapWords(gap)}, and nothing else comes near.`,
  together: ({ version, how, hold }) => {
    if (how === 'apart') {
      return `Not as one repetition for them: all of the first, then all of the next (“${version.name}”).`;
    }
    return `One repetition is “${version.name}”${hold ? `, with ${HOLD_WORDS[hold]} throughout` : ', with nothing in the hands'}.`;
  },
  partFits: ({ from, version }) =>
    `“${from.name}” needs the hands otherwise: “${version.name}” beside the other part.`,
  partLeftOut: ({ name, because }) =>
    because.kind === 'holdsDiffer'
      ? `Without the ${name}: what it is held by does not suit the rest. Two slots instead of one would have both.`
      : `Without the ${name}, and the rest stands: ${lowerFirst(leftOutWords(because).why)}.`,

  // Target
  wanted: ({ wanted }, reader) => wantedWords(wanted, reader),
  asPlanned: ({ amount, work }) =>
    work?.kind === 'most'
      ? 'As many as possible, as planned.'
      : `${capital(amountWords(amount))} as planned.`,
  onceAWeek: ({ amount }) => `It grows once a week: ${amountWords(amount)} again, as in the class before.`,
  hurt: ({ pain: { place, score }, stopped }) =>
    stopped
      ? `${capital(place)} hurt, ${score} of 10: nothing that bears on it until it is looked at. The review of that class offers what spares it.`
      : `${capital(place)} hurt, ${score} of 10: nothing that bears on it grows.`,
  skipped: () => 'Left out last time: the same again.',
  away: ({ weeks, unlogged }) => {
    if (weeks > 1) return `${weeks} weeks away: the same again.`;
    return `${unlogged ? 'Nothing is logged of the last class' : 'Missed last week'}: the same again.`;
  },
  awayStepBack: ({ weeks, percent, mostKg, amount }, reader) =>
    mostKg === undefined
      ? `${weeks} weeks away: a step back by ${percent} %${amount ? `, to ${amountWords(amount)}` : ''}.`
      : `${weeks} weeks away: a step back by ${percent} %, to ${held(mostKg, reader)} at the most.`,
  awayClockStays: ({ weeks }) => `${weeks} weeks away: the clock stays.`,
  countedOtherwise: ({ counted }) =>
    counted === 'reps'
      ? 'Last time it was counted in repetitions, now it goes by the clock: the plan’s numbers.'
      : 'Last time it went by the clock, now it is counted in repetitions: the plan’s numbers.',
  didOtherVersion: ({ name, asked }) => `“${name}” was done instead of “${asked.name}”: this is asked again.`,
  didOtherLoad: ({ askedKg, doneKg, takenOver }, reader) =>
    takenOver
      ? `Done with ${held(doneKg, reader)} instead of ${held(askedKg, reader)}: goes on from there.`
      : `Done with ${held(doneKg, reader)} instead of ${held(askedKg, reader)}, and it is not sure that enough was left: the same again.`,
  didPart: ({ sets, of }) => `${sets} of ${of} sets done: the same again.`,
  fellShort: ({ worst, asked, formLost }) =>
    formLost
      ? 'Form went last time: the same again.'
      : `${worst} of ${amountWords(asked)} in the shortest set: the same again.`,
  fellShortAgain: ({ weeks, formLost, mostKg, amount }, reader) => {
    const why = formLost ? 'Form went' : 'Short';
    const to = mostKg === undefined ? amountWords(amount) : `${held(mostKg, reader)} at the most`;
    return `${why} ${weeks} times running: down, to ${to}.`;
  },
  nothingSpare: ({ left, asked }) => `Made, but ${left} left where ${asked} were asked: the same again.`,
  tooEasy: ({ left, asked }) => `Too easy: ${left} left where ${asked} were asked.`,
  backToPlan: ({ from, to }) => `Back towards the plan’s reps: from ${from} to ${to}.`,
  asManyAsPossible: () => 'As many as possible: what is beaten is last time’s number.',
  classClock: ({ seconds }) => `The clock is the class’s: ${seconds} s again, with more reps in it.`,
  sessionGrowsEnough: () => 'Waits a week: together with the rest of the session it would grow too much.',
  more: ({ from, to, upTo }) => {
    const what = from.kind === 'reps' ? 'Reps first' : 'Time first';
    const most = upTo === undefined ? '' : `, up to ${upTo}${from.kind === 'reps' ? '' : ' s'}`;
    return `${what}: from ${from.amount} to ${amountWords(to, '')}${most}.`;
  },
  full: ({ amount }) => `All sets at the top: ${amountWords(amount)}.`,
  percentMore: ({ percent, kg, amount }, reader) =>
    `${percent} % more than last time’s aim: ${held(kg, reader)} for ${amountWords(amount, '')}.`,
  percentMoreWork: ({ percent, amount, grew }) =>
    grew
      ? `${percent} % more work a time: ${amountWords(amount)}.`
      : `${percent} % more work is not a whole one yet: ${amountWords(amount)} again.`,
  twoOver: ({ visits }) =>
    [
      'The same until the last set goes two over, on two visits running.',
      'Two over in the last set once: once more, and it grows.',
      'Two over in the last set, on two visits running.',
    ][visits] ?? '',
  left: ({ left, asked, verdict, amount, mostKg }, reader) => {
    const said = `${left} left, ${asked} asked`;
    switch (verdict) {
      case 'near':
        return `${said}: near enough, the same again.`;
      case 'shortOfReps':
        return `${said}, but short of the reps: the same again.`;
      case 'more':
        return `${said}: there is more in it.`;
      case 'fewer':
        return `${said}: ${amountWords(amount)} instead.`;
      case 'lighter':
        return `${said}: back to ${held(mostKg ?? 0, reader)} at the most.`;
    }
  },
  nobodySaid: () => 'Nobody said what was left: the same again.',
  rounds: ({ sets, mostSets }) => `Rounds first: ${sets} of up to ${mostSets}.`,
  roundsFull: ({ sets }) => `All ${sets} rounds are there.`,
  form: ({ verdict, reps, high, low, dropPercent, mostKg }, reader) => {
    switch (verdict) {
      case 'toTheEnd':
        return `To the end of good form: ${reps}, if it goes as before.`;
      case 'held':
        return `Form held for ${reps} in the first set: the same load until it reaches ${high}.`;
      case 'clean':
        return `Clean to ${high} in the first set.`;
      case 'went':
        return mostKg === undefined
          ? `Form went at ${reps}, before ${low}: sets of ${reps} while it is clean.`
          : `Form went at ${reps}, before ${low}: back by ${dropPercent ?? 0} %, to ${held(mostKg, reader)} at the most.`;
      case 'unknown':
        return 'Nothing to go by: the same again.';
    }
  },
  madeTwice: ({ harder }) => `Made on two visits: ${harderWords(harder)}.`,
  untilGate: ({ harder, missing }) =>
    `The same until the gate is made (${missing.join('; ')}); then ${harderWords(harder)}.`,
  untilMadeTwice: ({ harder }) => `The same until it is made on two visits; then ${harderWords(harder)}.`,
  wave: ({ percent, amount, eased, lighterSets }) => {
    const words = `${Math.round(percent)} % of the maximum for ${amountWords(amount, '')}`;
    if (lighterSets !== undefined) return `A lighter week of the wave: ${words}, ${lighterSets} sets.`;
    return `On the wave: ${words}${eased ? ', and 5 % less, as last time fell short' : ''}.`;
  },
  waveNeedsLoad: () => 'A wave is a share of a load: without one, as planned.',
  gate: ({ gate, next, state }) => {
    if (state.kind === 'passed') {
      return `That is the gate, ${gateWords(gate)}, to “${next.name}”. The step is the coach’s.`;
    }
    if (state.kind === 'shortOf') {
      return `The gate to “${next.name}” is ${gateWords(gate)}: the plan stops short of it.`;
    }
    const by = {
      kit: 'the kit lacks what it needs',
      caution: 'a caution is against it',
      nothingToHold: 'there is nothing to hold',
    }[state.by];
    return `The next rung, “${next.name}”, stays closed: ${by}.`;
  },
  ladderEnds: () => 'Nothing harder comes after it on a ladder: longer, slower, or another exercise.',

  // Attainable
  nearest: ({ load, next }, reader) =>
    `Nearest from the kit: ${madeWords(load, reader)}${next ? `; ${nextWords(next, reader)}` : ''}.`,
  nothingLight: () => 'Nothing light enough to hold: body weight.',
  again: ({ load }, reader) => `Again ${madeWords(load, reader)}.`,
  nextUp: ({ fromKg, load, capPercent, allowed, amount, bodyKg = 0 }, reader) => {
    const percent = Math.round(((load.kg + bodyKg) / (fromKg + bodyKg) - 1) * 100);
    const up = `${percent} % up${bodyKg > 0 ? ' with the body that is moved along' : ''}`;
    const why = {
      withinCap: `within the cap of ${capPercent} %`,
      smallestStep: 'the smallest step there is',
      earned: 'past the cap, but the reps have earned it',
    }[allowed];
    return `Next is ${madeWords(load, reader)}, ${up}, ${why}. It is worth ${amountWords(amount)}.`;
  },
  down: ({ load }, reader) => `Down to ${madeWords(load, reader)}.`,
  bridge: ({ load, next, amount, goal, missingKg, harder, ends }, reader) => {
    const far = next ? nextWords(next, reader) : 'that is the heaviest there is';
    const how = `${amountWords(amount)}${harder ? `, ${harder.words}` : ''}`;
    const start = `${madeWords(load, reader)}; ${far}`;
    if (goal !== undefined && next) {
      return `${start}. Up to ${goal} reps earn it: ${how} now.`;
    }
    if (ends) {
      return `${start}. ${capital(how)} is as far as it goes${next ? '; the next load is the coach’s, by hand' : ''}.`;
    }
    const worth = missingKg === undefined ? '' : ` for the missing ${held(missingKg, reader)}`;
    return `${start}. Instead${worth}: ${how}.`;
  },
  heldByCaution: ({ seconds }) => `Held to ${seconds} s by a caution.`,
  bodyShare: ({ carried }, reader) =>
    carried
      ? `Body weight: ${CARRIED_BY[carried.by]} about ${Math.round(carried.share * 100)} % of it, ${formatLoad(Math.round(carried.kg), reader.unit)}.`
      : 'Body weight: the version itself sets how heavy it is.',
  fewerByStrength: ({ reps, asked, large }) =>
    large
      ? `The first time: ${reps}, not ${asked}. By what was done before even that is a lot: a large step, stop where form goes.`
      : `The first time, by what was done before: ${reps}, not ${asked}, so that as much is left as the plan says.`,
  lighterWeek: ({ sets, of, kg }, reader) =>
    `A lighter week: ${sets} of ${of} sets${kg === undefined ? '' : ` with ${held(kg, reader)}`}, nothing grows.`,

  // By hand
  versionByHand: ({ version, said }) => `Set by hand to “${version.name}”: ${stopped(said)}`,
  againstCaution: ({ rule }) =>
    `${capital(SUBJECT_WORDS[rule.condition])} would forbid it: ${lowerFirst(rule.words)}`,
  handCountedOtherwise: () =>
    'What was set by hand was counted otherwise, in repetitions or by the clock: the plan’s number stands.',
  numbersByHand: ({ said }) => `Set by hand: ${stopped(said)}`,
  decided: ({ decision, said }) =>
    `${decision === 'declined' ? 'Declined' : 'Agreed'} in a review: ${stopped(said)}`,
  leftOutByHand: ({ said }) => `Left out by hand: ${stopped(said)}`,

  // Write
  written: ({ sets, amount, work, perSide, restSeconds, kg }, reader) => {
    const each = work.kind === 'most' ? workText(work) : amountWords(amount, '');
    const side = perSide ? ' each side' : '';
    const rest = restSeconds === 0 ? 'then straight on' : `rest ${restSeconds} s`;
    const load = kg === undefined ? '' : ` with ${held(kg, reader)}`;
    return `${sets} × ${each}${side}${load}, ${rest}.`;
  },
  leftOut: ({ because }) => {
    const { why, mend } = leftOutWords(because);
    // What the coach said stands in the step before it.
    return because.kind === 'byHand' ? `Left out. ${mend}.` : `Left out. ${why}. ${mend}.`;
  },

  // Review
  stopHurting: ({ pain: { place, score }, instead, score: match }) => {
    const said = `${capital(place)} hurt, ${score} of 10. Stop it until it was looked at`;
    if (!instead) return `${said}; leave it out, nothing spares it.`;
    return match === undefined
      ? `${said}; “${instead.name}” spares it.`
      : `${said}; instead “${instead.name}”.`;
  },
  wasAway: ({ weeks, stepBack }) =>
    stepBack ? `${weeks} weeks away: a step back.` : 'Not there this week: what was planned still stands.',
  sideBehind: ({ side, percent, amount, lighterKg }, reader) => {
    const does = amountWords(amount);
    const how =
      lighterKg === undefined ? `${does} on both` : `${does} on both with ${held(lighterKg, reader)}`;
    return `The ${side} side did ${percent} % less. It leads and sets the work: ${how}.`;
  },
  gateMade: ({ version, next, visits }) =>
    `The gate of “${version.name}” was made on ${visits} visits: “${next.name}” is next.`,
  ladderOpens: ({ next }) => `What “${next.name}” waited for was reached.`,
  plateau: ({ weeks, gain, error, instead, advice }) => {
    const why = `No gain in ${weeks} weeks: ${signed(gain)} %, and it is known to ±${Math.round(error * 100)} %.`;
    if (instead) return `${why} Another version for a while: “${instead.name}”.`;
    return `${why} A set less for a week, then on.${advice === undefined ? '' : ` ${capital(advice)}`}`;
  },
  losing: ({ weeks, loss, error }) =>
    `${Math.round(loss * 100)} % less than ${weeks} weeks ago, more than the ±${Math.round(error * 100)} % it is known to: a lighter week, and look for what takes it.`,
  mostFellShort: ({ short, of }) => `${short} of ${of} exercises fell short.`,
  hardVisits: ({ efforts }) => `Two visits running were ${efforts.join(' and ')} of 10.`,
  monotonous: ({ monotony, limit }) =>
    `Every day was alike, and the load is high: monotony ${Number.isFinite(monotony) ? `${monotony.toFixed(1)}, above ${limit}` : 'without an end'}.`,
  easyForMost: ({ raiseBy }) =>
    `Most of the class had more left than the plan asks: raise it by ${raiseBy} for everyone.`,
};

/** Why a slot was left out, and what would mend it. */
export interface LeftOutWords {
  readonly why: string;
  readonly mend: string;
}

/**
 * Why a slot was left out and what would mend it, each without its full stop.
 *
 * @param because as the cell has it
 * @example leftOutWords({ kind: 'notInLibrary' }).mend // 'Choose another one in the plan'
 */
export function leftOutWords(because: LeftOutBecause): LeftOutWords {
  switch (because.kind) {
    case 'notInLibrary':
      return {
        why: 'The plan names an exercise or ladder that is not in the library',
        mend: 'Choose another one in the plan',
      };
    case 'aboveTier':
      return {
        why: `“${because.version.name}” is above ${because.tier}, and nothing easier comes near`,
        mend: 'Choose an easier one in the plan',
      };
    case 'nothingAllowed':
      return {
        why: `Nothing like it is allowed with ${subjectsWords(because.subjects)}`,
        mend: 'Take it out for this person, or set a version by hand with a clinician’s word',
      };
    case 'kitLacks':
      return {
        why: gapWords(because.gap),
        mend:
          because.gap.kind === 'needs'
            ? `Find ${needsWords(because.gap)}`
            : 'Add a pair of filled bottles to the kit',
      };
    case 'byHand':
      return { why: `By hand: ${because.said}`, mend: 'Drop what was set by hand to have it back' };
    case 'hurt': {
      const { place, score } = because.pain;
      return {
        why: `Stopped: ${place} hurt, ${score} of 10`,
        mend: 'Look at it together; the review of that class offers what spares it',
      };
    }
    case 'stopSign':
      return {
        why: `Everything stops: ${because.pain.place}, ${because.pain.score} of 10`,
        mend: 'A clinician first; note their word under the answers before training',
      };
    case 'stopped':
      return { why: withoutStop(because.rule.words), mend: 'A clinician first; then note what they said' };
  }
}

/**
 * An amount as it is said: "10 reps", "30 s"; the number alone for reps where the word is clear.
 *
 * @param amount reps or seconds
 * @param repsWord what stands behind repetitions
 * @example amountWords(amountOf('hold', 30)) // '30 s'
 */
export function amountWords({ kind, amount }: Amount, repsWord = ' reps'): string {
  return kind === 'reps' ? `${amount}${repsWord}` : `${amount} s`;
}

/**
 * What a kit lacks for a version, without a full stop.
 *
 * @param gap between kit and version
 * @example gapWords({ kind: 'nothingToHold' }) // 'Nothing to hold for it'
 */
export function gapWords(gap: KitGap): string {
  switch (gap.kind) {
    case 'needs':
      return `Needs ${needsWords(gap)}`;
    case 'nothingToHold':
      return 'Nothing to hold for it';
    case 'lightestTooHeavy':
      return 'Even the lightest there is would be too heavy';
    case 'tooLight':
      return `The kit reaches only ${Math.round(gap.share * 100)} % of the load`;
  }
}

/** "a chair and a wall". */
function needsWords({ needs }: Extract<KitGap, { kind: 'needs' }>): string {
  return needs.map((need) => need.map((prop) => PROP_WORDS[prop]).join(' or ')).join(' and ');
}

/**
 * Lever settings in words; empty for none.
 *
 * @param levers where each stands
 * @example leversInWords({ surfaceHeight: 60 }) // 'surface 60 cm'
 */
export function leversInWords(levers: LeverSettings = {}): string {
  return (Object.entries(levers) as [LeverKind, number][])
    .map(([lever, value]) => `${LEVERS[lever].name} ${value} ${LEVERS[lever].unit}`)
    .join(', ');
}

/**
 * A harder version in words.
 *
 * @param harder half of the way to the next rung, or that rung
 * @example harderWords({ next: 'hands on a chair' }) // 'the next rung, “hands on a chair”'
 */
export function harderWords({ next, levers }: HarderVersion): string {
  return levers ? `half of the way to “${next}”, ${leversInWords(levers)}` : `the next rung, “${next}”`;
}

function nextWords({ kg, percentUp }: NextLoad, reader: Reader): string {
  return `the next is ${held(kg, reader)}, ${Math.round(percentUp)} % up`;
}

function madeWords({ kg, recipe }: MadeLoad, { unit }: Reader): string {
  const trust = trustWords(recipe, unit);
  return `${held(kg, { unit, hold: recipe.hold })}: ${recipeWords(recipe)}${trust ? ` (${trust})` : ''}`;
}

function ruleWords({ condition, words }: CautionRule): string {
  return `${capital(SUBJECT_WORDS[condition])}: ${lowerFirst(words)}`;
}

/**
 * Whether what leaves a slot out stops the whole card: a sign that was logged, or an answer; a pressure leaves loosening up.
 *
 * @param because why it is left out
 * @example stopsEverything({ kind: 'stopSign', pain }) // true
 */
export function stopsEverything(because: LeftOutBecause): boolean {
  return because.kind === 'stopSign' || (because.kind === 'stopped' && because.rule.demand === 'anything');
}

function withoutStop(sentence: string): string {
  return sentence.replace(/\.$/, '');
}

function stopSignWords({ place, score }: Pain): string {
  return `${capital(place)} hurt, ${score} of 10: a sign to stop everything. A clinician first; note their word under the answers before training.`;
}

function subjectsWords(subjects: readonly CautionSubject[]): string {
  return subjects.map((subject) => SUBJECT_WORDS[subject]).join(' and ');
}

function signed(share: number): string {
  const percent = Math.round(share * 100);
  return percent > 0 ? `+${percent}` : String(percent);
}

/** What a coach wrote, as a sentence. */
function stopped(said: string): string {
  return /[.!?]$/.test(said) ? said : `${said}.`;
}

function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}

function lowerFirst(text: string): string {
  return text.charAt(0).toLowerCase() + text.slice(1);
}
