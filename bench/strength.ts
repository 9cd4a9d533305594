// The running estimate against known truth: simulated lifters, and what taking one set instead would give.
import { estimateStrength, oneRepMax } from '@dray/core';
import { simulatedLifter } from '../core/testing/lifters';
import { row, time } from './table';

const lifters = Array.from({ length: 2000 }, (_, seed) => simulatedLifter(seed + 1));
let held = 0;
let [filter, last, best] = [0, 0, 0];
for (const { observations, prior, asOf, trueMaxKg } of lifters) {
  const estimate = estimateStrength(observations, { prior, asOf });
  if (!estimate) continue;
  const miss = (kg: number) => Math.abs(kg / trueMaxKg - 1);
  const alone = observations.map(({ loadKg, reps, reserve = 0 }) =>
    oneRepMax(loadKg, Math.min(30, reps + reserve), 'epley'),
  );
  if (estimate.lowKg <= trueMaxKg && trueMaxKg <= estimate.highKg) held += 1;
  filter += miss(estimate.maxKg);
  last += miss(alone.at(-1) ?? NaN);
  best += miss(Math.max(...alone));
}

const percent = (sum: number) => `${((100 * sum) / lifters.length).toFixed(1)} %`;
console.log(`\nStrength of ${lifters.length} simulated lifters over 12 visits, mean error`);
console.log(`  running estimate ${percent(filter)}   last set ${percent(last)}   best set ${percent(best)}`);
console.log(`  the 90 % band holds the truth in ${percent(held)} of them\n`);

const [one] = lifters;
if (one) {
  row(
    'running estimate over 12 visits, against a millisecond',
    time(() => estimateStrength(one.observations, { prior: one.prior, asOf: one.asOf })),
    1,
  );
}
