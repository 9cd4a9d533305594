import { TIERS, type DrayDocument, type Override, type Prescription, type Work } from '../model';
import { editSlot } from '../plan';
import type { Pin, Proposal } from './proposal';

/** What a coach made of a proposal: agreed to it, to what the scheme would rather do, or to neither. */
export type Decision = 'agreed' | 'rather' | 'declined';

/**
 * Agrees to proposals, with what was changed of them: next week's board is then exactly that. Declined ones leave the numbers of
 * the week that was. Whatever was decided before of the same slot and week gives way.
 *
 * @param newId gives each decision an id
 */
export function decide(
  document: DrayDocument,
  proposals: readonly Proposal[],
  decision: Decision,
  newId: () => string,
): DrayDocument {
  let sessions = document.sessions;
  const overrides = [...document.overrides];
  for (const proposal of proposals) {
    const { participantId, slotId, week, forWeek, pin, lasting, same, reason } = proposal;
    if (participantId === undefined) {
      if (decision === 'agreed') {
        sessions = sessions.map((session) => raised(session, slotId, pin.amount ?? 0));
      }
      continue;
    }
    const before = overrides.findIndex((own) => isDecision(own, proposal));
    if (before >= 0) overrides.splice(before, 1);
    const agreed = decision === 'agreed';
    const rather = decision === 'rather' ? proposal.rather : undefined;
    overrides.push({
      id: newId(),
      participantId,
      slotId,
      fromWeek: forWeek,
      ...(!(agreed ? lasting : rather?.lasting) && { toWeek: forWeek }),
      ...given(agreed ? pin : (rather?.pin ?? same)),
      reason: (agreed ? reason : (rather?.reason ?? `Stays as it was. Proposed: ${reason}`)).slice(0, 400),
      reviewOfWeek: week,
    });
  }
  return { ...document, overrides, sessions };
}

/** Takes a decision back: the proposal is open again. */
export function undecide(document: DrayDocument, proposal: Proposal): DrayDocument {
  return { ...document, overrides: document.overrides.filter((own) => !isDecision(own, proposal)) };
}

/** What was decided of a proposal, if anything was. */
export function decisionOn(document: DrayDocument, proposal: Proposal): Override | undefined {
  return document.overrides.find((own) => isDecision(own, proposal));
}

function isDecision({ participantId, slotId, reviewOfWeek }: Override, proposal: Proposal): boolean {
  return (
    reviewOfWeek === proposal.week && participantId === proposal.participantId && slotId === proposal.slotId
  );
}

/** An override has no nothing: amounts of 0 and loads of 0 are left out. */
function given({ sets, amount, loadKg, rungId, exerciseId, levers }: Pin): Partial<Override> {
  return {
    ...(sets !== undefined && sets > 0 && { sets }),
    ...(amount !== undefined && amount > 0 && { amount }),
    ...(loadKg !== undefined && loadKg > 0 && { loadKg }),
    ...(rungId !== undefined && { rungId }),
    ...(exerciseId !== undefined && { exerciseId }),
    ...(levers && { levers }),
  };
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
