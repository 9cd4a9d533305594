import { computed, inject } from '@angular/core';
import {
  addBlock,
  addSlot,
  BLOCKS,
  blockRounds,
  editBlock,
  editEachTier,
  editSlot,
  formatPrescription,
  copyOfBlock,
  copyOfSession,
  joinInto,
  joinWithNext,
  moveBlock,
  moveSlot,
  nameFrom,
  newBlock,
  newSlot,
  nudgeSlot,
  PACE_WORDS,
  parsePrescription,
  partAt,
  partFromGroup,
  removeBlock,
  removeSlot,
  schemeOf,
  programOf,
  sessionTimeline,
  slotLetters,
  slotName,
  TIERS,
  versionForTier,
  withPace,
  type Block,
  type BlockKind,
  type Catalog,
  type Pace,
  type Prescription,
  type Scheme,
  type Session,
  type Slot,
  type SlotSource,
  type Tier,
} from '@dray/core';
import {
  patchState,
  signalStore,
  type,
  withComputed,
  withHooks,
  withMethods,
  withProps,
  withState,
} from '@ngrx/signals';
import { addEntities, setEntity, withEntities } from '@ngrx/signals/entities';
import { Device } from '../data/device';
import { DocumentStore } from '../state/document-store';
import { ViewStore } from '../state/view-store';
import { counted } from '../ui/count';

interface PlanState {
  readonly selectedSlotId: string | undefined;
  readonly tier: Tier;
  /** What the rail shows: the exercise that is selected, the session as a whole, or others to copy from. */
  readonly rail: 'exercise' | 'session' | 'copy';
}

/** Text of a field that cannot be read yet; where it is known that there is none, an older one on the disk is not taken up. */
interface Draft {
  readonly id: string;
  readonly text: string | undefined;
}

const DRAFTS = { collection: 'draft' } as const;

const INITIAL: PlanState = { selectedSlotId: undefined, tier: 'intermediate', rail: 'exercise' };

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

/** What a draft is kept under. */
export function draftKey(slotId: string, tier: Tier): string {
  return `${slotId} ${tier}`;
}

/** Rounds as the coach says them: tiers that did fewer or more keep their distance. */
function withSets(slot: Slot, rounds: number): Slot {
  const most = Math.max(...TIERS.map((tier) => slot.prescriptions[tier].sets));
  const change = (one: Prescription): Prescription => ({
    ...one,
    sets: Math.max(1, Math.min(20, one.sets + rounds - most)),
  });
  return editEachTier(slot, change);
}

/** The session being written, what is selected in it, and every edit the composer can make. */
export const PlanStore = signalStore(
  withState(INITIAL),
  withEntities({ entity: type<Draft>(), ...DRAFTS }),
  withProps(() => ({ documents: inject(DocumentStore), view: inject(ViewStore), device: inject(Device) })),
  withComputed(({ view, documents, selectedSlotId }) => {
    const slots = computed(() => view.session()?.blocks.flatMap(({ slots }) => slots) ?? []);
    const selected = computed(() => {
      const lettered = view.session()?.blocks.find(({ kind }) => BLOCKS[kind].lettered)?.slots[0];
      return slots().find(({ id }) => id === selectedSlotId()) ?? lettered ?? slots()[0];
    });
    const program = computed(() => {
      const document = documents.document();
      const session = view.session();
      return document && session && programOf(document, session.id);
    });
    return {
      slots,
      selected,
      sessions: documents.sessions,
      blocks: computed<BlockView[]>(() => {
        const session = view.session();
        const letters: ReadonlyMap<string, string> = session ? slotLetters(session) : new Map();
        return (session?.blocks ?? []).map((block) => ({
          block,
          name: BLOCKS[block.kind].name,
          rounds: blockRounds(block),
          grouped: BLOCKS[block.kind].grouped,
          slots: block.slots.map((slot) => ({
            slot,
            letter: letters.get(slot.id) ?? '',
            name: slotName(slot, view.catalog()),
            twin: slot.twin ? slotName({ source: slot.twin }, view.catalog()) : '',
            kind: KIND_WORDS[slot.source.kind],
            ...onceEach(slot, view.catalog()),
            grouped: BLOCKS[block.kind].grouped,
          })),
        }));
      }),
      timelines: computed(() => {
        const session = view.session();
        const timing = documents.document()?.settings.timing;
        return session
          ? TIERS.map((tier) => ({
              tier,
              timeline: sessionTimeline(session, { tier }, view.catalog(), timing),
            }))
          : [];
      }),
      scheme: computed(() => {
        const slot = selected();
        return slot && schemeOf(slot, program());
      }),
    };
  }),
  withMethods((store) => ({
    nameOf(slotId: string): string {
      const slot = store.slots().find(({ id }) => id === slotId);
      return slot ? slotName(slot, store.view.catalog()) : '';
    },
    select(slotId: string, tier?: Tier): void {
      patchState(store, { selectedSlotId: slotId, ...(tier && { tier }) });
    },
    showRail(rail: PlanState['rail']): void {
      patchState(store, { rail });
    },
    /** An edit somebody else has worked out: a mending, a text read anew, a block from elsewhere. */
    change(label: string, to: (session: Session) => Session, key?: string): void {
      const session = store.view.session();
      if (session) store.documents.editSession(label, session.id, to, key);
    },
    chooseTier(tier: Tier): void {
      patchState(store, { tier });
    },
    draftOf(key: string): string | undefined {
      return store.draftEntityMap()[key]?.text;
    },
    keepDraft(key: string, text: string | undefined): void {
      const known = store.draftEntityMap()[key];
      if (known && known.text === text) return;
      patchState(store, setEntity({ id: key, text } satisfies Draft, DRAFTS));
      const kept = text === undefined ? store.device.dropDraft(key) : store.device.keepDraft(key, text);
      void kept.catch(() => undefined);
    },
    settle(): void {
      store.documents.settle();
    },
  })),
  // The session as a whole, and as text.
  withMethods((store) => ({
    duplicateSession(): void {
      const session = store.view.session();
      if (!session) return;
      const taken = store.documents.sessions().map(({ name }) => name);
      const name = nameFrom(session.name, (own) => $localize`${own}, again`, taken);
      const copy = copyOfSession(session, name, () => crypto.randomUUID());
      store.documents.addSession(copy);
      store.view.showSession(copy.id);
    },

    /** An empty session, on no day yet. */
    newSession(): void {
      const id = crypto.randomUUID();
      const session = { id, name: $localize`New session`, budgetMinutes: 30, blocks: [] };
      store.documents.addSession(session);
      store.view.showSession(id);
    },
    /** The session on screen goes; the next one is looked at. */
    removeSession(): void {
      const session = store.view.session();
      if (!session) return;
      store.documents.removeSession(session.id);
      store.view.showSession(undefined);
    },
    rename(name: string): void {
      store.change($localize`session name`, (session) => ({ ...session, name }));
    },
    setBudget(minutes: number | undefined): void {
      if (minutes !== undefined)
        store.change(counted(minutes, $localize`minute`, $localize`minutes`), (session) => ({
          ...session,
          budgetMinutes: minutes,
        }));
    },
    setPace(pace: Pace): void {
      store.change($localize`pace: ${PACE_WORDS[pace]}`, (session) => withPace(session, pace));
    },
    /** The session read anew from its text. Slots may be gone for a moment: what hangs on them waits for `textDone`. */
    retype(to: (session: Session) => Session): void {
      const session = store.view.session();
      if (!session) return;
      const retyped = to(session);
      store.documents.edit(
        $localize`session text`,
        (document) => ({
          ...document,
          sessions: document.sessions.map((own) => (own.id === session.id ? retyped : own)),
        }),
        `text ${session.id}`,
      );
    },
    /** What was chosen for words nobody knew: from now on they mean that, in this document. */
    remember(key: string, name: string): void {
      if (key === '') return;
      store.documents.edit($localize`“${key}” is ${name}`, (document) => ({
        ...document,
        settings: { ...document.settings, said: { ...document.settings.said, [key]: name } },
      }));
    },
    textDone(): void {
      const session = store.view.session();
      if (session) store.change($localize`session text`, (own) => own, `text ${session.id}`);
      store.documents.settle();
    },
  })),
  // Its blocks.
  withMethods((store) => ({
    duplicateBlock(blockId: string): void {
      store.change($localize`duplicate a block`, (session) => {
        const at = session.blocks.findIndex(({ id }) => id === blockId);
        const block = session.blocks[at];
        return block
          ? addBlock(
              session,
              copyOfBlock(block, () => crypto.randomUUID()),
              at + 1,
            )
          : session;
      });
    },
    setRest(blockId: string, seconds: number | undefined): void {
      if (seconds === undefined) return;
      store.change($localize`rest ${seconds} s`, (session) =>
        editBlock(session, blockId, (block) => ({ ...block, restSeconds: seconds })),
      );
    },
    setBetween(blockId: string, seconds: number | undefined): void {
      const label = seconds === undefined ? $localize`no rest between` : $localize`${seconds} s between`;
      store.change(label, (session) =>
        editBlock(session, blockId, ({ betweenSeconds: _old, ...block }) =>
          seconds === undefined ? block : { ...block, betweenSeconds: seconds },
        ),
      );
    },
    setRounds(blockId: string, rounds: number | undefined): void {
      if (rounds === undefined) return;
      store.change(counted(rounds, $localize`round`, $localize`rounds`), (session) =>
        editBlock(session, blockId, (block) => ({
          ...block,
          slots: block.slots.map((slot) => withSets(slot, rounds)),
        })),
      );
    },
    setKind(blockId: string, kind: BlockKind): void {
      store.change(BLOCKS[kind].name, (session) =>
        editBlock(session, blockId, (block) => ({ ...block, kind })),
      );
    },

    addBlock(kind: BlockKind): string {
      const id = crypto.randomUUID();
      store.change($localize`add ${BLOCKS[kind].name.toLowerCase()}`, (session) =>
        addBlock(session, newBlock(id, kind)),
      );
      return id;
    },
    /** Blocks that were typed in a line, at the end of the session but before its cool-down; the last of them is selected. */
    addBlocks(blocks: readonly Block[]): void {
      store.change($localize`add to the session`, (session) => {
        const cool = session.blocks.findIndex(({ kind }) => kind === 'coolDown');
        const ends = blocks.some(({ kind }) => kind === 'coolDown');
        const at = cool < 0 || ends ? session.blocks.length : cool;
        return { ...session, blocks: session.blocks.toSpliced(at, 0, ...blocks) };
      });
      const slotId = blocks.at(-1)?.slots.at(-1)?.id;
      if (slotId !== undefined) patchState(store, { selectedSlotId: slotId });
    },
    removeBlock(blockId: string): void {
      store.change($localize`delete a block`, (session) => removeBlock(session, blockId));
    },
    moveBlock(blockId: string, to: number): void {
      store.change($localize`move a block`, (session) => moveBlock(session, blockId, to));
    },
    nudgeBlock(blockId: string, direction: -1 | 1): void {
      store.change($localize`move a block`, (session) =>
        moveBlock(session, blockId, session.blocks.findIndex(({ id }) => id === blockId) + direction),
      );
    },
  })),
  // The exercises in them.
  withMethods((store) => ({
    setPrescription(slotId: string, tier: Tier, prescription: Prescription): void {
      const label = `${store.nameOf(slotId)} ${formatPrescription(prescription, store.view.unit())}`;
      store.change(
        label,
        (session) =>
          editSlot(session, slotId, (slot) => ({
            ...slot,
            prescriptions: { ...slot.prescriptions, [tier]: prescription },
          })),
        draftKey(slotId, tier),
      );
    },
    setScheme(slotId: string, scheme: Scheme | undefined): void {
      store.change($localize`how it grows`, (session) =>
        editSlot(session, slotId, ({ scheme: _old, ...slot }) => (scheme ? { ...slot, scheme } : slot)),
      );
    },
    setTwin(slotId: string, twin: SlotSource | undefined): void {
      store.change($localize`for whoever may not`, (session) =>
        editSlot(session, slotId, ({ twin: _old, ...slot }) => (twin ? { ...slot, twin } : slot)),
      );
    },
    /** A new slot, with the work typed behind its name where there is some that can be read. */
    addSlot(blockId: string, source: SlotSource, work = ''): string {
      const catalog = store.view.catalog();
      const kind = store.view.session()?.blocks.find(({ id }) => id === blockId)?.kind;
      const usual = newSlot(crypto.randomUUID(), source, catalog, kind);
      const read = work === '' ? undefined : parsePrescription(work, store.view.unit());
      const one = read?.ok ? read.prescription : undefined;
      const slot = one
        ? { ...usual, prescriptions: { beginner: one, intermediate: one, advanced: one } }
        : usual;
      store.change($localize`add ${slotName(slot, catalog)}`, (session) => addSlot(session, blockId, slot));
      patchState(store, { selectedSlotId: slot.id });
      if (read && !read.ok) store.keepDraft(draftKey(slot.id, 'beginner'), work);
      return slot.id;
    },
    removeSlot(slotId: string): void {
      store.change($localize`delete ${store.nameOf(slotId)}`, (session) => removeSlot(session, slotId));
    },
    moveSlot(slotId: string, blockId: string, index: number): void {
      store.change($localize`move ${store.nameOf(slotId)}`, (session) => {
        const inside = session.blocks.find(({ id }) => id === blockId)?.slots.some(({ id }) => id === slotId);
        return inside ? moveSlot(session, slotId, blockId, index) : joinInto(session, slotId, blockId, index);
      });
    },
    partAt(slotId: string, index: number): void {
      store.change($localize`part ${store.nameOf(slotId)}`, (session) =>
        partAt(session, slotId, crypto.randomUUID(), index),
      );
    },
    nudgeSlot(slotId: string, direction: -1 | 1): void {
      store.change($localize`move ${store.nameOf(slotId)}`, (session) =>
        nudgeSlot(session, slotId, direction),
      );
    },
    join(slotId: string): void {
      store.change($localize`partners for ${store.nameOf(slotId)}`, (session) =>
        joinWithNext(session, slotId),
      );
    },
    part(slotId: string): void {
      store.change($localize`part ${store.nameOf(slotId)}`, (session) =>
        partFromGroup(session, slotId, crypto.randomUUID()),
      );
    },
  })),
  withHooks({
    onInit(store) {
      void store.device
        .drafts()
        // What was typed in the meantime stands.
        .then((drafts) => {
          const kept = Object.entries(drafts).map(([id, text]): Draft => ({ id, text }));
          patchState(store, addEntities(kept, DRAFTS));
        })
        .catch(() => undefined);
    },
  }),
);
