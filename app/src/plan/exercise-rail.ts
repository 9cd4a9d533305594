import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { MatExpansionModule } from '@angular/material/expansion';
import { slotName } from '@dray/core';
import { SchemeChoice } from '../ui/scheme-choice';
import { ClassVersions, type ClassVersion } from './class-versions';
import { CombinationRail } from './combination-rail';
import { PlanStore } from './plan-store';
import { PrescriptionForm } from './prescription-form';
import { TwinChoice } from './twin-choice';

/** The exercise that is selected: its work in fields, how it grows, who does another, and what it comes to for everyone. */
@Component({
  selector: 'dray-exercise-rail',
  imports: [ClassVersions, CombinationRail, MatExpansionModule, PrescriptionForm, SchemeChoice, TwinChoice],
  templateUrl: './exercise-rail.html',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ExerciseRail {
  readonly versions = input.required<readonly ClassVersion[]>();
  protected readonly plan = inject(PlanStore);

  protected readonly name = computed(() => {
    const slot = this.plan.selected();
    return slot ? slotName(slot, this.plan.view.catalog()) : '';
  });

  private readonly block = computed(() => {
    const id = this.plan.selected()?.id;
    return this.plan.blocks().find(({ slots }) => slots.some(({ slot }) => slot.id === id));
  });
  protected readonly blockRest = computed(() => this.block()?.block.restSeconds ?? 0);
  protected readonly letter = computed(() => {
    const id = this.plan.selected()?.id;
    return this.block()?.slots.find(({ slot }) => slot.id === id)?.letter ?? '';
  });
}
