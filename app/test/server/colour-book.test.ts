import { randomUUID } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { colourBook } from '../../src/lib/nouns/colour-print/book.server.ts';
import { colourPrintExample } from '../../src/lib/nouns/colour-print/contract.ts';
import { shelfStores } from '../../src/lib/nouns/shelves.server.ts';
import { demoColourPrints } from '../../src/lib/server/seeds/colour-prints.ts';
import { colourSample, pictureFile } from '../../src/lib/server/seeds/pictures.ts';
import { GET } from '../../src/routes/api/v1/colour-prints/[id]/book.pdf/+server.ts';
import { call } from './call.ts';
import { freshDatabase } from './database.ts';
import { inkOf, pagesOf, textOf } from './pdf-ink.ts';

freshDatabase();

const noPicture = () => Promise.resolve(undefined);
const [glass, yard] = demoColourPrints.map(({ body }) => body);

describe('the page of the lab book', () => {
  it('has the set-up, and every sheet with pack, time and what was thought; all of it is ink', async () => {
    const pdf = await colourBook(glass!, noPicture);
    const words = textOf(pdf).replace(/\s+/g, ' ');
    for (const part of [
      'Gathering glass, in colour',
      'C-004 / 7; the tall enlarger; 80 mm at f/8, 41.0 cm; Tarn gloss; box 2; the box says C 0 M 5 Y -5',
      'C 0 M 44 Y 58',
      'slightly red; The apron is warm; the glass itself may be',
      '11.9 s',
      'no cast; 1/12 stop more light',
    ]) {
      expect(words).toContain(part);
    }
    const [page] = pagesOf(pdf);
    for (const [from, to] of [
      [18, 27],
      [28, 34],
      [38, 48],
      [50, 60],
    ] as const) {
      expect(inkOf(page!, from, to), `${from} to ${to} mm`).toBeGreaterThan(300);
    }
  });

  it('names what a ring-around moved, and goes on to another page when it is long', async () => {
    expect(textOf(await colourBook(yard!, noPicture))).toContain('ring-around, magenta');
    const [test] = glass!.tests;
    const many = Array.from({ length: 40 }, () => ({ ...test!, id: randomUUID() }));
    expect(pagesOf(await colourBook({ ...glass!, tests: many }, noPicture)).length).toBeGreaterThan(
      1,
    );
    expect(textOf(await colourBook({ ...glass!, tests: [] }, noPicture))).toContain(
      'No sheet yet.',
    );
  });

  it('shows the print itself beside its sheet, in its colours', async () => {
    const picture = pictureFile(colourSample.name);
    const page = async (of: Uint8Array | undefined) =>
      pagesOf(await colourBook(yard!, () => Promise.resolve(of)))[0]!;
    const [without, beside] = [await page(undefined), await page(picture)];
    expect(inkOf(beside, 40, 80)).toBeGreaterThan(inkOf(without, 40, 80) + 3000);
  });

  it('is answered for a print that is kept, and a sentence for one that is not', async () => {
    const id = randomUUID();
    await shelfStores['colour-prints'].put(id, colourPrintExample);
    const answer = (await GET({ params: { id } } as never)) as Response;
    expect([answer.status, answer.headers.get('content-type')]).toEqual([200, 'application/pdf']);
    expect(textOf(new Uint8Array(await answer.arrayBuffer()))).toContain(colourPrintExample.name);
    expect((await call(GET, { params: { id: randomUUID() } })).status).toBe(404);
  });
});
