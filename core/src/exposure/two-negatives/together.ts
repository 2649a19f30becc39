import { curveFor, densityAt, logOfTone } from '../../paper/curve.ts';
import type { BlueAndGreen } from '../../paper/mixed-light.ts';
import type { Paper } from '../../paper/paper.ts';
import { blueShareFor, curveForRange } from '../../paper/range.ts';
import { STOP_IN_LOG } from '../../quantity/stops.ts';
import { sound } from '../../quantity/sound.ts';
import { Refusal } from '../../refusal.ts';

/** What one negative alone would make of a place. */
export interface ToneAlone {
  /** R that it is printed at. */
  readonly range: number;
  /** Density above Dmin; 0 where it gives no light at all. */
  readonly netDensity: number;
  /** Its exposure against the one that makes that tone; as it is unless said. */
  readonly stops?: number;
}

/** Mid-grey and lighter greys that blend: where both are of them, nothing speaks. */
const MUD = { from: 0.4, to: 1.1 };

const lightAlone = (paper: Paper, { range, netDensity, stops = 0 }: ToneAlone): BlueAndGreen => {
  if (!(netDensity >= 0)) {
    throw new Refusal('tone', '/netDensity', 'A tone is a density above paper white, 0 or more.');
  }
  const share = blueShareFor(paper, range);
  if (netDensity === 0) return { blue: 0, green: 0 };
  const curve = curveForRange(paper, range);
  const light = 10 ** (logOfTone(curve, netDensity) + stops * STOP_IN_LOG);
  return { blue: light * share, green: light * (1 - share) };
};

/**
 * The tone where two negatives, or more, lie over each other: their light adds, blue to blue and green to green; densities never do.
 * @param paper layers
 * @param alone what each would make of the place: R, density above Dmin, and stops more or less of its exposure
 * @returns density above Dmin
 * @throws Refusal `tone` for a density below zero, or more than the paper has
 * @source H = Σ H, through the paper's own layers
 * @example
 * togetherTone(defaultPaper, [{ range: 110, netDensity: 0.4 }, { range: 110, netDensity: 0.2, stops: -0.25 }]) // ≈ 0.6790
 */
export function togetherTone(paper: Paper, alone: readonly ToneAlone[]): number {
  const lights = alone.map((one) => lightAlone(paper, one));
  const blue = lights.reduce((sum, light) => sum + light.blue, 0);
  const green = lights.reduce((sum, light) => sum + light.green, 0);
  const all = blue + green;
  if (all === 0) return 0;
  const curve = curveFor(paper, blue / all);
  return sound(Math.max(0, densityAt(curve, Math.log10(all)) - curve.dMin));
}

/**
 * Do two greys make mud, where neither negative is clean?
 * @param a density above Dmin of one alone
 * @param b of the other alone
 * @returns true where both are mid-greys
 * @source at least one must be clean where the other speaks
 * @example
 * makesMud(0.8, 0.8) // = true
 */
export function makesMud(a: number, b: number): boolean {
  return [sound(a), sound(b)].every((tone) => tone >= MUD.from && tone <= MUD.to);
}
