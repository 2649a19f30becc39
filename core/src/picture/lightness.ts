/** CIE 1976: below this share of white lightness is a straight line. */
const DARK = 216 / 24389;

/** How light a share of the white’s light looks, L* from 0 to 100 (CIE 1976). */
export const lightnessOf = (light: number): number =>
  light > DARK ? 116 * Math.cbrt(light) - 16 : (24389 / 27) * light;
