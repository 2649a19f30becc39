import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  burnOrDodge,
  burnOver,
  defaultPaper,
  heldWindows,
  keepTone,
  lightOf,
  percentInStops,
  planSequence,
  planTools,
  secondsInStops,
  testPiece,
  shareOfPlace,
  toolsFor,
  type PlanSetting,
  type PrintPlan,
} from '../src/index.ts';

const a = { id: 'a', range: 100, speedStops: 0 };
const b = { id: 'b', range: 150, speedStops: 0 };
const hard = { id: 'hard', range: 52, speedStops: -1 };
const lamp = { lagSeconds: 0.22, timerStepSeconds: 0.1 };

it('an area may be counted in stops, per cent or seconds (P1)', () => {
  expect(secondsInStops(12.6, 3.5)).toBeCloseTo(0.3536, 4);
  expect(percentInStops(-15)).toBeCloseTo(-0.2345, 4);
  expect(burnOrDodge(12.6, percentInStops(-15))).toBeCloseTo(1.89, 3);
});

it('a burn in another filter keeps the tone that it is to have (P2)', () => {
  const base = { ...a, seconds: 14 };
  expect(keepTone(defaultPaper, a, b, 14, 0.1)).toBeCloseTo(11.59, 2);
  const wanted = [{ ...a, seconds: 28 }];
  expect(burnOver(defaultPaper, [base], wanted, b, 0.1)).toBeCloseTo(11.6, 2);
  expect(burnOver(defaultPaper, [base], wanted, a, 0.1)).toBeCloseTo(14, 6);
  expect(burnOver(defaultPaper, [{ ...a, seconds: 30 }], wanted, b, 0.1)).toBe(0);
});

it.each([
  [
    'soft first',
    [
      { ...b, seconds: 8 },
      { ...hard, seconds: 5 },
    ],
  ],
  [
    'hard first',
    [
      { ...hard, seconds: 5 },
      { ...b, seconds: 8 },
    ],
  ],
])(
  'on a split base, %s, light places are burned in the soft one and dark ones in the hard one',
  (_, base) => {
    const areas = [{ stops: 1 }, { stops: 1, netDensity: 1.72 }, { stops: 1, setting: a }];
    const { firings } = planSequence(defaultPaper, { base, areas, hands: 2 }, lamp);
    const burns = firings.filter(({ kind }) => kind === 'burn');
    expect(Object.fromEntries(burns.map(({ area, setting }) => [area, setting.id]))).toEqual({
      0: 'b',
      1: 'hard',
      2: 'a',
    });
  },
);

describe('a sequence over two filters (P3)', () => {
  const plan: PrintPlan = {
    base: [{ ...a, seconds: 14 }],
    areas: [{ stops: -0.4 }, { stops: 1, setting: b }, { stops: 0.75 }],
    hands: 2,
  };
  const { firings, areas, lightSeconds, filterChanges } = planSequence(defaultPaper, plan, lamp);

  it('begins with the base and who is held back, then burns of the same filter, then the other', () => {
    expect(firings.map(({ kind, setting, area }) => [kind, setting.id, area])).toEqual([
      ['base', 'a', undefined],
      ['burn', 'a', 2],
      ['burn', 'b', 1],
    ]);
    expect(firings.map(({ dialSeconds }) => dialSeconds)).toEqual([14.2, 9.8, 11.8]);
    expect(firings[0]!.lightSeconds).toBeCloseTo(13.98, 6);
    expect(firings[0]!.held).toHaveLength(1);
    expect(firings[0]!.held[0]).toMatchObject({ area: 0, fromSeconds: 0 });
    expect(firings[0]!.held[0]!.seconds).toBeCloseTo(3.39, 3);
  });

  it('carries the rounding into each area on its own', () => {
    expect(areas[0]!.errorStops).toBeCloseTo(-0.0027, 4);
    expect(areas[2]!.errorStops).toBeCloseTo(0.00091, 5);
    expect(areas[2]!.equalSeconds).toBeCloseTo(23.56, 4);
    expect(areas[1]!.errorStops).toBeCloseTo(-0.0024, 4);
    expect(lightSeconds).toBeCloseTo(35.14, 6);
    expect(filterChanges).toBe(1);
  });
});

const settings: readonly PlanSetting[] = [a, b, hard];
const anArea = fc.record({
  stops: fc.double({ min: -1.5, max: 2, noNaN: true }),
  setting: fc.constantFrom(...settings),
  netDensity: fc.constantFrom(0.1, 0.4, 1),
  widerStops: fc.constantFrom(0, 0, 1, 2),
  byMask: fc.boolean(),
});
const aPlan = fc.record({
  base: fc.oneof(
    fc.double({ min: 2, max: 60, noNaN: true }).map((seconds) => [{ ...a, seconds }]),
    fc
      .tuple(
        fc.double({ min: 2, max: 60, noNaN: true }),
        fc.double({ min: 2, max: 60, noNaN: true }),
      )
      .map(([soft, more]) => [
        { ...b, seconds: soft },
        { ...hard, seconds: more },
      ]),
  ),
  areas: fc.array(anArea, { maxLength: 6 }),
  hands: fc.constantFrom(1, 2),
});

describe('any plan', () => {
  it('the light on each area is the sum of the firings over it, and what was wanted but for the timer’s step', () => {
    fc.assert(
      fc.property(aPlan, (plan) => {
        const fine = { lagSeconds: 0.2, timerStepSeconds: 0.01 };
        const { firings, areas, handsFit } = planSequence(defaultPaper, plan, fine);
        for (const [index, area] of plan.areas.entries()) {
          // A simulated sheet: blue and green fall on the area whenever the lamp burns and nothing is in the way.
          let blue = 0;
          let green = 0;
          for (const firing of firings) {
            const over = firing.kind === 'burn' ? firing.area === index : true;
            if (!over) continue;
            const away = firing.held
              .filter((held) => held.area === index)
              .reduce((sum, { seconds }) => sum + seconds, 0);
            const light = lightOf(defaultPaper, firing.setting);
            const seconds = (firing.lightSeconds - away) * 2 ** firing.widerStops;
            blue += light.blue * seconds;
            green += light.green * seconds;
          }
          const wanted = plan.base.map(({ seconds, ...setting }) => {
            const light = lightOf(defaultPaper, setting);
            const times = seconds * 2 ** area.stops;
            return { blue: light.blue * times, green: light.green * times };
          });
          const whole = wanted.reduce((sum, one) => ({
            blue: sum.blue + one.blue,
            green: sum.green + one.green,
          }));
          const share = (light: { blue: number; green: number }) =>
            shareOfPlace(defaultPaper, light, area.netDensity);
          const error = Math.log2(share(whole) / share({ blue, green }));
          if (!handsFit) continue;
          expect(areas[index]!.errorStops).toBeCloseTo(error, 6);
          expect(Math.abs(error)).toBeLessThan(0.05);
        }
      }),
    );
  });

  it('no more hands are used than there are, and nobody is held back twice at a time', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 60, noNaN: true }),
        fc.array(fc.double({ min: 0, max: 1, noNaN: true }), { maxLength: 8 }),
        fc.constantFrom(1, 2, 3),
        (base, shares, hands) => {
          const wanted = shares.map((share) => share * base);
          const { windows, fits } = heldWindows(base, wanted, hands);
          for (const [place, seconds] of wanted.entries()) {
            const held = windows.filter((window) => window.place === place);
            expect(held.reduce((sum, one) => sum + one.seconds, 0)).toBeCloseTo(seconds, 5);
          }
          const spare = hands * base - wanted.reduce((sum, one) => sum + one, 0);
          // Within rounding of just enough either answer is right.
          if (Math.abs(spare) > 1e-4) expect(fits).toBe(spare > 0);
          if (!fits) return;
          for (const { fromSeconds, seconds } of windows) {
            const middle = fromSeconds + Math.min(1e-4, seconds / 2);
            const now = windows.filter(
              (one) => one.fromSeconds < middle && one.fromSeconds + one.seconds > middle,
            );
            expect(now.length).toBeLessThanOrEqual(hands);
            expect(new Set(now.map(({ place }) => place)).size).toBe(now.length);
            expect(fromSeconds + seconds).toBeLessThanOrEqual(base + 1e-4);
          }
        },
      ),
    );
  });
});

it('where windows do not fit into one firing the base is parted, and no firing has more than the hands can hold', () => {
  const third = Math.log2(1 - 0.7);
  const plan: PrintPlan = {
    base: [{ ...a, seconds: 10 }],
    areas: [{ stops: third }, { stops: third }, { stops: Math.log2(1 - 0.6) }],
    hands: 2,
  };
  const { firings, handsFit } = planSequence(defaultPaper, plan, lamp);
  expect(handsFit).toBe(true);
  expect(firings.map(({ dialSeconds }) => dialSeconds)).toEqual([7.2, 3.2]);
  expect(firings.map(({ held }) => held.map(({ area }) => area))).toEqual([
    [0, 1, 2],
    [1, 2],
  ]);
  const four = { ...plan, areas: [...plan.areas, { stops: third }] };
  expect(planSequence(defaultPaper, four, lamp).handsFit).toBe(false);
});

it('a flash comes before or after, a key line last, a wider aperture with the fewest turns', () => {
  const plan: PrintPlan = {
    base: [{ ...a, seconds: 20 }],
    areas: [
      { stops: 1.5, widerStops: 1, setting: b },
      { stops: 1, widerStops: 1 },
      { stops: 0.5, setting: b },
      { stops: 0.5 },
    ],
    flash: { ...b, seconds: 1.5 },
    keyLine: { ...b, seconds: 6.3 },
    hands: 2,
  };
  const { firings, apertureChanges, filterChanges } = planSequence(defaultPaper, plan, lamp);
  expect(firings.map(({ kind, area }) => area ?? kind)).toEqual([
    ...['flash', 'base', 3, 1, 0, 2, 'key-line'],
  ]);
  expect([apertureChanges, filterChanges]).toEqual([2, 2]);
  const after = planSequence(
    defaultPaper,
    { ...plan, flash: { ...b, seconds: 1.5, after: true } },
    lamp,
  );
  expect(after.firings.slice(-2).map(({ kind }) => kind)).toEqual(['flash', 'key-line']);
});

it('what cannot be given is refused with a sentence', () => {
  const base = [{ ...a, seconds: 10 }];
  expect(() => planSequence(defaultPaper, { base: [], areas: [], hands: 2 }, lamp)).toThrow('base');
  expect(() => planSequence(defaultPaper, { base, areas: [], hands: 0 }, lamp)).toThrow('hands');
  expect(() =>
    planSequence(defaultPaper, { base, areas: [{ stops: 30 }], hands: 2 }, lamp),
  ).toThrow('10 stops');
});

it('each tool does one thing or the other', () => {
  expect(toolsFor(-1).map(({ id }) => id)).not.toContain('card-with-hole');
  expect(toolsFor(1).map(({ id }) => id)).not.toContain('wand');
  for (const { burns, holdsBack } of planTools) expect(burns || holdsBack).toBe(true);
});

describe('a test piece over one area', () => {
  const base = [{ ...a, seconds: 10 }];
  const amounts = (...stops: number[]) => stops.map((one) => ({ stops: one, setting: a }));
  const fine = { lagSeconds: 0.2, timerStepSeconds: 0.01 };
  const got = (firings: ReturnType<typeof testPiece>, patch: number) =>
    firings
      .filter(({ open }) => open.includes(patch))
      .reduce((sum, { lightSeconds }) => sum + lightSeconds, 0);

  it('of three amounts is covered one after the other', () => {
    const firings = testPiece(defaultPaper, base, amounts(0.25, 0.5, 0.75), 0.1, fine);
    expect(firings.map(({ open }) => open.length)).toEqual([3, 3, 2, 1]);
    for (const [n, stops] of [0.25, 0.5, 0.75].entries()) {
      expect(Math.log2(got(firings, n) / 10)).toBeCloseTo(stops, 2);
    }
  });

  it('of what is held back begins with less than the base', () => {
    const firings = testPiece(defaultPaper, base, amounts(-0.75, -0.5, -0.25), 0.1, fine);
    expect(firings).toHaveLength(3);
    expect(Math.log2(got(firings, 0) / 10)).toBeCloseTo(-0.75, 2);
    expect(Math.log2(got(firings, 2) / 10)).toBeCloseTo(-0.25, 2);
  });

  it('of three contrasts has each patch open alone, to the same tone', () => {
    const patches = [b, a, hard].map((setting) => ({ stops: 1, setting }));
    const firings = testPiece(defaultPaper, base, patches, 0.1, fine);
    expect(firings.map(({ open }) => open)).toEqual([[0, 1, 2], [0], [1], [2]]);
    const wanted = [{ ...a, seconds: 20 }];
    for (const [n, { setting }] of patches.entries()) {
      const over = burnOver(defaultPaper, [{ ...a, seconds: 10 }], wanted, setting, 0.1);
      expect(firings[n + 1]!.lightSeconds).toBeCloseTo(over, 1);
    }
  });

  it('of nothing is refused', () => {
    expect(() => testPiece(defaultPaper, base, [], 0.1, fine)).toThrow('one to six');
    expect(() => testPiece(defaultPaper, [], amounts(1), 0.1, fine)).toThrow('base');
  });
});
