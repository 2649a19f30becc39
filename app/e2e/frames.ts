import type { Page } from '@playwright/test';
import { PNG } from 'pngjs';

/** The most green, blue and red of any pixel. */
export function worst(png: Buffer): { green: number; blue: number; red: number } {
  const { data } = PNG.sync.read(png);
  const found = { green: 0, blue: 0, red: 0 };
  for (let at = 0; at < data.length; at += 4) {
    found.red = Math.max(found.red, data[at]!);
    found.green = Math.max(found.green, data[at + 1]!);
    found.blue = Math.max(found.blue, data[at + 2]!);
  }
  return found;
}

/** Every frame that the browser paints meanwhile, with nothing of Playwright's waiting in between. */
export async function framesOf(page: Page, meanwhile: () => Promise<void>): Promise<Buffer[]> {
  // What stands there now is painted: the first frame is no older one.
  await page.screenshot();
  const frames: Buffer[] = [];
  const cdp = await page.context().newCDPSession(page);
  cdp.on('Page.screencastFrame', ({ data, sessionId }) => {
    frames.push(Buffer.from(data, 'base64'));
    // The page may be gone by then.
    void cdp.send('Page.screencastFrameAck', { sessionId }).catch(() => undefined);
  });
  await cdp.send('Page.startScreencast', { format: 'png', everyNthFrame: 1 });
  await meanwhile();
  await cdp.send('Page.stopScreencast');
  await cdp.detach();
  return frames;
}
