/** How sure somebody wants to be, 95 times in 100. */
export interface Certainty {
  readonly id: string;
  readonly name: string;
  /** Of the highlight, stops. */
  readonly stops: number;
  /** Of the contrast, R. */
  readonly range: number;
  /** Strips it takes as a rule, and at the most: what the simulated printer of the benchmark needs. */
  readonly usualStrips: readonly [number, number];
}

/** How sure to be, as people say it. */
export const certainties = [
  { id: 'look', name: 'a look', stops: 0.5, range: 30, usualStrips: [1, 2] },
  { id: 'work-print', name: 'a work print', stops: 0.2, range: 12, usualStrips: [2, 4] },
  { id: 'exhibition', name: 'an exhibition print', stops: 0.15, range: 10, usualStrips: [3, 5] },
] as const satisfies readonly Certainty[];

export type CertaintyId = (typeof certainties)[number]['id'];
