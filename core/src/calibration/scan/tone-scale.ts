import { levenbergMarquardt } from 'ml-levenberg-marquardt';
import { Refusal } from '../../refusal.ts';

/** Light of a patch and of the white ground around it, both linear by the usual tone curve. */
export interface Lit {
  readonly light: number;
  readonly ground: number;
}

/** What a picture made of densities: the scanner's tone curve and its stray light, undone by a reference. */
export interface ToneScale {
  readonly densityOf: (lit: Lit) => number;
  /** How much a share of light more changes the density there. */
  readonly slopeAt: (lit: Lit) => number;
  /** How far apart the ways lie in which stray light may be spread, standard deviation, density. */
  readonly spreadAt: (lit: Lit) => number;
  /** Exponent of its tone curve against the usual one. */
  readonly gamma: number;
  /** Stray light as a share of the white. */
  readonly flare: number;
  /** Root of the mean square of what the reference is off the curve, density. */
  readonly rest: number;
}

const LEAST_LIGHT = 1e-5;
/** What no reading is better than, density: where the ways fit better than this, that says nothing of which is right. */
const LEAST_REST = 0.004;
/** A reference that is further off its curve is another one, or lies otherwise. */
const MOST_REST = 0.06;

/** How stray light lies over a picture: evenly, as what a lens or a lid throws back; or as much of it as there is light at a place. */
const ways = [() => 1, (ground: number) => ground] as const;

const logOf = (value: number) => Math.log10(Math.max(LEAST_LIGHT, value));

interface Fitted {
  readonly densityOf: (lit: Lit) => number;
  readonly gamma: number;
  readonly flare: number;
  readonly rest: number;
}

/** Fits D = a − log((v^g − f) / (w^g − f)) of light v on a ground w; what is left is taken off between the reference’s patches. */
function fit(
  stray: (typeof ways)[number],
  lit: readonly Lit[],
  densities: readonly number[],
): Fitted {
  const curve =
    ([a = 0, g = 1, f = 0]: readonly number[]) =>
    ({ light, ground }: Lit) => {
      const around = Math.max(LEAST_LIGHT, ground) ** g;
      const thrown = f * stray(around);
      return a - logOf(Math.max(LEAST_LIGHT, light) ** g - thrown) + logOf(around - thrown);
    };
  const search = (thrown: number) =>
    levenbergMarquardt(
      { x: lit.map((_, index) => index), y: [...densities] },
      (parameters) => {
        const of = curve(parameters);
        return (index) => of(lit[index]!);
      },
      {
        initialValues: [0, 1, thrown],
        minValues: [-2, 0.3, -0.02],
        maxValues: [2, 3, 0.2],
        damping: 0.01,
        gradientDifference: 1e-4,
        centralDifference: true,
        maxIterations: 60,
        errorTolerance: 1e-10,
      },
    );
  // Beyond what the darkest patch holds there is no more stray light to be found: each search begins below that.
  const darkest = Math.min(...lit.map(({ light }) => light));
  const { parameterValues } = [0, 0.3, 0.6, 0.85]
    .map((share) => search(share * darkest))
    .reduce((best, one) => (one.parameterError < best.parameterError ? one : best));
  const plainOf = curve(parameterValues);
  const points = lit
    .map((one, index) => ({ at: plainOf(one), off: densities[index]! - plainOf(one) }))
    .toSorted((a, b) => a.at - b.at);
  const offAt = (at: number): number => {
    const next = points.findIndex((point) => point.at >= at);
    if (next === 0) return points[0]!.off;
    if (next < 0) return points.at(-1)!.off;
    const [a, b] = [points[next - 1]!, points[next]!];
    return a.off + ((b.off - a.off) * (at - a.at)) / Math.max(1e-9, b.at - a.at);
  };
  const squares = points.reduce((sum, { off }) => sum + off ** 2, 0);
  return {
    densityOf: (one) => {
      const plain = plainOf(one);
      return plain + offAt(plain);
    },
    gamma: parameterValues[1]!,
    flare: parameterValues[2]!,
    rest: Math.sqrt(squares / points.length),
  };
}

/** Undoes a picture’s tone curve and stray light by a reference of known densities, in every way that stray light may lie. */
export const toneScale = (lit: readonly Lit[], densities: readonly number[]): ToneScale => {
  const fitted = ways.map((stray) => fit(stray, lit, densities));
  const rest = Math.min(...fitted.map((one) => one.rest));
  if (!(rest < MOST_REST)) {
    throw new Refusal(
      'read-tablet',
      '/reference',
      `The reference does not read as the densities that were given for it: ${rest.toFixed(2)} off. Are they in the order of its patches, and is it the right one?`,
    );
  }
  const likely = fitted.map(
    (one) => (LEAST_REST ** 2 / (one.rest ** 2 + LEAST_REST ** 2)) ** (lit.length / 2),
  );
  const all = likely.reduce((sum, one) => sum + one, 0);
  const mean = (of: (one: Fitted) => number) =>
    fitted.reduce((sum, one, way) => sum + (of(one) * likely[way]!) / all, 0);
  const densityOf = (one: Lit) => mean((way) => way.densityOf(one));
  return {
    densityOf,
    slopeAt: ({ light, ground }) =>
      Math.abs(
        densityOf({ light: light * 1.005, ground }) - densityOf({ light: light * 0.995, ground }),
      ) / 0.01,
    spreadAt: (one) => {
      const at = densityOf(one);
      return Math.sqrt(mean((way) => (way.densityOf(one) - at) ** 2));
    },
    gamma: mean((one) => one.gamma),
    flare: mean((one) => one.flare),
    rest,
  };
};
