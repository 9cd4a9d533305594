// From the edit to the painted board, in the real application: undo and redo of an edit while the board is shown.
import { createRequire } from 'node:module';
import { serializeDocument, type DrayDocument } from '@dray/core';
import { boatyard } from '@dray/demo';
import { chromium, type Page } from '@playwright/test';
import { largeClass } from './class';
import { row } from './table';

const flags = createRequire(import.meta.url)('../scripts/chromium-flags.cjs') as string[];
const base = process.argv[2] ?? '';
const executablePath = process.argv[3] ?? '';

/** Milliseconds from the key until the frame after the change is on its way, median of several. */
async function undoToPaint(page: Page): Promise<number> {
  return page.evaluate(async () => {
    const painted = () =>
      new Promise<number>((resolve) =>
        requestAnimationFrame(() => {
          const channel = new MessageChannel();
          channel.port1.onmessage = () => resolve(performance.now());
          channel.port2.postMessage(0);
        }),
      );
    const words = () => document.querySelector('table')?.textContent;
    const taken: number[] = [];
    for (let run = 0; run < 12; run += 1) {
      const before = words();
      const key = run % 2 === 0 ? 'z' : 'y';
      const began = performance.now();
      document.dispatchEvent(new KeyboardEvent('keydown', { key, ctrlKey: true, bubbles: true }));
      const ended = await painted();
      if (words() === before) throw new Error('The board did not change.');
      taken.push(ended - began);
      await new Promise((resolve) => setTimeout(resolve, 150));
    }
    return taken.sort((a, b) => a - b)[Math.floor(taken.length / 2)] ?? NaN;
  });
}

/** Milliseconds from a key in a prescription until the frame with its consequences is on its way, median of several. */
async function keyToPaint(page: Page): Promise<number> {
  return page.evaluate(async () => {
    const painted = () =>
      new Promise<number>((resolve) =>
        requestAnimationFrame(() => {
          const channel = new MessageChannel();
          channel.port1.onmessage = () => resolve(performance.now());
          channel.port2.postMessage(0);
        }),
      );
    const field = document.querySelector<HTMLInputElement>('dray-prescription-field input');
    if (!field) throw new Error('There is no prescription to type in.');
    const times = () => document.querySelector('.times')?.textContent;
    const taken: number[] = [];
    for (let run = 0; run < 15; run += 1) {
      const before = times();
      field.focus();
      field.value = `4 × ${8 + (run % 5)}, 2 left`;
      const began = performance.now();
      field.dispatchEvent(new Event('input', { bubbles: true }));
      const ended = await painted();
      if (times() === before) throw new Error('The time did not change.');
      taken.push(ended - began);
      await new Promise((resolve) => setTimeout(resolve, 120));
    }
    return taken.sort((a, b) => a - b)[Math.floor(taken.length / 2)] ?? NaN;
  });
}

async function measure(
  names: { readonly key: string; readonly paint: string },
  document: DrayDocument,
  limitMs: { readonly key: number; readonly paint: number },
): Promise<void> {
  const browser = await chromium.launch({ executablePath, args: flags });
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  // The compiler names functions with a helper that the page does not have.
  await page.addInitScript('globalThis.__name = (named) => named');
  await page.goto(`${base}/settings`);
  const file = {
    name: 'bench.dray.json',
    mimeType: 'application/json',
    buffer: Buffer.from(serializeDocument(document)),
  };
  await page.locator('input[type=file]').setInputFiles(file);
  await page.getByRole('button', { name: 'Import it' }).click();
  await page.getByText('Imported:').first().waitFor();
  await page.getByRole('link', { name: 'Plan' }).click();
  const field = page.getByLabel('Squat, intermediate').first();
  await field.waitFor();
  row(names.key, await keyToPaint(page), limitMs.key);
  await field.fill('4x8 2 left');
  await page.getByRole('link', { name: 'Board' }).click();
  // With a cell chosen and its reasons beside the board, the figure of the version among them.
  await page.getByRole('gridcell').first().click();
  await page.locator('dray-cell-panel dray-figure svg').first().waitFor();
  row(names.paint, await undoToPaint(page), limitMs.paint);
  await browser.close();
}

await measure({ key: 'key to painted plan, demo', paint: 'edit to painted board, demo' }, boatyard, {
  key: 50,
  paint: 50,
});
await measure(
  { key: 'key to painted plan, 40 slots × 3 tiers', paint: 'edit to painted board, 6 × 40' },
  largeClass(6, 40),
  { key: 50, paint: 100 },
);
await measure(
  { key: 'key to painted plan, 40 people × 24', paint: 'edit to painted board, 40 × 24' },
  largeClass(40, 24),
  { key: 100, paint: 100 },
);
