import type { Page } from '@playwright/test';
import { everyPage } from './addresses.ts';
import { expect, leavePrint, open, openAny, prefer, test, worst } from './bench.ts';
import { framesOf } from './frames.ts';

type Light = 'white' | 'red' | 'dark';

/** What may be seen of a light: the most of red, and of green and blue. */
const most: Record<Light, { red: number; other: number }> = {
  white: { red: 255, other: 255 },
  red: { red: 255, other: 8 },
  dark: { red: 8, other: 8 },
};

async function become(page: Page, light: Light) {
  if (light === 'white') {
    await page.getByRole('button', { name: 'White' }).hover();
    await page.mouse.down();
    await expect(page.locator('html')).toHaveAttribute('data-light', 'white');
    await page.mouse.up();
    return;
  }
  await page.keyboard.press(light[0]!);
  await expect(page.locator('html')).toHaveAttribute('data-light', light);
  // The caution of the dark is read.
  if (light === 'dark') await page.keyboard.press('Space');
}

/** Everything that is painted on the way and there; of a page that was kept, what it shows once it runs again. */
async function expectOnly(
  page: Page,
  light: Light,
  { way, there, everyFrame }: { way: () => Promise<unknown>; there: RegExp; everyFrame: boolean },
) {
  const pictures: Buffer[] = [];
  const frames = await framesOf(page, async () => {
    await way();
    await expect(page).toHaveURL(there);
    await page.waitForFunction(() => document.documentElement.dataset.ready !== undefined);
    await expect(page.locator('html')).toHaveAttribute('data-light', light);
    await expect(page.locator('html')).not.toHaveAttribute('data-put-by');
    pictures.push(await page.screenshot());
  });
  for (const { red, green, blue } of (everyFrame ? [...frames, ...pictures] : pictures).map(
    worst,
  )) {
    expect(Math.max(green, blue)).toBeLessThanOrEqual(most[light].other);
    expect(red).toBeLessThanOrEqual(most[light].red);
  }
}

/** As a browser keeps pages, and as one does that throws them away once they hear of another light. */
const caches = {
  'kept by the browser': (page: Page) =>
    page.addInitScript(() => (BroadcastChannel.prototype.postMessage = () => undefined)),
  'not kept': async () => undefined,
};

for (const [kept, prepare] of Object.entries(caches)) {
  for (const [from, light] of [
    ['white', 'dark'],
    ['white', 'red'],
    ['red', 'dark'],
    ['red', 'white'],
  ] as const) {
    test(`a page ${kept}, left in ${from}, comes back in ${light}, and forward again`, async ({
      page,
    }) => {
      await prepare(page);
      await prefer(page, { light: from, brightness: 5 });
      await open(page, '/chemistry');
      await page.evaluate(() => {
        addEventListener('pageshow', (event) => {
          if (event.persisted) document.documentElement.dataset.persisted = '';
        });
      });
      // By its address, so that the first page is put by as it is.
      await open(page, '/print/practice');
      await become(page, light);
      // A message of another light is what makes Chromium throw a kept page away; without it, it shows its old surface first.
      const everyFrame = kept === 'not kept';
      const back = () => page.goBack({ waitUntil: 'commit' });
      await expectOnly(page, light, { way: back, there: /\/chemistry$/, everyFrame });
      const persisted = page.locator('html[data-persisted]');
      await expect(persisted).toHaveCount(kept === 'kept by the browser' ? 1 : 0);
      const forward = () => page.goForward({ waitUntil: 'commit' });
      const there = /\/practice$/;
      await expectOnly(page, light, { way: forward, there, everyFrame });
      const anew = () => page.reload({ waitUntil: 'commit' });
      await expectOnly(page, light, { way: anew, there, everyFrame: true });
    });
  }
}

/** From each light to each other one. */
const fromEachToEach: readonly Light[] = ['red', 'dark', 'white', 'dark', 'red', 'white'];
/** With the caution of the dark, which barely shows. */
const warned = { ...most, dark: { red: 40, other: 8 } };

for (const half of [0, 1]) {
  test(`every page that was kept comes back from each light in each other one, half ${half + 1}`, async ({
    page,
  }) => {
    test.setTimeout(400_000);
    await caches['kept by the browser'](page);
    await leavePrint(page);
    let kept = 0;
    for (const path of everyPage.filter((_, index) => index % 2 === half)) {
      await prefer(page, { light: 'white', brightness: 5 });
      await openAny(page, path);
      await page.evaluate(() => {
        addEventListener('pageshow', (event) => {
          if (event.persisted) document.documentElement.dataset.persisted = '';
        });
      });
      const there = page.url();
      await open(page, '/film/packet?elsewhere');
      for (const light of fromEachToEach) {
        await prefer(page, { light, brightness: 5 });
        await page.goBack({ waitUntil: 'commit' });
        await expect(page).toHaveURL(there);
        await expect(page.locator('html'), `${path} in ${light}`).toHaveAttribute(
          'data-light',
          light,
        );
        await expect(page.locator('html')).not.toHaveAttribute('data-put-by');
        if (light !== 'white') {
          const { red, green, blue } = worst(await page.screenshot());
          expect(Math.max(green, blue), `${path} in ${light}`).toBeLessThanOrEqual(
            warned[light].other,
          );
          expect(red, `${path} in ${light}`).toBeLessThanOrEqual(warned[light].red);
        }
        kept += await page.locator('html[data-persisted]').count();
        await page.goForward({ waitUntil: 'commit' });
        await expect(page).toHaveURL(/elsewhere$/);
      }
    }
    // Most were: what the browser loads anew it cannot show as it was.
    expect(kept).toBeGreaterThan(everyPage.length * 1.5);
  });
}

for (const light of ['red', 'dark'] as const) {
  test(`a page that a cache kept in white comes up in ${light}`, async ({ page, baseURL }) => {
    await prefer(page, { light, brightness: 5 });
    await open(page, '/film');
    // As it was sent while the light was white.
    const kept = await fetch(`${baseURL}/chemistry`);
    const html = await kept.text();
    expect(html).toContain('data-light="white"');
    await page.route('**/chemistry', (route) =>
      route.fulfill({ headers: Object.fromEntries(kept.headers), body: html }),
    );
    const way = () => page.goto('/chemistry', { waitUntil: 'commit' });
    await expectOnly(page, light, { way, there: /\/chemistry$/, everyFrame: true });
  });
}

for (const light of ['red', 'dark'] as const) {
  test(`after a page has crashed in ${light} its address opens in ${light}`, async ({
    page,
    context,
  }) => {
    await prefer(page, { light: 'white', brightness: 5 });
    await open(page, '/chemistry');
    await become(page, light);
    const crashed = page.waitForEvent('crash');
    const cdp = await context.newCDPSession(page);
    void cdp.send('Page.crash').catch(() => undefined);
    await crashed;
    const another = await context.newPage();
    // The empty page of the browser itself is white.
    await another.goto('/chemistry', { waitUntil: 'commit' });
    await expect(another.locator('html')).toHaveAttribute('data-light', light);
    const first = worst(await another.screenshot());
    const way = () => another.reload({ waitUntil: 'commit' });
    await expectOnly(another, light, { way, there: /chemistry$/, everyFrame: true });
    expect(Math.max(first.green, first.blue)).toBeLessThanOrEqual(warned[light].other);
    expect(first.red).toBeLessThanOrEqual(warned[light].red);
  });
}

test('two pages of one browser change light together', async ({ page, context }) => {
  await prefer(page, { light: 'white' });
  await open(page, '/film');
  const other = await context.newPage();
  await open(other, '/print');
  await page.keyboard.press('r');
  await expect(other.locator('html')).toHaveAttribute('data-light', 'red');
  await other.getByRole('button', { name: 'Brighter' }).click();
  await expect(page.locator('html')).toHaveAttribute('data-brightness', '5');
  await page.keyboard.press('d');
  await expect(other.locator('html')).toHaveAttribute('data-light', 'dark');
  await expect(other.getByRole('dialog', { name: 'Dark' })).toBeVisible();
});

test('W that is held while the window loses the keys is no hold', async ({ page }) => {
  await page.clock.install();
  await prefer(page, { light: 'red' });
  await open(page, '/film');
  await page.keyboard.down('w');
  await page.evaluate(() => window.dispatchEvent(new Event('blur')));
  await page.clock.runFor(3000);
  await expect(page.locator('html')).toHaveAttribute('data-light', 'red');
  await page.keyboard.up('w');
  await page.keyboard.press('d');
  await page.keyboard.down('Space');
  await page.evaluate(() => window.dispatchEvent(new Event('blur')));
  await page.clock.runFor(3000);
  await expect(page.getByText('Is the tank closed?')).toHaveCount(0);
  await page.keyboard.up('Space');
  // Held to its end it asks, and Esc is no answer that brings light.
  await page.keyboard.down('Space');
  await page.clock.runFor(2500);
  await expect(page.getByText('Is the tank closed?')).toBeVisible();
  await page.keyboard.up('Space');
  await page.keyboard.press('Escape');
  await expect(page.getByText('Is the tank closed?')).toHaveCount(0);
  await expect(page.locator('html')).toHaveAttribute('data-light', 'dark');
});
