import type { Page } from '@playwright/test';
import { everyPage } from './addresses.ts';
import { expect, leavePrint, openAny, prefer, test, worst } from './bench.ts';
import { framesOf } from './frames.ts';

/** What a light may show at most: of red, and of green and blue; the caution of the dark barely shows. */
const most = { red: { red: 255, other: 8 }, dark: { red: 40, other: 8 } } as const;

for (const light of ['red', 'dark'] as const) {
  const onlyIn = async (page: Page, told: string, way: () => Promise<unknown>) => {
    const frames = await framesOf(page, async () => {
      await way();
      await expect(page.locator('html')).toHaveAttribute('data-light', light);
    });
    for (const { red, green, blue } of frames.map(worst)) {
      expect(Math.max(green, blue), told).toBeLessThanOrEqual(most[light].other);
      expect(red, told).toBeLessThanOrEqual(most[light].red);
    }
    return frames.length;
  };

  test(`to every page, typed, loaded anew, back, and in another window, no frame is in another light than ${light}`, async ({
    page,
    context,
  }) => {
    test.setTimeout(300_000);
    await prefer(page, { light, brightness: 5 });
    await leavePrint(page);
    // A browser's own empty page is white.
    await openAny(page, '/');
    let painted = 0;
    for (const [index, path] of everyPage.entries()) {
      painted += await onlyIn(page, `${path} typed`, () => openAny(page, path));
      // Each page by one more way, and each way by many pages.
      if (index % 3 === 0) painted += await onlyIn(page, `${path} anew`, () => page.reload());
      if (index % 3 === 1) painted += await onlyIn(page, `back from ${path}`, () => page.goBack());
      if (index % 12 === 2) {
        // As after a crash: a window that has nothing but its address.
        const another = await context.newPage();
        const address = page.url();
        await another.goto(address, { waitUntil: 'commit' });
        await expect(another.locator('html')).toHaveAttribute('data-light', light);
        const { red, green, blue } = worst(await another.screenshot());
        expect(Math.max(green, blue), `${path} elsewhere`).toBeLessThanOrEqual(most[light].other);
        expect(red, `${path} elsewhere`).toBeLessThanOrEqual(most[light].red);
        await another.close();
      }
    }
    expect(painted).toBeGreaterThan(everyPage.length);
  });
}
