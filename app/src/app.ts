import { ChangeDetectionStrategy, Component, inject, Injector } from '@angular/core';
import { Router, RouterLink, RouterLinkActive, RouterOutlet } from '@angular/router';
import { DocumentStore } from './state/document-store';
import { ThemeChoice } from './state/theme';
import { isField } from './ui/keys';

const SCREENS = [
  { path: '/plan', name: 'Plan', key: '1' },
  { path: '/board', name: 'Board', key: '2' },
  { path: '/card', name: 'Card', key: '3' },
  { path: '/log', name: 'Log', key: '5' },
  { path: '/program', name: 'Program', key: '6' },
] as const;

/** What the sessions rest on, apart from the way through a week. */
const STORES = [
  { path: '/people', name: 'People', key: '7' },
  { path: '/kit', name: 'Kit', key: '8' },
  { path: '/ladders', name: 'Ladders', key: '9' },
] as const;

/** The frame: the way between screens, and the keys that work on all of them. */
@Component({
  selector: 'dray-root',
  imports: [RouterOutlet, RouterLink, RouterLinkActive],
  templateUrl: './app.html',
  styleUrl: './app.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { '(document:keydown)': 'onKey($event)' },
})
export class App {
  private readonly router = inject(Router);
  private readonly injector = inject(Injector);
  protected readonly documents = inject(DocumentStore);
  protected readonly theme = inject(ThemeChoice).theme;
  protected readonly groups = [SCREENS, STORES];

  protected onKey(event: KeyboardEvent): void {
    const command = event.ctrlKey || event.metaKey;
    if (command && !event.altKey && event.key.toLowerCase() === 'z') {
      event.preventDefault();
      if (event.shiftKey) this.documents.redo();
      else this.documents.undo();
    } else if (command && event.key.toLowerCase() === 'y') {
      event.preventDefault();
      this.documents.redo();
    } else if (!command && !event.altKey && !isField(event.target)) {
      this.plainKey(event);
    }
  }

  private plainKey(event: KeyboardEvent): void {
    const screen = this.groups.flat().find(({ key }) => key === event.key);
    if (screen) void this.router.navigateByUrl(screen.path);
    if (event.key === '?') void this.showKeys();
  }

  protected async showKeys(): Promise<void> {
    const { openKeyList } = await import('./ui/key-list');
    openKeyList(this.injector);
  }
}
