import type { Proof } from '../proof/contract.ts';
import type { Negative } from './contract.ts';
import { framesOf, toPrint } from '../proof/frames.ts';
import type { Roll } from '../roll/contract.ts';

/** As long as a negative's name may be. */
const MOST_LETTERS = 80;

/** What a frame of a roll is called: the first part of the roll's name, which is its number as a rule, and the frame. */
export function negativeName(roll: Pick<Roll, 'title'>, frame: number): string {
  const number = roll.title.split(',')[0]!.trim() || roll.title.trim();
  return `${number} / ${frame}`.slice(-MOST_LETTERS);
}

/** Every frame of rolls that are developed, those to print first: picks, then what may be, then the rest by its number. */
export function negativesOf(rolls: readonly Roll[], proofs: readonly Proof[]): Negative[] {
  const all = rolls.flatMap((roll) => {
    const proof = proofs.find(({ id }) => id === roll.id);
    return framesOf(roll, proof).map((frame) => ({ roll, ...frame }));
  });
  const rated = toPrint(all);
  const rest = all.filter(({ rating }) => rating !== 'pick' && rating !== 'maybe');
  return [...rated, ...rest].map((frame) => {
    const { roll, number, rating, crop, subject } = frame as (typeof all)[number];
    const about = [roll.title.split(',').slice(1).join(',').trim(), subject, crop];
    return {
      name: negativeName(roll, number),
      ...(rating && { rating }),
      about: about.filter(Boolean).join('; '),
    };
  });
}

const MOST_OFFERED = 8;

/** What is offered for words as they are typed: with none, what was rated to be printed; otherwise all that has every word. */
export function offered(negatives: readonly Negative[], typed: string): Negative[] {
  const words = typed.toLowerCase().split(/\s+/).filter(Boolean);
  const found =
    words.length === 0
      ? negatives.filter(({ rating }) => rating === 'pick' || rating === 'maybe')
      : negatives.filter((negative) => {
          const text = `${negative.name} ${negative.rating ?? ''} ${negative.about}`.toLowerCase();
          return words.every((word) => text.includes(word));
        });
  return found.slice(0, MOST_OFFERED);
}
