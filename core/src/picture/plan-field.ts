import { sound } from '../quantity/sound.ts';
import { Refusal } from '../refusal.ts';
import { LOOKED_UP_STEP, MOST_LOOKED_UP } from './picture-light.ts';
import { shapeKind, type AreaShape } from './shapes/index.ts';
import type { At, Frame } from './shapes/shape.ts';

/** An area of the plan where it lies on the picture. */
export interface DrawnArea {
  readonly shape: AreaShape;
  readonly stops: number;
  /** Over how wide a rim it fades, in widths of the picture; 0 for a hard edge. */
  readonly soft: number;
}

/** No light at all is so many stops less than any. */
const LEAST_SHARE = 2 ** -MOST_LOOKED_UP;
const MOST_PIXELS = 64e6;

/**
 * How much of a burn or dodge a point of the picture gets.
 * @param area shape, and how soft its edge is
 * @param at the point, in widths of the picture
 * @param frame how tall the picture is, in widths
 * @returns share of its light, 0 to 1
 * @source a straight ramp over the soft rim; corners by the square of the distance from the middle
 * @example
 * coverage({ shape: { kind: "all-round", reach: 0.1 }, stops: 1, soft: 0.1 }, { x: 0.1, y: 0.4 }, { height: 0.75 }) // ≈ 0.5
 */
export function coverage({ shape, soft }: DrawnArea, at: At, frame: Frame): number {
  const { share, outside } = shapeKind(shape.kind);
  if (share) return sound(Math.min(1, Math.max(0, share(shape as never, at, frame))));
  const distance = outside(shape as never, at, frame);
  if (soft <= 0) return distance <= 0 ? 1 : 0;
  return sound(Math.min(1, Math.max(0, 0.5 - distance / soft)));
}

/**
 * For every pixel the row of the print table that its light asks for.
 * @param areas of the plan, drawn
 * @param width of the picture, pixels
 * @param height of the picture, pixels
 * @param baseStops what the whole sheet gets more or less, stops
 * @returns a row for each pixel, from the top left
 * @throws Refusal `picture` for a picture of no pixels, or of too many
 * @source light adds: 1 + Σ share·(2^s − 1)
 * @example
 * planField([], 2, 2, 1)[0] // = 144
 */
export function planField(
  areas: readonly DrawnArea[],
  width: number,
  height: number,
  baseStops = 0,
): Uint8Array {
  sound([areas, width, height, baseStops]);
  if (!(width >= 1 && height >= 1 && width * height <= MOST_PIXELS)) {
    throw new Refusal('picture', '/width', 'A picture has pixels, and not more than 64 million.');
  }
  const frame = { height: height / width };
  const field = new Uint8Array(Math.floor(width) * Math.floor(height));
  const mores = areas.map(({ stops }) => 2 ** stops - 1);
  const rows = Math.round((2 * MOST_LOOKED_UP) / LOOKED_UP_STEP);
  for (let row = 0, at = 0; row < Math.floor(height); row += 1) {
    const y = (row + 0.5) / width;
    for (let column = 0; column < Math.floor(width); column += 1, at += 1) {
      const point = { x: (column + 0.5) / width, y };
      let light = 1;
      for (const [n, area] of areas.entries()) light += coverage(area, point, frame) * mores[n]!;
      const stops = Math.log2(Math.max(light, LEAST_SHARE)) + baseStops;
      const place = Math.round((stops + MOST_LOOKED_UP) / LOOKED_UP_STEP);
      field[at] = Math.min(rows, Math.max(0, place));
    }
  }
  return field;
}

/**
 * A picture as the paper would show it with a plan.
 * @param codes of the picture, 0 to 255
 * @param field for each pixel the row of the table
 * @param table from `printTable`
 * @returns codes of the print
 * @source a table of two ways in: light and code
 * @example
 * planned(new Uint8Array([172]), planField([], 1, 1), printTable(defaultPaper, 100, lightOfPrint(defaultPaper, 100, 236), 236))[0] // = 172
 */
export function planned(
  codes: Uint8Array,
  field: Uint8Array,
  table: Uint8Array,
): Uint8Array<ArrayBuffer> {
  const out = new Uint8Array(codes.length);
  for (let at = 0; at < codes.length; at += 1) {
    out[at] = table[(field[at]! << 8) | codes[at]!]!;
  }
  return out;
}
