import type { PictureTones } from '@katachron/core';
import { areCorners } from '../../../nouns/picture/corners.ts';
import { squaredUp } from '../../../nouns/picture/square-up.ts';
import type { PlacedOfTwo } from '../../../nouns/two-negatives/contract.ts';
import { ratioOf } from './mock-up-view.ts';

/** As sharp as a mock-up has to be, pixels across. */
const WIDE = 720;

/**
 * The tones of a picture, its frame squared up.
 * @throws Error where it does not come
 */
export async function tonesOfPicture(placed: PlacedOfTwo): Promise<PictureTones> {
  const { id, corners, width: wide, height: high } = placed.picture;
  const response = await fetch(`/api/v1/pictures/${id}/preview`);
  if (!response.ok) throw new Error('The picture does not come: the server may be away.');
  const bitmap = await createImageBitmap(await response.blob());
  const width = Math.min(WIDE, wide);
  const height = Math.max(1, Math.round((high / wide) * width));
  const context = new OffscreenCanvas(width, height).getContext('2d', {
    willReadFrequently: true,
  })!;
  context.drawImage(bitmap, 0, 0, width, height);
  const { data } = context.getImageData(0, 0, width, height);
  const codes = Uint8Array.from({ length: width * height }, (_, at) => data[at * 4]!);
  const tones = { codes, width, height };
  return corners && areCorners(corners)
    ? squaredUp(tones, corners, width, Math.max(1, Math.round(width * ratioOf(placed))))
    : tones;
}
