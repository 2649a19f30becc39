import { describe, expect, it } from 'vitest';
import {
  certainties,
  contrastSet,
  defaultPaper,
  readPrint,
  timesFor,
  tones,
  tonesAt,
  type PrintSession,
  type SessionStrip,
  type WayOfLookingId,
} from '../src/index.ts';

const lamp = { lagSeconds: 0.2, timerStepSeconds: 0.1 };
const strip = (step: number, firstSeconds: number, position: number): SessionStrip => ({
  settingId: '2',
  choices: { kind: 'stops', method: 'separate', firstSeconds, step, patches: 7 },
  ...{ lamp, highlight: position, shadow: position },
});
const session = (strips: readonly SessionStrip[], way?: WayOfLookingId): PrintSession => ({
  ...{ paper: defaultPaper, set: contrastSet('filters'), lamp, earlier: [], mostParts: 1 },
  ...{ highlightDensity: 0.1, shadowDensity: 1.72, wanted: certainties[2] },
  strips: strips.map((one) => ({ ...one, ...(way && { way }) })),
  ...(way && { way }),
});
/** Fine strips whose fourth patch is 8 s. */
const fine = (position: number) => strip(1 / 6, 8 / 2 ** 0.5, position);

describe('a tone card laid beside a strip', () => {
  it('is a better eye: the same pick is surer, and the next strip finer', () => {
    const byEye = readPrint(session([fine(3)]));
    const byCard = readPrint(session([fine(3)], 'card'));
    expect(byCard.seconds).toBeCloseTo(byEye.seconds, 1);
    expect(byCard.withinStops).toBeLessThan(byEye.withinStops * 0.8);
    expect(byCard.eyeStops).toBeLessThan(byEye.eyeStops * 0.7);
  });

  it('has a spread of its own: a card that scatters says nothing of the eye', () => {
    const at = (way: WayOfLookingId, positions: readonly number[]) =>
      positions.map((position) => ({ ...fine(position), way }));
    const scattered = [2.5, 3.5, 2, 4];
    const steady = [3, 3, 3, 3];
    const card = (positions: readonly number[]) =>
      readPrint({ ...session(at('card', positions)), way: 'card' }).eyeStops;
    expect(card(scattered)).toBeGreaterThan(card(steady) * 1.4);
    const eyeBeside = (positions: readonly number[]) =>
      readPrint(session([...at('eye', steady), ...at('card', positions)])).eyeStops;
    expect(eyeBeside(scattered)).toBeCloseTo(eyeBeside(steady), 2);
  });

  it('is made of the tones that its times give', () => {
    const densities = tones.map(({ netDensity }) => netDensity);
    const known = { seconds: 12, netDensity: 0.2 };
    const seconds = timesFor(defaultPaper, 95, known, densities);
    expect(seconds).toEqual([...seconds].sort((a, b) => a - b));
    tonesAt(defaultPaper, 95, known, seconds).forEach((density, index) => {
      expect(density).toBeCloseTo(densities[index]!, 6);
    });
    expect(() => timesFor(defaultPaper, 95, known, [2.5])).toThrow();
  });
});
