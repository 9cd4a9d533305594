// Five years of a class of forty, a million sets, in the real application: taken in from CSV, opened, reviewed. Each figure is held
// against a floor measured in the same run: the same text through the CSV package alone, the same rows read and written raw.
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { addDays, serializeDocument, type DrayDocument } from '@dray/core';
import { chromium, type Page } from '@playwright/test';
import { largeClass } from './class';
import { row } from './table';

const require = createRequire(import.meta.url);
const flags = require('../scripts/chromium-flags.cjs') as string[];
const base = process.argv[2] ?? '';
const executablePath = process.argv[3] ?? '';

const PEOPLE = 40;
const VISITS = 1250;
const SETS = 20;
const SLOTS = 6;
const WEEKS = 4;
const EXERCISES = ['goblet-squat', 'one-arm-row', 'pair-hinge', 'press-up'] as const;

/** Four weeks of the present program, and five years before it. */
function csvOf(document: DrayDocument, start: string): string {
  const lines = ['date,person,exercise,set,load,unit,amount,left,session,slot,week'];
  for (const { name } of document.participants) {
    for (let visit = 0; visit < VISITS; visit += 1) {
      const present = visit >= VISITS - WEEKS;
      const week = present ? visit - (VISITS - WEEKS) + 1 : 1;
      const date = present
        ? addDays(start, (week - 1) * 7)
        : addDays(start, -Math.round(((VISITS - visit) * 1800) / VISITS) - 1);
      for (let set = 0; set < SETS; set += 1) {
        const at = Math.floor(set / 3) % SLOTS;
        const exercise = EXERCISES[at % EXERCISES.length];
        const load = exercise === 'press-up' ? '' : String(8 + at * 2 + (visit % 7));
        const place = present ? `large,s${at},${week}` : 'old,old,1';
        lines.push(
          `${date},${name},${exercise},${(set % 3) + 1},${load},kg,${8 + ((visit + set) % 5)},${set % 4},${place}`,
        );
      }
    }
  }
  return lines.join('\n');
}

/** How long the page could not answer at the longest, in milliseconds, since `watch`. */
async function longest(page: Page): Promise<number> {
  return page.evaluate(() =>
    Math.max(0, ...((window as unknown as { stretches?: number[] }).stretches ?? [])),
  );
}
async function watch(page: Page): Promise<void> {
  await page.evaluate(() => {
    const own = window as unknown as { stretches: number[]; watching?: PerformanceObserver };
    own.stretches = [];
    own.watching ??= new PerformanceObserver((list) => {
      for (const entry of list.getEntries()) own.stretches.push(entry.duration);
    });
    own.watching.observe({ entryTypes: ['longtask'] });
  });
}

/** From the click on a link until something stands on the page, in milliseconds. */
async function untilSeen(page: Page, link: string, seen: string): Promise<number> {
  return page.evaluate(
    async ([to, what]) => {
      const began = performance.now();
      [...document.querySelectorAll('a')]
        .find((own) => own.textContent?.trim().startsWith(to ?? ''))
        ?.click();
      while (!document.querySelector(what ?? '')) await new Promise((resolve) => setTimeout(resolve, 4));
      return performance.now() - began;
    },
    [link, seen],
  );
}

/** The CSV package alone over the same text, in the page, in milliseconds. */
async function csvAlone(page: Page, text: string): Promise<number> {
  await page.evaluate(readFileSync(require.resolve('papaparse/papaparse.min.js'), 'utf8'));
  return page.evaluate((csv) => {
    const { Papa } = window as unknown as {
      Papa: { parse: (text: string, options: { header: boolean; step: () => void }) => void };
    };
    const began = performance.now();
    Papa.parse(csv, { header: true, step: () => undefined });
    return performance.now() - began;
  }, text);
}

/**
 * Raw IndexedDB in the page, in milliseconds: every row written once more in one transaction, one person's rows read, and those
 * from a day on, which the review rests on.
 */
async function storeAlone(
  page: Page,
  personId: string,
  from: string,
): Promise<Record<'written' | 'ofOne' | 'recent', number>> {
  return page.evaluate(
    async ([person, day]) => {
      const done = <T>(request: IDBRequest<T>): Promise<T> =>
        new Promise((resolve, reject) => {
          request.onsuccess = () => resolve(request.result);
          request.onerror = () => reject(request.error ?? new Error('no reason'));
        });
      const timed = async (run: () => Promise<unknown>) => {
        const began = performance.now();
        await run();
        return performance.now() - began;
      };
      const db = await done(indexedDB.open('dray'));
      const days = () => db.transaction('days', 'readonly').objectStore('days');
      const all = (await done(days().getAll())) as { id: string }[];
      const copy = await new Promise<IDBDatabase>((resolve, reject) => {
        const request = indexedDB.open('bench', 1);
        request.onupgradeneeded = () => {
          const store = request.result.createObjectStore('days', { keyPath: 'id' });
          store.createIndex('participantId', 'participantId');
          store.createIndex('date', 'date');
        };
        request.onsuccess = () => resolve(request.result);
        request.onerror = () => reject(request.error ?? new Error('no reason'));
      });
      const written = await timed(
        () =>
          new Promise<void>((resolve, reject) => {
            const transaction = copy.transaction('days', 'readwrite');
            for (const row of all) transaction.objectStore('days').put(row);
            transaction.oncomplete = () => resolve();
            transaction.onerror = () => reject(transaction.error ?? new Error('no reason'));
          }),
      );
      const ofOne = await timed(() => done(days().index('participantId').getAll(person)));
      const recent = await timed(() => done(days().index('date').getAll(IDBKeyRange.lowerBound(day))));
      db.close();
      copy.close();
      indexedDB.deleteDatabase('bench');
      return { written, ofOne, recent };
    },
    [personId, from] as const,
  );
}

const today = new Date().toISOString().slice(0, 10);
const start = addDays(today, -WEEKS * 7);
const large = largeClass(PEOPLE, SLOTS);
const fiveYears: DrayDocument = {
  ...large,
  programs: large.programs.map((program) => ({ ...program, startDate: start })),
};

const folder = mkdtempSync(path.join(tmpdir(), 'dray-bench-'));
const file = path.join(folder, 'log.csv');
const text = csvOf(fiveYears, start);
writeFileSync(file, text);

const browser = await chromium.launch({ executablePath, args: flags });
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
await page.addInitScript('globalThis.__name = (named) => named');
await page.goto(`${base}/settings`);
await page
  .locator('input[type=file]')
  .first()
  .setInputFiles({
    name: 'bench.dray.json',
    mimeType: 'application/json',
    buffer: Buffer.from(serializeDocument(fiveYears)),
  });
await page.getByRole('button', { name: 'Import it' }).click();
await page.getByText('Imported:').first().waitFor();

await page.getByRole('link', { name: 'Log' }).click();
await page.getByText('In files').waitFor();
await watch(page);
const elapsed = async (run: () => Promise<unknown>) => {
  const began = performance.now();
  await run();
  return performance.now() - began;
};
await page.locator('input[type=file]').setInputFiles(file);
const look = page.getByRole('button', { name: 'Look through it' });
await look.waitFor({ timeout: 180_000 });
const keep = page.getByRole('button', { name: /Import (them|the good ones)/ });
const read = await elapsed(async () => {
  await look.click();
  await keep.waitFor({ timeout: 300_000 });
});
const kept = await elapsed(async () => {
  await keep.click();
  await page.getByText(/sets? imported/).waitFor({ timeout: 300_000 });
});
const busy = await longest(page);

await page.reload();
await page.getByText('In files').waitFor();
await page.waitForTimeout(1500);
// The first visit fetches the screen itself; what counts is the log.
await untilSeen(page, 'history', '.pairs tbody tr');
await untilSeen(page, 'fill in', '[role=gridcell]');
await watch(page);
const history = await untilSeen(page, 'history', '.pairs tbody tr');
await untilSeen(page, 'fill in', '[role=gridcell]');
const review = await untilSeen(page, 'next week', '.line');
const busyLooking = await longest(page);

const floor = {
  ...(await storeAlone(page, fiveYears.participants[0]?.id ?? '', addDays(start, -56))),
  csv: await csvAlone(page, text),
};
row('a million sets read and checked, against the CSV package alone', read, floor.csv);
row('a million sets kept, against the same rows written raw', kept, floor.written);
row('one person’s history of 25,000 sets, against its rows read raw', history, floor.ofOne);
row('the class’s week reviewed, 40 × 6, against its rows read raw', review, floor.recent);
row('the page at its busiest, taking them in, against 100 ms', busy, 100);
row('the page at its busiest, history and review, against 100 ms', busyLooking, 100);
await browser.close();
rmSync(folder, { recursive: true });
