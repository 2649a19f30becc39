/** The value below which a share of them lies, between two of them in proportion; the median at a half. */
export const quantile = (values: readonly number[], share: number): number => {
  const sorted = values.toSorted((a, b) => a - b);
  const at = share * (sorted.length - 1);
  const low = Math.floor(at);
  const [below, above] = [sorted[low]!, sorted[Math.min(low + 1, sorted.length - 1)]!];
  return below + (at - low) * (above - below);
};
