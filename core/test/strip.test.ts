import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  stripFault,
  burnOrDodge,
  lampLag,
  narrowStrip,
  percentInStops,
  planStrip,
  readPick,
  stepForRange,
  stripKinds,
  type Lamp,
  type StripChoices,
} from '../src/index.ts';

const halves: StripChoices = {
  kind: 'stops',
  method: 'cover-up',
  firstSeconds: 4,
  step: 0.5,
  patches: 7,
};
const fine: Lamp = { lagSeconds: 0, timerStepSeconds: 0.01 };

describe('a cover-up strip', () => {
  it('4 s in half stops, seven patches', () => {
    const strip = planStrip(halves, fine);
    expect(strip.patches.map((patch) => patch.wantedSeconds.toFixed(2))).toEqual(
      '4.00 5.66 8.00 11.31 16.00 22.63 32.00'.split(' '),
    );
    const firings = [4, 1.66, 2.34, 3.31, 4.69, 6.63, 9.37];
    strip.firings.forEach((firing, index) =>
      expect(firing.dialSeconds).toBeCloseTo(firings[index]!, 2),
    );
  });

  it('counts the lag and carries the rounding on', () => {
    const strip = planStrip(halves, { lagSeconds: 0.18, timerStepSeconds: 0.1 });
    expect(strip.firings.map((firing) => firing.dialSeconds)).toEqual([
      4.2, 1.8, 2.5, 3.5, 4.9, 6.8, 9.6,
    ]);
    for (const patch of strip.patches) expect(Math.abs(patch.errorStops)).toBeLessThan(0.01);
  });

  it('says what the hands do', () => {
    const hands = planStrip(halves, fine).firings.map((firing) => firing.hands);
    expect(hands[0]).toBe('Nothing covered');
    expect(hands[3]).toBe('Card over three patches');
  });

  it('refuses a firing shorter than the timer can dial', () => {
    const close = { ...halves, firstSeconds: 0.5, step: 1 / 12 };
    expect(() => planStrip(close, { lagSeconds: 0, timerStepSeconds: 0.5 })).toThrow(
      /Stop the lens down/,
    );
  });
});

describe('separate patches', () => {
  it('get each their own firing, lag added to each', () => {
    const strip = planStrip(
      {
        ...halves,
        method: 'separate',
        kind: 'equal-seconds',
        firstSeconds: 2,
        step: 2,
        patches: 3,
      },
      { lagSeconds: 0.2, timerStepSeconds: 0.1 },
    );
    expect(strip.firings.map((firing) => firing.dialSeconds)).toEqual([2.2, 4.2, 6.2]);
    expect(strip.firings.map((firing) => firing.hands)).toEqual([
      'Only patch 1 open',
      'Only patch 2 open',
      'Only patch 3 open',
    ]);
  });

  it('one place moves the paper', () => {
    const strip = planStrip({ ...halves, method: 'one-place', patches: 2 }, fine);
    expect(strip.firings.map((firing) => firing.hands)).toEqual([
      'Patch 1 of 2 under the mask',
      'Move the paper on to patch 2',
    ]);
  });
});

describe('doubling', () => {
  it('goes from 1 s to 64 s in seven patches', () => {
    const strip = planStrip({ ...halves, kind: 'doubling', firstSeconds: 1 }, fine);
    expect(strip.patches.map((patch) => patch.wantedSeconds)).toEqual([1, 2, 4, 8, 16, 32, 64]);
  });
});

const strips = fc.record({
  kind: fc.constantFrom(...stripKinds.map(({ id }) => id)),
  method: fc.constantFrom('cover-up' as const, 'separate' as const, 'one-place' as const),
  firstSeconds: fc.double({ min: 2, max: 30, noNaN: true }),
  step: fc.double({ min: 0.25, max: 2, noNaN: true }),
  patches: fc.integer({ min: 2, max: 9 }),
});
const lamps = fc.record({
  lagSeconds: fc.double({ min: -0.1, max: 0.4, noNaN: true }),
  timerStepSeconds: fc.constantFrom(0.1, 0.05, 0.01),
});

describe('every strip', () => {
  it('has firings that sum to what its patches get', () => {
    fc.assert(
      fc.property(strips, lamps, (choices, lamp) => {
        const { patches, firings } = planStrip(choices, lamp);
        let sum = 0;
        patches.forEach((patch, index) => {
          const light = firings[index]!.dialSeconds - lamp.lagSeconds;
          sum = choices.method === 'cover-up' ? sum + light : light;
          expect(patch.givenSeconds).toBeCloseTo(sum, 6);
        });
      }),
    );
  });

  it('is never further from the wish than half a timer step', () => {
    fc.assert(
      fc.property(strips, lamps, (choices, lamp) => {
        for (const { givenSeconds, wantedSeconds } of planStrip(choices, lamp).patches) {
          expect(Math.abs(givenSeconds - wantedSeconds)).toBeLessThanOrEqual(
            lamp.timerStepSeconds / 2 + 1e-6,
          );
        }
      }),
    );
  });

  it.each([
    [{ firstSeconds: 0 }, '/firstSeconds'],
    [{ firstSeconds: NaN }, '/firstSeconds'],
    [{ step: -1 }, '/step'],
    [{ step: 60 }, '/step'],
    [{ patches: 0 }, '/patches'],
    [{ patches: 3.5 }, '/patches'],
    [{ patches: 99 }, '/patches'],
  ])('refuses %j', (wrong, field) => {
    expect(() => planStrip({ ...halves, ...wrong }, fine)).toThrow(
      expect.objectContaining({ field }),
    );
  });

  it.each([
    [{ timerStepSeconds: 0 }, '/timerStepSeconds'],
    [{ lagSeconds: 9 }, '/lagSeconds'],
  ])('refuses a lamp of %j', (wrong, field) => {
    expect(() => planStrip(halves, { ...fine, ...wrong })).toThrow(
      expect.objectContaining({ field }),
    );
  });
});

describe('a lamp’s lag', () => {
  it('8 × 2.0 s matching 14.6 s is 0.2 s', () => expect(lampLag(8, 2, 14.6)).toBeCloseTo(0.2));
  it('is negative for a lamp that glows on', () => expect(lampLag(5, 2, 10.4)).toBeCloseTo(-0.1));
  it('cannot come from one firing', () => expect(() => lampLag(1, 2, 2)).toThrow(/two firings/));
});

describe('a pick', () => {
  const thirds = [5, 6.3, 7.94, 10, 12.6, 15.87, 20];

  it('on a patch stands for that patch, give or take half the way to the next', () => {
    const pick = readPick(thirds, 3);
    expect(pick.seconds).toBe(10);
    expect(pick.withinStops).toBeCloseTo(1 / 6, 2);
    expect(pick.atEnd).toBeNull();
  });

  it('between two patches is their geometric mean, and surer', () => {
    const pick = readPick([8, 16], 0.5);
    expect(pick.seconds).toBeCloseTo(11.3137, 4);
    expect(pick.withinStops).toBeCloseTo(0.25);
  });

  it('at an end says that the right one may lie beyond', () => {
    expect(readPick(thirds, 0)).toMatchObject({ atEnd: 'lightest' });
    expect(readPick(thirds, 0).lowSeconds).toBeCloseTo(3.97, 2);
    expect(readPick(thirds, 6)).toMatchObject({ atEnd: 'darkest' });
  });

  it.each([-1, 7, 2.25, NaN])('refuses position %s', (position) => {
    expect(() => readPick(thirds, position)).toThrow(/patches 1 to 7/);
  });

  it('between two lies between them, and its bracket holds it', () => {
    const patches = fc
      .record({
        first: fc.double({ min: 1, max: 20, noNaN: true }),
        steps: fc.array(fc.double({ min: 0.1, max: 1, noNaN: true }), {
          minLength: 1,
          maxLength: 8,
        }),
      })
      .map(({ first, steps }) =>
        steps.reduce((seconds, step) => [...seconds, seconds.at(-1)! * 2 ** step], [first]),
      );
    fc.assert(
      fc.property(patches, fc.double({ min: 0, max: 0.999, noNaN: true }), (seconds, share) => {
        const gap = Math.floor(share * (seconds.length - 1));
        const pick = readPick(seconds, gap + 0.5);
        expect(pick.seconds).toBeGreaterThan(seconds[gap]!);
        expect(pick.seconds).toBeLessThan(seconds[gap + 1]!);
        expect(pick.lowSeconds).toBeLessThan(pick.seconds);
        expect(pick.highSeconds).toBeGreaterThan(pick.seconds);
      }),
    );
  });
});

describe('narrowing', () => {
  it('steps by contrast', () => {
    expect([150, 130, 129, 90, 89].map(stepForRange)).toEqual([1 / 3, 1 / 3, 1 / 4, 1 / 4, 1 / 6]);
  });

  it('covers the bracket with as few patches as settle it', () => {
    const next = narrowStrip(8, 16, 110);
    expect(next).toMatchObject({ stepStops: 0.25, patches: 5 });
    expect(next.firstSeconds).toBeCloseTo(8);
    expect(narrowStrip(10, 10.1, 110).patches).toBe(3);
  });

  it('reaches both ends of a wide bracket, in larger steps', () => {
    const wide = narrowStrip(1, 64, 80);
    expect(wide.firstSeconds).toBeCloseTo(1, 9);
    expect(wide.stepStops).toBeCloseTo(0.4286, 4);
    expect(wide.patches).toBe(15);
    expect(wide.firstSeconds * 2 ** (wide.stepStops * 14)).toBeCloseTo(64, 6);
  });
});

describe('burning and dodging', () => {
  it('12.6 s, +⅔ is 7.4 s more', () => expect(burnOrDodge(12.6, 2 / 3)).toBeCloseTo(7.4, 1));
  it('12.6 s, −⅓ is held back for 2.6 s', () =>
    expect(burnOrDodge(12.6, -1 / 3)).toBeCloseTo(2.6, 1));
  it('corners of 12 s, +⅔ get 7.0 s', () => expect(burnOrDodge(12, 2 / 3)).toBeCloseTo(7.05, 1));
  it('10 % more is 0.14 stop', () => expect(percentInStops(10)).toBeCloseTo(0.14, 2));
});

describe('what is impossible on a strip', () => {
  it.each([
    [6, 6, 'too-little'],
    [0, 0, 'too-much'],
    [0, 6, 'too-soft'],
    [6, 0, 'too-hard'],
  ] as const)('highlight at %i, shadow at %i of seven: %s', (highlight, shadow, id) => {
    expect(stripFault(7, highlight, shadow)?.id).toBe(id);
  });

  it('is nothing as long as one place is right inside', () => {
    expect(stripFault(7, 3, 6)).toBeUndefined();
    expect(stripFault(7, 0, 0.5)).toBeUndefined();
  });
});
