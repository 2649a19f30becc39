import { codeFromLinear, type GreyImage } from '../src/index.ts';

/** A synthetic scan: two strips on a white ground, turned, unevenly lit, noisy, through a tone curve with flare. */
export interface SyntheticScan {
  readonly width: number;
  readonly height: number;
  readonly upper: readonly number[];
  readonly lower: readonly number[];
  readonly tiltDegrees: number;
  readonly uneven: number;
  /** Standard deviation, codes. */
  readonly noise: number;
  readonly gamma: number;
  readonly flare: number;
  readonly normal: (deviation: number) => number;
}

/** Its codes, 0 to 255 and whole. */
export function syntheticScan(scan: SyntheticScan): GreyImage & { readonly codes: Uint8Array } {
  const { width, height, upper, lower, tiltDegrees, uneven, noise, gamma, flare, normal } = scan;
  const tilt = (tiltDegrees * Math.PI) / 180;
  const [cx, cy] = [width / 2, height / 2];
  const left = width * 0.1;
  const long = width * 0.8;
  const strips = [
    { densities: upper, top: height * 0.2, bottom: height * 0.42 },
    { densities: lower, top: height * 0.58, bottom: height * 0.8 },
  ];
  const codes = Uint8Array.from({ length: width * height }, (_, at) => {
    const [px, py] = [at % width, Math.floor(at / width)];
    // Where it lies on the straight sheet.
    const x = cx + (px - cx) * Math.cos(tilt) + (py - cy) * Math.sin(tilt);
    const y = cy - (px - cx) * Math.sin(tilt) + (py - cy) * Math.cos(tilt);
    const strip = strips.find(({ top, bottom }) => y >= top && y < bottom);
    const patch = strip ? Math.floor(((x - left) / long) * strip.densities.length) : -1;
    const density = strip?.densities[patch] ?? 0;
    const lamp = 1 - uneven * (px / width) + (uneven / 4) * (py / height - 0.5);
    const light = 0.88 * lamp * (10 ** -density + flare) ** gamma;
    return Math.round(Math.min(255, Math.max(0, codeFromLinear(light) + normal(noise))));
  });
  return { width, height, codes, values: Float32Array.from(codes, (code) => code / 255) };
}
