import type { Locator, Page } from '@playwright/test';
import { expect, test } from './coach';

/** What would have sounded, as the stand-in for the loudspeaker writes it down. */
interface Heard {
  readonly kind: string;
  readonly at: number;
  readonly words?: string;
}

// Tuesday of the first week, half an hour before the class; from then on time passes as the test says.
const EVENING = new Date('2026-11-24T18:00:00');

async function openFloor(page: Page, place = '/floor'): Promise<void> {
  await page.addInitScript(() => Object.assign(globalThis, { written: [] }));
  await page.clock.install({ time: EVENING });
  await page.goto(place);
  await expect(page.getByTestId('floor-title')).toBeVisible();
}

/** Time stands still but for these moments: what the store and the page do takes some of it. */
async function untilSeen(page: Page, what: Locator): Promise<void> {
  await expect
    .poll(async () => {
      await page.clock.runFor(20);
      return what.isVisible();
    })
    .toBe(true);
}

async function begin(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Begin the class' }).click();
  await untilSeen(page, page.getByRole('button', { name: /^Next/ }));
}

function heard(page: Page): Promise<Heard[]> {
  return page.evaluate(() => [...(globalThis as unknown as { written: Heard[] }).written]);
}

/** "1:05" is 65. */
function seconds(words: string): number {
  const [minutes = 0, rest = 0] = words.split(':').map(Number);
  return minutes * 60 + rest;
}

/** Ends what is on, by the coach's key, so often. */
async function next(page: Page, times = 1): Promise<void> {
  for (let time = 0; time < times; time += 1) {
    await page.keyboard.press('ArrowRight');
    await page.clock.runFor(300);
  }
}

/** On to the next set of an exercise by its name, ended or not. */
async function onTo(page: Page, name: string): Promise<void> {
  const title = page.getByTestId('floor-title');
  for (let turns = 0; turns < 60; turns += 1) {
    const words = await page.locator('dray-stage').innerText();
    if ((await title.innerText()) === name && /reps|each side/.test(words)) return;
    await next(page);
  }
  throw new Error(`there is no ${name}`);
}

test('a class is run: signals at their second, three people changed on the way, killed in the middle and gone on, and the log is right', async ({
  page,
  context,
}) => {
  await openFloor(page);
  await page.clock.pauseAt(new Date(EVENING.getTime() + 60_000));
  await begin(page);
  await page.clock.runFor(100);
  const lane = (person: string) => page.getByTestId(`lane-${person}`);

  // Ten seconds to take position, counted in; the march of the warm-up is by the clock.
  await expect(page.getByTestId('floor-title')).toHaveText('March on the spot');
  // A hidden page is looked at now and then; what is heard was told ahead.
  for (let minute = 0; minute < 2; minute += 1) {
    await page.clock.fastForward(54_000);
    await page.clock.runFor(100);
  }
  const sounds = await heard(page);
  const began = (sounds.find(({ kind }) => kind === 'go')?.at ?? 0) - 10_000;
  const first = sounds.filter(({ at }) => at <= began + 100_000).map(({ kind, at }) => [kind, at - began]);
  expect(first.slice(0, 8)).toEqual([
    ['next', 0],
    ['count', 7000],
    ['count', 8000],
    ['count', 9000],
    ['go', 10_000],
    ['halfway', 55_000],
    ['lastTen', 90_000],
    ['lastFive', 95_000],
  ]);
  expect(sounds.find(({ kind }) => kind === 'next')?.words).toBe('March on the spot');

  await onTo(page, 'Squat');
  const before = await lane('tamsin').innerText();
  await page.getByRole('button', { name: 'Easier for Tamsin' }).click();
  await page.clock.runFor(200);
  await expect.poll(() => lane('tamsin').innerText()).not.toBe(before);

  // Bram did two fewer, and Juno's form was lost; each a key and a touch.
  await page.keyboard.press('1');
  await page.clock.runFor(200);
  const asked = Number(await page.getByTestId('floor-amount').innerText());
  await page.getByRole('button', { name: 'One fewer' }).click();
  await page.getByRole('button', { name: 'One fewer' }).click();
  await page.clock.runFor(200);
  await expect(page.getByTestId('floor-amount')).toHaveText(String(asked - 2));
  await page.keyboard.press('5');
  await page.keyboard.press('f');
  await page.clock.runFor(200);
  await expect(lane('juno')).toContainText('form went');
  await page.keyboard.press('Escape');
  await next(page);
  const clock = await page.getByTestId('floor-clock').innerText();
  const move = await page.getByText(/^move \d+ of/).innerText();

  // The tab is gone, the battery is not: another opens where it stood.
  const other = await context.newPage();
  await page.close({ runBeforeUnload: false });
  await context.clock.fastForward(12 * 60_000);
  await other.goto('/floor');
  await untilSeen(other, other.getByText('This class was left 12 min'));
  await other.getByRole('button', { name: 'Go on from there' }).click();
  await untilSeen(other, other.getByText(move));
  const there = other.getByTestId('floor-clock');
  expect(Math.abs(seconds(await there.innerText()) - seconds(clock))).toBeLessThanOrEqual(1);

  await other.getByRole('button', { name: 'More to do' }).click();
  await untilSeen(other, other.getByRole('menuitem', { name: 'End the class' }));
  await other.getByRole('menuitem', { name: 'End the class' }).click();
  await untilSeen(other, other.getByRole('link', { name: 'To the log' }));
  await other.getByRole('link', { name: 'To the log' }).click();
  const cell = (person: string, slot: string) => other.getByTestId(`log-${person}-${slot}`);
  await untilSeen(other, cell('bram', 'tue-squat'));
  await expect(cell('bram', 'tue-squat')).toContainText(`${asked - 2}`);
  await expect(cell('juno', 'tue-squat')).toContainText('form went');
  await expect(cell('odile', 'tue-squat')).toContainText(/\d/);
});

test('a wall in a second window shows what the coach’s window does, and has nothing to press', async ({
  page,
  context,
}) => {
  // It is there first, and yet it neither sounds nor writes.
  const wall = await context.newPage();
  await openFloor(wall, '/floor/wall');
  await openFloor(page);
  await expect(wall.getByTestId('floor-title')).toHaveText('March on the spot');
  await page.clock.pauseAt(new Date(EVENING.getTime() + 60_000));
  await begin(page);
  await onTo(page, 'Squat');
  // The getting ready has the name of its exercise too: what the clock says tells them apart.
  const shown = (window: Page) =>
    Promise.all(['floor-title', 'floor-clock'].map((id) => window.getByTestId(id).innerText()));
  const coach = await shown(page);
  expect(coach).toEqual(['Squat', expect.stringMatching(/reps|each side/)]);
  await expect
    .poll(async () => {
      await page.clock.runFor(20);
      return shown(wall);
    })
    .toEqual(coach);
  await expect(wall.getByRole('main').getByRole('button')).toHaveCount(0);
  await expect(wall.getByTestId('lane-odile')).toContainText('Odile');
  expect(await heard(wall)).toEqual([]);
  expect((await heard(page)).length).toBeGreaterThan(0);
});

test('pain stops what bears on it for that person today, and a chest stops everything', async ({ page }) => {
  await openFloor(page);
  await page.clock.pauseAt(new Date(EVENING.getTime() + 60_000));
  await begin(page);
  await onTo(page, 'Squat');
  const juno = page.getByTestId('lane-juno');
  const bram = page.getByTestId('lane-bram');
  await page.getByRole('button', { name: 'More of Juno' }).click();
  await page.clock.runFor(100);
  const pain = page.getByRole('button', { name: 'Pain …' });
  // A hand that does not look finds them. Common practice, no published source.
  for (const found of [pain, page.getByRole('button', { name: 'More of Juno' })]) {
    expect((await found.boundingBox())?.height).toBeGreaterThanOrEqual(64);
  }
  await pain.click();
  await page.clock.runFor(100);
  await page.getByRole('button', { name: 'knee' }).click();
  await page.clock.runFor(100);
  await page.getByRole('button', { name: '4', exact: true }).click();
  await page.clock.runFor(100);
  await expect(juno).toContainText('stopped for today');
  await expect(bram).not.toContainText('stopped for today');
  await page.getByRole('button', { name: 'More of Bram' }).click();
  await page.clock.runFor(100);
  await page.getByRole('button', { name: 'Pain …' }).click();
  await page.clock.runFor(100);
  await page.getByRole('button', { name: 'chest, arm or jaw' }).click();
  await page.clock.runFor(100);
  await expect(page.getByText('Stop and say so')).toBeVisible();
  await expect(bram).toContainText('stopped for today');
  // Undo is of the floor, by its own key.
  await page.keyboard.press('u');
  await page.clock.runFor(100);
  await expect(bram).not.toContainText('stopped for today');
});

test('somebody gets another exercise in the middle of a class, its caution stays, and the log says what was done', async ({
  page,
}) => {
  await page.goto('/floor');
  await page.getByRole('button', { name: 'Begin the class' }).click();
  await expect(page.getByRole('button', { name: /^Next/ })).toBeVisible();
  const lane = page.getByTestId('lane-tamsin');
  for (let turns = 0; turns < 12 && !(await lane.innerText()).includes('Goblet squat'); turns += 1)
    await page.keyboard.press('ArrowRight');
  await page.getByRole('button', { name: /^Pause/ }).click();
  await page.getByRole('button', { name: 'More of Tamsin' }).click();
  await page.getByRole('button', { name: 'Another exercise …' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('textbox', { name: 'instead' }).fill('free squat');
  await dialog.getByRole('group', { name: 'What comes near it' }).getByRole('button').first().click();
  await dialog.getByLabel('because').fill('tired');
  await dialog.getByRole('button', { name: 'Set by hand' }).click();
  await expect(lane).toContainText('Free squat, to a high seat');
  await expect(lane).toContainText('knee: less depth');
  // How hard is said wherever the work is.
  await expect(page.getByTestId('lane-juno')).toContainText('left');
});
