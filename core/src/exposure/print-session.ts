import type { Paper } from '../paper/paper.ts';
import type { ContrastSet } from '../paper/contrast-sets/set.ts';
import type { Certainty } from './certainty.ts';
import type { ProbeReadings } from './see-probe.ts';
import type { Lamp, StripChoices } from './strip.ts';
import type { People, WayOfLookingId } from './ways-of-looking.ts';

/** A strip with what was seen on it. */
export interface SessionStrip {
  readonly settingId: string;
  readonly choices: StripChoices;
  readonly lamp: Lamp;
  /** The patch that is right for a place, index from 0; a half is between two. On one patch alone a word of `patchWords`. */
  readonly highlight?: number;
  readonly shadow?: number;
  /** What a second of then is worth now, where the set-up was changed since, and how far that may be out, stops. */
  readonly worth?: number;
  readonly doubtStops?: number;
  /** How it was looked at; by eye unless said. */
  readonly way?: WayOfLookingId;
}

/** A print made before in the same set-up: the tones it was meant for, and its strips. */
export interface EarlierPrint {
  readonly highlightDensity: number;
  readonly shadowDensity: number;
  readonly lamp: Lamp;
  readonly strips: readonly SessionStrip[];
  readonly readings?: ProbeReadings;
}

/** All that is known while a print is worked out. */
export interface PrintSession {
  readonly paper: Paper;
  readonly set: ContrastSet;
  readonly highlightDensity: number;
  readonly shadowDensity: number;
  readonly lamp: Lamp;
  /** In the order in which they were made, at least one with a pick; where places were read, one that is only planned will do. */
  readonly strips: readonly SessionStrip[];
  /** Highlight and shadow as a probe or a densitometer reads them. */
  readonly readings?: ProbeReadings;
  /** Oldest first. */
  readonly earlier: readonly EarlierPrint[];
  /** How the next strip will be looked at; by eye unless said. */
  readonly way?: WayOfLookingId;
  /** Who may be looking, by prints in other set-ups (`peopleSeen`); anybody unless said. */
  readonly people?: People;
  readonly wanted: Pick<Certainty, 'stops' | 'range'>;
  /** Contrasts on one strip, 1 or 2. */
  readonly mostParts: number;
}
