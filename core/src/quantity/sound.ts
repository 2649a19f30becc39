import { Refusal } from '../refusal.ts';

/** Said when it is not known which of the numbers is at fault. */
const SENTENCE =
  'These numbers lead to no answer: one of them is missing, below zero, or far out of reach.';

/** A sum that ends beyond three centuries began with a slip, s. What was begun at any date is nearer. */
const MOST_SECONDS = 1e10;
/** A name that ends so is a time, and no time is below zero; a lag may be. */
const TIME = /seconds$/i;
const LAG = /lag/i;

function fault(value: unknown, name: string): boolean {
  if (typeof value === 'number') {
    if (!Number.isFinite(value)) return true;
    if (!(value < 0 || value > MOST_SECONDS) || !TIME.test(name)) return false;
    return value > 0 || !LAG.test(name);
  }
  if (typeof value !== 'object' || value === null) return false;
  if (Array.isArray(value)) {
    for (const part of value) if (fault(part, name)) return true;
    return false;
  }
  if (value instanceof Map) {
    for (const part of value.values()) if (fault(part, name)) return true;
    return false;
  }
  for (const key in value) if (fault(value[key as keyof typeof value], key)) return true;
  return false;
}

/**
 * A number, or plain data with numbers in it, handed through when it can be believed: what leads to no answer is refused
 * and never handed on as NaN or infinity.
 * @param value what was asked with, or what is answered; names that end in "seconds" are times and not below zero
 * @returns the same value
 * @throws Refusal `no-answer` for NaN, infinity, a time below zero or of centuries, however deep
 * @source every answer is a number or a sentence
 * @example
 * sound(7.5) // = 7.5
 */
export function sound<Value>(value: Value): Value {
  if (typeof value === 'number' ? !Number.isFinite(value) : fault(value, '')) {
    throw new Refusal('no-answer', '', SENTENCE);
  }
  return value;
}

/**
 * A time in seconds handed through when it is one.
 * @param seconds not below zero, at most 1e10
 * @returns the same seconds
 * @throws Refusal `no-answer` for anything else
 * @source every answer is a number or a sentence
 * @example
 * soundTime(7.5) // = 7.5
 */
export function soundTime(seconds: number): number {
  if (!(seconds >= 0 && seconds <= MOST_SECONDS)) throw new Refusal('no-answer', '', SENTENCE);
  return sound(seconds);
}
