import { computed, inject } from '@angular/core';
import {
  BLOCKS,
  programOf,
  schemeOf,
  sessionTimeline,
  slotName,
  TIERS,
  type Session,
  type Tier,
} from '@dray/core';
import { patchState, signalStore, withComputed, withMethods, withProps, withState } from '@ngrx/signals';
import { Device } from '../data/device';
import { DocumentStore } from '../state/document-store';
import { ViewStore } from '../state/view-store';
import { blockViews } from './block-views';
import { withBlocks } from './with-blocks';
import { withDrafts } from './with-drafts';
import { withSession } from './with-session';
import { withSlots } from './with-slots';

export interface PlanState {
  readonly selectedSlotId: string | undefined;
  readonly tier: Tier;
  /** What the rail shows: the exercise that is selected, the session as a whole, or others to copy from. */
  readonly rail: 'exercise' | 'session' | 'copy';
}

export interface PlanProps {
  readonly documents: InstanceType<typeof DocumentStore>;
  readonly view: InstanceType<typeof ViewStore>;
}

/** An edit of the session on screen, as undo calls it; edits of one key are one step of undo. */
export type Change = (label: string, to: (session: Session) => Session, key?: string) => void;

const INITIAL: PlanState = { selectedSlotId: undefined, tier: 'intermediate', rail: 'exercise' };

/** The session being written, what is selected in it, and every edit the composer can make. */
export const PlanStore = signalStore(
  withState(INITIAL),
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
      blocks: computed(() => {
        const session = view.session();
        return session ? blockViews(session, view.catalog()) : [];
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
    settle(): void {
      store.documents.settle();
    },
  })),
  withDrafts(),
  withSession(),
  withBlocks(),
  withSlots(),
);
