import { catalog } from '../library';
import { experienceSchema, schemeSchema, type Exercise, type Scheme } from '../model';
import { SCHEME_NUMBERS, SCHEME_WORDS, schemeFor, USUAL_SCHEMES, usualScheme } from './scheme-words';

const exercise = (id: string): Exercise => catalog.exercises.get(id)!;
const kinds = Object.keys(USUAL_SCHEMES) as Scheme['kind'][];

describe('what a scheme starts with', () => {
  it('is in range for every scheme, exercise and experience', () => {
    for (const own of catalog.exercises.values()) {
      for (const experience of experienceSchema.options) {
        for (const kind of kinds) {
          const scheme = schemeFor(kind, own, experience);
          expect(schemeSchema.safeParse(scheme).success).withContext(`${own.id} ${kind}`).toBeTrue();
          expect(scheme.kind).toBe(kind);
        }
      }
    }
  });

  it('grows small muscles by less than large ones (ACSM position stand 2009: 2 to 10 %, less for small muscles)', () => {
    for (const kind of kinds) {
      const [squat, curl] = ['goblet-squat', 'curl'].map((id) => schemeFor(kind, exercise(id)).capPercent);
      expect(squat).toBe(10);
      expect(curl).toBe(5);
    }
  });

  it('takes a smaller percentage the longer someone has lifted (common practice), and never more than the cap', () => {
    const percents = (id: string) =>
      experienceSchema.options.map((experience) => {
        const scheme = schemeFor('cappedPercent', exercise(id), experience);
        return scheme.kind === 'cappedPercent' ? scheme.percentPerWeek : Number.NaN;
      });
    for (const id of ['goblet-squat', 'curl']) {
      const own = percents(id);
      expect(own).toEqual([...own].sort((a, b) => b - a));
      expect(own.at(-1)).toBeLessThan(own[0]!);
    }
  });

  it('is by the clock where the clock leads, by the rung where nothing is held, else by reps or what was left (common practice)', () => {
    const squat = exercise('goblet-squat');
    const free = [...catalog.exercises.values()].find(
      ({ loading, pattern }) => !loading && pattern === 'brace',
    )!;
    expect(usualScheme(squat, 'hold').kind).toBe('timeFirst');
    expect(usualScheme(squat, 'time').kind).toBe('roundsFirst');
    expect(usualScheme(free, 'reps').kind).toBe('rungFirst');
    expect(usualScheme(squat, 'reps', 'new').kind).toBe('repsThenLoad');
    expect(usualScheme(squat, 'reps', 'years').kind).toBe('byReserve');
    expect(usualScheme(exercise('curl'), 'reps', 'years')).toEqual(
      schemeFor('repsThenLoad', exercise('curl')),
    );
  });
});

describe('the numbers of a scheme', () => {
  it('are the ones it has, each in words', () => {
    for (const kind of kinds) {
      expect(SCHEME_WORDS[kind].name).not.toBe('');
      const own = Object.entries(USUAL_SCHEMES[kind]).filter(([, value]) => typeof value === 'number');
      expect(SCHEME_NUMBERS[kind].map(({ key }) => key).sort()).toEqual(own.map(([key]) => key).sort());
    }
  });
});
