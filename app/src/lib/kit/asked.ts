/** What is answered to something typed: a number with its sentences; nothing while it is not typed. */
export interface Answered {
  readonly big?: string;
  readonly sentences: readonly string[];
  readonly cautions: readonly string[];
}

/** Nothing was typed yet. */
export const unanswered: Answered = { sentences: [], cautions: [] };
