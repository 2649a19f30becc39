import { coverUp } from './cover-up.ts';
import { onePlace } from './one-place.ts';
import { separate } from './separate.ts';

/** Every way of giving a strip its exposures. */
export const stripMethods = [coverUp, separate, onePlace] as const;

export type StripMethodId = (typeof stripMethods)[number]['id'];
