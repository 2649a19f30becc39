/** The value of a row of points at x, straight between two of them; nothing outside of them. */
export const valueAt = (
  xs: readonly number[],
  ys: readonly number[],
  x: number,
): number | undefined => {
  for (let index = 0; index + 1 < xs.length; index += 1) {
    const [from, to] = [xs[index]!, xs[index + 1]!];
    if ((x - from) * (x - to) > 0) continue;
    const share = from === to ? 0 : (x - from) / (to - from);
    return ys[index]! + share * (ys[index + 1]! - ys[index]!);
  }
  return undefined;
};

/** Where a row of falling values last falls through a level, between which two of them and at what share; nothing where it never does. */
export const lastFall = (
  ys: readonly number[],
  level: number,
): { readonly index: number; readonly share: number } | undefined => {
  for (let index = ys.length - 2; index >= 0; index -= 1) {
    const [from, to] = [ys[index]!, ys[index + 1]!];
    if (from >= level && to < level) return { index, share: (from - level) / (from - to) };
  }
  return undefined;
};

/** Where a falling row passes a level, straight between two steps; carried on beyond the first or the last. */
export const logWhere = (
  steps: readonly number[],
  falling: readonly number[],
  level: number,
): number => {
  const after = falling.findIndex((value) => value < level);
  const index = Math.max(0, (after < 0 ? falling.length - 1 : after) - 1);
  const [from, to] = [falling[index]!, falling[index + 1]!];
  return steps[index]! + ((from - level) / (from - to)) * (steps[index + 1]! - steps[index]!);
};
