import { expect, prescriptions, test } from './coach';

const SPOKEN = `warm up
march on the spot 60s
superset, rest 60
thrusters 3x8 2 left
bent-over rows 3x10
superset, rest 45
goblotty squat 2x10
tide table squat 2x12
cool down
quad stretch 30s each leg`;

/** The same with the two lines that have to be settled written as the library knows them. */
const SETTLED = SPOKEN.replace('goblotty', 'goblet').replace('tide table', 'sumo');

test('a spoken session is pasted, two lines are settled, and the board is everyone’s own', async ({
  page,
}) => {
  await page.goto('/plan');
  await expect(page.getByTestId('slot-tue-squat')).toBeVisible();
  await page.keyboard.press('t');
  const area = page.getByLabel('The session as text');
  await area.fill(SPOKEN);
  await expect(page.getByText('2 places to settle; the rest already stands.')).toBeVisible();
  // One is a name with letters wrong; the other is the coach’s own, begun with what it comes nearest to.
  await page.getByTestId('unsettled-7').getByRole('button', { name: 'Goblet squat', exact: true }).click();
  await expect(area).toHaveValue(/Goblet squat 2x10/);
  await expect(page.getByText('1 place to settle')).toBeVisible();
  await page
    .getByTestId('unsettled-8')
    .getByRole('link', { name: /exercise of your own/ })
    .click();
  await expect(page.getByLabel('Name of the exercise')).toHaveValue('Tide table squat');
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByRole('button', { name: /^Tide table squat/ })).toBeVisible();
  await page.getByRole('link', { name: 'Plan' }).click();
  await page.getByRole('radio', { name: /^text/ }).click();
  await expect(page.getByLabel('The session as text')).toHaveValue(/- Tide table squat: 2 × 12/);
  await expect(page.getByText('to settle')).toBeHidden();
  await expect(page.getByLabel('The session as text')).toHaveValue(/- Thruster: 3 × 8, 2 left/);

  // Everyone’s own: one thing in the hands for all of it, and the part that gives out first decides.
  await page.getByRole('link', { name: 'Board' }).click();
  const juno = page.getByRole('row', { name: /Juno/ }).getByRole('gridcell').first();
  await expect(juno).toContainText('goblet squat + overhead press');
  await juno.click();
  await expect(
    page.getByText(/The overhead press decides: .*\skg; the goblet squat alone could take/),
  ).toBeVisible();
});

test('the class does a spoken session, and what hurts is decided first for next week', async ({ page }) => {
  await page.goto('/plan');
  await expect(page.getByTestId('slot-tue-squat')).toBeVisible();
  await page.keyboard.press('t');
  await page.getByLabel('The session as text').fill(SETTLED);
  await expect(page.getByLabel('The session as text')).toHaveValue(/thrusters 3x8/);
  await expect(page.getByText('to settle')).toBeHidden();
  await page.getByRole('link', { name: 'Log' }).click();
  const bram = page.getByTestId(/^log-bram-/).first();
  await bram.click();
  for (const name of ['Bram', 'Odile', 'Tamsin', 'Anselm', 'Juno']) {
    await page.keyboard.press('a');
    await expect(page.getByRole('row', { name: new RegExp(name) })).toHaveClass(/whole/);
  }
  await page.keyboard.type('8 8 5 hurt right shoulder 5');
  await page.keyboard.press('Enter');
  await expect(page.getByText('right shoulder hurt, 5 of 10')).toBeVisible();
  await page.keyboard.press('a');
  await page.getByRole('tab', { name: 'next week' }).click();
  const stop = page.getByTestId(/^proposal-wendel-/).first();
  await expect(stop).toContainText('Right shoulder hurt, 5 of 10');
  await page.keyboard.press('y');
  await expect(stop).toContainText('agreed');
});

test('anything a coach would say is added in one line, and says what it was understood as', async ({
  page,
}) => {
  await page.goto('/plan');
  await expect(page.getByTestId('slot-tue-squat')).toBeVisible();
  const line = page.getByLabel('Add to the session, as you would say it');
  await line.fill('finisher, thruster 2x8, burpees 60s all out');
  await expect(page.locator('#add-line-reading')).toContainText('Thruster 2 × 8');
  await expect(page.locator('#add-line-reading')).toContainText('Burpee 2 × max in 60 s');
  await line.press('Enter');
  await expect(line).toHaveValue('');
  await expect(page.getByTestId('block-finisher')).toContainText('Thruster');
  // Before the cool-down, and each tier says its version.
  await expect(page.locator('section.block').last()).toContainText('Quad stretch');
  await expect(page.getByTestId('block-finisher')).toContainText('goblet squat + overhead press');
  // What coaches do where one part ends it for the others is one click away.
  await page.getByTestId('block-finisher').getByText('Thruster').click();
  await expect(page.getByText(/The overhead press decides the load for \d of \d/)).toBeVisible();
  await page.getByRole('button', { name: '2 × squat to each overhead press' }).click();
  await expect(page.getByTestId('block-finisher')).toContainText('2 Squat + Overhead press');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByTestId('block-finisher')).toContainText('Thruster');
  await line.fill('hoverboard 3x10');
  await expect(page.locator('#add-line-reading')).toContainText(
    'There is no exercise or ladder “hoverboard”',
  );
  await expect(prescriptions(page, 'tue-squat')).toHaveCount(3);
});
