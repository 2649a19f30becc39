import { randomUUID } from 'node:crypto';
import Ajv from 'ajv/dist/2020.js';
import sharp from 'sharp';
import { describe, expect, it } from 'vitest';
import type { Problem } from '../../src/lib/kit/problem.ts';
import type { InHand } from '../../src/lib/nouns/in-hand/contract.ts';
import { printExample } from '../../src/lib/nouns/print/contract.ts';
import type { PlanFile } from '../../src/lib/nouns/print/plan-file.ts';
import { prints } from '../../src/lib/nouns/print/store.server.ts';
import type { OtherPlan } from '../../src/lib/stages/print/other-plans.server.ts';
import { GET as PLANS } from '../../src/routes/api/v1/plans/+server.ts';
import { GET as SCHEMA } from '../../src/routes/api/v1/plans/schema.json/+server.ts';
import type { PrintDraft } from '../../src/lib/nouns/in-hand/draft.ts';
import { printsInHand } from '../../src/lib/nouns/in-hand/store.server.ts';
import { pictures } from '../../src/lib/nouns/picture/store.server.ts';
import { demoPictures, pictureFile, shownPicture } from '../../src/lib/server/seeds/pictures.ts';
import { GET, PUT } from '../../src/routes/api/v1/prints-in-hand/[id]/plan.[form]/+server.ts';
import { stripRead } from '../samples.ts';
import { freshDatabase } from './database.ts';
import { inkOf, pagesOf, textOf } from './pdf-ink.ts';

freshDatabase();

type Handler = (event: unknown) => Promise<Response>;

async function inHand(draft: PrintDraft): Promise<string> {
  const id = randomUUID();
  await printsInHand.put(id, { draft, state: 'in-hand', touchedAtMs: 5 });
  return id;
}

async function planOf(draft: PrintDraft, form = 'pdf'): Promise<Uint8Array> {
  const params = { id: await inHand(draft), form };
  const response = await (GET as Handler)({ params });
  expect(response.status).toBe(200);
  return new Uint8Array(await response.arrayBuffer());
}

function takeIn(id: string, plan: unknown, ifMatch?: string, form = 'json'): Promise<Response> {
  const request = new Request('http://here/plan.json', {
    method: 'PUT',
    headers: { 'content-type': 'application/json', ...(ifMatch && { 'if-match': ifMatch }) },
    body: JSON.stringify(plan),
  });
  return (PUT as Handler)({ params: { id, form }, request });
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

const withPicture = (): PrintDraft => ({
  ...{ ...stripRead, title: 'The <oven> & its door', areas, hands: 'one' },
  picture: shownPicture('racks', { range: 100, seconds: 10.6 }),
});
const keepPicture = async () => {
  for (const { id, name } of demoPictures.slice(0, 1)) await pictures.put(id, pictureFile(name));
};

describe('a plan as a drawing', () => {
  it('has its letters as outlines with what they say, the picture, and the areas numbered', async () => {
    await keepPicture();
    const svg = Buffer.from(await planOf(withPicture(), 'svg')).toString();
    expect(svg).toContain('aria-label="The &lt;oven&gt; &amp; its door"');
    expect(svg).toContain('aria-label="10.6 s"');
    expect(svg).not.toContain('<text');
    expect(svg).toMatch(/<image [^>]*href="data:image\/png;base64,/);
    expect(svg.match(/<circle/g)).toHaveLength(1);
  });

  it('as PNG is inked where the title, the picture and the sequence stand', async () => {
    await keepPicture();
    const { data, info } = await sharp(await planOf(withPicture(), 'png'))
      .flatten({ background: '#fff' })
      .toColourspace('b-w')
      .raw()
      .toBuffer({ resolveWithObject: true });
    expect(info.width).toBe(2339);
    const [mm, grey] = [info.width / 297, new Uint8Array(data)];
    const darkIn = (fromX: number, toX: number, fromY: number, toY: number) => {
      let dark = 0;
      for (let y = Math.round(fromY * mm); y < toY * mm; y += 1)
        for (let x = Math.round(fromX * mm); x < toX * mm; x += 1)
          if (grey[y * info.width + x]! < 96) dark += 1;
      return dark / ((toX - fromX) * (toY - fromY) * mm * mm);
    };
    expect(darkIn(12, 90, 12, 21)).toBeGreaterThan(0.05);
    expect(darkIn(20, 155, 40, 120)).toBeGreaterThan(0.2);
    expect(darkIn(172, 200, 30, 42)).toBeGreaterThan(0.05);
    expect(darkIn(172, 280, 45, 100)).toBeGreaterThan(0.02);
    expect(darkIn(0, 8, 0, 210)).toBe(0);
  });

  it('a name longer than the page, and more firings than fit, hang below on a second page', async () => {
    const many = Array.from({ length: 40 }, (_, n) => ({
      name: 'Q'.repeat(60),
      stops: n % 2 ? '+½' : '−1/12',
    }));
    const svg = Buffer.from(
      await planOf({ ...stripRead, title: 'W'.repeat(120), areas: many }, 'svg'),
    ).toString();
    expect(svg).toMatch(/aria-label="W+…"/);
    expect(Number(/height="([\d.]+)"/.exec(svg)![1])).toBeGreaterThan(1100);
  });
});

describe('a plan as a file', () => {
  const plan = async () =>
    JSON.parse(Buffer.from(await planOf(withPicture(), 'json')).toString()) as PlanFile;

  it('says amounts in stops, and what the whole sheet got', async () => {
    await keepPicture();
    const { areas: written, base, picture, ...rest } = await plan();
    expect(rest).toMatchObject({ format: 'katachron-plan', version: 1, hands: 'one' });
    expect(base!.seconds).toBeCloseTo(10.6, 0);
    expect(written[0]!.stops).toBeCloseTo(2 / 3, 3);
    expect(written[1]).toMatchObject({ name: 'racks', tool: 'wand' });
    expect(picture!.webp.length).toBeGreaterThan(10_000);
  });

  it('goes into another print: areas, hands and picture; its name, strips and paper stay its own; twice is once', async () => {
    await keepPicture();
    const file = await plan();
    const other = await inHand({ ...stripRead, title: 'Bigger', paper: 'Other paper', areas: [] });
    const response = await takeIn(other, file, '"1"');
    expect(response.status).toBe(200);
    expect(response.headers.get('etag')).toBe('"2"');
    const { draft } = (await response.json()) as InHand;
    expect(draft).toMatchObject({ title: 'Bigger', paper: 'Other paper', hands: 'one' });
    expect(draft.areas).toEqual(areas);
    const kept = await pictures.find(draft.picture!.id);
    expect(kept).toMatchObject({ width: draft.picture!.width, height: draft.picture!.height });
    expect((await takeIn(other, file)).headers.get('etag')).toBe('"2"');
  });

  it('keeps what is there where the file is wrong, too large, or the print was changed since', async () => {
    const id = await inHand({ ...stripRead, areas });
    const file = { format: 'katachron-plan', version: 1, areas: [] };
    const sentences = async (answer: Promise<Response>) => {
      const { errors = [], detail } = (await (await answer).json()) as Problem;
      return [...errors.map((error) => error.detail), detail].join(' ');
    };
    expect(await sentences(takeIn(id, { ...file, format: 'other' }, '"1"'))).toContain(
      'The format has to be katachron-plan.',
    );
    expect(
      await sentences(takeIn(id, { ...file, areas: [{ name: 'sky', stops: 11 }] }, '"1"')),
    ).toContain('The burn or dodge is at most 10.');
    const picture = { of: 'print', width: 10, height: 10, webp: 'bm8gcGljdHVyZQ==' };
    expect(await sentences(takeIn(id, { ...file, picture }, '"1"'))).toContain(
      'The picture cannot be read',
    );
    const huge = { ...file, title: 'x'.repeat(7e6) };
    expect((await takeIn(id, huge, '"1"')).status).toBe(413);
    expect((await takeIn(id, file, '"9"')).status).toBe(409);
    expect((await takeIn(id, file)).status).toBe(428);
    expect((await takeIn(id, file, '"1"', 'pdf')).status).toBe(404);
    expect((await printsInHand.find(id))!.draft.areas).toEqual(areas);
  });

  it('fits the schema that is published beside it', async () => {
    await keepPicture();
    const schema = (await (await SCHEMA()).json()) as object;
    const validate = new Ajv({ strict: false, formats: { 'plain-text': true, uuid: true } });
    expect(validate.validate(schema, await plan())).toBe(true);
    expect(validate.validate(schema, { ...(await plan()), areas: 'none' })).toBe(false);
  });
});

describe('plans of the same negative', () => {
  const ask = async (negative: string, but = '') => {
    const url = new URL(`http://here/?${new URLSearchParams({ negative, but })}`);
    return ((await (await (PLANS as Handler)({ url })).json()) as { plans: OtherPlan[] }).plans;
  };

  it('are those in hand and those of the logbook, each once, with their areas', async () => {
    const negative = `F-${randomUUID().slice(0, 8)} / 4`;
    const id = await inHand({ ...stripRead, title: 'Small one', negative, areas });
    await inHand({ ...stripRead, title: 'Straight one', negative, areas: [] });
    await prints.put(randomUUID(), {
      ...printExample,
      setup: { ...printExample.setup, negative: negative.toUpperCase() },
    });
    const all = await ask(negative);
    expect(all.map(({ title }) => title)).toEqual(['Small one', printExample.title]);
    expect(all[0]!.areas[0]!.stops).toBeCloseTo(2 / 3, 3);
    expect((await ask(negative, id)).map(({ title }) => title)).toEqual([printExample.title]);
    expect(await ask('')).toEqual([]);
  });
});
