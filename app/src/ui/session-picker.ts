import { ChangeDetectionStrategy, Component, inject, input } from '@angular/core';
import { DocumentStore } from '../state/document-store';
import { ViewStore } from '../state/view-store';

/** The session all screens look at, with the others one click away. */
@Component({
  selector: 'dray-session-picker',
  template: `
    <select #choice class="field" aria-label="Choose a session" (change)="view.showSession(choice.value)">
      @for (session of documents.document()?.sessions; track session.id) {
        <option [value]="session.id" [selected]="session.id === view.session()?.id">
          {{ session.name }}
        </option>
      }
    </select>
    @if (!heading()) {
      <button type="button" class="plain" aria-label="New session" (click)="create()">New</button>
    }
  `,
  styles: `
    .field {
      color: var(--ink-2);
      font-size: 13px;
      max-width: 170px;
    }
    .title {
      color: var(--ink);
      font-size: 18px;
      font-weight: 600;
      letter-spacing: -0.01em;
      max-width: 320px;
      border-bottom-color: transparent;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SessionPicker {
  /** Stands as the screen's heading, larger and without a way to begin another. */
  readonly heading = input(false);
  protected readonly documents = inject(DocumentStore);
  protected readonly view = inject(ViewStore);

  /** An empty session, put into the same weeks as the one on screen. */
  protected create(): void {
    const id = crypto.randomUUID();
    const session = { id, name: 'New session', budgetMinutes: 30, blocks: [] };
    this.documents.addSession(session, this.view.session()?.id, this.view.today());
    this.view.showSession(id);
  }
}
