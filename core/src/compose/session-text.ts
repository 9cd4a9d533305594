import { BLOCKS, TIERS, type Block, type Session, type Slot } from '../model';
import type { Catalog } from '../ladder';
import type { MassUnit } from '../units';
import { formatPrescription } from '../plan';
import { sourceNames, type SourceNames } from './source-names';

/**
 * A session as text in its one canonical form, which `parseSession` reads back to the same: the name with its budget, a
 * line for each block, a line for each slot; tiers apart by `|`, `=` for the same as the tier before. The whole notation:
 * docs/shorthand.md.
 *
 * @param unit the reader's unit, for prescribed loads
 */
export function formatSession(session: Session, catalog: Catalog, unit: MassUnit = 'kg'): string {
  const names = sourceNames(catalog);
  const blocks = session.blocks.map((block) =>
    [blockText(block), ...block.slots.map((slot) => `- ${slotText(slot, names, unit)}`)].join('\n'),
  );
  return `${[`# ${session.name} (${session.budgetMinutes} min)`, ...blocks].join('\n\n')}\n`;
}

function blockText({ kind, restSeconds, betweenSeconds }: Block): string {
  const between = betweenSeconds === undefined ? '' : `, between ${betweenSeconds} s`;
  return `${BLOCKS[kind].name}, rest ${restSeconds} s${between}`;
}

function slotText({ source, twin, prescriptions }: Slot, names: SourceNames, unit: MassUnit): string {
  const texts = TIERS.map((tier) => formatPrescription(prescriptions[tier], unit));
  const [first = ''] = texts;
  const tiers = texts.every((text) => text === first)
    ? first
    : texts.map((text, at) => (at > 0 && text === texts[at - 1] ? '=' : text)).join(' | ');
  return `${names.nameOf(source)}${twin ? ` / ${names.nameOf(twin)}` : ''}: ${tiers}`;
}
