import { inject, Injectable } from '@angular/core';
import type { RunEvent } from '@dray/core/late';
import { DRAY_DB } from '../data/document-repository';
import type { RunRow } from '../data/dray-db';

/** A run as it is kept, with all that happened. */
export interface KeptRun {
  readonly row: RunRow;
  readonly events: readonly RunEvent[];
  /** When a page last had it before its eyes, in milliseconds. */
  readonly seen: number;
}

/** Runs that ended longer ago say nothing more to anybody: their sets are in the log. */
const KEPT_MS = 60 * 86_400_000;

/** Classes run on the floor, event by event as they happen: what is here outlives the page, the tab and the battery. */
@Injectable({ providedIn: 'root' })
export class Runs {
  private readonly db = inject(DRAY_DB);

  /** The last run that has not ended. */
  async open(): Promise<KeptRun | undefined> {
    const row = (await this.db.runs.orderBy('startedAt').toArray()).findLast(({ ended }) => !ended);
    return row && this.withEvents(row);
  }

  /** Another begins: what did not end before has ended, and what is old goes. */
  async begin(row: RunRow): Promise<void> {
    await this.db.transaction('rw', this.db.runs, this.db.runEvents, this.db.device, async () => {
      const old = await this.db.runs
        .where('startedAt')
        .below(row.startedAt - KEPT_MS)
        .primaryKeys();
      await this.db.runs.bulkDelete(old);
      await this.db.runEvents.where('runId').anyOf(old).delete();
      await this.db.device.bulkDelete(old.flatMap((id) => [seenKey(id), writtenKey(id)]));
      await this.db.runs.toCollection().modify({ ended: true });
      await this.db.runs.put(row);
    });
  }

  /** All of them are on the disk then, or none. */
  async add(runId: string, ...events: RunEvent[]): Promise<void> {
    await this.db.transaction('rw', this.db.runEvents, () =>
      this.db.runEvents.bulkAdd(events.map((event) => ({ runId, event }))),
    );
  }

  async end(runId: string): Promise<void> {
    await this.db.runs.update(runId, { ended: true });
  }

  /** A run that is before somebody's eyes now. */
  async see(runId: string, now: number): Promise<void> {
    await this.db.device.put({ id: seenKey(runId), value: now });
  }

  /** What of a run the log was told: by set, as the run said it. */
  async written(runId: string): Promise<Readonly<Record<string, string>>> {
    const row = await this.db.device.get(writtenKey(runId));
    return (row?.value ?? {}) as Readonly<Record<string, string>>;
  }

  async wrote(runId: string, value: Readonly<Record<string, string>>): Promise<void> {
    await this.db.device.put({ id: writtenKey(runId), value });
  }

  async events(runId: string): Promise<RunEvent[]> {
    const rows = await this.db.runEvents.where('runId').equals(runId).sortBy('n');
    return rows.map(({ event }) => event);
  }

  private async withEvents(row: RunRow): Promise<KeptRun> {
    const [events, seen] = await Promise.all([this.events(row.id), this.db.device.get(seenKey(row.id))]);
    return { row, events, seen: Number(seen?.value ?? events.at(-1)?.at ?? row.startedAt) };
  }
}

function writtenKey(runId: string): string {
  return `floor written ${runId}`;
}

function seenKey(runId: string): string {
  return `floor seen ${runId}`;
}
