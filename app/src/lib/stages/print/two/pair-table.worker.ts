import { pairTable, type NegativeOnSheet, type PairTable, type Paper } from '@katachron/core';
import { attempt } from '../../../words/attempt.ts';

/** What each two tones become together takes longer than a frame: here, away from the page. */

export interface PairQuestion {
  readonly number: number;
  readonly paper: Paper;
  readonly a?: NegativeOnSheet;
  readonly b?: NegativeOnSheet;
}

export interface PairAnswer {
  readonly number: number;
  readonly table?: PairTable;
  readonly trouble?: string;
}

onmessage = ({ data }: MessageEvent<PairQuestion>) => {
  const { number, paper, a, b } = data;
  const { value, trouble } = attempt(() => pairTable(paper, a, b));
  const answer: PairAnswer = {
    number,
    ...(value && { table: value }),
    ...(trouble !== undefined && { trouble }),
  };
  postMessage(answer);
};
