import { blindPairs, type BlindPairs } from '@katachron/core';
import type { ComparisonBody } from './contract.ts';
import type { Sample, Side } from './sides.ts';

/** What else differs between two samples, and what is not written down of the second. */
export interface Differences {
  readonly differing: readonly { readonly what: string; readonly a: string; readonly b: string }[];
  readonly missing: readonly string[];
}

const plain = (words: string) => words.trim().toLowerCase().replace(/\s+/g, ' ');

/** Everything but the one thing changed that is not alike. */
export function differences({ conditions }: Pick<ComparisonBody, 'conditions'>): Differences {
  const written = conditions.filter(({ a, b }) => plain(a) !== '' || plain(b) !== '');
  return {
    differing: written.filter(
      ({ a, b }) => plain(a) !== '' && plain(b) !== '' && plain(a) !== plain(b),
    ),
    missing: written
      .filter(({ a, b }) => plain(a) === '' || plain(b) === '')
      .map(({ what }) => what),
  };
}

/** The sample that a side was, in a pair whose left or right was A. */
export const sampleOn = (side: Side, aLies: Side): Sample => (side === aLies ? 'a' : 'b');

/** What the looks came to; nothing before all pairs were looked at. */
export function looksCameTo({
  key,
  answers,
  expected,
}: Pick<ComparisonBody, 'key' | 'answers' | 'expected'>):
  (BlindPairs & { right: number }) | undefined {
  if (key.length === 0 || answers.length < key.length) return undefined;
  const right = key.filter((aLies, pair) => sampleOn(answers[pair]!, aLies) === expected).length;
  return { ...blindPairs(right, key.length), right };
}

/**
 * A key that nobody chose: a coin for each pair. With as many left as right the last pairs would follow from the first, and
 * luck would be more than is said of it.
 */
export const tossedKey = (pairs: number, chance: () => number): Side[] =>
  Array.from({ length: pairs }, () => (chance() < 0.5 ? 'left' : 'right'));
