import {
  clickPatch,
  expect,
  leavePrint,
  open,
  openPrint,
  pressSpace,
  stripRead,
  test,
} from './bench.ts';

const unread = { ...stripRead, paper: '', enlarger: '', highlight: null, shadow: null };

test('one patch is judged in words, and counts with the next one', async ({ page }) => {
  await leavePrint(page, { ...unread, first: '10', patches: '1' });
  await openPrint(page);
  await expect(page.getByRole('group', { name: 'Stop ruler' })).toHaveCount(0);
  const highlight = page.getByRole('group', { name: 'Highlight' });
  await highlight.getByRole('button', { name: 'a bit light' }).click();
  const seconds = page.getByTestId('seconds');
  await expect(seconds).toHaveText(/^1[2-7]\.\ds$/);
  await expect(page.getByText(/contrast not known yet/)).toBeVisible();
  await highlight.getByRole('button', { name: 'right' }).click();
  await expect(seconds).toHaveText(/^(9\.\d|10\.\d)s$/);
  await page.keyboard.press('u');
  await expect(highlight.getByRole('button', { name: 'a bit light' })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await page.getByRole('group', { name: 'Shadow' }).getByRole('button', { name: 'right' }).click();
  await expect(page.getByText(/^within 0\.\d\d stop|^within 1/)).toBeVisible();
  await page.getByRole('button', { name: /One more strip/ }).click();
  await expect(page.getByText('Strip 2:')).toBeVisible();
  await expect(page.getByRole('group', { name: 'Stop ruler' }).first()).toBeVisible();
});

test('a look in white light counts, and the answer is at a filter', async ({ page }) => {
  await leavePrint(page, { ...unread, settingId: 'none' });
  await openPrint(page);
  await expect(page.getByRole('button', { name: /of this strip/ })).toContainText('none');
  const ruler = page.getByRole('group', { name: 'Stop ruler' });
  await clickPatch(ruler, 4, 7);
  await expect(page.getByTestId('setting')).toHaveText('none');
  await clickPatch(ruler, 4, 7, 'shadow');
  await expect(page.getByTestId('setting')).toHaveText(/^[0-9½]+$/);
});

test('a pick that does not fit is named, and can be looked at again', async ({ page }) => {
  const kept = (first: number, position: number) => ({
    settingId: '2',
    choices: {
      kind: 'stops',
      method: 'separate',
      firstSeconds: first,
      step: 0.25,
      patches: 7,
    } as const,
    lamp: { lagSeconds: 0.2, timerStepSeconds: 0.1 },
    highlight: { position, tone: 'VIII' as const },
    shadow: { position, tone: 'II' as const },
  });
  await leavePrint(page, {
    ...unread,
    ...{ lag: '0.2', method: 'separate', first: '6', step: '0.25', patches: '7' },
    earlier: [kept(6, 3), kept(6, 3)],
  });
  await openPrint(page);
  const ruler = page.getByRole('group', { name: 'Stop ruler' });
  await clickPatch(ruler, 7, 7);
  await expect(page.getByRole('alert')).toContainText(
    /This strip’s highlight does not fit the others: it asks for .* more light/,
  );
  const seconds = page.getByTestId('seconds');
  await expect(seconds).toHaveText(/^(9|10)\.\ds$/);
  await clickPatch(ruler, 4, 7);
  await expect(page.getByRole('alert')).toHaveCount(0);
  await expect(seconds).toHaveText(/^10\.\ds$/);
});

test('an earlier strip is looked at once more without its picks in sight, and both looks are kept', async ({
  page,
}) => {
  const earlier = (position: number) => ({
    ...{ settingId: '2', lamp: { lagSeconds: 0.2, timerStepSeconds: 0.1 } },
    choices: {
      ...{ kind: 'stops' as const, method: 'separate' as const },
      ...{ firstSeconds: 6, step: 0.25, patches: 7 },
    },
    highlight: { position, tone: 'VIII' as const },
    shadow: { position: 3, tone: 'II' as const },
  });
  await leavePrint(page, {
    ...unread,
    ...{ lag: '0.2', method: 'separate', first: '6', step: '0.25', patches: '7' },
    ...{ highlight: 3, shadow: 3, earlier: [earlier(6), earlier(3), earlier(3)] },
  });
  await openPrint(page);
  const named = page.getByRole('alert').filter({ hasText: 'Strip 1’s highlight does not fit' });
  await expect(named).toBeVisible();
  await page.getByRole('button', { name: 'strip 1, filter 2' }).click();
  const look = page.getByRole('region', { name: 'A fresh look at strip 1, filter 2' });
  const ruler = look.getByRole('group', { name: 'Stop ruler, strip 1, filter 2' });
  await expect(look.getByRole('button', { name: 'Keep this look' })).toBeDisabled();
  // What was picked before is out of sight.
  const open = look.getByRole('slider', { name: /^highlight right, .*: nothing picked yet$/ });
  await expect(open).toBeVisible();
  await clickPatch(ruler, 4, 7);
  await look.getByRole('button', { name: 'Leave it' }).click();
  await expect(look).toHaveCount(0);
  await expect(named).toBeVisible();
  await expect(page.getByRole('button', { name: 'strip 1, filter 2' })).toBeFocused();
  await page.keyboard.press('Enter');
  await open.focus();
  await page.keyboard.press('ArrowRight');
  const kept = page.waitForResponse(
    (answer) => answer.request().method() === 'PUT' && answer.url().includes('prints-in-hand'),
  );
  await look.getByRole('button', { name: 'Keep this look' }).click();
  await expect(page.getByText('All looks at strip 1, filter 2 count now.')).toBeVisible();
  await expect(named).toHaveCount(0);
  await kept;
  await page.reload();
  await page.waitForSelector('html[data-ready]');
  await expect(
    page.getByRole('button', { name: 'strip 1, filter 2, 2 looks', exact: true }),
  ).toBeVisible();
  await expect(named).toHaveCount(0);
  await page.getByRole('button', { name: 'strip 2, filter 2' }).click();
  await clickPatch(page.getByRole('group', { name: 'Stop ruler, strip 2, filter 2' }), 4, 7);
  await page.getByRole('button', { name: 'Keep this look' }).click();
  await page.getByRole('button', { name: 'Take this one back' }).click();
  await expect(page.getByRole('button', { name: 'strip 2, filter 2', exact: true })).toBeVisible();
});

test('the strips tell the lamp’s lag; written down it leaves the strip that was looked at as it was', async ({
  page,
}) => {
  const choices = (method: 'separate' | 'cover-up') =>
    ({ kind: 'stops', method, firstSeconds: 2, step: 0.25, patches: 7 }) as const;
  const kept = (method: 'separate' | 'cover-up', position: number) => ({
    ...{ settingId: '2', choices: choices(method), lamp: { lagSeconds: 0, timerStepSeconds: 0.1 } },
    highlight: { position, tone: 'VIII' as const },
    shadow: { position, tone: 'II' as const },
  });
  // One by one the patch of 2.8 s is right; covered up, where each firing loses light, one of 4 s is.
  const one = kept('separate', 2);
  const many = kept('cover-up', 4);
  await leavePrint(page, {
    ...unread,
    ...{ lag: '0', method: 'separate', first: '2', step: '0.25', patches: '7' },
    ...{ highlight: 2, shadow: 2, certainty: 'exhibition' },
    earlier: [one, many, one, many, many],
  });
  await openPrint(page);
  const tells = page.getByText(/The strips tell the lamp’s lag: 0\.\d+ s/);
  await expect(tells).toBeVisible();
  const dialled = await page.getByLabel('Firings to dial').getByRole('listitem').allTextContents();
  await page.getByRole('button', { name: /Write it down/ }).click();
  await expect(tells).toHaveCount(0);
  await expect(page.getByRole('button', { name: /Lamp lag/ })).toContainText(/0\.\d+ s late/);
  await expect(page.getByLabel('Firings to dial').getByRole('listitem')).toHaveText(dialled);
});

test('both strips of a flash’s threshold are fired, and what was seen on them is kept', async ({
  page,
}) => {
  await leavePrint(page, { ...stripRead, paper: '' });
  await openPrint(page, '/flash');
  await pressSpace(page);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Coarse strip');
  await pressSpace(page);
  await expect(page.getByTestId('hands')).toHaveText(/Nothing covered; no negative in the way/);
  await page.keyboard.press('Escape');
  await expect(page).toHaveURL(/\/flash$/);
  await page.getByRole('button', { name: /The longest patch without/ }).click();
  await page.getByRole('textbox', { name: /The longest patch without/ }).fill('4');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: /The next patch, with/ }).click();
  await page.getByRole('textbox', { name: /The next patch, with/ }).fill('8');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: /Fire the patches/ }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Separate patches');
  await page.keyboard.press('Escape');
  await expect(page).toHaveURL(/\/flash$/);
  await open(page, page.url());
  await expect(page.getByRole('button', { name: /The longest patch without/ })).toContainText(
    '4 s',
  );
});

test('a fresh look at the strip on the page saves another one: by the big button, kept, taken back', async ({
  page,
}) => {
  await leavePrint(page, {
    ...unread,
    ...{ lag: '0.2', method: 'separate', first: '6', step: '0.25', patches: '7' },
    ...{ highlight: 3, shadow: 3, earlier: [] },
  });
  await openPrint(page);
  const why = page.getByRole('region', { name: 'Why, and what next' });
  const answer = page.getByRole('region', { name: 'The answer' });
  await expect(why).toContainText('A fresh look at this strip, its picks out of sight, should do');
  await expect(answer).toContainText('within 0.24 stop');
  await expect(page.getByRole('button', { name: /^Look at it once more/ })).toBeVisible();
  await pressSpace(page);
  const look = page.getByRole('region', { name: 'A fresh look at strip 1, filter 2' });
  const open = look.getByRole('slider', { name: /^highlight right, .*: nothing picked yet$/ });
  await expect(open).toBeVisible();
  // Neither the picks nor what was found on them are in sight.
  await expect(answer).toHaveCount(0);
  await expect(page.getByRole('group', { name: /^Stop ruler/ })).toHaveCount(1);
  await expect(look).toBeInViewport();
  // Nothing was picked: the big button keeps nothing.
  await pressSpace(page);
  await expect(look).toBeVisible();
  const ruler = look.getByRole('group', { name: 'Stop ruler, strip 1, filter 2' });
  await clickPatch(ruler, 4, 7);
  await page.keyboard.press('j');
  await expect(look.getByRole('slider', { name: /^shadow right/ })).toBeFocused();
  await page.keyboard.press('ArrowRight');
  const kept = page.waitForResponse(
    (reply) => reply.request().method() === 'PUT' && reply.url().includes('prints-in-hand'),
  );
  await page
    .getByRole('button', { name: /^Keep this look/ })
    .first()
    .click();
  await expect(look).toHaveCount(0);
  await expect(page.getByText('All looks at strip 1, filter 2 count now.')).toBeVisible();
  await expect(answer).not.toContainText('within 0.24 stop');
  await kept;
  await page.reload();
  await page.waitForSelector('html[data-ready]');
  await expect(page.getByRole('button', { name: 'strip 1, filter 2, 2 looks' })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Fire the print/ })).toBeVisible();
  // It goes along when another strip is made all the same.
  await page.getByRole('button', { name: /^One more strip/ }).click();
  await expect(page.getByRole('button', { name: 'strip 1, filter 2, 2 looks' })).toBeVisible();
});
