import { randomUUID } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { rollExample, type RollBody } from '../../src/lib/nouns/roll/contract.ts';
import { rollLabel } from '../../src/lib/nouns/roll/label/label.server.ts';
import { GET } from '../../src/routes/api/v1/rolls/[id]/label.pdf/+server.ts';
import { rolls } from '../../src/lib/nouns/roll/store.server.ts';
import { call } from './call.ts';
import { inkOf, pagesOf, textOf } from './pdf-ink.ts';
import { freshDatabase } from './database.ts';

freshDatabase();

const night: RollBody = {
  title: 'R-123, the night pour',
  exposureIndex: 1600,
  madeAtMs: 1_771_000_000_000,
  exposed: {
    film: 'Halden 400',
    boxSpeed: 400,
    format: 'small-36',
    camera: 'the small black one',
    subject: 'Ilse at the glory hole',
    exposedOn: '2026-02-14',
    frames: [],
  },
};

describe('the label for a lab', () => {
  it('has the roll, both speeds, the order, the sentence, the subject and the camera', async () => {
    const pdf = await rollLabel(night);
    expect(Buffer.from(pdf.subarray(0, 5)).toString()).toBe('%PDF-');
    const words = textOf(pdf);
    expect(words).toContain('R-123, the night pour');
    expect(words).toContain('Halden 400, 135-36');
    expect(words).toContain('box speed ISO 400');
    expect(words).toContain('speed used EI 1600');
    expect(words).toContain('push +2');
    expect(words.replace(/\s+/g, ' ')).toContain(
      'Shot at EI 1600 on ISO 400 film: 2 stops under, push +2.',
    );
    expect(words).toContain('Ilse at the glory hole');
    expect(words).toContain('the small black one, 2026-02-14');
  });

  it('is printed: each of its lines leaves ink on the paper', async () => {
    const [page] = pagesOf(await rollLabel(night));
    expect(page).toBeDefined();
    // Title, film, speeds, the order in large letters, the sentence, and the last two lines.
    for (const [from, to, least] of [
      [6, 11, 400],
      [16, 20.5, 200],
      [20.5, 25, 400],
      [25, 37, 1500],
      [37, 42, 400],
      [47, 52, 200],
      [52, 56, 200],
    ] as const) {
      expect(inkOf(page!, from, to), `${from} to ${to} mm`).toBeGreaterThan(least);
    }
  });

  it('keeps every letter of a name, and prints it', async () => {
    const of = async (title: string) => {
      const pdf = await rollLabel({ ...night, title });
      return { words: textOf(pdf), ink: inkOf(pagesOf(pdf)[0]!, 6, 11) };
    };
    const plain = await of('Lodz');
    for (const title of ['Łódź', 'Ærø', 'Ηφαιστος', 'Жар-птица', 'Ğşőř']) {
      const { words, ink } = await of(title);
      expect(words).toContain(title);
      expect(ink, title).toBeGreaterThan(plain.ink / 2);
    }
  });

  it('says pull with its minus, thirds as they are written, and normal where it is', async () => {
    const of = async (exposureIndex: number) =>
      textOf(await rollLabel({ ...night, exposureIndex }));
    expect(await of(320)).toContain('pull −⅓');
    expect(await of(400)).toContain('normal');
  });

  it('is one page however long the words are', async () => {
    const long = 'Ilse and the very long pipe '.repeat(4).trim();
    const pdf = await rollLabel({ ...night, title: long });
    expect(
      Buffer.from(pdf)
        .toString('latin1')
        .match(/\/Type \/Page\b/g),
    ).toHaveLength(1);
  });

  it('comes for a roll that is there, planned ones too, and for no other', async () => {
    const id = randomUUID();
    await rolls.put(id, rollExample);
    const response = await (GET as (event: object) => Promise<Response>)({ params: { id } });
    expect(response.headers.get('content-type')).toBe('application/pdf');
    expect(response.headers.get('content-disposition')).toMatch(/^attachment/);
    expect((await call(GET, { params: { id: randomUUID() } })).status).toBe(404);
  });
});
