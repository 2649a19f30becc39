import { describe, expect, it } from 'vitest';
import { comparisonExample, type ComparisonBody } from '../../src/lib/nouns/comparison/contract.ts';
import { looksCameTo, tossedKey } from '../../src/lib/nouns/comparison/result.ts';
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

  it('has a key by chance alone: who guesses, in whatever way, finds as often as is said', () => {
    let at = 7;
    const chance = () => (at = (at * 16807 + 11) % 2147483647) / 2147483647;
    const guesses = [
      () => 'left' as const,
      (pair: number) => (pair % 2 === 0 ? ('left' as const) : ('right' as const)),
      (pair: number, aLay: readonly string[]) => {
        // Who counts what came before, and chooses what is due.
        const lefts = aLay.filter((side) => side === 'left').length;
        return 2 * lefts > pair ? ('right' as const) : ('left' as const);
      },
    ];
    for (const guess of guesses) {
      let [all, sum] = [0, 0];
      const evenings = 20_000;
      for (let evening = 0; evening < evenings; evening += 1) {
        const key = tossedKey(6, chance);
        const answers = key.map((_, pair) => guess(pair, key.slice(0, pair)));
        const { right, luck } = looksCameTo({ key, answers, expected: 'a' })!;
        if (right === 6) {
          all += 1;
          sum = luck;
        }
      }
      expect(sum).toBeCloseTo(1 / 64, 6);
      expect(all / evenings).toBeGreaterThan(0.013);
      expect(all / evenings).toBeLessThan(0.0185);
    }
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
