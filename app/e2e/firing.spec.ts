import {
  expect,
  leavePrint,
  listen,
  prefer,
  stripRead,
  test,
  pressSpace,
  A_PRINT,
  open,
  openPrint,
} from './bench.ts';
import { inSight } from './in-sight.ts';

const LAMP_ON_HZ = 1047;
const LAMP_OFF_HZ = 392;
const LATEST_MS = 50;
/** Two patches of three seconds each, so that a busy machine sees every light; nothing seen on them yet. */
const shortStrip = {
  ...stripRead,
  first: '3',
  step: '1',
  patches: '2',
  lag: '0',
  earlier: [],
  highlight: null,
  shadow: null,
};

test('a strip is fired by Space in red: list, count-in, light, next patch, developer', async ({
  page,
}) => {
  await prefer(page, { light: 'red' });
  await leavePrint(page, shortStrip);
  const beeps = await listen(page);
  await openPrint(page);
  await pressSpace(page);
  await expect(page.getByRole('heading', { name: 'Before the light' })).toBeVisible();
  await expect(page.getByText('Focus lamp off')).toBeVisible();
  await expect(page.getByText('Paper box shut')).toBeVisible();
  await pressSpace(page);
  await expect(page.getByTestId('hands')).toHaveText('Nothing covered, 3.0 s');
  await expect(page.getByText('Then: Card over one patch, 3.0 s.')).toBeVisible();
  await pressSpace(page);
  await expect(page.getByTestId('hands')).toHaveText('Light in …');
  await expect(page.getByTestId('lamp')).toContainText('Lamp on');
  await expect(page.getByTestId('hands')).toHaveText('Card over one patch, 3.0 s');
  await expect(page.getByTestId('lamp')).toContainText('Lamp off');
  const heard = await beeps();
  const on = heard.find(({ frequencyHz }) => frequencyHz === LAMP_ON_HZ)!;
  const off = heard.find(({ frequencyHz }) => frequencyHz === LAMP_OFF_HZ)!;
  expect(Math.abs(off.heardMs - on.heardMs - 3000)).toBeLessThan(LATEST_MS);
  await pressSpace(page);
  await expect(page.getByTestId('hands')).toHaveText('All given. Into the developer.', {
    timeout: 10_000,
  });
  await pressSpace(page);
  await expect(
    page.getByRole('contentinfo', { name: 'The sink' }).getByRole('button', { name: /^strip 1/ }),
  ).toHaveAccessibleName(/(2:00|1:5\d) left/);
});

for (const gapMs of [50, 300, 600]) {
  test(`a second press ${gapMs} ms after any other lights no lamp, on the way out of it neither`, async ({
    page,
  }) => {
    await page.clock.install();
    await leavePrint(page, shortStrip);
    await openPrint(page);
    const lamp = page.getByTestId('lamp');
    const hands = page.getByTestId('hands');
    // From here on time goes as the test lets it.
    await page.clock.pauseAt(Date.now() + 60_000);
    const once = async () => {
      await page.clock.runFor(1000);
      await page.keyboard.press('Space');
    };
    const twice = async () => {
      await once();
      await page.clock.runFor(gapMs);
      await page.keyboard.press('Space');
    };
    const notLit = async () => {
      await page.clock.runFor(10_000);
      await expect(page.getByText('Light in …')).toHaveCount(0);
      await expect(page.getByText(/Lamp on/)).toHaveCount(0);
    };
    await twice();
    await expect(page.getByRole('heading', { name: 'Before the light' })).toBeVisible();
    await notLit();
    await expect(page.getByRole('heading', { name: 'Before the light' })).toBeVisible();
    await twice();
    await expect(hands).toHaveText('Nothing covered, 3.0 s');
    await notLit();
    await expect(hands).toHaveText('Nothing covered, 3.0 s');
    // The firing itself; what is pressed as it ends is no press for the next one.
    await once();
    await expect(hands).toHaveText('Light in …');
    await page.clock.runFor(6200);
    await expect(hands).toHaveText('Card over one patch, 3.0 s');
    await page.keyboard.press('Space');
    await notLit();
    await once();
    await page.clock.runFor(10_000);
    await expect(hands).toHaveText('All given. Into the developer.');
    // The way back takes as long as the server does: nothing on the page that is left hears a press.
    let letGo = () => {};
    const held = new Promise<void>((done) => (letGo = done));
    await page.route('**/api/health', async (route) => {
      await held;
      await route.continue();
    });
    const asked = page.waitForRequest('**/api/health');
    await twice();
    await asked;
    await notLit();
    await page.keyboard.press('Space');
    await notLit();
    await expect(lamp).toHaveCount(0);
    letGo();
    await expect(page).toHaveURL(A_PRINT);
    const stored = async () => {
      await page.clock.runFor(1000);
      const id = page.url().split('/').at(-1)!;
      return (await (await page.request.get(`/api/v1/prints-in-hand/${id}`)).json()).draft;
    };
    await expect.poll(async () => (await stored()).firing).toBeUndefined();
  });
}

test('a page that is left puts the lamp out, and what it gave is kept', async ({ page }) => {
  await page.clock.install();
  await leavePrint(page, { ...shortStrip, first: '20' });
  await openPrint(page);
  await pressSpace(page);
  await expect(page.getByRole('heading', { name: 'Before the light' })).toBeVisible();
  await pressSpace(page);
  await pressSpace(page);
  await expect(page.getByTestId('hands')).toHaveText('Light in …');
  await page.clock.runFor(8000);
  await expect(page.getByTestId('lamp')).toContainText('Lamp on');
  await page.goBack();
  await expect(page.getByTestId('lamp')).toHaveCount(0);
  await page.goForward();
  await expect(page.getByTestId('lamp')).toContainText('Lamp off');
  await expect(page.getByRole('alert').filter({ hasText: 'Stopped early' })).toBeVisible();
});

test('a lamp on a timer of its own burns on when its page is left, and every page says so, with X', async ({
  page,
}) => {
  await page.clock.install();
  await leavePrint(page, { ...shortStrip, first: '60', lampBy: 'own-timer' });
  await openPrint(page, '/fire?what=strip');
  const fired = page.url();
  await pressSpace(page);
  await pressSpace(page);
  await expect(page.getByTestId('hands')).toHaveText('Light in …');
  await page.clock.runFor(8000);
  await expect(page.getByTestId('hands')).toHaveText('Nothing covered');
  const burns = page.getByRole('alert', { name: 'A lamp burns' });
  await expect(burns).toHaveCount(0);
  await page.keyboard.press('Escape');
  await expect(page).toHaveURL(A_PRINT);
  await page.clock.runFor(500);
  await expect(burns).toContainText(/The lamp burns over strip 1: \d\d\.\d s\./);
  // By a typed address and by a link too.
  for (const path of ['/', '/film', '/print/setup']) {
    await open(page, path);
    await page.clock.runFor(500);
    await expect(burns).toContainText(/The lamp burns over strip 1: \d\d\.\d s\./);
  }
  await page.getByRole('link', { name: 'Logbook' }).click();
  await page.clock.runFor(500);
  await expect(burns).toBeVisible();
  // On a page that has an X of its own, reached by a link, the lamp comes first.
  await open(page, '/print/two-negatives/3d9a5e10-0c7b-4f26-a1d4-000000000097');
  await page.locator('a[href$="/sheet"]').first().click();
  await expect(page.getByRole('heading', { name: /^On one sheet/ })).toBeVisible();
  await page.clock.runFor(500);
  await expect(burns).toBeVisible();
  await page.keyboard.press('x');
  await expect(page).toHaveURL(fired);
  await expect(page.getByRole('alert').filter({ hasText: 'Stopped early' })).toBeVisible();
  await expect(page.getByTestId('clock')).toHaveText(/^[34]\d\.\d$/);
  await open(page, '/');
  await page.clock.runFor(500);
  await expect(burns).toHaveCount(0);
});

test('the lamp goes out on X, and only what is lacking is given again', async ({ page }) => {
  await leavePrint(page, { ...shortStrip, first: '20' });
  await openPrint(page, '/fire?what=strip');
  await pressSpace(page);
  await pressSpace(page);
  await expect(page.getByTestId('lamp')).toContainText('Lamp on', { timeout: 10_000 });
  await page.waitForTimeout(600);
  await page.keyboard.press('x');
  await expect(page.getByTestId('lamp')).toContainText('Lamp off');
  await expect(page.getByTestId('clock')).toHaveText(/^1[89]\.\d$/);
  await expect(page.getByRole('alert').filter({ hasText: 'Stopped early' })).toBeVisible();
});

test('by hand and metronome the seconds are beaten; by a timer of its own they are not', async ({
  page,
}) => {
  const beeps = await listen(page);
  const beats = async () => (await beeps()).filter(({ frequencyHz }) => frequencyHz === 784).length;
  await leavePrint(page, { ...shortStrip, first: '3', lampBy: 'metronome' });
  await openPrint(page, '/fire?what=strip');
  await pressSpace(page);
  await pressSpace(page);
  await expect.poll(beats).toBe(2);
  // What was put on the timeline is taken off with the lamp.
  await page.keyboard.press('x');
  await expect.poll(beats).toBe(0);
  await page.getByRole('button', { name: /^What switches the lamp/ }).click();
  await page.getByRole('radio', { name: /a timer of its own/ }).click();
  await expect(page.getByText('Start your timer on the long beep')).toBeVisible();
  await pressSpace(page);
  await expect(page.getByTestId('hands')).toHaveText('Light in …');
  await expect.poll(async () => (await beeps()).length).toBeGreaterThan(0);
  expect(await beats()).toBe(0);
});

test('the print is fired with its burns, at once or in the strip’s own firings', async ({
  page,
}) => {
  await leavePrint(page, { ...stripRead, areas: [{ name: 'roof', stops: '+1' }] });
  await openPrint(page);
  await page.keyboard.press('g');
  await expect(page.getByRole('heading', { name: 'Before the light' })).toBeVisible();
  await pressSpace(page);
  await expect(page.getByTestId('count')).toHaveText('1 of 2');
  await expect(page.getByText(/Then: Burn roof, card with a hole moving/)).toBeVisible();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: /^How the print is fired/ }).click();
  await page.getByRole('radio', { name: /in the strip’s own firings/ }).click();
  await page.getByRole('button', { name: /Fire the print/ }).click();
  await page.getByRole('button', { name: /All looked over/ }).click();
  await expect(page.getByTestId('hands')).toHaveText(/^Whole sheet, 5\.\d s$/);
  await expect(page.getByTestId('count')).toHaveText('1 of 6');
});

test('with the server away the strip still has its clock, and the way back waits', async ({
  page,
  context,
}) => {
  await leavePrint(page, shortStrip);
  await openPrint(page, '/fire?what=strip');
  await pressSpace(page);
  await pressSpace(page);
  await expect(page.getByTestId('hands')).toHaveText('Card over one patch, 3.0 s', {
    timeout: 10_000,
  });
  await context.setOffline(true);
  await pressSpace(page);
  await expect(page.getByTestId('hands')).toHaveText('All given. Into the developer.', {
    timeout: 10_000,
  });
  await pressSpace(page);
  await expect(page.getByRole('alert').filter({ hasText: 'does not answer' })).toBeVisible();
  const strip = page
    .getByRole('contentinfo', { name: 'The sink' })
    .getByRole('button', { name: /^strip 1/ });
  await expect(strip).toHaveAccessibleName(/(2:00|1:5\d) left/);
  // Neither the sink nor what is said of the server lies over the button that tries again.
  for (const [width, height] of [
    [1280, 800],
    [390, 844],
    [844, 390],
  ] as const) {
    await page.setViewportSize({ width, height });
    await expect
      .poll(() => page.evaluate(inSight, '.bg-rim'), { message: `${width} × ${height}` })
      .toMatchObject([{ seen: true }]);
  }
  await page.setViewportSize({ width: 1280, height: 800 });
  await context.setOffline(false);
  await pressSpace(page);
  await expect(page).toHaveURL(A_PRINT);
  await expect(strip).toHaveCount(1);
});
