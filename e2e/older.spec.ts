import type { Page } from '@playwright/test';
import { chances, tamper } from '../core/testing/tamper';
import { parseDocument } from '../core/src/formats';
import { expect, FRESH, keptSets, test } from './coach';

test.use({ storageState: FRESH });

type Json = Record<string, unknown>;

/** What a Dray of that version would have written of the demo and its four weeks of sets. */
const AS_WRITTEN: Readonly<Record<number, (document: Json) => Json>> = {
  1: (document) => ({
    ...document,
    programs: (document['programs'] as { weeks: { week: number }[] }[]).slice(0, 1).map((program) => ({
      ...program,
      weeks: program.weeks.map(({ week }) => ({ week, sessionIds: ['tuesday', 'friday'] })),
    })),
    visits: undefined,
  }),
  2: (document) => document,
  3: (document) => document,
  4: (document) => document,
  5: (document) => document,
  6: (document) => document,
  7: (document) => document,
  8: (document) => document,
  9: (document) => document,
};

/**
 * The demo as it is served, with its log, as a file of an older version; before classes, no set says which one it is of. With so
 * much more in every set it is told from another.
 */
async function fileOf(
  page: Page,
  version: number,
  more = 0,
): Promise<{ name: string; mimeType: string; buffer: Buffer }> {
  const get = async (name: string) => (await (await page.request.get(`/demo/${name}`)).json()) as Json;
  const demo = await get('boatyard.dray.json');
  const { log, visits, classes } = await get('boatyard-log.json');
  const apart = version >= 6;
  const sets = (log as { amount: number; nth?: number }[]).map(({ nth, ...entry }) => ({
    ...entry,
    amount: entry.amount + more,
    ...(apart && nth ? { nth } : {}),
  }));
  const document = { ...demo, log: sets, visits, ...(apart ? { classes } : { classes: undefined }), version };
  const written = AS_WRITTEN[version]!(document);
  return {
    name: `v${version}.json`,
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify(written)),
  };
}

for (const versions of [
  [1, 2, 3, 4],
  [5, 6, 7, 8, 9],
]) {
  test(`documents of versions ${versions.join(', ')} are brought up to date with every set of their log`, async ({
    page,
  }) => {
    await page.goto('/settings');
    await page.getByRole('button', { name: 'Look round the boatyard' }).click();
    for (const version of versions) {
      const file = await fileOf(page, version, version);
      const before = (JSON.parse(file.buffer.toString()) as { log: { id: string; amount: number }[] }).log;
      await page.locator('input[type=file]').setInputFiles(file);
      await page.getByRole('button', { name: 'Import it' }).click();
      await expect(page.getByText(`Imported: v${version}.json.`)).toBeVisible();
      const said = ({ id, amount }: { id: string; amount: number }) => `${id} ${amount}`;
      const after = await keptSets(page);
      expect(after.map(said).sort()).toEqual(before.map(said).sort());
      // Two classes of a week are told apart by their day from then on.
      const noon = new Set(
        after.filter(({ sessionId }) => sessionId === 'noon').map(({ week, nth = 1 }) => `${week}.${nth}`),
      );
      expect(noon.size).toBe(version === 1 ? 4 : 8);
    }
  });
}

/** The first document that was tampered with by these chances and is read nevertheless. */
function odd(demo: Json, seed: number): Buffer {
  const chance = chances(seed);
  for (;;) {
    const text = JSON.stringify(tamper(tamper(demo, chance), chance) ?? null);
    if (parseDocument(text).ok) return Buffer.from(text);
  }
}

for (const seed of [16, 17, 18]) {
  test(`what is taken of documents that were tampered with breaks no screen (${seed})`, async ({ page }) => {
    await page.goto('/settings');
    await page.getByRole('button', { name: 'Look round the boatyard' }).click();
    const demo = JSON.parse((await fileOf(page, 6)).buffer.toString()) as Json;
    const buffer = odd(demo, seed);
    await page
      .locator('input[type=file]')
      .setInputFiles({ name: 'odd.json', mimeType: 'application/json', buffer });
    await page.getByRole('button', { name: 'Import it' }).click();
    await expect(page.getByRole('alertdialog')).toHaveCount(0);
    for (const screen of [
      'Plan',
      'Board',
      'Card',
      'Log',
      'Program',
      'People',
      'Kit',
      'Ladders',
      'Settings',
    ]) {
      await page.getByRole('navigation', { name: 'Dray' }).getByRole('link', { name: screen }).click();
      await expect(page.locator('main').getByRole('heading').first()).toBeAttached();
    }
  });
}
