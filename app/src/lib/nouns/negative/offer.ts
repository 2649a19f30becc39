import type { Proof } from '../proof/contract.ts';
import type { Negative } from './contract.ts';
import { frameParts } from '../proof/cells.ts';
import { negativeName } from './name.ts';
import { framesOf, toPrint } from '../proof/frames.ts';
import type { Roll } from '../roll/contract.ts';

/** Every frame of rolls that are developed, those to print first: picks, then what may be, then the rest by its number. */
export function negativesOf(rolls: readonly Roll[], proofs: readonly Proof[]): Negative[] {
  const all = rolls.flatMap((roll) => {
    const proof = proofs.find(({ id }) => id === roll.id);
    const parts = frameParts(proof?.picture);
    return framesOf(roll, proof).map((frame) => ({
      ...{ roll, part: parts.get(frame.number) },
      ...frame,
    }));
  });
  const rated = toPrint(all);
  const rest = all.filter(({ rating }) => rating !== 'pick' && rating !== 'maybe');
  return [...rated, ...rest].map((frame) => {
    const { roll, part, number, rating, crop, subject } = frame as (typeof all)[number];
    const about = [roll.title.split(',').slice(1).join(',').trim(), subject, crop];
    return {
      name: negativeName(roll, number),
      ...(rating && { rating }),
      about: about.filter(Boolean).join('; '),
      ...(part?.corners && { picture: { id: part.id, corners: [...part.corners] } }),
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
