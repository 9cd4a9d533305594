import type { Download } from '@playwright/test';
import { expect, prescriptions, STATES, test } from './coach';

async function textOf(file: Download): Promise<string> {
  let text = '';
  for await (const part of await file.createReadStream()) text += String(part);
  return text;
}

test('a screen that cannot be loaded says so, and loads when it is asked for again', async ({ browser }) => {
  const context = await browser.newContext();
  const page = await context.newPage();
  await page.goto('/plan');
  await expect(prescriptions(page, 'tue-squat').nth(1)).toBeVisible();
  await page.route('**/*.js', (route) => route.abort());
  await page.getByRole('link', { name: 'Kit' }).click();
  await expect(page.getByText('A part of Dray could not be loaded.')).toBeVisible();
  await expect(prescriptions(page, 'tue-squat').nth(1)).toBeVisible();
  await page.unroute('**/*.js');
  await page.getByRole('link', { name: 'Kit' }).click();
  await expect(page.getByText('Who uses it')).toBeVisible();
  await context.close();
});

test('data that is deleted under the open page is put back from what is on screen', async ({ browser }) => {
  const context = await browser.newContext({ storageState: STATES.first });
  const page = await context.newPage();
  await page.goto('/settings');
  const side = page.getByLabel('changing sides in the middle of a set');
  await side.fill('9');
  await side.press('Enter');
  const browserItself = await context.newCDPSession(page);
  await browserItself.send('Storage.clearDataForOrigin', {
    origin: new URL(page.url()).origin,
    storageTypes: 'indexeddb',
  });
  await expect(page.getByRole('alert')).toContainText('was deleted while this page was open');
  const arriving = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as a file' }).click();
  expect(await textOf(await arriving)).toContain('"sideSeconds": 9');
  await page.getByRole('button', { name: 'Put it back' }).click();
  await expect(page.getByRole('alert')).toHaveCount(0);
  await page.reload();
  await expect(side).toHaveValue('9');
  await page.goto('/card/juno');
  await expect(page.getByRole('heading', { name: 'Juno' })).toBeVisible();
  await context.close();
});

test('a change that cannot be written is said until it is on the disk, and is in the export meanwhile', async ({
  browser,
}) => {
  const context = await browser.newContext();
  const page = await context.newPage();
  await page.goto('/settings');
  const side = page.getByLabel('changing sides in the middle of a set');
  await expect(side).toBeVisible();
  // A disk that is full, until it is not.
  await page.evaluate(() => {
    const put = IDBObjectStore.prototype.put;
    const store = window as unknown as { full: boolean };
    store.full = true;
    IDBObjectStore.prototype.put = function (...values) {
      if (store.full) throw new DOMException('full', 'QuotaExceededError');
      return put.apply(this, values);
    };
  });
  await side.fill('9');
  await side.press('Enter');
  await expect(page.getByRole('alert')).toContainText('not on the disk yet');
  const arriving = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Export to a file' }).click();
  expect(JSON.parse(await textOf(await arriving))).toMatchObject({
    settings: { timing: { sideSeconds: 9 } },
  });
  // In one breath: a try of its own in between would take the button away.
  await page.getByRole('button', { name: 'Try again' }).evaluate((button: HTMLElement) => {
    (window as unknown as { full: boolean }).full = false;
    button.click();
  });
  await expect(page.getByRole('alert')).toHaveCount(0);
  await page.reload();
  await expect(side).toHaveValue('9');
  await context.close();
});

test('what stands in a field when its tab is closed counts', async ({ browser }) => {
  const context = await browser.newContext({ storageState: STATES.first });
  const page = await context.newPage();
  await page.goto('/settings');
  await page.getByLabel('changing sides in the middle of a set').fill('9');
  await page.close();
  const again = await context.newPage();
  await again.goto('/settings');
  await expect(again.getByLabel('changing sides in the middle of a set')).toHaveValue('9');
  await context.close();
});
