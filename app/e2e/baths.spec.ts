import type { KeptEntry } from '../src/lib/nouns/bath/ledger.ts';
import { expect, leavePrint, open, openPrint, pressSpace, stripRead, test } from './bench.ts';

/** The demo’s fixer that is still good. */
const FIXER = '3d9a5e10-0c7b-4f26-a1d4-000000000026';

test('a run goes through the baths it names, and is booked on them when it is over', async ({
  page,
}) => {
  await page.request.put('/api/v1/baths/6f0c2d3e-8a41-4b7c-9d15-0000000000b1', {
    data: {
      ...{ name: 'Fixer for one test', use: 'fixer', mixedAtMs: Date.now(), volumeMl: 500 },
      ...{ filmCm2PerLitre: 2064, tests: [] },
    },
  });
  await open(page, '/film');
  await page.getByLabel('Developer reads').fill('20');
  const through = page.getByTestId('through');
  await expect(through).toContainText('fix Fixer for one test, 0 % used, mixed today');
  await page.getByRole('button', { name: /^How many films/ }).click();
  await page.getByRole('textbox', { name: 'How many films' }).fill('3');
  await page.keyboard.press('Enter');
  // Two rolls are what half a litre is good for: said before it is poured, and refused it is not.
  await expect(
    page.getByText('Fixer for one test: more goes through it now than it is good for.'),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Start developing' }).click();
  await expect(page).toHaveURL(/\/film\/run\//);
  await page.waitForFunction(() => document.documentElement.dataset.ready !== undefined);
  const step = page.getByRole('heading', { level: 1 });
  for (const next of ['Pre-soak', 'Developer', 'Stop, acid']) {
    await pressSpace(page);
    await expect(step).toHaveText(next);
  }
  await expect(page.getByText(/^Next out of Fixer for one test, 0 % used/)).toBeVisible();
  await page.keyboard.press('Escape');
  const tray = page
    .getByRole('contentinfo', { name: 'The sink' })
    .getByRole('listitem')
    .filter({ hasText: 'Fixer for one test' });
  await expect(tray).toContainText('100 % left, of today');
  await page.goBack();
  await expect(step).toHaveText('Stop, acid');
  for (const next of ['Fix', 'Wash', 'Wetting agent', 'Done']) {
    await pressSpace(page);
    await expect(step).toHaveText(next);
  }
  await page.goto('/chemistry/baths');
  await page.getByRole('link', { name: /Fixer for one test/ }).click();
  await expect(page.getByTestId('verdict')).toHaveText('Spent');
  const line = page.getByRole('region', { name: 'Ledger' }).getByRole('listitem');
  await expect(line).toHaveCount(1);
  await expect(line).toContainText('3 × 135-36: 3 rolls’ worth of film');
  await line.getByRole('link').click();
  await expect(page).toHaveURL(/\/logbook\/rolls\//);
  await expect(page.getByRole('link', { name: 'Fixer for one test' })).toBeVisible();
  await page.goto('/film');
  await expect(through).toContainText('Fixer for one test, 150 % used');
  await page.getByRole('button', { name: /^Bath for the fix: / }).click();
  await page.getByRole('radio', { name: 'none written down' }).click();
  await expect(through).toContainText('fix none written down');
  const { version, ...bath } = await (
    await page.request.get('/api/v1/baths/6f0c2d3e-8a41-4b7c-9d15-0000000000b1')
  ).json();
  delete bath.id;
  await page.request.put('/api/v1/baths/6f0c2d3e-8a41-4b7c-9d15-0000000000b1', {
    data: { ...bath, discardedAtMs: Date.now() },
    headers: { 'if-match': `"${version}"` },
  });
});

test('a print names the trays it goes through, and a sheet taken out of the last one is booked', async ({
  page,
}) => {
  await leavePrint(page, {
    ...stripRead,
    ...{ title: 'Through the trays', paper: 'Paper of the trays', lag: '0', areas: [] },
  });
  await openPrint(page);
  const trays = page.getByTestId('through');
  await expect(trays).toContainText('developer Paper developer of 21 November');
  await page.getByRole('button', { name: /^Size of the paper/ }).click();
  await page.getByRole('radio', { name: /24 × 30\.5 cm/ }).click();
  await page.getByRole('button', { name: /^Bath for the stop/ }).click();
  await page.getByRole('radio', { name: 'none written down' }).click();
  await expect(trays).toContainText('stop none written down');
  await page.reload();
  await expect(page.getByRole('button', { name: 'Size of the paper: 24 × 30.5 cm' })).toBeVisible();
  await expect(trays).toContainText('stop none written down');
  // What the developer reads is written into its ledger, and its tray says so.
  await page.goto('/chemistry/baths/3d9a5e10-0c7b-4f26-a1d4-000000000024');
  await page.getByRole('button', { name: /^What happened/ }).click();
  await page.getByRole('radio', { name: /a thermometer was in it/ }).click();
  await page.getByRole('button', { name: /^Write it down/ }).click();
  await expect(page.getByRole('alert')).toContainText('Type the temperature in °C');
  await page.getByRole('button', { name: /^It reads, °C/ }).click();
  await page.getByRole('textbox', { name: 'It reads, °C' }).fill('19.4');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: /^Write it down/ }).click();
  await expect(page.getByText('It read 19.4°C')).toBeVisible();
  await openPrint(page);
  // Exposed, if only for a moment, and through every tray.
  await page.keyboard.press('g');
  await expect(page.getByRole('heading', { name: 'Before the light' })).toBeVisible();
  await pressSpace(page);
  await pressSpace(page);
  await expect(page.getByTestId('lamp')).toContainText('Lamp on', { timeout: 10_000 });
  await page.keyboard.press('x');
  await expect(page.getByTestId('lamp')).toContainText('Lamp off');
  await page.keyboard.press('n');
  await expect(page.getByTestId('hands')).toHaveText('All given. Into the developer.');
  await pressSpace(page);
  const sink = page.getByRole('contentinfo', { name: 'The sink' });
  const developer = sink.getByRole('listitem').filter({ hasText: 'Developer' });
  await expect(developer).toContainText('Paper developer of 21');
  await expect(developer).toContainText('19.4°');
  const ledger = async () => {
    const answer = await page.request.get(`/api/v1/baths/${FIXER}/entries`);
    const { entries } = (await answer.json()) as { entries: KeptEntry[] };
    return entries.flatMap(({ of, sheets }) => (of?.name === 'Through the trays' ? [sheets] : []));
  };
  for (const _tray of ['stop', 'fix', 'wash']) {
    await sink.getByRole('button', { name: /^print, .* Move on to the next tray$/ }).click();
  }
  expect(await ledger()).toEqual([]);
  await sink.getByRole('button', { name: /^print, .* Take out$/ }).click();
  await expect.poll(ledger).toEqual([{ count: 1, widthCm: 24, heightCm: 30.5 }]);
});

test('a strip that leaves its last tray while the server is away leaves the page as it is', async ({
  page,
}) => {
  await leavePrint(page, { ...stripRead, title: 'Away from the server' });
  await openPrint(page);
  await page.keyboard.press('b');
  const sink = page.getByRole('contentinfo', { name: 'The sink' });
  await page.context().setOffline(true);
  for (let tray = 0; tray < 4; tray += 1) {
    await sink.getByRole('button', { name: /^strip 1, .* Move on to the next tray$/ }).click();
  }
  await sink.getByRole('button', { name: /^strip 1, .* Take out$/ }).click();
  await expect(sink.getByText('The sink is empty')).toBeVisible();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Away from the server');
  await page.context().setOffline(false);
});

test('a spent bath is said on the print’s page, and once more before the sheet goes in', async ({
  page,
}) => {
  const id = '6f0c2d3e-8a41-4b7c-9d15-0000000000b2';
  const old = {
    ...{ name: 'Tired developer', use: 'paper-developer', tests: [], volumeMl: 1000 },
    ...{ mixedAtMs: Date.now() - 9 * 86_400_000, keeping: { fullDays: 3, halfFullDays: 1 } },
  };
  await page.request.put(`/api/v1/baths/${id}`, { data: old });
  await leavePrint(page, {
    ...stripRead,
    paper: 'Tired paper',
    through: { 'print-developer': id },
  });
  await openPrint(page);
  const said =
    'Tired developer: spent, by what is known of it. Nothing is refused: a test decides, or a new one.';
  await expect(page.getByText(said)).toBeVisible();
  await page.keyboard.press('f');
  await expect(page.getByRole('heading', { name: 'Before the light' })).toBeVisible();
  await pressSpace(page);
  const hands = page.getByTestId('hands');
  await pressSpace(page);
  await expect(page.getByTestId('lamp')).toContainText('Lamp on', { timeout: 10_000 });
  await page.keyboard.press('x');
  await expect(page.getByTestId('lamp')).toContainText('Lamp off');
  for (let firing = 0; firing < 15; firing += 1) {
    if ((await hands.textContent())?.startsWith('All given')) break;
    await page.keyboard.press('n');
  }
  await expect(hands).toHaveText('All given. Into the developer.');
  await expect(page.getByText(said)).toBeVisible();
  await page.request.put(`/api/v1/baths/${id}`, {
    data: { ...old, discardedAtMs: Date.now() },
    headers: { 'if-match': '"1"' },
  });
});

test('a bath that is emptied by its ledger is called empty, and every page goes on', async ({
  page,
}) => {
  const id = '6f0c2d3e-8a41-4b7c-9d15-0000000000e1';
  await page.request.put(`/api/v1/baths/${id}`, {
    data: {
      ...{ name: 'Fixer poured away', use: 'fixer', mixedAtMs: Date.now() - 86_400_000, tests: [] },
      ...{ volumeMl: 1000, keeping: { fullDays: 10, halfFullDays: 5 }, filmCm2PerLitre: 4644 },
    },
  });
  await open(page, `/chemistry/baths/${id}`);
  await page.getByRole('button', { name: /^What happened/ }).click();
  await page.getByRole('radio', { name: /^some was taken out/ }).click();
  await page.getByRole('button', { name: /^How much/ }).click();
  await page.getByRole('textbox', { name: 'How much' }).fill('1000');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Write it down' }).click();
  await expect(page.getByTestId('verdict')).toHaveText('Empty');
  await expect(page.getByText('What is put in now is fresh.')).toBeVisible();
  for (const path of ['/', '/film', '/print', '/chemistry/baths', '/chemistry/cupboard']) {
    expect((await page.request.get(path)).status(), path).toBe(200);
  }
  await open(page, '/film');
  await expect(page.getByTestId('through')).not.toContainText('Fixer poured away');
  await open(page, `/chemistry/baths/${id}`);
  await page.getByRole('button', { name: /^What happened/ }).click();
  await page.getByRole('radio', { name: /^it was topped up/ }).click();
  await page.getByRole('button', { name: /^How much/ }).click();
  await page.getByRole('textbox', { name: 'How much' }).fill('500');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Write it down' }).click();
  await expect(page.getByTestId('verdict')).toHaveText('Fresh');
});
