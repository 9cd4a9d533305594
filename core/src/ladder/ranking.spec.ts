import { catalog } from '../library';
import { bestSubstitute, rankSubstitutes, type Version } from './index';

/**
 * Written down before the ranking ran over the whole library: for the first exercise a coach would rather take the
 * second than the third. Common practice, no published source.
 */
const PAIRS: readonly (readonly [wanted: string, better: string, worse: string])[] = [
  ['floor-press', 'press-up', 'floor-fly'],
  ['floor-press', 'one-arm-floor-press', 'standing-press'],
  ['floor-press', 'standing-band-press', 'lying-elbow-extension'],
  ['press-up', 'knee-press-up', 'plank'],
  ['press-up', 'floor-press', 'standing-press'],
  ['goblet-squat', 'shoulder-pair-squat', 'standing-leg-curl'],
  ['goblet-squat', 'free-squat', 'pair-hinge'],
  ['goblet-squat', 'split-squat', 'floor-bridge'],
  ['goblet-squat', 'band-squat', 'jump-back-thrust'],
  ['shoulder-pair-squat', 'goblet-squat', 'split-squat'],
  ['split-squat', 'back-lunge', 'goblet-squat'],
  ['split-squat', 'held-split-squat', 'pair-hinge'],
  ['back-lunge', 'forward-lunge', 'one-leg-hinge'],
  ['back-lunge', 'split-squat', 'small-hop'],
  ['side-lunge', 'side-step-squat', 'pair-hinge'],
  ['side-lunge', 'sliding-side-lunge', 'walking-lunge'],
  ['curtsy-lunge', 'curtsy-tap', 'goblet-squat'],
  ['pair-hinge', 'staggered-hinge', 'goblet-squat'],
  ['pair-hinge', 'loaded-hip-thrust', 'split-squat'],
  ['one-leg-hinge', 'staggered-hinge', 'heel-dig-bridge'],
  ['floor-bridge', 'shoulder-raised-bridge', 'free-squat'],
  ['loaded-hip-thrust', 'shoulder-raised-bridge', 'goblet-squat'],
  ['sliding-leg-curl', 'heel-dig-bridge', 'pair-hinge'],
  ['kneeling-lowering', 'sliding-leg-curl-down', 'floor-bridge'],
  ['standing-press', 'seated-press', 'side-raise'],
  ['standing-press', 'one-arm-press', 'floor-press'],
  ['one-arm-row', 'supported-row', 'curl'],
  ['one-arm-row', 'anchored-band-row', 'bent-reverse-fly'],
  ['pair-row', 'seated-band-row', 'wall-squeeze'],
  ['pull-up', 'lowering-pull-up', 'one-arm-row'],
  ['pull-up', 'band-pull-down', 'curl'],
  ['side-raise', 'bent-side-raise', 'standing-press'],
  ['front-raise', 'one-front-raise', 'floor-press'],
  ['curl', 'seated-curl', 'one-arm-row'],
  ['lying-elbow-extension', 'overhead-elbow-extension', 'floor-press'],
  ['kick-back', 'band-press-down', 'press-up'],
  ['heel-raise', 'held-heel-raise', 'small-hop'],
  ['wall-toe-raise', 'seated-toe-raise', 'heel-raise'],
  ['side-plank', 'knee-side-plank', 'plank'],
  ['side-plank', 'wall-side-lean', 'trunk-curl'],
  ['leg-lower', 'one-leg-lower', 'trunk-curl'],
  ['hanging-leg-raise', 'hanging-knee-raise', 'trunk-curl'],
  ['trunk-curl', 'head-lift', 'leg-lower'],
  ['knees-cross-reach', 'knees-leg-reach', 'side-plank'],
  ['one-leg-stand', 'held-one-leg-stand', 'heel-raise'],
  ['star-jump', 'star-step', 'free-squat'],
  ['prone-y-raise', 'prone-t-raise', 'side-raise'],
];

/** A full rack: everything that can be loaded is, body weight stands in only partly. */
const open = {
  catalog,
  tier: 'advanced' as const,
  allowed: (candidate: Version) => candidate,
  loadFit: (candidate: Version) => (candidate.exercise.loading ? 1 : 0.4),
};

describe('the ranking of substitutes', () => {
  it('agrees with what a coach would sign, in at least forty pairs', () => {
    expect(PAIRS.length).toBeGreaterThanOrEqual(40);
    const wrong: string[] = [];
    for (const [wanted, better, worse] of PAIRS) {
      const order = rankSubstitutes(wanted, open).map(({ version }) => version.exercise.id);
      const [first, second] = [order.indexOf(better), order.indexOf(worse)];
      // What is not on the list at all trains something else: that is the worse end.
      if (first < 0 || (second >= 0 && second < first)) wrong.push(`${wanted}: ${better} above ${worse}`);
    }
    expect(wrong).toEqual([]);
  });

  it('gives the load to start with where somebody can say it, and refuses an exercise nobody knows', () => {
    const [best] = rankSubstitutes('goblet-squat', {
      ...open,
      startLoad: () => ({ kg: 12, hold: 'bothHands' as const, standardError: 0.15 }),
    });
    expect(best?.start).toEqual({ kg: 12, hold: 'bothHands' as const, standardError: 0.15 });
    expect(() => rankSubstitutes('moon-walk', open)).toThrowError(/no exercise/);
  });
});

describe('bestSubstitute', () => {
  it('is the first of the ranking, for every version and whatever is forbidden or too heavy', () => {
    for (const [turn, wanted] of catalog.versions.entries()) {
      const context = {
        ...open,
        allowed: (candidate: Version) => ((candidate.name.length + turn) % 3 === 0 ? undefined : candidate),
        loadFit: (candidate: Version) => ((candidate.name.length * 7 + turn) % 10) / 10,
      };
      const [first] = rankSubstitutes(wanted, context);
      const best = bestSubstitute(wanted, context);
      expect(best?.version).withContext(wanted.name).toBe(first?.version);
      expect(bestSubstitute(wanted, context, 0.99)?.score ?? 1).toBeGreaterThanOrEqual(0.99);
    }
  });
});
