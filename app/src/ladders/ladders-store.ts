import { computed, inject } from '@angular/core';
import {
  chooseRung,
  gateStatus,
  gateWords,
  MUSCLE_WORDS,
  plainId,
  present,
  PROP_WORDS,
  REP_WORDS,
  type Condition,
  type Exercise,
  type Hold,
  type Ladder,
  type OwnExercise,
  type Participant,
  type Rung,
  midSentence,
} from '@dray/core';
import { LOOSENING, readMovement, type MovementPart, findableWords } from '@dray/core/late';
import { patchState, signalStore, withComputed, withMethods, withProps, withState } from '@ngrx/signals';
import { DocumentStore } from '../state/document-store';
import { ViewStore } from '../state/view-store';
import { ExerciseDraft } from './exercise-draft';
import { FLOOR, leverWords } from './ladder-words';
import { problemIn, wordsOf } from './own-library';
import { substitutesFor } from './substitutes';
import { withOwnExercises } from './with-own-exercises';
import { withOwnLadders } from './with-own-ladders';

/** What a coach leaves out of the list. */
export type Limit = 'noFloor' | 'noJumping' | 'quiet';

export interface LaddersState {
  readonly chosenId: string | undefined;
  readonly chosenRungId: string | undefined;
  readonly text: string;
  readonly only: readonly Limit[];
  /** For whom substitutes are looked for; everybody and everything when empty. */
  readonly personId: string;
  /** With which kit; the person's own when empty. */
  readonly kitId: string;
  /** Cautions to keep beside the person's own. */
  readonly conditions: readonly Condition[];
  readonly problem: string;
  /** The exercise being written is on screen, in the ladder's place. */
  readonly writing: boolean;
}

export interface LaddersProps {
  readonly documents: InstanceType<typeof DocumentStore>;
  readonly view: InstanceType<typeof ViewStore>;
}

/** The coach’s own, to be changed. */
interface Own {
  exercises: OwnExercise[];
  ladders: Ladder[];
}

/** Puts the coach’s own in place; false where something does not fit together, which is then said. */
export type Keep = (label: string, change: (own: Own) => void) => boolean;

const INITIAL: LaddersState = {
  chosenId: undefined,
  chosenRungId: undefined,
  text: '',
  only: [],
  personId: '',
  kitId: '',
  conditions: [],
  problem: '',
  writing: false,
};

export interface ClimbRung {
  readonly rung: Rung;
  readonly exercise: Exercise | undefined;
  /** What is held where it is never done without. */
  readonly hold: Hold | undefined;
  readonly levers: string;
  readonly standing: readonly string[];
  /** Whoever has made the gate and waits for the coach's word. */
  readonly atGate: readonly string[];
}

/** A rung said as such, or any rung of an exercise. */
function isMeant({ rungId, exercise }: MovementPart, rung: Rung): boolean {
  return rungId === undefined ? rung.exerciseId === plainId(exercise.id) : rung.id === rungId;
}

/** Ladders, who stands on them, and the coach's own. */
export const LaddersStore = signalStore(
  withState<LaddersState>(INITIAL),
  withProps(() => ({
    documents: inject(DocumentStore),
    view: inject(ViewStore),
    drafts: inject(ExerciseDraft),
  })),
  withComputed(({ documents, view, drafts, text, only, chosenId }) => {
    const fits = (exercise: Exercise) =>
      !(only().includes('noFloor') && FLOOR.includes(exercise.position)) &&
      !(only().includes('noJumping') && exercise.demands.includes('jump')) &&
      !(only().includes('quiet') && exercise.impact !== 'none');
    const list = computed(() => {
      const words = text().toLowerCase().split(/\s+/).filter(Boolean);
      const catalog = view.catalog();
      const { ladders, exercises } = catalog;
      // Said as a coach says it: "DB bench", "goblt squat".
      const readings = text().trim() === '' ? [] : readMovement(text(), catalog);
      const meant = readings.flatMap(({ parts, confidence }) => (confidence === 'sure' ? parts : []));
      const own = new Set(documents.document()?.ladders.map(({ id }) => id));
      return [...ladders.values()].flatMap((ladder) => {
        const found = ladder.rungs.filter((rung) => {
          const exercise = exercises.get(rung.exerciseId);
          if (!exercise || !fits(exercise)) return false;
          if (meant.some((part) => isMeant(part, rung))) return true;
          const findable = findableWords(exercise, ladder, rung);
          return words.every((word) => findable.includes(word));
        });
        return found.length > 0 ? [{ ladder, found: found.length, own: own.has(ladder.id) }] : [];
      });
    });
    return {
      list,
      draft: computed(() => drafts.exercise()),
      ownExercises: computed(() => documents.document()?.exercises ?? []),
      ladder: computed<Ladder | undefined>(
        () => view.catalog().ladders.get(chosenId() ?? '') ?? list()[0]?.ladder,
      ),
    };
  }),
  withComputed(({ documents, view, ladder, chosenRungId, personId, kitId, conditions }) => {
    const climb = computed<ClimbRung[]>(() => {
      const current = ladder();
      const document = documents.document();
      if (!current || !document) return [];
      const standing = (person: Participant) => chooseRung(person, current, view.catalog().ladders)?.rung.id;
      return current.rungs.map((rung) => {
        const here = present(document.participants).filter((person) => standing(person) === rung.id);
        const log = (id: string) => document.log.filter((entry) => entry.participantId === id);
        const exercise = view.catalog().exercises.get(rung.exerciseId);
        return {
          rung,
          exercise,
          hold: exercise?.loading?.required ? exercise.loading.holds[0] : undefined,
          levers: leverWords(rung.levers),
          standing: here.map(({ name }) => name),
          atGate: here.filter(({ id }) => gateStatus(rung, log(id)).open).map(({ name }) => name),
        };
      });
    });
    const rung = computed(
      () => ladder()?.rungs.find(({ id }) => id === chosenRungId()) ?? ladder()?.rungs[0],
    );
    const version = computed(() => view.catalog().versionByRung.get(rung()?.id ?? ''));
    const person = computed(() => documents.document()?.participants.find(({ id }) => id === personId()));
    return {
      climb,
      rung,
      version,
      person,
      own: computed(() => documents.document()?.ladders.some(({ id }) => id === ladder()?.id) ?? false),
      detail: computed(() => {
        const current = version();
        const at = rung();
        if (!current || !at) return undefined;
        const { exercise } = current;
        const { ladders, exercises } = view.catalog();
        const nameOf = (id: string) => midSentence(exercises.get(id)?.name ?? id);
        return {
          exercise,
          hold: exercise.loading?.required ? exercise.loading.holds[0] : undefined,
          ownExercise: documents.document()?.exercises.some(({ id }) => id === exercise.id) ?? false,
          words: wordsOf(exercise.id, documents.document()?.exercises ?? []),
          gate: gateWords(at.gate),
          seen: at.gate.seen ?? [],
          rep: exercise.rep ?? REP_WORDS[exercise.laterality],
          needs: current.needs.map((need) => need.map((prop) => PROP_WORDS[prop]).join(' or ')),
          loosen: {
            warmUp: LOOSENING[exercise.pattern].warmUp.map(nameOf),
            coolDown: LOOSENING[exercise.pattern].coolDown.map(nameOf),
          },
          muscles: exercise.muscles.map(({ muscle, share }) => ({ words: MUSCLE_WORDS[muscle], share })),
          waits: at.prerequisites.map(({ ladderId, rungId }) => {
            const other = ladders.get(ladderId);
            return `${other?.name ?? ladderId}: ${other?.rungs.find(({ id }) => id === rungId)?.name ?? rungId}`;
          }),
        };
      }),
      /** Who is through or how far, for the rung on screen. */
      progress: computed(() => {
        const at = rung();
        const document = documents.document();
        if (!at || !document) return [];
        return climb()
          .find((own) => own.rung.id === at.id)
          ?.standing.map((name) => {
            const id = document.participants.find((own) => own.name === name)?.id;
            const { open, missing } = gateStatus(
              at,
              document.log.filter((entry) => entry.participantId === id),
            );
            return {
              name,
              words: open ? $localize`through the gate` : $localize`still needs ${missing.join('; ')}`,
            };
          });
      }),
      substitutes: computed(() => {
        const current = version();
        const document = documents.document();
        if (!current || !document) return [];
        return substitutesFor(current, {
          catalog: view.catalog(),
          kits: present(document.kits),
          person: person(),
          kitId: kitId(),
          conditions: conditions(),
        });
      }),
    };
  }),
  withMethods((store) => ({
    /** Puts the coach's own ladders and exercises in place, unless something does not fit together. */
    _keep(label: string, change: (own: Own) => void): boolean {
      const document = store.documents.document();
      if (!document) return false;
      const own = { exercises: [...document.exercises], ladders: [...document.ladders] };
      change(own);
      const problem = problemIn(own);
      patchState(store, { problem: problem ?? '' });
      if (problem !== undefined) return false;
      store.documents.edit(label, (before) => ({ ...before, ...own }));
      return true;
    },
    show(ladderId: string): void {
      patchState(store, { chosenId: ladderId, chosenRungId: undefined, problem: '', writing: false });
    },
    showRung(rungId: string): void {
      patchState(store, { chosenRungId: rungId, problem: '' });
    },
    find(text: string): void {
      patchState(store, { text });
    },
    showOnly(only: readonly Limit[]): void {
      patchState(store, { only });
    },
    lookFor(personId: string): void {
      patchState(store, { personId });
    },
    lookWith(kitId: string): void {
      patchState(store, { kitId });
    },
    lookWithCautions(conditions: readonly Condition[]): void {
      patchState(store, { conditions });
    },
  })),
  withOwnLadders(),
  withOwnExercises(),
);
