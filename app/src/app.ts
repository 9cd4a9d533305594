import { NgTemplateOutlet } from '@angular/common';
import { ChangeDetectionStrategy, Component, computed, inject, Injector, linkedSignal } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { MatButton, MatIconButton } from '@angular/material/button';
import { MatIcon } from '@angular/material/icon';
import { MatListModule } from '@angular/material/list';
import { MatProgressBar } from '@angular/material/progress-bar';
import { MatSidenavModule } from '@angular/material/sidenav';
import { MatToolbar } from '@angular/material/toolbar';
import { MatTooltip } from '@angular/material/tooltip';
import { NavigationEnd, Router, RouterLink, RouterLinkActive, RouterOutlet } from '@angular/router';
import { filter, map } from 'rxjs';
import { DocumentStore } from './state/document-store';
import { FrontClass } from './state/front-class';
import { ThemeChoice } from './state/theme';
import { isField } from './ui/keys';
import { Width } from './ui/width';

const SCREENS = [
  { path: '/plan', name: $localize`Plan`, key: '1' },
  { path: '/board', name: $localize`Board`, key: '2' },
  { path: '/card', name: $localize`Card`, key: '3' },
  { path: '/log', name: $localize`Log`, key: '5' },
  { path: '/program', name: $localize`Program`, key: '6' },
] as const;

/** What the sessions rest on, apart from the way through a week. */
const STORES = [
  { path: '/people', name: $localize`People`, key: '7' },
  { path: '/kit', name: $localize`Kit`, key: '8' },
  { path: '/ladders', name: $localize`Ladders`, key: '9' },
] as const;

/** Reached by a word at the foot, without a key. */
const OTHERS = [
  { path: '/begin', name: $localize`Begin` },
  { path: '/settings', name: $localize`Settings` },
] as const;

/** The frame: the way between screens, and the keys that work on all of them. */
@Component({
  selector: 'dray-root',
  imports: [
    MatButton,
    MatIcon,
    MatIconButton,
    MatListModule,
    MatProgressBar,
    MatSidenavModule,
    MatToolbar,
    MatTooltip,
    NgTemplateOutlet,
    RouterLink,
    RouterLinkActive,
    RouterOutlet,
  ],
  templateUrl: './app.html',
  styleUrl: './app.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { '(document:keydown)': 'onKey($event)' },
})
export class App {
  private readonly router = inject(Router);
  private readonly injector = inject(Injector);
  protected readonly documents = inject(DocumentStore);
  protected readonly front = inject(FrontClass);
  protected readonly width = inject(Width);
  protected readonly theme = inject(ThemeChoice).theme;
  protected readonly groups = [SCREENS, STORES];

  /** The way between screens: always there on a desk, called up on a phone. */
  protected readonly open = linkedSignal(() => !this.width.phone());

  private readonly address = toSignal(
    this.router.events.pipe(
      filter((event) => event instanceof NavigationEnd),
      map(({ urlAfterRedirects }) => urlAfterRedirects),
    ),
    { initialValue: '' },
  );
  protected readonly screenName = computed(
    () => [...this.groups.flat(), ...OTHERS].find(({ path }) => this.address().startsWith(path))?.name ?? '',
  );

  protected readonly undoSays = computed(() => $localize`Undo ${this.documents.undoLabel() ?? ''}`.trim());
  protected readonly redoSays = computed(() => $localize`Redo ${this.documents.redoLabel() ?? ''}`.trim());

  /** A drawer that lies over the screen closes behind the coach. */
  protected left(): void {
    if (this.width.phone()) this.open.set(false);
  }

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
    this.left();
    const { openKeyList } = await import('./ui/key-list');
    openKeyList(this.injector);
  }
}
