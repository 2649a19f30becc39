import type { Chance } from './chance.ts';

/**
 * Papers that the code under test knows nothing of: curves of other formulas than its own, each with its true range and speed point
 * by the standard, found by halving.
 */
export interface TruePaper {
  readonly shape: PaperShape;
  readonly dMin: number;
  readonly dMax: number;
  /** Density at a log10 exposure. */
  readonly density: (log: number) => number;
  readonly range: number;
  readonly speedLog: number;
}

/** The normal distribution’s sum, by Abramowitz and Stegun 7.1.26: good to a millionth. */
function normalSum(x: number): number {
  const t = 1 / (1 + (0.3275911 * Math.abs(x)) / Math.SQRT2);
  const tail =
    t *
    (0.254829592 + t * (-0.284496736 + t * (1.421413741 + t * (-1.453152027 + t * 1.061405429)))) *
    Math.exp((-x * x) / 2);
  return x >= 0 ? 1 - tail / 2 : tail / 2;
}

/** Shares of black over log exposure, 0 to 1; none of them is a logistic curve. */
const shapes = {
  /** Several emulsions of uneven weights and places. */
  layers: ({ between, whole }: Chance) => {
    const layers = Array.from({ length: whole(3, 6) }, () => ({
      at: between(0, 1),
      weight: between(0.5, 1.5),
    }));
    const all = layers.reduce((sum, { weight }) => sum + weight, 0);
    return (x: number) =>
      layers.reduce((sum, { at, weight }) => sum + (weight / all) * normalSum((x - at) / 0.35), 0);
  },
  'one emulsion': () => normalSum,
  /** A wide emulsion before a narrow one. */
  'long toe': ({ between }: Chance) => {
    const [share, before] = [between(0.15, 0.35), between(1, 1.8)];
    return (x: number) => (1 - share) * normalSum(x) + share * normalSum((x + before) / 1.5);
  },
  /** The least of many grains’ thresholds: it runs into its black at once. */
  'short shoulder': () => (x: number) => 1 - Math.exp(-Math.exp(x)),
} as const;
export type PaperShape = keyof typeof shapes;
export const paperShapes = Object.keys(shapes) as PaperShape[];

/** Where a rising curve reaches a level. */
function reaches(of: (x: number) => number, level: number): number {
  let [low, high] = [-60, 60];
  for (let turn = 0; turn < 80; turn += 1) {
    const middle = (low + high) / 2;
    if (of(middle) < level) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/** A paper of a shape, of a range that some paper has, between its white and so much above it. */
export function truePaper(
  shape: PaperShape,
  chance: Chance,
  range: number,
  { white, net }: { readonly white: number; readonly net: number },
): TruePaper {
  const share = shapes[shape](chance);
  const at = (density: number) => reaches(share, density / net);
  const unit = range / 100 / (at(0.9 * net) - at(0.04));
  return {
    ...{ shape, dMin: white, dMax: white + net, range },
    density: (log) => white + net * share(log / unit),
    speedLog: at(0.6) * unit,
  };
}
