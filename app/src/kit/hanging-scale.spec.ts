import { bandForce, fitBand, type Band } from '@dray/core';
import { steadyReading, type ScaleSample } from '@dray/core/late';
import { firstValueFrom, scan, filter, take, toArray } from 'rxjs';
import { simulatedScale } from './hanging-scale';

const unread: Band = { kind: 'band', id: 'a band', name: 'band', slackCm: 100, readings: [] };

describe('the simulated scale', () => {
  beforeEach(() => jasmine.clock().install());
  afterEach(() => jasmine.clock().uninstall());

  async function held(band: Band, lengthCm: number): Promise<number> {
    // 0.3 is a hand that neither jerks nor trembles much.
    const reading = firstValueFrom(
      simulatedScale(() => 0.3)
        .pull(band, lengthCm)
        .pipe(
          scan((all: ScaleSample[], sample) => [...all, sample], []),
          filter((all) => steadyReading(all) !== undefined),
        ),
    );
    jasmine.clock().tick(8000);
    return steadyReading(await reading) ?? NaN;
  }

  it('reads an unread band like rubber: steadily, more for longer', async () => {
    const [short, long] = [await held(unread, 150), await held(unread, 220)];
    expect(short).toBeGreaterThan(0);
    expect(long).toBeGreaterThan(short);
    const fit = fitBand(
      [
        { lengthCm: 150, forceKg: short },
        { lengthCm: 220, forceKg: long },
      ],
      100,
    );
    expect(fit.quality).toBe('good');
  });

  it('agrees with readings that are there', async () => {
    const fit = fitBand(
      [
        { lengthCm: 150, forceKg: 5 },
        { lengthCm: 220, forceKg: 9 },
      ],
      100,
    );
    const band = {
      ...unread,
      readings: [
        { lengthCm: 150, forceKg: 5 },
        { lengthCm: 220, forceKg: 9 },
      ],
    };
    expect(await held(band, 180)).toBeCloseTo(bandForce(fit, 180), 0);
  });

  it('shows something from the first moment', async () => {
    const samples = firstValueFrom(
      simulatedScale(() => 0.3)
        .pull(unread, 150)
        .pipe(take(3), toArray()),
    );
    jasmine.clock().tick(500);
    expect((await samples).map(({ atSeconds }) => atSeconds)).toEqual([0, 0.1, 0.2]);
  });
});
