import { ChangeDetectionStrategy, Component, Injectable, input, model } from '@angular/core';
import { MatPaginator, MatPaginatorIntl } from '@angular/material/paginator';

/** What the turning of pages is called: "13 to 24 of 48". */
@Injectable()
export class PageWords extends MatPaginatorIntl {
  override nextPageLabel = $localize`Next page`;
  override previousPageLabel = $localize`Page before`;
  override getRangeLabel = (page: number, size: number, length: number): string => {
    const from = length === 0 ? 0 : page * size + 1;
    return $localize`${from} to ${Math.min(length, (page + 1) * size)} of ${length}`;
  };
}

/** The pages of a long table; nothing where one page holds all of it. */
@Component({
  selector: 'dray-pages',
  imports: [MatPaginator],
  template: `
    @if (by() < of()) {
      <mat-paginator
        hidePageSize
        [length]="of()"
        [pageSize]="by()"
        [pageIndex]="page()"
        (page)="page.set($event.pageIndex)"
      />
    }
  `,
  providers: [{ provide: MatPaginatorIntl, useClass: PageWords }],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Pages {
  readonly of = input.required<number>();
  readonly by = input.required<number>();
  /** From 0. */
  readonly page = model.required<number>();
}

/** The rows on a page; the last page there is where fewer are left than there were. */
export function rowsOn<Row>(rows: readonly Row[], page: number, by: number): readonly Row[] {
  if (rows.length <= by) return rows;
  const from = Math.min(page, Math.floor((rows.length - 1) / by)) * by;
  return rows.slice(from, from + by);
}
