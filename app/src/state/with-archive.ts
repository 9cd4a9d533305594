import { computed, inject, type Signal } from '@angular/core';
import { present, withoutSessionFrom, type DrayDocument } from '@dray/core';
import { signalStoreFeature, type, withComputed, withMethods, withProps } from '@ngrx/signals';
import { TODAY } from '../data/today';

/** What can be put by and brought back. */
export type Archivable = 'participants' | 'kits' | 'sessions' | 'programs';

interface Named {
  readonly id: string;
  readonly name: string;
  readonly archived?: true | undefined;
}

/**
 * People, kits, sessions and programs are put by: out of every list and off the board, nothing of them lost.
 *
 * The type nobody uses is what the library asks of a feature that rests on another, see `withRoving`.
 */
export function withArchive<_>() {
  return signalStoreFeature(
    {
      state: type<{ document: DrayDocument | undefined }>(),
      methods: type<{ edit(label: string, change: (document: DrayDocument) => DrayDocument): void }>(),
    },
    withProps(() => ({ _today: inject(TODAY) })),
    withComputed(({ document }) => {
      const archivedOf = (list: Archivable): Signal<readonly Named[]> =>
        computed(() => {
          const all: readonly Named[] = document()?.[list] ?? [];
          return all.filter(({ archived }) => archived);
        });
      const presentOf = <List extends Archivable>(list: List) =>
        computed<DrayDocument[List]>(() => present<Named>(document()?.[list] ?? []) as DrayDocument[List]);
      return {
        /** Those that are not put by. */
        people: presentOf('participants'),
        kits: presentOf('kits'),
        sessions: presentOf('sessions'),
        programs: presentOf('programs'),
        archivedPeople: archivedOf('participants'),
        archivedKits: archivedOf('kits'),
        archivedSessions: archivedOf('sessions'),
        archivedPrograms: archivedOf('programs'),
      };
    }),
    withMethods((store) => {
      const nameOf = (list: Archivable, id: string) => {
        const all: readonly Named[] = store.document()?.[list] ?? [];
        return all.find((one) => one.id === id)?.name ?? '';
      };
      return {
        /** Puts something by; a session comes on no day from today on. */
        archive(list: Archivable, id: string): void {
          store.edit($localize`archive ${nameOf(list, id)}`, (document) => ({
            ...document,
            [list]: document[list].map((one) => (one.id === id ? { ...one, archived: true } : one)),
            ...(list === 'sessions' && {
              programs: document.programs.map((program) => withoutSessionFrom(program, id, store._today())),
            }),
          }));
        },

        /** What was put by is there again. */
        bringBack(list: Archivable, id: string): void {
          store.edit($localize`bring back ${nameOf(list, id)}`, (document) => ({
            ...document,
            [list]: document[list].map((one) => {
              if (one.id !== id) return one;
              const { archived: _, ...here } = one;
              return here;
            }),
          }));
        },
      };
    }),
  );
}
