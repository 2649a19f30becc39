import type { ContrastSet, ContrastSetting } from '../paper/contrast-sets/set.ts';
import { nearestSetting, settingOf } from '../paper/contrast-sets/index.ts';
import { keepTone, solveContrast, type ContrastAnswer } from '../paper/contrast.ts';
import type { Paper } from '../paper/paper.ts';
import { Refusal } from '../refusal.ts';
import { narrowStrip, type NarrowStrip } from './narrow.ts';
import { readPick, type PickReading } from './pick.ts';

/** The patch judged right for a place, and the tone that place is meant to have. */
export interface Pick {
  /** Index from 0; a half is between two patches. */
  readonly position: number;
  /** Density above Dmin. */
  readonly netDensity: number;
}

/** A strip with what somebody saw on it. */
export interface StripReadingQuestion {
  /** What each patch really got, s, lightest first. */
  readonly patchSeconds: readonly number[];
  readonly set: ContrastSet;
  /** The setting the strip was made at. */
  readonly settingId: string;
  readonly highlight?: Pick;
  readonly shadow?: Pick;
  /** How sure to be, stops. */
  readonly wantedStops: number;
}

/** The contrast part of a reading; there only when both places were picked. */
export interface ContrastReading extends ContrastAnswer {
  /** R′ between the extremes of both brackets, harder first. */
  readonly rangeLow: number;
  readonly rangeHigh: number;
  /** What the nearest setting leaves at the shadow: positive, it comes out that many stops too light. */
  readonly shadowLeftStops: number;
}

/** What a strip says. */
export interface StripReading {
  readonly highlight: PickReading | null;
  readonly shadow: PickReading | null;
  readonly contrast: ContrastReading | null;
  /** The setting to print at: the nearest one the set has. */
  readonly setting: ContrastSetting;
  /** Time to print at that setting, s, with its bracket. */
  readonly seconds: number;
  readonly lowSeconds: number;
  readonly highSeconds: number;
  readonly withinStops: number;
  /** Make the print, narrow further, or make a strip that reaches past this one's end. */
  readonly verdict: 'make-print' | 'narrow' | 'reach-further';
  /** The next strip, at the setting to print at, should one be made. */
  readonly nextStrip: NarrowStrip;
}

/** A timer's rounding makes patches a little uneven; that alone is no reason for another strip. */
const ROUNDING = 1.05;

/** Patches of a strip that has to reach past the end of the last one. */
const REACH_PATCHES = 5;

/**
 * Reads a strip: time from the highlight, contrast from the shadow.
 * @param paper layers
 * @param question patches in s, contrast set and setting, picks with their tones, certainty wanted in stops
 * @returns the time and its bracket, the contrast, and whether another strip is worth the paper
 * @throws Refusal `no-pick` without a pick, and as `readPick`, `settingOf`, `solveContrast`
 * @source time is for the highlights, grade is for the shadows
 * @example
 * readStrip(defaultPaper, { patchSeconds: [8, 10, 12.6, 15.9], set: contrastSet("filters"), settingId: "2", highlight: { position: 1, netDensity: 0.1 }, shadow: { position: 2, netDensity: 1.72 }, wantedStops: 0.2 }).setting.id // = "2.5"
 */
export function readStrip(paper: Paper, question: StripReadingQuestion): StripReading {
  const { patchSeconds, set, settingId, wantedStops } = question;
  const made = settingOf(set, settingId);
  const highlight = question.highlight && readPick(patchSeconds, question.highlight.position);
  const shadow = question.shadow && readPick(patchSeconds, question.shadow.position);
  const leading = highlight ?? shadow;
  if (!leading) {
    throw new Refusal('no-pick', '/highlight', 'Pick the patch where the highlight is right.');
  }

  let setting = made;
  let contrast: ContrastReading | null = null;
  let carry = 1;
  if (highlight && shadow && question.highlight && question.shadow) {
    const densities = {
      highlightDensity: question.highlight.netDensity,
      shadowDensity: question.shadow.netDensity,
    };
    const solve = (highlightSeconds: number, shadowSeconds: number) =>
      solveContrast(paper, { range: made.range, highlightSeconds, shadowSeconds, ...densities });
    const answer = solve(highlight.seconds, shadow.seconds);
    setting = nearestSetting(set, answer.range);
    const hardest = solve(highlight.lowSeconds, shadow.highSeconds);
    const softest = solve(highlight.highSeconds, shadow.lowSeconds);
    carry = keepTone(paper, made, setting, 1, densities.highlightDensity);
    const shadowThere = shadow.seconds * keepTone(paper, made, setting, 1, densities.shadowDensity);
    contrast = {
      ...answer,
      rangeLow: hardest.range,
      rangeHigh: softest.range,
      shadowLeftStops: Math.log2(shadowThere / (highlight.seconds * carry)),
    };
  }

  const lowSeconds = leading.lowSeconds * carry;
  const highSeconds = leading.highSeconds * carry;
  const ends = [highlight?.atEnd, shadow?.atEnd];
  const beyond = leading.atEnd ?? ends.find((end) => end) ?? null;
  const widest = Math.max(highlight?.withinStops ?? 0, shadow?.withinStops ?? 0);
  return {
    highlight: highlight ?? null,
    shadow: shadow ?? null,
    contrast,
    setting,
    seconds: leading.seconds * carry,
    lowSeconds,
    highSeconds,
    withinStops: leading.withinStops,
    verdict: beyond ? 'reach-further' : widest <= wantedStops * ROUNDING ? 'make-print' : 'narrow',
    nextStrip: beyond
      ? reachFurther(patchSeconds, beyond, carry)
      : narrowStrip(lowSeconds, highSeconds, setting.range),
  };
}

/** Same steps, starting one patch inside the end that was picked. */
function reachFurther(
  patchSeconds: readonly number[],
  end: 'lightest' | 'darkest',
  carry: number,
): NarrowStrip {
  const fromEnd = end === 'darkest' ? -2 : 0;
  const a = patchSeconds.at(fromEnd)!;
  const b = patchSeconds.at(fromEnd + 1)!;
  const stepStops = Math.log2(b / a);
  const firstSeconds = end === 'darkest' ? a : b / 2 ** (stepStops * (REACH_PATCHES - 1));
  return { firstSeconds: firstSeconds * carry, stepStops, patches: REACH_PATCHES };
}
