import { describe, expect, it } from 'vitest';
import type { Print } from '../../src/lib/nouns/print/contract.ts';
import { printView } from '../../src/lib/stages/print/print-view.ts';
import { emptyBench } from '../../src/lib/stages/print/setup-now.ts';
import { made } from '../made.ts';
import { likeTheSet, otherBox, threeFilters, type Box } from '../three-filters.ts';

const paper = 'Marrow fibre';
const printed = (box: Box, index: number): Print => ({
  ...{ id: String(index), version: 1 },
  ...made(threeFilters(8 + (index % 6), box, paper), `Gather ${index}`, 1000 + index)!,
});
const six = Array.from({ length: 6 }, (_, index) => printed(likeTheSet, index));
const read = (box: Box, evidence: readonly Print[]) =>
  printView(threeFilters(10, box, paper), { ...emptyBench, evidence });

describe('another box of paper', () => {
  it('is said where its filters differ, and the answer is this box’s', () => {
    const view = read(otherBox, six);
    expect(view.otherBox).toMatch(
      /^From one filter to the next this paper differs .+ by more than a box’s own speed: a new box, .+ What they taught counts for little meanwhile\.$/,
    );
    // No strip is blamed for it.
    expect(view.contradiction).toBeUndefined();
    const alone = read(otherBox, []);
    expect(alone.otherBox).toBeUndefined();
    expect(view.setting.id).toBe(alone.setting.id);
    expect(Math.abs(Math.log2(Number(view.dial) / Number(alone.dial)))).toBeLessThan(1 / 12);
  });

  it('is not said of the same box, and not of one that is only faster', () => {
    expect(read(likeTheSet, six).otherBox).toBeUndefined();
    const faster = { '1': -0.5, '2': -0.5, '3': -0.5 };
    expect(read(faster, six).otherBox).toBeUndefined();
  });

  it('teaches from its first print on, which is named, and those before it no longer do', () => {
    const evidence = [...six, printed(otherBox, 6), printed(otherBox, 7)];
    const view = read(otherBox, evidence);
    expect(view.otherBox).toBeUndefined();
    expect(view.learned).toMatch(
      /^Learned from 8 prints .+ From ‘Gather 6’ on the paper is of another box: what prints before it taught of the last one is left aside\.$/,
    );
    expect(read(likeTheSet, six).learned).not.toMatch(/another box/);
  });
});
