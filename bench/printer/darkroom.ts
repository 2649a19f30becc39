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
  type ContrastSetId,
  type FiredPatch,
  type Paper,
} from '../../core/src/index.ts';
import type { Random } from './random.ts';

/** Where the printer means the two places to be on the default paper; on another paper at the same share of its black. */
export const HIGHLIGHT = toneById('VIII').netDensity;
export const SHADOW = toneById('II').netDensity;

/** A first guess at the time, s, for every print: nobody knows more before the first strip. */
export const GUESS_SECONDS = 12;

/** How the truth of a room is drawn: all of it even between its bounds. */
export interface RoomKind {
  readonly setId: ContrastSetId;
  /** How far a filter's speed and range are from what the set says. */
  readonly speedStops: number;
  readonly rangeShare: number;
  /** The first guess is out by as much, either way. */
  readonly guessStops: readonly [number, number];
  readonly lagSeconds: readonly [number, number];
  readonly dMax: readonly [number, number];
  /** The eye's error at a highlight, one standard deviation; drawn as people are unless said. How many looks are slips. */
  readonly eyeStops?: number;
  readonly slips: number;
  /** Under this lamp wet strips look so much lighter than they will dry in the day, stops; none unless said. */
  readonly biasStops?: number;
  readonly contrasts: ContrastKind;
}

/**
 * What contrast negatives ask for. Fitting: some setting, any of them, prints it all but exactly. Alike: the same, of three
 * settings side by side, as negatives of one film and one development. Any: all between the softest setting and the hardest.
 */
export type ContrastKind = 'fitting' | 'alike' | 'any';

/** As the belief itself takes rooms to be. */
export const usualRoom: RoomKind = {
  setId: 'filters',
  speedStops: 0.25,
  rangeShare: 0.08,
  guessStops: [0, 3],
  lagSeconds: [0, 0.4],
  dMax: [1.8, 2.3],
  slips: 0,
  contrasts: 'fitting',
};

/** Negatives of one film, developed alike: within a stop of one another's middle, and of neighbouring contrasts. */
export const alikeRoom: RoomKind = { ...usualRoom, guessStops: [0, 1], contrasts: 'alike' };

/** The setting that prints a negative that fits does so within this, R. */
const FITTING = 2;

/** A set-up with its truth: enlarger, paper, settings. */
export interface Setup {
  readonly kind: RoomKind;
  readonly set: ContrastSet;
  readonly lagSeconds: number;
  /** The eye's error at a highlight, one standard deviation, stops. */
  readonly eyeStops: number;
  /** The middle of three settings that negatives alike are printed at. */
  readonly usual: number;
  readonly settings: readonly {
    readonly id: string;
    /** Light that a highlight needs against ISO speed 0, stops. */
    readonly stops: number;
    /** The log range between the two tones, R. */
    readonly tones: number;
    /** By how many times as much an eye errs at the shadow as at a highlight. */
    readonly darker: number;
  }[];
}

/** A set-up with one negative in it, and what is true there. */
export interface Darkroom extends Setup {
  /** Light that the highlight needs at each setting, s. */
  readonly needs: ReadonlyMap<string, number>;
  /** By how many R each setting is too soft (positive) or too hard. */
  readonly mismatch: ReadonlyMap<string, number>;
}

function paperOf(random: Random, kind: RoomKind): Paper {
  const layers = random.whole(4, 9);
  const span = random.between(1.4, 1.9);
  return {
    dMin: 0.06,
    dMax: random.between(...kind.dMax),
    slope: random.between(4.8, 6.2),
    layerOffsets: Array.from({ length: layers }, (_, layer) => (span * layer) / (layers - 1)),
  };
}

/** People: so many have an eye like this, so many times worse than the best. */
const timesOf = (at: number) => (at < 0.6 ? 1 : at < 0.9 ? 1.5 : 2.5);
/** What a good eye errs by at II, stops, by the paper’s R: it sees lightness, of which a soft paper’s black has little to a stop. */
const SHADOW_EYE = [
  { range: 52, stops: 0.08 },
  { range: 110, stops: 0.17 },
  { range: 170, stops: 0.28 },
] as const;

function shadowEye(range: number): number {
  const found = SHADOW_EYE.findIndex((one) => one.range >= range);
  const next = found < 0 ? SHADOW_EYE.length - 1 : Math.max(1, found);
  const [a, b] = [SHADOW_EYE[next - 1]!, SHADOW_EYE[next]!];
  const at = a.stops + ((b.stops - a.stops) * (range - a.range)) / (b.range - a.range);
  return Math.max(0.05, at);
}

/** Draws a set-up: a paper that is not the default, settings that are not what they say, a lamp that lags. */
export function drawSetup(random: Random, kind: RoomKind): Setup {
  const set = contrastSet(kind.setId);
  const paper = paperOf(random, kind);
  const share = (paper.dMax - paper.dMin) / (defaultPaper.dMax - defaultPaper.dMin);
  return {
    kind,
    set,
    lagSeconds: random.between(...kind.lagSeconds),
    eyeStops: kind.eyeStops ?? EYE_STOPS * timesOf(random.next()),
    usual: random.whole(1, set.settings.length - 2),
    settings: set.settings.map(({ id, range, speedStops }) => {
      const trueRange = range * (1 + random.between(-kind.rangeShare, kind.rangeShare));
      const curve = curveForRange(paper, trueRange);
      const speed = speedStops + random.between(-kind.speedStops, kind.speedStops);
      return {
        id,
        stops: logFromSpeedPoint(curve, HIGHLIGHT) / STOP_IN_LOG - speed,
        tones: toneRange(curve, HIGHLIGHT, SHADOW * share),
        darker: shadowEye(trueRange) * 12,
      };
    }),
  };
}

/** What the contrast of a negative in a set-up is, and the setting that comes nearest. */
type Negative = { readonly right: Setup['settings'][number]; readonly tones: number };

const fitting = ({ settings }: Setup, at: number, random: Random): Negative => {
  const right = settings[at]!;
  return { right, tones: right.tones + random.between(-FITTING, FITTING) };
};

const contrastOf: Record<ContrastKind, (setup: Setup, random: Random) => Negative> = {
  fitting: (setup, random) => fitting(setup, random.whole(0, setup.settings.length - 1), random),
  alike: (setup, random) => fitting(setup, setup.usual + random.whole(-1, 1), random),
  any: ({ settings }, random) => {
    const ordered = settings.map((one) => one.tones).sort((a, b) => a - b);
    const tones = random.between(ordered[0]!, ordered.at(-1)!);
    const away = (one: { readonly tones: number }) => Math.abs(one.tones - tones);
    return { tones, right: settings.reduce((a, b) => (away(b) < away(a) ? b : a)) };
  },
};

/** Puts a negative into a set-up that the set can print. */
export function withNegative(setup: Setup, random: Random): Darkroom {
  const { right, tones } = contrastOf[setup.kind.contrasts](setup, random);
  return room(setup, right, tones, random);
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
  const { settings, kind } = setup;
  const off = random.between(...kind.guessStops) * (random.next() < 0.5 ? -1 : 1);
  const seconds = GUESS_SECONDS * 2 ** off;
  return {
    ...setup,
    needs: new Map(settings.map(({ id, stops }) => [id, seconds * 2 ** (stops - right.stops)])),
    mismatch: new Map(settings.map(({ id, tones }) => [id, tones - negative])),
  };
}

/** How another box of paper differs: all its settings by so many stops, and each by as much again, its range by a share. */
export interface BoxKind {
  readonly stops: number;
  readonly settingStops: number;
  readonly rangeShare: number;
}

/** The same room with another box of paper and the same negative in it. */
export function anotherBox(room: Darkroom, box: BoxKind, random: Random): Darkroom {
  const settings = room.settings.map(({ id, stops, tones, darker }) => ({
    ...{ id, darker },
    stops: stops + box.stops + random.between(-box.settingStops, box.settingStops),
    tones: tones * (1 + random.between(-box.rangeShare, box.rangeShare)),
  }));
  const [{ id, stops, tones }] = room.settings as [Setup['settings'][number]];
  const seconds = room.needs.get(id)! * 2 ** -stops;
  const negative = tones - room.mismatch.get(id)!;
  return {
    ...room,
    settings,
    needs: new Map(settings.map((one) => [one.id, seconds * 2 ** one.stops])),
    mismatch: new Map(settings.map((one) => [one.id, one.tones - negative])),
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

/** What a printer's eye picks: the truth, missed by the eye, on the nearest half of a patch; and sometimes a slip. */
export function look(
  room: Darkroom,
  settingId: string,
  place: 'highlight' | 'shadow',
  patches: readonly FiredPatch[],
  random: Random,
  eyeStops = room.eyeStops,
): { readonly position: number; readonly slipped: boolean } {
  const last = patches.length - 1;
  if (random.next() < room.kind.slips) {
    return { position: random.whole(0, 2 * last) / 2, slipped: true };
  }
  const { darker } = room.settings.find(({ id }) => id === settingId)!;
  const errs = eyeStops * (place === 'shadow' ? darker : 1);
  const { biasStops = 0 } = room.kind;
  const seen = Math.log2(needed(room, settingId, place)) + biasStops + errs * random.normal();
  const stops = patches.map((patch) => Math.log2(lightOf(room, patch)));
  if (seen <= stops[0]!) return { position: 0, slipped: false };
  if (seen >= stops[last]!) return { position: last, slipped: false };
  const above = stops.findIndex((value) => value >= seen);
  const share = (seen - stops[above - 1]!) / (stops[above]! - stops[above - 1]!);
  return { position: Math.round((above - 1 + share) * 2) / 2, slipped: false };
}

/** A reading of a probe is out by so much, one standard deviation, log10: aiming, and the instrument. */
const PROBE_LOG = 0.02;

/** What a probe on the baseboard reads at the two places, as it is typed. */
export function readBy(room: Darkroom, random: Random): { highlight: string; shadow: string } {
  const [{ id, stops, tones }] = room.settings as [Setup['settings'][number]];
  const highlight = -(Math.log2(room.needs.get(id)!) - stops) * STOP_IN_LOG;
  const negative = tones - room.mismatch.get(id)!;
  const read = (log: number) => (log + PROBE_LOG * random.normal()).toFixed(2);
  return { highlight: read(highlight), shadow: read(highlight + negative / 100) };
}

/** How far a print made in one firing is out. */
export function errorOf(room: Darkroom, settingId: string, dialSeconds: number) {
  const light = lightOf(room, { dialSeconds, firings: 1 });
  return {
    stops: Math.abs(Math.log2(light / room.needs.get(settingId)!)),
    range: Math.abs(room.mismatch.get(settingId)!),
  };
}

/** What somebody says of a dry print in the day, to a twelfth: darker than it should be, or lighter. */
export function verdictOn(
  room: Darkroom,
  settingId: string,
  dialSeconds: number,
  random: Random,
): number {
  const light = lightOf(room, { dialSeconds, firings: 1 });
  const off = Math.log2(light / room.needs.get(settingId)!) + room.eyeStops * random.normal();
  return Math.round(12 * off) / 12;
}
