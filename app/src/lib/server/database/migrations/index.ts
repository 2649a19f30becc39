import { firstSlice } from './0001-first-slice.ts';
import { film } from './0002-film.ts';
import { printsByPaper } from './0003-prints-by-paper.ts';
import { printSetups } from './0004-print-setups.ts';
import { forgottenAndFound } from './0005-forgotten-and-found.ts';
import { printsInHand } from './0006-prints-in-hand.ts';
import { versionsAndSheets } from './0007-versions-and-sheets.ts';
import { negatives } from './0008-negatives.ts';
import { trayEvents } from './0009-tray-events.ts';
import { vessels } from './0010-vessels.ts';
import { bathEntries } from './0011-bath-entries.ts';
import { booked } from './0012-booked.ts';
import { substances } from './0013-substances.ts';
import { pictures } from './0014-pictures.ts';
import { byNegative } from './0015-by-negative.ts';
import { unjudged } from './0016-unjudged.ts';
import { logbookColumns } from './0017-logbook-columns.ts';
import { originals } from './0018-originals.ts';
import { calibrations } from './0019-calibrations.ts';
import { colourPrints } from './0020-colour-prints.ts';
import { twoNegatives } from './0021-two-negatives.ts';
import { pictureColours } from './0022-picture-colours.ts';
import type { Migration } from './migration.ts';

/** Every migration, oldest first. */
export const migrations: readonly Migration[] = [
  firstSlice,
  film,
  printsByPaper,
  printSetups,
  forgottenAndFound,
  printsInHand,
  versionsAndSheets,
  negatives,
  trayEvents,
  vessels,
  bathEntries,
  booked,
  substances,
  pictures,
  byNegative,
  unjudged,
  logbookColumns,
  originals,
  calibrations,
  colourPrints,
  twoNegatives,
  pictureColours,
];
