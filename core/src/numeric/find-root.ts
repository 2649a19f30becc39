import { sound } from '../quantity/sound.ts';
/**
 * Finds where a function that is monotone between two points crosses zero.
 * @param f function of one number
 * @param low one end of the search
 * @param high the other end
 * @param tolerance how close to the crossing is close enough, in the argument's unit
 * @returns the argument; the nearer end when the function does not cross zero between them
 * @source false position with the Illinois correction, Brent's bisection fallback left out since every curve here is smooth
 * @example
 * findRoot((x) => x * x - 2, 0, 2, 1e-12) // ≈ 1.41421356
 */
export function findRoot(
  f: (x: number) => number,
  low: number,
  high: number,
  tolerance: number,
): number {
  sound([low, high, tolerance]);
  let a = low;
  let b = high;
  let fa = f(a);
  let fb = f(b);
  if (fa === 0) return a;
  if (fb === 0) return b;
  if (fa > 0 === fb > 0) return Math.abs(fa) < Math.abs(fb) ? a : b;
  for (let turn = 0; turn < 200 && Math.abs(b - a) > tolerance; turn += 1) {
    const secant = (a * fb - b * fa) / (fb - fa);
    // Values past any number have no secant; half-way is always right.
    const x = Number.isFinite(secant) ? secant : (a + b) / 2;
    const fx = f(x);
    if (Math.abs(fx) < 1e-14) return x;
    if (fx > 0 === fb > 0) {
      fa /= 2;
    } else {
      a = b;
      fa = fb;
    }
    if (Math.abs(x - b) < tolerance) return x;
    b = x;
    fb = fx;
  }
  return sound(b);
}
