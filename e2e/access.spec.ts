import { createRequire } from 'node:module';
import type { Page } from '@playwright/test';
import type axeCore from 'axe-core';
import type { RunOnly } from 'axe-core';
import { choose, expect, fromMenu, prescriptions, test } from './coach';

// The checker is put into the page past the policy, which only these tests lift.
test.use({ bypassCSP: true });

// As tall as anything on it: the checker gives up on what has been scrolled out of a part that scrolls.
const DESK = { width: 1280, height: 2400 };
const TABLET = { width: 820, height: 2400 };
const PHONE = { width: 390, height: 2400 };

/** The checker, as it is put into a page. */
const CHECKER = createRequire(import.meta.url).resolve('axe-core/axe.min.js');

/** What is looked at: by night only colours are other than by day. */
const RULES: Record<'light' | 'dark', RunOnly> = {
  light: { type: 'tag', values: ['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa', 'best-practice'] },
  dark: { type: 'rule', values: ['color-contrast'] },
};

/** What its arithmetic of colours is called; its types leave it out. */
interface Colours {
  readonly Color: new () => Colour;
  readonly flattenColors: (over: Colour, under: Colour) => Colour;
  readonly getContrast: (ground: Colour, text: Colour) => number;
}
interface Colour {
  readonly alpha: number;
  readonly parseString: (css: string) => void;
}

/** What a checker finds wrong with the page as it stands. */
async function faults(page: Page, colorScheme: 'light' | 'dark' = 'light'): Promise<string[]> {
  await page.emulateMedia({ colorScheme });
  const there = await page.evaluate(() => 'axe' in window);
  if (!there) await page.addScriptTag({ path: CHECKER });
  return page.evaluate(async (runOnly) => {
    const { axe } = window as unknown as { axe: typeof axeCore & { commons: { color: Colours } } };
    // A colour on its way to another is looked at when it is there.
    for (const moving of document.getAnimations()) if (moving instanceof CSSTransition) moving.finish();
    const results = await axe.run(document, {
      runOnly,
      // Nothing has to be written down of what is in order.
      resultTypes: ['violations', 'incomplete'],
      // What is found is at hand here: nobody needs a way to it written down.
      elementRef: true,
      selectors: false,
      // What is seen on a control is in its name (2.5.3); the checker has it as an experiment yet.
      rules: { 'label-content-name-mismatch': { enabled: runOnly.type === 'tag' } },
    });
    const failed = results.incomplete.flatMap(({ id, nodes }) =>
      nodes.flatMap(({ none }) => none.filter((check) => check.id === 'error-occurred').map(() => id)),
    );
    if (failed.length > 0) throw new Error(`The checker gave up on ${failed.join(', ')}.`);
    // A rule that it does not know by its name is left out without a word.
    const looked = results.violations.length + results.passes.length + results.incomplete.length;
    if (looked === 0) throw new Error('The checker looked at nothing.');
    // Text whose ground the checker does not find, or that is one letter: by the grounds it stands on, one in the other.
    const { Color, flattenColors, getContrast } = axe.commons.color;
    const colour = (css: string) => {
      const parsed = new Color();
      parsed.parseString(css);
      return parsed;
    };
    const unsure = results.incomplete
      .filter(({ id }) => id === 'color-contrast')
      .flatMap(({ nodes }) => nodes);
    const pale = unsure.flatMap(({ element, html, any }) => {
      // What has the colour of its ground is meant not to be seen.
      if (!element || any.some(({ data }) => data?.messageKey === 'equalRatio')) return [];
      const grounds = [];
      for (let at: Element | null = element; at; at = at.parentElement) {
        const own = colour(getComputedStyle(at).backgroundColor);
        if (own.alpha > 0) grounds.push(own);
        if (own.alpha === 1) break;
      }
      const ground = grounds.reduceRight((under, over) => flattenColors(over, under), colour('white'));
      const { color, fontSize, fontWeight } = getComputedStyle(element);
      const large = parseFloat(fontSize) >= (Number(fontWeight) >= 700 ? 18.66 : 24);
      const ratio = getContrast(ground, flattenColors(colour(color), ground));
      return ratio >= (large ? 3 : 4.5) ? [] : [`pale, ${ratio.toFixed(1)}: ${html.slice(0, 200)}`];
    });
    // What is opened over the page stands in no part of it.
    const onPage = results.violations.filter(
      ({ id, nodes }) => id !== 'region' || nodes.some(({ html }) => !html.includes('cdk-overlay-container')),
    );
    // The calendar's own button says what it does, not which month it shows: that is read out beside it.
    const known = 'Choose month and year';
    const left = onPage.filter(
      ({ id, nodes }) =>
        id !== 'label-content-name-mismatch' ||
        nodes.some(({ element }) => !element?.ariaLabel?.includes(known)),
    );
    const found = left.map(
      ({ id, nodes }) =>
        `${id}: ${nodes
          .map(({ html }) => html.slice(0, 200))
          .slice(0, 3)
          .join(' | ')}`,
    );
    return [...found, ...pale];
  }, RULES[colorScheme]);
}

/** Controls a finger would miss: less than 44 px high (WCAG 2.2, 2.5.5), but for links within a sentence. */
function tooSmall(page: Page): Promise<string[]> {
  return page.evaluate(() => {
    const controls =
      'button, a[href], input, select, textarea, [role=button], [role=combobox], [role=tab], [role=option], [role=gridcell]';
    /** A field is as large as the box around it, a switch as the room kept for a finger. */
    const around = (element: Element) => [
      element,
      ...element.querySelectorAll('[class*=touch-target]'),
      ...[
        element.closest(
          '.mat-mdc-text-field-wrapper, mat-checkbox, mat-radio-button, mat-button-toggle, label',
        ),
      ].flatMap((box) => box ?? []),
    ];
    return [...document.querySelectorAll(controls)].flatMap((element) => {
      const own = element.getBoundingClientRect();
      if (own.width < 2 || own.height < 2 || !element.checkVisibility({ visibilityProperty: true }))
        return [];
      if (element.closest('.skip')) return [];
      const inSentence = element.matches('a') && getComputedStyle(element).display === 'inline';
      const height = Math.max(...around(element).map((box) => box.getBoundingClientRect().height));
      return inSentence || height >= 43.5
        ? []
        : [`${Math.round(height)}: ${element.outerHTML.slice(0, 160)}`];
    });
  });
}

/** Controls that end past the edge of the page, where nothing scrolls to them. */
function pastTheEdge(page: Page): Promise<string[]> {
  return page.evaluate(() => {
    const scrolledTo = (element: Element): boolean => {
      const part = element.parentElement;
      if (!part || part.tagName === 'MAIN') return false;
      const scrolls = /auto|scroll/.test(getComputedStyle(part).overflowX);
      return (scrolls && part.scrollWidth > part.clientWidth) || scrolledTo(part);
    };
    return [...document.querySelectorAll('main :is(button, a[href], input, textarea, [role=combobox])')]
      .filter((element) => element.getBoundingClientRect().right > innerWidth + 1)
      .filter((element) => element.checkVisibility({ visibilityProperty: true }) && !scrolledTo(element))
      .map((element) => element.outerHTML.slice(0, 160));
  });
}

/** Looks at a page that a finger points at. */
async function byFinger(page: Page, look: () => Promise<void>): Promise<void> {
  const session = await page.context().newCDPSession(page);
  await session.send('Emulation.setTouchEmulationEnabled', { enabled: true, maxTouchPoints: 1 });
  await expect.poll(() => page.evaluate(() => matchMedia('(pointer: coarse)').matches)).toBe(true);
  await look();
  // With it goes what it has set.
  await session.detach();
}

/** By day and by night. */
async function expectNoFaults(page: Page): Promise<void> {
  for (const colorScheme of ['light', 'dark'] as const) {
    expect.soft(await faults(page, colorScheme), colorScheme).toEqual([]);
  }
}

// Each screen, and what comes last of it.
for (const [route, sight] of [
  ['/plan', 'For the class, week 1'],
  ['/board', 'Set by hand'],
  ['/card/odile', 'Stop and say so'],
  ['/floor', 'support near'],
  ['/log', 'In files'],
  ['/log/next', 'After week'],
  ['/log/history/bram', 'All sessions'],
  ['/program', 'One more class'],
  ['/people/anselm', 'First-visit checks'],
  ['/kit', 'Who uses it'],
  ['/ladders', 'Before and after'],
  ['/settings', 'The whole document'],
  ['/begin', 'Names, one a line'],
] as const) {
  test(`${route} has no accessibility faults that a checker finds on a desk and a phone, by day and night`, async ({
    page,
  }) => {
    await page.setViewportSize(DESK);
    await page.goto(route);
    await expect(page.getByText(sight).first()).toBeVisible();
    await expect(page.locator('[aria-busy=true]')).toHaveCount(0);
    await expectNoFaults(page);
    await page.setViewportSize(TABLET);
    await byFinger(page, () => expect.poll(() => tooSmall(page)).toEqual([]));
    await page.setViewportSize(PHONE);
    await expect(page.getByRole('button', { name: 'Screens' })).toBeVisible();
    await expect.poll(() => tooSmall(page)).toEqual([]);
    await expect.poll(() => pastTheEdge(page)).toEqual([]);
    await expectNoFaults(page);
  });
}

/** Looked at after every step. */
const OPENED: Readonly<
  Record<string, readonly [route: string, ...steps: ((page: Page) => Promise<void>)[]]>
> = {
  'a class under way, and one person of it': [
    '/floor',
    async (page) => {
      await page.getByRole('button', { name: 'Begin the class' }).click();
      await page.getByRole('button', { name: /^Next/ }).click();
      await page.getByRole('button', { name: /^Pause/ }).click();
      await expect(page.getByRole('button', { name: /^Go on/ })).toBeVisible();
    },
    async (page) => {
      await page.getByRole('button', { name: 'More of Tamsin' }).click();
      await page.getByRole('button', { name: 'Pain …' }).click();
      await expect(page.getByText('Where?')).toBeVisible();
    },
  ],
  'the list of keys, and the coach’s hand on a cell': [
    '/board',
    async (page) => {
      await page.getByRole('button', { name: 'Keys' }).click();
      await expect(page.getByRole('dialog')).toBeVisible();
    },
    async (page) => {
      await page.keyboard.press('Escape');
      await page.getByRole('button', { name: 'Set by hand' }).click();
      await page.getByRole('button', { name: 'Set by hand' }).click();
      await expect(page.locator('mat-error')).toBeVisible();
    },
  ],
  'a document to take in': [
    '/settings',
    async (page) => {
      await page.getByRole('button', { name: 'The boatyard as it came' }).click();
      await expect(page.getByRole('alertdialog')).toBeVisible();
    },
  ],
  'the menu of a block': [
    '/plan',
    async (page) => {
      await page.getByRole('button', { name: 'More of Superset' }).click();
      await expect(page.getByRole('menuitem', { name: 'Duplicate' })).toBeVisible();
    },
  ],
  'the fields of an exercise': [
    '/plan',
    async (page) => {
      await prescriptions(page, 'tue-squat').nth(1).focus();
      await page.getByRole('button', { name: 'intermediate, in fields' }).click();
      await page.getByRole('button', { name: 'Grows as the program does' }).click();
      await page.getByRole('button', { name: 'For whoever may not' }).click();
      await expect(page.getByLabel('for whoever may not').last()).toBeVisible();
    },
  ],
  'the session as a whole, and as text': [
    '/plan',
    async (page) => {
      await page.getByRole('tab', { name: /^session/ }).click();
      await expect(page.getByText('At hand for the class')).toBeVisible();
    },
    async (page) => {
      await page.getByRole('radio', { name: /^text/ }).click();
      await page.getByLabel('The session as text').fill('- Hoverboard: 3 × 8');
      await expect(page.getByText('1 place to settle')).toBeVisible();
    },
  ],
  'names, kit, session and days of a beginning': [
    '/begin',
    async (page) => {
      await page.getByLabel('Names, one a line').fill('Ida\nBram');
      await expect(page.getByTestId('new-Bram')).toBeVisible();
    },
    async (page) => {
      await page.getByRole('button', { name: 'On to the kit' }).click();
      await expect(page.getByRole('table', { name: 'Who has what' })).toBeVisible();
    },
    async (page) => {
      await page.getByRole('button', { name: 'On to the session' }).click();
      await expect(page.getByTestId('starter-text')).toBeVisible();
      await page.getByRole('button', { name: 'On to the days' }).click();
      await expect(page.getByRole('option', { name: 'Friday' })).toBeVisible();
    },
  ],
  'what came back from home': [
    '/card/odile',
    async (page) => {
      await fromMenu(page, 'For training at home', 'Write down what came back');
      await page.getByRole('dialog').getByRole('textbox').fill('A1 12 12 10\nZ 4');
      await expect(page.getByTestId('results')).toContainText('There is no Z');
    },
  ],
  'another exercise for one person': [
    '/card/tamsin',
    async (page) => {
      await page.getByRole('button', { name: /^Another for A1/ }).click();
      await expect(page.getByRole('textbox', { name: 'instead' })).toBeVisible();
    },
  ],
  'a calendar': [
    '/program',
    async (page) => {
      await page.getByRole('button', { name: 'Open calendar' }).first().click();
      await expect(page.getByRole('dialog')).toBeVisible();
    },
  ],
  'where a person stands': [
    '/people/odile',
    async (page) => {
      await page.getByRole('button', { name: /^Where they stand/ }).click();
      await expect(page.getByRole('combobox', { name: 'Squat', exact: true })).toBeVisible();
    },
  ],
  'what a person’s strength rests on': [
    '/people/bram',
    async (page) => {
      await page.getByRole('tab', { name: 'strength' }).click();
      await expect(page.getByText('Which equation')).toBeVisible();
    },
  ],
  'a band on the scale': [
    '/kit',
    async (page) => {
      await page.getByRole('button', { name: /Anselm/ }).click();
      await fromMenu(page, 'Add to the kit', 'band');
      await expect(page.getByText('Lay it slack')).toBeVisible();
    },
  ],
  'a CSV being taken in': [
    '/log',
    async (page) => {
      const buffer = Buffer.from(
        'Day,Who,Lift,Reps\n24/11/2026,Juno,Goblet squat,10\n25/11/2026,Nobody,Plank,5',
      );
      await page.locator('input[type=file]').setInputFiles({ name: 'old.csv', mimeType: 'text/csv', buffer });
      await page.getByRole('button', { name: 'Look through it' }).click();
      await expect(page.getByTestId('log-found')).toContainText('line 3');
    },
  ],
  'an exercise being written': [
    '/ladders',
    async (page) => {
      await page.getByRole('button', { name: 'Write an exercise' }).click();
      await choose(page, 'pattern', 'pressing overhead');
      await page.getByRole('switch', { name: 'can be loaded' }).click();
      await expect(page.getByRole('option', { name: 'band' })).toBeVisible();
      await page.getByRole('button', { name: 'Change the figure' }).click();
      await expect(page.getByRole('slider', { name: 'hips, pose 2' })).toBeVisible();
    },
  ],
  'a rung of the coach’s own': [
    '/ladders',
    async (page) => {
      await page.getByRole('button', { name: 'Copy to change it' }).click();
      await expect(page.getByLabel('Sets of the gate')).toBeVisible();
    },
  ],
};

for (const [name, [route, ...steps]] of Object.entries(OPENED)) {
  test(`${name}, open, has no accessibility faults that a checker finds by day and night`, async ({
    page,
  }) => {
    await page.setViewportSize(DESK);
    await page.goto(route);
    for (const step of steps) {
      await step(page);
      await expectNoFaults(page);
    }
  });
}
