import { TestBed } from '@angular/core/testing';
import type { DrayDb } from '../data/dray-db';
import { openedDocuments, provideFreshBrowser, until } from '../testing';
import { LaddersStore } from './ladders-store';
import { Mechanics } from './mechanics';

describe('Mechanics', () => {
  let db: DrayDb;

  beforeEach(async () => {
    db = provideFreshBrowser();
    TestBed.configureTestingModule({ providers: [LaddersStore, Mechanics] });
    await openedDocuments();
  });

  afterEach(() => {
    db.close();
  });

  async function of(ladderId: string, rungId?: string) {
    const ladders = TestBed.inject(LaddersStore);
    const mechanics = TestBed.inject(Mechanics);
    ladders.show(ladderId);
    if (rungId !== undefined) ladders.showRung(rungId);
    await until(() => mechanics.rungs().size > 0);
    return { ladders, mechanics };
  }

  it('says of every rung what it asks of which joint, never more than a whole bar', async () => {
    const { ladders, mechanics } = await of('press-up');
    const rungs = ladders.climb().map(({ rung }) => mechanics.rungs().get(rung.id)!);
    for (const { asks, share } of rungs) {
      expect(asks).toMatch(/^[a-z ]+ \d+ %$/);
      expect(share).toBeGreaterThanOrEqual(0);
      expect(share).toBeLessThanOrEqual(1);
    }
    // A wall asks less than the floor: by what is measured at the hands, see the tests of the body.
    const share = (id: string) => mechanics.rungs().get(id)!.share;
    expect(share('press-wall')).toBeLessThan(share('press-counter'));
    expect(share('press-counter')).toBeLessThan(share('press-floor'));
  });

  it('reckons for a usual body until somebody is on view, and for them then', async () => {
    const { ladders, mechanics } = await of('press-up');
    expect(mechanics.whose()).toBe('for a usual body');
    const usual = mechanics.body();
    ladders.lookFor('odile');
    expect(mechanics.whose()).toBe('for Odile');
    expect(mechanics.body()).not.toEqual(usual);
  });

  it('says what a step is worth in repetitions: lower hands leave fewer of ten', async () => {
    const { mechanics } = await of('press-up', 'press-counter');
    const lower = mechanics.worth().find((words) => words.includes('cm lower'))!;
    const left = Number(/about (\d+) are left/.exec(lower)?.[1]);
    expect(left).toBeLessThan(10);
    expect(left).toBeGreaterThan(0);
  });

  it('finds a step half-way where the next rung is far, and none at the top', async () => {
    const { ladders, mechanics } = await of('press-up', 'press-counter');
    expect(mechanics.between()).toMatch(/^The next rung is a large step\. Half-way: .+, surface \d+ cm\.$/);
    ladders.showRung(ladders.climb().at(-1)!.rung.id);
    expect(mechanics.between()).toBe('');
  });

  it('knows what of the things to watch for can be drawn', async () => {
    const { mechanics } = await of('press-up');
    expect(mechanics.shows('hips sag')).toBeTrue();
    expect(mechanics.shows('something nobody ever saw')).toBeFalse();
  });
});
