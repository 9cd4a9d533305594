import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import {
  formatMass,
  fromUnit,
  middleAmount,
  MOST_REPS,
  prescriptionSchema,
  RANGE_WORDS,
  rangeSchema,
  setPatternText,
  sideOrderSchema,
  targetSchema,
  tempoText,
  workSchema,
  type MassUnit,
  type Prescription,
  type Range,
  type SetPattern,
  type SideOrder,
  type Target,
  type Tempo,
  type Work,
} from '@dray/core';
import * as z from 'zod';
import { defined } from '../data/defined';
import { ChoiceField, type Option } from '../ui/forms/choice-field';
import { NumberField } from '../ui/forms/number-field';
import { TextField } from '../ui/forms/text-field';
import { judgedBy } from '../ui/forms/zod';

type WorkKind = Work['kind'];

interface WorkNumber {
  readonly name: string;
  readonly value: number | undefined;
  readonly part: 'reps' | 'low' | 'high' | 'seconds' | 'upTo';
}

type TargetKind = Target['kind'];

type Sides = 'both' | 'each' | SideOrder;

const WORK_KINDS: readonly Option<WorkKind>[] = [
  { value: 'reps', words: $localize`reps` },
  { value: 'range', words: $localize`reps, a range` },
  { value: 'time', words: $localize`seconds of work` },
  { value: 'hold', words: $localize`seconds held` },
  { value: 'most', words: $localize`as many as possible` },
  { value: 'either', words: $localize`reps or seconds` },
];
const SIDES: readonly Option<Sides>[] = [
  { value: 'both', words: $localize`at once` },
  { value: 'each', words: $localize`each side` },
  { value: 'alternating', words: $localize`each, alternating` },
  { value: 'swapLead', words: $localize`each, lead swapped` },
];
const TARGET_KINDS: readonly Option<TargetKind>[] = [
  { value: 'reserve', words: $localize`reps left` },
  { value: 'effort', words: $localize`effort` },
  { value: 'percent', words: $localize`share of maximum` },
  { value: 'bodyMass', words: $localize`share of body mass` },
  { value: 'load', words: $localize`a load` },
  { value: 'rung', words: $localize`as the rung says` },
  { value: 'none', words: $localize`not said` },
];
const RANGES: readonly Option<Range | undefined>[] = [
  { value: undefined, words: $localize`the full way` },
  ...rangeSchema.options.map((value) => ({ value, words: RANGE_WORDS[value] })),
];
const SET_PATTERNS: readonly SetPattern[] = [
  { kind: 'loadUp' },
  { kind: 'loadDown' },
  { kind: 'pyramid' },
  { kind: 'repsDown', by: 2 },
  { kind: 'repsUp', by: 2 },
  { kind: 'dropOnForm' },
];
const PATTERNS: readonly Option<SetPattern['kind'] | undefined>[] = [
  { value: undefined, words: $localize`all the same` },
  ...SET_PATTERNS.map((pattern) => ({ value: pattern.kind, words: setPatternText(pattern) })),
];

/** The same prescription as fields, for whoever would rather click than type. */
@Component({
  selector: 'dray-prescription-form',
  imports: [ChoiceField, NumberField, TextField],
  templateUrl: './prescription-form.html',
  styles: `
    :host {
      --columns: repeat(4, minmax(0, 1fr));
    }
    .wide {
      grid-column: span 2;
    }
  `,
  host: { class: 'columns' },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PrescriptionForm {
  readonly prescription = input.required<Prescription>();
  readonly unit = input.required<MassUnit>();
  readonly blockRest = input.required<number>();
  readonly changed = output<Prescription>();

  protected readonly shape = prescriptionSchema.shape;
  protected readonly workKinds = WORK_KINDS;
  protected readonly sideKinds = SIDES;
  protected readonly targetKinds = TARGET_KINDS;
  protected readonly ranges = RANGES;
  protected readonly patterns = PATTERNS;
  protected readonly bySchema = judgedBy((by) => {
    const { setPattern, ...rest } = this.prescription();
    return prescriptionSchema.safeParse({ ...rest, setPattern: { ...setPattern, by } });
  });
  protected readonly tempoSchema = z
    .string()
    .optional()
    .refine((text) => !text || readTempo(text) !== undefined, {
      error: $localize`is three or four counts, such as 3-1-1: down, held, up, held at the top`,
    });

  protected readonly patternBy = computed(() => {
    const { setPattern } = this.prescription();
    return setPattern && 'by' in setPattern ? setPattern.by : undefined;
  });

  protected readonly numbers = computed<WorkNumber[]>(() => {
    const { work } = this.prescription();
    switch (work.kind) {
      case 'reps':
        return [{ name: $localize`each`, value: work.reps, part: 'reps' }];
      case 'range':
        return [
          { name: $localize`from`, value: work.low, part: 'low' },
          { name: $localize`to`, value: work.high, part: 'high' },
        ];
      case 'time':
      case 'hold':
        return [{ name: $localize`seconds`, value: work.seconds, part: 'seconds' }];
      case 'either':
        return [
          { name: $localize`reps`, value: work.reps, part: 'reps' },
          { name: $localize`or seconds`, value: work.seconds, part: 'seconds' },
        ];
      case 'most':
        return [
          { name: $localize`up to`, value: work.upTo, part: 'upTo' },
          { name: $localize`in seconds`, value: work.seconds, part: 'seconds' },
        ];
    }
  });

  protected readonly targetValue = computed(() => {
    const { target } = this.prescription();
    switch (target.kind) {
      case 'reserve':
        return { value: target.reps, unit: $localize`left`, schema: this.judged('reps') };
      case 'effort':
        return { value: target.effort, unit: $localize`of 10`, schema: this.judged('effort') };
      case 'percent':
        return { value: target.percent, unit: '%', schema: this.judged('percent') };
      case 'bodyMass':
        return { value: target.percent, unit: $localize`% of body`, schema: this.judged('percent') };
      case 'load':
        return {
          value: Number(formatMass(target.loadKg, this.unit())),
          unit: this.unit(),
          schema: judgedBy((value) =>
            targetSchema.safeParse({
              kind: 'load',
              loadKg: typeof value === 'number' ? fromUnit(value, this.unit()) : value,
            }),
          ),
        };
      case 'rung':
      case 'none':
        return undefined;
    }
  });

  protected readonly sides = computed<Sides>(() => {
    const { perSide, sideOrder } = this.prescription();
    return perSide ? (sideOrder ?? 'each') : 'both';
  });

  protected readonly tempo = computed(() => {
    const { tempo } = this.prescription();
    return tempo ? tempoText(tempo) : '';
  });

  protected setWorkKind(kind: WorkKind): void {
    const { amount, clocked } = middleAmount(this.prescription().work);
    const reps = clocked ? 10 : Math.floor(amount);
    const seconds = clocked ? amount : 30;
    // A range has room above, also where there are as many as may be asked.
    const low = Math.min(reps, MOST_REPS - 4);
    const works: Record<WorkKind, Work> = {
      reps: { kind: 'reps', reps },
      range: { kind: 'range', low, high: low + 4 },
      time: { kind: 'time', seconds },
      hold: { kind: 'hold', seconds },
      most: { kind: 'most' },
      either: { kind: 'either', reps, seconds },
    };
    this.set({ work: works[kind] });
  }

  /** An empty number takes a cap away; elsewhere it is asked for. */
  protected setNumber(part: WorkNumber['part'], value: number | undefined): void {
    const checked = workSchema.safeParse(defined({ ...this.prescription().work, [part]: value }));
    if (checked.success) this.set({ work: checked.data });
  }

  /** A number of the work is judged with the rest of it: "from" is below "to". */
  protected whole(part: WorkNumber['part']): z.ZodType {
    return judgedBy((value) => workSchema.safeParse(defined({ ...this.prescription().work, [part]: value })));
  }

  private judged(part: 'reps' | 'effort' | 'percent'): z.ZodType {
    return judgedBy((value) => targetSchema.safeParse({ ...this.prescription().target, [part]: value }));
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

  protected setTarget(value: number | undefined): void {
    if (value === undefined) return;
    const { target } = this.prescription();
    if (target.kind === 'reserve') this.set({ target: { kind: 'reserve', reps: value } });
    if (target.kind === 'effort') this.set({ target: { kind: 'effort', effort: value } });
    if (target.kind === 'percent') this.set({ target: { kind: 'percent', percent: value } });
    if (target.kind === 'bodyMass') this.set({ target: { kind: 'bodyMass', percent: value } });
    if (target.kind === 'load') this.set({ target: { kind: 'load', loadKg: fromUnit(value, this.unit()) } });
  }

  protected setSides(sides: Sides): void {
    const sideOrder = sideOrderSchema.options.find((own) => own === sides);
    this.set({ perSide: sides !== 'both', sideOrder });
  }

  protected setPattern(kind: SetPattern['kind'] | undefined): void {
    if (kind === undefined) this.set({ setPattern: undefined });
    else if (kind === 'repsUp' || kind === 'repsDown') this.set({ setPattern: { kind, by: 2 } });
    else this.set({ setPattern: { kind } });
  }

  protected setPatternBy(by: number | undefined): void {
    const { setPattern } = this.prescription();
    if (by !== undefined && setPattern && 'by' in setPattern) {
      this.set({ setPattern: { kind: setPattern.kind, by } });
    }
  }

  /** Resting with something takes the block's rest, where the exercise has none of its own. */
  protected setActiveRest(text: string): void {
    const { restSeconds = this.blockRest() } = this.prescription();
    this.set(text === '' ? { activeRest: undefined } : { restSeconds, activeRest: text });
  }

  protected setRest(restSeconds: number | undefined): void {
    this.set(restSeconds === undefined ? { restSeconds, activeRest: undefined } : { restSeconds });
  }

  protected setTempo(text: string): void {
    this.set({ tempo: text === '' ? undefined : readTempo(text) });
  }

  /** Puts fields in place; one that is undefined is taken away. Only what is in range counts. */
  protected set(part: { readonly [Field in keyof Prescription]?: Prescription[Field] | undefined }): void {
    const checked = prescriptionSchema.safeParse(defined({ ...this.prescription(), ...part }));
    if (checked.success) this.changed.emit(checked.data);
  }
}

/** "3-1-1" or "3-1-1-2" as counts; undefined when it is neither. */
function readTempo(text: string): Tempo | undefined {
  const parts = /^\s*(\d+)\D+(\d+)\D+(\d+)(?:\D+(\d+))?\s*$/.exec(text);
  if (!parts) return undefined;
  const top = Number(parts[4] ?? 0);
  const [down, pause, up] = [Number(parts[1]), Number(parts[2]), Number(parts[3])];
  return { down, pause, up, ...(top > 0 && { top }) };
}
