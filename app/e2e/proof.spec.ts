import type { Page } from '@playwright/test';
import type { PrintDraft } from '../src/lib/nouns/in-hand/draft.ts';
import {
  clickPatch,
  expect,
  leavePrint,
  open,
  stripRead,
  test,
  pressSpace,
  A_PRINT,
  openPrint,
} from './bench.ts';

const roll = '/print/proof/7c1d4b60-52e8-4f3a-8121-000000000000';

async function fill(page: Page, name: string, value: string) {
  await page.getByRole('button', { name: new RegExp(`^${name}`) }).click();
  await page.getByRole('textbox', { name }).fill(value);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('textbox', { name })).toHaveCount(0);
}

/** The last print lends its set-up; tests before in the worker may have turned their clocks on. */
async function leaveLast(page: Page, setup: Partial<PrintDraft>) {
  const { prints } = await (await page.request.get('/api/v1/prints-in-hand')).json();
  const touched = prints.map(({ touchedAtMs }: { touchedAtMs: number }) => touchedAtMs);
  const last = Math.max(Date.now(), ...touched) + 60_000;
  return leavePrint(page, { ...stripRead, ...setup }, last);
}

test('the minimum time for maximum black is kept, and offered again for its set-up alone', async ({
  page,
}) => {
  await leaveLast(page, { paper: 'Cinder matt', lens: '80 mm', aperture: '8' });
  await open(page, '/print/proof');
  const strip = page.getByRole('group', { name: /The shortest patch/ });
  await strip.getByRole('button').last().click();
  await expect(page.getByText(/may not be black enough yet/)).toBeVisible();
  await strip.getByRole('button', { name: '8.0' }).click();
  await expect(page.getByTestId('seconds')).toHaveText('8.2s');
  await page.getByRole('button', { name: /Keep it for this set-up/ }).click();
  await expect(page.getByRole('status')).toContainText('Kept: 8 s, minimum time for maximum black');
  await page.reload();
  await expect(page.getByTestId('known')).toHaveText(
    '8.0 s was found for this set-up before; it still holds.',
  );
  await page.getByRole('button', { name: /^School of the proof/ }).click();
  await page.getByRole('radio', { name: /dark proof/ }).click();
  await expect(page.getByTestId('seconds')).toHaveText('11.5s');

  // The proof has a set-up of its own.
  await fill(page, 'Head height', '52.0 cm');
  await expect(page.getByTestId('known')).toContainText('but with another head height');
});

test('frames are rated by keyboard, kept over a reload, and become the list to print', async ({
  page,
}) => {
  await leavePrint(page, stripRead);
  await open(page, roll);
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('p');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('m');
  await page.keyboard.press('ArrowLeft');
  await page.keyboard.press('n');
  await expect(page.getByRole('button', { name: 'Frame 2, pick' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Frame 14, maybe' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Frame 13, no' })).toBeVisible();
  await page.keyboard.press('z');
  await expect(page.getByRole('button', { name: 'Frame 13', exact: true })).toBeVisible();

  await page.getByRole('button', { name: 'Frame 2, pick' }).click();
  await fill(page, 'Exposure error, stops', 'a lot');
  await expect(page.getByRole('alert')).toContainText('Type stops: +1 for a negative');
  await fill(page, 'Exposure error, stops', '−½');
  await fill(page, 'Crop idea', 'square, without the door');
  const list = page.getByRole('region', { name: 'To print' });
  await expect(list.getByRole('listitem')).toHaveText([
    /Frame 2\s+−½ stop, underexposed; square, without the door/,
    /Frame 14, maybe/,
  ]);
  await expect
    .poll(async () => {
      const answer = await page.request.get('/api/v1/proofs/7c1d4b60-52e8-4f3a-8121-000000000000');
      return (await answer.json()).frames?.[0]?.crop;
    })
    .toBe('square, without the door');
  await open(page, page.url());
  await expect(list.getByRole('listitem')).toHaveCount(2);
  await list.getByRole('button', { name: 'Print it' }).first().click();
  await expect(page).toHaveURL(A_PRINT);
  await expect(page.getByRole('button', { name: /^Negative: .* \/ 2$/ })).toBeVisible();
});

test('readings by the probe give the contrast, a known print the time, a third place a burn', async ({
  page,
}) => {
  await leavePrint(page, { ...stripRead, paper: '' });
  await openPrint(page, '/readings');
  await pressSpace(page);
  await pressSpace(page);
  await expect(page.getByTestId('setting')).toHaveText('3');
  await expect(page.getByText(/spans R 8\d\.\d|spans R 9\d\.\d/)).toBeVisible();
  await page.getByLabel('Reading of the known print').fill('−1.42');
  await page.getByLabel('Seconds of the known print').fill('12');
  await expect(page.getByTestId('seconds')).toBeVisible();
  await page.keyboard.press('Tab');
  await page.getByRole('button', { name: /One more place/ }).click();
  await page.getByLabel('Reading of the place 3').fill('−2');
  await expect(
    page.getByRole('list', { name: 'What each place becomes' }).getByRole('listitem').last(),
  ).toContainText(/place 3.*burn/);
  await page.getByLabel('Reading of the highlight').fill('bright');
  await expect(page.getByRole('alert')).toContainText('Type the reading of the highlight as −1.42');
  await expect(page.getByLabel('Reading of the highlight')).toHaveValue('bright');
});

test('soft and hard are found by a strip each, in either order', async ({ page }) => {
  await leavePrint(page, { ...stripRead, paper: '', lag: '0' });
  await openPrint(page, '/split');
  await expect(page.getByText('First read the strip above.')).toBeVisible();
  const rulerOf = (number: number) =>
    page.getByRole('group', { name: `Stop ruler, strip ${number}` });
  await clickPatch(rulerOf(1), 6, 7);
  await page.keyboard.press('u');
  await expect(page.getByText('First read the strip above.')).toBeVisible();
  await clickPatch(rulerOf(1), 4, 7);
  await expect(page.getByText(/Give the whole strip 8\.0 s at filter 00/)).toBeVisible();
  await page.getByRole('button', { name: /^Fire strip 2/ }).click();
  await page.getByRole('button', { name: /All looked over/ }).click();
  await expect(page.getByTestId('hands')).toHaveText('Whole strip, 8.0 s');
  await expect(page.getByText('Then: Nothing covered, 2.0 s.')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page).toHaveURL(/\/split$/);
  await clickPatch(rulerOf(2), 5, 7);
  // The hard one takes from the soft one's time, and gets longer itself, so that both tones stay as they were picked.
  await expect(page.getByTestId('soft')).toHaveText(/^[56]\.\ds$/);
  await expect(page.getByTestId('hard')).toHaveText(/^(8\.[1-9]|9\.\d)s$/);
  await expect(
    page.getByText(/so the soft one is [12]\.\d s shorter, and the hard one [01]\.\d s longer/),
  ).toBeVisible();
  await expect(page.getByText(/Together they are R \d+: about .* s at filter/)).toBeVisible();
  await page.getByRole('button', { name: /^Which exposure comes first/ }).click();
  await page.getByRole('radio', { name: /hard one/ }).click();
  await expect(page.getByRole('heading', { name: 'Strip 1: filter 5' })).toBeVisible();
  await expect(page.getByText('Where are the blacks just right?').first()).toBeVisible();
});

test('a flash is found in two goes, kept for its set-up, and said what it costs', async ({
  page,
}) => {
  await leavePrint(page, { ...stripRead, paper: 'Cinder matt', lag: '0' });
  await openPrint(page, '/flash');
  await fill(page, 'The longest patch without a tone, s', '4');
  await fill(page, 'The next patch, with a tone, s', '3');
  await expect(page.getByRole('alert')).toHaveText(
    'The patch with a tone got more light than the clear one.',
  );
  await fill(page, 'The next patch, with a tone, s', '8');
  await expect(page.getByText('Dial 4.0, 5.0, 6.0, 7.0, 8.0 s.')).toBeVisible();
  await page
    .getByRole('group', { name: 'The longest patch that shows nothing' })
    .getByRole('button', { name: '5.0' })
    .click();
  await expect(page.getByTestId('flash')).toHaveText('4.0s');
  await expect(page.getByText(/R \d+ becomes \d+\./)).toBeVisible();
  await page.getByRole('button', { name: /Keep it for this set-up/ }).click();
  await expect(page.getByRole('status')).toHaveText('Kept for this set-up.');
  await page.getByRole('button', { name: /^Share of the threshold/ }).click();
  await page.getByRole('radio', { name: /^120 %/ }).click();
  await expect(page.getByTestId('flash')).toHaveText('6.0s');
  await page.reload();
  await expect(page.getByTestId('known')).toHaveText(
    '5.0 s was found for this set-up before; it still holds.',
  );
});

test('a proof’s strip and the proof itself are fired, and go through the trays', async ({
  page,
}) => {
  // Names too long for a cookie: the set-up is whole under the lamp, and in the record, all the same.
  const paper = 'Marrow fibre of the second box, cut to twenty-four by thirty';
  const enlarger = 'the tall enlarger at the window, with the new head';
  await leaveLast(page, { paper, enlarger, developer: 'Quillow paper 1+9, fresh' });
  await page.clock.install();
  await open(page, '/print/proof');
  await fill(page, 'Head height', '52.5 cm');
  // Its trays' baths and the size of its paper: as much is booked on them.
  await page.getByRole('button', { name: /^Size of the paper/ }).click();
  await page.getByRole('radio', { name: /24 × 30\.5 cm/ }).click();
  await page.getByRole('button', { name: /^Bath for the developer/ }).click();
  await page.getByRole('radio', { name: /^Paper developer of 21/ }).click();
  await expect(page.getByTestId('through')).toContainText('developer Paper developer of 21');
  const hands = page.getByTestId('hands');
  // Both pages are headed "Proof": the lamp's own is the one with the list.
  const lookOver = async () => {
    await expect(page.getByRole('heading', { name: 'Before the light' })).toBeVisible();
    await pressSpace(page);
  };
  const fireAll = async () => {
    await lookOver();
    for (let firing = 0; firing < 12; firing += 1) {
      await expect(hands).toBeVisible();
      if ((await hands.textContent())?.startsWith('All given')) break;
      await pressSpace(page);
      await page.clock.runFor(60_000);
    }
  };
  await page.keyboard.press('f');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Strip for the proof');
  await fireAll();
  await pressSpace(page);
  await expect(page).toHaveURL(/\/print\/proof$/);
  await page
    .getByRole('group', { name: /The shortest patch/ })
    .getByRole('button')
    .nth(3)
    .click();
  await page.getByRole('button', { name: /Fire the proof/ }).click();
  await lookOver();
  await expect(hands).toHaveText(/^Whole sheet, under glass/);
  await page.keyboard.press('Escape');
  await expect(page).toHaveURL(/\/print\/proof$/);
  // What was seen on the strip is still there.
  await expect(
    page
      .getByRole('group', { name: /The shortest patch/ })
      .getByRole('button')
      .nth(3),
  ).toHaveAttribute('aria-pressed', 'true');
  await expect(page.getByTestId('seconds')).toBeVisible();

  // Fired at last, while the server writes nothing: the sheet waits, and is sent; its trays are with it.
  await page.route('**/api/v1/proofs/*', (route) => route.abort());
  await page.getByRole('button', { name: 'Fire the proof' }).click();
  await fireAll();
  await pressSpace(page);
  await expect(page).toHaveURL(/\/print\/proof$/);
  await expect(page.getByText(/^The proof of .* is not in the record yet\./)).toBeVisible();
  await page.unroute('**/api/v1/proofs/*');
  await page.reload();
  await page.getByRole('link', { name: 'with its roll' }).click();
  const sheets = page.getByRole('region', { name: 'To print' });
  await expect(
    sheets.getByText(/^Whole sheet, under glass, \d+(\.\d)? s, filter 2\./),
  ).toBeVisible();
  await expect(sheets.getByText('In the trays: Developer, in it last.')).toBeVisible();
  const madeIn = `${enlarger}, 80 mm at f/8, 52.5 cm, ${paper}, Quillow paper 1+9, fresh`;
  await expect(sheets.getByText(madeIn)).toBeVisible();
  // What is said of a frame leaves the sheet where it is.
  await page.keyboard.press('p');
  await expect(page.getByRole('button', { name: 'Frame 1, pick' })).toBeVisible();
  await page.reload();
  await expect(sheets.getByText(/^Whole sheet, under glass/)).toBeVisible();
  const roll = new URL(page.url()).pathname.split('/').at(-1)!;
  await open(page, '/chemistry/baths/3d9a5e10-0c7b-4f26-a1d4-000000000024');
  const booked = page.locator(`a[href="/logbook/rolls/${roll}"]`);
  await expect(booked.filter({ hasNotText: 'strips' })).toContainText('1 × 24 × 30.5 cm');
  await expect(booked.filter({ hasText: 'strips of its proof' })).toContainText('1 × 6 × 30.5 cm');
});
