import { NgTemplateOutlet } from '@angular/common';
import {
  ChangeDetectionStrategy,
  Component,
  computed,
  DOCUMENT,
  effect,
  inject,
  Injector,
} from '@angular/core';
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
import { Keeper } from './state/keeper';
import { NewBuild } from './state/new-build';
import { ThemeChoice } from './state/theme';
import { FocusKeeper } from './ui/focus-keeper';
import { Shortcuts } from './ui/keys';
import { Frame } from './ui/frame';
import { Notice } from './ui/notice';
import { StoreTroubleView } from './ui/store-trouble';
import { Width } from './ui/width';

const SCREENS = [
  { path: '/plan', name: $localize`Plan`, key: '1' },
  { path: '/board', name: $localize`Board`, key: '2' },
  { path: '/card', name: $localize`Card`, key: '3' },
  { path: '/floor', name: $localize`Floor`, key: '4' },
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
    StoreTroubleView,
  ],
  templateUrl: './app.html',
  styleUrl: './app.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { '(document:keydown)': 'onKey($event)', '(window:pagehide)': 'finishTyping()' },
})
export class App {
  private readonly page = inject(DOCUMENT);
  private readonly router = inject(Router);
  private readonly injector = inject(Injector);
  protected readonly documents = inject(DocumentStore);
  protected readonly front = inject(FrontClass);
  private readonly width = inject(Width);
  protected readonly frame = inject(Frame);
  private readonly shortcuts = inject(Shortcuts);
  protected readonly theme = inject(ThemeChoice).theme;
  protected readonly groups = [SCREENS, STORES];

  private readonly address = toSignal(
    this.router.events.pipe(
      filter((event) => event instanceof NavigationEnd),
      map(({ urlAfterRedirects }) => urlAfterRedirects),
    ),
    { initialValue: '' },
  );
  /** The way between screens lies over what it leads to, and goes when it was used. */
  protected readonly over = computed(() => this.width.phone() || this.frame.whole());

  protected readonly screenName = computed(
    () => [...this.groups.flat(), ...OTHERS].find(({ path }) => this.address().startsWith(path))?.name ?? '',
  );

  protected readonly undoSays = computed(() => $localize`Undo ${this.documents.undoLabel() ?? ''}`.trim());
  protected readonly redoSays = computed(() => $localize`Redo ${this.documents.redoLabel() ?? ''}`.trim());

  constructor() {
    inject(NewBuild).watch();
    inject(FocusKeeper).watch();
    const notice = inject(Notice);
    const keeper = inject(Keeper);
    effect(() => {
      const remark = this.documents.remark();
      if (remark) notice.say(remark.words);
    });
    // Once while the page is open: whoever waves it away has heard it.
    let reminded = false;
    effect(() => {
      if (!keeper.due() || reminded) return;
      reminded = true;
      notice.offer(
        $localize`${keeper.unsaved()} changes since the last backup.`,
        $localize`Save a file`,
        () => void keeper.save(),
      );
    });
  }

  /** A drawer that lies over the screen closes behind the coach. */
  protected left(): void {
    if (this.over()) this.frame.open.set(false);
  }

  /** A closing tab is the end of an edit too: what stands in the field that has the focus counts. */
  protected finishTyping(): void {
    if (this.page.activeElement instanceof HTMLElement) this.page.activeElement.blur();
    this.documents.leave();
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
    } else {
      this.shortcut(this.shortcuts.of(event));
    }
  }

  private shortcut(pressed: string | undefined): void {
    const screen = this.groups.flat().find(({ key }) => key === pressed);
    if (screen) void this.router.navigateByUrl(screen.path);
    if (pressed === '?') void this.showKeys();
  }

  protected async showKeys(): Promise<void> {
    this.left();
    const { openKeyList } = await import('./ui/key-list');
    openKeyList(this.injector);
  }
}
