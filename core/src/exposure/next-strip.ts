import { NINETY_FIVE } from '../numeric/gaussian.ts';
import { sound } from '../quantity/sound.ts';
import { normalBelow, observeWithin, spreadOf, type Gaussian } from '../numeric/gaussian.ts';
import type { Certainty } from './certainty.ts';
import { dialable } from './dialable.ts';
import { narrowStrip } from './narrow.ts';
import {
  expectedLight,
  lagOf,
  mainCase,
  nextLook,
  printWithin,
  settingMatches,
  settingOutlook,
  type PrintBelief,
  type SettingMatch,
  type SettingOutlook,
} from './print-belief.ts';
import { LAG, indexOfSetting, needAt, type Place } from './print-prior.ts';
import type { Lamp } from './strip.ts';

/** One half of the next strip, or the whole of it: a setting, and patches even in stops. */
export interface StripPart {
  readonly settingId: string;
  /** Light of the first patch as it is typed, s: the lamp's written lag comes on top. */
  readonly firstSeconds: number;
  readonly stepStops: number;
  readonly patches: number;
}

/** Why no further strip is worth its paper, though what was asked for is not reached. */
export type NoGain = 'timer' | 'lag' | 'settings' | 'eye';

/** What to do next. */
export interface PrintAdvice {
  readonly best: SettingOutlook;
  /** What one firing dials, as the timer can, s. */
  readonly dialSeconds: number;
  /** 95 times in 100 the highlight is within this, stops. */
  readonly withinStops: number;
  /** 95 times in 100 the contrast is within this of what the negative asks for, R. */
  readonly withinRange: number;
  /** What was asked for is reached; or no strip would bring it nearer. */
  readonly end: 'sure' | NoGain | null;
  /** The strip to make, one part or two side by side; not there at the end. */
  readonly strip?: readonly StripPart[];
  /** Its patches are exposed one by one, because firings that add up cannot tell the lamp's lag from light. */
  readonly separately?: boolean;
  /** No setting comes near to what the negative asks for, whatever is exposed. */
  readonly beyond: 'too-hard' | 'too-soft' | null;
}

/** A strip reaches so many standard deviations to either side of where a place is expected. */
const REACH = 2;
/** A rival this likely to be the better setting is worth half of the strip. */
const WORTH_TRYING = 0.12;
/** So far from the last setting of a set no filter helps, R. */
const OUT_OF_REACH = 12;
/** A sheet holds so many patches, in one part; and in each of two. */
const WHOLE = 15;
const [ONE_HALF, OTHER_HALF] = [8, 7];
/** A strip that brings less than this share of what is missing would have to be made ten times. */
const WORTH_A_STRIP = 0.1;
/** So many settings are looked at before one of them is answered. */
const MOST_RIVALS = 4;
/** The part of what is asked for that a lag which is not known may take: of the print's own time, or of where a strip puts it. */
const LAG_SHARE = 1 / 3;

/** How probable it is that one setting is nearer to what is asked for than another. */
function nearerThan(rival: SettingMatch, best: SettingMatch): number {
  // The two lie on one line of contrast; the better one is on the side of their middle where the negative is.
  const middle = (rival.mismatch + best.mismatch) / 2;
  const sd = Math.max(best.mismatchSd, rival.mismatchSd);
  return normalBelow(-Math.abs(middle) / Math.max(sd, 1e-6));
}

const places: readonly Place[] = ['highlight', 'shadow'];

function part(
  belief: PrintBelief,
  { setting }: SettingMatch,
  lamp: Lamp,
  most: number,
  separately: boolean,
): StripPart {
  const bands = places.map((place) => {
    const { mean, variance } = expectedLight(belief, setting.id, place);
    const reach = REACH * Math.sqrt(variance + nextLook(belief, setting.id, place) ** 2);
    return { low: mean - reach, high: mean + reach };
  });
  const low = 2 ** Math.min(...bands.map((band) => band.low));
  const high = 2 ** Math.max(...bands.map((band) => band.high));
  const narrow = narrowStrip(low, high, setting.range, most);
  // A lag that is believed in but not written down is not dialled: the strip is typed with it.
  const unwritten = lagOf(belief).mean - lamp.lagSeconds;
  const middle = Math.sqrt(low * high);
  const firings = separately ? 1 : (narrow.patches + 1) / 2;
  const typed = (narrow.firstSeconds * (middle + firings * unwritten)) / middle;
  const strip = dialable({ ...narrow, firstSeconds: typed }, high, lamp);
  return {
    ...strip,
    settingId: setting.id,
    patches: Math.min(narrow.patches, strip.patches),
  };
}

/** What is believed once both tones were looked at on a strip: only how sure, not what. */
export const afterStrip = (
  belief: PrintBelief,
  parts: readonly StripPart[],
  separately: boolean,
): PrintBelief => {
  let state: Gaussian = mainCase(belief);
  for (const { settingId, stepStops, patches } of parts) {
    for (const place of places) {
      const { weights } = needAt(belief.prior, indexOfSetting(belief.prior, settingId), place);
      const light = 2 ** expectedLight(belief, settingId, place).mean;
      weights.set(LAG, (separately ? 1 : (patches + 1) / 2) / (light * Math.LN2));
      // A pick is told to half a patch.
      const sd = Math.hypot(nextLook(belief, settingId, place), stepStops / 2 / Math.sqrt(12));
      const { mean } = spreadOf(state, weights);
      state = observeWithin(state, weights, mean - sd / 10, mean + sd / 10, sd ** 2);
    }
  }
  return { prior: belief.prior, cases: [{ weight: 1, of: { state, slips: [], eye: 1, card: 1 } }] };
};

/** How much of what is asked for is missing: 1 when it is reached. */
export const gapOf = (
  belief: PrintBelief,
  settingId: string,
  dialSeconds: number,
  wanted: Pick<Certainty, 'stops' | 'range'>,
): number => {
  const { stops } = printWithin(belief, settingId, 'highlight', dialSeconds);
  const range = NINETY_FIVE * settingOutlook(belief, settingId).mismatchSd;
  return Math.max(stops / wanted.stops, range / wanted.range);
};

/** A time as the timer can dial it. */
export const onTimer = (seconds: number, { timerStepSeconds: step }: Lamp) =>
  Math.max(step, Math.round(seconds / step) * step);

/**
 * What to do next: make the print, or a strip, at one contrast or at two side by side.
 * @param belief of the print
 * @param wanted how sure to be, stops and R
 * @param lamp its written lag and the timer's step, s
 * @param mostParts contrasts on one strip: 2 side by side, or 1
 * @param only the setting to stay at, where the contrast is not asked about
 * @returns the setting to print at with its time and certainty, and the next strip where one is worth the paper
 * @source least expected square of the mismatch; a strip is made while what is asked for is not reached, and brings it nearer
 * @example
 * advisePrint(beginBelief({ paper: defaultPaper, set: contrastSet("filters"), highlightDensity: 0.1, shadowDensity: 1.72, guessSeconds: 10, guessWithinStops: 3, lagSeconds: 0, lagWithinSeconds: 0, speedWithinStops: 0.25, rangeWithinShare: 0.08 }), certainties[1], { lagSeconds: 0, timerStepSeconds: 0.1 }).strip[0].patches // = 8
 */
export function advisePrint(
  belief: PrintBelief,
  wanted: Pick<Certainty, 'stops' | 'range'>,
  lamp: Lamp,
  mostParts = 2,
  only?: string,
): PrintAdvice {
  sound([wanted, lamp, mostParts]);
  const expected = ({ mismatch, mismatchSd }: SettingMatch) => mismatch ** 2 + mismatchSd ** 2;
  const ordered = settingMatches(belief).sort((a, b) => expected(a) - expected(b));
  const answerAt = ({ setting: { id } }: SettingMatch) => {
    const outlook = settingOutlook(belief, id);
    const dial = onTimer(outlook.dialSeconds, lamp);
    const within = printWithin(belief, id, 'highlight', dial);
    return {
      best: outlook,
      dialSeconds: dial,
      withinStops: within.stops,
      withinRange: within.range,
    };
  };
  const asked = ({ withinStops, withinRange }: { withinStops: number; withinRange: number }) =>
    withinStops <= wanted.stops && withinRange <= wanted.range;
  const open = only === undefined ? ordered : [settingOutlook(belief, only)];
  // A setting that was tried and is as sure as was asked for is better than a nearer one that was not.
  const nearest = answerAt(open[0]!);
  const answer = asked(nearest)
    ? nearest
    : (open
        .slice(1, MOST_RIVALS)
        .filter((one) => NINETY_FIVE * one.mismatchSd <= wanted.range)
        .map(answerAt)
        .find(asked) ?? nearest);
  const { best, dialSeconds } = answer;
  const spread = NINETY_FIVE * best.mismatchSd;
  const tooFar = best.mismatch > 0 ? 'too-hard' : 'too-soft';
  const beyond = Math.abs(best.mismatch) - spread > OUT_OF_REACH ? tooFar : null;
  const rivals = ordered.filter(
    (one) => one.setting !== best.setting && nearerThan(one, best) > WORTH_TRYING,
  );
  const settled = spread <= wanted.range && rivals.length === 0;
  if (asked(answer) || (answer.withinStops <= wanted.stops && settled)) {
    return { ...answer, beyond, end: 'sure' };
  }
  // Between two settings neither comes nearer, however well both are known.
  if (answer.withinStops <= wanted.stops && spread <= wanted.range / 2) {
    return { ...answer, beyond, end: 'settings' };
  }
  const lag = lagOf(belief);
  const byLag = (NINETY_FIVE * Math.sqrt(lag.variance)) / (best.dialSeconds * Math.LN2);
  const rival = mostParts > 1 ? rivals[0] : undefined;
  const stripOf = (apart: boolean) =>
    rival
      ? [part(belief, best, lamp, ONE_HALF, apart), part(belief, rival, lamp, OTHER_HALF, apart)]
      : [part(belief, best, lamp, WHOLE, apart)];
  const together = stripOf(false);
  // Where firings add up the patch that is right has lost the lag so many times more than the print will.
  const more = (together[0]!.patches - 1) / 2;
  const separately = Math.max(1, more) * byLag > LAG_SHARE * wanted.stops;
  const strip = separately ? stripOf(true) : together;
  const now = gapOf(belief, best.setting.id, dialSeconds, wanted);
  const then = gapOf(afterStrip(belief, strip, separately), best.setting.id, dialSeconds, wanted);
  if (now > 1 && now - then < WORTH_A_STRIP * (now - 1)) {
    const rounded = Math.abs(Math.log2(dialSeconds / best.dialSeconds));
    const end = rounded > wanted.stops / 2 ? 'timer' : byLag > wanted.stops / 2 ? 'lag' : 'eye';
    return { ...answer, beyond, end };
  }
  return { ...answer, beyond, end: null, strip, ...(separately && { separately }) };
}
