import {
  afterNextRender,
  ChangeDetectionStrategy,
  Component,
  computed,
  DestroyRef,
  DOCUMENT,
  effect,
  ElementRef,
  inject,
  Injector,
  input,
  signal,
} from '@angular/core';
import { MatButton, MatIconButton } from '@angular/material/button';
import { MatDialog } from '@angular/material/dialog';
import { MatIcon } from '@angular/material/icon';
import { MatListModule } from '@angular/material/list';
import { MatMenuModule } from '@angular/material/menu';
import { MatTabsModule } from '@angular/material/tabs';
import { Router, RouterLink } from '@angular/router';
import { CONDITION_WORDS } from '@dray/core';
import { rosterFromCsv, rosterToCsv, type RosterRead } from '@dray/core/late';
import { firstValueFrom } from 'rxjs';
import { download } from '../ui/download';
import { Notice } from '../ui/notice';
import { PeopleStore } from './people-store';
import { Profile } from './profile';
import { RosterDialog } from './roster-dialog';
import { Strength } from './strength';

const TABS = [$localize`profile and cautions`, 'strength'] as const;

/** Comes with the way to somebody who was just put in. */
const FRESH = { fresh: true };

/** People: who they are and what limits them, and how strong they are. */
@Component({
  selector: 'dray-people',
  imports: [
    MatButton,
    MatIcon,
    MatIconButton,
    MatListModule,
    MatMenuModule,
    MatTabsModule,
    Profile,
    RouterLink,
    Strength,
  ],
  providers: [PeopleStore],
  templateUrl: './people.html',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'list-and-page' },
})
export class PeopleScreen {
  /** From the route. */
  readonly participant = input<string>();

  protected readonly people = inject(PeopleStore);
  private readonly page = inject(DOCUMENT);
  private readonly injector = inject(Injector);
  private readonly alive = inject(DestroyRef);
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef);
  private readonly router = inject(Router);
  private readonly dialogs = inject(MatDialog);
  private readonly notice = inject(Notice);

  protected readonly tabs = TABS;
  protected readonly tab = signal<(typeof TABS)[number]>(TABS[0]);

  protected readonly conditions = computed(() =>
    (this.people.person()?.cautions ?? []).map(({ condition }) => CONDITION_WORDS[condition]).join(', '),
  );

  constructor() {
    effect(() => this.people.show(this.participant()));
    // From the list without anybody one comes to a page of its own.
    if (this.router.currentNavigation()?.extras.state === FRESH) this.selectName();
  }

  protected create(): void {
    this.tab.set(TABS[0]);
    const created = this.router.navigate(['/people', this.people.create()], { state: FRESH });
    void created.then(() => {
      if (!this.alive.destroyed) this.selectName();
    });
  }

  /** Their name is what is written first. */
  private selectName(): void {
    const field = () => this.host.nativeElement.querySelector<HTMLInputElement>('dray-profile input');
    afterNextRender(() => field()?.select(), { injector: this.injector });
  }

  protected duplicate(): void {
    const id = this.people.duplicate();
    if (id !== undefined) void this.router.navigate(['/people', id]);
  }

  protected remove(): void {
    const name = this.people.person()?.name ?? '';
    this.people.remove();
    this.notice.done($localize`${name} is deleted, with what was logged.`);
  }

  /** Out of the class with everything kept; the way back is in the same menu. */
  protected archive(): void {
    const person = this.people.person();
    if (!person) return;
    this.people.documents.archive('participants', person.id);
    void this.router.navigate(['/people']);
    this.notice.done($localize`${person.name} is archived: off every board, nothing lost.`);
  }

  protected bringBack(id: string): void {
    this.people.documents.bringBack('participants', id);
    void this.router.navigate(['/people', id]);
  }

  protected exportRoster(): void {
    download(this.page, 'roster.csv', rosterToCsv(this.people.people()), 'text/csv');
  }

  /** Shows who could join and what could not be read, and waits for the coach's word. */
  protected async readRoster(field: HTMLInputElement): Promise<void> {
    const file = field.files?.[0];
    if (!file) return;
    const roster = rosterFromCsv(await file.text(), () => crypto.randomUUID());
    field.value = '';
    const dialog = this.dialogs.open<RosterDialog, RosterRead, boolean>(RosterDialog, {
      data: roster,
      role: 'alertdialog',
    });
    if (await firstValueFrom(dialog.afterClosed())) this.people.join(roster.people);
  }
}
