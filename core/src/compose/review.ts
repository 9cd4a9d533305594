import { BLOCKS, isBig, midSentence, patternsOf, type Prescription, type Session } from '../model';
import { addBlock, byTheClock, editEachTier, editSlot, newSlot, sessionTimeline, slotName } from '../plan';
import { formatClock } from '../units';
import { muscleCoverage } from './coverage';
import { membersOf, type Member } from './effort';
import { fitToTime } from './fit';
import { LOOSENING } from './loosening';
import { listed, type Remark, type ReviewContext } from './remark';
import { isolationFirst, sameMuscle, upAndDown } from './review-order';

/** Holds longer than this strain people with high blood pressure. Common practice, no published source. */
const LONG_HOLD_SECONDS = 20;
const MOST_WARM_UP = 4;

/**
 * What an experienced colleague would say of a session: warm-up, order, getting up and down, strain, sides, time, and
 * what the focus promised. Each with a mending where there is one; what the coach waved away stays away. The rules are
 * common practice.
 */
export function reviewSession(session: Session, context: ReviewContext): Remark[] {
  const members = membersOf(session, context.tier, context.catalog);
  const dismissed = new Set(session.dismissed);
  return [
    ...emptyBlocks(session),
    ...noWarmUp(session, members, context),
    ...isolationFirst(members, context),
    ...sameMuscle(session, members, context),
    ...upAndDown(session, members, context),
    ...longStrain(members, context),
    ...unequalSides(members, context),
    ...alone(session, context),
    ...missed(session, context),
    ...overTime(session, context),
  ].filter(({ id }) => !dismissed.has(id));
}

/** A session whose remark is waved away for good. */
export function dismissRemark(session: Session, id: string): Session {
  return { ...session, dismissed: [...(session.dismissed ?? []), id] };
}

function emptyBlocks({ blocks }: Session): Remark[] {
  return blocks
    .filter(({ slots }) => slots.length === 0)
    .map(({ id, kind }) => ({
      id: `empty ${id}`,
      kind: 'empty',
      sentence: `${BLOCKS[kind].name} has nothing in it.`,
      slotIds: [],
      mend: {
        words: 'take it out',
        apply: (own) => ({ ...own, blocks: own.blocks.filter((block) => block.id !== id) }),
      },
    }));
}

function warmUpsFor({ exercise }: Member['version']): readonly string[] {
  return patternsOf(exercise).flatMap((pattern) => LOOSENING[pattern].warmUp);
}

function noWarmUp(session: Session, members: readonly Member[], { catalog, newId }: ReviewContext): Remark[] {
  const warm = session.blocks.filter(({ kind }) => kind === 'warmUp').flatMap(({ slots }) => slots);
  const done = new Set(warm.flatMap(({ source }) => (source.kind === 'exercise' ? [source.exerciseId] : [])));
  const trained = members.filter(
    ({ version }) => isBig(version.exercise) || version.exercise.impact === 'high',
  );
  const cold = trained.filter(
    ({ version }) => !warmUpsFor(version).some((exerciseId) => done.has(exerciseId)),
  );
  if (cold.length === 0) return [];
  const wanted = [...new Set(cold.flatMap(({ version }) => warmUpsFor(version)))].slice(0, MOST_WARM_UP);
  const names = listed(cold.map(({ slot }) => midSentence(slotName(slot, catalog))));
  return [
    {
      id: 'noWarmUp',
      kind: 'noWarmUp',
      sentence: `Nothing warms up for ${names}.`,
      slotIds: cold.map(({ slot }) => slot.id),
      mend: {
        words: 'add the warm-up',
        apply: (own) => {
          const slots = wanted.map((exerciseId) =>
            newSlot(newId(), { kind: 'exercise', exerciseId }, catalog, 'warmUp'),
          );
          const there = own.blocks.find(({ kind }) => kind === 'warmUp');
          if (!there) return addBlock(own, { id: newId(), kind: 'warmUp', restSeconds: 0, slots });
          return {
            ...own,
            blocks: own.blocks.map((block) =>
              block.id === there.id ? { ...block, slots: [...block.slots, ...slots] } : block,
            ),
          };
        },
      },
    },
  ];
}

function longStrain(members: readonly Member[], { participants, catalog }: ReviewContext): Remark[] {
  const people = participants.filter(({ cautions }) =>
    cautions.some(({ condition }) => condition === 'highBloodPressure'),
  );
  if (people.length === 0) return [];
  return members
    .filter(({ prescription: { work } }) => work.kind === 'hold' && work.seconds > LONG_HOLD_SECONDS)
    .map(({ slot }) => ({
      id: `longStrain ${slot.id}`,
      kind: 'longStrain',
      sentence: `${slotName(slot, catalog)}: a long strain for ${listed(people.map(({ name }) => name))}, with high blood pressure.`,
      slotIds: [slot.id],
      mend: {
        words: `hold ${LONG_HOLD_SECONDS} s, one set more`,
        apply: (own) =>
          everyTierOf(own, slot.id, (one) =>
            one.work.kind === 'hold' && one.work.seconds > LONG_HOLD_SECONDS
              ? {
                  ...one,
                  sets: Math.min(20, one.sets + 1),
                  work: { kind: 'hold', seconds: LONG_HOLD_SECONDS },
                }
              : one,
          ),
      },
    }));
}

/** One-sided work by the clock with an odd number of sets: one side gets one more. */
function unequalSides(members: readonly Member[], { catalog }: ReviewContext): Remark[] {
  return members
    .filter(
      ({ version: { exercise }, prescription: { perSide, work, sets } }) =>
        exercise.laterality === 'eachSide' && !perSide && byTheClock(work) && sets % 2 === 1,
    )
    .map(({ slot, prescription }) => ({
      id: `unequalSides ${slot.id}`,
      kind: 'unequalSides',
      sentence: `${slotName(slot, catalog)}: ${prescription.sets} sets by the clock give one side more than the other.`,
      slotIds: [slot.id],
      mend: {
        words: 'each side',
        apply: (own) => everyTierOf(own, slot.id, (one) => ({ ...one, perSide: true })),
      },
    }));
}

/** Rounds of one exercise are straight sets. */
function alone({ blocks }: Session, { catalog }: ReviewContext): Remark[] {
  return blocks
    .filter(({ kind, slots }) => (kind === 'superset' || kind === 'triSet') && slots.length === 1)
    .map(({ id, kind, slots }) => ({
      id: `alone ${id}`,
      kind: 'alone',
      sentence: `${BLOCKS[kind].name} with ${slots[0] ? midSentence(slotName(slots[0], catalog)) : 'one exercise'} alone.`,
      slotIds: slots.map((slot) => slot.id),
      mend: {
        words: 'make it straight sets',
        apply: (own) => ({
          ...own,
          blocks: own.blocks.map((block) =>
            block.id === id ? { ...block, kind: 'straight' as const } : block,
          ),
        }),
      },
    }));
}

function missed(session: Session, { tier, catalog }: ReviewContext): Remark[] {
  return muscleCoverage(session, tier, catalog).missed.map((sentence) => ({
    id: `missed ${sentence}`,
    kind: 'missed',
    sentence: sentence.charAt(0).toUpperCase() + sentence.slice(1),
    slotIds: [],
  }));
}

function overTime(session: Session, { tier, catalog, timing }: ReviewContext): Remark[] {
  const { totalSeconds } = sessionTimeline(session, { tier }, catalog, timing);
  const over = totalSeconds - session.budgetMinutes * 60;
  if (over <= 0) return [];
  return [
    {
      id: `overTime ${session.budgetMinutes}`,
      kind: 'overTime',
      sentence: `${formatClock(Math.round(over))} over the ${session.budgetMinutes} minutes.`,
      slotIds: [],
      mend: {
        words: 'make it fit',
        apply: (own) => fitToTime(own, own.budgetMinutes, { tier, catalog, timing }).session,
      },
    },
  ];
}

function everyTierOf(session: Session, slotId: string, change: (one: Prescription) => Prescription): Session {
  return editSlot(session, slotId, (slot) => editEachTier(slot, change));
}
