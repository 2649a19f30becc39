import { demoRecipes } from '../../src/lib/server/seeds/recipes.ts';
import { describe, expect, it } from 'vitest';
import { migrate, migrator } from '../../src/lib/server/database/migrate.ts';
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

  it('may be run by two servers at once', async () => {
    await migrator().down({ to: 0 });
    await Promise.all([migrate(), migrate(), migrate()]);
    expect(await migrator().pending()).toEqual([]);
  });
});

describe('the demo data', () => {
  it('can be loaded twice without doubling', async () => {
    await loadDemo();
    const before = await logbookPage('');
    await loadDemo();
    const after = await logbookPage('');
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
    const { entries } = await logbookPage('furnace hall January');
    const roll = await rolls.withEvents(entries[0]!.entry.id);
    expect(roll!.roll).toMatchObject({ state: 'developed', temperatureC: 20.6 });
    expect(Math.round(roll!.roll.developmentSeconds ?? 0)).toBe(538);
    expect(roll!.events.map(({ kind }) => kind)).toContain('temperature');
    expect(await rolls.underWay()).toEqual([]);
    expect((await rolls.lastTemperature())!.temperatureC).toBe(21.2);
  });
});
