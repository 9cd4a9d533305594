import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatTableModule } from '@angular/material/table';
import { checkResultSchema, type CheckKind } from '@dray/core';
import { CHECKS, normFor, suggestPlacement, type PlacementSuggestion } from '@dray/core/late';
import { NumberField } from '../ui/forms/number-field';
import { PeopleStore } from './people-store';

const CHECK_KINDS = Object.keys(CHECKS) as CheckKind[];
const result = checkResultSchema.shape.result.optional();

/** First-visit checks: the result, the published norm beside it, and where it would put the person. */
@Component({
  selector: 'dray-checks',
  imports: [MatButton, MatTableModule, NumberField],
  template: `
    <table mat-table [dataSource]="checks()" [trackBy]="byKind">
      <ng-container matColumnDef="check">
        <th i18n mat-header-cell *matHeaderCellDef>check</th>
        <td mat-cell *matCellDef="let check" [attr.role]="'rowheader'">
          {{ check.name }} <small>{{ check.how }}</small>
        </td>
      </ng-container>
      <ng-container matColumnDef="result">
        <th i18n mat-header-cell *matHeaderCellDef>result</th>
        <td mat-cell *matCellDef="let check">
          <dray-number
            class="tight shortest"
            [named]="check.name"
            [after]="check.unit"
            [value]="check.result"
            [schema]="schema"
            (saved)="put(check.kind, $event)"
          />
        </td>
      </ng-container>
      <ng-container matColumnDef="norm">
        <th i18n mat-header-cell *matHeaderCellDef>norm</th>
        <td mat-cell *matCellDef="let check">
          @if (check.norm; as norm) {
            <span i18n [class.plum]="!norm.met"
              >{norm.met, select, true {met} other {not met}}: {{ norm.words }}</span
            >
            <small>{{ norm.source }}</small>
          }
        </td>
      </ng-container>
      <ng-container matColumnDef="place">
        <th i18n mat-header-cell *matHeaderCellDef>would put them</th>
        <td mat-cell *matCellDef="let check">
          @if (check.suggestion; as suggestion) {
            {{ suggestion.tier }}, “{{ check.rungName }}” <small>{{ suggestion.because }}</small>
            @if (check.taken) {
              <small i18n>taken</small>
            } @else {
              <button i18n matButton (click)="take(suggestion)">Put them there</button>
            }
          }
        </td>
      </ng-container>
      <tr mat-header-row *matHeaderRowDef="columns"></tr>
      <tr mat-row *matRowDef="let check; columns: columns"></tr>
    </table>
  `,
  styles: `
    td {
      vertical-align: top;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Checks {
  private readonly people = inject(PeopleStore);
  protected readonly columns = ['check', 'result', 'norm', 'place'];
  protected readonly schema = result;

  /** A row stays the same row while its result changes: the focus in it too. */
  protected readonly byKind = (_: number, { kind }: { readonly kind: CheckKind }) => kind;

  protected readonly checks = computed(() => {
    const person = this.people.person();
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
        norm: newest && normFor(kind, newest.result, age, person?.sex),
        suggestion,
        rungName: rung?.name,
        taken: suggestion && person?.rungs[suggestion.ladderId] === suggestion.rungId,
      };
    });
  });

  /** The newest result of a day counts; one that is emptied is forgotten. */
  protected put(kind: CheckKind, value: number | undefined): void {
    const others = (this.people.person()?.checks ?? []).filter(
      (check) => check.kind !== kind || check.date !== this.people.today,
    );
    const checks =
      value === undefined ? others : [...others, { kind, result: value, date: this.people.today }];
    this.people.amend({ checks }, CHECKS[kind].name);
  }

  /** The coach's word: the suggested rung and tier count from now on. */
  protected take({ ladderId, rungId, pattern, tier }: PlacementSuggestion): void {
    const person = this.people.person();
    if (!person) return;
    this.people.amend(
      { rungs: { ...person.rungs, [ladderId]: rungId }, tiers: { ...person.tiers, [pattern]: tier } },
      'placement',
    );
  }
}
