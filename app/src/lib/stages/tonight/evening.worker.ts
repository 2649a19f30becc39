import {
  lateBy,
  planEvening,
  type EveningPlan,
  type EveningQuestion,
  type EveningTask,
  type LateBy,
  type PlacedStep,
} from '@katachron/core';
import { attempt } from '../../words/attempt.ts';

/** Trying orders takes longer than a frame: here, away from the page. */

export interface EveningAsked {
  readonly number: number;
  readonly question: EveningQuestion;
  /** What was promised, s from the same beginning, and what of tonight is over. */
  readonly promised?: readonly PlacedStep[];
  readonly over: readonly EveningTask[];
}

export interface EveningAnswer {
  readonly number: number;
  readonly plan?: EveningPlan;
  /** The plan without the order that somebody wants, where they want one. */
  readonly best?: EveningPlan;
  /** What makes it end later than promised, the worst first. */
  readonly late?: readonly LateBy[];
  readonly trouble?: string;
}

onmessage = ({ data: { number, question, promised, over } }: MessageEvent<EveningAsked>) => {
  const { order, tasks, ...free } = question;
  const { value, trouble } = attempt(() => ({
    plan: planEvening(question),
    ...(order && { best: planEvening({ ...free, tasks }) }),
  }));
  // Nobody loses the plan because what made it late cannot be told, of very many papers.
  const blamed =
    promised && attempt(() => lateBy({ ...question, tasks: [...tasks, ...over] }, promised)).value;
  const answer: EveningAnswer = {
    ...{ number, ...value },
    ...(blamed && { late: blamed }),
    ...(trouble !== undefined && { trouble }),
  };
  postMessage(answer);
};
