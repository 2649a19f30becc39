import {
  codeFromLinear,
  curveForRange,
  defaultPaper,
  densityAt,
  filmCurve,
  filmDensity,
  logExposureAt,
  toneById,
} from '../../core/src/index.ts';

/** How much a grain of the film stands out, density, and the paper white that the picture is scanned at. */
const GRAIN = 0.05;
const WHITE_CODE = 242;
/** Zone I of the scene lies here above the film's speed point, log10. */
const SHADOW = 0.05;

/** What a share of all luminances lies under. */
function luminanceAt(luminances: Float64Array, share: number): number {
  return Float64Array.from(luminances).sort()[Math.floor(share * (luminances.length - 1))]!;
}

/** A grain for every pixel, a little larger than one. */
function grains(width: number, height: number, random: () => number): Float64Array {
  const gauss = () => Math.sqrt(-2 * Math.log(random() + 1e-9)) * Math.cos(2 * Math.PI * random());
  const raw = Float64Array.from({ length: width * height }, gauss);
  return raw.map((own, at) => (own + (raw[at - 1] ?? 0) + (raw[at - width] ?? 0)) / Math.sqrt(3));
}

interface Printed {
  /** R of the paper, and which shares of the luminances lie under its highlight and under the film's speed point. */
  readonly range: number;
  readonly highlight: number;
  readonly shadow: number;
  /** Stops that the film got more than the frame that the paper's time is for. */
  readonly over?: number;
}

/**
 * A scene on film, and the straight print of it: the shadows placed on the film's toe, the print's highlight on VIII.
 * @returns codes of the print, 0 to 255
 */
export function straightPrint(
  luminances: Float64Array,
  width: number,
  height: number,
  { range, highlight, shadow, over = 0 }: Printed,
  random: () => number,
): Buffer {
  const film = filmCurve(1);
  const dark = Math.log10(luminanceAt(luminances, shadow));
  const noise = grains(width, height, random);
  const exposed = (stops: number) =>
    luminances.map(
      (luminance, at) =>
        filmDensity(film, Math.log10(luminance + 1e-6) - dark + SHADOW + stops * Math.log10(2)) +
        GRAIN * noise[at]!,
    );
  const curve = curveForRange(defaultPaper, range);
  const placed = logExposureAt(curve, defaultPaper.dMin + toneById('VIII').netDensity);
  const bright = luminanceAt(exposed(0), highlight);
  const white = (WHITE_CODE / 255) ** 2.2;
  return Buffer.from(
    exposed(over).map((density) => {
      const net = densityAt(curve, placed + bright - density) - defaultPaper.dMin;
      return Math.round(codeFromLinear(white * 10 ** -net));
    }),
  );
}
