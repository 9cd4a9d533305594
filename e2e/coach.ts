import path from 'node:path';
import {
  test as base,
  expect,
  type BrowserContext,
  type ConsoleMessage,
  type Locator,
  type Page,
} from '@playwright/test';
import { Tab } from './tab';

/** Where the class stands: the demo's with nothing behind it or four weeks logged, or Ida of `begin.setup.ts` on her first day. */
type Week = 'first' | 'fifth' | 'own';

/** What a browser holds then, as `begin.setup.ts` leaves it. */
export const STATES: Readonly<Record<Week, string>> = {
  first: path.join(import.meta.dirname, '../test-results/.begin/first.json'),
  fifth: path.join(import.meta.dirname, '../test-results/.begin/fifth.json'),
  own: path.join(import.meta.dirname, '../test-results/.begin/own.json'),
};

/** The demo class on the day its program begins, with nothing behind it. */
export async function beginAfresh(context: BrowserContext): Promise<void> {
  await context.route('**/demo/boatyard.dray.json', async (route) => {
    const response = await route.fetch();
    const demo = (await response.json()) as { programs: { startDate: string }[] };
    const programs = demo.programs.map((program) => ({ ...program, startDate: '2026-11-23' }));
    await route.fulfill({ json: { ...demo, programs, overrides: [] } });
  });
  await context.route('**/demo/boatyard-log.json', (route) =>
    route.fulfill({ json: { log: [], visits: [], classes: [] } }),
  );
}

/** A browser that has never been here. */
export const FRESH = { cookies: [], origins: [] };

/** A page that fails its test on any console error, page error or breach of the Content-Security-Policy. */
export const test = base.extend<
  { page: Page; context: BrowserContext; tab: Tab; week: Week },
  { tabs: Map<boolean, Tab> }
>({
  week: ['first', { option: true }],
  storageState: async ({ week }, use) => use(STATES[week]),
  /** The tabs a worker has, by whether the policy of the page counts in them. */
  tabs: [async ({}, use) => use(new Map()), { scope: 'worker' }],
  tab: async ({ tabs, browser, bypassCSP, storageState }, use) => {
    const tab = tabs.get(bypassCSP === true) ?? (await Tab.open(browser, { bypassCSP }));
    tabs.set(bypassCSP === true, tab);
    await tab.begin(storageState);
    await use(tab);
    if (!tab.fit) {
      tabs.delete(bypassCSP === true);
      await tab.close();
    }
  },
  context: async ({ tab }, use) => use(tab.context),
  page: async ({ tab: { page } }, use) => {
    const complaints: string[] = [];
    const onConsole = (message: ConsoleMessage) => {
      if (message.type() === 'error' || message.text().includes('Content Security Policy')) {
        complaints.push(message.text());
      }
    };
    const onError = (error: Error) => complaints.push(error.message);
    page.on('console', onConsole).on('pageerror', onError);
    await use(page);
    page.off('console', onConsole).off('pageerror', onError);
    expect(complaints).toEqual([]);
  },
});

export { expect };

/** Chooses from a list that opens. */
export async function choose(scope: Page | Locator, label: string | RegExp, option: string | RegExp) {
  const page = 'page' in scope ? scope.page() : scope;
  await scope
    .getByRole('combobox', { name: label, ...(typeof label === 'string' && { exact: true }) })
    .click();
  await page
    .getByRole('option', { name: option, ...(typeof option === 'string' && { exact: true }) })
    .click();
}

/** One of the acts behind a button that opens a menu. */
export async function fromMenu(page: Page, button: string, act: string): Promise<void> {
  await page.getByRole('button', { name: button, exact: true }).click();
  await page.getByRole('menuitem', { name: act, exact: true }).click();
}

/** What a field says is wrong with what stands in it. */
export function fieldProblem(page: Page) {
  return page.locator('mat-error');
}

/** The cell of a person in a slot, on the board. */
export function cell(page: Page, person: string, slot: string) {
  return page.getByTestId(`cell-${person}-${slot}`);
}

/** The words of every cell on the board, in order. */
export async function boardWords(page: Page): Promise<string[]> {
  await expect(page.getByRole('grid', { name: 'Board' })).toHaveAttribute('aria-busy', 'false');
  return page.getByRole('gridcell').allInnerTexts();
}

/** The three prescriptions of a slot on the plan. */
export function prescriptions(page: Page, slot: string) {
  return page.getByTestId(`slot-${slot}`).locator('dray-prescription-field input');
}

/** The rows of one store as the browser keeps them, for tests that load the page again at once. */
export function rowsKept<Row>(page: Page, store: string): Promise<Row[]> {
  return page.evaluate(
    (name) =>
      new Promise<Row[]>((resolve) => {
        const open = indexedDB.open('dray');
        open.onsuccess = () => {
          const all = open.result.transaction(name).objectStore(name).getAll();
          all.onsuccess = () => {
            open.result.close();
            resolve(all.result as Row[]);
          };
        };
      }),
    store,
  );
}

/** The values of one list as the browser keeps them. */
export async function kept<Value>(page: Page, list: string): Promise<Value[]> {
  return (await rowsKept<{ value: Value }>(page, list)).map(({ value }) => value);
}

/** A set as the browser keeps it, as far as tests look at it. */
export interface KeptSet {
  readonly id: string;
  readonly participantId: string;
  readonly sessionId: string;
  readonly slotId: string;
  readonly week: number;
  readonly nth?: number;
  readonly amount: number;
}

/** Every set of the log as the browser keeps it. */
export async function keptSets(page: Page): Promise<KeptSet[]> {
  return (await rowsKept<{ entries: KeptSet[] }>(page, 'days')).flatMap(({ entries }) => entries);
}

/** Texts that were typed and do not count yet, as the browser keeps them. */
export async function drafts(page: Page): Promise<string[]> {
  return (await rowsKept<{ text: string }>(page, 'drafts')).map(({ text }) => text);
}
