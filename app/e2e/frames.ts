import type { Page } from '@playwright/test';

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
