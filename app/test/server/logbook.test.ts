import { randomUUID } from 'node:crypto';
import { beforeAll, describe, expect, it } from 'vitest';
import { printExample } from '../../src/lib/nouns/print/contract.ts';
import { rollExample } from '../../src/lib/nouns/roll/contract.ts';
import { sorts } from '../../src/lib/nouns/logbook/sorts.ts';
import {
  LOGBOOK_PAGE,
  logbookPage,
  wordQuery,
  type LogbookPage,
} from '../../src/lib/stages/logbook/store.server.ts';
import { logbookValues } from '../../src/lib/stages/logbook/values.server.ts';
import { everything } from '../../src/lib/nouns/logbook/asked.ts';
import { prints } from '../../src/lib/nouns/print/store.server.ts';
import { rolls } from '../../src/lib/nouns/roll/store.server.ts';
import { GET as logbook } from '../../src/routes/api/v1/logbook/+server.ts';
import { call } from './call.ts';
import { freshDatabase } from './database.ts';

freshDatabase();

const titles = async (typed: string) =>
  (await logbookPage({ ...everything, words: typed })).entries.map(({ entry }) => entry.title);

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
    await prints.put(randomUUID(), {
      ...printExample,
      title: 'Long wall',
      setup: { ...printExample.setup, paper: 'Wharf pearl', paperSize: '24x30.5' },
      tags: ['gift', 'exhibition'],
      madeAtMs: new Date('2001-09-09T12:00').getTime(),
    });
  });

  it('is newest first, rolls and prints together', async () => {
    expect((await titles('')).slice(0, 4)).toEqual([
      'Long wall',
      'Ilse & the “glory hole”',
      'Furnace hall',
      'Study 49',
    ]);
  });

  it('goes on after the last entry, nothing twice and nothing lost', async () => {
    const first = await logbookPage({ ...everything });
    expect(first.entries).toHaveLength(LOGBOOK_PAGE);
    const second = await logbookPage({ ...everything }, first.next!);
    expect(second.entries).toHaveLength(13);
    expect(second.next).toBeNull();
    const ids = [...first.entries, ...second.entries].map(({ entry }) => entry.id);
    expect(new Set(ids).size).toBe(53);
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

  it.each([
    ['?sort=name', 'Furnace hall', 'Ilse & the “glory hole”', 'Long wall', 'Study 0', 'Study 1'],
    ['?sort=name&order=down', 'Study 49', 'Study 48', 'Study 47'],
    ['?sort=time&order=down', 'Furnace hall'],
    ['?sort=on', 'Furnace hall'],
    ['?order=up', 'Study 0', 'Study 1', 'Study 2'],
    ['?kind=print&sort=name&q=study', 'Study 0', 'Study 1', 'Study 2'],
    ['?setting=filters:3', 'Ilse & the “glory hole”'],
    ['?setting=ei:400', 'Furnace hall'],
    ['?on=MARROW+fibre&sort=name', 'Ilse & the “glory hole”'],
    ['?size=24x30.5', 'Long wall'],
    ['?tag=gift', 'Long wall'],
    ['?q=gift', 'Long wall'],
    ['?from=2001-09-09&to=2001-09-09', 'Long wall'],
    ['?from=2001-09-10&q=long'],
    ['?to=2001-09-08&q=long'],
  ])('%s is sorted and narrowed', async (search, ...first) => {
    const { status, body } = await call(logbook, { search });
    expect(status).toBe(200);
    const found = (body as LogbookPage).entries.map(({ entry }) => entry.title);
    expect(found.slice(0, Math.max(1, first.length))).toEqual(first);
  });

  it.each(sorts.flatMap(({ id }) => [`?sort=${id}&order=up`, `?sort=${id}&order=down`]))(
    '%s goes on without an entry twice or lost',
    async (search) => {
      const ids: string[] = [];
      let after: string | null = '';
      while (after !== null) {
        const { body } = await call(logbook, {
          search: `${search}&after=${encodeURIComponent(after)}`,
        });
        const page = body as LogbookPage;
        ids.push(...page.entries.map(({ entry }) => entry.id));
        after = page.next;
      }
      expect(ids).toHaveLength(53);
      expect(new Set(ids).size).toBe(53);
    },
  );

  it('knows what there is to narrow it to', async () => {
    const { on, setting, size, tag } = await logbookValues();
    expect(on).toEqual(expect.arrayContaining(['Halden 400', 'Marrow fibre']));
    expect(setting).toEqual(['ei:400', 'filters:2.5', 'filters:3']);
    expect(size).toContain('24x30.5');
    expect(tag).toEqual(['exhibition', 'gift']);
  });

  it.each([
    '?after=x',
    '?after=5_nothing',
    '?sort=colour',
    '?order=left',
    '?from=yesterday',
    '?from=2026-02-31',
    '?q=%00',
    `?q=${'x'.repeat(300)}`,
  ])('answers %s with 400', async (search) =>
    expect((await call(logbook, { search })).status).toBe(400),
  );

  it('makes no query of nothing', () => {
    expect(wordQuery('  …  ')).toBeUndefined();
    expect(wordQuery('2½ R-118')).toBe("'2.5' & 'R':* & '118'");
  });
});
