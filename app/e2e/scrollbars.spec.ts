import { expect, open, prefer, test, worst } from './bench.ts';

test('Dark is black to its last pixel, scrollbar and all', async ({ page }) => {
  await page.clock.install();
  await prefer(page, { light: 'red', brightness: 5 });
  await open(page, '/film');
  await page.keyboard.press('d');
  await expect(page.getByText('any light fogs film')).toBeVisible();
  await page.clock.runFor(7000);
  await expect(page.getByText('any light fogs film')).toHaveCount(0);
  expect(worst(await page.screenshot())).toEqual({ red: 0, green: 0, blue: 0 });
});
