import type { AgitationId } from '../../film/agitation/index.ts';

/** What becomes of a bath afterwards: back into its bottle, or away. */
export type Afterwards = 'keep' | 'pour away';

/** One kind of step in a process, as data. */
export interface StepKind {
  readonly id: string;
  readonly name: string;
  /** The name inside a sentence: "have the stop ready". */
  readonly inSentence: string;
  /** Nothing goes on in it that the clock could spoil, so it may wait. */
  readonly water: boolean;
  readonly usualSeconds: number;
  readonly agitation: AgitationId;
  /** A bath further than this from the developer's temperature is worth a word, °C. */
  readonly toleranceC: number;
  /** What becomes of the bath when it comes out of the tank. */
  readonly afterwards: Afterwards;
  /** From this share of its time on light fogs no more: of a fix, half; of one that is just enough to look, all of it. */
  readonly opensToLightAfter: number | null;
  /** The usual caution of this step; empty where there is none. */
  readonly caution: string;
}
