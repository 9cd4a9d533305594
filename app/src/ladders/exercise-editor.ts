import {
  ChangeDetectionStrategy,
  Component,
  computed,
  inject,
  linkedSignal,
  output,
  signal,
  untracked,
} from '@angular/core';
import {
  applyCautions,
  cautionSubjects,
  DEMAND_WORDS,
  demandSchema,
  HOLD_WORDS,
  holdSchema,
  LEVERS,
  leverKindSchema,
  liftSchema,
  MUSCLE_WORDS,
  muscleSchema,
  ownedFrom,
  PATTERN_WORDS,
  patternSchema,
  kitsOf,
  present,
  PROP_WORDS,
  propSchema,
  REP_WORDS,
  TIERS,
  versionOfExercise,
  type BandPath,
  type Demand,
  type Hold,
  type LeverKind,
  type Loading,
  type Muscle,
  type OwnExercise,
  type Prop,
  type Tier,
} from '@dray/core';
import { MatButton } from '@angular/material/button';
import { MatCheckbox } from '@angular/material/checkbox';
import { MatChipsModule } from '@angular/material/chips';
import { MatSlideToggle } from '@angular/material/slide-toggle';
import { MatSliderModule } from '@angular/material/slider';
import { checkExercise } from '@dray/core/late';
import { ViewStore } from '../state/view-store';
import { DocumentStore } from '../state/document-store';
import { ChoiceField, type Option } from '../ui/forms/choice-field';
import { NumberField } from '../ui/forms/number-field';
import { TextField } from '../ui/forms/text-field';
import { FigureBook } from '../ui/figure/figure-book';
import { FigureView } from '../ui/figure/figure';
import { Problems } from '../ui/problems';
import { ExerciseDraft } from './exercise-draft';
import { FigureEditor } from './figure-editor';
import { IMPACT_WORDS, LIFT_WORDS, otherNames, POSITION_WORDS, SIDES_WORDS } from './ladder-words';

const MOST_POINTS = 4;
type When = 'no' | 'loaded' | 'always';

const worded = <Value extends string>(words: Readonly<Record<Value, string>>): Option<Value>[] =>
  (Object.entries(words) as [Value, string][]).map(([value, own]) => ({ value, words: own }));
const props = (none: string): Option<Prop | undefined>[] => [
  { value: undefined, words: none },
  ...propSchema.options.map((value) => ({ value, words: PROP_WORDS[value] })),
];

const OPTIONS = {
  patterns: patternSchema.options.map((value) => ({ value, words: PATTERN_WORDS[value] })),
  positions: worded(POSITION_WORDS),
  sides: worded(SIDES_WORDS),
  impacts: worded(IMPACT_WORDS),
  lifts: liftSchema.options.map((value) => ({ value, words: LIFT_WORDS[value] })),
  tiers: [
    { value: undefined, words: $localize`everybody` },
    ...TIERS.map((value) => ({ value, words: $localize`${value} and up` })),
  ] as Option<Tier | undefined>[],
  props: props($localize`needs nothing more`),
  orProps: props($localize`or …`),
  demands: [
    { value: 'no', words: $localize`no` },
    { value: 'loaded', words: $localize`when loaded` },
    { value: 'always', words: $localize`yes` },
  ] as Option<When>[],
};
const NO_BAND: BandPath = { fixedBy: $localize`both feet`, startOfStature: 0.3, endOfStature: 0.8 };

/** Everything there is to say of an exercise, checked as it is written, with what it means for the class beside it. */
@Component({
  selector: 'dray-exercise-editor',
  imports: [
    ChoiceField,
    FigureEditor,
    FigureView,
    MatButton,
    MatCheckbox,
    MatChipsModule,
    MatSlideToggle,
    MatSliderModule,
    NumberField,
    Problems,
    TextField,
  ],
  templateUrl: './exercise-editor.html',
  styleUrl: './exercise-editor.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ExerciseEditor {
  private readonly draft = inject(ExerciseDraft);
  private readonly documents = inject(DocumentStore);
  private readonly view = inject(ViewStore);

  readonly kept = output<OwnExercise>();
  readonly removed = output<string>();

  protected readonly exercise = this.draft.exercise;
  private readonly book = inject(FigureBook);
  /** Drawn as itself, and not as the nearest of the library. */
  protected readonly hasFigure = computed(() => {
    const exercise = this.exercise();
    return exercise !== undefined && (this.book.figures()?.hasFigure(exercise) ?? true);
  });
  /** The figure is being changed by hand. */
  protected readonly drawing = signal(false);
  protected readonly stands = computed(
    () => this.documents.document()?.exercises.some(({ id }) => id === this.exercise()?.id) ?? false,
  );
  protected readonly problems = computed(() => {
    const exercise = this.exercise();
    return exercise ? checkExercise(exercise, this.view.catalog()) : [];
  });
  protected readonly sound = computed(() => !this.problems().some(({ stops }) => stops));

  private readonly exerciseId = computed(() => this.exercise()?.id);
  /** The watch points as rows: what is being typed may for a moment be nothing, or what another row says. */
  protected readonly watch = linkedSignal<string | undefined, [see: string, mend: string][]>({
    source: this.exerciseId,
    computation: () => {
      const rows = Object.entries(untracked(this.exercise)?.words.watch ?? {});
      while (rows.length < 2) rows.push(['', '']);
      return rows;
    },
  });

  /** Who of the class could do it as it stands. */
  protected readonly people = computed(() => {
    const exercise = this.exercise();
    const document = this.documents.document();
    if (!exercise || !document || !this.sound()) return [];
    const version = versionOfExercise(exercise);
    return present(document.participants).map((person) => {
      const verdict = applyCautions(version, cautionSubjects(person), this.view.catalog());
      if (verdict.kind === 'blocked') return { name: person.name, no: true, words: verdict.rule.words };
      const owned = ownedFrom(kitsOf(document, person), person);
      const missing = owned.missing(verdict.version.needs);
      if (missing.length > 0) {
        return {
          name: person.name,
          no: true,
          words: $localize`has not got ${missing.map((need) => need.map((prop) => PROP_WORDS[prop]).join(' or ')).join(', ')}`,
        };
      }
      const { loading } = exercise;
      const loads = (loading?.holds ?? []).some((hold) => owned.loads(hold, loading?.band).length > 0);
      if (loading?.required && (!loads || verdict.bodyWeightOnly)) {
        return { name: person.name, no: true, words: $localize`has nothing to hold that way` };
      }
      const [rule] = verdict.rules;
      return {
        name: person.name,
        no: false,
        words: rule ? rule.words : loads ? $localize`as it is, loaded` : $localize`as it is`,
      };
    });
  });

  protected readonly options = OPTIONS;
  protected readonly repWords = REP_WORDS;
  protected readonly muscles = muscleSchema.options;
  protected readonly muscleWords = MUSCLE_WORDS;
  protected readonly demands = demandSchema.options;
  protected readonly demandWords = DEMAND_WORDS;
  protected readonly holds = holdSchema.options.filter((hold) => hold !== 'none' && hold !== 'hands');
  protected readonly holdWords = HOLD_WORDS;
  protected readonly levers = leverKindSchema.options;
  protected readonly leverFacts = LEVERS;
  protected readonly otherNames = otherNames;
  protected readonly percent = (share: number) => Math.round(share * 100);

  protected set(part: Parameters<ExerciseDraft['change']>[0]): void {
    this.draft.change(part);
  }

  protected problemsOf(...fields: readonly string[]) {
    return this.problems().filter(({ field }) => fields.includes(field));
  }

  protected shareOf(exercise: OwnExercise, muscle: Muscle): number {
    return exercise.muscles.find((own) => own.muscle === muscle)?.share ?? 0;
  }

  protected setShare(exercise: OwnExercise, muscle: Muscle, share: number): void {
    const others = exercise.muscles.filter((own) => own.muscle !== muscle);
    const muscles = share > 0 ? [...others, { muscle, share }] : others;
    this.set({ muscles: muscles.sort((a, b) => b.share - a.share) });
  }

  protected demandOf(exercise: OwnExercise, demand: Demand): When {
    if (exercise.demands.includes(demand)) return 'always';
    return exercise.demandsLoaded.includes(demand) ? 'loaded' : 'no';
  }

  protected setDemand(exercise: OwnExercise, demand: Demand, when: When): void {
    const without = (list: readonly Demand[]) => list.filter((own) => own !== demand);
    this.set({
      demands: [...without(exercise.demands), ...(when === 'always' ? [demand] : [])],
      demandsLoaded: [...without(exercise.demandsLoaded), ...(when === 'loaded' ? [demand] : [])],
    });
  }

  /** A thing that must be there: `at` the need, `or` the place in it; an empty choice takes it out. */
  protected setNeed(exercise: OwnExercise, at: number, or: number, prop: Prop | undefined): void {
    const needs: Prop[][] = exercise.needs.map((need) => [...need]);
    const need = (needs[at] ??= []);
    if (prop) need[or] = prop;
    else need.splice(or, 1);
    this.set({ needs: needs.map((own) => [...new Set(own)]).filter((own) => own.length > 0) });
  }

  protected setLoading(loading: Loading | undefined): void {
    this.set({ loading, ...(!loading && { demandsLoaded: [] }) });
  }

  protected changeLoading(loading: Loading, part: Partial<Loading>): void {
    this.setLoading({ ...loading, ...part });
  }

  protected setBreathing(exercise: OwnExercise, breathing: string): void {
    this.set({ words: { ...exercise.words, breathing } });
  }

  protected startLoading(on: boolean): void {
    this.setLoading(on ? { holds: ['bothHands'], lift: 'squat', ratio: 0.5, required: false } : undefined);
  }

  /** Holds stay in the order they were chosen: the best first. */
  protected setHolds(loading: Loading, chosen: readonly Hold[]): void {
    const stayed = loading.holds.filter((hold) => chosen.includes(hold));
    const holds = [...stayed, ...chosen.filter((hold) => !stayed.includes(hold))];
    const { band, ...rest } = loading;
    this.setLoading({ ...rest, holds, ...(holds.includes('band') && { band: band ?? NO_BAND }) });
  }

  protected setBand(loading: Loading, band: BandPath, part: Partial<BandPath>): void {
    this.setLoading({ ...loading, band: { ...band, ...part } });
  }

  /** The needs with a place for one more, each with a place for what may stand in for it. */
  protected needRows(exercise: OwnExercise): (Prop | undefined)[][] {
    return [...exercise.needs.map((need) => [...need, undefined]), [undefined]];
  }

  protected rangeOf(exercise: OwnExercise, lever: LeverKind) {
    return exercise.levers.find((own) => own.lever === lever);
  }

  protected setRange(exercise: OwnExercise, lever: LeverKind, range?: { from: number; to: number }): void {
    const others = exercise.levers.filter((own) => own.lever !== lever);
    this.set({ levers: range ? [...others, { lever, ...range }] : others });
  }

  /** The cues with a place for one more. */
  protected cueRows({ words: { cues } }: OwnExercise): readonly string[] {
    return cues.length < MOST_POINTS ? [...cues, ''] : cues;
  }

  protected setCue(exercise: OwnExercise, at: number, text: string): void {
    const cues = [...exercise.words.cues];
    cues[at] = text;
    const filled = cues.filter((cue, index) => cue.trim() !== '' || index < 2);
    this.set({ words: { ...exercise.words, cues: filled } });
  }

  protected setWatch(exercise: OwnExercise, at: number, part: { see?: string; mend?: string }): void {
    const rows = this.watch().map(([see, mend], index): [string, string] =>
      index === at ? [part.see ?? see, part.mend ?? mend] : [see, mend],
    );
    this.watch.set(rows);
    const filled = rows.filter(([see]) => see.trim() !== '');
    this.set({ words: { ...exercise.words, watch: Object.fromEntries(filled) } });
  }

  protected moreWatch(): void {
    this.watch.update((rows) => (rows.length < MOST_POINTS ? [...rows, ['', '']] : rows));
  }

  protected readonly mostPoints = MOST_POINTS;

  protected keep(exercise: OwnExercise): void {
    if (this.sound()) this.kept.emit(exercise);
  }

  protected leave(): void {
    this.draft.drop();
  }
}
