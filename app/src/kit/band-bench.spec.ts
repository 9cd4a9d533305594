import { TestbedHarnessEnvironment } from '@angular/cdk/testing/testbed';
import { TestBed } from '@angular/core/testing';
import { MatButtonHarness } from '@angular/material/button/testing';
import { MatStepperHarness } from '@angular/material/stepper/testing';
import { MatTableHarness } from '@angular/material/table/testing';
import { BAND_SET_UPS, bandForces, fitBand, LIBRARY_EXERCISES, type Band } from '@dray/core';
import type { ScaleSample } from '@dray/core/late';
import { Subject } from 'rxjs';
import { provideFreshBrowser } from '../testing';
import { ChoiceHarness, FieldHarness } from '../ui/forms/testing';
import type { DrayDb } from '../data/dray-db';
import { BandBench } from './band-bench';
import { HANGING_SCALE } from './hanging-scale';

const SLACK: Band = { kind: 'band', id: 'long', name: 'long band', slackCm: 100, readings: [] };
const READ: Band = {
  ...SLACK,
  readings: [
    { lengthCm: 150, forceKg: 8 },
    { lengthCm: 200, forceKg: 12 },
  ],
};
/** As far as any exercise pulls it. */
const LONG: Band = {
  ...SLACK,
  readings: [
    { lengthCm: 150, forceKg: 8 },
    { lengthCm: 300, forceKg: 20 },
  ],
};

describe('BandBench', () => {
  let db: DrayDb;
  /** Pulls that were begun: each a length and what the scale shows of it. */
  let pulls: { readonly lengthCm: number; readonly shows: Subject<ScaleSample> }[];

  beforeEach(() => {
    db = provideFreshBrowser();
    pulls = [];
    TestBed.overrideProvider(HANGING_SCALE, {
      useValue: {
        name: 'a scale of the test',
        pull: (_: Band, lengthCm: number) => {
          const shows = new Subject<ScaleSample>();
          pulls.push({ lengthCm, shows });
          return shows;
        },
      },
    });
  });

  afterEach(() => {
    db.close();
  });

  async function bench(band: Band, unit: 'kg' | 'lb' = 'kg') {
    const fixture = TestBed.createComponent(BandBench);
    fixture.componentRef.setInput('band', band);
    fixture.componentRef.setInput('unit', unit);
    const changed: Band[] = [];
    fixture.componentInstance.changed.subscribe((next) => {
      changed.push(next);
      fixture.componentRef.setInput('band', next);
    });
    await fixture.whenStable();
    const host = fixture.nativeElement as HTMLElement;
    const loader = TestbedHarnessEnvironment.loader(fixture);
    const step = async () => {
      const steps = await (await loader.getHarness(MatStepperHarness)).getSteps();
      const selected = await Promise.all(steps.map((one) => one.isSelected()));
      return selected.indexOf(true);
    };
    const go = async (at: number) =>
      (await (await loader.getHarness(MatStepperHarness)).getSteps())[at]!.select();
    const press = async (text: string | RegExp) =>
      (await loader.getHarness(MatButtonHarness.with({ text }))).click();
    const length = () => loader.getHarness(FieldHarness.with({ named: 'Pull to, in cm' }));
    const live = () => host.querySelector('[data-testid=live]')?.textContent.trim();
    const says = () => host.querySelector('.live [role=status]')?.textContent.trim();
    const fit = () => host.querySelector('[data-testid=fit-words]')?.textContent.trim() ?? '';
    /** The scale settles on a mass, as it does with somebody’s hand on the band. */
    const settles = async (kg: number) => {
      const { shows } = pulls.at(-1)!;
      for (let at = 0; at <= 30 && shows.observed; at += 1) shows.next({ atSeconds: at / 10, kg });
      await fixture.whenStable();
    };
    const shows = async (kg: number | undefined) => {
      pulls.at(-1)!.shows.next({ atSeconds: 0, kg });
      await fixture.whenStable();
    };
    return { fixture, loader, host, step, go, press, length, live, says, fit, settles, shows, changed };
  }

  it('begins with a band that lies slack, and where there are readings with the pulling', async () => {
    expect(await (await bench(SLACK)).step()).toBe(0);
    expect(await (await bench(READ)).step()).toBe(1);
  });

  it('has the next mark that was not read ready, writes it down when the scale is steady, and goes on to the next', async () => {
    const { press, length, go, settles, says, changed } = await bench(SLACK);
    await go(1);
    expect(await (await length()).text()).toBe('125');
    await press('Pull');
    expect(pulls.map(({ lengthCm }) => lengthCm)).toEqual([125]);
    await settles(4.236);
    expect(changed.at(-1)?.readings).toEqual([{ lengthCm: 125, forceKg: 4.24 }]);
    expect(says()).toContain('written down');
    expect(await (await length()).text()).toBe('150');
    // It is let go: what the scale shows afterwards is no reading.
    expect(pulls[0]!.shows.observed).toBeFalse();
  });

  it('takes a second reading of one length in place of the first, in the order of lengths', async () => {
    const { press, settles, changed } = await bench(READ);
    await press('200 cm');
    await settles(13);
    await press('125 cm');
    await settles(4);
    expect(changed.at(-1)?.readings).toEqual([
      { lengthCm: 125, forceKg: 4 },
      { lengthCm: 150, forceKg: 8 },
      { lengthCm: 200, forceKg: 13 },
    ]);
  });

  it('shows what hangs on the hook, says when it is too much, and writes nothing down that was let go', async () => {
    const { press, live, says, shows, changed } = await bench(READ);
    expect(live()).toBe('–');
    await press('Pull');
    await shows(7.5);
    expect([live(), says()]).toEqual(['7.5', 'swinging']);
    await shows(undefined);
    expect([live(), says()]).toEqual(['over', 'overloaded: ease off']);
    await press('Let go');
    expect([live(), changed, pulls[0]!.shows.observed]).toEqual(['–', [], false]);
  });

  it('refuses a length at which it lies slack, and one that no band is pulled to', async () => {
    const { press, length, says } = await bench(READ);
    for (const wrong of ['90', '100', '401']) {
      await (await length()).write(wrong);
      await press('Pull');
      expect(says()).withContext(wrong).toContain('longer than 100 cm');
    }
    expect(pulls).toEqual([]);
    await (await length()).write('180');
    await press('Pull');
    expect(pulls.map(({ lengthCm }) => lengthCm)).toEqual([180]);
  });

  it('shows loads as soon as two lengths are read, lightest first, and not before', async () => {
    const slack = await bench(SLACK);
    await slack.go(2);
    expect(slack.fit()).toBe('');
    expect(slack.host.textContent).toContain('Two different lengths at least, then its loads');
    const { go, loader, fit } = await bench(LONG);
    expect(fit()).toContain('It is ');
    await go(2);
    const table = await loader.getHarness(MatTableHarness);
    const means = (await table.getCellTextByColumnName())['mean']!.text.map(Number);
    expect(means.length).toBeGreaterThan(2);
    expect(means).toEqual([...means].sort((a, b) => a - b));
  });

  it('says where an exercise would pull it further than it was read, with the others in reach', async () => {
    const { go, loader, host } = await bench(READ);
    await go(2);
    expect(await loader.getAllHarnesses(MatTableHarness)).toEqual([]);
    expect(host.textContent).not.toContain('Two different lengths at least');
    expect(host.textContent).toContain('go further than it was read');
    const fit = fitBand(READ.readings, READ.slackCm);
    const within = LIBRARY_EXERCISES.find(
      ({ loading }) => loading?.band && bandForces(fit, BAND_SET_UPS[0]!, loading.band, 170),
    )!;
    const exercises = await loader.getHarness(ChoiceHarness);
    await exercises.choose(within.name);
    expect((await loader.getAllHarnesses(MatTableHarness)).length).toBe(1);
  });

  it('stays at the step it is at when a reading is written down', async () => {
    const { go, step, press, settles } = await bench(READ);
    await go(2);
    await go(1);
    await press('Pull');
    await settles(9);
    expect(await step()).toBe(1);
  });

  it('lets go of the scale with the screen', async () => {
    const { fixture, press } = await bench(READ);
    await press('Pull');
    fixture.destroy();
    expect(pulls[0]!.shows.observed).toBeFalse();
  });
});
