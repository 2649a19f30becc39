import sharp from 'sharp';
import { LEAST_PART, shownRatio } from './corners.ts';
import { GRID_SIDE, SMALL_SIDE } from './part.ts';
import type { AskedPart } from './small-query.server.ts';
import { squaredUp } from './square-up.ts';
import { tonesOf } from './tones.server.ts';

const QUALITY = 80;

/** The sides of a small picture, for its height over its width. */
function sides(ratio: number, longest: number): [width: number, height: number] {
  const side = (share: number) => Math.max(1, Math.round(longest * Math.min(1, share)));
  return [side(1 / ratio), side(ratio)];
}

async function cut(
  preview: Uint8Array,
  corners: NonNullable<AskedPart['corners']>,
  longest: number,
) {
  const { width: wide } = await sharp(preview).metadata();
  const tones = await tonesOf(preview, wide);
  const [width, height] = sides(
    shownRatio({ ...tones, corners: [...corners] }, LEAST_PART),
    longest,
  );
  const { codes } = squaredUp(tones, corners, width, height);
  return sharp(codes, { raw: { width, height, channels: 1 } });
}

/** A picture or a part of it, as large as a thumb. */
export async function smallPicture(
  preview: Uint8Array,
  { corners, mirrored, grid }: AskedPart,
): Promise<Buffer> {
  const side = grid ? GRID_SIDE : SMALL_SIDE;
  const small = corners
    ? await cut(preview, corners, side)
    : sharp(preview).resize({ width: side, height: side, fit: 'inside' });
  return small.flop(mirrored).toColourspace('b-w').webp({ quality: QUALITY }).toBuffer();
}
