import type { TwoNegativesBody } from '../../../nouns/two-negatives/contract.ts';

const side = { negative: '', setting: '', range: 110 } as const;

/** A print of two negatives before anything is known of it. */
export const emptyTwo = (name: string): TwoNegativesBody => ({
  ...{ name, enlarger: '', paper: '', place: '', note: '' },
  a: { ...side, tone: 'VI' },
  b: { ...side, tone: 'VII' },
  ...{ aStep: 1 / 3, bStep: 0.25, tests: [], copies: 1, spare: 2 },
});
