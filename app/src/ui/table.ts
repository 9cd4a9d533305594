import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { MatTableModule } from '@angular/material/table';

/** A column: what stands over it, and what stands in it for a row. */
export interface Column<Row> {
  readonly name: string;
  readonly words: string;
  readonly cell: (row: Row) => string | number;
  /** Numbers stand under one another at the right. */
  readonly numbers?: boolean;
}

/** Facts in rows: the first column names what its row is of. */
@Component({
  selector: 'dray-table',
  imports: [MatTableModule],
  template: `
    @for (names of [columnNames()]; track names.join()) {
      <table mat-table [dataSource]="rows()" [attr.aria-label]="named()">
        @for (column of columns(); track column.name; let first = $first) {
          <ng-container [matColumnDef]="column.name">
            <th mat-header-cell *matHeaderCellDef [class.right]="column.numbers">{{ column.words }}</th>
            <td
              mat-cell
              *matCellDef="let row"
              [class.right]="column.numbers"
              [class.strong]="first"
              [attr.role]="first ? 'rowheader' : null"
            >
              {{ column.cell(row) }}
            </td>
          </ng-container>
        }
        @if (headed()) {
          <tr mat-header-row *matHeaderRowDef="names"></tr>
        }
        <tr mat-row *matRowDef="let row; columns: names"></tr>
      </table>
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Table<Row> {
  readonly named = input<string>();
  readonly columns = input.required<readonly Column<Row>[]>();
  readonly rows = input.required<readonly Row[]>();
  /** With other columns it is another table. */
  protected readonly columnNames = computed(() => this.columns().map(({ name }) => name));
  protected readonly headed = computed(() => this.columns().some(({ words }) => words !== ''));
}
