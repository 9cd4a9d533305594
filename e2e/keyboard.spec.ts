import type { Page } from '@playwright/test';
import { cell, expect, test } from './coach';

test.use({ week: 'fifth' });

/** Where the focus is: never nowhere. */
function focused(page: Page): Promise<string> {
  return page.evaluate(() => {
    const at = document.activeElement;
    return at && at !== document.body ? (at.getAttribute('aria-label') ?? at.id) || at.tagName : 'nowhere';
  });
}

test('plan, board and the coach’s hand are gone through with the hands on the keys', async ({ page }) => {
  await page.goto('/plan');
  const squat = page.getByLabel('Squat, intermediate');
  await expect(squat).toHaveValue('3 × 10, 2 left');

  // The plan: to a prescription, another one, and on with Enter.
  await squat.focus();
  await page.keyboard.press('Control+a');
  await page.keyboard.type('4x8-10 2 left');
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Row, intermediate')).toBeFocused();
  await expect(squat).toHaveValue('4 × 8–10, 2 left');
  await page.getByLabel('Row, intermediate').blur();

  // The board: its first cell is one Tab away from nothing but the frame; arrows, reasons, the coach's hand.
  await page.keyboard.press('2');
  const juno = cell(page, 'juno', 'tue-squat');
  await expect(juno).toContainText('4 × ');
  await cell(page, 'bram', 'tue-squat').focus();
  for (let row = 0; row < 4; row += 1) await page.keyboard.press('ArrowDown');
  await expect(juno).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: 'Set by hand' })).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('sets', { exact: true })).toBeFocused();
  await page.keyboard.press('Control+a');
  await page.keyboard.type('2');
  for (let field = 0; field < 3; field += 1) await page.keyboard.press('Tab');
  await expect(page.getByLabel('because')).toBeFocused();
  await page.keyboard.type('late shift');
  await page.keyboard.press('Enter');
  await expect(juno).toBeFocused();
  await expect(juno).toContainText('by hand: late shift');
});

test('the log and next week are gone through with the hands on the keys', async ({ page }) => {
  // The log: the whole class as asked, one that was not.
  await page.goto('/board');
  await expect(cell(page, 'juno', 'tue-squat')).toBeVisible();
  await page.keyboard.press('5');
  const first = page.getByTestId('log-bram-tue-squat');
  await expect(first).toBeVisible();
  await first.focus();
  await page.keyboard.type('6 6 5 0 left');
  await page.keyboard.press('Enter');
  await expect(first).toContainText('6 6 5');
  await expect(page.getByTestId('log-bram-tue-row')).toBeFocused();
  for (const [row, name] of ['Bram', 'Odile', 'Tamsin', 'Anselm', 'Juno', 'Wendel'].entries()) {
    await page.keyboard.press('a');
    await expect(page.getByText(`${row + 1} of 6 written down`)).toBeVisible();
    await expect.poll(() => focused(page), name).not.toBe('nowhere');
  }

  // Next week: through the list, agreed to and left.
  await page.getByRole('tab', { name: 'next week' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByText(/After week 5/)).toBeVisible();
  const open = async () => Number(await page.locator('.lead b').innerText());
  const before = await open();
  await page.keyboard.press('y');
  await expect.poll(open).toBe(before - 1);
  await expect.poll(() => focused(page)).not.toBe('nowhere');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('n');
  await expect.poll(open).toBe(before - 2);
  await expect.poll(() => focused(page)).not.toBe('nowhere');
});
