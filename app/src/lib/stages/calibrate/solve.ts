import type { TestKind } from '../../nouns/calibration/kinds/kind.ts';
import { attempt, type Attempt } from '../../words/attempt.ts';
import type { Unit } from '../../words/temperature.ts';

/** A test that is to be solved away from the page. */
export interface SolveMessage {
  readonly number: number;
  readonly kind: string;
  readonly given: Readonly<Record<string, unknown>>;
  readonly unit: Unit;
}
export interface SolvedMessage {
  readonly number: number;
  readonly solved: Attempt<unknown>;
}

/** What a test leads to, or the sentence why it leads nowhere. */
export const solvedBy = (
  kind: TestKind,
  given: Readonly<Record<string, unknown>>,
  unit: Unit,
): Attempt<unknown> => attempt<unknown>(() => kind.solve(given as never), unit);
