import { agitate } from './agitate.ts';
import { fetchNext } from './fetch-next.ts';
import { leadIn } from './lead-in.ts';
import { lightSafe } from './light-safe.ts';
import { over } from './over.ts';
import { pourOut } from './pour-out.ts';
import { readTemperature } from './read-temperature.ts';
import { rest } from './rest.ts';
import type { CueSound } from './sound.ts';
import { timeUp } from './time-up.ts';

/** How every kind of cue sounds. */
export const cueSounds: readonly CueSound[] = [
  leadIn,
  agitate,
  rest,
  readTemperature,
  lightSafe,
  fetchNext,
  pourOut,
  timeUp,
  over,
];
