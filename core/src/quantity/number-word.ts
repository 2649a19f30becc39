const WORDS = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten'];

/**
 * A count in words, as it stands in a sentence.
 * @param count whole number from 0
 * @returns "no", "three"; from eleven on in figures
 * @source English
 * @example
 * numberWord(3) // = "three"
 */
export function numberWord(count: number): string {
  return WORDS[count] ?? String(count);
}
