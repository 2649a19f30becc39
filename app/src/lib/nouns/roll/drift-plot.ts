import { temperatureCourse, type DriftReading, type TankDrift } from '@katachron/core';
import { line, scaleLinear } from 'd3';
import { clockTime } from '../../words/duration.ts';
import { degrees, type Unit } from '../../words/temperature.ts';
import { doneAfter } from './follow.ts';

/** Everything the plot of a developer's temperature draws, in per cent. */
export interface DriftPlot {
  /** What was foretold when the plan was made. */
  readonly plan: string;
  /** What was read, joined. */
  readonly read: string;
  /** How it goes on after the last reading. */
  readonly ahead: string;
  readonly readings: readonly { readonly x: number; readonly y: number; readonly label: string }[];
  readonly now?: { readonly x: number; readonly y: number };
  readonly across: readonly { readonly x: number; readonly label: string }[];
  readonly up: readonly { readonly y: number; readonly label: string }[];
  /** How much of the development is done at each moment, filling up from the bottom. */
  readonly filling: string;
  /** The share done now, per cent. */
  readonly donePercent: number;
}

/** What a plot is made from. */
export interface DriftPlotFacts {
  readonly roll: Parameters<typeof doneAfter>[0];
  readonly readings: readonly DriftReading[];
  /** s since the developer went in; past its end, the end. */
  readonly elapsedSeconds: number;
  readonly endSeconds: number;
  readonly unit: Unit;
}

const SAMPLES = 40;
const EDGE = 3;
/** A plot of a temperature that hardly moves still spans this much, °C. */
const LEAST_SPAN = 1;

const MOST_TICKS = 6;
/** As a share of the axis. */
const LEAST_APART = 0.1;

const samples = (from: number, to: number) =>
  Array.from({ length: SAMPLES + 1 }, (_, n) => from + ((to - from) * n) / SAMPLES);

/** Whole minutes along the axis, so many that they do not crowd. */
function minutes(end: number): number[] {
  const step = 60 * Math.max(1, Math.ceil(end / 60 / MOST_TICKS));
  return Array.from({ length: Math.floor(end / step) + 1 }, (_, n) => n * step);
}

/** Does a reading stand so near the one before that their words would lie on each other? */
function crowded(readings: readonly DriftReading[], index: number, end: number): boolean {
  const before = readings[index - 1];
  return before !== undefined && readings[index]!.seconds - before.seconds < end * LEAST_APART;
}

/** Lays out temperature against time: the plan, the readings, and the development filling up. */
export function driftPlot(facts: DriftPlotFacts): DriftPlot {
  const { roll, readings, unit } = facts;
  const end = Math.max(facts.endSeconds, facts.elapsedSeconds, 1);
  const now = Math.min(facts.elapsedSeconds, end);
  const drift: TankDrift | undefined = roll.drift;
  const planned = temperatureCourse([{ seconds: 0, temperatureC: roll.temperatureC }], drift);
  const course = temperatureCourse(readings, drift);
  const lastRead = readings.at(-1)?.seconds ?? 0;
  const temperatures = [...samples(0, end).flatMap((at) => [planned(at), course(at)])];
  const middle = (Math.min(...temperatures) + Math.max(...temperatures)) / 2;
  const span = Math.max(LEAST_SPAN, Math.max(...temperatures) - Math.min(...temperatures)) * 1.3;
  const x = scaleLinear([0, end], [EDGE, 100 - EDGE]);
  const y = scaleLinear([middle - span / 2, middle + span / 2], [100 - EDGE, EDGE]);
  const done = scaleLinear([0, 1], [100 - EDGE, EDGE]);
  const path = (of: (seconds: number) => number, from: number, to: number) =>
    line<number>(
      (seconds) => x(seconds),
      (seconds) => y(of(seconds)),
    )(samples(from, to)) ?? '';
  const filled = line<number>(
    (seconds) => x(seconds),
    (seconds) => done(doneAfter(roll, readings, seconds)),
  )(samples(0, now));
  return {
    plan: path(planned, 0, end),
    read: lastRead > 0 ? path(course, 0, Math.min(lastRead, end)) : '',
    ahead: lastRead < end ? path(course, lastRead, end) : '',
    readings: readings.map(({ seconds, temperatureC }, index) => ({
      x: x(seconds),
      y: y(temperatureC),
      label: crowded(readings, index, end) ? '' : degrees(temperatureC, unit),
    })),
    ...(facts.elapsedSeconds < facts.endSeconds && { now: { x: x(now), y: y(course(now)) } }),
    across: minutes(end).map((seconds) => ({ x: x(seconds), label: clockTime(seconds) })),
    up: y
      .ticks(4)
      .map((temperatureC) => ({ y: y(temperatureC), label: degrees(temperatureC, unit) })),
    filling: filled ? `${filled}L${x(now)},${100 - EDGE}L${x(0)},${100 - EDGE}Z` : '',
    donePercent: Math.round(doneAfter(roll, readings, now) * 100),
  };
}
