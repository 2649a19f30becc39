import { capital } from '../../words/capital.ts';
import type { ProcessStep, Vessel } from '@katachron/core';
import { agitationScheme, stepKind } from '@katachron/core';

/** How the hands' work is put, by what the film lies in. */
interface VesselWords {
  readonly start: string;
  readonly first: string;
  readonly startLater: string;
  readonly keepMoving: string;
  readonly move: (step: ProcessStep) => string;
  readonly out: string;
  /** What Space says of the bath that comes next. */
  readonly next: (step: ProcessStep, going: boolean) => string;
}

export const vesselWords: Record<Vessel, VesselWords> = {
  tank: {
    start: 'Pour in, start',
    startLater: 'All in, start',
    first: 'Lid on, sound up, then the big button as you pour',
    keepMoving: 'Keep turning it, gently',
    move: ({ agitation }) => agitationScheme(agitation).hands,
    out: 'Pour out',
    next: ({ kind }, going) =>
      `${capital(stepKind(kind).inSentence)} is ${going ? 'going in' : 'in'}`,
  },
  trays: {
    start: 'First sheet in, start',
    startLater: 'All sheets in, start',
    first: 'Trays in order, Dark on, then the big button as the first sheet goes in',
    keepMoving: 'Shuffle, bottom sheet to the top',
    move: () => 'Shuffle, bottom sheet to the top',
    out: 'Lift them, let them drip',
    next: ({ kind }, going) =>
      `Sheets ${going ? 'going into' : 'in'} the ${stepKind(kind).inSentence}`,
  },
};
