import type { Page } from '@playwright/test';
import { cell, expect, fromMenu, kept, prescriptions, test } from './coach';

/** Where the focus is, as a person would say it; the page itself is nowhere. */
function focused(page: Page): Promise<string> {
  return page.evaluate(() => {
    const { activeElement } = document;
    if (!activeElement || activeElement === document.body) return 'nowhere';
    return activeElement.getAttribute('aria-label') ?? activeElement.textContent?.trim().slice(0, 40) ?? '';
  });
}

/** After something done by keys the focus is somewhere on the screen. */
async function expectSomewhere(page: Page, after: string): Promise<void> {
  await expect.poll(() => focused(page), after).not.toBe('nowhere');
}

test('the focus is never lost by what is done by keys on the plan', async ({ page }) => {
  await page.goto('/plan');
  await prescriptions(page, 'tue-row').nth(1).focus();
  await page.keyboard.press('Alt+Delete');
  await expect(page.getByTestId('slot-tue-row')).toHaveCount(0);
  await expectSomewhere(page, 'an exercise deleted');
  await page.getByRole('button', { name: 'More of Superset' }).focus();
  await page.keyboard.press('Enter');
  await page.getByRole('menuitem', { name: 'Delete' }).press('Enter');
  await expect(page.getByRole('button', { name: 'More of Superset' })).toHaveCount(0);
  await expectSomewhere(page, 'a block deleted');
  await page.getByRole('button', { name: 'Undo delete a block' }).focus();
  await page.keyboard.press('Enter');
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('slot-tue-row')).toHaveCount(1);
  await expectSomewhere(page, 'all undone');
});

test('the focus is never lost by what is done by keys among people, kits and programs', async ({ page }) => {
  await page.goto('/people/juno');
  await fromMenu(page, 'More', 'Archive Juno');
  await expectSomewhere(page, 'a person archived');
  await page.goto('/kit');
  await page.getByRole('button', { name: /Tamsin/ }).press('Enter');
  await page.getByRole('button', { name: /^Dumbbells 5 kg/ }).press('Enter');
  await page.getByRole('button', { name: 'Remove from the kit' }).press('Enter');
  await expectSomewhere(page, 'a thing deleted');
});

test('the way to the content comes first', async ({ page }) => {
  await page.goto('/board');
  await expect(cell(page, 'juno', 'tue-squat')).toBeVisible();
  await page.keyboard.press('Tab');
  await expect(page.getByRole('button', { name: 'To the content' })).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.locator('main')).toBeFocused();
});

test('what is chosen has a line round it where the reader’s own colours rule', async ({ page }) => {
  await page.emulateMedia({ forcedColors: 'active' });
  await page.goto('/board');
  await cell(page, 'juno', 'tue-squat').click();
  await expect(cell(page, 'juno', 'tue-squat')).toHaveCSS('outline-style', 'solid');
  await expect(cell(page, 'anselm', 'tue-squat')).toHaveCSS('outline-style', 'none');
  await expect(page.getByRole('link', { name: 'Board' })).toHaveCSS('outline-style', 'solid');
});

test('single keys are switched off, and then do nothing', async ({ page }) => {
  await page.goto('/settings');
  await page.getByRole('radio', { name: 'none' }).check();
  await page.locator('main').focus();
  await page.keyboard.press('2');
  await page.getByRole('radio', { name: 'with Alt' }).check();
  await expect(page).toHaveURL(/settings$/);
  await page.locator('main').focus();
  await page.keyboard.press('Alt+2');
  await expect(page).toHaveURL(/board$/);
});

test('a reader hears of a row whose it is, of a cell what stands in it, and why', async ({ page }) => {
  await page.goto('/board');
  const anselm = cell(page, 'anselm', 'tue-squat');
  await expect(anselm).toMatchAriaSnapshot(`
    - 'gridcell "intermediate 11.35 kg 3 × 12, 3 left dumbbell 25 lb goblet squat breathe, 3 left next is 13.6 kg: more reps"':
      - img "intermediate"
      - text: 11.35 kg 3 × 12, 3 left
      - img "dumbbell 25 lb"
      - text: "goblet squat breathe, 3 left next is 13.6 kg: more reps"
  `);
  await expect(page.getByRole('row', { name: /^Anselm/ }).getByRole('rowheader')).toMatchAriaSnapshot(`
    - rowheader "Anselm harbour pilot · five pairs in lb high blood pressure"
  `);
  await cell(page, 'odile', 'tue-row').click();
  await expect(page.getByRole('complementary', { name: 'the reasons' })).toMatchAriaSnapshot(`
    - complementary "the reasons":
      - heading "Odile · Row" [level=2]
      - paragraph: week 1 · A2 · 3 × 10 each side, 3 left
      - list:
        - listitem: "Rung Intermediate at pulling: “one arm”."
        - listitem: "Cautions Low bone density: bend at the hips with a straight back, taught first; load close; stop with three left, or when the back rounds."
        - listitem: Kit 64 loads can be made for it.
        - listitem: /^Target 10 with 3 left is/
        - listitem: "Attainable Nearest from the kit: 4.95 kg: jug to 4.75 L (the handle holds 5.2 kg)."
        - listitem: Written 3 × 10 each side with 4.95 kg, rest 60 s.
  `);
});

test('a reader hears of a class on the floor what is on, and of a lane whose it is and what they do', async ({
  page,
}) => {
  await page.goto('/floor');
  await page.getByRole('button', { name: 'Begin the class' }).click();
  const anselm = page.getByRole('region', { name: 'Anselm' });
  for (let turns = 0; turns < 20 && !(await anselm.innerText()).includes('Goblet squat'); turns += 1)
    await page.getByRole('button', { name: /^Next/ }).click();
  await page.getByRole('button', { name: /^Pause/ }).click();
  await expect(page.getByRole('button', { name: /^Go on/ })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Squat', level: 2 })).toBeVisible();
  await expect(page.getByRole('timer')).toHaveText(/^\s*(\d+:\d\d|.*reps)\s*$/);
  await expect(anselm).toMatchAriaSnapshot(`
    - region "Anselm":
      - heading "Anselm" [level=3]
      - paragraph: Goblet squat
      - paragraph:
        - text: /25 lb/
        - img "dumbbell 25 lb"
      - paragraph: 12 reps, 3 left
      - paragraph: breathe, 3 left
      - paragraph: as asked
      - button "Easier for Anselm"
      - button "Harder for Anselm" [disabled]
      - button "More of Anselm"
  `);
});

test.describe('in the fifth week', () => {
  test.use({ week: 'fifth' });

  test('a reader hears of a proposal whose it is, what it asks, and why', async ({ page }) => {
    await page.goto('/log/next');
    await expect(page.getByRole('group', { name: 'Wendel, Push-up' })).toMatchAriaSnapshot(`
      - group "Wendel, Push-up":
        - text: Wendel B Push-up 12, 12, 12, 2 left, right shoulder hurt, 5 of 10 3 × 8, palms together Right shoulder hurt, 5 of 10. Stop it until it was looked at; instead “palms together”.
        - button "Agree"
        - button "Same again"
    `);
  });
});

const LONG = 'Wolframhartmannswillerkopfstrassenbahnhaltestellenverzeichnis'.repeat(2).slice(0, 118);

const SIZES = [
  [1280, 800],
  [390, 844],
  [320, 256],
] as const;

for (const screens of [
  ['Plan', 'Board', 'Card', 'Log'],
  ['Program', 'People', 'Kit', 'Settings'],
]) {
  test(`a name of one long word breaks no screen, at a desk, on a phone and at four times the size: ${screens.join(', ')}`, async ({
    page,
  }) => {
    const to = (screen: string) =>
      page.getByRole('navigation', { name: 'Dray' }).getByRole('link', { name: screen }).click();
    await page.goto('/people/odile');
    const name = page.getByLabel('name', { exact: true });
    await name.fill(LONG);
    await name.press('Enter');
    await to('Plan');
    const title = page.getByLabel('name of the session');
    await title.fill(LONG);
    await title.press('Enter');
    await expect.poll(async () => JSON.stringify(await kept(page, 'sessions'))).toContain(LONG);
    for (const screen of screens) {
      await page.setViewportSize({ width: 1280, height: 800 });
      if (screen === 'Card') await page.goto('/card/odile');
      else if (screen === 'People') await page.goto('/people/odile');
      else await to(screen);
      await expect(page.getByRole('heading', { level: 1 }).first()).toBeAttached();
      for (const [width, height] of SIZES) {
        await page.setViewportSize({ width, height });
        await expect(page.getByRole('button', { name: 'Screens' })).toHaveCount(width < 1280 ? 1 : 0);
        const over = await page.evaluate(() => {
          const { scrollWidth, clientWidth } = document.documentElement;
          const main = document.querySelector('main')!;
          return [scrollWidth - clientWidth, main.scrollWidth - main.clientWidth];
        });
        expect.soft(over, `${screen} at ${width}`).toEqual([0, 0]);
      }
    }
  });
}
