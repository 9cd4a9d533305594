import { effect, inject } from '@angular/core';
import { EMPTY_DOCUMENT, type DrayDocument } from '@dray/core';
import { patchState, signalStore, withHooks, withMethods, withProps, withState } from '@ngrx/signals';
import { DocumentRepository, type Front, type Standing } from '../data/document-repository';
import { DocumentStore } from './document-store';

/** Until it is read: nothing is offered that may not be so. */
const UNKNOWN: Standing = { front: 'own', putAway: false, welcomed: true };

/** Which class is in front: the boatyard's, made up to look round in, or the coach's own. The other is put away, never lost. */
export const FrontClass = signalStore(
  { providedIn: 'root' },
  withState(UNKNOWN),
  withProps(() => ({ repository: inject(DocumentRepository), documents: inject(DocumentStore) })),
  withMethods((store) => {
    const stands = async () => patchState(store, await store.repository.standing());
    return {
      /** Reads anew where it stands. */
      stands,

      /** The first question is answered: the boatyard stays in front. */
      async lookRound(): Promise<void> {
        patchState(store, { welcomed: true });
        await store.repository.stand({ ...(await store.repository.standing()), welcomed: true });
      },

      /** Another document has come in whole: whose it is. While a class is put away, it stands where the boatyard stood. */
      async nowIs(front: Front): Promise<void> {
        const standing = await store.repository.standing();
        await store.repository.stand({
          ...standing,
          front: standing.putAway ? standing.front : front,
          welcomed: true,
        });
        await stands();
      },

      /** A class of the coach's own comes to the front. */
      async begin(document: DrayDocument): Promise<void> {
        await store.documents.exchange('own', document);
        await stands();
      },

      /** The one that is put away comes back as it was, and this one goes in its place. */
      async change(): Promise<void> {
        const other = store.front() === 'demo' ? 'own' : 'demo';
        const away = await store.repository.putAwayClass();
        const coming = away ?? (other === 'demo' ? await store.repository.demo() : EMPTY_DOCUMENT);
        await store.documents.exchange(other, coming);
        await stands();
      },
    };
  }),
  withHooks({
    onInit(store) {
      // Once the document is open: a fresh profile has its demo then.
      effect(() => {
        if (store.documents.ready()) void store.stands().catch(() => undefined);
      });
    },
  }),
);
