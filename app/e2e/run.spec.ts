import { expect, open, test, openRun } from './bench.ts';

test('a roll from the thermometer through the run into the logbook, by keyboard', async ({
  page,
}) => {
  await open(page, '/film');
  await page.getByRole('button', { name: 'Name of the roll: Name this roll' }).press('Enter');
  await expect(page.getByRole('textbox', { name: 'Name of the roll' })).toBeFocused();
  await page.keyboard.type('Keyboard roll, Ferrow yard');
  await page.keyboard.press('Enter');
  await page.keyboard.press('t');
  await expect(page.getByLabel('Developer reads')).toBeFocused();
  await page.keyboard.type('20.4');
  await page.keyboard.press('Enter');
  await page.keyboard.press('Space');
  await expect(page).toHaveURL(/\/film\/run\//);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Pre-soak');
  await page.waitForFunction(() => document.documentElement.dataset.ready !== undefined);
  const step = page.getByRole('heading', { level: 1 });
  await page.keyboard.press('Space');
  await expect(page.getByTestId('clock')).toHaveText(/^(1:00|0:5\d)$/);
  await page.keyboard.press('Space');
  await expect(page.getByTestId('hands')).toHaveText('Keep turning it, gently');
  await page.keyboard.press('t');
  await expect(page.getByRole('textbox')).toBeFocused();
  await page.keyboard.type('20.2');
  await page.keyboard.press('Enter');
  for (const next of ['Stop, acid', 'Fix', 'Wash', 'Wetting agent', 'Done']) {
    await page.keyboard.press('Space');
    await expect(step).toHaveText(next);
  }
  await expect(page.getByTestId('hands')).toHaveText('Hang it up');
  await page.keyboard.press('Space');
  await expect(page).toHaveURL(/\/logbook\/rolls\//);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Keyboard roll, Ferrow yard');
  await expect(page.getByRole('row', { name: /^Developer/ })).toContainText('0:0');
  await expect(page.getByText('20.2° read')).toBeVisible();
  await expect(page.getByText('Finished')).toBeVisible();
});

test('a bath has no pause: it runs over, visibly, until the next one is in', async ({ page }) => {
  const id = await openRun(page, 'Overrun', [
    ['developer', 3],
    ['stop', 60],
  ]);
  await page.keyboard.press('Space');
  await expect(page.getByTestId('hands')).toHaveText('Pour out', { timeout: 5000 });
  await expect(page.getByTestId('hands')).toHaveText('Time is up: stop in', { timeout: 5000 });
  await expect(page.getByTestId('clock')).toHaveText('−0:02', { timeout: 5000 });
  await page.keyboard.press('Space');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Stop, acid');
  await page.goto(`/logbook/rolls/${id}`);
  await expect(page.getByRole('row', { name: /^Developer/ })).toContainText(
    /0:030:0[4-7]\+0:0[1-4]/,
  );
});

test('“I poured 40 s ago” moves the start, and cannot reach before the bath before', async ({
  page,
}) => {
  await openRun(page, 'Late', [
    ['developer', 300],
    ['stop', 60],
  ]);
  await page.keyboard.press('l');
  await expect(page.getByLabel('I poured this long ago')).toHaveValue('40');
  await page.getByLabel('I poured this long ago').press('Enter');
  await expect(page.getByTestId('clock')).toHaveText(/^4:(20|19|18)$/);
  await expect(page.getByText('Start moved back by 0:40.')).toBeVisible();
  await page.keyboard.press('Space');
  await page.keyboard.press('l');
  await page.getByLabel('I poured this long ago').fill('5:00');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert')).toContainText('cannot have been earlier');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Stop, acid');
});

test('undo takes a pour back, and the log keeps both', async ({ page }) => {
  const id = await openRun(page, 'Undone', [
    ['developer', 300],
    ['stop', 60],
  ]);
  await page.keyboard.press('Space');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Developer');
  await page.keyboard.press('Space');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Stop, acid');
  await page.keyboard.press('u');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Developer');
  await expect
    .poll(async () => (await page.request.get(`/api/v1/rolls/${id}/events`)).json())
    .toMatchObject({ events: { length: 3 } });
  await page.goto(`/logbook/rolls/${id}`);
  await expect(page.getByText('Taken back')).toBeVisible();
});

test('a run is ended early and leaves the sink; undo goes on with it', async ({ page }) => {
  await openRun(page, 'Spilled', [
    ['developer', 300],
    ['stop', 60],
  ]);
  await page.keyboard.press('Space');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Developer');
  await page.getByRole('button', { name: 'End here' }).click();
  await expect(page.getByText('Ended here. Undo goes on with it.')).toBeVisible();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Done');
  await page.getByRole('button', { name: 'Back' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Developer');
  await page.keyboard.press('e');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Done');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('contentinfo', { name: 'The sink' })).not.toContainText('Spilled');
});

test('a temperature off by more than 0.3 °C is said, and the end can follow it', async ({
  page,
}) => {
  await openRun(page, 'Warm', [
    ['developer', 300],
    ['stop', 60],
  ]);
  await page.keyboard.press('Space');
  await page.keyboard.press('t');
  await expect(page.getByRole('textbox')).toBeFocused();
  await page.keyboard.type('hot');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert')).toContainText('Type the temperature');
  await page.getByRole('textbox').fill('21.4');
  await page.keyboard.press('Enter');
  await expect(
    page.getByText('21.4° is more than 0.3 °C from what the time was worked out for.'),
  ).toBeVisible();
  const before = await page.getByTestId('clock').textContent();
  await page.getByRole('button', { name: /^End it at \d+:\d\d by what was read$/ }).click();
  await expect(page.getByText(/End moved \d+:\d\d (later|earlier), to/)).toBeVisible();
  await expect(page.getByTestId('clock')).not.toHaveText(before ?? '');
  await page.keyboard.press('u');
  await expect(page.getByRole('button', { name: /^End it at/ })).toBeVisible();
});

test('where the drift is followed a reading moves the end by itself, and says by how much', async ({
  page,
}) => {
  await open(page, '/film');
  await page.getByRole('button', { name: /^Recipe:/ }).click();
  await page.getByRole('radio', { name: /Halden 400 in Tansy 1\+31 EI 400/ }).click();
  await page.getByLabel('Developer reads').fill('20.6');
  await page.getByRole('button', { name: /^Temperature of the room/ }).click();
  await page.getByRole('textbox', { name: /^Temperature of the room/ }).fill('16');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/In a room of 16° the tank drifts to 19/)).toBeVisible();
  await expect(page.getByTestId('time')).toHaveText('9:33');
  await page.getByRole('button', { name: /^Pre-soak, time/ }).click();
  await page.getByRole('button', { name: 'Leave it out' }).click();
  await page.getByRole('button', { name: 'Take it to the sink' }).click();
  await expect(page).toHaveURL(/\/film\/run\//);
  await expect(page.getByTestId('clock')).toHaveText('9:33');
  await page.keyboard.press('Space');
  await expect(page.getByTestId('hands')).toHaveText('Keep turning it, gently');
  await page.keyboard.press('t');
  await expect(page.getByRole('textbox')).toBeFocused();
  await page.keyboard.type('21.5');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/End moved 0:\d\d earlier, to 8:\d\d\./)).toBeVisible();
  await expect(page.getByTestId('clock')).toHaveText(/^8:/);
});

test('baths more than 3 °C apart are said in the bath where it is read', async ({ page }) => {
  await openRun(page, 'Cold stop', [
    ['developer', 300],
    ['stop', 60],
  ]);
  await page.keyboard.press('Space');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Developer');
  await page.keyboard.press('Space');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Stop, acid');
  await page.keyboard.press('t');
  await expect(page.getByRole('textbox')).toBeFocused();
  await page.keyboard.type('15');
  await page.keyboard.press('Enter');
  await expect(page.getByText('15° here, 20.6° in the developer.')).toBeVisible();
});

test('Space is the big button even while another one has the focus', async ({ page }) => {
  await openRun(page, 'Focus', [
    ['developer', 300],
    ['stop', 60],
  ]);
  await page.keyboard.press('Space');
  await page.getByRole('button', { name: 'Note' }).focus();
  await page.keyboard.press('Space');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Stop, acid');
});

test('Space pours even while a temperature is being typed; in a note it is a space', async ({
  page,
}) => {
  await openRun(page, 'Typing', [
    ['developer', 300],
    ['stop', 60],
  ]);
  await page.keyboard.press('Space');
  await page.keyboard.press('t');
  await expect(page.getByRole('textbox')).toBeFocused();
  await page.keyboard.type('20');
  await page.keyboard.press('Space');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Stop, acid');
  await expect(page.getByRole('textbox')).toHaveValue('20');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('textbox')).toHaveCount(0);
  await page.keyboard.press('n');
  await expect(page.getByRole('textbox')).toBeFocused();
  await page.keyboard.type('late by a breath');
  await expect(page.getByRole('textbox')).toHaveValue('late by a breath');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Stop, acid');
});

test('what happened while the server was away is kept and written once', async ({ page }) => {
  const id = await openRun(page, 'Server away', [
    ['developer', 300],
    ['stop', 60],
  ]);
  await page.route('**/events/**', (route) => route.abort());
  await page.keyboard.press('Space');
  await expect(page.getByText('The server is away: 1 kept here')).toBeVisible();
  await page.unroute('**/events/**');
  await expect(page.getByText('The server is away')).toHaveCount(0, { timeout: 15_000 });
  const { events } = await (await page.request.get(`/api/v1/rolls/${id}/events`)).json();
  expect(events).toHaveLength(1);
});

test('a note is kept with the roll, during the run and at the desk', async ({ page }) => {
  const id = await openRun(page, 'Noted', [
    ['developer', 300],
    ['stop', 60],
  ]);
  await page.keyboard.press('Space');
  await page.keyboard.press('n');
  await expect(page.getByRole('textbox')).toBeFocused();
  await page.keyboard.type('one turn missed');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Noted.')).toBeVisible();
  await page.getByRole('link', { name: 'Out' }).click();
  await open(page, `/logbook/rolls/${id}`);
  await page.getByLabel('A note, with today’s date').fill('even, printable');
  await page.keyboard.press('Enter');
  await expect(page.getByText('even, printable')).toBeVisible();
  await expect(page.getByText('one turn missed')).toBeVisible();
});

test('out of the run the roll lies in the sink with its clock', async ({ page }) => {
  const id = await openRun(page, 'In the sink', [
    ['developer', 300],
    ['stop', 60],
  ]);
  await page.keyboard.press('Space');
  await page.keyboard.press('Escape');
  await expect(page).toHaveURL(/\/film$/);
  const tile = page.locator(`footer a[href="/film/run/${id}"]`);
  await expect(tile).toContainText(/4:[45]\d/);
  await page.goto('/logbook');
  await expect(tile).toBeVisible();
});
