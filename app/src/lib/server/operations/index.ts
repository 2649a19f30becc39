import { burnOperation } from './burn.ts';
import { bathStateOperation } from './chemistry/bath-state.ts';
import { clipTestOperation } from './chemistry/clip-test.ts';
import { iceOperation } from './chemistry/ice.ts';
import { mixOperation } from './chemistry/mix.ts';
import { mixFromStockOperation } from './chemistry/mix-from-stock.ts';
import { temperOperation } from './chemistry/temper.ts';
import { twoStageOperation } from './chemistry/two-stage.ts';
import { washOperation } from './chemistry/wash.ts';
import { waterBathOperation } from './chemistry/water-bath.ts';
import { developmentSeriesOperation } from './calibration/development-series.ts';
import { eveningOperation } from './evening.ts';
import { filmSpeedOperation } from './calibration/film-speed.ts';
import { readTabletOperation } from './calibration/read-tablet.ts';
import { paperTabletOperation } from './calibration/paper-tablet.ts';
import {
  blindPairsOperation,
  lampLagOperation,
  reciprocityOperation,
  safelightOperation,
  thermometerOperation,
} from './calibration/room.ts';
import { colourPackOperation, ringAroundOperation } from './colour.ts';
import { cornerFallOffOperation } from './corner-fall-off.ts';
import { keyLineOperation } from './key-line.ts';
import { contrastOperation } from './contrast.ts';
import { convertOperation } from './convert.ts';
import { dryDownOperation } from './dry-down.ts';
import { pictureOperation } from './picture.ts';
import { sequenceOperation } from './sequence.ts';
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
import { twoNegativesOperation } from './two-negatives.ts';

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
  cornerFallOffOperation,
  keyLineOperation,
  sequenceOperation,
  convertOperation,
  dryDownOperation,
  pictureOperation,
  colourPackOperation,
  ringAroundOperation,
  twoNegativesOperation,
  mixOperation,
  mixFromStockOperation,
  twoStageOperation,
  temperOperation,
  iceOperation,
  waterBathOperation,
  bathStateOperation,
  clipTestOperation,
  washOperation,
  filmSpeedOperation,
  developmentSeriesOperation,
  reciprocityOperation,
  paperTabletOperation,
  readTabletOperation,
  safelightOperation,
  thermometerOperation,
  lampLagOperation,
  blindPairsOperation,
  eveningOperation,
] as unknown as readonly Operation[];
