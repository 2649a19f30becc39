import { randomUUID } from 'node:crypto';
import { chromium, type Page } from '@playwright/test';
import { stripRead } from '../app/test/samples.ts';
import { traced } from './traced.ts';

const MOVES = 240;

/** A print in hand, on the page of it that is asked for. */
async function open(page: Page, address: string, path: string, draft: object): Promise<void> {
  const id = randomUUID();
  await page.request.put(`${address}/api/v1/prints-in-hand/${id}`, {
    data: { draft, state: 'in-hand', touchedAtMs: Date.now() },
  });
  await page.goto(`${address}/print/${id}${path}`);
  await page.waitForFunction(() => document.documentElement.dataset.ready !== undefined);
}

const middle = async (page: Page, name: string) => {
  const { x, y, width, height } = (await page.getByRole('img', { name }).boundingBox())!;
  return { x: x + width / 2, y: y + height / 2, width, height };
};

/** A pick, to and fro over the stop ruler. */
async function ruler(page: Page, address: string): Promise<void> {
  await open(page, address, '', stripRead);
  const slider = (await page.getByRole('slider', { name: 'highlight right' }).boundingBox())!;
  const box = (await page.getByRole('group', { name: 'Stop ruler' }).boundingBox())!;
  await page.mouse.move(slider.x + slider.width / 2, slider.y + slider.height / 2);
  await page.mouse.down();
  await traced(page, 'A drag over the ruler', MOVES, (move) =>
    page.mouse.move(box.x + box.width * (0.5 + 0.4 * Math.sin(move / 9)), slider.y),
  );
  await page.mouse.up();
}

const PICTURE = {
  id: '7c1d4b60-52e8-4f3a-a000-000000000002',
  ...{ of: 'print', width: 840, height: 630, range: 110 },
};

/** An area, round and round over a picture of the demo; and a stroke of the brush. */
async function picture(page: Page, address: string): Promise<void> {
  const areas = [
    {
      ...{ name: 'mouth', stops: '+½', soft: 0.1 },
      shape: { kind: 'ellipse', x: 0.5, y: 0.375, rx: 0.15, ry: 0.12 },
    },
    {
      ...{ name: 'floor', stops: '−⅓', soft: 0.1 },
      shape: { kind: 'edge', x1: 0.5, y1: 0.6, x2: 0.5, y2: 0.75 },
    },
  ];
  await open(page, address, '/plan', { ...stripRead, picture: PICTURE, areas });
  const shown = page.getByRole('img', { name: 'The print by the plan' });
  await shown.and(page.locator('[data-shown]:not([data-shown="0"])')).waitFor();
  const { x, y, width, height } = await middle(page, 'The print by the plan');
  const round = (move: number) =>
    page.mouse.move(
      x + 0.2 * width * Math.sin(move / 9),
      y + 0.2 * height * (Math.cos(move / 9) - 1),
    );
  await page.mouse.move(x, y);
  await page.mouse.down();
  await traced(page, 'An area dragged over a picture', MOVES, round);
  await page.mouse.up();
  await page.getByRole('button', { name: 'Brush' }).click();
  await page.mouse.move(x, y);
  await page.mouse.down();
  await traced(page, 'A stroke of the brush', MOVES, round);
  await page.mouse.up();
}

/** Drags in Chromium, as busy as they make the page. */
export async function drags(address: string, executablePath: string): Promise<void> {
  const browser = await chromium.launch({
    executablePath,
    args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
  });
  try {
    const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
    for (const drag of [ruler, picture]) await drag(await context.newPage(), address);
  } finally {
    await browser.close();
  }
}
