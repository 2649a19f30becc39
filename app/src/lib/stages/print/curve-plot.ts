import {
  STOP_IN_LOG,
  curveForRange,
  densityAt,
  isoRange,
  logExposureAt,
  logFromSpeedPoint,
  rangeLimits,
  type Paper,
} from '@katachron/core';
import { line, scaleLinear } from 'd3';

/** A tone that the negative puts on the paper, on its curve. */
export interface CurveDot {
  readonly name: string;
  readonly x: number;
  readonly y: number;
  readonly density: number;
}

/** A paper's curve with the negative's range laid on it, in per cent of the picture. */
export interface CurvePlot {
  readonly curves: readonly { readonly path: string; readonly main: boolean }[];
  readonly up: readonly { readonly y: number; readonly label: string }[];
  readonly across: readonly { readonly x: number; readonly label: string }[];
  readonly dots: readonly CurveDot[];
  /** What the negative asks for, from its highlight to its shadow. */
  readonly negative?: { readonly from: number; readonly to: number };
  /** The whole picture in a sentence, for those who cannot see it. */
  readonly said: string;
}

export interface CurveQuestion {
  readonly paper: Paper;
  /** R of the curve that is drawn full. */
  readonly range: number;
  /** Other curves, drawn thin. */
  readonly others?: readonly number[];
  /** Where the two places are meant to be, density above paper white. */
  readonly tones?: { readonly light: number; readonly dark: number };
  /** By how many stops the shadow's place gets more or less light than its tone needs. */
  readonly shadowLeftStops?: number;
}

const SAMPLES = 80;
const EDGE = 2;
/** Room on both sides of the range drawn, log10. */
const MARGIN = 0.35;

/** Draws a paper's curve against light in stops from its speed point. */
export function curvePlot({
  paper,
  range,
  others = [],
  tones,
  shadowLeftStops = 0,
}: CurveQuestion): CurvePlot {
  const { hardest, softest } = rangeLimits(paper);
  const curveOf = (r: number) =>
    curveForRange(paper, Math.min(softest - 0.5, Math.max(hardest + 0.5, r)));
  const speedPoint = (r: number) => logExposureAt(curveOf(r), paper.dMin + 0.6);
  const reach = Math.max(range, ...others);
  const first = logFromSpeedPoint(curveOf(reach), 0.04) - MARGIN;
  const last = first + isoRange(curveOf(reach)) / 100 + 2 * MARGIN;
  const x = scaleLinear([first, last], [EDGE, 100 - EDGE]);
  const y = scaleLinear([0, Math.max(2.2, paper.dMax)], [100, EDGE]);
  const sampled = Array.from(
    { length: SAMPLES + 1 },
    (_, n) => first + ((last - first) * n) / SAMPLES,
  );
  const path = (r: number) =>
    line<number>(
      (logH) => x(logH),
      (logH) => y(densityAt(curveOf(r), logH + speedPoint(r))),
    )(sampled) ?? '';
  const dot = (name: string, netDensity: number, moreStops = 0): CurveDot => {
    const logH = logFromSpeedPoint(curveOf(range), netDensity) + moreStops * STOP_IN_LOG;
    const density = densityAt(curveOf(range), logH + speedPoint(range));
    return { name, x: x(logH), y: y(density), density };
  };
  const dots = tones
    ? [dot('highlight', tones.light), dot('shadow', tones.dark, -shadowLeftStops)]
    : [];
  const stops = scaleLinear([first / STOP_IN_LOG, last / STOP_IN_LOG], [EDGE, 100 - EDGE]);
  const placed = dots.map(({ name, density }) => `${name} at density ${density.toFixed(2)}`);
  return {
    curves: [
      ...others.map((r) => ({ path: path(r), main: false })),
      { path: path(range), main: true },
    ],
    up: y.ticks(4).map((density) => ({ y: y(density), label: density.toFixed(1) })),
    across: stops.ticks(6).map((stop) => ({
      x: stops(stop),
      label: stop > 0 ? `+${stop}` : String(stop).replace('-', '−'),
    })),
    dots,
    ...(dots.length === 2 && { negative: { from: dots[0]!.x, to: dots[1]!.x } }),
    said: [`The paper’s curve at R ${Math.round(range)}`, ...placed].join(', '),
  };
}
