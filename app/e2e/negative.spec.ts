import { expect, leavePrint, openPrint, pressSpace, stripRead, test } from './bench.ts';

test('what is known of a negative is kept, and fills in the prints made from it', async ({
  page,
}) => {
  const unread = { ...stripRead, paper: '', negative: 'Plate of the yard', negativeLength: '' };
  await leavePrint(page, unread);
  await openPrint(page, '/negative');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Plate of the yard');
  await page.getByLabel('Long side of the picture, mm').fill('119');
  await page.getByLabel('Density at the highlight').fill('1.12');
  await page.getByRole('button', { name: /Keep it/ }).click();
  await expect(page.getByText('Type the short side in mm, for example 24.')).toBeVisible();
  await expect(page.getByLabel('Long side of the picture, mm')).toHaveValue('119');
  await page.getByLabel('Short side, mm').fill('89');
  await page.getByLabel('Density at the shadow').fill('0.3');
  await page.keyboard.press('Tab');
  await page.getByRole('heading', { level: 1 }).click();
  await pressSpace(page);
  await expect(page.getByRole('status')).toContainText('Kept.');

  await page.getByRole('link', { name: 'Readings' }).click();
  await expect(page.getByLabel('Reading of the highlight')).toHaveValue('1.12');
  await expect(page.getByLabel('Reading of the shadow')).toHaveValue('0.3');
  await page.getByRole('link', { name: 'Strips' }).click();
  await expect(page.getByRole('button', { name: /same length on the negative/ })).toContainText(
    '119 mm',
  );
});
