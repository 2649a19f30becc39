import { describe, expect, it } from 'vitest';
import {
  Refusal,
  exposureToGive,
  keepTone,
  defaultPaper,
  sound,
  timeAtAperture,
  timeAtDistance,
  timeAtMagnification,
  timeOnPaper,
  usualLoss,
} from '../src/index.ts';

describe('a sum that ends out of reach is a sentence, and no number', () => {
  const sums = {
    'another distance': () => timeAtDistance(10, 1e-50, 1e4),
    'another size': () => timeAtMagnification(10, 1e-9, 1e40),
    'another aperture': () => timeAtAperture(10, 1e-9, 64),
    'another paper': () => timeOnPaper(10, 1e50, 1e-50),
    'a long time': () => exposureToGive(1e100, usualLoss),
    'a setting of another speed': () =>
      keepTone(
        defaultPaper,
        { range: 110, speedStops: 0 },
        { range: 70, speedStops: -300 },
        10,
        0.1,
      ),
    'a time deep in an answer': () => sound({ patches: [{ givenSeconds: 2e10 }] }),
  };
  it.each(Object.entries(sums))('%s', (_, sum) => {
    expect(sum).toThrow(Refusal);
    expect(sum).toThrow(/far out of reach/);
  });

  it('what went by since 1970 is a time', () => {
    expect(sound({ elapsedSeconds: 1.8e9 })).toEqual({ elapsedSeconds: 1.8e9 });
  });

  it('a week under a bare lamp is a time', () => {
    expect(timeAtDistance(3600, 1, 13)).toBe(608_400);
    expect(sound({ lagSeconds: -0.1, seconds: 608_400 })).toEqual({
      lagSeconds: -0.1,
      seconds: 608_400,
    });
  });
});
