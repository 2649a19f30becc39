import { randomUUID } from 'node:crypto';
import { chromium } from '@playwright/test';
import { stripRead } from '../app/test/samples.ts';

/** One frame of a screen at 60 frames a second, ms. */
const FRAME_MS = 1000 / 60;
const MOVES = 240;

interface TraceEvent {
  readonly name: string;
  readonly dur?: number;
  readonly tid: number;
  readonly pid: number;
  readonly args?: { readonly name?: string };
}

/**
 * Drags a pick to and fro over the stop ruler in Chromium, a move each frame, and reads the trace: how long the page is busy
 * in one go. A task that fits into a frame drops none.
 */
export async function rulerDrag(address: string, executablePath: string): Promise<void> {
  const browser = await chromium.launch({
    executablePath,
    args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
  });
  try {
    const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
    const page = await context.newPage();
    const id = randomUUID();
    await page.request.put(`${address}/api/v1/prints-in-hand/${id}`, {
      data: { draft: stripRead, state: 'in-hand', touchedAtMs: Date.now() },
    });
    await page.goto(`${address}/print/${id}`);
    await page.waitForFunction(() => document.documentElement.dataset.ready !== undefined);
    const slider = (await page.getByRole('slider', { name: 'highlight right' }).boundingBox())!;
    const ruler = (await page.getByRole('group', { name: 'Stop ruler' }).boundingBox())!;
    const cdp = await context.newCDPSession(page);
    const events: TraceEvent[] = [];
    cdp.on('Tracing.dataCollected', ({ value: part }) =>
      events.push(...(part as unknown as TraceEvent[])),
    );
    await page.mouse.move(slider.x + slider.width / 2, slider.y + slider.height / 2);
    await page.mouse.down();
    await cdp.send('Tracing.start', {
      transferMode: 'ReportEvents',
      traceConfig: {
        includedCategories: [
          'toplevel',
          'devtools.timeline',
          'disabled-by-default-devtools.timeline',
          '__metadata',
        ],
      },
    });
    for (let move = 0; move < MOVES; move += 1) {
      const share = 0.5 + 0.4 * Math.sin(move / 9);
      const frame = new Promise((resolve) => setTimeout(resolve, FRAME_MS));
      await page.mouse.move(ruler.x + ruler.width * share, slider.y);
      await frame;
    }
    await page.mouse.up();
    const done = new Promise((resolve) => cdp.once('Tracing.tracingComplete', resolve));
    await cdp.send('Tracing.end');
    await done;
    const threads = events.filter(
      ({ name, args }) => name === 'thread_name' && args?.name === 'CrRendererMain',
    );
    const isMain = ({ tid, pid }: TraceEvent) =>
      threads.some((thread) => thread.tid === tid && thread.pid === pid);
    const busy = events
      .filter((event) => event.name === 'RunTask' && event.dur !== undefined && isMain(event))
      .map(({ dur }) => dur! / 1000)
      .filter((ms) => ms > 0.5)
      .sort((a, b) => a - b);
    const at = (share: number) => busy[Math.floor((busy.length - 1) * share)] ?? 0;
    const over = busy.filter((ms) => ms > FRAME_MS).length;
    console.log(
      `\nA drag over the ruler, ${MOVES} moves: the page is busy for ${at(0.5).toFixed(1)} ms at the median, ` +
        `${at(0.95).toFixed(1)} ms at the 95th percentile (${(at(0.95) / FRAME_MS).toFixed(2)} of a frame); ` +
        `${over} of ${busy.length} tasks are longer than a frame`,
    );
  } finally {
    await browser.close();
  }
}
