import { Refusal } from '../refusal.ts';

/** Parts in the order in which they are written: 1+31 is `[1, 31]`, 1+1+80 is `[1, 1, 80]`; the last is water. */
export type Dilution = readonly number[];

/**
 * A dilution as the field writes it: with plus signs, never a colon, which people read both ways.
 * @param dilution parts, the last of them water
 * @returns text such as `1+31`; `stock` for one part alone
 * @source darkroom convention
 * @example
 * formatDilution([1, 1, 80]) // = "1+1+80"
 */
export function formatDilution(dilution: Dilution): string {
  return dilution.length === 1 && dilution[0] === 1 ? 'stock' : dilution.map(String).join('+');
}

/**
 * Reads a dilution such as `1+31` or `1 + 1 + 80`; `stock` is one part and no water.
 * @param text what was typed
 * @returns parts
 * @throws Refusal `dilution-colon` for 1:31, `dilution-unreadable` for anything else that is not parts
 * @source darkroom convention
 * @example
 * parseDilution("1 + 31") // = [1, 31]
 */
export function parseDilution(text: string): number[] {
  const trimmed = text.trim().toLowerCase();
  if (trimmed === 'stock') return [1];
  if (trimmed.includes(':')) {
    throw new Refusal(
      'dilution-colon',
      '/dilution',
      'Write the dilution with a plus, as 1+31: a colon is read as 31 parts or as 32 in all.',
    );
  }
  const parts = trimmed.split('+').map((part) => (part.trim() === '' ? NaN : Number(part)));
  if (parts.length > 6 || parts.some((part) => !(part > 0 && part <= 10_000))) {
    throw new Refusal(
      'dilution-unreadable',
      '/dilution',
      'Write the dilution as parts with a plus, for example 1+31, or the word stock.',
    );
  }
  return parts;
}
