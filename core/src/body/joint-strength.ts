import type { Sex } from '../model';
import type { View } from './pose';
import type { MomentJoint } from './statics';

/** What is known of a body; what is not is taken as usual. */
export interface Body {
  readonly massKg: number;
  readonly statureCm: number;
  readonly sex?: Sex | undefined;
  readonly ageYears?: number | undefined;
}

/** One way to straighten or press down, the other to bend or lift. */
type BothWays = readonly [straightens: number, bends: number];

/**
 * Newton metres a kilogram of body mass of a man of 20 to 39, one side, held still.
 *
 * Source (from memory, rounded): Danneskiold-Samsøe et al. 2009 for knee, hip, ankle, elbow, shoulder, wrist and trunk; the
 * ranges published for one joint differ by a third between authors, positions and machines, so a share of these is a rough one.
 */
const USUAL: Readonly<Record<View, Readonly<Record<MomentJoint, BothWays>>>> = {
  side: {
    ankle: [1.6, 0.5],
    knee: [2.9, 1.5],
    hip: [2.9, 1.7],
    lowBack: [3.6, 2.2],
    shoulder: [1.2, 0.9],
    elbow: [0.65, 0.9],
    // The forearm turns: which side of the wrist works does not show from the side.
    wrist: [0.2, 0.2],
  },
  front: {
    ankle: [0.4, 0.4],
    knee: [2.9, 1.5],
    hip: [1.8, 1.8],
    lowBack: [1.9, 1.9],
    shoulder: [1.1, 0.75],
    elbow: [0.65, 0.9],
    wrist: [0.2, 0.2],
  },
};

/** What a woman has of it, a kilogram each: same source, rounded. */
const OF_A_WOMAN: Readonly<Record<MomentJoint, number>> = {
  ankle: 0.8,
  knee: 0.75,
  hip: 0.75,
  lowBack: 0.7,
  shoulder: 0.6,
  elbow: 0.6,
  wrist: 0.65,
};

/** Where an age is not known (common practice, no published source). */
const USUAL_AGE = 45;
/** From here on strength falls by a hundredth a year: Lindle et al. 1997 (from memory) 8 to 10 % a decade after 40. */
const FALLS_FROM = 40;
const FALLS_A_YEAR = 0.01;
const LEAST_OF_AGE = 0.4;

/**
 * What a joint usually has, in newton metres.
 *
 * @param joint one side of it
 * @param newtonMetres the moment asked, for its direction only
 * @param view in which plane
 * @param body whose joint
 * @returns newton metres, above 0
 * @example jointStrength('knee', 50, 'side', { massKg: 80, statureCm: 180, sex: 'male', ageYears: 30 }) // 232
 */
export function jointStrength(joint: MomentJoint, newtonMetres: number, view: View, body: Body): number {
  const [straightens, bends] = USUAL[view][joint];
  const ofSex =
    body.sex === 'male' ? 1 : body.sex === 'female' ? OF_A_WOMAN[joint] : (1 + OF_A_WOMAN[joint]) / 2;
  const years = Math.max(0, (body.ageYears ?? USUAL_AGE) - FALLS_FROM);
  const ofAge = Math.max(LEAST_OF_AGE, 1 - FALLS_A_YEAR * years);
  return (newtonMetres >= 0 ? straightens : bends) * body.massKg * ofSex * ofAge;
}
