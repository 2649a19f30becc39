import { describe, expect, it } from 'vitest';
import * as core from '../src/index.ts';

const sources = import.meta.glob<string>('../src/**/*.ts', {
  query: '?raw',
  import: 'default',
  eager: true,
});

/** Every exported function with the docstring above it. */
const documented = Object.entries(sources).flatMap(([path, source]) =>
  [...source.matchAll(/(?:\/\*\*((?:(?!\*\/)[\s\S])*)\*\/\s*)?export function (\w+)/g)].map(
    ([, comment = '', name = '']) => ({ name, path, comment }),
  ),
);

const run = (expression: string): unknown =>
  new Function(...Object.keys(core), `return (${expression});`)(...Object.values(core));

describe('every exported function', () => {
  it('there are many', () => expect(documented.length).toBeGreaterThan(30));

  it.each(documented)('$name has parameters, result, source and a true example', ({ comment }) => {
    expect(comment).toMatch(/@returns/);
    expect(comment).toMatch(/@source/);
    const example = /@example\s+\*\s+(.+?) \/\/ ([=≈]) (.+)/.exec(comment);
    expect(example, 'an example with its answer').not.toBeNull();
    const [, expression = '', relation, answer = ''] = example!;
    const result = run(expression);
    if (relation === '=') expect(result).toEqual(JSON.parse(answer));
    else {
      const digits = (answer.split('.')[1] ?? '').length;
      expect(Math.abs((result as number) - Number(answer))).toBeLessThanOrEqual(
        0.6 * 10 ** -digits,
      );
    }
  });
});
