import { computed, inject, resource } from '@angular/core';
import {
  attainableLoads,
  HOLD_WORDS,
  holdSchema,
  kitTargets,
  LIBRARY_EXERCISES,
  nameFrom,
  type AttainableLoad,
  type BandPath,
  type Hold,
  type Implement,
  type Kit,
  type KitTarget,
  type Participant,
  midSentence,
} from '@dray/core';
import { HOUSEHOLD, implementRemarks, implementWords, USUAL_ROOM } from '@dray/core/late';
import { patchState, signalStore, withComputed, withMethods, withProps, withState } from '@ngrx/signals';
import { DocumentStore } from '../state/document-store';
import { ViewStore } from '../state/view-store';
import { counted } from '../ui/count';
import { BEST_ADDITION } from '../workers/best-addition';

interface KitState {
  readonly chosenId: string | undefined;
  readonly chosenHold: Hold | undefined;
  /** The thing whose fields are open. */
  readonly openId: string | undefined;
}

const INITIAL: KitState = {
  chosenId: undefined,
  chosenHold: undefined,
  openId: undefined,
};

/** A kit in the list, with who uses it. */
export interface KitEntry {
  readonly kit: Kit;
  readonly users: readonly Participant[];
  /** "Odile", "place · 3 people", "nobody yet". */
  readonly words: string;
}

const HOLDS: readonly Hold[] = holdSchema.options.filter((hold) => hold !== 'none');

/** Where a band runs when no cell of the session says so: the first exercise that is done with one. */
const USUAL_BAND = LIBRARY_EXERCISES.find(({ loading }) => loading?.band);

/** Kits, the things in them, and what they can make. */
export const KitStore = signalStore(
  withState<KitState>(INITIAL),
  withProps(() => ({
    documents: inject(DocumentStore),
    view: inject(ViewStore),
    ask: inject(BEST_ADDITION),
  })),
  withComputed(({ documents, chosenId }) => {
    const entries = computed<KitEntry[]>(() => {
      return documents.kits().map((kit) => {
        const users = documents.people().filter(({ kitIds }) => kitIds.includes(kit.id));
        return { kit, users, words: userWords(users) };
      });
    });
    return {
      entries,
      entry: computed(() => entries().find(({ kit }) => kit.id === chosenId()) ?? entries()[0]),
      everybody: documents.people,
    };
  }),
  withComputed(({ entry }) => ({
    userIds: computed(() => entry()?.users.map(({ id }) => id) ?? []),
  })),
  withComputed(({ entry, view, chosenHold }) => {
    const targets = computed<KitTarget[]>(() => {
      const board = view.firstWeek();
      const current = entry();
      return board && current ? kitTargets(board, current.kit.id) : [];
    });
    /** Body and band path only matter for some holds; the first user stands for all. */
    const loadsFor = (kit: Kit, hold: Hold, user: Participant | undefined): AttainableLoad[] =>
      attainableLoads(kit, hold, user, hold === 'band' ? bandPath(targets()) : undefined);
    const holds = computed(() => {
      const current = entry();
      if (!current) return [];
      return HOLDS.map((hold) => ({
        hold,
        name: HOLD_WORDS[hold],
        loads: loadsFor(current.kit, hold, current.users[0]),
        wanted: targets().filter((target) => target.hold === hold).length,
      })).filter(({ loads, wanted }) => loads.length > 0 || wanted > 0);
    });
    const hold = computed(() => {
      const offered = holds();
      const most = [...offered].sort((a, b) => b.wanted - a.wanted)[0];
      return offered.find((one) => one.hold === chosenHold()) ?? most;
    });
    return {
      targets,
      holds,
      hold,
      holdTargets: computed(() => targets().filter((target) => target.hold === hold()?.hold)),
      things: computed(() => {
        const current = entry();
        const things = (current?.kit.implements ?? []).map((implement) => ({
          implement,
          words: implementWords(implement, current?.kit.unit ?? 'kg'),
          remarks: implementRemarks(implement, current?.kit.unit ?? 'kg'),
        }));
        // What is lifted first, what is only leant on after it.
        const leantOn = ({ implement }: (typeof things)[number]) => implement.kind === 'prop';
        return [...things.filter((thing) => !leantOn(thing)), ...things.filter(leantOn)];
      }),
      summary: computed(() => {
        const count = entry()?.kit.implements.filter(({ kind }) => kind !== 'prop').length ?? 0;
        return $localize`${counted(count, $localize`thing`, $localize`things`)} to lift · ${entry()?.words ?? ''}`;
      }),
    };
  }),
  withMethods((store) => {
    function editKit(label: string, change: (kit: Kit) => Kit): void {
      const id = store.entry()?.kit.id;
      store.documents.edit(label, (document) => ({
        ...document,
        kits: document.kits.map((kit) => (kit.id === id ? change(kit) : kit)),
      }));
    }
    const names = () => store.documents.kits().map(({ name }) => name);
    return {
      show(kitId: string): void {
        patchState(store, { chosenId: kitId, chosenHold: undefined, openId: undefined });
      },

      showHold(hold: Hold): void {
        patchState(store, { chosenHold: hold });
      },

      open(implementId: string | undefined): void {
        patchState(store, { openId: implementId });
      },

      /** Counts something in: a household thing, or the plainest one of its kind, to be changed at once. */
      add(implement: Implement): void {
        const added = { ...implement, id: crypto.randomUUID() };
        editKit($localize`add ${midSentence(implementWords(added, 'kg').name)}`, (kit) => ({
          ...kit,
          implements: [...kit.implements, added],
        }));
        patchState(store, { openId: added.id });
      },

      /** What a usual room has to sit and lean on, as far as it is not there yet: one act for all of it. */
      addUsualRoom(): void {
        editKit($localize`the usual room`, (kit) => {
          const there = new Set(kit.implements.map((thing) => thing.kind === 'prop' && thing.prop));
          const fresh = USUAL_ROOM.filter((thing) => thing.kind !== 'prop' || !there.has(thing.prop));
          const { withoutWall: _, ...walled } = kit;
          const added = fresh.map((thing) => ({ ...thing, id: crypto.randomUUID() }));
          return { ...walled, implements: [...kit.implements, ...added] };
        });
      },

      /** Where it is used one can stand at a wall, or not, as on a beach. */
      standsAtWall(there: boolean): void {
        editKit(there ? $localize`a wall` : $localize`no wall`, ({ withoutWall: _, ...kit }) => ({
          ...kit,
          ...(!there && { withoutWall: true as const }),
        }));
      },

      put(implement: Implement): void {
        editKit($localize`change ${midSentence(implementWords(implement, 'kg').name)}`, (kit) => ({
          ...kit,
          implements: kit.implements.map((old) => (old.id === implement.id ? implement : old)),
        }));
      },

      remove(implement: Implement): void {
        editKit($localize`delete ${midSentence(implementWords(implement, 'kg').name)}`, (kit) => ({
          ...kit,
          implements: kit.implements.filter(({ id }) => id !== implement.id),
        }));
        patchState(store, { openId: undefined });
      },

      rename(name: string): void {
        editKit($localize`rename the kit`, (kit) => ({ ...kit, name }));
      },

      stampIn(unit: Kit['unit']): void {
        editKit($localize`kit in ${unit}`, (kit) => ({ ...kit, unit }));
      },

      create(): void {
        const id = crypto.randomUUID();
        const unit = store.documents.document()?.settings.unit ?? 'kg';
        store.documents.edit($localize`new kit`, (document) => ({
          ...document,
          kits: [
            ...document.kits,
            { id, name: nameFrom($localize`New kit`, (own) => own, names()), unit, implements: [] },
          ],
        }));
        patchState(store, { ...INITIAL, chosenId: id });
      },

      /** The same things once more, in a kit of its own that nobody uses yet. */
      duplicate(): void {
        const kit = store.entry()?.kit;
        if (!kit) return;
        const id = crypto.randomUUID();
        const implementsAgain = kit.implements.map((thing) => ({ ...thing, id: crypto.randomUUID() }));
        const copy = {
          ...kit,
          id,
          name: nameFrom(kit.name, (name) => $localize`${name}, copy`, names()),
          implements: implementsAgain,
        };
        store.documents.edit($localize`duplicate ${kit.name}`, (document) => ({
          ...document,
          kits: [...document.kits, copy],
        }));
        patchState(store, { ...INITIAL, chosenId: id });
      },

      /** The kit goes, and everybody's mention of it. */
      drop(): void {
        const kitId = store.entry()?.kit.id;
        store.documents.edit($localize`delete the kit`, (document) => ({
          ...document,
          kits: document.kits.filter(({ id }) => id !== kitId),
          participants: document.participants.map((person) =>
            person.kitIds.includes(kitId ?? '')
              ? { ...person, kitIds: person.kitIds.filter((id) => id !== kitId) }
              : person,
          ),
        }));
        patchState(store, INITIAL);
      },

      /** Who uses the kit on screen: these and nobody else. */
      setUsers(participantIds: readonly string[]): void {
        const kitId = store.entry()?.kit.id;
        if (kitId === undefined) return;
        store.documents.edit($localize`who uses the kit`, (document) => ({
          ...document,
          participants: document.participants.map((person) => {
            const uses = participantIds.includes(person.id);
            if (uses === person.kitIds.includes(kitId)) return person;
            const others = person.kitIds.filter((id) => id !== kitId);
            return { ...person, kitIds: uses ? [...others, kitId] : others };
          }),
        }));
      },
    };
  }),
  // What would help is asked anew whenever the kit or what is wanted of it changes.
  withProps((store) => ({
    asked: resource({
      params: () => {
        const kit = store.entry()?.kit;
        return kit && { kit, targets: store.targets() };
      },
      loader: ({ params, abortSignal }) => store.ask(params.kit, params.targets, abortSignal),
    }),
  })),
  withComputed(({ asked }) => ({
    addition: computed(() => (asked.hasValue() ? asked.value() : undefined)),
    additionFailed: computed(() => asked.error() !== undefined),
  })),
);

/** A household thing by its name, for the list of what can be counted in. */
export const HOUSEHOLD_CHOICES = HOUSEHOLD;

function bandPath(targets: readonly KitTarget[]): BandPath | undefined {
  return targets.find(({ path }) => path)?.path ?? USUAL_BAND?.loading?.band;
}

function userWords(users: readonly Participant[]): string {
  if (users.length === 0) return $localize`nobody yet`;
  if (users.length === 1) return users[0]?.name ?? '';
  return $localize`place · ${counted(users.length, $localize`person`, $localize`people`)}`;
}
