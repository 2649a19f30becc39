import { processRecord } from '@katachron/core';
import { describe, expect, it } from 'vitest';
import type { FilmDraft } from '../../src/lib/contract/drafts.ts';
import { tankExample } from '../../src/lib/contract/tank.ts';
import type { Recipe } from '../../src/lib/contract/recipe.ts';
import { timeChart } from '../../src/lib/film/chart.ts';
import { filmView, readingAdvice } from '../../src/lib/film/film-view.ts';
import { developerReadings, expectedC, followedSeconds } from '../../src/lib/film/follow.ts';
import { rollExample } from '../../src/lib/contract/roll.ts';
import { movedSentence } from '../../src/lib/words/drift.ts';
import { emptyRecipeForm, readRecipe, type RecipeForm } from '../../src/lib/film/recipe-form.ts';
import { demoRecipes } from '../../src/lib/server/seeds/recipes.ts';

const recipes: Recipe[] = demoRecipes.map(({ id, body }) => ({ id, version: 1, ...body }));
const [halden, pushed, quillow] = recipes as [Recipe, Recipe, Recipe];
const draft: FilmDraft = {
  title: '',
  recipeId: halden.id,
  exposureIndex: '',
  temperature: '20.6',
  volume: '600',
  kinds: ['pre-soak', 'stop', 'fix', 'wash', 'wetting-agent'],
  times: { fix: '3:30', wash: '6:00' },
};
const tanks = [{ id: 't', version: 1, ...tankExample }];
const white = { unit: 'C', clockStart: 'pouring-begins' } as const;
const viewOf = (change: Partial<FilmDraft>, preferences: { unit: 'C' | 'F' } = white) =>
  filmView({ ...draft, ...change }, { recipes, tanks }, { ...white, ...preferences });

describe('the film page', () => {
  it('answers with the time, the two points it stands between, and the slope', () => {
    const view = viewOf({});
    expect(Math.round(view.development!.seconds)).toBe(538);
    expect(view.reasons).toEqual([
      'Between the data sheet’s 9:30 at 20° and 7:50 at 22°. Each degree warmer takes about 49 seconds off.',
    ]);
    expect(view.cautions).toEqual([]);
  });

  it('says the same in Fahrenheit', () => {
    const view = viewOf({ temperature: '69.08' }, { unit: 'F' });
    expect(Math.round(view.development!.seconds)).toBe(538);
    expect(view.reasons[0]).toContain('9:30 at 68° and 7:50 at 71.6°');
    expect(view.reasons[0]).toContain('27 seconds off');
  });

  it('names the activation energy where the recipe has one temperature', () => {
    const view = viewOf({ recipeId: quillow.id, temperature: '22' });
    expect(view.reasons[0]).toContain(
      'From your own test’s one time, 9:00 at 20°, by activation energy (62 kJ/mol)',
    );
  });

  it('uses the recipe made for the speed used, and says push', () => {
    const view = viewOf({ exposureIndex: '1600', temperature: '20' });
    expect(view.recipe!.id).toBe(pushed.id);
    expect(view.development!.seconds).toBe(1020);
    expect(view.push).toBe('shot at EI 1600 on ISO 400 film: 2 stops under, push +2');
    expect(view.reasons.join()).not.toContain('rule of thumb');
  });

  it('marks the rule of thumb and says what it costs', () => {
    const view = viewOf({ exposureIndex: '200', temperature: '20' });
    expect(view.development!.seconds).toBeCloseTo(456);
    expect(view.reasons[1]).toBe('A pull: the negative gets flatter.');
    expect(view.factors).toEqual([
      {
        id: 'push',
        times: '× 0.80',
        why: 'pull −1: no recipe is for this speed (a rule of thumb)',
      },
    ]);
  });

  it('says nothing about push at the box speed', () => expect(viewOf({}).push).toBeUndefined());

  it('refuses with a reason past the table, and keeps what was typed', () => {
    const view = viewOf({ temperature: '27.5' });
    expect(view.development).toBeUndefined();
    expect(view.refusal).toContain('18 to 24 °C');
    expect(view.plan).toBeUndefined();
  });

  it.each([
    ['16.5', 'Below 18'],
    ['25', 'Above 24'],
  ])('at %s it is careful: %s', (temperature, caution) => {
    expect(viewOf({ temperature }).cautions.join()).toContain(caution);
  });

  it('says first that a time is past the table', () => {
    expect(viewOf({ temperature: '25' }).reasons[0]).toMatch(/^Carried on past the table/);
  });

  it('makes up the plan with the times typed', () => {
    const view = viewOf({});
    expect(view.plan!.steps.map(({ kind, seconds }) => [kind, seconds])).toEqual([
      ['pre-soak', 60],
      ['developer', 538],
      ['stop', 30],
      ['fix', 210],
      ['wash', 360],
      ['wetting-agent', 30],
    ]);
    const shorter = viewOf({ kinds: ['water-stop', 'fix'] });
    expect(shorter.plan!.steps.map(({ kind }) => kind)).toEqual(['developer', 'water-stop', 'fix']);
  });

  it('has no plan while a time cannot be read, and says which', () => {
    const view = viewOf({ times: { fix: 'long' } });
    expect(view.plan).toBeUndefined();
    expect(view.steps.lines.find(({ kind }) => kind === 'fix')).toMatchObject({
      shown: 'long',
      trouble: expect.stringContaining('3:30'),
    });
  });

  it('says what to measure', () => {
    expect(viewOf({}).mix).toBe('600 ml of 1+31: 18.8 ml Tansy, 581 ml water.');
    expect(viewOf({ volume: '100' }).smallMeasure).toBe(true);
    expect(viewOf({ volume: 'some' }).troubles.volume).toContain('in ml');
  });

  it.each([
    [{ temperature: 'warm' }, 'temperature'],
    [{ exposureIndex: 'fast' }, 'exposureIndex'],
    [{ exposureIndex: '-5' }, 'exposureIndex'],
  ] as const)('a wrong %j has its sentence', (change, field) => {
    expect(viewOf(change).troubles[field]).toMatch(/\w/);
  });

  it('says nothing yet when nothing was typed', () => {
    const view = viewOf({ temperature: '' });
    expect(view.troubles.temperature).toBeUndefined();
    expect(view.refusal).toBeUndefined();
  });

  it('without recipes there is none', () => {
    expect(filmView(draft, { recipes: [] }, white)).toMatchObject({ reasons: [], factors: [] });
    expect(filmView(draft, { recipes: [] }, white).recipe).toBeUndefined();
  });
});

describe('the drift of the tank', () => {
  it('moves the time, and says why', () => {
    const view = viewOf({ room: '16', follows: '30' });
    expect(Math.round(view.development!.seconds)).toBe(538);
    expect(view.seconds).toBeGreaterThan(560);
    expect(view.reasons.at(-1)).toMatch(
      /^In a room of 16° the tank drifts to 19\.3°, so it is done at 9:33 instead of 8:58\.$/,
    );
    expect(view.plan!.steps[1]!.seconds).toBe(Math.round(view.seconds!));
    expect(view.drift).toEqual({ ambientC: 16, timeConstantSeconds: 1800 });
  });

  it('takes half an hour when nobody says otherwise, and reads the room in the unit chosen', () => {
    const view = viewOf({ room: '60.8', temperature: '69.08' }, { unit: 'F' });
    expect(view.drift!.ambientC).toBeCloseTo(16);
    expect(view.drift!.timeConstantSeconds).toBe(1800);
  });

  it.each([
    [{ room: 'cold' }, 'room'],
    [{ room: '16', follows: 'soon' }, 'follows'],
    [{ room: '16', follows: '0' }, 'follows'],
  ] as const)('%j has its sentence, and the steady time stays', (change, field) => {
    const view = viewOf(change);
    expect(view.troubles[field]).toMatch(/\w/);
    expect(Math.round(view.seconds!)).toBe(538);
  });

  it('moved by a reading, says by how much', () => {
    expect(movedSentence(538, 520)).toBe('End moved 0:18 earlier, to 8:40.');
    expect(movedSentence(538, 561)).toBe('End moved 0:23 later, to 9:21.');
    expect(movedSentence(538, 538)).toBe('The end stays at 8:58.');
  });
});

describe('the reverse question', () => {
  it('names the temperature', () => {
    expect(viewOf({ atLeast: '7:50' }).reverse).toBe('22° or cooler takes 7:50 or longer.');
    expect(viewOf({ atLeast: '1:00' }).troubles.atLeast).toContain(
      'no temperature takes that long',
    );
    expect(viewOf({ atLeast: 'long' }).troubles.atLeast).toContain('3:30');
  });
});

describe('a run whose drift is followed', () => {
  const roll = {
    ...rollExample,
    temperatureC: 20,
    recipe: { ...demoRecipes[0]!.body, points: [{ temperatureC: 20, seconds: 600 }] },
    drift: { ambientC: 16, timeConstantSeconds: 1800 },
  };
  const start = [{ seconds: 0, temperatureC: 20 }];

  it('ends where the drift foretells, and each reading moves that', () => {
    expect(followedSeconds(roll, start)).toBe(633);
    expect(followedSeconds(roll, [...start, { seconds: 300, temperatureC: 20 }])).toBeLessThan(633);
    expect(followedSeconds(roll, [...start, { seconds: 300, temperatureC: 18 }])).toBeGreaterThan(
      633,
    );
  });

  it('expects the reading that the drift foretells', () => {
    expect(expectedC(roll, start, 600)).toBeCloseTo(18.87, 1);
    expect(expectedC({ ...roll, drift: undefined }, start, 600)).toBe(20);
    expect(readingAdvice(roll, 18.9, 'developer', expectedC(roll, start, 600))).toBeUndefined();
    expect(readingAdvice(roll, 20, 'developer', expectedC(roll, start, 600))).toMatchObject({
      kind: 'developer-off',
    });
  });

  it('takes its readings from the developer alone', () => {
    const record = processRecord(roll.plan, [
      { id: 'a', kind: 'poured-in', stepId: 'developer', atMs: 1000 },
      { id: 'b', kind: 'temperature', temperatureC: 19.5, atMs: 61_000 },
      { id: 'c', kind: 'poured-in', stepId: 'stop', atMs: 600_000 },
      { id: 'd', kind: 'temperature', temperatureC: 15, atMs: 610_000 },
    ]);
    expect(developerReadings(roll, record)).toEqual([
      { seconds: 0, temperatureC: 20 },
      { seconds: 60, temperatureC: 19.5 },
    ]);
  });
});

describe('a reading during the run', () => {
  const roll = { recipe: demoRecipes[0]!.body, temperatureC: 20.6, exposureIndex: 400 };

  it('in the developer is near enough within 0.3 °C', () => {
    expect(readingAdvice(roll, 20.9, 'developer')).toBeUndefined();
    expect(readingAdvice(roll, 20.3, 'developer')).toBeUndefined();
  });
  it('otherwise says what the time would be', () => {
    const advice = readingAdvice(roll, 21, 'developer');
    expect(advice).toMatchObject({ kind: 'developer-off', seconds: expect.closeTo(517, 0) });
  });
  it('past the table only says that it is off', () => {
    expect(readingAdvice(roll, 30, 'developer')).toEqual({ kind: 'developer-off' });
  });
  it('in another bath speaks up when that is more than 3 °C from the developer', () => {
    expect(readingAdvice(roll, 17.7, 'stop')).toBeUndefined();
    expect(readingAdvice(roll, 17.5, 'stop')).toMatchObject({
      kind: 'baths-apart',
      sentence: expect.stringContaining('more than 3 °C'),
    });
  });
  it('a pre-soak is to have the developer’s temperature', () => {
    expect(readingAdvice(roll, 19.7, 'pre-soak')).toBeUndefined();
    expect(readingAdvice(roll, 19, 'pre-soak')).toMatchObject({
      sentence: 'The pre-soak should be within 1 °C (1.8 °F) of the developer.',
    });
    expect(readingAdvice(roll, 19, undefined)).toBeUndefined();
  });
});

describe('the chart', () => {
  it('has the points, the curve, what is carried on, and the reading on the curve', () => {
    const chart = timeChart(halden, 1, 'C', 20.6);
    expect(chart.points).toHaveLength(4);
    expect(chart.curve).toMatch(/^M/);
    expect(chart.carriedOn).toHaveLength(2);
    expect(chart.reading!.x).toBeGreaterThan(chart.points[1]!.x);
    expect(chart.reading!.x).toBeLessThan(chart.points[2]!.x);
    expect(chart.reading!.y).toBeGreaterThan(chart.points[1]!.y);
    expect(chart.across.map(({ label }) => label)).toContain('20°');
  });

  it('moves up with a push, and leaves out a reading that has no answer', () => {
    const chart = timeChart(halden, 1.4, 'C', 40);
    expect(chart.reading).toBeUndefined();
    expect(chart.up.map(({ label }) => label)).not.toContain('6:00');
  });

  it('draws a recipe of one temperature as carried on both ways', () => {
    const chart = timeChart(quillow, 1, 'F', 21);
    expect(chart.curve).toBe('');
    expect(chart.carriedOn.every((path) => path.startsWith('M'))).toBe(true);
    expect(chart.across.some(({ label }) => label === '68°')).toBe(true);
  });
});

describe('a recipe that is being typed', () => {
  const form: RecipeForm = {
    ...emptyRecipeForm,
    film: ' Halden 400 ',
    boxSpeed: '400',
    developer: 'Tansy',
    dilution: '1+31',
    exposureIndex: '',
    agitation: 'each-minute',
    times: '20 9:30\n22; 7:50\n',
    source: 'data-sheet',
    note: '',
  };

  it('is read', () => {
    expect(readRecipe(form, 'C').body).toEqual({
      film: 'Halden 400',
      boxSpeed: 400,
      developer: 'Tansy',
      dilution: [1, 31],
      exposureIndex: 400,
      agitation: 'each-minute',
      points: [
        { temperatureC: 20, seconds: 570 },
        { temperatureC: 22, seconds: 470 },
      ],
      source: 'data-sheet',
    });
  });

  it('in Fahrenheit is kept in Celsius', () => {
    expect(
      readRecipe({ ...form, times: '68 9:30' }, 'F').body!.points[0]!.temperatureC,
    ).toBeCloseTo(20);
  });

  it.each([
    [{ film: '' }, 'film', 'Name the film.'],
    [{ dilution: '1:31' }, 'dilution', 'colon'],
    [{ boxSpeed: '0' }, 'boxSpeed', 'box speed'],
    [{ times: '' }, 'times', 'at least one line'],
    [{ times: '20 9:30\n22' }, 'times', 'Line 2: Type a time'],
    [{ times: '20 9:30 extra' }, 'times', 'Line 1: Only'],
    [{ times: '20 9:30\n20 9:00' }, 'times', 'two times at 20 °C'],
  ] as const)('%j is refused at %s', (change, field, sentence) => {
    const { troubles } = readRecipe({ ...form, ...change }, 'C');
    expect(troubles![field]).toContain(sentence);
  });
});
