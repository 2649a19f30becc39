import { agitate } from './agitate.ts';
import { fetchNext } from './fetch-next.ts';
import { over } from './over.ts';
import { pourOut } from './pour-out.ts';
import { rest } from './rest.ts';
import type { CueSound } from './sound.ts';
import { timeUp } from './time-up.ts';

/** How every kind of cue sounds. */
export const cueSounds: readonly CueSound[] = [agitate, rest, fetchNext, pourOut, timeUp, over];
