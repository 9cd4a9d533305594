import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { DocumentStore } from '../state/document-store';
import { ViewStore } from '../state/view-store';
import { ChoiceField } from './forms/choice-field';

/** The session all screens look at, as a screen's heading, with the others one click away. */
@Component({
  selector: 'dray-session-picker',
  imports: [ChoiceField],
  template: `
    <dray-choice
      class="title tight"
      i18n-named
      named="Choose a session"
      [value]="view.session()?.id"
      [options]="sessions()"
      (chosen)="view.showSession($event)"
    />
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SessionPicker {
  private readonly documents = inject(DocumentStore);
  protected readonly view = inject(ViewStore);
  protected readonly sessions = computed(() =>
    this.documents.sessions().map(({ id, name }) => ({ value: id, words: name })),
  );
}
