import { numberWord } from '../../quantity/number-word.ts';

/** How the patches of a strip come by their exposures, as data. */
export interface StripMethod {
  readonly id: string;
  readonly name: string;
  /** A patch's exposure adds up over the firings so far; otherwise it gets its own firing alone. */
  readonly addsUp: boolean;
  /** What the hands do before a firing; `covered` patches lie under the card. */
  readonly hands: (covered: number, patches: number) => string;
}

/**
 * A count of patches in words.
 * @param count whole number from 0
 * @returns "one patch", "three patches", "12 patches"
 * @source English
 * @example
 * patchesInWords(3) // = "three patches"
 */
export function patchesInWords(count: number): string {
  return `${numberWord(count)} ${count === 1 ? 'patch' : 'patches'}`;
}
