import type { Catalog } from '../ladder';
import { ownExerciseSchema, problemFrom, type OwnExercise } from '../model';

export interface ExerciseProblem {
  /** The field it stands in: "loading", "words". */
  readonly field: string;
  readonly sentence: string;
  /** False for what only looks odd: cautions may miss something, but it can be kept. */
  readonly stops: boolean;
}

/** What has to hold between the facts of an exercise, beyond what the schema says of each. Common practice. */
const SENSE: readonly {
  readonly field: keyof OwnExercise;
  readonly stops: boolean;
  readonly sentence: string;
  readonly wrong: (exercise: OwnExercise) => boolean;
}[] = [
  {
    field: 'muscles',
    stops: true,
    sentence: 'A muscle stands twice: give each one share.',
    wrong: ({ muscles }) => repeats(muscles.map(({ muscle }) => muscle)),
  },
  {
    field: 'levers',
    stops: true,
    sentence: 'A lever stands twice: give each one range.',
    wrong: ({ levers }) => repeats(levers.map(({ lever }) => lever)),
  },
  {
    field: 'loading',
    stops: true,
    sentence: 'A band needs its way: where it is fixed, and how long it is at both ends.',
    wrong: ({ loading }) => loading !== undefined && loading.holds.includes('band') && !loading.band,
  },
  {
    field: 'demands',
    stops: true,
    sentence: 'It lands hard, so it asks for jumping and landing: set that demand, or lower the impact.',
    wrong: ({ impact, demands }) => impact === 'high' && !demands.includes('jump'),
  },
  {
    field: 'impact',
    stops: true,
    sentence: 'It asks for jumping and landing, so its impact is low or high.',
    wrong: ({ impact, demands }) => impact === 'none' && demands.includes('jump'),
  },
  {
    field: 'demands',
    stops: false,
    sentence: 'On the knees, yet kneeling is no demand: a sore knee would be given it.',
    wrong: ({ position, demands }) => position === 'kneeling' && !demands.includes('kneeling'),
  },
  {
    field: 'demands',
    stops: false,
    sentence: 'Pressing overhead, yet arms overhead is no demand: a sore shoulder would be given it.',
    wrong: ({ pattern, demands, demandsLoaded }) =>
      pattern === 'overhead' && ![...demands, ...demandsLoaded].includes('overhead'),
  },
  {
    field: 'demands',
    stops: false,
    sentence:
      'Held still, yet held strain is no demand: someone with high blood pressure would hold it as long as anybody.',
    wrong: ({ pattern, position, demands, demandsLoaded }) =>
      (pattern === 'sideBrace' || (pattern === 'brace' && position !== 'lying')) &&
      ![...demands, ...demandsLoaded].includes('longStrain'),
  },
  {
    field: 'demands',
    stops: false,
    sentence:
      'Weight on one leg and nothing to hold, yet a small base is no demand: someone at risk of falls would do it unheld.',
    wrong: ({ demands, needs, position }) =>
      position === 'standing' &&
      demands.includes('singleLeg') &&
      !demands.includes('unsteady') &&
      needs.length === 0,
  },
  {
    field: 'demands',
    stops: false,
    sentence: 'On the floor, yet getting down to it is no demand: nobody would be told how.',
    wrong: ({ position, demands, needs }) =>
      (position === 'lying' || position === 'kneeling') && !demands.includes('toFloor') && needs.length === 0,
  },
  {
    field: 'demands',
    stops: false,
    sentence: 'A demand is set both always and when loaded: always is enough.',
    wrong: ({ demands, demandsLoaded }) => demandsLoaded.some((demand) => demands.includes(demand)),
  },
];

/**
 * What is wrong or odd in an exercise a coach writes: its schema, the facts that have to agree with each other, and a
 * name that stands already. Empty for a sound one.
 */
export function checkExercise(exercise: OwnExercise, catalog: Catalog): ExerciseProblem[] {
  const parsed = ownExerciseSchema.safeParse(exercise);
  const schema = (parsed.error?.issues ?? []).map((issue) => ({
    field: String(issue.path[0] ?? ''),
    sentence: problemFrom(issue).sentence,
    stops: true,
  }));
  const name = exercise.name.trim().toLowerCase();
  const taken = [...catalog.exercises.values()].some(
    (other) => other.id !== exercise.id && other.name.toLowerCase() === name,
  );
  return [
    ...schema,
    ...(taken
      ? [
          {
            field: 'name',
            sentence: 'Another exercise has this name: give it one of its own.',
            stops: true,
          },
        ]
      : []),
    ...otherNamesTaken(exercise, catalog),
    ...SENSE.filter(({ wrong }) => wrong(exercise)).map(({ field, sentence, stops }) => ({
      field,
      sentence,
      stops,
    })),
  ];
}

/** A name that is another exercise's is found for that one. */
function otherNamesTaken({ id, alsoCalled = [] }: OwnExercise, catalog: Catalog): ExerciseProblem[] {
  const named = (name: string) =>
    [...catalog.exercises.values()].some(
      (other) => other.id !== id && other.name.toLowerCase() === name.trim().toLowerCase(),
    );
  return alsoCalled.filter(named).map((name) => ({
    field: 'alsoCalled',
    sentence: `“${name}” is the name of another exercise, and means that one.`,
    stops: false,
  }));
}

function repeats(list: readonly string[]): boolean {
  return new Set(list).size < list.length;
}
