import type { StepKindId } from '../step-kinds/index.ts';

/** One thing on which practitioners disagree, as data: each way of doing it is a set of steps. */
export interface PlanSchool {
  readonly id: string;
  /** What it is about, as a label. */
  readonly name: string;
  readonly ways: readonly {
    readonly id: string;
    readonly name: string;
    readonly kinds: readonly StepKindId[];
  }[];
}
