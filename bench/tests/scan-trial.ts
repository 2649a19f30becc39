import { readTablet } from '@katachron/core';
import type { Chance } from './chance.ts';
import type { Trial } from './paper-trial.ts';
import { trueScan, type ScanMistake } from './scans.ts';

/** What a scan came to: every step that its reference covers, or the reason why it was refused. */
export interface ScanCase {
  readonly trials: readonly Trial[];
  readonly refused?: string;
}

/** A scan read as a person would: the strips are found, the count and the reference are said. */
export function scanCase(chance: Chance, mistake?: ScanMistake): ScanCase {
  const { image, tablet, reference } = trueScan(chance, mistake);
  const patches = mistake === 'another count' ? (tablet.length === 21 ? 31 : 21) : tablet.length;
  const said = mistake === 'the reference times 1.5' ? reference.map((d) => 1.5 * d) : reference;
  try {
    const { steps } = readTablet(image, { patches, reference: said });
    return {
      trials: steps.flatMap(({ density, within, beyond }, at) => {
        const off = Math.abs(density - (tablet[at] ?? 0));
        return beyond ? [] : [{ what: 'density', kept: off <= within, off, within }];
      }),
    };
  } catch (cause) {
    return { trials: [], refused: cause instanceof Error ? cause.message : String(cause) };
  }
}
