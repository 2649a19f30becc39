import { describe, expect, it } from 'vitest';
import {
  TwoNegativesBody,
  twoNegativesExample,
} from '../../src/lib/nouns/two-negatives/contract.ts';
import { enlargerExample } from '../../src/lib/nouns/enlarger/contract.ts';
import { demoTwoNegatives } from '../../src/lib/server/seeds/two-negatives.ts';
import { check } from '../../src/lib/server/validation.ts';
import { emptyTwo } from '../../src/lib/stages/print/two/empty.ts';
import {
  atAnotherSize,
  gridSteps,
  gridTimes,
  rightTimes,
  twoView,
} from '../../src/lib/stages/print/two/two-view.ts';
import { withNumber } from '../../src/lib/stages/print/two/typed-two.ts';

const shelves = { enlargers: [], papers: [] };
const late = {
  ...{ enlargers: [{ ...enlargerExample, id: 'e', version: 1 }], papers: [] },
};
const print = (change: Partial<TwoNegativesBody> = {}): TwoNegativesBody => ({
  ...twoNegativesExample,
  ...change,
});
const grid = { id: 'x', atMs: 0, aSeconds: [10, 12.6], bSeconds: [6.7, 8, 9.5] };

describe('two negatives on one sheet', () => {
  it('has a grid of two times and three, each cell with what is expected of it', () => {
    const view = twoView(print(), shelves);
    expect([view.headA, view.headB]).toEqual([
      ['10.0', '12.6'],
      ['6.7', '8.0', '9.5'],
    ]);
    expect(view.cells.map((row) => row.map(({ density }) => density))).toEqual([
      ['0.68', '0.72', '0.78'],
      ['0.78', '0.83', '0.87'],
    ]);
    expect(gridSteps(view)[0]).toContain('10.0 s on strip 1, 12.6 s on strip 2');
    expect(gridSteps(view)[2]).toContain(
      'at right angles, a third of their length open at a time: 6.7, 8.0, 9.5 s',
    );
    expect(view.answer).toEqual({ a: '10.0', b: '8.0', tested: false });
  });

  it('counts the lag, which gives no light', () => {
    const { aSeconds } = gridTimes(print({ aStep: 1 }), late)!;
    expect(aSeconds[1]).toBeCloseTo(2 * (10 - 0.2) + 0.2, 9);
  });

  it('waits for both times, and says so by having none', () => {
    const view = twoView(emptyTwo('Two'), shelves);
    expect([view.answer, view.cells, view.steps, view.times]).toEqual([
      undefined,
      [],
      [],
      undefined,
    ]);
  });

  it('the cell that was picked last is right, and the plan changes each negative once', () => {
    const body = print({
      tests: [{ ...grid, picked: { a: 1, b: 0 } }],
      ...{ copies: 2, spare: 2, edge: { widthMm: 24, fillStops: -0.5 } },
    });
    expect(rightTimes(body)).toEqual({ a: 12.6, b: 6.7, tested: true });
    const { steps, edge, open } = twoView(body, shelves);
    expect(open).toBeUndefined();
    expect(steps[0]).toContain('the back of 4 sheets: 2 wanted, 2 may fail');
    expect(steps[1]).toContain(
      'F-031 / 14, filter 2, 12.6 s on each sheet, its edge feathered over 24 mm',
    );
    expect(steps.filter((step) => step.includes('Change the negative once'))).toHaveLength(1);
    expect(edge.map(({ density }) => density)).toEqual(['0.20', '0.16', '0.12', '0.09', '0.06']);
    expect(twoView(print({ tests: [grid] }), shelves).open).toEqual(grid);
  });

  it('says mud where both are mid-greys', () => {
    const grey = { ...twoNegativesExample.a, tone: 'V' as const };
    expect(twoView(print({ a: grey, b: grey }), shelves).mud).toContain('together they make mud');
    expect(twoView(print({ a: grey }), shelves).mud).toBeUndefined();
  });

  it('is made at another size with both times converted, each by its own scale', () => {
    const bare = atAnotherSize(print({ tests: [{ ...grid, picked: { a: 1, b: 1 } }] }), 2, shelves);
    expect([bare.a.seconds, bare.b.seconds, bare.tests]).toEqual([50.4, 32, []]);
    const [demo] = demoTwoNegatives;
    const scaled = atAnotherSize(demo!.body, 1.5, shelves);
    const wanted = (seconds: number, m: number) => seconds * ((1 + 1.5 * m) / (1 + m)) ** 2;
    expect(scaled.a.seconds).toBeCloseTo(wanted(10, 240 / 36), 2);
    expect(scaled.b.seconds).toBeCloseTo(wanted(6.8, 300 / 36), 2);
    expect([scaled.a.printMm, scaled.edge!.widthMm]).toEqual([360, 36]);
    expect(check(TwoNegativesBody, scaled)).toEqual(scaled);
  });

  it('numbers are read or refused with what to type; an empty one is none', () => {
    const { a } = twoNegativesExample;
    expect(withNumber(a, 'seconds', '12,5').seconds).toBe(12.5);
    expect('seconds' in withNumber(a, 'seconds', ' ')).toBe(false);
    expect(() => withNumber(a, 'range', '')).toThrow(/as 110/);
    expect(() => withNumber(a, 'printMm', 'wide')).toThrow(/as 240/);
  });

  it('sample data and an empty print are what the contract says', () => {
    for (const { body } of demoTwoNegatives) expect(check(TwoNegativesBody, body)).toEqual(body);
    expect(check(TwoNegativesBody, emptyTwo('Two'))).toEqual(emptyTwo('Two'));
  });
});
