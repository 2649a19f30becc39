import type { Page } from '@playwright/test';
import { everyPage } from './addresses.ts';
import { expect, leavePrint, openAny, prefer, test } from './bench.ts';

/** One focusable element of each kind on the page, marked with its kind. */
const markKinds = () => {
  const kinds = new Set<string>();
  document.querySelectorAll('[data-kind]').forEach((one) => one.removeAttribute('data-kind'));
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
/** Kinds in which letters are typed. */
const typesLetters = (kind: string) =>
  !/checkbox|radio|file|range/.test(kind) && /^(TEXT|INP|SEL)|spin/.test(kind);
const ofKind = (page: Page, kind: string) => page.locator(`[data-kind="${kind}"]`).first();
/** Every second page, so that two go at once. */
const halves = [0, 1].map((half) => everyPage.filter((_, index) => index % 2 === half));

for (const [half, pages] of halves.entries()) {
  test(`whatever has the focus, ? lists the keys, R turns red, W white, D dark, but in a field of text; half ${half + 1} of the pages`, async ({
    page,
  }) => {
    test.setTimeout(400_000);
    await page.clock.install();
    await prefer(page, { light: 'white' });
    await leavePrint(page);
    const html = page.locator('html');
    const become = (light: string, told: string) =>
      expect(html, told).toHaveAttribute('data-light', light);
    const met = new Set<string>();
    for (const path of pages) {
      await openAny(page, path);
      for (const kind of await page.evaluate(markKinds)) {
        const one = ofKind(page, kind);
        if (!(await one.isVisible())) continue;
        const told = `${path}: ${kind}`;
        const letters = typesLetters(kind);
        await one.focus();
        await page.keyboard.press('?');
        await expect(page.getByRole('dialog'), told).toHaveCount(letters ? 0 : 1);
        if (await page.getByRole('dialog').isVisible()) {
          await page.keyboard.press('Escape');
          await expect(page.getByRole('dialog')).toHaveCount(0);
        }
        await one.focus();
        await page.keyboard.press('r');
        // While firing, D is another sheet of paper.
        const darkKey = path.includes('/fire?') ? 'b' : 'd';
        if (letters) {
          await page.keyboard.press(darkKey);
          await become('white', told);
          continue;
        }
        met.add(kind);
        await become('red', told);
        await page.keyboard.down('w');
        await page.clock.fastForward(1200);
        await become('white', told);
        await page.keyboard.up('w');
        // What stands for a light is another element in another light.
        await page.evaluate(markKinds);
        await one.focus();
        await page.keyboard.press(darkKey);
        await become('dark', told);
        await page.keyboard.down('Space');
        await page.clock.fastForward(2300);
        await page.keyboard.up('Space');
        await page.getByRole('button', { name: 'Closed, white light' }).click();
        await become('white', told);
        await page.evaluate(markKinds);
      }
    }
    expect([...met].some((kind) => kind.includes('checkbox'))).toBe(true);
    expect([...met].some((kind) => /file|range|radio/.test(kind))).toBe(true);
  });

  test(`whatever was touched, Space is the big button, and in a field it is a space; half ${half + 1} of the pages`, async ({
    page,
  }) => {
    test.setTimeout(400_000);
    await leavePrint(page);
    const html = page.locator('html');
    let pressed = 0;
    // Some big buttons turn to Dark.
    const inWhite = async (path: string) => {
      await prefer(page, { light: 'white' });
      await openAny(page, path);
    };
    for (const path of pages) {
      await inWhite(path);
      const address = page.url();
      await page.keyboard.press('?');
      await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
      const bigButton = page.getByRole('dialog').getByText('Space', { exact: true });
      const has = (await bigButton.count()) > 0;
      await page.keyboard.press('Escape');
      await expect(page.getByRole('dialog'), path).toHaveCount(0);
      if (!has) continue;
      const kinds = await page.evaluate(markKinds);
      for (const [at, kind] of kinds.entries()) {
        const told = `${path}: ${kind}`;
        if (at > 0) {
          await inWhite(address);
          await page.evaluate(markKinds);
        }
        const one = ofKind(page, kind);
        if (!(await one.isVisible())) continue;
        await expect(html, told).not.toHaveAttribute('data-settling');
        if (typesLetters(kind)) {
          await one.focus();
          await page.keyboard.press('Space');
          await expect(html, told).not.toHaveAttribute('data-settling');
          await expect(page, told).toHaveURL(address);
          continue;
        }
        // What only keys reach, and what lies under something else, is not what a finger touches.
        await one.scrollIntoViewIfNeeded();
        const box = await one.boundingBox();
        const [x, y] = box ? [box.x + box.width / 2, box.y + box.height / 2] : [0, 0];
        const touches = await one.evaluate(
          (element, [left, top]) => element.contains(document.elementFromPoint(left!, top!)),
          [x, y],
        );
        if (!touches) continue;
        // Touched, and let go elsewhere: it has the focus, and did nothing itself.
        await page.mouse.move(x, y);
        await page.mouse.down();
        await page.mouse.move(2, 2);
        await page.mouse.up();
        // What opens at a touch is closed again, and the focus is where it was.
        if (await page.locator('[data-state="open"]').count()) await page.keyboard.press('Escape');
        await page.evaluate(() => {
          new MutationObserver(() => (sessionStorage.pressed = '')).observe(
            document.documentElement,
            { attributeFilter: ['data-settling'] },
          );
          delete sessionStorage.pressed;
        });
        await page.keyboard.press('Space');
        await expect
          .poll(() => page.evaluate(() => 'pressed' in sessionStorage).catch(() => false), told)
          .toBe(true);
        pressed += 1;
      }
    }
    expect(pressed).toBeGreaterThan(pages.length);
  });
}
