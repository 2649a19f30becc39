import type { LoadingWay } from './way.ts';

/** Sheets out of their holders. */
export const sheet: LoadingWay = {
  formats: ['four-by-five', 'five-by-seven', 'eight-by-ten'],
  things: ['holders in their order, slides in', 'dry table to the right of them'],
  steps: [
    {
      id: 'slide',
      does: 'Take the first holder, feel its notches, and draw the slide.',
      feel: 'So many notches as its name says.',
      binds: 'It comes from the flap’s end: open the flap first.',
    },
    {
      id: 'out',
      does: 'Fold the flap back and lift the sheet out by its edges.',
      feel: 'Its own notches at the top right: then the emulsion looks at you.',
      binds: 'A fingernail under the short edge, never in the middle.',
    },
    {
      id: 'in',
      does: 'Into its place in the tank, emulsion the way that the tank wants.',
      feel: 'It runs in two grooves, and touches no other.',
      binds: 'Two in one groove stick together: feel for an empty one.',
    },
    {
      id: 'next',
      does: 'The slide back in, black side out; then the next holder, until all are in.',
      feel: 'The rim of the slide tells exposed from not.',
      binds: 'Count what is in: so many as there were holders’ sides.',
    },
  ],
};
