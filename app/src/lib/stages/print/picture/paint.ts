import type { PictureTones, PrintedPicture } from '@katachron/core';
import { RED_SHARE, WARMTH } from '../../../bench/light/tone.ts';

/** Hatched where nothing is known: a stripe of so many pixels in so many. */
const STRIPE = 2;
const STRIPES = 9;
const STRIPE_CODE = 120;

/** As it is seen: a warm grey in white light, the red channel alone in red; hatched where nothing is known. */
export function coloured(
  { codes, unknown }: Pick<PrintedPicture, 'codes' | 'unknown'>,
  width: number,
  red: number | undefined,
): Uint8ClampedArray<ArrayBuffer> {
  const rgba = new Uint8ClampedArray(codes.length * 4);
  const [r, g, b] = red === undefined ? WARMTH : ([RED_SHARE * red, 0, 0] as const);
  for (let at = 0, to = 0; at < codes.length; at += 1, to += 4) {
    const striped = unknown[at] === 1 && ((at % width) + Math.floor(at / width)) % STRIPES < STRIPE;
    const code = striped ? STRIPE_CODE : codes[at]!;
    rgba[to] = code * r;
    rgba[to + 1] = code * g;
    rgba[to + 2] = code * b;
    rgba[to + 3] = 255;
  }
  return rgba;
}

/** Mirrored left to right. */
export function mirrored({ codes, width, height }: PictureTones): PictureTones {
  const turned = new Uint8Array(codes.length);
  for (let row = 0; row < height; row += 1) {
    const line = codes.subarray(row * width, (row + 1) * width);
    turned.set(line.toReversed(), row * width);
  }
  return { codes: turned, width, height };
}
