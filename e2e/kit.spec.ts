import { cell, expect, fromMenu, test } from './coach';

test('a kit is a line of loads to run along, and what is counted in changes the board', async ({ page }) => {
  await page.goto('/kit');
  await page.getByRole('button', { name: /Tamsin/ }).click();
  await expect(page.getByTestId('advice')).toContainText('What would help most');
  const line = page.getByTestId('number-line');
  await line.focus();
  await page.keyboard.press('Home');
  await expect(page.getByTestId('recipe')).toContainText('two dumbbells 5 kg');
  await page.keyboard.press('ArrowRight');
  await expect(page.getByTestId('recipe')).toContainText('two dumbbells 10 kg');
  await expect(page.getByTestId('recipe')).toContainText('100 % above');

  await fromMenu(page, 'Add to the kit', 'dumbbells, kettlebells');
  const mass = page.locator('[data-field=\"massKg\"] input');
  await mass.fill('10.5');
  await mass.press('Enter');
  await expect(page.getByRole('radio', { name: /one in each hand/ })).toContainText('3');
  await page.getByRole('button', { name: 'Done' }).click();
  await page.getByRole('link', { name: 'Board' }).click();
  await expect(cell(page, 'tamsin', 'tue-hinge')).toContainText('2 × 10.5');
  await cell(page, 'tamsin', 'tue-hinge').click();
  await expect(page.getByRole('img', { name: 'two dumbbells 10.5 kg' }).first()).toBeVisible();
});
