import { expect, open, test } from './bench.ts';

test('finds rolls and prints by words, newest first, and opens one', async ({ page }) => {
  await open(page, '/logbook');
  await page.keyboard.press('/');
  await page.keyboard.type('ilse marrow');
  await expect(page).toHaveURL(/q=ilse\+marrow/);
  await expect(page.getByTestId('found')).toHaveText('1 found');
  await page.getByRole('link', { name: /Ilse gathering/ }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Ilse gathering');
  await expect(page.getByLabel('The exposure')).toContainText('14.5s');
  await expect(page.getByRole('heading', { name: /^Strip/ })).toHaveCount(2);
  await expect(page.getByText('hands −¼')).toBeVisible();
});

test('a roll shows planned and real times, readings and notes', async ({ page }) => {
  await open(page, '/logbook?q=R-118+furnace');
  await page.getByRole('link', { name: /R-118, furnace hall in January/ }).click();
  await expect(page.getByRole('row', { name: /^Developer/ })).toContainText('8:589:04+0:06');
  await expect(page.getByText('20.6° read')).toBeVisible();
  await expect(page.getByText('One turn missed at the fourth minute.')).toBeVisible();
});

test('words that nothing holds say so, and work without a script too', async ({ page }) => {
  await open(page, '/logbook?q=gondola');
  await expect(page.getByText('Nothing holds all of these words.')).toBeVisible();
  await expect(page.getByTestId('found')).toHaveText('nothing found');
});

test('an address that holds nothing says so in its own light', async ({ page }) => {
  await page.goto('/logbook/prints/7c1d4b60-52e8-4f3a-9000-00000000ffff');
  await expect(page.getByRole('alert')).toHaveText('There is no print with this id.');
  await page.goto('/nowhere');
  await expect(page.getByRole('alert')).toHaveText('There is nothing at this address.');
});

test('two prints are compared, a year is counted, and the log goes out', async ({ page }) => {
  await open(page, '/logbook');
  const coming = page.waitForEvent('download');
  await page.getByRole('link', { name: 'The print log, CSV' }).click();
  expect((await coming).suggestedFilename()).toBe('prints.csv');
  await page.getByRole('button', { name: 'Compare two prints' }).click();
  const ticks = page.getByRole('checkbox', { name: /^Compare / });
  await ticks.nth(0).check();
  await expect(page.getByText('And another one.')).toBeVisible();
  await ticks.nth(1).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Two prints side by side');
  await expect(page.getByRole('row', { name: /^Time / })).toContainText(/\d s.*\d s/);
  await expect(page.getByText(/^What differs is bold: \d+ of \d+\.$/)).toBeVisible();
  await page.keyboard.press('Escape');
  await page.getByRole('link', { name: 'A year in figures' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/^\d{4} in figures$/);
  await expect(page.getByTestId('strips')).toHaveText(/^\d+\.\d$/);
  await expect(page.getByRole('img', { name: /strips and .* sheets each/ })).toBeVisible();
  await open(page, '/logbook/year?year=1971');
  await expect(page.getByText('Nothing was printed in 1971.')).toBeVisible();
  await page.goto('/logbook/compare?a=x');
  await expect(page.getByText('There is no print with this id.')).toBeVisible();
});

test('from a roll to the prints of its frames, and back', async ({ page }) => {
  await open(page, '/logbook?q=R-118');
  await page.getByRole('link', { name: /R-118, furnace hall in January/ }).click();
  const prints = page.getByRole('region', { name: 'Prints of it' });
  await expect(prints).toContainText(/frame 14/);
  await prints.getByRole('link', { name: 'Furnace hall, night shift' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Furnace hall, night shift');
  await page.getByRole('link', { name: 'R-118, furnace hall in January' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('R-118');
});

test('the logbook is sorted by its columns and narrowed, and says to what', async ({ page }) => {
  await open(page, '/logbook?kind=print');
  const rows = page.getByRole('row').filter({ has: page.getByRole('link') });
  const head = (name: string) => page.getByRole('columnheader', { name });
  await expect(head('Date')).toHaveAttribute('aria-sort', 'descending');
  await head('Strips').getByRole('button').click();
  await expect(page).toHaveURL(/sort=strips/);
  await expect(head('Strips')).toHaveAttribute('aria-sort', 'descending');
  await expect(rows.first()).toContainText(/[2-9] strips/);
  await head('Strips').getByRole('button').click();
  await expect(head('Strips')).toHaveAttribute('aria-sort', 'ascending');
  await expect(rows.first()).toContainText(/(0|1) strips?/);

  await page.getByRole('button', { name: /^Film or paper: / }).click();
  await page.getByRole('radio', { name: 'Wharf pearl' }).click();
  await expect(page.getByRole('button', { name: 'Only prints, on Wharf pearl' })).toBeVisible();
  await expect(rows.filter({ hasText: 'Marrow fibre' })).toHaveCount(0);
  await expect(rows.filter({ hasText: 'Blowpipes, rack by the door' })).toBeVisible();
  // Words that are sent by Enter leave it narrowed.
  await page.getByRole('textbox', { name: /^Find/ }).fill('rack');
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('found')).toHaveText('1 found');
  await expect(page).toHaveURL(/on=Wharf\+pearl/);
  await page.getByRole('textbox', { name: /^Find/ }).fill('');
  await page.getByRole('button', { name: /^Setting: / }).click();
  await page.getByRole('radio', { name: 'EI 400' }).click();
  await expect(
    page.getByText('No entry fits all of it: prints, on Wharf pearl, EI 400.'),
  ).toBeVisible();
  await page.getByRole('link', { name: 'All of it again' }).click();
  await expect(page.getByRole('button', { name: 'Narrow it' })).toBeVisible();

  // A day is typed as it is read.
  await page.getByRole('spinbutton', { name: 'day, From' }).click();
  await page.keyboard.type('20022026');
  await page.getByRole('spinbutton', { name: 'day, To' }).click();
  await page.keyboard.type('21022026');
  await expect(rows).toHaveCount(2);
  await expect(page).toHaveURL(/from=2026-02-20&to=2026-02-21/);
  await page.reload();
  await expect(rows.filter({ hasText: 'Yard in snow' })).toBeVisible();
  await expect(rows.filter({ hasText: 'Sheets of 20 February' })).toBeVisible();
  await expect(rows).toHaveCount(2);
  await page.keyboard.press('n');
  await expect(page.getByRole('spinbutton')).toHaveCount(0);
});

test('tags are one’s own words: typed once, found by, and kept when the print is made again', async ({
  page,
}) => {
  await open(page, '/logbook?q=Yard+snow');
  await page.getByRole('link', { name: 'Yard in snow' }).click();
  await page.getByRole('button', { name: /^Tags: none yet/ }).click();
  const long = 'a tag that goes on and on and on and on';
  await page.getByRole('textbox', { name: 'Tags' }).fill(`gift, ${long}`);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert')).toHaveText(`A tag has at most 30 letters: “${long}”.`);
  await page.getByRole('button', { name: `Tags: gift, ${long}` }).click();
  await page.getByRole('textbox', { name: 'Tags' }).fill('winter book, gift,  Gift ,');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: 'Tags: winter book, gift' })).toBeVisible();
  await page.getByRole('link', { name: 'winter book' }).click();
  await expect(page.getByTestId('found')).toHaveText('1 found');
  await expect(page.getByRole('button', { name: 'Only tagged winter book' })).toBeVisible();
  await page.getByRole('link', { name: 'Yard in snow' }).click();
  await page.getByRole('button', { name: /^Tags: / }).click();
  await page.getByRole('textbox', { name: 'Tags' }).fill('');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: 'Tags: none yet' })).toBeVisible();
});

test('the keys of a page that was left do nothing any more', async ({ page }) => {
  await open(page, '/logbook?q=Yard+snow');
  await page.getByRole('link', { name: 'Yard in snow' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Yard in snow');
  await page.getByRole('link', { name: 'Chemistry' }).click();
  await expect(page.getByRole('heading', { level: 1 })).not.toHaveText('Yard in snow');
  await page.keyboard.press('?');
  const keys = page.getByRole('dialog');
  await expect(keys).toContainText('these keys');
  await expect(keys).not.toContainText(/a copy of it|print it again|find in the logbook/);
});
