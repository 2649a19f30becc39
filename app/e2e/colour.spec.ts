import type { Page } from '@playwright/test';
import { expect, open, pressSpace, prefer, test } from './bench.ts';

const slot = async (page: Page, label: string, text: string) => {
  await page.getByRole('button', { name: new RegExp(`^${label}`) }).press('Enter');
  await page.getByRole('textbox', { name: /./ }).last().fill(text);
  await page.keyboard.press('Enter');
};

/** A colour print of its own, begun by the page. */
async function begin(page: Page, name: string, paper: string) {
  await open(page, '/print/colour');
  await pressSpace(page);
  await expect(page).toHaveURL(/\/print\/colour\/[0-9a-f-]{36}$/);
  await slot(page, 'Name of the print', name);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(name);
  await slot(page, 'The paper', paper);
}

test('a colour print by keyboard: begun from the last one, judged by its cast, printed again', async ({
  page,
}) => {
  await begin(page, 'The gaffer in his chair', 'Tarn gloss');
  await slot(page, 'The enlarger', 'the tall enlarger');
  await slot(page, 'The box', 'box 2');
  await slot(page, 'What the box says to add', '0 5');
  await expect(page.getByRole('alert')).toContainText('Type what the box says to add, C M Y');
  await slot(page, 'What the box says to add', '0 5 −5');
  await page
    .getByRole('button', { name: /^As The yard in snow.*: C 0 M 46.5 Y 63/ })
    .press('Enter');
  await expect(page.getByTestId('pack')).toHaveText('C 0 M 46.5 Y 63');
  // What is really dialled may be another pack; what cannot be dialled is said, and stays.
  await page.getByLabel('M', { exact: true }).fill('forty');
  await page.getByLabel('M', { exact: true }).press('Escape');
  const exposed = page.getByRole('button', { name: 'This sheet is exposed' });
  await exposed.press('Enter');
  await expect(page.getByRole('alert')).toContainText('Type the units of M');
  await page.getByLabel('M', { exact: true }).fill('44');
  await page.getByLabel('Y', { exact: true }).fill('58');
  // The time goes with the pack that is typed, unless one's own is: 9.3 s with 0.033 stop less filter.
  await expect(page.getByLabel('Seconds')).toHaveAttribute('placeholder', '9.1');
  await page.getByLabel('Seconds').fill('11,7');
  await page.getByLabel('Seconds').press('Escape');
  await exposed.press('Enter');
  const book = page.getByRole('region', { name: 'The lab book' });
  await expect(book.getByRole('listitem')).toContainText('C 0 M 44 Y 58, 11.7 s');
  await expect(book.getByRole('listitem')).toContainText('not judged yet');
  // The drum is closed in the dark; its clock runs in the sink.
  await page.getByLabel(/^It reads/).fill('35.8');
  await expect(page.getByTestId('drum')).toContainText('0.8 °C too warm, and ± 0.3 °C');
  await page.getByLabel(/^It reads/).fill('35.1');
  await expect(page.getByTestId('drum')).toContainText('As warm as it is to be');
  await page.getByRole('button', { name: 'The drum is closed: start its clock' }).press('Enter');
  await expect(page.getByText('Its clock runs in the sink')).toBeVisible();
  await expect(page.getByRole('contentinfo', { name: 'The sink' })).toContainText(
    'The gaffer in his chair',
  );
  // Nothing is written before something was picked.
  await pressSpace(page);
  await expect(page.getByRole('alert')).toContainText('Pick the cast that the print has, or none.');
  await page.getByRole('button', { name: 'slightly red' }).press('Enter');
  await expect(page.getByTestId('pack')).toHaveText('C 0 M 49 Y 63');
  await expect(page.getByTestId('seconds')).toHaveText('12.1s');
  await expect(page.getByText('+5 M +5 Y is the same colour as −5 C')).toBeVisible();
  await page.getByLabel('What was thought').fill('The apron is warm.');
  await page.getByLabel('What was thought').press('Escape');
  const kept = page.waitForResponse((answer) => answer.request().method() === 'PUT');
  await pressSpace(page);
  expect((await kept).ok()).toBe(true);
  await expect(book.getByRole('listitem')).toContainText('slightly red; The apron is warm;');
  await page.reload();
  await expect(page.getByTestId('pack')).toHaveText('C 0 M 49 Y 63');
  // Taken back: first what was seen, then the sheet.
  await page.getByRole('button', { name: 'Take the last entry back' }).click();
  await expect(book.getByRole('listitem')).toContainText('not judged yet');
  await page.getByRole('button', { name: 'none', exact: true }).press('Enter');
  await pressSpace(page);
  await expect(book.getByRole('listitem')).toContainText('no cast');
  const sheet = page.waitForEvent('download');
  await page.getByRole('link', { name: 'This page to print (PDF)' }).click();
  expect((await sheet).suggestedFilename()).toBe('lab-book.pdf');
  await page.getByText('Print it again on another box').click();
  await page.getByLabel('The new box').fill('box 3');
  await page.getByLabel('It says to add').fill('0 0 10');
  await page.getByRole('button', { name: 'Carry the pack over' }).click();
  await expect(page.getByTestId('pack')).toHaveText('C 0 M 39 Y 73');
  await expect(page.getByText('Carried over from box 2 by what the boxes say')).toBeVisible();
});

test('a ring-around: each patch with its own time and window, picked between two', async ({
  page,
}) => {
  await begin(page, 'Blowpipes on the rack', 'Moor gloss');
  await page.getByRole('link', { name: 'A ring-around on one sheet' }).press('Enter');
  await expect(
    page.getByRole('row', { name: /^3 102 to 152 mm C 0 M 40 Y 60 10.0$/ }),
  ).toBeVisible();
  await expect(
    page.getByRole('row', { name: /^5 203 to 254 mm C 0 M 50 Y 60 10.6$/ }),
  ).toBeVisible();
  await page.getByRole('button', { name: /^What is moved/ }).click();
  await page.getByRole('radio', { name: 'cyan' }).click();
  await expect(page.getByRole('alert')).toContainText('The first patch would have −10 C');
  await pressSpace(page);
  await expect(page).toHaveURL(/\/ring$/);
  await page.getByRole('button', { name: /^What is moved/ }).click();
  await page.getByRole('radio', { name: 'magenta' }).click();
  await page.getByRole('button', { name: 'This sheet is exposed' }).press('Enter');
  await expect(page.getByText('Which patch is right? Between two counts.')).toBeVisible();
  await page.getByRole('button', { name: 'Between patch 3 and 4' }).press('Enter');
  await expect(page.getByTestId('pack')).toHaveText('C 0 M 42.5 Y 60');
  await pressSpace(page);
  await expect(page.getByRole('region', { name: 'The lab book' })).toContainText(
    /ring-around, magenta; (box \d; )?between patch 3 and 4;/,
  );
});

test('colours are judged in white light only; a server that is away loses nothing', async ({
  page,
  context,
}) => {
  await prefer(page, { light: 'red' });
  await page.setViewportSize({ width: 390, height: 844 });
  await open(page, '/print/colour/3d9a5e10-0c7b-4f26-a1d4-000000000096');
  await expect(page.getByText('Colours are judged in white viewing light')).toBeVisible();
  await expect(page.getByRole('button', { name: 'slightly red' })).toHaveCount(0);
  await prefer(page, { light: 'white' });
  await begin(page, 'The kiln door', 'Fell gloss');
  await page.getByLabel('Seconds').fill('12.5');
  await page.getByLabel('Seconds').press('Escape');
  await context.setOffline(true);
  const exposed = page.getByRole('button', { name: 'This sheet is exposed' });
  await exposed.press('Enter');
  await expect(page.getByRole('alert')).toContainText('The server does not answer');
  await expect(page.getByLabel('Seconds')).toHaveValue('12.5');
  await context.setOffline(false);
  await exposed.press('Enter');
  await expect(
    page.getByRole('region', { name: 'The lab book' }).getByRole('listitem'),
  ).toHaveCount(1);
});

test('a ring-around is fired in Dark by ear, and the drum’s clock begins once it is closed', async ({
  page,
}) => {
  await page.clock.install();
  await begin(page, 'Fired in the dark', 'Beck gloss');
  await page.getByRole('link', { name: 'A ring-around on one sheet' }).press('Enter');
  await page.getByRole('button', { name: /^How many patches/ }).click();
  await page.getByRole('radio', { name: '3 patches' }).click();
  await pressSpace(page);
  await expect(page).toHaveURL(/fire\?what=colour-ring$/);
  await expect(page.getByText('No light at all: switch to Dark')).toBeVisible();
  await expect(page.getByText('C 0 M 35 Y 60 in')).toBeVisible();
  await page.getByRole('button', { name: 'Dark', exact: true }).click();
  await expect(page.getByRole('dialog', { name: 'Dark' })).toBeVisible();
  const hands = page.getByTestId('hands');
  // Taps alone from here on: looked over, three patches, the drum.
  await pressSpace(page);
  for (const patch of [1, 2, 3]) {
    await expect(hands).toContainText(`Patch ${patch}, window at`);
    await pressSpace(page);
    await page.clock.runFor(20_000);
  }
  await expect(hands).toHaveText('All given. Into the drum, and close it.');
  await pressSpace(page);
  await expect(page).toHaveURL(/\/print\/colour\/[0-9a-f-]{36}$/);
  await expect(page.getByRole('dialog', { name: 'Dark' })).toBeVisible();
  await page.keyboard.down('Space');
  await page.clock.runFor(2500);
  await page.keyboard.up('Space');
  await page.getByRole('button', { name: 'Closed, white light' }).click();
  await expect(page.getByRole('contentinfo', { name: 'The sink' })).toContainText(
    'Fired in the dark',
  );
  await expect(page.getByText('Which patch is right? Between two counts.')).toBeVisible();
  await expect(page.getByRole('region', { name: 'The lab book' })).toContainText(
    'ring-around, magenta',
  );
});

test('a whole sheet by the lamp: what was given is written down, booked on the bath, and shown with its picture', async ({
  page,
}) => {
  await page.clock.install();
  await begin(page, 'The punty', 'Carse gloss');
  await page.getByLabel('Seconds').fill('6,5');
  await page.getByLabel('Seconds').press('Escape');
  await pressSpace(page);
  await expect(page).toHaveURL(/fire\?what=colour-sheet$/);
  await pressSpace(page);
  await expect(page.getByTestId('hands')).toHaveText('Whole sheet, 6.5 s');
  await pressSpace(page);
  await page.clock.runFor(12_000);
  await pressSpace(page);
  const book = page.getByRole('region', { name: 'The lab book' });
  await expect(book.getByRole('listitem')).toContainText('C 0 M 40 Y 60, 6.5 s');
  // The print itself under each cast, once there is a picture of it.
  await page
    .getByLabel('Put a picture of the dry print to it')
    .setInputFiles('sample-pictures/yard-in-colour.webp');
  await expect(page.getByText('The print itself: none, then each cast')).toBeVisible();
  await expect(book.getByRole('img', { name: 'Sheet 1' })).toBeVisible();
  const colourful = await book
    .getByRole('img', { name: 'Sheet 1' })
    .evaluate(async (image: HTMLImageElement) => {
      await image.decode();
      const canvas = document.createElement('canvas');
      [canvas.width, canvas.height] = [20, 15];
      const context = canvas.getContext('2d')!;
      context.drawImage(image, 0, 0, 20, 15);
      const { data } = context.getImageData(0, 0, 20, 15);
      return Math.max(...Array.from(data, (code, at) => (at % 4 === 0 ? code - data[at + 2]! : 0)));
    });
  expect(colourful).toBeGreaterThan(20);
  await open(page, '/chemistry/baths');
  await page
    .getByRole('link', { name: /Colour developer of 20 November/ })
    .first()
    .click();
  await expect(page.getByRole('link', { name: /The punty/ })).toBeVisible();
  await expect(page.getByText('1 × 20.3 × 25.4 cm').first()).toBeVisible();
});
