import {
  edgesInside,
  type EaselSize,
  type EdgePiece,
  type Placing,
  type TwoOnSheet,
} from '@katachron/core';
import { shownRatio } from '../../../nouns/picture/corners.ts';
import type {
  PlacedOfTwo,
  SideOfTwo,
  TwoNegativesBody,
} from '../../../nouns/two-negatives/contract.ts';
import { attempt } from '../../../words/attempt.ts';

export const sides = ['a', 'b'] as const;
export type SideId = (typeof sides)[number];
export const letterOf = (side: SideId) => side.toUpperCase();

/** Less of the sheet than this is not worth a word. */
const LEAST_SHARE = 0.005;

/** Height for a width of 1 of a picture as it is laid. */
export const ratioOf = ({ picture }: PlacedOfTwo) => shownRatio(picture);

/** A new picture covers the sheet, in its middle. */
export function coveringSheet(
  picture: PlacedOfTwo['picture'],
  { widthMm, heightMm }: EaselSize,
): PlacedOfTwo {
  const ratio = shownRatio(picture);
  const wide = Math.max(widthMm, heightMm / ratio);
  return {
    picture,
    ...{ xMm: widthMm / 2, yMm: heightMm / 2, widthMm: rounded(wide) },
    ...{ turnDegrees: 0, stops: 0 },
  };
}

const rounded = (mm: number) => Number(mm.toFixed(1));
const turned = (degrees: number) => Number((((degrees % 360) + 360) % 360).toFixed(1));

/** As it is kept: to a tenth of a millimetre, and of a degree. */
export const settled = (placing: Placing): Placing => ({
  ...placing,
  xMm: rounded(placing.xMm),
  yMm: rounded(placing.yMm),
  widthMm: rounded(Math.max(1, placing.widthMm)),
  turnDegrees: turned(placing.turnDegrees),
});

/** What a key does to the picture that is chosen, once or ten times as much. */
interface Move {
  readonly key: string;
  readonly does: string;
  readonly to: (placing: Placing, times: number) => Placing;
}

const along = (x: number, y: number) => (placing: Placing, times: number) => ({
  ...placing,
  xMm: placing.xMm + x * times,
  yMm: placing.yMm + y * times,
});

/** Moves of one millimetre, one degree, one per cent. */
export const moves: readonly Move[] = [
  { key: 'ArrowLeft', does: 'picture 1 mm to the left, 10 with Shift', to: along(-1, 0) },
  { key: 'ArrowRight', does: 'picture 1 mm to the right, 10 with Shift', to: along(1, 0) },
  { key: 'ArrowUp', does: 'picture 1 mm up, 10 with Shift', to: along(0, -1) },
  { key: 'ArrowDown', does: 'picture 1 mm down, 10 with Shift', to: along(0, 1) },
  {
    key: 't',
    does: 'turn it 1° to the right, 10 with Shift',
    to: (placing, times) => ({ ...placing, turnDegrees: placing.turnDegrees + times }),
  },
  {
    key: 'g',
    does: 'turn it 1° to the left, 10 with Shift',
    to: (placing, times) => ({ ...placing, turnDegrees: placing.turnDegrees - times }),
  },
  {
    key: 'l',
    does: '1 % larger, 10 with Shift',
    to: (placing, times) => ({ ...placing, widthMm: placing.widthMm * (1 + times / 100) }),
  },
  {
    key: 'k',
    does: '1 % smaller, 10 with Shift',
    to: (placing, times) => ({ ...placing, widthMm: placing.widthMm / (1 + times / 100) }),
  },
  { key: 'm', does: 'mirror it', to: (placing) => ({ ...placing, mirrored: !placing.mirrored }) },
];

/** The side with its picture somewhere else. */
export function laidSo(side: SideOfTwo, placing: Placing): SideOfTwo {
  if (!side.placed) return side;
  const { mirrored, ...place } = settled(placing);
  const { mirrored: _before, ...kept } = side.placed;
  return { ...side, placed: { ...kept, ...place, ...(mirrored && { mirrored }) } };
}

/** The edges of one of the two that cross the sheet. */
export const crossing = (placed: PlacedOfTwo | undefined, easel: EaselSize): EdgePiece[] =>
  (placed && attempt(() => edgesInside(placed, ratioOf(placed), easel)).value) ?? [];

const percent = (share: number) => `${Math.max(1, Math.round(share * 100))} %`;

/** What goes wrong as they lie, each as a sentence. */
export function troubles(
  body: Pick<TwoNegativesBody, 'a' | 'b'>,
  easel: EaselSize,
  shares: TwoOnSheet['shares'] | undefined,
): string[] {
  const edges = sides.flatMap((side) => {
    const pieces = crossing(body[side].placed, easel);
    const mm = Math.round(pieces.reduce((sum, { lengthMm }) => sum + lengthMm, 0));
    return pieces.length === 0
      ? []
      : [
          `An edge of ${letterOf(side)} crosses the picture over ${mm} mm: feather it, or let the negative cover the sheet.`,
        ];
  });
  const seen = (id: 'mud' | 'hold-back') =>
    shares && body.a.placed && body.b.placed ? shares[id] : 0;
  return [
    ...edges,
    ...(seen('mud') >= LEAST_SHARE
      ? [
          `Mud over ${percent(seen('mud'))} of the sheet, striped: two mid-greys lie there. Turn or shift one, or hold it back.`,
        ]
      : []),
    ...(seen('hold-back') >= LEAST_SHARE
      ? [
          `Over ${percent(seen('hold-back'))}, dotted, both together are far darker than either: hold one of them back in that shape.`,
        ]
      : []),
  ];
}
