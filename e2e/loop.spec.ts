import { readFile } from 'node:fs/promises';
import type { Page } from '@playwright/test';
import ICAL from 'ical.js';
import Papa from 'papaparse';
import { boardWords, cell, choose, expect, fieldProblem, fromMenu, keptSets, test } from './coach';

test.use({ week: 'fifth' });

const logCell = (page: Page, person: string, slot: string) => page.getByTestId(`log-${person}-${slot}`);

/** The loads in the cells of a log, by the lines each is written on. */
function linesOfLoads(page: Page): Promise<Record<string, number>> {
  return page.getByRole('grid', { name: 'What was done' }).evaluate((grid) => {
    const lines: Record<string, number> = {};
    const texts = document.createTreeWalker(grid, NodeFilter.SHOW_TEXT);
    for (let text = texts.nextNode(); text; text = texts.nextNode()) {
      const load = /(2 × )?[\d.]+ kg/.exec(text.textContent ?? '');
      if (!load) continue;
      const range = document.createRange();
      range.setStart(text, load.index);
      range.setEnd(text, load.index + load[0].length);
      lines[load[0]] = Math.max(lines[load[0]] ?? 0, range.getClientRects().length);
    }
    return lines;
  });
}

test('a class is filled in by keyboard, and put right keeps what stood', async ({ page }) => {
  await page.goto('/log');
  await logCell(page, 'bram', 'tue-squat').click();
  // A load is read at a glance: it is never torn between two lines.
  const loads = await linesOfLoads(page);
  expect(Object.keys(loads).length).toBeGreaterThan(5);
  expect(new Set(Object.values(loads))).toEqual(new Set([1]));
  let keys = 0;
  const press = async (key: string) => {
    keys += 1;
    await page.keyboard.press(key);
  };
  const type = async (text: string) => {
    keys += text.length;
    await page.keyboard.type(text);
  };
  // Bram all as asked but his row; Odile, Tamsin, Anselm and Juno as asked; Wendel’s press-up is stopped, and now his row hurts too.
  await press('Enter');
  await expect(logCell(page, 'bram', 'tue-squat')).toContainText('6 6 6');
  await type('10 10 7 0 left');
  await press('Enter');
  await expect(logCell(page, 'bram', 'tue-row')).toContainText('10 10 7');
  for (let row = 0; row < 5; row += 1) {
    await press('a');
    await expect(
      page.getByRole('row', { name: new RegExp(['Bram', 'Odile', 'Tamsin', 'Anselm', 'Juno'][row]!) }),
    ).toHaveClass(/whole/);
  }
  await expect(logCell(page, 'wendel', 'tue-press')).toContainText('left out');
  await press('ArrowRight');
  await expect(logCell(page, 'wendel', 'tue-row')).toBeFocused();
  await type('8 5 hurt right shoulder 4');
  await press('Enter');
  await expect(logCell(page, 'wendel', 'tue-row')).toContainText('right shoulder hurt, 4 of 10');
  await press('a');
  await expect(page.getByText('6 of 6 written down')).toBeVisible();
  // Thirty-six exercises: at two keys a second well under a minute; a class of eight by six is a third more.
  expect(keys).toBeLessThan(80);

  await logCell(page, 'bram', 'tue-row').click();
  await page.keyboard.type('10 10 9');
  await page.keyboard.press('Enter');
  await logCell(page, 'bram', 'tue-row').click();
  await expect(page.getByText('Set 3 stood at 7')).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(logCell(page, 'bram', 'tue-row')).toContainText('10 10 7');

  await logCell(page, 'juno', 'tue-squat').click();
  await page.keyboard.type('ten');
  await page.locator('#done-text').fill('ten');
  await expect(fieldProblem(page)).toContainText('“ten” says nothing of a set');
});

test('a tab that is killed during entry has lost no confirmed set', async ({ page, context }) => {
  await page.goto('/log');
  await logCell(page, 'odile', 'tue-squat').click();
  await page.keyboard.press('a');
  await expect(page.getByText('1 of 6 written down')).toBeVisible();
  // No farewell: the page is gone between one key and the next.
  await page.close({ runBeforeUnload: false });
  const other = await context.newPage();
  await other.goto('/log');
  await expect(other.getByText('1 of 6 written down')).toBeVisible();
  const sets = await keptSets(other);
  expect(sets.filter(({ participantId, week }) => participantId === 'odile' && week === 5).length).toBe(15);
});

test('two tabs that enter at once both keep everything, even in the same visit', async ({
  page,
  context,
}) => {
  await page.goto('/log');
  const other = await context.newPage();
  await other.goto('/log');
  await logCell(page, 'bram', 'tue-squat').click();
  await logCell(other, 'bram', 'tue-row').click();
  await Promise.all([page.keyboard.press('Enter'), other.keyboard.press('Enter')]);
  for (const tab of [page, other]) {
    await expect(logCell(tab, 'bram', 'tue-squat')).toContainText('6 6 6');
    await expect(logCell(tab, 'bram', 'tue-row')).toContainText('10 10 10');
  }
  const sets = await keptSets(page);
  expect(sets.filter(({ participantId, week }) => participantId === 'bram' && week === 5).length).toBe(6);
});

test('next week is agreed to by keys, and the board is then exactly that', async ({ page }) => {
  await page.goto('/board');
  await expect(page.getByRole('gridcell').first()).toBeVisible();
  await page.goto('/log/next');
  const first = page.getByTestId('proposal-wendel-tue-press-4');
  await expect(first).toContainText('Right shoulder hurt, 5 of 10');
  await page.keyboard.press('y');
  await expect(first).toContainText('agreed');
  // Bram’s row has fallen short three weeks running.
  const row = page.getByTestId('proposal-bram-tue-row-4');
  await expect(row).toHaveClass(/on/);
  await expect(row).toContainText('Short 3 times running');
  await page.keyboard.press('y');
  await expect(row).toContainText('agreed');
  // Tamsin’s sides: the coach makes it nine.
  await expect(page.getByTestId('proposal-tamsin-tue-row-4')).toHaveClass(/on/);
  await page.getByLabel('reps', { exact: true }).fill('9');
  await page.getByLabel('reps', { exact: true }).blur();
  await page.keyboard.press('y');
  await expect(page.getByTestId('proposal-tamsin-tue-row-4')).toContainText('agreed');
  await expect(page.getByTestId('proposal-odile-tue-hinge-4')).toHaveClass(/on/);
  await page.keyboard.press('y');
  await expect(page.getByTestId('proposal-tamsin-tue-squat-4')).toHaveClass(/on/);
  await page.keyboard.press('n');
  await expect(page.getByTestId('proposal-tamsin-tue-squat-4')).toContainText('same again');
  await page.getByRole('button', { name: /Agree to all/ }).click();
  await expect(page.getByText('0 to decide')).toBeVisible();
  await page.getByRole('link', { name: 'Board' }).click();
  await expect(cell(page, 'wendel', 'tue-press')).toContainText('palms together');
  await expect(cell(page, 'tamsin', 'tue-row')).toContainText('3 × 9 each side');
  await expect(cell(page, 'tamsin', 'tue-squat')).toContainText('3 × 18');
  await expect(cell(page, 'bram', 'tue-squat')).toContainText('2 × 25.5');
  const agreed = await boardWords(page);
  await page.getByRole('link', { name: 'Log' }).click();
  await page.getByRole('tab', { name: 'next week' }).click();
  await first.getByRole('button', { name: 'Open again' }).click();
  await page.getByRole('link', { name: 'Board' }).click();
  await expect.poll(() => boardWords(page)).not.toEqual(agreed);
});

test('a program is moved on the calendar, says what comes too soon, and leaves as a calendar file', async ({
  page,
}) => {
  await page.goto('/program');
  await expect(page.getByText('this week')).toBeVisible();
  await expect(page.getByText('No muscle is trained hard twice within 48 hours.')).toBeVisible();
  await page.locator('#class-6-1').click();
  await page.keyboard.press('Alt+ArrowLeft');
  await page.keyboard.press('Alt+ArrowLeft');
  await expect(page.getByTestId('day-7-3').getByRole('button')).toContainText('Friday, short and heavy');
  await expect(page.getByTestId('day-5-5').getByRole('button')).toContainText('Friday, short and heavy');
  await expect(page.getByText(/are 24 h apart/).first()).toBeVisible();
  // By mouse it goes to another day of its own week, which has to be in sight.
  await page.getByTestId('day-8-6').scrollIntoViewIfNeeded();
  await page.locator('#class-8-0').scrollIntoViewIfNeeded();
  const from = (await page.locator('#class-8-0').boundingBox())!;
  const to = (await page.getByTestId('day-8-6').boundingBox())!;
  await page.mouse.move(from.x + 20, from.y + 10);
  await page.mouse.down();
  await page.mouse.move(to.x + 20, to.y + 20, { steps: 8 });
  await page.mouse.up();
  await expect(page.getByTestId('day-8-6').getByRole('button')).toContainText('Tuesday, whole body');
  await page.getByLabel('Closed from').fill('15/12/2026');
  await page.getByRole('button', { name: 'Close', exact: true }).click();
  const arriving = page.waitForEvent('download');
  await fromMenu(page, 'More', 'Calendar file');
  const text = await readFile(await (await arriving).path(), 'utf8');
  const events = new ICAL.Component(ICAL.parse(text) as unknown[]).getAllSubcomponents('vevent');
  const [demo] = (await (await page.request.get('/demo/boatyard.dray.json')).json()).programs as {
    weeks: unknown[];
  }[];
  expect(events.length).toBeGreaterThanOrEqual(demo!.weeks.length * 2 - 1);
  await expect(page.getByText('What to expect for Bram')).toBeVisible();
  await expect(page.locator('.path tbody tr').first()).toContainText('Squat');
});

test('a posture session stands on no day until it is placed in the weeks ahead, between the hard days', async ({
  page,
}) => {
  await page.goto('/plan');
  await fromMenu(page, 'Other sessions', 'New session');
  await page.getByRole('button', { name: 'Begin from another session' }).click();
  await choose(page, 'Session to copy from', 'Posture, 20 min');
  await page.getByRole('button', { name: 'Take all of it' }).click();
  await page.getByRole('link', { name: 'Program' }).click();
  // The sixth week, as of the present one some days are over.
  const posture = page.getByRole('button', { name: /^Posture .*week 6,/ });
  const place = page.getByRole('button', { name: 'Place Posture between' });
  await expect(place).toBeVisible();
  await expect(posture).toHaveCount(0);
  await place.click();
  await expect(posture).toHaveAccessibleName(/^Posture .*, week 6, Sunday$/);
  await expect(page.getByRole('button', { name: /^Posture .*week 4,/ })).toHaveCount(0);
  // What to expect of it begins with its first week.
  const rows = page.locator('.path tbody tr').filter({ hasText: 'Posture' });
  await expect(rows.first().locator('td').nth(4)).toHaveText('–');
  await expect(rows.first().locator('td').nth(6)).not.toHaveText('–');
});

test('the log leaves as CSV and comes back, bad lines listed with their reasons', async ({ page }) => {
  await page.goto('/log');
  const arriving = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save the log as CSV' }).click();
  const text = await readFile(await (await arriving).path(), 'utf8');
  const { data, errors } = Papa.parse<Record<string, string>>(text, { header: true, skipEmptyLines: true });
  expect(errors).toEqual([]);
  const before = (await keptSets(page)).length;
  expect(data.length).toBe(before);

  const foreign = [
    'Day,Who,Lift,Weight (lb),Reps',
    '24/11/2026,Juno,Goblet squat,40,10',
    '25/11/2026,Nobody,Plank,,5',
  ].join('\n');
  await page
    .locator('input[type=file]')
    .setInputFiles({ name: 'old.csv', mimeType: 'text/csv', buffer: Buffer.from(foreign) });
  await expect(page.getByTestId('log-mapping')).toContainText('2 lines');
  await page.getByRole('button', { name: 'Look through it' }).click();
  await expect(page.getByTestId('log-found')).toContainText('1 set of 1 person');
  await expect(page.getByTestId('log-found')).toContainText('line 3: There is nobody called “Nobody”');
  expect((await keptSets(page)).length).toBe(before);
  await page.getByRole('button', { name: 'Import the good ones' }).click();
  await expect(page.getByText('1 set imported.')).toBeVisible();
  expect((await keptSets(page)).length).toBe(before + 1);
});
