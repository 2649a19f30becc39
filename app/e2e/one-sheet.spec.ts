import type { Page } from '@playwright/test';
import { expect, open, prefer, pressSpace, test } from './bench.ts';

const DEMO = '/print/two-negatives/3d9a5e10-0c7b-4f26-a1d4-000000000097';
const sheet = (page: Page) =>
  page.getByRole('img', { name: 'The sheet on the easel, with both negatives on it' });
const trouble = (page: Page) => page.getByRole('list', { name: 'Trouble' });

const slot = async (page: Page, label: string, text: string) => {
  await page.getByRole('button', { name: new RegExp(`^${label}`) }).press('Enter');
  await page.getByRole('textbox', { name: /./ }).last().fill(text);
  await page.keyboard.press('Enter');
};

/** A print of two negatives of its own, with a picture of each on the sheet. */
async function laid(page: Page, name: string) {
  await open(page, '/print/two-negatives');
  await pressSpace(page);
  await expect(page).toHaveURL(/\/print\/two-negatives\/[0-9a-f-]{36}$/);
  await slot(page, 'Name of the print', name);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(name);
  await page.getByRole('link', { name: 'How they lie on one sheet' }).press('Enter');
  await expect(page).toHaveURL(/\/sheet$/);
  for (const [letter, file] of [
    ['A', 'furnace-hall'],
    ['B', 'yard-in-snow'],
  ] as const) {
    const side = page.getByRole('region', { name: `Negative ${letter} on the easel` });
    await side.getByLabel(/^Put a picture of/).setInputFiles(`sample-pictures/${file}.webp`);
    await expect(side.getByRole('button', { name: `${letter}: how wide` })).toContainText('240 mm');
  }
  await expect(sheet(page)).toHaveAttribute('data-drawn', /\d/);
}

test('two pictures on one sheet by keyboard: moved, turned, scaled, mirrored, trouble said, taken back, kept', async ({
  page,
}) => {
  await laid(page, 'Roof and snow');
  const a = page.getByRole('region', { name: 'Negative A on the easel' });
  await expect(trouble(page)).not.toContainText('An edge of A');
  await page.keyboard.press('a');
  await page.keyboard.press('Shift+ArrowDown');
  await page.keyboard.press('Shift+ArrowDown');
  await page.keyboard.press('ArrowRight');
  await expect(a.getByRole('button', { name: 'A: its middle across' })).toContainText('121 mm');
  await expect(a.getByRole('button', { name: 'A: its middle down' })).toContainText('110 mm');
  // Moved down by 20 and to the right by 1 mm: its upper and its left edge lie inside.
  await expect(trouble(page)).toContainText('An edge of A crosses the picture over');
  await page.keyboard.press('Shift+L');
  await expect(a.getByRole('button', { name: 'A: how wide' })).toContainText('264 mm');
  await page.keyboard.press('t');
  await page.keyboard.press('m');
  await expect(a.getByRole('button', { name: 'A: its turn' })).toContainText('1°');
  await expect(a).toContainText('mirrored');
  await slot(page, 'A: its turn', 'a bit');
  await expect(page.getByRole('alert')).toContainText('Type its turn in degrees, as 12.');
  await slot(page, 'A: its light', '−⅓');
  await expect(a.getByRole('button', { name: 'A: its light' })).toContainText('−⅓ stop');
  await page.keyboard.press('z');
  await expect(a.getByRole('button', { name: 'A: its light' })).toContainText('0 stop');
  // What it looks like is what is kept.
  await pressSpace(page);
  await expect(page).toHaveURL(/\/print\/two-negatives\/[0-9a-f-]{36}$/);
  await page.getByRole('link', { name: 'How they lie on one sheet' }).press('Enter');
  await expect(a.getByRole('button', { name: 'A: how wide' })).toContainText('264 mm');
  await expect(a).toContainText('mirrored');
  const outline = page.waitForEvent('download');
  await page.getByRole('link', { name: /The outline of A, full size/ }).click();
  expect((await outline).suggestedFilename()).toBe('outline-of-a.pdf');
});

test('a picture is dragged with the hand, and what is shown follows', async ({ page }) => {
  await laid(page, 'Dragged about');
  const a = page.getByRole('region', { name: 'Negative A on the easel' });
  const box = (await sheet(page).locator('canvas').first().boundingBox())!;
  const before = await sheet(page).getAttribute('data-drawn');
  await page.getByRole('button', { name: 'Move A' }).click();
  // A frame that is chosen lies on top.
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 + 40, box.y + box.height / 2 + 30, { steps: 8 });
  const kept = page.waitForResponse((answer) => answer.request().method() === 'PUT');
  await page.mouse.up();
  expect((await kept).ok()).toBe(true);
  await expect(sheet(page)).not.toHaveAttribute('data-drawn', before!);
  await expect(a.getByRole('button', { name: 'A: its middle across' })).not.toContainText('120 mm');
  await expect(trouble(page)).toContainText('An edge of A crosses the picture');
});

test('the sheet stands on a phone in red, without a pixel of green', async ({ page }) => {
  await prefer(page, { light: 'red' });
  await page.setViewportSize({ width: 390, height: 844 });
  await open(page, `${DEMO}/sheet`);
  await expect(sheet(page)).toHaveAttribute('data-drawn', /\d/);
  await expect(trouble(page)).toContainText('Mud over');
  const greens = await sheet(page)
    .locator('canvas')
    .first()
    .evaluate((canvas: HTMLCanvasElement) => {
      const { data } = canvas.getContext('2d')!.getImageData(0, 0, canvas.width, canvas.height);
      let [green, red] = [0, 0];
      for (let at = 0; at < data.length; at += 4) {
        green = Math.max(green, data[at + 1]!, data[at + 2]!);
        red = Math.max(red, data[at]!);
      }
      return { green, red };
    });
  expect(greens.green).toBeLessThanOrEqual(8);
  expect(greens.red).toBeGreaterThan(40);
});

test('two sequences with the change between: A on every sheet, then B, then the developer', async ({
  page,
}) => {
  await page.clock.install();
  await open(page, '/print/two-negatives');
  await pressSpace(page);
  await expect(page).toHaveURL(/\/print\/two-negatives\/[0-9a-f-]{36}$/);
  const back = new URL(page.url()).pathname;
  await slot(page, 'Name of the print', 'Fired as two');
  await slot(page, 'A: Its time alone', '4');
  await slot(page, 'B: Its time alone', '3');
  await slot(page, 'How many may fail', '1');
  await page.getByRole('button', { name: 'a place under B' }).press('Enter');
  await slot(page, 'B: area 1', 'the roof');
  await slot(page, 'B: stops in area 1', '−1');
  await expect(page.getByText(/top to the mark, the roof −1/)).toBeVisible();
  const hands = page.getByTestId('hands');
  /** Counts in, and gives so much light. */
  const fire = async (seconds: number) => {
    await pressSpace(page);
    await page.clock.runFor((seconds + 4) * 1000);
  };
  // The grid first: two strips of A, three parts of B across them.
  await pressSpace(page);
  await expect(page).toHaveURL(/fire\?what=two-grid$/);
  await expect(page.getByText('On its back: the top, 1 and 2')).toBeVisible();
  await pressSpace(page);
  await expect(hands).toHaveText('Strip 1 under A, the other in the box, 4.0 s');
  await fire(4);
  await expect(hands).toHaveText('Strip 2 under A, the other in the box, 5.0 s');
  await fire(5);
  await expect(hands).toHaveText('Both strips across B, part 1 of 3 open, 2.5 s');
  await fire(3);
  await fire(3);
  await fire(4);
  await expect(hands).toHaveText('All given. Into the developer.');
  await pressSpace(page);
  await expect(page).toHaveURL(new RegExp(`${back}$`));
  await page.getByRole('button', { name: 'A 4.0 s, B 3.0 s' }).press('Enter');
  await pressSpace(page);
  await expect(page.getByRole('button', { name: 'Fire A on 2 sheets' })).toBeVisible();
  await pressSpace(page);
  await expect(page).toHaveURL(/fire\?what=two-a$/);
  await pressSpace(page);
  await expect(page.getByTestId('count')).toContainText('Sheet 1 of 2');
  await fire(4);
  await expect(hands).toHaveText(
    'All given. Sheet 1 into the dark, the next sheet under the lamp.',
  );
  await pressSpace(page);
  await expect(page.getByTestId('count')).toContainText('Sheet 2 of 2');
  await fire(4);
  await expect(hands).toContainText('All have A. Into the light-tight box, top to top.');
  await pressSpace(page);
  await expect(page).toHaveURL(/fire\?what=two-b$/);
  await expect(page.getByText('On its back: Sheet 1')).toBeVisible();
  await pressSpace(page);
  await expect(hands).toContainText('hold back the roof for 1.5 s');
  await fire(3);
  await pressSpace(page);
  await expect(page.getByTestId('count')).toContainText('Sheet 2 of 2');
  await fire(3);
  await expect(hands).toHaveText('Sheet 1 into the developer.');
  await pressSpace(page);
  await expect(hands).toHaveText('Sheet 2 into the developer.');
  await pressSpace(page);
  await expect(page).toHaveURL(new RegExp(`${back}$`));
  const sheets = page.getByRole('region', { name: 'Sheets' });
  await expect(sheets.getByRole('listitem')).toHaveCount(2);
  await expect(sheets.getByRole('listitem').first()).toContainText(/A 4 s at .*B 3 s at/);
  await expect(page.getByRole('contentinfo', { name: 'The sink' })).toContainText('negative B');
  await page.getByRole('button', { name: 'Take the last exposure back' }).press('Enter');
  await expect(sheets.getByRole('listitem').last()).toContainText('B is still to come');
});
