import { describe, expect, it } from 'vitest';
import { negativeAdvice, negativeMarks, type NegativeJudgement } from '../src/index.ts';

const good: NegativeJudgement = {
  density: 'good',
  shadows: 'open',
  highlights: 'printable',
  marks: [],
};
const first = (change: Partial<NegativeJudgement>, pushStops = 0, developed?: number) =>
  negativeAdvice({ ...good, ...change }, { pushStops, developed })[0];

describe('the look of negatives', () => {
  it('good ones ask for nothing', () => {
    expect(negativeAdvice(good, { pushStops: 0 })).toEqual([]);
  });

  it('empty shadows want more exposure, blocked highlights less development', () => {
    expect(first({ shadows: 'empty' })?.change).toMatch(/Halve the EI/);
    expect(first({ highlights: 'blocked' })?.change).toMatch(/off the time; leave the EI/);
    expect(first({ shadows: 'empty', highlights: 'blocked' })?.change).toMatch(
      /Halve the EI and take a fifth off/,
    );
    expect(first({ highlights: 'flat' })?.change).toMatch(/more time/);
    expect(first({ density: 'dense' })?.change).toMatch(/Raise the EI/);
    expect(first({ density: 'thin' })?.change).toMatch(/Lower the EI/);
  });

  it('what really happened is counted before exposure is blamed', () => {
    expect(first({ highlights: 'blocked' }, 0, 1.54)?.cause).toMatch(/longer than was asked for/);
    expect(first({ shadows: 'empty', density: 'thin' }, 0, 0.6)?.cause).toMatch(
      /less than was asked/,
    );
    expect(first({ shadows: 'empty' }, 0, 1.54)?.cause).toBe('Exposed too little.');
    expect(first({ highlights: 'blocked' }, 0, 1.05)?.cause).toMatch(/for this contrast/);
  });

  it('a push is not blamed on the meter', () => {
    expect(first({ shadows: 'empty' }, 2)?.cause).toMatch(/Pushed film/);
    expect(first({ shadows: 'empty' }, -1)?.cause).toBe('Exposed too little.');
  });

  it.each([
    ['bubbles', /Tap the tank/],
    ['uneven-edges', /Turn gently/],
    ['milky', /fresh fixer/],
    ['drying-marks', /wetting agent/],
  ] as const)('%s have their own remedy', (mark, change) => {
    expect(negativeAdvice({ ...good, marks: [mark] }, { pushStops: 0 })).toEqual([
      expect.objectContaining({ change: expect.stringMatching(change) as string }),
    ]);
  });

  it('says what the exposure was first, then every mark', () => {
    const marks = negativeMarks.map(({ id }) => id);
    expect(negativeAdvice({ ...good, shadows: 'empty', marks }, { pushStops: 0 })).toHaveLength(
      1 + negativeMarks.length,
    );
  });
});
