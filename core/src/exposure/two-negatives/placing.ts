import type { At } from '../../picture/shapes/shape.ts';
import { sound } from '../../quantity/sound.ts';
import { Refusal } from '../../refusal.ts';

/** How the picture of a negative lies on the easel. */
export interface Placing {
  /** Its middle, from the easel's top left, mm. */
  readonly xMm: number;
  readonly yMm: number;
  /** How wide it is there, mm. */
  readonly widthMm: number;
  /** Turned clockwise. */
  readonly turnDegrees: number;
  readonly mirrored?: boolean;
}

/** The sheet as it lies on the easel, mm. */
export interface EaselSize {
  readonly widthMm: number;
  readonly heightMm: number;
}

/** A straight piece of an edge, mm. */
export interface EdgePiece {
  readonly from: At;
  readonly to: At;
  readonly lengthMm: number;
}

/** So near to the sheet's own edge an edge of the picture falls on it, mm; shorter pieces are no edge. */
const ON_THE_BORDER_MM = 0.5;

/**
 * Where the corners of a picture fall on the easel.
 * @param placing middle, width, turn
 * @param ratio its height for a width of 1
 * @returns mm from the easel's top left: the picture's top left corner first, clockwise as it was before mirroring
 * @throws Refusal `placing` for a picture that is not wide or high
 * @source rotation of a rectangle about its middle
 * @example
 * cornersOnEasel({ xMm: 100, yMm: 80, widthMm: 60, turnDegrees: 0 }, 0.5)[0] // = {"x":70,"y":65}
 */
export function cornersOnEasel(placing: Placing, ratio: number): At[] {
  sound([placing, ratio]);
  const { xMm, yMm, widthMm, turnDegrees, mirrored } = placing;
  if (!(widthMm > 0 && ratio > 0)) {
    throw new Refusal('placing', '/widthMm', 'A picture on the easel is wider than nothing.');
  }
  const turn = (turnDegrees * Math.PI) / 180;
  const [cos, sin] = [Math.cos(turn), Math.sin(turn)];
  const across = (mirrored ? -widthMm : widthMm) / 2;
  const down = (widthMm * ratio) / 2;
  return [
    [-across, -down],
    [across, -down],
    [across, down],
    [-across, down],
  ].map(([x, y]) => sound({ x: xMm + x! * cos - y! * sin, y: yMm + x! * sin + y! * cos }));
}

/** The part of a line inside a rectangle, as shares of its length. */
function inside(from: At, to: At, easel: EaselSize): readonly [number, number] | undefined {
  let [enters, leaves] = [0, 1];
  const sides = [
    [from.x - ON_THE_BORDER_MM, to.x - from.x],
    [easel.widthMm - ON_THE_BORDER_MM - from.x, from.x - to.x],
    [from.y - ON_THE_BORDER_MM, to.y - from.y],
    [easel.heightMm - ON_THE_BORDER_MM - from.y, from.y - to.y],
  ] as const;
  for (const [room, gain] of sides) {
    if (gain === 0) {
      if (room <= 0) return undefined;
    } else if (gain > 0) enters = Math.max(enters, -room / gain);
    else leaves = Math.min(leaves, room / -gain);
  }
  return enters < leaves ? [enters, leaves] : undefined;
}

/**
 * The edges of a negative that cross the sheet: there its light ends, and that is seen.
 * @param placing how it lies
 * @param ratio its height for a width of 1
 * @param easel the sheet, mm
 * @returns the pieces inside, mm; none where the negative covers the sheet
 * @throws Refusal `placing` for a picture that is not wide or high
 * @source Liang and Barsky's clipping of a line
 * @example
 * edgesInside({ xMm: 100, yMm: 100, widthMm: 400, turnDegrees: 0 }, 1, { widthMm: 200, heightMm: 200 }) // = []
 */
export function edgesInside(placing: Placing, ratio: number, easel: EaselSize): EdgePiece[] {
  const corners = cornersOnEasel(placing, ratio);
  sound(easel);
  return corners.flatMap((from, index) => {
    const to = corners[(index + 1) % corners.length]!;
    const part = inside(from, to, easel);
    if (!part) return [];
    const at = (share: number) => ({
      x: from.x + (to.x - from.x) * share,
      y: from.y + (to.y - from.y) * share,
    });
    const [begins, ends] = [at(part[0]), at(part[1])];
    const lengthMm = Math.hypot(ends.x - begins.x, ends.y - begins.y);
    return lengthMm > 2 * ON_THE_BORDER_MM ? [{ from: begins, to: ends, lengthMm }] : [];
  });
}
