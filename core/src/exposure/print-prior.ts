import {
  lookedAtWith,
  type ContrastSet,
  type ContrastSetting,
} from '../paper/contrast-sets/set.ts';
import { toneRange } from '../paper/contrast.ts';
import type { Paper } from '../paper/paper.ts';
import type { PaperCurve } from '../paper/curve.ts';
import { curveForRange, logFromSpeedPoint } from '../paper/range.ts';
import { STOP_IN_LOG } from '../quantity/stops.ts';
import { Refusal } from '../refusal.ts';
import { lightnessOf } from '../picture/lightness.ts';
import { densityAt, logOfTone } from '../paper/curve.ts';
import {
  EYE_LIGHTNESS,
  EYE_STOPS,
  lookWithin,
  type WayOfLooking,
  type WayOfLookingId,
} from './ways-of-looking.ts';

/** A place of the picture that is looked at. */
export type Place = 'highlight' | 'shadow';

/** What another box may differ by from the one that prints have taught. */
export interface AnotherBox {
  /** So many prints are the first of one that differs by more than its speed. */
  readonly share: number;
  /** How far a setting may then be out: its speed, stops, and its range, as a share. */
  readonly speedWithinStops: number;
  readonly rangeWithinShare: number;
  /** The speed of all settings together, one standard deviation, stops. */
  readonly ownSpeedStops: number;
}

/** What is taken for granted before the first strip, each with how far it may be out. */
export interface PrintPrior {
  readonly paper: Paper;
  readonly set: ContrastSet;
  /** Where the two places are meant to be, density above Dmin. */
  readonly highlightDensity: number;
  readonly shadowDensity: number;
  /** A first guess at the highlight's time, s, and the stops by which it may be out. */
  readonly guessSeconds: number;
  readonly guessWithinStops: number;
  /** The lamp's lag, s, and by how much it may be out; 0 when it was measured. */
  readonly lagSeconds: number;
  readonly lagWithinSeconds: number;
  /** Eyes differ: how many err by how many times the usual; one like any other unless said. */
  readonly eyes?: WayOfLooking['people'];
  /** The same of those who look beside a tone card. */
  readonly cards?: WayOfLooking['people'];
  /** How the next strip will be looked at; by eye unless said. */
  readonly lookedAt?: WayOfLookingId;
  /** Some lamps lag by far more: how many of them, by how much, and how far that may be out, s. */
  readonly lagOddly?: {
    readonly share: number;
    readonly seconds: number;
    readonly withinSeconds: number;
  };
  /** Paper comes in boxes; none is another unless said. */
  readonly anotherBox?: AnotherBox;
  /** How far the speed of a setting may be out, stops, and its range, as a share. */
  readonly speedWithinStops: number;
  readonly rangeWithinShare: number;
}

/** The negative's need at ISO speed, log2 s; its range, R; the lag, s; the shape of the paper's toe; the probe's constant. */
export const NEED = 0;
export const RANGE = 1;
export const LAG = 2;
export const SHAPE = 3;
export const PROBE = 4;
/** Behind them each setting's speed, stops, and its range, R, against what the set says. */
export const SETTINGS = 5;
export const speedAt = (index: number) => SETTINGS + 2 * index;
export const rangeAt = (index: number) => SETTINGS + 2 * index + 1;

/** No setting is harder than about this, and there the toe's shape no longer tells, R. */
const HARDEST = 48;
/** Before anything was seen a negative asks for R 110, give or take this. */
export const USUAL_RANGE = 110;
export const STOPS_TO_R = 100 * STOP_IN_LOG;

/** How a setting stands on the prior's paper. */
export interface SettingModel {
  /** log2 of what the highlight needs at this setting against ISO speed 0. */
  readonly highlightStops: number;
  /** The log range between the two tones, R. */
  readonly toneRange: number;
  /** What a softer setting by one R does to the highlight's need, stops. */
  readonly stopsPerRange: number;
  /** What one look at the shadow errs by there, one standard deviation, stops. */
  readonly shadowLookStops: number;
}

/** In a black that no longer changes an eye is no better than this, stops. */
const WORST_LOOK = 2;

/** What an eye that sees so much lightness sees of exposure at a tone: little where the curve runs into its black. */
const shadowLook = (curve: PaperCurve, netDensity: number): number => {
  const at = logOfTone(curve, netDensity);
  const lightness = (stops: number) =>
    lightnessOf(10 ** -densityAt(curve, at + stops * STOP_IN_LOG));
  const perStop = (lightness(-0.25) - lightness(0.25)) / 0.5;
  return Math.min(WORST_LOOK, EYE_LIGHTNESS / Math.max(1e-6, perStop));
};

/** Curves are dear, and every prior on a paper asks for the same ones. */
const models = new WeakMap<Paper, WeakMap<ContrastSet, Map<string, readonly SettingModel[]>>>();

/** log2 of what a tone needs at a setting against ISO speed 0, and what a softer setting by one R does to it, stops. */
export const toneNeed = (
  paper: Paper,
  { range, speedStops }: ContrastSetting,
  netDensity: number,
): { readonly stops: number; readonly stopsPerRange: number } => {
  const stops = (r: number) => logFromSpeedPoint(curveForRange(paper, r), netDensity) / STOP_IN_LOG;
  return {
    stops: stops(range) - speedStops,
    stopsPerRange: stops(range + 0.5) - stops(range - 0.5),
  };
};

/** How much of the toe's shape a setting shows: all of it at the usual contrast, none at the hardest. */
export const shapeShare = ({ range }: ContrastSetting): number =>
  (range - HARDEST) / (USUAL_RANGE - HARDEST);

/** How every setting of the prior's set stands on its paper. */
export const modelsOf = (prior: PrintPrior): readonly SettingModel[] => {
  const { paper, set, highlightDensity, shadowDensity } = prior;
  const onPaper = models.get(paper) ?? new WeakMap<ContrastSet, Map<string, SettingModel[]>>();
  models.set(paper, onPaper);
  const ofSet = onPaper.get(set) ?? new Map<string, readonly SettingModel[]>();
  onPaper.set(set, ofSet);
  const tones = `${highlightDensity} ${shadowDensity}`;
  const known = ofSet.get(tones);
  if (known) return known;
  const made = lookedAtWith(set).map((setting): SettingModel => {
    const { stops, stopsPerRange } = toneNeed(paper, setting, highlightDensity);
    const curve = curveForRange(paper, setting.range);
    return {
      highlightStops: stops,
      toneRange: toneRange(curve, highlightDensity, shadowDensity),
      stopsPerRange,
      shadowLookStops: shadowLook(curve, shadowDensity),
    };
  });
  ofSet.set(tones, made);
  return made;
};

/** The setting nearest to a range, by its place in the set. */
export const nearestIndex = (settings: readonly ContrastSetting[], range: number): number => {
  return settings.reduce(
    (best, setting, index) =>
      Math.abs(setting.range - range) < Math.abs(settings[best]!.range - range) ? index : best,
    0,
  );
};

/** Where a setting stands in the prior's set. */
export const indexOfSetting = (prior: PrintPrior, settingId: string): number => {
  const index = lookedAtWith(prior.set).findIndex(({ id }) => id === settingId);
  if (index === -1) {
    throw new Refusal('setting', '/setting', `The ${prior.set.noun} has no setting ${settingId}.`);
  }
  return index;
};

/** What one look at a place errs by at a setting, by an eye like any other, one standard deviation, stops. */
export const lookAt = (
  prior: PrintPrior,
  index: number,
  place: Place,
  way: WayOfLookingId,
): number =>
  place === 'highlight'
    ? lookWithin(way)
    : (modelsOf(prior)[index]!.shadowLookStops * lookWithin(way)) / EYE_STOPS;

/** log2 of the light that a place needs at a setting, as a sum of what is believed. */
export const needAt = (
  prior: PrintPrior,
  index: number,
  place: Place,
): { weights: Map<number, number>; offset: number } => {
  const model = modelsOf(prior)[index]!;
  const setting = lookedAtWith(prior.set)[index]!;
  const shadow = place === 'shadow' ? 1 / STOPS_TO_R : 0;
  return {
    weights: new Map([
      [NEED, 1],
      [SHAPE, shapeShare(setting)],
      [speedAt(index), 1],
      [rangeAt(index), model.stopsPerRange + shadow],
      ...(place === 'shadow' ? ([[RANGE, -shadow]] as const) : []),
    ]),
    offset: model.highlightStops + shadow * model.toneRange,
  };
};
