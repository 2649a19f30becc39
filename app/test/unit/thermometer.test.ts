import { describe, expect, it } from 'vitest';
import { recipeExample } from '../../src/lib/nouns/recipe/contract.ts';
import { readEntry, type EntryForm } from '../../src/lib/stages/chemistry/entry-form.ts';
import { warmView, usualWarm } from '../../src/lib/stages/chemistry/warm-view.ts';
import type { FilmDraft } from '../../src/lib/stages/film/draft.ts';
import { filmView } from '../../src/lib/stages/film/film-view.ts';
import { correctionWords, parseReading, readingOf } from '../../src/lib/words/reading.ts';

const tank = {
  ...{ id: '3d9a5e10-0c7b-4f26-a1d4-000000000083', name: 'the tank thermometer' },
  ...{ a: 0.0855, b: 0.9754, lowC: 15.3, highC: 38.9 },
};
const recipe = { ...recipeExample, id: '5a0f2c1e-7a51-4c0e-9b6e-0d1f7c3b9a01', version: 1 };

describe('a thermometer that was compared', () => {
  it('is corrected in either unit, and any other is taken as it reads', () => {
    expect(parseReading('20', 'C', tank)).toBeCloseTo(19.594, 3);
    expect(parseReading('68', 'F', tank)).toBeCloseTo(19.594, 3);
    expect(parseReading('20', 'C')).toBe(20);
    expect(readingOf(tank, parseReading('20.4', 'C', tank))).toBeCloseTo(20.4, 2);
  });

  it('says by how much it is out, and where it was not compared', () => {
    expect(correctionWords(tank, 19.594, 'C')).toBe(
      'which reads 0.4 °C too high here: really 19.6°',
    );
    expect(correctionWords(tank, 45, 'C')).toContain('outside what was compared (15.3° to 38.9°)');
    expect(correctionWords({ ...tank, a: 0, b: 1 }, 20, 'C')).toContain('is right here');
  });

  it('moves the development time, and the bottle is warmed until it shows what is wanted', () => {
    const draft: FilmDraft = {
      ...{ title: '', recipeId: recipe.id, exposureIndex: '400', temperature: '20' },
      ...{ volume: '300', warmTo: '20', kinds: ['stop', 'fix'], times: {} },
    };
    const seconds = (thermometer?: typeof tank) =>
      filmView(
        draft,
        { recipes: [recipe] },
        { unit: 'C', clockStart: 'pouring-begins', thermometer },
      );
    expect(seconds().seconds).toBe(570);
    expect(seconds(tank).temperatureC).toBeCloseTo(19.594, 3);
    expect(seconds(tank).seconds).toBeGreaterThan(580);
    expect(seconds(tank).warm).toContain('the tank thermometer then shows 20.4°');
    expect(seconds().warm).toBe('It has that already.');
  });

  it('corrects what water reads, and not what is wanted', () => {
    const form = { ...usualWarm, target: '20', volume: '1000', cold: '12', hot: '50' };
    const plain = warmView(form, 'C', 'ml');
    const corrected = warmView(form, 'C', 'ml', tank);
    expect(corrected.targetC).toBe(20);
    expect(corrected.taps).not.toEqual(plain.taps);
  });

  it('is corrected in a bath’s ledger', () => {
    const form = { kind: 'read', temperature: '20' } as EntryForm;
    expect(readEntry(form, 'ml', 0, { unit: 'C', thermometer: tank }).value?.entry).toMatchObject({
      temperatureC: 19.594,
    });
  });
});
