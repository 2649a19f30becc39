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

/** A key that nobody chose: as many pairs with A on the left as on the right, in an order by chance. */
export function shuffledKey(pairs: number, chance: () => number): Side[] {
  const key = Array.from({ length: pairs }, (_, pair): Side => (pair % 2 === 0 ? 'left' : 'right'));
  for (let last = key.length - 1; last > 0; last -= 1) {
    const other = Math.floor(chance() * (last + 1));
    [key[last], key[other]] = [key[other]!, key[last]!];
  }
  return key;
}
