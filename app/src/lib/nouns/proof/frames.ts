import { Refusal } from '@katachron/core';
import type { ProofBody } from './contract.ts';
import type { FrameRating } from './ratings.ts';
import type { Roll } from '../roll/contract.ts';
import { attempt, type Attempt } from '../../words/attempt.ts';
import { parseDecimal } from '../../words/decimal.ts';
import { signedStops } from '../../words/fraction.ts';

export type Frame = ProofBody['frames'][number];

/** Frames of a roll that nobody counted. */
const USUAL_FRAMES = 36;

/** Every frame of a roll, rated or not, with what was noted of it in the camera. */
export function framesOf(
  roll: Roll,
  proof: ProofBody | undefined,
): (Frame & { subject: string })[] {
  const noted = roll.exposed?.frames ?? [];
  const numbers = noted.map(({ mark }) => Number(mark)).filter(Number.isInteger);
  const most = Math.max(noted.length > 0 ? 0 : USUAL_FRAMES, ...numbers, noted.length);
  return Array.from({ length: Math.min(99, most) }, (_, index) => {
    const number = index + 1;
    const rated = proof?.frames.find((frame) => frame.number === number);
    const subject = noted.find(({ mark }) => mark === String(number))?.subject ?? '';
    return { number, ...rated, subject };
  });
}

/** A proof with one frame changed; a frame about which nothing is said is left out. */
export function withFrame(proof: ProofBody, frame: Frame): ProofBody {
  const others = proof.frames.filter(({ number }) => number !== frame.number);
  const { number, rating, errorStops, crop } = frame;
  const said: Frame = {
    number,
    ...(rating && { rating }),
    ...(errorStops !== undefined && { errorStops }),
    ...(crop && { crop }),
  };
  const kept = Object.keys(said).length > 1 ? [said] : [];
  return { ...proof, frames: [...others, ...kept].sort((a, b) => a.number - b.number) };
}

/** The exposure error as it was typed; nothing where it is empty. */
export function readError(text: string): Attempt<number | undefined> {
  return attempt(() => {
    if (text.trim() === '') return undefined;
    const sentence = 'Type stops: +1 for a negative that got too much, −½ for too little.';
    const stops = parseDecimal(text, '', sentence);
    if (Math.abs(stops) > 10) throw new Refusal('stops', '', sentence);
    return stops;
  });
}

const order: readonly FrameRating[] = ['pick', 'maybe'];

/** The list to print: picks first, then what may be. */
export function toPrint(frames: readonly Frame[]): Frame[] {
  return order.flatMap((rating) => frames.filter((frame) => frame.rating === rating));
}

/** "½ stop under; square, without the door": what is known of a frame, in a line. */
export function frameLine({ errorStops, crop }: Frame): string {
  const error =
    errorStops === undefined || errorStops === 0
      ? ''
      : `${signedStops(errorStops)} stop, ${errorStops > 0 ? 'overexposed' : 'underexposed'}`;
  return [error, crop].filter(Boolean).join('; ');
}
