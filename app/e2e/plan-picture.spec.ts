import { PNG } from 'pngjs';
import { expect, leavePrint, openPrint, prefer, stripRead, test } from './bench.ts';
import type { Page } from '@playwright/test';

/** A ramp of greys, 400 by 300. */
function ramp(): Buffer {
  const png = new PNG({ width: 400, height: 300 });
  for (let at = 0; at < 400 * 300; at += 1) {
    const code = 40 + Math.round(((at % 400) / 399) * 190);
    png.data.set([code, code, code, 255], at * 4);
  }
  return PNG.sync.write(png);
}

const file = (buffer: Buffer, name = 'print.png', mimeType = 'image/png') => ({
  ...{ name, mimeType, buffer },
});
const put = (page: Page, what = file(ramp())) =>
  page.getByLabel(/Put a picture to it|Another picture/).setInputFiles(what);
const shown = (page: Page) => page.getByRole('img', { name: 'The print by the plan' });

/** The grey in the middle of the picture, as it is seen. */
async function greyAt(page: Page, across: number, down: number): Promise<number> {
  const png = PNG.sync.read(await shown(page).screenshot());
  const at = Math.floor(down * png.height) * png.width + Math.floor(across * png.width);
  return png.data[at * 4]!;
}

/** Shown once more: the worker has answered. */
async function shownAgain(page: Page, change: () => Promise<unknown>): Promise<void> {
  const before = await shown(page).getAttribute('data-shown');
  await change();
  await expect.poll(() => shown(page).getAttribute('data-shown')).not.toBe(before);
}

test('a picture is put to a plan: a burn darkens it where it lies, and can be taken back', async ({
  page,
}) => {
  await leavePrint(page, { ...stripRead, areas: [] });
  await openPrint(page, '/plan');
  await put(page);
  await expect(shown(page)).toHaveAttribute('data-shown', /[1-9]/);
  const [middle, edge] = [await greyAt(page, 0.55, 0.5), await greyAt(page, 0.05, 0.5)];
  expect(middle).toBeGreaterThan(edge);
  // An ellipse by key: half a stop over the middle.
  await shownAgain(page, () => page.keyboard.press('1'));
  await expect(page.getByRole('button', { name: 'Area 1 on the picture' })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  const burned = await greyAt(page, 0.55, 0.5);
  expect(burned).toBeLessThan(middle - 15);
  expect(Math.abs((await greyAt(page, 0.05, 0.5)) - edge)).toBeLessThan(4);
  await shownAgain(page, () => page.keyboard.press('z'));
  expect(Math.abs((await greyAt(page, 0.55, 0.5)) - middle)).toBeLessThan(4);
  await shownAgain(page, () => page.keyboard.press('y'));
  expect(Math.abs((await greyAt(page, 0.55, 0.5)) - burned)).toBeLessThan(4);
  // The straight print while S is held.
  await shownAgain(page, async () => {
    await page.keyboard.down('s');
    await page.getByRole('img', { name: 'The straight print' }).waitFor();
    await page.keyboard.up('s');
  });
  // In numbers, and moved by the arrow keys.
  await page.getByRole('button', { name: /^across, per cent of the width/ }).click();
  await page.getByRole('textbox', { name: /^across/ }).fill('20');
  await shownAgain(page, () => page.keyboard.press('Enter'));
  expect(Math.abs((await greyAt(page, 0.55, 0.5)) - middle)).toBeLessThan(4);
  await page.reload();
  await expect(shown(page)).toHaveAttribute('data-shown', /[1-9]/);
  expect(Math.abs((await greyAt(page, 0.55, 0.5)) - middle)).toBeLessThan(4);
});

test('an area is painted and dragged by the pointer, and a spot says its tone', async ({
  page,
}) => {
  await leavePrint(page, { ...stripRead, areas: [] });
  await openPrint(page, '/plan');
  await put(page);
  await expect(shown(page)).toHaveAttribute('data-shown', /[1-9]/);
  const overlay = page.getByTestId('overlay');
  await expect(overlay.locator('canvas')).toHaveCount(1);
  // Where it is now: a click may scroll the page.
  const to = async (across: number, down: number, steps = 1) => {
    const { x, y, width, height } = (await overlay.boundingBox())!;
    await page.mouse.move(x + across * width, y + down * height, { steps });
  };
  await to(0.5, 0.5);
  await expect(page.getByTestId('spot')).toContainText(/over paper white, code \d+/);
  await page.getByRole('button', { name: 'Brush' }).click();
  await expect(page.getByTestId('spot')).toContainText('paint over it');
  await shownAgain(page, async () => {
    await to(0.3, 0.5);
    await page.mouse.down();
    for (let step = 1; step <= 10; step += 1) await to(0.3 + step * 0.04, 0.5);
    await page.mouse.up();
  });
  const number = page.getByRole('button', { name: 'Area 1 on the picture' });
  await number.click();
  await expect
    .poll(async () => (await greyAt(page, 0.62, 0.53)) - (await greyAt(page, 0.62, 0.23)))
    .toBeLessThan(0);
  await number.click();
  // By its handle, up by a third of the picture.
  await shownAgain(page, async () => {
    await to(0.5, 0.5);
    await page.mouse.down();
    await to(0.5, 0.4, 4);
    await to(0.5, 0.2, 4);
    await page.mouse.up();
  });
  await number.click();
  await expect
    .poll(async () => (await greyAt(page, 0.62, 0.23)) - (await greyAt(page, 0.62, 0.53)))
    .toBeLessThan(0);
});

test('what is no picture is refused, and the one that was there stays', async ({ page }) => {
  await leavePrint(page, { ...stripRead, areas: [] });
  await openPrint(page, '/plan');
  await put(page);
  await expect(shown(page)).toHaveAttribute('data-shown', /[1-9]/);
  const svg = Buffer.from('<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"/>');
  await put(page, file(svg, 'print.jpg', 'image/jpeg'));
  await expect(page.getByRole('alert').filter({ hasText: 'picture' })).toBeVisible();
  await expect(shown(page)).toBeVisible();
  await page.getByRole('button', { name: 'Take it off' }).click();
  await expect(shown(page)).toHaveCount(0);
  await page.getByRole('button', { name: 'Put it back' }).click();
  await expect(shown(page)).toBeVisible();
});

test('in red light the picture is red, outlines, handles and hatching too', async ({ page }) => {
  await prefer(page, { light: 'red', brightness: 5 });
  await leavePrint(page, {
    ...stripRead,
    areas: [
      { name: 'sky', stops: '+1', shape: { kind: 'edge', x1: 1, y1: 0.3, x2: 0, y2: 0.3 } },
      { name: 'rim', stops: '−½', shape: { kind: 'all-round', reach: 0.1 } },
    ],
  });
  await openPrint(page, '/plan');
  await put(page);
  await expect(shown(page)).toHaveAttribute('data-shown', /[1-9]/);
  await expect(page.getByTestId('overlay').locator('canvas')).toHaveCount(1);
  await page.getByRole('button', { name: 'Area 1 on the picture' }).click();
  const png = PNG.sync.read(await page.screenshot({ fullPage: true }));
  let brightest = 0;
  let worst = 0;
  for (let at = 0; at < png.data.length; at += 4) {
    brightest = Math.max(brightest, png.data[at]!);
    worst = Math.max(worst, png.data[at + 1]!, png.data[at + 2]!);
  }
  expect(worst).toBeLessThanOrEqual(8);
  expect(brightest).toBeGreaterThan(100);
});

test('a picture is squared up by its four corners, by pointer and by keyboard, and as it was again', async ({
  page,
}) => {
  await leavePrint(page, { ...stripRead, areas: [] });
  await openPrint(page, '/plan');
  await put(page);
  await expect(shown(page)).toHaveAttribute('data-shown', /[1-9]/);
  const left = await greyAt(page, 0.02, 0.5);
  await page.getByRole('button', { name: 'Square it up' }).click();
  const corner = (name: string) => page.getByRole('slider', { name });
  const box = (await page.getByRole('group', { name: 'Corners of the print' }).boundingBox())!;
  // The left corners to the middle: what is left is the light half.
  for (const [name, down] of [
    ['Top left', 0],
    ['Bottom left', 1],
  ] as const) {
    await page.mouse.move(box.x, box.y + down * box.height);
    await page.mouse.down();
    await page.mouse.move(box.x + box.width / 2, box.y + down * box.height, { steps: 3 });
    await page.mouse.up();
    await expect(corner(name)).toHaveAttribute('aria-valuetext', /^50 % across/);
  }
  await corner('Top right').focus();
  await page.keyboard.press('ArrowLeft');
  await expect(corner('Top right')).toHaveAttribute('aria-valuetext', /^99 % across/);
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Enter');
  await expect.poll(() => greyAt(page, 0.02, 0.5)).toBeGreaterThan(left + 40);
  const { width, height } = (await shown(page).boundingBox())!;
  expect(height / width).toBeCloseTo(1.5, 1);
  await page.reload();
  await expect(shown(page)).toHaveAttribute('data-shown', /[1-9]/);
  expect(await greyAt(page, 0.02, 0.5)).toBeGreaterThan(left + 40);
  // Corners that cross are none.
  await page.getByRole('button', { name: 'Squared up: change it' }).click();
  await corner('Top left').focus();
  for (let step = 0; step < 60; step += 1) await page.keyboard.press('ArrowRight');
  await expect(page.getByText(/These are no corners of a print/)).toBeVisible();
  await page.getByRole('button', { name: 'The whole picture' }).click();
  await page.getByRole('button', { name: /^Square it up/ }).click();
  await expect.poll(() => greyAt(page, 0.02, 0.5)).toBeLessThan(left + 10);
});

test('on a paper that dries darker the picture is shown as it dries, too', async ({ page }) => {
  await leavePrint(page, { ...stripRead, paper: 'Marrow fibre', areas: [] });
  await openPrint(page, '/plan');
  await put(page);
  await expect(shown(page)).toHaveAttribute('data-shown', /[1-9]/);
  const wet = await greyAt(page, 0.55, 0.5);
  await page.getByRole('button', { name: 'Wet or dry: as it lies wet' }).click();
  await shownAgain(page, () => page.getByRole('radio', { name: /^as it dries/ }).click());
  const dry = await greyAt(page, 0.55, 0.5);
  expect(dry).toBeLessThan(wet);
  expect(dry).toBeGreaterThan(wet - 40);
});
