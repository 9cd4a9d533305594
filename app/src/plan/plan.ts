import { CdkDrag, CdkDragHandle, CdkDropList, type CdkDragDrop } from '@angular/cdk/drag-drop';
import {
  afterNextRender,
  ChangeDetectionStrategy,
  Component,
  computed,
  DOCUMENT,
  ElementRef,
  inject,
  Injector,
  signal,
} from '@angular/core';
import { MatButton, MatIconButton } from '@angular/material/button';
import { MatButtonToggleModule } from '@angular/material/button-toggle';
import { MatIcon } from '@angular/material/icon';
import { MatMenuModule } from '@angular/material/menu';
import { MatTabsModule } from '@angular/material/tabs';
import { MatTooltip } from '@angular/material/tooltip';
import { BLOCKS, blockSchema, prescriptionSchema, TIERS, type BlockKind, type Tier } from '@dray/core';
import { Beside } from '../ui/beside';
import { plural } from '../ui/count';
import { ChoiceField } from '../ui/forms/choice-field';
import { NumberField } from '../ui/forms/number-field';
import { growing } from '../ui/growing';
import { Shortcuts } from '../ui/keys';
import { Notice } from '../ui/notice';
import { Width } from '../ui/width';
import { AddExercise, type Chosen } from './add-exercise';
import { AddLine } from './add-line';
import type { BlockView, SlotView } from './block-views';
import { BoardTold } from './board-told';
import { ClassStrip } from './class-strip';
import type { ClassVersion } from './class-versions';
import { CopyFrom } from './copy-from';
import { ExerciseRail } from './exercise-rail';
import { PlanStore } from './plan-store';
import { PrescriptionField } from './prescription-field';
import { RemarkCount } from './remark-count';
import { SessionHead } from './session-head';
import { SessionRail } from './session-rail';
import { SessionTextView } from './session-text-view';
import { TimelineView } from './timeline-view';
import { draftKey } from './with-drafts';

const BLOCK_KINDS = (Object.keys(BLOCKS) as BlockKind[]).map((value) => ({
  value,
  words: BLOCKS[value].name,
}));

/** How the session begins, all of it, what stands beside it, and what it comes to for the class. */
const PARTS = 4;
const FIRST_BLOCKS = 1;
const NOBODY: readonly ClassVersion[] = [];
/** A list to drop an exercise into so that it stands alone; its place among the blocks follows. */
const GAP = 'gap-';

/** The composer: one session, written once for three tiers, with its time and what it makes of the class. */
@Component({
  selector: 'dray-plan',
  imports: [
    AddExercise,
    AddLine,
    Beside,
    CdkDrag,
    CdkDragHandle,
    CdkDropList,
    ChoiceField,
    ClassStrip,
    CopyFrom,
    ExerciseRail,
    MatButton,
    MatButtonToggleModule,
    MatIcon,
    MatIconButton,
    MatMenuModule,
    MatTabsModule,
    MatTooltip,
    NumberField,
    PrescriptionField,
    RemarkCount,
    SessionHead,
    SessionRail,
    SessionTextView,
    TimelineView,
  ],
  providers: [PlanStore, BoardTold],
  templateUrl: './plan.html',
  styleUrl: './plan.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: {
    class: 'head-and-sheet',
    '(document:keydown)': 'onKey($event)',
  },
})
export class PlanScreen {
  protected readonly plan = inject(PlanStore);
  private readonly width = inject(Width);
  private readonly shortcuts = inject(Shortcuts);
  private readonly notice = inject(Notice);
  private readonly injector = inject(Injector);
  private readonly page = inject(DOCUMENT);
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;

  /** One with every breath: all at once would hold the page up. */
  protected readonly parts = growing(() => PARTS, 1);
  /** All blocks stand; what comes after them would else be pushed down by them. */
  protected readonly whole = computed(() => this.parts() > 1);
  protected readonly blocks = computed(() =>
    this.whole() ? this.plan.blocks() : this.plan.blocks().slice(0, FIRST_BLOCKS),
  );

  /** One at a time where there is no room for three columns. */
  protected readonly tiers = computed(() => (this.width.phone() ? [this.plan.tier()] : TIERS));

  protected roundsWord(rounds: number): string {
    return plural(rounds, $localize`round`, $localize`rounds`);
  }

  protected restOf(grouped: boolean): string {
    return grouped ? $localize`s a round` : $localize`s a set`;
  }

  protected readonly blockKinds = BLOCK_KINDS;
  protected readonly blockShape = blockSchema.shape;
  /** A round is a set of each. */
  protected readonly roundsSchema = prescriptionSchema.shape.sets;

  protected readonly session = this.plan.view.session;
  protected readonly unit = this.plan.view.unit;

  protected readonly timeline = computed(
    () => this.plan.timelines().find(({ tier }) => tier === this.plan.tier())?.timeline,
  );

  /** What every slot comes to for everyone, as the plan has it now. */
  private readonly bySlot = computed(() => {
    const board = this.parts() > 3 ? this.plan.view.firstWeek() : undefined;
    const versions = new Map<string, ClassVersion[]>();
    board?.columns.forEach(({ slot }, column) => {
      const own = board.rows.flatMap(({ participant, cells }) => {
        const cell = cells[column];
        return cell ? [{ name: participant.name, cell }] : [];
      });
      versions.set(slot.id, own);
    });
    return versions;
  });
  protected readonly classVersions = computed(() => this.versionsOf(this.plan.selected()?.id ?? ''));

  protected versionsOf(slotId: string): readonly ClassVersion[] {
    return this.bySlot().get(slotId) ?? NOBODY;
  }

  /** The session written as text instead of the outline. */
  protected readonly asText = signal(false);
  protected readonly rails = [
    { name: 'exercise', words: $localize`exercise` },
    { name: 'session', words: $localize`session` },
    { name: 'copy', words: $localize`copy` },
  ] as const;

  /** Every list an exercise may be dropped into: the blocks', and the gaps between them. */
  protected readonly slotLists = computed(() =>
    this.plan.blocks().flatMap(({ block }, at) => [`slots-${block.id}`, this.gapAfter(at)]),
  );

  protected gapAfter(at: number): string {
    return `${GAP}${at + 1}`;
  }

  protected fieldId(slotId: string, tier: Tier): string {
    return `rx-${slotId}-${tier}`;
  }

  protected key(slotId: string, tier: Tier): string {
    return draftKey(slotId, tier);
  }

  /** Warm-up and cool-down: a line of them, until one is chosen. */
  protected isLoosening({ block }: BlockView): boolean {
    return !BLOCKS[block.kind].lettered;
  }

  /** A block of them with none chosen. */
  protected isCompact(view: BlockView): boolean {
    const id = this.plan.selected()?.id;
    return (
      this.isLoosening(view) &&
      view.slots.length > 0 &&
      this.adding() !== view.block.id &&
      !view.slots.some(({ slot }) => slot.id === id)
    );
  }

  protected readonly slotActs = [
    { words: $localize`join with next`, key: $localize`Alt J`, run: (id: string) => this.plan.join(id) },
    { words: $localize`split off`, key: $localize`Alt P`, run: (id: string) => this.plan.part(id) },
    { words: $localize`up`, key: $localize`Alt ↑`, run: (id: string) => this.plan.nudgeSlot(id, -1) },
    { words: $localize`down`, key: $localize`Alt ↓`, run: (id: string) => this.plan.nudgeSlot(id, 1) },
    { words: $localize`delete`, key: $localize`Alt Delete`, run: (id: string) => this.removeSlot(id) },
  ] as const;

  constructor() {
    inject(BoardTold).watch();
  }

  // Keys.

  protected onKey(event: KeyboardEvent): void {
    const key = this.shortcuts.of(event);
    if (key === 'b') {
      event.preventDefault();
      this.focus('add-block');
    }
    if (key === 't') {
      event.preventDefault();
      this.asText.update((text) => !text);
    }
  }

  protected onSlotKey(event: KeyboardEvent, { slot }: SlotView, blockId: string): void {
    if (!event.altKey) return;
    const act = this.slotAct(event, slot.id, blockId);
    if (!act) return;
    event.preventDefault();
    const focused = this.page.activeElement?.id;
    act();
    // Moving an element in the page takes the focus from it.
    if (focused) this.focus(focused);
  }

  private slotAct(event: KeyboardEvent, slotId: string, blockId: string): (() => void) | undefined {
    const direction = event.key === 'ArrowUp' ? -1 : event.key === 'ArrowDown' ? 1 : undefined;
    if (direction !== undefined && event.shiftKey) return () => this.plan.nudgeBlock(blockId, direction);
    if (direction !== undefined) return () => this.plan.nudgeSlot(slotId, direction);
    if (event.code === 'KeyJ') return () => this.plan.join(slotId);
    if (event.code === 'KeyD') return () => this.plan.duplicateBlock(blockId);
    if (event.code === 'KeyP') return () => this.plan.part(slotId);
    if (event.key === 'Delete' || event.key === 'Backspace') return () => this.removeSlot(slotId);
    return undefined;
  }

  protected goTo(slotId: string, tier: Tier, direction: 1 | -1): void {
    const slots = this.plan.slots();
    const next = slots[slots.findIndex(({ id }) => id === slotId) + direction];
    if (next) this.focus(this.fieldId(next.id, tier));
  }

  // Adding.

  /** The block whose add field is open. */
  protected readonly adding = signal<string | undefined>(undefined);

  protected closeAdding(blockId: string): void {
    if (this.adding() === blockId) this.adding.set(undefined);
  }

  protected addBlock(kind: BlockKind): void {
    this.adding.set(this.plan.addBlock(kind));
  }

  protected removeBlock({ block, name }: BlockView): void {
    this.plan.removeBlock(block.id);
    this.notice.done($localize`${name} is deleted.`);
  }

  private removeSlot(slotId: string): void {
    const name = this.plan.nameOf(slotId);
    this.plan.removeSlot(slotId);
    this.notice.done($localize`${name} is deleted.`);
  }

  protected addSlot(blockId: string, { source, work }: Chosen): void {
    this.adding.set(undefined);
    this.focus(this.fieldId(this.plan.addSlot(blockId, source, work), 'beginner'));
  }

  // Dragging.

  /** At once, not with the next drawing: the library measures where things may go as soon as a drag has begun. */
  protected showGaps(shown: boolean): void {
    this.host.classList.toggle('dragging', shown);
  }

  protected dropBlock({ item, currentIndex }: CdkDragDrop<unknown, unknown, string>): void {
    this.plan.moveBlock(item.data, currentIndex);
  }

  protected dropSlot({ item, container, currentIndex }: CdkDragDrop<string, string, string>): void {
    const list = container.data;
    if (list.startsWith(GAP)) this.plan.partAt(item.data, Number(list.slice(GAP.length)));
    else this.plan.moveSlot(item.data, list, currentIndex);
  }

  private focus(id: string): void {
    afterNextRender(
      () => {
        const element = this.page.getElementById(id);
        element?.focus();
        if (element instanceof HTMLInputElement && id.startsWith('rx-')) element.select();
      },
      { injector: this.injector },
    );
  }

  protected blockSays({ name }: BlockView, place: number): string {
    return $localize`${place}, ${name}`;
  }

  protected moreSays(block: string): string {
    return $localize`More of ${block}`;
  }

  protected addSays(block: string): string {
    return $localize`Add an exercise to ${block}`;
  }
}
