import { randomUUID } from 'node:crypto';
import { printExample } from '../src/lib/nouns/print/contract.ts';
import { rollExample } from '../src/lib/nouns/roll/contract.ts';
import { expect, open, test } from './bench.ts';

test('what was stored before two of a kind were refused opens, and answers to keys', async ({
  page,
  server,
}) => {
  const holder = { name: 'F77', format: 'four-by-five', notches: [1, 1, 3] };
  await server.store(`INSERT INTO holders (id, version, body, name) VALUES ($1, 1, $2, $3)`, [
    randomUUID(),
    holder,
    holder.name,
  ]);
  await open(page, '/film/tanks');
  await expect(page.getByRole('link', { name: 'F77' })).toBeVisible();
  await expect(page.getByRole('img', { name: 'notches at 1, 3' })).toBeVisible();

  const [step] = rollExample.plan.steps;
  const roll = { ...rollExample, title: 'Twice the same', madeAtMs: Date.now() };
  const id = randomUUID();
  expect((await page.request.put(`/api/v1/rolls/${id}`, { data: roll })).status()).toBe(201);
  await server.store('UPDATE rolls SET body = jsonb_set(body, $1, $2) WHERE id = $3', [
    '{plan,steps}',
    JSON.stringify([step, step]),
    id,
  ]);
  await open(page, `/film/run/${id}`);
  await expect(page.getByRole('img', { name: 'Steps of the run' })).toBeVisible();
  await open(page, `/logbook/rolls/${id}`);
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Twice the same');
});

test('a print with two burns of one name and two strips alike opens', async ({ page }) => {
  const id = randomUUID();
  const [version] = printExample.versions;
  const [area] = version!.areas;
  const [strip] = printExample.strips;
  const data = {
    ...printExample,
    title: 'Roof twice',
    versions: [{ ...version!, areas: [area!, { ...area!, stops: 1 }] }],
    strips: [strip, strip],
  };
  expect((await page.request.put(`/api/v1/prints/${id}`, { data })).status()).toBe(201);
  await open(page, `/logbook/prints/${id}`);
  await expect(
    page.getByRole('region', { name: 'Burns and dodges' }).getByRole('listitem'),
  ).toHaveCount(2);
});
