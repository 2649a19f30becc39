import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import type { ShownPicture } from '../../nouns/picture/contract.ts';
import type { Placing } from '@katachron/core';
import type { PlacedOfTwo } from '../../nouns/two-negatives/contract.ts';
import type { ProofPicture } from '../../nouns/proof/contract.ts';

/** Drawn by `npm run scenes`; as wide and as high as it draws them. */
const WIDTH = 840;
const HEIGHT = 630;

const picture = (end: string, name: string) => ({
  id: `7c1d4b60-52e8-4f3a-a000-${end.padStart(12, '0')}`,
  name,
});

const sample = {
  racks: picture('1', 'cooling-racks'),
  hall: picture('2', 'furnace-hall'),
  yard: picture('3', 'yard-in-snow'),
  proof: picture('4', 'contact-sheet'),
};
/** The yard in snow as a colour print: its colours are kept. */
export const colourSample = picture('5', 'yard-in-colour');
export const demoPictures = [
  ...Object.values(sample).map((one) => ({ ...one, inColour: false })),
  { ...colourSample, inColour: true },
];

/** The file itself: it lies beside what is bundled. */
export function pictureFile(name: string): Uint8Array {
  const here = createRequire(import.meta.url);
  return readFileSync(here.resolve(`@katachron/app/sample-pictures/${name}.webp`));
}

/** A straight print of a scene, at the R that it was drawn for. */
export const shownPicture = (
  which: Exclude<keyof typeof sample, 'proof'>,
  straight: Pick<ShownPicture, 'range' | 'seconds'>,
): ShownPicture => ({
  ...{ id: sample[which].id, of: 'print', width: WIDTH, height: HEIGHT },
  ...straight,
});

/** The proof of a roll, as it was photographed: six strips of six. */
export const proofPicture: ProofPicture = {
  ...{ id: sample.proof.id, width: 1640, height: 1400 },
  ...{ columns: 6, rows: 6, first: 1, order: 'across' },
  corners: [
    { x: 0.0761, y: 0.0643 },
    { x: 0.9443, y: 0.0872 },
    { x: 0.9161, y: 0.9276 },
    { x: 0.0524, y: 0.9407 },
  ],
};

/** A print of a scene, laid on the easel for a print of two negatives. */
export const placedSample = (
  which: Exclude<keyof typeof sample, 'proof'>,
  placing: Placing,
): PlacedOfTwo => ({
  picture: { id: sample[which].id, of: 'print', width: WIDTH, height: HEIGHT },
  stops: 0,
  ...placing,
});
