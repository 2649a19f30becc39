import type { Page } from '@playwright/test';
import { expect, open, prefer, test, pressSpace } from './bench.ts';

async function typeInto(page: Page, label: string, text: string) {
  await page.getByRole('button', { name: new RegExp(`^${label}`) }).click();
  const field = page.getByRole('textbox', { name: label });
  await field.fill(text);
  await field.press('Enter');
}

test('a mix names its vessel, and one more vessel makes it better', async ({ page }) => {
  await open(page, '/chemistry');
  await typeInto(page, 'Volume', '655');
  await typeInto(page, 'Dilution', '1+39');
  const amounts = page.getByTestId('amount');
  await expect(amounts).toHaveText(['16.5 ml', '638.5 ml']);
  await expect(page.getByText(/^Syringe\. Exactly it is 16\.4 ml/)).toBeVisible();
  await expect(page.getByText('Acid into water, never water into acid.')).toBeVisible();

  // A finer syringe, written down by keyboard.
  await page.getByRole('link', { name: 'Graduates and syringes' }).click();
  await expect(page.getByRole('link', { name: /^New vessel/ })).toBeVisible();
  await pressSpace(page);
  await expect(page).toHaveURL(/\/vessels\/new$/);
  await page.getByLabel('Name').fill('Fine syringe');
  await page.getByLabel('It holds, ml').fill('20');
  await page.getByLabel('From line to line, ml').fill('50');
  await page.keyboard.press('Enter');
  await expect(page.getByText('One line of it stands for no more than it holds.')).toBeVisible();
  await expect(page.getByLabel('From line to line, ml')).toHaveValue('50');
  await page.getByLabel('From line to line, ml').fill('0.25');
  await page.keyboard.press('Enter');
  await expect(page.getByText('holds 20 ml, a line every 0.25 ml')).toBeVisible();

  // What was typed is there again, and the better vessel is taken.
  await page.getByRole('link', { name: 'Mix' }).click();
  await expect(page.getByText(/^Fine syringe\./)).toBeVisible();
  await expect(amounts).toHaveText(['16.5 ml', '638.5 ml']);
  await page.reload();
  await expect(page.getByRole('button', { name: 'Dilution: 1+39' })).toBeVisible();
  await page.goto('/chemistry/vessels');
  await page.getByRole('button', { name: 'Delete Fine syringe' }).click();
  await expect(page.getByText('Fine syringe was deleted.')).toBeVisible();
});

test('a dose too small to be read says what helps; a colon is refused and stays', async ({
  page,
}) => {
  await open(page, '/chemistry');
  await typeInto(page, 'Volume', '500');
  await typeInto(page, 'Dilution', '1+249');
  await expect(page.getByText(/^Too little to be read well: Syringe\./)).toBeVisible();
  await expect(page.getByText(/^Or in two stages: .* go down the drain/)).toBeVisible();
  await typeInto(page, 'Dilution', '1:249');
  await expect(page.getByRole('alert')).toHaveText(/Write the dilution with a plus/);
  await expect(page.getByRole('button', { name: /^Dilution: 1:249/ })).toBeVisible();
  await typeInto(page, 'Dilution', '1+19');
  await page.getByRole('button', { name: /^What is mixed/ }).click();
  await page.getByRole('radio', { name: /what a rest gives/ }).click();
  await typeInto(page, 'What is left of the concentrate', '46');
  await expect(page.getByText('In all 920 ml.')).toBeVisible();
});

test('warm and cold on a phone: taps, a bottle timed back, ice', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await prefer(page, { light: 'red' });
  await open(page, '/chemistry/warm');
  const fill = (label: string, text: string) => page.getByLabel(label, { exact: true }).fill(text);
  await fill('Cold water, °C', '13');
  await fill('Hot water, °C', '47');
  await expect(page.getByTestId('taps')).toHaveText('206 ml');
  await fill('The bottle reads, °C', '15.5');
  await fill('The water, °C', '30');
  await fill('It reads then, °C', '18.4');
  await fill('After, minutes', '5');
  await fill('Ready at', '19:00');
  await expect(page.getByTestId('bottle')).toHaveText('8:20');
  await expect(
    page.getByText(/^Put it in at 18:51:4[01] to have it ready at 19:00\.$/),
  ).toBeVisible();
  // Read just now, five minutes on: its clock goes in the sink, and over a reload.
  await page.getByRole('button', { name: /^Read just now: start its clock/ }).click();
  await expect(page.getByRole('status')).toContainText('Its clock is in the sink');
  const sink = page.getByRole('contentinfo', { name: 'The sink' });
  await expect(
    sink.getByRole('button', { name: /^bottle, 3:(20|1\d) left\. Take out$/ }),
  ).toBeVisible();
  await fill('It reads, °C', '18');
  await expect(page.getByText(/^Ice cools: give a target/)).toBeVisible();
  await fill('It reads, °C', '24.6');
  await expect(page.getByTestId('ice')).toHaveText(/^\d+\.\d g$/);
  await page.reload();
  await expect(page.getByTestId('bottle')).toHaveText('8:20');
  await sink.getByRole('button', { name: /^bottle, .* Take out$/ }).click();
  await expect(sink.getByText('The sink is empty')).toBeVisible();
});

test('a bath from its mixing to its end: written down, used, taken back, tested, discarded', async ({
  page,
}) => {
  await open(page, '/chemistry/baths');
  await pressSpace(page);
  await expect(page).toHaveURL(/\/baths\/new$/);
  const fill = (label: string, text: string) => page.getByLabel(label, { exact: true }).fill(text);
  await fill('Name', 'Fixer of the cold week');
  await fill('Dilution', '1:4');
  await fill('Volume mixed, ml', '1000');
  await fill('Rolls a litre', '9');
  await fill('Paper a litre, m²', '3.2');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText(/^Write the dilution with a plus/)).toBeVisible();
  await expect(page.getByLabel('Dilution', { exact: true })).toHaveValue('1:4');
  await fill('Dilution', '1+4');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Fixer of the cold week');
  const verdict = page.getByTestId('verdict');
  await expect(verdict).toHaveText('Fresh');
  await expect(page.getByText(/collect it, and hand it in/)).toBeVisible();

  // Nine rolls are what a litre is good for.
  await typeInto(page, 'How many', '8');
  await pressSpace(page);
  await expect(page.getByRole('status')).toHaveText('Written down.');
  await expect(verdict).toHaveText('Ageing');
  await expect(page.getByText(/^89 % of its capacity is used: room for 1 roll or/)).toBeVisible();
  await page.getByRole('button', { name: /^Take back 8 × / }).click();
  await expect(verdict).toHaveText('Fresh');
  const ledger = page.getByRole('region', { name: 'Ledger' }).getByRole('listitem');
  await expect(ledger).toHaveCount(2);

  // While the server is away an entry is not lost, and sent again it is there once.
  await typeInto(page, 'How many', '9');
  let asked = 0;
  await page.route('**/entries/*', async (route) => {
    asked += 1;
    // It was written, and the answer was lost.
    if (asked === 1) await route.fetch();
    await (asked === 1 ? route.abort() : route.continue());
  });
  await page.getByRole('button', { name: /^Write it down/ }).click();
  await expect(page.getByRole('alert')).toContainText('The server does not answer.');
  await expect(page.getByRole('button', { name: 'How many: 9' })).toBeVisible();
  await page.getByRole('button', { name: /^Write it down/ }).click();
  await expect(verdict).toHaveText('Spent');
  await expect(ledger).toHaveCount(3);
  await page.unroute('**/entries/*');

  await page.getByRole('button', { name: /^What happened/ }).click();
  await page.getByRole('radio', { name: /it was tested/ }).click();
  await page.getByRole('button', { name: /^Which test/ }).click();
  await page.getByRole('radio', { name: 'drop test' }).click();
  await page.getByRole('button', { name: /^How it went/ }).click();
  await page.getByRole('radio', { name: 'failed' }).click();
  await page.getByRole('button', { name: /^Write it down/ }).click();
  await expect(page.getByText(/^The drop test failed: the drop turned milky/)).toBeVisible();
  // Half of it goes into another bottle, which knows its share.
  await page.getByRole('button', { name: /^What happened/ }).click();
  await page.getByRole('radio', { name: /it was split into two bottles/ }).click();
  await typeInto(page, 'How much', '1000');
  await page.getByRole('button', { name: /^Write it down/ }).click();
  await expect(page.getByRole('alert')).toHaveText(
    'Less than there is goes into the other bottle.',
  );
  await typeInto(page, 'How much', '400');
  await page.getByRole('button', { name: /^Write it down/ }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(
    'Fixer of the cold week, second bottle',
  );
  await expect(ledger).toHaveCount(1);
  await expect(ledger).toContainText('Before it was split off Fixer of the cold week: 3.6 rolls');
  await page.goBack();
  await expect(page.getByText('600 ml of it are there now.')).toBeVisible();
  // Spent fixer is collected: how much, and where it went.
  await page.getByRole('button', { name: /^What happened/ }).click();
  await page.getByRole('radio', { name: /spent solution was handed in/ }).click();
  await typeInto(page, 'How much', '500');
  await page.getByRole('button', { name: /^Write it down/ }).click();
  await expect(page.getByRole('alert')).toHaveText('Type where it was handed in.');
  await typeInto(page, 'Where', 'Ferrow yard');
  await page.getByRole('button', { name: /^Write it down/ }).click();
  await expect(ledger.getByText('500 ml handed in: Ferrow yard')).toBeVisible();
  await page.getByRole('button', { name: 'Discard it' }).click();
  await expect(verdict).toHaveText('Discarded');
  await page.getByRole('button', { name: 'It still stands' }).click();
  await expect(verdict).toHaveText('Spent');
  await page.keyboard.press('Escape');
  await expect(page).toHaveURL(/\/chemistry\/baths$/);
  await expect(
    page.getByRole('link', { name: /Spent Fixer of the cold week Fixer/ }),
  ).toBeVisible();
  for (const [link, file] of [
    ['Labels to print, PDF', 'labels.pdf'],
    ['Days to discard, for a calendar', 'discard.ics'],
    ['All ledgers, CSV', 'baths.csv'],
  ] as const) {
    const download = page.waitForEvent('download');
    await page.getByRole('link', { name: link }).click();
    expect((await download).suggestedFilename()).toBe(file);
  }
});

test('a wash counts its changes, and one that never ends is refused with what was typed', async ({
  page,
}) => {
  await open(page, '/chemistry/wash');
  await expect(page.getByTestId('changes')).toHaveText(/^3\s*changes$/);
  await page.getByLabel('The water, °C').fill('12');
  await expect(page.getByText(/^So cold a wash takes longer/)).toBeVisible();
  await expect(
    page.getByRole('region', { name: 'In running water' }).getByRole('listitem'),
  ).toHaveText([
    /^Film\s*20 to 60 min, twice as long in water so cold$/,
    /^Film, after 2 min in washing aid\s*6 to 10 min, twice as long/,
    /^Resin-coated paper\s*8 to 10 min/,
    /^Fibre paper, after 10 min in washing aid\s*60 to 120 min/,
  ]);
  await page.getByLabel('A change, ml').fill('a cup');
  await expect(page.getByText(/^Type what a change holds in ml/)).toBeVisible();
  await expect(page.getByLabel('A change, ml')).toHaveValue('a cup');
});

test('a powder packet says by which day it is made up', async ({ page }) => {
  await open(page, '/chemistry');
  await page.getByRole('button', { name: /^What is mixed/ }).click();
  await page.getByRole('radio', { name: /a powder packet/ }).click();
  await typeInto(page, 'Volume', '1000');
  await expect(page.getByTestId('amount')).toHaveText('750 ml');
  await page.getByRole('spinbutton', { name: /^day/ }).click();
  const year = new Date().getFullYear() + 1;
  await page.keyboard.type(`0301${year}`);
  await expect(page.getByTestId('when')).toHaveText(
    /^Make it up by [A-Z][a-z]+ 2 January: it stands a day before [A-Z][a-z]+\.$/,
  );
});
