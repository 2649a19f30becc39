/** A picture in grey: a share of its whitest code for each pixel, row by row from the top left. */
export interface GreyImage {
  readonly width: number;
  readonly height: number;
  readonly values: ArrayLike<number>;
}

/** A place on it, in pixels. */
export interface Spot {
  readonly x: number;
  readonly y: number;
}

/** The value at a place between pixels. */
export const valueAtSpot = ({ width, height, values }: GreyImage, { x, y }: Spot): number => {
  const left = Math.min(width - 2, Math.max(0, Math.floor(x)));
  const top = Math.min(height - 2, Math.max(0, Math.floor(y)));
  const across = Math.min(1, Math.max(0, x - left));
  const down = Math.min(1, Math.max(0, y - top));
  const at = top * width + left;
  const upper = values[at]! * (1 - across) + values[at + 1]! * across;
  const lower = values[at + width]! * (1 - across) + values[at + width + 1]! * across;
  return upper * (1 - down) + lower * down;
};

/** So many pixels at most are looked at to find things. */
const COARSE = 420;

/** The picture in fewer pixels, each the mean of those that it stands for, and how much smaller it is. */
export const coarse = (image: GreyImage): { readonly image: GreyImage; readonly times: number } => {
  const times = Math.max(1, Math.ceil(Math.max(image.width, image.height) / COARSE));
  const width = Math.floor(image.width / times);
  const height = Math.floor(image.height / times);
  const values = new Float32Array(width * height);
  for (let y = 0; y < height; y += 1) {
    for (let x = 0; x < width; x += 1) {
      let sum = 0;
      for (let dy = 0; dy < times; dy += 1) {
        const row = (y * times + dy) * image.width + x * times;
        for (let dx = 0; dx < times; dx += 1) sum += image.values[row + dx]!;
      }
      values[y * width + x] = sum / (times * times);
    }
  }
  return { image: { width, height, values }, times };
};

/** Where a corner of the unit square lies in a four-cornered place: a projective map (Heckbert). */
export const squareTo = (corners: readonly [Spot, Spot, Spot, Spot]) => {
  const [a, b, c, d] = corners;
  const [dx1, dx2, sx] = [b.x - c.x, d.x - c.x, a.x - b.x + c.x - d.x];
  const [dy1, dy2, sy] = [b.y - c.y, d.y - c.y, a.y - b.y + c.y - d.y];
  const determinant = dx1 * dy2 - dx2 * dy1;
  const g = (sx * dy2 - dx2 * sy) / determinant;
  const h = (dx1 * sy - sx * dy1) / determinant;
  return (along: number, across: number): Spot => {
    const scale = g * along + h * across + 1;
    return {
      x: ((b.x - a.x + g * b.x) * along + (d.x - a.x + h * d.x) * across + a.x) / scale,
      y: ((b.y - a.y + g * b.y) * along + (d.y - a.y + h * d.y) * across + a.y) / scale,
    };
  };
};
