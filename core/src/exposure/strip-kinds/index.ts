import { doubling } from './doubling.ts';
import { equalSeconds } from './equal-seconds.ts';
import { stops } from './stops.ts';

/** Every way in which a strip's exposures step up. */
export const stripKinds = [stops, equalSeconds, doubling] as const;

export type StripKindId = (typeof stripKinds)[number]['id'];
