import type { Page } from '@playwright/test';
import { expect, leavePrint, openAny, stripRead, test } from './bench.ts';

const two = '/print/two-negatives/3d9a5e10-0c7b-4f26-a1d4-000000000097';
const colour = '/print/colour/3d9a5e10-0c7b-4f26-a1d4-000000000095';
/** Where something is fired, and the pages whose big button leads there. */
const waysToTheLamp = [
  ...['./fire?what=strip', './fire?what=print', './fire?what=pair-1', './fire?what=flash-1'],
  ...['./split', './flash', './plan', './convert?seconds=12'],
  ...['/print/proof', '/print/proof/fire?what=strip'],
  ...[two, `${two}/fire?what=two-a`, `${two}/fire?what=two-b`],
  ...[colour, `${colour}/ring`, `${colour}/fire?what=colour-ring`],
];

const notLit = async (page: Page, told: string) => {
  await page.clock.runFor(8000);
  await expect(page.getByText('Light in …'), told).toHaveCount(0);
  await expect(page.getByText(/Lamp on/), told).toHaveCount(0);
  await expect(page.getByRole('alert', { name: 'A lamp burns' }), told).toHaveCount(0);
};

for (const gapMs of [50, 300, 600]) {
  test(`no big button lights the lamp by a second press ${gapMs} ms after the first, wherever paper is fired`, async ({
    page,
  }) => {
    test.setTimeout(240_000);
    await page.clock.install();
    await leavePrint(page, stripRead);
    const ready = page.getByRole('button', { name: /^Fire( Space)?$/ });
    for (const path of waysToTheLamp) {
      await openAny(page, path);
      await page.clock.pauseAt((await page.evaluate(() => Date.now())) + 5000);
      // At most: to the firing's page, its list, and the firing that then stands there.
      for (let pressed = 0; pressed < 3 && !(await ready.isVisible()); pressed += 1) {
        await page.clock.runFor(1000);
        await page.keyboard.press('Space');
        await page.clock.runFor(gapMs);
        await page.keyboard.press('Space');
        await notLit(page, path);
      }
      if (path.includes('/fire?')) await expect(ready, path).toBeVisible();
      await page.clock.resume();
    }
  });
}

test('a sheet in the trays that is touched twice is moved on, and lights nothing', async ({
  page,
}) => {
  await page.clock.install();
  await leavePrint(page, { ...stripRead, highlight: null, shadow: null });
  await openAny(page, '.');
  await page.keyboard.press('b');
  const sink = page.getByRole('contentinfo', { name: 'The sink' });
  await sink.getByRole('button', { name: /^strip 1/ }).dblclick();
  await notLit(page, 'the trays');
  await expect(page.getByRole('heading', { name: 'Before the light' })).toHaveCount(0);
});
