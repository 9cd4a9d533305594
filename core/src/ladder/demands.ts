import {
  LEAVES_A_HAND,
  type Demand,
  type Exercise,
  type Hold,
  type LeverKind,
  type LeverSettings,
  type Need,
  type Rung,
} from '../model';
import { easierOrEqual } from './lever-order';

/** Demands a lever adds to any exercise that has it, from a setting on. Common practice, no published source. */
const LEVER_DEMANDS: readonly {
  readonly lever: LeverKind;
  readonly asks: (setting: number) => readonly Demand[];
}[] = [
  { lever: 'senses', asks: (closed) => (closed > 0 ? ['eyesClosed', 'unsteady'] : []) },
  { lever: 'base', asks: (apartCm) => (apartCm <= 5 ? ['unsteady'] : []) },
  { lever: 'jumpHeight', asks: (cm) => (cm > 0 ? ['jump'] : []) },
];

/** Something to hold on to that stands: a counter, or a chair against the wall. */
export const SUPPORT: Need = ['counter', 'chair', 'wall', 'post'];

/**
 * What a version asks of a body, whatever is held: the demands of its exercise, less those its levers take away, plus those they
 * add. What a rung spares holds as long as no lever stands harder than the rung has it.
 *
 * @param exercise with its demands
 * @param levers where they stand; an unset one stands at its hard end
 * @param rung it is on, if any
 * @example demandsAt(pressUp, { surfaceHeight: 90 }).includes('wristLoad') // false
 */
export function demandsAt(
  exercise: Exercise,
  levers: LeverSettings,
  rung?: Rung,
): Pick<Exercise, 'demands' | 'demandsLoaded'> {
  const spared = rung && asEasyAs(levers, rung.levers) ? rung.spares : [];
  const eased = (exercise.easedBy ?? []).filter(({ lever, at }) => easierOrEqual(lever, levers[lever], at));
  const kept = (demand: Demand) => !spared.includes(demand) && !eased.some((ease) => ease.demand === demand);
  const added = LEVER_DEMANDS.flatMap(({ lever, asks }) => {
    const setting = levers[lever];
    return setting === undefined ? [] : asks(setting);
  });
  return {
    demands: [...new Set([...exercise.demands.filter(kept), ...added])],
    demandsLoaded: exercise.demandsLoaded.filter(kept),
  };
}

function asEasyAs(levers: LeverSettings, than: LeverSettings): boolean {
  return (Object.entries(than) as [LeverKind, number][]).every(([lever, setting]) =>
    easierOrEqual(lever, levers[lever], setting),
  );
}

/** Worn, so that neither hand nor arm has anything to do with it. */
const WORN: ReadonlySet<Hold> = new Set(['vest', 'ankle']);
/** What a load asks of hands and arms. */
const OF_THE_ARMS: ReadonlySet<Demand> = new Set([
  'grip',
  'wideArms',
  'longArms',
  'overheadLoad',
  'overFace',
]);
/** Where a bar lies on the shoulders. */
const ON_THE_SHOULDERS: ReadonlySet<Exercise['pattern']> = new Set(['squat', 'lunge', 'calf']);

/**
 * What a load asks beside, held one way: nothing of the hands when it is worn, a bar on the shoulders in a squat, and the balance
 * again where it takes the hand that held on.
 *
 * @param version with what it asks when loaded
 * @param hold one of its holds
 * @example demandsHeld(gobletSquat, 'vest') // []
 */
export function demandsHeld(
  {
    demandsLoaded,
    exercise,
    holdingOn,
  }: {
    readonly demandsLoaded: readonly Demand[];
    readonly exercise: Exercise;
    readonly holdingOn?: true | undefined;
  },
  hold: Hold,
): readonly Demand[] {
  const own = WORN.has(hold) ? demandsLoaded.filter((demand) => !OF_THE_ARMS.has(demand)) : demandsLoaded;
  const bar = hold === 'bar' && ON_THE_SHOULDERS.has(exercise.pattern) && !own.includes('barOnShoulders');
  const freeHand = !holdingOn || LEAVES_A_HAND.has(hold);
  if (!bar && freeHand) return own;
  return [
    ...own,
    ...(bar ? (['barOnShoulders'] as const) : []),
    ...(freeHand ? [] : (['unsteady'] as const)),
  ];
}
