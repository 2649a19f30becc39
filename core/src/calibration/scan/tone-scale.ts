import { levenbergMarquardt } from 'ml-levenberg-marquardt';
import { Refusal } from '../../refusal.ts';

/** What a picture made of densities: the scanner's tone curve and its flare, undone by a reference. */
export interface ToneScale {
  readonly densityOf: (light: number) => number;
  /** How much a share of light more changes the density there. */
  readonly slopeAt: (light: number) => number;
  /** Exponent of its tone curve against the usual one. */
  readonly gamma: number;
  /** Stray light as a share of the white. */
  readonly flare: number;
  /** Root of the mean square of what the reference is off the curve, density. */
  readonly rest: number;
  readonly residuals: readonly number[];
}

const LEAST_LIGHT = 1e-5;

/** Fits 10^−D = A·light^g − f to a reference of known densities; what is left is taken off between its patches. */
export const toneScale = (lights: readonly number[], densities: readonly number[]): ToneScale => {
  const model =
    ([a = 1, g = 1, f = 0]: readonly number[]) =>
    (light: number) =>
      -Math.log10(Math.max(LEAST_LIGHT, 10 ** a * Math.max(LEAST_LIGHT, light) ** g - f));
  const first = densities[0]!;
  const { parameterValues } = levenbergMarquardt({ x: lights, y: densities }, model, {
    initialValues: [-first - Math.log10(Math.max(LEAST_LIGHT, lights[0]!)), 1, 0.001],
    minValues: [-2, 0.3, -0.02],
    maxValues: [2, 3, 0.2],
    damping: 0.01,
    gradientDifference: 1e-4,
    centralDifference: true,
    maxIterations: 60,
    errorTolerance: 1e-10,
  });
  const curve = model(parameterValues);
  const residuals = lights.map((light, index) => densities[index]! - curve(light));
  const points = lights
    .map((light, index) => ({ at: curve(light), off: residuals[index]! }))
    .toSorted((a, b) => a.at - b.at);
  const offAt = (at: number): number => {
    const next = points.findIndex((point) => point.at >= at);
    if (next === 0) return points[0]!.off;
    if (next < 0) return points.at(-1)!.off;
    const [a, b] = [points[next - 1]!, points[next]!];
    return a.off + ((b.off - a.off) * (at - a.at)) / Math.max(1e-9, b.at - a.at);
  };
  const rest = Math.sqrt(
    residuals.reduce((sum, residual) => sum + residual ** 2, 0) / residuals.length,
  );
  if (!(rest < 0.15)) {
    throw new Refusal(
      'read-tablet',
      '/reference',
      `The reference does not read as the densities that were given for it: ${rest.toFixed(2)} off. Are they in the order of its patches, and is it the right one?`,
    );
  }
  return {
    densityOf: (light) => {
      const plain = curve(light);
      return plain + offAt(plain);
    },
    slopeAt: (light) => Math.abs(curve(light * 1.005) - curve(light * 0.995)) / 0.01,
    gamma: parameterValues[1]!,
    flare: parameterValues[2]!,
    rest,
    residuals,
  };
};
