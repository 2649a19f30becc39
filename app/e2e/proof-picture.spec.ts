import { fileURLToPath } from 'node:url';
import type { Locator } from '@playwright/test';
import sharp from 'sharp';
import { expect, open, test } from './bench.ts';

const sheet = fileURLToPath(new URL('../sample-pictures/contact-sheet.webp', import.meta.url));
const roll = '7c1d4b60-52e8-4f3a-8112-000000000000';

/** The mean tone of what is drawn there. */
async function tone(place: Locator): Promise<number> {
  const { channels } = await sharp(await place.screenshot()).stats();
  return channels[0]!.mean;
}

test('a picture of a proof is cut into its frames, and frames, negatives and logbook lines show them', async ({
  page,
}) => {
  await open(page, `/print/proof/${roll}`);
  await page.locator('input[type=file]').setInputFiles(sheet);
  const corners = page.getByRole('group', { name: 'Corners of the frames' });
  await expect(corners.getByText('36', { exact: true })).toBeVisible();
  // By pointer, and by keyboard.
  const places = [
    ['Top left', 0.0761, 0.0643],
    ['Top right', 0.9443, 0.0872],
    ['Bottom right', 0.9161, 0.9276],
  ] as const;
  for (const [name, x, y] of places) {
    await corners.getByRole('slider', { name }).hover();
    const box = (await corners.boundingBox())!;
    await page.mouse.down();
    await page.mouse.move(box.x + x * box.width, box.y + y * box.height, { steps: 4 });
    await page.mouse.up();
  }
  const last = corners.getByRole('slider', { name: 'Bottom left' });
  await last.focus();
  for (const key of ['ArrowRight', 'ArrowUp', 'ArrowDown']) await page.keyboard.press(key);
  await expect(last).toHaveAttribute('aria-valuetext', '5 % across, 96 % down');
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('ArrowUp');

  // No number of frames is kept that there cannot be.
  await page.getByRole('button', { name: /^Rows: / }).click();
  await page.getByRole('textbox', { name: 'Rows' }).fill('40');
  await expect(page.getByText('A whole number from 1 to 12.')).toBeVisible();
  await page.getByRole('textbox', { name: 'Rows' }).fill('6');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Cut it like this' }).click();

  const frame = (number: number) =>
    page.getByRole('button', { name: new RegExp(`^Frame ${number}(,|$)`) }).locator('svg');
  await expect(frame(36)).toBeVisible();
  // Snow is light, the hall by night is dark: each shows what lies in its cell.
  await expect.poll(() => tone(frame(9))).toBeLessThan(70);
  expect(await tone(frame(3))).toBeGreaterThan(130);
  expect(await tone(frame(21))).toBeLessThan(70);

  // What was cut can be taken back, and is kept.
  await page.keyboard.press('z');
  await expect(frame(36)).toHaveCount(0);
  await page.locator('input[type=file]').setInputFiles(sheet);
  await expect(corners.getByText('36', { exact: true })).toBeVisible();
  const written = page.waitForResponse(
    (response) => response.request().method() === 'PUT' && /\/proofs\//.test(response.url()),
  );
  await page.keyboard.press('Enter');
  await expect(frame(36)).toBeVisible();
  await written;
  await page.reload();
  await expect(frame(36)).toBeVisible();

  // The grid may begin elsewhere, and run down.
  await page.getByRole('button', { name: 'Where the frames lie' }).click();
  await page.getByRole('button', { name: /^The first frame: / }).click();
  await page.getByRole('textbox', { name: 'The first frame' }).fill('0');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: /^How the frames run: / }).click();
  await page.getByRole('radio', { name: /^down/ }).click();
  await expect(corners.getByText('0', { exact: true })).toBeVisible();
  await expect(corners.getByText('36', { exact: true })).toHaveCount(0);
  await page.keyboard.press('Escape');
  await expect(frame(36)).toBeVisible();

  await open(page, '/logbook?q=R-112');
  await expect(page.getByRole('row', { name: /R-112, / }).locator('img')).toBeVisible();
  await page.getByRole('link', { name: /^R-112, / }).click();
  await expect(page.getByRole('img', { name: 'Frame 36' })).toBeVisible();
});

test('what is no picture of a proof is refused with a sentence, and nothing is lost', async ({
  page,
}) => {
  await open(page, '/print/proof/7c1d4b60-52e8-4f3a-8118-000000000000');
  await expect(page.getByRole('button', { name: 'Frame 14, pick' }).locator('svg')).toBeVisible();
  await page.locator('input[type=file]').setInputFiles({
    ...{ name: 'proof.jpg', mimeType: 'image/jpeg' },
    buffer: Buffer.from('these are words'),
  });
  await expect(page.getByRole('alert')).toContainText(
    'The picture cannot be read: the file is damaged',
  );
  await expect(page.getByRole('button', { name: 'Frame 14, pick' }).locator('svg')).toBeVisible();
});
