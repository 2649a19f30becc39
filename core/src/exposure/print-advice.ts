import { normalBelow } from '../numeric/gaussian.ts';
import {
  EYE_STOPS,
  expectedLight,
  settingOutlook,
  type PrintBelief,
  type SettingOutlook,
} from './print-belief.ts';
import { stepForRange } from './narrow.ts';

/** How sure somebody wants to be, 95 times in 100. */
export interface Certainty {
  readonly id: string;
  readonly name: string;
  /** Of the highlight, stops. */
  readonly stops: number;
  /** Of the contrast, R. */
  readonly range: number;
  /** Strips it takes as a rule, and at the most: what the simulated printer of the benchmark needs. */
  readonly usualStrips: readonly [number, number];
}

/** How sure to be, as people say it. */
export const certainties = [
  { id: 'look', name: 'a look', stops: 0.5, range: 30, usualStrips: [1, 2] },
  { id: 'work-print', name: 'a work print', stops: 0.2, range: 12, usualStrips: [2, 4] },
  { id: 'exhibition', name: 'an exhibition print', stops: 0.14, range: 9, usualStrips: [3, 5] },
] as const satisfies readonly Certainty[];

export type CertaintyId = (typeof certainties)[number]['id'];

/** One half of the next strip, or the whole of it: a setting, and patches even in stops. */
export interface StripPart {
  readonly settingId: string;
  readonly firstSeconds: number;
  readonly stepStops: number;
  readonly patches: number;
}

/** What to do next. */
export interface PrintAdvice {
  readonly best: SettingOutlook;
  /** 95 times in 100 the highlight is within this, stops. */
  readonly withinStops: number;
  /** 95 times in 100 the contrast is within this of what was asked for, R. */
  readonly withinRange: number;
  /** The strip to make, one part or two side by side; not there when the print should be made. */
  readonly strip?: readonly StripPart[];
  /** No setting comes near to what the negative asks for, whatever is exposed. */
  readonly beyond: 'too-hard' | 'too-soft' | null;
}

/** 95 of 100 lie within so many standard deviations. */
const NINETY_FIVE = 1.96;
/** A sheet holds so many patches, one part or two together. */
const MOST_PATCHES = 15;
const LEAST_PATCHES = 3;
/** A strip reaches so many standard deviations to either side of where a place is expected. */
const REACH = 2;
/** A rival this likely to be the better setting is worth half of the strip. */
const WORTH_TRYING = 0.12;
/** A strip in larger steps than this says little, stops. */
const WIDEST_STEP = 0.5;
/** So far from the last setting of a set no filter helps, R. */
const OUT_OF_REACH = 12;

/** How probable it is that one setting is nearer to what is asked for than another. */
function nearerThan(rival: SettingOutlook, best: SettingOutlook): number {
  // The two lie on one line of contrast; the better one is on the side of their middle where the negative is.
  const middle = (rival.mismatch + best.mismatch) / 2;
  const sd = Math.max(best.mismatchSd, rival.mismatchSd);
  return normalBelow(-Math.abs(middle) / Math.max(sd, 1e-6));
}

function part(belief: PrintBelief, { setting }: SettingOutlook, most: number): StripPart {
  const { lagSeconds } = belief.prior;
  const bands = (['highlight', 'shadow'] as const).map((place) => {
    const { mean, variance } = expectedLight(belief, setting.id, place);
    const reach = REACH * Math.sqrt(variance + EYE_STOPS ** 2);
    return { low: mean - reach, high: mean + reach };
  });
  const low = Math.min(...bands.map((band) => band.low));
  const high = Math.max(...bands.map((band) => band.high));
  const fine = stepForRange(setting.range);
  const stepStops = Math.min(WIDEST_STEP, Math.max(fine, (high - low) / (most - 1)));
  const patches = Math.min(most, Math.max(LEAST_PATCHES, Math.ceil((high - low) / stepStops) + 1));
  const middle = (low + high) / 2;
  return {
    settingId: setting.id,
    firstSeconds: 2 ** (middle - (stepStops * (patches - 1)) / 2) + lagSeconds,
    stepStops,
    patches,
  };
}

/**
 * What to do next: make the print, or a strip, at one contrast or at two side by side.
 * @param belief of the print
 * @param wanted how sure to be, stops and R
 * @param mostParts contrasts on one strip: 2 side by side, or 1
 * @returns the setting to print at with its time and certainty, and the next strip where one is worth the paper
 * @source least expected square of the mismatch; a strip is made while the certainty asked for is not reached
 * @example
 * advisePrint(beginBelief({ paper: defaultPaper, set: contrastSet("filters"), highlightDensity: 0.1, shadowDensity: 1.72, guessSeconds: 10, guessWithinStops: 3, lagSeconds: 0, lagWithinSeconds: 0, speedWithinStops: 0.25, rangeWithinShare: 0.08 }), certainties[1]).strip[0].patches // = 15
 */
export function advisePrint(
  belief: PrintBelief,
  wanted: Pick<Certainty, 'stops' | 'range'>,
  mostParts = 2,
): PrintAdvice {
  const outlooks = belief.prior.set.settings.map(({ id }) => settingOutlook(belief, id));
  const expected = ({ mismatch, mismatchSd }: SettingOutlook) => mismatch ** 2 + mismatchSd ** 2;
  const ordered = [...outlooks].sort((a, b) => expected(a) - expected(b));
  const best = ordered[0]!;
  const withinStops = NINETY_FIVE * best.stopsSd;
  const withinRange = NINETY_FIVE * best.mismatchSd;
  const beyond =
    Math.abs(best.mismatch) - withinRange > OUT_OF_REACH
      ? best.mismatch > 0
        ? 'too-hard'
        : 'too-soft'
      : null;
  const sure = withinStops <= wanted.stops && withinRange + Math.abs(best.mismatch) <= wanted.range;
  const settled = withinStops <= wanted.stops && withinRange <= wanted.range / 2;
  const answer = { best, withinStops, withinRange, beyond } as const;
  if (sure || settled) return answer;
  const rival =
    mostParts > 1
      ? ordered.slice(1).find((one) => nearerThan(one, best) > WORTH_TRYING)
      : undefined;
  const seenAnything = best.mismatchSd < 15;
  const strip =
    rival && seenAnything
      ? [part(belief, best, 8), part(belief, rival, 7)]
      : [part(belief, best, MOST_PATCHES)];
  return { ...answer, strip };
}
