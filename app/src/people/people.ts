import {
  ChangeDetectionStrategy,
  Component,
  computed,
  DOCUMENT,
  effect,
  inject,
  input,
  signal,
} from '@angular/core';
import { Router, RouterLink } from '@angular/router';
import {
  CONDITION_WORDS,
  experienceSchema,
  formatLoad,
  formatMass,
  knownSetSchema,
  participantSchema,
  readMass,
  SURE_SD,
  tierFor,
  type Experience,
  type KnownSet,
  type Participant,
} from '@dray/core';
import { rosterFromCsv, rosterToCsv, type RosterRead } from '@dray/core/late';
import { ChartCanvas } from '../ui/chart-canvas';
import { TierGlyph } from '../ui/tier-glyph';
import { download } from '../ui/download';
import { PeopleStore } from './people-store';
import { Profile } from './profile';
import { strengthChart } from '../ui/strength-chart';

const EXPERIENCE_WORDS: Record<Experience, string> = {
  new: 'never lifted',
  some: 'on and off',
  months: 'for months',
  years: 'for years',
};

interface SetText {
  readonly exerciseId: string;
  readonly rungId: string;
  readonly load: string;
  readonly reps: string;
  readonly left: string;
  readonly date: string;
}

/** People, and how strong they are: what is known, how surely, and from which sets. */
@Component({
  selector: 'dray-people',
  imports: [ChartCanvas, Profile, RouterLink, TierGlyph],
  providers: [PeopleStore],
  templateUrl: './people.html',
  styleUrl: './people.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PeopleScreen {
  /** From the route. */
  readonly participant = input<string>();

  protected readonly people = inject(PeopleStore);
  protected readonly unit = computed(() => this.people.person()?.unit ?? 'kg');
  protected readonly experiences = experienceSchema.options.map((value) => ({
    value,
    words: EXPERIENCE_WORDS[value],
  }));
  protected readonly problems = signal<Readonly<Record<string, string>>>({});
  protected readonly setProblem = signal('');
  protected readonly tab = signal<'strength' | 'profile'>('strength');
  /** A roster that was read and waits for the coach's word. */
  protected readonly roster = signal<RosterRead | undefined>(undefined);
  private readonly page = inject(DOCUMENT);
  private readonly router = inject(Router);
  protected readonly draft = signal<SetText>({
    exerciseId: '',
    rungId: '',
    load: '',
    reps: '',
    left: '',
    date: this.people.today,
  });

  constructor() {
    effect(() => this.people.show(this.participant()));
  }

  protected create(): void {
    this.tab.set('profile');
    void this.router.navigate(['/people', this.people.create()]);
  }

  protected exportRoster(): void {
    download(this.page, 'roster.csv', rosterToCsv(this.people.people()), 'text/csv');
  }

  protected async readRoster(input: HTMLInputElement): Promise<void> {
    const file = input.files?.[0];
    input.value = '';
    if (file) this.roster.set(rosterFromCsv(await file.text(), () => crypto.randomUUID()));
  }

  protected takeRoster(): void {
    this.people.join(this.roster()?.people ?? []);
    this.roster.set(undefined);
  }

  protected readonly conditions = computed(() =>
    (this.people.person()?.cautions ?? []).map(({ condition }) => CONDITION_WORDS[condition]).join(', '),
  );

  protected readonly facts = computed(() => {
    const person = this.people.person();
    if (!person) return [];
    return [
      {
        field: 'bodyMassKg',
        label: 'body mass',
        unit: this.unit(),
        value: formatMass(person.bodyMassKg, this.unit()),
      },
      { field: 'heightCm', label: 'height', unit: 'cm', value: String(person.heightCm ?? '') },
      { field: 'birthYear', label: 'born', unit: '', value: String(person.birthYear ?? '') },
    ] as const;
  });

  protected readonly tier = computed(() => {
    const [person, exercise] = [this.people.person(), this.people.exercise()];
    return person && exercise ? tierFor(person, exercise.pattern) : undefined;
  });

  protected readonly chart = computed(() => {
    const running = this.people.running();
    return running && strengthChart(running, this.unit());
  });

  /** The estimate in words: how much, how surely, which way, and what is made of it. */
  protected readonly summary = computed(() => {
    const running = this.people.running();
    if (!running) return undefined;
    const { standardError, own, carried, trend, wild, unreadable } = running;
    const unit = this.unit();
    const percent = Math.round(standardError * 100);
    const count = (n: number, words: string) => `${n} ${n === 1 ? 'set' : 'sets'} ${words}`;
    const rests =
      own + carried === 0
        ? 'a guess from body mass and experience'
        : [own > 0 ? count(own, 'of it') : '', carried > 0 ? count(carried, 'of related exercises') : '']
            .filter(Boolean)
            .join(' and ');
    // A load that only adds to the body: the maximum is of both.
    const together =
      this.people.exercise()?.loading?.bodyShare === undefined ? '' : 'body and load together, ';
    const sure = Math.abs(trend.percentPerWeek) > 1.645 * trend.standardErrorPercent;
    const perWeek = `${trend.percentPerWeek > 0 ? '+' : '−'}${Math.abs(trend.percentPerWeek).toFixed(1)} % a week`;
    return {
      max: formatMass(running.maxKg, unit),
      band: `${formatMass(running.lowKg, unit)} to ${formatLoad(running.highKg, unit)} in nine of ten cases`,
      rests: `${together}from ${rests}, ±${percent} %`,
      trend: own + carried < 2 ? '' : sure ? perWeek : `no clear trend (${perWeek})`,
      low:
        standardError > SURE_SD
          ? 'Little is known, so loads are set from the low side.'
          : 'Known well enough to set loads from the middle.',
      remarks: [
        ...wild.map(({ observation, impliedKg, expectedKg, believed }) => {
          const set = `${observation.date}: ${observation.reps} × ${formatLoad(observation.loadKg, unit)}`;
          const says = `says ${formatLoad(impliedKg, unit)}, where ${formatLoad(expectedKg, unit)} was expected`;
          return believed
            ? `${set} ${says}. The visit before said the same, so it counts.`
            : `${set} ${says}. Held back until another visit says the same; check it for a slip.`;
        }),
        ...unreadable.map(
          ({ reps, date }) => `${date}: ${reps} reps are more than the equation holds for; left out.`,
        ),
      ],
    };
  });

  /** The equations as dots on one line, so that their disagreement is seen. */
  protected readonly formulas = computed(() => {
    const all = this.people.byFormula();
    const values = all.map(({ maxKg }) => maxKg);
    const [low, high] = [Math.min(...values), Math.max(...values)];
    const span = Math.max(high - low, high * 0.02);
    const middle = (low + high) / 2;
    const chosen = this.people.person()?.formula;
    return {
      rows: all.map(({ formula, name, equation, maxKg }) => ({
        formula,
        name,
        equation,
        max: formatMass(maxKg, this.unit()),
        x: 50 + ((maxKg - middle) / span) * 84,
        chosen: formula === chosen,
      })),
      spread: `They differ by ${formatLoad(high - low, this.unit())}, ${Math.round((high / low - 1) * 100)} %, for these sets.`,
    };
  });

  protected readonly sets = computed(() => {
    const known = new Set(this.people.person()?.knownSets);
    return [...this.people.sets()]
      .sort((a, b) => b.date.localeCompare(a.date))
      .map((set) => {
        const rung =
          set.rungId === undefined ? undefined : this.people.view.catalog().rungById(set.rungId)?.name;
        const implied = this.people.implied(set);
        return {
          set,
          name: this.people.view.catalog().exerciseById(set.exerciseId)?.name ?? set.exerciseId,
          version: rung ?? '',
          load: set.loadKg === undefined ? 'body weight' : formatLoad(set.loadKg, this.unit()),
          left: set.reserve === undefined ? '?' : String(set.reserve),
          implied: implied === undefined ? '' : formatLoad(implied, this.unit()),
          mine: known.has(set),
          on: set.exerciseId === this.people.exercise()?.id,
        };
      });
  });

  /** Versions of the drafted exercise, where its body weight depends on them. */
  protected readonly rungs = computed(() => {
    const id = this.draft().exerciseId || this.people.exercise()?.id;
    const exercise = id === undefined ? undefined : this.people.view.catalog().exerciseById(id);
    if (!exercise?.bodyLoad) return [];
    return this.people.view
      .catalog()
      .versions.flatMap(({ rung }) => (rung?.exerciseId === exercise.id ? [rung] : []));
  });

  protected write(part: Partial<SetText>): void {
    this.draft.update((draft) => ({ ...draft, ...part }));
    this.setProblem.set('');
  }

  protected addSet(event: Event): void {
    event.preventDefault();
    const { exerciseId, rungId, load, reps, left, date } = this.draft();
    const body = this.rungs().length > 0;
    const set: Record<string, unknown> = {
      exerciseId: exerciseId || this.people.exercise()?.id,
      ...(body && { rungId: rungId || this.rungs()[0]?.id }),
      ...(load.trim() !== '' && { loadKg: readMass(load, this.unit()) ?? NaN }),
      reps: Number(reps.trim() === '' ? NaN : reps),
      ...(left.trim() !== '' && { reserve: Number(left) }),
      date,
    };
    const checked = knownSetSchema.safeParse(set);
    if (!checked.success) {
      this.setProblem.set(problemOf(checked.error.issues[0]));
      return;
    }
    if (checked.data.loadKg === undefined && !body) {
      this.setProblem.set('How heavy was it? Write the load, both hands together.');
      return;
    }
    this.people.addSet(checked.data);
    this.draft.update((draft) => ({ ...draft, load: '', reps: '', left: '' }));
  }

  protected remove(set: KnownSet): void {
    this.people.removeSet(set);
  }

  /** One field of the person; what is out of range stays in the field with what is wrong below it. */
  protected type(field: keyof Participant, text: string): void {
    const person = this.people.person();
    if (!person) return;
    const value = this.parsed(field, text);
    const { [field]: _old, ...rest } = person;
    const checked = participantSchema.safeParse(value === undefined ? rest : { ...rest, [field]: value });
    const { [field]: _gone, ...others } = this.problems();
    if (checked.success) {
      this.problems.set(others);
      this.people.put(checked.data, FIELD_WORDS[field] ?? field);
    } else {
      this.problems.set({ ...others, [field]: FIELD_PROBLEMS[field] ?? problemOf(checked.error.issues[0]) });
    }
  }

  private parsed(field: keyof Participant, text: string): unknown {
    if (field === 'bodyMassKg') return readMass(text, this.unit()) ?? NaN;
    if (text.trim() === '') return undefined;
    return field === 'heightCm' || field === 'birthYear' ? Number(text) : text;
  }
}

const FIELD_WORDS: Partial<Record<keyof Participant, string>> = {
  bodyMassKg: 'body mass',
  heightCm: 'height',
  birthYear: 'year of birth',
  sex: 'sex',
  experience: 'experience',
};

const FIELD_PROBLEMS: Partial<Record<keyof Participant, string>> = {
  bodyMassKg: 'Body mass goes from 20 to 300 kg (44 to 660 lb).',
  heightCm: 'Height goes from 90 to 230 cm.',
  birthYear: 'A year of birth goes from 1900 to 2020.',
};

function problemOf(
  issue: { readonly path: readonly PropertyKey[]; readonly message: string } | undefined,
): string {
  if (issue?.path[0] === 'date') return 'A date is a day such as 2026-11-24.';
  const message = issue?.message ?? '';
  return /^[a-z]/.test(message)
    ? `${message.charAt(0).toUpperCase()}${message.slice(1)}.`
    : 'This cannot be read.';
}
