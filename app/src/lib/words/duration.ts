import { Refusal } from '@katachron/core';

/** Wet steps as m:ss, rounded to a second: 8:58, 0:30, 61:05. */
export function clockTime(seconds: number): string {
  const whole = Math.round(Math.abs(seconds));
  const sign = seconds < 0 && whole > 0 ? '−' : '';
  return `${sign}${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
}

/** What a countdown shows: it reads 0:01 until the last second is over, and a minus once it has run over. */
export function countdown(remainingSeconds: number): string {
  return remainingSeconds >= 0
    ? clockTime(Math.ceil(remainingSeconds - 1e-6))
    : clockTime(-Math.ceil(-remainingSeconds - 1e-6));
}

/** Seconds at the enlarger, with the digits that its timer can dial: 10.6, 12, 0.25. */
export function enlargerSeconds(seconds: number, timerStep = 0.1): string {
  const digits = Math.min(2, Math.max(0, Math.ceil(-Math.log10(timerStep) - 1e-9)));
  return seconds.toFixed(digits);
}

/** A length of time in words, for a reason: "50 seconds", "2 minutes". */
export function secondsInWords(seconds: number): string {
  const whole = Math.round(Math.abs(seconds));
  if (whole >= 120) return `${Math.round(whole / 60)} minutes`;
  return whole === 1 ? '1 second' : `${whole} seconds`;
}

/**
 * Reads a time as m:ss or as seconds: 3:30, 90, 0:45.5, 12,5.
 * @throws Refusal with what to type instead
 */
export function parseDuration(text: string, field = '/seconds'): number {
  const match = /^\s*(?:(\d{1,4}):)?(\d{1,5}(?:[.,]\d{1,3})?)\s*s?\s*$/.exec(text);
  const minutes = Number(match?.[1] ?? 0);
  const seconds = Number(match?.[2]?.replace(',', '.'));
  const total = minutes * 60 + seconds;
  if (!match || (match[1] !== undefined && seconds >= 60) || !(total > 0)) {
    throw new Refusal('duration', field, 'Type a time as 3:30, or as seconds.');
  }
  return total;
}
