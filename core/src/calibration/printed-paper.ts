import { NINETY_FIVE } from '../numeric/gaussian.ts';
import { printedTablet, type MeasuredTablet, type PrintedTablet } from './printed-tablet.ts';

/** The prints of a tablet at several settings of one paper. */
export interface PrintedPaper extends Pick<
  PrintedTablet,
  'steps' | 'leaveOut' | 'readingWithin' | 'togetherWithin'
> {
  /** Reflection densities of each setting, step 1 first. */
  readonly prints: readonly (readonly number[])[];
  /** All settings expose one emulsion, as filters do: it has one white and one black. Grades are emulsions of their own. */
  readonly oneEmulsion: boolean;
}

/**
 * Range and speed of a paper at several settings, each read off its own print. Where one emulsion is behind all of them, its white
 * and its black are those of all prints.
 * @param printed log10 exposure of the steps, and the densities of each print
 * @returns what each setting was found to be, in the order of the prints
 * @throws Refusal as `printedTablet`
 * @source ISO 6846; white and black by the mean of the other prints, each as well as it is known
 * @example
 * printedPaper({ steps: [0, -0.3, -0.6, -0.9, -1.2, -1.5, -1.8, -2.1, -2.4], prints: [[2.15, 2.15, 2.02, 1.37, 0.83, 0.43, 0.12, 0.06, 0.06]], oneEmulsion: false })[0].range // ≈ 124.2
 */
export function printedPaper({ prints, oneEmulsion, ...how }: PrintedPaper): MeasuredTablet[] {
  const alone = prints.map((densities) => printedTablet({ ...how, densities }));
  if (!oneEmulsion || prints.length < 2) return alone;
  return prints.map((densities, index) => {
    const others = alone.filter((_, other) => other !== index);
    const white = meanOf(others, 'dMin');
    const black = meanOf(others, 'dMax');
    return printedTablet({
      ...{ ...how, densities, dMin: white.mean, dMax: black.mean },
      endsWithin: Math.max(white.deviation, black.deviation),
    });
  });
}

/** A mean in which each counts as well as it is known. */
function meanOf(found: readonly MeasuredTablet[], end: 'dMin' | 'dMax') {
  const weights = found.map(({ within }) => (NINETY_FIVE / Math.max(1e-4, within[end])) ** 2);
  const all = weights.reduce((sum, weight) => sum + weight, 0);
  return {
    mean: found.reduce((sum, one, index) => sum + weights[index]! * one[end], 0) / all,
    deviation: 1 / Math.sqrt(all),
  };
}
