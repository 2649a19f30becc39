import { NINETY_FIVE } from '../../numeric/gaussian.ts';
import { linearFromCode } from '../../picture/srgb.ts';
import { sound } from '../../quantity/sound.ts';
import { Refusal } from '../../refusal.ts';
import { coarse, valueAtSpot, type GreyImage, type Spot } from './grey-image.ts';
import { lightField } from './light-field.ts';
import { readPatches, type PatchLight } from './patches.ts';
import { pitchOf, type Pitch } from './pitch.ts';
import { findStrips, type StripCorners } from './strips.ts';
import { toneScale, type Lit } from './tone-scale.ts';

/** What is asked of a picture: a tablet, or its print, beside a reference of known densities, on a white ground. */
export interface TabletQuestion {
  /** How many patches the tablet has; step 1 is its darkest in the picture. */
  readonly patches: number;
  /** Densities of the reference’s patches, the clearest first. */
  readonly reference: readonly number[];
  /** The scan has a tone curve of its own, and is not to be refused for it: a raw one, a linear one. */
  readonly ownTone?: boolean | undefined;
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
const LIGHT_LEFT = 0.005;
/** So far past the reference’s ends a density still follows its curve. */
const BEYOND = 0.05;
/** Exponents that scanners and cameras have against the usual tone curve. */
const [LEAST_GAMMA, MOST_GAMMA] = [0.8, 1.25];
/** A strip holds whole patches, to this share of one. */
const WHOLE = 0.32;
/** What is this much darker than the ground still may be followed by what is not seen, if it fades. */
const FAINT = 0.2;
const FADES = 0.75;

/** A corner nearer to the edge than this share of the picture is taken for cut off. */
const AT_EDGE = 0.004;
const inside = ({ x, y }: Spot, { width, height }: GreyImage) =>
  Math.min(x / width, 1 - x / width) > AT_EDGE && Math.min(y / height, 1 - y / height) > AT_EDGE;

const refuse = (field: string, sentence: string): never => {
  throw new Refusal('read-tablet', field, sentence);
};

/** The strip from its other end. */
const turned = ([a, b, c, d]: StripCorners): StripCorners => [c, d, a, b];

/** Whether the light end runs into the ground, so that patches may follow that are not seen. */
const fades = (lights: readonly PatchLight[], visible: number): boolean => {
  const [before = 1, last = 1] = lights.slice(visible - 2, visible).map(({ light }) => 1 - light);
  return last < FAINT && last < FADES * before;
};

/** @throws Refusal where another number of patches lies there than was said */
const counted = (
  name: string,
  field: string,
  said: number,
  { visible }: Pitch,
  /** Where the light end may run into the ground; a reference is all there. */
  lights: readonly PatchLight[] | undefined,
): void => {
  const whole = Math.round(visible);
  if (whole === said && Math.abs(visible - whole) <= WHOLE) return;
  if (lights && whole < said && fades(lights, whole)) return;
  const seen =
    Math.abs(visible - whole) > WHOLE
      ? `about ${visible.toFixed(1)} patches long: part of one is cut off or covered`
      : `${whole} patches long`;
  refuse(
    field,
    `${name} on the picture is ${seen}, and ${said} were said. Count them, see that no end is cropped, or lay its corners by hand.`,
  );
};

/**
 * Densities of a step tablet, or of its print, from a scan or a photo beside a reference of known densities.
 * @param image in grey, values as shares of the whitest code, at least 100 by 20 pixels
 * @param question how many patches, the reference, and corners where a hand laid them
 * @returns the density of each step with its uncertainty, and every step that led there
 * @throws Refusal `read-tablet` when two strips are not found, another number of patches lies there, an end is cropped, the light was too uneven, a patch is clipped, or the reference does not fit
 * @source ground by a second-order field, patches counted by their edges, means of their middle halves, tone curve and stray light by D = a − log((v^g − f)/(w^g − f))
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
  const read = (
    name: string,
    field: string,
    strip: StripCorners,
    count: number,
    mayFade = false,
  ) => {
    if (!corners && strip.some((corner) => !inside(corner, image))) {
      refuse('/image', `${name} runs over the edge of the picture: it is not all there.`);
    }
    const ends = readPatches(image, light, strip, count, { pitch: 1 / count, start: 0 });
    // Its dark end is surely seen: patches are counted from there.
    const fromDark = ends[0]!.light < ends.at(-1)!.light ? strip : turned(strip);
    const pitch = pitchOf(light, fromDark);
    const lights = readPatches(image, light, fromDark, count, pitch);
    counted(name, field, count, pitch, mayFade ? lights : undefined);
    return { lights, corners: fromDark };
  };
  const steps = read('The tablet', '/patches', tablet, patches, true);
  const dark = read('The reference', '/reference', known, reference.length);
  const standard = { lights: dark.lights.toReversed(), corners: turned(dark.corners) };
  clipped(steps.lights, 'Step');
  clipped(standard.lights, 'Reference patch');
  const grounds = [...steps.lights, ...standard.lights].map(({ spot }) => groundAt(spot));
  const uneven = Math.max(...grounds) / Math.max(1e-6, Math.min(...grounds)) - 1;
  if (!(uneven <= MOST_UNEVEN)) {
    refuse(
      '/image',
      `The light differs by ${Math.round(100 * uneven)} % over the strips: too much to be taken off. Light it evenly, or scan it.`,
    );
  }
  const meanGround = grounds.reduce((sum, ground) => sum + ground, 0) / grounds.length;
  const lit = ({ light: share, spot }: PatchLight): Lit => {
    const ground = groundAt(spot) / meanGround;
    return { light: share * ground, ground };
  };
  const scale = toneScale(standard.lights.map(lit), reference);
  if (!question.ownTone && !(scale.gamma > LEAST_GAMMA && scale.gamma < MOST_GAMMA)) {
    refuse(
      '/ownTone',
      `By these densities the scan’s tone curve has the exponent ${scale.gamma.toFixed(2)}; scanners have 0.8 to 1.25. Are they this reference’s, and density, not stops? If the scan is raw or linear, say that its tone curve is its own.`,
    );
  }
  const [least, most] = [reference[0]! - BEYOND, reference.at(-1)! + BEYOND];
  const densityOf = (patch: PatchLight): ReadDensity => {
    const one = lit(patch);
    const density = scale.densityOf(one);
    const beyond = density < least || density > most;
    const past = Math.max(0, density - most, least - density);
    const noise = (scale.slopeAt(one) * patch.deviation) / Math.max(1e-6, patch.light);
    const deviations = Math.hypot(noise, scale.rest, LIGHT_LEFT, scale.spreadAt(one), past / 2);
    return { density, within: NINETY_FIVE * deviations, beyond, spot: patch.spot };
  };
  return sound({
    steps: steps.lights.map(densityOf),
    reference: standard.lights.map(densityOf),
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
