import type { ComparisonBody } from '../../nouns/comparison/contract.ts';
import { differences, looksCameTo, sampleOn } from '../../nouns/comparison/result.ts';
import { plainList } from '../../words/list.ts';

const NAMES = { a: 'A', b: 'B' } as const;

/** What else differs, in sentences: before the second sample is made that can still be mended, after the looks no more. */
export function differenceWords(
  conditions: ComparisonBody['conditions'],
  over = false,
): readonly string[] {
  const { differing, missing } = differences({ conditions });
  return [
    ...(differing.length === 0
      ? []
      : [
          `${differing.length === 1 ? 'One more thing differs' : `${differing.length} more things differ`}: ${differing.map(({ what, a, b }) => `${what.toLowerCase()}, ${a} and ${b}`).join('; ')}. ${over ? 'The answer is about that as well.' : 'Make them alike, or the answer is about that as well.'}`,
        ]),
    ...(missing.length === 0
      ? []
      : [`Of one sample only: ${plainList(missing.map((what) => what.toLowerCase()))}.`]),
    ...(differing.length + missing.length > 0
      ? []
      : conditions.length === 0
        ? ['Nothing else is written down yet: what is not written down may differ.']
        : ['Nothing else differs, as far as it is written down.']),
  ];
}

/** What came of the looks, number first. */
export interface ComparisonResult {
  readonly number: string;
  readonly unit: string;
  readonly sentences: readonly string[];
  /** Each pair, unblinded. */
  readonly pairs: readonly string[];
}

export function comparisonResult(kept: ComparisonBody): ComparisonResult | undefined {
  const came = looksCameTo(kept);
  if (!came) return undefined;
  const { right, luck, found, neededRight } = came;
  const { key, answers, expected, changed } = kept;
  const chance = luck < 0.001 ? 'less than 0.1' : String(Number((100 * luck).toFixed(1)));
  return {
    number: `${right} of ${key.length}`,
    unit: `sample ${NAMES[expected]}`,
    sentences: [
      found
        ? `A finding: luck alone would do as well in ${chance} of 100 such evenings. Sample ${NAMES[expected]} (${changed.what.toLowerCase()} ${changed[expected]}) has more of it.`
        : `No finding: luck alone would do as well in ${chance} of 100 such evenings.${neededRight === undefined ? '' : ` ${neededRight} of ${key.length} would have been one.`}`,
      ...differenceWords(kept.conditions, true),
    ],
    pairs: key.map(
      (aLies, pair) =>
        `Pair ${pair + 1}: A lay ${aLies}; ${answers[pair]} was chosen, sample ${NAMES[sampleOn(answers[pair]!, aLies)]}.`,
    ),
  };
}

/** A comparison in a line. */
export const comparisonLine = (kept: ComparisonBody): string => {
  const result = comparisonResult(kept);
  const { changed, key, answers } = kept;
  const what = `${changed.what}: ${changed.a} against ${changed.b}`;
  if (result) return `${what}; ${result.number} for ${result.unit}`;
  return key.length === 0
    ? `${what}; not looked at yet`
    : `${what}; ${answers.length} of ${key.length} pairs looked at`;
};
