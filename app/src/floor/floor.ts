import {
  ChangeDetectionStrategy,
  Component,
  computed,
  DestroyRef,
  DOCUMENT,
  effect,
  ElementRef,
  inject,
  signal,
  viewChild,
} from '@angular/core';
import { MatButton, MatIconButton } from '@angular/material/button';
import { MatDialog } from '@angular/material/dialog';
import { MatIcon } from '@angular/material/icon';
import { MatMenuModule } from '@angular/material/menu';
import { RouterLink } from '@angular/router';
import { formatSeconds } from '@dray/core';
import { doersOf, hasOtherSide, remainingMs, setMs, uncounted } from '@dray/core/late';
import { firstValueFrom } from 'rxjs';
import { ViewStore } from '../state/view-store';
import { Frame } from '../ui/frame';
import { growing } from '../ui/growing';
import { isField, Shortcuts } from '../ui/keys';
import { SessionPicker } from '../ui/session-picker';
import { WeekRamp } from '../ui/week-ramp';
import { Width } from '../ui/width';
import { FloorChoices } from './floor-choices';
import { FloorLog } from './floor-log';
import { FloorStore } from './floor-store';
import { keepAwake } from './keep-awake';
import { MeasuredTimes } from './measured-times';
import { Lanes, type LaneView } from './lane-view';
import { LanesView } from './lanes';
import { PersonPanel } from './person-panel';
import { questionOf, QuestionPanel } from './question-panel';
import { ReadyPanel } from './ready-panel';
import { Stage } from './stage';
import { countdown, stageView } from './stage-view';

const MORE_REST_MS = 15_000;
const TREMBLE_MS = 600;
const MS = 1000;

/** The head, what is on, everybody's own. */
const PARTS = 3;

/** A class on the floor: what is on, read at five metres, everybody's own below it, and the log that writes itself. */
@Component({
  selector: 'dray-floor',
  imports: [
    LanesView,
    MatButton,
    MatIcon,
    MatIconButton,
    MatMenuModule,
    MeasuredTimes,
    PersonPanel,
    QuestionPanel,
    ReadyPanel,
    RouterLink,
    SessionPicker,
    Stage,
    WeekRamp,
  ],
  providers: [FloorLog, FloorStore, Lanes],
  templateUrl: './floor.html',
  styleUrl: './floor.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FloorScreen {
  protected readonly floor = inject(FloorStore);
  private readonly lanes = inject(Lanes);
  private readonly classes = inject(ViewStore);
  private readonly choices = inject(FloorChoices);
  private readonly shortcuts = inject(Shortcuts);
  private readonly dialogs = inject(MatDialog);
  private readonly page = inject(DOCUMENT);
  protected readonly frame = inject(Frame);
  private readonly width = inject(Width);

  protected readonly run = this.floor.run;
  /** Begun, or over. */
  protected readonly under = computed(() => this.floor.run() !== undefined);
  protected readonly view = computed(() => {
    const run = this.floor.shown();
    return run && stageView(run, this.floor.now());
  });
  protected readonly sessionName = computed(() => this.classes.session()?.name ?? '');
  protected readonly toGo = computed(() => {
    const run = this.floor.shown();
    return run ? countdown(remainingMs(run, this.floor.now())) : '';
  });
  protected readonly nextKey = computed(() => (this.choices.all().touch === 'next' ? $localize`space` : '→'));

  /** One with every breath: all at once would hold the page up. */
  protected readonly parts = growing(() => PARTS, 1);

  private lastTouch = 0;

  /** Who is brought to the front. */
  protected readonly chosen = signal<string | undefined>(undefined);
  protected readonly chosenLane = computed(() =>
    this.under() ? this.lanes.all().find(({ participant }) => participant.id === this.chosen()) : undefined,
  );
  protected readonly asks = computed(() => {
    const run = this.floor.run();
    return run !== undefined && questionOf(run, this.floor.asked(), () => '') !== undefined;
  });
  /** The whole class as a strip, to scale. */
  protected readonly turns = computed(() => {
    const run = this.floor.shown();
    const done = new Set(run?.ended.map(({ turn }) => turn.id));
    if (!run) return [];
    return run.turns.map((turn, at, all) => ({
      id: turn.id,
      ms: Math.max(1, ...doersOf(run, turn).map(({ set }) => setMs(set))),
      done: done.has(turn.id),
      on: at === run.at,
      begins: at > 0 && all[at - 1]?.blockId !== turn.blockId,
    }));
  });
  /** A set that is counted is done on one side after the other. */
  protected readonly otherSide = computed(() => {
    const run = this.run();
    return run !== undefined && hasOtherSide(run);
  });
  /** Sets of which only a number says how many they were, and nobody said it. */
  protected readonly notCounted = computed(() => {
    const run = this.run();
    return run && !this.floor.rehearsal() ? uncounted(run).length : 0;
  });
  protected readonly awayWords = computed(() => formatSeconds(Math.round((this.floor.away() ?? 0) / MS)));

  constructor() {
    const destroyed = inject(DestroyRef);
    const onKey = (event: KeyboardEvent) => this.onKey(event);
    // Before the frame sees them: on the floor a digit is a person, and undo is of the class.
    this.page.addEventListener('keydown', onKey, { capture: true });
    destroyed.onDestroy(() => this.page.removeEventListener('keydown', onKey, { capture: true }));
    // On a phone it stands below: it is brought before the eyes.
    effect(() => {
      if (this.chosen() !== undefined && this.width.narrow())
        this.beside()?.nativeElement.scrollIntoView({ block: 'start' });
    });
    effect(() => this.first()?.nativeElement.focus());
    effect(() => this.frame.whole.set(this.under()));
    destroyed.onDestroy(() => this.frame.whole.set(false));
    const going = computed(() => this.run()?.status === 'going');
    effect((onCleanup) => {
      if (going()) onCleanup(keepAwake(this.page));
    });
    effect(() => {
      const seen = this.view()?.seen;
      if (seen === 'go' || seen === 'out')
        this.page.defaultView?.navigator.vibrate?.(seen === 'go' ? 200 : [120, 80, 120]);
    });
  }

  /** The hand that began it goes on with the same button. */
  private readonly first = viewChild<string, ElementRef<HTMLElement>>('first', { read: ElementRef });

  private readonly beside = viewChild<string, ElementRef<HTMLElement>>('beside', { read: ElementRef });

  protected next(): void {
    this.floor.send({ kind: 'next' });
  }

  protected pause(): void {
    this.floor.send({ kind: this.run()?.status === 'paused' ? 'goOn' : 'pause' });
  }

  protected moreRest(): void {
    this.floor.send({ kind: 'moreRest', ms: MORE_REST_MS });
  }

  protected end(): void {
    this.floor.send({ kind: 'end' });
  }

  /** A hand that trembles touches twice: what comes at once after is no other wish, and would end a set that has just begun. */
  protected touched(): void {
    const now = this.floor.now();
    if (!this.under() || now - this.lastTouch < TREMBLE_MS) return;
    this.lastTouch = now;
    if (this.choices.all().touch === 'next' && this.run()?.status === 'going') this.next();
    else this.pause();
  }

  protected choose(lane: LaneView): void {
    if (!this.under()) this.floor.toggleAbsent(lane.participant.id);
    else this.chosen.update((now) => (now === lane.participant.id ? undefined : lane.participant.id));
  }

  protected step({ lane, way }: { readonly lane: LaneView; readonly way: 'easier' | 'harder' }): void {
    if (lane.slotId !== undefined) this.floor.step(lane.participant.id, lane.slotId, way);
  }

  /** Another exercise for one person, by the finder of the board; the class goes on meanwhile. */
  protected async another({ participant }: LaneView, slotId: string): Promise<void> {
    const { openCell } = await import('../board/cell-dialog');
    const dialog = openCell(this.dialogs, { participantId: participant.id, slotId });
    await firstValueFrom(dialog.afterClosed(), { defaultValue: undefined });
    this.floor.takeUp(participant.id, slotId);
  }

  /** In a window of its own, which a second screen can be given. */
  protected openWall(event: Event): void {
    event.preventDefault();
    this.page.defaultView?.open('/floor/wall', 'dray-wall', 'popup,width=1280,height=800');
  }

  private onKey(event: KeyboardEvent): void {
    if (
      !this.under() ||
      this.dialogs.openDialogs.length > 0 ||
      this.page.querySelector('.mat-mdc-menu-panel')
    )
      return;
    const command = (event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z';
    const pressed = command ? 'u' : isField(event.target) ? undefined : this.shortcuts.of(event);
    const act = pressed === undefined ? undefined : this.actOf(pressed, event.target);
    if (!act) return;
    event.preventDefault();
    event.stopImmediatePropagation();
    // A key that is held down is one wish.
    if (!event.repeat) act();
  }

  private actOf(pressed: string, target: EventTarget | null): (() => void) | undefined {
    const lane = this.lanes.all().find(({ key }) => key !== '' && key === pressed);
    if (lane) return () => this.choose(lane);
    const person = this.chosenLane();
    switch (pressed) {
      case ' ':
        // A button that has the focus is pressed by it.
        return target instanceof HTMLElement && target.closest('button, a, [role=checkbox]')
          ? undefined
          : () => this.touched();
      case 'ArrowRight':
        return () => this.next();
      case 'ArrowLeft':
        return () => this.floor.send({ kind: 'back' });
      case 'ArrowUp':
        return () => this.moreRest();
      case 'p':
        return () => this.pause();
      case 's':
        return () => this.floor.send({ kind: 'otherSide' });
      case 'u':
        return () => this.floor.send({ kind: 'undo' });
      case 'Escape':
        return person && (() => this.chosen.set(undefined));
      case 'e':
        return person && (() => this.step({ lane: person, way: 'easier' }));
      case 'h':
        return person && (() => this.step({ lane: person, way: 'harder' }));
      case 'f':
        return person && (() => this.floor.note(person.participant.id, { form: 'lost' }));
      case 'n':
        return person && (() => this.floor.note(person.participant.id, { left: 'nothing' }));
      default:
        return undefined;
    }
  }
}
