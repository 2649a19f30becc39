import type { BudgetPart, BudgetSource, ContrastSet } from '@katachron/core';
import { withinText } from '../../words/certain.ts';

/** A part of how far a time may be out: what the answer knows, and what is taken off for drying. */
export type SaidPart = { readonly source: BudgetSource | 'drying'; readonly stops: number };

/** Parts smaller than this are not worth a word, stops. */
const TOLD = 0.02;

const names: Record<SaidPart['source'], (set: ContrastSet) => string> = {
  eye: () => 'the looks',
  lag: () => 'the lamp’s lag',
  settings: ({ noun }) => `the ${noun}s`,
  paper: () => 'the paper’s toe',
  timer: () => 'the timer’s step',
  drying: () => 'its drying',
};

/** What makes each of them smaller. */
const shrinkers: Record<SaidPart['source'], string> = {
  eye: 'another look or strip makes it smaller',
  lag: 'a test of the lamp’s lag makes it smaller',
  settings: 'a strip at it, or a test of the paper, makes it smaller',
  paper: 'a test of the paper makes it smaller',
  timer: 'a longer time, stopped down, makes it smaller',
  drying: 'more verdicts on dry prints make it smaller',
};

/** "In it 0.22 stop for the looks, 0.10 for the lamp’s lag; another look or strip makes it smaller." */
export function budgetWords(
  set: ContrastSet,
  budget: readonly BudgetPart[],
  dryWithin: number | undefined,
): string {
  const parts: readonly SaidPart[] = [
    ...budget,
    ...(dryWithin === undefined ? [] : [{ source: 'drying' as const, stops: dryWithin }]),
  ];
  const told = parts.filter(({ stops }) => stops >= TOLD).toSorted((a, b) => b.stops - a.stops);
  const [first] = told;
  if (!first) return '';
  const each = told.map(
    ({ source, stops }, at) =>
      `${withinText(stops, 2)}${at === 0 ? ' stop' : ''} for ${names[source](set)}`,
  );
  return `In it ${each.join(', ')}; ${shrinkers[first.source]}.`;
}
