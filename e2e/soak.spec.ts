import type { BrowserContext, Page } from '@playwright/test';
import { expect, fromMenu, kept, keptSets, rowsKept, test } from './coach';
import type { Tab } from './tab';

/** So many tabs are killed in all; `npm run soak` asks for more. */
const KILLS = Number(process.env['KILLS'] ?? 60);
/** Every kind of them in several tests, so that none is the one that everybody waits for; few enough in each for one kit and one class. */
const KINDS = 5;
const EACH = Math.min(20, Math.ceil(KILLS / 30));
const PARTS = Math.ceil(KILLS / KINDS / EACH);
/** A kill comes within so many milliseconds of the last key. */
const WITHIN_MS = 60;

/** Park & Miller’s generator: the same moments each time. */
function chances(seed: number): (most: number) => number {
  let state = seed;
  return (most) => (state = (state * 48_271) % 2_147_483_647) % most;
}

/** A tab that dies in the middle of whatever it does: nothing is said to it. */
async function kill(page: Page, context: BrowserContext): Promise<void> {
  const crashed = page.waitForEvent('crash');
  const session = await context.newCDPSession(page);
  void session.send('Page.crash').catch(() => undefined);
  await crashed;
  await page.close();
}

interface Soaked {
  readonly open: (page: Page) => Promise<void>;
  /** Does something, and gives back how to look on the disk whether it is there. */
  readonly round: (page: Page, at: number) => Promise<(page: Page) => Promise<void>>;
}

/** Opens a tab, looks whether all is there, does something, kills the tab; again and again. */
async function soak({ context, page: beside }: Tab, seed: number, { open, round }: Soaked): Promise<void> {
  const chance = chances(seed);
  let look = async (_page: Page): Promise<void> => undefined;
  for (let at = 1; at <= EACH; at += 1) {
    const page = await context.newPage();
    await open(page);
    await look(page);
    look = await round(page, at);
    const moment = chance(WITHIN_MS);
    // The moment is what is being tried; nothing waits for it.
    await new Promise((resolve) => setTimeout(resolve, moment));
    await kill(page, context);
  }
  // What the last one left is on the disk: the application need not come up for it.
  await look(beside);
}

/** So many tabs killed, in parts. */
function soaked(name: string, week: 'first' | 'fifth', soakedIn: Soaked): void {
  test.describe(`${EACH} tabs killed ${name}`, () => {
    test.use({ week });
    for (let part = 1; part <= PARTS; part += 1) {
      test(`part ${part}`, async ({ tab }) => soak(tab, part, soakedIn));
    }
  });
}

/** Every other change is seen on the disk before the kill; then it has to be there after. */
const isSeen = (at: number) => at % 2 === 1;

test.setTimeout(60_000 + EACH * 12_000);

soaked('over a changing session: what was changed is there, and nothing half', 'first', {
  open: async (page) => {
    await page.goto('/plan');
    await expect(page.getByRole('spinbutton', { name: 'Budget' })).not.toHaveValue('');
  },
  round: async (page, at) => {
    const minutes = 31 + (at % 90);
    const budget = page.getByRole('spinbutton', { name: 'Budget' });
    await budget.fill(String(minutes));
    await budget.press('Enter');
    const name = page.getByLabel('name of the session');
    await name.fill(`Evening ${at}`);
    await name.press('Enter');
    if (isSeen(at)) await expect.poll(() => sessionKept(page)).toEqual([`Evening ${at}`, minutes]);
    return async (after) => {
      const [named, budgeted] = await sessionKept(after);
      if (isSeen(at)) expect([named, budgeted]).toEqual([`Evening ${at}`, minutes]);
      // The first of two edits is never missing where the second is there.
      else expect(named !== `Evening ${at}` || budgeted === minutes).toBe(true);
    };
  },
});

async function sessionKept(page: Page): Promise<[string, number]> {
  const sessions = await kept<{ id: string; name: string; budgetMinutes: number }>(page, 'sessions');
  const { name, budgetMinutes } = sessions.find(({ id }) => id === 'tuesday') ?? {
    name: '',
    budgetMinutes: 0,
  };
  return [name, budgetMinutes];
}

soaked('while sets are written down: each exercise is there whole or not at all', 'fifth', {
  open: async (page) => {
    await page.goto('/log');
    await expect(page.getByTestId('log-bram-tue-squat')).toBeVisible();
  },
  round: async (page, at) => {
    const cell = page.getByTestId('log-bram-tue-squat');
    await cell.click();
    const reps = 1 + (at % 9);
    await page.keyboard.type(`${reps} ${reps} ${reps}`);
    await page.keyboard.press('Enter');
    // What the cell shows without a doubt is on the disk.
    const sure = cell.locator('.done:not(.waiting)');
    if (isSeen(at)) await expect(sure).toContainText(`${reps} ${reps} ${reps}`);
    return async (after) => {
      const amounts = await squatsKept(after);
      expect([0, 3]).toContain(amounts.length);
      expect(new Set(amounts).size).toBeLessThanOrEqual(1);
      if (isSeen(at)) expect(amounts).toEqual([reps, reps, reps]);
    };
  },
});

/** What Bram’s squats of the fifth week came to. */
async function squatsKept(page: Page): Promise<number[]> {
  const sets = await keptSets(page);
  const own = sets.filter(
    ({ participantId, slotId, week }) => participantId === 'bram' && slotId === 'tue-squat' && week === 5,
  );
  return own.map(({ amount }) => amount);
}

soaked('over people: what was changed is there', 'first', {
  open: async (page) => {
    await page.goto('/people/odile');
    await expect(page.getByLabel('who', { exact: true })).not.toHaveValue('');
  },
  round: async (page, at) => {
    const who = page.getByLabel('who', { exact: true });
    await who.fill(`cook ${at}`);
    await who.press('Enter');
    await expect.poll(() => roleKept(page)).toBe(`cook ${at}`);
    await page.getByLabel('body mass').fill(String(60 + (at % 20)));
    await page.getByLabel('body mass').press('Enter');
    return async (after) => {
      expect(await roleKept(after)).toBe(`cook ${at}`);
    };
  },
});

async function roleKept(page: Page): Promise<string | undefined> {
  const people = await kept<{ id: string; role: string }>(page, 'participants');
  return people.find(({ id }) => id === 'odile')?.role;
}

soaked('over a kit: what was counted in is there, and each thing whole', 'first', {
  open: async (page) => {
    await page.goto('/kit');
    await page.getByRole('button', { name: /Tamsin/ }).click();
    await expect(page.getByTestId('number-line')).toBeVisible();
  },
  round: async (page, at) => {
    const before = await kitKept(page);
    const massKg = 10.5 + at;
    await fromMenu(page, 'Add to the kit', 'dumbbells, kettlebells');
    const mass = page.locator('[data-field="massKg"] input');
    await mass.fill(String(massKg));
    await mass.press('Enter');
    if (isSeen(at)) await expect.poll(() => kitKept(page)).toContain(massKg);
    return async (after) => {
      const now = await kitKept(after);
      // What was there before stays; of the new one at most its mass is still the one that it came with.
      expect(now.slice(0, before.length)).toEqual(before);
      expect(now.length - before.length).toBeLessThanOrEqual(1);
      if (isSeen(at)) expect(now).toContain(massKg);
    };
  },
});

/** The masses of Tamsin’s things, in order; what has none gives 0. */
async function kitKept(page: Page): Promise<number[]> {
  const kits = await kept<{ name: string; implements: { massKg?: number }[] }>(page, 'kits');
  const own = kits.find(({ name }) => name.startsWith('Tamsin'));
  return own?.implements.map(({ massKg = 0 }) => massKg) ?? [];
}

const begin = (page: Page) => page.getByRole('button', { name: 'Begin the class' });
const next = (page: Page) => page.getByRole('button', { name: /^Next/ });

soaked('in the middle of a class on the floor: what was seen of it goes on, with its sets', 'first', {
  open: async (page) => {
    await page.goto('/floor');
    await expect(begin(page).or(next(page))).toBeVisible();
    if (await begin(page).isVisible()) await begin(page).click();
    await expect(next(page)).toBeVisible();
  },
  round: async (page) => {
    await next(page).click();
    await next(page).click();
    // What ended a set is an event, and the set is in the log.
    await expect.poll(() => eventsKept(page)).toBeGreaterThan(0);
    const events = await eventsKept(page);
    const sets = (await keptSets(page)).length;
    return async (after) => {
      expect(await eventsKept(after)).toBeGreaterThanOrEqual(events);
      expect((await keptSets(after)).length).toBeGreaterThanOrEqual(sets);
    };
  },
});

/** Events of all runs on the disk. */
async function eventsKept(page: Page): Promise<number> {
  return (await rowsKept(page, 'runEvents')).length;
}
