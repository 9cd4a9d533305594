import { inject, Injectable } from '@angular/core';
import { inTurns, type LogEntry } from '@dray/core';
import { noteKey, setsOnFloor, turnId, writeRun, type Run } from '@dray/core/late';
import type { RunRow } from '../data/dray-db';
import { DocumentStore } from '../state/document-store';
import { recordSets } from '../state/record-sets';
import { counted } from '../ui/count';
import { Runs } from './runs';

/**
 * Brings the log to what a run says, set by set, as it happens. What somebody put right in the log meanwhile stands until something
 * else is said of that set on the floor; and so does what was written of the class before it was run.
 */
@Injectable()
export class FloorLog {
  private readonly documents = inject(DocumentStore);
  private readonly runs = inject(Runs);
  /** What was written of each set, as the run said it. */
  private written = new Map<string, string>();
  private writing: Promise<unknown> = Promise.resolve();

  /** A class begins: what stands in the log of it was written by others. */
  begin(row: RunRow): void {
    const there = new Set(this.logOf(row).map(setKey));
    this.written = new Map([...there].map((key) => [key, STANDS]));
    this.keep(row);
  }

  /** A class is taken up again: what was written of it is known, whatever has become of it since. */
  async recall(row: RunRow): Promise<void> {
    this.written = new Map(Object.entries(await this.runs.written(row.id)));
  }

  /** What was done goes into the log at once, one write after the other. */
  write(run: Run, row: RunRow): void {
    const said = saidOf(run);
    const changed = new Set<string>();
    for (const [key, { words, noted }] of said) {
      const before = this.written.get(key);
      // As it was asked is no reason to write over what somebody wrote down by hand.
      if (before !== words && !(before === STANDS && !noted)) changed.add(key);
    }
    const gone = [...this.written].some(([key, words]) => words !== STANDS && !said.has(key));
    if (changed.size === 0 && !gone) return;
    for (const [key, words] of this.written) if (words !== STANDS && !said.has(key)) this.written.delete(key);
    for (const key of changed) this.written.set(key, said.get(key)?.words ?? STANDS);
    this.writing = this.writing.then(() => this.writeNow(run, row, changed));
  }

  private async writeNow(run: Run, row: RunRow, changed: ReadonlySet<string>): Promise<void> {
    const { put, gone } = writeRun(
      run,
      this.logOf(row),
      {
        sessionId: row.sessionId,
        date: row.date,
        now: new Date().toISOString(),
        newId: () => `${row.id}.${crypto.randomUUID()}`,
      },
      {
        own: ({ id }) => id.startsWith(`${row.id}.`),
        changed: (work, set) => changed.has(setKey({ ...work, ...set })),
      },
    );
    if (put.length + gone.length > 0) {
      const label = $localize`on the floor: ${counted(put.length, $localize`set`, $localize`sets`)}`;
      await recordSets(this.documents, row.sessionId, label, put, gone);
    }
    this.keep(row);
  }

  /** Known after a reload too: a remark that was on its way when the page went is written then. */
  private keep(row: RunRow): void {
    void this.runs.wrote(row.id, Object.fromEntries(this.written)).catch(() => undefined);
  }

  /** What is written of the class that a run is of. */
  private logOf({ sessionId, turn }: RunRow): LogEntry[] {
    const document = this.documents.document();
    if (!document) return [];
    const { log } = inTurns(document, sessionId).document;
    return log.filter((entry) => entry.sessionId === sessionId && entry.week === turn);
  }
}

/** Written by others, before the class was run. */
const STANDS = 'stands';

/** One set of one person in one slot; sides apart. */
function setKey({
  participantId,
  slotId,
  set,
  side,
}: Pick<LogEntry, 'participantId' | 'slotId' | 'set' | 'side'>): string {
  return [participantId, slotId, set, side ?? ''].join(' ');
}

/** What a run says of every set that was done, and whether anything of it was said by somebody. */
function saidOf(run: Run): Map<string, { readonly words: string; readonly noted: boolean }> {
  return new Map(
    setsOnFloor(run).flatMap(({ work, sets }) =>
      sets.map((set) => {
        const noted = run.notes[noteKey(turnId(work.slotId, set.set), work.participantId)] !== undefined;
        const words = JSON.stringify([work.exerciseId, work.rungId, set]);
        return [setKey({ ...work, ...set }), { words, noted }] as const;
      }),
    ),
  );
}
