// Kit against brute force; an exact solver checks the same choices in core/src/kit/containers.spec.ts.
import { attainableLoads, bestAddition, chooseItems, kitNeeds, type BagItem, type Kit } from '@dray/core';
import { boatyard } from '@dray/demo';
import { row, time } from './table';

/** Every combination of plates, kept or thrown away one by one: what the exact method replaces. */
function bruteForcePlates(kit: Kit): number {
  const [bar] = kit.implements;
  if (bar?.kind !== 'bar') return 0;
  const found = new Set<number>();
  const walk = (at: number, side: number): void => {
    const plate = bar.plates[at];
    if (!plate) {
      found.add(Math.round((bar.barKg + 2 * side) * 1e6));
      return;
    }
    for (let perSide = 0; perSide * 2 <= plate.count; perSide += 1) {
      walk(at + 1, side + perSide * plate.massKg);
    }
  };
  walk(0, 0);
  return found.size;
}

function withPlates(count: number): Kit {
  const plates = [0.25, 0.5, 0.75, 1, 1.25, 2, 2.5, 5].map((massKg) => ({ massKg, count }));
  const bar = { kind: 'bar', id: 'b', form: 'barbell', barKg: 20, plates } as const;
  return { id: 'k', name: 'k', unit: 'kg', implements: [bar] };
}

for (const count of [6, 12]) {
  const kit = withPlates(count);
  row(
    `attainable loads, 8 plate sizes × ${count}, against brute force`,
    time(() => attainableLoads(kit, 'bar'), 9),
    time(() => bruteForcePlates(kit), 3),
  );
}

const items: BagItem[] = Array.from({ length: 30 }, (_, at) => ({
  name: `book ${at}`,
  massKg: (211 + ((at * 7919) % 1300)) / 1000,
  count: 1,
}));

/** Every subset, tried one by one. */
function chooseByForce(grams: readonly number[], target: number): number {
  let best = 0;
  const walk = (at: number, sum: number): void => {
    const item = grams[at];
    if (item === undefined) {
      if (Math.abs(sum - target) < Math.abs(best - target)) best = sum;
      return;
    }
    walk(at + 1, sum);
    walk(at + 1, sum + item);
  };
  walk(0, 0);
  return best;
}

const twenty = items.slice(0, 20);
const grams = twenty.map(({ massKg }) => Math.round(massKg * 1000));
row(
  'best of 20 bag items for 9.137 kg, against all million subsets',
  time(() => chooseItems(twenty, 9.137), 9),
  time(() => chooseByForce(grams, 9137), 3),
);
row(
  'best of 30 bag items for 9.137 kg, against 20 ms',
  time(() => chooseItems(items, 9.137), 9),
  20,
);

const loft = boatyard.kits[0];
if (loft) {
  const needs = kitNeeds(boatyard, { kitId: loft.id, sessionId: 'tuesday' });
  row(
    'best addition to the loft rack, against a tenth of a second',
    time(() => bestAddition(loft, needs), 5),
    100,
  );
}
