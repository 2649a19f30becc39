import { randomUUID } from 'node:crypto';
import { printExample } from '../src/lib/nouns/print/contract.ts';
import {
  A_PRINT,
  expect,
  leavePrint,
  openAny,
  openPrint,
  pressSpace,
  stripRead,
  test,
} from './bench.ts';

const aPaper = () => `Paper ${randomUUID().slice(0, 8)}`;

test('two copies in one go: each with its mark, exposed first, then into the developer one by one', async ({
  page,
}) => {
  await leavePrint(page, {
    ...{ ...stripRead, certainty: 'look', highlight: 3, shadow: 4, title: 'Two of it' },
    ...{ first: '0.7', step: '½', lag: '0', areas: [], paper: aPaper(), earlier: [] },
  });
  await openPrint(page, '/plan');
  const copies = page.getByRole('button', { name: /^How many copies in one go/ });
  await copies.click();
  await page.getByRole('textbox', { name: 'How many copies in one go' }).fill('99');
  await expect(page.getByText('Type how many sheets, 1 to 24.')).toBeVisible();
  await page.getByRole('textbox', { name: 'How many copies in one go' }).fill('2');
  await page.keyboard.press('Enter');
  await expect(copies).toHaveText('2');
  await page.getByRole('button', { name: /^Fire version 1/ }).click();
  await expect(page.getByText('On its back: 1a')).toBeVisible();
  await expect(page.getByTestId('count')).toHaveText('Sheet 1 of 2, 1 of 1');
  await pressSpace(page);
  const hands = page.getByTestId('hands');
  await expect(hands).toHaveText(/^Whole sheet/);
  // What got no light is no copy.
  await page.keyboard.press('n');
  await expect(hands).toHaveText('Nothing was given: every firing was left out.');
  await page.keyboard.press('z');
  await expect(hands).toHaveText(/^Whole sheet/);
  await pressSpace(page);
  await expect(hands).toHaveText('All given. 1a into the dark, the next sheet under the lamp.', {
    timeout: 20_000,
  });
  // Where it stands survives a reload.
  await page.reload();
  await expect(hands).toHaveText(/^All given\. 1a into the dark/);
  await page.getByRole('button', { name: /^Next sheet/ }).click();
  await expect(page.getByTestId('count')).toHaveText('Sheet 2 of 2, 1 of 1');
  await pressSpace(page);
  await expect(hands).toHaveText('1a into the developer.', { timeout: 20_000 });
  await pressSpace(page);
  await expect(hands).toHaveText('1b into the developer.');
  await pressSpace(page);
  await expect(page).toHaveURL(A_PRINT);
  const sink = page.getByRole('contentinfo', { name: 'The sink' });
  await expect(sink.getByRole('button', { name: /^print 1a/ })).toBeVisible();
  await expect(sink.getByRole('button', { name: /^print 1b/ })).toBeVisible();
});

test('trays besides the usual ones: said with their times, with the toner’s caution, and gone through', async ({
  page,
}) => {
  await leavePrint(page, { ...stripRead, paper: aPaper() });
  await openPrint(page);
  const trays = page.getByTestId('trays');
  await expect(trays).toHaveText('Developer 1:00 · Stop 0:15 · Fix 1:00 · Wash 5:00');
  await page.getByLabel('toner', { exact: true }).check();
  await page.getByLabel('a second fix').check();
  await expect(trays).toContainText('Fix 0:30 · Second fix 0:30 · Toner 3:00 · Wash');
  await expect(page.getByText(/^Toner is toxic: gloves/)).toBeVisible();
  await page.getByLabel('drying', { exact: true }).check();
  await expect(trays).toContainText('Wash 5:00 · Drying 30:00');
  await expect(page.getByText(/A dryer is mains current: dry hands/)).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('toner', { exact: true })).toBeChecked();
});

test('a dry sheet is asked about the next day; its verdict becomes the next version with one touch; copies are numbered', async ({
  page,
}) => {
  const id = randomUUID();
  const day = 86_400_000;
  const setup = { ...printExample.setup, paper: aPaper() };
  const [version] = printExample.versions;
  const sheets = [0, 1].map((n) => {
    const { verdict: _none, ...sheet } = printExample.sheets[0]!;
    return { ...sheet, id: randomUUID(), exposedAtMs: Date.now() - n * 1000 };
  });
  const data = { ...printExample, title: 'Yesterday’s oven', setup, sheets, versions: [version] };
  expect((await page.request.put(`/api/v1/prints/${id}`, { data })).status()).toBe(201);
  // The next day: by this browser's clock, so that no other test is asked.
  await page.clock.setSystemTime(Date.now() + day);
  await openAny(page, '/film');
  const asked = page.getByRole('group', { name: 'Prints to judge' });
  await expect(asked).toContainText('Yesterday’s oven, sheets 1a and 1b');
  await asked.getByRole('link', { name: 'Yesterday’s oven' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Yesterday’s oven');
  // Asked once a day.
  await openAny(page, '/film');
  await expect(asked).toHaveCount(0);
  await openAny(page, `/logbook/prints/${id}`);
  await page.getByRole('button', { name: /^The dry verdict of sheet 2/ }).click();
  await page.getByRole('radio', { name: '¼ stop too dark' }).click();
  const next = page.getByRole('button', { name: 'Next version: ¼ stop lighter' });
  await expect(next).toBeVisible();
  await page.getByRole('button', { name: /^How many copies there are to be/ }).click();
  await page.getByRole('textbox').fill('12');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: /^Its number in the edition of sheet 2/ }).click();
  await page.getByRole('radio', { name: '3 of 12' }).click();
  await expect(page.getByText(/^Sheet 2, marked 1b, copy 3 of 12/)).toBeVisible();
  await page.getByRole('button', { name: /^Where it went of sheet 2/ }).click();
  await page.getByRole('textbox').fill('the canteen wall');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: /^Where it went of sheet 2/ })).toHaveText(
    'the canteen wall',
  );
  // Fewer copies than are numbered there cannot be; what was typed is answered.
  await page.getByRole('button', { name: /^How many copies there are to be/ }).click();
  await page.getByRole('textbox').fill('2');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: /^How many copies there are to be/ }).click();
  await expect(page.getByText('Type how many copies there are to be, 3 to 999.')).toBeVisible();
  await page.keyboard.press('Escape');
  await next.click();
  await expect(page).toHaveURL(A_PRINT);
  await expect(
    page.getByText('After sheet 1b was seen dry: ¼ stop lighter than the strips say.'),
  ).toBeVisible();
  const seconds = page.getByTestId('seconds');
  const changed = parseFloat((await seconds.textContent())!);
  await page.getByRole('button', { name: 'As the strips say, without the change' }).click();
  await expect(page.getByText('After sheet 1b was seen dry')).toHaveCount(0);
  const plain = parseFloat((await seconds.textContent())!);
  expect(Math.log2(plain / changed)).toBeCloseTo(0.25, 1);
});
