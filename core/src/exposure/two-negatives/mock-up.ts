import { lightOfNegative, lightOfPrint, type PictureLight } from '../../picture/picture-light.ts';
import { SHOWN_WHITE, type PictureTones } from '../../picture/print-picture.ts';
import { codeFromLinear, linearFromCode } from '../../picture/srgb.ts';
import type { Paper } from '../../paper/paper.ts';
import { blueShareFor } from '../../paper/range.ts';
import { sound } from '../../quantity/sound.ts';
import { STOP_IN_LOG } from '../../quantity/stops.ts';
import { Refusal } from '../../refusal.ts';
import type { EaselSize, Placing } from './placing.ts';
import { twoLooks, type TwoLook } from './two-looks.ts';

/** A picture of one of the two, and how it is printed. */
export interface NegativeOnSheet {
  /** Of the negative on a light table, or of a print that was made of it. */
  readonly of: 'negative' | 'print';
  /** The code of clear film, or of paper white. */
  readonly whiteCode: number;
  /** Of a negative: the code of the place that becomes the highlight. */
  readonly highlightCode: number;
  /** The tone of that highlight, density above Dmin. */
  readonly highlightDensity: number;
  /** R that it is printed at. */
  readonly range: number;
  /** More or less light than that. */
  readonly stops: number;
}

/** What each two codes become together, and how that looks. Code 256 is a place that one of the two does not reach. */
export interface PairTable {
  /** 257 × 257: the code that is shown; A's code counts rows. */
  readonly codes: Uint8Array;
  /** The same for its look, as an index of `twoLooks`. */
  readonly looks: Uint8Array;
}

/** A picture and its place on the easel. */
export interface LaidNegative {
  readonly tones: PictureTones;
  readonly placing: Placing;
}

/** The sheet as it would look. */
export interface TwoOnSheet {
  readonly codes: Uint8Array<ArrayBuffer>;
  readonly looks: Uint8Array<ArrayBuffer>;
  readonly width: number;
  readonly height: number;
  /** How much of the sheet has each look, 0 to 1. */
  readonly shares: Readonly<Record<TwoLook['id'], number>>;
}

const CODES = 257;
const NONE = 256;
const MOST_STOPS = 12;
const MOST_PIXELS = 4_000_000;

interface CodeLights {
  readonly blue: Float64Array;
  readonly green: Float64Array;
}

const darkness: CodeLights = { blue: new Float64Array(CODES), green: new Float64Array(CODES) };

function lightOf(paper: Paper, side: NegativeOnSheet): PictureLight {
  const { of, range, whiteCode, highlightCode, highlightDensity } = side;
  return of === 'print'
    ? lightOfPrint(paper, range, whiteCode)
    : lightOfNegative(paper, range, {
        clearCode: whiteCode,
        highlightCode,
        netDensity: highlightDensity,
      });
}

/** Blue and green of every code; of no code, none. */
function lightsOf(paper: Paper, side: NegativeOnSheet | undefined): CodeLights {
  if (!side) return darkness;
  sound(side);
  if (Math.abs(side.stops) > MOST_STOPS) {
    throw new Refusal('stops', '/stops', `At most ${MOST_STOPS} stops more or less.`);
  }
  const share = blueShareFor(paper, side.range);
  const { logH } = lightOf(paper, side);
  const all = Float64Array.from({ length: CODES }, (_, code) =>
    code === NONE ? 0 : 10 ** (logH[code]! + side.stops * STOP_IN_LOG),
  );
  return { blue: all.map((one) => one * share), green: all.map((one) => one * (1 - share)) };
}

/**
 * What each two tones of two pictures become on one sheet: light adds, each in its own contrast, through the paper's layers.
 * @param paper layers
 * @param a the first negative; none of it unless given
 * @param b the second
 * @returns codes and looks of all pairs, so that moving a picture costs a look-up a pixel
 * @throws Refusal `picture` for codes that cannot be, `density` for a tone that the paper cannot show, `stops` beyond 12
 * @source D = Dmin + (Dmax−Dmin)/n·Σ 1/(1 + Eᵢ^−slope), Eᵢ = Σ blue + Σ green·10^−oᵢ
 * @example
 * pairTable(defaultPaper, undefined, undefined).codes[256 * 257 + 256] // = 245
 */
export function pairTable(
  paper: Paper,
  a: NegativeOnSheet | undefined,
  b: NegativeOnSheet | undefined,
): PairTable {
  const [lightA, lightB] = [lightsOf(paper, a), lightsOf(paper, b)];
  const through = paper.layerOffsets.map((offset) => 10 ** -offset);
  const most = (paper.dMax - paper.dMin) / through.length;
  const net = (blue: number, green: number) => {
    let sum = 0;
    for (const share of through) sum += 1 / (1 + (blue + green * share) ** -paper.slope);
    return most * sum;
  };
  const alone = ({ blue, green }: CodeLights) =>
    Float64Array.from(blue, (one, code) => net(one, green[code]!));
  const [netA, netB] = [alone(lightA), alone(lightB)];
  const codes = new Uint8Array(CODES * CODES);
  const looks = new Uint8Array(CODES * CODES);
  const white = linearFromCode(SHOWN_WHITE);
  // Of a negative that does not lie there, no code is ever under a pixel.
  for (let one = a ? 0 : NONE; one < CODES; one += 1) {
    for (let other = b ? 0 : NONE; other < CODES; other += 1) {
      const at = one * CODES + other;
      const together = net(
        lightA.blue[one]! + lightB.blue[other]!,
        lightA.green[one]! + lightB.green[other]!,
      );
      codes[at] = Math.round(codeFromLinear(white * 10 ** -together));
      looks[at] = twoLooks.findIndex(({ applies }) => applies(netA[one]!, netB[other]!, together));
    }
  }
  return { codes, looks };
}

/** Steps on the picture, px, for a step on the sheet. */
interface Walk {
  readonly x: number;
  readonly y: number;
  readonly acrossX: number;
  readonly acrossY: number;
  readonly downX: number;
  readonly downY: number;
}

/** From the middle of the sheet's first pixel over the picture, pixel for pixel: where a placing is undone. */
function walkOver({ tones, placing }: LaidNegative, mmOfPixel: number): Walk {
  const { xMm, yMm, widthMm, turnDegrees, mirrored } = placing;
  const scale = tones.width / widthMm;
  const flip = mirrored ? -1 : 1;
  const turn = (turnDegrees * Math.PI) / 180;
  const [cos, sin] = [Math.cos(turn) * scale, Math.sin(turn) * scale];
  const [fromX, fromY] = [mmOfPixel / 2 - xMm, mmOfPixel / 2 - yMm];
  return {
    x: tones.width / 2 + flip * (fromX * cos + fromY * sin),
    y: tones.height / 2 + fromY * cos - fromX * sin,
    acrossX: flip * cos * mmOfPixel,
    acrossY: -sin * mmOfPixel,
    downX: flip * sin * mmOfPixel,
    downY: cos * mmOfPixel,
  };
}

/** The code of a picture under every pixel of the sheet; 256 where it does not reach. */
function codesUnder(
  laid: LaidNegative | undefined,
  width: number,
  height: number,
  mmOfPixel: number,
): Uint16Array {
  const under = new Uint16Array(width * height).fill(NONE);
  if (!laid) return under;
  const { codes, width: wide, height: high } = laid.tones;
  const { x, y, acrossX, acrossY, downX, downY } = walkOver(laid, mmOfPixel);
  for (let row = 0, at = 0; row < height; row += 1) {
    let [atX, atY] = [x + row * downX, y + row * downY];
    for (let column = 0; column < width; column += 1, at += 1, atX += acrossX, atY += acrossY) {
      if (atX >= 0 && atX < wide && atY >= 0 && atY < high) {
        under[at] = codes[Math.floor(atY) * wide + Math.floor(atX)]!;
      }
    }
  }
  return under;
}

/**
 * Two pictures on one sheet, each where it was laid.
 * @param table what each two codes become, from `pairTable`
 * @param easel the sheet, mm
 * @param width of what is drawn, pixels
 * @param a picture and placing of the first; none unless given
 * @param b of the second
 * @returns codes and looks, row by row from the top left, and how much of the sheet has each look
 * @throws Refusal `placing` for a sheet or a picture of no size, or of more pixels than are shown
 * @source inverse affine map of each pixel, nearest neighbour
 * @example
 * onOneSheet(pairTable(defaultPaper, undefined, undefined), { widthMm: 40, heightMm: 30 }, 4, undefined, undefined).shares.fine // = 1
 */
export function onOneSheet(
  table: PairTable,
  easel: EaselSize,
  width: number,
  a: LaidNegative | undefined,
  b: LaidNegative | undefined,
): TwoOnSheet {
  sound([easel, width, a?.placing ?? 0, b?.placing ?? 0]);
  const sizes = [easel.widthMm, easel.heightMm, width, a?.placing.widthMm, b?.placing.widthMm];
  if (!sizes.every((size = 1) => size > 0)) {
    throw new Refusal('placing', '/widthMm', 'A sheet and what lies on it are wider than nothing.');
  }
  const across = Math.max(1, Math.round(width));
  const mmOfPixel = easel.widthMm / across;
  const height = Math.max(1, Math.round(easel.heightMm / mmOfPixel));
  if (!(across * height <= MOST_PIXELS)) {
    throw new Refusal('placing', '/width', `A sheet is shown with at most ${MOST_PIXELS} pixels.`);
  }
  const [underA, underB] = [a, b].map((laid) => codesUnder(laid, across, height, mmOfPixel));
  const codes = new Uint8Array(across * height);
  const looks = new Uint8Array(across * height);
  const counts = new Uint32Array(twoLooks.length);
  for (let at = 0; at < codes.length; at += 1) {
    const pair = underA![at]! * CODES + underB![at]!;
    codes[at] = table.codes[pair]!;
    looks[at] = table.looks[pair]!;
    counts[looks[at]!]! += 1;
  }
  const shares = Object.fromEntries(
    twoLooks.map(({ id }, index) => [id, counts[index]! / codes.length]),
  ) as Record<TwoLook['id'], number>;
  return { codes, looks, width: across, height, shares };
}
