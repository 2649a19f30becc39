import { NINETY_FIVE } from '../numeric/gaussian.ts';
import { MOST_PATCHES } from './strip.ts';
import { ratioInStops } from '../quantity/stops.ts';
import { sound } from '../quantity/sound.ts';
import { nearestIndex } from './print-prior.ts';
import { certainties } from './certainty.ts';
import type { StripPart } from './next-strip.ts';
import type { PrintSession } from './print-session.ts';
import { readPrint } from './read-print.ts';

/** A set-up that so many prints were made in is known well enough to place a strip by. */
const ENOUGH_PRINTS = 3;
/** The newest of them say enough; each is read by itself. */
const MOST_PRINTS = 20;
/** A strip reaches at least and at most so far either way, stops. */
const LEAST_REACH = 1.5;
const MOST_REACH = 3;
/** The steps that a first strip is made in, finest first, stops. */
const STEPS = [1 / 3, 5 / 12, 1 / 2] as const;

const mean = (values: readonly number[]) =>
  values.reduce((sum, value) => sum + value, 0) / values.length;

/**
 * The first strip of a print, placed by what the negatives printed before in the set-up needed: as wide as they differed, and
 * as fine as that allows, since the set-up itself is known by then.
 * @param session paper, contrast set, earlier prints (the newest last), and the most contrasts on a strip
 * @returns a part for each contrast, light in s and steps in stops; nothing before three prints
 * @throws Refusal as `readPrint`
 * @source mean and spread of what was needed; the contrast wanted is the middle of those wanted before
 * @example
 * (firstStrip({ paper: defaultPaper, set: contrastSet("filters"), earlier: [], mostParts: 2 }) ?? []).length // = 0
 */
export function firstStrip({
  paper,
  set,
  earlier,
  mostParts,
}: Pick<PrintSession, 'paper' | 'set' | 'earlier' | 'mostParts'>): StripPart[] | undefined {
  sound({ paper, earlier, mostParts });
  if (earlier.length < ENOUGH_PRINTS) return undefined;
  const made = earlier
    .slice(-MOST_PRINTS)
    .map((print) =>
      readPrint({ ...print, paper, set, earlier: [], wanted: certainties[1], mostParts: 1 }),
    );
  const needs = made.map(({ seconds }) => ratioInStops(seconds));
  const middle = mean(needs);
  const spread = Math.sqrt(mean(needs.map((need) => (need - middle) ** 2)));
  const reach = Math.min(MOST_REACH, Math.max(LEAST_REACH, NINETY_FIVE * spread));
  const step = STEPS.find((one) => 2 * reach <= one * (MOST_PATCHES - 1)) ?? STEPS.at(-1)!;
  const patches = Math.min(MOST_PATCHES, Math.ceil((2 * reach) / step - 1e-9) + 1);
  const firstSeconds = 2 ** (middle - (step * (patches - 1)) / 2);
  const ranges = made.map(({ wantedRange }) => wantedRange).sort((a, b) => a - b);
  const nearest = nearestIndex(set.settings, ranges[Math.floor(ranges.length / 2)]!);
  const harder = set.settings[nearest + 1] ? nearest + 1 : nearest - 1;
  return [nearest, harder]
    .slice(0, mostParts)
    .flatMap((index) => set.settings[index] ?? [])
    .map(({ id }) => ({ settingId: id, firstSeconds, stepStops: step, patches }));
}
