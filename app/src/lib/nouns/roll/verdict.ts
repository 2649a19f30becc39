import { capital } from '../../words/capital.ts';
import { negativeMarks } from '@katachron/core';
import type { Judgement } from './contract.ts';

/** "Good negatives, shadows open, highlights printable; small round thin spots. Tap more." */
export function verdictSentence({
  density,
  shadows,
  highlights,
  marks,
  change,
}: Judgement): string {
  const looks = `${capital(density)} negatives, shadows ${shadows}, highlights ${highlights}`;
  const flaws = negativeMarks.filter(({ id }) => marks.includes(id)).map(({ name }) => name);
  return [
    `${[looks, flaws.join(', ')].filter(Boolean).join('; ')}.`,
    change.trim() && `Next time: ${change.trim()}`,
  ]
    .filter(Boolean)
    .join(' ');
}
