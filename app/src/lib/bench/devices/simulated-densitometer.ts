import type { Densitometer } from './densitometer.ts';

/** A made-up film through the tablet: base and fog first, then the steps, the densest first. */
const FILM = [
  0.27, 1.88, 1.79, 1.7, 1.6, 1.51, 1.42, 1.32, 1.23, 1.13, 1.04, 0.94, 0.85, 0.76, 0.66, 0.57,
  0.49, 0.41, 0.35, 0.31, 0.29, 0.28,
];
/** A reading is no better than this. */
const NOISE = 0.01;

/** Stands in for a densitometer: each reading is the next patch of a made-up film, with a little noise. */
export class SimulatedDensitometer implements Densitometer {
  readonly name = 'simulated densitometer';
  #next = 0;

  read(): Promise<number> {
    const density = FILM[this.#next % FILM.length]!;
    this.#next += 1;
    return Promise.resolve(Number((density + NOISE * (2 * Math.random() - 1)).toFixed(2)));
  }

  begin(): void {
    this.#next = 0;
  }
}
