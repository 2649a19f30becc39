import { capital } from '../../words/capital.ts';
import {
  Refusal,
  flashedRange,
  mainUnderFlash,
  nearestSetting,
  rangeUnderFlash,
  splitPair,
  type ContrastSet,
  type ContrastSetting,
  type Paper,
} from '@katachron/core';
import { attempt } from '../../words/attempt.ts';
import { parseDecimal } from '../../words/decimal.ts';
import { enlargerSeconds } from '../../words/duration.ts';

/** The answer to be split or flashed: a setting and its time. */
export interface SingleExposure {
  readonly paper: Paper;
  readonly setting: ContrastSetting;
  readonly seconds: number;
  readonly highlightDensity: number;
  readonly timerStep: number;
}

/** A soft and a hard setting, and their times. */
export interface SplitView {
  readonly softSeconds?: string;
  readonly hardSeconds?: string;
  /** The same unrounded, in the order in which they are given. */
  readonly pair?: readonly { readonly setting: ContrastSetting; readonly seconds: number }[];
  readonly sentence: string;
}

/** The pair that amounts to the answer. */
export function splitView(
  set: ContrastSet,
  { paper, setting, seconds, timerStep }: SingleExposure,
  softId: string,
  hardId: string,
): SplitView {
  const soft = set.settings.find(({ id }) => id === softId);
  const hard = set.settings.find(({ id }) => id === hardId);
  // Left over from another set of contrasts.
  if (!soft || !hard) return { sentence: `Choose a soft and a hard ${set.noun}.` };
  const pair =
    soft.range > hard.range ? splitPair(paper, { ...setting, seconds }, soft, hard) : undefined;
  if (!pair) {
    return {
      sentence: `${set.noun} ${setting.name} does not lie between ${soft.name} and ${hard.name}.`,
    };
  }
  const share = (100 * pair.hardSeconds) / (pair.softSeconds + pair.hardSeconds);
  return {
    softSeconds: enlargerSeconds(pair.softSeconds, timerStep),
    hardSeconds: enlargerSeconds(pair.hardSeconds, timerStep),
    pair: [
      { setting: soft, seconds: pair.softSeconds },
      { setting: hard, seconds: pair.hardSeconds },
    ],
    sentence: `Together they are ${set.noun} ${setting.name}; ${Math.round(share)} % of the time is hard. Burn highlights with ${soft.name}, shadows with ${hard.name}.`,
  };
}

/** What a flash does to the answer. */
export interface FlashView {
  readonly sentence?: string;
  readonly trouble?: string;
  /** What the main exposure becomes, s, and the flash as a share of the threshold. */
  readonly mainSeconds?: number;
  readonly share?: number;
}

/** A flash made with the softest light that the set has. */
export function flashView(
  set: ContrastSet,
  { paper, setting, seconds, highlightDensity, timerStep }: SingleExposure,
  typed: string,
): FlashView {
  if (typed.trim() === '') return {};
  const sentence = 'Type per cent of the threshold, 70 to 100 as a rule.';
  const read = attempt(() => {
    const percent = parseDecimal(typed.replace(/%$/, ''), '/flash', sentence);
    if (percent < 0 || percent > 200) throw new Refusal('flash', '/flash', sentence);
    const softest = set.settings.reduce((a, b) => (b.range > a.range ? b : a));
    const flash = { share: percent / 100, range: softest.range };
    const becomes = flashedRange(paper, setting.range, flash);
    const harder = rangeUnderFlash(paper, setting.range, flash);
    const back = harder === undefined ? undefined : nearestSetting(set, harder);
    const main = seconds * mainUnderFlash(paper, setting.range, flash, highlightDensity);
    const shorter =
      seconds - main >= timerStep / 2
        ? ` At ${set.noun} ${setting.name} the main exposure becomes ${enlargerSeconds(main, timerStep)} s, so that the highlight stays.`
        : '';
    const restore = back
      ? back.id === setting.id
        ? ` No other ${set.noun} brings that back any nearer.`
        : ` ${capital(set.noun)} ${back.name} brings it back.`
      : ' No light of this paper brings that back.';
    return {
      sentence: `R ${setting.range} becomes ${becomes.toFixed(0)}.${restore}${shorter}`,
      mainSeconds: main,
      share: flash.share,
    };
  });
  return read.value ?? { trouble: read.trouble ?? sentence };
}
