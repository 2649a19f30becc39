import { recipeExample } from '../src/lib/contract/recipe.ts';
import { expect, open, prefer, test } from './bench.ts';

test('from a thermometer to a time, with the reason and the chart', async ({ page }) => {
  await open(page, '/film');
  await page.getByRole('button', { name: /^Recipe:/ }).click();
  await page.getByRole('radio', { name: /Halden 400 in Tansy 1\+31 EI 400/ }).click();
  await page.getByLabel('Developer reads').fill('20.6');
  await expect(page.getByTestId('time')).toHaveText('8:58');
  await expect(
    page.getByText('Between the data sheet’s 9:30 at 20° and 7:50 at 22°.'),
  ).toBeVisible();
  await expect(
    page.getByRole('img', { name: /from the recipe’s 4 points; now 8:58 at 20.6°/ }),
  ).toBeVisible();
});

test('in Fahrenheit the same temperature gives the same time', async ({ page }) => {
  await open(page, '/film');
  await page.getByLabel('Developer reads').fill('20');
  const time = await page.getByTestId('time').textContent();
  await page.getByRole('button', { name: /Unit: °C/ }).click();
  await expect(page.getByLabel('Developer reads')).toHaveValue('68');
  await expect(page.getByTestId('time')).toHaveText(time ?? '');
});

test('a wrong temperature gets a sentence, and what was typed survives a reload', async ({
  page,
}) => {
  await open(page, '/film');
  await page.getByLabel('Developer reads').fill('lukewarm');
  await expect(page.getByRole('alert')).toHaveText('Type the temperature in °C, for example 20.6.');
  await open(page, '/film');
  await expect(page.getByLabel('Developer reads')).toHaveValue('lukewarm');
  await page.getByLabel('Developer reads').fill('29');
  await expect(page.getByRole('alert')).toContainText('would be a guess');
  await page.getByLabel('Developer reads').blur();
  await page.keyboard.press('Space');
  await expect(page.getByRole('alert').last()).toContainText('would be a guess');
  await expect(page).toHaveURL(/\/film$/);
});

test('push is said in a sentence, and the recipe for that speed wins', async ({ page }) => {
  await open(page, '/film');
  await page.getByRole('button', { name: /^Recipe:/ }).click();
  await page.getByRole('radio', { name: /Halden 400 in Tansy 1\+31 EI 400/ }).click();
  await page.getByLabel('Developer reads').fill('20');
  await page.getByRole('button', { name: /^Speed used/ }).click();
  await page.getByRole('textbox', { name: 'Speed used (EI)' }).fill('1600');
  await page.keyboard.press('Enter');
  await expect(
    page.getByText('Shot at EI 1600 on ISO 400 film: 2 stops under, push +2.'),
  ).toBeVisible();
  await expect(page.getByTestId('time')).toHaveText('17:00');
});

test('the plan is made up: steps left out, added, timed', async ({ page }) => {
  await open(page, '/film');
  await page.getByLabel('Developer reads').fill('20');
  await page.getByRole('button', { name: 'Fix, time: 5:00' }).click();
  await page.getByRole('textbox', { name: 'Fix, time' }).fill('3:30');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: 'Fix, time: 3:30' })).toBeVisible();
  await page.getByRole('button', { name: /^Pre-soak, time/ }).click();
  await page.getByRole('button', { name: 'Leave it out' }).click();
  await expect(page.getByRole('button', { name: /^Pre-soak, time/ })).toHaveCount(0);
  await page.getByRole('button', { name: 'washing aid' }).click();
  await expect(page.getByRole('button', { name: 'Washing aid, time: 1:30' })).toBeVisible();
});

test('a recipe is written down by keyboard, and a wrong one says what is wrong', async ({
  page,
}) => {
  await open(page, '/film/recipes/new');
  await page.getByLabel('Film', { exact: true }).fill('Corrow 125');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Name the developer.')).toBeVisible();
  await page.getByLabel('Box speed, ISO').fill('125');
  await page.getByLabel('Developer', { exact: true }).fill('Tansy');
  await page.getByLabel('Dilution').fill('1:31');
  await expect(page.getByText(/Write the dilution with a plus/)).toBeVisible();
  await expect(page.getByLabel('Film', { exact: true })).toHaveValue('Corrow 125');
  await page.getByLabel('Dilution').fill('1+31');
  await page.getByLabel(/^Times/).fill('20 8:00\n24 5:40');
  await page.getByRole('button', { name: 'Keep the recipe' }).click();
  await expect(page).toHaveURL(/\/film\?recipe=/);
  await expect(
    page.getByRole('button', { name: 'Recipe: Corrow 125 in Tansy 1+31' }),
  ).toBeVisible();
});

test('keys are listed on ?, and Esc gets out', async ({ page }) => {
  await open(page, '/film');
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog')).toContainText('take it to the sink');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
});

test('on a phone nothing runs off the side', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await prefer(page, { light: 'red' });
  const film = ['recipes', 'recipes/new', 'recipes/import', 'rolls', 'rolls/new', 'tanks'];
  const more = ['tanks/new', 'tanks/holders/new', 'clip-test', 'packet', 'push', 'clock'];
  const pages = [...film, ...more].map((name) => `/film/${name}`);
  for (const path of ['/film', '/print', '/print/convert', '/logbook', ...pages]) {
    await open(page, path);
    const overflow = await page.evaluate(() => document.documentElement.scrollWidth - innerWidth);
    expect(overflow, path).toBeLessThanOrEqual(0);
  }
});

test('a name without a space does not push the page off a phone', async ({ page }) => {
  const name = 'Thelongestfilmnamethatanybodyeverwroteonaboxwithoutasinglespaceinitatall123';
  const id = crypto.randomUUID();
  await page.request.put(`/api/v1/recipes/${id}`, {
    data: { ...recipeExample, film: name, developer: name, minimumMl: 500, note: name },
  });
  await page.setViewportSize({ width: 390, height: 844 });
  for (const path of [`/film?recipe=${id}`, '/film/recipes', `/film/recipes/${id}`]) {
    await open(page, path);
    const overflow = await page.evaluate(() => document.documentElement.scrollWidth - innerWidth);
    expect(overflow, path).toBeLessThanOrEqual(0);
  }
  await page.request.delete(`/api/v1/recipes/${id}`, { headers: { 'if-match': '"1"' } });
});
