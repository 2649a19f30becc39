import { randomUUID } from 'node:crypto';
import { made } from '../test/made.ts';
import { emptyReadings } from '../src/lib/stages/print/read-places.ts';
import { expect, leavePrint, openPrint, pressSpace, stripRead, test } from './bench.ts';

test('where ten prints were read before, the next one is printed without a strip', async ({
  page,
}) => {
  const paper = 'Marrow fibre of the third box';
  const blank = emptyReadings('2');
  const read = (log: number) => ({
    ...blank,
    highlight: { ...blank.highlight, reading: log.toFixed(2) },
    shadow: { ...blank.shadow, reading: (log + 0.94).toFixed(2) },
  });
  const base = { ...stripRead, paper, areas: [], highlight: null, shadow: null };
  for (let number = 0; number < 10; number += 1) {
    // Highlight and shadow were right on the fourth patch.
    const first = 3 + (number % 4);
    const picked = { first: String(first), highlight: 3, shadow: 3 };
    const draft = { ...base, ...picked, readings: read(Math.log10(10 / (first * 2))) };
    const data = made(draft, `Oven brick ${number + 1}`, Date.now() - 1000 * (20 - number));
    const answer = await page.request.put(`/api/v1/prints/${randomUUID()}`, { data });
    expect(answer.status()).toBe(201);
  }
  await leavePrint(page, { ...base, title: 'Oven brick, the last' });
  await openPrint(page, '/readings');
  await page.getByLabel('Reading of the highlight').fill('-0.1');
  await page.getByLabel('Reading of the shadow').fill('0.84');
  await expect(page.getByTestId('seconds')).toHaveText(/^12\.\d\s*s$/);
  await expect(page.getByText(/Another strip is not worth the paper\.$/)).toBeVisible();
  await page.getByRole('button', { name: /^To the print/ }).click();
  await expect(page.getByTestId('setting')).toHaveText('2');
  await expect(
    page.getByText(/the time follows from prints that were right before\. On a box of paper newer/),
  ).toBeVisible();
  await expect(page.getByRole('button', { name: /^A strip first, all the same/ })).toBeVisible();

  // A probe read the light of this height: with the head moved it says the contrast alone, and Space fires a strip.
  const head = page.getByRole('button', { name: /^Head height/ });
  await head.click();
  await page.getByRole('textbox', { name: 'Head height' }).fill('50 cm');
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('read')).toContainText('the set-up was changed since');
  await expect(page.getByRole('button', { name: /^Fire the strip/ })).toBeVisible();
  await head.click();
  await page.getByRole('textbox', { name: 'Head height' }).fill('41.0 cm');
  await page.keyboard.press('Enter');

  await expect(page.getByRole('button', { name: /^Fire the print/ })).toBeVisible();
  await page.clock.install();
  await pressSpace(page);
  await expect(page.getByRole('heading', { name: 'Before the light' })).toBeVisible();
  await pressSpace(page);
  await expect(page.getByTestId('hands')).toHaveText(/^Whole sheet/);
  await pressSpace(page);
  await page.clock.runFor(60_000);
  await expect(page.getByTestId('hands')).toHaveText(/^All given/);
  await pressSpace(page);
  await page.getByRole('button', { name: /^Done: to its record/ }).click();
  await expect(page).toHaveURL(/\/logbook\/prints\//);
  await expect(
    page.getByText('Log light −0.1 at the highlight and 0.84 at the shadow.'),
  ).toBeVisible();
  await expect(page.getByText(/^Whole sheet, .*filter 2/)).toBeVisible();
});

test('a tone card is made from the answer, and looks beside it count for more', async ({
  page,
}) => {
  await leavePrint(page, { ...stripRead, paper: 'Marrow fibre of the fourth box', lag: '0' });
  await openPrint(page, '');
  const within = page.getByText(/^within 0\.\d\d stop/).first();
  const byEye = Number(/0\.\d\d/.exec((await within.textContent()) ?? '')![0]);
  await page.getByRole('button', { name: 'Make a tone card' }).click();
  const card = page.getByRole('group', { name: 'A tone card' });
  await expect(card.getByRole('listitem')).toHaveText([
    /^VIII 1\d\.\d s$/,
    /^VII 1\d\.\d s$/,
    /^V 2\d\.\d s$/,
    /^III \d\d\.\d s$/,
    /^II \d\d\.\d s$/,
  ]);
  await expect(card).toContainText('wet beside a wet strip');
  await page.getByRole('button', { name: /^How strips are looked at/ }).click();
  await page.getByRole('radio', { name: /beside the tone card/ }).click();
  await expect(within).not.toHaveText(new RegExp(String(byEye)));
  const byCard = Number(/0\.\d\d/.exec((await within.textContent()) ?? '')![0]);
  expect(byCard).toBeLessThan(byEye);
  // A card is of one paper.
  await page.getByRole('button', { name: /^Paper/ }).click();
  await page.getByRole('textbox', { name: 'Another' }).fill('Wharf pearl');
  await page.keyboard.press('Enter');
  await expect(
    page.getByRole('button', { name: 'How strips are looked at: by eye' }),
  ).toBeVisible();
});

test('densities ask how the negative is lit, and an enlarger on the shelf answers by its head', async ({
  page,
}) => {
  await leavePrint(page, { ...stripRead, enlarger: 'an enlarger nobody wrote down' });
  await openPrint(page, '/readings');
  await page.getByRole('button', { name: /^The scale of the readings/ }).click();
  await page.getByRole('radio', { name: /densit/ }).click();
  await page.getByLabel('Reading of the highlight').fill('1.12');
  await page.getByLabel('Reading of the shadow').fill('0.20');
  await expect(page.getByText(/^How does the enlarger light the negative\?/)).toBeVisible();
  await page.getByRole('button', { name: 'The light on the negative: which light?' }).click();
  await page.getByRole('radio', { name: /a diffuser/ }).click();
  await expect(page.getByRole('main')).toContainText(/spans\s*R\s*106\.\d/);
  await page.getByRole('button', { name: /^The light on the negative/ }).click();
  await page.getByRole('radio', { name: /a condenser/ }).click();
  await expect(page.getByRole('main')).toContainText(/spans\s*R\s*12\d\.\d/);
  // An enlarger of the shelf is known by its head.
  await leavePrint(page, { ...stripRead, enlarger: 'the tall enlarger' });
  await openPrint(page, '/readings');
  await page.getByRole('button', { name: /^The scale of the readings/ }).click();
  await page.getByRole('radio', { name: /densit/ }).click();
  await expect(
    page.getByRole('button', { name: /^The light on the negative: a (diffuser|condenser)/ }),
  ).toBeVisible();
});
