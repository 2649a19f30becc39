import { describe, expect, it } from 'vitest';
import { chanceOf, type Chance } from '../../bench/tests/chance.ts';
import { filmCase } from '../../bench/tests/film-trial.ts';
import { paperCase, type Trial } from '../../bench/tests/paper-trial.ts';

/**
 * Papers and films whose curves the core knows nothing of, read with the noise that readings have and with one of them wrong here
 * and there: what is said is kept 95 times in 100, and nothing honest is refused. The benchmark of tests has more of them.
 */
const CASES = 40;
const NOISES = [0.01, 0.02];

interface Case {
  readonly trials: readonly Trial[];
  readonly wrong: number;
  readonly named: number;
  readonly refused: boolean;
}

const cases = (seed: number, one: (chance: Chance, noise: number, wrongIn: number) => Case) => {
  const chance = chanceOf(seed);
  return NOISES.flatMap((noise) => Array.from({ length: CASES }, () => one(chance, noise, 0.25)));
};

function expectKept(all: readonly Case[], what: string) {
  const trials = all.flatMap(({ trials: own }) => own.filter((trial) => trial.what === what));
  const kept = (100 * trials.filter((trial) => trial.kept).length) / trials.length;
  expect(trials.length, what).toBeGreaterThan(90);
  expect(kept, what).toBeGreaterThanOrEqual(92);
}

describe('tests by a tablet, on truths of other make', { timeout: 120_000 }, () => {
  it('papers', () => {
    const all = cases(21, paperCase);
    expect(all.filter(({ refused }) => refused)).toEqual([]);
    expectKept(all, 'R');
    expectKept(all, 'speed');
    const wrong = all.reduce((sum, one) => sum + one.wrong, 0);
    expect(wrong).toBeGreaterThan(30);
    expect(all.reduce((sum, one) => sum + one.named, 0) / wrong).toBeGreaterThan(0.8);
  });

  it('films', () => {
    const all = cases(22, filmCase);
    expect(all.filter(({ refused }) => refused)).toEqual([]);
    expectKept(all, 'EI');
    expectKept(all, 'N time');
    const wrong = all.reduce((sum, one) => sum + one.wrong, 0);
    expect(wrong).toBeGreaterThan(30);
    expect(all.reduce((sum, one) => sum + one.named, 0) / wrong).toBeGreaterThan(0.8);
  });
});
