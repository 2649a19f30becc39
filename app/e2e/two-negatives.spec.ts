import type { Page } from '@playwright/test';
import { expect, open, prefer, pressSpace, test } from './bench.ts';

const slot = async (page: Page, label: string, text: string) => {
  await page.getByRole('button', { name: new RegExp(`^${label}`) }).press('Enter');
  await page.getByRole('textbox', { name: /./ }).last().fill(text);
  await page.keyboard.press('Enter');
};

test('two negatives by keyboard: each alone, the grid, a cell, the plan, another size', async ({
  page,
}) => {
  await open(page, '/print/two-negatives');
  await pressSpace(page);
  await expect(page).toHaveURL(/\/print\/two-negatives\/[0-9a-f-]{36}$/);
  await slot(page, 'Name of the print', 'The yard under smoke');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('The yard under smoke');
  // Nothing is exposed before each negative has its time.
  await pressSpace(page);
  await expect(page.getByRole('alert')).toContainText('First each negative alone by a strip');
  await slot(page, 'A: Its time alone', 'long');
  await expect(page.getByRole('alert')).toContainText(
    'Type the seconds that it gets alone, as 10.',
  );
  await slot(page, 'A: Its time alone', '10');
  await slot(page, 'B: Its time alone', '8');
  await expect(
    page.getByRole('row', { name: /^10.0 0.68 grey 0.72 grey 0.78 grey$/ }),
  ).toBeVisible();
  await expect(page.getByTestId('times')).toHaveText('A 10.0 s · B 8.0 s');
  await expect(page.getByText('Each alone: the grid shows what they make together.')).toBeVisible();
  await page.getByRole('button', { name: 'The grid is exposed' }).press('Enter');
  await expect(page.getByRole('heading', { name: 'Pick a cell, dry' })).toBeVisible();
  // Its two strips are booked, on whichever bath stands in its trays, as half a sheet.
  const booked = async () => {
    const { baths } = await (await page.request.get('/api/v1/baths')).json();
    const ledgers: object[][] = await Promise.all(
      baths.map(async ({ id }: { id: string }) => {
        const { entries } = await (await page.request.get(`/api/v1/baths/${id}/entries`)).json();
        const own = (one: { of?: { name: string } }) => one.of?.name === 'The yard under smoke';
        return entries.filter(own).map(({ sheets }: { sheets: object }) => sheets);
      }),
    );
    return ledgers.find((sheets) => sheets.length > 0);
  };
  await expect.poll(booked).toEqual([{ count: 1, widthCm: 10.15, heightCm: 25.4 }]);
  await pressSpace(page);
  await expect(page.getByRole('alert')).toContainText('Pick the cell that is right, dry.');
  await page.getByRole('button', { name: 'A 12.6 s, B 6.7 s' }).press('Enter');
  await pressSpace(page);
  await expect(page.getByTestId('times')).toHaveText('A 12.6 s · B 6.7 s');
  await slot(page, 'How many may fail', '3');
  await expect(
    page.getByText('Mark the top on the back of 4 sheets: 1 wanted, 3 may fail.'),
  ).toBeVisible();
  const kept = page.waitForResponse((response) =>
    Boolean(response.request().method() === 'PUT' && response.request().postDataJSON().edge),
  );
  await page.getByRole('button', { name: /feather it/ }).press('Enter');
  await expect(page.getByText('24 mm −½ stop, 0.06 first tone')).toBeVisible();
  await kept;
  await page.reload();
  await page.waitForSelector('html[data-ready]');
  await expect(page.getByTestId('times')).toHaveText('A 12.6 s · B 6.7 s');
  // What was picked is taken back, and picked again; then it is made larger as another print.
  await page.getByRole('button', { name: 'Take the last entry back' }).press('Enter');
  await page.getByRole('button', { name: 'A 10.0 s, B 8.0 s' }).press('Enter');
  await pressSpace(page);
  await expect(page.getByTestId('times')).toHaveText('A 10.0 s · B 8.0 s');
  await page.getByText('Make it at another size').click();
  await page.getByLabel('So many times as large').fill('big');
  await page.getByRole('button', { name: 'Another print, carried over' }).click();
  await expect(page.getByText('Type by how much it is to be larger')).toBeVisible();
  await page.getByLabel('So many times as large').fill('2');
  await page.getByRole('button', { name: 'Another print, carried over' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('The yard under smoke, ×2');
  await expect(page.getByTestId('times')).toHaveText('A 40.0 s · B 32.0 s');
  await expect(page.getByText('From where A is whole:')).toContainText('48 mm −½ stop');
});

test('two mid-greys are said to make mud; on a phone in red', async ({ page }) => {
  await prefer(page, { light: 'red' });
  await page.setViewportSize({ width: 390, height: 844 });
  await open(page, '/print/two-negatives');
  await pressSpace(page);
  await expect(page).toHaveURL(/\/print\/two-negatives\/[0-9a-f-]{36}$/);
  for (const letter of ['A', 'B']) {
    await page.getByRole('button', { name: new RegExp(`^What ${letter} alone makes`) }).click();
    await page.getByRole('radio', { name: /middle grey/ }).click();
  }
  await expect(page.getByText('Both are mid-greys here: together they make mud.')).toBeVisible();
});

test('an answer that comes late takes no sentence away that was said meanwhile', async ({
  page,
}) => {
  await open(page, '/print/two-negatives');
  await pressSpace(page);
  await expect(page).toHaveURL(/\/print\/two-negatives\/[0-9a-f-]{36}$/);
  let goOn = (): void => undefined;
  const late = new Promise<void>((resolve) => (goOn = resolve));
  await page.route('**/api/v1/two-negatives/*', async (route) => {
    if (route.request().method() === 'PUT') await late;
    await route.continue();
  });
  await slot(page, 'Name of the print', 'Slow answer');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Slow answer');
  await pressSpace(page);
  const alert = page.getByRole('alert');
  await expect(alert).toContainText('First each negative alone by a strip');
  const answered = page.waitForResponse((response) => response.request().method() === 'PUT');
  goOn();
  await answered;
  await expect(alert).toContainText('First each negative alone by a strip');
});

test('a filter named in words has the R that was measured on the paper', async ({ page }) => {
  const name = 'Measured for two';
  await page.request.put('/api/v1/papers/6f0c2d3e-8a41-4b7c-9d15-0000000000f2', {
    data: {
      ...{ name, base: 'fibre', contrastSetId: 'filters', dMin: 0.06, dMax: 1.4, note: '' },
      settings: [{ id: '2.5', range: 96, speedStops: 0 }],
    },
  });
  await open(page, '/print/two-negatives');
  await pressSpace(page);
  await expect(page).toHaveURL(/\/print\/two-negatives\/[0-9a-f-]{36}$/);
  await slot(page, 'Setting of A', 'filter 2½');
  await expect(page.getByRole('button', { name: /^A: R/ })).toContainText('110');
  await page.getByRole('button', { name: /^The paper/ }).click();
  await page.getByRole('textbox', { name: 'Another' }).fill(name);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: /^A: R/ })).toContainText('96');
  await expect(page.getByText('(measured on this paper)')).toBeVisible();
  await slot(page, 'Setting of B', '2.5');
  await expect(page.getByRole('button', { name: /^B: R/ })).toContainText('96');
  // The tones of a weak black are reached all the same.
  await slot(page, 'A: Its time alone', '10');
  await slot(page, 'B: Its time alone', '8');
  await expect(page.getByRole('row', { name: /^10\.0 / })).toBeVisible();
});
