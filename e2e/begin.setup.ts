import { test as setup, expect, type Page } from '@playwright/test';
import { beginAfresh, STATES } from './coach';

// Every test begins where one of these has left a browser, instead of filling a store of its own.

setup('a browser on the day the program begins', async ({ page, context }) => {
  await beginAfresh(context);
  await page.goto('/settings');
  await page.getByRole('button', { name: 'Look round the boatyard' }).click();
  await expect(page.getByRole('heading', { name: 'Settings' })).toBeVisible();
  // The log comes after the first screen; here it is empty, and asked for no more.
  await page.waitForResponse('**/demo/boatyard-log.json');
  await expect.poll(() => awaitsLog(page)).toBe(false);
  await context.storageState({ path: STATES.first, indexedDB: true });
});

setup('a browser in the fifth week, with what the class has logged', async ({ page, context }) => {
  await page.goto('/log/history/bram');
  await page.getByRole('button', { name: 'Look round the boatyard' }).click();
  await expect(page.getByText('Then and now')).toBeVisible();
  await expect.poll(() => awaitsLog(page)).toBe(false);
  await context.storageState({ path: STATES.fifth, indexedDB: true });
});

/** Whether the demo's log is still to come. */
function awaitsLog(page: Page): Promise<boolean> {
  return page.evaluate(
    () =>
      new Promise<boolean>((resolve) => {
        const open = indexedDB.open('dray');
        open.onsuccess = () => {
          const due = open.result.transaction('device').objectStore('device').get('demo log due');
          due.onsuccess = () => {
            open.result.close();
            resolve(due.result !== undefined);
          };
        };
      }),
  );
}
