import { sameThing, type Named } from '../../words/called.ts';
import type { Calibration } from './contract.ts';

/** The newest test of a paper's flash threshold, as far as a print on that paper can use it. */
export interface FlashTested {
  readonly id: string;
  readonly seconds: number;
  /** What gave the light: it holds for that alone. */
  readonly light: string;
  readonly foundAtMs: number;
}

export function flashTested(
  calibrations: readonly Calibration[],
  paper: string,
  papers: readonly Named[] = [],
): FlashTested | undefined {
  const found = calibrations
    .filter(
      ({ kind, given }) =>
        kind === 'flash-threshold' && sameThing(papers, String(given.paper), paper),
    )
    .toSorted((a, b) => b.foundAtMs - a.foundAtMs)[0];
  if (!found) return undefined;
  const { clearSeconds, setup } = found.given as {
    readonly clearSeconds: number;
    readonly setup: string;
  };
  const { id, foundAtMs } = found;
  return { id, foundAtMs, seconds: clearSeconds, light: setup };
}
