import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { BASE_FOG, filmCurve, filmDensity, gradientAfter, pushFactor } from '../src/index.ts';

describe('the film curve', () => {
  it('passes 0.10 over base and fog at its speed point, however it is developed', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.3, max: 4, noNaN: true }), (share) => {
        const curve = filmCurve(share);
        expect(filmDensity(curve, curve.speedPoint!)).toBeCloseTo(BASE_FOG + 0.1, 9);
      }),
    );
  });

  // The toe stays where the exposure put it; by four digits, from a table worked out elsewhere.
  it.each([
    [0.8, 0.5001, 0.04891, 0.3333, 0.2533],
    [1, 0.6, 0, 0.35, 0.254],
    [1.4, 0.7591, -0.05777, 0.3765, 0.2551],
    [1.96, 0.9135, -0.09993, 0.4023, 0.2561],
  ])(
    'developed × %d: slope, speed point, and what was underexposed',
    (share, slope, at, mid, low) => {
      const curve = filmCurve(share);
      expect(curve.gradient).toBeCloseTo(slope, 4);
      expect(curve.speedPoint).toBeCloseTo(at, 5);
      expect(filmDensity(curve, 0)).toBeCloseTo(mid, 4);
      expect(filmDensity(curve, -0.602)).toBeCloseTo(low, 4);
    },
  );

  it('where nothing has grown there is no speed point, and no density is Infinity', () => {
    expect(filmCurve(0.1).speedPoint).toBeUndefined();
    expect(filmDensity(filmCurve(0.1), 400)).toBe(BASE_FOG);
    expect(filmDensity(filmCurve(1), 400)).toBeLessThan(1000);
    expect(() => filmCurve(-1)).toThrow('no less than no time');
  });

  it('has slope 0.6 at the normal time, none before it has begun, and never 1.2', () => {
    expect(gradientAfter(1)).toBeCloseTo(0.6, 12);
    expect(gradientAfter(0.05)).toBe(0);
    expect(gradientAfter(20)).toBeLessThan(1.2);
    expect(filmDensity(filmCurve(0.1), 1)).toBe(BASE_FOG);
  });

  it('its straight part has the slope it says', () => {
    const curve = filmCurve(1);
    expect(filmDensity(curve, 2.5) - filmDensity(curve, 2)).toBeCloseTo(0.5 * curve.gradient, 3);
  });

  it('two stops pushed give the highlights back and the shadows not', () => {
    // Underexposed by two stops: everything lies 0.602 lower on the axis.
    const normal = (logH: number) => filmDensity(filmCurve(1), logH);
    const pushed = (logH: number) => filmDensity(filmCurve(pushFactor(2)), logH - 0.602);
    const shadow = 0.3;
    const highlight = 2.1;
    expect(pushed(shadow)).toBeLessThan(normal(shadow) - 0.1);
    expect(pushed(highlight)).toBeGreaterThan(normal(highlight) - 0.05);
  });

  it('more light is never thinner', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.2, max: 3, noNaN: true }),
        fc.double({ min: -1, max: 3, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (share, logH, more) => {
          const curve = filmCurve(share);
          expect(filmDensity(curve, logH + more)).toBeGreaterThanOrEqual(filmDensity(curve, logH));
        },
      ),
    );
  });
});
