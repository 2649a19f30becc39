import { randomUUID } from 'node:crypto';
import { inflateSync } from 'node:zlib';
import { describe, expect, it } from 'vitest';
import { rollExample, type RollBody } from '../../src/lib/contract/roll.ts';
import { rollLabel } from '../../src/lib/server/label/roll-label.ts';
import { GET } from '../../src/routes/api/v1/rolls/[id]/label.pdf/+server.ts';
import { rolls } from '../../src/lib/server/repositories/rolls.ts';
import { call } from './call.ts';
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
    subject: '',
    exposedOn: '2026-02-14',
    frames: [],
  },
};

/** The words of a PDF: glyph numbers of its content streams, by the tables that say which letters they are. */
function wordsOf(pdf: Uint8Array): string {
  const raw = Buffer.from(pdf).toString('latin1');
  const streams = [...raw.matchAll(/stream\r?\n([\s\S]*?)\r?\nendstream/g)].flatMap(([, body]) => {
    try {
      return [inflateSync(Buffer.from(body ?? '', 'latin1')).toString('latin1')];
    } catch {
      return [];
    }
  });
  const letters = new Map<string, string>();
  for (const stream of streams.filter((one) => one.includes('beginbfrange'))) {
    for (const [, first = '', list = ''] of stream.matchAll(/<(\w{4})> <\w{4}> \[([^\]]*)\]/g)) {
      [...list.matchAll(/<([\w ]+)>/g)].forEach(([, code = ''], place) => {
        const glyph = (parseInt(first, 16) + place).toString(16).padStart(4, '0');
        // A ligature stands for more than one letter.
        const units = code.match(/\w{4}/g) ?? [];
        letters.set(glyph, String.fromCharCode(...units.map((unit) => parseInt(unit, 16))));
      });
    }
  }
  return streams
    .filter((one) => one.includes('BT'))
    .flatMap((one) => [...one.matchAll(/\[([^\]]*)\] TJ/g)])
    .map(([, run = '']) =>
      [...run.matchAll(/<(\w+)>/g)]
        .flatMap(([, glyphs = '']) => glyphs.match(/.{4}/g) ?? [])
        .map((glyph) => letters.get(glyph) ?? '?')
        .join(''),
    )
    .join('\n');
}

describe('the label for a lab', () => {
  it('has the roll, both speeds, the order, the sentence and the camera', async () => {
    const pdf = await rollLabel(night);
    expect(Buffer.from(pdf.subarray(0, 5)).toString()).toBe('%PDF-');
    const words = wordsOf(pdf);
    expect(words).toContain('R-123, the night pour');
    expect(words).toContain('Halden 400');
    expect(words).toContain('box speed ISO 400');
    expect(words).toContain('speed used EI 1600');
    expect(words).toContain('push +2');
    expect(words.replace(/\s+/g, ' ')).toMatch(
      /Shot at EI 1600 on ISO 400 film: 2 stops under, push \+2\./,
    );
    expect(words).toContain('the small black one, 2026-02-14');
  });

  it('says pull with a minus the font has, thirds in plain figures, and normal where it is', async () => {
    const of = async (exposureIndex: number) =>
      wordsOf(await rollLabel({ ...night, exposureIndex }));
    expect(await of(320)).toContain('pull - 1/3');
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
