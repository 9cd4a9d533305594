import { test as base, expect, type Page } from '@playwright/test';

/** A page that fails its test on any console error, page error or breach of the Content-Security-Policy. */
export const test = base.extend<{ page: Page }>({
  page: async ({ page }, use) => {
    const complaints: string[] = [];
    page.on('console', (message) => {
      if (message.type() === 'error' || message.text().includes('Content Security Policy')) {
        complaints.push(message.text());
      }
    });
    page.on('pageerror', (error) => complaints.push(error.message));
    await use(page);
    expect(complaints).toEqual([]);
  },
});

export { expect };

/** The cell of a person in a slot, on the board. */
export function cell(page: Page, person: string, slot: string) {
  return page.getByTestId(`cell-${person}-${slot}`);
}

/** The words of every cell on the board, in order. */
export async function boardWords(page: Page): Promise<string[]> {
  await expect(page.getByRole('gridcell').first()).toBeVisible();
  return page.getByRole('gridcell').allInnerTexts();
}

/** The three prescriptions of a slot on the plan. */
export function prescriptions(page: Page, slot: string) {
  return page.getByTestId(`slot-${slot}`).locator('dray-prescription-field input');
}
