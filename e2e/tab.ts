import { mkdir, readFile, writeFile } from 'node:fs/promises';
import path from 'node:path';
import type { Browser, BrowserContext, BrowserContextOptions, Page } from '@playwright/test';

/** Where nothing of the application runs, under its own address. */
const NOWHERE = '/healthz';
const DESK = { width: 1280, height: 800 };
/** A file of `keep` with nothing in it. */
const NOTHING = JSON.stringify({ cookies: [], origins: [] });

/** A database as Playwright writes it into a state; what Dray keeps are plain values, all of them. */
interface KeptBase {
  readonly name: string;
  readonly version: number;
  readonly stores: readonly {
    readonly name: string;
    readonly keyPath: string;
    readonly autoIncrement: boolean;
    readonly indexes: readonly {
      readonly name: string;
      readonly keyPath: string;
      readonly multiEntry: boolean;
      readonly unique: boolean;
    }[];
    readonly records: readonly { readonly value: unknown }[];
  }[];
}

/** What a browser held: a file that `keep` has written, or nothing. */
export type Held = BrowserContextOptions['storageState'];

/**
 * A tab that goes from test to test. In it the application is compiled once and not for each test, which is half of
 * what opening it costs; each test finds it as if new, and holding what the test begins with.
 */
export class Tab {
  private worn = false;
  /** Larger, smaller, darker than a new one. */
  private altered = false;

  private constructor(
    readonly context: BrowserContext,
    readonly page: Page,
  ) {
    // What cannot be taken back from a tab wears it out: the next test gets another.
    const wear = () => (this.worn = true);
    for (const target of [context, page]) atUse(target, ['clock', 'addInitScript'], wear);
    atUse(context, ['setOffline', 'grantPermissions'], wear);
    page.on('crash', wear);
    atUse(page, ['emulateMedia', 'setViewportSize'], () => (this.altered = true));
  }

  static async open(browser: Browser, options: BrowserContextOptions): Promise<Tab> {
    const context = await browser.newContext({ ...options, storageState: undefined });
    return new Tab(context, await context.newPage());
  }

  /** Whether another test may have it. */
  get fit(): boolean {
    return !this.worn && !this.page.isClosed();
  }

  /** Leaves what stood in it, and holds what the next test begins with. */
  async begin(held: Held): Promise<void> {
    const { context, page } = this;
    for (const other of context.pages()) if (other !== page) await other.close();
    await context.unrouteAll();
    await page.unrouteAll();
    if (this.altered) {
      await page.emulateMedia({
        media: null,
        colorScheme: 'light',
        forcedColors: 'none',
        reducedMotion: 'reduce',
      });
      await page.setViewportSize(DESK);
      this.altered = false;
    }
    await page.goto(NOWHERE);
    await page.mouse.move(0, 0);
    // As text: Playwright looks at every value of what is handed over, several times.
    await page.evaluate(holdOnly, typeof held === 'string' ? await readFile(held, 'utf8') : NOTHING);
  }

  async close(): Promise<void> {
    await this.context.close();
  }
}

/** Does something whenever one of these is asked for. */
function atUse(target: BrowserContext | Page, names: readonly string[], act: () => void): void {
  for (const name of names) {
    const own: unknown = Reflect.get(target, name);
    Object.defineProperty(target, name, {
      get: () => {
        act();
        return own;
      },
    });
  }
}

/** Writes down what a browser holds, for `Tab.begin` and for a context of Playwright's. */
export async function keep(page: Page, file: string): Promise<void> {
  const origin = {
    origin: new URL(page.url()).origin,
    localStorage: [],
    indexedDB: await page.evaluate(held),
  };
  await mkdir(path.dirname(file), { recursive: true });
  await writeFile(file, JSON.stringify({ cookies: [], origins: [origin] }));
}

/** Runs in the page: every database with all that is in it. */
async function held(): Promise<KeptBase[]> {
  const done = <T>(request: IDBRequest<T>) =>
    new Promise<T>((resolve, reject) => {
      request.onsuccess = () => resolve(request.result);
      request.onerror = () => reject(request.error ?? new Error('IndexedDB said no'));
    });
  const bases: KeptBase[] = [];
  for (const { name = '' } of await indexedDB.databases()) {
    const base = await done(indexedDB.open(name));
    const stores = [...base.objectStoreNames].map(async (store) => {
      const rows = base.transaction(store).objectStore(store);
      const indexes = [...rows.indexNames].map((index) => rows.index(index));
      return {
        name: store,
        keyPath: rows.keyPath as string,
        autoIncrement: rows.autoIncrement,
        indexes: indexes.map(({ name: index, keyPath, multiEntry, unique }) => ({
          name: index,
          keyPath: keyPath as string,
          multiEntry,
          unique,
        })),
        records: (await done(rows.getAll())).map((value: unknown) => ({ value })),
      };
    });
    bases.push({ name, version: base.version, stores: await Promise.all(stores) });
    base.close();
  }
  return bases;
}

/** Runs in the page: whatever was kept there goes, and what a file of `keep` says comes in its place. */
async function holdOnly(file: string): Promise<void> {
  const { origins } = JSON.parse(file) as {
    origins: readonly { readonly indexedDB?: readonly KeptBase[] }[];
  };
  const done = <T>(request: IDBRequest<T>) =>
    new Promise<T>((resolve, reject) => {
      request.onsuccess = () => resolve(request.result);
      request.onerror = () => reject(request.error ?? new Error('IndexedDB said no'));
    });
  localStorage.clear();
  sessionStorage.clear();
  for (const { name } of await indexedDB.databases()) await done(indexedDB.deleteDatabase(name ?? ''));
  for (const { name, version, stores } of origins.flatMap(({ indexedDB = [] }) => indexedDB)) {
    const opening = indexedDB.open(name, version);
    opening.onupgradeneeded = () => {
      for (const { name: store, keyPath, autoIncrement, indexes } of stores) {
        const made = opening.result.createObjectStore(store, { keyPath, autoIncrement });
        for (const index of indexes) made.createIndex(index.name, index.keyPath, index);
      }
    };
    const base = await done(opening);
    for (const { name: store, records } of stores) {
      const rows = base.transaction(store, 'readwrite').objectStore(store);
      await Promise.all(records.map(({ value }) => done(rows.put(value))));
    }
    base.close();
  }
}
