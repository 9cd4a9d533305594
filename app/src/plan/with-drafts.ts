import type { Tier } from '@dray/core';
import { patchState, signalStoreFeature, type, withHooks, withMethods } from '@ngrx/signals';
import { addEntities, setEntity, withEntities } from '@ngrx/signals/entities';
import type { Device } from '../data/device';

/** Text of a field that cannot be read yet; where it is known that there is none, an older one on the disk is not taken up. */
interface Draft {
  readonly id: string;
  readonly text: string | undefined;
}

const DRAFTS = { collection: 'draft' } as const;

/** What a draft is kept under. */
export function draftKey(slotId: string, tier: Tier): string {
  return `${slotId} ${tier}`;
}

/**
 * What was typed and cannot be read yet: it counts for nothing, and is still there when the page is opened again.
 *
 * The type nobody uses is what the library asks of a feature that rests on another, see `withRoving`.
 */
export function withDrafts<_>() {
  return signalStoreFeature(
    { props: type<{ device: Device }>() },
    withEntities({ entity: type<Draft>(), ...DRAFTS }),
    withMethods((store) => ({
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
}
