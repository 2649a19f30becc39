import { randomUUID } from 'node:crypto';
import type { Page } from '@playwright/test';
import { made } from '../test/made.ts';
import { likeTheSet, threeFilters } from '../test/three-filters.ts';
import { clickPatch, expect, open, pressSpace, test } from './bench.ts';

const title = 'Punty rod, for practice';

/** Strips that are not to hand are passed over, up to those of one print. */
async function comeTo(page: Page, of = title) {
  const strip = page.getByRole('region', { name: 'The strip to look at' });
  const own = strip.getByRole('heading', { name: new RegExp(of) });
  for (let passed = 0; passed < 150 && (await own.count()) === 0; passed += 1) {
    const before = await strip.getByRole('heading').textContent();
    const made = await strip.getByText(/^Made /).textContent();
    await page.keyboard.press('n');
    await expect
      .poll(
        async () =>
          (await strip.getByRole('heading').textContent()) !== before ||
          (await strip.getByText(/^Made /).textContent()) !== made,
      )
      .toBe(true);
  }
  return { strip, own };
}

test('strips of finished prints are looked at once more, and teach', async ({ page }) => {
  const draft = threeFilters(9, likeTheSet, 'Punty gloss');
  const data = { ...made(draft, title, Date.now() - 3_600_000)!, strips: [] as unknown[] };
  data.strips = made(draft, title, 0)!.strips.slice(0, 1);
  const id = randomUUID();
  expect((await page.request.put(`/api/v1/prints/${id}`, { data })).status()).toBe(201);
  // The next one in the box is shorter.
  const [whole] = data.strips as { choices: object; patchSeconds: number[] }[];
  const short = {
    ...{ ...whole, choices: { ...whole!.choices, patches: 4 } },
    patchSeconds: whole!.patchSeconds.slice(0, 4),
    highlight: { position: 2, tone: 'VIII' },
    shadow: { position: 3, tone: 'II' },
  };
  const next = { ...data, title: 'Punty rod, short', madeAtMs: data.madeAtMs + 1, strips: [short] };
  const put = await page.request.put(`/api/v1/prints/${randomUUID()}`, { data: next });
  expect(put.status()).toBe(201);
  await open(page, '/print');
  await page.getByRole('link', { name: 'Practice' }).click();
  await expect(page.getByRole('heading', { name: 'Practice' })).toBeVisible();
  const { strip, own } = await comeTo(page);
  await expect(own).toBeVisible();
  await expect(strip.getByText(/looked at once\. The highlight is right where/)).toBeVisible();
  const keep = strip.getByRole('button', { name: /^Keep this look/ });
  await expect(keep).toBeDisabled();
  const ruler = strip.getByRole('group', { name: /^Stop ruler/ });
  const { highlight, shadow } = data.strips[0] as {
    highlight: { position: number };
    shadow: { position: number };
  };
  await clickPatch(ruler, highlight.position + 2, 15);
  await clickPatch(ruler, shadow.position + 1, 15, 'shadow');
  await expect(keep).toBeEnabled();
  await pressSpace(page);
  const said = page.getByRole('status').filter({ hasText: 'Kept.' });
  await expect(said).toContainText(
    'The highlight with ¼ stop more light than at first, the shadow as at first.',
  );
  await expect(said).toContainText('By all your strips a pick on Punty gloss by eye errs by');
  await expect(page.getByText(/picks were made twice/)).toBeVisible();
  await expect(strip.getByRole('heading', { name: /Punty rod, short/ })).toBeVisible();
  await expect(strip.getByRole('slider', { name: /nothing picked yet/ })).toHaveCount(2);
  // What was just looked at does not come again by itself.
  await page.keyboard.press('n');
  await expect(own).toHaveCount(0);
  const record = page.getByRole('link', { name: title });
  await page.request.get(`/api/v1/prints/${id}`).then(async (answer) => {
    const kept = (await answer.json()) as { strips: { again?: unknown[] }[] };
    expect(kept.strips[0]!.again).toHaveLength(1);
  });
  await said.getByRole('button', { name: 'Take it back' }).click();
  await expect(said).toHaveCount(0);
  await expect(strip).toBeFocused();
  await comeTo(page);
  await record.first().click();
  await expect(page).toHaveURL(new RegExp(id));
  await expect(page.getByText(/looked at again/)).toHaveCount(0);
});

test('what was picked is still there where the record was changed meanwhile, or the server is away', async ({
  page,
}) => {
  // Strips of other tests lie in the same box.
  const own = 'Punty rod, changed meanwhile';
  const data = made(threeFilters(9, likeTheSet, 'Punty gloss'), own, Date.now() - 3_600_000)!;
  const id = randomUUID();
  expect((await page.request.put(`/api/v1/prints/${id}`, { data })).status()).toBe(201);
  await open(page, '/print/practice');
  const { strip } = await comeTo(page, own);
  const slider = strip.getByRole('slider', { name: /^highlight right/ });
  await slider.focus();
  await page.keyboard.press('ArrowRight');
  const picked = await slider.getAttribute('aria-valuenow');
  await page.route('**/api/v1/prints/*', (route) => route.abort());
  await page.getByRole('button', { name: /^Keep this look/ }).click();
  await expect(page.getByRole('alert')).toContainText('The server does not answer.');
  await expect(slider).toHaveAttribute('aria-valuenow', picked!);
  await page.unroute('**/api/v1/prints/*');
  // Another device writes the same record.
  const changed = await page.request.put(`/api/v1/prints/${id}`, {
    data: { ...data, note: 'Hung by the annealing oven.' },
    headers: { 'if-match': '"1"' },
  });
  expect(changed.status()).toBe(200);
  await page.getByRole('button', { name: /^Keep this look/ }).click();
  await expect(page.getByRole('alert')).toContainText('was changed meanwhile');
  await expect(slider).toHaveAttribute('aria-valuenow', picked!);
  await page.getByRole('button', { name: /^Keep this look/ }).click();
  await expect(page.getByRole('status').filter({ hasText: 'Kept.' })).toBeVisible();
  await expect(page.getByRole('alert')).toHaveCount(0);
  const kept = (await (await page.request.get(`/api/v1/prints/${id}`)).json()) as typeof data;
  expect(kept.note).toBe('Hung by the annealing oven.');
  expect(kept.strips.filter(({ again }) => again)).toHaveLength(1);
});
