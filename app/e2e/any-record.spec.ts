import { randomUUID } from 'node:crypto';
import { expect, test } from './bench.ts';
import { Maker, seeded, type Schema } from './fuzz/values.ts';

/** Records of each noun, at the edges of its schema. */
const EACH = 12;
const SEED = Number(process.env.SEED ?? 1);

/** Where a record of a noun is shown, by the noun's address in the interface. */
const shownAt: Readonly<Record<string, readonly string[]>> = {
  rolls: ['/logbook/rolls/', '/film/rolls/', '/film/run/', '/film?roll=', '/print/proof?roll='],
  prints: ['/logbook/prints/'],
  'prints-in-hand': ['/print/'],
  recipes: ['/film/recipes/', '/film?recipe='],
  tanks: ['/film/tanks/'],
  holders: ['/film/tanks/holders/'],
  baths: ['/chemistry/baths/', '/api/v1/baths/labels.pdf?only='],
  substances: ['/chemistry/cupboard/'],
  vessels: ['/chemistry/vessels/'],
  enlargers: ['/print/setup/enlargers/'],
  papers: ['/print/setup/papers/'],
  proofs: ['/print/proof/'],
  calibrations: ['/calibrate/found/'],
  comparisons: ['/calibrate/comparisons/'],
  'colour-prints': ['/print/colour/'],
  'two-negatives': ['/print/two-negatives/'],
};
const parts: Readonly<Record<string, readonly string[]>> = {
  '/chemistry/baths/': ['/edit'],
  '/print/': ['/split', '/flash', '/readings', '/convert', '/plan', '/edges', '/fire?what=print'],
  '/print/colour/': ['/ring'],
  '/print/two-negatives/': ['/sheet'],
};
const everywhere = [
  ...['/', '/evening', '/film', '/film/rolls', '/film/recipes', '/film/tanks', '/film/clip-test'],
  ...['/print', '/print/proof', '/print/setup', '/print/colour', '/print/two-negatives'],
  ...['/print/practice', '/chemistry', '/chemistry/baths', '/chemistry/cupboard'],
  ...['/chemistry/vessels', '/calibrate', '/calibrate/comparisons', '/logbook', '/logbook/year'],
  ...['/logbook?what=prints', '/api/v1/baths/ledger.csv', '/api/v1/baths/discard.ics'],
  ...['/api/v1/prints.csv', '/api/v1/recipes.csv'],
];

test('whatever is stored of any noun, at the edges of what fits, every page answers', async ({
  baseURL,
  request,
}) => {
  test.setTimeout(400_000);
  const base = baseURL ?? '';
  const ids: string[] = [];
  const maker = new Maker(seeded(SEED), ids);
  const api = await (await request.get('/api/openapi.json')).json();
  const schemaOf = (path: string): Schema =>
    api.paths[path].put.requestBody.content['application/json'].schema;
  // A connection that the server closed as idle just when it was used is asked for once more, as a browser does.
  const ask = (path: string, how: RequestInit = {}) =>
    fetch(base + path, how).catch(() => fetch(base + path, how));
  const keep = async (path: string, value: unknown) => {
    const headers = { 'content-type': 'application/json' };
    return (await ask(path, { method: 'PUT', headers, body: JSON.stringify(value) })).status;
  };

  const faults: string[] = [];
  const see = async (path: string, about: unknown) => {
    const answer = await ask(path, { redirect: 'manual' });
    const text = await answer.text();
    if (answer.status >= 500)
      faults.push(`${answer.status} ${path} ${JSON.stringify(about)} ${text}`);
  };

  for (const [noun, pages] of Object.entries(shownAt)) {
    const path = `/api/v1/${noun}/{id}`;
    let kept = 0;
    for (let turn = 0; turn < EACH * 4 && kept < EACH; turn += 1) {
      const id = randomUUID();
      const value = maker.make(schemaOf(path));
      if ((await keep(`/api/v1/${noun}/${id}`, value)) !== 201) continue;
      kept += 1;
      ids.push(id);
      for (const [under, name] of [
        ['events', 'event'],
        ['entries', 'entry'],
      ] as const) {
        if (!api.paths[`${path}/${under}/{${name}}`]) continue;
        for (let more = 0; more < 3; more += 1) {
          const own = randomUUID();
          const body = maker.make(schemaOf(`${path}/${under}/{${name}}`));
          await keep(`/api/v1/${noun}/${id}/${under}/${own}`, { ...(body as object), id: own });
        }
      }
      for (const page of pages) {
        await see(page + id, value);
        for (const part of parts[page] ?? []) await see(page + id + part, value);
      }
    }
    expect(kept, `${noun} that were kept`).toBeGreaterThan(EACH / 4);
    for (const page of everywhere) await see(page, noun);
    expect(faults, `after ${noun}`).toEqual([]);
  }
});
