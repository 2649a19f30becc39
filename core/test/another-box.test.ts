import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  BOX_NOTICED,
  certainties,
  contrastSet,
  defaultPaper,
  keepTone,
  readPrint,
  settingOf,
  type EarlierPrint,
  type PrintSession,
  type SessionStrip,
} from '../src/index.ts';

const set = contrastSet('filters');
const lamp = { lagSeconds: 0.2, timerStepSeconds: 0.1 };
const tones = { highlightDensity: 0.1, shadowDensity: 1.72 };

/** How a box differs from what the set says, stops, by filter. */
type Box = Readonly<Record<string, number>>;
const first: Box = {};
/** Two of the filters the other way round. */
const second: Box = { '1': 0.35, '3': -0.35 };

/** A strip on a negative that is right at filter 2 in so many seconds, looked at by an exact eye. */
function strip(settingId: string, seconds: number, box: Box): SessionStrip {
  const needed = (density: number) =>
    keepTone(defaultPaper, settingOf(set, '2'), settingOf(set, settingId), seconds, density) *
    2 ** (box[settingId] ?? 0);
  const highlight = needed(tones.highlightDensity);
  const firstSeconds = highlight / 2 ** 1.5;
  const at = (density: number) =>
    Math.min(14, Math.max(0, Math.round(2 * 4 * Math.log2(needed(density) / firstSeconds)) / 2));
  const choices = { kind: 'stops', method: 'separate', firstSeconds, step: 0.25 } as const;
  return {
    ...{ settingId, lamp, choices: { ...choices, patches: 15 } },
    ...{ highlight: at(tones.highlightDensity), shadow: at(tones.shadowDensity) },
  };
}
const three = (seconds: number, box: Box) => ['1', '2', '3'].map((id) => strip(id, seconds, box));
const earlier = (box: Box, prints: number): EarlierPrint[] =>
  Array.from({ length: prints }, (_, index) => ({
    ...{ ...tones, lamp, strips: three(8 + index, box) },
  }));
const read = (strips: readonly SessionStrip[], before: readonly EarlierPrint[]) => {
  const session: PrintSession = {
    ...{ paper: defaultPaper, set, lamp, ...tones, strips, earlier: before },
    ...{ wanted: certainties[1], mostParts: 1 },
  };
  return readPrint(session);
};

describe('another box of paper', () => {
  it('is noticed when its filters differ among themselves, and answered for itself', () => {
    const reading = read(three(10, second), earlier(first, 6));
    expect(reading.anotherBox).toBeGreaterThan(0.8);
    expect(reading.boxAt).toBe(null);
    const right = 10 * 2 ** (second[reading.setting.id] ?? 0);
    expect(right).toBeGreaterThan(reading.lowSeconds);
    expect(right).toBeLessThan(reading.highSeconds);
    // Of a box like the first it is not said.
    expect(read(three(10, first), earlier(first, 6)).anotherBox).toBeLessThan(0.02);
  });

  it('is not told from another negative by its own speed', () => {
    fc.assert(
      fc.property(fc.double({ min: -1, max: 1, noNaN: true }), (speed) => {
        const faster = { '1': speed, '2': speed, '3': speed };
        expect(read(three(10, faster), earlier(first, 6)).anotherBox).toBeLessThan(0.05);
      }),
      { numRuns: 20 },
    );
  });

  it('is noticed by one more print where one alone only hints at it; from then on it teaches', () => {
    const hint: Box = { '1': 0.25, '3': -0.25 };
    const two = (seconds: number) => three(seconds, hint).slice(1);
    const old = earlier(first, 6);
    const another = (index: number) => ({ ...tones, lamp, strips: two(9 + index) });
    const seen = Array.from({ length: 6 }, (_, index) =>
      read(two(10), [...old, ...Array.from({ length: index }, (__, at) => another(at))]),
    );
    const chances = seen.map((one) => one.anotherBox);
    expect(chances[0]).toBeLessThan(BOX_NOTICED);
    expect(chances[1]).toBeGreaterThan(chances[0]!);
    const from = chances.findIndex((one) => one > BOX_NOTICED);
    expect(from).toBeGreaterThan(0);
    // The print after it knows since which one.
    expect(seen[from + 1]!.boxAt).toBe(old.length + from);
    expect(seen[from + 1]!.anotherBox).toBeLessThan(0.1);
    const right = 10 * 2 ** (hint[seen[from + 1]!.setting.id] ?? 0);
    expect(Math.abs(Math.log2(seen[from + 1]!.seconds / right))).toBeLessThan(0.1);
  });

  it('is asked about by nobody before a print was made', () => {
    const reading = read(three(10, second), []);
    expect(reading.anotherBox).toBe(0);
    expect(reading.boxAt).toBe(null);
  });
});
