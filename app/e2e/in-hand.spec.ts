import type { BrowserContext, Page } from '@playwright/test';
import {
  A_PRINT,
  expect,
  leavePrint,
  open,
  openPrint,
  prefer,
  pressSpace,
  stripRead,
  test,
} from './bench.ts';
import { newDraft } from '../src/lib/nouns/in-hand/begin.ts';

const named = (page: Page, name: string) => page.getByRole('link').filter({ hasText: name });

async function typeTitle(page: Page, title: string) {
  await page.getByRole('button', { name: /^Name of the print/ }).click();
  await page.getByRole('textbox', { name: 'Name of the print' }).fill(title);
  await page.keyboard.press('Enter');
}

/** What the server has of the print that a page is about. */
async function stored(page: Page) {
  const id = /\/print\/([0-9a-f-]{36})/.exec(page.url())![1]!;
  return (await page.request.get(`/api/v1/prints-in-hand/${id}`)).json();
}

/** Another browser: its own cookies and its own storage. */
async function otherBrowser(context: BrowserContext, baseURL: string | undefined) {
  const other = await context.browser()!.newContext({
    ...(baseURL && { baseURL }),
    viewport: { width: 390, height: 844 },
    serviceWorkers: 'block',
  });
  return { page: await other.newPage(), close: () => other.close() };
}

test('two prints are in hand on two browsers at once, each with its next step', async ({
  page,
  context,
  baseURL,
}) => {
  const phone = await otherBrowser(context, baseURL);
  await open(page, '/print');
  await pressSpace(page);
  await expect(page).toHaveURL(A_PRINT);
  await typeTitle(page, 'Ladle by the door');
  await open(phone.page, '/print');
  await phone.page.getByRole('button', { name: /New print/ }).click();
  await expect(phone.page).toHaveURL(A_PRINT);
  await typeTitle(phone.page, 'Cullet barrow');
  for (const one of [page, phone.page]) {
    await open(one, '/print');
    await expect(named(one, 'Ladle by the door')).toContainText('Fire strip 1 and pick on it.');
    await expect(named(one, 'Cullet barrow')).toContainText('Fire strip 1 and pick on it.', {
      timeout: 8000,
    });
  }
  // Put aside at the desk, taken up on the phone.
  await page.getByRole('button', { name: 'Put aside: Ladle by the door' }).click();
  await expect(page.getByRole('heading', { name: 'Put aside' })).toBeVisible();
  await open(phone.page, '/print');
  await named(phone.page, 'Ladle by the door').click();
  await expect(
    phone.page.getByRole('button', { name: /^Name of the print: Ladle by the door/ }),
  ).toBeVisible();
  // Removed by mistake.
  await page.getByRole('button', { name: 'Remove Cullet barrow' }).click();
  await expect(page.getByRole('status')).toContainText('Cullet barrow was removed.');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(named(page, 'Cullet barrow')).toBeVisible();
  await phone.close();
});

test('forty strips and eighteen burns are there a week later, on a phone', async ({
  page,
  context,
  baseURL,
}) => {
  const strip = {
    settingId: '2',
    choices: { kind: 'stops', method: 'cover-up', firstSeconds: 5, step: 1 / 3, patches: 7 },
    lamp: { lagSeconds: 0.2, timerStepSeconds: 0.1 },
    highlight: { position: 3, tone: 'VIII' },
    shadow: { position: 4, tone: 'II' },
  } as const;
  const path = await leavePrint(page, {
    ...stripRead,
    earlier: Array.from({ length: 39 }, () => strip),
    areas: Array.from({ length: 17 }, (_, n) => ({ name: `place ${n + 1}`, stops: '+½' })),
  });
  await openPrint(page);
  await page.getByRole('button', { name: 'Add an area' }).click();
  await expect(page.getByText('Burns and dodges').first()).toBeVisible();
  await page.getByRole('button', { name: 'One more strip' }).click();
  await expect.poll(async () => (await stored(page)).draft.earlier.length).toBe(40);
  expect((await stored(page)).draft.areas).toHaveLength(18);
  const phone = await otherBrowser(context, baseURL);
  await phone.page.clock.install({ time: Date.now() + 7 * 86_400_000 });
  await open(phone.page, path);
  await expect(
    phone.page
      .getByRole('textbox', { name: /^Name of area/ })
      .or(phone.page.getByText('place 17'))
      .first(),
  ).toBeVisible();
  await open(phone.page, '/print');
  await expect(phone.page.locator(`a[href="${path}"]`)).toContainText('40 strips read');
  await phone.close();
});

test('what is changed elsewhere comes in; both count where each changed something else', async ({
  page,
  context,
  baseURL,
}) => {
  const path = await leavePrint(page, { ...stripRead, title: 'Gondola' });
  const phone = await otherBrowser(context, baseURL);
  await open(page, path);
  await open(phone.page, path);
  await typeTitle(phone.page, 'Gondola, broad');
  await page.bringToFront();
  await expect(page.getByRole('button', { name: /Gondola, broad/ })).toBeVisible();
  // Without a connection each changes the same: nobody is overruled.
  await context.setOffline(true);
  await typeTitle(page, 'Gondola at the desk');
  await typeTitle(phone.page, 'Gondola on the phone');
  await expect
    .poll(async () => (await stored(phone.page)).draft.title)
    .toBe('Gondola on the phone');
  await context.setOffline(false);
  await page.bringToFront();
  const meanwhile = page.getByRole('region', { name: 'Changed on another device' });
  await expect(meanwhile).toContainText(
    'the name: here Gondola at the desk, there Gondola on the phone',
  );
  await meanwhile.getByRole('button', { name: 'Keep what is here' }).click();
  await expect(meanwhile).toHaveCount(0);
  await expect.poll(async () => (await stored(page)).draft.title).toBe('Gondola at the desk');
  await phone.close();
});

test('with the server away what is typed stays over a reload and is sent when it answers', async ({
  page,
}) => {
  const path = await leavePrint(page, { ...stripRead, title: 'Blowpipe' });
  await open(page, path);
  await page.route('**/api/v1/prints-in-hand/*', (route) => route.abort());
  await typeTitle(page, 'Blowpipe, left');
  await page.keyboard.press('h');
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('status').filter({ hasText: 'kept in this browser' })).toBeVisible();
  await page.reload();
  await page.unroute('**/api/v1/prints-in-hand/*');
  await expect(page.getByRole('button', { name: /Blowpipe, left/ })).toBeVisible({
    timeout: 10_000,
  });
  await expect(page.getByRole('slider', { name: 'highlight right' })).toHaveAttribute(
    'aria-valuetext',
    /patch 5/,
  );
  await expect
    .poll(async () => (await stored(page)).draft)
    .toMatchObject({ title: 'Blowpipe, left', highlight: 4 });
});

test('picks can be taken back after a look at another page', async ({ page }) => {
  await leavePrint(page, { ...stripRead, highlight: 3 });
  await openPrint(page);
  await page.keyboard.press('h');
  await page.keyboard.press('ArrowRight');
  const highlight = page.getByRole('slider', { name: 'highlight right' });
  await expect(highlight).toHaveAttribute(
    'aria-valuetext',
    /between patches 4 and 5|patch 4½|patch 5/,
  );
  const moved = await highlight.getAttribute('aria-valuetext');
  await page.getByRole('link', { name: 'Flash' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Flash');
  await page.keyboard.press('Escape');
  await expect(highlight).toHaveAttribute('aria-valuetext', moved!);
  await page.keyboard.press('u');
  await expect(highlight).toHaveAttribute('aria-valuetext', /patch 4$/);
});

test('a firing survives a reload, is gone on with, and what was skipped or stopped is known', async ({
  page,
}) => {
  await leavePrint(page, {
    ...{
      ...stripRead,
      first: '12',
      step: '½',
      patches: '3',
      lag: '0',
      highlight: null,
      shadow: null,
    },
    areas: [],
  });
  await openPrint(page, '/fire?what=strip');
  await pressSpace(page);
  await pressSpace(page);
  await expect(page.getByTestId('lamp')).toHaveText(/Lamp on/, { timeout: 8000 });
  await page.reload();
  // Its lamp went on burning meanwhile, and so does the clock.
  await expect(page.getByTestId('lamp')).toHaveText(/Lamp on/);
  await expect(page.getByTestId('clock')).toHaveText(/^(1[01]|[5-9])\.\d/);
  await page.waitForFunction(() => document.documentElement.dataset.ready !== undefined);
  await page.keyboard.press('x');
  await expect(page.getByRole('alert').filter({ hasText: 'Stopped early' })).toBeVisible();
  const rest = await page.getByTestId('clock').textContent();
  await page.keyboard.press('Escape');
  await expect(page).toHaveURL(A_PRINT);
  await page.keyboard.press('f');
  await expect(page.getByTestId('clock')).toHaveText(rest!);
  await expect(page.getByTestId('count')).toHaveText('1 of 3');
  await page.keyboard.press('n');
  await expect(page.getByTestId('count')).toHaveText('2 of 3');
  await page.keyboard.press('z');
  await expect(page.getByTestId('count')).toHaveText('1 of 3');
  await page.getByRole('button', { name: 'Other paper' }).click();
  await expect(page.getByRole('heading', { name: 'Before the light' })).toBeVisible();
  // To focus by, the lamp is lit without anything being fired.
  await page.keyboard.press('o');
  await expect(page.getByText('The lamp is on to focus')).toBeVisible();
  await page.keyboard.press('o');
  await expect(page.getByText('The lamp is on to focus')).toHaveCount(0);
});

test('on an empty bench in red light the list says what it is for', async ({ page }) => {
  await prefer(page, { light: 'red' });
  const { prints } = await (await page.request.get('/api/v1/prints-in-hand')).json();
  for (const { id, version } of prints) {
    await page.request.delete(`/api/v1/prints-in-hand/${id}`, {
      headers: { 'if-match': `"${version}"` },
    });
  }
  await open(page, '/print');
  await expect(page.getByText(/^Nothing is in hand\./)).toBeVisible();
});

test('a list that is asked anew on the way to a print calls the way off nowhere', async ({
  page,
}) => {
  await page.clock.install();
  await open(page, '/print');
  let letGo = () => {};
  const held = new Promise<void>((done) => (letGo = done));
  await page.route('**/print/*/__data.json*', async (route) => {
    await held;
    await route.continue();
  });
  const asked = page.waitForRequest(/\/print\/[0-9a-f-]{36}\/__data\.json/);
  await pressSpace(page);
  await asked;
  // The list looks every four seconds whether another device did something: the new print is news to it.
  const looked = page.waitForResponse(/\/api\/v1\/prints-in-hand$/);
  await page.clock.runFor(5000);
  await looked;
  letGo();
  await expect(page).toHaveURL(A_PRINT);
  await expect(page.getByRole('button', { name: /^Name of the print/ })).toBeVisible();
});

test('from nothing to a fired, developed and recorded print by keyboard alone, in at most forty keys', async ({
  page,
}) => {
  let keys = 0;
  const press = async (key: string) => {
    keys += 1;
    if (key === ' ') await pressSpace(page);
    else await page.keyboard.press(key);
  };
  // On a paper that nobody has printed on: what other tests learned places no strip of many firings here.
  const paper = 'Paper of forty keys';
  await leavePrint(page, { ...newDraft(), sideBySide: false, paper });
  await page.clock.install();
  await open(page, '/print');
  await press(' ');
  await expect(page).toHaveURL(A_PRINT);
  const hands = page.getByTestId('hands');
  /** Fires all that is to be fired, and lays it in the developer. */
  const fire = async () => {
    await expect(page.getByRole('heading', { name: 'Before the light' })).toBeVisible();
    await press(' ');
    for (let firing = 0; firing < 12; firing += 1) {
      await expect(hands).toBeVisible();
      if ((await hands.textContent())?.startsWith('All given')) break;
      await press(' ');
      await page.clock.runFor(60_000);
    }
    await press(' ');
    await expect(page).toHaveURL(A_PRINT);
  };
  await press(' ');
  await fire();
  await press('h');
  await press('j');
  await press('ArrowRight');
  const main = page.locator('.bg-rim');
  // How finely whoever looks sees is known from prints on other papers, where there are any: then a fresh look may do.
  await expect(main).toHaveText(/One more strip|Look at it once more|Fire the print/);
  await press('g');
  await fire();
  await expect(main).toHaveText(/Done: to its record/);
  await press(' ');
  await expect(page).toHaveURL(/\/logbook\/prints\//);
  const sheets = page.getByRole('region', { name: 'Sheets' });
  await expect(sheets).toContainText('Sheet 1');
  await expect(sheets).toContainText('In the trays: Developer');
  expect(keys).toBeLessThanOrEqual(40);
});

test('frames that were rated are offered as negatives, and the rest are found by words', async ({
  page,
}) => {
  await leavePrint(page, { ...stripRead, negative: '' });
  await openPrint(page);
  await page.getByRole('button', { name: /^Negative/ }).click();
  const list = page.getByRole('list', { name: 'Negatives to print' });
  await expect(list.getByRole('button').first()).toContainText(/ \/ 14, pick/);
  await page.getByRole('textbox', { name: 'Negative' }).fill('R-118 / 31');
  await expect(list.getByRole('button')).toHaveText([/^\s*R-118 \/ 31/]);
  await list.getByRole('button').click();
  await expect(page.getByRole('button', { name: 'Negative: R-118 / 31' })).toBeVisible();
  // One from an old box.
  await page.getByRole('button', { name: /^Negative/ }).click();
  await page.getByRole('textbox', { name: 'Negative' }).fill('glass plate, grandfather’s');
  await page.keyboard.press('Enter');
  await expect(
    page.getByRole('button', { name: 'Negative: glass plate, grandfather’s' }),
  ).toBeVisible();
});

test('another size knows what is known, and leads on to a check strip there', async ({ page }) => {
  await leavePrint(page, {
    ...stripRead,
    ...{ negativeLength: '60', printLength: '240', aperture: '8' },
  });
  await openPrint(page, '/convert');
  await expect(page.getByLabel('It was on the paper, mm')).toHaveValue('240');
  await expect(page.getByLabel('The time was, s')).toHaveValue(/^\d+\.\d+$/);
  await page.getByLabel('It will be, mm').fill('300');
  const there = await page.getByTestId('converted').textContent();
  await page.getByRole('button', { name: /Go on there/ }).click();
  await expect(page).toHaveURL(A_PRINT);
  await expect(page.getByRole('button', { name: /^Number of patches: 3/ })).toBeVisible();
  await expect(
    page.getByRole('button', { name: 'A length on the paper, mm: 300 mm' }),
  ).toBeVisible();
  await expect(page.getByTestId('so-far')).toContainText(/^\s*\d+\.\d/.exec(there!)![0].trim());
});

test('readings are kept over a reload, asked about where they are swapped, and checked by a strip', async ({
  page,
}) => {
  // On a paper of its own: what is kept here teaches no other test.
  const paper = 'Marrow fibre of the fifth box';
  await leavePrint(page, { ...stripRead, paper, highlight: null, shadow: null });
  await openPrint(page, '/readings');
  await page.getByLabel('Reading of the highlight').fill('-0.66');
  await page.getByLabel('Reading of the shadow').fill('-1.42');
  await expect(page.getByRole('alert')).toContainText('read the other way round?');
  await open(page, page.url());
  await page.getByRole('button', { name: 'Swap the two' }).click();
  await expect(page.getByTestId('setting')).toHaveText('3');
  await page.getByLabel('Reading of the known print').fill('-1.42');
  await page.getByLabel('Seconds of the known print').fill('9');
  await page.getByRole('button', { name: /Lay the strip so/ }).click();
  await expect(page).toHaveURL(A_PRINT);
  await expect(page.getByRole('button', { name: 'The filter of this strip: 3' })).toBeVisible();
  await expect(page.getByTestId('placed')).toHaveText(/^Placed by what was read of the negative/);
  // The print page says what counts, and is answered by it as soon as a patch is picked.
  await expect(page.getByTestId('so-far')).toContainText('by what was read');
  const counted = page.getByTestId('read');
  await expect(counted).toHaveText(/^Log light −1\.42 at the highlight and -?−?0\.66/);
  await counted.getByRole('button', { name: 'Leave it out' }).click();
  await expect(counted).toContainText('are left out.');
  await expect(page.getByTestId('so-far')).toHaveCount(0);
  await counted.getByRole('button', { name: 'Let it count' }).click();
  await expect(page.getByTestId('so-far')).toBeVisible();
  // Fired elsewhere and picked, it goes into the record with the strips.
  await page.keyboard.press('h');
  await page.keyboard.press('j');
  await expect(page.getByTestId('seconds')).toBeVisible();
  await page.getByRole('button', { name: /fired elsewhere/ }).click();
  await expect(page).toHaveURL(/\/logbook\/prints\//);
  await expect(
    page.getByText('Log light −1.42 at the highlight and −0.66 at the shadow.'),
  ).toBeVisible();
});
