import type { Page } from '@playwright/test';
import { cell, expect, FRESH, kept, keptSets, test } from './coach';

test.describe('a stranger', () => {
  test.use({ storageState: FRESH });

  test('comes from nothing to a board of three in under thirty actions', async ({ page }) => {
    let actions = 0;
    const act = async (done: Promise<unknown>) => {
      actions += 1;
      await done;
    };
    await page.goto('/');
    const welcome = page.getByRole('region', { name: 'Welcome' });
    await act(welcome.getByRole('link', { name: 'Begin your own' }).click());
    await act(page.getByLabel('Names, one a line').fill('Ida\nBram\nCleo'));
    await act(page.getByTestId('new-Bram').getByRole('radio', { name: 'advanced' }).click());
    await act(page.getByRole('combobox', { name: 'Cautions of Cleo' }).click());
    await act(page.getByRole('option', { name: 'sore knee' }).click());
    await act(page.keyboard.press('Escape'));
    await act(page.getByRole('button', { name: 'On to the kit' }).click());
    await act(page.getByRole('checkbox', { name: 'dumbbells in the room', exact: true }).check());
    await act(page.getByRole('checkbox', { name: 'two large bottles at Ida’s home' }).check());
    await act(page.getByRole('button', { name: 'On to the session' }).click());
    await act(page.getByRole('radio', { name: 'Whole body, 30 minutes' }).click());
    await act(page.getByRole('button', { name: 'On to the days' }).click());
    await act(page.getByRole('option', { name: 'Tuesday' }).click());
    await act(page.getByRole('option', { name: 'Friday' }).click());
    await act(page.getByRole('button', { name: 'To the board' }).click());
    await expect(page.getByRole('rowheader')).toHaveText([/Ida/, /Bram/, /Cleo/]);
    await expect(page.getByRole('gridcell').first()).toBeVisible();
    expect(actions).toBeLessThan(30);
  });
});

test.describe('a stranger who looks round first', () => {
  test.use({ storageState: FRESH });

  test('is asked once', async ({ page }) => {
    await page.goto('/');
    await page.getByRole('button', { name: 'Look round the boatyard' }).click();
    await expect(page.getByRole('region', { name: 'Welcome' })).toBeHidden();
    // It goes at once, and the disk takes its time.
    await expect.poll(async () => JSON.stringify(await kept(page, 'device'))).toContain('"welcomed":true');
    await page.reload();
    await expect(page.getByRole('heading', { level: 1 })).toBeAttached();
    await expect(page.getByRole('region', { name: 'Welcome' })).toBeHidden();
    await expect(page.getByRole('link', { name: 'Begin', exact: true })).toBeVisible();
  });
});

test.describe('a class on Tuesdays and Fridays', () => {
  test.use({ week: 'own' });

  const squat = (page: Page) => page.locator('#log-0-0');
  const pushUp = (page: Page) => page.locator('#log-0-2');
  const on = (page: Page) => page.getByLabel('on', { exact: true });

  /** Writes down what a chosen exercise came to. */
  async function done(page: Page, sets: string): Promise<void> {
    await page.getByLabel('Done', { exact: true }).fill(sets);
    await page.keyboard.press('Enter');
  }

  test('is there after a reload, and the boatyard comes back and goes again', async ({ page }) => {
    await page.goto('/settings');
    await page.getByRole('button', { name: 'Look round the boatyard' }).click();
    await expect(page.getByText('This is the boatyard. Your class is put away.')).toBeVisible();
    await page.getByRole('button', { name: 'Back to my own class' }).click();
    await expect(page.getByText('Your class is back as it was.')).toBeVisible();
    await page.getByRole('link', { name: 'People' }).click();
    await expect(page.getByRole('link', { name: 'Ida' })).toBeVisible();
  });

  test('has as many as possible asked for, never made up', async ({ page }) => {
    await page.clock.setFixedTime('2026-12-01T10:00:00');
    await page.goto('/log');
    await expect(on(page)).toHaveValue('01/12/2026');
    await page.getByRole('button', { name: 'All as asked: Ida' }).click();
    await expect(squat(page)).toContainText('10 10 10');
    await expect(pushUp(page)).toContainText('max');
    await pushUp(page).click();
    await expect(page.getByText('write how many each set came to')).toBeVisible();
    await done(page, '9');
    await expect(pushUp(page)).toContainText('9');
  });

  test('is logged apart, and stops what hurt on Tuesday on Friday', async ({ page }) => {
    await page.clock.setFixedTime('2026-12-01T10:00:00');
    await page.goto('/log');
    await squat(page).click();
    await done(page, '10 10 10 hurt knee 6');
    await expect(squat(page)).toContainText('knee hurt, 6 of 10');
    await page.clock.setFixedTime('2026-12-04T10:00:00');
    await page.reload();
    await expect(on(page)).toHaveValue('04/12/2026');
    await expect(squat(page)).toContainText('left out');
    await squat(page).click();
    await expect(page.getByText(/Stopped: knee hurt, 6 of 10/)).toBeVisible();
    await pushUp(page).click();
    await done(page, '11');
    await expect(pushUp(page)).toContainText('11');
    await page.keyboard.press('[');
    await expect(squat(page)).toContainText('knee hurt, 6 of 10');
    await expect(pushUp(page)).not.toContainText('11');
    const sets = (await keptSets(page)) as unknown as { date: string; week: number; nth?: number }[];
    expect(new Set(sets.map(({ date, week, nth = 1 }) => `${date} ${week}.${nth}`))).toEqual(
      new Set(['2026-12-01 1.1', '2026-12-04 1.2']),
    );
  });

  test('moves to another day when it is asked about, and was never held before it began', async ({
    page,
  }) => {
    await page.clock.setFixedTime('2026-12-04T10:00:00');
    await page.goto('/log');
    await expect(on(page)).toHaveValue('04/12/2026');
    await page.keyboard.press('[');
    await expect(on(page)).toHaveValue('01/12/2026');
    await pushUp(page).click();
    await done(page, '9');
    await expect(pushUp(page)).toContainText('9');
    await on(page).fill('01/12/1950');
    await page.keyboard.press('Tab');
    await expect(page.locator('mat-error')).toContainText('look again');
    await on(page).fill('01/11/2026');
    await page.keyboard.press('Tab');
    await expect(page.locator('mat-error')).toContainText('30 Nov 2026 at the earliest');
    await on(page).fill('02/12/2026');
    await page.keyboard.press('Tab');
    await page.getByRole('button', { name: 'The one of Tue 1 Dec, moved' }).click();
    await expect(on(page)).toHaveValue('02/12/2026');
    await expect(pushUp(page)).toContainText('9');
  });
});

test('anybody is given another exercise, found by what it trains and where, and its caution stays', async ({
  page,
}) => {
  await page.goto('/board');
  await cell(page, 'tamsin', 'tue-squat').click();
  const instead = page.getByRole('textbox', { name: 'instead' });
  await instead.fill('outer hip, standing, nothing');
  const found = page.getByRole('group', { name: 'What comes near it' }).getByRole('button');
  await expect(found.filter({ hasText: 'Lateral lunge' }).first()).toBeVisible();
  // What would be against a caution says so before it is set.
  await instead.fill('jump squat');
  await expect(found.first()).toContainText('against a caution');
  await instead.fill('free squat');
  await found.first().click();
  await page.getByTestId('reason').fill('tired');
  await page.getByLabel('until week').fill('2');
  await page.getByRole('button', { name: 'Set by hand' }).click();
  const squat = cell(page, 'tamsin', 'tue-squat');
  await expect(squat).toContainText('free squat, to a high seat');
  await expect(squat).toContainText('knee: less depth');
  await expect(squat).toContainText('by hand: tired');
  await page.keyboard.press(']');
  await expect(squat).toContainText('by hand: tired');
  await page.keyboard.press(']');
  await expect(squat).not.toContainText('by hand');
});
