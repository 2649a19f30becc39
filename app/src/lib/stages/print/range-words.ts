import type { ContrastSet, ContrastSetting } from '@katachron/core';

/** "R 108 ± 0.7", "R 110, not calibrated": how soft a setting is, and how well that is known. */
export function rangeWords(set: ContrastSet, { range }: ContrastSetting): string {
  const shown = `R ${Math.round(range)}`;
  if (!set.calibrated) return `${shown}, not calibrated`;
  return set.within ? `${shown} ± ${(set.within.rangeShare * range).toFixed(1)}` : shown;
}
