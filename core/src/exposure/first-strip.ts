import { NINETY_FIVE } from '../numeric/gaussian.ts';
import { MOST_PATCHES } from './strip.ts';
import { ratioInStops } from '../quantity/stops.ts';
import { sound } from '../quantity/sound.ts';
import { STOPS_TO_R, nearestIndex } from './print-prior.ts';
import { keepTone } from '../paper/contrast.ts';
import { certainties } from './certainty.ts';
import { dialable } from './dialable.ts';
import type { StripPart } from './next-strip.ts';
import type { PrintSession } from './print-session.ts';
import { readPrint } from './read-print.ts';

/** A set-up that so many prints were made in is known well enough to place a strip by. */
const ENOUGH_PRINTS = 3;
/** The newest of them say enough; each is read by itself. */
const MOST_PRINTS = 20;
/** The steps that a first strip is made in, finest first, stops. */
const STEPS = [1 / 4, 1 / 3, 5 / 12, 1 / 2] as const;
/** A strip reaches at least and at most so far either way, stops: as far as its patches go. */
const LEAST_REACH = 1.5;
const MOST_REACH = (STEPS.at(-1)! * (MOST_PATCHES - 1)) / 2;

const mean = (values: readonly number[]) =>
  values.reduce((sum, value) => sum + value, 0) / values.length;

/** Where 95 of 100 such values lie. */
function band(values: readonly number[]) {
  const middle = mean(values);
  const reach = NINETY_FIVE * Math.sqrt(mean(values.map((value) => (value - middle) ** 2)));
  return { low: middle - reach, high: middle + reach };
}

/**
 * The first strip of a print, placed by what the negatives printed before in the set-up needed: as wide as they differed, and
 * as fine as that allows, since the set-up itself is known by then.
 * @param session paper, contrast set, lamp, earlier prints (the newest last), and the most contrasts on a strip
 * @returns a part for each contrast, light in s and steps in stops; nothing before three prints
 * @throws Refusal as `readPrint`
 * @source mean and spread of what highlights and shadows needed; the contrast wanted is the middle of those wanted before
 * @example
 * (firstStrip({ paper: defaultPaper, set: contrastSet("filters"), lamp: { lagSeconds: 0, timerStepSeconds: 0.1 }, earlier: [], mostParts: 2 }) ?? []).length // = 0
 */
export function firstStrip({
  paper,
  set,
  lamp,
  earlier,
  mostParts,
}: Pick<PrintSession, 'paper' | 'set' | 'lamp' | 'earlier' | 'mostParts'>):
  StripPart[] | undefined {
  sound({ paper, lamp, earlier, mostParts });
  if (earlier.length < ENOUGH_PRINTS) return undefined;
  const newest = earlier.slice(-MOST_PRINTS);
  const made = newest.map((print) =>
    readPrint({ ...print, paper, set, earlier: [], wanted: certainties[1], mostParts: 1 }),
  );
  const ranges = made.map(({ wantedRange }) => wantedRange).sort((x, y) => x - y);
  const nearest = nearestIndex(set.settings, ranges[Math.floor(ranges.length / 2)]!);
  const own = set.settings[nearest]!;
  // What each of them would have needed at the setting that this strip is made at.
  const highlights = made.map(({ setting, seconds }, index) =>
    ratioInStops(keepTone(paper, setting, own, seconds, newest[index]!.highlightDensity)),
  );
  const shadows = made.map(
    ({ wantedRange }, index) => highlights[index]! + (own.range - wantedRange) / STOPS_TO_R,
  );
  const [highlight, shadow] = [band(highlights), band(shadows)];
  const [low, high] = [Math.min(highlight.low, shadow.low), Math.max(highlight.high, shadow.high)];
  const reach = Math.min(MOST_REACH, Math.max(LEAST_REACH, (high - low) / 2));
  const step = STEPS.find((one) => 2 * reach <= one * (MOST_PATCHES - 1)) ?? STEPS.at(-1)!;
  const patches = Math.min(MOST_PATCHES, Math.ceil((2 * reach) / step - 1e-9) + 1);
  const half = (step * (patches - 1)) / 2;
  const middle = (low + high) / 2;
  const strip = dialable(
    { firstSeconds: 2 ** (middle - half), stepStops: step },
    2 ** (middle + half),
    lamp,
  );
  const harder = set.settings[nearest + 1] ? nearest + 1 : nearest - 1;
  return [nearest, harder]
    .slice(0, mostParts)
    .flatMap((index) => set.settings[index] ?? [])
    .map(({ id }) => ({ settingId: id, ...strip, patches: Math.min(patches, strip.patches) }));
}
