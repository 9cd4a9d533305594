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
      <div class="who">{{ version.name }}</div>
      <dray-cell [cell]="version.cell" [unit]="unit()" />
    }
  `,
  styles: `
    :host {
      display: grid;
      grid-template-columns: 62px 1fr;
    }
    :host > * {
      border-top: 1px solid var(--hair);
      padding: 7px 0;
    }
    .who {
      font-weight: 600;
      padding-top: 9px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ClassVersions {
  readonly versions = input.required<readonly ClassVersion[]>();
  readonly unit = input.required<MassUnit>();
}
