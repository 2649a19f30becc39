import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  SHOWN_WHITE,
  cornersOnEasel,
  defaultPaper as paper,
  edgesInside,
  linearFromCode,
  onOneSheet,
  pairTable,
  togetherTone,
  twoLooks,
  type NegativeOnSheet,
  type Placing,
} from '../src/index.ts';

const easel = { widthMm: 200, heightMm: 160 };
const side = (range: number, stops = 0): NegativeOnSheet => ({
  ...{ of: 'negative', whiteCode: 220, highlightCode: 60, highlightDensity: 0.1 },
  ...{ range, stops },
});
const plain = (code: number, width = 30, height = 20) => ({
  ...{ codes: new Uint8Array(width * height).fill(code), width, height },
});
const over: Placing = { xMm: 100, yMm: 80, widthMm: 300, turnDegrees: 0 };
const netOf = (code: number) => -Math.log10(linearFromCode(code) / linearFromCode(SHOWN_WHITE));

describe('two pictures on one sheet', () => {
  it('add their light, each in its own contrast, as two exposures do', () => {
    const table = pairTable(paper, side(110), side(75, -0.5));
    // Both highlights: each alone has 0.1.
    const together = table.codes[60 * 257 + 60]!;
    const expected = togetherTone(paper, [
      { range: 110, netDensity: 0.1 },
      { range: 75, netDensity: 0.1, stops: -0.5 },
    ]);
    expect(netOf(together)).toBeCloseTo(expected, 2);
    expect(netOf(table.codes[60 * 257 + 256]!)).toBeCloseTo(0.1, 2);
    expect(table.codes[256 * 257 + 256]).toBe(SHOWN_WHITE);
  });

  it('are the same whichever of them is exposed first', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 60, max: 150 }),
        fc.integer({ min: 60, max: 150 }),
        fc.double({ min: -2, max: 2, noNaN: true }),
        fc.array(fc.tuple(fc.nat(256), fc.nat(256)), { minLength: 20 }),
        (rangeA, rangeB, stops, pairs) => {
          const one = pairTable(paper, side(rangeA, stops), side(rangeB));
          const other = pairTable(paper, side(rangeB), side(rangeA, stops));
          for (const [a, b] of pairs) {
            expect(one.codes[a * 257 + b]).toBe(other.codes[b * 257 + a]);
            expect(one.looks[a * 257 + b]).toBe(other.looks[b * 257 + a]);
          }
        },
      ),
      { numRuns: 3 },
    );
  });

  it('say where two mid-greys make mud, and where one has to be held back', () => {
    const table = pairTable(paper, side(110), side(110));
    const look = (a: number, b: number) => twoLooks[table.looks[a * 257 + b]!]!.id;
    const codeOf = (net: number) =>
      Array.from({ length: 256 }, (_, at) => at).find(
        (at) => Math.abs(netOf(table.codes[at * 257 + 256]!) - net) < 0.03,
      )!;
    const mid = codeOf(0.7);
    expect(look(mid, mid)).toBe('mud');
    expect(look(mid, 256)).toBe('fine');
    const light = codeOf(0.35);
    expect(look(light, light)).toBe('hold-back');
  });

  it('lie where they were laid: a mirrored and turned one has its corner there', () => {
    const corner = plain(220);
    corner.codes[0] = 60;
    const table = pairTable(paper, side(110), undefined);
    const find = (placing: Placing) => {
      const sheet = onOneSheet(table, easel, 200, { tones: corner, placing }, undefined);
      const at = sheet.codes.findIndex((_, n) => sheet.codes[n] === table.codes[60 * 257 + 256]);
      return { x: at % sheet.width, y: Math.floor(at / sheet.width) };
    };
    const placing = { xMm: 100, yMm: 80, widthMm: 60, turnDegrees: 0 };
    expect(find(placing)).toEqual({ x: 70, y: 60 });
    // The pixel of two millimetres ends where the picture ends.
    expect(find({ ...placing, mirrored: true })).toEqual({ x: 128, y: 60 });
    expect(find({ ...placing, turnDegrees: 180 })).toEqual({ x: 128, y: 98 });
    const [topLeft] = cornersOnEasel({ ...placing, turnDegrees: 90 }, 20 / 30);
    expect(topLeft!.x).toBeCloseTo(120);
    expect(topLeft!.y).toBeCloseTo(50);
  });

  it('cross the sheet with an edge that is said in millimetres', () => {
    expect(edgesInside(over, 0.8, easel)).toEqual([]);
    // Moved down by 60: its upper edge comes to lie 20 mm inside, over the whole width.
    const edges = edgesInside({ ...over, yMm: 140 }, 0.8, easel);
    expect(edges).toHaveLength(1);
    expect(edges[0]!.lengthMm).toBeCloseTo(199, 0);
    expect(edges[0]!.from.y).toBeCloseTo(20);
    // As large as the sheet: its edges fall on the sheet's own.
    expect(edgesInside({ ...over, widthMm: 200 }, 0.8, easel)).toEqual([]);
  });

  it('count how much of the sheet has each look', () => {
    const table = pairTable(paper, side(110), side(110));
    const half: Placing = { xMm: 50, yMm: 80, widthMm: 100, turnDegrees: 0 };
    const mid = plain(100, 10, 16);
    const sheet = onOneSheet(
      table,
      easel,
      100,
      { tones: mid, placing: half },
      { tones: mid, placing: half },
    );
    expect(sheet.shares.fine + sheet.shares.mud + sheet.shares['hold-back']).toBeCloseTo(1);
    expect(sheet.height).toBe(80);
    expect(() => onOneSheet(table, { widthMm: 0, heightMm: 1 }, 10, undefined, undefined)).toThrow(
      /wider than nothing/,
    );
  });
});
