import { randomUUID } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { bathState } from '@katachron/core';
import { bathExample } from '../../src/lib/nouns/bath/contract.ts';
import { entryExample, type KeptEntry } from '../../src/lib/nouns/bath/ledger.ts';
import { GET } from '../../src/routes/api/v1/baths/[id]/entries/+server.ts';
import { PUT } from '../../src/routes/api/v1/baths/[id]/entries/[entry]/+server.ts';
import { PUT as PUT_SHELF } from '../../src/routes/api/v1/[shelf=shelf]/[id]/+server.ts';
import { call } from './call.ts';
import { freshDatabase } from './database.ts';

freshDatabase();

const newBath = async () => {
  const id = randomUUID();
  const params = { shelf: 'baths', id };
  const { status } = await call(PUT_SHELF, { params, body: { ...bathExample, volumeMl: 2000 } });
  expect(status).toBe(201);
  return id;
};
const send = (bath: string, entry: KeptEntry, id = entry.id) =>
  call(PUT, { params: { id: bath, entry: id }, body: entry });
const ledger = async (bath: string) => {
  const { body } = await call(GET, { params: { id: bath } });
  return (body as { entries: KeptEntry[] }).entries;
};
const film = (areaCm2: number, atMs = 1_768_035_600_000): KeptEntry => ({
  id: randomUUID(),
  entry: { kind: 'film', atMs, areaCm2 },
});

describe('the ledger of a bath', () => {
  it('takes an entry once, however often it is sent, and gives them back in their order', async () => {
    const bath = await newBath();
    const [early, late] = [film(516, 1000), film(258, 2000)];
    expect((await send(bath, late)).status).toBe(201);
    expect((await send(bath, early)).status).toBe(201);
    expect((await send(bath, early)).status).toBe(200);
    expect(await ledger(bath)).toEqual([early, late]);
  });

  it('changes nothing that was written: another entry of that id is a conflict', async () => {
    const bath = await newBath();
    const one = film(516);
    await send(bath, one);
    const other = { ...one, entry: { ...one.entry, areaCm2: 5 } } as KeptEntry;
    expect((await send(bath, other)).status).toBe(409);
    // Nor does it move to another bath.
    expect((await send(await newBath(), one)).status).toBe(409);
    expect(await ledger(bath)).toEqual([one]);
  });

  it('is of a bath that there is, and its entries are what they say', async () => {
    expect((await send(randomUUID(), film(516))).status).toBe(404);
    const bath = await newBath();
    const wrong = await send(bath, film(516), randomUUID());
    expect(wrong.status).toBe(400);
    for (const entry of [
      { kind: 'film', atMs: 1, areaCm2: 1e9 },
      { kind: 'film', atMs: 1 },
      { kind: 'topped-up', atMs: 1, volumeMl: -5 },
      { kind: 'tested', atMs: 1, test: 'taste', passed: true },
      { kind: 'blessed', atMs: 1 },
    ]) {
      const body = { ...entryExample, id: randomUUID(), entry } as KeptEntry;
      const { status, body: problem } = await send(bath, body);
      expect(status).toBe(400);
      expect((problem as { errors: { detail: string }[] }).errors[0]!.detail).toMatch(/\.$/);
    }
    expect(await ledger(bath)).toEqual([]);
  });

  it('takes an entry back once, as a whole, and only one of its own', async () => {
    const [bath, other] = [await newBath(), await newBath()];
    const one = film(516);
    await send(bath, one);
    const back = (of: Partial<KeptEntry>, areaCm2 = -516): KeptEntry => ({
      ...{ id: randomUUID(), corrects: one.id },
      ...of,
      entry: { kind: 'film', atMs: 2000, areaCm2 },
    });
    const detail = async (to: string, entry: KeptEntry) => {
      const { status, body } = await send(to, entry);
      return [status, (body as { detail?: string }).detail];
    };
    expect(await detail(bath, back({ corrects: randomUUID() }))).toEqual([
      400,
      'There is no such entry in the ledger of this bath.',
    ]);
    expect((await send(other, back({}))).status).toBe(400);
    expect((await detail(bath, back({}, -600)))[1]).toContain('as much area as it has');
    const first = back({});
    // A double click, a lost answer and a second page at once: it is there once.
    const all = await Promise.all(
      [first, first, back({}), back({})].map((entry) => send(bath, entry)),
    );
    const answers = all.map(({ status }) => status);
    expect(answers.filter((status) => status === 201)).toHaveLength(1);
    expect(answers.filter((status) => status === 400).length).toBeGreaterThanOrEqual(2);
    const entries = await ledger(bath);
    expect(entries).toHaveLength(2);
    expect(await detail(bath, back({}))).toEqual([400, 'It was taken back already.']);
    const [, taken] = entries.toSorted((a, b) => Number(!!a.corrects) - Number(!!b.corrects));
    expect((await detail(bath, back({ corrects: taken!.id }, 516)))[1]).toBe(
      'What takes an entry back stays.',
    );
  });

  it('is the sum of what two writers sent, 1,000 times, late and twice', async () => {
    const bath = await newBath();
    // The same numbers in every run.
    let seed = 7;
    const next = () => (seed = (seed * 48_271) % 2_147_483_647) / 2_147_483_647;
    const written: KeptEntry[] = [];
    const writer = async (who: number) => {
      for (let turn = 0; turn < 500; turn += 1) {
        const again = next() < 0.2 && written.length > 0;
        const entry = again
          ? written[Math.floor(next() * written.length)]!
          : film(Math.round(3000 * next() - 500), 1000 * turn + who);
        if (!again) written.push(entry);
        const { status } = await send(bath, entry);
        // Two writers may send the same entry at the same moment: one of them is the first.
        expect([200, 201]).toContain(status);
      }
    };
    await Promise.all([writer(0), writer(1)]);
    const kept = await ledger(bath);
    expect(new Set(kept.map(({ id }) => id)).size).toBe(kept.length);
    expect(kept).toHaveLength(written.length);
    const sum = written.reduce(
      (all, { entry }) => all + ('areaCm2' in entry ? entry.areaCm2 : 0),
      0,
    );
    const state = bathState(
      { volumeMl: 2000, mixedAtMs: 0, filmCm2PerLitre: 4644 },
      kept.map(({ entry }) => entry),
      1e9,
    );
    expect(state.filmCm2).toBe(sum);
  });
});
