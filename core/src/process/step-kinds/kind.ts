import type { AgitationId } from '../../film/agitation/index.ts';

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
  /** The usual caution of this step; empty where there is none. */
  readonly caution: string;
}
