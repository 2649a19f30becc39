import { nearestStandardSpeed } from '../film/standard-speed.ts';
import { sound } from '../quantity/sound.ts';
import { Refusal } from '../refusal.ts';
import { ISO_DENSITY, ISO_DENSITY_WITHIN } from './film-densities.ts';

/** A film's speed by the standard. */
export interface IsoFilmSpeed {
  /** Arithmetic speed, as measured. */
  readonly speed: number;
  /** As it is written: ISO 125/22°. */
  readonly nearest: number;
  readonly degrees: number;
  readonly exactDegrees: number;
}

/**
 * ISO speed of a film from an exposure that is known in lux seconds.
 * @param speedLogLux log10 of the exposure at the speed point, lx·s
 * @param densityOver ΔD over ΔlogH 1.30 from there
 * @returns arithmetic and logarithmic speed, rounded as the standard writes them
 * @throws Refusal `iso-speed` unless the development is the standard's: ΔD 0.80 ± 0.05
 * @source ISO 6: S = 0.80/Hm, S° = 1 + 10·log10 S
 * @example
 * isoFilmSpeed(-2.214, 0.79).speed // ≈ 130.9
 */
export function isoFilmSpeed(speedLogLux: number, densityOver: number): IsoFilmSpeed {
  if (!(Math.abs(densityOver - ISO_DENSITY) <= ISO_DENSITY_WITHIN + 1e-9)) {
    throw new Refusal(
      'iso-speed',
      '/densityOver',
      `An ISO speed asks for a development with ${ISO_DENSITY.toFixed(2)} ± ${ISO_DENSITY_WITHIN} of density over 1.30, not ${densityOver.toFixed(2)}: it is your own EI, and good as that.`,
    );
  }
  const speed = 0.8 / 10 ** speedLogLux;
  const exactDegrees = 1 + 10 * Math.log10(speed);
  return sound({
    speed,
    exactDegrees,
    nearest: nearestStandardSpeed(speed),
    degrees: Math.round(exactDegrees),
  });
}
