import type { Flash } from '../paper/flash.ts';
import type { Paper } from '../paper/paper.ts';
import { sound } from '../quantity/sound.ts';
import { Refusal } from '../refusal.ts';
import {
  LOOKED_UP_STEP,
  MOST_LOOKED_UP,
  lightAtRange,
  lightOfNegative,
  lightOfPrint,
  printTable,
  type PictureLight,
} from './picture-light.ts';
import { planField, planned, type DrawnArea } from './plan-field.ts';

/** A picture's tones, row by row from the top left. */
export interface PictureTones {
  readonly codes: Uint8Array;
  readonly width: number;
  readonly height: number;
}

/** What a picture is of, and what print of it is asked for. */
export interface PictureQuestion {
  readonly of: 'print' | 'negative';
  /** The code of paper white, or of clear film; found in the picture unless said. */
  readonly whiteCode?: number;
  /** The code of the place of a negative that becomes the highlight; found in the picture unless said. */
  readonly highlightCode?: number;
  /** The tone that a negative's highlight takes, density above Dmin. */
  readonly highlightDensity: number;
  /** R of the straight print that it is a picture of; that of the print asked for unless said. */
  readonly madeAtRange?: number;
  /** R of the print that is asked for. */
  readonly range: number;
  /** What the whole sheet gets more than the straight print, stops. */
  readonly baseStops: number;
  /** A plain exposure of the whole sheet besides. */
  readonly flash?: Flash;
  readonly areas: readonly DrawnArea[];
}

/** A picture as the paper would show it. */
export interface PrintedPicture {
  readonly codes: Uint8Array<ArrayBuffer>;
  /** 1 where the light was changed and nothing is known of it. */
  readonly unknown: Uint8Array<ArrayBuffer>;
  /** The code of paper white in it. */
  readonly white: number;
}

/** Paper white of what is shown, where the picture has none of its own. */
export const SHOWN_WHITE = 245;
/** So many of all pixels are lighter than paper white: dust; ten times as many are denser than a textured highlight. */
const DUST = 0.003;
const UNCHANGED = Math.round(MOST_LOOKED_UP / LOOKED_UP_STEP);

/**
 * The code that a share of a picture is no lighter than.
 * @param codes of the picture, 0 to 255
 * @param share 0 to 1
 * @returns 1 to 255
 * @throws Refusal `picture` for a picture of no pixels
 * @source the cumulated histogram
 * @example
 * codeAtShare(new Uint8Array([10, 20, 30, 40]), 0.5) // = 20
 */
export function codeAtShare(codes: Uint8Array, share: number): number {
  if (codes.length === 0) throw new Refusal('picture', '/codes', 'A picture has pixels.');
  const counts = new Uint32Array(256);
  for (const code of codes) counts[code]! += 1;
  let left = sound(share) * codes.length;
  const at = counts.findIndex((count) => (left -= count) <= 0);
  return Math.max(1, at === -1 ? counts.length - 1 : at);
}

/**
 * What a picture's tones stand for while nobody has said: paper white or clear film, and a negative's highlight.
 * @param codes of the picture, 0 to 255
 * @returns codes, 1 to 255
 * @throws Refusal `picture` for a picture of no pixels
 * @source the ends of the histogram, without dust and scratches
 * @example
 * usualCodes(Uint8Array.from([200, 200, 200])).whiteCode // = 200
 */
export function usualCodes(codes: Uint8Array): { whiteCode: number; highlightCode: number } {
  return {
    whiteCode: codeAtShare(codes, 1 - DUST),
    highlightCode: codeAtShare(codes, 10 * DUST),
  };
}

function lightOf(paper: Paper, codes: Uint8Array, question: PictureQuestion) {
  const { of, range, highlightDensity, madeAtRange = range } = question;
  const usual = usualCodes(codes);
  const white = question.whiteCode ?? usual.whiteCode;
  const lights: Record<PictureQuestion['of'], () => { light: PictureLight; white: number }> = {
    negative: () => {
      const highlightCode = Math.min(question.highlightCode ?? usual.highlightCode, white - 1);
      const scan = { clearCode: white, highlightCode, netDensity: highlightDensity };
      return { light: lightOfNegative(paper, range, scan), white: SHOWN_WHITE };
    },
    print: () => ({
      light: lightAtRange(paper, lightOfPrint(paper, madeAtRange, white), madeAtRange, range),
      white,
    }),
  };
  return lights[of]();
}

/**
 * A picture as the paper would show it with a plan: back through the paper's curve, or all the way from the negative.
 * @param paper layers
 * @param tones of the picture
 * @param question what it is of, R of the print, what the sheet and its areas get, stops
 * @returns codes of the print, where nothing is known, and its paper white
 * @throws Refusal `picture` for no pixels or codes that cannot be, `density` for a tone that the paper cannot show
 * @source the layer model, tabulated
 * @example
 * printPicture(defaultPaper, { codes: new Uint8Array([172]), width: 1, height: 1 }, { of: "print", whiteCode: 236, highlightDensity: 0.1, range: 100, baseStops: 0, areas: [] }).codes[0] // = 172
 */
export function printPicture(
  paper: Paper,
  tones: PictureTones,
  question: PictureQuestion,
): PrintedPicture {
  const { codes, width, height } = tones;
  sound([width, height, question]);
  if (codes.length !== width * height) {
    throw new Refusal('picture', '/codes', 'A picture has a code for each of its pixels.');
  }
  const { light, white } = lightOf(paper, codes, question);
  const table = printTable(paper, question.range, light, white, question.flash);
  const field = planField(question.areas, width, height, question.baseStops);
  const unknown = new Uint8Array(codes.length);
  for (let at = 0; at < codes.length; at += 1) {
    // A flash tones what is white; it leaves full black as it is.
    const changed = field[at] !== UNCHANGED || (question.flash && codes[at]! > white / 2);
    if (light.unknown[codes[at]!] && changed) unknown[at] = 1;
  }
  return { codes: planned(codes, field, table), unknown, white };
}
