import type { TwoNegatives } from '../../../nouns/two-negatives/contract.ts';
import { countOf } from '../../../words/count.ts';
import { rightTimes } from './two-view.ts';
import { waitingForB } from './two-exposed.ts';

/** "Fire B on 3 sheets; F-031 / 14, F-033 / 2; Marrow fibre": what is next of it. */
export function twoListLine(print: TwoNegatives): string {
  const { tests, a, b, paper } = print;
  const last = tests.at(-1);
  const waiting = waitingForB(print).length;
  const { tested } = rightTimes(print);
  const next =
    last && !last.picked
      ? 'Pick a cell of the grid, dry'
      : waiting > 0
        ? `Fire B on ${countOf(waiting, 'sheet')}`
        : tested
          ? `Next: A on ${countOf(print.copies + print.spare, 'sheet')}`
          : a.seconds !== undefined && b.seconds !== undefined
            ? 'Next: the grid'
            : 'Each alone by a strip first';
  const negatives = [a.negative, b.negative].filter(Boolean).join(' and ');
  return [next, negatives, paper].filter(Boolean).join('; ');
}

/** When it was touched last; one that has nothing yet is the newest. */
const touched = ({ tests, sheets = [] }: TwoNegatives) =>
  Math.max(
    ...[tests.at(-1)?.atMs, sheets.at(-1)?.b?.atMs, sheets.at(-1)?.a.atMs].map(
      (atMs) => atMs ?? Number.NEGATIVE_INFINITY,
    ),
  );

const order = (print: TwoNegatives) => {
  const atMs = touched(print);
  return Number.isFinite(atMs) ? atMs : Number.POSITIVE_INFINITY;
};

/** The one worked on last comes first. */
export const newestTwo = (prints: readonly TwoNegatives[]): TwoNegatives[] =>
  prints.toSorted((one, other) => order(other) - order(one));
