import type { Locator } from '@playwright/test';
import {
  expect,
  leavePrint,
  openPrint,
  openRun,
  prefer,
  pressSpace,
  stripRead,
  test,
} from './bench.ts';

/** How far ink stands out from black (WCAG 2.2, relative luminance). */
async function contrast(words: Locator): Promise<number> {
  const colour = await words.evaluate((element) => getComputedStyle(element).color);
  const [red = 0, green = 0, blue = 0] = [...colour.matchAll(/[\d.]+/g)].map(Number);
  const linear = (code: number) => {
    const share = code / 255;
    return share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4;
  };
  const luminance = 0.2126 * linear(red) + 0.7152 * linear(green) + 0.0722 * linear(blue);
  return (luminance + 0.05) / 0.05;
}

test('in red, at the usual brightness, what comes next and the reasons stand out by 3 : 1', async ({
  page,
}) => {
  await prefer(page, { light: 'red', brightness: 4 });
  await openRun(page, 'Read from two metres', [
    ['developer', 300],
    ['stop', 60],
  ]);
  await pressSpace(page);
  const next = page.locator('.run-next');
  await expect(next.first()).toBeVisible();
  for (const one of await next.all()) expect(await contrast(one)).toBeGreaterThanOrEqual(3);
  await leavePrint(page, stripRead);
  await openPrint(page);
  const reasons = page.locator('.reason:visible');
  await expect(reasons.first()).toBeVisible();
  for (const one of await reasons.all()) expect(await contrast(one)).toBeGreaterThanOrEqual(3);
  await openPrint(page, '/fire?what=print');
  await pressSpace(page);
  await expect(next.first()).toBeVisible();
  for (const one of await next.all()) expect(await contrast(one)).toBeGreaterThanOrEqual(3);
});
