import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import {
  BLOCKS,
  copyOfBlock,
  formatPrescription,
  slotName,
  type Block,
  type Session,
  addBlock,
} from '@dray/core';
import { startFrom, STARTING_SESSIONS, type StartingSession } from '@dray/core/late';
import { PlanStore } from './plan-store';

/** Other sessions beside this one, the coach's and ours, to take blocks or the whole from. */
@Component({
  selector: 'dray-copy-from',
  template: `
    <label class="from"
      >copy from
      <select class="field" aria-label="Session to copy from" (change)="choose($any($event.target).value)">
        <optgroup label="yours">
          @for (session of others(); track session.id) {
            <option [value]="session.id" [selected]="session.id === source()?.id">{{ session.name }}</option>
          }
        </optgroup>
        <optgroup label="to begin from">
          @for (session of starts; track session.id) {
            <option [value]="session.id" [selected]="session.id === source()?.id">
              {{ session.name }}, {{ session.budgetMinutes }} min
            </option>
          }
        </optgroup>
      </select>
    </label>
    @if (source(); as session) {
      <button type="button" class="button" (click)="takeAll(session)">Take all of it</button>
      @for (block of session.blocks; track block.id) {
        <section>
          <header>
            <b>{{ facts[block.kind].name }}</b>
            <button type="button" class="plain" (click)="take(block)">take</button>
          </header>
          @for (slot of block.slots; track slot.id) {
            <p>
              {{ nameOf(slot) }} <small>{{ workOf(slot) }}</small>
            </p>
          }
        </section>
      }
    }
  `,
  styles: `
    :host {
      display: block;
      font-size: 13px;
    }
    .from {
      color: var(--ink-2);
      font-size: 12px;
    }
    .field {
      display: block;
      width: 100%;
      font-size: 14px;
      color: var(--ink);
    }
    .button {
      margin: 10px 0;
    }
    section {
      border-top: 1px solid var(--hair);
      padding: 4px 0;
    }
    header {
      display: flex;
      justify-content: space-between;
      align-items: baseline;
    }
    p {
      line-height: 1.25;
      padding: 1px 0;
    }
    small {
      display: block;
      color: var(--ink-2);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CopyFrom {
  private readonly plan = inject(PlanStore);
  protected readonly facts = BLOCKS;
  protected readonly starts = STARTING_SESSIONS.map((start) => this.started(start));
  private readonly chosen = signal('');

  protected readonly others = computed(() =>
    (this.plan.documents.document()?.sessions ?? []).filter(({ id }) => id !== this.plan.view.session()?.id),
  );
  protected readonly source = computed<Session | undefined>(() => {
    const all = [...this.others(), ...this.starts];
    const empty = this.plan.view.session()?.blocks.length === 0;
    return all.find(({ id }) => id === this.chosen()) ?? (empty ? this.starts[0] : all[0]);
  });

  protected choose(id: string): void {
    this.chosen.set(id);
  }

  protected nameOf(slot: Block['slots'][number]): string {
    return slotName(slot, this.plan.view.catalog());
  }

  protected workOf({ prescriptions }: Block['slots'][number]): string {
    return formatPrescription(prescriptions[this.plan.tier()], this.plan.view.unit());
  }

  protected take(block: Block): void {
    this.plan.change(`${BLOCKS[block.kind].name.toLowerCase()} from another session`, (session) =>
      addBlock(session, copyOfBlock(block, newId)),
    );
  }

  /** Into what is here; an empty session takes the name, the time and the focus too. */
  protected takeAll(from: Session): void {
    this.plan.change(`all of ${from.name}`, (session) => {
      const blocks = from.blocks.map((block) => copyOfBlock(block, newId));
      if (session.blocks.length > 0) return blocks.reduce((own, block) => addBlock(own, block), session);
      const { name, budgetMinutes, focus } = from;
      return { ...session, name, budgetMinutes, ...(focus && { focus }), blocks };
    });
  }

  private started(start: StartingSession): Session {
    return startFrom(start, this.plan.view.catalog(), newId);
  }
}

function newId(): string {
  return crypto.randomUUID();
}
