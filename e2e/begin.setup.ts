import { test as setup, expect, type Page } from '@playwright/test';
import { beginAfresh, rowsKept, STATES } from './coach';
import { keep } from './tab';

// Every test begins where one of these has left a browser, instead of filling a store of its own.

setup('a browser on the day the program begins', async ({ page, context }) => {
  await beginAfresh(context);
  await page.goto('/settings');
  await page.getByRole('button', { name: 'Look round the boatyard' }).click();
  await expect(page.getByRole('heading', { name: 'Settings' })).toBeVisible();
  // The log comes after the first screen; here it is empty, and asked for no more.
  await page.waitForResponse('**/demo/boatyard-log.json');
  await expect.poll(() => awaitsLog(page)).toBe(false);
  await keep(page, STATES.first);
});

setup('a browser in the fifth week, with what the class has logged', async ({ page }) => {
  await page.goto('/log/history/bram');
  await page.getByRole('button', { name: 'Look round the boatyard' }).click();
  await expect(page.getByText('Then and now')).toBeVisible();
  await expect.poll(() => awaitsLog(page)).toBe(false);
  await keep(page, STATES.fifth);
});

setup('a browser with a class of its own, Tuesdays and Fridays, on its first Tuesday', async ({ page }) => {
  await page.clock.setFixedTime('2026-12-01T10:00:00');
  await page.goto('/begin');
  await page.getByLabel('Names, one a line').fill('Ida');
  await page.getByRole('button', { name: 'On to the kit' }).click();
  await page.getByRole('button', { name: 'On to the session' }).click();
  await page.getByRole('radio', { name: 'as text' }).click();
  await page.getByLabel('The session as text').fill('Squat: 3 × 10\nRow: 3 × 8 each side\nPush-up: max');
  await page.getByRole('button', { name: 'On to the days' }).click();
  await page.getByRole('option', { name: 'Tuesday' }).click();
  await page.getByRole('option', { name: 'Friday' }).click();
  await page.getByRole('button', { name: 'To the board' }).click();
  await expect(page.getByRole('gridcell').first()).toContainText('3 × 10');
  await keep(page, STATES.own);
});

/** Whether the demo's log is still to come. */
async function awaitsLog(page: Page): Promise<boolean> {
  return (await rowsKept<{ id: string }>(page, 'device')).some(({ id }) => id === 'demo log due');
}
