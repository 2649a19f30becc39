import {
  LEAST_C,
  LEAST_SECONDS,
  MOST_C,
  answerableTemperatures,
  filmTime,
  type FilmRecipe,
} from '@katachron/core';
import { line, scaleLinear, scaleLog, ticks } from 'd3';
import { clockTime } from '../../words/duration.ts';
import { degrees, type Unit } from '../../words/temperature.ts';

/** A position on the chart, per cent of its width and height. */
export interface Place {
  readonly x: number;
  readonly y: number;
}

/** Everything the time chart draws, in per cent, so that it needs no width to be drawn on the server. */
export interface TimeChart {
  readonly across: readonly { readonly x: number; readonly label: string }[];
  readonly up: readonly { readonly y: number; readonly label: string }[];
  readonly points: readonly Place[];
  /** The stretch that the recipe's own points cover. */
  readonly curve: string;
  /** Where it is only carried on. */
  readonly carriedOn: readonly string[];
  readonly reading?: Place;
  /** Where nothing warns: neither too cold nor too warm, and long enough to be even. */
  readonly safe?: {
    readonly x: number;
    readonly y: number;
    readonly width: number;
    readonly height: number;
  };
}

const EDGE = 4;
/** Fine enough for a straight-looking curve. */
const SAMPLES = 24;
/** Times that people read off a clock, s. */
const ROUND_TIMES = [
  60, 90, 120, 180, 240, 300, 360, 420, 480, 540, 600, 720, 900, 1080, 1200, 1500, 1800, 2400, 3000,
  3600, 4500, 5400, 7200,
];

/** Lays out time against temperature: time on a logarithmic axis, where a recipe is nearly straight. */
export function timeChart(
  recipe: FilmRecipe,
  factor: number,
  unit: Unit,
  temperatureC?: number,
): TimeChart {
  const { lowC, highC, tableLowC, tableHighC } = answerableTemperatures(recipe);
  const time = (temperature: number) => filmTime(recipe, temperature).seconds * factor;
  // Only a little is shown beyond the table: where the curve is carried on, not where it goes.
  const left = Math.max(lowC, tableLowC - 2);
  const right = Math.min(highC, tableHighC + 2);
  const inside = temperatureC !== undefined && temperatureC >= lowC && temperatureC <= highC;
  const domain = [
    Math.min(left, inside ? temperatureC : left),
    Math.max(right, inside ? temperatureC : right),
  ];
  const x = scaleLinear(domain, [EDGE, 100 - EDGE]);
  const y = scaleLog([time(domain[1]!), time(domain[0]!)], [100 - EDGE * 3, EDGE]);
  const stretch = line<number>(
    (temperature) => x(temperature),
    (temperature) => y(time(temperature)),
  );
  const sampled = (from: number, to: number) =>
    stretch(Array.from({ length: SAMPLES + 1 }, (_, n) => from + ((to - from) * n) / SAMPLES)) ??
    '';
  const between = (value: number, low: number, high: number) =>
    Math.min(high, Math.max(low, value));
  const safeX = [LEAST_C, MOST_C].map((temperature) =>
    x(between(temperature, domain[0]!, domain[1]!)),
  ) as [number, number];
  const safeY = y(between(LEAST_SECONDS, time(domain[1]!), time(domain[0]!)));
  const safe = {
    x: safeX[0],
    y: 0,
    width: safeX[1] - safeX[0],
    height: Math.min(100, safeY + EDGE),
  };
  const shownTimes = ROUND_TIMES.filter((s) => s >= time(domain[1]!) && s <= time(domain[0]!));
  const every = Math.ceil(shownTimes.length / 7);
  return {
    across: ticks(Math.ceil(domain[0]!), Math.floor(domain[1]!), 5)
      .filter(Number.isInteger)
      .map((temperature) => ({ x: x(temperature), label: degrees(temperature, unit) })),
    up: shownTimes
      .filter((_, index) => index % every === 0)
      .map((seconds) => ({ y: y(seconds), label: clockTime(seconds) })),
    points: recipe.points.map((point) => ({
      x: x(point.temperatureC),
      y: y(point.seconds * factor),
    })),
    curve: tableHighC > tableLowC ? sampled(tableLowC, tableHighC) : '',
    carriedOn: [sampled(domain[0]!, tableLowC), sampled(tableHighC, domain[1]!)],
    ...(safe.width > 0 && safe.height > EDGE * 2 && { safe }),
    ...(inside && { reading: { x: x(temperatureC), y: y(time(temperatureC)) } }),
  };
}
