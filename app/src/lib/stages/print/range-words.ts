import type { ContrastSet, ContrastSetting } from '@katachron/core';
import { withinText } from '../../words/certain.ts';

/** "R 108 ± 0.7", "R 110, not calibrated": how soft a setting is, and how well that is known. */
export function rangeWords(set: ContrastSet, { range }: ContrastSetting): string {
  const shown = `R ${Math.round(range)}`;
  if (!set.calibrated) return `${shown}, not calibrated`;
  return set.within ? `${shown} ± ${withinText(set.within.rangeShare * range, 1)}` : shown;
}
