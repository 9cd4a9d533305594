import { aParticipant } from '../../testing/people';
import { catalog } from '../library';
import {
  chooseRung,
  isHarder,
  muscleOverlap,
  rankSubstitutes,
  SCORE_WEIGHTS,
  versionOfExercise,
  type Version,
} from './index';

const ladder = (id: string) => catalog.ladders.get(id)!;
const version = (rungId: string) => catalog.versionByRung.get(rungId)!;
/** A full rack: everything that can be loaded is, body weight stands in only partly. */
const heldOrNot = (candidate: Version) => (candidate.exercise.loading ? 1 : 0.4);
const exercise = (id: string) => catalog.exercises.get(id)!;

describe('chooseRung', () => {
  it('takes the rung a person stands on before their tier', () => {
    const choice = chooseRung(
      aParticipant({ rungs: { squat: 'squat-seat' } }),
      ladder('squat'),
      catalog.ladders,
    );
    expect(choice?.rung.id).toBe('squat-seat');
    expect(choice?.by).toBe('standing');
  });

  it('takes the first rung of the tier for the pattern, not of the person', () => {
    const strongLegs = aParticipant({ tier: 'beginner', tiers: { squat: 'advanced' } });
    expect(chooseRung(strongLegs, ladder('squat'), catalog.ladders)?.rung.id).toBe('squat-shoulder-pair');
    expect(chooseRung(strongLegs, ladder('press-up'), catalog.ladders)?.rung.id).toBe('press-wall');
  });

  it('waits for a rung on another ladder', () => {
    const weakTrunk = aParticipant({ rungs: { row: 'row-plank', brace: 'brace-knees' } });
    const choice = chooseRung(weakTrunk, ladder('row'), catalog.ladders);
    expect(choice?.waiting?.id).toBe('row-plank');
    expect(choice?.rung.id).toBe('row-pair');
  });
});

describe('rankSubstitutes', () => {
  const open = {
    catalog,
    tier: 'advanced' as const,
    allowed: (candidate: Version) => candidate,
    loadFit: heldOrNot,
  };
  const names = (rungId: string) =>
    rankSubstitutes(version(rungId), open).map(({ version }) => version.exercise.id);

  it('keeps to the pattern first (common practice, no published source)', () => {
    expect(names('squat-goblet')[0]).toBe('shoulder-pair-squat');
    expect(names('hinge-pair')[0]).toBe('staggered-hinge');
    expect(names('row-one-arm').indexOf('towel-row')).toBeLessThan(names('row-one-arm').indexOf('prone-w'));
    expect(names('press-floor').indexOf('floor-press')).toBeLessThan(names('press-floor').indexOf('plank'));
    expect(names('row-one-arm')).not.toContain('goblet-squat');
  });

  it('prefers the neighbouring rung of the same ladder when nothing can be held', () => {
    const ranked = rankSubstitutes(version('squat-goblet'), {
      ...open,
      tier: 'intermediate',
      loadFit: () => 0.4,
    });
    expect(ranked[0]?.version.rung?.id).toBe('squat-free');
  });

  it('takes an exercise that is asked for by itself where it stands on its ladder, whoever it is for', () => {
    const goblet = versionOfExercise(catalog.exerciseById('goblet-squat')!);
    for (const tier of ['beginner', 'intermediate', 'advanced'] as const) {
      const [first] = rankSubstitutes(goblet, { ...open, tier, loadFit: () => 0.4 }).filter(
        ({ version: { exercise } }) => !exercise.loading?.required,
      );
      expect(first?.version.rung?.id).toBe('squat-free');
    }
    expect(isHarder(version('squat-shoulder-pair'), goblet, catalog)).toBe(true);
    expect(isHarder(version('squat-free'), goblet, catalog)).toBe(false);
  });

  it('never offers what is above the tier or forbidden', () => {
    const beginners = rankSubstitutes(version('squat-seat'), { ...open, tier: 'beginner' });
    expect(
      beginners.every(({ version }) => version.tier === undefined || version.tier === 'beginner'),
    ).toBeTrue();
    const nothing = rankSubstitutes(version('squat-seat'), { ...open, allowed: () => undefined });
    expect(nothing).toEqual([]);
  });

  it('has scores from 0 to 1 whose weighted parts add up to them', () => {
    expect(Object.values(SCORE_WEIGHTS).reduce((sum, weight) => sum + weight, 0)).toBeCloseTo(1, 12);
    for (const { score, parts } of rankSubstitutes(version('hinge-pair'), open)) {
      const sum = Object.entries(parts).reduce(
        (total, [part, value]) => total + value * SCORE_WEIGHTS[part as keyof typeof parts],
        0,
      );
      expect(score).toBeCloseTo(sum, 12);
      expect(score).toBeLessThanOrEqual(1);
    }
  });

  it('measures muscles alike in both directions', () => {
    const squat = exercise('goblet-squat');
    expect(muscleOverlap(squat, squat)).toBe(1);
    expect(muscleOverlap(squat, exercise('prone-w'))).toBeLessThan(0.2);
    expect(muscleOverlap(squat, exercise('pair-hinge'))).toBeCloseTo(
      muscleOverlap(exercise('pair-hinge'), squat),
      12,
    );
  });
});
