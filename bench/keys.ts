import { randomUUID } from 'node:crypto';
import { chromium, type CDPSession, type Page } from '@playwright/test';
import { rollExample } from '../app/src/lib/nouns/roll/contract.ts';
import { stripRead } from '../app/test/samples.ts';

const KEYS = 40;
const BETWEEN_MS = 25;
const WATCHED_MS = 10_000;
/** What a page does once it is there is no key's, ms. */
const SETTLED_MS = 2000;

/** The main thread's work since the page began, ms. */
async function busy(cdp: CDPSession): Promise<number> {
  const { metrics } = await cdp.send('Performance.getMetrics');
  return 1000 * metrics.find(({ name }) => name === 'TaskDuration')!.value;
}

async function watched(page: Page): Promise<CDPSession> {
  const cdp = await page.context().newCDPSession(page);
  await cdp.send('Performance.enable');
  return cdp;
}

/** What a key costs in the field that has the focus, less what the page does by itself meanwhile, ms. */
async function keyCost(page: Page, cdp: CDPSession): Promise<number> {
  await page.waitForTimeout(SETTLED_MS);
  const quiet = await busy(cdp);
  await page.waitForTimeout(KEYS * BETWEEN_MS);
  const before = await busy(cdp);
  for (let key = 0; key < KEYS; key += 1) {
    await page.keyboard.press('abcdefgh'[key % 8]!);
    await page.waitForTimeout(BETWEEN_MS);
  }
  await page.waitForTimeout(100);
  return Math.max(0, (await busy(cdp)) - before - (before - quiet)) / KEYS;
}

async function typing(page: Page, address: string): Promise<void> {
  const cdp = await watched(page);
  await page.goto(`${address}/api/health`);
  await page.setContent('<input id="bare">');
  await page.locator('#bare').focus();
  const bare = await keyCost(page, cdp);
  const id = randomUUID();
  await page.request.put(`${address}/api/v1/prints-in-hand/${id}`, {
    data: { draft: stripRead, state: 'in-hand', touchedAtMs: Date.now() },
  });
  await page.goto(`${address}/print/${id}`);
  await page.waitForFunction(() => document.documentElement.dataset.ready !== undefined);
  await page.getByRole('button', { name: /^Name of the print/ }).click();
  await page.getByRole('textbox', { name: 'Name of the print' }).focus();
  const cost = await keyCost(page, cdp);
  console.log(
    `A key in the name of a print${cost.toFixed(1).padStart(7)} ms of main thread  ${(cost / bare).toFixed(1)} : 1 against a bare field`,
  );
}

async function leftAlone(page: Page, address: string): Promise<void> {
  const [id, event] = [randomUUID(), randomUUID()];
  const kinds = [
    ['developer', 600],
    ['stop', 30],
    ['fix', 300],
  ] as const;
  const steps = kinds.map(([kind, seconds]) => ({
    ...{ id: kind, kind, seconds, agitation: 'each-minute' },
  }));
  const plan = { ...rollExample.plan, steps };
  await page.request.put(`${address}/api/v1/rolls/${id}`, { data: { ...rollExample, plan } });
  await page.request.put(`${address}/api/v1/rolls/${id}/events/${event}`, {
    data: { id: event, kind: 'poured-in', stepId: 'developer', atMs: Date.now() },
  });
  const cdp = await watched(page);
  await page.goto(`${address}/film/run/${id}`);
  await page.waitForFunction(() => document.documentElement.dataset.ready !== undefined);
  await page.waitForTimeout(SETTLED_MS);
  const before = await busy(cdp);
  await page.waitForTimeout(WATCHED_MS);
  const share = ((await busy(cdp)) - before) / WATCHED_MS;
  console.log(
    `A run left alone${(60 * share).toFixed(2).padStart(19)} s of main thread a minute  1 : ${(1 / share).toFixed(0)} against its time`,
  );
}

/** What a key costs, and a clock that runs. */
export async function keys(address: string, executablePath: string): Promise<void> {
  const browser = await chromium.launch({
    executablePath,
    args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
  });
  try {
    const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
    for (const measure of [typing, leftAlone]) await measure(await context.newPage(), address);
  } finally {
    await browser.close();
  }
}
