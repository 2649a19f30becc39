import { testKindOf } from '../../nouns/calibration/kinds/index.ts';
import { solvedBy, type SolveMessage, type SolvedMessage } from './solve.ts';

/** Solves what takes long, away from the page. */
onmessage = ({ data: { number, kind, given, unit } }: MessageEvent<SolveMessage>) => {
  const known = testKindOf(kind);
  if (!known) return;
  postMessage({ number, solved: solvedBy(known, given, unit) } satisfies SolvedMessage);
};
