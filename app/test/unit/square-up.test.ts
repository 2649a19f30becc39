import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { areCorners, shownRatio, wholePicture } from '../../src/lib/nouns/picture/corners.ts';
import { laid } from '../../src/lib/stages/print/picture/painted.ts';
import { pictureAsked } from '../../src/lib/stages/print/picture/question.ts';
import { squaredUp } from '../../src/lib/nouns/picture/square-up.ts';
import { printView } from '../../src/lib/stages/print/print-view.ts';
import { stripRead } from '../samples.ts';

const [width, height] = [120, 90];
const made = (code: (x: number, y: number) => number) => ({
  ...{ width, height },
  codes: Uint8Array.from({ length: width * height }, (_, at) =>
    Math.round(code(at % width, Math.floor(at / width))),
  ),
});

describe('a picture that is squared up', () => {
  it('by its own corners stays as it is', () => {
    const tones = made((x, y) => (x * 255) / width / 2 + y);
    expect(squaredUp(tones, wholePicture, width, height)).toEqual(tones);
  });

  it('by a trapezium has that filling it: a white card on black leaves no black', () => {
    // A print photographed from below: narrower at its top.
    const left = (y: number) => 40 - (30 * y) / (height - 1);
    const tones = made((x, y) => (x >= left(y) && x <= width - 1 - left(y) ? 230 : 20));
    const corners = [
      { x: 41 / (width - 1), y: 0 },
      { x: (width - 2 - 40) / (width - 1), y: 0 },
      { x: (width - 2 - 10) / (width - 1), y: 1 },
      { x: 11 / (width - 1), y: 1 },
    ];
    const { codes } = squaredUp(tones, corners, 80, 60);
    // But for the saw of its slanting sides.
    expect(codes.filter((code) => code < 200).length / codes.length).toBeLessThan(0.005);
    expect(tones.codes.filter((code) => code < 200).length / tones.codes.length).toBeGreaterThan(
      0.3,
    );
  });

  it('keeps the sides of what was photographed, and is mirrored after it', () => {
    const half = [
      ...[
        { x: 0.25, y: 0 },
        { x: 0.75, y: 0 },
      ],
      ...[
        { x: 0.75, y: 1 },
        { x: 0.25, y: 1 },
      ],
    ];
    expect(shownRatio({ width: 400, height: 300, corners: half })).toBeCloseTo(1.5, 9);
    const picture = { id: 'x', of: 'print' as const, width, height, corners: half, mirrored: true };
    const draft = { ...stripRead, picture };
    const easel = laid(
      made((x) => x),
      pictureAsked(draft, printView(draft))!,
    );
    expect([easel.width, easel.height]).toEqual([120, 180]);
    expect(easel.codes[0]).toBeCloseTo(0.75 * 119, -1);
    expect(easel.codes[119]).toBeCloseTo(0.25 * 119, -1);
  });

  it('by corners that cross, or lie in a line, is left as it is', () => {
    const crossed = [wholePicture[0]!, wholePicture[2]!, wholePicture[1]!, wholePicture[3]!];
    const line = [0, 0.3, 0.6, 1].map((x) => ({ x, y: 0.5 }));
    for (const corners of [crossed, line, wholePicture.toReversed()]) {
      expect(areCorners(corners)).toBe(false);
      expect(shownRatio({ width: 400, height: 300, corners })).toBe(0.75);
    }
    const share = fc.double({ min: 0, max: 1, noNaN: true });
    fc.assert(
      fc.property(
        fc.array(fc.record({ x: share, y: share }), { minLength: 4, maxLength: 4 }),
        (corners) => {
          const ratio = shownRatio({ width: 400, height: 300, corners });
          expect(Number.isFinite(ratio) && ratio > 0).toBe(true);
        },
      ),
    );
  });
});
