import type { Sheet } from '../src/lib/nouns/print/sheet.ts';
import { printExample } from '../src/lib/nouns/print/contract.ts';
import {
  expect,
  leavePrint,
  open,
  prefer,
  stripRead,
  test,
  pressSpace,
  A_PRINT,
  openPrint,
  openAny,
} from './bench.ts';

const roll = '7c1d4b60-52e8-4f3a-8118-000000000000';
const pages = [
  '/print',
  '.',
  './fire?what=strip',
  './fire?what=print',
  '/print/proof',
  `/print/proof/${roll}`,
  './readings',
  './split',
  './flash',
  './convert',
  '/print/setup',
  '/print/practice',
  '/print/setup/enlargers/new',
  '/print/setup/papers/new',
];
const LONG = 'Thelongestnamethatanybodyeverwroteonaboxwithoutasinglespaceinitatall123';

test('on a phone nothing runs off the side, with long names too', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await prefer(page, { light: 'red' });
  await leavePrint(page, {
    ...stripRead,
    title: LONG,
    negative: LONG,
    enlarger: LONG,
    lens: LONG,
    head: LONG.slice(0, 40),
    paper: LONG,
    areas: [{ name: LONG.slice(0, 60), stops: '+1' }],
    beside: { settingId: '3', first: '5', step: '½', patches: '7', highlight: 3, shadow: 4 },
  });
  for (const path of pages) {
    await openAny(page, path);
    const overflow = await page.evaluate(() => document.documentElement.scrollWidth - innerWidth);
    expect(overflow, path).toBeLessThanOrEqual(0);
  }
});

test('every page about prints says its keys, and Esc goes back to the strips', async ({ page }) => {
  await leavePrint(page, stripRead);
  for (const path of ['./readings', './split', './flash', './convert']) {
    await openAny(page, path);
    await page.keyboard.press('?');
    await expect(page.getByRole('dialog')).toContainText('back to the');
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toHaveCount(0);
    await page.keyboard.press('Escape');
    await expect(page).toHaveURL(A_PRINT);
  }
});

test('nothing to fire, nothing to print: each says so and leads back', async ({ page }) => {
  await leavePrint(page, { ...stripRead, first: 'a while', highlight: null, shadow: null });
  await openPrint(page, '/fire?what=strip');
  await expect(
    page.getByText('There is nothing to fire yet: put the strip right first.'),
  ).toBeVisible();
  await pressSpace(page);
  await expect(page).toHaveURL(A_PRINT);
  await expect(page.getByRole('alert')).toHaveText(
    'Type the first exposure in seconds, for example 5.',
  );
  await openPrint(page, '/fire?what=print');
  await expect(
    page.getByText('There is no time for a print yet: read a strip first.'),
  ).toBeVisible();
});

test('a shelf that nothing stands on says what it is for', async ({ page }) => {
  const take = async (shelf: 'enlargers' | 'papers') => {
    const things = (await (await page.request.get(`/api/v1/${shelf}`)).json())[shelf];
    for (const { id, version } of things) {
      await page.request.delete(`/api/v1/${shelf}/${id}`, {
        headers: { 'if-match': `"${version}"` },
      });
    }
    return things;
  };
  const enlargers = await take('enlargers');
  const papers = await take('papers');
  await open(page, '/print/setup');
  await expect(page.getByText(/^No enlarger yet\./)).toBeVisible();
  await expect(page.getByText(/^No paper yet\./)).toBeVisible();
  await openPrint(page);
  await page.getByRole('button', { name: /^Enlarger/ }).click();
  await page.getByRole('textbox', { name: 'Enlarger' }).fill('a borrowed one');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: 'Enlarger: a borrowed one' })).toBeVisible();
  for (const [shelf, things] of [
    ['enlargers', enlargers],
    ['papers', papers],
  ] as const) {
    for (const { id, version: _version, ...body } of things) {
      expect((await page.request.put(`/api/v1/${shelf}/${id}`, { data: body })).status()).toBe(201);
    }
  }
});

test('a lost connection keeps what was typed of an enlarger', async ({ page, context }) => {
  await open(page, '/print/setup/enlargers/new');
  await page.getByLabel('Name', { exact: true }).fill('the small enlarger');
  await context.setOffline(true);
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByRole('alert')).toBeVisible();
  await expect(page.getByLabel('Name', { exact: true })).toHaveValue('the small enlarger');
  await context.setOffline(false);
});

test('a print of long ago, without any of the new parts, opens and is judged dry', async ({
  page,
}) => {
  const id = crypto.randomUUID();
  const [{ verdict: _verdict, ...unjudged }] = printExample.sheets as [Sheet];
  await page.request.put(`/api/v1/prints/${id}`, {
    data: { ...printExample, title: 'An older print', sheets: [unjudged] },
  });
  await open(page, `/logbook/prints/${id}`);
  await expect(page.getByRole('button', { name: 'The dry verdict: not judged yet' })).toBeVisible();
  await page.getByRole('button', { name: /^The dry verdict/ }).click();
  await page.getByRole('radio', { name: 'as it should be' }).click();
  await expect(
    page.getByRole('button', { name: 'The dry verdict: as it should be' }),
  ).toBeVisible();
  await page.reload();
  await expect(
    page.getByRole('button', { name: 'The dry verdict: as it should be' }),
  ).toBeVisible();
});

test('corners are told both ways and go into the plan; a key line and a long burn are worked out', async ({
  page,
}) => {
  await leavePrint(page, { ...stripRead, areas: [] });
  await openPrint(page, '/edges');
  const fill = (label: string, text: string) => page.getByLabel(label, { exact: true }).fill(text);
  await expect(page.getByText(/^Left empty: the answer, \d+\.\d s\.$/)).toBeVisible();
  await fill('They lack, stops', 'a bit');
  await expect(page.getByText('Type what the corners lack in stops, for example ½.')).toBeVisible();
  await expect(page.getByLabel('They lack, stops')).toHaveValue('a bit');
  await fill('The sheet gets, s', '18');
  await fill('They lack, stops', '½');
  await expect(page.getByTestId('corners')).toHaveText('7.5 s');
  await fill('Maximum black, s', '8.5');
  await fill('Clear film, density', '0.28');
  await expect(page.getByTestId('key')).toHaveText('6.3 s');
  await fill('The burn, stops', '1½');
  await expect(page.getByTestId('burn')).toHaveText('16.5 s');
  await page.getByLabel('The burn, stops').blur();
  await page.keyboard.press('c');
  await expect(page.getByRole('status')).toHaveText(
    'Corners +½ stop is one of the print’s burns now.',
  );
  // It is kept for an aperture: without one it says so.
  await page.keyboard.press('m');
  await expect(page.getByRole('status')).toContainText('Say the aperture first');
  // Once more is the same burn.
  await page
    .getByRole('button', { name: /^Into the plan/ })
    .first()
    .click();
  await page.keyboard.press('k');
  await expect(page.getByRole('status')).toContainText('6.31 s of light');
  await page.reload();
  await expect(page.getByTestId('corners')).toHaveText('7.5 s');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: 'Area: corners' })).toHaveCount(1);
  await expect(page.getByRole('button', { name: 'Stops: +½' })).toBeVisible();
  await page.getByRole('link', { name: 'Plan', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Its light, seconds: 6.31 s' })).toBeVisible();
});

test('what the corners lack is kept with the enlarger, and is there when it is not typed', async ({
  page,
}) => {
  const draft = { ...stripRead, enlarger: 'the tall enlarger', aperture: '8', areas: [] };
  await leavePrint(page, draft);
  await openPrint(page, '/edges');
  await page.getByLabel('The sheet gets, s', { exact: true }).fill('18');
  const lack = page.getByLabel('They lack, stops', { exact: true });
  await lack.fill('½');
  await page.getByRole('button', { name: /^Keep it with the enlarger/ }).click();
  await expect(page.getByRole('status')).toHaveText(
    'Kept: the corners of the tall enlarger lack ½ stop at f/8.',
  );
  await lack.fill('');
  await expect(page.getByText('½ stop, as the tall enlarger has it at f/8.')).toBeVisible();
  await expect(page.getByTestId('corners')).toHaveText('7.5 s');
});
