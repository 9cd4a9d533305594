import { ChangeDetectionStrategy, Component, computed, input, linkedSignal } from '@angular/core';
import { MatTableModule } from '@angular/material/table';
import { Pages, rowsOn } from './pages';

/** A column: what stands over it, and what stands in it for a row. */
export interface Column<Row> {
  readonly name: string;
  readonly words: string;
  readonly cell: (row: Row) => string | number;
  /** Numbers stand under one another at the right. */
  readonly numbers?: boolean;
}

/** Facts in rows: the first column names what its row is of. Long ones are read a page at a time. */
@Component({
  selector: 'dray-table',
  imports: [MatTableModule, Pages],
  template: `
    @for (names of [columnNames()]; track names.join()) {
      <table mat-table [dataSource]="shown()" [attr.aria-label]="named()">
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
    <dray-pages [of]="rows().length" [by]="pageOf()" [(page)]="page" />
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Table<Row> {
  readonly named = input<string>();
  readonly columns = input.required<readonly Column<Row>[]>();
  readonly rows = input.required<readonly Row[]>();
  /** Rows at a time; all of them unless it is said. */
  readonly pageOf = input(Infinity);
  private readonly length = computed(() => this.rows().length);
  /** With more or fewer rows one begins at their first page. */
  protected readonly page = linkedSignal<number, number>({
    source: this.length,
    computation: () => 0,
  });
  protected readonly shown = computed(() => rowsOn(this.rows(), this.page(), this.pageOf()));
  /** With other columns it is another table. */
  protected readonly columnNames = computed(() => this.columns().map(({ name }) => name));
  protected readonly headed = computed(() => this.columns().some(({ words }) => words !== ''));
}
