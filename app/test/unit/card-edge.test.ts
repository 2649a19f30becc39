import { describe, expect, it } from 'vitest';
import { softOfCard } from '../../src/lib/stages/print/picture/card-edge.ts';
import { printView } from '../../src/lib/stages/print/print-view.ts';
import { stripRead } from '../samples.ts';

const draft = {
  ...stripRead,
  ...{ lens: '80 mm', aperture: '8', negativeLength: '36', printLength: '144' },
};
const soft = (typed: string, change: Partial<typeof draft> = {}) => {
  const changed = { ...draft, ...change };
  return softOfCard(typed, changed, printView(changed));
};

describe('the edge under a card', () => {
  it('is the lens’s opening by similar triangles, in widths of the picture', () => {
    // 10 mm of opening, the lens 400 mm up; 200 mm of card: 10 mm of edge on 254 mm of paper.
    expect(soft('20')).toBeCloseTo(10 / 254, 9);
    expect(soft('0')).toBe(0);
    expect(soft('20', { aperture: '16' })).toBeCloseTo(5 / 254, 9);
    expect(soft('39.9')).toBe(1);
  });

  it('says what is missing for it, and what cannot be', () => {
    expect(() => soft('20', { lens: 'the good one' })).toThrow('focal length');
    expect(() => soft('20', { aperture: '' })).toThrow('the aperture');
    expect(() => soft('20', { printLength: '' })).toThrow('the same on the paper');
    expect(() => soft('41')).toThrow('between the paper and the lens');
    expect(() => soft('high')).toThrow('in cm, as 15');
  });
});
