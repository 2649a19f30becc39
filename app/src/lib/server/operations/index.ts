import { burnOperation } from './burn.ts';
import { contrastOperation } from './contrast.ts';
import { driftOperation } from './drift.ts';
import { filmTimeOperation } from './film-time.ts';
import { flashOperation } from './flash.ts';
import type { Operation } from './operation.ts';
import { processOperation } from './process.ts';
import { pushOperation } from './push.ts';
import { readingsOperation } from './readings.ts';
import { splitOperation } from './split.ts';
import { stripReadingOperation } from './strip-reading.ts';
import { stripOperation } from './strip.ts';

/** Every calculation of the open interface, in the order of the work. */
export const operations = [
  filmTimeOperation,
  driftOperation,
  pushOperation,
  processOperation,
  stripOperation,
  stripReadingOperation,
  contrastOperation,
  readingsOperation,
  splitOperation,
  flashOperation,
  burnOperation,
] as unknown as readonly Operation[];
