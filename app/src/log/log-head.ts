import { ChangeDetectionStrategy, Component, inject, input } from '@angular/core';
import { RouterLink, RouterLinkActive } from '@angular/router';
import { ViewStore } from '../state/view-store';
import { SessionPicker } from '../ui/session-picker';
import { WeekRamp } from '../ui/week-ramp';

/** The head of the three log screens: which session and week, and the way between them. */
@Component({
  selector: 'dray-log-head',
  imports: [RouterLink, RouterLinkActive, SessionPicker, WeekRamp],
  template: `
    @if (ofSession()) {
      <h1><dray-session-picker [heading]="true" /></h1>
    } @else {
      <h1>All sessions</h1>
    }
    <div class="ways" role="navigation" aria-label="Log">
      @for (way of ways; track way.path) {
        <a
          [routerLink]="way.path"
          routerLinkActive="on"
          [routerLinkActiveOptions]="{ exact: way.path === '/log' }"
          ariaCurrentWhenActive="page"
          >{{ way.words }}</a
        >
      }
    </div>
    <span class="grow"></span>
    <ng-content />
    @if (ofSession()) {
      <dray-weeks />
    }
  `,
  host: { class: 'screen-head' },
  styles: `
    .ways {
      display: flex;
      gap: 18px;
    }
    .ways a {
      font-size: 14px;
      color: var(--ink-2);
      text-decoration: none;
      padding: 6px 0 4px;
      border-bottom: 2px solid transparent;
      white-space: nowrap;
    }
    .ways a:hover {
      color: var(--ink);
    }
    .ways a.on {
      color: var(--ink);
      font-weight: 600;
      border-bottom-color: var(--sea);
    }
    @media (max-width: 900px) {
      :host {
        flex-wrap: wrap;
        gap: 4px 14px;
        padding-bottom: 6px;
      }
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LogHead {
  /** False where all sessions are looked at together. */
  readonly ofSession = input(true);

  protected readonly view = inject(ViewStore);
  protected readonly ways = [
    { path: '/log', words: 'fill in' },
    { path: '/log/next', words: 'next week' },
    { path: '/log/history', words: 'history' },
  ] as const;
}
