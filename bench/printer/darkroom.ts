import {
  EYE_STOPS,
  STOP_IN_LOG,
  contrastSet,
  curveForRange,
  defaultPaper,
  logFromSpeedPoint,
  toneById,
  toneRange,
  type ContrastSet,
  type FiredPatch,
  type Paper,
} from '../../core/src/index.ts';
import type { Random } from './random.ts';

/** Where the printer means the two places to be on the default paper; on another paper at the same share of its black. */
export const HIGHLIGHT = toneById('VIII').netDensity;
export const SHADOW = toneById('II').netDensity;

/** A first guess at the time, s, for every print: nobody knows more before the first strip. */
export const GUESS_SECONDS = 12;

/** How the truth is drawn; all of it even unless said. */
const SPEED_STOPS = 0.25;
const RANGE_SHARE = 0.08;
const GUESS_STOPS = 3;
const MOST_LAG = 0.4;
/** Some setting prints the negative within this, R. */
const PRINTABLE = 2;

/** A set-up with its truth: enlarger, paper, settings. */
export interface Setup {
  readonly set: ContrastSet;
  readonly lagSeconds: number;
  /** log10 of the light that a probe shows for a negative that needs a second at ISO speed. */
  readonly probeLog: number;
  readonly settings: readonly {
    readonly id: string;
    /** Light that a highlight needs against ISO speed 0, stops. */
    readonly stops: number;
    /** The log range between the two tones, R. */
    readonly tones: number;
  }[];
}

/** A set-up with one negative in it, and what is true there. */
export interface Darkroom extends Setup {
  /** Light that the highlight needs at each setting, s. */
  readonly needs: ReadonlyMap<string, number>;
  /** By how many R each setting is too soft (positive) or too hard. */
  readonly mismatch: ReadonlyMap<string, number>;
  /** What a probe shows at the two places, log10. */
  readonly probe: { readonly highlightLog: number; readonly shadowLog: number };
}

function paperOf(random: Random): Paper {
  const layers = random.whole(4, 9);
  const span = random.between(1.4, 1.9);
  return {
    dMin: 0.06,
    dMax: random.between(1.8, 2.3),
    slope: random.between(4.8, 6.2),
    layerOffsets: Array.from({ length: layers }, (_, layer) => (span * layer) / (layers - 1)),
  };
}

/** Draws a set-up: a paper that is not the default, settings that are not what they say, a lamp that lags. */
export function drawSetup(random: Random): Setup {
  const set = contrastSet('filters');
  const paper = paperOf(random);
  const share = (paper.dMax - paper.dMin) / (defaultPaper.dMax - defaultPaper.dMin);
  return {
    set,
    lagSeconds: random.between(0, MOST_LAG),
    probeLog: random.between(-1, 1),
    settings: set.settings.map(({ id, range, speedStops }) => {
      const curve = curveForRange(paper, range * (1 + random.between(-RANGE_SHARE, RANGE_SHARE)));
      const speed = speedStops + random.between(-SPEED_STOPS, SPEED_STOPS);
      return {
        id,
        stops: logFromSpeedPoint(curve, HIGHLIGHT) / STOP_IN_LOG - speed,
        tones: toneRange(curve, HIGHLIGHT, SHADOW * share),
      };
    }),
  };
}

/** Puts a negative into a set-up that some setting prints. */
export function withNegative(setup: Setup, random: Random): Darkroom {
  const { settings } = setup;
  const right = settings[random.whole(0, settings.length - 1)]!;
  return room(setup, right, right.tones + random.between(-PRINTABLE, PRINTABLE), random);
}

/** How far beyond the last setting a negative lies that none holds, R. */
const BEYOND = [15, 40] as const;

/** Puts a negative into a set-up that no setting holds: flatter than the hardest prints, or longer than the softest. */
export function withHopelessNegative(setup: Setup, random: Random): Darkroom {
  const ordered = [...setup.settings].sort((a, b) => a.tones - b.tones);
  const off = random.between(...BEYOND);
  const flat = random.between(0, 1) < 0.5;
  const right = flat ? ordered[0]! : ordered.at(-1)!;
  return room(setup, right, right.tones + (flat ? -off : off), random);
}

function room(
  setup: Setup,
  right: Setup['settings'][number],
  negative: number,
  random: Random,
): Darkroom {
  const { settings } = setup;
  const seconds = GUESS_SECONDS * 2 ** random.between(-GUESS_STOPS, GUESS_STOPS);
  const highlightLog = setup.probeLog - Math.log10(seconds) + right.stops * STOP_IN_LOG;
  return {
    ...setup,
    needs: new Map(settings.map(({ id, stops }) => [id, seconds * 2 ** (stops - right.stops)])),
    mismatch: new Map(settings.map(({ id, tones }) => [id, tones - negative])),
    probe: { highlightLog, shadowLog: highlightLog + negative / 100 },
  };
}

/** Light that a place needs at a setting, s. */
function needed(room: Darkroom, settingId: string, place: 'highlight' | 'shadow'): number {
  const highlight = room.needs.get(settingId)!;
  return place === 'highlight'
    ? highlight
    : highlight * 10 ** (room.mismatch.get(settingId)! / 100);
}

const lightOf = (room: Darkroom, { dialSeconds, firings }: FiredPatch) =>
  Math.max(1e-3, dialSeconds - firings * room.lagSeconds);

/** What a printer's eye picks: the truth, missed by the eye, on the nearest half of a patch. */
export function look(
  room: Darkroom,
  settingId: string,
  place: 'highlight' | 'shadow',
  patches: readonly FiredPatch[],
  random: Random,
): number {
  const seen = Math.log2(needed(room, settingId, place)) + EYE_STOPS * random.normal();
  const stops = patches.map((patch) => Math.log2(lightOf(room, patch)));
  const last = stops.length - 1;
  if (seen <= stops[0]!) return 0;
  if (seen >= stops[last]!) return last;
  const above = stops.findIndex((value) => value >= seen);
  const share = (seen - stops[above - 1]!) / (stops[above]! - stops[above - 1]!);
  return Math.round((above - 1 + share) * 2) / 2;
}

/** How far a print made in one firing is out. */
export function errorOf(room: Darkroom, settingId: string, dialSeconds: number) {
  const light = lightOf(room, { dialSeconds, firings: 1 });
  return {
    stops: Math.abs(Math.log2(light / room.needs.get(settingId)!)),
    range: Math.abs(room.mismatch.get(settingId)!),
  };
}
