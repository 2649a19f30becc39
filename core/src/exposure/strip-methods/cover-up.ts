import { patchesInWords, type StripMethod } from './method.ts';

export const coverUp = {
  id: 'cover-up',
  name: 'cover up, patch by patch',
  addsUp: true,
  hands: (covered) => (covered === 0 ? 'Nothing covered' : `Card over ${patchesInWords(covered)}`),
} as const satisfies StripMethod;
