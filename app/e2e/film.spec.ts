import { recipeExample } from '../src/lib/nouns/recipe/contract.ts';
import { expect, open, prefer, pressSpace, test, openAny } from './bench.ts';

test('from a thermometer to a time, with the reason and the chart', async ({ page }) => {
  await open(page, '/film');
  await page.getByRole('button', { name: /^Recipe:/ }).click();
  await page.getByRole('radio', { name: /Halden 400 in Tansy 1\+31 EI 400/ }).click();
  await expect(page.getByTestId('leads')).toContainText('what the thermometer reads');
  await page.getByLabel('Developer reads').fill('20.6');
  await expect(page.getByTestId('leads')).toHaveCount(0);
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
  await pressSpace(page);
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

test('by keys alone: Esc leaves the thermometer, and Space starts developing', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await prefer(page, { light: 'red' });
  await open(page, '/film');
  await page.keyboard.press('t');
  await page.keyboard.press('Control+a');
  await page.keyboard.type('999');
  await page.keyboard.press('Enter');
  await expect(
    page.getByRole('alert').filter({ hasText: 'a time would be a guess' }),
  ).toBeVisible();
  await pressSpace(page);
  await expect(page).toHaveURL(/\/film$/);
  await page.keyboard.press('t');
  await page.keyboard.press('Control+a');
  await page.keyboard.type('20');
  await page.keyboard.press('Escape');
  await expect(page.getByLabel('Developer reads')).not.toBeFocused();
  await expect(page.getByLabel('Developer reads')).toHaveValue('20');
  await pressSpace(page);
  await expect(page).toHaveURL(/\/film\/run\//);
});

test('the plan is made up: steps left out, added, timed', async ({ page }) => {
  await open(page, '/film');
  await page.getByLabel('Developer reads').fill('20');
  await page.getByRole('button', { name: 'Fix, time: 5:00' }).click();
  await page.getByRole('textbox', { name: 'Fix, time' }).fill('3:30');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: 'Fix, time: 3:30' })).toBeVisible();
  await page.getByRole('button', { name: /^Pre-soak, time/ }).click();
  await page.getByRole('button', { name: 'Remove' }).click();
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
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page).toHaveURL(/\/film$/);
  await expect(
    page.getByRole('button', { name: 'Recipe: Corrow 125 in Tansy 1+31' }),
  ).toBeVisible();
});

test('keys are listed on ?, and Esc gets out', async ({ page }) => {
  await open(page, '/film');
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog')).toContainText('start developing');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
});

test('on a phone nothing runs off the side', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await prefer(page, { light: 'red' });
  const film = ['recipes', 'recipes/new', 'recipes/import', 'rolls', 'rolls/new', 'tanks'];
  const more = ['tanks/new', 'tanks/holders/new', 'clip-test', 'packet', 'push', 'clock'];
  const pages = [...film, ...more].map((name) => `/film/${name}`);
  for (const path of ['/film', '/print', '.', './convert', '/logbook', ...pages]) {
    await openAny(page, path);
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

test('switching °C and °F changes every temperature on the page, typed or not; a typed unit wins', async ({
  page,
}) => {
  await open(page, '/film');
  await page.getByRole('button', { name: /^Recipe:/ }).click();
  await page.getByRole('radio', { name: /Halden 400 in Tansy 1\+31 EI 400/ }).click();
  await page.getByLabel('Developer reads').fill('68F');
  await expect(page.getByTestId('time')).toHaveText('9:30');
  await page.getByRole('button', { name: /^Temperature of the room/ }).click();
  await page.getByRole('textbox', { name: /^Temperature of the room/ }).fill('15');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: /^Stop, acid reads/ }).click();
  await page.getByRole('textbox', { name: /^Stop, acid reads/ }).fill('15C');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/5 °C apart\./)).toBeVisible();
  await page.getByRole('button', { name: /Unit: °C/ }).click();
  await expect(page.getByLabel('Developer reads')).toHaveValue('68');
  await expect(
    page.getByRole('button', { name: 'Temperature of the room, °F: Room temperature 59°' }),
  ).toBeVisible();
  await expect(page.getByRole('button', { name: 'Stop, acid reads, °F: 59°' })).toBeVisible();
  await expect(page.getByText(/9 °F apart\./)).toBeVisible();
  await page.getByLabel('Developer reads').fill('86');
  await expect(page.getByRole('alert')).toHaveText(
    /runs from 64.4 to 75.2 °F\. More than 5.4 °F past it/,
  );
});

test('an exposed roll of a film without a recipe is asked about, and never answered for another film', async ({
  page,
}) => {
  const id = crypto.randomUUID();
  const exposed = {
    ...{ film: 'Sallow Ortho', boxSpeed: 50, format: 'medium', camera: '', subject: '' },
    ...{ exposedOn: '2026-01-24', frames: [] },
  };
  const data = { title: 'R-150, kiln', exposureIndex: 100, madeAtMs: Date.now(), exposed };
  await page.request.put(`/api/v1/rolls/${id}`, { data });
  await open(page, '/film');
  await page.getByLabel('Developer reads').fill('20');
  await expect(page.getByTestId('time')).toHaveText(/\d:\d\d/);
  await open(page, `/film?roll=${id}`);
  await expect(page.getByRole('alert')).toHaveText(
    /There is no recipe for Sallow Ortho yet\. This roll was shot at EI 100 on ISO 50 film: 1 stop under, push \+1\./,
  );
  await expect(page.getByTestId('time')).toHaveCount(0);
  await pressSpace(page);
  await expect(page).toHaveURL(/\/film$/);
  await page.getByRole('link', { name: 'New recipe' }).click();
  await expect(page.getByLabel('Film', { exact: true })).toHaveValue('Sallow Ortho');
  await page.getByLabel('Developer', { exact: true }).fill('Tansy');
  await page.getByLabel('Dilution').fill('1+15');
  await page.getByLabel(/^Times/).fill('20 8');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('Is “8” minutes or seconds? Write 8:00, or 8 s.')).toBeVisible();
  await page.getByLabel(/^Times/).fill('20 8:00\n22 9:00');
  await expect(page.getByText(/every developer works faster when it is warmer/)).toBeVisible();
  await page.getByLabel(/^Times/).fill('20 8:00\n22 7:00');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByRole('button', { name: /^Recipe: Sallow Ortho in Tansy/ })).toBeVisible();
  await expect(page.getByTestId('time')).toHaveText('8:00');
});

test('what came with the address is taken once; what was set for one roll is told apart in the next', async ({
  page,
}) => {
  const { recipes } = await (await page.request.get('/api/v1/recipes')).json();
  const [first, second] = recipes as { id: string; film: string; developer: string }[];
  await open(page, `/film?recipe=${second!.id}&fix=210`);
  await expect(page).toHaveURL(/\/film$/);
  await expect(page.getByRole('button', { name: 'Fix, time: 3:30' })).toBeVisible();
  await page.getByRole('button', { name: /^Recipe:/ }).click();
  await page.getByRole('radio').first().click();
  await open(page, '/film');
  const recipe = page.getByRole('button', { name: /^Recipe:/ });
  await expect(recipe).toContainText(`${first!.film} in ${first!.developer}`);
  await expect(page.getByTestId('from-last')).toHaveCount(0);
  await page.getByLabel('Developer reads').fill('20');
  await page.getByLabel('Developer reads').blur();
  await pressSpace(page);
  await expect(page).toHaveURL(/\/film\/run\//);
  const run = page.url();
  // Out of the run and back: the same roll, not a second one of its name.
  await page.waitForFunction(() => document.documentElement.dataset.ready !== undefined);
  await page.keyboard.press('Escape');
  await expect(page).toHaveURL(/\/film$/);
  await expect(page.getByTestId('from-last')).toContainText('From last time: fix 3:30.');
  await pressSpace(page);
  await expect(page).toHaveURL(run);
  await page.keyboard.press('Escape');
  await expect(page).toHaveURL(/\/film$/);
  await page.getByRole('button', { name: 'Back to the usual' }).click();
  await expect(page.getByRole('button', { name: 'Fix, time: 5:00' })).toBeVisible();
  await expect(page.getByTestId('from-last')).toHaveCount(0);
});

test('a step is moved in a way of its own, for one run', async ({ page }) => {
  await open(page, '/film');
  await page.getByLabel('Developer reads').fill('20');
  await page.getByRole('button', { name: 'edit the steps' }).click();
  await expect(
    page.getByRole('button', { name: /^Fix, agitation: the first minute, then/ }),
  ).toBeVisible();
  await page.getByRole('button', { name: /^Fix, agitation/ }).click();
  await page.getByRole('radio', { name: 'one of its own' }).click();
  await page.getByLabel('Then every, seconds').fill('2');
  await expect(page.getByText(/No hands turn a tank more often than every 5 s/)).toBeVisible();
  await page.getByLabel('Then every, seconds').fill('45');
  await page.getByRole('button', { name: 'Use it for this run' }).click();
  await expect(page.getByRole('button', { name: 'Fix, agitation: of this run' })).toBeVisible();
});
