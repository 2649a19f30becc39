import { Refusal } from '@katachron/core';

/** A value, or the sentence why there is none. */
export type Attempt<Value> =
  | { readonly value: Value; readonly trouble?: undefined }
  | { readonly value?: undefined; readonly trouble: string };

/** Runs something that may refuse, and keeps the sentence when it does. */
export function attempt<Value>(work: () => Value): Attempt<Value> {
  try {
    return { value: work() };
  } catch (cause) {
    if (cause instanceof Refusal) return { trouble: cause.message };
    throw cause;
  }
}
