import { formatLoad, formatMass, type MassUnit } from '../units';
import type { PlateStack, Recipe } from './recipe';

const COUNT_WORDS = ['', 'one', 'two'] as const;

function plateWords(plates: readonly PlateStack[], unit: MassUnit): string {
  return plates
    .map(({ massKg, perSide }) => (perSide === 1 ? '' : `${perSide}×`) + formatMass(massKg, unit))
    .join(' + ');
}

/**
 * A recipe as it is said across the room, in the unit the things are stamped with: "two dumbbells 10 kg",
 * "handle + 5 + 1.25 kg a side, both alike", "two bottles, each to 1.3 L".
 */
export function recipeWords({ part, unit }: Recipe): string {
  switch (part.kind) {
    case 'fixed':
      return part.count === 2
        ? `two ${part.form}s ${formatLoad(part.massKg, unit)}`
        : `${part.form} ${formatLoad(part.massKg, unit)}`;
    case 'adjustable': {
      const handles = part.count === 2 ? 'two handles' : 'handle';
      if (part.plates.length === 0) return part.count === 2 ? 'two bare handles' : 'bare handle';
      return `${handles} + ${plateWords(part.plates, unit)} ${unit} a side`;
    }
    case 'fillable': {
      const litres = `${Number(part.litres.toFixed(2))} L`;
      return part.count === 2
        ? `${COUNT_WORDS[part.count]} ${part.name}s, each to ${litres}`
        : `${part.name} to ${litres}`;
    }
  }
}
