import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  areaShapes,
  codeFromLinear,
  coverage,
  defaultPaper,
  lightOfNegative,
  lightOfPrint,
  linearFromCode,
  mainUnderFlash,
  planField,
  planned,
  printPicture,
  printTable,
  shapeKind,
  type AreaShape,
  type DrawnArea,
} from '../src/index.ts';

const NO_CHANGE = 120;
const row = (stops: number) => NO_CHANGE + Math.round(stops * 24);

describe('a straight print of a negative’s scan (S1)', () => {
  const light = lightOfNegative(defaultPaper, 110, {
    ...{ clearCode: 221, highlightCode: 70, netDensity: 0.1 },
  });

  it('codes are light', () => {
    expect(linearFromCode(70)).toBeCloseTo(0.06125, 5);
    expect(linearFromCode(128)).toBeCloseTo(0.2159, 4);
    expect(linearFromCode(190)).toBeCloseTo(0.5149, 4);
    for (let code = 0; code < 256; code += 1) {
      expect(codeFromLinear(linearFromCode(code))).toBeCloseTo(code, 6);
    }
  });

  it('become the print’s codes against paper white', () => {
    const table = printTable(defaultPaper, 110, light, 255);
    const shown = [70, 128, 190].map((code) => table[NO_CHANGE * 256 + code]);
    expect(shown).toEqual([230, 108, 39]);
    expect(light.logH[128]! - light.logH[70]!).toBeCloseTo(1.072 - 0.525, 3);
    expect(light.logH[190]! - light.logH[70]!).toBeCloseTo(1.072 - 0.1474, 3);
  });

  it('a scan’s darkest codes say nothing, and a highlight is darker than clear film', () => {
    expect(light.unknown.indexOf(false)).toBe(12);
    const wrong = { clearCode: 100, highlightCode: 150, netDensity: 0.1 };
    expect(() => lightOfNegative(defaultPaper, 110, wrong)).toThrow('darker than clear film');
  });
});

describe('a burn on a picture of the straight print (S2)', () => {
  const light = lightOfPrint(defaultPaper, 100, 236);
  const table = printTable(defaultPaper, 100, light, 236);

  it('darkens and lightens as the paper would', () => {
    expect(-Math.log10(linearFromCode(172) / linearFromCode(236))).toBeCloseTo(0.3082, 4);
    expect(table[row(2 / 3) * 256 + 172]).toBe(126);
    expect(table[row(-0.5) * 256 + 172]).toBe(207);
    expect(table[NO_CHANGE * 256 + 172]).toBe(172);
  });

  it('knows nothing of paper white and of full black', () => {
    expect(light.unknown[236]).toBe(true);
    expect(light.unknown[255]).toBe(true);
    expect(light.unknown[0]).toBe(true);
    expect(light.unknown[172]).toBe(false);
    expect(() => lightOfPrint(defaultPaper, 100, 0)).toThrow('code from 1 to 255');
  });

  it('more light is never lighter', () => {
    for (let code = 0; code < 256; code += 1) {
      for (let at = 1; at <= 240; at += 1) {
        expect(table[at * 256 + code]!).toBeLessThanOrEqual(table[(at - 1) * 256 + code]!);
      }
    }
  });
});

const frame = { height: 0.75 };

describe('areas on a picture', () => {
  it.each(areaShapes)(
    '$name: its number’s place is its own, and the mirror turns it back',
    (kind) => {
      const usual = kind.usual(frame) as never;
      const twice = kind.mirrored(kind.mirrored(usual) as never);
      expect(twice).toEqual(usual);
      const label = kind.label(usual, frame);
      const shape = usual as AreaShape;
      expect(coverage({ shape, stops: 1, soft: 0.2 }, label, frame)).toBeGreaterThan(0.4);
      expect(shapeKind(shape.kind)).toBe(kind);
    },
  );

  it.each(areaShapes)(
    '$name: each handle goes where it is dragged, each number is what it is set to',
    (kind) => {
      const usual = kind.usual(frame) as never;
      const handles = typeof kind.handles === 'function' ? kind.handles(usual) : kind.handles;
      for (const handle of handles) {
        const to = kind.id === 'all-round' ? { x: 0.31, y: 0.42 } : { x: 0.7, y: 0.6 };
        const at = handle.at(handle.to(usual, to, frame) as never, frame);
        expect(Math.min(Math.abs(at.x - to.x), Math.abs(at.y - to.y))).toBeLessThan(1e-9);
      }
      for (const number of kind.numbers) {
        expect(number.of(number.with(usual, 0.3) as never)).toBeCloseTo(0.3, 9);
      }
      const back = kind.shifted(kind.shifted(usual, { x: 0.1, y: 0.05 }) as never, {
        x: -0.1,
        y: -0.05,
      });
      for (const [n, point] of kind.outline(back as never, frame).points.entries()) {
        const was = kind.outline(usual, frame).points[n]!;
        expect(Math.hypot(point.x - was.x, point.y - was.y)).toBeLessThan(1e-9);
      }
    },
  );

  it('what lies within gets all of it, what lies without nothing, half at the edge', () => {
    const shapes: [AreaShape, number, number, number, number][] = [
      [{ kind: 'ellipse', x: 0.5, y: 0.4, rx: 0.2, ry: 0.1 }, 0.5, 0.4, 0.7, 0.4],
      [{ kind: 'edge', x1: 1, y1: 0.3, x2: 0, y2: 0.3 }, 0.5, 0.1, 0.5, 0.3],
      [{ kind: 'all-round', reach: 0.1 }, 0.01, 0.4, 0.1, 0.4],
      [
        {
          kind: 'polygon',
          points: [
            { x: 0.2, y: 0.2 },
            { x: 0.8, y: 0.2 },
            { x: 0.5, y: 0.7 },
          ],
        },
        ...([0.5, 0.35, 0.5, 0.2] as const),
      ],
      [
        {
          kind: 'brush',
          radius: 0.1,
          points: [
            { x: 0.2, y: 0.4 },
            { x: 0.8, y: 0.4 },
          ],
        },
        0.5,
        0.4,
        0.5,
        0.5,
      ],
    ];
    for (const [shape, x, y, ex, ey] of shapes) {
      const area: DrawnArea = { shape, stops: 1, soft: 0.02 };
      expect(coverage(area, { x, y }, frame), shape.kind).toBe(1);
      expect(coverage(area, { x: ex, y: ey }, frame), shape.kind).toBeCloseTo(0.5, 6);
      const outside = shape.kind === 'all-round' ? { x: 0.5, y: 0.4 } : { x: 0.97, y: 0.72 };
      expect(coverage(area, outside, frame), shape.kind).toBe(0);
    }
  });

  it('a soft edge fades evenly, a hard one at once', () => {
    const shape: AreaShape = { kind: 'edge', x1: 1, y1: 0.3, x2: 0, y2: 0.3 };
    const at = (y: number, soft: number) =>
      coverage({ shape, stops: 1, soft }, { x: 0.5, y }, frame);
    expect([0.25, 0.3, 0.35].map((y) => at(y, 0.2))).toEqual([
      expect.closeTo(0.75, 6),
      expect.closeTo(0.5, 6),
      expect.closeTo(0.25, 6),
    ]);
    expect([at(0.299, 0), at(0.301, 0)]).toEqual([1, 0]);
  });

  it('corners get it by the square of the distance from the middle', () => {
    const area: DrawnArea = { shape: { kind: 'corners' }, stops: 1, soft: 0 };
    expect(coverage(area, { x: 0, y: 0 }, frame)).toBe(1);
    expect(coverage(area, { x: 0.25, y: 0.1875 }, frame)).toBeCloseTo(0.25, 9);
  });
});

it('two burns over one place add their light, as on the sheet', () => {
  fc.assert(
    fc.property(
      fc.double({ min: -1, max: 1.5, noNaN: true }),
      fc.double({ min: 0, max: 1.5, noNaN: true }),
      (a, b) => {
        const all: AreaShape = { kind: 'ellipse', x: 0.5, y: 0.5, rx: 9, ry: 9 };
        const field = planField(
          [
            { shape: all, stops: a, soft: 0 },
            { shape: all, stops: b, soft: 0 },
          ],
          4,
          3,
        );
        const stops = Math.log2(2 ** a + 2 ** b - 1);
        expect(Math.abs(field[5]! - row(stops))).toBeLessThanOrEqual(1);
      },
    ),
  );
});

it('without a plan a picture stays what it is, where anything is known', () => {
  const light = lightOfPrint(defaultPaper, 110, 250);
  const codes = Uint8Array.from({ length: 256 }, (_, code) => code);
  const shown = planned(codes, planField([], 16, 16), printTable(defaultPaper, 110, light, 250));
  for (const [code, unknown] of light.unknown.entries()) {
    if (!unknown) expect(Math.abs(shown[code]! - code)).toBeLessThanOrEqual(1);
  }
});

describe('a flash in the picture', () => {
  const light = lightOfNegative(defaultPaper, 110, {
    ...{ clearCode: 221, highlightCode: 70, netDensity: 0.1 },
  });
  const plain = printTable(defaultPaper, 110, light, 255);
  const flashed = (share: number) =>
    printTable(defaultPaper, 110, light, 255, { share, range: 170 });

  it('of nothing changes nothing, and of the threshold tones the light places and no others', () => {
    const none = flashed(0);
    for (let at = 0; at < plain.length; at += 1) {
      expect(Math.abs(none[at]! - plain[at]!)).toBeLessThanOrEqual(1);
    }
    const at = (table: Uint8Array, code: number) => table[NO_CHANGE * 256 + code]!;
    const whole = flashed(1);
    expect(at(whole, 70)).toBeLessThan(at(plain, 70) - 3);
    expect(Math.abs(at(whole, 190) - at(plain, 190))).toBeLessThanOrEqual(2);
    // No light of the negative at all: a share under the threshold leaves white white.
    expect(plain[12]! - flashed(0.8)[12]!).toBeLessThanOrEqual(3);
  });

  it('looks as the flash is worked out: the highlight keeps its tone when the rest is shortened', () => {
    const flash = { share: 1, range: 170 };
    const main = Math.log2(mainUnderFlash(defaultPaper, 110, flash, 0.1));
    const { codes } = printPicture(
      defaultPaper,
      { codes: new Uint8Array([70]), width: 1, height: 1 },
      {
        ...{ of: 'negative', whiteCode: 221, highlightCode: 70, highlightDensity: 0.1 },
        ...{ range: 110, baseStops: main, areas: [], flash },
      },
    );
    const without = printPicture(
      defaultPaper,
      { codes: new Uint8Array([70]), width: 1, height: 1 },
      {
        ...{ of: 'negative', whiteCode: 221, highlightCode: 70, highlightDensity: 0.1 },
        ...{ range: 110, baseStops: 0, areas: [] },
      },
    );
    expect(Math.abs(codes[0]! - without.codes[0]!)).toBeLessThanOrEqual(1);
  });
});
