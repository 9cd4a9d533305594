import type { DrayDocument, Implement, Kit, Participant, Prop, Session } from '../src/model';
import { documentWith, FIRST_MONDAY } from './weeks';
import { aKit, aParticipant, pairs, SUITCASE, TWO_BOTTLES } from './people';

const props = (...names: Prop[]): Implement[] => names.map((prop) => ({ kind: 'prop', id: prop, prop }));
const HOME: Implement[] = props('chair', 'wall', 'counter', 'mat');
const TWO_PAIRS: Implement[] = [...pairs(4, 8), ...HOME];
const RACK: Implement[] = [
  ...pairs(2, 4, 6, 8, 10, 12.5, 15, 17.5, 20, 22.5, 25, 30),
  {
    kind: 'bar',
    id: 'bar',
    form: 'barbell',
    barKg: 20,
    plates: [1.25, 2.5, 5, 10, 20].map((massKg) => ({ massKg, count: 4 })),
  },
  { kind: 'vest', id: 'vest', emptyKg: 1, insertKg: 1, inserts: 15 },
  { kind: 'ankle', id: 'ankle', massKg: 2, count: 2 },
  ...HOME,
  ...props('step', 'post', 'anchor', 'overheadBar'),
];

export interface Sample {
  readonly participant: Participant;
  readonly kit: Kit;
}

function sample(id: string, kit: Implement[], part: Partial<Participant>): Sample {
  return {
    participant: aParticipant({ id, name: id, kitIds: ['kit'], ...part }),
    kit: aKit(kit),
  };
}

const answers = {
  symptoms: false,
  knownDisease: false,
  active: true,
  vigorous: false,
  cleared: false,
  date: '2026-11-01',
};

/** Twelve invented people who differ in everything that bears on what a body may be asked. */
export const TWELVE: readonly Sample[] = [
  sample('68, bottles, low bone density', [TWO_BOTTLES, ...HOME], {
    tier: 'beginner',
    sex: 'female',
    bodyMassKg: 61,
    birthYear: 1958,
    experience: 'some',
    cautions: [{ condition: 'lowBoneDensity' }],
  }),
  sample('84, 48 kg', [TWO_BOTTLES, SUITCASE, ...HOME], {
    tier: 'beginner',
    sex: 'female',
    bodyMassKg: 48,
    birthYear: 1942,
    experience: 'new',
    cautions: [{ condition: 'olderBeginner' }, { condition: 'fallRisk' }],
  }),
  sample('160 kg', TWO_PAIRS, {
    tier: 'beginner',
    sex: 'male',
    bodyMassKg: 160,
    birthYear: 1984,
    experience: 'new',
  }),
  sample('strong, full rack', RACK, {
    tier: 'advanced',
    sex: 'male',
    bodyMassKg: 92,
    birthYear: 1991,
    experience: 'years',
    rungs: { squat: 'squat-bar', 'pull-up': 'pull-free', row: 'row-pair' },
    knownSets: [
      { exerciseId: 'bar-squat', loadKg: 110, reps: 6, reserve: 2, date: '2026-10-20' },
      { exerciseId: 'pair-row', loadKg: 60, reps: 8, reserve: 2, date: '2026-10-20' },
      { exerciseId: 'floor-press', loadKg: 60, reps: 8, reserve: 2, date: '2026-10-20' },
    ],
  }),
  sample('15 years old', TWO_PAIRS, {
    tier: 'beginner',
    bodyMassKg: 55,
    birthYear: 2011,
    experience: 'new',
  }),
  sample('late pregnancy', TWO_PAIRS, {
    tier: 'intermediate',
    sex: 'female',
    bodyMassKg: 74,
    birthYear: 1994,
    experience: 'months',
    cautions: [{ condition: 'pregnancyLate' }],
  }),
  sample('after abdominal surgery', TWO_PAIRS, {
    tier: 'intermediate',
    sex: 'male',
    bodyMassKg: 80,
    birthYear: 1978,
    experience: 'months',
    cautions: [{ condition: 'recentSurgery', place: 'abdomen' }],
  }),
  sample('heart condition', TWO_PAIRS, {
    tier: 'beginner',
    sex: 'male',
    bodyMassKg: 85,
    birthYear: 1961,
    experience: 'some',
    cautions: [{ condition: 'heartCondition' }],
    readiness: { ...answers, knownDisease: true, cleared: true },
  }),
  sample('sore knee', TWO_PAIRS, {
    tier: 'intermediate',
    sex: 'female',
    bodyMassKg: 68,
    birthYear: 1985,
    experience: 'months',
    cautions: [{ condition: 'soreKnee' }],
  }),
  sample('shoulder', TWO_PAIRS, {
    tier: 'intermediate',
    sex: 'male',
    bodyMassKg: 79,
    birthYear: 1973,
    experience: 'some',
    cautions: [{ condition: 'shoulder' }],
  }),
  sample('low back', TWO_PAIRS, {
    tier: 'intermediate',
    sex: 'male',
    bodyMassKg: 82,
    birthYear: 1980,
    experience: 'months',
    cautions: [{ condition: 'lowBack' }],
  }),
  sample('nothing known', [TWO_BOTTLES, ...HOME], { tier: 'beginner' }),
];

/** One of them alone in one session, on Tuesdays for so many weeks, with nothing logged. */
export function aloneIn({ participant, kit }: Sample, session: Session, weeks: number): DrayDocument {
  return documentWith({
    visits: [],
    kits: [kit],
    participants: [participant],
    sessions: [session],
    programs: [
      {
        id: 'p',
        name: 'P',
        startDate: FIRST_MONDAY,
        weeks: Array.from({ length: weeks }, (_, week) => ({
          week: week + 1,
          days: [{ weekday: 2, sessionId: session.id }],
        })),
        scheme: { kind: 'repsThenLoad', stepReps: 2, capPercent: 10 },
      },
    ],
  });
}
