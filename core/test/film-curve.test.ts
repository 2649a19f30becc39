import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { BASE_FOG, filmCurve, filmDensity, gradientAfter, pushFactor } from '../src/index.ts';

describe('the film curve', () => {
  it('passes 0.10 over base and fog at its speed point, however it is developed', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.3, max: 4, noNaN: true }),
        fc.double({ min: -2, max: 3, noNaN: true }),
        (share, stops) => {
          const curve = filmCurve(share, stops);
          expect(filmDensity(curve, curve.speedPoint)).toBeCloseTo(BASE_FOG + 0.1, 9);
        },
      ),
    );
  });

  it('has slope 0.6 at the normal time, none before it has begun, and never 1.2', () => {
    expect(gradientAfter(1)).toBeCloseTo(0.6, 12);
    expect(gradientAfter(0.05)).toBe(0);
    expect(gradientAfter(20)).toBeLessThan(1.2);
    expect(filmDensity(filmCurve(0.1, 0), 1)).toBe(BASE_FOG);
  });

  it('its straight part has the slope it says', () => {
    const curve = filmCurve(1, 0);
    expect(filmDensity(curve, 2.5) - filmDensity(curve, 2)).toBeCloseTo(0.5 * curve.gradient, 3);
  });

  it('two stops pushed give the highlights back and the shadows not', () => {
    // Underexposed by two stops: everything lies 0.602 lower on the axis.
    const normal = (logH: number) => filmDensity(filmCurve(1, 0), logH);
    const pushed = (logH: number) => filmDensity(filmCurve(pushFactor(2), 2), logH - 0.602);
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
          const curve = filmCurve(share, 0);
          expect(filmDensity(curve, logH + more)).toBeGreaterThanOrEqual(filmDensity(curve, logH));
        },
      ),
    );
  });
});
