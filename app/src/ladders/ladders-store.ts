import { computed, inject } from '@angular/core';
import {
  applyCautions,
  cautionSubjects,
  chooseRung,
  gateStatus,
  gateWords,
  movementsOf,
  MUSCLE_WORDS,
  nameFrom,
  ownedFrom,
  plainId,
  present,
  PROP_WORDS,
  rankSubstitutes,
  REP_WORDS,
  type Condition,
  type Exercise,
  type Hold,
  type Ladder,
  type OwnExercise,
  type Participant,
  type Rung,
  type Version,
  midSentence,
} from '@dray/core';
import { LOOSENING, readMovement, readSurely, type MovementPart, findableWords } from '@dray/core/late';
import { patchState, signalStore, withComputed, withMethods, withProps, withState } from '@ngrx/signals';
import { DocumentStore } from '../state/document-store';
import { ViewStore } from '../state/view-store';
import { ExerciseDraft } from './exercise-draft';
import { FLOOR, leverWords } from './ladder-words';
import { problemIn, wordsOf } from './own-library';

/** What a coach leaves out of the list. */
export type Limit = 'noFloor' | 'noJumping' | 'quiet';

interface LaddersState {
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
        const somebody = person();
        const kits = present(document.kits).filter(({ id }) =>
          kitId() === '' ? somebody?.kitIds.includes(id) : id === kitId(),
        );
        const limited = somebody !== undefined || kitId() !== '';
        const owned = ownedFrom(kits, somebody);
        const subjects = [...new Set([...(somebody ? cautionSubjects(somebody) : []), ...conditions()])];
        const holds = (candidate: Version) =>
          !limited ||
          (candidate.exercise.loading?.holds ?? []).some(
            (hold) => owned.loads(hold, candidate.exercise.loading?.band).length > 0,
          );
        const ranked = rankSubstitutes(current, {
          catalog: view.catalog(),
          tier: 'advanced',
          allowed: (candidate) => {
            const verdict = applyCautions(candidate, subjects, view.catalog());
            if (verdict.kind === 'blocked') return undefined;
            if (limited && owned.missing(verdict.version.needs).length > 0) return undefined;
            return candidate.exercise.loading?.required && !holds(candidate) ? undefined : verdict.version;
          },
          loadFit: (candidate) => (candidate.exercise.loading && holds(candidate) ? 1 : 0.4),
        });
        // A rung and its copy on the coach's own ladder are one thing to do.
        const seen = new Set([`${current.exercise.id} ${current.name}`]);
        return ranked
          .filter(({ version: { exercise, name } }) => {
            const key = `${exercise.id} ${name}`;
            return !seen.has(key) && seen.add(key);
          })
          .slice(0, 8);
      }),
    };
  }),
  withMethods((store) => ({
    /** Puts the coach's own ladders and exercises in place, unless something does not fit together. */
    _keep(label: string, change: (own: { exercises: OwnExercise[]; ladders: Ladder[] }) => void): boolean {
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
  // Ladders of the coach's own.
  withMethods((store) => ({
    /** A ladder of ours becomes one of the coach's, free to be changed; ours stays. */
    copy(): void {
      const ladder = store.ladder();
      if (!ladder) return;
      const id = crypto.randomUUID();
      const rungs = ladder.rungs.map((rung) => ({ ...rung, id: crypto.randomUUID() }));
      const taken = [...store.view.catalog().ladders.values()].map(({ name }) => name);
      const copied = { ...ladder, id, name: nameFrom(ladder.name, ourWay, taken), rungs };
      if (store._keep($localize`copy ${ladder.name}`, ({ ladders }) => ladders.push(copied))) {
        patchState(store, { chosenId: id, chosenRungId: undefined });
      }
    },

    changeLadder(label: string, part: Partial<Ladder>): void {
      const ladder = store.ladder();
      if (ladder) store._keep(label, ({ ladders }) => replace(ladders, { ...ladder, ...part }));
    },

    changeRung(rungId: string, part: Partial<Rung>): void {
      const ladder = store.ladder();
      if (!ladder) return;
      const rungs = ladder.rungs.map((rung) => (rung.id === rungId ? { ...rung, ...part } : rung));
      store._keep($localize`change a rung`, ({ ladders }) => replace(ladders, { ...ladder, rungs }));
    },

    moveRung(rungId: string, by: 1 | -1): void {
      const ladder = store.ladder();
      const at = ladder?.rungs.findIndex(({ id }) => id === rungId) ?? -1;
      const rung = ladder?.rungs[at];
      if (!ladder || !rung || at + by < 0 || at + by >= ladder.rungs.length) return;
      const rungs = ladder.rungs.filter(({ id }) => id !== rungId);
      rungs.splice(at + by, 0, rung);
      store._keep($localize`move a rung`, ({ ladders }) => replace(ladders, { ...ladder, rungs }));
      // The rung that is moved stays the one in hand, also where it was only the first.
      patchState(store, { chosenRungId: rungId });
    },

    removeRung(rungId: string): void {
      const ladder = store.ladder();
      if (!ladder) return;
      const rungs = ladder.rungs.filter(({ id }) => id !== rungId);
      store._keep($localize`delete a rung`, ({ ladders }) => replace(ladders, { ...ladder, rungs }));
      patchState(store, { chosenRungId: undefined });
    },

    addRung(exerciseId: string): void {
      const ladder = store.ladder();
      const exercise = store.view.catalog().exercises.get(exerciseId);
      const last = ladder?.rungs.at(-1);
      if (!ladder || !exercise) return;
      const rung: Rung = {
        id: crypto.randomUUID(),
        exerciseId,
        name: midSentence(exercise.name),
        tier: last?.tier ?? 'beginner',
        levers: {},
        needs: [],
        spares: [],
        gate: { sets: 3, reps: 10, reserve: 2, visits: 2 },
        prerequisites: [],
      };
      if (
        store._keep($localize`add a rung`, ({ ladders }) =>
          replace(ladders, { ...ladder, rungs: [...ladder.rungs, rung] }),
        )
      ) {
        patchState(store, { chosenRungId: rung.id });
      }
    },

    removeLadder(): void {
      const id = store.ladder()?.id;
      const used = store.documents
        .document()
        ?.sessions.some(({ blocks }) =>
          blocks.some(({ slots }) =>
            slots.some(({ source }) =>
              movementsOf(source).some((part) => part.kind === 'ladder' && part.ladderId === id),
            ),
          ),
        );
      if (used) {
        patchState(store, { problem: $localize`A session uses this ladder: take it out of the plan first.` });
        return;
      }
      if (
        store._keep(
          $localize`delete a ladder`,
          (own) => (own.ladders = own.ladders.filter((ladder) => ladder.id !== id)),
        )
      ) {
        patchState(store, { chosenId: undefined, chosenRungId: undefined });
      }
    },
  })),
  // Exercises of the coach's own.
  withMethods((store) => ({
    /** From nothing, or on with what was begun. */
    newExercise(): void {
      if (!store.draft()) store.drafts.start();
      patchState(store, { problem: '', writing: true });
    },

    /** One that a session names and nobody knows: begun with what the words come nearest to, so that it asks no less of a body. */
    writeNamed(name: string): void {
      const catalog = store.view.catalog();
      const [likely] = readMovement(name, catalog)[0]?.parts ?? [];
      // "Tide table squat": the word that names a movement stands last.
      const spoken = name.split(/\s+/u).reverse();
      const near = likely ?? spoken.map((word) => readSurely(word, catalog)?.parts[0]).find(Boolean);
      const words = near && wordsOf(near.exercise.id, store.documents.document()?.exercises ?? []);
      const named = name.charAt(0).toUpperCase() + name.slice(1);
      if (near && words) {
        const { alsoCalled: _, ...facts } = near.exercise;
        store.drafts.start({ exercise: { ...facts, id: crypto.randomUUID(), name: named }, words });
      } else {
        store.drafts.start();
        store.drafts.change({ name: named });
      }
      patchState(store, { problem: '', writing: true });
    },

    /** An exercise of the coach's own, to be changed. */
    openExercise(id: string): void {
      const exercise = store.ownExercises().find((own) => own.id === id);
      if (exercise) store.drafts.start({ exercise, words: exercise.words });
      patchState(store, { problem: '', writing: true });
    },

    /** The rung's exercise, written anew by the coach, in its place on the coach's ladder. */
    writeExercise(): void {
      const exercise = store.detail()?.exercise;
      const words = store.detail()?.words;
      const ladder = store.ladder();
      const rung = store.rung();
      if (!exercise || !words || !ladder || !rung) return;
      const taken = [...store.view.catalog().exercises.values()].map(({ name }) => name);
      const own = { ...exercise, id: crypto.randomUUID(), name: nameFrom(exercise.name, ourWay, taken) };
      const done = store._keep($localize`write an exercise`, ({ exercises, ladders }) => {
        exercises.push({ ...own, words });
        const rungs = ladder.rungs.map((other) =>
          other.id === rung.id ? { ...other, exerciseId: own.id } : other,
        );
        replace(ladders, { ...ladder, rungs });
      });
      if (!done) return;
      store.drafts.start({ exercise: own, words });
      patchState(store, { writing: true });
    },

    /** Puts the exercise being written in place; what does not fit is said, and nothing is lost. */
    keepExercise(exercise: OwnExercise): void {
      const stands = store.ownExercises().some(({ id }) => id === exercise.id);
      const done = store._keep(`${stands ? 'change' : 'write'} ${exercise.name}`, ({ exercises }) =>
        stands ? replace(exercises, exercise) : exercises.push(exercise),
      );
      if (done) store.drafts.drop();
    },

    removeExercise(id: string): void {
      const used = store.documents
        .document()
        ?.sessions.some(({ blocks }) =>
          blocks.some(({ slots }) =>
            slots.some(({ source }) =>
              movementsOf(source).some((part) => part.kind === 'exercise' && part.exerciseId === id),
            ),
          ),
        );
      if (used) {
        patchState(store, {
          problem: $localize`A session uses this exercise: take it out of the plan first.`,
        });
        return;
      }
      const done = store._keep($localize`delete an exercise`, (own) => {
        own.exercises = own.exercises.filter((exercise) => exercise.id !== id);
      });
      if (done) store.drafts.drop();
    },
  })),
);

function replace<Thing extends { readonly id: string }>(list: Thing[], thing: Thing): void {
  const at = list.findIndex(({ id }) => id === thing.id);
  if (at >= 0) list[at] = thing;
}

/** What a coach makes of something of ours. */
function ourWay(name: string): string {
  return $localize`${name}, our way`;
}
