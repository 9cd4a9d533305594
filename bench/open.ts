// How long a screen takes to open once it has been open before, and the longest task while the application starts.
import { createRequire } from 'node:module';
import { chromium, type Page } from '@playwright/test';
import { row } from './table';

const flags = createRequire(import.meta.url)('../scripts/chromium-flags.cjs') as string[];
const base = process.argv[2] ?? '';
const executablePath = process.argv[3] ?? '';

/** Each screen, and what comes last of it. */
const SCREENS: readonly (readonly [screen: string, sight: string])[] = [
  ['Plan', 'For the class, week'],
  ['Board', 'Set by hand'],
  ['Card', 'Stop and say so'],
  ['Floor', 'Who is here'],
  ['Log', 'In files'],
  ['Program', 'One more class'],
  ['People', 'First-visit checks'],
  ['Kit', 'Who uses it'],
  ['Ladders', 'Before and after'],
  ['Settings', 'The whole document'],
];
const OPENED = 5;
const STARTS = 5;

function median(values: readonly number[]): number {
  return values.toSorted((a, b) => a - b)[Math.floor(values.length / 2)] ?? NaN;
}

/** Milliseconds from pressing the link of a screen until the frame with the screen on it is on its way. */
async function opening(page: Page, screen: string, sight: string): Promise<number> {
  const taken = await page.evaluate(
    async ([name, words]) => {
      const frame = () => new Promise((resolve) => requestAnimationFrame(resolve));
      const link = [...document.querySelectorAll('a')].find((own) =>
        own.textContent.trim().startsWith(name!),
      );
      if (!link) throw new Error(`There is no link to ${name}.`);
      const began = performance.now();
      link.click();
      while (!document.querySelector('main')?.textContent.includes(words!)) {
        if (performance.now() - began > 10_000) throw new Error(`${name} did not open.`);
        await frame();
      }
      await frame();
      await new Promise((resolve) => setTimeout(resolve));
      return performance.now() - began;
    },
    [screen, sight],
  );
  // What a screen does after it is there is not the next one's.
  await page.waitForTimeout(300);
  return taken;
}

/** The longest task, in milliseconds, from nothing until a screen stands whole; the browser tells of those over fifty. */
async function longestTask(page: Page, screen: string, sight: string): Promise<number> {
  await page.goto(`${base}/${screen.toLowerCase()}`);
  await page.locator('main').getByText(sight).first().waitFor();
  await page.waitForTimeout(1000);
  return page.evaluate(() => {
    const { watched } = window as unknown as { watched: PerformanceObserver & { longest: number } };
    return watched.longest;
  });
}

const browser = await chromium.launch({ executablePath, args: flags });
const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
// The compiler names functions with a helper that the page does not have.
await context.addInitScript('globalThis.__name = (named) => named');
await context.addInitScript(() => {
  const watched = Object.assign(
    new PerformanceObserver((list) => {
      for (const { duration } of list.getEntries()) watched.longest = Math.max(watched.longest, duration);
    }),
    { longest: 0 },
  );
  watched.observe({ entryTypes: ['longtask'] });
  Object.assign(window, { watched });
});
const page = await context.newPage();
await longestTask(page, ...SCREENS[0]!);
for (const [screen, sight] of SCREENS) await opening(page, screen, sight);
const taken = new Map<string, number[]>(SCREENS.map(([screen]) => [screen, []]));
for (let round = 0; round < OPENED; round += 1) {
  for (const [screen, sight] of SCREENS) taken.get(screen)?.push(await opening(page, screen, sight));
}
for (const [screen, times] of taken) row(`${screen} opened again, against 300 ms`, median(times), 300);
await page.close();

for (const [screen, sight] of SCREENS) {
  const longest: number[] = [];
  for (let start = 0; start < STARTS; start += 1) {
    const fresh = await context.newPage();
    longest.push(await longestTask(fresh, screen, sight));
    await fresh.close();
  }
  row(`longest task as ${screen} is opened first, against 200 ms`, median(longest), 200);
}
await browser.close();
