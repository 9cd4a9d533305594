import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { MatMenuModule } from '@angular/material/menu';
import { DocumentStore } from '../state/document-store';
import { ViewStore } from '../state/view-store';

/** The session all screens look at, with the others one click away. */
@Component({
  selector: 'dray-session-picker',
  imports: [MatMenuModule],
  template: `
    <button type="button" class="plain" [matMenuTriggerFor]="menu" aria-label="Choose a session">
      sessions ▾
    </button>
    <mat-menu #menu="matMenu">
      @for (session of documents.document()?.sessions; track session.id) {
        <button mat-menu-item type="button" (click)="view.showSession(session.id)">{{ session.name }}</button>
      }
      <button mat-menu-item type="button" (click)="create()">New session</button>
    </mat-menu>
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SessionPicker {
  protected readonly documents = inject(DocumentStore);
  protected readonly view = inject(ViewStore);

  /** An empty session, put into the same weeks as the one on screen. */
  protected create(): void {
    const id = crypto.randomUUID();
    const current = this.view.session()?.id;
    this.documents.edit('new session', (document) => ({
      ...document,
      sessions: [...document.sessions, { id, name: 'New session', budgetMinutes: 30, blocks: [] }],
      programs: document.programs.map((program) => ({
        ...program,
        weeks: program.weeks.map((week) =>
          current !== undefined && week.sessionIds.includes(current)
            ? { ...week, sessionIds: [...week.sessionIds, id] }
            : week,
        ),
      })),
    }));
    this.view.showSession(id);
  }
}
