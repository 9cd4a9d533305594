import {
  addSlot,
  editSlot,
  formatPrescription,
  joinInto,
  joinWithNext,
  moveSlot,
  newSlot,
  nudgeSlot,
  parsePrescription,
  partAt,
  partFromGroup,
  removeSlot,
  slotName,
  type Prescription,
  type Scheme,
  type SlotSource,
  type Tier,
} from '@dray/core';
import { patchState, signalStoreFeature, type, withMethods } from '@ngrx/signals';
import type { Change, PlanProps, PlanState } from './plan-store';
import { draftKey } from './with-drafts';

/**
 * What is done with the exercises of the session.
 *
 * The type nobody uses is what the library asks of a feature that rests on another, see `withRoving`.
 */
export function withSlots<_>() {
  return signalStoreFeature(
    {
      state: type<PlanState>(),
      props: type<PlanProps>(),
      methods: type<{
        change: Change;
        nameOf(slotId: string): string;
        keepDraft(key: string, text: string | undefined): void;
      }>(),
    },
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
          const inside = session.blocks
            .find(({ id }) => id === blockId)
            ?.slots.some(({ id }) => id === slotId);
          return inside
            ? moveSlot(session, slotId, blockId, index)
            : joinInto(session, slotId, blockId, index);
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
  );
}
