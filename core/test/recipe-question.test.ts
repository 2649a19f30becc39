import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { development, slowsWhenWarmer } from '../src/index.ts';
import { tableRecipe } from './recipes.ts';

describe('a table that slows down when it is warmer', () => {
  it('is asked about, with the two times that contradict each other', () => {
    const points = tableRecipe.points.map((point) =>
      point.temperatureC === 22 ? { ...point, seconds: 600 } : point,
    );
    expect(slowsWhenWarmer(points)?.map(({ temperatureC }) => temperatureC)).toEqual([20, 22]);
    const { cautions } = development({ ...tableRecipe, points }, 21, 400);
    expect(cautions).toContain('slows-when-warmer');
  });

  it('one that falls all the way is not, in whatever order it is written', () => {
    fc.assert(
      fc.property(fc.shuffledSubarray([...tableRecipe.points]), (points) => {
        expect(slowsWhenWarmer(points)).toBeUndefined();
      }),
    );
    expect(development(tableRecipe, 21, 400).cautions).not.toContain('slows-when-warmer');
  });
});
