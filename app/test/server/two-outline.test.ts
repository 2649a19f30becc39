import { randomUUID } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { outlineOf } from '../../src/lib/nouns/two-negatives/outline.server.ts';
import { shelfStores } from '../../src/lib/nouns/shelves.server.ts';
import { pictures } from '../../src/lib/nouns/picture/store.server.ts';
import { demoPictures, pictureFile } from '../../src/lib/server/seeds/pictures.ts';
import { demoTwoNegatives } from '../../src/lib/server/seeds/two-negatives.ts';
import { GET } from '../../src/routes/api/v1/two-negatives/[id]/outline.pdf/+server.ts';
import { call } from './call.ts';
import { freshDatabase } from './database.ts';
import { inkOf, pagesOf, textOf } from './pdf-ink.ts';

freshDatabase();

const { body } = demoTwoNegatives[0]!;
const placed = body.a.placed!;

describe('the outline of A', () => {
  it('is drawn at full size: its edge lies where it lies on the sheet', async () => {
    const straight = { ...placed, xMm: 120, yMm: 120, widthMm: 200, turnDegrees: 0 };
    const pdf = await outlineOf('The roof', straight, { widthMm: 240, heightMm: 180 }, undefined);
    expect(textOf(pdf).replace(/\s+/g, ' ')).toContain('Print at 100 %: the line is 100 mm.');
    const [page] = pagesOf(pdf);
    // 200 mm wide at 3:4 its upper edge is at 120 − 75 mm, 8 mm from the paper’s own edge.
    expect(inkOf(page!, 52, 54)).toBeGreaterThan(500);
    expect(inkOf(page!, 60, 62)).toBeLessThan(200);
  });

  it('has the lines of the picture in it, and goes on over pages when the sheet is larger', async () => {
    const preview = pictureFile('furnace-hall');
    const plain = await outlineOf('The roof', placed, { widthMm: 240, heightMm: 180 }, undefined);
    const drawn = await outlineOf('The roof', placed, { widthMm: 240, heightMm: 180 }, preview);
    const ink = (pdf: Uint8Array) => inkOf(pagesOf(pdf)[0]!, 80, 160);
    expect(ink(drawn)).toBeGreaterThan(ink(plain) * 1.5);
    const large = await outlineOf('The roof', placed, { widthMm: 406, heightMm: 508 }, undefined);
    expect(pagesOf(large)).toHaveLength(6);
    expect(textOf(large)).toContain('Page 6 of 6');
  });

  it('is answered for a print with a picture of A on the sheet, and a sentence for one without', async () => {
    for (const { id, name } of demoPictures) await pictures.put(id, pictureFile(name));
    const id = randomUUID();
    await shelfStores['two-negatives'].put(id, body);
    const answer = (await GET({ params: { id } } as never)) as Response;
    expect([answer.status, answer.headers.get('content-type')]).toEqual([200, 'application/pdf']);
    const bare = randomUUID();
    const { placed: _off, ...a } = body.a;
    await shelfStores['two-negatives'].put(bare, { ...body, a });
    const refused = await call(GET, { params: { id: bare } });
    expect(refused.status).toBe(404);
  });

  it('keeps its pictures, and those of colour prints, however old they are', async () => {
    const nextYear = Date.now() + 400 * 86_400_000;
    await pictures.tidy(nextYear);
    expect(await pictures.find(placed.picture.id)).toBeDefined();
  });
});
