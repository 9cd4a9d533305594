import { fromUnit, type MassUnit } from './mass';

/**
 * A mass as people type it: "12", "12,5", "12.5 kg", "25 lb", "25lbs", "400 g". A unit that is written wins over the
 * one that is usual here, so that a pound plate can be counted into a kilogram kit.
 *
 * @returns kilograms; undefined when it cannot be read
 */
export function readMass(text: string, usual: MassUnit): number | undefined {
  const found = /^\s*([+-]?\d+(?:[.,]\d+)?)\s*(kg|kgs|kilo|kilos|g|lb|lbs|pound|pounds)?\s*$/i.exec(text);
  if (!found) return undefined;
  const value = Number(found[1]?.replace(',', '.'));
  const unit = found[2]?.toLowerCase() ?? usual;
  if (unit === 'g') return value / 1000;
  return fromUnit(value, unit.startsWith('k') ? 'kg' : 'lb');
}
