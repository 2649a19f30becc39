import type { LoadingWay } from './way.ts';

/** Roll film with its paper, on a reel. */
export const medium: LoadingWay = {
  formats: ['medium'],
  things: ['scissors with round ends, for the tape', 'reel set to the width of the film'],
  steps: [
    {
      id: 'paper',
      does: 'Break the seal, and unroll the paper until the film comes.',
      feel: 'The film is stiffer than its paper, and curls the other way.',
      binds: 'Nothing is lost: the film is loose at this end.',
    },
    {
      id: 'feed',
      does: 'Feed the loose end into the reel past the grips, by its edges.',
      feel: 'Both corners under the rim, at one height.',
      binds: 'Let the curl relax in the palm a moment; bow it slightly across.',
    },
    {
      id: 'walk',
      does: 'Walk it on, a quarter turn and back, the paper falling away.',
      feel: 'An even pull.',
      binds: 'Out again from where it crossed; a kink there would show as a crescent.',
    },
    {
      id: 'tape',
      does: 'At the end pull the tape off slowly, or cut it, and walk the end in.',
      feel: 'A tab of tape folded over, or nothing.',
      binds: 'Slowly: torn off fast it sparks, and that is a mark.',
    },
  ],
};
