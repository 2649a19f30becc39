import { Refusal } from '@katachron/core';
import { attempt } from '../words/attempt.ts';
import { parseDecimal } from '../words/decimal.ts';

/** A number in its limits, with one sentence for everything else. */
export function number(text: string, sentence: string, least: number, most: number, whole = false) {
  return attempt(() => {
    const value = parseDecimal(text, '', sentence);
    if (value < least || value > most || (whole && !Number.isInteger(value))) {
      throw new Refusal('number', '', sentence);
    }
    return value;
  });
}
