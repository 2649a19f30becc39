import { randomUUID } from 'node:crypto';
import { printExample } from '../src/lib/nouns/print/contract.ts';
import {
  expect,
  leavePrint,
  listen,
  openAny,
  openPrint,
  pressSpace,
  prefer,
  stripRead,
  test,
} from './bench.ts';

const LET_GO_HZ = 1568;
const LAMP_ON_HZ = 1047;

test('a plan is typed, says what it takes, and is kept', async ({ page }) => {
  await leavePrint(page, { ...stripRead, areas: [{ name: 'roof', stops: '+1' }] });
  await openPrint(page, '/plan');
  const sequence = page.getByTestId('sequence');
  await expect(sequence.getByRole('listitem')).toHaveCount(2);
  await page.getByRole('button', { name: /^How: card with a hole/ }).click();
  // Seconds hold here alone: they are kept as the stops that they are.
  await page.getByRole('button', { name: /^How much/ }).click();
  await page.getByRole('textbox', { name: 'How much' }).fill('+4 s');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: /^How much/ })).toHaveText(/^\+0\.\d+$/);
  await expect(page.getByText(/\+\d+ %, 4\.0 s more/)).toBeVisible();
  await page.getByRole('button', { name: /^At what contrast/ }).click();
  await page.getByRole('radio', { name: 'filter 00', exact: true }).click();
  await expect(sequence).toContainText('filter 00: Burn roof, card with a hole moving');
  await expect(page.getByText(/^Two firings, two filters, one change: \d+\.\d s/)).toBeVisible();
  // By keyboard: another area, held back with a wand.
  await page.keyboard.press('a');
  const much = page.getByRole('button', { name: /^How much/ }).nth(1);
  await much.click();
  await page.getByRole('textbox', { name: 'How much' }).fill('−120 %');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/Less than −100 % is no light/)).toBeVisible();
  await much.click();
  await page.getByRole('textbox', { name: 'How much' }).fill('−25 %');
  await page.keyboard.press('Enter');
  await page
    .getByRole('button', { name: /^Area: / })
    .nth(1)
    .click();
  await page.getByRole('textbox', { name: 'Area' }).fill('the gatherer');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: /^With what/ }).click();
  await page.getByRole('radio', { name: /^hand/ }).click();
  await expect(sequence).toContainText(/hold back the gatherer for \d\.\d s, hand moving/);
  await page.reload();
  await expect(sequence).toContainText(/hold back the gatherer for \d\.\d s, hand moving/);
  await expect(sequence).toContainText('filter 00: Burn roof');
});

test('two hands cannot hold everything back, and that is said before the light', async ({
  page,
}) => {
  const areas = ['a', 'b', 'c'].map((name) => ({ name, stops: '−2' }));
  await leavePrint(page, { ...stripRead, areas });
  await openPrint(page, '/plan');
  await expect(page.getByRole('alert').filter({ hasText: 'Two hands cannot hold' })).toBeVisible();
});

test('what is held back has its sound within the light, and the change of filter waits', async ({
  page,
}) => {
  await prefer(page, { light: 'red' });
  const beeps = await listen(page);
  await leavePrint(page, {
    ...stripRead,
    ...{ first: '2', step: '1/3', patches: '5', highlight: 2, shadow: null, lag: '0', earlier: [] },
    areas: [
      { name: 'door', stops: '−1' },
      { name: 'roof', stops: '+½', settingId: '00' },
    ],
  });
  await openPrint(page, '/plan');
  await pressSpace(page);
  await expect(page.getByRole('heading', { name: 'Before the light' })).toBeVisible();
  await pressSpace(page);
  await expect(page.getByTestId('hands')).toHaveText(/^Whole sheet; hold back door for 1\.\d s/);
  await pressSpace(page);
  await expect(page.getByTestId('holding')).toHaveText(
    /^Hold back door: 1\.\d$|^Hold back door: 0/,
  );
  await expect(page.getByTestId('holding')).toHaveCount(0);
  await expect(page.getByTestId('hands')).toHaveText(/^Burn roof/);
  await expect(page.getByText('Filter 00: change it now.')).toBeVisible();
  await expect(page.getByTestId('lamp')).toContainText('Lamp off');
  const heard = await beeps();
  const on = heard.find(({ frequencyHz }) => frequencyHz === LAMP_ON_HZ)!;
  const away = heard.find(({ frequencyHz }) => frequencyHz === LET_GO_HZ)!;
  const said = await page.evaluate(() => document.body.innerText);
  expect(said).not.toContain('NaN');
  const held = (away.heardMs - on.heardMs) / 1000;
  expect(held).toBeGreaterThan(1);
  expect(held).toBeLessThan(2);
});

test('what a version changed stands in the record, in words', async ({ page }) => {
  const id = randomUUID();
  const [first] = printExample.versions;
  const roof = first!.areas.find(({ name }) => name === 'roof')!;
  const next = {
    ...{ ...first!, number: 2, settingId: '2', range: 110 },
    areas: [{ ...roof, stops: 1, settingId: '00', tool: 'cut-mask' }],
  };
  const setup = { ...printExample.setup, paper: 'A paper of its own' };
  const sheets = printExample.sheets.map((sheet) => ({ ...sheet, id: randomUUID(), version: 2 }));
  const data = { ...printExample, setup, sheets, versions: [first, next] };
  expect((await page.request.put(`/api/v1/prints/${id}`, { data })).status()).toBe(201);
  await openAny(page, `/logbook/prints/${id}`);
  const versions = page.getByRole('region', { name: 'Versions' });
  await expect(versions).toContainText('2 ½ filter softer, roof +⅓, glory hole no more against 1');
  const roofLine = page.getByRole('listitem').filter({ hasText: 'cut mask' });
  await expect(page.getByText(/roof \+1, cut mask, filter 00/)).toBeVisible();
  // In another filter its seconds are others than the base's: none are said that were not given.
  await expect(roofLine).not.toContainText('s more');
});

test('a test piece over one area is fired, and its pick goes into the plan', async ({ page }) => {
  // On a paper that no other print has taught anything of.
  await leavePrint(page, { ...stripRead, paper: '', areas: [{ name: 'door', stops: '+½' }] });
  await openPrint(page, '/plan');
  await page.getByRole('button', { name: /^How: / }).click();
  await page.getByRole('button', { name: 'three amounts' }).click();
  await expect(page.getByText('A door: +¼ +½ +¾')).toBeVisible();
  await page.keyboard.press('t');
  await expect(page.getByRole('heading', { name: 'Before the light' })).toBeVisible();
  await pressSpace(page);
  await expect(page.getByTestId('hands')).toHaveText(
    /^Piece A over door, nothing covered, 10\.8 s/,
  );
  await expect(page.getByTestId('count')).toHaveText('1 of 4');
  await page.keyboard.press('Escape');
  await page.getByRole('group', { name: 'Right is' }).getByRole('button', { name: '+¾' }).click();
  await expect(page.getByRole('button', { name: 'How much: +¾' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Test pieces' })).toHaveCount(0);
});

test('test pieces that were fired are booked on the baths with their print', async ({ page }) => {
  const path = await leavePrint(page, {
    ...{ ...stripRead, paper: '', areas: [{ name: 'door', stops: '+½' }] },
    through: { 'print-developer': '3d9a5e10-0c7b-4f26-a1d4-000000000024' },
    pieces: [{ area: 0, kind: 'amounts' }],
  });
  await page.clock.install();
  const hands = page.getByTestId('hands');
  /** All that is to be fired, and into the developer. */
  const fireAll = async () => {
    await expect(page.getByRole('heading', { name: 'Before the light' })).toBeVisible();
    await pressSpace(page);
    for (let firing = 0; firing < 12; firing += 1) {
      await expect(hands).toBeVisible();
      if ((await hands.textContent())?.startsWith('All given')) break;
      await pressSpace(page);
      await page.clock.runFor(60_000);
    }
    await pressSpace(page);
  };
  await openPrint(page, '/plan');
  await page.keyboard.press('t');
  await fireAll();
  await expect(page).toHaveURL(/\/plan$/);
  await openPrint(page);
  await page.keyboard.press('g');
  await fireAll();
  await page.getByRole('button', { name: /Done: to its record/ }).click();
  await expect(page).toHaveURL(/\/logbook\/prints\//);
  await openAny(page, '/chemistry/baths/3d9a5e10-0c7b-4f26-a1d4-000000000024');
  const booked = page.locator(`a[href="${path.replace('/print', '/logbook/prints')}"]`);
  await expect(booked.filter({ hasText: 'test pieces' })).toContainText('1 × ');
});

test('an area is left out on the page of the strips: a test piece stays with its own area', async ({
  page,
}) => {
  await leavePrint(page, {
    ...stripRead,
    areas: [
      { name: 'roof', stops: '+1' },
      { name: 'door', stops: '+½' },
    ],
    pieces: [
      { area: 0, kind: 'amounts' },
      { area: 1, kind: 'amounts' },
    ],
  });
  await openPrint(page);
  await page.getByRole('button', { name: 'leave out' }).first().click();
  await page.getByRole('link', { name: 'Plan', exact: true }).click();
  await expect(page.getByText('A door: +¼ +½ +¾')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Area: roof' })).toHaveCount(0);
  await expect(page.getByText(/^B /)).toHaveCount(0);
});
