import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import {
  CONDITION_WORDS,
  conditionSchema,
  participantSchema,
  PATTERN_WORDS,
  patternSchema,
  PRESSURE_CLINICIAN,
  readinessOf,
  TIERS,
  type Caution,
  type CheckKind,
  LEVERS,
  type Condition,
  type LeverKind,
  type Participant,
  type Pattern,
  type Readiness,
  type ReadinessVerdict,
  SURGERY_PLACE_WORDS,
  surgeryPlaceSchema,
  type SurgeryPlace,
  type Tier,
} from '@dray/core';
import {
  CHECKS,
  normFor,
  READINESS_QUESTIONS,
  suggestPlacement,
  type PlacementSuggestion,
} from '@dray/core/late';
import { PeopleStore } from './people-store';

const DAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'];
const CHECK_KINDS = Object.keys(CHECKS) as CheckKind[];

const VERDICT_WORDS: Record<ReadinessVerdict, string> = {
  clear: 'Clear to start.',
  startGently: 'Start gently.',
  clinicianFirst: 'See a clinician first.',
  symptoms: 'Stop. See a clinician first; every card is empty until then.',
};

/** Who somebody is: cautions, readiness, first-visit checks, tiers by pattern, rungs, days and kits. */
@Component({
  selector: 'dray-profile',
  templateUrl: './profile.html',
  styleUrl: './profile.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Profile {
  protected readonly people = inject(PeopleStore);
  protected readonly person = computed(() => this.people.person());
  protected readonly tiers = TIERS;
  protected readonly days = DAYS;
  protected readonly questions = READINESS_QUESTIONS;
  protected readonly clinicianFrom = PRESSURE_CLINICIAN;
  protected readonly places = surgeryPlaceSchema.options.map((place) => ({
    place,
    words: SURGERY_PLACE_WORDS[place],
  }));
  protected readonly problem = signal('');

  protected readonly conditions = computed(() => {
    const cautions = this.person()?.cautions ?? [];
    return conditionSchema.options.map((condition) => {
      const caution = cautions.find((own) => own.condition === condition);
      return { condition, words: CONDITION_WORDS[condition], on: caution !== undefined, caution };
    });
  });

  private readonly allLadders = computed(() => [...this.people.view.catalog().ladders.values()]);

  protected readonly patterns = computed(() =>
    patternSchema.options
      .filter((pattern) => this.allLadders().some((ladder) => ladder.pattern === pattern))
      .map((pattern) => ({
        pattern,
        words: PATTERN_WORDS[pattern],
        tier: this.person()?.tiers[pattern],
      })),
  );

  protected readonly ladders = computed(() =>
    this.allLadders().map((ladder) => {
      const standing = this.person()?.rungs[ladder.id];
      const rung = ladder.rungs.find(({ id }) => id === standing);
      const own = this.person()?.levers?.[ladder.id];
      const levers = (Object.entries(rung?.levers ?? {}) as [LeverKind, number][]).map(([lever, value]) => ({
        lever,
        name: LEVERS[lever].name,
        unit: LEVERS[lever].unit,
        value: own?.[lever] ?? value,
      }));
      return { ladder, standing, levers };
    }),
  );

  protected readonly kits = computed(() =>
    (this.people.documents.document()?.kits ?? []).map(({ id, name }) => ({
      id,
      name,
      uses: this.person()?.kitIds.includes(id) ?? false,
    })),
  );

  protected readonly readiness = computed(() => {
    const answers = this.person()?.readiness;
    const answer = answers && readinessOf(answers);
    return {
      answers,
      verdict: answer && VERDICT_WORDS[answer.verdict],
      because: answer?.because,
      clear: answer?.verdict === 'clear',
    };
  });

  protected readonly checks = computed(() => {
    const person = this.person();
    const done = person?.checks ?? [];
    const suggestions = suggestPlacement(done);
    const age = person?.birthYear && Number(this.people.today.slice(0, 4)) - person.birthYear;
    return CHECK_KINDS.map((kind) => {
      const newest = done
        .filter((check) => check.kind === kind)
        .sort((a, b) => b.date.localeCompare(a.date))[0];
      const suggestion = suggestions.find((own) => own.kind === kind);
      const rung = suggestion && this.people.view.catalog().rungById(suggestion.rungId);
      return {
        kind,
        ...CHECKS[kind],
        result: newest?.result,
        date: newest?.date,
        norm: newest && normFor(kind, newest.result, age, person?.sex),
        suggestion,
        rungName: rung?.name,
        taken: suggestion && person?.rungs[suggestion.ladderId] === suggestion.rungId,
      };
    });
  });

  protected set(part: Partial<Participant>, field: string): void {
    const person = this.person();
    if (!person) return;
    const checked = participantSchema.safeParse({ ...person, ...part });
    if (checked.success) {
      this.problem.set('');
      this.people.put(checked.data, field);
    } else {
      const issue = checked.error.issues[0];
      const message = issue?.message ?? '';
      this.problem.set(
        /^[a-z]/.test(message)
          ? `${field}: ${message}.`
          : `${field} cannot be read; it stays as it was until it can.`,
      );
    }
  }

  protected setTier(pattern: Pattern, tier: string): void {
    const { [pattern]: _old, ...others } = this.person()?.tiers ?? {};
    this.set({ tiers: tier === '' ? others : { ...others, [pattern]: tier as Tier } }, 'tier');
  }

  protected setRung(ladderId: string, rungId: string): void {
    const { [ladderId]: _old, ...others } = this.person()?.rungs ?? {};
    const { [ladderId]: _moved, ...levers } = this.person()?.levers ?? {};
    this.set({ rungs: rungId === '' ? others : { ...others, [ladderId]: rungId }, levers }, 'rung');
  }

  /** Between two rungs: how far a lever has moved for them. */
  protected setLever(ladderId: string, lever: LeverKind, text: string): void {
    const all = this.person()?.levers ?? {};
    const value = Number(text.replace(',', '.'));
    const exercise = this.exerciseOn(ladderId);
    const range = exercise?.levers.find((known) => known.lever === lever);
    if (range && !(value >= range.from && value <= range.to)) {
      this.problem.set(
        `${exercise?.name ?? ''}: ${LEVERS[lever].name} goes from ${range.from} to ${range.to} ${LEVERS[lever].unit}.`,
      );
      return;
    }
    this.set({ levers: { ...all, [ladderId]: { ...all[ladderId], [lever]: value } } }, 'lever');
  }

  private exerciseOn(ladderId: string) {
    const { ladders, exercises } = this.people.view.catalog();
    const standing = this.person()?.rungs[ladderId];
    return exercises.get(ladders.get(ladderId)?.rungs.find(({ id }) => id === standing)?.exerciseId ?? '');
  }

  protected setCaution(condition: Condition, on: boolean): void {
    const others = (this.person()?.cautions ?? []).filter((own) => own.condition !== condition);
    this.set({ cautions: on ? [...others, { condition }] : others }, 'cautions');
  }

  protected setCautionField(
    condition: Condition,
    field: 'note' | 'systolic' | 'diastolic',
    text: string,
  ): void {
    const cautions = (this.person()?.cautions ?? []).map((own) => {
      if (own.condition !== condition) return own;
      const { [field]: _old, ...rest } = own;
      if (text.trim() === '') return rest;
      return { ...rest, [field]: field === 'note' ? text : Number(text) };
    });
    this.set({ cautions }, field === 'note' ? 'note' : 'blood pressure');
  }

  protected setPlace(text: string): void {
    this.setCautionPart('recentSurgery', { place: text === '' ? undefined : (text as SurgeryPlace) });
  }

  /** Two schools: by what the pressure is, or never. */
  protected setOverhead(text: string): void {
    this.setCautionPart('highBloodPressure', { overhead: text === 'never' ? 'never' : undefined });
  }

  private setCautionPart(condition: Condition, part: Partial<Caution>): void {
    const cautions = (this.person()?.cautions ?? []).map((own) =>
      own.condition === condition ? { ...own, ...part } : own,
    );
    this.set({ cautions }, 'cautions');
  }

  protected answer(key: (typeof READINESS_QUESTIONS)[number]['key'], yes: boolean): void {
    const answers: Readiness = this.person()?.readiness ?? {
      symptoms: false,
      knownDisease: false,
      active: true,
      vigorous: false,
      cleared: false,
      date: this.people.today,
    };
    this.set({ readiness: { ...answers, [key]: yes, date: this.people.today } }, 'readiness');
  }

  protected setCheck(kind: CheckKind, text: string): void {
    const others = (this.person()?.checks ?? []).filter(
      (check) => check.kind !== kind || check.date !== this.people.today,
    );
    if (text.trim() === '') {
      this.set({ checks: others }, CHECKS[kind].name);
      return;
    }
    const result = Number(text.replace(',', '.'));
    this.set({ checks: [...others, { kind, result, date: this.people.today }] }, CHECKS[kind].name);
  }

  /** The coach's word: the suggested rung and tier count from now on. */
  protected take({ ladderId, rungId, pattern, tier }: PlacementSuggestion): void {
    const person = this.person();
    if (!person) return;
    this.set(
      { rungs: { ...person.rungs, [ladderId]: rungId }, tiers: { ...person.tiers, [pattern]: tier } },
      'placement',
    );
  }

  protected setDay(day: number, on: boolean): void {
    const others = (this.person()?.days ?? []).filter((own) => own !== day);
    this.set({ days: on ? [...others, day].sort() : others }, 'days');
  }

  protected setKit(kitId: string, on: boolean): void {
    const others = (this.person()?.kitIds ?? []).filter((own) => own !== kitId);
    this.set({ kitIds: on ? [...others, kitId] : others }, 'kits');
  }
}
