import {
  LOOKED_UP_STEP,
  MOST_LOOKED_UP,
  lightAtRange,
  lightOfNegative,
  lightOfPrint,
  planField,
  planned,
  printTable,
  type PictureLight,
} from '@katachron/core';
import { RED_SHARE, WARMTH } from '../../../bench/light/tone.ts';
import type { PictureQuestion } from './question.ts';

/** Paper white on the screen, where the picture has none of its own. */
const SHOWN_WHITE = 245;
/** So many of all pixels are lighter than paper white, or denser than a negative's highlight: dust and scratches. */
const DUST = 0.003;
/** Hatched where nothing is known: a stripe of so many pixels in so many. */
const STRIPE = 2;
const STRIPES = 9;
const STRIPE_CODE = 120;
const UNCHANGED = Math.round(MOST_LOOKED_UP / LOOKED_UP_STEP);

/** A picture's tones, row by row from the top left. */
export interface Tones {
  readonly codes: Uint8Array;
  readonly width: number;
  readonly height: number;
}

/** A picture as it is shown: codes of the print, and where nothing is known of its light. */
export interface Painted {
  readonly codes: Uint8Array<ArrayBuffer>;
  readonly unknown: Uint8Array;
  /** The code of paper white in it. */
  readonly white: number;
}

/** The code that so much of the picture is darker than. */
export function codeAt({ codes }: Tones, share: number): number {
  const counts = new Uint32Array(256);
  for (const code of codes) counts[code]! += 1;
  let left = share * codes.length;
  return Math.max(
    1,
    counts.findIndex((count) => (left -= count) <= 0),
  );
}

/** What its tones stand for, where nobody has said: paper white or clear film, and a negative's highlight. */
export const usualCodes = (tones: Tones) => ({
  whiteCode: codeAt(tones, 1 - DUST),
  highlightCode: codeAt(tones, 10 * DUST),
});

function lightOf(tones: Tones, question: PictureQuestion): { light: PictureLight; white: number } {
  const { picture, paper, range, highlightDensity } = question;
  const usual = usualCodes(tones);
  const white = picture.whiteCode ?? usual.whiteCode;
  if (picture.of === 'negative') {
    const highlightCode = Math.min(picture.highlightCode ?? usual.highlightCode, white - 1);
    const scan = { clearCode: white, highlightCode, netDensity: highlightDensity };
    return { light: lightOfNegative(paper, range, scan), white: SHOWN_WHITE };
  }
  const madeAt = picture.range ?? range;
  return { light: lightAtRange(paper, lightOfPrint(paper, madeAt, white), madeAt, range), white };
}

/** The picture as the paper would show it. */
export function paint(tones: Tones, question: PictureQuestion): Painted {
  const { codes, width, height } = tones;
  const { light, white } = lightOf(tones, question);
  const table = printTable(question.paper, question.range, light, white);
  const field = planField(question.areas, width, height, question.baseStops);
  const unknown = new Uint8Array(codes.length);
  for (let at = 0; at < codes.length; at += 1) {
    if (light.unknown[codes[at]!] && field[at] !== UNCHANGED) unknown[at] = 1;
  }
  return { codes: planned(codes, field, table), unknown, white };
}

/** As it is seen: a warm grey in white light, the red channel alone in red; hatched where nothing is known. */
export function coloured(
  { codes, unknown }: Painted,
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
export function mirrored({ codes, width, height }: Tones): Tones {
  const turned = new Uint8Array(codes.length);
  for (let row = 0; row < height; row += 1) {
    const line = codes.subarray(row * width, (row + 1) * width);
    turned.set(line.toReversed(), row * width);
  }
  return { codes: turned, width, height };
}
