import { randomUUID } from 'node:crypto';
import sharp from 'sharp';
import { describe, expect, it } from 'vitest';
import { GET, PUT } from '../../src/routes/api/v1/pictures/[id]/+server.ts';
import { GET as original } from '../../src/routes/api/v1/pictures/[id]/original/+server.ts';
import { GET as small } from '../../src/routes/api/v1/pictures/[id]/small/+server.ts';
import { GET as preview } from '../../src/routes/api/v1/pictures/[id]/preview/+server.ts';
import { newDraft } from '../../src/lib/nouns/in-hand/begin.ts';
import { printsInHand } from '../../src/lib/nouns/in-hand/store.server.ts';
import { pictures } from '../../src/lib/nouns/picture/store.server.ts';
import { printExample } from '../../src/lib/nouns/print/contract.ts';
import { prints } from '../../src/lib/nouns/print/store.server.ts';
import { proofExample } from '../../src/lib/nouns/proof/contract.ts';
import { shelfStores } from '../../src/lib/nouns/shelves.server.ts';
import { freshDatabase } from './database.ts';

freshDatabase();

type Handler = (event: never) => Response | Promise<Response>;

async function send(handler: Handler, id: string, bytes?: Uint8Array, headers = {}) {
  const request = new Request('http://127.0.0.1/', {
    method: bytes ? 'PUT' : 'GET',
    headers,
    ...(bytes && { body: Buffer.from(bytes) }),
  });
  return handler({ params: { id }, request, url: new URL(request.url) } as never);
}

/** A ramp from black to white. */
const ramp = (width: number, height: number) =>
  sharp(
    Buffer.from(Array.from({ length: width * height }, (_, at) => ((at % width) * 255) / width)),
    { raw: { width, height, channels: 1 } },
  );

const put = async (bytes: Uint8Array, headers = {}) => {
  const id = randomUUID();
  const response = await send(PUT, id, bytes, headers);
  return { id, status: response.status, body: await response.json() };
};

describe('a picture', () => {
  it.each(['jpeg', 'png', 'webp', 'tiff'] as const)(
    'is kept small and grey from %s',
    async (format) => {
      const bytes = await ramp(3000, 300).toFormat(format, { quality: 100 }).toBuffer();
      const { id, status, body } = await put(bytes);
      expect(status, JSON.stringify(body)).toBe(201);
      expect(body).toMatchObject({ id, width: 2048, height: 205 });
      const kept = Buffer.from(await (await send(preview, id)).arrayBuffer());
      const { data, info } = await sharp(kept).raw().toBuffer({ resolveWithObject: true });
      expect(info.width).toBe(2048);
      const at = (share: number) => data[Math.floor(share * 2047) * info.channels]!;
      expect(Math.abs(at(0.5) - 127)).toBeLessThan(5);
      expect(at(0.05)).toBeLessThan(at(0.95));
      const again = await send(PUT, id, bytes);
      expect(again.status).toBe(200);
      expect(await (await send(GET, id)).json()).toEqual(body);
    },
  );

  it('of sixteen bits is the same picture', async () => {
    const { body, status } = await put(
      await ramp(64, 64).toColourspace('rgb16').tiff({ bitdepth: 8 }).toBuffer(),
    );
    expect([status, body.width]).toEqual([201, 64]);
    const deep = await sharp({ create: { width: 32, height: 32, channels: 3, background: '#888' } })
      .toColourspace('rgb16')
      .png()
      .toBuffer();
    const { id } = await put(deep);
    const kept = Buffer.from(await (await send(preview, id)).arrayBuffer());
    const [grey] = await sharp(kept).raw().toBuffer();
    expect(Math.abs(grey! - 0x88)).toBeLessThan(3);
  });

  it('is turned upright, and says nothing of where and when it was taken', async () => {
    const bytes = await ramp(400, 100)
      .jpeg()
      .withExif({ IFD0: { Copyright: 'somebody' }, IFD3: { GPSLatitude: '51/1 30/1 0/1' } })
      .withMetadata({ orientation: 6 })
      .toBuffer();
    const { id, body } = await put(bytes);
    expect([body.width, body.height]).toEqual([100, 400]);
    const kept = await sharp(Buffer.from(await (await send(preview, id)).arrayBuffer())).metadata();
    expect(kept.exif).toBeUndefined();
    expect(kept.orientation).toBeUndefined();
  });

  it('is never replaced', async () => {
    const { id } = await put(await ramp(40, 30).png().toBuffer());
    const other = await send(PUT, id, await ramp(50, 30).png().toBuffer());
    expect(other.status).toBe(409);
    expect((await (await send(GET, id)).json()).width).toBe(40);
  });
});

describe('what is no picture is refused with a sentence, and nothing is stored', () => {
  const svg = Buffer.from('<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"/>');
  const hugeHeader = async () => {
    const png = await ramp(16, 16).png().toBuffer();
    // The header says 50,000 by 50,000; its checksum is made anew.
    png.writeUInt32BE(50_000, 16);
    png.writeUInt32BE(50_000, 20);
    const crc = (await import('node:zlib')) as unknown as { crc32?: (data: Buffer) => number };
    if (crc.crc32) png.writeUInt32BE(crc.crc32(png.subarray(12, 29)), 29);
    return png;
  };
  const animated = () =>
    sharp(Buffer.concat([Buffer.alloc(192, 90), Buffer.alloc(192, 200)]), {
      raw: { width: 8, height: 16, channels: 3, pageHeight: 8 } as never,
    })
      .webp({ loop: 0 })
      .toBuffer();
  const bomb = () =>
    sharp({ create: { width: 9000, height: 9000, channels: 3, background: '#000' } })
      .png()
      .toBuffer();

  it.each<[string, () => Promise<Uint8Array> | Uint8Array, RegExp]>([
    [
      'a JPEG that ends early',
      async () => (await ramp(900, 900).jpeg().toBuffer()).subarray(0, 2500),
      /ends too early/,
    ],
    ['a PNG of 50,000 by 50,000', hugeHeader, /60 megapixels|damaged/],
    ['a bomb that unpacks to 81 megapixels', bomb, /60 megapixels/],
    ['an SVG named .jpg', () => svg, /no picture that can be read|damaged/],
    ['a PDF', () => Buffer.from('%PDF-1.4\n%âãÏÓ\n1 0 obj\n<<>>\nendobj\n'), /damaged|no picture/],
    ['an animated WebP', animated, /more than one picture/],
    ['words', () => Buffer.from('a picture'), /damaged|no picture/],
    ['nothing', () => new Uint8Array(), /damaged|no picture/],
  ])('%s', async (_name, make, sentence) => {
    const { id, status, body } = await put(await make());
    expect(status, JSON.stringify(body)).toBe(400);
    expect(body.detail).toMatch(sentence);
    expect((await send(GET, id)).status).toBe(404);
  });

  it('an upload of 200 MB is refused before it is read', async () => {
    const { status, body } = await put(Buffer.from('x'), { 'content-length': '200000000' });
    expect([status, body.title]).toEqual([413, 'File too large']);
  });

  it('a good one is read after all of them', async () => {
    expect((await put(await ramp(20, 20).png().toBuffer())).status).toBe(201);
  });
});

describe('the file of a picture', () => {
  const originalOf = async (id: string) => {
    const response = await original({ params: { id } } as never);
    return { response, bytes: Buffer.from(await response.arrayBuffer()) };
  };
  const putKept = (id: string, bytes: Uint8Array, type: string) => {
    const url = new URL('http://127.0.0.1/?original=keep');
    const body = Buffer.from(bytes);
    const headers = { 'content-type': type };
    return PUT({
      params: { id },
      url,
      request: new Request(url, { method: 'PUT', body, headers }),
    } as never);
  };

  it('is not kept, unless that is asked for', async () => {
    const bytes = await ramp(80, 40).jpeg().toBuffer();
    const { id } = await put(bytes);
    expect((await originalOf(id)).response.status).toBe(404);
    expect((await putKept(id, bytes, 'image/jpeg')).status).toBe(200);
    const { response, bytes: kept } = await originalOf(id);
    expect(kept.equals(bytes)).toBe(true);
    expect(response.headers.get('content-type')).toBe('image/jpeg');
    expect(response.headers.get('content-disposition')).toContain('picture.jpg');
  });

  it('goes out as bytes, whatever it called itself', async () => {
    const id = randomUUID();
    await putKept(id, await ramp(80, 41).png().toBuffer(), 'text/html');
    expect((await originalOf(id)).response.headers.get('content-type')).toBe(
      'application/octet-stream',
    );
  });
});

describe('a small picture', () => {
  const ask = async (id: string, search = '') => {
    const url = new URL(`http://127.0.0.1/${search}`);
    const response = await small({ params: { id }, url } as never);
    return { status: response.status, bytes: Buffer.from(await response.arrayBuffer()) };
  };
  const tones = async (bytes: Buffer) => {
    const { data, info } = await sharp(bytes).raw().toBuffer({ resolveWithObject: true });
    return {
      ...{ width: info.width, height: info.height },
      at: (across: number) => data[Math.floor(across * (info.width - 1)) * info.channels]!,
    };
  };

  it('is the whole of it, or what lies between four corners', async () => {
    const { id } = await put(await ramp(1000, 500).png().toBuffer());
    const whole = await tones((await ask(id)).bytes);
    expect([whole.width, whole.height]).toEqual([240, 120]);
    expect(whole.at(0)).toBeLessThan(5);
    const part = await tones(
      (await ask(id, '?corners=0.5,0.25,0.75,0.25,0.75,0.75,0.5,0.75')).bytes,
    );
    expect([part.width, part.height]).toEqual([240, 240]);
    expect(Math.abs(part.at(0) - 127)).toBeLessThan(5);
    expect(Math.abs(part.at(1) - 191)).toBeLessThan(5);
    const mirrored = await tones((await ask(id, '?mirrored=yes')).bytes);
    expect(mirrored.at(0)).toBeGreaterThan(250);
    const grid = await tones((await ask(id, '?grid=yes&corners=0,0,1,0,1,1,0,1')).bytes);
    expect(grid.width).toBe(1080);
  });

  it.each(['?corners=', '?corners=1,2', '?corners=a,b,c,d,e,f,g,h', '?corners=0,0,1,1,1,0,0,1'])(
    'of %s is refused with a sentence',
    async (search) => {
      const { id } = await put(await ramp(64, 64).png().toBuffer());
      const { status, bytes } = await ask(id, search);
      expect([search, status]).toEqual([search, 400]);
      expect(JSON.parse(bytes.toString()).errors[0].detail).not.toBe('');
    },
  );

  it('of a picture that is not there is not found', async () => {
    expect((await ask(randomUUID())).status).toBe(404);
  });
});

it('a picture that nothing shows any more goes after a month, and no other', async () => {
  const shade = async (tone: number) =>
    (
      await put(
        await ramp(64, 64 + tone)
          .png()
          .toBuffer(),
      )
    ).id;
  const [onBench, inLogbook, ofProof, off] = await Promise.all([1, 2, 3, 4].map(shade));
  const shows = { of: 'print', width: 64, height: 64 } as const;
  await printsInHand.put(randomUUID(), {
    draft: { ...newDraft(), picture: { id: onBench!, ...shows } },
    ...{ state: 'in-hand', touchedAtMs: Date.now() },
  });
  await prints.put(randomUUID(), { ...printExample, picture: { id: inLogbook!, ...shows } });
  const corners = [
    { x: 0, y: 0 },
    { x: 1, y: 0 },
    { x: 1, y: 1 },
    { x: 0, y: 1 },
  ];
  await shelfStores.proofs.put(randomUUID(), {
    ...proofExample,
    picture: {
      ...{ id: ofProof!, width: 64, height: 64, corners },
      ...{ columns: 6, rows: 6, first: 1, order: 'across' },
    },
  });
  const day = 86_400_000;
  await pictures.tidy(Date.now() + 29 * day);
  expect(await pictures.find(off!)).toBeDefined();
  expect(await pictures.tidy(Date.now() + 31 * day)).toBeGreaterThan(0);
  expect(await pictures.find(off!)).toBeUndefined();
  for (const id of [onBench, inLogbook, ofProof]) expect(await pictures.find(id!)).toBeDefined();
});
