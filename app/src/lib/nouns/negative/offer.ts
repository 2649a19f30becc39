import type { Proof } from '../proof/contract.ts';
import type { Negative } from './contract.ts';
import { negativeName } from './name.ts';
import { framesOf, toPrint } from '../proof/frames.ts';
import type { Roll } from '../roll/contract.ts';

/** A negative, and where it lies on which proof. */
interface Found extends Negative {
  readonly frame: { readonly proof: Proof | undefined; readonly number: number };
}

/** Every frame of rolls that are developed, those to print first: picks, then what may be, then the rest by its number. */
export function negativesOf(rolls: readonly Roll[], proofs: readonly Proof[]): Found[] {
  const all = rolls.flatMap((roll) => {
    const proof = proofs.find(({ id }) => id === roll.id);
    return framesOf(roll, proof).map((frame) => ({ roll, proof, ...frame }));
  });
  const rated = toPrint(all);
  const rest = all.filter(({ rating }) => rating !== 'pick' && rating !== 'maybe');
  return [...rated, ...rest].map((frame) => {
    const { roll, proof, number, rating, crop, subject } = frame as (typeof all)[number];
    const about = [roll.title.split(',').slice(1).join(',').trim(), subject, crop];
    return {
      name: negativeName(roll, number),
      ...(rating && { rating }),
      about: about.filter(Boolean).join('; '),
      frame: { proof, number },
    };
  });
}

const MOST_OFFERED = 8;

/** What is offered for words as they are typed: with none, what was rated to be printed; otherwise all that has every word. */
export function offered<One extends Negative>(negatives: readonly One[], typed: string): One[] {
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
