import { randomUUID } from 'node:crypto';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { chromium, type Page } from '@playwright/test';
import { defaultPreferences, type Preferences } from '../../app/src/lib/bench/desk/preferences.ts';
import { rollExample } from '../../app/src/lib/nouns/roll/contract.ts';
import { stripRead } from '../../app/test/samples.ts';
import { demoTank } from '../../app/src/lib/server/seeds/shelves.ts';
import { demoRecipes } from '../../app/src/lib/server/seeds/recipes.ts';
import { freePort } from '../../tools/port.mjs';
import { serve } from '../../tools/serve.mjs';
import { throwawayCluster } from '../../tools/test.mjs';

/** Takes the pictures of docs/screenshots anew, from the demo data: npm run screenshots; some of them: SHOTS=print,fire. */
const here = dirname(fileURLToPath(import.meta.url));
const desk = { width: 1280, height: 800 };
const phone = { width: 390, height: 844 };

const filmDraft = {
  title: 'Roll R-122, furnace hall in February',
  recipeId: demoRecipes[0]!.id,
  exposureIndex: '',
  temperature: '20.6',
  tankId: demoTank.id,
  films: '2',
  room: '17',
  volume: '600',
  kinds: ['pre-soak', 'stop', 'fix', 'wash', 'wetting-agent'],
  times: { fix: '3:30', wash: '6:00' },
};
const printDraft = {
  ...stripRead,
  lens: '80 mm',
  aperture: '8',
  negativeLength: '60',
  printLength: '240',
  developer: 'Quillow paper 1+9',
  areas: [{ name: 'glory hole', stops: '−⅓' }, ...stripRead.areas],
};

/** A cast picked of the sheet that lies there. */
const redPicked = async (page: Page) => {
  await page.waitForFunction(() => document.documentElement.dataset.ready !== undefined);
  await page.getByRole('button', { name: 'slightly red' }).click();
};

interface Shot {
  readonly name: string;
  readonly path: string;
  readonly light: Preferences['light'];
  readonly size: { width: number; height: number };
  readonly before?: (page: Page) => Promise<void>;
}

/** A strip on its way through the trays. */
const stripIn = async (page: Page) => {
  await page.waitForFunction(() => document.documentElement.dataset.ready !== undefined);
  await page.keyboard.press('b');
  await page.getByRole('button', { name: /^strip 1, .* left/ }).waitFor();
};
/** A roll five and a half minutes into its developer, through the open interface. */
async function rollUnderWay(page: Page): Promise<string> {
  const id = randomUUID();
  const now = Date.now();
  const steps = [
    ['pre-soak', 60, 'rest'],
    ['developer', 538, 'each-minute'],
    ['stop', 30, 'continuous'],
    ['fix', 210, 'each-minute'],
    ['wash', 360, 'rest'],
    ['wetting-agent', 30, 'rest'],
  ] as const;
  await page.request.put(`/api/v1/rolls/${id}`, {
    data: {
      ...rollExample,
      title: 'R-122, furnace hall in February',
      madeAtMs: now - 400_000,
      plan: {
        steps: steps.map(([kind, seconds, agitation]) => ({ id: kind, kind, seconds, agitation })),
        drainSeconds: 10,
        clockStart: 'pouring-begins',
      },
    },
  });
  for (const [stepId, before] of [
    ['pre-soak', 393_000],
    ['developer', 331_000],
  ] as const) {
    const event = { id: randomUUID(), kind: 'poured-in', stepId, atMs: now - before };
    await page.request.put(`/api/v1/rolls/${id}/events/${event.id}`, { data: event });
  }
  return id;
}
const toRun = async (page: Page) => {
  await page.goto(`/film/run/${await rollUnderWay(page)}`);
  await page.waitForTimeout(800);
  await page.keyboard.press('Space');
  await page.waitForTimeout(500);
};

/** The list before the light is looked over; the strip's first firing waits. */
const lookedOver = async (page: Page) => {
  await page.keyboard.press('Space');
  await page.waitForTimeout(300);
};
/** A frame that was picked, with what was said of it. */
const chosen = async (page: Page) => {
  await page.getByRole('button', { name: 'Frame 14, pick' }).click();
  await page.waitForTimeout(500);
};
/** Three spots read by the stand-in of the probe, against a print that was right. */
const probed = async (page: Page) => {
  for (let spot = 0; spot < 3; spot += 1) {
    await page.keyboard.press('Space');
    await page.waitForTimeout(600);
  }
  await page.getByLabel('Reading of the known print').fill('−1.30');
  await page.getByLabel('Seconds of the known print').fill('10.6');
};
/** The worker has taken the picture through the paper. */
const pictureShown = async (page: Page) => {
  await page.locator('[data-shown]:not([data-shown="0"])').waitFor();
  await page.waitForTimeout(300);
};
/** Both pictures lie on the sheet. */
const sheetDrawn = async (page: Page) => {
  await page.locator('[data-drawn]').waitFor();
  await page.waitForTimeout(600);
};
/** Three things ticked, and the order in which they end soonest. */
const ticked = async (page: Page) => {
  await page.waitForFunction(() => document.documentElement.dataset.ready !== undefined);
  await page.getByLabel('From').fill('18:30');
  for (const name of [/R-123/, /Sheets of 20/, /Annealing oven/]) {
    await page.getByRole('checkbox', { name }).check();
  }
  await page.getByTestId('timeline').waitFor();
};
/** The worker has fitted the paper. */
const fitted = async (page: Page) => {
  await page.getByTestId('answer').waitFor();
  await page.waitForTimeout(300);
};
const shots: readonly Shot[] = [
  { name: 'tonight', path: '/', light: 'white', size: desk },
  { name: 'evening', path: '/evening', light: 'white', size: desk, before: ticked },
  { name: 'film', path: '/film', light: 'white', size: desk },
  { name: 'prints', path: '/print', light: 'white', size: desk },
  { name: 'print', path: './', light: 'white', size: desk, before: stripIn },
  { name: 'print-phone', path: './', light: 'red', size: phone },
  { name: 'fire', path: './fire?what=strip', light: 'red', size: desk, before: lookedOver },
  {
    name: 'proof',
    path: '/print/proof/7c1d4b60-52e8-4f3a-8118-000000000000',
    light: 'white',
    size: desk,
    before: chosen,
  },
  { name: 'readings', path: './readings', light: 'white', size: desk, before: probed },
  {
    name: 'plan',
    path: '/print/7c1d4b60-52e8-4f3a-9100-000000000001/plan',
    light: 'white',
    size: desk,
    before: pictureShown,
  },
  {
    name: 'paper',
    path: '/print/setup/papers/3d9a5e10-0c7b-4f26-a1d4-000000000052',
    light: 'white',
    size: desk,
  },
  { name: 'logbook', path: '/logbook', light: 'white', size: desk },
  {
    name: 'logbook-print',
    path: '/logbook/prints/7c1d4b60-52e8-4f3a-9000-000000000003',
    light: 'white',
    size: desk,
  },
  {
    name: 'calibrate',
    path: '/calibrate/found/3d9a5e10-0c7b-4f26-a1d4-000000000082',
    light: 'white',
    size: desk,
    before: fitted,
  },
  { name: 'mix', path: '/chemistry', light: 'white', size: desk },
  {
    name: 'bath',
    path: '/chemistry/baths/3d9a5e10-0c7b-4f26-a1d4-000000000026',
    light: 'white',
    size: desk,
  },
  {
    name: 'colour',
    path: '/print/colour/3d9a5e10-0c7b-4f26-a1d4-000000000096',
    light: 'white',
    size: desk,
    before: redPicked,
  },
  {
    name: 'one-sheet',
    path: '/print/two-negatives/3d9a5e10-0c7b-4f26-a1d4-000000000097/sheet',
    light: 'white',
    size: desk,
    before: sheetDrawn,
  },
  { name: 'run', path: '/film', light: 'red', size: desk, before: toRun },
];

const wanted = process.env.SHOTS?.split(',');
const cluster = await throwawayCluster();
const port = (await freePort(0)) ?? 0;
const server = await serve({ port, host: '127.0.0.1', databaseUrl: cluster.url, demo: true });
const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
});
try {
  for (const { name, path, light, size, before } of shots) {
    if (wanted && !wanted.includes(name)) continue;
    const context = await browser.newContext({ viewport: size, baseURL: server.address });
    const preferences = { ...defaultPreferences, light, brightness: 5, redTold: true };
    const cookies = { preferences, film: filmDraft };
    await context.addCookies(
      Object.entries(cookies).map(([cookie, value]) => ({
        name: `katachron-${cookie}`,
        value: encodeURIComponent(JSON.stringify(value)),
        url: server.address,
      })),
    );
    const page = await context.newPage();
    // A page of a print in hand, as it was left.
    const id = randomUUID();
    if (path.startsWith('./')) {
      await page.request.put(`/api/v1/prints-in-hand/${id}`, {
        data: { draft: printDraft, state: 'made', touchedAtMs: Date.now() },
      });
    }
    await page.goto(path.replace(/^\.\//, `/print/${id}/`));
    await page.waitForTimeout(900);
    await before?.(page);
    await page.screenshot({ path: join(here, `${name}.png`) });
    await context.close();
  }
} finally {
  await browser.close();
  await server.stop();
  await cluster.remove();
}
