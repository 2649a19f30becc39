import { randomUUID } from 'node:crypto';
import { QueryTypes } from 'sequelize';
import { PrintBody, printExample } from '../../src/lib/nouns/print/contract.ts';
import { everything } from '../../src/lib/nouns/logbook/asked.ts';
import { prints } from '../../src/lib/nouns/print/store.server.ts';
import { database } from '../../src/lib/server/database/connection.ts';
import { check } from '../../src/lib/server/validation.ts';
import { demoRecipes } from '../../src/lib/server/seeds/recipes.ts';
import { describe, expect, it } from 'vitest';
import { migrate, migrator } from '../../src/lib/server/database/migrate.ts';
import { migrations } from '../../src/lib/server/database/migrations/index.ts';
import { logbookPage } from '../../src/lib/stages/logbook/store.server.ts';
import { recipes } from '../../src/lib/nouns/recipe/store.server.ts';
import { rolls } from '../../src/lib/nouns/roll/store.server.ts';
import { loadDemo } from '../../src/lib/server/seeds/load.ts';
import { freshDatabase } from './database.ts';

freshDatabase({ migrated: false });

describe('migrations', () => {
  it('go up, down and up again', async () => {
    const steps = migrator();
    await steps.up();
    expect(await steps.pending()).toEqual([]);
    await steps.down({ to: 0 });
    expect(await steps.executed()).toEqual([]);
    await migrate();
    expect(await steps.pending()).toEqual([]);
  });

  it('are made and noted together, or not at all: a start that is ended between can be made again', async () => {
    const { name } = migrations.at(-1)!;
    await migrator().down({ to: name });
    const refusal = `
      CREATE FUNCTION ended() RETURNS trigger LANGUAGE plpgsql AS $$ BEGIN RAISE 'ended'; END $$;
      CREATE TRIGGER ended BEFORE INSERT ON migrations EXECUTE FUNCTION ended();`;
    await database().query(refusal);
    await expect(migrator().up()).rejects.toThrow('ended');
    await database().query('DROP TRIGGER ended ON migrations; DROP FUNCTION ended()');
    await migrate();
    expect(await migrator().pending()).toEqual([]);
  });

  it('may be run by two servers at once', async () => {
    await migrator().down({ to: 0 });
    await Promise.all([migrate(), migrate(), migrate()]);
    expect(await migrator().pending()).toEqual([]);
  });
});

describe('a print of one answer and one sheet', () => {
  const before = {
    title: 'Furnace hall, first winter',
    setup: printExample.setup,
    settingId: '2.5',
    seconds: 10.6,
    range: 100,
    withinStops: 0.17,
    strips: printExample.strips,
    areas: [{ name: 'roof', stops: 0.667 }],
    note: 'For the canteen.',
    dryStops: 0.0833,
    madeAtMs: 1_768_600_000_000,
  };
  const { dryStops: _dryStops, ...unjudged } = before;
  const bodies = [before, { ...unjudged, title: 'Never judged' }];

  it('becomes one version and one sheet; nothing is lost, and it goes back', async () => {
    const ids = [randomUUID(), randomUUID()];
    await migrator().down({ to: '0007-versions-and-sheets' });
    for (const [n, body] of bodies.entries()) {
      await database().query(
        `INSERT INTO prints (id, version, body, title, words, made_at) VALUES ($1, 3, $2, $3, $4, now())`,
        { bind: [ids[n], JSON.stringify(body), body.title, body.title] },
      );
    }
    await migrator().up();
    const [judged, other] = await Promise.all(ids.map((id) => prints.find(id)));
    const { id, version, ...record } = judged!;
    expect(version).toBe(3);
    expect(check(PrintBody, record)).toMatchObject({
      ...{ title: before.title, setup: before.setup, strips: before.strips, note: before.note },
      versions: [{ number: 1, settingId: '2.5', seconds: 10.6, range: 100, withinStops: 0.17 }],
      sheets: [
        { id, version: 1, exposedAtMs: before.madeAtMs, verdict: { highlightStops: 0.0833 } },
      ],
    });
    expect(record.versions[0]!.areas).toEqual(before.areas);
    expect(other!.sheets[0]).not.toHaveProperty('verdict');
    // The one that nobody judged is asked about.
    expect((await prints.toJudge(0, Date.now())).map(({ title }) => title)).toEqual([
      'Never judged',
    ]);
    expect((await logbookPage({ ...everything, words: 'first winter' })).entries).toHaveLength(1);

    await migrator().down({ to: '0007-versions-and-sheets' });
    const rows = await database().query<{ body: unknown }>(
      'SELECT body FROM prints WHERE id IN ($1, $2) ORDER BY title',
      { type: QueryTypes.SELECT, bind: ids },
    );
    expect(rows.map(({ body }) => body)).toEqual(bodies);
    await migrator().up();
    await Promise.all(ids.map(async (one) => prints.remove(one, 3)));
  });
});

describe('the demo data', () => {
  it('can be loaded twice without doubling', async () => {
    await loadDemo();
    const before = await logbookPage({ ...everything });
    await loadDemo();
    const after = await logbookPage({ ...everything });
    expect(after.entries.map(({ entry }) => entry.id)).toEqual(
      before.entries.map(({ entry }) => entry.id),
    );
    expect(before.entries.length).toBeGreaterThanOrEqual(8);
    expect((await recipes.all()).length).toBe(demoRecipes.length);
  });

  it('leaves alone what somebody changed', async () => {
    const [recipe] = await recipes.all();
    const { id, version, ...body } = recipe!;
    await recipes.put(id, { ...body, note: 'mine' }, version);
    await loadDemo();
    expect((await recipes.find(id))!.note).toBe('mine');
  });

  it('has rolls with what really happened', async () => {
    const { entries } = await logbookPage({ ...everything, words: 'furnace hall January' });
    const roll = await rolls.withEvents(entries[0]!.entry.id);
    expect(roll!.roll).toMatchObject({ state: 'developed', temperatureC: 20.6 });
    expect(Math.round(roll!.roll.developmentSeconds ?? 0)).toBe(538);
    expect(roll!.events.map(({ kind }) => kind)).toContain('temperature');
    expect(await rolls.underWay()).toEqual([]);
    expect((await rolls.lastTemperature())!.temperatureC).toBe(21.2);
  });
});
