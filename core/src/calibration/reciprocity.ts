import { sound, soundTime } from '../quantity/sound.ts';
import { Refusal } from '../refusal.ts';

/** Up to here a film is as fast as its speed says, s. */
export const RECIPROCITY_FROM = 1;
/** Past the last time of a table nothing is known for longer than this, times. */
const BEYOND_TABLE = 2;
/** No film needs more than this law. */
const MOST_POWER = 2;

/** A time that the meter said, and the one that the film needed. */
export interface NeededTime {
  readonly meteredSeconds: number;
  readonly neededSeconds: number;
}

/** What a film needs in long exposures: seconds that the meter says, beyond one second, to seconds to give. */
export interface ReciprocityLaw {
  readonly needed: (meteredSeconds: number) => number;
}

/**
 * A film that needs a power of the metered time.
 * @param power p, 1 for a film that loses nothing, about 1.3 for many
 * @returns the law
 * @throws Refusal `reciprocity` for a power below 1 or above 2
 * @source Schwarzschild: t^p beyond a second
 * @example
 * powerLaw(1.33).needed(8) // ≈ 15.89
 */
export function powerLaw(power: number): ReciprocityLaw {
  if (!(power >= 1 && power <= MOST_POWER)) {
    throw new Refusal(
      'reciprocity',
      '/power',
      `The power is from 1, where nothing is lost, to ${MOST_POWER}.`,
    );
  }
  return { needed: (metered) => sound(metered ** power) };
}

/**
 * A film with a table of times.
 * @param points metered and needed seconds, in any order; below the first of them the film starts at 1 s for 1 s
 * @returns the law: straight lines of the logarithms, carried on by a factor of two past the last
 * @throws Refusal `reciprocity` for no points, for times that shrink, and, when asked, past twice the last metered time
 * @source linear in log–log
 * @example
 * tableLaw([{ meteredSeconds: 10, neededSeconds: 15 }, { meteredSeconds: 100, neededSeconds: 280 }]).needed(30) // ≈ 60.61
 */
export function tableLaw(points: readonly NeededTime[]): ReciprocityLaw {
  sound(points);
  const rows = points.toSorted((a, b) => a.meteredSeconds - b.meteredSeconds);
  const table = [
    { meteredSeconds: RECIPROCITY_FROM, neededSeconds: RECIPROCITY_FROM },
    ...rows.filter(({ meteredSeconds }) => meteredSeconds > RECIPROCITY_FROM),
  ];
  if (table.length < 2) {
    throw new Refusal(
      'reciprocity',
      '/points',
      'Give one time over a second at least: what the meter says, and what the film needs.',
    );
  }
  const wrong = table.findIndex(
    ({ meteredSeconds, neededSeconds }, index) =>
      neededSeconds < meteredSeconds ||
      (index > 0 &&
        (neededSeconds <= table[index - 1]!.neededSeconds ||
          meteredSeconds <= table[index - 1]!.meteredSeconds)),
  );
  if (wrong >= 0) {
    throw new Refusal(
      'reciprocity',
      '/points',
      `At ${table[wrong]!.meteredSeconds} s the table says ${table[wrong]!.neededSeconds} s: a film needs no less than the meter says, and more the longer it takes.`,
    );
  }
  const last = table.at(-1)!;
  return {
    needed(metered) {
      if (metered > last.meteredSeconds * BEYOND_TABLE) {
        throw new Refusal(
          'reciprocity',
          '/meteredSeconds',
          `The table ends at ${last.meteredSeconds} s; past twice that nothing is known. Test it, or ask the data sheet.`,
        );
      }
      const found = table.findIndex(({ meteredSeconds }) => meteredSeconds >= metered);
      const to = found < 0 ? table.length - 1 : Math.max(1, found);
      const [a, b] = [table[to - 1]!, table[to]!];
      const slope =
        Math.log(b.neededSeconds / a.neededSeconds) / Math.log(b.meteredSeconds / a.meteredSeconds);
      return sound(a.neededSeconds * (metered / a.meteredSeconds) ** slope);
    },
  };
}

/**
 * What to give a film in a long exposure, a filter counted in first.
 * @param law of the film
 * @param meteredSeconds what the meter says without the filter, s
 * @param filterStops what the filter takes, stops
 * @returns s; what the meter and the filter say while that is no more than a second
 * @throws Refusal `reciprocity` as the law, and for no time or a filter out of reach
 * @source filter factor first, then reciprocity: (t·2^s)^p
 * @example
 * neededSeconds(powerLaw(1.33), 8, 1) // ≈ 39.95
 */
export function neededSeconds(
  law: ReciprocityLaw,
  meteredSeconds: number,
  filterStops = 0,
): number {
  soundTime(meteredSeconds);
  if (!(meteredSeconds > 0 && filterStops >= 0 && filterStops <= 20)) {
    throw new Refusal(
      'reciprocity',
      '/meteredSeconds',
      'Give what the meter says, and what the filter takes, from 0 to 20 stops.',
    );
  }
  const filtered = meteredSeconds * 2 ** filterStops;
  return soundTime(filtered <= RECIPROCITY_FROM ? filtered : law.needed(filtered));
}
