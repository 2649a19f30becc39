import sharp from 'sharp';

/** A picture that was kept, as tones: row by row from the top left. */
export async function tonesOf(preview: Uint8Array, width: number) {
  const { data, info } = await sharp(preview)
    .resize({ width })
    .toColourspace('b-w')
    .raw()
    .toBuffer({ resolveWithObject: true });
  return { codes: new Uint8Array(data), width: info.width, height: info.height };
}

/** Tones as a file that a PDF can hold. */
export const pngOf = (codes: Uint8Array, width: number, height: number): Promise<Buffer> =>
  sharp(codes, { raw: { width, height, channels: 1 } })
    .toColourspace('b-w')
    .png()
    .toBuffer();
