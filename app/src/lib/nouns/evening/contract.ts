import Type, { type Static } from 'typebox';
import { text } from '../../kit/fields.ts';

const MOST_LINES = 240;

/** An evening as a list to be ticked off on paper. */
export const CheckList = Type.Object(
  {
    /** Of which evening: "2 December 2026". */
    date: Type.Optional(text('The date', 40)),
    /** What it comes to: "Done at 22:40." */
    words: Type.Array(text('A sentence', 1000), { title: 'What it comes to', maxItems: 20 }),
    lines: Type.Array(
      Type.Object(
        {
          from: text('When it begins', 5),
          step: text('The step', 200, 1),
          task: text('What it is of', 600),
        },
        { title: 'A step', additionalProperties: false },
      ),
      { title: 'The steps', maxItems: MOST_LINES },
    ),
    afterwards: Type.Array(text('A sentence', 1000), { title: 'Afterwards', maxItems: 60 }),
  },
  { title: 'A check list', additionalProperties: false },
);
export type CheckList = Static<typeof CheckList>;

export const checkListExample: CheckList = {
  date: '20 February 2026',
  words: ['Done at 21:05.', 'Hands are free for 24 minutes of it.'],
  lines: [
    { from: '19:30', step: 'mix and temper', task: 'R-123, the night pour' },
    { from: '19:40', step: 'load the tank', task: 'R-123, the night pour' },
  ],
  afterwards: ['R-123, the night pour hangs to dry until 22:50; then cut it and sleeve it.'],
};
