import { made } from '../test/made.ts';
import { likeTheSet, threeFilters } from '../test/three-filters.ts';
import { randomUUID } from 'node:crypto';
import { expect, leavePrint, stripRead, test, pressSpace, openPrint } from './bench.ts';

/** On a paper of its own, so that no other test's prints teach it. */
const fresh = () => ({ ...stripRead, paper: `Cinder ${randomUUID()}`, areas: [] });

test('two contrasts side by side are picked, fired and read together', async ({ page }) => {
  await leavePrint(page, { ...fresh(), highlight: null, shadow: null });
  await openPrint(page);
  await page.getByRole('button', { name: 'A second contrast beside it' }).click();
  await expect(page.getByRole('group', { name: 'Stop ruler, filter 2½' })).toBeVisible();
  await page.keyboard.press('h');
  await page.keyboard.press('j');
  await page.keyboard.press('ArrowRight');
  await expect(page.getByTestId('seconds')).toBeVisible();
  const alone = await page
    .getByText(/^within /)
    .first()
    .textContent();
  await page.keyboard.press('y');
  await expect(page.getByRole('slider', { name: 'highlight right, filter 2½' })).toBeFocused();
  await page.keyboard.press('i');
  await expect(page.getByRole('slider', { name: 'shadow right, filter 2½' })).toBeFocused();
  await expect(page.getByText(/^Between \d/)).not.toHaveText(alone!);
  await page.keyboard.press('f');
  await expect(page.getByTestId('count')).toHaveText('1 of 14');
  await pressSpace(page);
  await expect(page.getByTestId('hands')).toHaveText('Nothing covered, left half open, 5.2 s');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('group', { name: 'Stop ruler, filter 2½' })).toBeVisible();
  await page.keyboard.press('p');
  await expect(page).toHaveURL(/\/logbook\/prints\//);
  await expect(page.getByRole('region', { name: 'Strips' }).getByRole('heading')).toHaveCount(2);
});

test('a next strip may be of two contrasts, each with firings of its own', async ({ page }) => {
  await leavePrint(page, { ...fresh(), certainty: 'exhibition', highlight: 1, shadow: 5 });
  await openPrint(page);
  await page.getByRole('button', { name: /^Contrasts on the next strip/ }).click();
  await page.getByRole('radio', { name: /two contrasts side by side/ }).click();
  await expect(page.getByText(/, and beside it \d patches in/)).toBeVisible();
  await page.getByRole('button', { name: /One more strip/ }).click();
  await expect(page.getByRole('button', { name: /^Number of patches beside it/ })).toBeVisible();
  await page.getByRole('button', { name: 'Back to the strip before' }).click();
  await expect(page.getByRole('button', { name: /^Number of patches beside it/ })).toHaveCount(0);
});

test('a strip along the highlight and one along the shadow are read as one', async ({ page }) => {
  await leavePrint(page, { ...fresh(), highlight: 3, shadow: null, along: 'highlight' });
  await openPrint(page);
  await expect(page.getByText('Shadow: touch the patch that is right')).toHaveCount(0);
  await page.getByRole('button', { name: /One more strip/ }).click();
  await expect(page.getByText('Shadow: touch the patch that is right')).toBeVisible();
  await expect(page.getByText('Highlight: touch the patch that is right')).toHaveCount(0);
  await page.keyboard.press('j');
  await expect(
    page.getByText(/The highlight was picked on another strip; both are read as one/),
  ).toBeVisible();
  await expect(page.getByText(/R \d+\.\d wanted on the paper’s curve;/)).toBeVisible();
});

test('any pick is taken back, the last one first', async ({ page }) => {
  await leavePrint(page, fresh());
  await openPrint(page);
  const highlight = page.getByRole('slider', { name: 'highlight right' });
  await page.keyboard.press('h');
  await page.keyboard.press('ArrowRight');
  await expect(highlight).toHaveAttribute('aria-valuenow', '4.5');
  await page.getByRole('button', { name: 'No black anywhere' }).click();
  await expect(page.getByRole('slider', { name: 'shadow right' })).toHaveAttribute(
    'aria-valuenow',
    '7',
  );
  await page.keyboard.press('u');
  await expect(page.getByRole('slider', { name: 'shadow right' })).toHaveAttribute(
    'aria-valuenow',
    '5',
  );
  await page.keyboard.press('u');
  await expect(highlight).toHaveAttribute('aria-valuenow', '4');
});

test('softer and harder by half keep the highlight', async ({ page }) => {
  await leavePrint(page, fresh());
  await openPrint(page);
  await expect(page.getByText(/Same, but softer by half: filter 2, 10\.\d s\./)).toBeVisible();
  await expect(page.getByText(/Same, but harder by half: filter 3, 1[12]\.\d s\./)).toBeVisible();
});

test('what it learned from is shown, and one print of it can be left out', async ({ page }) => {
  await leavePrint(page, stripRead);
  await openPrint(page);
  await expect(page.getByText(/^Learned from/)).toBeVisible();
  await page.getByRole('button', { name: 'Show it' }).click();
  const list = page.getByRole('list', { name: 'What it learned from' });
  const count = await list.getByRole('listitem').count();
  expect(count).toBeGreaterThan(1);
  await list
    .getByRole('button', { name: /^Leave .* out$/ })
    .first()
    .click();
  await expect(list.getByRole('listitem')).toHaveCount(count - 1);
  await page.getByRole('button', { name: 'Take them in again' }).click();
  await expect(list.getByRole('listitem')).toHaveCount(count);
});

test('a dial stands anywhere between its points', async ({ page }) => {
  await leavePrint(page, fresh());
  await openPrint(page);
  await page.getByRole('button', { name: /^Contrast by/ }).click();
  await page.getByRole('radio', { name: 'yellow and magenta dials' }).click();
  // The filter's strip says nothing about a dial: its picks are gone.
  await expect(page.getByRole('slider', { name: /right$/ })).toHaveCount(0);
  await page.keyboard.press('h');
  await page.keyboard.press('j');
  await page.keyboard.press('ArrowRight');
  await expect(
    page.getByText(/Between the points: \d+ (yellow|magenta), \d+\.\d s\./),
  ).toBeVisible();
});

test('a dry verdict teaches the next print on the paper, visibly and once', async ({ page }) => {
  const { paper } = fresh();
  await leavePrint(page, { ...fresh(), paper });
  await openPrint(page);
  const seconds = page.getByTestId('seconds');
  await expect(seconds).toHaveText(/^1\d\.\ds$/);
  await page.keyboard.press('p');
  await expect(page).toHaveURL(/\/logbook\/prints\//);
  await page.getByRole('button', { name: /^The dry verdict/ }).click();
  await page.getByRole('radio', { name: '⅓ stop too dark' }).click();
  await expect(
    page.getByRole('button', { name: 'The dry verdict: ⅓ stop too dark' }),
  ).toBeVisible();
  await leavePrint(page, { ...fresh(), paper });
  await openPrint(page);
  await expect(
    page.getByText(/One dry print on this paper looked .* darker than the wet strips/),
  ).toBeVisible();
  const wet = Number.parseFloat((await seconds.textContent())!);
  await page.getByRole('button', { name: 'Take it off the time' }).click();
  await expect(page.getByText(/for the dry print/)).toBeVisible();
  const dry = Number.parseFloat((await seconds.textContent())!);
  // A third of a stop by one verdict, drawn towards none: about a fifth.
  expect(dry / wet).toBeGreaterThan(0.84);
  expect(dry / wet).toBeLessThan(0.9);
});

test('what dry prints on other papers say of the lamp, and of the eye, is on the page of a print on a new one', async ({
  page,
}) => {
  const { paper } = fresh();
  await leavePrint(page, { ...fresh(), paper });
  await openPrint(page);
  const seconds = page.getByTestId('seconds');
  const answer = page.getByRole('region', { name: 'The answer' });
  const told = async () => ({
    seconds: Number.parseFloat((await seconds.textContent())!),
    within: Number(/within (0\.\d+) stop/.exec((await answer.textContent())!)![1]),
  });
  await expect(seconds).toBeVisible();
  const before = await told();
  // Two papers of another make, six prints on each, all a third of a stop too dark when they were dry.
  const ids: string[] = [];
  for (const other of ['Tweezer pearl', 'Marver pearl']) {
    for (let print = 0; print < 6; print += 1) {
      const data = made(threeFilters(9, likeTheSet, other), 'Under the lamp', Date.now() - print)!;
      const sheets = data.sheets.map((sheet) => ({ ...sheet, verdict: { highlightStops: 1 / 3 } }));
      const id = randomUUID();
      const put = await page.request.put(`/api/v1/prints/${id}`, { data: { ...data, sheets } });
      expect(put.status()).toBe(201);
      ids.push(id);
    }
  }
  await page.reload();
  await expect(
    page.getByText(/^Under your lamp \d+ prints on other papers came out/),
  ).toBeVisible();
  await expect(page.getByText(/for the dry print/)).toBeVisible();
  const after = await told();
  expect(after.seconds).toBeLessThan(before.seconds * 0.95);
  expect(after.within).not.toBe(before.within);
  // And it is left on by a touch.
  await page.getByRole('button', { name: 'It is taken off: judge strips dry' }).click();
  await expect(seconds).toHaveText(new RegExp(`^${before.seconds.toFixed(1)}`));
  // Other tests have an eye and a lamp of their own.
  for (const id of ids) {
    await page.request.delete(`/api/v1/prints/${id}`, { headers: { 'if-match': '"1"' } });
  }
});
