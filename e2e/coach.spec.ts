import { readFile } from 'node:fs/promises';
import type { BrowserContext, Locator, Page } from '@playwright/test';
import { DOCUMENT_VERSION } from '../core/src/model/version';
import {
  boardWords,
  keptSets,
  rowsKept,
  cell,
  drafts,
  expect,
  fieldProblem,
  fromMenu,
  FRESH,
  prescriptions,
  STATES,
  test,
} from './coach';

test('a fresh profile opens with the class, each with their own version', async ({ page }) => {
  await page.goto('/board');
  await expect(page.getByRole('rowheader')).toHaveCount(6);
  // Low bone density: a hinge with a straight back is taught and kept.
  await expect(cell(page, 'odile', 'tue-row')).toContainText('one arm');
  await expect(cell(page, 'odile', 'tue-row')).toContainText('hinge taught, straight');
  await expect(cell(page, 'wendel', 'tue-row')).toContainText('towel row');
  await expect(cell(page, 'tamsin', 'tue-thrust')).toContainText('no landing');
  const squats = await Promise.all(
    ['bram', 'odile', 'tamsin', 'anselm', 'juno', 'wendel'].map((id) =>
      cell(page, id, 'tue-squat').innerText(),
    ),
  );
  expect(new Set(squats).size).toBe(6);
});

test('“3×10” to “4×8” on the plan changes the board and survives reload', async ({ page }) => {
  await page.goto('/plan');
  const fields = prescriptions(page, 'tue-squat');
  await expect(fields.nth(1)).toHaveValue('3 × 10, 2 left');
  const before = await page.getByTestId('time-intermediate').innerText();
  await fields.nth(1).fill('4x8 2 left');
  await expect(page.getByTestId('time-intermediate')).not.toHaveText(before);
  await expect(page.locator('dray-class-versions')).toContainText('4 × 8');
  await page.keyboard.press('Enter');
  await expect(fields.nth(1)).toHaveValue('4 × 8, 2 left');

  await page.getByRole('link', { name: 'Board' }).click();
  await expect(cell(page, 'juno', 'tue-squat')).toContainText('4 × 8');
  await expect(cell(page, 'bram', 'tue-squat')).toContainText('3 × 6');
  await page.reload();
  await expect(cell(page, 'juno', 'tue-squat')).toContainText('4 × 8');
});

test('a document travels to a clean profile, and its board is the same', async ({ page, browser }, info) => {
  await page.goto('/plan');
  await prescriptions(page, 'tue-squat').nth(1).fill('4x8 2 left');
  await page.getByRole('link', { name: 'Settings' }).click();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Export to a file' }).click();
  const file = info.outputPath('class.dray.json');
  await (await download).saveAs(file);
  expect(JSON.parse(await readFile(file, 'utf8'))).toMatchObject({
    format: 'dray',
    version: DOCUMENT_VERSION,
  });

  const other = await browser.newContext({ storageState: FRESH });
  const clean = await other.newPage();
  await Promise.all([clean.goto('/settings'), page.getByRole('link', { name: 'Board' }).click()]);
  await clean.locator('input[type=file]').setInputFiles(file);
  await expect(clean.getByTestId('incoming')).toContainText('sessions');
  await clean.getByRole('button', { name: 'Import it' }).click();
  await expect(clean.getByText('Imported: class.dray.json.')).toBeVisible();
  await expect(cell(page, 'juno', 'tue-squat')).toContainText('4 × 8');
  const words = await boardWords(page);
  await clean.getByRole('link', { name: 'Board' }).click();
  await expect.poll(() => boardWords(clean)).toEqual(words);
  await other.close();
});

test('what cannot be read yet is pointed at, kept over closing, and changes nothing', async ({
  page,
  context,
}) => {
  await page.goto('/plan');
  await prescriptions(page, 'tue-press').nth(0).fill('2 × eigth');
  await expect(page.getByTestId('slot-tue-press').locator('.problem')).toContainText('“eigth”');
  await expect.poll(() => drafts(page)).toEqual(['2 × eigth']);
  await page.close();
  const again = await context.newPage();
  await again.goto('/plan');
  await expect(prescriptions(again, 'tue-press').nth(0)).toHaveValue('2 × eigth');
  await again.getByRole('link', { name: 'Board' }).click();
  await expect(cell(again, 'odile', 'tue-press')).toContainText('2 × 8');
});

async function newSessionByKeys(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Other sessions' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('menuitem', { name: 'New session' })).toBeVisible();
  await page.keyboard.press('End');
  for (let up = 0; up < 3; up += 1) await page.keyboard.press('ArrowUp');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Nothing planned yet')).toBeVisible();
}

test('a superset is built by keyboard alone', async ({ page }) => {
  await page.goto('/plan');
  await newSessionByKeys(page);
  await page.keyboard.press('b');
  await expect(page.getByRole('button', { name: 'Add a block' })).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('menuitem', { name: 'Warm-up' })).toBeFocused();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('ArrowDown');
  await expect(page.getByRole('menuitem', { name: 'Superset' })).toBeFocused();
  await page.keyboard.press('Enter');
  const add = page.getByPlaceholder('add an exercise');
  await expect(add).toBeFocused();
  await page.keyboard.type('squat');
  await page.keyboard.press('Enter');
  await expect(page.locator(':focus')).toHaveAttribute('aria-label', 'Squat, beginner');
  await page.keyboard.type('3x12');
  // On past the two other tiers to the button that adds the partner.
  for (let tab = 0; tab < 3; tab += 1) await page.keyboard.press('Tab');
  await expect(page.locator(':focus')).toHaveAttribute('aria-label', 'Add an exercise to Superset');
  await page.keyboard.press('Enter');
  await expect(add).toBeFocused();
  await page.keyboard.type('row');
  await page.keyboard.press('Enter');
  await expect(page.locator(':focus')).toHaveAttribute('aria-label', 'Row, beginner');
  const block = page.getByTestId('block-superset');
  await expect(block.locator('.letter')).toHaveText(['A1', 'A2']);
  await expect(block.getByLabel('Rounds of Superset')).toHaveValue('3');
  // Partners change places, part, and come together again, with the hands on the keys.
  await page.keyboard.press('Alt+ArrowUp');
  await expect(block.locator('.slot-name')).toContainText(['Row', 'Squat']);
  await expect(page.locator(':focus')).toHaveAttribute('aria-label', 'Row, beginner');
  await page.keyboard.press('Alt+p');
  await expect(page.getByTestId('block-straight')).toHaveCount(2);
  await page.keyboard.press('Control+z');
  await expect(block.locator('.letter')).toHaveText(['A1', 'A2']);
  await page.getByRole('link', { name: 'Board' }).click();
  await expect(page.getByRole('columnheader', { name: 'A2 Squat' })).toBeVisible();
});

test('blocks and exercises are dragged into another order', async ({ page }) => {
  await page.goto('/plan');
  const slots = page.getByTestId('block-superset').locator('.slot-name');
  await expect(slots).toContainText(['Squat', 'Row']);
  const grip = page.getByTestId('slot-tue-row').locator('.letter');
  const over = page.getByTestId('slot-tue-squat');
  const from = (await grip.boundingBox())!;
  const to = (await over.boundingBox())!;
  await page.mouse.move(from.x + 8, from.y + 8);
  await page.mouse.down();
  await page.mouse.move(from.x + 8, from.y - 10, { steps: 5 });
  await page.mouse.move(to.x + 8, to.y + 6, { steps: 10 });
  await page.mouse.up();
  await expect(slots).toContainText(['Row', 'Squat']);
  await page.getByRole('button', { name: /^Undo move/ }).click();
  await expect(slots).toContainText(['Squat', 'Row']);
});

test('an exercise dropped among others becomes their partner, and stands alone where it is dropped between', async ({
  page,
}) => {
  await page.goto('/plan');
  const drag = async (slot: string, onto: Locator) => {
    const grip = (await page.getByTestId(`slot-${slot}`).locator('.letter').boundingBox())!;
    await page.mouse.move(grip.x + 8, grip.y + 8);
    await page.mouse.down();
    await page.mouse.move(grip.x + 8, grip.y - 10, { steps: 5 });
    // Places to stand alone open up as the drag begins.
    const to = (await onto.boundingBox())!;
    await page.mouse.move(to.x + 60, to.y + 10, { steps: 20 });
    await page.mouse.up();
  };
  await drag('tue-press', page.getByTestId('slot-tue-row'));
  await expect(page.getByTestId('block-triSet').locator('.slot-name')).toHaveCount(3);
  await drag('tue-row', page.getByTestId('block-warmUp').locator('.gap'));
  await expect(page.getByTestId('block-superset').locator('.slot-name')).toHaveCount(2);
  await expect(page.getByTestId('block-straight').first().locator('.slot-name')).toContainText(['Row']);
});

test('the board works with the keyboard alone, and the coach’s hand is kept with its reason', async ({
  page,
}) => {
  await page.goto('/board');
  await cell(page, 'bram', 'tue-squat').focus();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('ArrowRight');
  await expect(cell(page, 'odile', 'tue-row')).toBeFocused();
  await expect(page.getByTestId('trace')).toContainText('Low bone density');
  await expect(page.getByTestId('trace').locator('b')).toHaveText([
    'Rung',
    'Cautions',
    'Kit',
    'Target',
    'Attainable',
    'Written',
  ]);
  await page.keyboard.press('Enter');
  await page.keyboard.press('Enter');
  await page.getByLabel('load', { exact: true }).fill('3.2');
  await page.getByRole('button', { name: 'Set by hand' }).click();
  await expect(fieldProblem(page)).toContainText('reason in a few words');
  await page.getByTestId('reason').fill('wrist is sore today');
  await page.keyboard.press('Enter');
  await expect(cell(page, 'odile', 'tue-row')).toBeFocused();
  await expect(cell(page, 'odile', 'tue-row')).toContainText('nearest is jug to 3 L');
  await expect(cell(page, 'odile', 'tue-row')).toContainText('by hand: wrist is sore today');
  await page.keyboard.press(']');
  await expect(page.getByRole('radio', { name: '2' })).toHaveAttribute('aria-checked', 'true');
  await expect(cell(page, 'odile', 'tue-row')).toContainText('by hand');
  await page.keyboard.press('Control+z');
  await expect(cell(page, 'odile', 'tue-row')).not.toContainText('by hand');
});

test('two tabs stay in step', async ({ page, context }) => {
  await page.goto('/plan');
  const other = await context.newPage();
  await other.goto('/board');
  await expect(cell(other, 'juno', 'tue-squat')).toContainText('3 × ');
  await prescriptions(page, 'tue-squat').nth(1).fill('5x10 2 left');
  await expect(cell(other, 'juno', 'tue-squat')).toContainText('5 × ');
});

test('a card is in its person’s unit, and prints on one page', async ({ page }) => {
  await page.goto('/card/anselm');
  await expect(page.getByRole('heading', { name: 'Anselm' })).toBeVisible();
  await expect(page.locator('dray-sheet .load').first()).toContainText('25 lb');
  await expect(page.locator('article')).toContainText('Stop and say so');
  for (const person of ['anselm', 'tamsin', 'odile', 'bram']) {
    await page.goto(`/card/${person}`);
    await expect(page.locator('article')).toBeVisible();
    expect(await printedPages(page), person).toBe(1);
  }
});

test('the whole class is printed, a page each or two to a page', async ({ page }) => {
  // The dialog of the browser is not there to be answered; the pages are.
  await page.addInitScript(() => (window.print = () => undefined));
  await page.goto('/card/odile');
  await expect(page.getByRole('heading', { name: 'Odile' })).toBeVisible();
  await fromMenu(page, 'Print', 'The whole class, a page each');
  await expect(page.locator('.page dray-sheet')).toHaveCount(6);
  expect(await printedPages(page)).toBe(6);
  await page.evaluate(() => window.dispatchEvent(new Event('afterprint')));
  await expect(page.locator('.page dray-sheet')).toHaveCount(0);
  await fromMenu(page, 'Print', 'The whole class, two to a page');
  await expect(page.locator('.page')).toHaveCount(3);
  expect(await printedPages(page)).toBe(3);
});

test('pounds, the dark theme and the demo are a choice, and undone', async ({ page }) => {
  await page.goto('/settings');
  await page.getByRole('radio', { name: 'lb' }).check();
  await page.getByRole('radio', { name: 'dark' }).check();
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark');
  await page.goto('/board');
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark');
  await expect(cell(page, 'anselm', 'tue-squat')).toContainText('25 lb');
  await page.getByRole('link', { name: 'Settings' }).click();
  await page.getByRole('button', { name: 'The boatyard as it came' }).click();
  await expect(page.getByRole('alertdialog')).toContainText('First export what is here');
  await page.getByRole('button', { name: 'Import it' }).click();
  await expect(page.getByRole('radio', { name: 'kg' })).toBeChecked();
});

// One page goes through both: what its worker keeps cannot be handed from one browser to another.
test.describe.serial('on a train', () => {
  let context: BrowserContext;
  let page: Page;

  test.beforeAll(async ({ browser }) => {
    context = await browser.newContext({ storageState: STATES.first, serviceWorkers: 'allow' });
    page = await context.newPage();
  });

  test.afterAll(() => context.close());

  test('every file of the build is kept, a few seconds after the first picture', async () => {
    // They are let run ahead.
    await page.clock.install();
    await page.goto('/plan');
    await expect(prescriptions(page, 'tue-squat').nth(1)).toBeVisible();
    await page.clock.fastForward(4000);
    await page.evaluate(() => navigator.serviceWorker.ready);
    await expect.poll(() => notKeptYet(page), { timeout: 20_000, intervals: [100] }).toBe(0);
    // The open page is taken over last, so that no screen waits for the fetching; then it needs no reload either.
    await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
  });

  test('everything is there without the server', async () => {
    await context.setOffline(true);
    await page.getByRole('link', { name: 'Ladders' }).click();
    await expect(page.getByRole('heading', { name: 'Ladders', level: 1 })).toBeVisible();
    await page.goto('/plan');
    await expect(prescriptions(page, 'tue-squat').nth(1)).toHaveValue('3 × 10, 2 left');
    await page.getByRole('link', { name: 'Board' }).click();
    await expect(cell(page, 'juno', 'tue-squat')).toContainText('18');
  });

  test('the page that is kept is guarded as the one from the server is', async () => {
    // An id may hold a dot; that makes no file of its address.
    for (const address of ['/plan', '/people/mara.b']) {
      const response = await page.goto(address);
      expect(response?.fromServiceWorker(), address).toBe(true);
      expect(response?.headers()['content-security-policy'], address).toContain("script-src 'self'");
    }
    const ran = await page.evaluate(() => {
      const script = document.createElement('script');
      const attempts = [
        () => script.append('window.injected = true'),
        () => document.body.append(script),
        () => document.body.insertAdjacentHTML('beforeend', '<img src="x" onerror="window.injected = true">'),
        () => new Worker('https://elsewhere.example/x.js'),
      ];
      const refused = attempts.filter((attempt) => {
        try {
          attempt();
          return false;
        } catch {
          return true;
        }
      });
      return { injected: 'injected' in window, refused: refused.length };
    });
    expect(ran).toEqual({ injected: false, refused: 2 });
  });

  test('a class goes on where it was when its tab is killed in the middle', async () => {
    await page.goto('/floor');
    await page.getByRole('button', { name: 'Begin the class' }).click();
    await expect(page.getByRole('button', { name: /^Pause/ })).toBeVisible();
    const moves = Number((await page.getByText(/^move \d+ of/).innerText()).split(' of ')[1]);
    const pressed = await onTheFloor(page, Math.ceil(moves / 2));
    const move = await page.getByText(/^move \d+ of/).innerText();
    // What is seen is on the disk a moment later: the tab is killed when the coach’s last key is.
    await expect.poll(() => nextsKept(page)).toBe(pressed);
    await page.close({ runBeforeUnload: false });
    page = await context.newPage();
    await page.goto('/floor');
    await expect(page.getByText(move)).toBeVisible();
  });

  test('it is run to its end, and its log and next week are there', async () => {
    await onTheFloor(page, Infinity);
    await page.getByRole('link', { name: 'To the log' }).click();
    for (const person of ['bram', 'odile', 'tamsin', 'anselm', 'juno', 'wendel'])
      await expect(page.getByTestId(`log-${person}-tue-squat`).locator('.done')).toContainText(/\d \d+/);
    const sets = await keptSets(page);
    expect(new Set(sets.map(({ week }) => week))).toEqual(new Set([1]));
    await page.getByRole('tab', { name: 'next week' }).click();
    // Six people, six exercises: each was done, and each has its proposal.
    await expect(page.getByText('After week 1: 36 to decide, 0 decided.')).toBeVisible();
    await expect(page.getByRole('group', { name: 'Bram, Squat' })).toBeVisible();
  });
});

/** How often on the disk the coach has gone on to what is next. */
async function nextsKept(page: Page): Promise<number> {
  const rows = await rowsKept<{ event: { kind: string } }>(page, 'runEvents');
  return rows.filter(({ event }) => event.kind === 'next').length;
}

/**
 * Runs a class on to a move, or to its end: the clock is let go on where it leads, the coach’s key ends what is counted. Gives back
 * how often it was pressed.
 */
async function onTheFloor(page: Page, to: number): Promise<number> {
  const stage = page.locator('dray-stage');
  let pressed = 0;
  for (let steps = 0; steps < 300; steps += 1) {
    const words = await stage.innerText();
    if (words.startsWith('Done')) return pressed;
    const move = await page.getByText(/^move \d+ of/).innerText();
    if (Number(move.split(' ')[1]) >= to) return pressed;
    const clock = /(\d+):(\d\d)/.exec(words);
    if (clock) await page.clock.fastForward(1000 * (60 * Number(clock[1]) + Number(clock[2])));
    else {
      await page.keyboard.press('ArrowRight');
      pressed += 1;
    }
  }
  throw new Error(`the class came to no end: ${await stage.innerText()}`);
}

/** How many files of the build the worker has yet to keep. */
function notKeptYet(page: Page): Promise<number> {
  return page.evaluate(async () => {
    const manifest = (await (await fetch('/ngsw.json')).json()) as { assetGroups: { urls: string[] }[] };
    const wanted = manifest.assetGroups.flatMap(({ urls }) => urls).length;
    const name = (await caches.keys()).find((key) => key.endsWith('assets:app:cache'));
    return wanted - (name ? (await (await caches.open(name)).keys()).length : 0);
  });
}

test('the first route is at most 510 kB in at most 30 files, shell and fonts included', async ({
  browser,
}) => {
  const context = await browser.newContext({ storageState: FRESH });
  const page = await context.newPage();
  // When the session is there. What is asked for after that, the demo's log and the fields beside the text, nobody waits for.
  await page.addInitScript(() => {
    const store = window as unknown as { there?: number };
    new MutationObserver((_, observer) => {
      if (!document.querySelector('[data-testid="slot-tue-squat"] input')) return;
      store.there = performance.now();
      observer.disconnect();
    }).observe(document, { subtree: true, childList: true });
  });
  await page.goto('/');
  await expect(prescriptions(page, 'tue-squat').nth(1)).toBeVisible();
  await page.evaluate(() => document.fonts.ready);
  const { bytes, files } = await page.evaluate(() => {
    const { there = Infinity } = window as unknown as { there?: number };
    const all = [
      ...performance.getEntriesByType('navigation'),
      ...performance.getEntriesByType('resource'),
    ] as PerformanceResourceTiming[];
    const asked = all.filter(({ startTime }) => startTime <= there);
    return { bytes: asked.reduce((sum, { transferSize }) => sum + transferSize, 0), files: asked.length };
  });
  // The shell and core alone are more than half of it: less would mean that it was not measured.
  expect(bytes).toBeGreaterThan(300_000);
  // About 496 kB; a slow machine counts a part or two of what comes behind it.
  expect(bytes).toBeLessThanOrEqual(510_000);
  expect(files).toBeLessThanOrEqual(30);
  await context.close();
});

test('a whole session is typed in one breath, in under 90 keystrokes and without a mouse', async ({
  page,
}) => {
  await page.goto('/plan');
  await newSessionByKeys(page);
  let strokes = 0;
  const press = async (key: string) => {
    strokes += 1;
    await page.keyboard.press(key);
  };
  await press('t');
  await expect(page.getByLabel('The session as text')).toBeFocused();
  for (const key of '3 rounds, goblet squat 8-12 2 left; row; 60s all out; beginners 2 rounds')
    await press(key);
  await press('Escape');
  expect(strokes).toBeLessThan(90);
  await expect(page.getByLabel('The session as text')).toHaveValue(
    [
      '# New session (30 min)',
      '',
      'Tri-set, rest 60 s',
      '- Goblet squat: 2 × 8–12, 2 left | 3 × 8–12, 2 left | =',
      '- Row: 2 × 8–12, 2 left | 3 × 8–12, 2 left | =',
      '- Row: 2 × max in 60 s | 3 × max in 60 s | =',
      '',
    ].join('\n'),
  );
  await page.getByRole('link', { name: 'Board' }).click();
  await expect(page.getByRole('grid')).toContainText('3 × max in 60 s');
  await expect(page.getByRole('grid')).toContainText('2 × 8');
});

test('a session as text: a mistake is pointed at and kept, an edited line keeps what hangs on its exercise', async ({
  page,
}) => {
  await page.goto('/plan');
  await page.getByRole('radio', { name: /^text/ }).click();
  const area = page.getByLabel('The session as text');
  const text = await area.inputValue();
  await area.fill(text.replace('- Push-up: 2 × 8', '- Psh-upp: 2 × 8'));
  await expect(page.getByRole('alert')).toContainText('Did you mean “Push-up”?');
  await page.getByRole('link', { name: 'Board' }).click();
  await expect(cell(page, 'odile', 'tue-press')).toContainText('2 × 8');
  await page.getByRole('link', { name: 'Plan' }).click();
  await page.getByRole('radio', { name: /^text/ }).click();
  await expect(area).toHaveValue(/Psh-upp/);
  await area.fill(text.replace('- Push-up: 2 × 8', '- Push-up: 2 × 9'));
  await area.blur();
  await page.getByRole('link', { name: 'Board' }).click();
  await expect(cell(page, 'odile', 'tue-press')).toContainText('2 × 9');
});

test('a text longer than any session is read beside the page, and stands when it has been read', async ({
  page,
}) => {
  await page.goto('/plan');
  await page.getByRole('radio', { name: /^text/ }).click();
  const area = page.getByLabel('The session as text');
  const text = await area.inputValue();
  await area.fill(text.replace('- Push-up: 2 × 8', '- Push-up: 2 × 9') + '\n' + ' '.repeat(20_000));
  await area.blur();
  await expect(area).toHaveValue(text.replace('- Push-up: 2 × 8', '- Push-up: 2 × 9'));
});

test('supersets worth making are found off the page’s thread and made with one click', async ({ page }) => {
  await page.goto('/plan');
  await page.getByRole('tab', { name: /^session/ }).click();
  await page.getByRole('button', { name: 'Which go together?' }).click();
  await page.getByRole('button', { name: 'Push-up with Hinge' }).click();
  await expect(page.getByTestId('block-superset')).toHaveCount(2);
});

/** How many pages the page on view prints on. */
async function printedPages(page: Page): Promise<number> {
  const pdf = (await page.pdf({ format: 'A4', preferCSSPageSize: true })).toString('latin1');
  return pdf.match(/\/Type\s*\/Page\b/g)?.length ?? 0;
}
