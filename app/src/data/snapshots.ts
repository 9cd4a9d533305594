import { inject, Injectable } from '@angular/core';
import type { DrayDocument } from '@dray/core';
import { DocumentRepository, DRAY_DB } from './document-repository';
import type { Snapshot } from './dray-db';
import { isoDate } from './today';

const MOST_KEPT = 5;

/** The last five states of the class to go back to: one from the first look of each day, one before another class came in. */
@Injectable({ providedIn: 'root' })
export class Snapshots {
  private readonly db = inject(DRAY_DB);
  private readonly repository = inject(DocumentRepository);

  /** The newest first. */
  async all(): Promise<readonly Snapshot[]> {
    return this.db.snapshots.orderBy('at').reverse().toArray();
  }

  /** Keeps how the class stands; the oldest beyond five goes. What is at hand of the log goes in, older sets are never touched. */
  async take(why: Snapshot['why'], document: DrayDocument): Promise<void> {
    const { serializeDocument } = await import('./as-file');
    const packed = await pack(serializeDocument(document));
    const snapshot: Snapshot = {
      id: crypto.randomUUID(),
      at: new Date().toISOString(),
      why,
      people: document.participants.length,
      sets: document.log.length,
      packed,
    };
    await this.db.transaction('rw', this.db.snapshots, async () => {
      const kept = await this.db.snapshots.orderBy('at').reverse().primaryKeys();
      await this.db.snapshots.bulkDelete(kept.slice(MOST_KEPT - 1));
      await this.db.snapshots.put(snapshot);
    });
  }

  /** Once a day, as the class stands before anything is done to it. */
  async takeOfToday(document: DrayDocument): Promise<void> {
    const today = isoDate(new Date());
    const all = await this.all();
    if (all.some(({ at, why }) => why === 'day' && isoDate(new Date(at)) === today)) return;
    await this.take('day', document);
  }

  /**
   * The class as it stood then, with the older sets of the log that no snapshot holds.
   *
   * @throws Error in words, where it cannot be read: nothing has changed then
   */
  async open(id: string): Promise<DrayDocument> {
    const snapshot = await this.db.snapshots.get(id);
    if (!snapshot) throw new Error($localize`It is not there any more: a newer one has taken its place.`);
    const { parseDocument } = await import('./as-file');
    const parsed = parseDocument(await unpack(snapshot.packed));
    if (!parsed.ok) throw new Error(parsed.problems[0]?.sentence);
    return this.repository.whole(parsed.document);
  }
}

async function pack(text: string): Promise<Blob> {
  const stream = new Blob([text]).stream().pipeThrough(new CompressionStream('gzip'));
  return new Response(stream).blob();
}

async function unpack(packed: Blob): Promise<string> {
  return new Response(packed.stream().pipeThrough(new DecompressionStream('gzip'))).text();
}
