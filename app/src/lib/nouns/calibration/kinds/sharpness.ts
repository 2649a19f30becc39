import { numberField, textField } from '../fields/simple.ts';
import { testKind } from './kind.ts';

/** Where a lens is sharpest: a note. */
export const sharpness = testKind({
  id: 'sharpness',
  group: 'light',
  name: 'Sharpness by aperture',
  question: 'At which aperture is this lens sharpest, edge to edge?',
  list: ['a negative with fine grain or a scratched black film', 'a grain magnifier'],
  evening: () => [
    'Focus on the grain wide open; print a middle and a corner at each aperture, the same exposure each.',
    'Dry, with a magnifier: which has the sharpest grain in the middle, and which in the corner?',
  ],
  fields: {
    lens: textField({
      label: 'The lens',
      hint: 'As 80 mm of the tall enlarger.',
      title: 'which lens it is',
    }),
    middle: numberField({
      ...{ label: 'Sharpest in the middle, f/', title: 'the aperture of the middle', hint: '' },
      ...{ least: 0.7, most: 128, example: 8 },
    }),
    corner: numberField({
      ...{ label: 'Sharpest in the corners, f/', title: 'the aperture of the corners', hint: '' },
      ...{ least: 0.7, most: 128, example: 11 },
    }),
    note: textField({
      label: 'What was seen',
      title: 'what was seen',
      hint: 'One line.',
      most: 200,
    }),
  },
  nameOf: ({ lens }) => lens,
  solve: ({ middle, corner }) => ({ use: Math.max(middle, corner) }),
  tell: ({ use }, { middle, corner, note }) => ({
    number: `f/${use}`,
    unit: '',
    sentence: `Sharpest at f/${middle} in the middle and f/${corner} in the corners. ${note}`,
    more: [],
    cautions: [],
  }),
  hangsOn: ['lens', 'eyes'],
  doubtAfterDays: 1825,
  drift: { amount: 0, unit: '' },
  shortCheck: 'Is the grain of the next print sharp into the corners?',
});
