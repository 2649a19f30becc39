import type { Page } from '@playwright/test';
import {
  expect,
  leavePrint,
  open,
  openRun,
  prefer,
  pressSpace,
  stripRead,
  test,
  worst,
  openPrint,
  openAny,
} from './bench.ts';
import { inSight } from './in-sight.ts';

const sizes = { desk: { width: 1280, height: 800 }, phone: { width: 390, height: 844 } };
const demo = '7c1d4b60-52e8-4f3a';
const first = async (page: Page, shelf: string) =>
  ((await (await page.request.get(`/api/v1/${shelf}`)).json())[shelf][0]?.id as string) ?? 'new';

/** Every page with one filled button, by what is on the shelves. */
async function pagesWithButton(page: Page): Promise<string[]> {
  const exposed = (await (await page.request.get('/api/v1/rolls')).json()).entries.find(
    ({ entry }: { entry: { state: string } }) => entry.state === 'exposed',
  );
  return [
    ...['/film', '/film/clip-test', '/film/recipes', '/film/recipes/new', '/film/recipes/import'],
    `/film/recipes/${await first(page, 'recipes')}`,
    ...['/film/rolls', '/film/rolls/new', `/film/rolls/${exposed.entry.id}`],
    ...['/film/tanks', `/film/tanks/${await first(page, 'tanks')}`],
    `/film/tanks/holders/${await first(page, 'holders')}`,
    ...['/print', '.', './fire?what=strip', './readings', '/print/setup', '/print/practice'],
    ...['/chemistry/baths', '/chemistry/baths/new', '/chemistry/cupboard'],
    ...['/chemistry/cupboard/new', '/chemistry/vessels'],
    `/print/setup/enlargers/${await first(page, 'enlargers')}`,
    `/print/setup/papers/${await first(page, 'papers')}`,
    ...['/', '/evening', '/evening/lights-out'],
    ...['/print/two-negatives', `/print/two-negatives/${await first(page, 'two-negatives')}`],
    ...[`/print/two-negatives/${await first(page, 'two-negatives')}/sheet`],
    ...['/print/colour', `/print/colour/${await first(page, 'colour-prints')}`],
    ...['/calibrate', '/calibrate/film-densities', '/calibrate/comparisons'],
    `/calibrate/found/${await first(page, 'calibrations')}`,
    `/calibrate/comparisons/${await first(page, 'comparisons')}`,
  ];
}

/** Filled buttons, and whether each is wholly in the window with nothing over it. */
const filled = (page: Page) => page.evaluate(inSight, ':is(a, button).bg-rim');

/** What can be pressed, and lies under something else when it is scrolled to. */
const covered = async () => {
  const under: string[] = [];
  for (const one of document.querySelectorAll('main button, main a, main input')) {
    one.scrollIntoView({ block: 'center' });
    await new Promise(requestAnimationFrame);
    for (const { x, y, width, height } of one.getClientRects()) {
      const [middleX, middleY] = [x + width / 2, y + height / 2];
      if (width < 4 || height < 4 || middleX < 0 || middleX > innerWidth) continue;
      const hit = document.elementFromPoint(middleX, middleY);
      if (!hit || !one.contains(hit)) {
        under.push(`${one.getAttribute('aria-label') ?? one.textContent} under ${hit?.className}`);
      }
    }
  }
  return under;
};

for (const [name, size] of Object.entries(sizes)) {
  test(`nothing lies over what can be pressed, at the ${name}`, async ({ page }) => {
    await page.setViewportSize(size);
    await leavePrint(page);
    for (const path of [
      ...['/film', '/film/clip-test', '/film/packet', '/film/push', '/print/proof', '/logbook'],
      ...['.', './split', './flash', './readings', './convert', './plan', './edges'],
      ...['/chemistry', '/chemistry/warm', '/chemistry/wash', '/chemistry/cupboard'],
      ...['/chemistry/baths', `/chemistry/baths/${await first(page, 'baths')}`],
    ]) {
      await openAny(page, path);
      expect(await page.evaluate(covered), path).toEqual([]);
    }
  });

  test(`the filled button is wholly in sight without scrolling, at the ${name}`, async ({
    page,
  }) => {
    test.setTimeout(120_000);
    await page.setViewportSize(size);
    await leavePrint(page);
    for (const path of await pagesWithButton(page)) {
      await openAny(page, path);
      await page.evaluate(() => document.fonts.ready);
      const buttons = await filled(page);
      expect(buttons.length, path).toBeGreaterThan(0);
      expect(
        buttons.filter(({ seen }) => !seen),
        path,
      ).toEqual([]);
      const sink = page.getByRole('contentinfo', { name: 'The sink' });
      // Empty it is a rim, and on the pages of the desk it is not there.
      if (await sink.isVisible()) {
        expect((await sink.boundingBox())!.height, path).toBeLessThanOrEqual(32);
      }
    }
  });

  test(`with strips in a tray the filled button is in sight all the same, at the ${name}`, async ({
    page,
  }) => {
    await page.setViewportSize(size);
    for (const draft of [stripRead, { ...stripRead, highlight: null, shadow: null }]) {
      await leavePrint(page, draft);
      await openPrint(page);
      await page.evaluate(() => document.fonts.ready);
      await page.keyboard.press('b');
      await expect(page.getByRole('contentinfo', { name: 'The sink' })).toContainText('strip 1');
      await expect.poll(() => filled(page)).toMatchObject([{ seen: true }]);
    }
  });

  test(`in mid-run the button stays where it is, and nothing of the run is cut, at the ${name}`, async ({
    page,
  }) => {
    await page.setViewportSize(size);
    await openRun(page, 'Twelve minutes', [
      ['developer', 720],
      ['stop', 60],
    ]);
    await page.evaluate(() => document.fonts.ready);
    const place = async () => page.locator('.bg-rim').first().boundingBox();
    await pressSpace(page);
    await expect(page.getByTestId('hands')).toHaveText('Keep turning it, gently');
    const before = await place();
    const clock = (await page.getByTestId('clock').boundingBox())!;
    expect(await page.getByTestId('clock').textContent()).toMatch(/^1[12]:\d\d$/);
    const fontSize = await page
      .getByTestId('clock')
      .evaluate((one) => parseFloat(getComputedStyle(one).fontSize));
    expect(clock.height).toBeLessThan(fontSize * 1.2);
    expect(clock.x + clock.width).toBeLessThanOrEqual(size.width);
    // A sentence comes beside the button; the button does not give way to it.
    await page.keyboard.press('2');
    await expect(page.getByText('Noted: Missed a turn.')).toBeVisible();
    expect(await place()).toEqual(before);
    expect(await filled(page)).toMatchObject([{ seen: true }]);
    expect(
      await page.evaluate(() => document.documentElement.scrollHeight - innerHeight),
    ).toBeLessThanOrEqual(0);
    // Read from two metres: ten millimetres of a capital are 38 px.
    const ink = await page.evaluate(() =>
      [...document.querySelectorAll<HTMLElement>('.run-hands, .run-next')].map((one) => {
        const { fontWeight, fontSize: size, fontFamily } = getComputedStyle(one);
        const pen = document.createElement('canvas').getContext('2d')!;
        pen.font = `${fontWeight} ${size} ${fontFamily}`;
        return Math.round(pen.measureText('H').actualBoundingBoxAscent);
      }),
    );
    expect(Math.min(...ink)).toBeGreaterThanOrEqual(38);
    const targets = await page.evaluate(() =>
      [...document.querySelectorAll<HTMLElement>('.run-controls button')].map(
        (one) => one.getBoundingClientRect().height,
      ),
    );
    expect(Math.min(...targets.filter((height) => height > 0))).toBeGreaterThanOrEqual(56);
    // With all that it has to say, the clock gives way and no sentence is cut.
    await page.keyboard.press('l');
    await page.getByLabel('I poured this long ago').fill('400');
    await page.keyboard.press('Enter');
    await expect(page.getByTestId('hands')).toHaveText('Rest');
    await expect(page.getByText('Take a reading')).toBeVisible();
    const cut = () =>
      page.evaluate(() => {
        const [face, words, time] = ['.run-face', '.run-words', '.run-clock'].map((one) =>
          document.querySelector(one)!.getBoundingClientRect(),
        );
        return {
          words: Math.max(0, words!.bottom - face!.bottom),
          clock: Math.max(0, face!.top - time!.top),
        };
      });
    await expect.poll(cut).toEqual({ words: 0, clock: 0 });
  });
}

test('what has the focus is never under the sink', async ({ page }) => {
  await openRun(page, 'In the sink meanwhile', [
    ['developer', 600],
    ['fix', 60],
  ]);
  await pressSpace(page);
  for (const path of ['/film', '/film/recipes/new']) {
    await open(page, path);
    const sink = (await page.getByRole('contentinfo', { name: 'The sink' }).boundingBox())!;
    for (let stop = 0; stop < 60; stop += 1) {
      await page.keyboard.press('Tab');
      const hidden = await page.evaluate((top) => {
        const one = document.activeElement;
        if (!one || one === document.body || one.closest('footer')) return undefined;
        const box = one.getBoundingClientRect();
        return box.height > 0 && box.top >= top && box.top < innerHeight
          ? one.outerHTML.slice(0, 90)
          : undefined;
      }, sink.y);
      expect(hidden, `${path}, stop ${stop}`).toBeUndefined();
    }
  }
});

for (const path of [
  '/film',
  '/film/recipes/new',
  '/print',
  '.',
  '/logbook',
  `/logbook/rolls/${demo}-8118-000000000000`,
]) {
  test(`red without its stylesheet is red all the same: ${path}`, async ({ page, complaints }) => {
    await prefer(page, { light: 'red', brightness: 5 });
    const print = await leavePrint(page);
    await page.route(/\.css$/, (route) => route.abort());
    await page.goto(path === '.' ? print : path, { waitUntil: 'load' });
    const { red, green, blue } = worst(await page.screenshot({ fullPage: true }));
    expect(green).toBeLessThanOrEqual(8);
    expect(blue).toBeLessThanOrEqual(8);
    expect(red).toBeGreaterThan(60);
    // That a file is missing is what this is about.
    complaints.length = 0;
  });
}

test('at its usual brightness main text in red keeps three to one against its ground', async ({
  page,
}) => {
  await page.context().clearCookies();
  await open(page, '/film');
  await page.keyboard.press('r');
  const contrast = await page.evaluate(() => {
    const [red = 0] = /\d+(?:\.\d+)?/.exec(getComputedStyle(document.documentElement).color) ?? [];
    const share = Number(red) / 255;
    const linear = share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4;
    return (0.2126 * linear + 0.05) / 0.05;
  });
  expect(contrast).toBeGreaterThanOrEqual(3);
});

test('at 320 px no page scrolls sideways, and zoomed in the sink gives way', async ({ page }) => {
  await openRun(page, 'In the sink meanwhile', [
    ['developer', 600],
    ['fix', 60],
  ]);
  await pressSpace(page);
  await leavePrint(page);
  for (const path of [
    ...['/', '/evening', '/film', '/film/recipes', '/print', '.', './split', './readings'],
    ...['/print/setup', '/chemistry', '/chemistry/cupboard', '/calibrate', '/logbook'],
  ]) {
    await page.setViewportSize({ width: 320, height: 568 });
    await openAny(page, path);
    const aside = () => document.documentElement.scrollWidth - innerWidth;
    expect(await page.evaluate(aside), path).toBeLessThanOrEqual(0);
    // A window of 1280×800 at 200 % and at 400 %.
    for (const [width, height] of [
      [640, 400],
      [320, 200],
    ] as const) {
      await page.setViewportSize({ width, height });
      const share = async () => {
        const box = await page.getByRole('contentinfo', { name: 'The sink' }).boundingBox();
        return box ? Math.max(0, height - Math.max(0, box.y)) / height : 0;
      };
      // It folds once it has measured the window.
      await expect.poll(share, path).toBeLessThan(0.25);
    }
  }
});

/** Targets lower or narrower than wet hands hit, and letters that are too small, by what they say. */
const small = ({ target, letters }: { target: number; letters: number }) => {
  const shown = (one: Element) =>
    one.getClientRects().length > 0 &&
    !one.closest('.sr-only') &&
    getComputedStyle(one).visibility !== 'hidden';
  const targets = [...document.querySelectorAll('a, button, input, select, [role="slider"]')]
    .filter(shown)
    .filter((one) => {
      const { width, height } = one.getBoundingClientRect();
      return height < target - 0.5 || width < target - 0.5;
    })
    .map((one) => one.getAttribute('aria-label') ?? one.textContent);
  const words: string[] = [];
  const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
  for (let node = walker.nextNode(); node; node = walker.nextNode()) {
    const one = node.parentElement;
    if (!node.textContent?.trim() || !one || !shown(one)) continue;
    if (parseFloat(getComputedStyle(one).fontSize) < letters) words.push(node.textContent.trim());
  }
  return { targets, words };
};

/** How high a capital stands in each of them, px. */
const capitals = (selectors: readonly string[]) => {
  const pen = document.createElement('canvas').getContext('2d')!;
  return selectors.flatMap((selector) =>
    [...document.querySelectorAll(selector)].map((one) => {
      const { fontWeight, fontSize, fontFamily } = getComputedStyle(one);
      pen.font = `${fontWeight} ${fontSize} ${fontFamily}`;
      return pen.measureText('H').actualBoundingBoxAscent;
    }),
  );
};

for (const [name, size] of Object.entries(sizes)) {
  test(`where one fires or develops, hands hit and eyes read from two metres, at the ${name}`, async ({
    page,
  }) => {
    await prefer(page, { light: 'red' });
    await page.setViewportSize(size);
    await leavePrint(page);
    const looks = async (where: string) => {
      await page.evaluate(() => document.fonts.ready);
      const found = await page.evaluate(small, { target: 56, letters: 14 });
      expect(found, where).toEqual({ targets: [], words: [] });
      const high = await page.evaluate(capitals, ['.run-hands', '.run-next']);
      expect(high.length, where).toBeGreaterThanOrEqual(2);
      for (const px of high) expect(px, where).toBeGreaterThanOrEqual(37.5);
    };
    await openPrint(page, '/fire?what=strip');
    await pressSpace(page);
    await expect(page.getByTestId('hands')).toContainText('Nothing covered');
    await looks('fire');
    await openRun(page, 'Read from afar', [
      ['developer', 600],
      ['fix', 60],
    ]);
    await pressSpace(page);
    await expect(page.getByTestId('hands')).toHaveText('Keep turning it, gently');
    await looks('run');
  });
}

test('nothing is set smaller than 14 px', async ({ page }) => {
  await leavePrint(page);
  for (const path of [
    ...['/', '/evening', '/film', '.', './plan', './edges', '/chemistry', '/calibrate'],
    ...[`/calibrate/found/${await first(page, 'calibrations')}`, '/logbook'],
    `/logbook/rolls/${demo}-8118-000000000000`,
  ]) {
    await openAny(page, path);
    expect((await page.evaluate(small, { target: 0, letters: 14 })).words, path).toEqual([]);
  }
});

test('what has the focus is never under the button that stays', async ({ page }) => {
  await page.setViewportSize(sizes.phone);
  await leavePrint(page);
  for (const path of ['/film', '.', '/evening', '/calibrate/film-densities']) {
    await openAny(page, path);
    for (let stop = 0; stop < 50; stop += 1) {
      await page.keyboard.press('Tab');
      const hidden = await page.evaluate(() => {
        const one = document.activeElement;
        if (!one || one === document.body) return undefined;
        const { left, right, top, bottom } = one.getBoundingClientRect();
        const hit = document.elementFromPoint((left + right) / 2, (top + bottom) / 2);
        const bar = hit?.closest('.in-sight, .in-sight-desk, .in-sight-phone');
        return bar && !bar.contains(one) ? one.outerHTML.slice(0, 90) : undefined;
      });
      expect(hidden, `${path}, stop ${stop}`).toBeUndefined();
    }
  }
});

test('a clock that runs writes to the page once a second', async ({ page }) => {
  await openRun(page, 'Left alone', [
    ['developer', 600],
    ['fix', 60],
  ]);
  await pressSpace(page);
  await expect(page.getByTestId('clock')).toHaveText(/^9:5\d$/);
  const writes = await page.evaluate(
    () =>
      new Promise<{ writes: number; seconds: number }>((resolve) => {
        const clock = document.querySelector('[data-testid="clock"]')!;
        const began = clock.textContent;
        let writes = 0;
        let seconds = 0;
        new MutationObserver((all) => {
          const turned = all.some(({ target }) => clock.contains(target));
          seconds += Number(turned);
          // From the first turn of a second to the fourth.
          if (seconds === 0 || clock.textContent === began) return;
          writes += all.length;
          if (seconds === 4) resolve({ writes, seconds });
        }).observe(document, { subtree: true, childList: true, characterData: true });
      }),
  );
  // The clock and the window's title.
  expect(writes.writes).toBeLessThanOrEqual(2 * writes.seconds);
});

test('an address that the browser does not trust runs all the same, and says once what it cannot do', async ({
  page,
}) => {
  await page.addInitScript(() => {
    Object.defineProperty(globalThis, 'isSecureContext', { value: false });
    Reflect.deleteProperty(Crypto.prototype, 'randomUUID');
    Reflect.deleteProperty(Navigator.prototype, 'wakeLock');
    Reflect.deleteProperty(Navigator.prototype, 'serviceWorker');
  });
  await open(page, '/film');
  const note = page.getByRole('complementary', { name: 'About an address without TLS' });
  await expect(note).toContainText('without TLS');
  await note.getByRole('button', { name: 'Understood' }).press('Enter');
  await expect(note).toHaveCount(0);
  await openRun(page, 'From a phone', [
    ['developer', 600],
    ['fix', 60],
  ]);
  await pressSpace(page);
  await expect(page.getByTestId('hands')).toHaveText('Keep turning it, gently');
  await open(page, '/film');
  await expect(page.getByLabel('Developer reads')).toBeVisible();
  await expect(note).toHaveCount(0);
});
