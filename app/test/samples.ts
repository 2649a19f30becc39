import type { PrintDraft } from '../src/lib/nouns/in-hand/draft.ts';

/** The print page as a person has left it with a strip made and read. */
export const stripRead: PrintDraft = {
  title: 'Furnace hall, night shift',
  negative: 'F-031 / 14',
  enlarger: 'the tall enlarger',
  lens: '80 mm at f/8',
  head: '41.0 cm',
  paper: 'Marrow fibre',
  contrastSetId: 'filters',
  settingId: '2',
  lag: '0.2',
  timerStep: '0.1',
  kind: 'stops',
  method: 'cover-up',
  first: '5',
  step: '⅓',
  patches: '7',
  highlight: 3,
  highlightTone: 'VIII',
  shadow: 4,
  shadowTone: 'II',
  certainty: 'work-print',
  earlier: [],
  areas: [{ name: 'roof', stops: '+⅔' }],
};
