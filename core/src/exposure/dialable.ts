import type { Lamp } from './strip.ts';

/** The first patch, and the difference to the next, are so many steps of the timer at the least. */
const LEAST_STEPS = 1.5;

/** A strip from its first patch up to a time, as a timer can dial it: coarser and later where its step asks for it. */
export const dialable = (
  { firstSeconds, stepStops }: { readonly firstSeconds: number; readonly stepStops: number },
  lastSeconds: number,
  { timerStepSeconds: timer }: Lamp,
): { firstSeconds: number; stepStops: number; patches: number } => {
  const first = Math.max(firstSeconds, LEAST_STEPS * timer);
  // A timer cannot dial patches that differ by less than its step.
  const step = Math.max(stepStops, Math.log2(1 + (LEAST_STEPS * timer) / first));
  const reached = Math.ceil(Math.log2(lastSeconds / first) / step - 1e-9) + 1;
  return { firstSeconds: first, stepStops: step, patches: Math.max(3, reached) };
};
