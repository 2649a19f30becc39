import { findRoot } from '../../numeric/find-root.ts';
import { curveFor, densityAt } from '../../paper/curve.ts';
import {
  lightOf,
  shareOfPlace,
  type BlueAndGreen,
  type MixExposure,
  type MixSetting,
} from '../../paper/mixed-light.ts';
import type { Paper } from '../../paper/paper.ts';
import { sound, soundTime } from '../../quantity/sound.ts';
import { ratioInStops } from '../../quantity/stops.ts';

/** Of the light that is wanted, the most that a search may try, and how near it has to come. */
const MOST = 1e6;
const NEAR = 1e-9;

/** Light by its colours, of several exposures together. */
function lightTogether(paper: Paper, exposures: readonly MixExposure[]): BlueAndGreen {
  let blue = 0;
  let green = 0;
  for (const { seconds, ...setting } of exposures) {
    const light = lightOf(paper, setting);
    blue += light.blue * seconds;
    green += light.green * seconds;
  }
  return { blue, green };
}

/** Within the density by which a place is told: the same place, the same setting, needs no curve. */
const nothing = ({ blue, green }: BlueAndGreen) => !(blue + green > 0);

/**
 * What still lacks at a place, given in a setting of its own, so that it takes the tone that another exposure would give it.
 * @param paper layers
 * @param had R, speed and s of each exposure that the place got
 * @param wanted R, speed and s of each exposure whose tone it is to take
 * @param setting R and speed of what is given on top
 * @param netDensity the tone that the place takes, density above Dmin
 * @returns s at that setting; 0 when it had enough
 * @throws Refusal `density` when the paper cannot show that tone
 * @source the layer model: blue and green add, and the place lets through the same share of both
 * @example
 * burnOver(defaultPaper, [{ range: 100, speedStops: 0, seconds: 14 }], [{ range: 100, speedStops: 0, seconds: 28 }], { range: 150, speedStops: 0 }, 0.1) // ≈ 11.6
 */
export function burnOver(
  paper: Paper,
  had: readonly MixExposure[],
  wanted: readonly MixExposure[],
  setting: MixSetting,
  netDensity: number,
): number {
  sound([had, wanted, setting, netDensity]);
  const whole = lightTogether(paper, wanted);
  if (nothing(whole)) return 0;
  const under = lightTogether(paper, had);
  const over = lightOf(paper, setting);
  const share = shareOfPlace(paper, whole, netDensity);
  const tooDark = (seconds: number) => {
    const blue = under.blue + over.blue * seconds;
    const total = blue + under.green + over.green * seconds;
    if (!(total > 0)) return -netDensity;
    return (
      densityAt(curveFor(paper, blue / total), Math.log10(share * total)) - paper.dMin - netDensity
    );
  };
  if (tooDark(0) >= 0) return 0;
  const likely = (whole.blue + whole.green) / (over.blue + over.green);
  let most = likely;
  while (tooDark(most) < 0 && most < likely * MOST) most *= 4;
  return soundTime(findRoot(tooDark, 0, most, likely * NEAR));
}

/**
 * How far what a place got is from what it was to get.
 * @param paper layers
 * @param had R, speed and s of each exposure that it got
 * @param wanted R, speed and s of each exposure whose tone it is to take
 * @param netDensity the tone that the place takes, density above Dmin
 * @returns stops; positive where it got too much
 * @throws Refusal `no-answer` when it got nothing, `density` when the paper cannot show that tone
 * @source the layer model: the share of the light that a place of that tone lets through
 * @example
 * lightError(defaultPaper, [{ range: 110, speedStops: 0, seconds: 20 }], [{ range: 110, speedStops: 0, seconds: 10 }], 0.1) // ≈ 1
 */
export function lightError(
  paper: Paper,
  had: readonly MixExposure[],
  wanted: readonly MixExposure[],
  netDensity: number,
): number {
  sound([had, wanted, netDensity]);
  const share = (exposures: readonly MixExposure[]) =>
    shareOfPlace(paper, lightTogether(paper, exposures), netDensity);
  return sound(ratioInStops(share(wanted) / share(had)));
}
