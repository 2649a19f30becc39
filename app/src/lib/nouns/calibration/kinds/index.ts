import { clearing } from './clearing.ts';
import { dryDown } from './dry-down.ts';
import { fallOff } from './fall-off.ts';
import { filmDensities } from './film-densities.ts';
import { filmQuick } from './film-quick.ts';
import { filmSpeedEye } from './film-speed-eye.ts';
import { flashThresholdTest } from './flash-threshold.ts';
import type { TestKind } from './kind.ts';
import { lampLag } from './lamp-lag.ts';
import { paperCount } from './paper-count.ts';
import { paperReciprocity } from './paper-reciprocity.ts';
import { paperTablet } from './paper-tablet.ts';
import { reciprocity } from './reciprocity.ts';
import { safelight } from './safelight.ts';
import { sharpness } from './sharpness.ts';
import { thermometers } from './thermometers.ts';
import { timer } from './timer.ts';

/** Every test, in the order in which it pays within its group; each of its own fields, which are known by its id. */
export const testKinds = [
  filmSpeedEye,
  filmQuick,
  filmDensities,
  reciprocity,
  clearing,
  paperTablet,
  paperCount,
  dryDown,
  paperReciprocity,
  safelight,
  flashThresholdTest,
  thermometers,
  lampLag,
  timer,
  fallOff,
  sharpness,
] as unknown as readonly TestKind[];

/** Those whose film is developed in a run of its own. */
export const developedTests: readonly string[] = testKinds
  .filter(({ developedInto }) => developedInto !== undefined)
  .map(({ id }) => id);

/** A test by its id; nothing for an id that is none. */
export const testKindOf = (id: string): TestKind | undefined =>
  testKinds.find((kind) => kind.id === id);
