import { Refusal } from '@katachron/core';
import { refusalWords } from './refusal.ts';
import type { Unit } from './temperature.ts';

/** A value, or the sentence why there is none. */
export type Attempt<Value> =
  | { readonly value: Value; readonly trouble?: undefined }
  | { readonly value?: undefined; readonly trouble: string };

/** Runs something that may refuse, and keeps the sentence when it does: its temperatures in the unit in use. */
export function attempt<Value>(work: () => Value, unit: Unit = 'C'): Attempt<Value> {
  try {
    return { value: work() };
  } catch (cause) {
    if (cause instanceof Refusal) return { trouble: refusalWords(cause, unit) };
    throw cause;
  }
}
