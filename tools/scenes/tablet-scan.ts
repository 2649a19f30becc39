import { fileURLToPath } from 'node:url';
import sharp from 'sharp';
import { syntheticScan } from '../../core/test/scan.ts';
import { SAMPLE_REFERENCE } from '../../app/src/lib/stages/calibrate/sample-scan.ts';
import { demoCalibrations } from '../../app/src/lib/server/seeds/calibrations.ts';

/** Halden 100 as the demo has it, its second development, beside a reference: laid askew, under a lamp that is weaker on one side. */
export async function tabletScan(random: () => number): Promise<string> {
  const { developments } = demoCalibrations.find(({ body }) => body.kind === 'film-densities')!.body
    .given as { developments: { values: number[] }[] };
  const normal = (deviation: number) =>
    deviation * Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
  const { width, height, codes } = syntheticScan({
    ...{ width: 1400, height: 620, upper: developments[1]!.values, lower: SAMPLE_REFERENCE },
    ...{ tiltDegrees: -2, uneven: 0.08, noise: 1.2, gamma: 0.95, flare: 0.003, normal },
  });
  const file = fileURLToPath(new URL('../../app/static/sample-tablet.jpg', import.meta.url));
  await sharp(codes, { raw: { width, height, channels: 1 } })
    .jpeg({ quality: 84 })
    .toFile(file);
  return file;
}
