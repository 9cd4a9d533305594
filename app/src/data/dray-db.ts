import {
  classesFrom,
  exerciseWithDemands,
  nthByDate,
  onRung,
  overrideWithCount,
  overrideWithDecision,
  participantOnRungs,
  programFromMonday,
  programWithDays,
  withNth,
  type LogEntry,
} from '@dray/core';
import type { FloorPlan, RunEvent } from '@dray/core/late';
import { Dexie, type Table } from 'dexie/dist/modern/dexie.min.mjs';
import type { RecordChange } from './changes';
import type { ListName } from './lists';
import { daysFrom, type LogDay } from './log-days';

/** A record of the document as it is kept: its place in its list beside its value. */
export interface Row {
  readonly id: string;
  readonly at: number;
  readonly value: unknown;
}

/** Who wrote last, so that the other tabs know to read again. */
export interface Revision {
  readonly id: 'revision';
  readonly tab: string;
  readonly count: number;
  /** Days of the log that were written; absent when more than the log was. */
  readonly days?: readonly string[];
}

/** Text being typed that cannot be read yet; it outlives closing the tab. */
export interface Draft {
  readonly id: string;
  readonly text: string;
}

/** An edit that can be taken back after a reload too; a new version of the store begins without any. */
export interface Step {
  readonly id: string;
  /** Counts on: the order in which they were made. */
  readonly at: number;
  readonly undone: boolean;
  readonly label: string;
  readonly changes: readonly RecordChange[];
  /** Which tab made it; absent on those of older builds. */
  readonly tab?: string;
}

/** The class as it stood at the beginning of a day, or before another came in its place: packed, to go back to. */
export interface Snapshot {
  readonly id: string;
  /** When, as an ISO date and time. */
  readonly at: string;
  readonly why: 'day' | 'replaced';
  readonly people: number;
  readonly sets: number;
  readonly packed: Blob;
}

/** A class that is or was run on the floor: what it was to be. What happened stands in its events. */
export interface RunRow {
  readonly id: string;
  /** When it was made, in milliseconds. */
  readonly startedAt: number;
  readonly sessionId: string;
  /** Which of the session’s classes, counted one after the other. */
  readonly turn: number;
  /** ISO date of the class. */
  readonly date: string;
  readonly plan: FloorPlan;
  readonly ended?: boolean;
}

/** One event of a run, in the order in which it was written. */
export interface RunEventRow {
  readonly n?: number;
  readonly runId: string;
  readonly event: RunEvent;
}

/**
 * What came between the page and its store. Another tab waits to be closed (`blocked`), has brought the store to a newer version
 * (`newer`), this build is older than the store it found (`ahead`), or the data was deleted under the open page (`cleared`).
 */
export type StoreTrouble = 'blocked' | 'newer' | 'ahead' | 'cleared';

/** What belongs to this device and not to the document: theme, last view. */
export interface DeviceRow {
  readonly id: string;
  readonly value: unknown;
}

/** The library counts the store’s own versions in tens. */
const NATIVE_A_VERSION = 10;

/**
 * The browser's own store. One table a list of the document, the log by days, and three small ones around it. A transaction
 * is over only when it is on the disk: a set that was confirmed outlives the tab and the battery.
 */
export class DrayDb extends Dexie {
  declare readonly exercises: Table<Row, string>;
  declare readonly ladders: Table<Row, string>;
  declare readonly kits: Table<Row, string>;
  declare readonly participants: Table<Row, string>;
  declare readonly sessions: Table<Row, string>;
  declare readonly programs: Table<Row, string>;
  declare readonly overrides: Table<Row, string>;
  declare readonly classes: Table<Row, string>;
  declare readonly days: Table<LogDay, string>;
  declare readonly visits: Table<Row, string>;
  declare readonly settings: Table<Row, string>;
  declare readonly meta: Table<Revision, string>;
  declare readonly steps: Table<Step, string>;
  declare readonly drafts: Table<Draft, string>;
  declare readonly device: Table<DeviceRow, string>;
  declare readonly snapshots: Table<Snapshot, string>;
  declare readonly runs: Table<RunRow, string>;
  declare readonly runEvents: Table<RunEventRow, number>;

  private trouble: StoreTrouble | undefined;
  private tell: (trouble: StoreTrouble | undefined) => void = () => undefined;

  constructor(name = 'dray') {
    super(name, { chromeTransactionDurability: 'strict' });
    this.version(1).stores({
      exercises: 'id',
      ladders: 'id',
      kits: 'id',
      participants: 'id',
      sessions: 'id',
      programs: 'id',
      overrides: 'id',
      log: 'id',
      settings: 'id',
      meta: 'id',
      drafts: 'id',
      device: 'id',
    });
    this.version(2)
      .stores({ log: null, visits: 'id', days: 'id, participantId, date' })
      .upgrade(async (change) => {
        const programs = change.table<Row>('programs');
        await programs.bulkPut(
          (await programs.toArray()).map((row) => ({ ...row, value: programWithDays(row.value) })),
        );
        const log = await change.table<Row>('log').toArray();
        await change.table('days').bulkPut(daysFrom(log.map(({ value }) => value as LogEntry)));
      });
    this.version(3)
      .stores({})
      .upgrade(async (change) => {
        const overrides = change.table<Row>('overrides');
        await overrides.bulkPut(
          (await overrides.toArray()).map((row) => ({ ...row, value: overrideWithDecision(row.value) })),
        );
      });
    this.version(4)
      .stores({})
      .upgrade(async (change) => {
        const migrate = async (name: ListName, migrated: (value: unknown) => unknown) => {
          const table = change.table<Row>(name);
          await table.bulkPut((await table.toArray()).map((row) => ({ ...row, value: migrated(row.value) })));
        };
        await migrate('exercises', exerciseWithDemands);
        await migrate('participants', participantOnRungs);
        await migrate('overrides', onRung);
        await change
          .table<LogDay>('days')
          .toCollection()
          .modify((day: { entries: readonly LogEntry[] }) => {
            day.entries = day.entries.map((entry) => onRung(entry) as LogEntry);
          });
      });
    this.version(5)
      .stores({ classes: 'id', steps: 'id, at' })
      .upgrade(async (change) => {
        const programs = (await change.table<Row>('programs').toArray()).map(({ value }) => value);
        const things: unknown[] = [];
        const withPlace = (thing: unknown) => {
          const placed = withNth(thing, nthByDate(programs, thing));
          things.push(placed);
          return placed;
        };
        await change
          .table<LogDay>('days')
          .toCollection()
          .modify((day: { entries: readonly LogEntry[] }) => {
            day.entries = day.entries.map((entry) => withPlace(entry) as LogEntry);
          });
        const visits = change.table<Row>('visits');
        await visits.bulkPut(
          (await visits.toArray()).map((row) => ({ ...row, value: withPlace(row.value) })),
        );
        const classes = classesFrom(things) as { readonly id: string }[];
        await change.table<Row>('classes').bulkPut(classes.map((value, at) => ({ id: value.id, at, value })));
      });
    this.version(6)
      .stores({})
      .upgrade(async (change) => {
        const programs = change.table<Row>('programs');
        await programs.bulkPut(
          (await programs.toArray()).map((row) => ({ ...row, value: programFromMonday(row.value) })),
        );
      });
    this.version(7).stores({ snapshots: 'id, at' });
    this.version(8).stores({ runs: 'id, startedAt', runEvents: '++n, runId' });
    this.version(9)
      .stores({})
      .upgrade(async (change) => {
        const valuesOf = async (name: ListName) =>
          (await change.table<Row>(name).toArray()).map(({ value }) => value);
        const withCount = overrideWithCount(await valuesOf('sessions'), await valuesOf('participants'));
        const overrides = change.table<Row>('overrides');
        await overrides.bulkPut(
          (await overrides.toArray()).map((row) => ({ ...row, value: withCount(row.value) })),
        );
      });
    // Nothing changes; but a build that knows no figures of one's own is not to write over them.
    this.version(10).stores({});
    // Nor one that does not know how a set was held.
    this.version(11).stores({});

    // Closed for good in each of these: opened again by the next write, it would take half a class into an empty store, or write
    // what an older build knows into a newer one.
    this.on('versionchange', ({ newVersion }) => {
      this.stop(newVersion === null ? 'cleared' : 'newer');
      return false;
    });
    this.on('blocked', () => {
      this.say('blocked');
      return false;
    });
    const known = this.verno;
    this.on(
      'ready',
      () => {
        const opened = this.backendDB();
        if (Math.floor(opened.version / NATIVE_A_VERSION) > known) {
          this.stop('ahead');
          throw new Error('The store is of a newer version.');
        }
        opened.addEventListener('close', () => this.stop('cleared'));
        this.say(undefined);
      },
      true,
    );
  }

  /** Told of what came between, and when it is over; what came before is told at once. */
  onTrouble(tell: (trouble: StoreTrouble | undefined) => void): void {
    this.tell = tell;
    if (this.trouble) tell(this.trouble);
  }

  private stop(trouble: StoreTrouble): void {
    this.close();
    this.say(trouble);
  }

  private say(trouble: StoreTrouble | undefined): void {
    if (this.trouble === trouble) return;
    this.trouble = trouble;
    this.tell(trouble);
  }
}
