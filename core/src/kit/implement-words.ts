import { BAR_WORDS, DENSITY_KG_PER_LITRE, PROP_WORDS, type Implement, type ImplementKind } from '../model';
import { formatLoad, formatMass, type MassUnit } from '../units';
import type { PlateCount } from './plates';

/** How a kind is offered when something is counted in. */
export const KIND_WORDS: Record<ImplementKind, string> = {
  fixed: 'dumbbells, kettlebells',
  adjustable: 'handles with plates',
  bar: 'bar with plates',
  fillable: 'bottle or jug',
  bag: 'bag',
  band: 'band',
  ankle: 'ankle weights',
  vest: 'vest',
  prop: 'something to hold on to',
};

/** A thing in a kit as a heading and a line below it. */
export interface ImplementWords {
  readonly name: string;
  readonly details: string;
}

function plateList(plates: readonly PlateCount[], unit: MassUnit): string {
  return plates.length === 0
    ? 'no plates'
    : plates.map(({ massKg, count }) => `${count}×${formatMass(massKg, unit)}`).join(', ') + ` ${unit}`;
}

function fillingName(density: number): string {
  const known = Object.entries(DENSITY_KG_PER_LITRE).find(([, value]) => Math.abs(value - density) < 1e-6);
  return known ? known[0] : `${density} kg in a litre`;
}

/** What a thing is called and what there is of it, in the unit it is stamped with. */
export function implementWords(implement: Implement, unit: MassUnit): ImplementWords {
  switch (implement.kind) {
    case 'fixed': {
      const { form, massKg, count } = implement;
      const many = count === 1 ? form : `${form}s`;
      return {
        name: `${capital(many)} ${formatLoad(massKg, unit)}`,
        details: `${count} of ${count === 1 ? 'it' : 'them'}`,
      };
    }
    case 'adjustable': {
      const { handles, handleKg, plates } = implement;
      return {
        name: handles === 2 ? 'Two handles' : 'One handle',
        details: `${formatLoad(handleKg, unit)} bare · ${plateList(plates, unit)}`,
      };
    }
    case 'bar':
      return {
        name: capital(BAR_WORDS[implement.form]),
        details: `${formatLoad(implement.barKg, unit)} bare · ${plateList(implement.plates, unit)}`,
      };
    case 'fillable': {
      const { name, capacityLitres, count, stepLitres, densityKgPerLitre } = implement;
      return {
        name: `${capital(name)}, ${capacityLitres} L`,
        details: `${count} · ${fillingName(densityKgPerLitre)}, marks every ${stepLitres} L`,
      };
    }
    case 'bag': {
      const pieces = implement.items.reduce((sum, { count }) => sum + count, 0);
      return {
        name: capital(implement.name),
        details: `${pieces} ${pieces === 1 ? 'thing' : 'things'} · trusted with ${formatLoad(implement.trustedKg, unit)}`,
      };
    }
    case 'band':
      return {
        name: capital(implement.name),
        details:
          implement.readings.length < 2
            ? 'not read on a scale yet'
            : `${implement.slackCm} cm slack · read at ${implement.readings.length} lengths`,
      };
    case 'ankle':
      return {
        name: `Ankle weights ${formatLoad(implement.massKg, unit)}`,
        details: `${implement.count} of them`,
      };
    case 'vest': {
      const { emptyKg, insertKg, inserts } = implement;
      return {
        name: 'Vest',
        details: `${formatLoad(emptyKg, unit)} empty · ${inserts} inserts of ${formatLoad(insertKg, unit)}`,
      };
    }
    case 'prop': {
      const { prop, heightCm } = implement;
      return {
        name: capital(PROP_WORDS[prop].replace(/^an? /, '')),
        details: heightCm === undefined ? 'loads nothing' : `${heightCm} cm high`,
      };
    }
  }
}

function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
