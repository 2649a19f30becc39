/**
 * The standard deviation of what is worked out of several numbers, from theirs: each is moved either way by its own, and what
 * that does is added in squares (propagation of uncertainty; both sides by themselves, since a bent law does more to one).
 */
export const spreadOf = (
  values: readonly number[],
  deviation: number,
  of: (values: readonly number[]) => number,
): number => {
  const still = of(values);
  const squares = values.map((value, index) => {
    const moved = (by: number) => of(values.with(index, value + by)) - still;
    return (moved(deviation) ** 2 + moved(-deviation) ** 2) / 2;
  });
  return Math.sqrt(squares.reduce((sum, square) => sum + square, 0));
};
