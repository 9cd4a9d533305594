import { ChangeDetectionStrategy, Component, input } from '@angular/core';
import type { Cell, MassUnit } from '@dray/core';
import { CellFace } from '../ui/cell-face';

export interface ClassVersion {
  readonly name: string;
  readonly cell: Cell;
}

/** What a slot becomes for everyone in the class, as it is typed. */
@Component({
  selector: 'dray-class-versions',
  imports: [CellFace],
  template: `
    @for (version of versions(); track version.name) {
      <div class="strong lined">{{ version.name }}</div>
      <dray-cell class="lined" [cell]="version.cell" [unit]="unit()" />
    }
  `,
  styles: `
    :host {
      --columns: 62px minmax(0, 1fr);
    }
    :host > * {
      padding: 7px 0;
    }
  `,
  host: { class: 'columns' },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ClassVersions {
  readonly versions = input.required<readonly ClassVersion[]>();
  readonly unit = input.required<MassUnit>();
}
