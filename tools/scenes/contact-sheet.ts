import type { At } from '../../core/src/index.ts';
import { wholePicture } from '../../app/src/lib/nouns/picture/corners.ts';
import { projection } from '../../app/src/lib/nouns/picture/projection.ts';
import { straightPrint } from './photograph.ts';
import { coolingRacks } from './places/cooling-racks.ts';
import { furnaceHall } from './places/furnace-hall.ts';
import { yardInSnow } from './places/yard-in-snow.ts';
import { render, type Scene } from './render.ts';

/** Strips of six, and the pixels of a frame. */
const [COLUMNS, ROWS] = [6, 6];
const [WIDE, HIGH] = [228, 152];
/** The film's edges over and under a frame, between two frames, and the paper around the strips. */
const [EDGE, BETWEEN, RIM] = [26, 8, 34];
const BLACK = 14;
const PAPER = 236;

interface Shot {
  readonly scene: Scene;
  /** How far the photographer had gone from where the print's frame was taken, m: to the right, up, forward. */
  readonly gone: readonly [number, number, number];
  readonly over: number;
}

const hall = { scene: furnaceHall, print: { range: 110, highlight: 0.965, shadow: 0.25 } };
const racks = { scene: coolingRacks, print: { range: 130, highlight: 0.93, shadow: 0.12 } };
const yard = { scene: yardInSnow, print: { range: 90, highlight: 0.8, shadow: 0.03 } };
const prints = new Map([hall, racks, yard].map(({ scene, print }) => [scene, print]));

/** Exposures as they come: a few of each, some a stop off. */
const OVER = [0, -1, 1, 0, 0.5, -0.5, 0, 0, -1.5, 0, 0.5, 0];

/** What was on the roll: 36 frames of one night, the 14th the one that was printed. */
function shots(): Shot[] {
  const walk = (n: number): Shot['gone'] => [
    0.9 * Math.sin(n * 1.7),
    0.25 * Math.sin(n * 0.9),
    0.5 + 0.7 * Math.sin(n * 0.6),
  ];
  const of = (scene: Scene, from: number, to: number) =>
    Array.from({ length: to - from }, (_, n) => ({
      ...{ scene, gone: walk(from + n), over: OVER[(from + n) % OVER.length]! },
    }));
  const all = [...of(yardInSnow, 0, 5), ...of(furnaceHall, 5, 26), ...of(coolingRacks, 26, 36)];
  return all.map((shot, n) => (n === 13 ? { ...shot, gone: [0, 0, 0], over: 0 } : shot));
}

const moved = (scene: Scene, by: Shot['gone']): Scene => ({
  ...scene,
  eye: [scene.eye[0] + by[0], scene.eye[1] + by[1], scene.eye[2] + by[2]],
  tall: scene.tall * 0.92,
});

/** The sheet as it came out of the wash. */
function sheet(random: () => number) {
  const width = 2 * RIM + COLUMNS * (WIDE + BETWEEN);
  const height = 2 * RIM + ROWS * (HIGH + 2 * EDGE + BETWEEN);
  const codes = new Uint8Array(width * height).fill(PAPER);
  const corner = (n: number) => ({
    left: RIM + (n % COLUMNS) * (WIDE + BETWEEN),
    top: RIM + Math.floor(n / COLUMNS) * (HIGH + 2 * EDGE + BETWEEN),
  });
  shots().forEach(({ scene, gone, over }, n) => {
    const { left, top } = corner(n);
    for (let row = 0; row < HIGH + 2 * EDGE; row += 1) {
      codes.fill(BLACK, (top + row) * width + left, (top + row) * width + left + WIDE + BETWEEN);
    }
    const luminances = render(moved(scene, gone), WIDE, HIGH, random);
    const frame = straightPrint(luminances, WIDE, HIGH, { ...prints.get(scene)!, over }, random);
    for (let row = 0; row < HIGH; row += 1) {
      const line = frame.subarray(row * WIDE, (row + 1) * WIDE);
      codes.set(line, (top + EDGE + row) * width + left + BETWEEN / 2);
    }
  });
  return { codes, width, height };
}

/** Where the sheet's corners lie on the table as it was photographed with a phone. */
const ON_THE_TABLE: readonly At[] = [
  { x: 0.055, y: 0.04 },
  { x: 0.965, y: 0.065 },
  { x: 0.935, y: 0.955 },
  { x: 0.03, y: 0.97 },
];

/** A photograph of a proof sheet, a little from the side, on a dark table. */
export function contactSheet(width: number, height: number, random: () => number): Buffer {
  const from = sheet(random);
  const placed = projection(ON_THE_TABLE, wholePicture);
  const codes = Buffer.alloc(width * height);
  for (let row = 0, at = 0; row < height; row += 1) {
    for (let column = 0; column < width; column += 1, at += 1) {
      const { x, y } = placed(column / width, row / height);
      const [across, down] = [Math.floor(x * from.width), Math.floor(y * from.height)];
      const on = across >= 0 && across < from.width && down >= 0 && down < from.height;
      const tone = on ? from.codes[down * from.width + across]! : 62 + 10 * random();
      // A lamp stands to the left of it.
      codes[at] = Math.round(tone * (1 - 0.12 * (column / width)));
    }
  }
  return codes;
}

/** Where the outermost frames' corners are on that photograph, for the demo. */
export function framesOnTheTable(): At[] {
  const width = 2 * RIM + COLUMNS * (WIDE + BETWEEN);
  const height = 2 * RIM + ROWS * (HIGH + 2 * EDGE + BETWEEN);
  const placed = projection(wholePicture, ON_THE_TABLE);
  const [left, right] = [RIM / width, 1 - RIM / width];
  const [top, bottom] = [RIM / height, 1 - (RIM + BETWEEN) / height];
  return [placed(left, top), placed(right, top), placed(right, bottom), placed(left, bottom)];
}
