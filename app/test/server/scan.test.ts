import sharp from 'sharp';
import { describe, expect, it } from 'vitest';
import { syntheticScan } from '../../../core/test/scan.ts';
import { PUT } from '../../src/routes/api/v1/pictures/[id]/+server.ts';
import { POST as readKept } from '../../src/routes/api/v1/pictures/[id]/tablet/+server.ts';
import { POST as compute } from '../../src/routes/api/v1/compute/[operation]/+server.ts';
import { call } from './call.ts';
import { freshDatabase } from './database.ts';

const film = [
  1.52, 1.44, 1.37, 1.3, 1.22, 1.15, 1.07, 1, 0.92, 0.85, 0.77, 0.7, 0.62, 0.55, 0.48, 0.41, 0.35,
  0.31, 0.29, 0.27, 0.26,
];
const reference = Array.from({ length: 12 }, (_, at) => 0.05 + 0.15 * at);

let state = 3;
const uniform = () => (state = (state * 1103515245 + 12345) % 2147483648) / 2147483648;
const normal = (deviation: number) =>
  deviation * Math.sqrt(-2 * Math.log(1 - uniform())) * Math.cos(2 * Math.PI * uniform());

/** A scan as it comes from a scanner: turned, lit unevenly by a tenth, noisy, compressed. */
async function jpeg(): Promise<Buffer> {
  const { width, height, codes } = syntheticScan({
    ...{ width: 1800, height: 800, upper: film, lower: reference },
    ...{ tiltDegrees: -2.5, uneven: 0.1, noise: 2, gamma: 0.95, flare: 0.004, normal },
  });
  return sharp(codes, { raw: { width, height, channels: 1 } })
    .jpeg({ quality: 82 })
    .toBuffer();
}

const worst = (steps: readonly { density: number }[]) =>
  Math.max(...steps.map(({ density }, at) => Math.abs(density - film[at]!)));

describe('a scan with tilt, uneven light, noise and JPEG artefacts', () => {
  freshDatabase();

  it('is read within 0.03 by the open interface', async () => {
    const { status, body } = await call(compute, {
      params: { operation: 'read-tablet' },
      body: { image: (await jpeg()).toString('base64'), patches: 21, reference },
    });
    expect(status).toBe(200);
    expect(body.steps).toHaveLength(21);
    expect(worst(body.steps)).toBeLessThan(0.03);
  });

  it('and as a picture that was put, by found corners and by laid ones', async () => {
    const id = '7c1d4b60-52e8-4f3a-a000-0000000000f1';
    const file = await jpeg();
    const put = await PUT({
      params: { id },
      request: new Request('http://127.0.0.1/', {
        method: 'PUT',
        headers: { 'content-type': 'image/jpeg' },
        body: new Uint8Array(file),
      }),
      url: new URL('http://127.0.0.1/'),
    } as never);
    expect((put as Response).status).toBe(201);
    const found = await call(readKept, { params: { id }, body: { patches: 21, reference } });
    expect(found.status).toBe(200);
    expect(worst(found.body.steps)).toBeLessThan(0.03);
    const laid = await call(readKept, {
      params: { id },
      body: { patches: 21, reference, corners: found.body.corners },
    });
    expect(worst(laid.body.steps)).toBeLessThan(0.03);
  });

  it('what is no picture, or has no strips, is refused with the reason', async () => {
    const ask = (image: string) =>
      call(compute, {
        params: { operation: 'read-tablet' },
        body: { image, patches: 21, reference },
      });
    expect((await ask(Buffer.from('no picture').toString('base64'))).body.detail).toContain(
      'cannot be read',
    );
    const white = await sharp({
      create: { width: 600, height: 200, channels: 3, background: '#eee' },
    })
      .png()
      .toBuffer();
    const { status, body } = await ask(white.toString('base64'));
    expect([status, body.detail]).toEqual([400, expect.stringContaining('Two strips')]);
    const missing = await call(readKept, {
      params: { id: '7c1d4b60-52e8-4f3a-a000-0000000000f9' },
      body: { patches: 21, reference },
    });
    expect(missing.status).toBe(404);
  });
});
