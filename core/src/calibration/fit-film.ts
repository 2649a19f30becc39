import { levenbergMarquardt } from 'ml-levenberg-marquardt';
import type { FilmCharacter } from '../film/film-curve.ts';
import { sound } from '../quantity/sound.ts';
import { Refusal } from '../refusal.ts';
import { developmentSeries } from './development-series.ts';
import { filmDensities } from './film-densities.ts';

/** One development of a film through the tablet. */
export interface FilmDevelopment {
  readonly seconds: number;
  readonly baseFog: number;
  readonly densities: readonly number[];
}

/** A film's own curve, fitted to all its developments at once. */
export interface FittedFilm {
  readonly film: FilmCharacter;
  /** The time that counts as normal, s. */
  readonly normalSeconds: number;
  /** Slope of each development, the shortest first. */
  readonly gradients: readonly number[];
  /** Root of the mean square of what the steps are off, density. */
  readonly rest: number;
}

const ITERATIONS = 30;
/** Where the parameters of the whole film end and the slopes begin. */
const OF_FILM = 2;

/** ln(1 + e^z), straight where the exponential is past any number. */
const softPlus = (z: number) => (z > 30 ? z : Math.log1p(Math.exp(z)));

/**
 * A film's own curve from several developments: one toe where the exposure put it, a slope for each, and how the slope grows.
 * @param steps log10 exposure of each step against step 1, from `tabletSteps`
 * @param developments three at least, each with base and fog and the densities of the steps
 * @returns the film's character, with the normal time of its series, and how far the steps are off
 * @throws Refusal `film-fit` where fewer than three were developed or their slopes near no highest; as `developmentSeries`
 * @source D = Df + G·k·ln(1 + e^((x − x0)/k)) with one k and x0 by least squares (Levenberg–Marquardt); G = G∞(1 − e^(−k(t − t0)))
 * @example
 * fitFilm([0, -0.6, -1.2, -1.8, -2.4, -3], [{ seconds: 330, baseFog: 0.26, densities: [1.52, 1.22, 0.92, 0.62, 0.35, 0.26] }, { seconds: 480, baseFog: 0.27, densities: [1.88, 1.51, 1.13, 0.76, 0.41, 0.28] }, { seconds: 690, baseFog: 0.3, densities: [2.28, 1.84, 1.39, 0.92, 0.5, 0.31] }]).film.toe // ≈ 0.158
 */
export function fitFilm(
  steps: readonly number[],
  developments: readonly FilmDevelopment[],
): FittedFilm {
  const sorted = developments.toSorted((a, b) => a.seconds - b.seconds);
  if (sorted.length < 3) {
    throw new Refusal(
      'film-fit',
      '/developments',
      'Three developments show how a film’s slope grows.',
    );
  }
  const read = sorted.map(({ baseFog, densities }) => filmDensities({ steps, densities, baseFog }));
  const middle = read[Math.floor(read.length / 2)]!;
  const slopes = read.map(
    ({ isoGradient, averageGradient }) => isoGradient ?? averageGradient ?? 0.5,
  );
  const model = ([toe = 1, toeAt = 0, ...gradients]: readonly number[]) =>
    sorted.flatMap(({ baseFog }, index) =>
      steps.map((x) => baseFog + gradients[index]! * toe * softPlus((x - toeAt) / toe)),
    );
  const wanted = sorted.flatMap(({ densities }) => densities);
  const { parameterValues } = levenbergMarquardt(
    { x: wanted.map((_, index) => index), y: wanted },
    (parameters) => {
      const all = model(parameters);
      return (index) => all[index]!;
    },
    {
      initialValues: [0.16, middle.speedLog, ...slopes.map((slope) => slope * 1.1)],
      minValues: [0.02, middle.speedLog - 1, ...slopes.map(() => 0.05)],
      maxValues: [0.6, middle.speedLog + 1, ...slopes.map(() => 3)],
      damping: 0.01,
      gradientDifference: 1e-4,
      centralDifference: true,
      maxIterations: ITERATIONS,
      errorTolerance: 1e-10,
    },
  );
  const gradients = parameterValues.slice(OF_FILM);
  const series = developmentSeries(
    sorted.map(({ seconds }, index) => ({ seconds, gradient: gradients[index]! })),
    [0],
  );
  const averages = developmentSeries(
    sorted.map(({ seconds }, index) => ({
      seconds,
      gradient: read[index]!.averageGradient ?? gradients[index]!,
    })),
    [0],
  );
  const normalSeconds = averages.times[0]!.seconds;
  const { nearing } = series;
  if (!nearing) {
    throw new Refusal(
      'film-fit',
      '/developments',
      'The slopes of these developments near no highest one: with a longer development the film’s own curve could be told.',
    );
  }
  const { mostGradient, perSecond, startsAt } = nearing;
  const normalGradient = mostGradient * (1 - Math.exp(-perSecond * (normalSeconds - startsAt)));
  const off = model(parameterValues).map((value, index) => value - wanted[index]!);
  return sound({
    film: {
      baseFog: nearestFog(sorted, normalSeconds),
      toe: parameterValues[0]!,
      normalGradient,
      mostGradient,
      induction: startsAt / normalSeconds,
    },
    normalSeconds,
    gradients,
    rest: Math.sqrt(off.reduce((sum, one) => sum + one ** 2, 0) / off.length),
  });
}

/** Base and fog of the development nearest to normal. */
const nearestFog = (developments: readonly FilmDevelopment[], normalSeconds: number): number => {
  const apart = ({ seconds }: FilmDevelopment) => Math.abs(Math.log(seconds / normalSeconds));
  return developments.reduce((best, one) => (apart(one) < apart(best) ? one : best)).baseFog;
};
