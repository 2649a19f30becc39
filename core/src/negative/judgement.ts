import { developmentFault } from '../film/development-given.ts';
import { negativeMarks, type NegativeMarkId } from './marks/index.ts';

export const densities = ['thin', 'good', 'dense'] as const;
export const shadowVerdicts = ['empty', 'open'] as const;
export const highlightVerdicts = ['flat', 'printable', 'blocked'] as const;

/** What negatives look like on the light table. */
export interface NegativeJudgement {
  readonly density: (typeof densities)[number];
  readonly shadows: (typeof shadowVerdicts)[number];
  readonly highlights: (typeof highlightVerdicts)[number];
  readonly marks: readonly NegativeMarkId[];
}

/** A likely cause, and what to change next time. */
export interface NegativeAdvice {
  readonly cause: string;
  readonly change: string;
}

/** A pattern of shadows and highlights, as data; density tells apart what they leave open. */
interface Pattern extends NegativeAdvice {
  readonly applies: (judgement: NegativeJudgement, made: NegativeMade) => boolean;
}

/** How the negatives were made, as far as that is known. */
export interface NegativeMade {
  /** Stops the film was pushed (positive) or pulled by. */
  readonly pushStops: number;
  /** The share of the development asked for that they really got; 1 unless known. */
  readonly developed?: number | undefined;
}

const overdeveloped = ({ developed = 1 }: NegativeMade) => developmentFault(developed) === 'over';
const underdeveloped = ({ developed = 1 }: NegativeMade) => developmentFault(developed) === 'under';

/** Tried in this order; only the first that applies is said. */
const patterns: readonly Pattern[] = [
  {
    applies: ({ highlights, density }, made) =>
      overdeveloped(made) && (highlights === 'blocked' || density === 'dense'),
    cause: 'Developed for longer than was asked for: that alone explains it.',
    change: 'Keep to the time before changing the EI.',
  },
  {
    applies: ({ highlights, density, shadows }, made) =>
      underdeveloped(made) && (highlights === 'flat' || density === 'thin' || shadows === 'empty'),
    cause: 'Developed for less than was asked for: that alone explains it.',
    change: 'Give it the whole time before changing the EI.',
  },
  {
    applies: ({ shadows }, { pushStops }) => shadows === 'empty' && pushStops > 0,
    cause: 'Pushed film: the shadows were never exposed, and development cannot bring them back.',
    change: 'Give more light where you can, or accept it.',
  },
  {
    applies: ({ shadows, highlights }) => shadows === 'empty' && highlights === 'blocked',
    cause: 'Exposed too little and developed too long.',
    change: 'Halve the EI and take a fifth off the time.',
  },
  {
    applies: ({ shadows }) => shadows === 'empty',
    cause: 'Exposed too little.',
    change: 'Halve the EI; a step less may do if only the deepest shadows went.',
  },
  {
    applies: ({ highlights }) => highlights === 'blocked',
    cause: 'Developed too long, too warm, or moved too much for this contrast.',
    change: 'Take 15 to 20 % off the time; leave the EI as it is.',
  },
  {
    applies: ({ highlights }) => highlights === 'flat',
    cause: 'Developed too little: too short, too cold, tired or too dilute.',
    change: 'Give 15 to 20 % more time; test the thermometer.',
  },
  {
    applies: ({ density }) => density === 'dense',
    cause: 'Exposed more than it needed; it prints, with longer exposures and more grain.',
    change: 'Raise the EI by a third to two thirds of a stop.',
  },
  {
    applies: ({ density }) => density === 'thin',
    cause: 'On the thin side in both exposure and development.',
    change: 'Lower the EI by a third of a stop before touching the time.',
  },
];

/**
 * What the look of negatives says about their exposure and development, and about the hands.
 * @param judgement density, shadows, highlights and marks
 * @param made stops of push or pull, and the share of its development that the film really got
 * @returns likely causes with what to change next time, the most telling first; empty when there is nothing to change
 * @source practice: expose for the shadows, develop for the highlights; what really happened comes before a guess
 * @example
 * negativeAdvice({ density: "thin", shadows: "empty", highlights: "printable", marks: [] }, { pushStops: 0 })[0].cause // = "Exposed too little."
 */
export function negativeAdvice(judgement: NegativeJudgement, made: NegativeMade): NegativeAdvice[] {
  const pattern = patterns.find(({ applies }) => applies(judgement, made));
  const flaws = negativeMarks.filter(({ id }) => judgement.marks.includes(id));
  return [...(pattern ? [pattern] : []), ...flaws].map(({ cause, change }) => ({ cause, change }));
}
