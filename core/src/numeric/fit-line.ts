/** A point that a line is laid through. */
export interface LinePoint {
  readonly x: number;
  readonly y: number;
}

/** A straight line by least squares, y = intercept + slope·x. */
export interface FittedLine {
  readonly intercept: number;
  readonly slope: number;
  /** What each point is off it: y − the line. */
  readonly residuals: readonly number[];
  /** The variance of the line at x, as a share of the variance of one point. */
  readonly varianceShareAt: (x: number) => number;
}

/** The line through two or more points that differ in x. */
export const fitLine = (points: readonly LinePoint[]): FittedLine => {
  const mean = (of: (point: LinePoint) => number) =>
    points.reduce((sum, point) => sum + of(point), 0) / points.length;
  const x = mean((point) => point.x);
  const y = mean((point) => point.y);
  const spread = points.length * mean((point) => (point.x - x) ** 2);
  const slope = (points.length * mean((point) => (point.x - x) * (point.y - y))) / spread;
  return {
    intercept: y - slope * x,
    slope,
    residuals: points.map((point) => point.y - y - slope * (point.x - x)),
    varianceShareAt: (at) => 1 / points.length + (at - x) ** 2 / spread,
  };
};
