import { randomUUID } from 'node:crypto';
import { beforeAll, describe, expect, it } from 'vitest';
import { printExample } from '../../src/lib/nouns/print/contract.ts';
import { rollExample } from '../../src/lib/nouns/roll/contract.ts';
import { LOGBOOK_PAGE, logbookPage, wordQuery } from '../../src/lib/stages/logbook/store.server.ts';
import { prints } from '../../src/lib/nouns/print/store.server.ts';
import { rolls } from '../../src/lib/nouns/roll/store.server.ts';
import { GET as logbook } from '../../src/routes/api/v1/logbook/+server.ts';
import { call } from './call.ts';
import { freshDatabase } from './database.ts';

freshDatabase();

const titles = async (typed: string) =>
  (await logbookPage(typed)).entries.map(({ entry }) => entry.title);

describe('the logbook', () => {
  beforeAll(async () => {
    for (let n = 0; n < 50; n += 1) {
      await prints.put(randomUUID(), { ...printExample, title: `Study ${n}`, madeAtMs: 1000 + n });
    }
    await rolls.put(randomUUID(), { ...rollExample, title: 'Furnace hall', madeAtMs: 5000 });
    await prints.put(randomUUID(), {
      ...printExample,
      title: 'Ilse & the “glory hole”',
      note: 'Björk smoke, 100% right',
      versions: [{ ...printExample.versions[0]!, settingId: '3' }],
      madeAtMs: 6000,
    });
  });

  it('is newest first, rolls and prints together', async () => {
    expect((await titles('')).slice(0, 3)).toEqual([
      'Ilse & the “glory hole”',
      'Furnace hall',
      'Study 49',
    ]);
  });

  it('goes on after the last entry, nothing twice and nothing lost', async () => {
    const first = await logbookPage('');
    expect(first.entries).toHaveLength(LOGBOOK_PAGE);
    const second = await logbookPage('', first.next!);
    expect(second.entries).toHaveLength(12);
    expect(second.next).toBeNull();
    const ids = [...first.entries, ...second.entries].map(({ entry }) => entry.id);
    expect(new Set(ids).size).toBe(52);
  });

  it.each([
    ['furn', ['Furnace hall']],
    ['HALL furnace', ['Furnace hall']],
    ['filter 3 ilse', ['Ilse & the “glory hole”']],
    ['björ', ['Ilse & the “glory hole”']],
    ['ilse marrow', ['Ilse & the “glory hole”']],
    ['1+31', ['Furnace hall']],
    ['study 49', ['Study 49']],
    ['F-031/14 study 4', ['Study 4']],
    ['filter 2½ study 7', ['Study 7']],
    ['ilse furnace', []],
  ])('finds by words: %j', async (typed, expected) => {
    expect(await titles(typed)).toEqual(expected);
  });

  it.each(["'", '\\', ':*', '!', '&|()', "'; DROP TABLE prints; --", '<->', '💡', '%'])(
    'is not confused by %j',
    async (typed) => {
      const { status } = await call(logbook, { search: `?${new URLSearchParams({ q: typed })}` });
      expect(status).toBe(200);
    },
  );

  it.each(['?after=x', '?after=5_nothing', '?q=%00', `?q=${'x'.repeat(300)}`])(
    'answers %s with 400',
    async (search) => expect((await call(logbook, { search })).status).toBe(400),
  );

  it('makes no query of nothing', () => {
    expect(wordQuery('  …  ')).toBeUndefined();
    expect(wordQuery('2½ R-118')).toBe("'2.5' & 'R':* & '118'");
  });
});
