import type { Bag, Fillable, Kit, Participant, Prescription, Slot, SlotSource } from '../src';
import { ownedFrom } from '../src/kit';
import { catalog } from '../src/library';
import type { DoseContext } from '../src/resolve';
import { strengthBook } from '../src/strength';

/** A participant with nothing special, for tests to change. */
export function aParticipant(part: Partial<Participant> = {}): Participant {
  return {
    id: 'someone',
    name: 'Someone',
    role: '',
    unit: 'kg',
    bodyMassKg: 70,
    tier: 'intermediate',
    tiers: {},
    rungs: {},
    kitIds: [],
    cautions: [],
    knownSets: [],
    formula: 'epley',
    notes: '',
    ...part,
  };
}

export function aKit(implementList: Kit['implements']): Kit {
  return { id: 'kit', name: 'Kit', unit: 'kg', implements: implementList };
}

export function pairs(...masses: number[]): Kit['implements'] {
  return masses.map((massKg) => ({ kind: 'fixed', id: `d${massKg}`, form: 'dumbbell', massKg, count: 2 }));
}

export function everyProp(): Kit['implements'] {
  return (['mat', 'chair', 'wall', 'counter', 'step', 'post'] as const).map((prop) => ({
    kind: 'prop',
    id: prop,
    prop,
  }));
}

/** Two bottles of two litres, filled to the tenth. */
export const TWO_BOTTLES: Fillable = {
  kind: 'fillable',
  id: 'bottle',
  name: 'bottle',
  emptyKg: 0.05,
  capacityLitres: 2,
  densityKgPerLitre: 0.9982,
  stepLitres: 0.1,
  count: 2,
};

/** A suitcase that its books fill to 20 kg. */
export const SUITCASE: Bag = {
  kind: 'bag',
  id: 'suitcase',
  name: 'suitcase',
  emptyKg: 3,
  handle: true,
  trustedKg: 20,
  items: [{ name: 'book', massKg: 1, count: 17 }],
};

export function reps(sets: number, count: number, reserve = 2): Prescription {
  return {
    sets,
    work: { kind: 'reps', reps: count },
    perSide: false,
    target: { kind: 'reserve', reps: reserve },
  };
}

/** A slot with a ladder, by its id, or with anything else. */
export function aSlot(of: string | SlotSource, prescription: Prescription = reps(3, 10)): Slot {
  return {
    id: `slot-${typeof of === 'string' ? of : of.kind}`,
    source: typeof of === 'string' ? { kind: 'ladder', ladderId: of } : of,
    prescriptions: { beginner: prescription, intermediate: prescription, advanced: prescription },
  };
}

/** A first week for a participant with these things. */
export function aContext(participant: Participant, implementList: Kit['implements'] = []): DoseContext {
  return {
    catalog,
    participant,
    owned: ownedFrom([aKit(implementList)], participant),
    strength: strengthBook(participant, participant.knownSets, catalog),
    week: 1,
    restSeconds: 60,
  };
}
