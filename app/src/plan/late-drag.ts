import {
  contentChild,
  Directive,
  effect,
  ElementRef,
  inject,
  Injectable,
  Injector,
  input,
  output,
  signal,
  type OnDestroy,
} from '@angular/core';
import type * as DragDropModule from '@angular/cdk/drag-drop';
import type { DragRef, DropListRef } from '@angular/cdk/drag-drop';

type DragTools = typeof DragDropModule;

/**
 * Dragging comes when somebody first reaches for it: it is a quarter of what the first screen would otherwise weigh.
 * The directives below are the library's own drag and drop, put on once it is here.
 */
@Injectable()
export class LateDrag {
  readonly tools = signal<DragTools | undefined>(undefined);
  private loading = false;
  /** Something is on its way: lists it enters must not be arranged anew, or they would take it home. */
  dragging = false;

  load(): void {
    if (this.loading) return;
    this.loading = true;
    import('@angular/cdk/drag-drop')
      .then((tools) => this.tools.set(tools))
      .catch(() => (this.loading = false));
  }
}

/** What was dropped where. */
export interface Dropped {
  readonly item: string;
  /** The list it was dropped into. */
  readonly list: string;
  readonly index: number;
}

/** The part of a thing by which it is dragged. */
@Directive({ selector: '[drayDragHandle]', host: { '[style.touch-action]': '"none"' } })
export class DragHandle {
  readonly element = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;
}

/** A list into which things are dropped; lists of one group change things between them. */
@Directive({ selector: '[drayDropList]' })
export class DropList implements OnDestroy {
  readonly list = input.required<string>({ alias: 'drayDropList' });
  readonly drayDropGroup = input('');
  readonly drayDropped = output<Dropped>();

  readonly element = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;
  private readonly late = inject(LateDrag);
  private readonly injector = inject(Injector);
  private readonly items = new Set<DragItem>();
  private ref: DropListRef<string> | undefined;
  private static readonly all = new Set<DropList>();

  constructor() {
    DropList.all.add(this);
    effect(() => {
      const tools = this.late.tools();
      if (!tools || this.ref) return;
      const ref = tools.createDropListRef<string>(this.injector, this.element);
      ref.withOrientation('vertical');
      ref.beforeStarted.subscribe(() => this.prepare());
      ref.dropped.subscribe(({ item, container, currentIndex }) => {
        this.late.dragging = false;
        for (const { element } of DropList.all) element.classList.remove('cdk-drop-list-dragging');
        const { data } = container as DropListRef<string>;
        this.drayDropped.emit({ item: (item as DragRef<string>).data, list: data, index: currentIndex });
      });
      this.ref = ref;
    });
  }

  add(item: DragItem): void {
    this.items.add(item);
    this.arrange();
  }

  remove(item: DragItem): void {
    this.items.delete(item);
    this.arrange();
  }

  ngOnDestroy(): void {
    DropList.all.delete(this);
    this.ref?.dispose();
  }

  /** The library asks before each drag, and again where it enters: who is here in which order, and where else a thing may go. */
  private prepare(): void {
    const { ref } = this;
    if (!ref || this.late.dragging) return;
    this.late.dragging = true;
    ref.data = this.list();
    this.arrange();
    const group = this.drayDropGroup();
    const others = [...DropList.all].filter(
      (other) => other !== this && group !== '' && other.drayDropGroup() === group,
    );
    for (const other of others) {
      if (other.ref) other.ref.data = other.list();
      other.arrange();
    }
    ref.connectedTo(others.flatMap((other) => other.ref ?? []));
    this.element.classList.add('cdk-drop-list-dragging');
  }

  private arrange(): void {
    const inOrder = [...this.items].sort((a, b) =>
      a.element.compareDocumentPosition(b.element) & Node.DOCUMENT_POSITION_FOLLOWING ? -1 : 1,
    );
    this.ref?.withItems(inOrder.flatMap((item) => item.ref ?? []));
  }
}

/** A thing that can be dragged by its handle, in the list around it. */
@Directive({ selector: '[drayDrag]', host: { class: 'cdk-drag' } })
export class DragItem implements OnDestroy {
  readonly item = input.required<string>({ alias: 'drayDrag' });

  readonly element = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;
  private readonly handle = contentChild.required(DragHandle);
  private readonly list = inject(DropList);
  private readonly late = inject(LateDrag);
  private readonly injector = inject(Injector);
  ref: DragRef<string> | undefined;

  constructor() {
    effect(() => {
      const tools = this.late.tools();
      if (!tools) return;
      this.ref ??= this.create(tools);
      this.ref.data = this.item();
      this.ref.withHandles([this.handle().element]);
    });
  }

  ngOnDestroy(): void {
    this.list.remove(this);
    this.ref?.dispose();
  }

  private create(tools: DragTools): DragRef<string> {
    const ref = tools.createDragRef<string>(this.injector, this.element);
    ref.lockAxis = 'y';
    this.ref = ref;
    this.list.add(this);
    return ref;
  }
}
