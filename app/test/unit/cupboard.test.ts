import { describe, expect, it } from 'vitest';
import type { Bath } from '../../src/lib/nouns/bath/contract.ts';
import { bathForm, fromSubstance, readBath } from '../../src/lib/nouns/bath/form.ts';
import type { KeptEntry } from '../../src/lib/nouns/bath/ledger.ts';
import { placedBaths, standingBaths } from '../../src/lib/nouns/bath/standing.ts';
import { recipeExample, type Recipe } from '../../src/lib/nouns/recipe/contract.ts';
import { rollExample, type PlannedRoll } from '../../src/lib/nouns/roll/contract.ts';
import {
  SubstanceBody,
  substanceExample,
  type Substance,
} from '../../src/lib/nouns/substance/contract.ts';
import {
  readSubstance,
  substanceForm,
  substanceInUnit,
  type SubstanceForm,
} from '../../src/lib/nouns/substance/form.ts';
import { pointed, substanceOf } from '../../src/lib/nouns/substance/match.ts';
import { stockLeft, type StockFacts } from '../../src/lib/nouns/substance/stock.ts';
import { fits } from '../../src/lib/server/validation.ts';
import { filmView } from '../../src/lib/stages/film/film-view.ts';
import { stockView } from '../../src/lib/stages/chemistry/stock-view.ts';

const DAY = 86_400_000;
const now = Date.parse('2026-01-20T12:00:00Z');
const tansyId = '0b9e3e0a-6c0e-4d58-9d43-2f1f6f2a7c11';
const fixerId = '0b9e3e0a-6c0e-4d58-9d43-2f1f6f2a7c12';
const tansy: Substance = {
  ...{ id: tansyId, version: 1, ...substanceExample, haveMl: 100, haveAtMs: now - 5 * DAY },
};
const fixer: Substance = {
  ...{ id: fixerId, version: 1, name: 'Ferrow fixer', use: 'fixer', kind: 'concentrate' },
  ...{ parts: [], dilutions: [[1, 4]], sizeMl: 1000, price: 12, haveMl: 150, haveAtMs: now },
  ...{ filmCm2PerLitre: 4644, workingKeeping: { fullDays: 180, halfFullDays: 60 } },
  ...{ dataSheet: 'https://ferrow.example/fixer', hazards: 'Gloves.' },
};
const substances = [tansy, fixer];
const recipe: Recipe = { id: 'r', version: 1, ...recipeExample };

describe('a substance that is written down', () => {
  const filled: SubstanceForm = {
    ...substanceForm(undefined, 'ml'),
    ...{ name: 'Tansy', dilutions: '1 + 31; 1+50', full: '360', half: '120', have: '320' },
    ...{ size: '500', price: '14,50', minimum: '6', rolls: '9', hazards: ' Gloves. ' },
  };

  it('is kept with its dilutions and limits, and is typed again as it was', () => {
    const { body } = readSubstance(filled, 'ml', now);
    expect(body).toEqual({
      ...{ name: 'Tansy', use: 'film-developer', kind: 'concentrate', parts: [] },
      dilutions: [
        [1, 31],
        [1, 50],
      ],
      ...{ keeping: { fullDays: 360, halfFullDays: 120 }, filmCm2PerLitre: 4644 },
      ...{ minimumMl: 6, sizeMl: 500, price: 14.5, haveMl: 320, haveAtMs: now },
      hazards: 'Gloves.',
    });
    expect(fits(SubstanceBody, body)).toBe(true);
    // A week later, saved for another reason, what is left was not looked at again.
    const again = substanceForm(body, 'ml');
    expect(readSubstance(again, 'ml', now + 7 * DAY, body).body).toEqual(body);
    const looked = readSubstance({ ...again, have: '0' }, 'ml', now + 7 * DAY, body).body!;
    expect(looked).toMatchObject({ haveMl: 0, haveAtMs: now + 7 * DAY });
    const ounces = { ...again, ...substanceInUnit(again, 'ml', 'fl oz', body) };
    expect(readSubstance(ounces, 'fl oz', now, body).body).toEqual(body);
  });

  it.each([
    [{ name: '' }, 'name', 'Name it as its label does.'],
    [{ parts: 'bag A' }, 'parts', 'Type its parts with commas'],
    [{ dilutions: '1+31, 1:50' }, 'dilutions', 'Write the dilution with a plus'],
    [{ price: '-3' }, 'price', 'Type its price, for example 14.50.'],
    [{ have: '1e9' }, 'have', 'Type what is left in ml, for example 320.'],
    [{ size: '0' }, 'size', 'Type what is sold at once in ml'],
    [{ full: '' }, 'half', 'Type the full bottle’s too.'],
    [{ workingHalf: '3' }, 'workingHalf', 'Type the full bottle’s too.'],
    [{ openedOn: '2030-01-01' }, 'openedOn', 'That day is still to come.'],
    [{ dataSheet: 'www' }, 'dataSheet', 'Type the whole address'],
  ] as const)('%j gets a sentence', (change, field, sentence) => {
    const { troubles } = readSubstance({ ...filled, ...change }, 'ml', now);
    expect(troubles?.[field]).toContain(sentence);
  });
});

describe('a recipe points at its developer as a thing', () => {
  it('one that was written before is matched by its name, and points from its next saving on', () => {
    expect(substanceOf({ developer: ' tansy ' }, substances)).toBe(tansy);
    expect(substanceOf({ developer: 'Ferrow fixer' }, substances)).toBeUndefined();
    expect(pointed(recipeExample, substances).substanceId).toBe(tansyId);
  });

  it('renamed in the cupboard it is the same thing; another name in the recipe is another thing', () => {
    const renamed = [{ ...tansy, name: 'Tansy, old label' }, fixer];
    const before = { ...recipeExample, substanceId: tansyId };
    expect(pointed(recipeExample, renamed, before).substanceId).toBe(tansyId);
    expect(pointed({ ...before, developer: 'Quillow' }, renamed, before).substanceId).toBe(
      undefined,
    );
  });

  it('and the film page takes the least for a roll, the caution and the data sheet from it', () => {
    const view = filmView(
      {
        ...{ title: '', recipeId: 'r', exposureIndex: '', temperature: '20', volume: '150' },
        ...{ kinds: ['developer'], times: {} },
      },
      { recipes: [recipe], substances },
      { unit: 'C', clockStart: 'pouring-begins' },
    );
    expect(view.substance?.dataSheet).toBe('https://ferrow.example/tansy');
    expect(view.tank.cautions).toEqual([
      'Only 4.7 ml Tansy for 1 × 135-36; they want 6 ml. Take 192 ml in all, or less dilution.',
    ]);
  });

  it('a bath that was mixed from it is taken for it, whatever it is called', () => {
    const bath: Bath = {
      ...{ id: 'b', version: 1, name: 'Bottle 7', use: 'film-developer', mixedAtMs: now },
      ...{ volumeMl: 1000, dilution: '1+31', substanceId: tansyId, tests: [] },
    };
    const standing = standingBaths([bath], {}, now);
    const of = (substanceId: string) =>
      placedBaths(standing, {
        kinds: ['developer'],
        developer: { name: 'Tansy', dilution: [1, 31], substanceId },
      })[0]!.bath?.name;
    expect(of(tansyId)).toBe('Bottle 7');
    expect(of(fixerId)).toBeUndefined();
  });
});

describe('a bath mixed from the cupboard', () => {
  it('is filled in from it, and keeps what was typed', () => {
    const form = fromSubstance({ ...bathForm(undefined, 'ml', now), name: 'Bottle 3' }, fixer);
    const { body } = readBath({ ...form, volume: '2000' }, 'ml', now);
    expect(body).toMatchObject({
      ...{ name: 'Bottle 3', use: 'fixer', dilution: '1+4', substanceId: fixerId },
      ...{ filmCm2PerLitre: 4644, keeping: { fullDays: 180, halfFullDays: 60 } },
      ...{ dataSheet: 'https://ferrow.example/fixer', note: 'Gloves.' },
    });
  });
});

describe('what is left, and what an evening takes', () => {
  const run = (startedAtMs: number, more: Partial<PlannedRoll> = {}): PlannedRoll => ({
    ...{ id: 'roll', version: 1, state: 'developed', finishedAtMs: startedAtMs },
    ...{ ...rollExample, startedAtMs, volumeMl: 640, ...more },
  });
  const mixed: Bath = {
    ...{ id: 'f', version: 1, name: 'Fixer', use: 'fixer', mixedAtMs: now + 1, tests: [] },
    ...{ volumeMl: 500, dilution: '1+4', substanceId: fixerId, filmCm2PerLitre: 4644 },
  };
  const topped: KeptEntry = {
    ...{ id: 'e', entry: { kind: 'topped-up', atMs: now + 2, volumeMl: 100 } },
  };
  const none: StockFacts = { substances, baths: [], entries: {}, developed: [] };
  const facts: StockFacts = {
    substances,
    baths: [mixed],
    entries: { f: [topped] },
    developed: [
      run(now),
      run(now - 9 * DAY),
      run(now, {
        baths: { load: [], baths: [{ place: 'developer', id: 'x', name: 'a bath' }] },
      }),
    ],
  };

  it('is what was there less what was mixed, topped up and poured since', () => {
    expect(stockLeft(tansy, none)).toBe(100);
    // 640 ml of 1+31 are 20 ml; the roll of before does not count, nor the one out of a bath.
    expect(stockLeft(tansy, facts)).toBeCloseTo(80, 10);
    expect(stockLeft(fixer, facts)).toBeCloseTo(150 - 100 - 20, 10);
    const { haveMl: _have, ...unseen } = tansy;
    expect(stockLeft(unseen, facts)).toBeUndefined();
  });

  it('an empty bottle, and a roll of no film, break nothing', () => {
    const open = { keeping: { fullDays: 30, halfFullDays: 10 }, openedAtMs: now - DAY };
    const empty: StockFacts = { ...none, substances: [{ ...tansy, haveMl: 0, ...open }] };
    const waiting = [
      {
        ...run(now, { volumeMl: undefined as never, baths: { load: [], baths: [] } }),
        ...{ state: 'planned' as const, startedAtMs: null, finishedAtMs: null },
      },
    ];
    const evening = { waiting, recipes: [recipe], standing: [], prints: 0, printCm2: 516 };
    const { lines } = stockView(empty, evening, 'ml', now);
    expect(lines[0]!.amount).toBe('0 ml');
    expect(lines[0]!.sentences).toEqual([expect.stringContaining('Handed in:')]);
    const opened = stockView({ ...none, substances: [{ ...tansy, ...open }] }, evening, 'ml', now);
    expect(opened.lines[0]!.sentences[0]).toMatch(/^Open, it keeps until about/);
    const drop = { ...tansy, ...open, haveMl: 0.01, sizeMl: 100_000 };
    const nearly = stockView({ ...none, substances: [drop] }, evening, 'ml', now);
    expect(nearly.lines[0]!.cautions).toContainEqual(expect.stringMatching(/longer than it keeps/));
  });

  it('what runs out is on the list, with its price', () => {
    const waiting = [
      { ...run(now), state: 'planned' as const, startedAtMs: null, finishedAtMs: null },
    ];
    const evening = { waiting, recipes: [recipe], prints: 0, printCm2: 516 };
    const without = stockView(none, { ...evening, standing: [] }, 'ml', now);
    expect(without.lines.map(({ amount, left }) => [amount, left])).toEqual([
      ['100 ml', 'about that left of 500 ml'],
      ['150 ml', 'about that left of 1000 ml'],
    ]);
    expect(without.lines[0]!.sentences[0]).toBe('This evening takes 20 ml.');
    // No fixer stands: a litre of 1+4 takes 200 ml, and 150 are there.
    expect(without.lines[1]!.cautions[0]).toBe('50 ml too little for this evening.');
    expect(without.shopping).toEqual(['Ferrow fixer: 1 × 1000 ml, 12.00']);
    const standing = standingBaths([mixed], {}, now + DAY);
    const withFixer = stockView(facts, { ...evening, standing }, 'ml', now + DAY);
    expect(withFixer.shopping).toEqual([]);
    // 100 ml at 12.00 a litre are good for four and a half rolls.
    expect(withFixer.costs).toEqual([{ id: 'f', name: 'Fixer', words: 'a roll 0.27 at its end' }]);
  });
});
