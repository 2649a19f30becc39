import type { Picture } from '../picture/contract.ts';
import { wholePicture } from '../picture/corners.ts';
import type { ProofPicture } from './contract.ts';
import { MOST_ACROSS } from './orders.ts';

/** So much of the sheet is rim around the frames while nobody has said where they lie. */
const RIM = 0.04;

/** A grid to begin with: strips of six as they are cut for a sleeve, of four where there are few frames. */
export function usualGrid(
  frames: number,
  { id, width, height }: Pick<Picture, 'id' | 'width' | 'height'>,
): ProofPicture {
  const columns = frames > 16 ? 6 : frames > 4 ? 4 : Math.max(1, frames);
  return {
    ...{ id, width, height, columns },
    rows: Math.min(MOST_ACROSS, Math.max(1, Math.ceil(frames / columns))),
    corners: wholePicture.map(({ x, y }) => ({
      x: RIM + x * (1 - 2 * RIM),
      y: RIM + y * (1 - 2 * RIM),
    })),
    ...{ first: 1, order: 'across' },
  };
}
