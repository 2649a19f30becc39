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

/** One focusable element of each kind on the page, marked with its kind. */
const markKinds = () => {
  const kinds = new Set<string>();
  for (const one of document.querySelectorAll<HTMLElement>(
    'main :is(a, button, input, select, textarea, summary, [tabindex="0"])',
  )) {
    const kind = [one.tagName, one.getAttribute('type') ?? '', one.getAttribute('role') ?? ''].join(
      ' ',
    );
    if (kinds.has(kind) || one.getClientRects().length === 0 || one.hasAttribute('disabled')) {
      continue;
    }
    kinds.add(kind);
    one.dataset.kind = kind;
  }
  return [...kinds];
};

test('whatever has the focus, on every page: ? lists the keys, R turns red, W white, D dark, but in a field of text', async ({
  page,
}) => {
  test.setTimeout(300_000);
  await prefer(page, { light: 'white' });
  await leavePrint(page);
  const html = page.locator('html');
  const met = new Set<string>();
  for (const path of everyPage) {
    await openAny(page, path);
    const firstMet: string[] = [];
    for (const kind of await page.evaluate(markKinds)) {
      const one = page.locator(`[data-kind="${kind}"]`).first();
      if (!(await one.isVisible())) continue;
      await one.focus();
      const letters = !/checkbox|radio|file|range/.test(kind) && /^(TEXT|INP|SEL)|spin/.test(kind);
      await page.keyboard.press('?');
      await expect(page.getByRole('dialog'), `${path}: ${kind}`).toHaveCount(letters ? 0 : 1);
      if (await page.getByRole('dialog').isVisible()) {
        await page.keyboard.press('Escape');
        await expect(page.getByRole('dialog')).toHaveCount(0);
      }
      // What was met once turned red once: W is held a second each time.
      if (met.has(kind)) continue;
      met.add(kind);
      await one.focus();
      await page.keyboard.press('r');
      await expect(html, `${path}: ${kind}`).toHaveAttribute(
        'data-light',
        letters ? 'white' : 'red',
      );
      if (letters) continue;
      firstMet.push(kind);
      await page.locator('body').click({ position: { x: 2, y: 400 } });
      await page.keyboard.down('w');
      await expect(html).toHaveAttribute('data-light', 'white');
      await page.keyboard.up('w');
    }
    // The dark is left by a hold and a question: each goes there from a page that was opened anew. While firing, D is other paper.
    for (const kind of firstMet) {
      await openAny(page, path);
      await page.evaluate(markKinds);
      await page.locator(`[data-kind="${kind}"]`).first().focus();
      await page.keyboard.press(path.includes('/fire?') ? 'b' : 'd');
      await expect(html, `${path}: ${kind}`).toHaveAttribute('data-light', 'dark');
      await prefer(page, { light: 'white' });
    }
  }
  expect([...met].some((kind) => kind.includes('checkbox'))).toBe(true);
  expect([...met].some((kind) => kind.includes('file'))).toBe(true);
});
