import type { LightProbe } from './light-probe.ts';

/** A made-up negative of the furnace hall: sky through the roof, wall, apron, coal heap. */
const SPOTS = [-1.42, -0.66, -1.02, -0.84];
/** A reading is no better than this, log10. */
const NOISE = 0.01;

/** Stands in for a light probe: each reading is the next spot of a negative, with a little noise. */
export class SimulatedLightProbe implements LightProbe {
  readonly name = 'simulated light probe';
  #next = 0;

  read(): Promise<number> {
    const spot = SPOTS[this.#next % SPOTS.length]!;
    this.#next += 1;
    return Promise.resolve(Number((spot + NOISE * (2 * Math.random() - 1)).toFixed(2)));
  }
}
