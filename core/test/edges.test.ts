import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cornerFallOff, keyLine, naturalFallOff, widerBurn } from '../src/index.ts';

describe('corners', () => {
  it('18 s, 0.55 stop: burned by 8.354 s, or all of it for 26.35 s', () => {
    const both = cornerFallOff(18, 0.55);
    expect(both.cornersSeconds).toBeCloseTo(8.354, 3);
    expect(both.wholeSeconds).toBeCloseTo(26.354, 3);
    expect(both.heldBackSeconds).toBeCloseTo(8.354, 3);
  });

  it('a 75 mm lens at 4× loses 0.3969 stop at 36 mm, and 0.1045 half-way out', () => {
    expect(naturalFallOff(75, 4, 36)).toBeCloseTo(0.3969, 4);
    expect(naturalFallOff(75, 4, 18)).toBeCloseTo(0.1045, 4);
    expect(naturalFallOff(75, 4, 0)).toBe(0);
    // A parabola of the same end is within a hundredth of a stop everywhere between.
    for (let radius = 0; radius <= 36; radius += 1) {
      const parabola = 0.3969 * (radius / 36) ** 2;
      expect(Math.abs(naturalFallOff(75, 4, radius) - parabola)).toBeLessThan(0.01);
    }
  });

  it('both ways give corner and middle the same light', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.5, max: 200, noNaN: true }),
        fc.double({ min: 0, max: 3, noNaN: true }),
        (base, stops) => {
          const { cornersSeconds, wholeSeconds, heldBackSeconds } = cornerFallOff(base, stops);
          expect(wholeSeconds - heldBackSeconds).toBeCloseTo(base, 6);
          expect((base + cornersSeconds) / 2 ** stops).toBeCloseTo(base, 6);
        },
      ),
    );
  });

  it('what cannot be is said', () => {
    expect(() => cornerFallOff(0, 0.5)).toThrow(/exposure of the sheet/);
    expect(() => cornerFallOff(18, -1)).toThrow(/from 0 to 6/);
    expect(() => naturalFallOff(0, 4, 36)).toThrow(/focal length/);
  });
});

describe('a key line', () => {
  it('8.5 s through clear film of 0.28: just black 4.461 s, half a stop more 6.309 s', () => {
    const line = keyLine(8.5, 0.28, 14 * 2 ** 2.5);
    expect(line.justBlackSeconds).toBeCloseTo(4.461, 3);
    expect(line.seconds).toBeCloseTo(6.309, 3);
    expect(line.tooMuchStops).toBeCloseTo(3.65, 3);
    expect(14 * 2 ** 2.5).toBeCloseTo(79.2, 2);
    expect(keyLine(8.5, 0.28).tooMuchStops).toBeUndefined();
    expect(() => keyLine(8.5, -0.1)).toThrow(/maximum black/);
  });
});

describe('a burn by a wider aperture', () => {
  it('38 s, +1½ stops: 69.48 s, one stop wider 34.74 s', () => {
    expect(widerBurn(38, 1.5, 0).seconds).toBeCloseTo(69.48, 2);
    expect(widerBurn(38, 1.5, 1).seconds).toBeCloseTo(34.74, 2);
    expect(widerBurn(38, 1.5, 0.5).sameSecondsStops).toBeCloseTo(1.272, 3);
    expect(widerBurn(38, 1.5, 2).sameSecondsStops).toBeCloseTo(2.322, 3);
    expect(() => widerBurn(38, 0, 1)).toThrow(/a burn in stops/);
  });
});
