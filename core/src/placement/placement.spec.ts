import { catalog } from '../library';
import { checkKindSchema } from '../model';
import { CHAIR_STANDS_BELOW, CHECKS, normFor, ONE_LEG_MEAN, suggestPlacement } from './index';

const on = '2026-11-24';

describe('norms', () => {
  it('has the published chair stands', () => {
    // Source: CDC STEADI, 30-second chair stand, below average by age: women, men.
    expect(CHAIR_STANDS_BELOW.slice(0, 3)).toEqual([
      [60, 12, 14],
      [65, 11, 12],
      [70, 10, 12],
    ]);
    expect(normFor('chairStands', 11, 62, 'female')).toEqual(jasmine.objectContaining({ met: false }));
    expect(normFor('chairStands', 12, 62, 'female')?.met).toBeTrue();
    expect(normFor('chairStands', 13, 64, 'male')?.met).toBeFalse();
    expect(normFor('chairStands', 12, 69, 'male')?.met).toBeTrue();
    expect(normFor('chairStands', 12, 40, 'male')).toBeUndefined();
  });

  it('raises the risk of falls below ten seconds heel to toe', () => {
    // Source: CDC STEADI, four-stage balance test.
    expect(normFor('heelToToeSeconds', 9.9, 70, undefined)?.met).toBeFalse();
    expect(normFor('heelToToeSeconds', 10, 70, undefined)?.met).toBeTrue();
  });

  it('expects less of older legs', () => {
    // Source: Springer et al. 2007 (from memory).
    expect(normFor('oneLegSeconds', 30, 72, 'female')?.met).toBeTrue();
    expect(normFor('oneLegSeconds', 30, 45, 'female')?.met).toBeFalse();
  });

  it('takes no mean for a pass mark: 41 s at 45 is ordinary, and so is 12 s with closed eyes at 25', () => {
    // Source: Springer et al. 2007 (from memory): 42 s at 40 to 49; 15 s with closed eyes at 18 to 39, both sexes together.
    expect(normFor('oneLegSeconds', 41, 45, 'male')?.met).toBeTrue();
    expect(ONE_LEG_MEAN[0]).toEqual([18, 45, 15]);
    expect(normFor('oneLegBlindSeconds', 12, 25, 'male')?.met).toBeTrue();
    expect(normFor('oneLegBlindSeconds', 12, 25, 'female')?.met).toBeTrue();
  });
});

describe('suggestPlacement', () => {
  it('names rungs that are there, easier for less', () => {
    for (const kind of checkKindSchema.options) {
      let before = -1;
      for (let result = 0; result <= 60; result += 1) {
        const [suggestion] = suggestPlacement([{ kind, result, date: on }]);
        const rungs = catalog.ladders.get(suggestion!.ladderId)!.rungs;
        const at = rungs.findIndex(({ id }) => id === suggestion!.rungId);
        expect(at).withContext(`${kind} ${result}`).toBeGreaterThanOrEqual(Math.max(0, before));
        expect(catalog.ladders.get(suggestion!.ladderId)!.pattern).toBe(suggestion!.pattern);
        before = at;
      }
      expect(CHECKS[kind].how.length).toBeGreaterThan(10);
    }
  });

  it('takes the newest result, and the easier of two checks on one ladder', () => {
    const [newest] = suggestPlacement([
      { kind: 'pressUps', result: 30, date: '2026-01-01' },
      { kind: 'pressUps', result: 2, date: on },
    ]);
    expect(newest?.rungId).toBe('press-counter');
    const both = suggestPlacement([
      { kind: 'oneLegSeconds', result: 45, date: on },
      { kind: 'heelToToeSeconds', result: 6, date: on },
    ]);
    expect(both.map(({ rungId }) => rungId)).toEqual(['stand-staggered']);
  });

  it('lets both of two balance checks count, whichever was done first', () => {
    const blind = { kind: 'oneLegBlindSeconds', result: 6, date: on } as const;
    const oneLeg = { kind: 'oneLegSeconds', result: 6, date: on } as const;
    for (const checks of [
      [blind, oneLeg],
      [oneLeg, blind],
    ]) {
      expect(suggestPlacement(checks).map(({ rungId }) => rungId)).toEqual(['stand-one-held']);
    }
  });
});
