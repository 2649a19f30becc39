import { fileURLToPath } from 'node:url';
import sharp from 'sharp';

const SCENES = new URL('../../app/sample-pictures/', import.meta.url);
/** Shadows by the furnace's light, snow under a winter sky; sRGB codes from the darkest tone on. */
const tints = [
  [30, 22, 20],
  [112, 84, 66],
  [168, 158, 158],
  [236, 240, 246],
] as const;

/** A tone in the colours of that evening. */
function tinted(code: number): readonly number[] {
  const at = (code / 255) * (tints.length - 1);
  const below = Math.min(tints.length - 2, Math.floor(at));
  const [dark, light] = [tints[below]!, tints[below + 1]!];
  return dark.map((one, channel) => Math.round(one + (at - below) * (light[channel]! - one)));
}

/** The yard in snow as a colour print that is a little magenta; where it was put. */
export async function colourPrintScan(): Promise<string> {
  const file = fileURLToPath(new URL('yard-in-colour.webp', SCENES));
  const { data, info } = await sharp(fileURLToPath(new URL('yard-in-snow.webp', SCENES)))
    .resize({ width: 560 })
    .toColourspace('b-w')
    .raw()
    .toBuffer({ resolveWithObject: true });
  const rgb = Buffer.from(
    [...data].flatMap((code) => {
      const [red, green, blue] = tinted(code);
      return [red!, green! * 0.965, blue!];
    }),
  );
  await sharp(rgb, { raw: { width: info.width, height: info.height, channels: 3 } })
    .webp({ quality: 78 })
    .toFile(file);
  return file;
}
