import { execFile } from 'node:child_process';
import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { promisify } from 'node:util';
import sharp from 'sharp';

const run = promisify(execFile);
const one = fileURLToPath(new URL('decode-one.ts', import.meta.url));

/** As a camera writes them: a 24-megapixel photograph, and the largest that is taken. */
const sizes = [
  { name: 'a JPEG of 24 megapixels', width: 6000, height: 4000 },
  { name: 'a JPEG of 60 megapixels', width: 9480, height: 6320 },
];

/** How long the first preview of a large photograph takes, in a process of its own, and how much memory. */
export async function decoding(): Promise<void> {
  const folder = await mkdtemp(join(tmpdir(), 'katachron-decode-'));
  try {
    for (const { name, width, height } of sizes) {
      const file = join(folder, `${width}.jpg`);
      const noise = { type: 'gaussian', mean: 120, sigma: 40 } as const;
      await sharp({ create: { width, height, channels: 3, background: '#000', noise } })
        .jpeg({ quality: 92 })
        .toFile(file);
      const { stdout } = await run(process.execPath, ['--import', 'tsx', one, file]);
      const { ms, mb } = JSON.parse(stdout) as { ms: number; mb: number };
      const start = performance.now();
      await sharp(file).raw().toBuffer();
      const bare = performance.now() - start;
      console.log(
        `${name.padEnd(44)}${(ms / 1000).toFixed(2).padStart(6)} s  ${mb.toFixed(0).padStart(5)} MB  1 : ${(ms / bare).toPrecision(3)} against its bare decoding`,
      );
    }
  } finally {
    await rm(folder, { recursive: true, force: true });
  }
}
