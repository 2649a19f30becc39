import { NINETY_FIVE } from '../../numeric/gaussian.ts';
import { linearFromCode } from '../../picture/srgb.ts';
import { sound } from '../../quantity/sound.ts';
import { Refusal } from '../../refusal.ts';
import { coarse, valueAtSpot, type GreyImage, type Spot } from './grey-image.ts';
import { lightField } from './light-field.ts';
import { pitchOf, readPatches, type PatchLight } from './patches.ts';
import { findStrips, type StripCorners } from './strips.ts';
import { toneScale } from './tone-scale.ts';

/** What is asked of a picture: a tablet, or its print, beside a reference of known densities, on a white ground. */
export interface TabletQuestion {
  /** How many patches the tablet has; step 1 is its darkest in the picture. */
  readonly patches: number;
  /** Densities of the reference’s patches, the clearest first. */
  readonly reference: readonly number[];
  /** Where the strips lie, when a hand laid their corners: the tablet’s, then the reference’s. Otherwise they are found. */
  readonly corners?: readonly [StripCorners, StripCorners] | undefined;
}

/** A patch as it was read. */
export interface ReadDensity {
  readonly density: number;
  /** 95 times in 100 it is within this. */
  readonly within: number;
  /** It lies beyond what the reference shows. */
  readonly beyond: boolean;
  /** Where it was read, pixels. */
  readonly spot: Spot;
}

/** A tablet read from a picture, with every step of it. */
export interface ReadTablet {
  /** Step 1 first. */
  readonly steps: readonly ReadDensity[];
  readonly reference: readonly ReadDensity[];
  /** Corners of the tablet and of the reference as they were taken, pixels, from their first patch on. */
  readonly corners: readonly [StripCorners, StripCorners];
  /** How far the light differs over the strips, as a share: it was taken off. */
  readonly uneven: number;
  /** Exponent of the tone curve against the usual one, and stray light as a share of the white. */
  readonly gamma: number;
  readonly flare: number;
  /** What the reference is off its own curve, density. */
  readonly rest: number;
}

const MOST_UNEVEN = 0.35;
const MOST_CLIPPED = 0.02;
const LEAST_REFERENCE = 5;
/** After the ground was taken off, light is even to this, what compressing a picture does counted: standard deviation, density. */
const LIGHT_LEFT = 0.008;
/** So far past the reference’s ends a density still follows its curve. */
const BEYOND = 0.05;

const refuse = (field: string, sentence: string): never => {
  throw new Refusal('read-tablet', field, sentence);
};

/** The strip from its other end. */
const turned = ([a, b, c, d]: StripCorners): StripCorners => [c, d, a, b];

/**
 * Densities of a step tablet, or of its print, from a scan or a photo beside a reference of known densities.
 * @param image in grey, values as shares of the whitest code, at least 100 by 20 pixels
 * @param question how many patches, the reference, and corners where a hand laid them
 * @returns the density of each step with its uncertainty, and every step that led there
 * @throws Refusal `read-tablet` when two strips are not found, the light was too uneven, a patch is clipped, or the reference does not fit
 * @source ground by a second-order field, patches by their pitch, means of their middle halves, tone curve and flare by 10^−D = A·light^g − f
 * @example
 * readTablet({ width: 120, height: 40, values: Array.from({ length: "4800" }, (_, at) => { const x = at % 120, y = Math.floor(at / 120), on = x >= 12 && x < 108 && ((y >= 7 && y < 17) || (y >= 24 && y < 34)), d = 0.2 + 0.2 * (y < 20 ? 5 - Math.floor((x - 12) / 16) : Math.floor((x - 12) / 16)), l = on ? 0.9 * 10 ** -d : 0.9; return l <= 0.0031308 ? l * 12.92 : 1.055 * l ** (1 / 2.4) - 0.055; }) }, { patches: 6, reference: [0.2, 0.4, 0.6, 0.8, 1, 1.2] }).steps[2].density // ≈ 0.8
 */
export function readTablet(image: GreyImage, question: TabletQuestion): ReadTablet {
  const { width, height, values } = image;
  const { patches, reference, corners } = question;
  if (!(width >= 100 && height >= 20 && values.length === width * height)) {
    refuse('/image', 'The picture is too small: at least 100 by 20 pixels, better 1000 or more.');
  }
  if (!(patches >= 3 && patches <= 60 && Number.isInteger(patches))) {
    refuse('/patches', 'A tablet has from 3 to 60 patches.');
  }
  const rises = reference.every((density, at) => at === 0 || density > reference[at - 1]!);
  if (reference.length < LEAST_REFERENCE || !rises) {
    refuse(
      '/reference',
      `Give the densities of the reference, ${LEAST_REFERENCE} at least, from its clearest patch to its darkest.`,
    );
  }
  sound(reference);
  const small = coarse(image);
  const linear: GreyImage = {
    ...small.image,
    values: Float32Array.from(small.image.values, (value) => linearFromCode(value * 255)),
  };
  const field = lightField(linear);
  const groundAt = ({ x, y }: Spot) => field.at({ x: x / small.times, y: y / small.times });
  const found =
    corners ??
    (findStrips(linear, field).map((strip) =>
      strip.map(({ x, y }) => ({ x: x * small.times, y: y * small.times })),
    ) as unknown as StripCorners[]);
  const [tablet, known] = found;
  if (!tablet || !known) {
    return refuse(
      '/image',
      'Two strips are not found on a white ground. Lay the tablet above and the reference below it, with white around both, or lay their corners by hand.',
    );
  }
  const light = (spot: Spot) =>
    linearFromCode(255 * Math.max(0, valueAtSpot(image, spot))) / Math.max(1e-3, groundAt(spot));
  const read = (strip: StripCorners, count: number, darkFirst: boolean) => {
    const whole = { pitch: 1 / count, start: 0 };
    const ends = readPatches(image, light, strip, count, whole);
    const darkAtStart = ends[0]!.light < ends.at(-1)!.light;
    // Its dark end is surely seen: the pitch is counted from there.
    const fromDark = darkAtStart ? strip : turned(strip);
    const pitch = corners ? whole : pitchOf(light, fromDark, count);
    const lights = readPatches(image, light, fromDark, count, pitch);
    return {
      patches: darkFirst ? lights : lights.toReversed(),
      corners: darkFirst ? fromDark : turned(fromDark),
    };
  };
  const steps = read(tablet, patches, true);
  const standard = read(known, reference.length, false);
  clipped(steps.patches, 'Step');
  clipped(standard.patches, 'Reference patch');
  const grounds = [...steps.patches, ...standard.patches].map(({ spot }) => groundAt(spot));
  const uneven = Math.max(...grounds) / Math.max(1e-6, Math.min(...grounds)) - 1;
  if (!(uneven <= MOST_UNEVEN)) {
    refuse(
      '/image',
      `The light differs by ${Math.round(100 * uneven)} % over the strips: too much to be taken off. Light it evenly, or scan it.`,
    );
  }
  const scale = toneScale(
    standard.patches.map((patch) => patch.light),
    reference,
  );
  const [least, most] = [reference[0]! - BEYOND, reference.at(-1)! + BEYOND];
  const densityOf = ({ light: share, deviation, spot }: PatchLight): ReadDensity => {
    const density = scale.densityOf(share);
    const beyond = density < least || density > most;
    const past = Math.max(0, density - most, least - density);
    const noise = (scale.slopeAt(share) * deviation) / Math.max(1e-6, share);
    const deviations = Math.hypot(noise, scale.rest, LIGHT_LEFT, past / 2);
    return { density, within: NINETY_FIVE * deviations, beyond, spot };
  };
  return sound({
    steps: steps.patches.map(densityOf),
    reference: standard.patches.map(densityOf),
    corners: [steps.corners, standard.corners] as const,
    uneven,
    gamma: scale.gamma,
    flare: scale.flare,
    rest: scale.rest,
  });
}

const clipped = (patches: readonly PatchLight[], name: string): void => {
  const at = patches.findIndex((patch) => patch.clipped > MOST_CLIPPED);
  if (at < 0) return;
  const dark = patches[at]!.light < 0.1;
  refuse(
    '/image',
    `${name} ${at + 1} is clipped: its pixels are all ${dark ? 'black' : 'white'}. Scan it again ${dark ? 'lighter, or with more bits' : 'darker'}, with every automatic correction off.`,
  );
};
