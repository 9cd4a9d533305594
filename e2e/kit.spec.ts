import { cell, choose, drafts, expect, fieldProblem, fromMenu, kept, test } from './coach';

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

test('what cannot be is refused beside its field, and nothing is lost', async ({ page }) => {
  await page.goto('/kit');
  await page.getByRole('button', { name: /Tamsin/ }).click();
  await page.getByRole('button', { name: /^Dumbbells 5 kg/ }).click();
  const mass = page.locator('[data-field=\"massKg\"] input');
  for (const [text, sentence] of [
    ['-5', 'more than 0'],
    ['500', 'at most 100 kg'],
    ['', 'more than 0'],
  ] as const) {
    await mass.fill(text);
    await mass.blur();
    await expect(fieldProblem(page)).toContainText(sentence);
  }
  await mass.fill('five');
  await expect.poll(() => drafts(page)).toContain('five');
  await page.reload();
  await page.getByRole('button', { name: /Tamsin/ }).click();
  await page.getByRole('button', { name: /^Dumbbells 5 kg/ }).click();
  await expect(mass).toHaveValue('five');
  await mass.fill('11 lb');
  await mass.press('Enter');
  await expect(page.getByRole('button', { name: /^Dumbbells 5 kg/ })).toBeVisible();
  await expect(fieldProblem(page)).toHaveCount(0);

  // A bottle past its capacity, and a single plate.
  await page.getByRole('button', { name: /^Bottle, 2 L/ }).click();
  await page.getByTestId('weigh').fill('1.34');
  await expect(page.getByTestId('fill')).toHaveText('fill to 1.3 L');
  await page.getByTestId('weigh').fill('3');
  await expect(page.getByTestId('fill')).toContainText('cannot make 3 kg');
  await fromMenu(page, 'Add to the kit', 'bar with plates');
  await page.locator('[data-field=\"plates.0.count\"] input').fill('1');
  await page.keyboard.press('Enter');
  await expect(page.getByText('The single plate of 5 kg cannot balance')).toBeVisible();
});

test('a band is read on the scale in three steps and then makes loads', async ({ page }) => {
  // The scale takes its time to settle; this one is let run ahead.
  await page.clock.install();
  await page.goto('/kit');
  await page.getByRole('button', { name: /Wendel/ }).click();
  await fromMenu(page, 'Add to the kit', 'band');
  await expect(page.getByText('Nothing is known of this band yet')).toBeVisible();
  await page.locator('[data-field=\"slackCm\"] input').fill('160');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Next', exact: true }).click();
  for (const [at, length] of ['240', '320', '400'].entries()) {
    await page.getByRole('button', { name: `${length} cm` }).click();
    await page.clock.runFor(4000);
    const reading = page.locator(`[data-field="readings.${at}.lengthCm"] input`);
    await expect(reading).toHaveValue(length);
    await expect(page.getByText(/^Held at .* written down\.$/)).toBeVisible();
  }
  await expect(page.getByTestId('fit-words')).toContainText('law of rubber in tension');
  await expect(page.getByText('Nothing is known of this band yet')).toHaveCount(0);
  await expect(page.getByRole('radio', { name: /^band/ })).toBeVisible();
  await page.getByRole('button', { name: 'Next', exact: true }).click();
  await expect(page.getByRole('rowheader', { name: 'both feet', exact: true })).toBeVisible();
  await expect.poll(async () => JSON.stringify(await kept(page, 'kits'))).toContain('"lengthCm":400');
  await page.reload();
  await page.getByRole('button', { name: /Wendel/ }).click();
  await expect(page.getByRole('button', { name: /^Band/ })).toContainText('read at 3 lengths');
});

test('a set that is written down moves the estimate, its band and the board', async ({ page }) => {
  await page.goto('/people/wendel');
  await page.getByRole('tab', { name: 'strength' }).click();
  await expect(page.getByTestId('strength')).toContainText('a guess from body mass');
  await choose(page, 'exercise', 'Goblet squat');
  await page.getByTestId('set-load').fill('heavy');
  await page.getByTestId('set-reps').fill('8');
  await page.getByRole('button', { name: 'Write down' }).click();
  await expect(fieldProblem(page)).toContainText('Load has to be a number');
  await expect(page.getByTestId('set-load')).toHaveValue('heavy');
  await page.getByTestId('set-load').fill('20');
  await page.getByLabel('left', { exact: true }).fill('2');
  await page.getByRole('button', { name: 'Write down' }).click();
  await expect(page.getByTestId('strength')).toContainText('1 set of it');
  await page.getByRole('radio', { name: /Lombardi/ }).check();
  await expect.poll(async () => JSON.stringify(await kept(page, 'participants'))).toContain('lombardi');
  await page.reload();
  await page.getByRole('tab', { name: 'strength' }).click();
  await expect(page.getByRole('radio', { name: /Lombardi/ })).toBeChecked();
  await expect(page.getByTestId('strength')).toContainText('1 set of it');
});
