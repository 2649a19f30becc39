import { planEvening, type EveningPlan, type EveningQuestion } from '@katachron/core';
import { attempt } from '../../words/attempt.ts';

/** Trying orders takes longer than a frame: here, away from the page. */

export interface EveningAsked {
  readonly number: number;
  readonly question: EveningQuestion;
}

export interface EveningAnswer {
  readonly number: number;
  readonly plan?: EveningPlan;
  /** The plan without the order that somebody wants, where they want one. */
  readonly best?: EveningPlan;
  readonly trouble?: string;
}

onmessage = ({ data: { number, question } }: MessageEvent<EveningAsked>) => {
  const { order, ...free } = question;
  const { value, trouble } = attempt(() => ({
    plan: planEvening(question),
    ...(order && { best: planEvening(free) }),
  }));
  const answer: EveningAnswer = { number, ...value, ...(trouble !== undefined && { trouble }) };
  postMessage(answer);
};
