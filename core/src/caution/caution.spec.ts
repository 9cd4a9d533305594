import { aContext, aParticipant, aSlot, everyProp, pairs } from '../../testing/people';
import { catalog } from '../library';
import { conditionSchema, demandSchema } from '../model';
import { leftOutWords } from '../reason';
import { resolve } from '../resolve';
import { applyCautions, CAUTION_RULES, cautionSubjects, PRESSURE_LIMIT, readinessOf } from './index';
import { READINESS_QUESTIONS } from './readiness-questions';

const CONDITIONS = conditionSchema.options;

describe('the table of cautions', () => {
  it('has rules for every condition, each with words and a source', () => {
    for (const condition of CONDITIONS) {
      expect(CAUTION_RULES.filter((rule) => rule.condition === condition).length).toBeGreaterThan(1);
    }
    for (const { words, source, mark } of CAUTION_RULES) {
      expect(words).toMatch(/^[A-Z].+\.$/);
      expect(source).toMatch(/common practice|statement/);
      expect(mark.length).toBeLessThan(30);
    }
  });
});

describe('applyCautions', () => {
  const version = (rungId: string) => catalog.versionByRung.get(rungId)!;

  it('keeps a sore knee from landing', () => {
    const verdict = applyCautions(version('thrust-floor-jump'), ['soreKnee'], catalog);
    expect(verdict.kind).toBe('blocked');
  });

  it('takes depth from a squat for a sore knee', () => {
    const verdict = applyCautions(version('squat-goblet'), ['soreKnee'], catalog);
    expect(verdict.kind === 'allowed' && verdict.version.levers.range).toBe(60);
  });

  it('raises the hands for a shoulder, to a rung there is', () => {
    const verdict = applyCautions(version('press-floor'), ['shoulder'], catalog);
    expect(verdict.kind === 'allowed' && verdict.version.rung?.id).toBe('press-counter');
    expect(verdict.kind === 'allowed' && verdict.rules.map(({ mark }) => mark)).toEqual(['hands higher']);
  });

  it('does not raise the hands on paper where no rung does', () => {
    expect(applyCautions(version('thrust-chair-jump'), ['shoulder'], catalog).kind).toBe('blocked');
  });

  it('holds effort down for high blood pressure', () => {
    const verdict = applyCautions(version('brace-floor'), ['highBloodPressure'], catalog);
    expect(verdict.kind === 'allowed' && verdict.limits).toEqual({
      reserveAtLeast: 3,
      holdAtMostSeconds: 20,
      clockAtMostSeconds: 20,
    });
  });

  it('says nothing where nothing is asked', () => {
    const verdict = applyCautions(version('squat-seat'), ['soreKnee'], catalog);
    expect(verdict.kind === 'allowed' && verdict.rules).toEqual([]);
  });
});

describe('the whole table', () => {
  it('uses every demand somewhere, and has somewhere to meet it', () => {
    const met = new Set(CAUTION_RULES.map(({ demand }) => demand as string));
    const made = new Set(
      catalog.versions.flatMap(({ demands, demandsLoaded }) => [...demands, ...demandsLoaded]),
    );
    for (const demand of made) expect(met.has(demand)).withContext(demand).toBeTrue();
    for (const demand of demandSchema.options) {
      expect(made.has(demand)).withContext(demand).toBeTrue();
    }
  });
});

describe('blood pressure', () => {
  it('stops strength training from the published limit on, and only from there', () => {
    // Source: AHA scientific statement, Williams et al. 2007 (from memory): none above 180/110 mmHg at rest; from it on is the careful reading.
    expect(PRESSURE_LIMIT).toEqual({ systolic: 180, diastolic: 110 });
    const withPressure = (systolic: number, diastolic: number) =>
      aParticipant({ cautions: [{ condition: 'highBloodPressure', systolic, diastolic }] });
    expect(cautionSubjects(withPressure(159, 99))).toEqual(['highBloodPressure']);
    expect(cautionSubjects(withPressure(179, 109))).toEqual(['highBloodPressure', 'pressureHigh']);
    expect(cautionSubjects(withPressure(180, 90))).toContain('pressureTooHigh');
    expect(cautionSubjects(withPressure(150, 110))).toContain('pressureTooHigh');
    const cell = resolve(aSlot('squat'), aContext(withPressure(190, 100), everyProp()));
    expect(cell.status).toBe('leftOut');
    if (cell.status === 'leftOut') expect(leftOutWords(cell.because).why).toContain('180/110');
    const loosening = { ...aSlot('squat'), source: { kind: 'exercise' as const, exerciseId: 'easy-march' } };
    expect(resolve(loosening, aContext(withPressure(190, 100), everyProp())).status).toBe('ready');
  });
});

describe('readiness', () => {
  const answers = {
    symptoms: false,
    knownDisease: false,
    active: true,
    vigorous: false,
    cleared: false,
    date: '2026-11-24',
  };

  it('follows the published logic', () => {
    // Source: ACSM statement on screening before exercise, Riebe et al. 2015 (from memory), its six outcomes.
    const cases: [Partial<typeof answers>, string][] = [
      [{}, 'clear'],
      [{ vigorous: true }, 'clear'],
      [{ active: false }, 'startGently'],
      [{ symptoms: true }, 'symptoms'],
      [{ symptoms: true, cleared: true }, 'clear'],
      [{ symptoms: true, cleared: true, active: false }, 'startGently'],
      [{ knownDisease: true, active: false }, 'clinicianFirst'],
      [{ knownDisease: true }, 'startGently'],
      [{ knownDisease: true, vigorous: true }, 'clinicianFirst'],
      [{ knownDisease: true, vigorous: true, cleared: true }, 'clear'],
    ];
    for (const [given, verdict] of cases) {
      const answer = readinessOf({ ...answers, ...given });
      expect(answer.verdict)
        .withContext(JSON.stringify(given))
        .toBe(verdict as typeof answer.verdict);
      expect(answer.because).toMatch(/^[A-Z].+\.$/);
    }
    expect(READINESS_QUESTIONS.map(({ key }) => key).sort()).toEqual(
      Object.keys(answers)
        .filter((key) => key !== 'date')
        .sort() as (typeof READINESS_QUESTIONS)[number]['key'][],
    );
  });

  it('holds the intensity down and says so', () => {
    const person = aParticipant({ readiness: { ...answers, active: false } });
    const cell = resolve(aSlot('squat'), aContext(person, pairs(4, 6, 8, 10)));
    expect(cell.status === 'ready' && cell.work.reserve).toBe(3);
    expect(cell.warnings.map(({ condition }) => condition)).toContain('startGently');
  });
});
