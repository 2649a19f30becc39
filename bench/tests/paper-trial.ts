import { printedPaper, tabletSteps } from '@katachron/core';
import type { Chance } from './chance.ts';
import { paperShapes, truePaper, type PaperShape } from './papers.ts';

/** What one number of a test came to: whether its word was kept, and how far it was out. */
export interface Trial {
  readonly what: string;
  readonly kept: boolean;
  readonly off: number;
  readonly within: number;
}

/** The tablets that people have: how many steps, and the density of one. */
const tablets = [
  { count: 21, step: 0.15 },
  { count: 31, step: 0.1 },
] as const;

export interface PaperCase {
  readonly shape: PaperShape;
  readonly trials: readonly Trial[];
  /** Of the readings that were made wrong, how many were named. */
  readonly wrong: number;
  readonly named: number;
  readonly refused: boolean;
}

/** A paper printed through a tablet at a few settings, read with noise, and one reading of some prints wrong by typing or dust. */
export function paperCase(chance: Chance, noise: number, wrongIn: number): PaperCase {
  const shape = chance.one(paperShapes);
  const graded = shape !== 'layers';
  const { count, step } = chance.one(tablets);
  const steps = tabletSteps(Array.from({ length: count }, (_, index) => index * step));
  const length = -steps.at(-1)!;
  const white = chance.between(0.03, 0.1);
  const net = chance.between(1.3, 2.15);
  const truths = Array.from({ length: chance.whole(2, 4) }, () =>
    truePaper(shape, chance, chance.between(50, 140), { white, net }),
  );
  let wrong: readonly (number | undefined)[] = [];
  const firsts = truths.map(({ range, speedLog }) => {
    const spare = length - range / 100;
    return speedLog + chance.between(0.4, 0.6) * spare + range / 200;
  });
  const prints = truths.map(({ density }, index) => {
    const read = steps.map((log) => density(firsts[index]! + log) + chance.normal(noise));
    const at = chance.between(0, 1) < wrongIn ? chance.whole(0, count - 1) : undefined;
    wrong = [...wrong, at];
    if (at !== undefined) read[at]! += chance.one([-1, 1]) * chance.between(0.1, 0.3);
    return read.map((value) => Math.max(0, Math.round(value * 100) / 100));
  });
  try {
    const found = printedPaper({ steps, prints, oneEmulsion: !graded });
    return {
      shape,
      refused: false,
      wrong: wrong.filter((at) => at !== undefined).length,
      named: wrong.filter((at, index) => at !== undefined && found[index]!.odd.includes(at)).length,
      trials: found.flatMap(({ range, speedLog, within }, index) => {
        const truth = truths[index]!;
        const rangeOff = Math.abs(range - truth.range);
        const stopsOff = Math.abs(speedLog - (truth.speedLog - firsts[index]!)) / Math.log10(2);
        return [
          { what: 'R', kept: rangeOff <= within.range, off: rangeOff, within: within.range },
          {
            ...{ what: 'speed', kept: stopsOff <= within.speedStops },
            ...{ off: stopsOff, within: within.speedStops },
          },
        ];
      }),
    };
  } catch {
    return { shape, trials: [], wrong: 0, named: 0, refused: true };
  }
}
