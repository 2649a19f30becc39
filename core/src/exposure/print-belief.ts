import {
  observeWithin,
  spreadOf,
  type Gaussian,
  type Spread,
  type Weights,
} from '../numeric/gaussian.ts';
import type { ContrastSet, ContrastSetting } from '../paper/contrast-sets/set.ts';
import { toneRange } from '../paper/contrast.ts';
import type { Paper } from '../paper/paper.ts';
import { curveForRange, logFromSpeedPoint } from '../paper/range.ts';
import { STOP_IN_LOG } from '../quantity/stops.ts';
import { Refusal } from '../refusal.ts';

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
  /** How far the speed of a setting may be out, stops, and its range, as a share. */
  readonly speedWithinStops: number;
  readonly rangeWithinShare: number;
}

/** What is believed of a print: the negative, the lamp, the paper's shape, and every setting. */
export interface PrintBelief {
  readonly prior: PrintPrior;
  readonly state: Gaussian;
}

/** A patch as it was fired. */
export interface FiredPatch {
  /** All that was dialled for it, s. */
  readonly dialSeconds: number;
  /** In how many firings. */
  readonly firings: number;
  /** What a second of then is worth in the set-up of now, where that was changed since; 1 unless said. */
  readonly worth?: number;
}

/** A look at a strip: which patch, or place between two, is right for a place of the picture. */
export interface Look {
  readonly settingId: string;
  readonly place: 'highlight' | 'shadow';
  readonly patches: readonly FiredPatch[];
  /** Index from 0; a half is between two patches. */
  readonly position: number;
}

/** What a setting promises. */
export interface SettingOutlook {
  readonly setting: ContrastSetting;
  /** What to dial for one firing that makes the highlight right, s. */
  readonly dialSeconds: number;
  /** One standard deviation of that, stops. */
  readonly stopsSd: number;
  /** By how many R the setting is softer (positive) or harder than the negative asks for. */
  readonly mismatch: number;
  readonly mismatchSd: number;
}

/** One look errs by this, one standard deviation, stops. */
export const EYE_STOPS = 1 / 12;

/** The negative's need at ISO speed, log2 s; its range, R; the lag, s; the shape of the paper's toe; the probe's constant. */
const NEED = 0;
const RANGE = 1;
const LAG = 2;
const SHAPE = 3;
const PROBE = 4;
const SETTINGS = 5;

/** The toe of a paper may need this much more or less light for a highlight at R 110, one standard deviation, stops. */
const SHAPE_STOPS = 0.112;
/** No setting is harder than about this, and there the toe's shape no longer tells, R. */
const HARDEST = 48;
/** Before anything was seen a negative asks for R 110, give or take this. */
const USUAL_RANGE = 110;
const RANGE_SD = 35;
const STOPS_TO_R = 100 * STOP_IN_LOG;
const LN2 = Math.LN2;

/** Nothing is known of a probe's constant before a print was made with it, stops. */
const PROBE_SD = 8;
/** A probe on the baseboard errs by this, stops and R. */
const PROBE_STOPS = 0.03;
const PROBE_RANGE = 1;

/** A uniform error of ±w has this share of w as standard deviation. */
const UNIFORM = 1 / Math.sqrt(3);

/** How a setting stands on the prior's paper. */
interface SettingModel {
  /** log2 of what the highlight needs at this setting against ISO speed 0. */
  readonly highlightStops: number;
  /** The log range between the two tones, R. */
  readonly toneRange: number;
  /** What a softer setting by one R does to the highlight's need, stops. */
  readonly stopsPerRange: number;
}

const models = new WeakMap<PrintPrior, readonly SettingModel[]>();

function modelsOf(prior: PrintPrior): readonly SettingModel[] {
  const known = models.get(prior);
  if (known) return known;
  const { paper, set, highlightDensity, shadowDensity } = prior;
  const made = set.settings.map(({ range, speedStops }): SettingModel => {
    const stops = (r: number) =>
      logFromSpeedPoint(curveForRange(paper, r), highlightDensity) / STOP_IN_LOG;
    return {
      highlightStops: stops(range) - speedStops,
      toneRange: toneRange(curveForRange(paper, range), highlightDensity, shadowDensity),
      stopsPerRange: stops(range + 0.5) - stops(range - 0.5),
    };
  });
  models.set(prior, made);
  return made;
}

const speedAt = (index: number) => SETTINGS + 2 * index;
const rangeAt = (index: number) => SETTINGS + 2 * index + 1;

/**
 * What is believed before the first strip.
 * @param prior paper, contrast set, tones, first guess in s, and how far each may be out
 * @returns the belief
 * @throws Refusal `guess` unless the guess is more than zero; `density` when the paper cannot show a tone
 * @source independent Gaussians; a uniform error of ±w counts as one of w/√3
 * @example
 * settingOutlook(beginBelief({ paper: defaultPaper, set: contrastSet("filters"), highlightDensity: 0.1, shadowDensity: 1.72, guessSeconds: 10, guessWithinStops: 3, lagSeconds: 0, lagWithinSeconds: 0, speedWithinStops: 0.25, rangeWithinShare: 0.08 }), "2").dialSeconds // ≈ 10.0
 */
export function beginBelief(prior: PrintPrior): PrintBelief {
  if (!(prior.guessSeconds > 0)) {
    throw new Refusal('guess', '/guessSeconds', 'A first guess at the time is more than zero.');
  }
  const settings = prior.set.settings;
  const usual = modelsOf(prior)[nearest(settings, USUAL_RANGE)]!;
  const size = SETTINGS + 2 * settings.length;
  const mean = Array.from({ length: size }, () => 0);
  const sd = Array.from({ length: size }, () => 0);
  mean[NEED] = Math.log2(prior.guessSeconds - prior.lagSeconds) - usual.highlightStops;
  sd[NEED] = prior.guessWithinStops * UNIFORM;
  mean[RANGE] = usual.toneRange;
  sd[RANGE] = RANGE_SD;
  mean[LAG] = prior.lagSeconds;
  sd[LAG] = prior.lagWithinSeconds * UNIFORM;
  sd[SHAPE] = SHAPE_STOPS;
  sd[PROBE] = PROBE_SD;
  settings.forEach(({ range }, index) => {
    sd[speedAt(index)] = prior.speedWithinStops * UNIFORM;
    sd[rangeAt(index)] = prior.rangeWithinShare * UNIFORM * range;
  });
  const covariance = sd.map((value, i) => sd.map((_, j) => (i === j ? value ** 2 : 0)));
  return { prior, state: { mean, covariance } };
}

function nearest(settings: readonly ContrastSetting[], range: number): number {
  return settings.reduce(
    (best, setting, index) =>
      Math.abs(setting.range - range) < Math.abs(settings[best]!.range - range) ? index : best,
    0,
  );
}

function indexOf(prior: PrintPrior, settingId: string): number {
  const index = prior.set.settings.findIndex(({ id }) => id === settingId);
  if (index === -1) {
    throw new Refusal('setting', '/setting', `The ${prior.set.noun} has no setting ${settingId}.`);
  }
  return index;
}

/** log2 of the light that a place needs at a setting, as a sum of what is believed. */
function needAt(
  prior: PrintPrior,
  index: number,
  place: Look['place'],
): { weights: Map<number, number>; offset: number } {
  const model = modelsOf(prior)[index]!;
  const { range } = prior.set.settings[index]!;
  const shadow = place === 'shadow' ? 1 / STOPS_TO_R : 0;
  return {
    weights: new Map([
      [NEED, 1],
      [SHAPE, (range - HARDEST) / (USUAL_RANGE - HARDEST)],
      [speedAt(index), 1],
      [rangeAt(index), model.stopsPerRange + shadow],
      ...(place === 'shadow' ? ([[RANGE, -shadow]] as const) : []),
    ]),
    offset: model.highlightStops + shadow * model.toneRange,
  };
}

/** Light of a patch at a lag, never less than a sliver, s. */
const lightOf = ({ dialSeconds, firings, worth = 1 }: FiredPatch, lag: number) =>
  worth * Math.max(dialSeconds - firings * lag, dialSeconds / 50);

/** What a fractional place on a strip got: even in stops between neighbours. */
function patchAt(patches: readonly FiredPatch[], position: number): FiredPatch {
  const lower = Math.min(Math.max(Math.floor(position), 0), patches.length - 2);
  const a = patches[lower]!;
  const b = patches[lower + 1]!;
  const share = position - lower;
  return {
    dialSeconds: a.dialSeconds * (b.dialSeconds / a.dialSeconds) ** share,
    firings: a.firings + (b.firings - a.firings) * share,
    ...(a.worth !== undefined && { worth: a.worth }),
  };
}

/** A pick is no finer than this much of a patch, either way. */
const PICK_WITHIN = 0.25;

/**
 * The belief after a look at a strip. A pick at the end of a strip says only that the right exposure lies there or beyond.
 * @param belief before
 * @param look setting, place of the picture, patches as fired (s), and the patch picked
 * @param eyeStops how far a look errs, one standard deviation, stops
 * @returns the belief after
 * @throws Refusal `pick-outside` when the strip has no such patch, `setting` for an unknown setting
 * @source assumed-density filtering of "the right exposure lies between these two, by an eye that errs"
 * @example
 * Math.round(settingOutlook(seePick(beginBelief({ paper: defaultPaper, set: contrastSet("filters"), highlightDensity: 0.1, shadowDensity: 1.72, guessSeconds: 10, guessWithinStops: 3, lagSeconds: 0, lagWithinSeconds: 0, speedWithinStops: 0.25, rangeWithinShare: 0.08 }), { settingId: "2", place: "highlight", patches: [10, 12.6, 15.9].map((dialSeconds) => ({ dialSeconds, firings: 1 })), position: 1 }, 1 / 12), "2").dialSeconds * 10) // = 126
 */
export function seePick(belief: PrintBelief, look: Look, eyeStops: number): PrintBelief {
  const { weights, low, high } = boundsOf(belief, look);
  return {
    prior: belief.prior,
    state: observeWithin(belief.state, weights, low, high, eyeStops ** 2),
  };
}

/** Between which bounds a look puts which sum of what is believed. */
function boundsOf(
  { prior, state }: PrintBelief,
  look: Look,
): { weights: Weights; low: number; high: number } {
  const { patches, position } = look;
  const last = patches.length - 1;
  if (!Number.isInteger(position * 2) || position < 0 || position > last) {
    throw new Refusal(
      'pick-outside',
      '/position',
      `The strip has patches 1 to ${patches.length}; pick one, or between two.`,
    );
  }
  const { weights, offset } = needAt(prior, indexOf(prior, look.settingId), look.place);
  const lag = state.mean[LAG]!;
  const picked = patchAt(patches, position);
  // The lag is known only roughly: a second more of it is so many stops less of light.
  const perLag = (picked.firings * (picked.worth ?? 1)) / (lightOf(picked, lag) * LN2);
  weights.set(LAG, perLag);
  const bound = (at: number) =>
    Math.log2(lightOf(patchAt(patches, at), lag)) - offset + perLag * lag;
  return {
    weights,
    low: position === 0 ? -Infinity : bound(position - PICK_WITHIN),
    high: position === last ? Infinity : bound(position + PICK_WITHIN),
  };
}

/**
 * What a setting promises, by all that is believed.
 * @param belief of the print
 * @param settingId such as "2.5"
 * @returns what to dial in s with its spread in stops, and by how many R the setting is too soft or too hard
 * @throws Refusal `setting` for an unknown setting
 * @source the belief's own moments
 * @example
 * settingOutlook(beginBelief({ paper: defaultPaper, set: contrastSet("filters"), highlightDensity: 0.1, shadowDensity: 1.72, guessSeconds: 10, guessWithinStops: 3, lagSeconds: 0, lagWithinSeconds: 0, speedWithinStops: 0.25, rangeWithinShare: 0.08 }), "2").mismatch // ≈ 0
 */
export function settingOutlook(belief: PrintBelief, settingId: string): SettingOutlook {
  const { prior, state } = belief;
  const index = indexOf(prior, settingId);
  const { weights, offset } = needAt(prior, index, 'highlight');
  const lag = state.mean[LAG]!;
  const light = 2 ** (spreadOf(state, weights).mean + offset);
  // What matters is the light: a lag that is not known makes the dialled time uncertain too.
  weights.set(LAG, 1 / (light * LN2));
  const { variance } = spreadOf(state, weights);
  const apart = mismatchOf(belief, index);
  return {
    setting: prior.set.settings[index]!,
    dialSeconds: light + lag,
    stopsSd: Math.sqrt(variance),
    mismatch: apart.mean,
    mismatchSd: Math.sqrt(apart.variance),
  };
}

/** How much softer a setting is than the negative asks for, R. */
function mismatchOf({ prior, state }: PrintBelief, index: number): Spread {
  const weights: Weights = new Map([
    [rangeAt(index), 1],
    [RANGE, -1],
  ]);
  const spread = spreadOf(state, weights);
  return { mean: spread.mean + modelsOf(prior)[index]!.toneRange, variance: spread.variance };
}

/**
 * Where on a strip a place is expected to be right.
 * @param belief of the print
 * @param settingId of the strip
 * @param place highlight or shadow
 * @returns mean and variance of log2 of the light in s
 * @throws Refusal `setting` for an unknown setting
 * @source the belief's own moments
 * @example
 * expectedLight(beginBelief({ paper: defaultPaper, set: contrastSet("filters"), highlightDensity: 0.1, shadowDensity: 1.72, guessSeconds: 8, guessWithinStops: 3, lagSeconds: 0, lagWithinSeconds: 0, speedWithinStops: 0.25, rangeWithinShare: 0.08 }), "2", "highlight").mean // ≈ 3.0
 */
export function expectedLight(
  { prior, state }: PrintBelief,
  settingId: string,
  place: Look['place'],
): Spread {
  const { weights, offset } = needAt(prior, indexOf(prior, settingId), place);
  const spread = spreadOf(state, weights);
  return { mean: spread.mean + offset, variance: spread.variance };
}

/**
 * The belief about another negative in the same set-up: what was learned of lamp, paper, probe and settings stays, what was
 * believed of the last negative goes.
 * @param belief after the last print
 * @param prior of the next one: its guess (s) and its tones; paper and contrast set as before
 * @returns the belief before the first strip of the next one
 * @throws Refusal `guess` unless the guess is more than zero, `setting` when it has another contrast set
 * @source marginal of the Gaussian, joined with a new prior for the negative
 * @example
 * Math.round(settingOutlook(nextNegative(beginBelief({ paper: defaultPaper, set: contrastSet("filters"), highlightDensity: 0.1, shadowDensity: 1.72, guessSeconds: 10, guessWithinStops: 3, lagSeconds: 0, lagWithinSeconds: 0, speedWithinStops: 0.25, rangeWithinShare: 0.08 }), { paper: defaultPaper, set: contrastSet("filters"), highlightDensity: 0.1, shadowDensity: 1.72, guessSeconds: 20, guessWithinStops: 3, lagSeconds: 0, lagWithinSeconds: 0, speedWithinStops: 0.25, rangeWithinShare: 0.08 }), "2").dialSeconds) // = 20
 */
export function nextNegative(
  { prior: before, state }: PrintBelief,
  prior: PrintPrior,
): PrintBelief {
  if (before.set.id !== prior.set.id) {
    throw new Refusal('setting', '/set', 'What was learned is about another set of contrasts.');
  }
  const fresh = beginBelief(prior).state;
  const ofNegative = (i: number) => i === NEED || i === RANGE;
  return {
    prior,
    state: {
      mean: state.mean.map((value, i) => (ofNegative(i) ? fresh.mean[i]! : value)),
      covariance: state.covariance.map((row, i) =>
        row.map((value, j) => (ofNegative(i) || ofNegative(j) ? fresh.covariance[i]![j]! : value)),
      ),
    },
  };
}

/**
 * How well the settings are known, whatever the negative: the part of the belief that prints teach.
 * @param belief of a print
 * @returns one standard deviation of a change from one setting to the next, stops, and of a setting's range, R
 * @source means over neighbouring settings
 * @example
 * settingsKnown(beginBelief({ paper: defaultPaper, set: contrastSet("filters"), highlightDensity: 0.1, shadowDensity: 1.72, guessSeconds: 10, guessWithinStops: 3, lagSeconds: 0, lagWithinSeconds: 0, speedWithinStops: 0.25, rangeWithinShare: 0.08 })).stopsSd // ≈ 0.2
 */
export function settingsKnown({ prior, state }: PrintBelief): { stopsSd: number; rangeSd: number } {
  const indices = prior.set.settings.map((_, index) => index);
  const change = (index: number, of: (index: number) => number) =>
    spreadOf(
      state,
      new Map([
        [of(index), 1],
        [of(index + 1), -1],
      ]),
    ).variance;
  const mean = (of: (index: number) => number) =>
    Math.sqrt(
      indices.slice(0, -1).reduce((sum, index) => sum + change(index, of), 0) /
        Math.max(1, indices.length - 1),
    );
  return { stopsSd: mean(speedAt), rangeSd: mean(rangeAt) };
}

/**
 * By how much a look disagrees with what was believed before it.
 * @param belief before the look
 * @param look at a strip
 * @param eyeStops how far a look errs, one standard deviation, stops
 * @returns stops from what was expected to the nearest edge of what was picked, and the same in standard deviations; 0 when it fits
 * @throws Refusal as `seePick`
 * @source the belief's own moments
 * @example
 * surprise(beginBelief({ paper: defaultPaper, set: contrastSet("filters"), highlightDensity: 0.1, shadowDensity: 1.72, guessSeconds: 10, guessWithinStops: 3, lagSeconds: 0, lagWithinSeconds: 0, speedWithinStops: 0.25, rangeWithinShare: 0.08 }), { settingId: "2", place: "highlight", patches: [8, 10, 12.5].map((dialSeconds) => ({ dialSeconds, firings: 1 })), position: 1 }, 1 / 12).stops // = 0
 */
export function surprise(
  belief: PrintBelief,
  look: Look,
  eyeStops: number,
): { stops: number; deviations: number } {
  const { weights, low, high } = boundsOf(belief, look);
  const { mean, variance } = spreadOf(belief.state, weights);
  const stops = mean < low ? low - mean : mean > high ? high - mean : 0;
  return { stops, deviations: Math.abs(stops) / Math.sqrt(variance + eyeStops ** 2) };
}

/** Two readings of a light probe on the baseboard, of the highlight and of the shadow. */
export interface ProbeReadings {
  /** log10 of the light there, on the probe's own scale. */
  readonly highlightLog: number;
  readonly shadowLog: number;
}

/**
 * The belief after two probe readings: the negative's range at once, its time as soon as a print has told the probe's
 * constant.
 * @param belief before
 * @param readings log10 of the light at highlight and shadow
 * @returns the belief after
 * @source the light is the reciprocal of the time needed, up to the probe's constant
 * @example
 * settingOutlook(seeProbe(beginBelief({ paper: defaultPaper, set: contrastSet("filters"), highlightDensity: 0.1, shadowDensity: 1.72, guessSeconds: 10, guessWithinStops: 3, lagSeconds: 0, lagWithinSeconds: 0, speedWithinStops: 0.25, rangeWithinShare: 0.08 }), { highlightLog: 1, shadowLog: 1.938 }), "2").mismatchSd < 6 // = true
 */
export function seeProbe({ prior, state }: PrintBelief, readings: ProbeReadings): PrintBelief {
  const { highlightLog, shadowLog } = readings;
  const near = (seen: number, within: number) => [seen - within / 10, seen + within / 10] as const;
  const stops = -highlightLog / STOP_IN_LOG;
  const constant: Weights = new Map([
    [NEED, 1],
    [PROBE, 1],
  ]);
  const [low, high] = near(stops, PROBE_STOPS);
  const known = observeWithin(state, constant, low, high, PROBE_STOPS ** 2);
  const [least, most] = near(100 * (shadowLog - highlightLog), PROBE_RANGE);
  return {
    prior,
    state: observeWithin(known, new Map([[RANGE, 1]]), least, most, PROBE_RANGE ** 2),
  };
}
