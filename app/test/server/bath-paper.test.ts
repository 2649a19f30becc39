import { execFileSync } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { parse } from 'csv-parse/sync';
import jsQR from 'jsqr';
import { beforeAll, describe, expect, it } from 'vitest';
import { addEntry } from '../../src/lib/nouns/bath/entries.server.ts';
import { shelfStores } from '../../src/lib/nouns/shelves.server.ts';
import { GET as CALENDAR } from '../../src/routes/api/v1/baths/discard.ics/+server.ts';
import { GET as LABELS } from '../../src/routes/api/v1/baths/labels.pdf/+server.ts';
import { GET as LEDGER } from '../../src/routes/api/v1/baths/ledger.csv/+server.ts';
import { freshDatabase } from './database.ts';
import { inkOf, pagesOf, textOf, type Page } from './pdf-ink.ts';

freshDatabase();

const ORIGIN = 'http://127.0.0.1:4680';
const id = randomUUID();
const entryId = randomUUID();
const mixedAtMs = Date.now() - 86_400_000;

async function file(get: (event: never) => unknown, query = ''): Promise<Uint8Array> {
  const url = new URL(`${ORIGIN}/api/v1/baths/file${query}`);
  const response = (await get({ url, params: {}, request: new Request(url) } as never)) as Response;
  expect(response.status).toBe(200);
  return new Uint8Array(await response.arrayBuffer());
}
const textFile = async (get: (event: never) => unknown) =>
  Buffer.from(await file(get)).toString('utf8');

/** A part of a page, in mm, at three times its size, as red, green, blue and opacity. */
function blownUp(page: Page, mm: { left: number; top: number; right: number; bottom: number }) {
  const perMm = 150 / 25.4;
  const [width, height] = [mm.right - mm.left, mm.bottom - mm.top].map((one) =>
    Math.round(one * perMm * 3),
  ) as [number, number];
  const pixels = new Uint8ClampedArray(4 * width * height);
  for (let y = 0; y < height; y += 1) {
    for (let x = 0; x < width; x += 1) {
      const row = Math.floor(mm.top * perMm + y / 3);
      const value = page.grey[row * page.width + Math.floor(mm.left * perMm + x / 3)]!;
      pixels.set([value, value, value, 255], 4 * (y * width + x));
    }
  }
  return { pixels, width, height };
}

beforeAll(async () => {
  await shelfStores.baths.put(id, {
    ...{ name: 'Fixer, “Öfen”', use: 'fixer', dilution: '1+4', mixedAtMs, volumeMl: 1000 },
    ...{ filmCm2PerLitre: 4644, keeping: { fullDays: 180, halfFullDays: 60 }, tests: [] },
    dataSheet: 'https://ferrow.example/fixer',
  });
  await shelfStores.baths.put(randomUUID(), {
    ...{ name: 'Poured away', mixedAtMs, volumeMl: 500, tests: [], discardedAtMs: mixedAtMs },
    keeping: { fullDays: 10, halfFullDays: 5 },
  });
  await addEntry(id, {
    ...{ id: entryId, note: '=5 × 120' },
    entry: { kind: 'film', atMs: mixedAtMs + 1000, areaCm2: 2580 },
  });
});

describe('baths on paper', () => {
  it('labels have name, dilution, days, the caution and the data sheet, of what stands alone', async () => {
    const words = textOf(await file(LABELS)).replace(/\s+/g, ' ');
    expect(words).toContain('Fixer, “Öfen”');
    expect(words).toContain('fixer 1+4');
    expect(words).toMatch(/mixed \d+ [A-Z][a-z]+ 20\d\d/);
    expect(words).toMatch(/discard after \d+ [A-Z][a-z]+ 20\d\d/);
    expect(words).toContain('keep from children, food and drink');
    expect(words).toContain('https://ferrow.example/fixer');
    expect(words).not.toContain('Poured away');
  });

  it('labels are printed: words and nine boxes leave ink, and the code opens the bath', async () => {
    const pdf = await file(LABELS, `?only=${id}`);
    const [page] = pagesOf(pdf);
    for (const [from, to] of [
      [16, 22],
      [28, 33],
      [50, 56],
      [64, 70],
    ] as const) {
      expect(inkOf(page!, from, to), `${from} to ${to} mm`).toBeGreaterThan(150);
    }
    // A phone is held to the code: the right half of the label, blown up as its camera does.
    const { pixels, width, height } = blownUp(page!, { left: 70, top: 13, right: 104, bottom: 47 });
    expect(jsQR(pixels, width, height)?.data).toBe(`${ORIGIN}/chemistry/baths/${id}`);
    // A reader of the file agrees that it is one page of A4.
    const info = execFileSync('pdfinfo', ['-'], { input: pdf }).toString('utf8');
    expect(info).toMatch(/Pages:\s+1/);
  });

  it('a label of a bath that is not there is none', async () => {
    const url = new URL(`${ORIGIN}/api/v1/baths/labels.pdf?only=${randomUUID()}`);
    const event = { url, params: {}, request: new Request(url) } as never;
    expect(((await LABELS(event)) as Response).status).toBe(404);
  });

  it('the ledger is CSV that a spreadsheet takes for words, a line an entry', async () => {
    const rows = parse(await textFile(LEDGER), { columns: true }) as Record<string, string>[];
    expect(rows).toEqual([
      {
        ...{ bath: 'Fixer, “Öfen”', at: new Date(mixedAtMs + 1000).toISOString(), what: 'film' },
        ...{ area_cm2: '2580', volume_ml: '', test: '', passed: '', note: "'=5 × 120" },
        ...{ id: entryId, corrects: '', went: '', booked_by: '', other_bath: '' },
        temperature_c: '',
      },
    ]);
  });

  it('the calendar has the day after which a bath is to be discarded', async () => {
    const calendar = (await textFile(CALENDAR)).replaceAll('\r\n ', '');
    expect(calendar.match(/BEGIN:VEVENT/g)).toHaveLength(1);
    expect(calendar).toContain(`UID:${id}@katachron`);
    const day = new Date(mixedAtMs + 180 * 86_400_000).toISOString().slice(0, 10);
    expect(calendar).toContain(`DTSTART;VALUE=DATE:${day.replaceAll('-', '')}`);
    expect(calendar).not.toContain('DURATION');
    expect(calendar).toMatch(/SUMMARY:Discard: Fixer/);
  });
});
