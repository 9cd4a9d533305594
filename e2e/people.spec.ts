import type { Locator, Page } from '@playwright/test';
import { cell, expect, fieldProblem, kept, test } from './coach';

test('a caution and a blood pressure on the profile change the board at once', async ({ page }) => {
  await page.goto('/people/juno');
  await page.getByRole('checkbox', { name: 'sore knee' }).check();
  await page.getByRole('link', { name: 'Board' }).click();
  await expect(cell(page, 'juno', 'tue-thrust')).toContainText('no landing');
  await page.goBack();
  await page.getByRole('checkbox', { name: 'high blood pressure' }).check();
  await page.getByLabel('Systolic, mmHg').fill('190');
  await page.getByLabel('Systolic, mmHg').blur();
  await page.getByLabel('Diastolic, mmHg').fill('9');
  await page.getByLabel('Diastolic, mmHg').blur();
  await expect(fieldProblem(page)).toContainText('135 over 85');
  await page.getByRole('link', { name: 'Board' }).click();
  await expect(cell(page, 'juno', 'tue-squat')).toContainText('left out');
  await expect(cell(page, 'juno', 'tue-squat')).toContainText('180/110');
});

test('the answers before the first session stop everything where they have to, until a clinician has agreed', async ({
  page,
}) => {
  await page.goto('/people/bram');
  await page
    .getByRole('radiogroup', { name: /Any of these lately/ })
    .getByLabel('yes')
    .check();
  await expect(page.getByTestId('readiness')).toContainText('See a clinician first');
  await expect
    .poll(async () => JSON.stringify(await kept(page, 'participants')))
    .toContain('"symptoms":true');
  await page.goto('/card/bram');
  // Signs that a clinician has to look at empty the card: no set, no rep, no load.
  await expect(page.getByTestId('stopped')).toContainText('A clinician first');
  await expect(page.getByRole('article')).not.toContainText(/\d ×|\d kg|\d s\b|minutes/);
  await expect(page.getByText(/Stop and say so/)).toBeVisible();
  // To be read at arm's length, before anything else on it.
  const stop = page.getByRole('heading', { name: 'Stop', exact: true });
  expect(await stop.evaluate((own) => parseFloat(getComputedStyle(own).fontSize))).toBeGreaterThanOrEqual(20);

  await page.goto('/people/bram');
  await page
    .getByRole('radiogroup', { name: /Has a clinician agreed/ })
    .getByLabel('yes')
    .check();
  await expect.poll(async () => JSON.stringify(await kept(page, 'participants'))).toContain('"cleared":true');
  await page.goto('/card/bram');
  await expect(page.getByRole('article')).toContainText('kg');
  await expect(page.getByTestId('stopped')).toHaveCount(0);
});

/** A rung of a ladder that was copied, being written the coach’s way. */
async function writeYourWay(page: Page): Promise<void> {
  await page.goto('/ladders');
  await page.getByRole('button', { name: /^Overhead press/ }).click();
  await page.getByRole('button', { name: 'Copy to change it' }).click();
  await page.getByRole('button', { name: 'Write this exercise your way' }).click();
  await page.getByLabel('Name of the exercise').fill('Lifting the oar');
  await page.getByLabel('Name of the exercise').blur();
}

test('an exercise of the coach’s own stands on the plan and on the board', async ({ page }) => {
  await writeYourWay(page);
  await page.getByRole('button', { name: 'Keep it' }).click();
  await page.getByRole('link', { name: 'Plan' }).click();
  await page.getByRole('button', { name: 'Add an exercise to Straight sets' }).first().click();
  await page.getByPlaceholder('add an exercise').fill('Lifting the oar');
  await page.keyboard.press('Enter');
  await expect(page.locator(':focus')).toHaveAttribute('aria-label', 'Lifting the oar, beginner');
  await page.getByRole('link', { name: 'Board' }).click();
  await expect(page.getByRole('grid')).toContainText('Lifting the oar');
});

test('a figure is pulled by hand and by keys, and stays as it was drawn', async ({ page }) => {
  await writeYourWay(page);
  await page.getByRole('button', { name: 'Change the figure' }).click();
  const hand = page.getByRole('slider', { name: 'hand, pose 2' });
  const height = async () => Number(await hand.getAttribute('aria-valuenow'));
  await expect(hand).toBeVisible();
  const before = await height();
  await pullDown(page, hand, 60);
  await expect.poll(height).toBeLessThan(before - 10);
  await expect(hand).toBeFocused();
  const pulled = await height();
  await page.keyboard.press('ArrowUp');
  await expect.poll(height).toBeGreaterThan(pulled);
  await expect(page.getByText('Asked most:')).toBeVisible();
  const drawn = await height();
  await page.getByRole('button', { name: 'Keep it' }).click();
  // As it was drawn, also by whoever opens it next.
  await expect
    .poll(() => kept(page, 'exercises'))
    .toEqual([expect.objectContaining({ figure: expect.anything() })]);
  await page.goto('/ladders');
  await page.getByRole('button', { name: /^Lifting the oar/ }).click();
  await page.getByRole('button', { name: 'Change the figure' }).click();
  await expect(hand).toHaveAttribute('aria-valuenow', String(drawn));
});

/** Takes hold of something with the mouse, pulls it down by so many pixels, and lets go. */
async function pullDown(page: Page, grip: Locator, pixels: number): Promise<void> {
  const dot = await grip.locator('.dot').boundingBox();
  if (!dot) throw new Error('nothing to take hold of');
  const [x, y] = [dot.x + dot.width / 2, dot.y + dot.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x, y + pixels, { steps: 4 });
  await page.mouse.up();
}
