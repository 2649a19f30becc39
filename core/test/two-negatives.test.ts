import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  defaultPaper as paper,
  featheredEdge,
  makesMud,
  toneById,
  togetherTone,
  twoNegativeGrid,
} from '../src/index.ts';

const range = 110;
const net = (id: 'IV' | 'V' | 'VI' | 'VII') => toneById(id).netDensity;

describe('two negatives on one sheet', () => {
  it('are tested in a grid, two times of A and three of B across', () => {
    const side = { range, seconds: 10 };
    const quarter = 2 ** 0.25;
    const grid = twoNegativeGrid(
      paper,
      { ...side, netDensity: net('VI'), times: [10, 12.6] },
      { ...side, netDensity: net('VII'), times: [10 / quarter, 10, 10 * quarter] },
    );
    [
      [0.679, 0.724, 0.776],
      [0.7845, 0.8267, 0.8754],
    ].forEach((row, a) =>
      row.forEach((density, b) => expect(grid[a]![b]!.netDensity).toBeCloseTo(density, 3)),
    );
    // Densities never add.
    expect(grid[0]![1]!.netDensity).not.toBeCloseTo(0.6, 1);
  });

  it('two mid-greys make mud: twice the light, darker than IV', () => {
    const tone = { range, netDensity: net('V') };
    const together = togetherTone(paper, [tone, tone]);
    expect(together).toBeCloseTo(1.251, 3);
    expect(together).toBeGreaterThan(net('IV'));
    expect(makesMud(net('V'), net('V'))).toBe(true);
    expect(makesMud(net('V'), 0.04)).toBe(false);
  });

  it('a feathered edge of A is filled by B at half a stop less', () => {
    const tone = { range, netDensity: 0.2 };
    const at = [0, 6, 12, 18, 24].map((mm) => featheredEdge(paper, tone, 24, mm, -0.5));
    const expected = {
      light: [1, 0.9268, 0.8536, 0.7803, 0.7071],
      stops: [0, -0.1097, -0.2284, -0.3578, -0.5],
      netDensity: [0.2, 0.1622, 0.1242, 0.0887, 0.0583],
    };
    at.forEach((place, index) => {
      expect(place.light).toBeCloseTo(expected.light[index]!, 4);
      expect(place.stops).toBeCloseTo(expected.stops[index]!, 4);
      expect(place.netDensity).toBeCloseTo(expected.netDensity[index]!, 3);
    });
    expect(() => featheredEdge(paper, tone, 24, 30, -0.5)).toThrow(/a place within it/);
  });

  it('each in its own filter: blue adds to blue, green to green', () => {
    const together = togetherTone(paper, [
      { range: 130, netDensity: 0.4 },
      { range: 90, netDensity: 0.2 },
    ]);
    expect(together).toBeCloseTo(0.7411, 3);
  });

  it('the order of the two exposures never matters, and what gives no light changes nothing', () => {
    const alone = fc.record({
      range: fc.double({ min: 55, max: 165, noNaN: true }),
      netDensity: fc.double({ min: 0.02, max: 1.8, noNaN: true }),
      stops: fc.double({ min: -2, max: 2, noNaN: true }),
    });
    fc.assert(
      fc.property(alone, alone, (a, b) => {
        const both = togetherTone(paper, [a, b]);
        expect(togetherTone(paper, [b, a])).toBeCloseTo(both, 9);
        expect(both).toBeGreaterThanOrEqual(togetherTone(paper, [a]) - 0.03);
        expect(togetherTone(paper, [a, { range: b.range, netDensity: 0 }])).toBeCloseTo(
          togetherTone(paper, [a]),
          9,
        );
      }),
    );
  });
});
