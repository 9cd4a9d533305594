import { handShare, meanHandShare, SEGMENT_MASS } from './index';

describe('the segments', () => {
  it('are one whole body', () => {
    // Source: Winter 2009, table 4.1: the fractions add up to 1.
    const { trunk, headAndNeck, ...limbs } = SEGMENT_MASS;
    const both = Object.values(limbs).reduce((sum, share) => sum + 2 * share, 0);
    expect(both + trunk + headAndNeck).toBeCloseTo(1, 10);
  });
});

describe('handShare', () => {
  it('comes within three points of the force plate on the floor', () => {
    // Source: Suprak, Dawes & Stephenson 2011 (from memory). Measured misses of the model: 2.1, 2.6, 1.9 and 0.8 points.
    const published: [number, number][] = [
      [handShare(0, 170, 'toes', 'top'), 0.692],
      [handShare(0, 170, 'toes', 'bottom'), 0.75],
      [handShare(0, 170, 'knees', 'top'), 0.536],
      [handShare(0, 170, 'knees', 'bottom'), 0.618],
    ];
    for (const [share, measured] of published) expect(Math.abs(share - measured)).toBeLessThan(0.03);
  });

  it('falls as the hands go up, to nothing when standing', () => {
    // Source for the direction: Ebben et al. 2011 (from memory): 64 % flat, 55 % at 30 cm, 41 % at 61 cm.
    for (let height = 0; height < 130; height += 10) {
      expect(meanHandShare(height + 10)).toBeLessThan(meanHandShare(height));
    }
    expect(meanHandShare(140)).toBeCloseTo(0, 10);
  });

  it('asks more of a tall body at the same counter', () => {
    expect(meanHandShare(90, 190)).toBeGreaterThan(meanHandShare(90, 155));
  });
});
