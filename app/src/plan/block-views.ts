import {
  BLOCKS,
  blockRounds,
  formatPrescription,
  slotLetters,
  slotName,
  versionForTier,
  type Block,
  type Catalog,
  type Session,
  type Slot,
  type SlotSource,
  type Tier,
} from '@dray/core';

/** A block as the outline shows it. */
export interface BlockView {
  readonly block: Block;
  readonly name: string;
  readonly rounds: number;
  readonly grouped: boolean;
  readonly slots: readonly SlotView[];
}

export interface SlotView {
  readonly slot: Block['slots'][number];
  readonly letter: string;
  readonly name: string;
  /** What is done instead by whoever may not do it. */
  readonly twin: string;
  /** What stands in it, for the line under its name. */
  readonly kind: string;
  /** Each tier's version, where tiers differ in it. */
  readonly versions: Readonly<Record<Tier, string>>;
  /** The same, said once: nothing where it is that of the tier before. */
  readonly versionsOnce: Readonly<Record<Tier, string>>;
  /** Whether a tier does the very work of the tier before it: its version, and its prescription. */
  readonly same: Readonly<Record<Tier, boolean>>;
  readonly grouped: boolean;
}

const KIND_WORDS: Readonly<Record<SlotSource['kind'], string>> = {
  ladder: 'ladder',
  exercise: $localize`the same for all`,
  combination: 'combination',
};

/** The version each tier begins with; nothing where the exercise is the same for all. */
function versionsOf(slot: Slot, catalog: Catalog): Record<Tier, string> {
  const nameOf = (tier: Tier) =>
    slot.source.kind === 'exercise' ? '' : (versionForTier(slot, tier, catalog)?.name ?? '');
  return eachTier(nameOf);
}

function eachTier<Value>(value: (tier: Tier, before: Tier | undefined) => Value): Record<Tier, Value> {
  return {
    beginner: value('beginner', undefined),
    intermediate: value('intermediate', 'beginner'),
    advanced: value('advanced', 'intermediate'),
  };
}

/** What a tier adds to the one before it: versions and prescriptions are written once where they are the same. */
function onceEach(slot: Slot, catalog: Catalog): Pick<SlotView, 'versions' | 'versionsOnce' | 'same'> {
  const versions = versionsOf(slot, catalog);
  const text = eachTier((tier) => formatPrescription(slot.prescriptions[tier], 'kg'));
  return {
    versions,
    versionsOnce: eachTier((tier, before) =>
      before && versions[before] === versions[tier] ? '' : versions[tier],
    ),
    same: eachTier(
      (tier, before) =>
        before !== undefined && text[before] === text[tier] && versions[before] === versions[tier],
    ),
  };
}

/** A session’s blocks as the outline shows them. */
export function blockViews(session: Session, catalog: Catalog): readonly BlockView[] {
  const letters = slotLetters(session);
  return session.blocks.map((block) => ({
    block,
    name: BLOCKS[block.kind].name,
    rounds: blockRounds(block),
    grouped: BLOCKS[block.kind].grouped,
    slots: block.slots.map((slot) => ({
      slot,
      letter: letters.get(slot.id) ?? '',
      name: slotName(slot, catalog),
      twin: slot.twin ? slotName({ source: slot.twin }, catalog) : '',
      kind: KIND_WORDS[slot.source.kind],
      ...onceEach(slot, catalog),
      grouped: BLOCKS[block.kind].grouped,
    })),
  }));
}
