import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import {
  formatMass,
  fromUnit,
  prescriptionSchema,
  type MassUnit,
  type Prescription,
  type Target,
  type Tempo,
  type Work,
} from '@dray/core';

type WorkKind = Work['kind'];
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

  protected readonly amount = computed(() => {
    const { work } = this.prescription();
    if (work.kind === 'range') return { low: work.low, high: work.high };
    return { low: work.kind === 'reps' ? work.reps : work.seconds, high: undefined };
  });

  protected readonly targetValue = computed(() => {
    const { target } = this.prescription();
    switch (target.kind) {
      case 'reserve':
        return { value: String(target.reps), unit: 'left' };
      case 'percent':
        return { value: String(target.percent), unit: '%' };
      case 'load':
        return { value: formatMass(target.loadKg, this.unit()), unit: this.unit() };
      case 'none':
        return undefined;
    }
  });

  protected readonly tempo = computed(() => {
    const { tempo } = this.prescription();
    return tempo ? `${tempo.down}-${tempo.pause}-${tempo.up}` : '';
  });

  protected setSets(value: number): void {
    this.set({ sets: value });
  }

  protected setWorkKind(kind: WorkKind): void {
    const { low } = this.amount();
    const timed = this.prescription().work.kind === 'time' || this.prescription().work.kind === 'hold';
    const reps = timed ? 10 : low;
    const seconds = timed ? low : 30;
    const works: Record<WorkKind, Work> = {
      reps: { kind: 'reps', reps },
      range: { kind: 'range', low: reps, high: reps + 4 },
      time: { kind: 'time', seconds },
      hold: { kind: 'hold', seconds },
    };
    this.set({ work: works[kind] });
  }

  protected setLow(value: number): void {
    const { work } = this.prescription();
    if (work.kind === 'range') this.set({ work: { ...work, low: value } });
    else if (work.kind === 'reps') this.set({ work: { kind: 'reps', reps: value } });
    else this.set({ work: { ...work, seconds: value } });
  }

  protected setHigh(value: number): void {
    const { work } = this.prescription();
    if (work.kind === 'range') this.set({ work: { ...work, high: value } });
  }

  protected setTargetKind(kind: TargetKind): void {
    const targets: Record<TargetKind, Target> = {
      reserve: { kind: 'reserve', reps: 2 },
      percent: { kind: 'percent', percent: 70 },
      load: { kind: 'load', loadKg: 10 },
      none: { kind: 'none' },
    };
    this.set({ target: targets[kind] });
  }

  protected setTarget(value: number): void {
    const { target } = this.prescription();
    if (target.kind === 'reserve') this.set({ target: { kind: 'reserve', reps: value } });
    if (target.kind === 'percent') this.set({ target: { kind: 'percent', percent: value } });
    if (target.kind === 'load') this.set({ target: { kind: 'load', loadKg: fromUnit(value, this.unit()) } });
  }

  protected setPerSide(perSide: boolean): void {
    this.set({ perSide });
  }

  protected setRest(text: string): void {
    const { restSeconds: _old, ...rest } = this.prescription();
    this.emit(text.trim() === '' ? rest : { ...rest, restSeconds: Number(text) });
  }

  protected setTempo(text: string): void {
    const { tempo: _old, ...rest } = this.prescription();
    const parts = /^\s*(\d+)\D+(\d+)\D+(\d+)\s*$/.exec(text);
    const tempo: Tempo | undefined = parts
      ? { down: Number(parts[1]), pause: Number(parts[2]), up: Number(parts[3]) }
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
