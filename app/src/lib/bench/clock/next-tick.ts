import { processMoment } from '@katachron/core';
import type { Clocked } from './messages.ts';

/** A page is told so often, ms: often enough for the eye, and seldom enough for a phone's battery. */
export const TICK_MS = 250;
/** Several clocks at once are told together rather than each by itself, ms. */
const LEAST_MS = 150;
/** Timers come early by a little; then the second would not have turned yet, ms. */
const AFTER_MS = 2;

/** How long until the next tick, ms: with each clock that runs, so that its seconds turn when they are over. */
export function nextTickMs(processes: readonly Clocked[], nowMs: number): number {
  const starts = processes.flatMap(({ plan, events }) => {
    const { current } = processMoment(plan, events, nowMs);
    return current ? [current.startedAtMs] : [];
  });
  const waits = (starts.length > 0 ? starts : [0]).map((start) => {
    const into = (((nowMs - AFTER_MS - start) % TICK_MS) + TICK_MS) % TICK_MS;
    return TICK_MS - into;
  });
  return Math.max(waits.length > 1 ? LEAST_MS : 1, Math.min(...waits));
}
