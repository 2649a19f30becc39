import type { Page } from '@playwright/test';
import { expect, open, openRun, prefer, shortRoll, test, pressSpace } from './bench.ts';

const eventsOf = async (page: Page, id: string): Promise<{ kind: string; text?: string }[]> =>
  (await (await page.request.get(`/api/v1/rolls/${id}/events`)).json()).events;
const kindsOf = async (page: Page, id: string) =>
  (await eventsOf(page, id)).map(({ kind }) => kind);

test('a bath is left out, given a minute more, and both are taken back', async ({ page }) => {
  const id = await openRun(page, 'Left out', [
    ['developer', 300],
    ['stop', 30],
    ['fix', 120],
  ]);
  await pressSpace(page);
  await page.keyboard.press('k');
  await expect(page.getByText('Stop, acid is left out.')).toBeVisible();
  await expect(page.getByRole('button', { name: /^Fixer is going in/ })).toBeVisible();
  await page.keyboard.press('m');
  await expect(page.getByText('A minute more: to 6:00.')).toBeVisible();
  await expect(page.getByTestId('clock')).toHaveText(/^(6:00|5:5\d)$/);
  await page.keyboard.press('u');
  await expect(page.getByTestId('clock')).toHaveText(/^(5:00|4:5\d)$/);
  await page.keyboard.press('u');
  await expect(page.getByRole('button', { name: /^Stop is going in/ })).toBeVisible();
  await expect
    .poll(() => kindsOf(page, id))
    .toEqual(['poured-in', 'skipped', 'retimed', 'undone', 'undone']);
});

test('what happens often is noted with one touch', async ({ page }) => {
  const id = await openRun(page, 'Notes', [['developer', 300]]);
  await pressSpace(page);
  await page.keyboard.press('2');
  await expect(page.getByText('Noted: Missed a turn.')).toBeVisible();
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('button', { name: /^Spilled/ }).click();
  await expect(page.getByText('Noted: Spilled some.')).toBeVisible();
  await expect
    .poll(async () => (await eventsOf(page, id)).map(({ text }) => text).filter(Boolean))
    .toEqual(['Missed a turn.', 'Spilled some.']);
});

test('just before pouring, the temperature of now makes another time', async ({ page }) => {
  await openRun(page, 'Warmer than planned', [
    ['pre-soak', 60],
    ['developer', 538],
  ]);
  await pressSpace(page);
  await page.keyboard.press('t');
  await expect(page.getByText('Just before you pour: developer reads, °C')).toBeVisible();
  await expect(page.getByRole('textbox')).toBeFocused();
  await page.keyboard.type('40');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/40°C\? By now it should be near 20.6°/)).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(page.getByText(/runs from 18 to 24 °C/)).toBeVisible();
  await page.getByRole('textbox').fill('22');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Developer at 22°: 7:50 instead of 8:58.')).toBeVisible();
  await pressSpace(page);
  await expect(page.getByTestId('clock')).toHaveText(/^(7:50|7:4\d)$/);
});

test('the drift is drawn, with what was read', async ({ page }) => {
  await openRun(page, 'Drawn', [['developer', 538]]);
  await pressSpace(page);
  await page.keyboard.press('t');
  await expect(page.getByRole('textbox')).toBeFocused();
  await page.keyboard.type('20.5');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('textbox')).toHaveCount(0);
  await page.keyboard.press('g');
  await expect(page.getByRole('img', { name: /Temperature of the developer/ })).toBeVisible();
  await expect(page.getByText(/Development \d+ % done/)).toBeVisible();
});

test('how loud the cues are is kept, and every step of it is another loudness', async ({
  page,
}) => {
  await page.addInitScript(() => {
    const peaks: number[] = [];
    Object.assign(globalThis, { peaks });
    const ramp = AudioParam.prototype.linearRampToValueAtTime;
    AudioParam.prototype.linearRampToValueAtTime = function (value, at) {
      if (value > 0) peaks.push(value);
      return ramp.call(this, value, at);
    };
  });
  await openRun(page, 'Loud', [['developer', 300]]);
  await pressSpace(page);
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('button', { name: 'Louder' }).click();
  await page.getByRole('button', { name: 'Louder' }).click();
  await page.getByRole('button', { name: 'Quieter' }).click();
  await expect(page.getByRole('group', { name: 'Volume' })).toContainText('4');
  const peaks = await page.evaluate(() => (globalThis as unknown as { peaks: number[] }).peaks);
  const [a, b, c] = peaks.slice(-3) as [number, number, number];
  expect(b).toBeGreaterThan(a);
  expect(c).toBe(a);
  await page.reload();
  await page.waitForFunction(() => document.documentElement.dataset.ready !== undefined);
  await page.getByRole('button', { name: 'More' }).click();
  await expect(page.getByRole('group', { name: 'Volume' })).toContainText('4');
});

test.describe('sheets in trays, wholly by ear in the dark', () => {
  test('a tap of Space pours, beeps count the baths, a voice says them', async ({ page }) => {
    await page.addInitScript(() => {
      const said: string[] = [];
      const counted: number[] = [];
      Object.assign(globalThis, { said, counted });
      speechSynthesis.speak = (utterance) => void said.push(utterance.text);
      const start = OscillatorNode.prototype.start;
      OscillatorNode.prototype.start = function (when) {
        if (this.frequency.value === 1175) counted.push(this.frequency.value);
        return start.call(this, when);
      };
    });
    const heard = () =>
      page.evaluate(() => {
        const { said, counted } = globalThis as unknown as { said: string[]; counted: number[] };
        return { said: [...said], counted: counted.length };
      });
    const id = await shortRoll(
      page,
      'By ear',
      [
        ['developer', 3],
        ['stop', 60],
        ['fix', 60],
      ],
      1,
      'trays',
    );
    await open(page, `/film/run/${id}`);
    await page.keyboard.press('d');
    await expect(page.getByText(/A tap of the space bar, or two of a finger/)).toBeVisible();
    await pressSpace(page);
    await expect.poll(() => kindsOf(page, id)).toEqual(['poured-in']);
    await expect.poll(async () => (await heard()).said).toContain('Developer, 3 seconds.');
    await expect.poll(async () => (await heard()).said).toContain('Lift, and let it drip.');
    await expect.poll(async () => (await heard()).said).toContain('Time. stop in.');
    const before = (await heard()).counted;
    await pressSpace(page);
    await expect.poll(async () => (await heard()).said).toContain('Stop, acid, 1 minute.');
    expect((await heard()).counted - before).toBe(2);
    // One touch of a finger does nothing, two pour.
    await page.mouse.click(300, 300);
    await page.waitForTimeout(1000);
    expect(await kindsOf(page, id)).toHaveLength(2);
    await page.mouse.click(300, 300);
    await page.mouse.click(300, 300);
    await expect.poll(() => kindsOf(page, id)).toHaveLength(3);
    await expect(page.locator('html')).toHaveAttribute('data-light', 'dark');
  });
});

test.describe('with the server away', () => {
  test.use({ serviceWorkers: 'allow' });

  test('a run comes up again after a reload, in its light, and what happens is written once', async ({
    page,
    context,
  }) => {
    await prefer(page, { light: 'white' });
    const id = await openRun(page, 'Server away', [
      ['developer', 300],
      ['stop', 30],
      ['fix', 120],
    ]);
    await page.evaluate(async () => {
      await navigator.serviceWorker.ready;
      if (!navigator.serviceWorker.controller) {
        await new Promise((resolve) =>
          navigator.serviceWorker.addEventListener('controllerchange', resolve, { once: true }),
        );
      }
    });
    await page.waitForFunction(
      async (path) => (await (await caches.open('kept')).match(path)) !== undefined,
      `/film/run/${id}`,
    );
    await pressSpace(page);
    await expect.poll(() => kindsOf(page, id)).toEqual(['poured-in']);
    await page.keyboard.press('r');
    await page.waitForFunction(async () => {
      const told = await (await caches.open('kept')).match('/kept-light');
      return told !== undefined && (await told.json()).light === 'red';
    });
    await context.setOffline(true);
    await page.reload();
    await page.waitForFunction(() => document.documentElement.dataset.ready !== undefined);
    await expect(page.locator('html')).toHaveAttribute('data-light', 'red');
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Developer');
    await expect(page.getByTestId('clock')).toHaveText(/^(5:00|4:\d\d)$/);
    // The first touch brings the sound back, the second pours.
    await pressSpace(page);
    await expect(page.getByTestId('hands')).toBeVisible();
    await pressSpace(page);
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Stop, acid');
    await expect(page.getByText('The server is away: 1 kept here')).toBeVisible();
    await page.reload();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Stop, acid');
    await context.setOffline(false);
    await expect
      .poll(() => kindsOf(page, id), { timeout: 15_000 })
      .toEqual(['poured-in', 'poured-in']);
  });
});

test('two rolls are under way at once, each with its own clock', async ({ page }) => {
  const first = await openRun(page, 'First of two', [['developer', 300]]);
  await pressSpace(page);
  await expect.poll(() => kindsOf(page, first)).toEqual(['poured-in']);
  await openRun(page, 'Second of two', [
    ['pre-soak', 60],
    ['developer', 500],
  ]);
  await pressSpace(page);
  await pressSpace(page);
  await expect(page.getByTestId('clock')).toHaveText(/^(8:20|8:1\d)$/);
  await page.keyboard.press('Escape');
  await expect(page.getByRole('link', { name: /First of two/ })).toBeVisible();
  await expect(page.getByRole('link', { name: /Second of two/ })).toBeVisible();
});
