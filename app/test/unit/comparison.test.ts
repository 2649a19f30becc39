import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { comparisonExample, type ComparisonBody } from '../../src/lib/nouns/comparison/contract.ts';
import { looksCameTo, shuffledKey } from '../../src/lib/nouns/comparison/result.ts';
import {
  comparisonForm,
  emptyComparison,
  readComparison,
} from '../../src/lib/stages/calibrate/comparison-form.ts';
import {
  comparisonLine,
  comparisonResult,
  differenceWords,
} from '../../src/lib/stages/calibrate/comparison-view.ts';
import { demoComparisons } from '../../src/lib/server/seeds/calibrations.ts';

const [answered, open] = demoComparisons.map(({ body }) => body) as [
  ComparisonBody,
  ComparisonBody,
];

describe('a comparison', () => {
  it('says what else differs before the second sample is made', () => {
    expect(differenceWords(open.conditions)).toEqual([
      'One more thing differs: temperature and time, 20 °C, 2:30 and 21 °C, 2:30. Make them alike, or the answer is about that as well.',
      'Of one sample only: paper and its box.',
    ]);
    expect(differenceWords([])).toEqual([
      'Nothing else is written down yet: what is not written down may differ.',
    ]);
    expect(differenceWords([{ what: 'Paper', a: 'Wharf  pearl', b: 'wharf pearl' }])).toEqual([
      'Nothing else differs, as far as it is written down.',
    ]);
  });

  it('comes to a finding, or to none', () => {
    const result = comparisonResult(answered)!;
    expect(result.number).toBe('7 of 8');
    expect(result.sentences[0]).toBe(
      'A finding: luck alone would do as well in 3.5 of 100 such evenings. Sample A (dilution 1+9) has more of it.',
    );
    expect(result.pairs[4]).toBe('Pair 5: A lay left; right was chosen, sample B.');
    const six = { ...answered, answers: answered.answers.with(0, 'right' as const) };
    expect(comparisonResult(six)!.sentences[0]).toBe(
      'No finding: luck alone would do as well in 14.5 of 100 such evenings. 7 of 8 would have been one.',
    );
  });

  it('tells nothing before every pair was looked at', () => {
    expect(looksCameTo({ ...answered, answers: answered.answers.slice(0, 7) })).toBeUndefined();
    expect(looksCameTo({ ...answered, key: [], answers: [] })).toBeUndefined();
    expect(comparisonLine({ ...answered, answers: ['left'] })).toContain('1 of 8 pairs looked at');
    expect(comparisonLine(open)).toContain('not looked at yet');
    expect(comparisonLine(answered)).toContain('7 of 8 for sample A');
  });

  it('has a key with A as often left as right, in an order by chance', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 20 }),
        fc.infiniteStream(fc.double({ min: 0, max: 0.999, noNaN: true })),
        (half, stream) => {
          const chances = stream[Symbol.iterator]();
          const key = shuffledKey(2 * half, () => chances.next().value ?? 0);
          expect(key.filter((side) => side === 'left')).toHaveLength(half);
        },
      ),
    );
    let at = 0;
    const orders = new Set(
      Array.from({ length: 50 }, () =>
        shuffledKey(8, () => (at = (at * 16807 + 11) % 2147483647) / 2147483647).join(),
      ),
    );
    expect(orders.size).toBeGreaterThan(20);
  });

  it('is typed and read as the same', () => {
    const read = readComparison(comparisonForm(answered));
    expect(read.body).toEqual({
      ...{ name: answered.name, changed: answered.changed, conditions: answered.conditions },
      ...{ asked: answered.asked, expected: 'a' },
    });
    expect(read.pairs).toBe(8);
    expect(readComparison(comparisonForm(comparisonExample)).body).toBeDefined();
  });

  it('names each field that is missing, and samples that are alike', () => {
    expect(Object.keys(readComparison(emptyComparison).troubles!)).toEqual([
      'name',
      'what',
      'a',
      'b',
      'asked',
    ]);
    const alike = { ...comparisonForm(answered), b: answered.changed.a, pairs: '3' };
    const { troubles } = readComparison(alike);
    expect(troubles!.b).toContain('alike');
    expect(troubles!.pairs).toContain('fewer than 5');
  });
});
