import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  activationEnergyBetween,
  answerableTemperatures,
  development,
  filmTime,
  recipeForSpeed,
  unrefusedTimes,
  type FilmRecipe,
} from '../src/index.ts';
import { at, singleRecipe, tableRecipe } from './recipes.ts';

describe('a time from a table', () => {
  it.each([
    [19, at(10, 27)],
    [20.6, at(8, 58)],
    [21, at(8, 37)],
    [23, at(7, 8)],
    [17, at(12, 41)],
  ])('%s °C', (temperatureC, seconds) => {
    expect(Math.abs(filmTime(tableRecipe, temperatureC).seconds - seconds)).toBeLessThan(0.51);
  });

  it('says which two points it stands between', () => {
    const time = filmTime(tableRecipe, 20.6);
    expect(time.method).toBe('between');
    expect(time.from.map((point) => point.temperatureC)).toEqual([20, 22]);
    expect(time.secondsPerDegree).toBeCloseTo(-50, -1);
  });

  it('reads a point as it is printed', () => {
    expect(filmTime(tableRecipe, 22)).toMatchObject({ seconds: 470, method: 'point' });
  });

  it('says that it went past the table, and refuses more than 3 °C past it', () => {
    expect(filmTime(tableRecipe, 17).method).toBe('past-table');
    expect(filmTime(tableRecipe, 15).method).toBe('past-table');
    expect(filmTime(tableRecipe, 27).method).toBe('past-table');
    expect(() => filmTime(tableRecipe, 14.9)).toThrow(/would be a guess/);
    expect(() => filmTime(tableRecipe, 27.1)).toThrow(/18 to 24 °C/);
  });

  it('past the table follows all of its times, not the last two', () => {
    const points = [
      { temperatureC: 18, seconds: 690 },
      { temperatureC: 20, seconds: 570 },
      { temperatureC: 22, seconds: 465 },
      { temperatureC: 24, seconds: 390 },
    ];
    const time = filmTime({ ...tableRecipe, points }, 26);
    expect(time.activationEnergy / 1000).toBeCloseTo(68.89, 2);
    expect(time.seconds).toBeCloseTo(322.2, 1);
    expect(time.from).toHaveLength(4);
    expect(activationEnergyBetween(points[2]!, points[3]!) / 1000).toBeCloseTo(64.13, 2);
    expect(activationEnergyBetween(points[1]!, points[2]!) / 1000).toBeCloseTo(73.23, 2);
    expect(unrefusedTimes({ ...tableRecipe, points })(26)).toBeCloseTo(322.2, 1);
  });

  it('does not mind the order in which the points were typed', () => {
    const shuffled = { ...tableRecipe, points: tableRecipe.points.toReversed() };
    expect(filmTime(shuffled, 20.6)).toEqual(filmTime(tableRecipe, 20.6));
  });

  it('refuses two times at one temperature, and a recipe without any', () => {
    const twice = { ...tableRecipe, points: [...tableRecipe.points, tableRecipe.points[0]!] };
    expect(() => filmTime(twice, 20)).toThrow(/two times at 18 °C/);
    expect(() => filmTime({ ...tableRecipe, points: [] }, 20)).toThrow(/no time yet/);
  });

  it('has the activation energy of its ends', () => {
    const [first, last] = [tableRecipe.points[0]!, tableRecipe.points[3]!];
    expect(activationEnergyBetween(first, last) / 1000).toBeCloseTo(68.4, 1);
  });
});

describe('a time from one temperature', () => {
  it.each([
    [18, at(10, 43)],
    [22, at(7, 34.5)],
    [24, at(6, 23)],
  ])('%s °C', (temperatureC, seconds) => {
    expect(Math.abs(filmTime(singleRecipe, temperatureC).seconds - seconds)).toBeLessThan(0.51);
  });

  it('uses the recipe’s own activation energy', () => {
    const own = { ...singleRecipe, activationEnergy: 80_000 };
    expect(filmTime(own, 24).seconds).toBeLessThan(filmTime(singleRecipe, 24).seconds);
  });

  it('refuses more than 4 °C from it', () => {
    expect(filmTime(singleRecipe, 16).seconds).toBeGreaterThan(540);
    expect(() => filmTime(singleRecipe, 15.9)).toThrow(/More than 4 °C/);
    expect(answerableTemperatures(singleRecipe)).toMatchObject({ lowC: 16, highC: 24 });
    expect(answerableTemperatures(tableRecipe)).toMatchObject({ lowC: 15, highC: 27 });
  });
});

/** Tables as data sheets print them: each warmer point shorter. */
const tables = fc
  .record({
    start: fc.integer({ min: 16, max: 20 }),
    seconds: fc.integer({ min: 200, max: 1500 }),
    drops: fc.array(fc.double({ min: 0.6, max: 0.97, noNaN: true }), {
      minLength: 0,
      maxLength: 4,
    }),
  })
  .map(({ start, seconds, drops }): FilmRecipe => {
    const points = [{ temperatureC: start, seconds }];
    for (const drop of drops) {
      const last = points.at(-1)!;
      points.push({ temperatureC: last.temperatureC + 2, seconds: last.seconds * drop });
    }
    return { ...tableRecipe, points };
  });

describe('every recipe', () => {
  it('takes less time the warmer it is', () => {
    fc.assert(
      fc.property(tables, fc.double({ min: 0, max: 0.999, noNaN: true }), (recipe, share) => {
        const { lowC, highC } = answerableTemperatures(recipe);
        const cooler = lowC + share * (highC - lowC - 0.001);
        expect(filmTime(recipe, cooler + 0.001).seconds).toBeLessThan(
          filmTime(recipe, cooler).seconds,
        );
      }),
    );
  });

  it('gives each of its own points back', () => {
    fc.assert(
      fc.property(tables, (recipe) => {
        for (const point of recipe.points) {
          expect(filmTime(recipe, point.temperatureC).seconds).toBe(point.seconds);
        }
      }),
    );
  });

  it('has no jump at a point of its table', () => {
    fc.assert(
      fc.property(tables, (recipe) => {
        for (const { temperatureC, seconds } of recipe.points) {
          expect(filmTime(recipe, temperatureC - 1e-5).seconds).toBeCloseTo(seconds, 1);
          expect(filmTime(recipe, temperatureC + 1e-5).seconds).toBeCloseTo(seconds, 1);
        }
      }),
    );
  });
});

describe('development', () => {
  it('multiplies temperature and push, and says both', () => {
    const pushed = development(tableRecipe, 20, 1600);
    expect(pushed.base.seconds).toBe(570);
    expect(pushed.pushStops).toBe(2);
    expect(pushed.pushFactor).toBeCloseTo(1.96);
    expect(pushed.seconds).toBeCloseTo(1117.2);
  });

  it('uses no rule of thumb where the recipe is for the speed used', () => {
    const forPush: FilmRecipe = {
      ...tableRecipe,
      exposureIndex: 1600,
      points: [{ temperatureC: 20, seconds: 900 }],
    };
    const chosen = recipeForSpeed([tableRecipe, forPush], tableRecipe, 1600);
    expect(chosen).toBe(forPush);
    expect(development(chosen, 20, 1600)).toMatchObject({
      seconds: 900,
      pushStops: 2,
      ruleOfThumbStops: 0,
      pushFactor: 1,
    });
  });

  it('does not borrow the recipe of another developer or agitation', () => {
    const other: FilmRecipe = { ...tableRecipe, developer: 'Quillow', exposureIndex: 1600 };
    const rotary: FilmRecipe = { ...tableRecipe, agitation: 'continuous', exposureIndex: 1600 };
    expect(recipeForSpeed([other, rotary], tableRecipe, 1600)).toBe(tableRecipe);
  });

  it.each([
    [20, 100, ['short-time']],
    [17.5, 400, ['cold', 'past-table']],
    [24.5, 1600, ['warm', 'past-table']],
    [21, 400, []],
  ] as const)('at %s °C and EI %s: %j', (temperatureC, exposureIndex, cautions) => {
    const recipe = {
      ...tableRecipe,
      points: tableRecipe.points.map((p) => ({
        ...p,
        seconds: p.seconds * (exposureIndex === 100 ? 0.6 : 1),
      })),
    };
    expect(development(recipe, temperatureC, exposureIndex).cautions).toEqual(cautions);
  });

  it('wants a temperature', () => {
    expect(() => development(tableRecipe, NaN, 400)).toThrow(/Type the temperature/);
  });
});
