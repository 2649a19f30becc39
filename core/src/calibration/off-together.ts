/**
 * How far a density above the lightest may be out where all readings were made together, as those of one scan are: a wrong scale
 * grows with the density, a bent one is worst half-way to the darkest. Both ends are read with the rest, and an offset of all is none.
 */
export const offTogether = (net: number, most: number, togetherWithin: number): number => {
  const share = Math.min(1, Math.max(0, net / most));
  return togetherWithin * Math.hypot(share, bent(share));
};

/** The same where the range is of shares of the density itself, and its scale does nothing. */
export const bentTogether = (net: number, most: number, togetherWithin: number): number =>
  togetherWithin * bent(Math.min(1, Math.max(0, net / most)));

const bent = (share: number) => 4 * share * (1 - share);
