import { describe, expect, it } from 'vitest';
import { darkMarkOn, greyOf, toneColour } from '../../src/lib/bench/light/tone.ts';

describe('print tones', () => {
  it('are greys made from density', () => {
    expect(greyOf(0)).toBe(255);
    expect(greyOf(0.06)).toBe(240);
    expect(greyOf(2.15)).toBeLessThan(25);
  });

  it('in white are neutral and a little warm', () => {
    expect(toneColour(0.06, 'white')).toBe('rgb(240 236 230)');
  });

  it('in red are in the red channel alone', () => {
    expect(toneColour(0.06, 'red')).toBe('rgb(calc(206 * var(--lit)) 0 0)');
  });

  it('carry a dark mark when they are bright', () => {
    expect(darkMarkOn(0.1)).toBe(true);
    expect(darkMarkOn(1.7)).toBe(false);
  });
});
