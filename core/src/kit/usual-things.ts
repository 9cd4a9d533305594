import type { Implement, Prop } from '../model';
import { HOUSEHOLD } from './household';

/** Something that is ticked rather than measured: what most rooms and homes have, in the sizes it usually comes in. */
export interface UsualThing {
  readonly id: string;
  readonly name: string;
  /** In what sizes, in words. */
  readonly usually: string;
  readonly group: 'the room' | 'weights' | 'found at home';
  /** As things of a kit; ids are given when it is counted in. */
  readonly implements: readonly Implement[];
}

function dumbbells(...masses: readonly number[]): Implement[] {
  return masses.map((massKg) => ({
    kind: 'fixed',
    id: `dumbbell-${massKg}`,
    form: 'dumbbell',
    massKg,
    count: 2,
  }));
}

function kettlebells(...masses: readonly number[]): Implement[] {
  return masses.map((massKg) => ({
    kind: 'fixed',
    id: `kettlebell-${massKg}`,
    form: 'kettlebell',
    massKg,
    count: 1,
  }));
}

function prop(name: Prop, heightCm?: number): Implement {
  return { kind: 'prop', id: name, prop: name, ...(heightCm !== undefined && { heightCm }) };
}

/** The plates of one bar or of two handles, both sides together. */
function plates(...pairs: readonly (readonly [massKg: number, count: number])[]) {
  return pairs.map(([massKg, count]) => ({ massKg, count }));
}

/** What an ordinary room has to sit on and lean on; its wall and its floor are there anyway. Heights are common practice, no published source. */
export const USUAL_ROOM: readonly Implement[] = [prop('chair', 45), prop('counter', 75)];

/** Sizes are those most often sold (common practice, no published source); each can be changed in the kit. */
export const USUAL_THINGS: readonly UsualThing[] = [
  {
    id: 'usualRoom',
    name: 'usual room',
    usually: 'wall, floor, a firm chair, a table to lean on',
    group: 'the room',
    implements: USUAL_ROOM,
  },
  { id: 'mat', name: 'mat', usually: 'for the floor', group: 'the room', implements: [prop('mat')] },
  { id: 'step', name: 'step', usually: '20 cm high', group: 'the room', implements: [prop('step', 20)] },
  {
    id: 'overheadBar',
    name: 'pull-up bar',
    usually: 'bears a body',
    group: 'the room',
    implements: [prop('overheadBar')],
  },
  {
    id: 'lightDumbbells',
    name: 'light dumbbells',
    usually: 'pairs of 1, 2, 3 and 4 kg',
    group: 'weights',
    implements: dumbbells(1, 2, 3, 4),
  },
  {
    id: 'dumbbells',
    name: 'dumbbells',
    usually: 'pairs of 5, 6, 8, 10 and 12 kg',
    group: 'weights',
    implements: dumbbells(5, 6, 8, 10, 12),
  },
  {
    id: 'heavyDumbbells',
    name: 'heavy dumbbells',
    usually: 'pairs of 14, 16, 18, 20 and 24 kg',
    group: 'weights',
    implements: dumbbells(14, 16, 18, 20, 24),
  },
  {
    id: 'kettlebells',
    name: 'kettlebells',
    usually: 'one each of 8, 12 and 16 kg',
    group: 'weights',
    implements: kettlebells(8, 12, 16),
  },
  {
    id: 'handles',
    name: 'two handles with plates',
    usually: '2 kg each, plates of 1.25, 2.5 and 5 kg',
    group: 'weights',
    implements: [
      {
        kind: 'adjustable',
        id: 'handles',
        handleKg: 2,
        handles: 2,
        plates: plates([1.25, 4], [2.5, 4], [5, 4]),
      },
    ],
  },
  {
    id: 'bar',
    name: 'bar with plates',
    usually: '20 kg, and 80 kg of plates',
    group: 'weights',
    implements: [
      {
        kind: 'bar',
        id: 'bar',
        form: 'barbell',
        barKg: 20,
        plates: plates([1.25, 2], [2.5, 2], [5, 2], [10, 2], [20, 2]),
      },
    ],
  },
  ...HOUSEHOLD.map(({ name, usually, implement }): UsualThing => ({
    id: `home ${name}`,
    name,
    usually,
    group: 'found at home',
    implements: [implement],
  })),
];
