import { describe, expect, it } from 'vitest';
import { negativeAdvice, negativeMarks, type NegativeJudgement } from '../src/index.ts';

const good: NegativeJudgement = {
  density: 'good',
  shadows: 'open',
  highlights: 'printable',
  marks: [],
};
const first = (change: Partial<NegativeJudgement>, pushStops = 0) =>
  negativeAdvice({ ...good, ...change }, pushStops)[0];

describe('the look of negatives', () => {
  it('good ones ask for nothing', () => {
    expect(negativeAdvice(good, 0)).toEqual([]);
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
    expect(negativeAdvice({ ...good, marks: [mark] }, 0)).toEqual([
      expect.objectContaining({ change: expect.stringMatching(change) as string }),
    ]);
  });

  it('says what the exposure was first, then every mark', () => {
    const marks = negativeMarks.map(({ id }) => id);
    expect(negativeAdvice({ ...good, shadows: 'empty', marks }, 0)).toHaveLength(
      1 + negativeMarks.length,
    );
  });
});
