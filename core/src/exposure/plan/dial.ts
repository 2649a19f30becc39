import type { Lamp } from '../strip.ts';

/** What the timer can be set to, s. */
export const dialed = (seconds: number, { timerStepSeconds }: Lamp): number =>
  Number(Math.max(0, Math.round(seconds / timerStepSeconds) * timerStepSeconds).toFixed(6));

/** What of it is light: the lamp glows up first, s. */
export const lightOfDial = (dialSeconds: number, { lagSeconds }: Lamp): number =>
  Math.max(0, dialSeconds - lagSeconds);
