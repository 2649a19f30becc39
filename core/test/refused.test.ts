import { describe, expect, it } from 'vitest';
import { lampLag, secondsInBath, waterTemperature } from '../src/index.ts';

describe('refused, with a sentence', () => {
  it('water that would have to be ice, or would scald', () => {
    expect(() => waterTemperature(600, 500, 30, 20)).toThrow(/-30\.0 °C/);
    expect(() => waterTemperature(600, 500, 10, 20)).toThrow(/70\.0 °C/);
    expect(waterTemperature(600, 18.75, 24, 20)).toBeCloseTo(19.87, 2);
  });

  it('a lag as long as a firing, and a match of no light', () => {
    expect(() => lampLag(2, 2, 1)).toThrow(/3\.00 s of firings of 2 s/);
    expect(() => lampLag(8, 0, 0)).toThrow(/once more/);
    expect(lampLag(8, 2, 14.6)).toBeCloseTo(0.2, 6);
  });

  it('a target that is the water bath’s own temperature is never reached', () => {
    expect(() => secondsInBath(18, 20, 20, 600)).toThrow(/never brings it there/);
    expect(() => secondsInBath(18, 20, 19, 600)).toThrow(/never brings it there/);
    expect(secondsInBath(18, 20, 30, 600)).toBeCloseTo(109.4, 1);
  });
});
