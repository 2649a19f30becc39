import { randomUUID } from 'node:crypto';
import { parse } from 'csv-parse/sync';
import { describe, expect, it } from 'vitest';
import { printExample, type PrintBody } from '../../src/lib/nouns/print/contract.ts';
import { prints } from '../../src/lib/nouns/print/store.server.ts';
import { LOGBOOK_PAGE } from '../../src/lib/stages/logbook/store.server.ts';
import { GET } from '../../src/routes/api/v1/prints.csv/+server.ts';
import { freshDatabase } from './database.ts';

freshDatabase();

async function log(words = ''): Promise<Record<string, string>[]> {
  const url = new URL(`http://here/?${new URLSearchParams({ q: words })}`);
  const response = await (GET as (event: unknown) => Promise<Response>)({ url });
  expect(response.headers.get('content-type')).toContain('text/csv');
  return parse(await response.text(), { columns: true });
}

describe('the print log as CSV', () => {
  it('is a head alone where nothing was printed', async () => {
    expect(await log()).toEqual([]);
  });

  it('has a line for each sheet and for a version without one, over more than one page of the logbook', async () => {
    const [first] = printExample.versions;
    const twoVersions: PrintBody = {
      ...printExample,
      title: '=HYPERLINK("x")',
      setup: { ...printExample.setup, paperSize: '24x30.5' },
      edition: 12,
      sheets: [{ ...printExample.sheets[0]!, copy: 3, went: 'the canteen', toned: 'brown' }],
      versions: [first!, { ...first!, number: 2, settingId: '3', areas: [] }],
    };
    await prints.put(randomUUID(), twoVersions);
    for (let n = 0; n < LOGBOOK_PAGE + 5; n += 1) {
      const madeAtMs = printExample.madeAtMs - n * 1000;
      await prints.put(randomUUID(), { ...printExample, title: `Bowl ${n}`, madeAtMs });
    }
    const lines = await log();
    expect(lines).toHaveLength(LOGBOOK_PAGE + 5 + 2);
    const [sheet, unmade] = lines.filter(({ print }) => print?.includes('HYPERLINK'));
    expect(sheet).toMatchObject({
      print: '\'=HYPERLINK("x")',
      contrast: 'filter 2½',
      seconds: '10.6',
      areas_stops: 'glory hole -0.333; roof +0.667',
      // Two exposures through a lamp that lags 0.2 s: the dial, and what the paper got of it.
      ...{ dialled_s: '17.2', light_s: '16.8', width_cm: '24', height_cm: '30.5', copies: '1' },
      dry_highlight_stops: '0.083',
      ...{ copy: '3', edition: '12', went_to: 'the canteen', toned: 'brown' },
    });
    expect(unmade).toMatchObject({
      version: '2',
      contrast: 'filter 3',
      exposed_at: '',
      light_s: '',
    });
    expect(await log('bowl 7')).toHaveLength(1);
  });
});
