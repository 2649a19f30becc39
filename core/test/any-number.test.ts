import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import * as core from '../src/index.ts';

const sources = import.meta.glob<string>('../src/**/*.ts', {
  query: '?raw',
  import: 'default',
  eager: true,
});

/** Every exported function with the call of its own example. */
const examples = Object.values(sources).flatMap((source) =>
  [...source.matchAll(/@example\s+\*\s+(.+?) \/\/ [=≈][^\n]*\n \*\/\s*export function (\w+)/g)].map(
    ([, expression = '', name = '']) => ({ name, expression }),
  ),
);

/** A number that was asked with: neither in a word or a string, nor the place in an answer that an example points at. */
const NUMBER = /(?<![\w.'"-]|[\w\])]\??\.?\[)-?\d+(?:\.\d+)?(?:e-?\d+)?(?![\w'"])/g;

/** Any number in place of each of an example's, sometimes its own, sometimes one far beyond all reason. */
const odd = fc.oneof(
  { weight: 4, arbitrary: fc.constant(undefined) },
  { weight: 2, arbitrary: fc.double({ min: 0.01, max: 100, noNaN: true }) },
  fc.constantFrom(0, -1, 1, 2, -0.5, 1e-9, 1e-3, 0.999, 1e3, 1e9, -1e9, 1e300, 0.1 + 0.2),
  fc.constantFrom(Number.NaN, Infinity, -Infinity),
);

/** A number that is none, in anything that was answered; and a time below zero. */
function faultIn(value: unknown, path = ''): string | undefined {
  if (typeof value === 'number') {
    if (!Number.isFinite(value)) return `${path} is ${value}`;
    return /seconds$/i.test(path) && value < 0 ? `${path} is ${value}` : undefined;
  }
  if (value === null || typeof value !== 'object') return undefined;
  const parts = value instanceof Map ? [...value.entries()] : Object.entries(value);
  for (const [key, part] of parts) {
    const fault = faultIn(part, String(key));
    if (fault) return fault;
  }
  return undefined;
}

describe('any numbers at all', () => {
  it('are tried on every exported function', () => expect(examples.length).toBeGreaterThan(90));

  it.each(examples)('$name answers with a value or with a sentence', ({ expression }) => {
    const run = (numbers: readonly (number | undefined)[]) => {
      let at = 0;
      const bent = expression
        .replace(/([)\]])([.[])/g, '$1?.$2')
        .replaceAll('?..', '?.')
        .replaceAll(NUMBER, (own) => {
          const other = numbers[at % numbers.length];
          at += 1;
          return other === undefined ? own : `(${other})`;
        });
      return {
        bent,
        value: new Function(...Object.keys(core), `return (${bent});`)(
          ...Object.values(core),
        ) as unknown,
      };
    };
    fc.assert(
      fc.property(fc.array(odd, { minLength: 7, maxLength: 7 }), (numbers) => {
        let answer: ReturnType<typeof run>;
        try {
          answer = run(numbers);
        } catch (cause) {
          if (cause instanceof core.Refusal) return;
          throw cause;
        }
        expect(faultIn(answer.value), answer.bent).toBeUndefined();
      }),
      { numRuns: 200, seed: 11 },
    );
  });
});
