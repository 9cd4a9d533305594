import { readFile } from 'node:fs/promises';
import type { Page } from '@playwright/test';
import { choose, expect, fromMenu, keptSets, test } from './coach';

const HOME = 'For training at home';

async function results(page: Page): Promise<void> {
  await fromMenu(page, HOME, 'Write down what came back');
  await expect(page.getByRole('dialog')).toContainText('What Odile did');
}

test('a sheet leaves as a file, comes back with what was done, and stands in the log', async ({
  page,
}, info) => {
  await page.goto('/card/odile');
  await expect(page.getByRole('heading', { name: 'Odile' })).toBeVisible();
  const leaving = page.waitForEvent('download');
  await fromMenu(page, HOME, 'Save as a file to send');
  const download = await leaving;
  expect(download.suggestedFilename()).toMatch(/^odile-.*\.dray-sheet\.json$/);
  const sheet = JSON.parse(await readFile(await download.path(), 'utf8')) as { lines: { done: string }[] };
  sheet.lines[0]!.done = '12 12 10, 2 left';
  sheet.lines[1]!.done = 'as asked';
  const buffer = Buffer.from(JSON.stringify(sheet));

  await results(page);
  await page
    .locator('mat-dialog-container input[type=file]')
    .setInputFiles({ name: 'back.json', mimeType: 'application/json', buffer });
  await expect(page.getByTestId('results')).toContainText('12, 12, 10');
  await page.getByRole('button', { name: 'Write down 6 sets' }).click();
  await expect(page.getByText('6 sets written down.')).toBeVisible();
  await expect(page.getByTestId('line-tue-squat').locator('.boxes')).toHaveText('12 12 10');
  expect((await keptSets(page)).filter(({ participantId }) => participantId === 'odile').length).toBe(6);
  await page.getByRole('button', { name: 'Undo' }).first().click();
  await expect(
    page.getByTestId('line-tue-squat').getByRole('button', { name: 'Done as written' }),
  ).toBeVisible();
  expect(info.errors).toEqual([]);
});

test('a message in shorthand is understood line by line, and what is not says why', async ({ page }) => {
  await page.goto('/card/odile');
  await results(page);
  const message = page.getByLabel('the message, or a line for each exercise');
  await message.fill('See you on Friday!');
  await expect(page.getByRole('alert')).toContainText('A1 12 12 10, 2 left');
  await message.fill('A1 12 12 10 hurt knee 3\nA2 ten\nB as asked');
  await expect(page.getByTestId('results')).toContainText('knee');
  await page.getByRole('button', { name: /^Write down/ }).click();
  await page.getByRole('link', { name: 'Log' }).click();
  await expect(page.getByTestId('log-odile-tue-squat')).toContainText('knee hurt, 3 of 10');
});

test.describe('in the fifth week', () => {
  test.use({ week: 'fifth' });

  test('a session held twice a week has a log of its own for each class, told apart by its day', async ({
    page,
  }) => {
    await page.goto('/board');
    await choose(page, 'Choose a session', 'Trunk at noon');
    const weeks = page.getByRole('radiogroup').first();
    await expect(weeks).toContainText('Mon');
    await expect(weeks).toContainText('Thu');
    const sets = (await keptSets(page)) as unknown as {
      sessionId: string;
      week: number;
      nth?: number;
      date: string;
    }[];
    const classes = new Set(
      sets
        .filter(({ sessionId }) => sessionId === 'noon')
        .map(({ week, nth = 1, date }) => `${week}.${nth} ${date}`),
    );
    expect(classes.size).toBe(8);
    await page.getByRole('link', { name: 'Log' }).click();
    await page.keyboard.press('[');
    await expect(page.getByTestId('log-juno-noon-bug')).not.toBeEmpty();
  });
});
