import { describe, expect, it } from 'vitest';
import {
  certainties,
  contrastSet,
  defaultPaper,
  readPrint,
  type BudgetSource,
  type PrintSession,
  type SessionStrip,
} from '../src/index.ts';

const strip = (firstSeconds: number, lagSeconds: number): SessionStrip => ({
  ...{ settingId: '2', lamp: { lagSeconds, timerStepSeconds: 0.1 } },
  choices: { kind: 'stops', method: 'cover-up', firstSeconds, step: 0.25, patches: 7 },
  ...{ highlight: 3, shadow: 3 },
});
const read = (
  firstSeconds: number,
  lagSeconds: number,
  more: Partial<PrintSession> = {},
  looks = 1,
) =>
  readPrint({
    ...{ paper: defaultPaper, set: contrastSet('filters') },
    ...{ highlightDensity: 0.1, shadowDensity: 1.72 },
    lamp: { lagSeconds, timerStepSeconds: 0.1 },
    strips: Array.from({ length: looks }, () => strip(firstSeconds, lagSeconds)),
    ...{ earlier: [], wanted: certainties[1], mostParts: 1 },
    ...more,
  });
const part = ({ budget }: ReturnType<typeof read>, source: BudgetSource) =>
  budget.find((one) => one.source === source)!.stops;

describe('what a ± is made of', () => {
  it('stands largest first, and its squares add up to that of the whole', () => {
    const reading = read(6, 0.2);
    const stops = reading.budget.map((one) => one.stops);
    expect(stops).toEqual(stops.toSorted((a, b) => b - a));
    expect(reading.budget[0]!.source).toBe('eye');
    expect(Math.hypot(...stops)).toBeCloseTo(reading.withinStops, 9);
  });

  it('says of the lag what measuring it would take away', () => {
    const [unknown, measured] = [read(1, 0), read(1, 0.2)];
    expect(unknown.budget[0]!.source).toBe('lag');
    expect(part(measured, 'lag')).toBeLessThan(part(unknown, 'lag') / 2);
    expect(part(read(8, 0), 'lag')).toBeLessThan(part(unknown, 'lag') / 2);
  });

  it('says of the looks what more of them take away', () => {
    const [one, four] = [read(6, 0.2), read(6, 0.2, {}, 4)];
    expect(part(four, 'eye')).toBeLessThan(0.7 * part(one, 'eye'));
  });

  it('has the timer’s step in it where that is coarse', () => {
    const coarse = { lamp: { lagSeconds: 0.2, timerStepSeconds: 5 } };
    expect(part(read(3, 0.2, coarse), 'timer')).toBeGreaterThan(0.05);
    expect(part(read(3, 0.2), 'timer')).toBeLessThan(0.03);
  });
});
