import { readTablet, type ReadDensity, type ScanSpot, type StripCorners } from '@katachron/core';
import { tonesOf } from '../picture/tones.server.ts';
import type { ScanAnswer, ScanQuestion } from './scan-contract.ts';

/** Densities of a tablet from a kept picture; places in shares of its width and height. */
export async function scanned(
  preview: Uint8Array,
  width: number,
  { patches, reference, ownTone, corners }: ScanQuestion,
): Promise<ScanAnswer> {
  const tones = await tonesOf(preview, width);
  const pixels = (four: readonly ScanSpot[]) =>
    four.map(({ x, y }) => ({
      x: x * tones.width,
      y: y * tones.height,
    })) as unknown as StripCorners;
  const share = (spot: ScanSpot) => {
    const within = (value: number) => Math.min(1, Math.max(0, value));
    return { x: within(spot.x / tones.width), y: within(spot.y / tones.height) };
  };
  const read = readTablet(
    {
      ...{ width: tones.width, height: tones.height },
      values: Float32Array.from(tones.codes, (code) => code / 255),
    },
    {
      ...{ patches, reference, ownTone },
      corners: corners && [pixels(corners.tablet), pixels(corners.reference)],
    },
  );
  const patch = ({ density, within, beyond, spot }: ReadDensity) => ({
    ...{ density, within, beyond },
    ...share(spot),
  });
  const { uneven, gamma, flare, rest } = read;
  return {
    steps: read.steps.map(patch),
    reference: read.reference.map(patch),
    corners: { tablet: read.corners[0].map(share), reference: read.corners[1].map(share) },
    ...{ uneven, gamma, flare, rest },
  };
}
