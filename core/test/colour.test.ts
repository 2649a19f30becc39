import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  castLight,
  castStrengths,
  castUnits,
  casts,
  changePack,
  channels,
  eachChannel,
  packByReadings,
  packColour,
  pickOfRing,
  removeCast,
  ringAround,
  toAnotherBox,
  usualColourHead as head,
  wrongTurn,
  type FilterPack,
} from '../src/index.ts';

const pack = (c: number, m: number, y: number): FilterPack => ({ c, m, y });
const units = fc.integer({ min: 0, max: 90 });
const packs = fc.record({ c: units, m: units, y: units });
const near = (a: FilterPack, b: FilterPack, digits = 9) =>
  channels.forEach(({ id }) => expect(a[id]).toBeCloseTo(b[id], digits));

describe('a cast is taken out', () => {
  it('by its own colour: slightly red, 5 M and 5 Y', () => {
    const {
      pack: next,
      stops,
      seconds,
    } = removeCast(pack(0, 44, 58), castUnits('red', 'slight'), 11.5, head);
    expect(next).toEqual(pack(0, 49, 63));
    expect(stops).toBeCloseTo(0.055, 5);
    expect(seconds).toBeCloseTo(11.95, 2);
  });

  it('and never all three filters stay in', () => {
    const print = pack(8, 40, 61);
    const { pack: next, stops, seconds } = changePack(print, print, 11.5, head);
    expect(next).toEqual(pack(0, 32, 53));
    expect(stops).toBeCloseTo(-0.144, 5);
    expect(seconds).toBeCloseTo(10.41, 2);
  });

  it('two channels moved equally are the third moved the other way', () => {
    const print = pack(10, 40, 60);
    const turn = pack(0, 10, 10);
    expect(wrongTurn(turn)).toEqual({ channel: 'c', units: -10 });
    const [one, other] = [turn, pack(-10, 0, 0)].map((by) => removeCast(print, by, 11.5, head));
    expect(one!.pack).toEqual(pack(0, 40, 60));
    expect(other!.pack).toEqual(one!.pack);
    expect(11.5 * 2 ** 0.11).toBeCloseTo(12.41, 2);
    [one!, other!].forEach(({ seconds }) => expect(seconds).toBeCloseTo(10.96, 2));
    expect(wrongTurn(pack(0, 10, 5))).toBeUndefined();
    expect(wrongTurn(pack(0, 10, 0))).toBeUndefined();
  });

  it('a filter that would go below zero is the other two above it', () => {
    const { pack: next } = removeCast(pack(0, 3, 40), castUnits('green', 'slight'), 10, head);
    expect(next).toEqual(pack(2, 0, 42));
  });

  it('there and back is the same pack and time', () => {
    fc.assert(
      fc.property(
        packs,
        fc.constantFrom(...casts),
        fc.constantFrom(...castStrengths),
        fc.double({ min: 1, max: 60, noNaN: true }),
        (print, cast, strength, seconds) => {
          const by = castUnits(cast.id, strength.id);
          const begun = changePack(print, print, seconds, head);
          const there = removeCast(begun.pack, by, begun.seconds, head);
          const back = removeCast(
            there.pack,
            eachChannel((id) => -by[id]),
            there.seconds,
            head,
          );
          near(back.pack, begun.pack);
          expect(back.seconds).toBeCloseTo(begun.seconds, 6);
        },
      ),
    );
  });

  it('the colour of a pack is the same with grey in it', () => {
    fc.assert(
      fc.property(packs, units, (print, grey) => {
        near(packColour(eachChannel((id) => print[id] + grey)), packColour(print));
        expect(Math.min(...Object.values(packColour(print)))).toBe(0);
      }),
    );
  });
});

describe('a ring-around', () => {
  const middle = { pack: pack(0, 44, 58), seconds: 11.5 };
  const choices = { channel: 'm', step: 5, patches: 5 } as const;

  it('has one channel in even steps, each patch with its own time', () => {
    const patches = ringAround(middle, choices, head);
    expect(patches.map((patch) => patch.pack.m)).toEqual([34, 39, 44, 49, 54]);
    [10.8, 11.15, 11.5, 11.86, 12.24].forEach((seconds, at) =>
      expect(patches[at]!.seconds).toBeCloseTo(seconds, 2),
    );
  });

  it('is picked between two patches as well', () => {
    const { pack: picked, seconds } = pickOfRing(middle, choices, 2.5, head);
    expect(picked).toEqual(pack(0, 46.5, 58));
    expect(seconds).toBeCloseTo(11.68, 2);
  });

  it('of the time leaves the pack alone', () => {
    const patches = ringAround(middle, { step: 0.25, patches: 3 }, head);
    expect(patches.map((patch) => patch.pack)).toEqual([middle.pack, middle.pack, middle.pack]);
    expect(patches[2]!.seconds / patches[1]!.seconds).toBeCloseTo(2 ** 0.25, 9);
  });

  it('refuses what no head and no sheet can do, with what to do instead', () => {
    const ring = (change: object) => () => ringAround(middle, { ...choices, ...change }, head);
    expect(ring({ channel: 'c' })).toThrow(/−10 C, and a filter does not go below 0/);
    expect(ring({ patches: 4 })).toThrow(/the middle one is the print as it stands/);
    expect(ring({ step: 0 })).toThrow(/Give the step/);
    expect(() => pickOfRing(middle, choices, 5, head)).toThrow(/Pick a patch/);
  });
});

describe('a start', () => {
  const reference = {
    ...{ pack: pack(0, 44, 58), seconds: 11.5 },
    light: { red: 10, green: 8, blue: 5 },
  };

  it('by readings: a negative denser in all channels alike takes time alone', () => {
    const half = { red: 5, green: 4, blue: 2.5 };
    const { pack: same, seconds } = packByReadings(reference, half, head);
    near(same, reference.pack);
    expect(seconds).toBeCloseTo(23, 6);
  });

  it('by readings: every layer gets the light that it got from the reference', () => {
    const light = fc.double({ min: 2, max: 20, noNaN: true });
    const unit = 0.018;
    fc.assert(
      fc.property(light, light, light, (red, green, blue) => {
        const { pack: found, seconds } = packByReadings(reference, { red, green, blue }, head);
        const read = { c: red, m: green, y: blue };
        const then = { c: 10, m: 8, y: 5 };
        channels.forEach(({ id }) => {
          const got = read[id] * seconds * 2 ** (-unit * found[id]);
          expect(got / (then[id] * 11.5 * 2 ** (-unit * reference.pack[id]))).toBeCloseTo(1, 6);
        });
      }),
    );
  });

  it('on another box adds what the boxes differ by, and back again is the same', () => {
    const [old, fresh] = [
      { pack: pack(0, 5, 0), stops: 0 },
      { pack: pack(0, 0, 10), stops: 0.25 },
    ];
    const there = toAnotherBox(reference, old, fresh, head);
    expect(there.pack).toEqual(pack(0, 39, 68));
    expect(there.seconds).toBeCloseTo(11.5 * 2 ** (0.25 - 0.045 + 0.02), 6);
    const back = toAnotherBox(there, fresh, old, head);
    near(back.pack, reference.pack);
    expect(back.seconds).toBeCloseTo(11.5, 9);
  });

  it('a cast on the screen darkens the channel that its dye takes, the more the stronger', () => {
    const lights = castStrengths.map(({ units: by }) => castLight(by, head, 2.5));
    expect(lights[0]).toBeLessThan(0.9);
    expect(lights[2]).toBeLessThan(lights[1]!);
    expect(castLight(-10, head, 2.5) * castLight(10, head, 2.5)).toBeCloseTo(1, 12);
  });
});
