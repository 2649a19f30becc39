import { developmentSeries, filmDensities, tabletSteps } from '@katachron/core';
import type { Chance } from './chance.ts';
import { filmShapes, trueFilm, type FilmShape } from './films.ts';
import type { Trial } from './paper-trial.ts';

export interface FilmCase {
  readonly shape: FilmShape;
  readonly trials: readonly Trial[];
  readonly wrong: number;
  readonly named: number;
  readonly refused: boolean;
}

const STOP = Math.log10(2);

/** A film exposed through a tablet, developed for a few times, and read with noise; one reading of some developments wrong. */
export function filmCase(chance: Chance, noise: number, wrongIn: number): FilmCase {
  const shape = chance.one(filmShapes);
  const film = trueFilm(shape, chance);
  const steps = tabletSteps();
  // Times about a third apart, round the one that gives a normal contrast.
  const normal = film.timeFor(1.2 / (7 * STOP));
  const times = [0.7, 1, 1.4, 1.9].slice(0, chance.whole(3, 4)).map((by) => by * normal);
  // Step 1 is meant to lie at zone X; speeds are not what the box says.
  const first = film.developed(normal).speedLog + 9 * STOP + chance.between(-0.3, 0.2);
  const rounded = (value: number) => Math.max(0, Math.round(value * 100) / 100);
  let wrong = 0;
  let named = 0;
  try {
    const read = times.map((seconds) => {
      const { density, baseFog } = film.developed(seconds);
      const densities = steps.map((log) => rounded(density(first + log) + chance.normal(noise)));
      const at = chance.between(0, 1) < wrongIn ? chance.whole(0, steps.length - 1) : undefined;
      if (at !== undefined) densities[at]! += chance.one([-1, 1]) * chance.between(0.1, 0.3);
      const found = filmDensities({
        ...{ steps, densities: densities.map(rounded) },
        baseFog: rounded(baseFog + chance.normal(noise)),
      });
      if (at !== undefined) {
        wrong += 1;
        if (found.odd.includes(at)) named += 1;
      }
      return { seconds, ...found };
    });
    const series = developmentSeries(
      read.flatMap(({ seconds, averageGradient, within }) =>
        averageGradient === undefined
          ? []
          : [{ seconds, gradient: averageGradient, within: within.averageGradient! }],
      ),
    );
    const trial = (what: string, off: number, within: number): Trial => ({
      ...{ what, off, within },
      kept: off <= within,
    });
    return {
      ...{ shape, wrong, named, refused: false },
      trials: [
        ...read.map(({ seconds, speedLog, within }) =>
          trial(
            'EI',
            Math.abs(speedLog - (film.developed(seconds).speedLog - first)) / STOP,
            within.speedStops,
          ),
        ),
        ...series.times
          .filter(({ outside }) => !outside)
          .map(({ gradient, seconds, withinShare }) =>
            trial('N time', Math.abs(Math.log(seconds / film.timeFor(gradient))), withinShare),
          ),
      ],
    };
  } catch {
    return { ...{ shape, wrong, named, refused: true }, trials: [] };
  }
}
