import fc from 'fast-check';
import { describe, expect, it, vi } from 'vitest';
import {
  developmentDone,
  developmentFault,
  developmentGiven,
  usualFilm,
  driftedEnd,
  filmTime,
  temperatureAfter,
  temperatureCourse,
  temperatureFor,
  unrefusedTimes,
  type FilmRecipe,
} from '../src/index.ts';
import { at, singleRecipe, tableRecipe } from './recipes.ts';

const ten: FilmRecipe = { ...singleRecipe, points: [{ temperatureC: 20, seconds: 600 }] };
const started = [{ seconds: 0, temperatureC: 20 }];

describe('a tank that drifts', () => {
  it.each([
    [16, 30, at(10, 33)],
    [27, 25, at(9, 4)],
  ])('10:00 at 20 °C in a %i °C room, τ %i min', (ambientC, minutes, end) => {
    const drift = { ambientC, timeConstantSeconds: minutes * 60 };
    const { endSeconds } = driftedEnd({ recipe: ten, factor: 1, readings: started, drift });
    expect(Math.abs(endSeconds - end)).toBeLessThan(0.51);
  });

  it('without a drift ends when its temperature says', () => {
    const { endSeconds, endC } = driftedEnd({ recipe: ten, factor: 1, readings: started });
    expect(endSeconds).toBeCloseTo(600, 6);
    expect(endC).toBe(20);
  });

  it('counts the factor of push and the rest', () => {
    expect(driftedEnd({ recipe: ten, factor: 1.4, readings: started }).endSeconds).toBeCloseTo(
      840,
      6,
    );
  });

  it('goes by the recipe’s own points where it has them', () => {
    const readings = [{ seconds: 0, temperatureC: 22 }];
    expect(driftedEnd({ recipe: tableRecipe, factor: 1, readings }).endSeconds).toBeCloseTo(470, 6);
  });

  it('joins readings by straight lines and goes on by Newton from the last one', () => {
    const drift = { ambientC: 16, timeConstantSeconds: 1800 };
    const course = temperatureCourse([{ seconds: 200, temperatureC: 19 }, ...started], drift);
    expect(course(-5)).toBe(20);
    expect(course(100)).toBeCloseTo(19.5);
    expect(course(200)).toBe(19);
    expect(course(500)).toBeCloseTo(temperatureAfter(19, drift, 300));
  });

  it('a colder reading moves the end back, a warmer one forward', () => {
    const end = (temperatureC: number) =>
      driftedEnd({ recipe: ten, factor: 1, readings: [...started, { seconds: 240, temperatureC }] })
        .endSeconds;
    expect(end(19)).toBeGreaterThan(600);
    expect(end(21)).toBeLessThan(600);
    expect(end(20)).toBeCloseTo(600, 6);
  });

  it('wants a temperature and a time constant, and gives up on ice', () => {
    const ice = { ambientC: -60, timeConstantSeconds: 60 };
    expect(() => driftedEnd({ recipe: ten, factor: 1, readings: [] })).toThrow(
      /wants a temperature/,
    );
    expect(() => temperatureCourse(started, { ambientC: 16, timeConstantSeconds: 0 })).toThrow(
      /some time/,
    );
    expect(() => driftedEnd({ recipe: ten, factor: 1, readings: started, drift: ice })).toThrow(
      /six hours/,
    );
  });

  it('agrees with a plain sum of thin slices', () => {
    const readings = fc
      .array(
        fc.record({
          seconds: fc.integer({ min: 0, max: 500 }),
          temperatureC: fc.double({ min: 17, max: 24, noNaN: true }),
        }),
        { minLength: 1, maxLength: 5 },
      )
      .map((list) => [...new Map(list.map((reading) => [reading.seconds, reading])).values()]);
    const drifts = fc.record({
      ambientC: fc.double({ min: 12, max: 30, noNaN: true }),
      timeConstantSeconds: fc.integer({ min: 300, max: 4000 }),
    });
    fc.assert(
      fc.property(readings, drifts, (read, drift) => {
        const { endSeconds } = driftedEnd({
          recipe: tableRecipe,
          factor: 1,
          readings: read,
          drift,
        });
        const course = temperatureCourse(read, drift);
        const slice = 0.1;
        const timeAt = unrefusedTimes(tableRecipe);
        let done = 0;
        let seconds = 0;
        while (done < 1) {
          done += slice / timeAt(course(seconds + slice / 2));
          seconds += slice;
        }
        expect(Math.abs(endSeconds - seconds)).toBeLessThan(0.15);
      }),
      { numRuns: 40 },
    );
  });

  it('a colder room never ends sooner', () => {
    const room = fc.double({ min: 10, max: 30, noNaN: true });
    fc.assert(
      fc.property(room, room, (a, b) => {
        const end = (ambientC: number) =>
          driftedEnd({
            recipe: ten,
            factor: 1,
            readings: started,
            drift: { ambientC, timeConstantSeconds: 1500 },
          }).endSeconds;
        if (a <= b) expect(end(a)).toBeGreaterThanOrEqual(end(b) - 1e-9);
      }),
    );
  });
});

describe('the reverse question', () => {
  it('finds the temperature that takes a time', () => {
    expect(temperatureFor(tableRecipe, 470, 1)).toBeCloseTo(22, 4);
    expect(temperatureFor(tableRecipe, 538, 1)).toBeCloseTo(20.6, 1);
    expect(() => temperatureFor(tableRecipe, 60, 1)).toThrow(/no temperature takes that long/);
  });

  it('and the time back', () => {
    fc.assert(
      fc.property(fc.double({ min: 15.1, max: 26.9, noNaN: true }), (temperatureC) => {
        const { seconds } = filmTime(tableRecipe, temperatureC);
        expect(temperatureFor(tableRecipe, seconds * 1.4, 1.4)).toBeCloseTo(temperatureC, 3);
      }),
    );
  });
});

describe('the development done so far', () => {
  it('is whole at the end that was foretold, and grows all the time', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 5, max: 32, noNaN: true }),
        fc.integer({ min: 10, max: 90 }),
        (ambientC, minutes) => {
          const drift = { ambientC, timeConstantSeconds: minutes * 60 };
          const question = { recipe: tableRecipe, factor: 1.4, readings: started, drift };
          const { endSeconds } = driftedEnd(question);
          expect(developmentDone(question, endSeconds)).toBeCloseTo(1, 4);
          expect(developmentDone(question, endSeconds / 2)).toBeLessThan(1);
          expect(developmentDone(question, 0)).toBe(0);
        },
      ),
      { numRuns: 30 },
    );
  });

  it('costs no more for a tank that was poured a year ago than for one of this evening', () => {
    const question = {
      recipe: tableRecipe,
      factor: 1,
      readings: started,
      drift: { ambientC: 16, timeConstantSeconds: 1800 },
    };
    const workFor = (seconds: number) => {
      const exp = vi.spyOn(Math, 'exp');
      developmentDone(question, seconds);
      const calls = exp.mock.calls.length;
      exp.mockRestore();
      return calls;
    };
    expect(workFor(365 * 86_400)).toBeLessThan(3 * workFor(3 * 3600));
    expect(workFor(365 * 86_400)).toBeLessThan(4000);
    // Without a drift there is nothing to sum up.
    expect(
      developmentDone({ recipe: tableRecipe, factor: 1, readings: started }, 365 * 86_400),
    ).toBeCloseTo(55_326, -1);
  });
});

describe('a recipe past any sense', () => {
  it('is answered all the same, never with what is no number', () => {
    const odd: FilmRecipe = {
      ...singleRecipe,
      points: [
        { temperatureC: 0, seconds: 0.01 },
        { temperatureC: 5.38, seconds: 1.1 },
        { temperatureC: 60, seconds: 86_400 },
      ],
    };
    for (const factor of [1e-300, 1, 1e9]) {
      const question = { recipe: odd, factor, readings: [{ seconds: 0, temperatureC: 0 }] };
      const drift = { ambientC: 60, timeConstantSeconds: 60 };
      try {
        const { endSeconds, endC } = driftedEnd({ ...question, drift });
        expect(Number.isFinite(endSeconds) && Number.isFinite(endC)).toBe(true);
      } catch (cause) {
        expect((cause as Error).name).toBe('Refusal');
      }
    }
  });
});

describe('what a development really came to', () => {
  const short: FilmRecipe = { ...singleRecipe, points: [{ temperatureC: 20, seconds: 95 }] };
  const question = { recipe: short, factor: 1, readings: started };

  it('2:26 for 1:35 is 154 %, a push of more than a stop, a third more contrast', () => {
    const given = developmentGiven(question, at(2, 26));
    expect(Math.round(given.share * 100)).toBe(154);
    expect(given.stops).toBeCloseTo(1.28, 2);
    expect(given.contrast).toBeCloseTo(1.34, 2);
    expect(developmentFault(given.share)).toBe('over');
  });

  it('half the time is under, a little off is neither, nothing is nothing', () => {
    // A film that gains contrast slowly came out less hard by the same.
    const slow = { ...usualFilm, mostGradient: 0.8 };
    const usual = developmentGiven(question, at(2, 26));
    expect(developmentGiven(question, at(2, 26), slow).contrast).toBeLessThan(usual.contrast);
    expect(developmentGiven(question, at(2, 26), slow).share).toBe(usual.share);
    expect(developmentFault(developmentGiven(question, 50).share)).toBe('under');
    expect(developmentGiven(question, 76).stops).toBeCloseTo(-1, 9);
    expect(developmentFault(developmentGiven(question, 100).share)).toBeUndefined();
    expect(developmentGiven(question, 0)).toEqual({ share: 0, stops: -Infinity, contrast: 0 });
  });
});
