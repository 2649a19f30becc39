import type { Chance } from './chance.ts';

/** A scan that the code under test knows nothing of: what lies on it, and the light of each pixel by formulas of its own. */
export interface TrueScan {
  readonly image: {
    readonly width: number;
    readonly height: number;
    readonly values: Float32Array;
  };
  /** Densities of the tablet, its darkest first, and of the reference, its clearest first. */
  readonly tablet: readonly number[];
  readonly reference: readonly number[];
}

/** What can be wrong with what somebody lays down, or says of it. */
export const scanMistakes = [
  'another count',
  'a patch of the reference missing',
  'the reference times 1.5',
  'cropped at its end',
] as const;
export type ScanMistake = (typeof scanMistakes)[number];

const [WIDTH, HEIGHT] = [1000, 420];
/** Strips lie across these shares of the height, and so much of the width. */
const BANDS = [
  { top: 0.18, bottom: 0.4 },
  { top: 0.6, bottom: 0.82 },
] as const;
const [LEFT, LONG] = [0.1, 0.8];
/** Light that differs by more over the whole sheet is refused with reason. */
const MOST_UNEVEN = 0.3;

/** Light over the sheet, against its brightest, at shares of width and height. */
const lamps = {
  /** A window at one side: it falls with the square of the way. */
  'from a side': ({ between }: Chance) => {
    const [far, high] = [between(2.5, 6), between(-0.5, 1.5)];
    return (x: number, y: number) => (far * far) / ((far + x) ** 2 + 0.2 * (y - high) ** 2);
  },
  /** A lens that is darker towards its corners, not quite in the middle. */
  corners: ({ between }: Chance) => {
    const [mx, my, way] = [between(0.4, 0.6), between(0.4, 0.6), between(1.2, 2)];
    return (x: number, y: number) => (1 + ((x - mx) ** 2 + 0.2 * (y - my) ** 2) / way ** 2) ** -2;
  },
  /** Two lamps of unequal strength. */
  'two lamps': ({ between }: Chance) => {
    const [left, right] = [between(0.7, 1), between(0.7, 1)];
    return (x: number) => left / (1 + (x + 0.6) ** 2) + right / (1 + (1.6 - x) ** 2);
  },
  even: () => () => 1,
} as const;
const lampNames = Object.keys(lamps) as (keyof typeof lamps)[];

/** Twice a box of three pixels: what a lens makes of an edge. */
function blurred(light: Float32Array): Float32Array {
  const pass = (from: Float32Array, step: number) =>
    from.map((value, at) => ((from[at - step] ?? value) + value + (from[at + step] ?? value)) / 3);
  return pass(pass(light, 1), WIDTH);
}

/** Codes of eight bits by the usual curve, 0 to 1. */
const coded = (linear: number) =>
  linear <= 0.0031308 ? 12.92 * linear : 1.055 * Math.max(0, linear) ** (1 / 2.4) - 0.055;

/** Densities of a tablet on film, or of its print. */
function tabletOf({ between, one }: Chance): number[] {
  const count = one([21, 31]);
  if (between(0, 1) < 0.5) {
    const [clear, step] = [between(0.15, 0.35), (one([0.05, 0.075, 0.1]) * 21) / count];
    const bend = between(0, 0.15);
    return Array.from({ length: count }, (_, at) => {
      const net = step * (count - 1 - at);
      return clear + net - bend * (1 - Math.exp(-net / 0.3));
    });
  }
  const [white, black, at, steep] = [
    between(0.05, 0.1),
    between(1.6, 2),
    between(0.3, 0.45) * count,
    between(1, 1.8) * (21 / count),
  ];
  return Array.from(
    { length: count },
    (_, step) => white + (black - white) / (1 + Math.exp((step - at) * steep)),
  );
}

/** A sheet under a lamp, with stray light, a tone curve of its own, blur and noise. */
export function trueScan(chance: Chance, mistake?: ScanMistake): TrueScan {
  const { between, whole, one, normal } = chance;
  const tablet = tabletOf(chance);
  const patches = whole(12, 21);
  const reference = Array.from({ length: patches }, (_, at) => 0.06 + (2.05 / (patches - 1)) * at);
  const lower =
    mistake === 'a patch of the reference missing'
      ? reference.toSpliced(whole(2, patches - 3), 1)
      : reference;
  const upper = mistake === 'cropped at its end' ? tablet.slice(whole(1, 3)) : tablet;
  const lamp = lamps[one(lampNames)](chance);
  const tilt = between(-0.06, 0.06);
  // Stray light lies evenly over the picture, or follows the lamp; the tone curve is not quite the usual one, nor quite a power.
  const [stray, follows] = [between(0, 0.03), between(0, 1) < 0.5];
  const [exponent, sway, white] = [between(0.9, 1.12), between(-0.004, 0.004), between(0.7, 0.9)];
  const noise = between(0.5, 2) / 255;
  const uneven = between(0, MOST_UNEVEN);
  const places = Array.from({ length: 121 }, (_, at) =>
    lamp((at % 11) / 10, Math.floor(at / 11) / 10),
  );
  const [least, most] = [Math.min(...places), Math.max(...places)];
  const lit = (x: number, y: number) =>
    1 - (uneven * (most - lamp(x, y))) / Math.max(1e-9, most - least);
  const light = Float32Array.from({ length: WIDTH * HEIGHT }, (_, at) => {
    const [px, py] = [at % WIDTH, Math.floor(at / WIDTH)];
    const [dx, dy] = [px - WIDTH / 2, py - HEIGHT / 2];
    const x = (WIDTH / 2 + dx * Math.cos(tilt) + dy * Math.sin(tilt)) / WIDTH;
    const y = (HEIGHT / 2 - dx * Math.sin(tilt) + dy * Math.cos(tilt)) / HEIGHT;
    const band = BANDS.findIndex((each) => y >= each.top && y < each.bottom);
    const strip = [upper, lower][band];
    // What was cropped leaves a shorter strip; its patches are as long as before.
    const long = band === 0 ? (LONG * upper.length) / tablet.length : LONG;
    const density = strip?.[Math.floor(((x - LEFT) / long) * strip.length)] ?? 0;
    const here = lit(px / WIDTH, py / HEIGHT);
    return white * (here * 10 ** -density + stray * (follows ? here : 1)) ** exponent;
  });
  const values = blurred(light).map((linear) => {
    const code = coded(linear);
    const swayed = code + sway * Math.sin(2 * Math.PI * code) + normal(noise);
    return Math.round(255 * Math.min(1, Math.max(0, swayed))) / 255;
  });
  return { image: { width: WIDTH, height: HEIGHT, values }, tablet, reference };
}
