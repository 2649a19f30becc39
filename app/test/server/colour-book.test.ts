import { randomUUID } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { colourBook } from '../../src/lib/nouns/colour-print/book.server.ts';
import { colourPrintExample } from '../../src/lib/nouns/colour-print/contract.ts';
import { shelfStores } from '../../src/lib/nouns/shelves.server.ts';
import { demoColourPrints } from '../../src/lib/server/seeds/colour-prints.ts';
import { GET } from '../../src/routes/api/v1/colour-prints/[id]/book.pdf/+server.ts';
import { call } from './call.ts';
import { freshDatabase } from './database.ts';
import { inkOf, pagesOf, textOf } from './pdf-ink.ts';

freshDatabase();

const [glass, yard] = demoColourPrints.map(({ body }) => body);

describe('the page of the lab book', () => {
  it('has the set-up, and every sheet with pack, time and what was thought; all of it is ink', async () => {
    const pdf = await colourBook(glass!);
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
    expect(textOf(await colourBook(yard!))).toContain('ring-around, magenta');
    const [test] = glass!.tests;
    const many = Array.from({ length: 40 }, () => ({ ...test!, id: randomUUID() }));
    expect(pagesOf(await colourBook({ ...glass!, tests: many })).length).toBeGreaterThan(1);
    expect(textOf(await colourBook({ ...glass!, tests: [] }))).toContain('No sheet yet.');
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
