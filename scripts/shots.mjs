// npm run shots: rewrites docs/screenshots from the demo class, and docs/figures from the library.
import { spawnSync } from 'node:child_process';
import { mkdirSync } from 'node:fs';
import { createRequire } from 'node:module';
import path from 'node:path';
import { findChromium, installPackages, root } from './setup.mjs';
import { serveFor } from './serve-for.mjs';

installPackages();
const { chromium } = await import('@playwright/test');
const args = createRequire(import.meta.url)('./chromium-flags.cjs');
const DESK = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };

const SHOTS = [
  { name: 'plan', route: '/plan', act: (page) => page.locator('dray-add-line').waitFor() },
  { name: 'plan-session', route: '/plan', act: wholeSession },
  { name: 'plan-text', route: '/plan', act: asText },
  { name: 'board', route: '/board', act: (page) => week(page, 0, '#cell-3-1') },
  { name: 'board-dark', route: '/board', scheme: 'dark', act: (page) => week(page, -1, '#cell-1-1') },
  { name: 'card', route: '/card/odile', size: { width: 800, height: 1100 } },
  { name: 'card-phone', route: '/card/anselm', size: PHONE },
  { name: 'kit', route: '/kit', act: (page) => kit(page, /Tamsin/, /one in both hands/) },
  { name: 'people', route: '/people/juno', act: strength },
  { name: 'ladders', route: '/ladders', act: climb },
  { name: 'floor', route: '/floor', act: (page) => underWay(page, 10, 5500) },
  { name: 'floor-wall', route: '/floor', scheme: 'dark', act: wall },
  { name: 'floor-phone', route: '/floor', size: PHONE, act: (page) => underWay(page, 9, 900) },
  { name: 'log', route: '/log', act: filling },
  { name: 'log-next', route: '/log/next', act: logged },
  { name: 'log-history', route: '/log/history/bram', act: logged },
  { name: 'program', route: '/program', act: program },
  { name: 'settings', route: '/settings' },
  { name: 'begin', route: '/begin', act: beginning },
];

const SHEETS = 4;

/** Every figure of the library, over a few pictures. */
async function contactSheet(browser) {
  const { stdout } = spawnSync(process.execPath, ['--import', 'tsx', 'scripts/figure-sheet.ts'], {
    cwd: root,
    encoding: 'utf8',
    maxBuffer: 64e6,
  });
  mkdirSync(path.join(root, 'docs/figures'), { recursive: true });
  const page = await browser.newPage({ viewport: { width: 1400, height: 900 } });
  await page.setContent(stdout);
  const sections = await page.locator('section').all();
  const each = Math.ceil(sections.length / SHEETS);
  for (let sheet = 0; sheet < SHEETS; sheet += 1) {
    await page.evaluate(
      ([from, to]) =>
        document
          .querySelectorAll('section')
          .forEach((section, at) => (section.hidden = at < from || at >= to)),
      [sheet * each, (sheet + 1) * each],
    );
    await page.screenshot({ path: path.join(root, `docs/figures/${sheet + 1}.png`), fullPage: true });
    console.log(`docs/figures/${sheet + 1}.png`);
  }
  await page.close();
}

async function beginning(page) {
  await page.getByLabel('Names, one a line').fill('Ida\nBram\nCleo');
  await page.getByTestId('new-Bram').getByRole('radio', { name: 'advanced' }).click();
}

/** A class begun and so many moves in, for so long. */
async function underWay(page, moves, after) {
  await logged(page);
  await page.getByRole('button', { name: 'Begin the class' }).click();
  await page.getByRole('button', { name: /^Next/ }).waitFor();
  for (let move = 0; move < moves; move += 1) await page.keyboard.press('ArrowRight');
  await page.waitForTimeout(after);
}

async function wall(page) {
  await underWay(page, 9, 900);
  await page.goto(new URL('/floor/wall', page.url()).href);
  await page.getByTestId('floor-clock').waitFor();
}

async function wholeSession(page) {
  await page.getByRole('tab', { name: /^session/ }).click();
  await page.getByLabel('Budget').fill('28');
  await page.getByLabel('Budget').press('Enter');
  await page.getByText('It would fit with').waitFor();
  await page.getByRole('button', { name: 'Which go together?' }).click();
  await page.getByRole('button', { name: /^Push-up with/ }).waitFor();
}

async function asText(page) {
  await page.getByRole('radio', { name: /^text/ }).click();
  const area = page.getByLabel('The session as text');
  await area.fill(
    (await area.inputValue())
      .replace('- Plank:', '- Sail plank:')
      .replace('- Burpee:', '- Burpeees of doom:'),
  );
}

/** The demo's four weeks come a moment after the first screen. */
async function logged(page) {
  await page.waitForTimeout(3200);
}

async function week(page, steps, cell) {
  await logged(page);
  await page.locator(cell).click();
  for (let at = 0; at < Math.abs(steps); at += 1) await page.keyboard.press(steps < 0 ? '[' : ']');
}

async function filling(page) {
  await logged(page);
  await page.locator('#log-0-0').click();
  await page.keyboard.press('a');
  await page.keyboard.press('a');
  await page.waitForTimeout(300);
  await page.keyboard.type('17 17 15 1 left');
}

async function program(page) {
  await logged(page);
  await page.locator('#class-5-1').click();
}

async function kit(page, name, hold) {
  await page.getByRole('button', { name }).click();
  await page.getByRole('radio', { name: hold }).click();
  await page.getByTestId('advice').waitFor();
}

async function strength(page) {
  await logged(page);
  await page.getByRole('tab', { name: 'strength' }).click();
  await page.locator('dray-chart canvas').waitFor();
}

async function climb(page) {
  await page
    .getByRole('button', { name: /^Push-up/ })
    .first()
    .click();
  await page.getByRole('button', { name: /from the floor/ }).click();
  await page.getByRole('combobox', { name: 'Substitutes for' }).click();
  await page.getByRole('option', { name: 'Wendel' }).click();
}

await serveFor(4392, async (base) => {
  const browser = await chromium.launch({ executablePath: findChromium(), args });
  for (const { name, route, size = DESK, scheme = 'light', act } of SHOTS) {
    const page = await browser.newPage({ viewport: size, colorScheme: scheme, locale: 'en-GB' });
    await page.goto(base + route);
    await page.locator('h1').first().waitFor();
    await page.evaluate(() => document.fonts.ready);
    await page.getByRole('button', { name: 'Look round the boatyard' }).click();
    await act?.(page);
    await page.waitForTimeout(250);
    await page.screenshot({ path: path.join(root, 'docs/screenshots', `${name}.png`) });
    await page.close();
    console.log(`docs/screenshots/${name}.png`);
  }
  await contactSheet(browser);
  await browser.close();
});
