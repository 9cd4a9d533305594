import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import {
  formatMass,
  fromUnit,
  middleAmount,
  prescriptionSchema,
  RANGE_WORDS,
  rangeSchema,
  setPatternText,
  sideOrderSchema,
  tempoText,
  workSchema,
  type MassUnit,
  type Prescription,
  type SetPattern,
  type Target,
  type Tempo,
  type Work,
} from '@dray/core';

type WorkKind = Work['kind'];

interface WorkNumber {
  readonly name: string;
  readonly value: number | undefined;
  readonly part: 'reps' | 'low' | 'high' | 'seconds' | 'upTo';
}

type TargetKind = Target['kind'];

/** The same prescription as fields, for whoever would rather click than type. */
@Component({
  selector: 'dray-prescription-form',
  templateUrl: './prescription-form.html',
  styleUrl: './prescription-form.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PrescriptionForm {
  readonly prescription = input.required<Prescription>();
  readonly unit = input.required<MassUnit>();
  readonly blockRest = input.required<number>();
  readonly changed = output<Prescription>();

  protected readonly ranges = Object.entries(RANGE_WORDS);
  protected readonly patterns: readonly SetPattern[] = [
    { kind: 'loadUp' },
    { kind: 'loadDown' },
    { kind: 'pyramid' },
    { kind: 'repsDown', by: 2 },
    { kind: 'repsUp', by: 2 },
    { kind: 'dropOnForm' },
  ];
  protected readonly patternText = setPatternText;
  protected readonly patternBy = computed(() => {
    const { setPattern } = this.prescription();
    return setPattern && 'by' in setPattern ? setPattern.by : undefined;
  });

  protected readonly numbers = computed<WorkNumber[]>(() => {
    const { work } = this.prescription();
    switch (work.kind) {
      case 'reps':
        return [{ name: 'each', value: work.reps, part: 'reps' }];
      case 'range':
        return [
          { name: 'from', value: work.low, part: 'low' },
          { name: 'to', value: work.high, part: 'high' },
        ];
      case 'time':
      case 'hold':
        return [{ name: 'seconds', value: work.seconds, part: 'seconds' }];
      case 'either':
        return [
          { name: 'reps', value: work.reps, part: 'reps' },
          { name: 'or seconds', value: work.seconds, part: 'seconds' },
        ];
      case 'most':
        return [
          { name: 'up to', value: work.upTo, part: 'upTo' },
          { name: 'in seconds', value: work.seconds, part: 'seconds' },
        ];
    }
  });

  protected readonly targetValue = computed(() => {
    const { target } = this.prescription();
    switch (target.kind) {
      case 'reserve':
        return { value: String(target.reps), unit: 'left' };
      case 'effort':
        return { value: String(target.effort), unit: 'of 10' };
      case 'percent':
        return { value: String(target.percent), unit: '%' };
      case 'bodyMass':
        return { value: String(target.percent), unit: '% of body' };
      case 'load':
        return { value: formatMass(target.loadKg, this.unit()), unit: this.unit() };
      case 'rung':
      case 'none':
        return undefined;
    }
  });

  protected readonly sides = computed(() => {
    const { perSide, sideOrder } = this.prescription();
    return perSide ? (sideOrder ?? 'each') : 'both';
  });

  protected readonly tempo = computed(() => {
    const { tempo } = this.prescription();
    return tempo ? tempoText(tempo) : '';
  });

  protected setSets(value: number): void {
    this.set({ sets: value });
  }

  protected setWorkKind(kind: WorkKind): void {
    const { amount, clocked } = middleAmount(this.prescription().work);
    const reps = clocked ? 10 : Math.floor(amount);
    const seconds = clocked ? amount : 30;
    const works: Record<WorkKind, Work> = {
      reps: { kind: 'reps', reps },
      range: { kind: 'range', low: reps, high: reps + 4 },
      time: { kind: 'time', seconds },
      hold: { kind: 'hold', seconds },
      most: { kind: 'most' },
      either: { kind: 'either', reps, seconds },
    };
    this.set({ work: works[kind] });
  }

  /** An empty number takes a cap away; elsewhere it waits for one. */
  protected setNumber(part: WorkNumber['part'], value: number): void {
    const work = Object.fromEntries(
      Object.entries({ ...this.prescription().work, [part]: value }).filter(([, own]) => !Number.isNaN(own)),
    );
    const checked = workSchema.safeParse(work);
    if (checked.success) this.set({ work: checked.data });
  }

  protected setTargetKind(kind: TargetKind): void {
    const targets: Record<TargetKind, Target> = {
      reserve: { kind: 'reserve', reps: 2 },
      effort: { kind: 'effort', effort: 8 },
      percent: { kind: 'percent', percent: 70 },
      bodyMass: { kind: 'bodyMass', percent: 40 },
      load: { kind: 'load', loadKg: 10 },
      rung: { kind: 'rung' },
      none: { kind: 'none' },
    };
    this.set({ target: targets[kind] });
  }

  protected setTarget(value: number): void {
    const { target } = this.prescription();
    if (target.kind === 'reserve') this.set({ target: { kind: 'reserve', reps: value } });
    if (target.kind === 'effort') this.set({ target: { kind: 'effort', effort: value } });
    if (target.kind === 'percent') this.set({ target: { kind: 'percent', percent: value } });
    if (target.kind === 'bodyMass') this.set({ target: { kind: 'bodyMass', percent: value } });
    if (target.kind === 'load') this.set({ target: { kind: 'load', loadKg: fromUnit(value, this.unit()) } });
  }

  protected setSides(value: string): void {
    const { sideOrder: _old, ...rest } = this.prescription();
    const sideOrder = sideOrderSchema.options.find((own) => own === value);
    this.emit({ ...rest, perSide: value !== 'both', ...(sideOrder && { sideOrder }) });
  }

  protected setRange(value: string): void {
    const { range: _old, ...rest } = this.prescription();
    const range = rangeSchema.options.find((own) => own === value);
    this.emit(range ? { ...rest, range } : rest);
  }

  protected setPattern(value: string): void {
    const { setPattern: _old, ...rest } = this.prescription();
    const by = 2;
    const setPattern = this.patterns.find(({ kind }) => kind === value);
    if (!setPattern) this.emit(rest);
    else if (setPattern.kind === 'repsUp' || setPattern.kind === 'repsDown') {
      this.emit({ ...rest, setPattern: { kind: setPattern.kind, by } });
    } else this.emit({ ...rest, setPattern });
  }

  protected setPatternBy(by: number): void {
    const { setPattern } = this.prescription();
    if (setPattern && 'by' in setPattern) this.set({ setPattern: { kind: setPattern.kind, by } });
  }

  protected setOne(text: string): void {
    const { one: _old, ...rest } = this.prescription();
    this.emit(text.trim() === '' ? rest : { ...rest, one: text.trim() });
  }

  protected setActiveRest(text: string): void {
    const { activeRest: _old, ...rest } = this.prescription();
    if (text.trim() === '') this.emit(rest);
    else this.emit({ ...rest, restSeconds: rest.restSeconds ?? this.blockRest(), activeRest: text.trim() });
  }

  protected setRest(text: string): void {
    const { restSeconds: _old, activeRest, ...rest } = this.prescription();
    if (text.trim() === '') this.emit(rest);
    else this.emit({ ...rest, restSeconds: Number(text), ...(activeRest !== undefined && { activeRest }) });
  }

  protected setTempo(text: string): void {
    const { tempo: _old, ...rest } = this.prescription();
    const parts = /^\s*(\d+)\D+(\d+)\D+(\d+)(?:\D+(\d+))?\s*$/.exec(text);
    const top = Number(parts?.[4] ?? 0);
    const tempo: Tempo | undefined = parts
      ? {
          down: Number(parts[1]),
          pause: Number(parts[2]),
          up: Number(parts[3]),
          ...(top > 0 && { top }),
        }
      : undefined;
    if (tempo) this.emit({ ...rest, tempo });
    else if (text.trim() === '') this.emit(rest);
  }

  private set(part: Partial<Prescription>): void {
    this.emit({ ...this.prescription(), ...part });
  }

  /** Only what is in range counts; the field keeps what was typed until it is. */
  private emit(prescription: Prescription): void {
    const checked = prescriptionSchema.safeParse(prescription);
    if (checked.success) this.changed.emit(checked.data);
  }
}
