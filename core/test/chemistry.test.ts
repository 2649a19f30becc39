import { describe, expect, it } from 'vitest';
import {
  clipTest,
  packetCost,
  secondsInBath,
  temperatureAfter,
  temperedWater,
  waterTemperature,
} from '../src/index.ts';
import { at } from './recipes.ts';

describe('tempering', () => {
  it('1 l at 20 °C from 12 and 48 °C: 222 ml hot', () => {
    const { coldMl, hotMl } = temperedWater(1000, 20, 12, 48);
    expect(Math.round(hotMl)).toBe(222);
    expect(coldMl + hotMl).toBe(1000);
    expect(() => temperedWater(1000, 50, 12, 48)).toThrow(/between the two/);
  });

  it('18.75 ml at 24 °C into 600 ml at 20 °C: water at 19.9 °C', () => {
    expect(waterTemperature(600, 18.75, 24, 20)).toBeCloseTo(19.87, 2);
    expect(() => waterTemperature(600, 600, 24, 20)).toThrow(/no water/);
  });

  it('a bottle in a water bath is there when Newton says so', () => {
    const seconds = secondsInBath(18, 20, 30, 600);
    const drift = { ambientC: 30, timeConstantSeconds: 600 };
    expect(temperatureAfter(18, drift, seconds)).toBeCloseTo(20, 9);
    expect(secondsInBath(20, 20, 30, 600)).toBe(0);
    expect(secondsInBath(24, 20, 10, 600)).toBeGreaterThan(0);
    expect(() => secondsInBath(18, 20, 19, 600)).toThrow(/never brings it there/);
    expect(() => secondsInBath(18, 20, 17, 600)).toThrow(/never brings it there/);
  });
});

describe('the clip test', () => {
  it('fixes twice as long as the scrap took to clear, three times for tabular grain', () => {
    expect(clipTest(105, 2)).toEqual({ fixSeconds: at(3, 30), lifted: false });
    expect(clipTest(105, 3).fixSeconds).toBe(at(5, 15));
  });

  it('discards a fixer that clears in twice its fresh time', () => {
    expect(clipTest(79, 2, { freshSeconds: 40 }).spent).toBe(false);
    expect(clipTest(80, 2, { freshSeconds: 40 }).spent).toBe(true);
  });

  it('C12: clear in 34 s, fresh 28 s, tabular grain', () => {
    const test = clipTest(34, 3, { freshSeconds: 28 });
    expect(test).toMatchObject({ fixSeconds: 120, lifted: true, spent: false });
    expect(100 * test.towardsSpent!).toBeCloseTo(21.43, 2);
  });

  it('C12: without a fresh time spent is unknown, unless no rapid fixer is that slow', () => {
    expect(clipTest(60, 2).spent).toBeUndefined();
    expect(clipTest(60, 2).towardsSpent).toBeUndefined();
    expect(clipTest(181, 2).spent).toBe(true);
    expect(clipTest(181, 2, { freshSeconds: 170 }).spent).toBe(true);
    expect(clipTest(181, 2, { rapid: false }).spent).toBeUndefined();
  });

  it.each([2, 0, 9.9, -5, NaN, Infinity])('C12: %d s was no clip test', (seconds) => {
    expect(() => clipTest(seconds, 2)).toThrow(/no clip test/);
  });
});

describe('what a packet comes to', () => {
  const packet = { price: 12, stockMl: 1000, mlPerRoll: 300 };

  it('stock reused: its capacity, with times that grow', () => {
    const reused = packetCost(packet, {
      dilution: [1],
      seconds: at(7, 30),
      reuse: { kind: 'batch', rolls: 5, percent: 12 },
      capacityRolls: 15,
    });
    expect(reused.rolls).toBe(15);
    expect(reused.pricePerRoll).toBe(0.8);
    expect(reused.secondsOfRoll[5]).toBeCloseTo(at(8, 24));
    expect(reused.meanSeconds).toBeCloseTo((450 + 504 + 564.48) / 3);
  });

  it('diluted and thrown away: the stock shared out, never under its minimum', () => {
    const diluted = { dilution: [1, 2], seconds: 600, reuse: { kind: 'one-shot' } } as const;
    expect(packetCost(packet, diluted)).toMatchObject({ rolls: 10, meanSeconds: 600 });
    expect(packetCost(packet, { ...diluted, minimumMl: 125 }).rolls).toBe(8);
  });

  it('replenished: what does not stand in the tank tops it up', () => {
    const kept = {
      dilution: [1],
      seconds: 480,
      reuse: { kind: 'replenish', mlPerRoll: 70 },
    } as const;
    expect(packetCost(packet, kept).rolls).toBe(11);
  });

  it('refuses a packet that is not enough for a roll, or for a thousand', () => {
    const way = { dilution: [1], seconds: 480, reuse: { kind: 'one-shot' } } as const;
    expect(() => packetCost({ ...packet, stockMl: 200 }, way)).toThrow(/not enough/);
    expect(() => packetCost({ ...packet, mlPerRoll: 0.1 }, way)).toThrow(/thousand/);
  });
});
