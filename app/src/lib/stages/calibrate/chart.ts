import { extent, line, scaleLinear, scaleLog } from 'd3';
import type { Point, TestChart } from '../../nouns/calibration/kinds/kind.ts';

/** A chart laid out in per cent of its width and height, so that the server can draw it too. */
export interface LaidChart {
  readonly across: readonly { readonly x: number; readonly label: string }[];
  readonly up: readonly { readonly y: number; readonly label: string }[];
  readonly series: readonly {
    readonly name: string;
    readonly curve: string;
    readonly points: readonly Point[];
    /** Where its name stands: on its curve. */
    readonly label: Point;
  }[];
  readonly marks: readonly (Point & { readonly name: string; readonly left: boolean })[];
  /** What the points are off their curves, in a strip below. */
  readonly residuals?: {
    readonly zero: number;
    readonly points: readonly Point[];
    readonly up: readonly { readonly y: number; readonly label: string }[];
  };
}

const EDGE = 4;
/** So far from the top of the chart curves have their names. */
const NAMED_AT = 0.3;
/** Residuals are drawn at least so wide that noise does not look like a fault. */
const LEAST_RESIDUAL = 0.01;

const span = (values: readonly number[]): [number, number] => {
  const [low = 0, high = 1] = extent(values);
  return high > low ? [low, high] : [low - 0.5, high + 0.5];
};

/** Lays out what a test draws. */
export function laidChart({ series, marks, residuals, logAcross }: TestChart): LaidChart {
  const all = [...series.flatMap(({ points, curve }) => [...points, ...curve]), ...marks];
  const domainX = span(all.map(({ x }) => x));
  const x = (logAcross ? scaleLog() : scaleLinear()).domain(domainX).range([EDGE, 100 - EDGE]);
  const y = scaleLinear(span(all.map((point) => point.y)), [100 - EDGE, EDGE]).nice(5);
  const place = (point: Point): Point => ({ x: x(point.x), y: y(point.y) });
  const path = line<Point>(
    (point) => x(point.x),
    (point) => y(point.y),
  );
  const shown = (value: number) => String(Number(value.toFixed(2))).replace('-', '−');
  const ticksAcross = logAcross
    ? [1, 2, 5, 10, 20, 50, 100, 200].filter((tick) => tick >= domainX[0] && tick <= domainX[1])
    : scaleLinear(domainX, [0, 1]).ticks(6);
  return {
    across: ticksAcross.map((tick) => ({ x: x(tick), label: shown(tick) })),
    up: y.ticks(5).map((tick) => ({ y: y(tick), label: shown(tick) })),
    series: series.map(({ name, points, curve }) => {
      // All at one height, where curves lie beside each other.
      const [low, high] = y.domain() as [number, number];
      const height = high - (high - low) * NAMED_AT;
      const nearest = curve.reduce<Point | undefined>(
        (best, point) =>
          !best || Math.abs(point.y - height) < Math.abs(best.y - height) ? point : best,
        undefined,
      );
      return {
        name,
        curve: path(curve) ?? '',
        points: points.map(place),
        label: place(nearest ?? points[0] ?? { x: domainX[1], y: 0 }),
      };
    }),
    marks: marks.map(({ name, ...point }) => {
      const at = place(point);
      return { ...at, name, left: at.x > 55 };
    }),
    ...(residuals && residuals.length > 0 && { residuals: strip(residuals, x) }),
  };
}

function strip(residuals: readonly Point[], x: (value: number) => number) {
  const most = Math.max(LEAST_RESIDUAL, ...residuals.map(({ y }) => Math.abs(y)));
  const y = scaleLinear([-most, most], [90, 10]);
  return {
    zero: y(0),
    points: residuals.map((point) => ({ x: x(point.x), y: y(point.y) })),
    up: [most, -most].map((value) => ({
      y: y(value),
      label: `${value > 0 ? '+' : '−'}${Math.abs(value).toFixed(2)}`,
    })),
  };
}
