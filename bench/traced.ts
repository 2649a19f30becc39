import type { Page } from '@playwright/test';

/** One frame of a screen at 60 frames a second, ms. */
export const FRAME_MS = 1000 / 60;

interface TraceEvent {
  readonly name: string;
  readonly dur?: number;
  readonly tid: number;
  readonly pid: number;
  readonly args?: { readonly name?: string };
}

/**
 * Traces the page while it is dragged over, a move each frame, and says how long it is busy in one go: a task that fits into
 * a frame drops none.
 * @param move the pointer, by the number of the move
 */
export async function traced(
  page: Page,
  what: string,
  moves: number,
  move: (number: number) => Promise<void>,
): Promise<void> {
  const cdp = await page.context().newCDPSession(page);
  const events: TraceEvent[] = [];
  cdp.on('Tracing.dataCollected', ({ value: part }) =>
    events.push(...(part as unknown as TraceEvent[])),
  );
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
  for (let number = 0; number < moves; number += 1) {
    const frame = new Promise((resolve) => setTimeout(resolve, FRAME_MS));
    await move(number);
    await frame;
  }
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
    `\n${what}, ${moves} moves: the page is busy for ${at(0.5).toFixed(1)} ms at the median, ` +
      `${at(0.95).toFixed(1)} ms at the 95th percentile (${(at(0.95) / FRAME_MS).toFixed(2)} of a frame); ` +
      `${over} of ${busy.length} tasks are longer than a frame`,
  );
}
