import {
  TIERS,
  type Decision,
  type DrayDocument,
  type Override,
  type Prescription,
  type Work,
} from '../model';
import { editSlot } from '../plan';
import type { MassUnit } from '../units';
import type { Pin, Proposal, Way } from './proposal';
import { whyWords } from './proposal-words';

/** Words of a reason that a document keeps. */
const MOST_WORDS = 400;

/** How decisions are written down. */
export interface DecideOptions {
  /** An id for each of them. */
  readonly newId: () => string;
  /** In which the reasons are kept. */
  readonly unit: MassUnit;
}

/**
 * Writes down what a coach made of proposals, with what was changed of them: next week's board is then exactly that. Declined
 * ones leave the numbers of the week that was. Whatever was decided before of the same slot and week gives way.
 *
 * @param document to be changed
 * @param proposals that were decided
 * @param decision for all of them
 * @param options ids, and the unit of the words that are kept
 * @example decide(document, proposals, 'agreed', { newId, unit: 'kg' }).overrides.length
 */
export function decide(
  document: DrayDocument,
  proposals: readonly Proposal[],
  decision: Decision,
  { newId, unit }: DecideOptions,
): DrayDocument {
  let { sessions, overrides } = document;
  for (const proposal of proposals) {
    const { participantId, slotId, pin } = proposal;
    if (participantId === undefined) {
      if (decision === 'agreed') {
        sessions = sessions.map((session) => raised(session, slotId, pin.amount ?? 0));
      }
      continue;
    }
    const way = wayDecided(proposal, decision);
    const said = whyWords(way.reasons.length > 0 ? way : proposal, unit).slice(0, MOST_WORDS);
    overrides = [
      ...overrides.filter((override) => !isDecisionOn(override, proposal)),
      ...overridesOf({ ...proposal, ...way, participantId }, decision, said, newId),
    ];
  }
  return { ...document, overrides, sessions };
}

function wayDecided(proposal: Proposal, decision: Decision): Pick<Way, 'pin' | 'lasting' | 'reasons'> {
  if (decision === 'agreed') return proposal;
  if (decision === 'otherWay' && proposal.otherWay) return proposal.otherWay;
  return { pin: proposal.same, lasting: false, reasons: [] };
}

/** What is needed to write a way on down. */
interface Written extends Pick<Proposal, 'slotId' | 'week' | 'forWeek' | 'pin' | 'lasting'> {
  readonly participantId: string;
}

/**
 * A way on as overrides: its version for good where it is lasting, its numbers for the next week.
 *
 * @param written the way on, of whom, for when
 * @param decision what it is
 * @param said why, in words
 * @param newId gives each an id
 * @example overridesOf(proposal, 'agreed', 'the gate was made', newId).length // 2: version and numbers
 */
export function overridesOf(
  { participantId, slotId, week, forWeek, pin, lasting }: Written,
  decision: Decision,
  said: string,
  newId: () => string,
): Override[] {
  const common = { participantId, slotId, fromWeek: forWeek, reason: said, reviewOfWeek: week, decision };
  const { sets, amount, counted, loadKg, ...whole } = pin;
  const numbers: Pin = {
    ...(sets !== undefined && sets > 0 && { sets }),
    ...(amount !== undefined && amount > 0 && { amount, ...(counted && { counted }) }),
    ...(loadKg !== undefined && { loadKg }),
  };
  if (!lasting) return [{ ...common, id: newId(), toWeek: forWeek, ...whole, ...numbers }];
  const forGood = { ...common, id: newId(), ...whole };
  const hasNumbers = Object.keys(numbers).length > 0;
  return hasNumbers ? [forGood, { ...common, id: newId(), toWeek: forWeek, ...numbers }] : [forGood];
}

/**
 * Takes a decision back: the proposal is open again.
 *
 * @param document to be changed
 * @param proposal that was decided
 * @example decisionOn(undecide(document, proposal), proposal) // undefined
 */
export function undecide(document: DrayDocument, proposal: Proposal): DrayDocument {
  return {
    ...document,
    overrides: document.overrides.filter((override) => !isDecisionOn(override, proposal)),
  };
}

/**
 * What was decided of a proposal.
 *
 * @param document with its decisions
 * @param proposal to look up
 * @returns undefined while it is open
 * @example decisionOn(document, proposal) // 'agreed'
 */
export function decisionOn(document: DrayDocument, proposal: Proposal): Decision | undefined {
  const decided = document.overrides.find((override) => isDecisionOn(override, proposal));
  return decided && (decided.decision ?? 'agreed');
}

function isDecisionOn({ participantId, slotId, reviewOfWeek }: Override, proposal: Proposal): boolean {
  return (
    reviewOfWeek === proposal.week && participantId === proposal.participantId && slotId === proposal.slotId
  );
}

function raised(session: DrayDocument['sessions'][number], slotId: string, by: number) {
  if (!session.blocks.some(({ slots }) => slots.some(({ id }) => id === slotId))) return session;
  return editSlot(session, slotId, (slot) => {
    const prescriptions = { ...slot.prescriptions };
    for (const tier of TIERS) prescriptions[tier] = moreReps(prescriptions[tier], by);
    return { ...slot, prescriptions };
  });
}

function moreReps(prescription: Prescription, by: number): Prescription {
  return { ...prescription, work: moreWork(prescription.work, by) };
}

function moreWork(work: Work, by: number): Work {
  if (work.kind === 'reps' || work.kind === 'either') return { ...work, reps: work.reps + by };
  if (work.kind === 'range') return { ...work, low: work.low + by, high: work.high + by };
  return work;
}
