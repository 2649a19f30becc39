import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  STOP_IN_LOG,
  addStops,
  celsius,
  fahrenheit,
  findRoot,
  formatDilution,
  halfwayBetween,
  mixFor,
  parseDilution,
} from '../src/index.ts';

describe('stops', () => {
  it('is 0.30103 in log10', () => expect(STOP_IN_LOG).toBeCloseTo(0.30103, 6));

  it('counts 8 s in twelfths', () => {
    const twelfths = [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12].map((n) => addStops(8, n / 12));
    expect(twelfths.map((seconds) => seconds.toFixed(2))).toEqual(
      '8.48 8.98 9.51 10.08 10.68 11.31 11.99 12.70 13.45 14.25 15.10 16.00'.split(' '),
    );
  });

  it('halfway lies between, as far from either in stops', () => {
    const seconds = fc.double({ min: 0.1, max: 3600, noNaN: true });
    fc.assert(
      fc.property(seconds, seconds, (a, b) => {
        const middle = halfwayBetween(a, b);
        expect(middle / a).toBeCloseTo(b / middle, 6);
      }),
    );
  });
});

describe('temperature', () => {
  it('goes to Fahrenheit and back', () => {
    expect(fahrenheit(20.6)).toBeCloseTo(69.08);
    fc.assert(
      fc.property(fc.double({ min: -10, max: 60, noNaN: true }), (temperatureC) => {
        expect(celsius(fahrenheit(temperatureC))).toBeCloseTo(temperatureC, 9);
      }),
    );
  });
});

describe('dilution', () => {
  it('is written with plus signs and read back', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 200 }), { minLength: 1, maxLength: 4 }),
        (parts) => {
          expect(parseDilution(formatDilution(parts))).toEqual(parts);
        },
      ),
    );
    expect(parseDilution('Stock')).toEqual([1]);
  });

  it('refuses a colon and says why', () => {
    expect(() => parseDilution('1:31')).toThrow(/31 parts or as 32/);
  });

  it.each(['', '1+', 'one+31', '1+0', '-1+3', '1+2+3+4+5+6+7'])('refuses %j', (text) => {
    expect(() => parseDilution(text)).toThrow(/for example 1\+31/);
  });
});

describe('mixing', () => {
  it.each([
    [600, [1, 31], [18.75, 581.25]],
    [820, [1, 1, 80], [10, 10, 800]],
  ])('%i ml of %j', (volumeMl, dilution, parts) => {
    const mix = mixFor(volumeMl, dilution);
    mix.partsMl.forEach((part, index) => expect(part).toBeCloseTo(parts[index]!, 9));
  });

  it('warns of a measure under 5 ml', () => {
    expect(mixFor(300, [1, 99]).smallMeasure).toBe(true);
    expect(mixFor(600, [1, 31]).smallMeasure).toBe(false);
  });

  it('adds up to the volume asked for', () => {
    const parts = fc.array(fc.integer({ min: 1, max: 200 }), { minLength: 1, maxLength: 4 });
    fc.assert(
      fc.property(fc.double({ min: 50, max: 5000, noNaN: true }), parts, (volumeMl, dilution) => {
        const sum = mixFor(volumeMl, dilution).partsMl.reduce((total, part) => total + part, 0);
        expect(sum).toBeCloseTo(volumeMl, 6);
      }),
    );
  });

  it('refuses no volume', () => expect(() => mixFor(0, [1, 1])).toThrow(/volume/));
});

describe('root finding', () => {
  it('finds a crossing, and the nearer end where there is none', () => {
    expect(findRoot((x) => x ** 3 - 8, 0, 10, 1e-12)).toBeCloseTo(2, 9);
    expect(findRoot((x) => x + 5, 0, 10, 1e-12)).toBe(0);
    expect(findRoot((x) => x - 10, 0, 10, 1e-12)).toBe(10);
    expect(findRoot((x) => x, 0, 10, 1e-12)).toBe(0);
  });
});
