import { ChangeDetectionStrategy, Component, computed, inject, input, linkedSignal } from '@angular/core';
import { MatIconButton } from '@angular/material/button';
import { MatIcon } from '@angular/material/icon';
import { MatSidenavModule } from '@angular/material/sidenav';
import { MatTooltip } from '@angular/material/tooltip';
import { Width } from './width';

/** A sheet with a rail: beside it where there is room, over it and called up where there is not. */
@Component({
  selector: 'dray-beside',
  imports: [MatIcon, MatIconButton, MatSidenavModule, MatTooltip],
  template: `
    <mat-drawer-container [hasBackdrop]="width.phone()" (backdropClick)="open.set(false)">
      <mat-drawer
        position="end"
        autoFocus="false"
        [mode]="over() ? 'over' : 'side'"
        [opened]="open()"
        disableClose
        (keydown.escape)="putAway($event)"
      >
        <aside class="rail" [attr.aria-label]="named()">
          @if (over()) {
            <button matIconButton class="close" [attr.aria-label]="awaySays()" (click)="open.set(false)">
              <mat-icon svgIcon="close" />
            </button>
          }
          <ng-content select="[rail]" />
        </aside>
      </mat-drawer>
      <mat-drawer-content>
        <ng-content />
      </mat-drawer-content>
    </mat-drawer-container>
    @if (over() && !open()) {
      <button
        matIconButton
        class="call"
        [matTooltip]="named()"
        [attr.aria-label]="showSays()"
        (click)="open.set(true)"
      >
        <mat-icon svgIcon="back" />
      </button>
    }
  `,
  styles: `
    :host {
      display: block;
      position: relative;
      min-height: 0;
    }
    mat-drawer-container {
      height: 100%;
    }
    mat-drawer {
      width: var(--rail, 286px);
      max-width: 88vw;
    }
    /* It stands beside the sheet at once: the frame's own drawer would have it slide in with every screen. */
    mat-drawer-container:not(.mat-drawer-transition) > * {
      transition: none;
    }
    .close {
      float: right;
      margin: -8px -10px 0 0;
    }
    /* Where the sheet ends: in its middle it would lie on what is read. */
    .call {
      position: absolute;
      right: 0;
      bottom: 16px;
      z-index: 3;
      background: var(--sheet);
      border: 1px solid var(--hair);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Beside {
  protected readonly width = inject(Width);
  /** What the rail says: "the exercise", "why". */
  readonly named = input.required<string>();
  /** Over the sheet, whatever the room. */
  readonly asked = input(false);
  protected readonly over = () => this.asked() || this.width.narrow();
  readonly open = linkedSignal(() => !this.over());

  /** Calls the rail up where it lies over the sheet. */
  show(): void {
    this.open.set(true);
  }

  /** By hand, not when Material says that it is done moving: it may have been asked for again by then. */
  protected putAway(event: Event): void {
    if (!this.over()) return;
    event.stopPropagation();
    event.preventDefault();
    this.open.set(false);
  }

  protected readonly awaySays = computed(() => $localize`Put ${this.named()} away`);
  protected readonly showSays = computed(() => $localize`Show ${this.named()}`);
}
