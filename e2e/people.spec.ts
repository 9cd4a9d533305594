import { readFile } from 'node:fs/promises';
import type { Locator, Page } from '@playwright/test';
import { cell, choose, expect, fieldProblem, fromMenu, kept, test } from './coach';

test('a caution and a blood pressure on the profile change the board at once', async ({ page }) => {
  await page.goto('/people/juno');
  await page.getByRole('checkbox', { name: 'sore knee' }).check();
  await page.getByRole('link', { name: 'Board' }).click();
  await expect(cell(page, 'juno', 'tue-thrust')).toContainText('no landing');
  await page.goto('/people/juno');
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

test('checks place a person, with the norm beside them', async ({ page }) => {
  await page.goto('/people/odile');
  await page.getByLabel('chair stands').fill('9');
  await page.getByLabel('chair stands').blur();
  await expect(page.getByText('not met: below 11 is below average at 69')).toBeVisible();
  await page.getByLabel('plank', { exact: true }).fill('30');
  await page.getByLabel('plank', { exact: true }).blur();
  await page.getByRole('button', { name: 'Put them there' }).click();
  await page.getByRole('link', { name: 'Board' }).click();
  await expect(cell(page, 'odile', 'tue-plank')).toContainText('forearms on the floor');
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

test('surgery asks where it was, and until then a clinician comes first', async ({ page }) => {
  await page.goto('/people/juno');
  await page.getByRole('checkbox', { name: 'recent surgery' }).check();
  const where = page.getByRole('combobox', { name: 'where the surgery was' });
  await expect(where).toContainText('a clinician first until it is said');
  await page.getByRole('link', { name: 'Board' }).click();
  await expect(cell(page, 'juno', 'tue-squat')).toContainText('left out');
  await page.goto('/people/juno');
  await choose(page, 'where the surgery was', 'belly or pelvis');
  await page.getByRole('link', { name: 'Board' }).click();
  await expect(cell(page, 'juno', 'tue-squat')).toContainText('nothing lifted');
  // The loft has no counter: the wall it is.
  await expect(cell(page, 'juno', 'tue-press')).toContainText('hands on the wall');
});

test('two schools of loads overhead: light when the pressure is known, or never', async ({ page }) => {
  await page.goto('/people/anselm');
  await expect(page.getByLabel('Systolic, mmHg')).toHaveValue('138');
  await choose(page, 'loads overhead', 'never a load overhead');
  await expect
    .poll(async () => JSON.stringify(await kept(page, 'participants')))
    .toContain('"overhead":"never"');
  await page.reload();
  await expect(page.getByRole('combobox', { name: 'loads overhead' })).toContainText('never a load overhead');
});

test('a roster goes out and comes in, bad lines named', async ({ page }, info) => {
  await page.goto('/people');
  const download = page.waitForEvent('download');
  await fromMenu(page, 'More', 'Save the roster as CSV');
  const file = info.outputPath('roster.csv');
  await (await download).saveAs(file);
  expect(await readFile(file, 'utf8')).toContain('Odile');
  const csv = 'name,body mass\nMaren,64\nPim,heavy\n';
  await page.locator('input[type=file]').setInputFiles({
    name: 'new.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(csv),
  });
  await expect(page.getByTestId('roster')).toContainText('1 person can join');
  await expect(page.getByTestId('roster')).toContainText('Line 3');
  await page.getByRole('button', { name: 'Import them' }).click();
  await page.getByRole('link', { name: /^Maren/ }).click();
  await expect(page.getByRole('heading', { name: 'Maren' })).toBeVisible();
});

test('a ladder is a climb, found by a muscle, and copied to be changed', async ({ page }) => {
  await page.goto('/ladders');
  await page.getByPlaceholder(/find by/).fill('inner thigh');
  await page.getByRole('button', { name: /^Hip closing/ }).click();
  await page.getByRole('button', { name: /lying, inner leg/ }).click();
  await expect(page.getByRole('heading', { name: 'Inner-thigh leg raise' })).toBeVisible();
  await page.getByRole('button', { name: 'Copy to change it' }).click();
  await page.getByLabel('Name of the ladder').fill('Closing for riders');
  await page.getByLabel('Name of the ladder').blur();
  await expect
    .poll(() => kept(page, 'ladders'))
    .toContainEqual(expect.objectContaining({ name: 'Closing for riders' }));
  await page.reload();
  await page.getByRole('button', { name: /^Closing for riders/ }).click();
  await expect(page.getByRole('button', { name: /^Closing for riders/ })).toContainText('your own');
  await page.getByLabel('Sets of the gate').fill('99');
  await page.getByLabel('Sets of the gate').blur();
  await expect(fieldProblem(page)).toContainText('the most is 10');
});

test('an exercise is written from nothing, and checked at once', async ({ page }) => {
  await page.goto('/ladders');
  await page.getByRole('button', { name: 'Write an exercise' }).click();
  await page.getByLabel('Name of the exercise').fill('Push-up');
  await page.getByLabel('Name of the exercise').blur();
  await expect(page.getByText('Another exercise has this name')).toBeVisible();
  await page.getByLabel('Name of the exercise').fill('Lifting the oar overhead');
  await choose(page, 'pattern', 'pressing overhead');
  await expect(page.getByText('a sore shoulder would be given it')).toBeVisible();
  await choose(page, 'arms overhead', 'yes');
  await page.getByLabel('Cue 1').fill('Grip wide');
  await page.getByLabel('Cue 2').fill('Ribs down');
  await page.getByLabel('To see 1').fill('back arches');
  await page.getByLabel('To mend 1').fill('tuck the seat under');
  await page.getByLabel('To see 2').fill('elbows bend');
  await page.getByLabel('To mend 2').fill('lift a lighter oar');
  await expect(page.getByRole('button', { name: 'Keep it' })).toBeDisabled();
  await page.getByRole('textbox', { name: 'breath' }).fill('Out going up.');
  await page.getByRole('textbox', { name: 'breath' }).blur();
  await expect(page.locator('.said.plum').filter({ hasText: 'Wendel' })).toBeVisible();
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByRole('button', { name: /^Lifting the oar/ })).toBeVisible();
  await expect
    .poll(() => kept(page, 'exercises'))
    .toEqual([expect.objectContaining({ name: 'Lifting the oar overhead', demands: ['overhead'] })]);
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
