import { Refusal } from '@katachron/core';
import type { Attempt } from '../words/attempt.ts';
import { parseDecimal } from '../words/decimal.ts';

/** A number within bounds, or the sentence. */
export function within(text: string, sentence: string, least: number, most: number): number {
  const value = parseDecimal(text, '', sentence);
  if (value < least || value > most) throw new Refusal('number', '', sentence);
  return value;
}

/** Words that must be there, or the sentence. */
export function needed(text: string, sentence: string): string {
  if (text.trim() === '') throw new Refusal('empty', '', sentence);
  return text.trim();
}

/** What is wrong, by field. */
export function troublesOf<Field extends string>(
  fields: Record<Field, Attempt<unknown>>,
): Partial<Record<Field, string>> | undefined {
  const wrong = Object.entries<Attempt<unknown>>(fields).flatMap(([field, { trouble }]) =>
    trouble === undefined ? [] : [[field, trouble] as const],
  );
  return wrong.length > 0
    ? (Object.fromEntries(wrong) as Partial<Record<Field, string>>)
    : undefined;
}
