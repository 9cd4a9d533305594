import { inject, Injectable, InjectionToken } from '@angular/core';
import { liveQuery, type Table } from 'dexie/dist/modern/dexie.min.mjs';
import { DOCUMENT_VERSION, EMPTY_DOCUMENT, type DrayDocument, type LogEntry } from '@dray/core';
import { Observable } from 'rxjs';
import { outcome, SETTINGS_ID, type RecordChange } from './changes';
import { demoFor } from './demo-dates';
import { DrayDb, type Row, type Step, type StoreTrouble } from './dray-db';
import { LISTS } from './lists';
import { daysFrom, logHorizon, readLog, readLogOf, writeLog } from './log-days';
import type { Prefer } from './merge';
import { Tab } from './tab';
import { TODAY } from './today';
import { leaveUnwritten, unwrittenLeft, type Unwritten, type Write } from './unwritten';

export const DRAY_DB = new InjectionToken<DrayDb>('the browser’s store', {
  providedIn: 'root',
  factory: () => new DrayDb(),
});

/** Fetches what ships with the application for a fresh profile: the demo class, and what it has logged. */
export const DEMO_TEXT = new InjectionToken<
  (file: 'boatyard.dray.json' | 'boatyard-log.json') => Promise<string>
>('the demo document', {
  providedIn: 'root',
  factory: () => async (file) => (await fetch(`demo/${file}`)).text(),
});

/** What comes after the demo itself. */
type DemoLog = Pick<DrayDocument, 'log' | 'visits' | 'classes'>;

/** Stands on the device while the demo's log is still to come: the day on which the demo came. */
const LOG_DUE = 'demo log due';

/** What an edit does to the steps of undo: its own is written, those it makes meaningless go. */
export interface StepsChange {
  readonly put: Step;
  readonly gone: readonly string[];
}

/** Whose class is on screen: the made-up one to look round in, or the coach's own. */
export type Front = 'demo' | 'own';

/** What this device knows of the two: which is in front, whether the other is put away, and whether anybody has chosen yet. */
export interface Standing {
  readonly front: Front;
  readonly putAway: boolean;
  readonly welcomed: boolean;
}

const FRONT = 'front class';
const PUT_AWAY = 'put away class';
const NOTHING_LEFT: Unwritten = { writes: [], drafts: {} };
const EVERYBODYS: Standing = { front: 'own', putAway: false, welcomed: true };

/** The document in the browser's store: read whole, written record by record, shared between tabs. */
@Injectable({ providedIn: 'root' })
export class DocumentRepository {
  private readonly db = inject(DRAY_DB);
  private readonly fetchDemo = inject(DEMO_TEXT);
  private readonly today = inject(TODAY);
  private readonly tab = inject(Tab);
  /** Counts of writes of our own that were not seen to come back yet. */
  private readonly mine = new Set<number>();
  /** How many writes the store had seen when the document was read last. */
  private readAt?: number;

  /** What is kept, or the demo in a fresh profile: its log follows, see `addDemoLog`. */
  async open(): Promise<{
    readonly document: DrayDocument;
    /** The demo is here and its log still to come. */
    readonly fresh: boolean;
    /** Nothing was here before. */
    readonly empty: boolean;
  }> {
    const kept = await this.read();
    if (kept) return { document: kept, fresh: await this.awaitsDemoLog(), empty: false };
    // It ships with this build and is parsed by its tests.
    const demo = JSON.parse(await this.demoText('boatyard.dray.json')) as DrayDocument;
    // Another tab may have been faster; the transaction makes sure that only one of them fills the store.
    const fresh = await this.db.transaction('rw', this.db.tables, async () => {
      if (await this.holdsAnything()) return false;
      await this.fill(demo);
      await this.db.device.put({ id: LOG_DUE, value: this.today() });
      await this.stand({ front: 'demo', putAway: false, welcomed: false });
      return true;
    });
    return { document: (await this.read()) ?? demo, fresh, empty: true };
  }

  /**
   * What closing tabs could not write any more, in their order; their half-typed texts are kept at once. It stays where it was left
   * until `forgetLeft`.
   */
  async leftUnwritten(): Promise<{ readonly tabs: readonly string[]; readonly writes: readonly Write[] }> {
    const elsewhere = await this.tab.others();
    const gone = unwrittenLeft().filter(({ tab }) => !elsewhere(tab));
    for (const { left } of gone) {
      for (const [id, text] of Object.entries(left.drafts)) await this.db.drafts.put({ id, text });
    }
    return { tabs: gone.map(({ tab }) => tab), writes: gone.flatMap(({ left }) => left.writes) };
  }

  /** They are on the disk now, or belong to a class that is no more. */
  forgetLeft(tabs: readonly string[]): void {
    for (const tab of tabs) leaveUnwritten(tab, NOTHING_LEFT);
  }

  /** Keeps what is not on the disk yet where a closing page still can. */
  leave(left: Unwritten): void {
    leaveUnwritten(this.tab.id, left);
  }

  /** What the demo class has logged, into a store that still waits for it. What was written down meanwhile stands. */
  async addDemoLog(): Promise<void> {
    const since = (await this.db.device.get(LOG_DUE))?.value;
    // However late it comes, it belongs to the weeks of the demo that is there.
    const { log, visits, classes } = await this.demoLog(typeof since === 'string' ? since : this.today());
    await this.db.transaction('rw', this.db.tables, async () => {
      // Another document has come in the demo's place, or another tab was faster.
      if (!(await this.db.device.get(LOG_DUE))) return;
      await this.db.device.delete(LOG_DUE);
      await addMissing(this.db.days, daysFrom(log));
      await addMissing(this.db.visits, rowsOf(visits));
      await addMissing(this.db.classes, rowsOf(classes));
    });
  }

  /** Whether the demo is here and what it has logged is still to come. */
  async awaitsDemoLog(): Promise<boolean> {
    return (await this.db.device.get(LOG_DUE)) !== undefined;
  }

  /** The whole demo document. */
  async demo(): Promise<DrayDocument> {
    const document = JSON.parse(await this.demoText('boatyard.dray.json')) as DrayDocument;
    return { ...document, ...(await this.demoLog(this.today())) };
  }

  private async demoLog(on: string): Promise<DemoLog> {
    return JSON.parse(await this.demoText('boatyard-log.json', on)) as DemoLog;
  }

  /** A file of the demo, as if it had been written in the week of a day. */
  private async demoText(file: Parameters<typeof this.fetchDemo>[0], on = this.today()): Promise<string> {
    return demoFor(on, await this.fetchDemo(file));
  }

  /** Which class is in front here; a browser that was never asked has its own. */
  async standing(): Promise<Standing> {
    return ((await this.db.device.get(FRONT))?.value as Standing | undefined) ?? EVERYBODYS;
  }

  async stand(standing: Standing): Promise<void> {
    await this.db.device.put({ id: FRONT, value: standing });
  }

  /**
   * The class that was put away, as it was.
   *
   * @throws Error where it cannot be read: it stays where it is then
   */
  async putAwayClass(): Promise<DrayDocument | undefined> {
    const text = (await this.db.device.get(PUT_AWAY))?.value;
    if (typeof text !== 'string') return undefined;
    const { parseDocument } = await import('./as-file');
    const parsed = parseDocument(text);
    if (!parsed.ok) throw new Error(parsed.problems[0]?.sentence);
    return parsed.document;
  }

  /** Puts the class in front away, whole, and another in its place, all or nothing. */
  async exchange(front: Front, document: DrayDocument, away: DrayDocument): Promise<void> {
    const { serializeDocument } = await import('./as-file');
    const text = serializeDocument(await this.whole(away));
    await this.announcing(async () => {
      await this.db.device.put({ id: PUT_AWAY, value: text });
      await this.stand({ front, putAway: true, welcomed: true });
      await this.begin(document);
    });
  }

  async read(): Promise<DrayDocument | undefined> {
    return this.db.transaction('r', this.db.tables, async () => {
      const settings = await this.db.settings.get(SETTINGS_ID);
      // One row that is missing is no reason to take all the others for nothing.
      if (!settings && !(await this.holdsAnything())) return undefined;
      const lists = await Promise.all(
        LISTS.map(async (list) => {
          const rows = await this.db[list].toArray();
          return [list, rows.sort((a, b) => a.at - b.at).map(({ value }) => value)] as const;
        }),
      );
      const parts = Object.fromEntries(lists) as Pick<DrayDocument, 'programs'>;
      const log = await readLog(this.db.days, logHorizon(parts.programs, this.today()));
      this.readAt = await this.writes();
      // Only parsed documents and edits of them are ever written, so what is read back is trusted.
      return {
        format: 'dray',
        version: DOCUMENT_VERSION,
        settings: settings?.value ?? EMPTY_DOCUMENT.settings,
        ...parts,
        log,
      } as DrayDocument;
    });
  }

  /**
   * A document with all of its log, however long, for a file: as the page has it, which may hold what could not be
   * written yet, and from the disk only what is too old to be at hand.
   */
  async whole(atHand: DrayDocument): Promise<DrayDocument> {
    const horizon = logHorizon(atHand.programs, this.today());
    const kept = await readLog(this.db.days, '').catch((): LogEntry[] => []);
    const known = new Set(atHand.log.map(({ id }) => id));
    const older = kept.filter(({ id, date }) => date < horizon && !known.has(id));
    return older.length > 0 ? { ...atHand, log: [...older, ...atHand.log] } : atHand;
  }

  /** Everything one person has ever logged. */
  logOf(participantId: string): Promise<LogEntry[]> {
    return readLogOf(this.db.days, participantId);
  }

  /** The sets of some days, as they are kept now. */
  async logOfDays(days: readonly string[]): Promise<LogEntry[]> {
    return (await this.db.days.bulkGet([...days])).flatMap((day) => day?.entries ?? []);
  }

  /** The edits that can be taken back here, oldest first: this tab’s own, and those of tabs that are gone. */
  async steps(): Promise<readonly Step[]> {
    const elsewhere = await this.tab.others();
    const steps = await this.db.steps.orderBy('at').toArray();
    return steps.filter(({ tab }) => tab === undefined || !elsewhere(tab));
  }

  /** How many writes this store has seen. */
  async writes(): Promise<number> {
    return (await this.db.meta.get('revision'))?.count ?? 0;
  }

  /** Told of what came between the page and its store, and when it is over. */
  onTrouble(tell: (trouble: StoreTrouble | undefined) => void): void {
    this.db.onTrouble(tell);
  }

  /** Opens a store whose data was deleted under the open page: it is empty then. */
  async openAgain(): Promise<void> {
    await this.db.open();
  }

  private async holdsAnything(): Promise<boolean> {
    const counts = await Promise.all(
      [...LISTS, 'settings' as const, 'days' as const].map((list) => this.db[list].count()),
    );
    return counts.some((count) => count > 0);
  }

  /**
   * Writes the records an edit touched, and the step of undo it is, all or none. Where another tab has written meanwhile, the two
   * are put together.
   */
  async write(changes: readonly RecordChange[], step?: StepsChange, prefer: Prefer = 'mine'): Promise<void> {
    await this.announcing(async () => {
      if (step) {
        if (step.gone.length > 0) await this.db.steps.bulkDelete([...step.gone]);
        await this.db.steps.put({ ...step.put, tab: this.tab.id });
      }
      const sets = changes.filter(({ list }) => list === 'log');
      for (const change of changes) {
        const { list, id } = change;
        if (list === 'log') continue;
        const { after } = outcome(change, await this.db[list].get(id), prefer);
        if (after) await this.db[list].put({ id, at: after.at, value: after.value });
        else await this.db[list].delete(id);
      }
      const days = await writeLog(this.db.days, sets, prefer);
      return sets.length === changes.length ? days : undefined;
    });
  }

  /** Puts another document in the place of the whole one, all or nothing. */
  async replace(document: DrayDocument): Promise<void> {
    await this.announcing(() => this.begin(document));
  }

  /** Emits when another tab has written: the days of the log it wrote, or undefined when it may be anything. */
  readonly elsewhere = new Observable<readonly string[] | undefined>((subscriber) => {
    let seen: number | undefined;
    const watch = liveQuery(() => this.db.meta.get('revision')).subscribe({
      next: (revision) => {
        const { count = 0, days } = revision ?? {};
        const known = seen ?? this.readAt;
        seen = count;
        // Several writes may come in as one: what is missed here may be another tab's, behind one of our own.
        const others: number[] = [];
        for (let at = (known ?? count) + 1; at <= count; at += 1) if (!this.mine.delete(at)) others.push(at);
        if (others.length > 0) subscriber.next(others.length === 1 && others[0] === count ? days : undefined);
        else if (known === undefined && revision && revision.tab !== this.tab.id) subscriber.next(undefined);
      },
      error: (error: unknown) => subscriber.error(error),
    });
    return () => watch.unsubscribe();
  });

  private async fill(document: DrayDocument): Promise<void> {
    for (const list of LISTS) {
      await this.db[list].clear();
      await this.db[list].bulkPut(rowsOf(document[list]));
    }
    await this.db.days.clear();
    await this.db.days.bulkPut(daysFrom(document.log));
    await this.db.settings.put({ id: SETTINGS_ID, at: 0, value: document.settings });
  }

  /** Another document in the place of what is kept, with nothing of what was under way. */
  private async begin(document: DrayDocument): Promise<void> {
    await this.fill(document);
    await this.db.device.delete(LOG_DUE);
    await this.db.drafts.clear();
    await this.db.steps.clear();
  }

  /** Writes all or nothing, and tells other tabs: of the days of the log it gives back, or that it may be anything. */
  private async announcing(write: () => Promise<readonly string[] | undefined | void>): Promise<void> {
    let count: number | undefined;
    try {
      await this.db.transaction('rw', this.db.tables, async () => {
        const days = await write();
        count = (await this.writes()) + 1;
        await this.db.meta.put({ id: 'revision', tab: this.tab.id, count, ...(days && { days }) });
        this.mine.add(count);
      });
    } catch (error) {
      // The number was never given out: the next to write has it, in whichever tab.
      if (count !== undefined) this.mine.delete(count);
      throw error;
    }
  }
}

function rowsOf(list: readonly { readonly id: string }[]): Row[] {
  return list.map((value, at) => ({ id: value.id, at, value }));
}

/** Puts rows in where there is none of that id yet. */
async function addMissing<R extends { readonly id: string }>(
  table: Table<R, string>,
  rows: readonly R[],
): Promise<void> {
  const there = new Set(await table.toCollection().primaryKeys());
  await table.bulkPut(rows.filter(({ id }) => !there.has(id)));
}
