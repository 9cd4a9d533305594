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
import { MatButton } from '@angular/material/button';
import { ChoiceField, type Option } from '../ui/forms/choice-field';
import { PlanStore } from './plan-store';

/** Other sessions beside this one, the coach's and ours, to take blocks or the whole from. */
@Component({
  selector: 'dray-copy-from',
  imports: [ChoiceField, MatButton],
  template: `
    <dray-choice
      i18n-label
      label="copy from"
      i18n-named
      named="Session to copy from"
      [value]="source()?.id"
      [options]="sources()"
      (chosen)="chosen.set($event)"
    />
    @if (source(); as session) {
      <button i18n matButton="outlined" (click)="takeAll(session)">Take all of it</button>
      @for (block of session.blocks; track block.id) {
        <section>
          <header class="fields">
            <b>{{ facts[block.kind].name }}</b>
            <button i18n matButton (click)="take(block)">Take</button>
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
    header {
      justify-content: space-between;
      border-top: 1px solid var(--hair);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CopyFrom {
  private readonly plan = inject(PlanStore);
  protected readonly facts = BLOCKS;
  protected readonly starts = STARTING_SESSIONS.map((start) => this.started(start));
  protected readonly chosen = signal<string | undefined>(undefined);

  protected readonly others = computed(() =>
    this.plan.documents.sessions().filter(({ id }) => id !== this.plan.view.session()?.id),
  );
  protected readonly source = computed<Session | undefined>(() => {
    const all = [...this.others(), ...this.starts];
    const empty = this.plan.view.session()?.blocks.length === 0;
    return all.find(({ id }) => id === this.chosen()) ?? (empty ? this.starts[0] : all[0]);
  });

  protected readonly sources = computed<readonly Option<string>[]>(() => [
    ...this.others().map(({ id, name }) => ({ value: id, words: name, group: 'yours' })),
    ...this.starts.map(({ id, name, budgetMinutes }) => ({
      value: id,
      words: $localize`${name}, ${budgetMinutes} min`,
      group: $localize`to begin from`,
    })),
  ]);

  protected nameOf(slot: Block['slots'][number]): string {
    return slotName(slot, this.plan.view.catalog());
  }

  protected workOf({ prescriptions }: Block['slots'][number]): string {
    return formatPrescription(prescriptions[this.plan.tier()], this.plan.view.unit());
  }

  protected take(block: Block): void {
    this.plan.change($localize`${BLOCKS[block.kind].name.toLowerCase()} from another session`, (session) =>
      addBlock(session, copyOfBlock(block, newId)),
    );
  }

  /** Into what is here; an empty session takes the name, the time and the focus too. */
  protected takeAll(from: Session): void {
    this.plan.change($localize`all of ${from.name}`, (session) => {
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
