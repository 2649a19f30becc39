import { twoLooks, type TwoOnSheet } from '@katachron/core';
import { RED_SHARE, WARMTH } from '../../../bench/light/tone.ts';

/** Every so many pixels a mark; a mark is so strong over the tone. */
const EVERY = 8;
const MARK_CODE = 215;
const DARK_MARK_CODE = 40;
const MIDDLE = 110;

/** Where a mark of a look is drawn. */
const marks: Record<(typeof twoLooks)[number]['id'], (x: number, y: number) => boolean> = {
  mud: (x, y) => (x + y) % EVERY < 2,
  'hold-back': (x, y) => x % EVERY < 2 && y % EVERY < 2,
  fine: () => false,
};
const markOf = twoLooks.map(({ id }) => marks[id]);

/** The sheet as it is seen: warm grey in white light, the red channel alone in red; with its trouble marked, or not. */
export function paintSheet(
  { codes, looks, width, height }: TwoOnSheet,
  red: number | undefined,
  marked: boolean,
): ImageData {
  const image = new ImageData(width, height);
  const { data } = image;
  const [r, g, b] = red === undefined ? WARMTH : ([RED_SHARE * red, 0, 0] as const);
  for (let row = 0, at = 0, to = 0; row < height; row += 1) {
    for (let column = 0; column < width; column += 1, at += 1, to += 4) {
      const tone = codes[at]!;
      const shown =
        marked && markOf[looks[at]!]!(column, row)
          ? tone > MIDDLE
            ? DARK_MARK_CODE
            : MARK_CODE
          : tone;
      data[to] = shown * r;
      data[to + 1] = shown * g;
      data[to + 2] = shown * b;
      data[to + 3] = 255;
    }
  }
  return image;
}
