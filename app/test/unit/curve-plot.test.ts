import { defaultPaper } from '@katachron/core';
import { describe, expect, it } from 'vitest';
import { curvePlot } from '../../src/lib/stages/print/curve-plot.ts';

const tones = { light: 0.1, dark: 1.72 };

describe('the curve of a paper', () => {
  it('has the negative laid on it, from its highlight to its shadow', () => {
    const { negative, dots, said } = curvePlot({ paper: defaultPaper, range: 110, tones });
    expect(dots.map(({ density }) => density)).toEqual([
      expect.closeTo(0.16, 6),
      expect.closeTo(1.78, 6),
    ]);
    expect(negative).toEqual({ from: dots[0]!.x, to: dots[1]!.x });
    expect(said).toBe(
      'The paper’s curve at R 110, highlight at density 0.16, shadow at density 1.78',
    );
  });

  it('a shadow that lacks light lies lower and further left', () => {
    const right = curvePlot({ paper: defaultPaper, range: 110, tones });
    const short = curvePlot({ paper: defaultPaper, range: 110, tones, shadowLeftStops: 0.5 });
    expect(short.dots[1]!.density).toBeLessThan(right.dots[1]!.density);
    expect(short.dots[1]!.x).toBeLessThan(right.dots[1]!.x);
    expect(short.dots[0]).toEqual(right.dots[0]);
  });

  it('stays inside the picture at every contrast the paper has, and just beyond', () => {
    for (const range of [30, 50, 70, 110, 170, 250]) {
      const { curves, dots, up, across } = curvePlot({ paper: defaultPaper, range, tones });
      expect(curves).toHaveLength(1);
      expect(curves[0]!.path).not.toContain('NaN');
      for (const { x, y } of dots) {
        expect(x).toBeGreaterThanOrEqual(0);
        expect(x).toBeLessThanOrEqual(100);
        expect(y).toBeGreaterThanOrEqual(0);
        expect(y).toBeLessThanOrEqual(100);
      }
      expect(up.length).toBeGreaterThan(2);
      expect(across.some(({ label }) => label.startsWith('−'))).toBe(true);
    }
  });

  it('draws other contrasts thin beside the one that is meant', () => {
    const { curves } = curvePlot({ paper: defaultPaper, range: 110, others: [170, 52] });
    expect(curves.map(({ main }) => main)).toEqual([false, false, true]);
  });
});
