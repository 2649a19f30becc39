import { Refusal } from '@katachron/core';
import type { ScanAnswer } from '../../nouns/calibration/scan-contract.ts';
import { withinText } from '../../words/certain.ts';
import { parseDecimal } from '../../words/decimal.ts';
import { plainList } from '../../words/list.ts';

const LEAST = 5;

/**
 * Densities of a reference as they are typed: parted by spaces, semicolons or tabs.
 * @throws Refusal with what to type instead
 */
export function readReference(text: string): number[] {
  const sentence = `Give the densities of the reference, ${LEAST} at least, the clearest first, as 0.05 0.20 0.36 0.51 0.66.`;
  const values = text
    .split(/[\s;]+/)
    .filter((part) => part !== '')
    .map((part) => parseDecimal(part, '', sentence));
  const rises = values.every((value, at) => at === 0 || value > values[at - 1]!);
  if (values.length < LEAST || !rises || values.some((value) => value < 0 || value > 5)) {
    throw new Refusal('reference', '', sentence);
  }
  return values;
}

/** Every step that a scan went through, in sentences. */
export function scanWords({ steps, uneven, gamma, flare, rest }: ScanAnswer): readonly string[] {
  const least = withinText(Math.min(...steps.map(({ within }) => within)), 2);
  const most = withinText(Math.max(...steps.map(({ within }) => within)), 2);
  const beyond = steps.flatMap((step, index) => (step.beyond ? [String(index + 1)] : []));
  return [
    `${steps.length} steps, ${least === most ? `each ± ${most}` : `± ${least} to ± ${most}`}.`,
    `The light differs by ${Math.round(100 * uneven)} % over the strips; that was taken off. The scan’s tone curve has the exponent ${gamma.toFixed(2)}, its stray light is ${(100 * Math.max(0, flare)).toFixed(1)} % of the white; the reference lies ${rest.toFixed(3)} off.`,
    ...(beyond.length > 0
      ? [
          `Step ${plainList(beyond)}: beyond what the reference shows, so less sure. A denser reference would know.`,
        ]
      : []),
  ];
}

/** How well the densities are known that are taken: as the worst of them, of what the reference covers. */
export function scanWithin({ steps }: ScanAnswer): string {
  const covered = steps.filter(({ beyond }) => !beyond);
  const worst = Math.max(...(covered.length > 0 ? covered : steps).map(({ within }) => within));
  return withinText(worst, 3);
}
