import { describe, expect, it } from 'vitest';
import { Refusal, readTablet } from '../src/index.ts';
import { syntheticScan, type SyntheticScan } from './scan.ts';

const film = [
  1.52, 1.44, 1.37, 1.3, 1.22, 1.15, 1.07, 1, 0.92, 0.85, 0.77, 0.7, 0.62, 0.55, 0.48, 0.41, 0.35,
  0.31, 0.29, 0.27, 0.26,
];
const paper = [
  2.15, 2.15, 2.15, 2.13, 2.02, 1.72, 1.37, 1.07, 0.83, 0.62, 0.43, 0.25, 0.12, 0.07, 0.06, 0.06,
  0.06, 0.06, 0.06, 0.06, 0.06,
];
const reference = Array.from({ length: 15 }, (_, at) => 0.05 + 0.15 * at);

/** The same noise each time. */
function normals(seed: number) {
  let state = seed;
  const uniform = () => (state = (state * 1103515245 + 12345) % 2147483648) / 2147483648;
  return (deviation: number) =>
    deviation * Math.sqrt(-2 * Math.log(1 - uniform())) * Math.cos(2 * Math.PI * uniform());
}
const scan = (change: Partial<SyntheticScan> = {}) =>
  syntheticScan({
    ...{ width: 1200, height: 500, upper: film, lower: reference },
    ...{ tiltDegrees: 2, uneven: 0.1, noise: 1.5, gamma: 1.1, flare: 0.003, normal: normals(5) },
    ...change,
  });
const question = { patches: 21, reference };
const worst = (found: readonly { density: number }[], truth: readonly number[]) =>
  Math.max(...found.map(({ density }, at) => Math.abs(density - truth[at]!)));
const refusal = (work: () => unknown) => {
  try {
    work();
  } catch (cause) {
    if (cause instanceof Refusal) return cause.message;
    throw cause;
  }
  throw new Error('It was not refused.');
};

describe('a tablet from a picture', () => {
  it.each([
    ['film', film, -4],
    ['film', film, 0],
    ['a print, whose white end cannot be told from the ground', paper, 3],
  ])('%s is read within 0.03, and mostly within what is said', (_, truth, tiltDegrees) => {
    const read = readTablet(scan({ upper: truth, tiltDegrees }), question);
    expect(worst(read.steps, truth)).toBeLessThan(0.03);
    expect(worst(read.reference, reference)).toBeLessThan(0.02);
    const said = read.steps.filter(
      ({ density, within }, at) => Math.abs(density - truth[at]!) <= within,
    );
    expect(said.length).toBeGreaterThanOrEqual(19);
    expect(read.uneven).toBeGreaterThan(0.05);
    expect(read.gamma).toBeCloseTo(1 / 1.1, 1);
  });

  it('upside down, and with the strips standing, is the same', () => {
    const whole = scan({ tiltDegrees: 1 });
    const { width, height, values } = whole;
    const standing = {
      width: height,
      height: width,
      values: Float32Array.from({ length: width * height }, (_, at) => {
        const [x, y] = [at % height, Math.floor(at / height)];
        return values[x * width + (width - 1 - y)]!;
      }),
    };
    expect(worst(readTablet(standing, question).steps, film)).toBeLessThan(0.03);
  });

  it('by corners that a hand laid is the same', () => {
    const whole = scan({ tiltDegrees: 2 });
    const found = readTablet(whole, question);
    const again = readTablet(whole, { ...question, corners: found.corners });
    expect(worst(again.steps, film)).toBeLessThan(0.03);
  });

  it('beyond the reference is said to be less sure', () => {
    const short = reference.slice(0, 8);
    const { steps } = readTablet(scan({ lower: short }), { patches: 21, reference: short });
    expect(steps[0]!.beyond).toBe(true);
    expect(steps[0]!.within).toBeGreaterThan(5 * steps[20]!.within);
  });

  it.each([
    ['uneven light', scan({ uneven: 0.5 }), question, 'The light differs by'],
    [
      'a clipped patch',
      scan({ upper: [4.6, ...film.slice(1)], flare: 0, noise: 0 }),
      question,
      'Step 1 is clipped',
    ],
    ['no strips', scan({ upper: [], lower: [] }), question, 'Two strips are not found'],
    [
      'another reference',
      scan(),
      { ...question, reference: reference.map((d) => d * d) },
      'does not read as',
    ],
    [
      'a reference that is not in order',
      scan(),
      { ...question, reference: reference.toReversed() },
      'from its clearest',
    ],
    [
      'a picture of a few pixels',
      { width: 40, height: 10, values: new Float32Array(400) },
      question,
      'too small',
    ],
  ] as const)('%s is refused with the reason', (_, image, asked, reason) => {
    expect(refusal(() => readTablet(image, asked))).toContain(reason);
  });
});
