import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { format } from 'date-fns';
import {
  expect,
  leavePrint,
  open,
  openPrint,
  pressSpace,
  prefer,
  shortRoll,
  stripRead,
  test,
} from './bench.ts';

test('Tonight says what waits, and each is one touch away; a frame becomes a print', async ({
  page,
}) => {
  await leavePrint(page, { ...stripRead, title: 'Ladle on its rest' });
  await open(page, '/');
  await expect(page.getByRole('heading', { level: 1, name: 'Tonight' })).toBeVisible();
  await expect(page.getByRole('link', { name: 'Tonight' })).toHaveAttribute('aria-current', 'page');
  const rolls = page.getByRole('region', { name: 'Rolls to develop' });
  await expect(rolls.getByRole('link').first()).toContainText(/at EI \d+, \d+ × /);
  // The one that was touched last stands first, with its next step.
  const print = page
    .getByRole('region', { name: 'Prints in hand' })
    .getByRole('link', { name: /Ladle on its rest/ });
  await expect(print).toContainText(/One more strip|Fire the print/);
  await expect(page.getByRole('region', { name: 'Baths near their end' })).toBeVisible();
  await print.press('Enter');
  await expect(page).toHaveURL(/\/print\/[0-9a-f-]{36}$/);
  await expect(page.getByText('Ladle on its rest').first()).toBeVisible();
  await page.getByRole('link', { name: 'Tonight' }).press('Enter');
  const frames = page.getByRole('region', { name: 'Frames to print' });
  // Rolls of other tests have names of their own.
  const ours = /[A-Z]-\d+ \/ \d+/;
  const frame = frames.getByRole('button', { name: ours }).first();
  const name = (await frame.textContent())!.match(ours)![0];
  await frame.press('Enter');
  await expect(page).toHaveURL(/\/print\/[0-9a-f-]{36}$/);
  await expect(page.getByRole('button', { name: `Negative: ${name}` })).toBeVisible();
});

test('the big button begins with what stands first; numbers open the others', async ({ page }) => {
  await prefer(page, { light: 'red' });
  await page.setViewportSize({ width: 390, height: 844 });
  await open(page, '/');
  const waiting = page.locator('main section li > a:first-child');
  const title = async (at: number) =>
    (await waiting.nth(at).locator('.text-lg').textContent())!.split(' · ')[0]!.trim();
  const [first, second] = [await title(0), await title(1)];
  await pressSpace(page);
  await expect(page.getByRole('heading', { level: 1 })).toContainText(first);
  await page.goBack();
  await expect(page.getByRole('heading', { level: 1, name: 'Tonight' })).toBeVisible();
  await page.keyboard.press('2');
  await expect(page.getByRole('heading', { level: 1 })).toContainText(second);
});

test('a run under way stands there with its clock', async ({ page, rolls }) => {
  const id = await shortRoll(page, 'R-500, under way', [['developer', 600]]);
  rolls.push(id);
  const event = {
    ...{ id: randomUUID(), kind: 'poured-in', stepId: 'developer', atMs: Date.now() },
  };
  await page.request.put(`/api/v1/rolls/${id}/events/${event.id}`, { data: event });
  await open(page, '/');
  const underWay = page.getByRole('region', { name: 'Under way' });
  const line = underWay.getByRole('listitem').filter({ hasText: 'R-500, under way' });
  await expect(line).toContainText('Developer');
  await expect(line.getByRole('timer')).toHaveText(/^(10:00|9:[45]\d)$/);
  await line.getByRole('link').press('Enter');
  await expect(page).toHaveURL(new RegExp(`/film/run/${id}$`));
  // It is part of the evening, ticked or not, from its real start on.
  await open(page, '/evening');
  const steps = page.getByRole('list', { name: 'Step by step' });
  await expect(
    steps.getByRole('listitem').filter({ hasText: 'R-500, under way' }).first(),
  ).toContainText('develop');
  await expect(page.getByTestId('evening')).toHaveText(/^\s*Done at/);
});

test('an evening is planned by ticks: the list, another order and what it costs, what does not fit', async ({
  page,
}) => {
  await leavePrint(page, { ...stripRead, title: 'Bench by the lehr' });
  await open(page, '/');
  await page.keyboard.press('p');
  await expect(page.getByRole('heading', { level: 1, name: 'Plan the evening' })).toBeVisible();
  const todo = page.getByRole('region', { name: 'What is to be done' });
  await todo.getByRole('checkbox', { name: /R-123, the night pour/ }).check();
  await todo.getByRole('checkbox', { name: /Bench by the lehr/ }).check();
  const evening = page.getByTestId('evening');
  await expect(evening).toHaveText(/^\s*Done at \d\d:\d\d\.\s*$/);
  const steps = page.getByRole('list', { name: 'Step by step' });
  await expect(steps).toContainText('load the tank');
  await expect(steps).toContainText(/wash, by itself until \d\d:\d\d/);
  await expect(page.getByTestId('timeline').locator('rect').first()).toBeVisible();
  await expect(page.getByRole('list', { name: 'Afterwards' })).toContainText(
    'R-123, the night pour hangs to dry until',
  );
  const file = page.waitForEvent('download');
  await page.getByRole('button', { name: 'For a calendar (.ics)' }).press('Enter');
  expect((await file).suggestedFilename()).toBe('evening.ics');
  // Another order says what it costs, and the best one comes back.
  await steps
    .getByRole('button', { name: /R-123.*: later/ })
    .first()
    .press('Enter');
  await expect(page.getByText(/^In this order it ends/)).toBeVisible();
  await page.keyboard.press('b');
  await expect(page.getByText(/^In this order it ends/)).toHaveCount(0);
  // So does a hand that drags a task along the evening.
  const bar = page.getByTestId('timeline').locator('rect').first();
  await bar.scrollIntoViewIfNeeded();
  const box = (await bar.boundingBox())!;
  await page.mouse.move(box.x + 8, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + 500, box.y + box.height / 2, { steps: 5 });
  await page.mouse.up();
  await expect(page.getByText(/^In this order it ends/)).toBeVisible();
  await page.getByRole('button', { name: 'The best order again' }).press('Enter');
  await page.getByLabel('Dinner at').fill('late');
  await expect(page.getByRole('alert')).toHaveText('Type a time of day, as 20:00.');
  await page.getByLabel('Dinner at').fill('');
  await page.reload();
  await expect(todo.getByRole('checkbox', { name: /Bench by the lehr/ })).toBeChecked();
  await expect(evening).toHaveText(/^\s*Done at/);
});

test('the evening is begun by the big button, which then is the next thing; what is over the sink comes first', async ({
  page,
}) => {
  await leavePrint(page, {
    ...{
      ...stripRead,
      title: 'Marver in the light',
      first: '1',
      step: '1',
      patches: '2',
      lag: '0',
    },
    ...{ earlier: [], highlight: null, shadow: null },
  });
  await open(page, '/evening');
  const todo = page.getByRole('region', { name: 'What is to be done' });
  await pressSpace(page);
  const ticks = todo.getByRole('listitem').getByRole('checkbox');
  for (const tick of await ticks.all()) await expect(tick).toBeChecked();
  await todo.getByRole('button', { name: 'None of it' }).click();
  await todo.getByRole('checkbox', { name: /R-123, the night pour/ }).check();
  const big = page.locator('.big').getByRole('button');
  await expect(big).toHaveText(/Begin: load the tank, R-123, the night pour/);
  const steps = page.getByRole('list', { name: 'Step by step' });
  await expect(steps.getByRole('link', { name: 'develop' })).toHaveAttribute(
    'href',
    /^\/film\?roll=/,
  );
  await pressSpace(page);
  await expect(page).toHaveURL(/\/evening\/lights-out\?rolls=/);
  await expect(page.getByRole('heading', { level: 1 })).toContainText('R-123, the night pour');
  await page.goBack();
  await expect(steps.getByText('load the tank, begun')).toBeVisible();
  await expect(big).toHaveText(/Next, \d\d:\d\d: mix and temper, R-123, the night pour/);
  // Not begun after all; and begun it is, after a reload too.
  await steps.getByRole('button', { name: /load the tank: not begun yet/ }).click();
  await expect(big).toHaveText(/Begin: load the tank/);
  await pressSpace(page);
  await open(page, '/evening');
  await expect(big).toHaveText(/mix and temper/);
  // Paper whose time is over burns more than anything planned.
  await openPrint(page, '/fire?what=strip');
  for (const hands of ['Nothing covered, 1.0 s', 'Card over one patch, 1.0 s']) {
    await pressSpace(page);
    await expect(page.getByTestId('hands')).toHaveText(hands);
  }
  await pressSpace(page);
  await expect(page.getByTestId('hands')).toHaveText('All given. Into the developer.');
  await pressSpace(page);
  await expect(page.getByRole('contentinfo', { name: 'The sink' })).toContainText('strip');
  // Not before its time: a press would lift it out too early.
  await open(page, '/evening');
  await expect(page.getByRole('contentinfo', { name: 'The sink' })).toContainText('strip');
  await expect(big).toHaveText(/mix and temper/);
  const laidEarlier = (seconds: number) =>
    page.evaluate((by) => {
      const sheets = JSON.parse(localStorage.getItem('katachron-sheets')!);
      for (const event of sheets[0].events) event.atMs -= by * 1000;
      localStorage.setItem('katachron-sheets', JSON.stringify(sheets));
    }, seconds);
  await laidEarlier(200);
  await open(page, '/evening');
  await expect(big).toHaveText(/strip .*, Marver.*: on to Stop/);
  await open(page, '/');
  await expect(big).toHaveText(/: on to Stop/);
  await pressSpace(page);
  await expect(page.getByRole('region', { name: 'Under way' })).toContainText('Stop');
  await expect(big).toHaveText(/Begin with the first/);
  // As its time comes the button says something else: a press that was meant for what stood there does nothing.
  await page.evaluate(() => {
    new MutationObserver((_, watching) => {
      if (!document.querySelector('.big')?.textContent.includes(': on to Fix')) return;
      watching.disconnect();
      document.body.dispatchEvent(new KeyboardEvent('keydown', { key: ' ', bubbles: true }));
    }).observe(document.body, { subtree: true, childList: true, characterData: true });
  });
  await expect(big).toHaveText(/: on to Fix/, { timeout: 60_000 });
  await expect(page.getByRole('region', { name: 'Under way' })).toContainText('Stop');
  await pressSpace(page);
  await expect(page.getByRole('region', { name: 'Under way' })).toContainText('Fix');
});

test('what the plan takes for granted stands on it and can be changed; its check list has a date', async ({
  page,
}) => {
  await open(page, '/evening');
  await page.getByRole('checkbox', { name: /R-123, the night pour/ }).check();
  const evening = page.getByTestId('evening');
  await expect(evening).toHaveText(/Done at/);
  const before = await evening.textContent();
  await page.getByText('What the plan takes for granted').press('Enter');
  await expect(page.getByLabel('Places on the line')).toHaveAttribute('placeholder', '8');
  await page.getByLabel('Load the tank (roll), min').fill('38');
  await expect(evening).not.toHaveText(before!);
  await page.getByLabel('Load the tank (roll), min').fill('long');
  await expect(page.getByRole('alert')).toHaveText(
    'Type how many minutes a step takes, as 8; not “long”.',
  );
  await page.getByLabel('Load the tank (roll), min').fill('');
  await page.getByLabel('Tanks', { exact: true }).fill('0');
  await expect(page.getByRole('alert')).toHaveText('Type how many tanks there are, from 1 to 60.');
  await page.getByLabel('Tanks', { exact: true }).fill('2');
  await expect(evening).toHaveText(before!);
  const sent = page.waitForRequest('**/check-list.pdf');
  await page.getByRole('button', { name: 'A check list (.pdf)' }).press('Enter');
  const { date, lines } = (await sent).postDataJSON();
  expect(date).toBe(format(Date.now(), 'd MMMM yyyy'));
  expect(lines.map(({ step }: { step: string }) => step)).toContainEqual(
    expect.stringMatching(/^wash, until \d\d:\d\d$/),
  );
});

/** The evening that this browser keeps, as if it had been planned so much earlier, min. */
async function begunEarlier(page: Page, minutes: number, times: readonly string[]) {
  await page.evaluate(
    ([by, ...texts]) => {
      const two = (number: number) => String(number).padStart(2, '0');
      const earlier = (text: string) => {
        const [hours, mins] = text.split(':').map(Number);
        const at = (((hours! * 60 + mins! - Number(by)) % 1440) + 1440) % 1440;
        return `${two(Math.floor(at / 60))}:${two(at % 60)}`;
      };
      const moved = texts.map((text) => [text, earlier(text)] as const);
      const key = 'katachron-evening';
      const kept = localStorage.getItem(key)!.replaceAll(/\d\d:\d\d/g, (text) => {
        return moved.find(([from]) => from === text)?.[1] ?? text;
      });
      const [form] = JSON.parse(kept);
      const promised = JSON.parse(form.promised);
      const ms = Number(by) * 60_000;
      promised.endMs -= ms;
      for (const place of promised.places) {
        place[2] -= ms;
        place[3] -= ms;
      }
      form.since = String(Number(form.since) - ms);
      form.promised = JSON.stringify(promised);
      localStorage.setItem(key, JSON.stringify([form]));
    },
    [String(minutes), ...times],
  );
  await page.reload();
}

test('once dinner has begun the plan stays, and past midnight it is the same evening', async ({
  page,
}) => {
  await leavePrint(page, { ...stripRead, title: 'Pots by the lehr' });
  await open(page, '/evening');
  const startMs = Date.now();
  const clock = (inMinutes: number) => format(startMs + inMinutes * 60_000, 'HH:mm');
  const [dinnerAt, outAt] = [clock(60), clock(330)];
  await page.getByRole('checkbox', { name: /R-123, the night pour/ }).check();
  await page.getByRole('checkbox', { name: /Pots by the lehr/ }).check();
  await page.getByLabel('Dinner at').fill(dinnerAt);
  await page.getByLabel('for, minutes').fill('45');
  await page.getByLabel('Out at').fill(outAt);
  const evening = page.getByTestId('evening');
  await expect(evening).toHaveText(/^\s*Done at \d\d:\d\d\.\s*$/);
  const steps = page.getByRole('list', { name: 'Step by step' });
  const dinner = steps.getByRole('listitem').filter({ hasText: 'dinner' });
  await expect(dinner).toContainText(dinnerAt);
  // In the middle of dinner, and loaded anew: what is left of it is kept free, and all else is later by what was not begun.
  await begunEarlier(page, 70, [dinnerAt, outAt]);
  await expect(page.getByLabel('Dinner at')).toHaveValue(clock(-10));
  await expect(dinner).toHaveText(new RegExp(`${clock(-10)}\\s*dinner`));
  await expect(evening).toContainText(/\d+ minutes later than planned/);
  await expect(page.getByRole('alert')).toHaveCount(0);
  const planned = steps.getByRole('listitem').filter({ hasNotText: 'dinner' });
  await expect(planned.first()).toContainText(/\d\d:\d\d/);
  // It is over, and stands where it was.
  await begunEarlier(page, 60, [clock(-10), clock(260)]);
  await expect(dinner).toContainText('dinner, done');
  await expect(evening).toContainText(/\d+ minutes later than planned/);
  // Past its end, whatever the date: what has not begun is for another day, until another end is typed.
  await begunEarlier(page, 240, [clock(-70), clock(200)]);
  await expect(page.getByText(/^Does not fit before the end/)).toContainText('Pots by the lehr');
  await expect(page.getByRole('alert')).toHaveCount(0);
  await page.getByLabel('Out at').fill('');
  await expect(evening).toHaveText(/Done at \d\d:\d\d/);
  await expect(dinner).toContainText('dinner, done');
  await expect(evening).not.toContainText('1440');
});

test('an evening of more than a day has an hour twice, and stays', async ({ page, rolls }) => {
  const id = await shortRoll(page, 'R-888, standing', [
    ['developer', 36_000],
    ['stop', 36_000],
    ['fix', 36_000],
  ]);
  rolls.push(id);
  const eventId = randomUUID();
  await page.request.put(`/api/v1/rolls/${id}/events/${eventId}`, {
    data: { id: eventId, kind: 'poured-in', stepId: 'developer', atMs: Date.now() },
  });
  await open(page, '/evening');
  const hours = page.getByTestId('timeline').locator('text[text-anchor="middle"]');
  await expect(hours.first()).toBeVisible();
  const labels = await hours.allTextContents();
  expect(new Set(labels).size).toBeLessThan(labels.length);
  await page.getByRole('checkbox', { name: /R-123, the night pour/ }).check();
  await expect(page.getByRole('list', { name: 'Step by step' })).toContainText('load the tank');
});

test('a strip that is fired is followed from its first light on, and stands there once', async ({
  page,
}) => {
  await leavePrint(page, {
    ...{ ...stripRead, title: 'Ring of glass', first: '1', step: '1', patches: '2', lag: '0' },
    ...{ earlier: [], highlight: null, shadow: null },
  });
  await openPrint(page, '/fire?what=strip');
  await pressSpace(page);
  await pressSpace(page);
  await expect(page.getByTestId('hands')).toHaveText('Card over one patch, 1.0 s', {
    timeout: 10_000,
  });
  await pressSpace(page);
  await expect(page.getByTestId('hands')).toHaveText('All given. Into the developer.', {
    timeout: 10_000,
  });
  await open(page, '/evening');
  const steps = page.getByRole('list', { name: 'Step by step' });
  const strip = steps.getByRole('listitem').filter({ hasText: 'strip 1: Ring of glass' });
  const begun = strip.filter({ hasText: 'fire it' });
  await expect(begun).toHaveCount(1);
  await page.getByRole('checkbox', { name: /Ring of glass/ }).check();
  await expect(steps).toContainText('print: Ring of glass');
  await expect(begun).toHaveCount(1);
  // In the trays it is what the sink says it is, and its firing stays where it was.
  await openPrint(page, '/fire?what=strip');
  await pressSpace(page);
  await expect(page.getByRole('contentinfo', { name: 'The sink' })).toContainText('strip 1');
  await open(page, '/evening');
  await expect(begun).toHaveCount(1);
  await expect(strip.filter({ hasText: 'develop and fix it' })).toHaveCount(1);
});

test('the end is told anew while things happen, with what made it later', async ({
  page,
  rolls,
}) => {
  const id = await shortRoll(page, 'R-777, slow water', [
    ['developer', 600],
    ['fix', 300],
    ['wash', 1200],
  ]);
  rolls.push(id);
  const happens = (event: object) => {
    const eventId = randomUUID();
    return page.request.put(`/api/v1/rolls/${id}/events/${eventId}`, {
      data: { id: eventId, stepId: 'developer', ...event },
    });
  };
  await happens({ kind: 'poured-in', atMs: Date.now() });
  await open(page, '/evening');
  const evening = page.getByTestId('evening');
  await expect(evening).toHaveText(/^\s*Done at \d\d:\d\d\.\s*$/);
  await happens({ kind: 'retimed', atMs: Date.now(), seconds: 1800, because: 'extra' });
  await expect(evening).toHaveText(
    /Done at \d\d:\d\d\.\s*20 minutes later than planned: R-777, slow water\./,
    { timeout: 15_000 },
  );
});

test('bottles that are cold are set to warm; the evening goes out as a page to tick off', async ({
  page,
}) => {
  await open(page, '/evening');
  await page.getByRole('checkbox', { name: /R-123, the night pour/ }).check();
  const steps = page.getByRole('list', { name: 'Step by step' });
  await expect(steps).toContainText('mix and temper');
  await page.getByLabel('Bottles read, °C').fill('4');
  await expect(steps).toContainText(/mix, set the bottles into water of \d/);
  await expect(steps).toContainText(
    /the bottles come to their temperature, by itself until \d\d:\d\d/,
  );
  await page.getByText('Where the times come from').press('Enter');
  await expect(page.getByText('All other times are usual ones')).toBeVisible();
  const file = page.waitForEvent('download');
  await page.getByRole('button', { name: 'A check list (.pdf)' }).press('Enter');
  const download = await file;
  expect(download.suggestedFilename()).toBe('evening.pdf');
  expect(
    readFileSync(await download.path())
      .subarray(0, 5)
      .toString(),
  ).toBe('%PDF-');
  await page.getByLabel('Bottles read, °C').fill('cold');
  await expect(page.getByRole('alert')).toContainText('Type the temperature in °C');
});

test('the plan of an evening is a list on a phone, in red', async ({ page }) => {
  await prefer(page, { light: 'red' });
  await page.setViewportSize({ width: 390, height: 844 });
  await open(page, '/evening');
  await expect(page.getByText('Tick what should be done')).toBeVisible();
  await page.getByRole('checkbox', { name: /R-123, the night pour/ }).check();
  await expect(page.getByRole('list', { name: 'Step by step' })).toContainText('develop');
  await expect(page.getByTestId('timeline')).toBeHidden();
});

test('before the lights go out: what lies within reach is ticked, then each step is one tap in Dark', async ({
  page,
}) => {
  await open(page, '/');
  const rolls = page.getByRole('region', { name: 'Rolls to develop' });
  await rolls
    .getByRole('listitem')
    .filter({ hasText: 'R-123, the night pour' })
    .getByRole('link', { name: 'Before the lights go out' })
    .press('Enter');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('R-123, the night pour');
  // With nothing ticked it is asked about.
  await pressSpace(page);
  await expect(page.getByText('Nothing is ticked.')).toBeVisible();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.getByRole('checkbox', { name: 'Cassette opener' }).check();
  await expect(page.getByText('Nothing is ticked.')).toHaveCount(0);
  await expect(page.getByRole('status').filter({ hasText: 'Still to be laid out' })).toContainText(
    'scissors',
  );
  await pressSpace(page);
  await expect(page.getByRole('dialog', { name: 'Dark' })).toBeVisible();
  const step = page.getByTestId('loading-step');
  await expect(step).toContainText('Open the cassette at its flat end');
  for (const words of ['Cut the leader off square', 'Feed it into the reel', 'Walk it on']) {
    await pressSpace(page);
    await expect(step).toContainText(words);
  }
  await expect(step).toContainText('If it binds: Tap the reel on the table');
  // Loaded anew in the dark it is at the same step.
  const at = await step.getByText(/^\d+ of \d+$/).textContent();
  expect(at).toMatch(/^4 of/);
  await page.reload();
  await expect(page.locator('html')).toHaveAttribute('data-ready', '');
  await expect(step).toContainText(at!);
  await pressSpace(page);
  await pressSpace(page);
  await expect(step).toContainText('the lid on, and turn it until it stops');
  await pressSpace(page);
  await expect(step).toHaveText('The tank is closed.');
  // On to the film of these rolls, and of no others.
  await page.keyboard.down('Space');
  await page.getByRole('button', { name: /^Closed, / }).waitFor();
  await page.keyboard.up('Space');
  await page.getByRole('button', { name: /^Closed, / }).click();
  await page.getByRole('button', { name: 'To the film' }).click();
  await expect(page).toHaveURL(/\/film(\?roll=.*)?$/);
  await expect(page.getByRole('main')).toContainText('R-123, the night pour');
});
