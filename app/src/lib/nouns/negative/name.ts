import type { Roll } from '../roll/contract.ts';

/** As long as a negative's name may be. */
const MOST_LETTERS = 80;

/** What stands before the first comma of a roll's name: its number as a rule. */
export const rollNumber = (title: string) => title.split(',')[0]!.trim() || title.trim();

/** What a frame of a roll is called: the roll's number, and the frame. */
export const negativeName = (roll: Pick<Roll, 'title'>, frame: number): string =>
  `${rollNumber(roll.title)} / ${frame}`.slice(-MOST_LETTERS);

/** "R-118 / 14" is frame 14 of the roll R-118; nothing for a negative that is called otherwise. */
export function readNegativeName(name: string): { roll: string; frame: number } | undefined {
  const [, roll, frame] = /^(.+) \/ (\d+)$/.exec(name) ?? [];
  return roll === undefined ? undefined : { roll, frame: Number(frame) };
}
