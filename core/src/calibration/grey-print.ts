import { sound } from '../quantity/sound.ts';
import { STOP_IN_LOG } from '../quantity/stops.ts';
import { Refusal } from '../refusal.ts';
import type { Paper } from '../paper/paper.ts';
import { curveForRange, logFromSpeedPoint } from '../paper/range.ts';

/**
 * What the corners lack, from a print of plain light.
 * @param paper the print is on
 * @param range R it was printed at
 * @param centreDensity density above paper white in the middle
 * @param cornerDensity and in the corner, no more than that
 * @returns stops
 * @throws Refusal `grey-print` when the corner is darker, `density` when the paper cannot show one of the two
 * @source log exposure of both on the paper's curve
 * @example
 * fallOffFromGrey(defaultPaper, 110, 0.68, 0.47) // ≈ 0.4869
 */
export function fallOffFromGrey(
  paper: Paper,
  range: number,
  centreDensity: number,
  cornerDensity: number,
): number {
  sound({ range, centreDensity, cornerDensity });
  if (!(cornerDensity <= centreDensity)) {
    throw new Refusal(
      'grey-print',
      '/cornerDensity',
      'The corner is darker than the middle: then it is no lens that falls off. Was light leaking, or the head not level?',
    );
  }
  const curve = curveForRange(paper, range);
  const at = (density: number) => logFromSpeedPoint(curve, density);
  return sound((at(centreDensity) - at(cornerDensity)) / STOP_IN_LOG);
}
