import type { Chance } from './chance.ts';

/**
 * Films that the code under test knows nothing of: toes, straight parts and shoulders of other formulas than its own, developed by
 * laws of their own. Exposures are log10, counted from where the straight part would meet base and fog.
 */
export interface TrueFilm {
  readonly shape: FilmShape;
  /** What a development makes of it. */
  readonly developed: (seconds: number) => TrueDevelopment;
  /** The time at which zones I to VIII take so much density, over seven stops of light. */
  readonly timeFor: (gradient: number) => number;
}
export interface TrueDevelopment {
  readonly baseFog: number;
  readonly density: (log: number) => number;
  /** log10 exposure that gives 0.10 above base and fog. */
  readonly speedLog: number;
  /** From the speed point over seven stops. */
  readonly averageGradient: number;
  readonly isoGradient: number;
}

/** Net density over log exposure at a slope of one; none of them is the logarithm of a sum. */
const shapes = {
  /** A parabola that runs into a straight line. */
  straight: ({ between }: Chance) => {
    const toe = between(0.25, 0.55);
    return (x: number) => (x <= -toe ? 0 : x >= toe ? x : (x + toe) ** 2 / (4 * toe));
  },
  /** A toe that goes on and on: a hyperbola. */
  'long toe': ({ between }: Chance) => {
    const toe = between(0.1, 0.25);
    return (x: number) => (x + Math.sqrt(x * x + 4 * toe * toe)) / 2;
  },
  /** A hyperbola that bends over again. */
  shoulder: ({ between }: Chance) => {
    const [toe, most] = [between(0.08, 0.2), between(3, 4.5)];
    return (x: number) => {
      const plain = (x + Math.sqrt(x * x + 4 * toe * toe)) / 2;
      return most * Math.tanh(plain / most);
    };
  },
} as const;
export type FilmShape = keyof typeof shapes;
export const filmShapes = Object.keys(shapes) as FilmShape[];

const STOP = Math.log10(2);

function reaches(of: (x: number) => number, level: number, low = -8, high = 8): number {
  for (let turn = 0; turn < 80; turn += 1) {
    const middle = (low + high) / 2;
    if (of(middle) < level) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/** A film of a shape; longer development makes it steeper, a little faster and a little foggier. */
export function trueFilm(shape: FilmShape, chance: Chance): TrueFilm {
  const net = shapes[shape](chance);
  const base = chance.between(0.1, 0.35);
  const usual = chance.between(300, 700);
  const [most, power] = [chance.between(1, 1.5), chance.between(0.8, 1.1)];
  // Half of the way to the most at about the usual time: a hyperbola, no exponential.
  const slope = (seconds: number) =>
    (most * (seconds / usual) ** power) / ((seconds / usual) ** power + chance0);
  const chance0 = chance.between(0.9, 1.2);
  const developed = (seconds: number): TrueDevelopment => {
    const gradient = slope(seconds);
    const baseFog = base + 0.03 * (seconds / usual);
    const density = (log: number) => baseFog + gradient * net(log);
    const speedLog = reaches((x) => gradient * net(x), 0.1);
    const over = (span: number) => (gradient * net(speedLog + span) - 0.1) / span;
    return {
      ...{ baseFog, density, speedLog },
      averageGradient: over(7 * STOP),
      isoGradient: over(1.3),
    };
  };
  return {
    ...{ shape, developed },
    timeFor: (gradient) =>
      reaches((seconds) => developed(seconds).averageGradient, gradient, 5, 20_000),
  };
}
