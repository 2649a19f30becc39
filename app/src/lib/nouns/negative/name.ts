import type { Roll } from '../roll/contract.ts';

/** As long as a negative's name may be. */
const MOST_LETTERS = 80;

/** What a frame of a roll is called: the first part of the roll's name, which is its number as a rule, and the frame. */
export function negativeName(roll: Pick<Roll, 'title'>, frame: number): string {
  const number = roll.title.split(',')[0]!.trim() || roll.title.trim();
  return `${number} / ${frame}`.slice(-MOST_LETTERS);
}
