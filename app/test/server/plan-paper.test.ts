import { randomUUID } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import type { PrintDraft } from '../../src/lib/nouns/in-hand/draft.ts';
import { printsInHand } from '../../src/lib/nouns/in-hand/store.server.ts';
import { pictures } from '../../src/lib/nouns/picture/store.server.ts';
import { demoPictures, pictureFile, shownPicture } from '../../src/lib/server/seeds/pictures.ts';
import { GET } from '../../src/routes/api/v1/prints-in-hand/[id]/plan.pdf/+server.ts';
import { stripRead } from '../samples.ts';
import { freshDatabase } from './database.ts';
import { inkOf, pagesOf, textOf } from './pdf-ink.ts';

freshDatabase();

async function planOf(draft: PrintDraft): Promise<Uint8Array> {
  const id = randomUUID();
  await printsInHand.put(id, { draft, state: 'in-hand', touchedAtMs: 5 });
  const response = await (GET as (event: unknown) => Promise<Response>)({ params: { id } });
  expect(response.status).toBe(200);
  return new Uint8Array(await response.arrayBuffer());
}

const areas: PrintDraft['areas'] = [
  {
    name: 'door',
    stops: '+⅔',
    settingId: '00',
    shape: { kind: 'ellipse', x: 0.2, y: 0.4, rx: 0.1, ry: 0.2 },
  },
  { name: 'racks', stops: '−⅓', tool: 'wand' },
];

describe('a plan on paper', () => {
  it('has the time, the sequence, the areas, and the picture with them', async () => {
    for (const { id, name } of demoPictures.slice(0, 1)) await pictures.put(id, pictureFile(name));
    const bare = await planOf({ ...stripRead, title: 'The oven', areas });
    const withPicture = await planOf({
      ...{ ...stripRead, title: 'The oven', areas },
      picture: shownPicture('racks', { range: 100, seconds: 10.6 }),
    });
    const words = textOf(bare).replace(/\s+/g, ' ');
    expect(words).toContain('The oven');
    expect(words).toMatch(/10\.\d s/);
    expect(words).toContain('hold back racks for');
    expect(words).toContain('2.2 s, wand moving');
    expect(words).toContain('filter 00: Burn door');
    expect(words).toContain('1 door: +⅔, +59 %');
    const [page, ...more] = pagesOf(withPicture);
    expect(more).toEqual([]);
    // Where the picture is there is ink, and far more than an outline has.
    expect(inkOf(page!, 30, 130)).toBeGreaterThan(5 * inkOf(pagesOf(bare)[0]!, 30, 130));
  });

  it('without a time says so; a picture that is gone, forty long names and forty areas break nothing', async () => {
    const unread = { ...stripRead, highlight: null, shadow: null, earlier: [], areas: [] };
    expect(textOf(await planOf(unread))).toContain('No time yet');
    const many = Array.from({ length: 40 }, (_, n) => ({
      name: `The far corner of the furnace hall, number ${n}`,
      stops: n % 2 ? '+½' : '−1/12',
    }));
    const long = await planOf({
      ...{ ...stripRead, title: 'W'.repeat(120), areas: many },
      picture: { ...shownPicture('yard', {}), id: randomUUID() },
    });
    const words = textOf(long).replace(/\s+/g, ' ');
    expect(words).toMatch(/21 Burn The far corner of the.*number 39/);
    expect(pagesOf(long).length).toBeGreaterThan(1);
  });
});
