import { randomUUID } from 'node:crypto';
import { test as base, expect, type Locator, type Page } from '@playwright/test';
import { PNG } from 'pngjs';
import { defaultPreferences, type Preferences } from '../src/lib/bench/desk/preferences.ts';
import { type PrintDraft } from '../src/lib/nouns/in-hand/draft.ts';
import { newDraft } from '../src/lib/nouns/in-hand/begin.ts';
import { stripRead } from '../test/samples.ts';
import pg from 'pg';
import { freePort } from '../../tools/port.mjs';
import { serve } from '../../tools/serve.mjs';
import type { PlannedRollBody } from '../src/lib/nouns/roll/contract.ts';
import { rollExample } from '../src/lib/nouns/roll/contract.ts';

/** The built application with a database of its own for each worker, so that no test hears another's clocks. */
async function ownServer() {
  const cluster = process.env.TEST_DATABASE_URL;
  if (!cluster) throw new Error('Start the browser tests with ./katachron test.');
  const name = `browser_${randomUUID().replaceAll('-', '')}`;
  const query = async (connectionString: string, sql: string, values: unknown[] = []) => {
    const client = new pg.Client({ connectionString });
    await client.connect();
    await client.query(sql, values).finally(() => client.end());
  };
  await query(cluster, `CREATE DATABASE ${name}`);
  const url = new URL(cluster);
  url.pathname = `/${name}`;
  const port = (await freePort(0)) ?? 0;
  const server = await serve({
    port,
    host: '127.0.0.1',
    databaseUrl: url.href,
    demo: true,
  });
  return {
    address: server.address,
    /** Into its database directly, past every check. */
    store: (sql: string, values: unknown[]) => query(url.href, sql, values),
    remove: async () => {
      await server.stop();
      await query(cluster, `DROP DATABASE ${name} WITH (FORCE)`);
    },
  };
}

/** A page on which anything the browser complains of, its security policy included, fails the test. */
export const test = base.extend<
  { complaints: string[]; rolls: string[] },
  { server: Pick<Awaited<ReturnType<typeof ownServer>>, 'address' | 'store'> }
>({
  server: [
    // eslint-disable-next-line no-empty-pattern -- Playwright wants the pattern, and nothing is needed from it
    async ({}, use) => {
      const { address, store, remove } = await ownServer();
      await use({ address, store });
      await remove();
    },
    { scope: 'worker' },
  ],
  baseURL: ({ server }, use) => use(server.address),
  /** Takes the rolls of a test out of the sink when it is over. */
  rolls: [
    async ({ page }, use) => {
      await use([]);
      // A connection that the server closed while the test looked at something is opened anew.
      const { entries } = await (await page.request.get('/api/v1/rolls', { maxRetries: 2 })).json();
      for (const { entry } of entries) {
        if (entry.state !== 'developing') continue;
        const id = randomUUID();
        await page.request.put(`/api/v1/rolls/${entry.id}/events/${id}`, {
          data: { id, kind: 'finished', atMs: Date.now() },
        });
      }
    },
    { auto: true },
  ],
  complaints: [
    async ({ page }, use) => {
      const complaints: string[] = [];
      page.on('pageerror', (error) => complaints.push(error.message));
      page.on('console', (message) => {
        if (message.type() === 'error' && !message.text().startsWith('Failed to load resource')) {
          complaints.push(message.text());
        }
      });
      await use(complaints);
      expect(complaints).toEqual([]);
    },
    { auto: true },
  ],
});
export { expect, stripRead };

/** Sets this device's preferences, as the cookie that the page itself would write. */
export async function prefer(page: Page, change: Partial<Preferences>): Promise<void> {
  const value = encodeURIComponent(
    JSON.stringify({ ...defaultPreferences, redTold: true, ...change }),
  );
  await setCookie(page, 'katachron-preferences', value);
}

export async function setCookie(page: Page, name: string, value: string): Promise<void> {
  await page.context().addCookies([{ name, value, domain: '127.0.0.1', path: '/' }]);
}

/** Waits until the page answers to keys and clicks. */
export async function open(page: Page, path: string): Promise<void> {
  await page.goto(path);
  await page
    .waitForFunction(() => document.documentElement.dataset.ready !== undefined, undefined, {
      timeout: 40_000,
    })
    .catch((cause: unknown) => {
      throw new Error(`${path} opened, but never answered to keys.`, { cause });
    });
}

/** Touches the middle of a patch of a ruler, in the row of the highlight unless said. */
export async function clickPatch(
  ruler: Locator,
  patch: number,
  patches: number,
  row: 'highlight' | 'shadow' = 'highlight',
): Promise<void> {
  await ruler.scrollIntoViewIfNeeded();
  const box = (await ruler.boundingBox())!;
  const y = box.y + (row === 'highlight' ? 50 : 120);
  await ruler.page().mouse.click(box.x + (box.width * (patch - 0.5)) / patches, y);
}

/** Presses the big button's key, once a press counts again: two right after one another are one. */
export async function pressSpace(page: Page): Promise<void> {
  await page.waitForFunction(() => document.documentElement.dataset.settling === undefined);
  await page.keyboard.press('Space');
}

/** A short roll, planned through the open interface, so that a run can be watched to its end. */
export async function shortRoll(
  page: Page,
  title: string,
  steps: readonly (readonly [PlannedRollBody['plan']['steps'][number]['kind'], number])[],
  drainSeconds = 1,
  vessel: 'tank' | 'trays' = 'tank',
): Promise<string> {
  const id = randomUUID();
  const body: PlannedRollBody = {
    ...rollExample,
    title,
    madeAtMs: Date.now(),
    plan: {
      steps: steps.map(([kind, seconds]) => ({
        id: kind,
        kind,
        seconds,
        agitation: 'each-minute',
      })),
      drainSeconds,
      clockStart: 'pouring-begins',
      vessel,
    },
  };
  const answer = await page.request.put(`/api/v1/rolls/${id}`, { data: body });
  expect(answer.status()).toBe(201);
  return id;
}

/** The print that a page of a test has in hand. */
const inHand = new WeakMap<Page, string>();

/** A print in hand as somebody left it. */
export async function leavePrint(
  page: Page,
  draft: PrintDraft = stripRead,
  touchedAtMs = Date.now(),
): Promise<string> {
  const id = randomUUID();
  const answer = await page.request.put(`/api/v1/prints-in-hand/${id}`, {
    data: { draft, state: 'in-hand', touchedAtMs },
  });
  expect(answer.status()).toBe(201);
  inHand.set(page, `/print/${id}`);
  return `/print/${id}`;
}

/** Opens the print that was left, or a new one. */
export async function openPrint(page: Page, part = ''): Promise<void> {
  await open(page, (inHand.get(page) ?? (await leavePrint(page, newDraft()))) + part);
}

/** Opens any page; one that begins with a dot is a page of the print that was left, as './flash'. */
export async function openAny(page: Page, path: string): Promise<void> {
  await (path.startsWith('.') ? openPrint(page, path.slice(1)) : open(page, path));
}

/** The address of a print in hand. */
export const A_PRINT = /\/print\/[0-9a-f-]{36}$/;

/** A short roll with its run open, not poured yet. */
export async function openRun(
  page: Page,
  ...roll: Parameters<typeof shortRoll> extends [Page, ...infer Rest] ? Rest : never
): Promise<string> {
  const id = await shortRoll(page, ...roll);
  await open(page, `/film/run/${id}`);
  return id;
}

/** A beep that was put on the audio timeline: the instant at which it will be heard, ms since the epoch. */
export interface Beep {
  heardMs: number;
  /** Where it lies on the audio timeline itself. */
  timelineMs: number;
  frequencyHz: number;
}

/** Notes every beep as the audio timeline gets it; nothing of the application is replaced. */
export async function listen(page: Page): Promise<() => Promise<Beep[]>> {
  await page.addInitScript(() => {
    const heard = new Map<OscillatorNode, Beep>();
    Object.assign(globalThis, { heard });
    const { start, stop } = OscillatorNode.prototype;
    // One comparison of the two clocks may be torn by a stalled machine: the middle one of the last few is taken.
    let behind: number[] = [];
    const compare = (context: AudioContext) => {
      const latency = context.outputLatency || context.baseLatency || 0;
      behind = [...behind, Date.now() - (context.currentTime - latency) * 1000].slice(-5);
      return behind.toSorted((a, b) => a - b)[Math.floor(behind.length / 2)]!;
    };
    let listening = false;
    OscillatorNode.prototype.start = function (when = 0) {
      const context = this.context as AudioContext;
      if (!listening) setInterval(() => compare(context), 100);
      listening = true;
      heard.set(this, {
        heardMs: when * 1000 + compare(context),
        timelineMs: when * 1000,
        frequencyHz: this.frequency.value,
      });
      return start.call(this, when);
    };
    // What is taken off before its instant is never heard.
    OscillatorNode.prototype.stop = function (when) {
      if (when === undefined && (heard.get(this)?.heardMs ?? 0) > Date.now()) heard.delete(this);
      return stop.call(this, when);
    };
  });
  return () =>
    page.evaluate(() => [
      ...(globalThis as unknown as { heard: Map<object, Beep> }).heard.values(),
    ]);
}

/** The most of each channel that any pixel of a picture has. */
export function worst(png: Buffer) {
  const { data } = PNG.sync.read(png);
  const found = { red: 0, green: 0, blue: 0 };
  for (let at = 0; at < data.length; at += 4) {
    found.red = Math.max(found.red, data[at]!);
    found.green = Math.max(found.green, data[at + 1]!);
    found.blue = Math.max(found.blue, data[at + 2]!);
  }
  return found;
}
