import { randomUUID } from 'node:crypto';
import type { Locator, Page } from '@playwright/test';
import { demoPrint, otherPages } from './addresses.ts';
import {
  A_PRINT,
  expect,
  leavePrint,
  open,
  openAny,
  openPrint,
  openRun,
  prefer,
  pressSpace,
  shortRoll,
  stripRead,
  test,
} from './bench.ts';
import { inSight } from './in-sight.ts';

/** A desk, a phone upright and on its side, the smallest phone, and a desk at twice its size. */
const windows = {
  'at a desk': { width: 1280, height: 800 },
  'on a phone': { width: 390, height: 844 },
  'on a phone on its side': { width: 844, height: 390 },
  'on the smallest phone': { width: 320, height: 568 },
  'at twice its size': { width: 640, height: 400 },
};

const bigButton = '.big > :is(a, button), .in-sight > * > .bg-rim';

/** The big button and the numbers that belong to it: at their own place, or beside it. */
async function expectInSight(page: Page, told: string) {
  await expect
    .poll(
      async () => {
        const [buttons, numbers, beside] = await Promise.all(
          [bigButton, '[data-answer]', '.big-answer'].map((one) => page.evaluate(inSight, one)),
        );
        const said = beside!.length > 0 && beside!.every(({ seen, words }) => seen && words !== '');
        const away = [...buttons!, ...(said ? [] : numbers!)].filter(({ seen }) => !seen);
        const wide = await page.evaluate(
          () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
        );
        return [...away.map(({ words }) => words), ...(wide > 0 ? [`${wide} px sideways`] : [])];
      },
      { message: told },
    )
    .toEqual([]);
}

const aSheet = (name: string, secondsAgo: number) => {
  const step = (kind: string, seconds: number) => ({
    id: kind,
    kind,
    seconds,
    agitation: 'continuous',
  });
  return {
    id: randomUUID(),
    name,
    plan: {
      steps: [step('print-developer', 120), step('print-stop', 30), step('print-fix', 60)],
      drainSeconds: 10,
      clockStart: 'pouring-begins',
      vessel: 'trays',
    },
    events: [
      {
        id: randomUUID(),
        kind: 'poured-in',
        stepId: 'print-developer',
        atMs: Date.now() - secondsAgo * 1000,
      },
    ],
  };
};

/** Sheets lie in the developer, the first one longest. */
async function sheetsLie(page: Page, names: readonly string[]) {
  const sheets = names.map((name, index) => aSheet(name, 10 * (names.length - index)));
  await page.addInitScript(
    (kept) => localStorage.setItem('katachron-sheets', JSON.stringify(kept)),
    sheets,
  );
}

async function fiveFilms(page: Page) {
  const kinds = ['developer', 'stop', 'fix', 'wash', 'developer'] as const;
  for (const [index, kind] of kinds.entries()) {
    const id = await shortRoll(page, `Roll ${index + 1} of the furnace`, [
      ['developer', 500],
      ['stop', 60],
      ['fix', 300],
      ['wash', 300],
    ]);
    const event = randomUUID();
    await page.request.put(`/api/v1/rolls/${id}/events/${event}`, {
      data: { id: event, kind: 'poured-in', stepId: kind, atMs: Date.now() - 5000 * (index + 1) },
    });
  }
}

const sinks = {
  'the sink empty': async () => undefined,
  'two trays in use': (page: Page) => sheetsLie(page, ['strip 1', 'strip 2']),
  'five film baths and three sheets': async (page: Page) => {
    await fiveFilms(page);
    await sheetsLie(page, ['strip 1', 'strip 2', 'print 1']);
  },
};

/** A print whose pair of strips was read, and which has areas to hold back. */
const pair = {
  order: 'soft-first' as const,
  softId: '00',
  hardId: '5',
  strips: [
    { first: '5', step: '⅓', patches: '7', picked: 3 },
    { first: '5', step: '⅓', patches: '7', picked: 4 },
  ] as [
    { first: string; step: string; patches: string; picked: number },
    { first: string; step: string; patches: string; picked: number },
  ],
};

for (const [lies, fill] of Object.entries(sinks)) {
  test(`with ${lies} the big button and its numbers are in sight on every page, in any window`, async ({
    page,
  }) => {
    test.setTimeout(300_000);
    await fill(page);
    await leavePrint(page, { ...stripRead, pair });
    for (const path of ['/film', '/print', '/logbook', demoPrint, ...otherPages]) {
      await page.setViewportSize(windows['at a desk']);
      await openAny(page, path);
      await page.evaluate(() => document.fonts.ready);
      if (path === '/film') await page.getByLabel('Developer reads').fill('20');
      for (const [where, size] of Object.entries(windows)) {
        await page.setViewportSize(size);
        await page.evaluate(() => scrollTo(0, 0));
        await expectInSight(page, `${path} ${where}`);
      }
    }
  });
}

test('a strip that was not read yet has its times in sight too', async ({ page }) => {
  await sheetsLie(page, ['strip 1', 'strip 2']);
  await leavePrint(page, { ...stripRead, highlight: null, shadow: null });
  await openPrint(page);
  await page.evaluate(() => document.fonts.ready);
  for (const [where, size] of Object.entries(windows)) {
    await page.setViewportSize(size);
    await expectInSight(page, where);
  }
  await expect(page.getByTestId('beside-button')).toHaveText('5.2 s first');
});

/** Wholly in sight, one and all. */
async function expectSeen(page: Page, what: Locator, told: string) {
  const marked = `seen-${randomUUID()}`;
  await what.evaluateAll((all, mark) => all.forEach((one) => one.classList.add(mark)), marked);
  const found = await page.evaluate(inSight, `.${marked}`);
  expect(found.length, told).toBeGreaterThan(0);
  expect(
    found.filter(({ seen }) => !seen),
    told,
  ).toEqual([]);
}

test('a run keeps its clock, its instruction and Dark in any window', async ({ page }) => {
  await openRun(page, 'In any window', [
    ['developer', 500],
    ['stop', 60],
    ['fix', 300],
  ]);
  await page.evaluate(() => document.fonts.ready);
  for (const light of ['white', 'red'] as const) {
    if (light === 'red') await page.keyboard.press('r');
    for (const [where, size] of Object.entries(windows)) {
      await page.setViewportSize(size);
      await expectSeen(page, page.getByTestId('clock'), `the clock ${where}`);
      await expectSeen(page, page.getByTestId('hands'), `the hands ${where}`);
      await expectSeen(page, page.locator('.run-next'), `what is next ${where}`);
      await expectSeen(page, page.getByRole('button', { name: 'Dark' }), `Dark ${where}`);
      await expectSeen(page, page.locator('.bg-rim'), `the big button ${where}`);
      const clock = (await page.getByTestId('clock').boundingBox())!;
      expect(clock.height, where).toBeGreaterThan(70);
    }
    await pressSpace(page);
  }
});

test('who is held back, and for how long yet, is in sight while the lamp burns, four at once', async ({
  page,
}) => {
  const names = ['the furnace door', 'glory hole, left', 'the blower’s face', 'bench and jacks'];
  await leavePrint(page, {
    ...stripRead,
    hands: 'one',
    lag: '0',
    areas: names.map((name) => ({ name, stops: '−⅓' })),
  });
  await openPrint(page, '/fire?what=print');
  await page.evaluate(() => document.fonts.ready);
  await pressSpace(page);
  for (const [where, size] of Object.entries(windows)) {
    await page.setViewportSize(size);
    await expectSeen(page, page.getByTestId('clock'), `the seconds ${where}`);
    await expectSeen(page, page.getByRole('button', { name: 'Dark' }), `Dark ${where}`);
    await expectSeen(page, page.locator('.bg-rim'), `the big button ${where}`);
  }
  await pressSpace(page);
  await expect(page.getByTestId('holding')).toHaveCount(4);
  for (const [where, size] of Object.entries(windows)) {
    await page.setViewportSize(size);
    await expectSeen(page, page.getByTestId('clock'), `the seconds, lit, ${where}`);
    await expectSeen(page, page.getByTestId('holding'), `who is held ${where}`);
    await expectSeen(page, page.getByRole('button', { name: /^Lamp out/ }), `lamp out ${where}`);
  }
});

test('with a sink in use the plan’s tools are in sight', async ({ page }) => {
  await sheetsLie(page, ['strip 1', 'strip 2']);
  await leavePrint(page);
  await openPrint(page, '/plan');
  await page.evaluate(() => document.fonts.ready);
  for (const where of ['at a desk', 'on a phone'] as const) {
    await page.setViewportSize(windows[where]);
    const tools = page.getByRole('button', { name: /^(Ellipse|Edge|Brush|Undo)$/ });
    await expect(async () => expectSeen(page, tools, where)).toPass();
  }
});

for (const [many, names] of Object.entries({
  'the third sheet in a tray': ['strip 1', 'strip 2', 'print 1'],
  'five copies': ['print 1a', 'print 2a', 'print 3a', 'print 4a', 'print 5a'],
})) {
  test(`${many} is in sight, where it can be moved on`, async ({ page }) => {
    await sheetsLie(page, names);
    await leavePrint(page);
    for (const path of ['/print', '.', '/film']) {
      await openAny(page, path);
      for (const where of ['at a desk', 'on a phone'] as const) {
        await page.setViewportSize(windows[where]);
        const sheets = page
          .getByRole('contentinfo', { name: 'The sink' })
          .getByRole('button', { name: / left\. Move on to the next tray$/ });
        await expect(sheets).toHaveCount(names.length);
        await expect(async () => expectSeen(page, sheets, `${path} ${where}`)).toPass();
      }
    }
  });
}

test('the sink folds to one line where a page needs the room, loudest first, and opens by a touch', async ({
  page,
}) => {
  await sheetsLie(page, ['strip 1', 'strip 2']);
  await leavePrint(page);
  await page.setViewportSize(windows['on a phone on its side']);
  await openPrint(page);
  const sink = page.getByRole('contentinfo', { name: 'The sink' });
  const sheets = sink.getByRole('button', { name: / left\. Move on/ });
  await expect(sheets).toHaveText([/strip 1$/, /strip 2$/]);
  expect((await sink.boundingBox())!.height).toBeLessThanOrEqual(60);
  await sink.getByRole('button', { name: 'Trays' }).click();
  await expect(sink.getByText('Developer')).toBeVisible();
  await sink.getByRole('button', { name: 'Fold the sink' }).click();
  // What lies there can be moved on from the line, and is in its next tray then.
  await sheets.first().click();
  await expect(sheets).toHaveText([/strip 1$/, /strip 2$/]);
  await sink.getByRole('button', { name: 'Trays' }).click();
  await expect(sink.getByText('Stop', { exact: true })).toBeVisible();
  await sink.getByRole('button', { name: 'undo' }).first().click();
  // Another page begins with the line again.
  await open(page, '/print');
  await expect(sink.getByRole('button', { name: 'Trays' })).toBeVisible();
});

test('a long list in a popover scrolls inside it, in a low window too', async ({ page }) => {
  await page.setViewportSize(windows['on a phone on its side']);
  await leavePrint(page);
  await openPrint(page);
  await page
    .getByRole('button', { name: /^The filter of this strip/ })
    .first()
    .click();
  const list = page.getByRole('radiogroup');
  const last = list.getByRole('radio').last();
  const sheet = page.locator('[data-popover-content]');
  const { y, height } = (await sheet.boundingBox())!;
  expect(y).toBeGreaterThanOrEqual(0);
  expect(y + height).toBeLessThanOrEqual(390);
  await last.scrollIntoViewIfNeeded();
  await expectSeen(page, last, 'the last of the list');
  expect(await page.evaluate(() => scrollY)).toBe(0);
});

/** What is touched at the bench and lower than a finger needs: slots, tabs, fields, buttons of the light. */
const low = () =>
  [
    ...document.querySelectorAll<HTMLElement>(
      'main :is(.slot-in, nav a, .field), header :is(a, button)',
    ),
  ]
    .map((one) => ({ one, box: one.getBoundingClientRect() }))
    .filter(({ one, box }) => box.width > 4 && box.height < 43.5 && !one.matches('textarea'))
    .map(({ one, box }) => `${one.textContent.trim() || one.id}: ${Math.round(box.height)}`);

test('slots, tabs and fields are 44 px high on a phone', async ({ page }) => {
  test.setTimeout(120_000);
  await page.setViewportSize(windows['on a phone']);
  await leavePrint(page);
  for (const path of ['/film', '/print', '.', ...otherPages]) {
    if (/^\/(calibrate|evening)/.test(path)) continue;
    await openAny(page, path);
    expect(await page.evaluate(low), path).toEqual([]);
  }
});

test('a running clock on Tonight is as large as an answer', async ({ page }) => {
  await sheetsLie(page, ['strip 1', 'strip 2']);
  await leavePrint(page);
  const sizeOf = (what: Locator) =>
    what.evaluate((one) => Number.parseFloat(getComputedStyle(one).fontSize));
  for (const where of ['at a desk', 'on a phone'] as const) {
    await page.setViewportSize(windows[where]);
    await openPrint(page, '/plan');
    const answer = await sizeOf(page.getByTestId('base'));
    await open(page, '/');
    const clock = page.getByRole('region', { name: 'Under way' }).getByRole('timer');
    expect(await sizeOf(clock.first())).toBeGreaterThanOrEqual(answer);
    // What is up next stands first.
    await expect(page.getByRole('region', { name: 'Under way' }).getByRole('listitem')).toHaveText([
      /^strip 1/,
      /^strip 2/,
    ]);
    await page.setViewportSize(windows['at a desk']);
  }
});

test('the light can be changed in the smallest window', async ({ page }) => {
  await prefer(page, { light: 'red' });
  await page.setViewportSize(windows['on the smallest phone']);
  await openRun(page, 'Into the dark', [['developer', 500]]);
  await page.getByRole('button', { name: 'Dark' }).click();
  await expect(page.locator('html')).toHaveAttribute('data-light', 'dark');
});

test('a page that waits for its faces takes no touch and no key, and does not move any more once it does', async ({
  page,
}) => {
  await page.setViewportSize(windows['on the smallest phone']);
  await leavePrint(page);
  let letGo = () => {};
  const held = new Promise<void>((done) => (letGo = done));
  await page.route('**/*.woff2', async (route) => {
    await held;
    await route.continue();
  });
  const places = () =>
    page.evaluate(() =>
      [...document.querySelectorAll('a, button, input')].map((one) => {
        const { left, top } = one.getBoundingClientRect();
        return [Math.round(left), Math.round(top)];
      }),
    );
  const opened = openPrint(page);
  await expect(page.getByText('Furnace hall, night shift')).toBeVisible();
  await expect(page.locator('body [inert]')).toHaveCount(1);
  const before = await places();
  await page.keyboard.press('r');
  await page.mouse.click(160, 530);
  letGo();
  await opened;
  const at = await places();
  // It did move, and nothing was pressed meanwhile.
  expect(at).not.toEqual(before);
  await expect(page.locator('html')).toHaveAttribute('data-light', 'white');
  await expect(page).toHaveURL(A_PRINT);
  await page.evaluate(() => document.fonts.ready);
  await page.evaluate(() => new Promise((later) => setTimeout(later, 300)));
  expect(await places()).toEqual(at);
  await page.keyboard.press('r');
  await expect(page.locator('html')).toHaveAttribute('data-light', 'red');
});
