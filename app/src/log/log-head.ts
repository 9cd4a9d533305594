import { ChangeDetectionStrategy, Component, inject, input } from '@angular/core';
import { MatTabsModule } from '@angular/material/tabs';
import { RouterLink, RouterLinkActive } from '@angular/router';
import { ViewStore } from '../state/view-store';
import { SessionPicker } from '../ui/session-picker';
import { WeekRamp } from '../ui/week-ramp';

/** The head of the three log screens: which session and week, and the way between them. */
@Component({
  selector: 'dray-log-head',
  imports: [RouterLink, RouterLinkActive, MatTabsModule, SessionPicker, WeekRamp],
  template: `
    @if (ofSession()) {
      <h1><dray-session-picker /></h1>
    } @else {
      <h1 i18n>All sessions</h1>
    }
    <nav mat-tab-nav-bar [mat-stretch-tabs]="false" [tabPanel]="panel" i18n-aria-label aria-label="Log">
      @for (way of ways; track way.path) {
        <a
          mat-tab-link
          [routerLink]="way.path"
          routerLinkActive
          #here="routerLinkActive"
          [active]="here.isActive"
          [routerLinkActiveOptions]="{ exact: way.path === '/log' }"
          ariaCurrentWhenActive="page"
          >{{ way.words }}</a
        >
      }
    </nav>
    <mat-tab-nav-panel #panel />
    <span class="grow"></span>
    <ng-content />
    @if (ofSession()) {
      <dray-weeks />
    }
  `,
  host: { class: 'screen-head' },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LogHead {
  /** False where all sessions are looked at together. */
  readonly ofSession = input(true);

  protected readonly view = inject(ViewStore);
  protected readonly ways = [
    { path: '/log', words: $localize`fill in` },
    { path: '/log/next', words: $localize`next week` },
    { path: '/log/history', words: $localize`history` },
  ] as const;
}
