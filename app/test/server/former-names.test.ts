import { randomUUID } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { lossOfPaper } from '../../src/lib/nouns/calibration/long-times.ts';
import { flashTested } from '../../src/lib/nouns/calibration/flash-test.ts';
import type { Calibration } from '../../src/lib/nouns/calibration/contract.ts';
import { enlargerExample } from '../../src/lib/nouns/enlarger/contract.ts';
import { findingExample } from '../../src/lib/nouns/finding/contract.ts';
import { paperExample } from '../../src/lib/nouns/paper/contract.ts';
import { printExample } from '../../src/lib/nouns/print/contract.ts';
import { prints } from '../../src/lib/nouns/print/store.server.ts';
import { shelfStores } from '../../src/lib/nouns/shelves.server.ts';
import { findingFor } from '../../src/lib/stages/print/findings.ts';
import { benchFor } from '../../src/lib/stages/print/load.server.ts';
import { teachers } from '../../src/lib/stages/print/session.ts';
import { ownCurves } from '../../src/lib/nouns/calibration/own-curves.ts';
import { recipeFromTest } from '../../src/lib/nouns/calibration/kinds/recipe-from-test.ts';
import { recipeExample } from '../../src/lib/nouns/recipe/contract.ts';
import { exchange } from '../../src/lib/nouns/recipe/exchange.server.ts';
import { filmsOf, underFilmsNow } from '../../src/lib/nouns/recipe/films.ts';
import { nameNow } from '../../src/lib/words/called.ts';
import { recipesFor } from '../../src/lib/nouns/recipe/for-roll.ts';
import { recipes } from '../../src/lib/nouns/recipe/store.server.ts';
import { rollExample, type Roll } from '../../src/lib/nouns/roll/contract.ts';
import { demoCalibrations } from '../../src/lib/server/seeds/calibrations.ts';
import { stripRead } from '../samples.ts';
import { freshDatabase } from './database.ts';

freshDatabase();

const { papers, enlargers, findings } = shelfStores;

describe('a paper and an enlarger under another name', () => {
  it('keep what was measured, found and printed under the old one', async () => {
    const [paperId, enlargerId] = [randomUUID(), randomUUID()];
    const old = { paper: 'Heddle fibre', enlarger: 'the low enlarger' };
    await papers.put(paperId, { ...paperExample, name: old.paper, dryDownStops: 0.11 });
    await enlargers.put(enlargerId, { ...enlargerExample, name: old.enlarger });
    const setup = { ...printExample.setup, ...old };
    await prints.put(randomUUID(), { ...printExample, setup });
    const found = { ...findingExample, setup: { ...findingExample.setup, ...old } };
    await findings.put(randomUUID(), found);

    await papers.put(paperId, { ...paperExample, name: 'Weft fibre', dryDownStops: 0.11 }, 1);
    await enlargers.put(enlargerId, { ...enlargerExample, name: 'the near enlarger' }, 1);
    expect(await papers.find(paperId)).toMatchObject({ formerNames: [old.paper] });

    // A print begun now names both as they are called now; one that was in hand still says the old names.
    for (const now of [{ paper: 'Weft fibre', enlarger: 'the near enlarger' }, old]) {
      const bench = await benchFor(now.paper);
      const draft = { ...stripRead, ...now };
      expect(teachers(draft, bench).map(({ print }) => print.setup)).toEqual([setup]);
      const asFound = { ...found.setup, ...now };
      expect(findingFor(bench.findings, found.kind, asFound, bench)?.setup).toEqual(found.setup);
      expect(findingFor(bench.findings, found.kind, { ...asFound, paper: 'Other' }, bench)).toBe(
        undefined,
      );
    }

    // Tests keep the name as it was in what they were given.
    const test = (kind: string, given: object) =>
      ({
        kind,
        given: { paper: old.paper, ...given },
        foundAtMs: 1,
        id: 'x',
      }) as never as Calibration;
    const all = await papers.all();
    const flash = test('flash-threshold', { clearSeconds: 1.2, setup: 'here' });
    expect(flashTested([flash], 'Weft fibre', all)?.seconds).toBe(1.2);
    const points = [10, 40, 160].map((meteredSeconds) => ({
      meteredSeconds,
      neededSeconds: 10 * (meteredSeconds / 10) ** 1.15,
    }));
    const loss = test('paper-reciprocity', { tests: points });
    expect(lossOfPaper([loss], 'Weft fibre', all)?.loss).toBeDefined();
    expect(lossOfPaper([loss], 'Weft fibre', all)).toEqual(lossOfPaper([loss], old.paper, all));
    expect(lossOfPaper([loss], 'Other', all)).toBeUndefined();
  });

  it('may be sent again without an answer heard, and take the old name back', async () => {
    const id = randomUUID();
    await papers.put(id, { ...paperExample, name: 'First' });
    const renamed = { ...paperExample, name: 'Second' };
    await papers.put(id, renamed, 1);
    const again = await papers.put(id, renamed, 1);
    expect(again).toMatchObject({ created: false, resource: { version: 2 } });
    await papers.put(id, { ...paperExample, name: 'First' }, 2);
    expect(await papers.find(id)).toMatchObject({ name: 'First', formerNames: ['Second'] });
    // Nothing sent invents a past.
    await papers.put(id, { ...paperExample, name: 'First', note: 'x' }, 3);
    expect(await papers.find(id)).toMatchObject({ note: 'x', formerNames: ['Second'] });
  });

  it('leave their old name to their records: no other one is called so', async () => {
    const id = randomUUID();
    await papers.put(id, { ...paperExample, name: 'Sluice' });
    await papers.put(id, { ...paperExample, name: 'Sluice pearl' }, 1);
    await expect(papers.put(randomUUID(), { ...paperExample, name: 'sluice' })).rejects.toThrow(
      'Sluice pearl was called sluice before, and its prints and tests are kept under that name: give this paper another one.',
    );
    // A second box of a name that stands there is nobody's business.
    await papers.put(randomUUID(), { ...paperExample, name: 'Sluice pearl' });
  });
});

describe('a film under another name', () => {
  const film = 'Ashlar 125';
  const recipe = { ...recipeExample, film };
  const roll = { ...rollExample, recipe: { ...rollExample.recipe!, film } } as never as Roll;

  it('keeps its rolls, its curve and its tests once no recipe bears the old one', async () => {
    const [one, two] = [randomUUID(), randomUUID()];
    await recipes.put(one, recipe);
    await recipes.put(two, { ...recipe, developer: 'Tansy' });
    await recipes.put(one, { ...recipe, film: 'Ashlar 100' }, 1);
    const names = async () => filmsOf(await recipes.all());
    // As long as another recipe is for it, that one is the film of its name.
    expect(nameNow(await names(), film)).toBe(film);
    expect(recipesFor(await recipes.all(), roll).map(({ id }) => id)).toEqual([two]);
    await recipes.put(two, { ...recipe, developer: 'Tansy', film: 'Ashlar 100' }, 1);
    expect(nameNow(await names(), film)).toBe('Ashlar 100');
    const fitting = recipesFor(await recipes.all(), roll).map(({ id }) => id);
    expect(fitting.toSorted()).toEqual([one, two].toSorted());

    const densities = demoCalibrations.find(({ body }) => body.kind === 'film-densities')!.body;
    const old = [{ ...densities, id: 'x', version: 1, given: { ...densities.given, film } }];
    const curves = ownCurves(underFilmsNow(old, await names()));
    expect(curves.map((curve) => curve.film)).toEqual(['Ashlar 100']);
    expect(curves[0]!.character).toEqual(ownCurves(old)[0]!.character);

    const known = await recipes.all();
    const [change] = recipeFromTest({ recipes: known, papers: [], enlargers: [] }, film, {
      ...{ exposureIndex: 80, evidence: 'A test' },
    });
    expect(change!.body).toMatchObject({ film: 'Ashlar 100', exposureIndex: 80 });
  });

  it('is the same recipe for a file that knows nothing of it', async () => {
    const id = randomUUID();
    await recipes.put(id, { ...recipe, film: 'Pumice' });
    await recipes.put(id, { ...recipe, film: 'Pumice 50' }, 1);
    expect(await recipes.find(id)).toMatchObject({ formerFilms: ['Pumice'] });
    const found = await exchange([{ line: 1, value: { ...recipe, film: 'Pumice 50' } }], [], {
      ...{ keep: false, replace: false },
    });
    expect(found).toMatchObject({ fresh: [], same: 1, differing: [] });
  });
});
