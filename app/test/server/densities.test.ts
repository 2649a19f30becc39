import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readDensities } from '../../src/lib/nouns/calibration/file/read.ts';
import { writeCgats } from '../../src/lib/nouns/calibration/file/cgats.ts';
import { writeDensityCsv } from '../../src/lib/nouns/calibration/file/csv.ts';
import { demoCalibrations } from '../../src/lib/server/seeds/calibrations.ts';
import { POST } from '../../src/routes/api/v1/densities/read/+server.ts';
import { GET } from '../../src/routes/api/v1/calibrations/[id]/densities.[form]/+server.ts';
import { PUT } from '../../src/routes/api/v1/[shelf=shelf]/[id]/+server.ts';
import { call } from './call.ts';
import { freshDatabase } from './database.ts';

const read = (text: string) =>
  call(POST, { raw: text, headers: { 'content-type': 'text/plain' } }) as Promise<{
    status: number;
    body: { columns: { name: string; values: number[] }[]; detail: string };
  }>;

const cgats = [
  'CGATS.17',
  'ORIGINATOR "the bench at Ferrow"',
  '# read on a winter evening',
  'NUMBER_OF_FIELDS 3',
  'BEGIN_DATA_FORMAT',
  'SAMPLE_ID SAMPLE_NAME D_VIS',
  'END_DATA_FORMAT',
  'NUMBER_OF_SETS 3',
  'BEGIN_DATA',
  '1 "step 1" 1.88',
  '2 "step ""2""" 1.79',
  '3 "# no remark" 1.70',
  'END_DATA',
].join('\n');

describe('a file of densities', () => {
  it('CGATS.17: the visual densities, with quoted names and remarks', async () => {
    const { status, body } = await read(cgats);
    expect(status).toBe(200);
    expect(body.columns).toEqual([{ name: 'D_VIS', values: [1.88, 1.79, 1.7] }]);
  });

  it('CGATS.17 without a visual density: every filter that it has', async () => {
    const { body } = await read(
      cgats.replace('SAMPLE_NAME D_VIS', 'D_RED D_BLUE').replace(/"[^\n]*" /g, '0.5 '),
    );
    expect(body.columns.map(({ name }) => name)).toEqual(['D_RED', 'D_BLUE']);
  });

  it.each([
    ['counted, with names, parted by commas', 'step,8:00\n1,1.88\n2,1.79', ['8:00'], [1.88, 1.79]],
    ['with decimal commas', 'Stufe;8:00\n1,88\n1,79'.replace('Stufe;', ''), ['8:00'], [1.88, 1.79]],
    ['two columns by semicolons', '1,88;2,28\n1,79;2,17', ['1', '2'], [1.88, 1.79]],
    ['one bare column', '1.88\n1.79\n', ['1'], [1.88, 1.79]],
    ['tabs, and an empty line', 'a\tb\n1.88\t0\n\n1.79\t0', ['a', 'b'], [1.88, 1.79]],
  ])('CSV %s', async (_, text, names, values) => {
    const { status, body } = await read(text);
    expect(status).toBe(200);
    expect(body.columns.map(({ name }) => name)).toEqual(names);
    expect(body.columns[0]!.values).toEqual(values);
  });

  it.each([
    ['nothing', '', 'The file is empty.'],
    ['a word for a density', '1.88\nx\n', 'Line 2: “x” is no density'],
    ['a density that no patch has', 'step,D\n1,12.5', 'Line 2: “12.5” is no density'],
    ['a cell that is missing', 'a,b\n1,2\n1', 'Line 3: a density is missing.'],
    ['only names', 'step,density', 'there are no densities'],
    ['a quotation mark that stays open', '"a,b\n1,2', 'a quotation mark'],
    ['CGATS without data', cgats.split('BEGIN_DATA\n')[0]!, 'no BEGIN_DATA'],
    [
      'CGATS without an end',
      cgats.replace('END_DATA\n', '').replace(/END_DATA$/, ''),
      'no END_DATA',
    ],
    ['CGATS with a row cut short', cgats.replace(' 1.70', ''), 'do not come out even'],
    ['CGATS that counts otherwise', cgats.replace('SETS 3', 'SETS 4'), 'it says 4 patches, and 3'],
    ['CGATS with no density', cgats.replace('D_VIS', 'LAB_L'), 'none of its fields is a density'],
    ['CGATS with a field twice', cgats.replace('SAMPLE_NAME', 'SAMPLE_ID'), 'is there twice'],
    [
      'CGATS with other fields than said',
      cgats.replace('FIELDS 3', 'FIELDS 2'),
      'it says 2 fields',
    ],
    ['CGATS with an open quotation', cgats.replace('"step 1"', '"step 1'), 'quotation mark'],
  ])('%s is refused with the line and the reason', async (_, text, reason) => {
    const { status, body } = await read(text);
    expect(status).toBe(400);
    expect(body.detail).toContain(reason);
  });

  it('500 hostile files: columns of densities or a reason each, and never a fault of ours', async () => {
    const pieces = fc.oneof(
      fc.constantFrom(
        ...['CGATS.17', 'BEGIN_DATA_FORMAT', 'END_DATA_FORMAT', 'BEGIN_DATA', 'END_DATA', 'D_VIS'],
        ...[
          'D_RED',
          'SAMPLE_ID',
          'NUMBER_OF_SETS 3',
          'NUMBER_OF_FIELDS -1',
          '1.2',
          '0,3',
          '-9',
          '"',
        ],
        ...[
          '""',
          '#',
          ';',
          ',',
          '\t',
          '\n',
          '\r\n',
          '\u0000',
          '1e99',
          'NaN',
          '=1+1',
          '½',
          '\uFEFF',
        ],
      ),
      fc.string({ maxLength: 12, unit: 'binary' }),
      fc.double({ min: 0, max: 4, noNaN: true }).map((value) => value.toFixed(2)),
    );
    const files = fc.sample(
      fc.oneof(
        fc.array(pieces, { maxLength: 60 }).map((parts) => parts.join(' ')),
        fc.array(pieces, { maxLength: 60 }).map((parts) => parts.join('\n')),
        // A good file, with something odd in one place.
        fc
          .tuple(fc.nat(cgats.length), fc.nat(12), pieces)
          .map(([at, length, piece]) => cgats.slice(0, at) + piece + cgats.slice(at + length)),
      ),
      { numRuns: 500, seed: 17 },
    );
    for (const text of files) {
      const { status, body } = await read(text);
      expect([200, 400], JSON.stringify(text)).toContain(status);
      if (status === 400) expect(body.detail.length, JSON.stringify(text)).toBeGreaterThan(10);
      else {
        for (const { values } of body.columns) {
          for (const value of values) expect(value >= 0 && value <= 6).toBe(true);
        }
      }
    }
  });

  it('goes out and comes in as the same, in both forms', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            name: fc.constantFrom('8:00', '5:30', '=cmd', 'filter 2', 'ü "1"'),
            values: fc.array(fc.integer({ min: 0, max: 4000 }), { minLength: 3, maxLength: 3 }),
          }),
          { minLength: 1, maxLength: 6 },
        ),
        (made) => {
          const columns = made.map(({ name, values }) => ({
            name,
            values: values.map((value) => value / 1000),
          }));
          const about = { descriptor: 'Halden "100"', created: '2026-01-22' };
          expect(readDensities(writeDensityCsv(columns)).map(({ values }) => values)).toEqual(
            columns.map(({ values }) => values),
          );
          expect(readDensities(writeCgats(columns[0]!, about))[0]!.values).toEqual(
            columns[0]!.values,
          );
        },
      ),
    );
  });
});

describe('the densities of a kept test', () => {
  freshDatabase();

  it('are given out as CSV and as CGATS.17', async () => {
    const { id, body } = demoCalibrations[0]!;
    await call(PUT, { params: { shelf: 'calibrations', id }, body });
    const out = async (form: string, id_ = id, query = '') =>
      (await GET({
        params: { id: id_, form },
        url: new URL(`http://127.0.0.1/${query}`),
      } as never)) as Response;
    const csv = await (await out('csv')).text();
    expect(csv.split('\r\n').slice(0, 2)).toEqual(['step,5:30,8:00,11:30', '1,1.520,1.880,2.280']);
    const second = await (await out('txt', id, '?column=2')).text();
    expect(second).toContain('FILE_DESCRIPTOR "Halden 100, 8:00"');
    expect(readDensities(second)[0]!.values[0]).toBe(1.88);
    expect((await out('pdf')).status).toBe(404);
    const other = demoCalibrations.find((one) => one.body.kind === 'thermometer')!;
    await call(PUT, { params: { shelf: 'calibrations', id: other.id }, body: other.body });
    expect((await out('csv', other.id)).status).toBe(404);
  });
});
