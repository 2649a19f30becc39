import { CholeskyDecomposition, Matrix } from 'ml-matrix';
import { sound } from '../quantity/sound.ts';
import { NINETY_FIVE } from './gaussian.ts';
import { studentNinetyFive } from './student.ts';

/** How a density comes of a quantity that falls from step to step, and of a few levels that all steps share. */
export interface StepsLink {
  readonly value: (at: number, levels: readonly number[]) => number;
  /** The change of the density with that quantity, then with each level. */
  readonly slopes: (at: number, levels: readonly number[]) => readonly number[];
}

export interface StepsQuestion {
  /** log10 exposure of each step, falling. */
  readonly steps: readonly number[];
  readonly densities: readonly number[];
  readonly link: StepsLink;
  /** Where the search begins: the quantity at each step, falling, and the levels. */
  readonly start: { readonly smooth: readonly number[]; readonly levels: readonly number[] };
  /** Levels that were read by themselves, each with its standard deviation; a reading's unless said. */
  readonly readLevels?: readonly {
    readonly level: number;
    readonly value: number;
    readonly within?: number;
  }[];
  /** How far a reading is usually out: standard deviation. */
  readonly readingWithin: number;
  /** The slope differs from place to place by so much, natural logarithm: standard deviation … */
  readonly bend: number;
  /** … and has forgotten where it was after so much log10 exposure. */
  readonly reach: number;
  /** Whether a reading that fits none of its neighbours counts for nothing; it is named either way. */
  readonly leaveOut: boolean;
}

type OfSteps = (smooth: readonly number[], levels: readonly number[]) => number;

/** Steps that were read, each checked by its neighbours. */
export interface SmoothSteps {
  /** The falling quantity at each step, and the levels. */
  readonly smooth: readonly number[];
  readonly levels: readonly number[];
  /** How far a reading was out here: standard deviation. */
  readonly deviation: number;
  /** What each reading is off: read less expected. */
  readonly residuals: readonly number[];
  /** Steps, counted from 0, that fit none of their neighbours, the worst first. */
  readonly odd: readonly number[];
  /** How far what is worked out of the quantity and the levels goes to either side, 95 times in 100. */
  readonly sides: (of: OfSteps) => readonly [number, number];
  /** 95 % of what a straight line between two steps leaves open, log10 exposure: the slope may differ from the one to the other. */
  readonly betweenLog: number;
}

/** The usual reading error is believed as if it had been found from so many readings. */
const BELIEVED = 2;
const TURNS = 40;
const ROUNDS = 4;
/** No reading is better than this share of its usual error: it is rounded, if nothing else. */
const LEAST_SHARE = 0.35;
/** A reading further off than so many standard deviations fits none of its neighbours: by chance once in some hundred tablets. */
const ODD = 3.7;
const MOST_ODD = 2;
/** The slope as a whole may be anything: natural logarithm, standard deviation. */
const ANY_SLOPE = 3;
const MOVE = 1e-4;

interface Fit {
  readonly all: readonly number[];
  readonly covariance: Matrix;
  readonly variance: number;
  readonly freedom: number;
  readonly residuals: readonly number[];
  /** The variance of the curve at each step, as a share of that of a reading. */
  readonly leverage: readonly number[];
}

/** Solved where it can be; numbers that ran away lead nowhere, and are refused as such. */
const solve = (normal: Matrix, right: Matrix): Matrix => {
  sound(normal.to1DArray());
  const decomposition = new CholeskyDecomposition(normal);
  if (!decomposition.isPositiveDefinite()) sound(NaN);
  return decomposition.solve(right);
};

/** What was asked, worked up for the search: a place, the logarithms of the slopes between steps, and the levels. */
class Steps {
  readonly #slopes: number;
  readonly #middle: number;
  /** The distance of each step to that before it. */
  readonly #apart: readonly number[];
  /** The prior of the slopes, as its precision. */
  readonly #prior: Matrix;

  constructor(readonly question: StepsQuestion) {
    const { steps, bend, reach } = question;
    this.#slopes = steps.length - 1;
    this.#middle = Math.floor(steps.length / 2);
    this.#apart = steps.slice(1).map((step, index) => steps[index]! - step);
    const at = this.#apart.map((apart, index) => steps[index]! - apart / 2);
    const covariance = new Matrix(
      at.map((one) =>
        at.map((other) => ANY_SLOPE ** 2 + bend ** 2 * Math.exp(-Math.abs(one - other) / reach)),
      ),
    );
    const inverse = solve(covariance, Matrix.eye(at.length));
    this.#prior = Matrix.add(inverse, inverse.transpose()).div(2);
  }

  /** The same, its readings out by so much. */
  readWithin(readingWithin: number): Steps {
    return new Steps({ ...this.question, readingWithin });
  }

  /** Where the search begins. */
  get start(): number[] {
    const { smooth, levels } = this.question.start;
    const slopes = this.#apart.map((apart, index) =>
      Math.log(Math.max(1e-3, (smooth[index]! - smooth[index + 1]!) / apart)),
    );
    return [smooth[this.#middle]!, ...slopes, ...levels];
  }

  levels(all: readonly number[]): readonly number[] {
    return all.slice(1 + this.#slopes);
  }

  /** The falling quantity at each step. */
  smooth(all: readonly number[]): number[] {
    const falls = this.#apart.map((apart, index) => apart * Math.exp(all[1 + index]!));
    const found = [0];
    for (const fall of falls) found.push(found.at(-1)! - fall);
    const up = all[0]! - found[this.#middle]!;
    return found.map((one) => one + up);
  }

  residuals(all: readonly number[]): number[] {
    const levels = this.levels(all);
    const { link, densities } = this.question;
    return this.smooth(all).map((at, index) => densities[index]! - link.value(at, levels));
  }

  /** The change of each density with each number sought. */
  jacobian(all: readonly number[]): number[][] {
    const levels = this.levels(all);
    const falls = this.#apart.map((apart, index) => apart * Math.exp(all[1 + index]!));
    return this.smooth(all).map((at, step) => {
      const [own, ...ofLevels] = this.question.link.slopes(at, levels);
      // A slope between the middle and the step moves it, up on the one side and down on the other.
      const ofSlopes = falls.map((fall, index) =>
        index < this.#middle ? (step <= index ? own! * fall : 0) : step > index ? -own! * fall : 0,
      );
      return [own!, ...ofSlopes, ...ofLevels];
    });
  }

  /** What speaks against these numbers, in squares of a reading's usual error. */
  cost(all: readonly number[], counts: readonly boolean[]): number {
    const { readLevels = [], readingWithin } = this.question;
    const levels = this.levels(all);
    const ofSteps = this.residuals(all).reduce(
      (sum, off, index) => sum + (counts[index] ? (off / readingWithin) ** 2 : 0),
      0,
    );
    const ofLevels = readLevels.reduce(
      (sum, { level, value, within = readingWithin }) =>
        sum + ((value - levels[level]!) / within) ** 2,
      0,
    );
    const slopes = Matrix.columnVector(all.slice(1, 1 + this.#slopes));
    return ofSteps + ofLevels + slopes.transpose().mmul(this.#prior).mmul(slopes).get(0, 0);
  }

  /** The normal equations at these numbers, in the same measure. */
  system(all: readonly number[], counts: readonly boolean[]) {
    const { readLevels = [], readingWithin } = this.question;
    const levels = this.levels(all);
    const rows = this.jacobian(all);
    const off = this.residuals(all);
    const normal = Matrix.zeros(all.length, all.length);
    const right = new Array<number>(all.length).fill(0);
    const add = (row: readonly number[], miss: number, within: number) => {
      const weight = 1 / within ** 2;
      row.forEach((one, i) => {
        if (one === 0) return;
        right[i]! += weight * one * miss;
        row.forEach((other, j) => normal.set(i, j, normal.get(i, j) + weight * (one * other)));
      });
    };
    rows.forEach((row, index) => {
      if (counts[index]) add(row, off[index]!, readingWithin);
    });
    for (const { level, value, within = readingWithin } of readLevels) {
      const row = all.map((_, index) => (index === 1 + this.#slopes + level ? 1 : 0));
      add(row, value - levels[level]!, within);
    }
    const slopes = Matrix.columnVector(all.slice(1, 1 + this.#slopes));
    const pull = this.#prior.mmul(slopes);
    for (let i = 0; i < this.#slopes; i += 1) {
      right[1 + i]! -= pull.get(i, 0);
      for (let j = 0; j < this.#slopes; j += 1) {
        normal.set(1 + i, 1 + j, normal.get(1 + i, 1 + j) + this.#prior.get(i, j));
      }
    }
    return { normal, right, rows };
  }
}

/** Levenberg and Marquardt's search, with readings believed as far as their error is given. */
function searchAt(
  asked: Steps,
  counts: readonly boolean[],
  start: readonly number[],
  usualWithin: number,
): Fit {
  let all = [...start];
  let cost = asked.cost(all, counts);
  let damping = 1e-2;
  for (let turn = 0; turn < TURNS && damping < 1e8; turn += 1) {
    const { normal, right } = asked.system(all, counts);
    const damped = normal.clone();
    for (let i = 0; i < all.length; i += 1) damped.set(i, i, normal.get(i, i) * (1 + damping));
    const move = solve(damped, Matrix.columnVector(right)).to1DArray();
    const next = all.map((value, index) => value + move[index]!);
    const then = asked.cost(next, counts);
    if (then <= cost) {
      const done = cost - then < 1e-6 * (1 + cost);
      [all, cost, damping] = [next, then, damping / 6];
      if (done) break;
    } else damping *= 8;
  }
  const { normal, rows } = asked.system(all, counts);
  const covariance = solve(normal, Matrix.eye(all.length));
  const { readingWithin } = asked.question;
  const residuals = asked.residuals(all);
  const leverage = rows.map((row) => {
    const one = Matrix.columnVector(row);
    return one.transpose().mmul(covariance).mmul(one).get(0, 0) / readingWithin ** 2;
  });
  const of = (values: readonly number[]) =>
    values.reduce((sum, value, index) => sum + (counts[index] ? value : 0), 0);
  const counted = counts.filter(Boolean).length;
  const freedom = Math.max(1, counted - of(leverage)) + BELIEVED;
  const squares = of(residuals.map((off) => off ** 2));
  const variance = (squares + BELIEVED * usualWithin ** 2) / freedom;
  return { all, covariance, variance, freedom, residuals, leverage };
}

/** The search, with readings believed as far as they deserve: as they show themselves, the usual error believed a little too. */
function search(asked: Steps, counts: readonly boolean[], start: readonly number[]): Fit {
  const usual = asked.question.readingWithin;
  let within = usual;
  let found = searchAt(asked, counts, start, usual);
  for (let turn = 0; turn < ROUNDS; turn += 1) {
    const shown = Math.max(LEAST_SHARE * usual, Math.sqrt(found.variance));
    if (Math.abs(Math.log(shown / within)) < 0.05) break;
    within = shown;
    found = searchAt(asked.readWithin(within), counts, found.all, usual);
  }
  return { ...found, variance: within ** 2 };
}

/** How many standard deviations a reading that was left out lies off what the others expect of it. */
const oddness = ({ residuals, leverage, variance }: Fit, index: number) =>
  Math.abs(residuals[index]!) / Math.sqrt(variance * (1 + leverage[index]!));

/** The reading that the others explain worst. */
function worstOf({ residuals, leverage }: Fit, counts: readonly boolean[]): number {
  const off = residuals.map((one, index) =>
    counts[index] ? Math.abs(one) / Math.sqrt(Math.max(0.05, 1 - leverage[index]!)) : -1,
  );
  return off.indexOf(Math.max(...off));
}

/** A chord misses its arc by an eighth of the step times the change of slope, in its middle; half-way to it by two thirds of that. */
function betweenLog({ steps, bend, reach }: StepsQuestion): number {
  const apart = (steps[0]! - steps.at(-1)!) / (steps.length - 1);
  const change = bend * Math.sqrt((2 * apart) / reach);
  return (NINETY_FIVE * apart * change * (2 / 3)) / 8;
}

/**
 * A row of steps as a falling curve through their readings, of which only so much is taken for granted that its slope changes
 * little by little: neighbours check each other, and no formula of a paper or a film is imposed.
 * @source least squares with a Gaussian process for the logarithm of the slope (Ornstein and Uhlenbeck's); covariance by Laplace
 */
export const smoothSteps = (question: StepsQuestion): SmoothSteps => {
  const asked = new Steps(question);
  const all = question.steps.map(() => true);
  let counts: readonly boolean[] = all;
  const whole = search(asked, counts, asked.start);
  let found = whole;
  const odd: number[] = [];
  while (odd.length < MOST_ODD) {
    const worst = worstOf(found, counts);
    // It has to be odd by what the others say, who bend to it no more.
    const without = counts.with(worst, false);
    const others = search(asked, without, found.all);
    if (oddness(others, worst) < ODD) break;
    odd.push(worst);
    [counts, found] = [without, others];
  }
  const told = question.leaveOut ? found : whole;
  const { covariance, variance, freedom, residuals } = told;
  return {
    smooth: asked.smooth(told.all),
    levels: asked.levels(told.all),
    ...{ residuals, odd, deviation: Math.sqrt(variance) },
    betweenLog: betweenLog(question),
    sides: (of) => {
      const at = (values: readonly number[]) => of(asked.smooth(values), asked.levels(values));
      const gradient = Matrix.columnVector(
        told.all.map((value, index) => {
          const [up, down] = [MOVE, -MOVE].map((by) => at(told.all.with(index, value + by)));
          return (up! - down!) / (2 * MOVE);
        }),
      );
      const toward = covariance.mmul(gradient);
      const square = gradient.transpose().mmul(toward).get(0, 0);
      if (!(square > 0)) return [0, 0];
      // As far as 95 in 100 go, the way that changes it most: a bent law does more to one side.
      const far = studentNinetyFive(Math.floor(freedom)) / Math.sqrt(square);
      const still = at(told.all);
      const moved = (by: number) =>
        at(told.all.map((value, index) => value + by * toward.get(index, 0))) - still;
      return [Math.abs(moved(far)), Math.abs(moved(-far))];
    },
  };
};
