import type { Implement, MassUnit, Recipe, RecipePart } from '@dray/core';

/** What of a thing is shown when nothing is being made with it: all plates on, full, everything packed. */
function partOf(implement: Implement): RecipePart | undefined {
  switch (implement.kind) {
    case 'fixed':
      return { ...implement, count: Math.min(2, implement.count) };
    case 'adjustable': {
      const { handleKg, handles, plates } = implement;
      const all = plates.map(({ massKg, count }) => ({ massKg, perSide: Math.floor(count / (2 * handles)) }));
      return { kind: 'adjustable', handleKg, plates: heaviestFirst(all), count: handles };
    }
    case 'bar': {
      const { form, barKg, plates } = implement;
      const all = plates.map(({ massKg, count }) => ({ massKg, perSide: Math.floor(count / 2) }));
      return { kind: 'bar', form, barKg, plates: heaviestFirst(all) };
    }
    case 'fillable': {
      const { name, capacityLitres, count } = implement;
      return { kind: 'fillable', name, litres: capacityLitres, capacityLitres, count: Math.min(2, count) };
    }
    case 'bag':
      return implement;
    case 'band':
      return {
        kind: 'band',
        name: implement.name,
        setUp: { strands: 2, stance: 'bothFeet', inCm: 0, wraps: 0 },
        fixedBy: $localize`both feet`,
        startKg: 0,
        meanKg: 0,
        peakKg: 0,
      };
    case 'ankle':
      return {
        kind: 'ankle',
        massesKg: Array.from({ length: Math.min(2, implement.count) }, () => implement.massKg),
      };
    case 'vest':
      return implement;
    case 'prop':
      return implement.heightCm === undefined
        ? undefined
        : { kind: 'hands', prop: implement.prop, heightCm: implement.heightCm, share: 0 };
  }
}

function heaviestFirst(plates: readonly { massKg: number; perSide: number }[]) {
  return [...plates].sort((a, b) => b.massKg - a.massKg);
}

/** A thing of a kit as a picture; undefined for what is only leant on. */
export function pictureOf(implement: Implement, unit: MassUnit): Recipe | undefined {
  const part = partOf(implement);
  return part && { hold: 'none', unit, part, pieces: 1 };
}
