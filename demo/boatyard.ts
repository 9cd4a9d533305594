/**
 * The demo: the evening strength class of a small boatyard and sail loft on an invented coast. Everyone in it is
 * made up. `npm run generate` writes it to boatyard.dray.json, which a fresh browser profile opens with.
 */
import {
  DENSITY_KG_PER_LITRE,
  DOCUMENT_VERSION,
  kgFromPounds,
  type Block,
  type DrayDocument,
  type Implement,
  type Kit,
  type Participant,
  type Prescription,
  type PrescriptionByTier,
  type Prop,
  type Session,
  type Slot,
} from '@dray/core';

const WATER_20C = DENSITY_KG_PER_LITRE.water;

function props(...names: Prop[]): Implement[] {
  return names.map((prop) => ({ kind: 'prop', id: `prop-${prop}`, prop }));
}

function dumbbells(count: number, ...masses: number[]): Implement[] {
  return masses.map((massKg) => ({
    kind: 'fixed',
    id: `dumbbell-${massKg.toFixed(2)}`,
    form: 'dumbbell',
    massKg,
    count,
  }));
}

function kettlebells(...masses: number[]): Implement[] {
  return masses.map((massKg) => ({
    kind: 'fixed',
    id: `kettlebell-${massKg}`,
    form: 'kettlebell',
    massKg,
    count: 1,
  }));
}

const kits: Kit[] = [
  {
    id: 'kit-loft',
    name: 'The loft rack',
    unit: 'kg',
    implements: [
      ...dumbbells(2, 4, 6, 8, 9, 10, 12.5, 15, 17.5),
      ...kettlebells(8, 12, 14, 16, 18, 20),
      { kind: 'ankle', id: 'ankle-loft', massKg: 1, count: 4 },
      { kind: 'vest', id: 'vest-loft', emptyKg: 1, insertKg: 1, inserts: 8 },
      ...props('mat', 'chair', 'wall', 'step', 'post'),
    ],
  },
  {
    id: 'kit-bram',
    name: 'Bram’s shed',
    unit: 'kg',
    implements: [
      {
        kind: 'adjustable',
        id: 'pair-bram',
        handleKg: 2,
        handles: 2,
        plates: [
          { massKg: 10, count: 4 },
          { massKg: 5, count: 4 },
          { massKg: 2.5, count: 4 },
          { massKg: 1.25, count: 4 },
          { massKg: 0.5, count: 4 },
        ],
      },
      {
        kind: 'bar',
        id: 'bar-bram',
        form: 'barbell',
        barKg: 12.5,
        plates: [
          { massKg: 10, count: 4 },
          { massKg: 5, count: 2 },
        ],
      },
      ...props('mat', 'chair', 'wall', 'step', 'post'),
    ],
  },
  {
    id: 'kit-odile',
    name: 'Odile’s kitchen',
    unit: 'kg',
    implements: [
      {
        kind: 'fillable',
        id: 'bottles-odile',
        name: 'bottle',
        emptyKg: 0.05,
        capacityLitres: 2,
        densityKgPerLitre: WATER_20C,
        stepLitres: 0.1,
        count: 2,
      },
      {
        kind: 'fillable',
        id: 'jug-odile',
        name: 'jug',
        emptyKg: 0.2,
        capacityLitres: 5,
        densityKgPerLitre: WATER_20C,
        stepLitres: 0.25,
        count: 1,
      },
      {
        kind: 'bag',
        id: 'tote-odile',
        name: 'tote',
        emptyKg: 0.25,
        handle: true,
        trustedKg: 9,
        items: [
          { name: 'cookbook', massKg: 1.05, count: 3 },
          { name: 'atlas', massKg: 1.6, count: 1 },
          { name: 'jar of rice', massKg: 0.72, count: 2 },
        ],
      },
      ...props('mat', 'chair', 'wall', 'counter'),
    ],
  },
  {
    id: 'kit-tamsin',
    name: 'Tamsin’s two pairs',
    unit: 'kg',
    implements: [
      ...dumbbells(2, 5, 10),
      {
        kind: 'fillable',
        id: 'bottle-tamsin',
        name: 'bottle',
        emptyKg: 0.05,
        capacityLitres: 2,
        densityKgPerLitre: WATER_20C,
        stepLitres: 0.1,
        count: 1,
      },
      ...props('mat', 'chair', 'wall'),
    ],
  },
  {
    id: 'kit-anselm',
    name: 'Anselm’s pilot house',
    unit: 'lb',
    implements: [
      ...dumbbells(2, ...[10, 15, 20, 25, 30].map(kgFromPounds)),
      {
        kind: 'band',
        id: 'band-anselm',
        name: 'long band',
        slackCm: 150,
        readings: [
          { lengthCm: 190, forceKg: 4.4 },
          { lengthCm: 240, forceKg: 7.2 },
          { lengthCm: 300, forceKg: 9.5 },
          { lengthCm: 380, forceKg: 12.2 },
        ],
      },
      ...props('mat', 'chair', 'wall', 'counter'),
    ],
  },
  {
    id: 'kit-wendel',
    name: 'Wendel’s empty room',
    unit: 'kg',
    implements: props('mat', 'chair', 'wall', 'post'),
  },
];

type Someone = Pick<Participant, 'id' | 'name' | 'role' | 'bodyMassKg' | 'tier' | 'kitIds'> &
  Partial<Participant>;

function someone(person: Someone): Participant {
  return {
    unit: 'kg',
    tiers: {},
    rungs: {},
    cautions: [],
    knownSets: [],
    formula: 'epley',
    notes: '',
    ...person,
  };
}

/** Two months of goblet squats, one of them with the digits of its load swapped: held back until seen again. */
const JUNO_SINCE_AUGUST: Participant['knownSets'] = (
  [
    ['2026-08-25', 16, 10, 2],
    ['2026-09-01', 16, 11, 2],
    ['2026-09-08', 16, 12, 1],
    ['2026-09-15', 18, 8, 2],
    ['2026-09-22', 18, 9, 2],
    ['2026-09-25', 81, 9, 2],
    ['2026-09-29', 18, 10, 1],
    ['2026-10-06', 20, 6, 2],
    ['2026-10-13', 20, 7, 2],
  ] as const
).map(([date, loadKg, reps, reserve]) => ({ exerciseId: 'goblet-squat', loadKg, reps, reserve, date }));

const participants: Participant[] = [
  someone({
    id: 'bram',
    name: 'Bram',
    role: 'rigger · plates in the shed',
    bodyMassKg: 84,
    heightCm: 183,
    sex: 'male',
    birthYear: 1988,
    experience: 'years',
    tier: 'advanced',
    kitIds: ['kit-bram'],
    rungs: { hinge: 'hinge-pair' },
    knownSets: [
      {
        exerciseId: 'shoulder-pair-squat',
        loadKg: 44,
        hold: 'pair',
        reps: 8,
        reserve: 1,
        date: '2026-10-20',
      },
      { exerciseId: 'pair-row', loadKg: 39, hold: 'pair', reps: 9, reserve: 1, date: '2026-10-20' },
      { exerciseId: 'pair-hinge', loadKg: 69, hold: 'pair', reps: 8, reserve: 2, date: '2026-10-23' },
    ],
  }),
  someone({
    id: 'odile',
    name: 'Odile',
    role: 'retired cook · bottles, a jug',
    bodyMassKg: 61,
    heightCm: 160,
    sex: 'female',
    birthYear: 1957,
    experience: 'months',
    tier: 'beginner',
    tiers: { hinge: 'intermediate', row: 'intermediate' },
    kitIds: ['kit-odile'],
    cautions: [{ condition: 'lowBoneDensity' }],
    rungs: { squat: 'squat-seat', 'press-up': 'press-counter', brace: 'brace-counter' },
    knownSets: [
      { exerciseId: 'seat-squat', loadKg: 4.1, reps: 12, reserve: 2, date: '2026-10-20' },
      { exerciseId: 'supported-row', loadKg: 4.5, reps: 10, reserve: 2, date: '2026-10-20' },
    ],
  }),
  someone({
    id: 'tamsin',
    name: 'Tamsin',
    role: 'sailmaker · two pairs',
    bodyMassKg: 68,
    heightCm: 171,
    sex: 'female',
    birthYear: 1985,
    experience: 'months',
    tier: 'intermediate',
    kitIds: ['kit-tamsin'],
    cautions: [{ condition: 'soreKnee', note: 'left, after long days on the floor' }],
    rungs: { 'press-up': 'press-floor', 'floor-thrust': 'thrust-chair-jump' },
    knownSets: [
      { exerciseId: 'goblet-squat', loadKg: 10, reps: 14, reserve: 2, date: '2026-10-20' },
      { exerciseId: 'one-arm-row', loadKg: 10, reps: 12, reserve: 2, date: '2026-10-20' },
      { exerciseId: 'pair-hinge', loadKg: 20, hold: 'pair', reps: 15, reserve: 3, date: '2026-10-23' },
    ],
  }),
  someone({
    id: 'anselm',
    name: 'Anselm',
    role: 'harbour pilot · five pairs in lb',
    unit: 'lb',
    bodyMassKg: 92,
    heightCm: 178,
    sex: 'male',
    birthYear: 1969,
    experience: 'months',
    tier: 'intermediate',
    tiers: { thrust: 'advanced' },
    kitIds: ['kit-anselm'],
    cautions: [
      { condition: 'highBloodPressure', systolic: 138, diastolic: 84, note: 'treated, checked in spring' },
    ],
    formula: 'brzycki',
    knownSets: [
      { exerciseId: 'goblet-squat', loadKg: kgFromPounds(25), reps: 12, reserve: 3, date: '2026-10-20' },
      { exerciseId: 'one-arm-row', loadKg: kgFromPounds(25), reps: 10, reserve: 3, date: '2026-10-20' },
    ],
  }),
  someone({
    id: 'juno',
    name: 'Juno',
    role: 'apprentice · the loft rack',
    bodyMassKg: 63,
    heightCm: 168,
    birthYear: 2004,
    experience: 'months',
    tier: 'intermediate',
    tiers: { thrust: 'advanced', brace: 'advanced' },
    kitIds: ['kit-loft'],
    rungs: { 'press-up': 'press-floor' },
    knownSets: [
      ...JUNO_SINCE_AUGUST,
      { exerciseId: 'goblet-squat', loadKg: 20, reps: 8, reserve: 2, date: '2026-10-20' },
      { exerciseId: 'one-arm-row', loadKg: 12.5, reps: 10, reserve: 2, date: '2026-10-20' },
    ],
  }),
  someone({
    id: 'wendel',
    name: 'Wendel',
    role: 'boatbuilder · a chair, a post',
    bodyMassKg: 79,
    heightCm: 176,
    sex: 'male',
    birthYear: 1973,
    experience: 'some',
    tier: 'intermediate',
    kitIds: ['kit-wendel'],
    cautions: [{ condition: 'shoulder', note: 'right, catches above shoulder height' }],
  }),
];

const left = (reps: number): Prescription['target'] => ({ kind: 'reserve', reps });
const NO_TARGET: Prescription['target'] = { kind: 'none' };

function reps(
  sets: number,
  low: number,
  high: number | null,
  reserve: number,
  perSide = false,
): Prescription {
  const work: Prescription['work'] =
    high === null ? { kind: 'reps', reps: low } : { kind: 'range', low, high };
  return { sets, work, perSide, target: left(reserve) };
}

function timed(kind: 'time' | 'hold', sets: number, seconds: number, perSide = false): Prescription {
  return { sets, work: { kind, seconds }, perSide, target: NO_TARGET };
}

function alike(prescription: Prescription): PrescriptionByTier {
  return { beginner: prescription, intermediate: prescription, advanced: prescription };
}

function ladderSlot(id: string, ladderId: string, prescriptions: PrescriptionByTier): Slot {
  return { id, source: { kind: 'ladder', ladderId }, prescriptions };
}

function loosenSlot(id: string, exerciseId: string, seconds: number, perSide = false): Slot {
  return {
    id,
    source: { kind: 'exercise', exerciseId },
    prescriptions: alike(timed('time', 1, seconds, perSide)),
  };
}

function warmUp(prefix: string): Block {
  return {
    id: `${prefix}-warm-up`,
    kind: 'warmUp',
    restSeconds: 0,
    slots: [
      loosenSlot(`${prefix}-march`, 'easy-march', 90),
      loosenSlot(`${prefix}-sweeps`, 'arm-sweeps', 45),
      loosenSlot(`${prefix}-bow`, 'reach-and-bow', 45),
    ],
  };
}

function coolDown(prefix: string): Block {
  return {
    id: `${prefix}-cool-down`,
    kind: 'coolDown',
    restSeconds: 0,
    slots: [
      loosenSlot(`${prefix}-thigh-front`, 'thigh-front-stretch', 30, true),
      loosenSlot(`${prefix}-thigh-back`, 'thigh-back-stretch', 30, true),
      loosenSlot(`${prefix}-chest`, 'chest-opener', 30),
    ],
  };
}

const tuesday: Session = {
  id: 'tuesday',
  name: 'Tuesday, whole body',
  budgetMinutes: 40,
  blocks: [
    warmUp('tue'),
    {
      id: 'tue-a',
      kind: 'superset',
      restSeconds: 60,
      slots: [
        ladderSlot('tue-squat', 'squat', {
          beginner: reps(3, 12, null, 2),
          intermediate: reps(3, 10, null, 2),
          advanced: reps(3, 6, 8, 1),
        }),
        ladderSlot('tue-row', 'row', {
          beginner: reps(3, 10, null, 2, true),
          intermediate: reps(3, 10, null, 2, true),
          advanced: reps(3, 8, null, 1, true),
        }),
      ],
    },
    {
      id: 'tue-b',
      kind: 'straight',
      restSeconds: 60,
      slots: [
        ladderSlot('tue-press', 'press-up', {
          beginner: reps(2, 8, null, 2),
          intermediate: reps(3, 8, 12, 2),
          advanced: reps(3, 12, null, 1),
        }),
      ],
    },
    {
      id: 'tue-c',
      kind: 'straight',
      restSeconds: 75,
      slots: [
        {
          ...ladderSlot('tue-hinge', 'hinge', {
            beginner: reps(2, 12, null, 3),
            intermediate: reps(3, 10, null, 2),
            advanced: reps(3, 8, null, 2),
          }),
          scheme: { kind: 'cappedPercent', percentPerWeek: 5, capPercent: 10 },
        },
      ],
    },
    {
      id: 'tue-d',
      kind: 'circuit',
      restSeconds: 30,
      slots: [
        ladderSlot('tue-plank', 'brace', {
          beginner: timed('hold', 2, 20),
          intermediate: timed('hold', 3, 30),
          advanced: timed('hold', 3, 40),
        }),
        ladderSlot('tue-thrust', 'floor-thrust', {
          beginner: timed('time', 2, 45),
          intermediate: timed('time', 3, 45),
          advanced: timed('time', 3, 45),
        }),
      ],
    },
    coolDown('tue'),
  ],
};

const friday: Session = {
  id: 'friday',
  name: 'Friday, short and heavy',
  budgetMinutes: 25,
  blocks: [
    warmUp('fri'),
    {
      id: 'fri-a',
      kind: 'straight',
      restSeconds: 90,
      slots: [
        ladderSlot('fri-hinge', 'hinge', {
          beginner: reps(2, 10, null, 3),
          intermediate: reps(3, 8, null, 2),
          advanced: reps(4, 5, null, 2),
        }),
      ],
    },
    {
      id: 'fri-b',
      kind: 'superset',
      restSeconds: 45,
      slots: [
        ladderSlot('fri-press', 'press-up', alike(reps(3, 8, 10, 2))),
        ladderSlot('fri-row', 'row', alike(reps(3, 8, 10, 2, true))),
      ],
    },
    coolDown('fri'),
  ],
};

/** Mondays and Thursdays in the dinner hour, on the loft floor: the same session, held twice a week. */
const noon: Session = {
  id: 'noon',
  name: 'Trunk at noon',
  focus: 'trunk',
  budgetMinutes: 15,
  blocks: [
    {
      id: 'noon-a',
      kind: 'circuit',
      restSeconds: 30,
      slots: [
        ladderSlot('noon-bug', 'dead-bug', alike(reps(2, 8, null, 2, true))),
        ladderSlot('noon-side', 'side-plank', alike(timed('hold', 2, 20, true))),
        ladderSlot('noon-balance', 'balance', alike(timed('hold', 2, 20, true))),
      ],
    },
  ],
};

/** The class as its eight weeks begin. */
export const boatyard: DrayDocument = {
  format: 'dray',
  version: DOCUMENT_VERSION,
  settings: { unit: 'kg' },
  exercises: [],
  ladders: [],
  kits,
  participants,
  sessions: [tuesday, friday, noon],
  programs: [
    {
      id: 'autumn',
      name: 'Eight weeks before the slip',
      startDate: '2026-10-26',
      startTime: '18:30',
      weeks: [1, 2, 3, 4, 5, 6, 7, 8].map((week) => ({
        week,
        days: [
          { weekday: 2, sessionId: 'tuesday' },
          { weekday: 5, sessionId: 'friday' },
        ],
        ...(week === 8 && { lighter: true }),
      })),
      scheme: { kind: 'repsThenLoad', stepReps: 2, capPercent: 10 },
    },
    {
      id: 'noon',
      name: 'Noon on the loft floor',
      startDate: '2026-10-26',
      startTime: '12:30',
      weeks: [1, 2, 3, 4, 5, 6].map((week) => ({
        week,
        days: [
          { weekday: 1, sessionId: 'noon' },
          { weekday: 4, sessionId: 'noon' },
        ],
      })),
      // From class to class, not once a week.
      scheme: { kind: 'repsThenLoad', stepReps: 1, capPercent: 10, every: 'class' },
    },
  ],
  overrides: [],
  log: [],
  classes: [],
  visits: [],
};
