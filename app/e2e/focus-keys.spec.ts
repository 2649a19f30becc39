import {
  expect,
  leavePrint,
  open,
  openPrint,
  prefer,
  pressSpace,
  stripRead,
  test,
} from './bench.ts';

test('letters are the page’s with a tick box, a file field or a button in focus', async ({
  page,
}) => {
  await prefer(page, { light: 'white' });
  const html = page.locator('html');
  const fields = [
    { path: '/film/recipes/import', field: page.locator('input[type="file"]').first() },
    { path: '/evening', field: page.locator('input[type="checkbox"]').first() },
    { path: '/film', field: page.getByRole('button', { name: /^Recipe:/ }) },
  ];
  for (const { path, field } of fields) {
    await open(page, path);
    await field.focus();
    await page.keyboard.press('r');
    await expect(html).toHaveAttribute('data-light', 'red');
    await page.keyboard.press('?');
    await expect(page.getByRole('dialog')).toBeVisible();
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toHaveCount(0);
    // A field that opens the system's own white window is not there in red.
    if (await field.isVisible()) await field.focus();
    await page.keyboard.down('w');
    await expect(html).toHaveAttribute('data-light', 'white');
    await page.keyboard.up('w');
  }
});

test('in a field of text every letter types', async ({ page }) => {
  await prefer(page, { light: 'white' });
  await open(page, '/film/tanks/new');
  await page.getByLabel('Name').fill('');
  await page.getByLabel('Name').pressSequentially('Third d? w ');
  await expect(page.getByLabel('Name')).toHaveValue('Third d? w ');
  await expect(page.locator('html')).toHaveAttribute('data-light', 'white');
});

test('after a click on a tool Space is the big button, after Tab it is the tool', async ({
  page,
}) => {
  await leavePrint(page, { ...stripRead, areas: [{ name: 'roof', stops: '+1' }] });
  await openPrint(page, '/plan');
  await page.getByRole('button', { name: 'Add an area' }).click();
  await pressSpace(page);
  await expect(page).toHaveURL(/\/fire\?what=print/);
  await openPrint(page, '/plan');
  const areas = page.getByRole('button', { name: /^How much/ });
  const count = await areas.count();
  const add = page.getByRole('button', { name: 'Add an area' });
  await add.focus();
  await page.keyboard.press('Tab');
  await page.keyboard.press('Shift+Tab');
  await expect(add).toBeFocused();
  await pressSpace(page);
  await expect(areas).toHaveCount(count + 1);
});
