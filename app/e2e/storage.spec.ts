import type { Page } from '@playwright/test';
import {
  expect,
  open,
  openRun,
  pressSpace,
  shortRoll,
  test,
  leavePrint,
  openAny,
} from './bench.ts';

const eventsOf = async (page: Page, id: string) =>
  (await (await page.request.get(`/api/v1/rolls/${id}/events`)).json()).events as {
    kind: string;
  }[];

const someId = '0b9e3e0a-6c0e-4d58-9d43-2f1f6f2a7c01';
const event = (more: object) => ({ rollId: someId, event: { id: someId, atMs: 1, ...more } });
const step = { id: 's', kind: 'print-developer', seconds: 60, agitation: 'continuous' };
const sheet = (more: object) => ({
  ...{ id: 'a', name: 'x', events: [{ id: 'e', atMs: 1, kind: 'poured-in', stepId: 's' }] },
  plan: { steps: [step], drainSeconds: 10, clockStart: 'pouring-begins' },
  ...more,
});

test('nothing odd in what this browser keeps breaks a page', async ({ page }) => {
  // Thirty-six pages are opened.
  test.slow();
  const odd: Record<string, string> = {
    'an outbox that is no JSON': '{{{',
    'a number': '7',
    null: 'null',
    'a list of null': '[null]',
    'a list of nothing': '[{}]',
    'an unknown kind': JSON.stringify([event({ kind: 'paused' })]),
    'no kind': JSON.stringify([event({})]),
    constructor: JSON.stringify([event({ kind: 'constructor' })]),
    'an address': JSON.stringify([{ ...event({ kind: 'finished' }), rollId: '../..' }]),
    'a sheet without a plan': JSON.stringify([sheet({ plan: undefined })]),
    'a sheet of an unknown kind': JSON.stringify([
      sheet({ plan: { steps: [{ ...step, kind: 'nope' }], drainSeconds: 10 } }),
    ]),
    'a sheet in an unknown event': JSON.stringify([
      sheet({ events: [{ id: 'e', atMs: 1, kind: 'paused' }] }),
    ]),
  };
  const id = await shortRoll(page, 'Odd storage', [
    ['developer', 300],
    ['stop', 60],
  ]);
  const held = (await leavePrint(page)).replaceAll('/', '-').slice(1);
  await open(page, '/film');
  for (const [what, text] of Object.entries(odd)) {
    await page.evaluate(
      ([value, print]) => {
        for (const key of ['outbox', 'seen', 'sheets', print])
          localStorage.setItem(`katachron-${key}`, value!);
      },
      [text, held],
    );
    for (const path of ['/print', '.', `/film/run/${id}`]) {
      await openAny(page, path);
      await expect(page.getByRole('main').first(), what).toBeVisible();
    }
  }
  // The clock of the last of them still runs.
  await pressSpace(page);
  await expect(page.getByTestId('clock')).toHaveText(/^4:5\d$/);
  await expect.poll(() => eventsOf(page, id)).toHaveLength(1);
});

test('nothing odd in a draft that this browser keeps breaks its page', async ({ page }) => {
  await open(page, '/film');
  const odd = ['{{{', '[null]', '[{"title":7,"times":[],"kinds":{"a":1},"agitations":null}]'];
  for (const text of odd) {
    for (const path of ['/film', '/print/proof']) {
      await page.evaluate((value) => {
        for (const key of ['film', 'proof']) localStorage.setItem(`katachron-${key}`, value);
      }, text);
      await open(page, path);
      await expect(page.getByRole('heading', { level: 1 }), text).toBeVisible();
    }
  }
});

test('full storage: a pour is shown, counted and written all the same, with a sentence', async ({
  page,
}) => {
  const id = await openRun(page, 'Full storage', [
    ['developer', 300],
    ['stop', 60],
  ]);
  await page.evaluate(() => {
    let text = 'x'.repeat(1 << 20);
    for (let n = 0; text.length > 0; n += 1) {
      try {
        localStorage.setItem(`fill${n}`, text);
      } catch {
        text = text.slice(0, text.length >> 1);
      }
    }
  });
  await pressSpace(page);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Developer');
  await expect(page.getByTestId('clock')).toHaveText(/^4:5\d$/);
  await expect(page.getByText('This browser keeps nothing over a reload')).toBeVisible();
  await expect.poll(() => eventsOf(page, id)).toHaveLength(1);
  await page.evaluate(() => localStorage.clear());
});

test('forbidden storage: a pour is recorded', async ({ page }) => {
  await page.addInitScript(() => {
    Object.defineProperty(globalThis, 'localStorage', {
      get() {
        throw new DOMException('denied', 'SecurityError');
      },
    });
  });
  const id = await openRun(page, 'No storage', [['developer', 300]]);
  await pressSpace(page);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Developer');
  await expect.poll(() => eventsOf(page, id)).toHaveLength(1);
});

test('without a secure context there are ids all the same', async ({ page }) => {
  await page.addInitScript(() => {
    Object.defineProperty(crypto, 'randomUUID', { value: undefined });
  });
  const id = await openRun(page, 'By http', [['developer', 300]]);
  await pressSpace(page);
  await expect.poll(() => eventsOf(page, id)).toHaveLength(1);
});

test('two tabs: a strip laid in by each is in the trays of both', async ({ page, context }) => {
  const print = await leavePrint(page);
  await open(page, print);
  const other = await context.newPage();
  await open(other, print);
  await page.bringToFront();
  await page.keyboard.press('b');
  await other.bringToFront();
  await other.keyboard.press('b');
  for (const tab of [page, other]) {
    const sink = tab.getByRole('contentinfo', { name: 'The sink' });
    await expect(sink.getByRole('button', { name: /Move on to the next tray/ })).toHaveCount(2);
  }
});

test.describe('with a server that hangs', () => {
  test.use({ serviceWorkers: 'allow' });

  test('the kept page of the run comes after three seconds', async ({ page, context }) => {
    const id = await openRun(page, 'Hung server', [
      ['developer', 300],
      ['stop', 60],
    ]);
    await page.evaluate(() => navigator.serviceWorker.ready);
    await page.waitForFunction(
      async (path) => (await (await caches.open('kept')).match(path)) !== undefined,
      `/film/run/${id}`,
    );
    await pressSpace(page);
    await expect.poll(() => eventsOf(page, id)).toHaveLength(1);
    // Nothing is answered any more, and nothing is refused either.
    await context.route(/\/(film|api)\//, () => new Promise(() => undefined));
    const begun = Date.now();
    await page.reload({ waitUntil: 'commit' });
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Developer', {
      timeout: 8000,
    });
    expect(Date.now() - begun).toBeGreaterThan(2500);
    await context.unrouteAll({ behavior: 'ignoreErrors' });
  });
});
