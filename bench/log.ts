// Five years of a class of forty, a million sets, in the real application: taken in from CSV, opened, reviewed.
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { addDays, serializeDocument, type DrayDocument } from '@dray/core';
import { chromium, type Page } from '@playwright/test';
import { largeClass } from './class';
import { row } from './table';

const flags = createRequire(import.meta.url)('../scripts/chromium-flags.cjs') as string[];
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

/** The longest stretches for which the page could not answer, in milliseconds, since `watch`. */
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

const today = new Date().toISOString().slice(0, 10);
const start = addDays(today, -WEEKS * 7);
const large = largeClass(PEOPLE, SLOTS);
const fiveYears: DrayDocument = {
  ...large,
  programs: large.programs.map((program) => ({ ...program, startDate: start })),
};

const folder = mkdtempSync(path.join(tmpdir(), 'dray-bench-'));
const file = path.join(folder, 'log.csv');
writeFileSync(file, csvOf(fiveYears, start));

const browser = await chromium.launch({ executablePath, args: flags });
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
await page.addInitScript('globalThis.__name = (named) => named');
await page.goto(`${base}/settings`);
await page.locator('input[type=file]').setInputFiles({
  name: 'bench.dray.json',
  mimeType: 'application/json',
  buffer: Buffer.from(serializeDocument(fiveYears)),
});
await page.getByRole('button', { name: 'Take it in' }).click();
await page.getByText('Taken in:').first().waitFor();

await page.getByRole('link', { name: 'Log' }).click();
await page.getByText('In files').waitFor();
await watch(page);
const began = Date.now();
await page.locator('input[type=file]').setInputFiles(file);
await page.getByRole('button', { name: 'Look through it' }).click({ timeout: 180_000 });
const keep = page.getByRole('button', { name: /Take (them|the good ones) in|Take them in/ });
await keep.waitFor({ timeout: 300_000 });
await keep.click();
await page.getByText(/sets? taken in/).waitFor({ timeout: 300_000 });
console.log(`a million sets from CSV: ${((Date.now() - began) / 1000).toFixed(0)} s in the worker`);
row('taking in a million sets: longest the page is busy', await longest(page), 100);

await page.reload();
await page.getByText('In files').waitFor();
await page.waitForTimeout(1500);
// The first visit fetches the screen itself; what counts is the log.
await untilSeen(page, 'history', '.pairs tbody tr');
await untilSeen(page, 'fill in', '[role=gridcell]');
row('one person’s history of 25,000 sets', await untilSeen(page, 'history', '.pairs tbody tr'), 300);
await untilSeen(page, 'fill in', '[role=gridcell]');
row('the class’s week reviewed, 40 × 6', await untilSeen(page, 'next week', '.line'), 500);
await browser.close();
rmSync(folder, { recursive: true });
