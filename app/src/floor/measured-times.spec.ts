import { TestbedHarnessEnvironment } from '@angular/cdk/testing/testbed';
import { TestBed } from '@angular/core/testing';
import { MatCheckboxHarness } from '@angular/material/checkbox/testing';
import { MatTableHarness } from '@angular/material/table/testing';
import { measuredWith, NOT_MEASURED } from '@dray/core/late';
import { Device } from '../data/device';
import type { DrayDb } from '../data/dray-db';
import { ViewStore } from '../state/view-store';
import { openedDocuments, provideFreshBrowser, until } from '../testing';
import { FloorChoices } from './floor-choices';
import { MeasuredTimes } from './measured-times';

describe('times as measured', () => {
  let db: DrayDb;

  beforeEach(() => (db = provideFreshBrowser()));
  afterEach(() => {
    db.close();
  });

  async function shown() {
    const documents = await openedDocuments();
    TestBed.inject(ViewStore).showSession('tuesday');
    const fixture = TestBed.createComponent(MeasuredTimes);
    await fixture.whenStable();
    return { documents, fixture, loader: TestbedHarnessEnvironment.loader(fixture) };
  }

  it('says that nothing was timed yet', async () => {
    const { fixture } = await shown();
    expect((fixture.nativeElement as HTMLElement).textContent).toContain('Nothing has been timed yet');
  });

  it('stand beside the usual ones, with their spread, and go into the document once the coach says so', async () => {
    const times = (...all: number[]) => all.reduce(measuredWith, NOT_MEASURED);
    await TestBed.inject(Device).set('floor times', {
      perRep: { 'goblet-squat': times(2, 2.2, 2.4), plank: times(3), 'pair-hinge': times(4) },
      between: { floorSeconds: times(5, 5, 5) },
    });
    const choices = TestBed.inject(FloorChoices);
    await until(() => Object.keys(choices.measured().perRep).length > 0);
    const { documents, loader } = await shown();
    const table = await loader.getHarness(MatTableHarness);
    const rows = await table.getCellTextByIndex();
    expect(rows[0]).toEqual(['getting down to the floor, or up', '5\u00a0±\u00a00', '8', '3']);
    expect(rows[1]?.slice(0, 2)).toEqual(['one goblet squat', '2.2\u00a0±\u00a00.2']);
    expect(rows[2]?.slice(0, 2)).toEqual(['one plank', '3']);
    expect(rows[3]?.[0]).toBe('one Romanian deadlift');
    const check = await loader.getHarness(MatCheckboxHarness);
    await check.check();
    const { settings } = documents.document()!;
    expect(settings.timesAsMeasured).toBeTrue();
    // What was timed once is no time to plan with.
    expect(settings.timing).toEqual({ floorSeconds: 5, perRep: { 'goblet-squat': 2.2 } });
    await check.uncheck();
    expect(documents.document()!.settings).toEqual({ unit: settings.unit });
  });
});
