import { LEVERS, type Exercise, type LeverKind, type Lift, type Rung } from '@dray/core';

/** Where the floor is needed. */
export const FLOOR: readonly Exercise['position'][] = ['lying', 'kneeling', 'handsAndFeet'];
export const POSITION_WORDS: Record<Exercise['position'], string> = {
  standing: 'standing',
  seated: 'seated',
  kneeling: $localize`kneeling, floor`,
  lying: $localize`lying, floor`,
  handsAndFeet: $localize`hands and feet, floor`,
};

/** "hawser pull, mooring row" as the names they are; undefined for none. */
export function otherNames(text: string): string[] | undefined {
  const names = text
    .split(/[,;]/u)
    .map((name) => name.trim())
    .filter(Boolean);
  return names.length > 0 ? names : undefined;
}

/** "hands at 45 cm, range 60 %": where the levers of a rung stand. */
export function leverWords(levers: Rung['levers']): string {
  return (Object.entries(levers) as [LeverKind, number][])
    .map(([lever, value]) => `${LEVERS[lever].name} ${value} ${LEVERS[lever].unit}`)
    .join(', ');
}

/** What each lift is measured on. */
export const LIFT_WORDS: Record<Lift, string> = {
  squat: 'squat',
  hinge: $localize`hip hinge`,
  press: 'press',
  row: 'row',
  overhead: $localize`overhead press`,
  raise: $localize`arm raise`,
  curl: $localize`arm curl`,
  extend: $localize`arm extension`,
  calf: $localize`heel raise`,
};

export const SIDES_WORDS: Record<Exercise['laterality'], string> = {
  both: $localize`both sides at once`,
  eachSide: $localize`each side on its own`,
  alternating: $localize`left and right by turns`,
};

export const IMPACT_WORDS: Record<Exercise['impact'], string> = {
  none: 'quiet',
  low: $localize`a soft landing`,
  high: $localize`a hard landing`,
};
