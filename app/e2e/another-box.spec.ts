import { randomUUID } from 'node:crypto';
import { made } from '../test/made.ts';
import { likeTheSet, otherBox, threeFilters } from '../test/three-filters.ts';
import { clickPatch, expect, leavePrint, openPrint, test } from './bench.ts';

const paper = 'Cullet gloss, by the box';

test('a box of paper that differs by more than its speed is noticed, and what was learned forgotten', async ({
  page,
}) => {
  for (let number = 0; number < 6; number += 1) {
    const data = made(
      threeFilters(8 + number, likeTheSet, paper),
      `Gather ${number + 1}`,
      Date.now() - 1000 * (20 - number),
    );
    expect((await page.request.put(`/api/v1/prints/${randomUUID()}`, { data })).status()).toBe(201);
  }
  const draft = threeFilters(10, otherBox, paper);
  await leavePrint(page, { ...draft, title: 'Gather, new box', highlight: null, shadow: null });
  await openPrint(page);
  await expect(page.getByText(/^Learned from 6 prints in this set-up/)).toBeVisible();
  const ruler = page.getByRole('group', { name: 'Stop ruler' });
  await clickPatch(ruler, draft.highlight! + 1, 15);
  await clickPatch(ruler, draft.shadow! + 1, 15, 'shadow');
  const noticed = page.getByRole('alert').filter({ hasText: 'by more than a box’s own speed' });
  await expect(noticed).toBeVisible();
  await page.getByRole('button', { name: 'Forget what they taught' }).click();
  await expect(noticed).toHaveCount(0);
  await expect(page.getByText('What earlier prints taught is left aside.')).toBeVisible();
  const remember = page.getByRole('button', { name: 'Remember it' });
  await expect(remember).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(noticed).toBeVisible();
  await expect(page.getByRole('button', { name: 'Forget it' })).toBeFocused();

  // Kept, it is the first print of its box: the next one is told so.
  await page.getByRole('button', { name: /^It was fired elsewhere/ }).click();
  await expect(page).toHaveURL(/\/logbook\/prints\//);
  await leavePrint(page, threeFilters(12, otherBox, paper));
  await openPrint(page);
  await expect(
    page.getByText(/From ‘Gather, new box’ on the paper is of another box: what prints before it/),
  ).toBeVisible();
  await expect(noticed).toHaveCount(0);
});
