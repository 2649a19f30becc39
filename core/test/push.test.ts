import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cautionsFor, pushBetween, pushFactor, ruleShortfall } from '../src/index.ts';

describe('push and pull', () => {
  it.each([
    [400, 1600, 2],
    [400, 100, -2],
    [400, 320, -1 / 3],
    [100, 125, 1 / 3],
    [200, 250, 1 / 3],
    [50, 50, 0],
  ])('ISO %i at EI %i is %f stops', (box, used, stops) => {
    expect(pushBetween(box, used)).toEqual({ stops, snapped: true });
  });

  it('does not snap a speed that is no standard one', () => {
    const push = pushBetween(400, 360);
    expect(push.snapped).toBe(false);
    expect(push.stops).toBeCloseTo(-0.152, 3);
  });

  it('refuses a speed of nothing', () => {
    expect(() => pushBetween(0, 400)).toThrow(/more than zero/);
    expect(() => pushBetween(400, -1)).toThrow(/exposure index/);
  });

  it('lengthens by 1.4 a stop pushed and shortens by 0.8 a stop pulled', () => {
    expect(pushFactor(1)).toBe(1.4);
    expect(pushFactor(-1)).toBe(0.8);
    expect(pushFactor(0)).toBe(1);
  });

  it('ends at three stops of push and two of pull, with the reason', () => {
    expect(pushFactor(3)).toBeCloseTo(2.744, 3);
    expect(pushFactor(-2)).toBeCloseTo(0.64, 9);
    expect(() => pushFactor(pushBetween(400, 6400).stops)).toThrow(
      'A push of 4 stops has no rule of thumb: it holds from a pull of 2 to a push of 3.',
    );
    expect(() => pushFactor(-7 / 3)).toThrow(/A pull of 2.3 stops/);
  });

  it('says what the rule leaves middle grey short of', () => {
    expect(ruleShortfall(1)).toBeCloseTo(0.02, 2);
    expect(ruleShortfall(2)).toBeCloseTo(0.14, 2);
    expect(ruleShortfall(3)).toBeCloseTo(0.35, 2);
  });

  it('a higher speed used never asks for less development', () => {
    const speeds = fc.integer({ min: 6, max: 12_800 });
    fc.assert(
      fc.property(speeds, speeds, speeds, (box, a, b) => {
        const stops = (used: number) => Math.min(3, Math.max(-2, pushBetween(box, used).stops));
        const factor = (used: number) => pushFactor(stops(used));
        if (pushBetween(box, a).snapped === pushBetween(box, b).snapped && a <= b) {
          expect(factor(a)).toBeLessThanOrEqual(factor(b));
        }
      }),
    );
  });
});

describe('cautions', () => {
  it('speaks up when the baths are more than 3 °C apart', () => {
    const facts = { seconds: 500, temperatureC: 20, pastTable: false };
    expect(cautionsFor({ ...facts, bathTemperaturesC: [20, 17, 20] })).toEqual([]);
    expect(cautionsFor({ ...facts, bathTemperaturesC: [20, 16.9] })).toEqual(['baths-apart']);
  });
});
