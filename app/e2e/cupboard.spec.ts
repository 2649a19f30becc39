import { expect, open, prefer, test, pressSpace } from './bench.ts';

test('from the cupboard to the bath and the film page, by keyboard, on a phone, in red', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await prefer(page, { light: 'red' });
  await open(page, '/chemistry/cupboard');
  await pressSpace(page);
  await expect(page).toHaveURL(/\/cupboard\/new$/);
  const fill = (label: string, text: string) => page.getByLabel(label, { exact: true }).fill(text);
  await fill('Name', 'Sorrel');
  await fill('Dilutions in use', '1:4');
  await fill('What is left, ml', '150');
  await fill('Sold at once, ml', '500');
  await fill('Its price', '8');
  await fill('Rolls a litre', '6');
  await fill('Hazards', 'Gloves: it stains.');
  await fill('Safety data sheet', 'https://ferrow.example/sheets/sorrel');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/^Write the dilution with a plus/)).toBeVisible();
  await expect(page.getByLabel('Dilutions in use')).toHaveValue('1:4');
  await fill('Dilutions in use', '1+4');
  await page.keyboard.press('Enter');
  const sorrel = page.getByRole('listitem').filter({ hasText: 'Sorrel' });
  await expect(sorrel).toContainText('150 ml about that left of 500 ml');
  await sorrel.getByRole('link', { name: 'Mix a bath of it' }).click();
  await expect(page.getByRole('button', { name: 'What it is mixed from: Sorrel' })).toBeVisible();
  await expect(page.getByLabel('Dilution', { exact: true })).toHaveValue('1+4');
  await expect(page.getByLabel('Rolls a litre')).toHaveValue('6');
  await fill('Name', 'Sorrel of tonight');
  await fill('Volume mixed, ml', '500');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Sorrel of tonight');
  await expect(page.getByRole('link', { name: 'Its safety data sheet' })).toBeVisible();
  await page.goto('/chemistry/cupboard');
  // 100 ml of it are in the bath now.
  await expect(sorrel.first()).toContainText('50 ml about that left of 500 ml');
  await expect(page.getByTestId('costs')).toContainText(
    'Sorrel of tonight: a roll 0.53 at its end',
  );

  // A recipe is pointed at it, and the film page takes that very bath.
  await page.goto('/film/recipes/new');
  await page.waitForFunction(() => document.documentElement.dataset.ready !== undefined);
  await fill('Film', 'Cupboard 100');
  await fill('Box speed, ISO', '100');
  await fill('Dilution', '1+4');
  await page.getByRole('button', { name: /^The developer in the cupboard/ }).click();
  await page.getByRole('radio', { name: /^Sorrel/ }).click();
  await expect(page.getByLabel('Developer', { exact: true })).toHaveValue('Sorrel');
  await page.getByLabel(/^Times:/).fill('20 9:00');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page).toHaveURL(/\/film/);
  await page.getByLabel('Developer reads').fill('20');
  await expect(page.getByTestId('through')).toContainText('developer Sorrel of tonight');
  await expect(page.getByText('Gloves: it stains.')).toBeVisible();
  await expect(page.getByRole('link', { name: 'Its safety data sheet' })).toHaveAttribute(
    'href',
    'https://ferrow.example/sheets/sorrel',
  );
});
