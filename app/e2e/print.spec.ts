import {
  expect,
  leavePrint,
  stripRead,
  test,
  pressSpace,
  A_PRINT,
  openPrint,
  open,
} from './bench.ts';

test('from a test strip to a print in the logbook', async ({ page }) => {
  await openPrint(page);
  await page.getByRole('button', { name: /^Name of the print/ }).click();
  await page.getByRole('textbox', { name: 'Name of the print' }).fill('Glory hole, first try');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: /^First exposure/ }).click();
  await page.getByRole('textbox', { name: 'First exposure, s' }).fill('5');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: /^Step, stops/ }).click();
  await page.getByRole('textbox', { name: 'Step, stops' }).fill('1/3');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: /^Number of patches/ }).click();
  await page.getByRole('textbox', { name: 'Number of patches' }).fill('7');
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Firings to dial').getByRole('listitem')).toHaveText([
    /Nothing covered 5\.0 s/,
    /Card over one patch 1\.3 s/,
    /Card over two patches 1\.6 s/,
    /Card over three patches 2\.1 s/,
    /Card over four patches 2\.6 s/,
    /Card over five patches 3\.3 s/,
    /Card over six patches 4\.1 s/,
  ]);

  const ruler = page.getByRole('group', { name: 'Stop ruler' });
  const box = (await ruler.boundingBox())!;
  await page.mouse.click(box.x + (box.width * 3.5) / 7, box.y + 50);
  await expect(page.getByRole('slider', { name: 'highlight right' })).toHaveAttribute(
    'aria-valuetext',
    '10.0 s, patch 4',
  );
  await page.mouse.click(box.x + (box.width * 4.5) / 7, box.y + 120);
  await expect(page.getByRole('slider', { name: 'shadow right' })).toHaveAttribute(
    'aria-valuetext',
    '12.6 s, patch 5',
  );

  // Nobody has measured the lamp: what it is taken to lose at each of the patch's firings, one firing loses once.
  await expect(page.getByTestId('seconds')).toHaveText('10.0s');
  await expect(
    page.getByText(
      /lag is not written down: about 0\.2 s .* 4 firings, .*: 10\.0 s instead of 10\.6 s/,
    ),
  ).toBeVisible();
  await expect(page.getByTestId('setting')).toHaveText('2½');
  await expect(page.getByText(/so go harder: filter 2½/)).toBeVisible();
  await expect(page.getByText(/So far within .* a work print asks for/)).toBeVisible();
  await expect(
    page.getByText(/R 99\.\d wanted on the paper’s curve, 100\.0 by the bare formula/),
  ).toBeVisible();

  await page.keyboard.press('Escape');
  await page.keyboard.press('p');
  await expect(page).toHaveURL(/\/logbook\/prints\//);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Glory hole, first try');
  await expect(page.getByText('highlight VIII right at 10.0 s')).toBeVisible();
  await expect(page.getByText('shadow II right at 12.6 s')).toBeVisible();
});

test('everything by keyboard: picks placed, moved by half patches, taken away', async ({
  page,
}) => {
  await leavePrint(page, { ...stripRead, highlight: null, shadow: null });
  await openPrint(page);
  await expect(page.getByText('Highlight: touch the patch that is right')).toBeVisible();
  await page.keyboard.press('h');
  const highlight = page.getByRole('slider', { name: 'highlight right' });
  await expect(highlight).toBeFocused();
  await page.keyboard.press('ArrowRight');
  await expect(highlight).toHaveAttribute('aria-valuetext', '11.2 s, between patches 4 and 5');
  await page.keyboard.press('ArrowLeft');
  await page.keyboard.press('j');
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await expect(page.getByTestId('setting')).toHaveText('2½');
  await page.keyboard.press('Delete');
  await expect(page.getByRole('slider', { name: 'shadow right', exact: true })).toHaveCount(0);
  await expect(page.getByRole('slider', { name: /^shadow right.*nothing picked/ })).toBeFocused();
  await expect(page.getByText(/Pick the shadow too/)).toBeVisible();
});

test('a pick is dragged along the ruler', async ({ page }) => {
  await leavePrint(page);
  await openPrint(page);
  const slider = page.getByRole('slider', { name: 'highlight right' });
  const from = (await slider.boundingBox())!;
  const ruler = (await page.getByRole('group', { name: 'Stop ruler' }).boundingBox())!;
  await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
  await page.mouse.down();
  await page.mouse.move(ruler.x + (ruler.width * 2.5) / 7, from.y + 5, { steps: 12 });
  await page.mouse.up();
  await expect(slider).toHaveAttribute('aria-valuetext', /patch 3$/);
});

test('a picked end asks for a strip that reaches further; one more strip starts at the new contrast', async ({
  page,
}) => {
  await leavePrint(page, { ...stripRead, highlight: 6, shadow: null });
  await openPrint(page);
  await expect(page.getByText(/may lie beyond/)).toBeVisible();
  await pressSpace(page);
  await expect(page.getByText('Strip 2:')).toBeVisible();
  await expect(page.getByLabel('Firings to dial').getByRole('listitem').first()).toBeVisible();
  await page.getByRole('button', { name: 'Back to the strip before' }).click();
  await expect(page.getByText('Strip 1:')).toBeVisible();
  await expect(page.getByRole('slider', { name: 'highlight right' })).toHaveAttribute(
    'aria-valuenow',
    '7',
  );
});

test('wrong numbers get a sentence and stay as they were typed', async ({ page }) => {
  await leavePrint(page);
  await openPrint(page);
  await page.getByRole('button', { name: /^First exposure/ }).click();
  await page.getByRole('textbox', { name: 'First exposure, s' }).fill('a while');
  await expect(page.getByRole('alert')).toHaveText(
    'Type the first exposure in seconds, for example 5.',
  );
  await page.keyboard.press('Enter');
  await openPrint(page);
  await expect(page.getByRole('button', { name: 'First exposure, s: a while s' })).toBeVisible();
});

test('burns and dodges in stops, with their seconds', async ({ page }) => {
  // On a paper that no other print has taught anything of.
  await leavePrint(page, { ...stripRead, paper: '' });
  await openPrint(page);
  const areas = page.getByRole('listitem').filter({ hasText: 'roof' });
  await expect(areas).toContainText('+59 %, 6.2 s more');
});

test('a strip in the trays has its clock, moves on, and can be put back', async ({ page }) => {
  await openPrint(page);
  await page.keyboard.press('b');
  const sink = page.getByRole('contentinfo', { name: 'The sink' });
  const tray = (name: string) =>
    sink
      .getByRole('listitem')
      .filter({ has: page.getByText(name, { exact: true }) })
      .first();
  const strip = sink.getByRole('button', { name: /^strip 1/ });
  await expect(strip).toHaveAccessibleName(/(1:00|0:5\d) left/);
  await strip.click();
  await expect(tray('Stop')).toContainText('strip 1');
  await sink.getByRole('button', { name: 'undo' }).click();
  await expect(tray('Developer')).toContainText('strip 1');
  await page.reload();
  await expect(tray('Developer')).toContainText('strip 1');
});

test('a strip is fixed just enough to be looked at, then goes on or goes away', async ({
  page,
}) => {
  await openPrint(page);
  await page.keyboard.press('b');
  const sink = page.getByRole('contentinfo', { name: 'The sink' });
  const strip = sink.getByRole('button', { name: /^strip 1/ });
  await strip.click();
  await strip.click();
  await expect(strip).toHaveAccessibleName(/0:(15|14) left/);
  await expect(sink.getByText('fixed enough to look')).toBeVisible({ timeout: 20_000 });
  await expect(sink.getByText(/Paper box shut, then white light/)).toBeVisible();
  await sink.getByRole('button', { name: 'throw away' }).click();
  await expect(strip).toHaveCount(0);
});

test('a drag on the ruler keeps up with the screen', async ({ page }) => {
  await leavePrint(page);
  await openPrint(page);
  const ruler = (await page.getByRole('group', { name: 'Stop ruler' }).boundingBox())!;
  await page.mouse.move(ruler.x + 20, ruler.y + 60);
  await page.mouse.down();
  // The answer belongs to the frame in which the finger moved: nothing of it is left for later.
  for (let part = 1; part <= 6; part += 1) {
    await page.mouse.move(ruler.x + (ruler.width * (part + 0.5)) / 7, ruler.y + 60);
    const shown = await page.evaluate(
      () =>
        new Promise<string | null>((resolve) =>
          requestAnimationFrame(() =>
            resolve(
              document.querySelector('[data-place="highlight"]')!.getAttribute('aria-valuenow'),
            ),
          ),
        ),
    );
    expect(shown).toBe(String(part + 1));
  }
  await page.mouse.up();
});

test('strip after strip until it is sure enough; prints on a paper teach the next one', async ({
  page,
}) => {
  await leavePrint(page, { ...stripRead, certainty: 'look', highlight: 3, shadow: 4 });
  await openPrint(page);
  await expect(page.getByText(/as sure as a look asks/)).toBeVisible();
  await page.getByRole('button', { name: /^How sure to be/ }).click();
  await page.getByRole('radio', { name: /a work print/ }).click();
  await expect(page.getByText(/So far within/)).toBeVisible();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: /^One more strip/ }).click();
  await expect(page.getByText('Strip 2:')).toBeVisible();
  await page.keyboard.press('h');
  await page.keyboard.press('j');
  await expect(page.getByText(/Another strip is not worth the paper|So far within/)).toBeVisible();
  await page.getByRole('button', { name: /^It was fired elsewhere/ }).click();
  await expect(page).toHaveURL(/\/logbook\/prints\//);

  await leavePrint(page, stripRead);
  await openPrint(page);
  await expect(page.getByText(/^Learned from \w+ print/)).toBeVisible();
  await page.getByRole('button', { name: 'Forget it' }).click();
  await expect(page.getByText('What earlier prints taught is left aside.')).toBeVisible();
  await page.getByRole('button', { name: 'Remember it' }).click();
  await expect(page.getByText(/^Learned from/)).toBeVisible();
});

test('three prints in a set-up place the first strip of the next one, and say so', async ({
  page,
}) => {
  for (const first of ['4', '5', '6']) {
    await leavePrint(page, {
      ...stripRead,
      paper: 'Saltmarsh smooth',
      first,
      highlight: 3,
      shadow: 4,
    });
    await openPrint(page);
    await page.getByRole('button', { name: /^It was fired elsewhere/ }).click();
    await expect(page).toHaveURL(/\/logbook\/prints\//);
  }
  await leavePrint(page, {
    ...stripRead,
    paper: 'Saltmarsh smooth',
    highlight: null,
    shadow: null,
  });
  await openPrint(page);
  const placed = page.getByTestId('placed');
  await placed
    .getByRole('button', { name: 'Place it by the 3 prints made like this before' })
    .click();
  await expect(placed).toHaveText(/^Placed by the 3 prints made like this before/);
  await expect(page.getByRole('button', { name: 'Number of patches: 13 patches' })).toBeVisible();
  await page.getByRole('button', { name: /^First exposure, s/ }).click();
  await page.getByRole('textbox', { name: 'First exposure, s' }).fill('2');
  await page.keyboard.press('Enter');
  await placed
    .getByRole('button', { name: 'Place it by the 3 prints made like this before' })
    .click();
  await expect(placed).toHaveText(/^Placed by the 3 prints/);
  await expect(page.getByRole('button', { name: 'First exposure, s: 2 s' })).toHaveCount(0);
});

test('the answer is split, flashed, and carried to another size', async ({ page }) => {
  await leavePrint(page, { ...stripRead, paper: '' });
  await openPrint(page);
  await page.getByRole('button', { name: 'Split it soft and hard' }).click();
  await expect(page.getByTestId('split')).toHaveText(/^\d+\.\d s$/);
  await expect(page.getByText(/Together they are filter 2½/)).toBeVisible();
  await page.getByRole('button', { name: 'Soft filter: 00' }).click();
  await page.getByRole('radio', { name: '3', exact: true }).click();
  await expect(page.getByText('filter 2½ does not lie between 3 and 5.')).toBeVisible();
  await page.getByRole('button', { name: 'one exposure' }).click();
  await expect(page.getByTestId('split')).toHaveCount(0);

  await page.getByRole('button', { name: 'With a flash' }).click();
  await expect(page.getByText(/R 100 becomes 1\d\d\..*brings it back/)).toBeVisible();
  await page.reload();
  await expect(page.getByText(/R 100 becomes/)).toBeVisible();

  await page.getByRole('link', { name: 'Another size, aperture or paper' }).click();
  await page.getByLabel('It was on the paper, mm').fill('180');
  await page.getByLabel('It will be, mm').fill('huge');
  await expect(page.getByText('Type the length on the paper in mm')).toBeVisible();
  await page.getByLabel('It will be, mm').fill('360');
  await expect(page.getByTestId('converted')).toHaveText(/^3\d\.\ds$/);
  await expect(page.getByText(/By the lens law, magnification 5\.0 to 10\.0/)).toBeVisible();
  await expect(page.getByText(/Check it: 3 patches/)).toBeVisible();
});

test('what is impossible is marked with one touch', async ({ page }) => {
  await leavePrint(page, { ...stripRead, paper: '', highlight: null, shadow: null });
  await openPrint(page);
  await page.getByRole('button', { name: 'No black anywhere' }).click();
  await page.getByRole('button', { name: 'Nothing near white' }).click();
  await expect(page.getByText(/too soft a setting/)).toBeVisible();
  await expect(page.getByText(/may lie beyond/)).toBeVisible();
});

test('a sheet is developed by its first tone, and that can be taken back', async ({ page }) => {
  await openPrint(page);
  await page.getByRole('button', { name: /^Developer: by the clock/ }).click();
  await page.getByRole('radio', { name: /by the first tone × 5/ }).click();
  await page.keyboard.press('b');
  const sink = page.getByRole('contentinfo', { name: 'The sink' });
  const sheet = sink.getByRole('button', { name: /^strip 1/ });
  await page.waitForTimeout(2000);
  await sink.getByRole('button', { name: 'first tone' }).click();
  await expect(sheet).toHaveAccessibleName(/0:(0[5-9]|1\d) left/);
  await expect(sink.getByRole('button', { name: 'first tone' })).toHaveCount(0);
  await sink.getByRole('button', { name: 'undo' }).click();
  await expect(sheet).toHaveAccessibleName(/0:5\d left/);
  await expect(sink.getByRole('button', { name: 'first tone' })).toBeVisible();
});

test('sure enough, Space fires the print; the logbook is written only when a sheet was fired', async ({
  page,
}) => {
  await leavePrint(page, {
    ...{ ...stripRead, certainty: 'look', highlight: 3, shadow: 4, title: 'Fired first' },
    ...{ first: '1', step: '½', lag: '0', areas: [] },
  });
  await openPrint(page);
  const main = page.locator('.bg-rim');
  await expect(main).toHaveText(/Fire the print/);
  await pressSpace(page);
  await expect(page).toHaveURL(/\/fire\?what=print/);
  await expect(page.getByRole('heading', { name: 'Before the light' })).toBeVisible();
  await pressSpace(page);
  // Left before the light: nothing was fired, and nothing is written.
  await page.keyboard.press('Escape');
  await expect(main).toHaveText(/Fire the print/);
  await pressSpace(page);
  await expect(page.getByRole('heading', { name: 'Before the light' })).toBeVisible();
  await pressSpace(page);
  await expect(page.getByTestId('hands')).toHaveText(/^Whole sheet/);
  await pressSpace(page);
  await expect(page.getByTestId('hands')).toHaveText('All given. Into the developer.', {
    timeout: 20_000,
  });
  await pressSpace(page);
  await expect(page).toHaveURL(A_PRINT);
  await expect(page.getByRole('contentinfo', { name: 'The sink' })).toContainText('print');
  await expect(main).toHaveText(/Done: to its record/);
  // Another answer wants another sheet.
  await page.keyboard.press('h');
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await expect(main).not.toHaveText(/Done: to its record/);
  await page.keyboard.press('ArrowLeft');
  await page.keyboard.press('ArrowLeft');
  await expect(main).toHaveText(/Done: to its record/);
  // With the focus on the pick, Space does what the button says all the same.
  await pressSpace(page);
  await expect(page).toHaveURL(/\/logbook\/prints\//);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Fired first');
  const sheets = page.getByRole('region', { name: 'Sheets' });
  await expect(sheets).toContainText(/Sheet 1, .*Whole sheet, \d\.\d s, filter/);
  await expect(sheets).toContainText('By this screen’s lamp timer');
  // From the record it is on the bench again with all that was kept, and wants a sheet of its own.
  await pressSpace(page);
  await expect(page).toHaveURL(A_PRINT);
  await expect(main).toHaveText(/Fire the print/);
  await page.keyboard.press('p');
  await expect(sheets).toContainText(/Sheet 2, .*By a timer of its own/);
  // What is made is on the bench no more.
  const made = /[0-9a-f-]{36}$/.exec(page.url())![0];
  const kept = await (await page.request.get(`/api/v1/prints-in-hand/${made}`)).json();
  expect(kept).toMatchObject({ state: 'made', draft: { sheets: [{}, {}] } });
  await page.getByRole('button', { name: 'The blacks of sheet 1: not judged yet' }).click();
  await page.getByRole('radio', { name: /thin/ }).click();
  await expect(page.getByRole('button', { name: 'The blacks of sheet 1: thin' })).toBeVisible();
  // Anew, until it answers to keys.
  await open(page, page.url());
  await expect(page.getByRole('button', { name: 'The blacks of sheet 1: thin' })).toBeVisible();
  // A copy has all of it but the sheets.
  await page.keyboard.press('c');
  await expect(page).toHaveURL(A_PRINT);
  await expect(page.getByRole('button', { name: /Fired first, copy/ })).toBeVisible();
  await expect(main).toHaveText(/Fire the print/);
});

test('a slot that was just used leaves Space to the big button', async ({ page }) => {
  await openPrint(page);
  await page.getByRole('button', { name: /^First exposure/ }).click();
  await page.getByRole('textbox', { name: 'First exposure, s' }).fill('3');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: /^First exposure/ })).toBeFocused();
  await pressSpace(page);
  await expect(page).toHaveURL(/\/fire\?what=strip/);
});

test('B hit twice lays in one strip; a second one has a number', async ({ page }) => {
  await openPrint(page);
  const lying = page
    .getByRole('contentinfo', { name: 'The sink' })
    .getByRole('button', { name: /left\. Move on/ });
  await page.keyboard.press('b');
  await page.keyboard.press('b');
  await expect(lying).toHaveCount(1);
  await page.waitForFunction((from) => Date.now() - from > 1600, Date.now());
  await page.keyboard.press('b');
  await expect(lying).toHaveCount(2);
  await expect(lying.nth(1)).toHaveAccessibleName(/^strip 1, no\. 2/);
});

test.describe('under a finger', () => {
  test.use({ hasTouch: true, viewport: { width: 390, height: 844 } });

  test('scrolling over the ruler moves no pick; a touch and a sideways drag do', async ({
    page,
  }) => {
    await leavePrint(page);
    await openPrint(page);
    const highlight = page.getByRole('slider', { name: 'highlight right' });
    const was = await highlight.getAttribute('aria-valuenow');
    const ruler = page.getByRole('group', { name: 'Stop ruler' });
    await ruler.evaluate((one) => one.scrollIntoView({ block: 'center' }));
    const box = (await ruler.boundingBox())!;
    const cdp = await page.context().newCDPSession(page);
    const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', x = 0, y = 0) =>
      cdp.send('Input.dispatchTouchEvent', {
        type,
        touchPoints: type === 'touchEnd' ? [] : [{ x, y }],
      });
    const [x, y] = [box.x + box.width * 0.9, box.y + 60];
    const scrolled = () => page.evaluate(() => scrollY);
    const before = await scrolled();
    await touch('touchStart', x, y);
    for (let part = 1; part <= 10; part += 1) await touch('touchMove', x, y - 12 * part);
    await touch('touchEnd');
    await expect.poll(scrolled).toBeGreaterThan(before + 40);
    await expect(highlight).toHaveAttribute('aria-valuenow', was!);

    await ruler.evaluate((one) => one.scrollIntoView({ block: 'center' }));
    const now = (await ruler.boundingBox())!;
    await page.touchscreen.tap(now.x + (now.width * 1.5) / 7, now.y + 60);
    await expect(highlight).toHaveAttribute('aria-valuenow', '2');
    await touch('touchStart', now.x + (now.width * 1.5) / 7, now.y + 60);
    for (let part = 1; part <= 8; part += 1) {
      await touch('touchMove', now.x + (now.width * (1.5 + part / 2)) / 7, now.y + 60);
    }
    await touch('touchEnd');
    await expect(highlight).toHaveAttribute('aria-valuenow', '6');
  });
});

test('a ruler on which nothing was picked takes the focus, and an arrow key picks', async ({
  page,
}) => {
  await leavePrint(page, { ...stripRead, highlight: null, shadow: null });
  await openPrint(page);
  const open = page.getByRole('slider', { name: /^highlight right.*nothing picked yet$/ });
  await open.focus();
  await page.keyboard.press('ArrowRight');
  const picked = page.getByRole('slider', { name: 'highlight right', exact: true });
  await expect(picked).toBeFocused();
  await expect(picked).toHaveAttribute('aria-valuenow', '4');
  await page.keyboard.press('ArrowRight');
  await expect(picked).toHaveAttribute('aria-valuenow', '4.5');
  await expect(
    page.getByRole('slider', { name: /^shadow right.*nothing picked yet$/ }),
  ).toHaveCount(1);
});
