import AxeBuilder from '@axe-core/playwright';
import { expect, open, prefer, test, pressSpace } from './bench.ts';

test('a recipe is changed, copied, taken off and put back, by keyboard', async ({ page }) => {
  await open(page, '/film/recipes');
  await page.keyboard.press('/');
  await page.keyboard.type('quillow stock');
  const change = page.getByRole('link', { name: 'Edit Halden 400 in Quillow stock, EI 400' });
  await expect(page.getByRole('link', { name: /^Edit / })).toHaveCount(1);
  await change.press('Enter');
  await expect(page.getByLabel('Longer by, %')).toHaveValue('12');
  await page.getByLabel('Note').fill('Mixed with distilled water.');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Mixed with distilled water.')).toBeVisible();

  await page.getByRole('link', { name: 'Copy Halden 400 in Quillow stock, EI 400' }).press('Enter');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('A copy of a recipe');
  await page.getByLabel('Developer', { exact: true }).fill('Quillow fine');
  await page.getByRole('button', { name: /^Agitation:/ }).press('Enter');
  await page.getByRole('radio', { name: 'one of my own' }).click();
  await page.getByLabel('Name of the agitation').fill('thrice a minute');
  await page.getByLabel('Inversions').fill('many');
  await page.getByRole('button', { name: 'Save', exact: true }).press('Enter');
  await expect(page.getByText('Type turns, for example 4; 0 counts seconds only.')).toBeVisible();
  await page.getByLabel('Inversions').fill('3');
  await page.getByRole('button', { name: 'Save', exact: true }).press('Enter');
  await expect(
    page.getByRole('button', { name: 'Recipe: Halden 400 in Quillow fine stock' }),
  ).toBeVisible();
  await expect(page.getByRole('button', { name: 'Agitation: thrice a minute' })).toBeVisible();

  await open(page, '/film/recipes');
  await page
    .getByRole('button', { name: 'Delete Halden 400 in Quillow fine stock, EI 400' })
    .press('Enter');
  await expect(page.getByText('Halden 400 in Quillow fine was deleted.')).toBeVisible();
  await page.keyboard.press('z');
  await expect(
    page.getByRole('button', { name: 'Delete Halden 400 in Quillow fine stock, EI 400' }),
  ).toBeVisible();
});

test('recipes come in from a file after a preview, and twice changes nothing', async ({ page }) => {
  await open(page, '/film/recipes/import');
  await page.getByRole('button', { name: 'See what would come in' }).click();
  await expect(page.getByRole('alert')).toHaveText('Choose a file, or paste its lines first.');
  const file = [
    'film,box_speed,developer,dilution,agitation,times,source',
    'Corrow 50,50,Tansy,1+31,each-minute,20=9:30,guess',
    'Corrow 50,50,Tansy,1:31,each-minute,20=9:30,guess',
  ].join('\r\n');
  await page
    .getByLabel('A file')
    .setInputFiles({ name: 'mine.csv', mimeType: 'text/csv', buffer: Buffer.from(file) });
  await expect(page.getByTestId('coming')).toHaveText('1');
  await expect(page.getByText('Corrow 50 in Tansy 1+31')).toBeVisible();
  await expect(page.getByRole('list', { name: 'Lines with something wrong' })).toContainText(
    'Line 3 dilution: Write the dilution with a plus',
  );
  await page.getByRole('button', { name: /^Bring it in/ }).click();
  await expect(page.getByText('1 recipe is in.')).toBeVisible();
  await expect(page.getByTestId('coming')).toHaveText('0');
  await expect(page.getByText('1 here already')).toBeVisible();
  // The lines stay as they were typed.
  await expect(page.getByLabel('Or its lines')).toHaveValue(/1:31/);
});

test('a tank is written down; the film page covers its reels and says when developer runs short', async ({
  page,
}) => {
  await open(page, '/film/tanks/new');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('Name the tank.')).toBeVisible();
  await expect(page.getByLabel('Name')).toBeFocused();
  await page.getByLabel('Name').fill('Tall three-reel');
  await page.getByLabel('It holds, ml').fill('1000');
  await page.getByLabel('It drains in, seconds').fill('16');
  await page.getByLabel('135-36: ml each').fill('330');
  await page.getByLabel('135-36: how many').fill('3');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('link', { name: 'Tall three-reel' })).toBeVisible();
  await open(page, '/film');
  await page.getByRole('button', { name: /^Recipe:/ }).click();
  await page.getByRole('radio', { name: /Halden 400 in Madder 1\+100 EI 400/ }).click();
  await page.getByRole('button', { name: /^How many films/ }).click();
  await page.getByRole('textbox', { name: 'How many films' }).fill('3');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: /^Tank:/ }).click();
  await page.getByRole('radio', { name: /Tall three-reel/ }).click();
  await expect(page.getByText('3 × 135-36 want 990 ml to be covered.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Volume in the tank, ml: 990 ml' })).toBeVisible();
  await expect(page.getByText(/Only 9.8 ml Madder for 3 × 135-36; they want 15 ml/)).toBeVisible();
});

test('a tank, a packet and a recipe speak US fl oz, and nothing stored moves by the switch', async ({
  page,
}) => {
  await open(page, '/film/tanks');
  await page.getByRole('link', { name: 'The two-reel tank' }).click();
  await expect(page.getByLabel('It holds, ml')).toHaveValue('620');
  await page.getByRole('button', { name: 'in US fl oz' }).click();
  await expect(page.getByLabel('It holds, fl oz')).toHaveValue('21');
  await expect(page.getByLabel('135-36: fl oz each')).toHaveValue('10.1');
  await page.getByLabel('It drains in, seconds').fill('13');
  await page.keyboard.press('Enter');
  await expect(page.getByText('holds 21 fl oz, drains in 13 s')).toBeVisible();
  const { tanks } = await (await page.request.get('/api/v1/tanks')).json();
  expect(tanks.find(({ name }: { name: string }) => name === 'The two-reel tank')).toMatchObject({
    holdsMl: 620,
  });
  await open(page, '/film/packet');
  await expect(page.getByLabel('It makes stock, fl oz')).toHaveValue('33.8');
  await open(page, '/film/recipes');
  await expect(page.getByText(/at least 0\.\d+ fl oz a roll/).first()).toBeVisible();
  await open(page, '/film');
  // What stood on this page in ml is the same volume still.
  await expect(
    page.getByRole('button', { name: /^Volume in the tank, fl oz: 20.3/ }),
  ).toBeVisible();
  await page.getByRole('button', { name: /^The vessel is divided in/ }).click();
  await page.getByRole('textbox', { name: 'The vessel is divided in, fl oz' }).fill('25 ml');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/A vessel divided in 0.85 fl oz measures/)).toBeVisible();
  await page.reload();
  await expect(page.getByText(/A vessel divided in 0.85 fl oz measures/)).toBeVisible();
});

test('two holders with the same notches are told apart before a sheet is lost', async ({
  page,
}) => {
  await open(page, '/film/tanks/holders/new');
  await page.getByLabel('Code').fill('F9');
  await page.getByRole('checkbox', { name: '2' }).check();
  await expect(page.getByText(/F2 has the same notches/)).toBeVisible();
  await page.getByRole('checkbox', { name: '7' }).check();
  await expect(page.getByText(/has the same notches/)).toHaveCount(0);
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByRole('link', { name: 'F9' })).toBeVisible();
  await page.getByRole('button', { name: 'Delete F9' }).click();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('link', { name: 'F9' })).toBeVisible();
});

test('a roll goes from the camera through its run to verdict and proof', async ({ page }) => {
  await open(page, '/film/rolls/new');
  await page.getByLabel('Name or number').fill('R-140, last light');
  await page.getByLabel('Film', { exact: true }).fill('Halden 400');
  await page.getByLabel('Box speed, ISO').fill('400');
  await page.getByLabel('Shot at, EI').fill('1600');
  await page.getByLabel('Camera').fill('the small black one');
  // A day goes in part for part; half of one is asked for, and the rest of it stays.
  const day = page.getByRole('spinbutton', { name: /^day/ });
  await day.click();
  await page.keyboard.press('Backspace');
  await page.keyboard.press('Backspace');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('Type the day it was exposed')).toBeVisible();
  await day.click();
  await page.keyboard.type('24012026');
  await expect(page.getByText('Type the day it was exposed')).toHaveCount(0);
  await page.getByLabel(/^Frames/).fill('7 Ilse at the bench\n9 sparks');
  await expect(page.getByText(/2 stops under, push \+2/)).toBeVisible();
  await page.getByRole('button', { name: 'Save', exact: true }).click();

  const label = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Label for a lab, R-140, last light' }).click();
  expect((await label).suggestedFilename()).toBe('label.pdf');

  await page
    .getByRole('link', { name: /^R-140, last light/ })
    .first()
    .click();
  await expect(page.getByRole('spinbutton', { name: /^month/ })).toHaveText('01');
  await expect(page.getByRole('spinbutton', { name: /^year/ })).toHaveText('2026');
  await page.goBack();
  await page.getByRole('link', { name: 'Develop R-140, last light' }).click();
  await expect(page.getByRole('button', { name: /^Name of the roll: R-140/ })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Speed used (EI): EI 1600' })).toBeVisible();
  await page.getByLabel('Developer reads').fill('20');
  await expect(page.getByTestId('time')).toHaveText('17:00');
  await page.getByRole('button', { name: /^Start developing/ }).click();
  await expect(page).toHaveURL(/\/film\/run\//);
  await page.waitForFunction(() => document.documentElement.dataset.ready !== undefined);
  for (let bath = 0; bath < 7; bath += 1) await pressSpace(page);
  await expect(page.getByTestId('hands')).toHaveText('Hang it up');
  await pressSpace(page);

  await expect(page.getByRole('list', { name: 'Frames' })).toContainText('Ilse at the bench');
  await page.getByRole('button', { name: /^Shadows:/ }).click();
  await page.getByRole('radio', { name: 'empty' }).click();
  // Poured out at once: that comes before the push.
  await expect(page.getByText(/Developed for less than was asked for/)).toBeVisible();
  await page.getByRole('checkbox', { name: 'small round thin spots' }).check();
  await page.getByLabel('What to change next time').fill('Tap harder.');
  await page.getByRole('button', { name: 'Save the verdict' }).click();
  await expect(page.getByText(/shadows empty.*Next time: Tap harder\./)).toBeVisible();
  await page.getByRole('button', { name: 'They are proofed' }).click();
  await expect(page.getByText('Proofed.')).toBeVisible();

  await open(page, '/film');
  await expect(page.getByTestId('verdict').first()).toContainText('Tap harder.');
});

test('the plan is reordered by keyboard, follows a school, and is kept as a house procedure', async ({
  page,
}) => {
  await open(page, '/film');
  await page.getByRole('button', { name: 'edit the steps' }).press('Enter');
  await page.getByRole('button', { name: 'Stopping: an acid stop' }).press('Enter');
  await page.getByRole('radio', { name: /water, which stops slower/ }).click();
  await page.getByRole('button', { name: 'Washing: running water' }).press('Enter');
  await page.getByRole('radio', { name: /washing aid and a short wash/ }).click();
  const names = () =>
    page
      .getByRole('region', { name: 'The plan' })
      .locator('[data-step]')
      .evaluateAll((rows) => rows.map((row) => row.getAttribute('data-step')));
  expect(await names()).toEqual([
    'pre-soak',
    'developer',
    'water-stop',
    'fix',
    'rinse',
    'washing-aid',
    'wash',
    'wetting-agent',
  ]);
  await page.getByRole('button', { name: 'Rinse, place: Rinse' }).focus();
  await page.keyboard.press('Alt+ArrowDown');
  await expect(page.getByRole('button', { name: 'Rinse, place: Rinse' })).toBeFocused();
  expect((await names()).slice(4, 6)).toEqual(['washing-aid', 'rinse']);
  await page.getByRole('button', { name: /^Fix, agitation/ }).press('Enter');
  await page.getByRole('radio', { name: '5 s every half minute' }).click();
  await page.getByRole('button', { name: /^Save these steps/ }).press('Enter');
  await page.getByLabel('Name of these steps').fill('Ours');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Saved as Ours.')).toBeAttached();
  await page.reload();
  await page.waitForFunction(() => document.documentElement.dataset.ready !== undefined);
  await page.getByRole('button', { name: /^Saved steps/ }).click();
  await page.getByRole('radio', { name: 'Water stop, short wash' }).click();
  await page.getByRole('button', { name: 'edit the steps' }).click();
  expect(await names()).not.toContain('pre-soak');
  await page.getByRole('button', { name: /^Saved steps/ }).click();
  await page.getByRole('radio', { name: 'Ours' }).click();
  expect((await names()).slice(4, 6)).toEqual(['washing-aid', 'rinse']);
  await expect(
    page.getByRole('button', { name: 'Fix, agitation: 5 s every half minute' }),
  ).toBeVisible();
});

test('everything that multiplies the time stands in a line of its own', async ({ page }) => {
  await open(page, '/film');
  await page.getByRole('button', { name: /^Recipe:/ }).click();
  await page
    .getByRole('radio', { name: /Halden 400 in Quillow stock/ })
    .first()
    .click();
  await page.getByLabel('Developer reads').fill('20');
  await page.getByRole('button', { name: /^Rolls already developed/ }).click();
  await page.getByRole('textbox', { name: 'Rolls already developed in it' }).fill('6');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: /^Agitation:/ }).click();
  await page.getByRole('radio', { name: 'continuous, rotary' }).click();
  await page.getByRole('button', { name: /^Contrast:/ }).click();
  await page.getByRole('radio', { name: 'N−1' }).click();
  const table = page.getByRole('table', { name: 'How the time is worked out' });
  await expect(table.getByRole('row')).toHaveText([
    /9:00the recipe at 20°/,
    /× 0.85continuous, rotary, the recipe four inversions a minute \(a rule of thumb\)/,
    /× 1.126 rolls before this one, 12 % for each 5/,
    /× 0.80N−1, as the recipe has it/,
    /6:51together/,
  ]);
  await expect(page.getByTestId('time')).toHaveText('6:51');
});

test('the bottle is warmed, and a wrong clock shows what it shows', async ({ page }) => {
  await prefer(page, { clockFactor: 1.2 });
  await open(page, '/film');
  await page.getByRole('button', { name: /^Recipe:/ }).click();
  await page.getByRole('radio', { name: /Halden 100 in Tansy/ }).click();
  await page.getByLabel('Developer reads').fill('18');
  await page.getByRole('button', { name: /^Warm or cool the bottle to/ }).click();
  await page.getByRole('textbox', { name: 'Warm or cool the bottle to, °C' }).fill('20');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/Warm the bottle by 2 °C: about/)).toBeVisible();
  await expect(page.getByText(/Your clock, ×1.2, shows 7:13 by then\./)).toBeVisible();
});

test('a clip test gives the fixing time, is kept with its bath, and goes to the plan', async ({
  page,
}) => {
  await page.clock.install();
  await open(page, '/film/clip-test');
  await pressSpace(page);
  await expect(page.getByText('Move it; wait until')).toBeVisible();
  await page.clock.fastForward(20_000);
  await page.reload();
  await page.waitForFunction(() => document.documentElement.dataset.ready !== undefined);
  await page.clock.fastForward(50_000);
  await expect(page.getByTestId('clearing')).toHaveText(/1:1\d/);
  await pressSpace(page);
  await expect(page.getByTestId('fix')).toHaveText(/2:[23]\d/);
  await page.waitForFunction(() => document.documentElement.dataset.settling === undefined);
  await page.getByRole('button', { name: /^The fixer: / }).click();
  await page.getByRole('radio', { name: /^Fixer of 10 January/ }).click();
  await expect(page.getByText(/Fresh it took 0:52/)).toBeVisible();
  await page.getByRole('button', { name: /^Kind of film/ }).click();
  await page.getByRole('radio', { name: /tabular grain/ }).click();
  await expect(page.getByText(/times 3\./)).toBeVisible();
  await page.keyboard.press('k');
  await expect(page.getByText('Kept with Fixer of 10 January.')).toBeVisible();
  await expect(
    page.getByRole('table', { name: 'Tests in this bath' }).getByRole('row'),
  ).toHaveCount(3);
  await page.getByRole('link', { name: 'Use it in the plan' }).click();
  await expect(page.getByRole('button', { name: /^Fix, time: 3:[345]/ })).toBeVisible();
});

test('what a push does is shown at its own stops before a temperature is typed', async ({
  page,
}) => {
  await open(page, '/film?roll=7c1d4b60-52e8-4f3a-8123-000000000000');
  await expect(page.getByLabel('Developer reads')).toHaveValue('');
  await expect(page.getByText(/push \+2\./)).toBeVisible();
  await page.getByRole('link', { name: 'What that does' }).click();
  await expect(page).toHaveURL(/stops=2/);
  await expect(page.getByText(/^2 stops less light, developed/)).toBeVisible();
});

test('a test of a film without a recipe leads to one that has what it knows', async ({ page }) => {
  await open(page, '/calibrate/film-quick');
  await page.getByLabel('The film', { exact: true }).fill('Sallow 80');
  await page.getByLabel('EI it was shot at').fill('64');
  await page.getByLabel('Developed for').fill('8:00');
  await page.keyboard.press('Escape');
  await pressSpace(page);
  await page.getByRole('link', { name: 'Write one' }).click();
  await expect(page.getByLabel('Film', { exact: true })).toHaveValue('Sallow 80');
  await expect(page.getByLabel('Speed the times are for, EI')).toHaveValue('64');
});

test('push and pull are explained from the curve, by arrow keys', async ({ page }) => {
  await open(page, '/film/push?stops=1');
  await page.keyboard.press('ArrowRight');
  await expect(page.getByText('2 stops less light, developed ×1.96.')).toBeVisible();
  await expect(page.getByText(/what was not exposed does not come back/)).toBeVisible();
  await page.keyboard.press('ArrowLeft');
  await page.keyboard.press('ArrowLeft');
  await page.keyboard.press('ArrowLeft');
  await expect(page.getByText('1 stop more light, developed ×0.80.')).toBeVisible();
});

test('a packet is compared both ways', async ({ page }) => {
  await open(page, '/film/packet');
  await expect(page.getByRole('row', { name: /Stock, reused/ })).toContainText('0.80');
  await page.getByLabel('The packet cost').fill('30');
  await expect(page.getByRole('row', { name: /Stock, reused/ })).toContainText('2.00');
  await page.getByLabel('Dilution').fill('1:1');
  await expect(page.getByText(/Write the dilution with a plus/)).toBeVisible();
});

test('a clock is checked over its minute, and its factor is kept', async ({ page }) => {
  await open(page, '/film/clock');
  await pressSpace(page);
  await page.waitForTimeout(700);
  await pressSpace(page);
  await expect(page.getByText('No clock is that wrong.')).toBeVisible();
  await page.getByRole('button', { name: '60 Hz on 50 Hz: × 1.2' }).click();
  await expect(page.getByTestId('factor')).toHaveText('× 1.2');
  await expect(page.getByTestId('converted')).toHaveText(/9:00 in truth: that clock shows 7:30/);
  await page.reload();
  await expect(page.getByTestId('factor')).toHaveText('× 1.2');
});

test('a step is dragged to its place, and the steps being changed are accessible', async ({
  page,
}) => {
  await open(page, '/film');
  await page.getByRole('button', { name: 'edit the steps' }).click();
  const steps = () =>
    page
      .locator('[data-step]')
      .evaluateAll((rows) => rows.map((row) => row.getAttribute('data-step')));
  await expect(page.locator('[data-step="wash"]')).toBeVisible();
  const before = await steps();
  const from = (await page.getByRole('button', { name: 'Drag Stop, acid' }).boundingBox())!;
  const to = (await page.locator('[data-step="wash"]').boundingBox())!;
  await page.mouse.move(from.x + 15, from.y + 15);
  await page.mouse.down();
  await page.mouse.move(from.x + 15, from.y + 60, { steps: 8 });
  await page.mouse.move(from.x + 15, to.y + 40, { steps: 15 });
  await page.waitForTimeout(400);
  await page.mouse.up();
  await expect.poll(steps).not.toEqual(before);
  const after = await steps();
  expect(after.indexOf('stop')).toBeGreaterThan(after.indexOf('fix'));
  expect([...after].sort()).toEqual([...before].sort());
  const { violations } = await new AxeBuilder({ page }).analyze();
  const serious = violations.filter(({ impact }) => impact === 'serious' || impact === 'critical');
  expect(serious.map(({ id, nodes }) => `${id} ${nodes[0]?.html}`)).toEqual([]);
});
