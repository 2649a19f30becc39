import { ROLL_EQUIVALENT_CM2 } from '@katachron/core';
import { describe, expect, it } from 'vitest';
import { lyingAt, sinks, bathIn } from '../../src/lib/bench/sink/trays.ts';
import type { Bath } from '../../src/lib/nouns/bath/contract.ts';
import type { KeptEntry } from '../../src/lib/nouns/bath/ledger.ts';
import {
  NO_BATH,
  placedBaths,
  pouringCautions,
  standingBaths,
  standingWords,
} from '../../src/lib/nouns/bath/standing.ts';
import { rollExample, type PlannedRoll } from '../../src/lib/nouns/roll/contract.ts';
import { demoRecipes } from '../../src/lib/server/seeds/recipes.ts';
import type { FilmDraft } from '../../src/lib/stages/film/draft.ts';
import { nextBathWords } from '../../src/lib/stages/film/film-baths.ts';
import { filmView } from '../../src/lib/stages/film/film-view.ts';

const DAY = 86_400_000;
const now = 100 * DAY;
const bath = (id: string, more: Partial<Bath>): Bath => ({
  ...{ id, version: 1, name: id, mixedAtMs: now - 4 * DAY, tests: [], volumeMl: 1000 },
  ...more,
});
const baths: readonly Bath[] = [
  bath('old fixer', { use: 'fixer', mixedAtMs: 0, filmCm2PerLitre: 4644 }),
  bath('new fixer', { use: 'fixer', filmCm2PerLitre: 4644, paperCm2PerLitre: 16_000 }),
  bath('paper fixer', { use: 'fixer', mixedAtMs: now, paperCm2PerLitre: 16_000 }),
  bath('gone', { use: 'stop', discardedAtMs: now - DAY }),
  bath('unmeasured', { use: 'stop', volumeMl: undefined as never }),
  bath('Quillow stock', {
    ...{ use: 'film-developer', dilution: 'stock', filmCm2PerLitre: 10 * ROLL_EQUIVALENT_CM2 },
  }),
];
const line = (areaCm2: number): KeptEntry => ({
  ...{ id: 'e', entry: { kind: 'film', atMs: now - DAY, areaCm2 } },
});
const standing = standingBaths(
  baths,
  { 'new fixer': [line(4000)], 'Quillow stock': [line(6 * ROLL_EQUIVALENT_CM2)] },
  now,
);
const kinds = ['developer', 'stop', 'fix', 'second-fix', 'wash'];
const named = (placed: ReturnType<typeof placedBaths>) =>
  placed.map(({ place, bath: one }) => [place, one?.name]);

describe('the baths that a plan goes through', () => {
  it('are those that stand, the right kind, each once: the newest that is not for something else', () => {
    const developer = { name: 'quillow', dilution: [1] };
    const placed = placedBaths(standing, { kinds, developer });
    expect(named(placed)).toEqual([
      ['developer', 'Quillow stock'],
      ['fix', 'new fixer'],
      ['second-fix', 'old fixer'],
    ]);
    // Every fixer is offered all the same.
    expect(placed[1]!.offered.map(({ id }) => id)).toEqual([
      'paper fixer',
      'new fixer',
      'old fixer',
    ]);
    const print = placedBaths(standing, { kinds: ['print-developer', 'print-short-fix'] });
    expect(named(print)).toEqual([['print-fix', 'paper fixer']]);
  });

  it('of two fixers the one that was used more comes first, and the fresh one after it', () => {
    const fixers = standingBaths(
      [
        bath('fresh', { use: 'fixer', mixedAtMs: now, filmCm2PerLitre: 4644 }),
        bath('used', { use: 'fixer', filmCm2PerLitre: 4644 }),
        bath('dead', { use: 'fixer', filmCm2PerLitre: 4644 }),
      ],
      { used: [line(2000)], dead: [line(5000)] },
      now,
    );
    expect(named(placedBaths(fixers, { kinds: ['fix', 'second-fix'] }))).toEqual([
      ['fix', 'used'],
      ['second-fix', 'fresh'],
    ]);
    expect(named(placedBaths(fixers, { kinds: ['fix'] }))).toEqual([['fix', 'fresh']]);
  });

  it('are as somebody chose: another one, none, or what is usual where that one stands no more', () => {
    const chosen = { fix: 'old fixer', 'second-fix': NO_BATH, developer: 'poured away' };
    expect(named(placedBaths(standing, { kinds, chosen }))).toEqual([
      ['developer', undefined],
      ['fix', 'old fixer'],
      ['second-fix', undefined],
    ]);
  });

  it('no developer is taken for one of another name or dilution', () => {
    for (const developer of [
      { name: 'Tansy', dilution: [1] },
      { name: 'Quillow', dilution: [1, 1] },
    ]) {
      expect(placedBaths(standing, { kinds: ['developer'], developer })[0]!.bath).toBeUndefined();
    }
  });

  it('say what they read last', () => {
    const read = (atMs: number, temperatureC: number): KeptEntry => ({
      ...{ id: String(atMs), entry: { kind: 'read', atMs, temperatureC } },
    });
    const [one] = standingBaths(
      [baths[1]!],
      { 'new fixer': [read(now, 19.4), read(now - 1, 22)] },
      now,
    );
    expect(one!.read).toEqual({ temperatureC: 19.4, atMs: now });
    expect(standing.every((bathNow) => bathNow.read === undefined)).toBe(true);
  });

  it('say how they are doing, and what is too much for them, before they are poured', () => {
    const fixer = standing.find(({ id }) => id === 'new fixer')!;
    expect(standingWords(fixer)).toBe('86 % used, 4 days old');
    expect(pouringCautions(fixer, 'film', 1000)).toEqual([
      'new fixer: near its end: try it before anything that matters goes through it.',
      'new fixer: more goes through it now than it is good for.',
    ]);
    expect(pouringCautions(fixer, 'film', 600)).toHaveLength(1);
    expect(
      pouringCautions(
        standing.find(({ id }) => id === 'paper fixer')!,
        'paper',
        516,
      ),
    ).toEqual([]);
  });
});

describe('the film page asks the bath', () => {
  const recipes = demoRecipes.map(({ id, body }) => ({ id, version: 1, ...body }));
  const quillow = recipes.find(({ developer }) => developer === 'Quillow')!;
  const tansy = recipes.find(({ developer }) => developer === 'Tansy')!;
  const draft: FilmDraft = {
    ...{ title: '', recipeId: quillow.id, exposureIndex: '400', temperature: '20' },
    ...{ volume: '600', kinds: ['developer', 'stop', 'fix'], times: {} },
  };
  const white = { unit: 'C', clockStart: 'pouring-begins' } as const;
  const view = (change: Partial<FilmDraft> = {}, recipe = quillow) =>
    filmView({ ...draft, recipeId: recipe.id, ...change }, { recipes: [recipe], standing }, white);

  it('how many rolls it has had: 9:00, 12 % for each 5, after 6 rolls', () => {
    expect(view().choices).toEqual({ rollsBefore: 6 });
    expect(view().development!.seconds).toBeCloseTo(540 * 1.12, 6);
    // What is typed is meant; and without its bath it is fresh.
    expect(view({ rollsBefore: '10' }).development!.seconds).toBeCloseTo(540 * 1.12 ** 2, 6);
    expect(view({ through: { developer: NO_BATH } }).development!.seconds).toBe(540);
  });

  it('by the litre, where the recipe is written so: the bath’s own volume counts, not the tank’s', () => {
    const byArea = {
      ...quillow,
      reuse: { kind: 'by-area', rollsPerLitre: 4, percent: 10 },
    } as const;
    expect(view({}, byArea).choices).toEqual({ rollsBefore: 6, developerMl: 1000 });
    expect(view({}, byArea).development!.seconds).toBeCloseTo(540 * 1.1, 6);
    // Typed, without a bath, it is by what goes into the tank: 6 rolls in 600 ml are ten a litre.
    const typed = view({ rollsBefore: '6', through: { developer: NO_BATH } }, byArea);
    expect(typed.development!.seconds).toBeCloseTo(540 * 1.1 ** 2, 6);
  });

  it('warns of what was used and is meant for one use, and refuses nothing', () => {
    const chosen = view({ through: { developer: 'Quillow stock' } }, tansy);
    expect(chosen.bathCautions).toContain(
      'Quillow stock: 6 rolls’ worth went through it, and this recipe uses its developer once.',
    );
    expect(chosen.plan).toBeDefined();
  });
});

describe('beside the sink', () => {
  const roll: PlannedRoll = {
    ...{ id: 'r', version: 1, state: 'developing', startedAtMs: now, finishedAtMs: null },
    ...rollExample,
    baths: {
      load: [{ format: 'small-36', count: 2 }],
      baths: [{ place: 'fix', id: 'new fixer', name: 'new fixer' }],
    },
  };
  const run = {
    roll,
    events: [{ id: 'p', atMs: now, kind: 'poured-in', stepId: 'developer' }] as const,
  };

  it('the tray has the bath that what lies in the sink goes through', () => {
    const lying = lyingAt([run], [], now + 1000);
    const [, developer, stop, fix] = sinks.film;
    expect(bathIn(fix!, lying, standing)?.name).toBe('new fixer');
    expect(bathIn(developer!, lying, standing)).toBeUndefined();
    expect(bathIn(stop!, lying, standing)).toBeUndefined();
  });

  it('the run says it of the bath that is poured next, and only then', () => {
    const next = (index: number) => ({ next: { index, step: roll.plan.steps[index]! } });
    expect(nextBathWords(roll, next(1), standing)).toEqual([]);
    expect(nextBathWords(roll, next(2), standing)).toEqual([
      'Next out of new fixer, 86 % used, 4 days old.',
      'new fixer: near its end: try it before anything that matters goes through it.',
      'new fixer: more goes through it now than it is good for.',
    ]);
  });
});
