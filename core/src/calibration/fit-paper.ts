import { levenbergMarquardt } from 'ml-levenberg-marquardt';
import { curveFor, densityAt, logExposureAt } from '../paper/curve.ts';
import type { Paper } from '../paper/paper.ts';
import { PAPER_SPEED_DENSITY, blueShareFor, isoRange, shareFromLogit } from '../paper/range.ts';
import { sound } from '../quantity/sound.ts';
import { Refusal } from '../refusal.ts';
import { layersFor, spreadLayers } from './layers.ts';
import { PAPER_READING } from './between-steps.ts';
import { printedPaper } from './printed-paper.ts';
import type { MeasuredTablet } from './printed-tablet.ts';

/** One setting's print of the tablet: reflection densities, step 1 first. */
export type TabletPrint = readonly number[];

/** A paper's layers, fitted to all its settings at once. */
export interface FittedPaper {
  readonly paper: Paper;
  /** From the layer most sensitive to green to the least, log10. */
  readonly span: number;
  /** In the order of the prints: the range that the layers give each setting, and what each step is off them, positive is darker. */
  readonly settings: readonly { readonly range: number; readonly residuals: readonly number[] }[];
  /** Root of the mean square of all residuals, density. */
  readonly rest: number;
  /** The steps, or the ranges, lie further off than their own readings are out: the paper is of another make than even layers. */
  readonly misfit: boolean;
}

const ITERATIONS = 12;
/** Where the parameters of the whole paper end and those of the settings begin. */
const OF_PAPER = 4;
const STEP = 1e-4;
/** Settings nearer to each other than this show nothing of the layers, R. */
const LEAST_APART = 4;
/** Softer or harder than any mix can be told, natural logarithm of blue by green. */
const ENOUGH_LOGIT = 9;
/** So many times its own readings' error the layers may be off before they are no likeness of the paper. */
const MISFIT = 1.5;
/** What papers are like, where the prints themselves do not say: standard deviations of a layer's slope and of the span. */
const USUAL_WITHIN = { slope: 1.5, span: 0.5 };

interface Setting {
  readonly share: number;
  /** log10 exposure of step 1. */
  readonly firstLog: number;
}
interface Model {
  readonly paper: Paper;
  readonly settings: readonly Setting[];
}

/**
 * A paper's layers from a step tablet printed at several settings: white, black, the steepness of a layer, how far the layers
 * lie apart, and the mix and exposure of each setting, by least squares of all densities at once. It is for what lies between the
 * settings that were read: what those are is read off their prints.
 * @param steps log10 exposure of each step against step 1, from `tabletSteps`
 * @param prints densities of each setting, two at least
 * @param measured what each setting was found to be, from `printedPaper`
 * @returns the paper, what it makes of each setting, and how far it misses the readings
 * @throws Refusal `paper-fit` for fewer than two settings or two of one range, and as `layersBetween`
 * @source layer model; Levenberg–Marquardt; where the prints leave slope and span open, what is usual counts as one more reading of each
 * @example
 * fitPaper(tabletSteps(21), [[2.15, 2.15, 2.15, 2.13, 2.02, 1.72, 1.37, 1.07, 0.83, 0.62, 0.43, 0.25, 0.12, 0.07, 0.06, 0.06, 0.06, 0.06, 0.06, 0.06, 0.06], [2.15, 2.15, 2.15, 2.14, 2.08, 1.82, 1.24, 0.7, 0.35, 0.15, 0.08, 0.06, 0.06, 0.06, 0.06, 0.06, 0.06, 0.06, 0.06, 0.06, 0.06]]).settings[0].range // ≈ 118.8
 */
export function fitPaper(
  steps: readonly number[],
  prints: readonly TabletPrint[],
  measured: readonly MeasuredTablet[] = printedPaper({ steps, prints, oneEmulsion: true }),
): FittedPaper {
  if (prints.length < 2) {
    throw new Refusal('paper-fit', '/prints', 'Two settings at least show how the layers lie.');
  }
  const ranges = measured.map(({ range }) => range);
  if (Math.max(...ranges) - Math.min(...ranges) < LEAST_APART) {
    throw new Refusal(
      'paper-fit',
      '/prints',
      'The settings are all of one range: a hard and a soft one show how the layers lie.',
    );
  }
  const start = begun(measured);
  const modelOf = (parameters: readonly number[]): Model => {
    const [dMin = 0, net = 1, slope = 5, span = 1] = parameters;
    const paper = spreadLayers({ dMin, dMax: dMin + net }, slope, span);
    const settings = measured.map((_, index) => ({
      firstLog: parameters[OF_PAPER + 2 * index]!,
      share: shareFromLogit(parameters[OF_PAPER + 2 * index + 1]!),
    }));
    return { paper, settings };
  };
  /** Two more, in the densities' own measure, stand for what papers are usually like. */
  const usual = ([, , slope = 0, span = 0]: readonly number[]) => [
    (PAPER_READING * (slope - start[2]!)) / USUAL_WITHIN.slope,
    (PAPER_READING * (span - start[3]!)) / USUAL_WITHIN.span,
  ];
  const densities = ({ paper, settings }: Model) =>
    settings.flatMap(({ share, firstLog }) => {
      const curve = curveFor(paper, share);
      return steps.map((step) => densityAt(curve, firstLog + step));
    });
  const all = (parameters: readonly number[]) => [
    ...densities(modelOf(parameters)),
    ...usual(parameters),
  ];
  const wanted = [...prints.flat(), 0, 0];
  const own = (most: number) => measured.flatMap(() => [6 * most, ENOUGH_LOGIT * most]);
  const { parameterValues } = levenbergMarquardt(
    { x: wanted.map((_, index) => index), y: wanted },
    (parameters) => {
      const values = all(parameters);
      return (index) => values[index]!;
    },
    {
      initialValues: start,
      minValues: [-0.1, start[1]! / 2, 1, 0, ...own(-1)],
      maxValues: [0.5, start[1]! * 2, 25, 3, ...own(1)],
      damping: 0.01,
      gradientDifference: STEP,
      centralDifference: true,
      maxIterations: ITERATIONS,
      errorTolerance: 1e-10,
    },
  );
  const model = modelOf(parameterValues);
  const fitted = densities(model);
  const residuals = prints.flat().map((density, index) => density - fitted[index]!);
  const restOf = (of: readonly number[]) =>
    Math.sqrt(of.reduce((sum, one) => sum + one ** 2, 0) / of.length);
  const settings = model.settings.map(({ share }, index) => ({
    range: isoRange(curveFor(model.paper, share)),
    residuals: residuals.slice(index * steps.length, (index + 1) * steps.length),
  }));
  // A reading that fits none of its neighbours speaks of itself, and of no layers.
  const misfit = settings.some(({ range, residuals: own }, index) => {
    const { deviation, odd, range: read, within } = measured[index]!;
    const off = restOf(own.filter((_, step) => !odd.includes(step)));
    return (
      off > MISFIT * Math.max(PAPER_READING, deviation) || Math.abs(range - read) > within.range
    );
  });
  return sound({
    ...{ paper: model.paper, span: parameterValues[3]!, settings },
    rest: restOf(residuals),
    misfit,
  });
}

/** Where the search begins: what each print says by itself, on the usual layers or on such as reach as far. */
const begun = (measured: readonly MeasuredTablet[]): number[] => {
  const mean = (of: (one: MeasuredTablet) => number) =>
    measured.reduce((sum, one) => sum + of(one), 0) / measured.length;
  const [dMin, dMax] = [mean((one) => one.dMin), mean((one) => one.dMax)];
  const paper = layersFor(
    { dMin, dMax },
    measured.map(({ range }) => range),
  );
  const own = measured.flatMap(({ range, speedLog }) => {
    const share = blueShareFor(paper, range);
    const speedAt = logExposureAt(curveFor(paper, share), paper.dMin + PAPER_SPEED_DENSITY);
    const logit = Math.log(share / (1 - share));
    return [speedAt - speedLog, Math.max(-ENOUGH_LOGIT, Math.min(ENOUGH_LOGIT, logit))];
  });
  return [dMin, dMax - dMin, paper.slope, paper.layerOffsets.at(-1)!, ...own];
};
