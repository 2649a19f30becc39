import { randomUUID } from 'node:crypto';
import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { PNG } from 'pngjs';
import { syntheticScan } from '../../core/test/scan.ts';
import {
  A_PRINT,
  expect,
  leavePrint,
  listen,
  open,
  openPrint,
  openRun,
  prefer,
  pressSpace,
  stripRead,
  test,
} from './bench.ts';

/** Puts a block into the field that has the focus, as a copied part of a spreadsheet. */
const paste = (page: Page, text: string) =>
  page.evaluate((block) => {
    const data = new DataTransfer();
    data.setData('text/plain', block);
    document.activeElement!.dispatchEvent(
      new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }),
    );
  }, text);

const film = {
  short:
    '5:30 0.26 1.52 1.44 1.37 1.30 1.22 1.15 1.07 1.00 0.92 0.85 0.77 0.70 0.62 0.55 0.48 0.41 0.35 0.31 0.29 0.27 0.26',
  normal:
    '8:00 0.27 1.88 1.79 1.70 1.60 1.51 1.42 1.32 1.23 1.13 1.04 0.94 0.85 0.76 0.66 0.57 0.49 0.41 0.35 0.31 0.29 0.28',
  long: '11:30 0.30 2.28 2.17 2.06 1.95 1.84 1.73 1.61 1.50 1.39 1.27 1.15 1.04 0.92 0.81 0.70 0.59 0.50 0.42 0.36 0.33 0.31',
};
const paper = {
  soft: '1½ 12 2.15 2.15 2.15 2.13 2.02 1.72 1.37 1.07 0.83 0.62 0.43 0.25 0.12 0.07 0.06 0.06 0.06 0.06 0.06 0.06 0.06',
  hard: '4 12 2.15 2.15 2.15 2.14 2.08 1.82 1.24 0.70 0.35 0.15 0.08 0.06 0.06 0.06 0.06 0.06 0.06 0.06 0.06 0.06 0.06',
};
/** Columns beside each other, as a spreadsheet copies them. */
const beside = (...columns: string[]) => {
  const cells = columns.map((column) => column.split(' '));
  return cells[0]!.map((_, row) => cells.map((column) => column[row]).join('\t')).join('\n');
};

test('film speed by eye becomes a recipe, by keyboard, on a phone, in red', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await prefer(page, { light: 'red' });
  await open(page, '/calibrate');
  await page.getByRole('link', { name: 'Film speed by eye' }).press('Enter');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Film speed by eye');
  await expect(page.getByText('five stops more: step 1 then lies at zone X')).toBeVisible();
  await pressSpace(page);
  await expect(page.getByText('Some of what was seen is still missing')).toBeVisible();
  const fill = (label: string, text: string) => page.getByLabel(label, { exact: true }).fill(text);
  await fill('The film', 'Halden 400');
  await fill('EI set at the meter', '320');
  await fill('A step of the tablet, density', '0.15');
  await fill('Last step told from the tape', '42');
  await page.keyboard.press('Escape');
  await expect(page.getByText('a whole number from 1 to 41')).toBeVisible();
  await fill('Last step told from the tape', '17');
  await expect(page.getByTestId('answer')).toHaveText(/^EI 125\s*± 0.50 stop$/);
  await fill('Steps on the print', '11');
  await expect(page.getByText('Give how long the film was developed')).toBeVisible();
  await fill('Developed for', '8:00');
  await fill('b of the film’s own series', '0.3175');
  await expect(page.getByText('Normal would be 5:47.')).toBeVisible();
  await page.reload();
  await page.waitForFunction(() => document.documentElement.dataset.ready !== undefined);
  await expect(page.getByTestId('answer')).toHaveText(/^EI 125/);
  await pressSpace(page);
  await expect(page).toHaveURL(/\/calibrate\/found\//);
  await expect(page.getByTestId('doubt')).toContainText('Good until');
  await pressSpace(page);
  await expect(page.getByRole('status')).toContainText('at EI 125 is from your own test.');
  await expect(page.getByText(/^Written on Halden 400 in/).first()).toBeVisible();
  // Nothing of it waits in the empty test.
  await open(page, '/calibrate/film-speed-eye');
  await expect(page.getByLabel('The film', { exact: true })).toHaveValue('');
  await open(page, '/film/recipes');
  await expect(page.getByRole('link', { name: /^Edit Halden 400 in .*, EI 125$/ })).toBeVisible();
});

/** What a film test by densities asks beside them. */
async function sayTheFilm(page: Page) {
  await page.getByLabel('The film', { exact: true }).fill('Halden 100');
  await page.getByLabel('EI set at the meter').fill('100');
  await page.getByLabel('The developer', { exact: true }).fill('Tansy');
  await page.getByLabel('Its dilution').fill('1+31');
  await page.getByLabel('At, °C').fill('20');
  await page.getByLabel('A step of the tablet, density').fill('0.15');
}

test('film by densities pasted from a spreadsheet: times for N−1 and N+1, the chart, corrections', async ({
  page,
}) => {
  await open(page, '/calibrate/film-densities');
  await sayTheFilm(page);
  await page.getByLabel('Developed for: Development').click();
  await paste(page, beside(film.normal));
  await expect(page.getByTestId('answer')).toHaveText(/^EI 64/);
  await expect(page.getByText('Two more developments would give the time.')).toBeVisible();
  // A block of columns goes into columns, which come of themselves.
  await page.getByRole('button', { name: 'Add a development' }).click();
  await page.getByLabel('Developed for: 2').click();
  await paste(page, beside(film.short, film.long));
  await expect(page.getByText('N−1 5:44 · N 7:09 · N+1 9:37.')).toBeVisible();
  await expect(page.getByRole('img', { name: /^Density over log exposure/ })).toBeVisible();
  // A reading that fits none beside it is named and left out, or counts where somebody says so; everything else stays.
  const step3 = page.getByLabel('Step 3: 2');
  await step3.fill('1,55');
  const odd = page.getByText(/5:30, step 3, 0\.1\d higher than the steps beside it let expect/);
  await expect(odd).toContainText('left out. Read it again');
  await page.getByRole('button', { name: /^A reading that fits none beside it/ }).click();
  await page.getByRole('radio', { name: 'counts: it was read twice' }).click();
  await expect(odd).toContainText('it counts, since it was read twice');
  await page.getByRole('button', { name: /^A reading that fits none beside it/ }).click();
  await page.getByRole('radio', { name: 'is left out' }).click();
  await step3.fill('x');
  await pressSpaceOutside(page);
  await expect(page.getByText('Column 2, step 3: Give the density')).toBeVisible();
  await step3.fill('1.37');
  await step3.press('Enter');
  await expect(page.getByLabel('Step 4: 2')).toBeFocused();
  await pressSpaceOutside(page);
  await expect(page).toHaveURL(/\/calibrate\/found\//);
  await expect(page.getByTestId('answer')).toHaveText(/^EI 64/);
  // A correction afterwards is offered to be saved, or left.
  await page.getByText('What was seen').click();
  await page.getByLabel('EI set at the meter').fill('125');
  await expect(page.getByTestId('answer')).toHaveText(/^EI 80/);
  await page.getByRole('button', { name: 'Leave it as it was' }).click();
  await expect(page.getByTestId('answer')).toHaveText(/^EI 64/);
  // How fast the film gains contrast is known from now on: its speed by eye goes by that.
  await open(page, '/calibrate/film-speed-eye');
  await sayTheFilmByEye(page, 'An unknown film');
  const ruleOfThumb = page.getByText('How fast this film gains contrast is not known');
  await expect(ruleOfThumb).toBeVisible();
  const normal = page.getByText(/Normal would be \d+:\d\d\./);
  const usual = await normal.textContent();
  await page.getByLabel('The film', { exact: true }).fill('halden 100');
  await expect(page.getByTestId('known')).toContainText(
    /by its densities test of .*: b is 0\.\d\d/,
  );
  await expect(ruleOfThumb).toHaveCount(0);
  expect(await normal.textContent()).not.toBe(usual);
});

/** A tablet's last step by eye, and its steps on a print. */
async function sayTheFilmByEye(page: Page, name: string) {
  await page.getByLabel('The film', { exact: true }).fill(name);
  await page.getByLabel('EI set at the meter').fill('100');
  await page.getByLabel('A step of the tablet, density').fill('0.15');
  await page.getByLabel('Last step told from the tape').fill('18');
  await page.getByLabel('Developed for').fill('8:00');
  await page.getByLabel('Steps on the print').fill('11');
}

test('densities come from a file and from an instrument, and go out again', async ({ page }) => {
  await open(page, '/calibrate/film-densities');
  const file = (name: string, text: string) =>
    page
      .getByLabel('From a file, CGATS.17 or CSV')
      .setInputFiles({ name, mimeType: 'text/plain', buffer: Buffer.from(text) });
  await file('odd.csv', 'a;b\n1,2;x\n');
  await expect(page.getByRole('alert')).toHaveText(/^Line 2: “x” is no density/);
  await file('short.csv', '1.2\n1.1\n');
  await expect(page.getByRole('alert')).toContainText(
    'The file has 2 patches, the tablet 21 steps',
  );
  const values = film.normal.split(' ').slice(2);
  await file(
    'normal.txt',
    `CGATS.17\nBEGIN_DATA_FORMAT\nSAMPLE_ID D_VIS\nEND_DATA_FORMAT\nBEGIN_DATA\n${values.map((value, at) => `${at + 1} ${value}`).join('\n')}\nEND_DATA`,
  );
  await expect(page.getByLabel('Step 21: Development')).toHaveValue('0.28');
  await expect(page.getByRole('alert')).toBeHidden();
  await page.getByLabel('Developed for: Development').fill('8:00');
  // Base and fog is the first thing that the instrument is held to.
  await page.getByRole('button', { name: /^Read the next one with the simulated/ }).click();
  await expect(page.getByLabel('Base and fog: Development')).toHaveValue(/^0\.2[678]$/);
  await sayTheFilm(page);
  await expect(page.getByTestId('answer')).toHaveText(/^EI 64/);
  await pressSpaceOutside(page);
  await expect(page).toHaveURL(/\/calibrate\/found\//);
  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Densities as CSV' }).click();
  expect((await download).suggestedFilename()).toBe('densities.csv');
  await open(page, '/film/push?stops=2');
  const shadow = page.getByRole('row', { name: /^textured shadow/ });
  const usual = await shadow.textContent();
  await page.getByRole('button', { name: /^The film/ }).click();
  await page.getByRole('radio', { name: /^Halden 100/ }).click();
  await expect(page.getByText('By the film’s own curve, tested on')).toBeVisible();
  await expect(shadow).not.toHaveText(usual ?? '');
  await open(page, '/film/push?stops=2&film=halden+100');
  await expect(page.getByText('By the film’s own curve, tested on')).toBeVisible();
});

test('densities are read from a scan: strips found, steps numbered, corners by hand, taken', async ({
  page,
}) => {
  const values = film.normal.split(' ').slice(2).map(Number);
  const reference = Array.from({ length: 12 }, (_, at) => Number((0.05 + 0.17 * at).toFixed(2)));
  const { width, height, codes } = syntheticScan({
    ...{ width: 1000, height: 420, upper: values, lower: reference },
    ...{ tiltDegrees: 2, uneven: 0.1, noise: 0, gamma: 1, flare: 0.002, normal: () => 0 },
  });
  const png = new PNG({ width, height });
  codes.forEach((code, at) => png.data.set([code, code, code, 255], at * 4));
  await open(page, '/calibrate/film-densities');
  await page.getByRole('button', { name: 'From a scan or a photo' }).click();
  await page.getByLabel(/^Densities of the reference/).fill('0.5 0.2');
  await expect(page.getByText('Give the densities of the reference, 5 at least')).toBeVisible();
  await page.getByLabel(/^Densities of the reference/).fill(reference.join(' '));
  await page
    .getByLabel('The scan or photo')
    .setInputFiles({ name: 'scan.png', mimeType: 'image/png', buffer: PNG.sync.write(png) });
  await expect(page.getByText(/^21 steps, /)).toBeVisible();
  await expect(page.getByText(/^The light differs by/)).toBeVisible();
  const read = (await page.getByTestId('scanned').textContent())!.split(' · ').map(Number);
  read.forEach((density, at) => expect(Math.abs(density - values[at]!)).toBeLessThan(0.03));
  // Corners that lie wrong are noticed by the patches between them, and are put right again.
  const corner = page.getByRole('slider', { name: 'Top left' });
  for (let press = 0; press < 12; press += 1) await corner.press('ArrowRight');
  await page.getByRole('button', { name: 'Read it with these corners' }).click();
  await expect(
    page.getByText(/^The tablet on the picture is .* patches long.*and 21 were said/),
  ).toBeVisible();
  await expect(page.getByTestId('scanned')).toBeHidden();
  await page.getByRole('button', { name: 'Find the strips again' }).click();
  await expect(page.getByTestId('scanned')).toHaveText(read.map((d) => d.toFixed(2)).join(' · '));
  await page.getByRole('button', { name: 'Take these densities' }).click();
  await expect(page.getByLabel('Step 1: Development')).toHaveValue(read[0]!.toFixed(2));
  // How well the scan knows it goes with them, and is part of every ± from there on.
  await expect(page.getByLabel('Read from a scan, to ±')).toHaveValue(/^0\.0\d+$/);
  await sayTheFilm(page);
  await page.getByLabel('Developed for: Development').fill('8:00');
  await page.getByLabel('Base and fog: Development').fill('0.27');
  await expect(page.getByTestId('answer')).toHaveText(/^EI 64/);
  // Of another tablet, and by a reference that was typed wrong, nothing is read without a word.
  await page.getByRole('button', { name: /^The tablet has/ }).click();
  await page.getByRole('radio', { name: '31 steps' }).click();
  await page.getByRole('button', { name: 'From a scan or a photo' }).click();
  await page.getByLabel('The scan or photo').setInputFiles({
    ...{ name: 'scan.png', mimeType: 'image/png', buffer: PNG.sync.write(png) },
  });
  await expect(
    page.getByText('The tablet on the picture is 21 patches long, and 31 were said.'),
  ).toBeVisible();
});

/** The big button, with the focus in no field. */
async function pressSpaceOutside(page: Page) {
  await page.keyboard.press('Escape');
  await pressSpace(page);
}

test('a paper by its printed tablet is read, and its prints begin from it', async ({ page }) => {
  await open(page, '/calibrate/paper-tablet');
  await page.getByLabel('The paper', { exact: true }).fill('Slip gloss');
  await page.getByRole('button', { name: 'Add a setting' }).click();
  await page.getByLabel('Setting: 1').click();
  await paste(page, beside(paper.soft, paper.hard));
  // The tablet is asked for, never assumed; of another one other rows stand there.
  await expect(page.getByTestId('answer')).toBeHidden();
  await page.getByRole('button', { name: /^The tablet has/ }).click();
  await page.getByRole('radio', { name: '31 steps' }).click();
  await expect(page.getByLabel('Step 31: 1')).toBeVisible();
  await page.getByLabel('A step of the tablet, density').fill('0.10');
  await expect(page.getByText('The tablet has 31 steps, and 21 were read.')).toBeVisible();
  await page.getByRole('button', { name: /^The tablet has/ }).click();
  await page.getByRole('radio', { name: '21 steps' }).click();
  await page.getByLabel('A step of the tablet, density').fill('0.15');
  await expect(page.getByTestId('answer')).toHaveText(/^1(18|19|20) · 7[234]\s*R$/);
  await expect(
    page.getByText('By the two steps beside each end alone R is 118 · 73.'),
  ).toBeVisible();
  await expect(page.getByRole('img', { name: 'off its neighbours' })).toBeVisible();
  await pressSpaceOutside(page);
  await expect(page).toHaveURL(/\/calibrate\/found\//);
  await page.getByRole('button', { name: 'Add Slip gloss to the papers' }).click();
  await expect(page.getByRole('status')).toContainText('2 settings: strips begin from them.');
  await open(page, '/print/setup');
  await page.getByRole('link', { name: 'Slip gloss' }).click();
  await expect(page.getByLabel('Filter 4: R', { exact: false }).first()).toBeVisible();
  await expect(page.getByLabel('Full black, density')).toHaveValue(/^2\.15/);
});

test('a new box of paper asks for the short check, and it still holds', async ({ page }) => {
  await open(page, '/calibrate');
  await page.getByRole('button', { name: 'Ask for its short checks' }).click();
  await expect(page.getByRole('status')).toContainText('for the short check');
  await expect(page.getByText(/In doubt since .*: a new box of the paper/).first()).toBeVisible();
  await pressSpace(page);
  await expect(page).toHaveURL(/\/calibrate\/found\//);
  await expect(page.getByText('The short check:', { exact: true })).toBeVisible();
  await expect(page.getByTestId('doubt')).toContainText('In doubt since');
  await page.getByRole('button', { name: /^It still holds/ }).click();
  await expect(page.getByText('Checked today: it still holds.')).toBeVisible();
  await expect(page.getByTestId('doubt')).toContainText('Good until');
});

test('a finding is deleted and put back; a thermometer is compared in °F', async ({ page }) => {
  await prefer(page, { unit: 'F' });
  await open(page, '/calibrate/thermometer');
  await page.getByLabel('The thermometer', { exact: true }).fill('the long one');
  await page.getByLabel('1: It reads').click();
  await paste(page, '59.5\t59\n69\t68\n76\t75.2');
  await expect(page.getByTestId('answer')).toHaveText(/^68.8°\s*for 68 °F$/);
  await pressSpaceOutside(page);
  await expect(page).toHaveURL(/\/calibrate\/found\//);
  await page.getByRole('button', { name: 'Delete' }).click();
  await expect(page.getByText('It was deleted.')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: 'Delete' })).toBeVisible();
  const { violations } = await new AxeBuilder({ page }).analyze();
  expect(violations.filter(({ impact }) => impact === 'serious' || impact === 'critical')).toEqual(
    [],
  );
});

test('a comparison: what differs is said first, eight pairs are looked at blind, then it is known', async ({
  page,
}) => {
  await open(page, '/calibrate/comparisons');
  await pressSpace(page);
  await expect(page).toHaveURL(/\/comparisons\/new$/);
  await pressSpace(page);
  await expect(page.getByText('Ask one question')).toBeVisible();
  const fill = (label: string, text: string) => page.getByLabel(label, { exact: true }).fill(text);
  await fill('The question', 'Is the glow richer from the deep tray?');
  await fill('What is looked for', 'Which glow is richer?');
  await fill('The one thing changed', 'Tray');
  await fill('Sample A', 'deep');
  await fill('Sample B', 'flat');
  await fill('Temperature and time: sample A', '20 °C');
  await fill('Temperature and time: sample B', '22 °C');
  await expect(page.getByText('One more thing differs: temperature and time')).toBeVisible();
  await fill('Temperature and time: sample B', '20 °C');
  await expect(page.getByText('Nothing else differs')).toBeVisible();
  await pressSpaceOutside(page);
  await expect(page.getByRole('button', { name: /^Both lie ready: shuffle/ })).toBeVisible();
  await pressSpace(page);
  for (let pair = 1; pair <= 8; pair += 1) {
    await expect(page.getByTestId('pair')).toHaveText(`Pair ${pair} of 8`);
    await pressSpace(page);
    const laid = await page.getByTestId('lay').textContent();
    await page.keyboard.press('ArrowLeft');
    await expect(page.getByText('Hide how it is laid first')).toBeVisible();
    await pressSpace(page);
    await expect(page.getByTestId('lay')).toBeHidden();
    const left = laid?.startsWith('Sample A lies left');
    await page.keyboard.press(left ? 'ArrowLeft' : 'ArrowRight');
  }
  await expect(page.getByTestId('answer')).toHaveText(/^8 of 8\s*sample A$/);
  await expect(
    page.getByText('A finding: luck alone would do as well in 0.4 of 100'),
  ).toBeVisible();
  await fill('What was seen', 'The glow has three steps more.');
  await pressSpaceOutside(page);
  await expect(page.getByText('Kept.')).toBeVisible();
  await open(page, '/calibrate/comparisons');
  await expect(page.getByText('Tray: deep against flat; 8 of 8 for sample A')).toBeVisible();
});

test('a server that is away loses nothing of a test', async ({ page, context }) => {
  await open(page, '/calibrate/timer');
  await page.getByLabel('Which one').fill('the wall clock');
  await page.getByLabel('Beeps counted').fill('72');
  await expect(page.getByTestId('answer')).toHaveText(/^1.200/);
  await context.setOffline(true);
  await pressSpaceOutside(page);
  await expect(page.getByRole('alert')).toContainText('The server does not answer');
  await expect(page.getByLabel('Beeps counted')).toHaveValue('72');
  await context.setOffline(false);
  await pressSpace(page);
  await expect(page).toHaveURL(/\/calibrate\/found\//);
});

test('a timer is held against the beeps of the page', async ({ page }) => {
  const beeps = await listen(page);
  await open(page, '/calibrate/timer');
  await page.getByLabel('Which one').fill('the enlarger’s timer');
  await page.getByLabel('It says', { exact: true }).fill('20');
  // The first press on the page: it wakes the sound, and its beeps are none the fewer for that.
  await page.getByRole('button', { name: 'Beep once a second' }).click();
  await expect(page.getByTestId('beeps')).toHaveText(/^[1-9]/);
  const laid = (await beeps()).map(({ timelineMs }) => timelineMs).toSorted((a, b) => a - b);
  expect(laid.length).toBeGreaterThan(500);
  // Laid anew where the audio clock has moved against the wall clock.
  laid.slice(1).forEach((at, index) => expect(Math.abs(at - laid[index]! - 1000)).toBeLessThan(50));
  await page.getByRole('button', { name: 'It ends: stop the beeps' }).click();
  await expect(page.getByTestId('beeps')).toHaveCount(0);
  expect((await beeps()).length).toBeLessThan(60);
  const counted = page.getByLabel('Beeps counted');
  await expect(counted).toHaveValue(/^[1-9]/);
  await counted.fill('24');
  await expect(page.getByTestId('answer')).toHaveText(/^1.200/);
});

test('every reading says which thermometer, and is corrected: plan, run, logbook, warming', async ({
  page,
}) => {
  await open(page, '/film');
  await page.getByLabel('Developer reads').fill('20');
  const time = page.getByTestId('time');
  const plain = await time.textContent();
  await page.getByRole('button', { name: /^The thermometer/ }).click();
  await page.getByRole('radio', { name: /^the tank thermometer/ }).click();
  await expect(page.getByTestId('thermometer')).toContainText(
    'which reads 0.4 °C too high here: really 19.6°.',
  );
  await expect(time).not.toHaveText(plain ?? '');
  // It stays with this device, and is there at the first paint of another page.
  await open(page, '/chemistry/warm');
  await page.getByLabel('Wanted, °C').fill('20');
  await expect(page.getByText('It has 20° when the tank thermometer reads 20.4°.')).toBeVisible();
  await openRun(page, 'R-T1', [['developer', 300]]);
  await pressSpace(page);
  await page.keyboard.press('t');
  await page.getByRole('textbox').fill('20.5');
  await expect(page.getByText('By the tank thermometer, corrected.')).toBeVisible();
  await page.keyboard.press('Enter');
  const id = /run\/([0-9a-f-]{36})/.exec(page.url())![1];
  await open(page, `/logbook/rolls/${id}`);
  await expect(page.getByText('20.1°, read by the tank thermometer and corrected')).toBeVisible();
  await open(page, '/film');
  await page.getByRole('button', { name: /^The thermometer/ }).click();
  await page.getByRole('radio', { name: /^a thermometer that is right/ }).click();
  await expect(time).toHaveText(plain ?? '');
});

test('the sample scan shows how one is read', async ({ page }) => {
  await open(page, '/calibrate/film-densities');
  await page.getByRole('button', { name: 'From a scan or a photo' }).press('Enter');
  await page.getByRole('button', { name: 'Try it with the sample scan' }).press('Enter');
  // It is read away from the page, which takes a slow machine a while.
  await expect(page.getByText(/^21 steps, /)).toBeVisible({ timeout: 30_000 });
  const read = (await page.getByTestId('scanned').textContent())!.split(' · ').map(Number);
  const values = film.normal.split(' ').slice(2).map(Number);
  read.forEach((density, at) => expect(Math.abs(density - values[at]!)).toBeLessThan(0.03));
});

test('a test’s film is developed in a run of its own: written down, run, read from, and found again', async ({
  page,
}) => {
  const name = 'Halden 100';
  await open(page, '/calibrate/film-speed-eye');
  await page.getByLabel('The film', { exact: true }).fill(name);
  await page.getByLabel('EI set at the meter').fill('80');
  await page.getByRole('link', { name: 'Write the film down and develop it' }).press('Enter');
  await expect(page.getByText('It was exposed for a test')).toBeVisible();
  await expect(page.getByLabel('Shot at, EI')).toHaveValue('80');
  await page.getByLabel('Name or number').fill('Tablet, sheet 1');
  await page.getByRole('button', { name: /^Save/ }).press('Enter');
  await expect(page).toHaveURL(/\/film\/rolls$/);
  // The test leads to where it waits.
  await open(page, '/calibrate/film-speed-eye');
  const runs = page.getByRole('region', { name: 'Its runs' });
  const line = runs.getByRole('listitem').filter({ hasText: 'Tablet, sheet 1' });
  await expect(line).toContainText('waits for the sink.');
  await line.getByRole('link', { name: 'Go on' }).press('Enter');
  await expect(page.getByText('Tablet, sheet 1')).toBeVisible();
  await page.getByLabel('Developer reads').fill('20');
  // What pulling it does is drawn by this film's own curve.
  await expect(page.getByRole('link', { name: 'What that does' })).toHaveAttribute(
    'href',
    /film=Halden\+100/,
  );
  await page.getByRole('button', { name: /^Start developing/ }).click();
  await expect(page).toHaveURL(/\/film\/run\//);
  const id = page.url().split('/').at(-1)!;
  const { plan } = (await (await page.request.get(`/api/v1/rolls/${id}`)).json()) as {
    plan: { steps: { id: string; seconds: number }[] };
  };
  // The clock of every bath, eight minutes and three seconds of it in the developer.
  let atMs = Date.now() - 3_600_000;
  const event = async (kind: object) => {
    const eventId = randomUUID();
    const answer = await page.request.put(`/api/v1/rolls/${id}/events/${eventId}`, {
      data: { id: eventId, atMs, ...kind },
    });
    expect(answer.ok()).toBe(true);
  };
  for (const step of plan.steps) {
    await event({ kind: 'poured-in', stepId: step.id });
    atMs += 483_000;
  }
  await event({ kind: 'finished' });
  await open(page, `/logbook/rolls/${id}`);
  await page.getByRole('link', { name: 'Write down what is seen on it' }).press('Enter');
  await expect(page.getByLabel('Developed for')).toHaveValue('8:03');
  await expect(page.getByLabel('The film', { exact: true })).toHaveValue(name);
  await page.getByLabel('A step of the tablet, density').fill('0.15');
  await page.getByLabel('Last step told from the tape').fill('16');
  await expect(page.getByRole('button', { name: 'Not this one' })).toBeVisible();
  await pressSpaceOutside(page);
  await expect(page).toHaveURL(/\/calibrate\/found\//);
  await page.getByRole('link', { name: 'Tablet, sheet 1' }).press('Enter');
  await expect(page.getByText('It was a test:')).toContainText(`Film speed by eye: ${name}`);
});

test('a clock found slow is gone by at the sink: its own time stands beside the true one', async ({
  page,
}) => {
  await open(page, '/calibrate/timer');
  await page.getByLabel('Which one').fill('the kitchen clock');
  await page.getByRole('button', { name: /^It is/ }).click();
  await page.getByRole('radio', { name: 'a clock' }).click();
  await page.getByLabel('It says', { exact: true }).fill('60');
  await page.getByLabel('Beeps counted').fill('72');
  await expect(page.getByTestId('answer')).toHaveText(/^1.200/);
  await pressSpaceOutside(page);
  await page.getByRole('button', { name: 'Go by the kitchen clock at the sink' }).click();
  await expect(page.getByRole('status')).toHaveText(
    'Beside every development time stands what the kitchen clock shows.',
  );
  await open(page, '/film');
  await page.getByRole('button', { name: /^Recipe:/ }).click();
  await page.getByRole('radio', { name: /Halden 400 in Tansy 1\+31 EI 400/ }).click();
  await page.getByLabel('Developer reads').fill('20');
  await expect(page.getByText(/^Your clock, ×1\.2, shows \d+:\d\d by then\.$/)).toBeVisible();
});

test('a flash threshold found in Calibrate is taken by the Flash page for its set-up', async ({
  page,
}) => {
  await open(page, '/calibrate/flash-threshold');
  await page.getByLabel('The paper', { exact: true }).fill('Cullet gloss');
  await page.getByLabel('The light').fill('the tall enlarger, f/22');
  await page.getByLabel('Last patch without a tone, s').fill('5');
  await page.getByLabel('First patch with a tone, s').fill('6');
  await pressSpaceOutside(page);
  await expect(page.getByText('The Flash page of a print on this paper offers it')).toBeVisible();
  await leavePrint(page, { ...stripRead, paper: 'Cullet gloss', lag: '0' });
  await openPrint(page, '/flash');
  await expect(
    page.getByText('found 5.0 s on this paper with the tall enlarger, f/22'),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Take 5.0 s for this set-up' }).press('Enter');
  await expect(page.getByTestId('known')).toContainText('5.0 s was found for this set-up before');
  await expect(page.getByTestId('flash')).toHaveText('4.0s');
});

test('a lag found by its test reaches the enlarger and the next print', async ({ page }) => {
  await open(page, '/calibrate/lamp-lag');
  await page.getByLabel('The enlarger', { exact: true }).fill('the tall enlarger');
  await page.getByLabel('Firings', { exact: true }).fill('20');
  await page.getByLabel('Each of, s').fill('1');
  await page.getByLabel('Look like one of, s').fill('14.3');
  await expect(page.getByTestId('answer')).toHaveText(/^0\.30/);
  await pressSpaceOutside(page);
  await expect(page).toHaveURL(/\/calibrate\/found\//);
  await page.getByRole('button', { name: 'Write it on the tall enlarger' }).click();
  await expect(page.getByRole('status')).toContainText('a lag of 0.30 s now');
  await leavePrint(page, { ...stripRead, enlarger: 'the tall enlarger', lag: '0.2' });
  await open(page, '/print');
  await pressSpace(page);
  await expect(page).toHaveURL(A_PRINT);
  await expect(page.getByRole('button', { name: /^Lamp lag/ })).toContainText('0.3');
});

test('corners measured by a grey print are what a print at that aperture burns', async ({
  page,
}) => {
  await open(page, '/calibrate/fall-off');
  await page.getByLabel('The enlarger', { exact: true }).fill('the tall enlarger');
  await page.getByLabel('Aperture, f/').fill('11');
  await page.getByLabel('R it was printed at').fill('110');
  await page.getByLabel('Grey in the middle').fill('0.68');
  await page.getByLabel('Grey in the corners').fill('0.47');
  const lacks = (await page.getByTestId('answer').textContent())!.match(/^0\.\d\d/)![0];
  await pressSpaceOutside(page);
  await page.getByRole('button', { name: 'Write it on the tall enlarger at f/11' }).click();
  await expect(page.getByRole('status')).toContainText(
    `lacks ${lacks} stop in the corners at f/11`,
  );
  const draft = { ...stripRead, enlarger: 'the tall enlarger', aperture: '11', areas: [] };
  await leavePrint(page, draft);
  await openPrint(page, '/edges');
  await page.getByLabel('The sheet gets, s', { exact: true }).fill('12');
  await expect(page.getByText(/stop, as the tall enlarger has it at f\/11\./)).toBeVisible();
  const corners = Number.parseFloat((await page.getByTestId('corners').textContent())!);
  expect(corners).toBeCloseTo(12 * (2 ** Number(lacks) - 1), 0);
});

test('R by counting steps is what the next print on that paper goes by', async ({ page }) => {
  await open(page, '/calibrate/paper-count');
  await page.getByLabel('The paper', { exact: true }).fill('Wharf pearl');
  await page.getByLabel('The setting', { exact: true }).fill('filter 2');
  await page.getByLabel('Steps counted').fill('8');
  await expect(page.getByTestId('answer')).toHaveText(/^R 120/);
  await pressSpaceOutside(page);
  await page.getByRole('button', { name: 'Write it on Wharf pearl' }).click();
  await expect(page.getByRole('status')).toContainText('2 has R 120 on Wharf pearl now.');
  await leavePrint(page, { ...stripRead, paper: 'Wharf pearl', settingId: '2' });
  await openPrint(page);
  await page.getByRole('button', { name: /^The filter of this strip/ }).click();
  await expect(page.getByRole('radio', { name: /^2 R 120 ± \d/ })).toBeVisible();
});

test('what a paper loses in long exposures is found, and a time carried over loses as much', async ({
  page,
}) => {
  await open(page, '/calibrate/paper-reciprocity');
  await page.getByLabel('The paper', { exact: true }).fill('Marrow fibre');
  await page.getByLabel('1: Worked out').fill('90');
  await page.getByLabel('1: Needed').fill('120');
  await page.getByLabel('A time to be worth').fill('60');
  await pressSpaceOutside(page);
  await expect(page).toHaveURL(/\/calibrate\/found\//);
  await leavePrint(page, { ...stripRead, paper: 'Marrow fibre' });
  await openPrint(page, '/convert');
  await page.getByLabel('The time was, s').fill('90');
  await page.getByLabel('It was f/').fill('8');
  await page.getByLabel('It will be f/').fill('5.6');
  await expect(page.getByText(/This paper loses \d+ % .*, by its test of /)).toBeVisible();
  await expect(page.getByTestId('converted')).toHaveText(/^3\d\.\d\s*s$/);
});
