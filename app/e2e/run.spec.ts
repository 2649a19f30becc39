import { expect, open, openRun, pressSpace, shortRoll, test } from './bench.ts';

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
  await pressSpace(page);
  await expect(page).toHaveURL(/\/film\/run\//);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Pre-soak');
  await page.waitForFunction(() => document.documentElement.dataset.ready !== undefined);
  const step = page.getByRole('heading', { level: 1 });
  await pressSpace(page);
  await expect(page.getByTestId('clock')).toHaveText(/^(1:00|0:5\d)$/);
  await pressSpace(page);
  await expect(page.getByTestId('hands')).toHaveText('Keep turning it, gently');
  await page.keyboard.press('t');
  await expect(page.getByRole('textbox')).toBeFocused();
  await page.keyboard.type('20.2');
  await page.keyboard.press('Enter');
  for (const next of ['Stop, acid', 'Fix', 'Wash', 'Wetting agent', 'Done']) {
    await pressSpace(page);
    await expect(step).toHaveText(next);
  }
  await expect(page.getByTestId('hands')).toHaveText('Hang it up');
  await pressSpace(page);
  await expect(page).toHaveURL(/\/logbook\/rolls\//);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Keyboard roll, Ferrow yard');
  await expect(page.getByRole('row', { name: /^Developer/ })).toContainText('0:0');
  await expect(page.getByText('20.2° read', { exact: true })).toBeVisible();
  await expect(page.getByText('Finished')).toBeVisible();
});

test('a bath has no pause: it runs over, visibly, until the next one is in', async ({ page }) => {
  const id = await openRun(page, 'Overrun', [
    ['developer', 3],
    ['stop', 60],
  ]);
  await pressSpace(page);
  await expect(page.getByTestId('hands')).toHaveText('Pour out', { timeout: 5000 });
  await expect(page.getByText('Pour it away')).toBeVisible();
  await expect(page.getByTestId('hands')).toHaveText('Time is up: stop in', { timeout: 5000 });
  await expect(page.getByTestId('clock')).toHaveText('−0:02', { timeout: 5000 });
  await pressSpace(page);
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
  await pressSpace(page);
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
  await pressSpace(page);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Developer');
  await pressSpace(page);
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
    ['fix', 60],
  ]);
  await pressSpace(page);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Developer');
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('button', { name: /^Stop this run/ }).click();
  await expect(page.getByText('Stopped here. Undo goes on with it.')).toBeVisible();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Stopped');
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Developer');
  await page.keyboard.press('e');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Stopped');
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
  await pressSpace(page);
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
  // Undo takes the end back, and the reading that moved it.
  await page.keyboard.press('u');
  await expect(page.getByTestId('clock')).toHaveText(/^4:[45]\d$/);
  await expect(page.getByRole('button', { name: /^End it at/ })).toHaveCount(0);
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
  await page.getByRole('button', { name: 'Remove' }).click();
  await page.getByRole('button', { name: 'Start developing' }).click();
  await expect(page).toHaveURL(/\/film\/run\//);
  await expect(page.getByTestId('clock')).toHaveText('9:33');
  await pressSpace(page);
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
  await pressSpace(page);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Developer');
  await pressSpace(page);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Stop, acid');
  await page.keyboard.press('t');
  await expect(page.getByRole('textbox')).toBeFocused();
  await page.keyboard.type('15');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert')).toContainText('15°C? By now it should be near 20.6°.');
  await page.keyboard.press('Enter');
  await expect(page.getByText('15° here, 20.6° in the developer.')).toBeVisible();
});

test('Space is the big button even while another one has the focus', async ({ page }) => {
  await openRun(page, 'Focus', [
    ['developer', 300],
    ['stop', 60],
  ]);
  await pressSpace(page);
  await page.getByRole('button', { name: /^Temperature/ }).focus();
  await pressSpace(page);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Stop, acid');
});

test('in a field Space types and Esc leaves; a held or doubled Space is one', async ({ page }) => {
  const id = await openRun(page, 'Typing', [
    ['developer', 300],
    ['stop', 60],
    ['fix', 60],
  ]);
  await pressSpace(page);
  await page.keyboard.press('t');
  await expect(page.getByRole('textbox')).toBeFocused();
  await page.keyboard.type('20 ');
  await expect(page.getByRole('textbox')).toHaveValue('20 ');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Developer');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('textbox')).toHaveCount(0);
  await pressSpace(page);
  // The second hit of a wet hand, and the repeats of a held key.
  await page.keyboard.press('Space');
  await page.keyboard.down('Space');
  await page.keyboard.down('Space');
  await page.keyboard.up('Space');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Stop, acid');
  await pressSpace(page);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Fix');
  await expect
    .poll(async () => (await (await page.request.get(`/api/v1/rolls/${id}/events`)).json()).events)
    .toHaveLength(3);
});

test('pouring the next bath early is said beside the button, and Undo takes it back', async ({
  page,
}) => {
  await openRun(page, 'Early', [
    ['developer', 300],
    ['stop', 60],
  ]);
  await pressSpace(page);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Developer');
  await pressSpace(page);
  await expect(page.getByText(/^(5:00|4:5\d) early; Undo takes it back\./)).toBeVisible();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.keyboard.press('u');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Developer');
});

test('a reading past belief is asked about, and one that was mistyped is taken back', async ({
  page,
}) => {
  const id = await openRun(page, 'Mistyped', [
    ['developer', 300],
    ['stop', 60],
  ]);
  const read = async (text: string) => {
    await page.keyboard.press('t');
    await expect(page.getByRole('textbox')).toBeFocused();
    await page.keyboard.type(text);
    await page.keyboard.press('Enter');
  };
  await pressSpace(page);
  await read('30');
  await expect(page.getByRole('alert')).toHaveText(
    '30°C? By now it should be near 20.6°. Look again; Save once more keeps it.',
  );
  await page.keyboard.press('Escape');
  await expect(page.getByRole('textbox')).toHaveCount(0);
  await read('70F');
  await expect(page.getByText('21.1° is more than 0.3 °C from')).toBeVisible();
  await page.getByRole('button', { name: /^End it at/ }).click();
  await expect(page.getByText(/End moved/)).toBeVisible();
  const moved = await page.getByTestId('clock').textContent();
  await page.getByRole('button', { name: 'Take the reading back' }).click();
  await expect(page.getByText('The reading is taken back; the log keeps it.')).toBeVisible();
  await expect(page.getByTestId('clock')).not.toHaveText(moved ?? '');
  await expect(page.getByText(/more than 0.3 °C from/)).toHaveCount(0);
  // Undo takes an end and the reading that moved it together.
  await read('21.5');
  await page.getByRole('button', { name: /^End it at/ }).click();
  await page.keyboard.press('u');
  await expect(page.getByText(/more than 0.3 °C from/)).toHaveCount(0);
  await expect
    .poll(async () => {
      const { events } = await (await page.request.get(`/api/v1/rolls/${id}/events`)).json();
      return events.map(({ kind }: { kind: string }) => kind);
    })
    .toEqual([
      'poured-in',
      ...['temperature', 'retimed', 'undone', 'undone'],
      ...['temperature', 'retimed', 'undone', 'undone'],
    ]);
});

test('a reading belongs to its bath: in the next one it warns no more', async ({ page }) => {
  await openRun(page, 'Its own bath', [
    ['developer', 300],
    ['stop', 60],
  ]);
  await pressSpace(page);
  await page.keyboard.press('t');
  await expect(page.getByRole('textbox')).toBeFocused();
  await page.keyboard.type('21.4');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/more than 0.3 °C from/)).toBeVisible();
  await pressSpace(page);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Stop, acid');
  await expect(page.getByText(/more than 0.3 °C from/)).toHaveCount(0);
});

test('a run that ends before the fix is not done: it says what is missing, and is stopped', async ({
  page,
}) => {
  const id = await openRun(page, 'Unfixed', [
    ['developer', 300],
    ['fix', 60],
    ['wash', 60],
  ]);
  await pressSpace(page);
  await page.keyboard.press('e');
  await expect(page.getByTestId('hands')).toHaveText('Not fixed: keep it dark');
  await expect(page.getByText('It lacks fix and wash')).toBeVisible();
  await expect
    .poll(async () => (await (await page.request.get(`/api/v1/rolls/${id}`)).json()).state)
    .toBe('stopped');
  await open(page, `/logbook/rolls/${id}`);
  await expect(page.getByText('Stopped before the fix; it lacks fix and wash.')).toBeVisible();
});

test('a run poured ten days ago opens at once, leaves the sink alone, and is offered to be ended', async ({
  page,
}) => {
  const id = await shortRoll(page, 'Forgotten in the sink', [
    ['developer', 300],
    ['fix', 60],
  ]);
  const event = crypto.randomUUID();
  const pour = { id: event, kind: 'poured-in', stepId: 'developer', atMs: Date.now() - 864e6 };
  await page.request.put(`/api/v1/rolls/${id}/events/${event}`, { data: pour });
  await open(page, '/film');
  const sink = page.getByRole('contentinfo', { name: 'The sink' });
  await expect(sink).toContainText('Forgotten in the sink was begun and never ended.');
  await expect(sink).toContainText('The sink is empty');
  await sink.getByRole('link', { name: 'Forgotten in the sink' }).click();
  await expect(page.getByTestId('hands')).toHaveText('Begun and never ended');
  await expect(page.getByText('It went in 10 days ago')).toBeVisible();
  // After a reload the first touch brings the sound back, and ends nothing.
  await open(page, `/film/run/${id}`);
  await expect(page.getByText(/^No sound until you touch/)).toBeVisible();
  await pressSpace(page);
  await expect(page.getByText(/^No sound until you touch/)).toHaveCount(0);
  await pressSpace(page);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Stopped');
  await open(page, `/logbook/rolls/${id}`);
  await expect(page.getByRole('row', { name: /^Developer/ })).toContainText('5:00');
});

test('a second screen on the same run follows it', async ({ page, browser, baseURL }) => {
  const id = await openRun(page, 'Two screens', [
    ['developer', 300],
    ['stop', 60],
  ]);
  // Another device: nothing is shared but the server.
  const other = await (await browser.newContext({ ...(baseURL && { baseURL }) })).newPage();
  await open(other, `/film/run/${id}`);
  const tab = await page.context().newPage();
  await open(tab, `/film/run/${id}`);
  await page.bringToFront();
  await pressSpace(page);
  await expect(other.getByRole('heading', { level: 1 })).toHaveText('Developer');
  await expect(other.getByTestId('clock')).toHaveText(/^(5:00|4:5\d)$/, { timeout: 10_000 });
  await expect(tab.getByTestId('clock')).toHaveText(/^(5:00|4:5\d)$/);
  await other.context().close();
});

test('what the developer really got is told, and the advice counts it', async ({ page }) => {
  const id = await shortRoll(page, 'Overdone', [
    ['developer', 95],
    ['fix', 60],
  ]);
  const at = Date.now() - 600_000;
  const happened = [
    { kind: 'poured-in', stepId: 'developer', atMs: at },
    { kind: 'poured-in', stepId: 'fix', atMs: at + 146_000 },
    { kind: 'finished', atMs: at + 300_000 },
  ];
  for (const event of happened) {
    const eventId = crypto.randomUUID();
    const data = { ...event, id: eventId };
    await page.request.put(`/api/v1/rolls/${id}/events/${eventId}`, { data });
  }
  await open(page, `/logbook/rolls/${id}`);
  await expect(page.getByTestId('given')).toHaveText(
    'Developed to 154 % of what was asked: as 1¼ stops of push more, contrast ×1.34, highlights harder.',
  );
  await page.getByRole('button', { name: /^Highlights:/ }).click();
  await page.getByRole('radio', { name: 'blocked' }).click();
  await expect(page.getByText(/Developed for longer than was asked for/)).toBeVisible();
  // What a mark advises is carried to the next time.
  await page.getByRole('checkbox', { name: 'small round thin spots' }).check();
  await expect(page.getByLabel('What to change next time')).toHaveValue(
    /Keep to the time before changing the EI\. .*Tap/,
  );
  await page.getByRole('button', { name: 'Save the verdict' }).click();
  await expect(page.getByText(/Next time: Keep to the time/)).toBeVisible();
});

test('what happened while the server was away is kept and written once', async ({ page }) => {
  const id = await openRun(page, 'Server away', [
    ['developer', 300],
    ['stop', 60],
  ]);
  await page.route('**/events/**', (route) => route.abort());
  await pressSpace(page);
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
  await pressSpace(page);
  await page.keyboard.press('n');
  await expect(page.getByRole('textbox')).toBeFocused();
  await page.keyboard.type('one turn missed');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Noted.')).toBeVisible();
  await page.keyboard.press('Escape');
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
  await pressSpace(page);
  await page.keyboard.press('Escape');
  await expect(page).toHaveURL(/\/film$/);
  const tile = page.locator(`footer a[href="/film/run/${id}"]`);
  await expect(tile).toContainText(/4:[45]\d/);
  await page.goto('/logbook');
  await expect(tile).toBeVisible();
});
