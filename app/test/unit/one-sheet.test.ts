import { describe, expect, it } from 'vitest';
import { demoTwoNegatives } from '../../src/lib/server/seeds/two-negatives.ts';
import {
  coveringSheet,
  laidSo,
  moves,
  settled,
  troubles,
} from '../../src/lib/stages/print/two/mock-up-view.ts';
import { newestTwo, twoListLine } from '../../src/lib/stages/print/two/list.ts';
import {
  markOfTwo,
  waitingForB,
  withExposed,
  type TwoExposed,
} from '../../src/lib/stages/print/two/two-exposed.ts';
import { atAnotherSize } from '../../src/lib/stages/print/two/two-view.ts';
import { twoLines } from '../../src/lib/stages/print/two/two-lines.ts';

const { body } = demoTwoNegatives[0]!;
const shelves = { enlargers: [], papers: [] };
const easel = { widthMm: 240, heightMm: 180 };
const picture = body.a.placed!.picture;

describe('a picture on the easel', () => {
  it('covers the sheet in its middle, whichever of the two is the wider', () => {
    expect(coveringSheet(picture, easel)).toMatchObject({ xMm: 120, yMm: 90, widthMm: 240 });
    expect(coveringSheet(picture, { widthMm: 100, heightMm: 150 })).toMatchObject({
      widthMm: 200,
    });
  });

  it('is moved by keys, one step or ten, and kept to a tenth', () => {
    const place = { xMm: 120, yMm: 90, widthMm: 240, turnDegrees: 0 };
    const by = (key: string, times = 1) =>
      settled(moves.find((move) => move.key === key)!.to(place, times));
    expect(by('ArrowUp', 10)).toMatchObject({ xMm: 120, yMm: 80 });
    expect(by('g')).toMatchObject({ turnDegrees: 359 });
    expect(by('l').widthMm).toBeCloseTo(242.4);
    expect(by('k').widthMm).toBeCloseTo(237.6);
    expect(by('m').mirrored).toBe(true);
    // There and back it lies as before.
    const side = laidSo(body.a, by('m'));
    expect(laidSo(side, body.a.placed!)).toEqual(body.a);
  });

  it('says what goes wrong: an edge, mud, a place to hold back; nothing where it is fine', () => {
    const shares = { fine: 0.7, mud: 0.08, 'hold-back': 0.22 };
    const said = troubles(body, easel, shares);
    expect(said[0]).toContain('An edge of A crosses the picture over');
    expect(said[1]).toContain('Mud over 8 % of the sheet');
    expect(said[2]).toContain('Over 22 %, dotted');
    const covers = { ...body.a, placed: coveringSheet(picture, easel) };
    const fine = { fine: 1, mud: 0, 'hold-back': 0 };
    expect(troubles({ a: covers, b: covers }, easel, fine)).toEqual([]);
    // Of one picture alone nothing is mixed.
    expect(
      troubles({ a: covers, b: { ...body.b, placed: undefined } as never }, easel, shares),
    ).toEqual([]);
  });
});

describe('two negatives under the lamp', () => {
  it('are two sequences: each with what it alone burns and holds back', () => {
    const a = twoLines(body, shelves, 'two-a');
    expect(a.map(({ hands }) => hands)).toEqual([
      'Whole sheet, its edge feathered over 24 mm with a moving card',
      'Burn the furnace mouth',
    ]);
    expect(a[0]).toMatchObject({ dialSeconds: 10, filter: 'A: F-031 / 14, filter 2' });
    // Half a stop on top of ten seconds.
    expect(a[1]!.dialSeconds).toBeCloseTo(4.1);
    const [b] = twoLines(body, shelves, 'two-b');
    expect(b!.hands).toBe(
      'Whole sheet, at the feathered edge −½ stop of it; hold back all below the roof for 5.1 s',
    );
    expect(b!.held).toHaveLength(1);
  });

  it('make a grid: two of A, three of B across; nothing before each has its time', () => {
    const grid = twoLines(body, shelves, 'two-grid');
    expect(grid.map(({ dialSeconds }) => dialSeconds)).toEqual([10, 12.6, 6.7, 8, 9.5]);
    const { seconds: _none, ...without } = body.a;
    expect(twoLines({ ...body, a: without }, shelves, 'two-grid')).toEqual([]);
  });

  const given = (id: string, what: TwoExposed['what']): TwoExposed => ({
    ...{ id, what, atMs: 1000 },
    firings: [{ hands: 'Whole sheet', filter: '', seconds: 10 }],
  });

  it('are written down sheet for sheet, B on the one that waits longest; twice is once', () => {
    const empty = { tests: [], sheets: [] };
    const entries = [given('a1', 'two-a'), given('a2', 'two-a'), given('b1', 'two-b')];
    const once = entries.reduce(withExposed, empty);
    expect(entries.reduce(withExposed, once)).toEqual(once);
    expect(once.sheets!.map(({ number, b }) => [number, b?.id])).toEqual([
      [1, 'b1'],
      [2, undefined],
    ]);
    expect(waitingForB(once).map(({ number }) => number)).toEqual([2]);
    expect(markOfTwo(once, 'b1')).toBe('Sheet 1');
    const grid = { ...given('g', 'two-grid'), times: { aSeconds: [1, 2], bSeconds: [1, 2, 3] } };
    expect(withExposed(empty, grid).tests).toEqual([
      { id: 'g', atMs: 1000, aSeconds: [1, 2], bSeconds: [1, 2, 3] },
    ]);
  });

  it('say in the list what is next, the one worked on last first', () => {
    const print = { id: '1', version: 1, ...body };
    expect(twoListLine(print)).toBe('Next: A on 4 sheets; F-031 / 14 and F-033 / 2; Marrow fibre');
    const under = { ...print, ...withExposed(print, given('a1', 'two-a')) };
    expect(twoListLine(under)).toContain('Fire B on 1 sheet');
    const [test] = body.tests;
    const { picked: _cell, ...open } = test!;
    expect(twoListLine({ ...print, tests: [open] })).toContain('Pick a cell of the grid, dry');
    const fresh = { ...print, id: '2', tests: [], sheets: [] };
    expect(twoListLine(fresh)).toContain('Next: the grid');
    expect(newestTwo([print, fresh]).map(({ id }) => id)).toEqual(['2', '1']);
  });
});

describe('at another size', () => {
  it('the sheet and both pictures grow alike, and nothing of it is exposed yet', () => {
    const large = atAnotherSize({ ...body, sheets: [] }, 1.5, shelves);
    expect(large.easel).toEqual({ widthMm: 360, heightMm: 270 });
    expect(large.a.placed).toMatchObject({ xMm: 186, yMm: 168, widthMm: 405, turnDegrees: 2 });
    expect(large.sheets).toBeUndefined();
  });
});
