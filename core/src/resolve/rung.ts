import { LEVERS, tierFor, type LeverKind, type LeverSettings, type SlotSource, type Tier } from '../model';
import {
  chooseRung,
  versionOfExercise,
  withLever,
  type Catalog,
  type RungChoice,
  type Version,
} from '../ladder';
import type { CellReason } from '../reason';
import { leftOutByHand, versionByHand } from './by-hand';
import type { PlaceContext } from './context';
import { leavingOut, type CellDraft } from './draft';

/** A version to begin with, and whose prescription counts for it. */
interface Start {
  readonly version: Version;
  readonly tier: Tier;
  readonly reasons: readonly CellReason[];
}

/**
 * Step 1: the version the coach set by hand, else the rung a scheme has brought them to, else the one they stand on, else the
 * first of their tier; prerequisites may hold it back. The tier of the rung chooses the prescription.
 *
 * @param draft untouched
 * @param context person, ladders, what is set by hand
 * @example rung(draftOf(slot, 'beginner'), context).version?.name // 'to a chair'
 */
export function rung(draft: CellDraft, context: PlaceContext): CellDraft {
  const { override } = context;
  if (override?.leaveOut) return leftOutByHand(draft, override);
  const planned = plannedStart(draft.slot.source, context);
  const start = handStart(planned, context) ?? standingStart(planned, context) ?? planned;
  if (!start) {
    return leavingOut(draft, { kind: 'notInLibrary' });
  }
  const { version, tier, reasons } = start;
  return { ...draft, version, tier, prescription: draft.slot.prescriptions[tier], trace: reasons };
}

function handStart(planned: Start | undefined, context: PlaceContext): Start | undefined {
  const hand = versionByHand(context);
  if (!hand) return undefined;
  const version = withLevers(hand.version, context.override?.levers);
  return { version, tier: tierOf(version, planned, context), reasons: [hand.reason(version)] };
}

/** Where a scheme has brought them: a rung of the ladder they climb. */
function standingStart(planned: Start | undefined, context: PlaceContext): Start | undefined {
  const { standing, catalog } = context;
  const onRung = standing && catalog.versionByRung.get(standing.rungId);
  if (!onRung) return undefined;
  const version = withLevers(onRung, standing.levers);
  const reasons: CellReason[] = [{ step: 'rung', kind: 'cameTo', version }];
  return { version, tier: tierOf(version, planned, context), reasons };
}

/** The tier of the rung on the slot's own ladder; for anything else the tier the plan has for them. */
function tierOf(
  { exercise, ladderId, rung: onLadder }: Version,
  planned: Start | undefined,
  context: PlaceContext,
): Tier {
  if (onLadder && ladderId === planned?.version.ladderId) return onLadder.tier;
  return planned?.tier ?? tierFor(context.participant, exercise.pattern);
}

/**
 * What a source gives a person, without what is set by hand or a scheme has brought about.
 *
 * @param source a ladder or one exercise
 * @param context person and ladders
 * @returns undefined when the library has no such source
 * @example plannedStart({ kind: 'exercise', exerciseId: 'easy-march' }, context)?.version.name // 'easy march'
 */
export function plannedStart(
  source: SlotSource,
  { catalog, participant }: Pick<PlaceContext, 'catalog' | 'participant'>,
): Start | undefined {
  if (source.kind === 'exercise') {
    const exercise = catalog.exerciseById(source.exerciseId);
    if (!exercise) return undefined;
    const version = versionOfExercise(exercise);
    const tier = tierFor(participant, exercise.pattern);
    return { version, tier, reasons: [{ step: 'rung', kind: 'planned', version }] };
  }
  // A combination that was replaced by hand: whoever stands first in it says the tier.
  if (source.kind === 'combination') {
    const [first] = source.parts;
    return first && plannedStart(first.source, { catalog, participant });
  }
  const ladder = catalog.ladders.get(source.ladderId);
  const choice = ladder && chooseRung(participant, ladder, catalog.ladders);
  const onRung = choice && catalog.versionByRung.get(choice.rung.id);
  if (!onRung) return undefined;
  const ownLevers = choice.by === 'standing' ? participant.levers?.[ladder.id] : undefined;
  const version = withLevers(onRung, ownLevers);
  return { version, tier: choice.rung.tier, reasons: choiceReasons(choice, version, catalog) };
}

function choiceReasons(
  { by, rung: { tier }, waiting }: RungChoice,
  version: Version,
  catalog: Catalog,
): CellReason[] {
  const { pattern } = version.exercise;
  const held = waiting && catalog.versionByRung.get(waiting.id);
  return [
    by === 'standing'
      ? { step: 'rung', kind: 'standsOn', version }
      : { step: 'rung', kind: 'tierBegins', version, tier, pattern },
    ...(held ? [{ step: 'rung', kind: 'waitsForLadder', version: held } as const] : []),
  ];
}

/** A version with levers where someone has them; settings the exercise does not know stay out. */
function withLevers(version: Version, levers: LeverSettings | undefined): Version {
  let tuned = version;
  for (const [lever, value] of Object.entries(levers ?? {}) as [LeverKind, number][]) {
    const range = version.exercise.levers.find((known) => known.lever === lever);
    if (!range || value < range.from || value > range.to || value === version.levers[lever]) continue;
    tuned = withLever(tuned, lever, value, `${LEVERS[lever].name} ${value} ${LEVERS[lever].unit}`);
  }
  return tuned;
}
