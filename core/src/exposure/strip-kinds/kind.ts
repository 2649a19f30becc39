/** How the exposures of a strip step up, as data. */
export interface StripKind {
  readonly id: string;
  readonly name: string;
  /** What one step is: seconds added, stops added, or fixed by the kind. */
  readonly step: 'seconds' | 'stops' | 'fixed';
  readonly usualStep: number;
  /** Exposure of a patch in s; index from 0. */
  readonly seconds: (first: number, step: number, index: number) => number;
}
