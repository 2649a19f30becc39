import type { LoadingWay } from './way.ts';

/** A cartridge of small film, on a reel. */
export const small: LoadingWay = {
  formats: ['small-36', 'small-24'],
  things: ['cassette opener', 'scissors with round ends'],
  steps: [
    {
      id: 'open',
      does: 'Open the cassette at its flat end, and take the spool out.',
      feel: 'The cap comes off with a click; the roll fills the hand.',
      binds: 'The long end up: it is the other cap.',
    },
    {
      id: 'square',
      does: 'Cut the leader off square, its corners round.',
      feel: 'A straight edge, no hook at a hole.',
      binds: 'Cut once more, between two holes.',
    },
    {
      id: 'feed',
      does: 'Feed it into the reel past the grips, the curl with the reel’s own.',
      feel: 'It goes in a hand’s breadth by itself.',
      binds: 'Out again, dry the reel’s mouth with the sleeve, another try. Never force it.',
    },
    {
      id: 'walk',
      does: 'Walk it on, a quarter turn and back, to the end.',
      feel: 'An even pull, and a soft ticking of the grips.',
      binds:
        'Tap the reel on the table; back half a turn. If it still binds, put all of it into the closed tank and rest your hands.',
    },
    {
      id: 'end',
      does: 'Cut it from the spool, and walk the end past the grips.',
      feel: 'Nothing stands out of the reel.',
      binds: 'A short end that is left out is bent in with a finger at its edges.',
    },
  ],
};
