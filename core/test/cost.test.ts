import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { doseOf, passageCost } from '../src/index.ts';

describe('what chemistry costs', () => {
  it('the dose is all but the water, or all where nothing is added', () => {
    expect(doseOf(600, [1, 31])).toBeCloseTo(18.75, 10);
    expect(doseOf(820, [1, 1, 80])).toBeCloseTo(20, 10);
    expect(doseOf(500, [1])).toBe(500);
    expect(() => doseOf(0, [1, 4])).toThrow(/volume/);
  });

  it('two litres of fixer 1+4 out of a litre at 12.00: a roll, used up and so far', () => {
    const cost = passageCost(400, { price: 12, sizeMl: 1000 }, 516, 9288, 0.25);
    expect(cost.paid).toBeCloseTo(4.8, 10);
    expect(cost.atCapacity).toBeCloseTo(4.8 / 18, 10);
    expect(cost.soFar).toBeCloseTo((4 * 4.8) / 18, 10);
    expect(passageCost(400, { price: 12, sizeMl: 1000 }, 516, 9288, 0).soFar).toBeUndefined();
  });

  it('all that a bath is good for costs what was paid for it', () => {
    fc.assert(
      fc.property(
        fc.record({
          dose: fc.double({ min: 1, max: 5000, noNaN: true }),
          price: fc.double({ min: 0.1, max: 500, noNaN: true }),
          sizeMl: fc.double({ min: 10, max: 5000, noNaN: true }),
          capacity: fc.double({ min: 100, max: 1e6, noNaN: true }),
        }),
        ({ dose, price, sizeMl, capacity }) => {
          const all = passageCost(dose, { price, sizeMl }, capacity, capacity, 1);
          expect(all.atCapacity).toBeCloseTo(all.paid, 8);
          expect(all.soFar).toBeCloseTo(all.paid, 8);
        },
      ),
    );
  });

  it('says what it needs', () => {
    expect(() => passageCost(0, { price: 1, sizeMl: 1 }, 1, 1, 0)).toThrow(/all more than 0/);
    expect(() => passageCost(1, { price: 1, sizeMl: 0 }, 1, 1, 0)).toThrow(/all more than 0/);
  });
});
