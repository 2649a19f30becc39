import { expect, open, prefer, test } from './bench.ts';

test('no page carries the schemas that the server checks by', async ({ page }) => {
  const scripts: { url: string; text: string }[] = [];
  page.on('response', async (response) => {
    if (!response.url().includes('/_app/immutable/')) return;
    scripts.push({ url: response.url(), text: await response.text().catch(() => '') });
  });
  for (const path of [
    '/',
    '/evening',
    '/film',
    '/film/recipes',
    '/print',
    '/print/proof',
    '/print/practice',
    '/print/two-negatives/3d9a5e10-0c7b-4f26-a1d4-000000000097',
    '/print/two-negatives/3d9a5e10-0c7b-4f26-a1d4-000000000097/sheet',
    '/print/colour/3d9a5e10-0c7b-4f26-a1d4-000000000096',
    '/chemistry',
    '/chemistry/warm',
    '/chemistry/cupboard',
    '/calibrate',
    '/calibrate/paper-tablet',
    '/calibrate/comparisons/new',
    '/logbook',
    '/bench',
  ]) {
    await page.goto(path);
    await page.waitForLoadState('networkidle');
  }
  expect(scripts.filter(({ url }) => url.endsWith('.js')).length).toBeGreaterThan(10);
  expect(scripts.filter(({ text }) => text.includes('~kind')).map(({ url }) => url)).toEqual([]);
});

test('all cookies take a kilobyte at most, and a long roll is whole after a reload', async ({
  page,
}) => {
  await prefer(page, {
    ...{ beforeDark: 'white', volumeUnit: 'fl oz', divisionMl: 0.25, toneFactor: 5 },
    ...{ volume: 3, spoken: true, clockFactor: 1.002 },
  });
  const title = 'Glühofen im Januar, das Öffnen der Kühlöfen – '.repeat(2).trim();
  await open(page, '/film');
  await page.getByRole('button', { name: /^Name of the roll/ }).click();
  await page.getByRole('textbox', { name: 'Name of the roll' }).fill(title);
  await page.keyboard.press('Enter');
  await page.getByLabel('Developer reads').fill('20.4');
  await page.getByLabel('Developer reads').blur();
  await open(page, '/print/proof');
  const bytes = async () =>
    (await page.context().cookies()).reduce(
      (sum, { name, value }) => sum + name.length + value.length + 3,
      0,
    );
  await expect.poll(bytes).toBeLessThanOrEqual(1024);
  await open(page, '/film');
  await expect(page.getByRole('button', { name: /^Name of the roll/ })).toContainText(title);
  await expect(page.getByLabel('Developer reads')).toHaveValue('20.4');
  expect(await bytes()).toBeLessThanOrEqual(1024);
});

test('faces are cut to what is used, and what is seldom used comes when it is asked for', async ({
  page,
}) => {
  const files: { url: string; bytes: number; encoding: string | undefined; text: string }[] = [];
  page.on('response', async (response) => {
    const body = await response.body().catch(() => Buffer.alloc(0));
    const encoding = response.headers()['content-encoding'];
    files.push({ url: response.url(), bytes: body.length, encoding, text: body.toString() });
  });
  await page.goto('/film');
  await page.waitForLoadState('networkidle');
  const fonts = files.filter(({ url }) => url.endsWith('.woff2'));
  expect(fonts.length).toBeGreaterThan(0);
  expect(fonts.reduce((sum, { bytes }) => sum + bytes, 0)).toBeLessThan(90_000);
  const scripts = () => files.filter(({ url }) => url.endsWith('.js'));
  for (const { url, encoding } of [...scripts(), files[0]!]) {
    expect(encoding, url).toMatch(/^(br|gzip)$/);
  }
  const drags = () => scripts().some(({ text }) => text.includes('dnd-action'));
  expect(drags()).toBe(false);
  await open(page, '/film');
  await page.getByRole('button', { name: 'edit the steps' }).press('Enter');
  await expect(page.getByRole('button', { name: 'Drag Fix' })).toBeVisible();
  await expect.poll(drags).toBe(true);
  const before = scripts().length;
  await page.keyboard.press('Escape');
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toContainText('Space');
  await expect.poll(() => scripts().length).toBeGreaterThan(before);
});
