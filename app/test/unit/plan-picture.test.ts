import {
  codeAtShare,
  defaultPaper,
  printPicture,
  toneWord,
  usualCodes,
  type DrawnArea,
  type PictureQuestion,
} from '@katachron/core';
import { describe, expect, it } from 'vitest';
import type { PrintDraft } from '../../src/lib/nouns/in-hand/draft.ts';
import { PrintDraft as DraftSchema } from '../../src/lib/nouns/in-hand/draft.ts';
import type { ShownPicture } from '../../src/lib/nouns/picture/contract.ts';
import { PrintBody } from '../../src/lib/nouns/print/contract.ts';
import { check, fits } from '../../src/lib/server/validation.ts';
import { draftFrom } from '../../src/lib/stages/print/from-record.ts';
import { coloured, mirrored } from '../../src/lib/stages/print/picture/paint.ts';
import { PlanHistory } from '../../src/lib/stages/print/picture/plan-history.svelte.ts';
import {
  carriedPicture,
  ofVersion,
  pictureAsked,
  straight,
  straightNow,
} from '../../src/lib/stages/print/picture/question.ts';
import { spotWords } from '../../src/lib/stages/print/picture/spot.ts';
import type { FindingBody } from '../../src/lib/nouns/finding/contract.ts';
import { findingSetup } from '../../src/lib/stages/print/findings.ts';
import { emptyBench } from '../../src/lib/stages/print/setup-now.ts';
import { printView } from '../../src/lib/stages/print/print-view.ts';
import { made } from '../made.ts';
import { stripRead } from '../samples.ts';

/** Greys from 40 to 236, a column each. */
const ramp = {
  codes: Uint8Array.from({ length: 200 * 150 }, (_, at) => 40 + Math.round((at % 200) * 0.985)),
  ...{ width: 200, height: 150 },
};
const picture: ShownPicture = {
  id: '7c1d4b60-52e8-4f3a-a000-000000000001',
  ...{ of: 'print', width: 200, height: 150, whiteCode: 236, range: 100 },
};
const paint = (change: Partial<PictureQuestion> = {}) =>
  printPicture(defaultPaper, ramp, {
    ...{ of: 'print', whiteCode: 236, madeAtRange: 100, range: 100, baseStops: 0, areas: [] },
    ...{ highlightDensity: 0.1, ...change },
  });
const everywhere = (stops: number): DrawnArea => ({
  ...{ shape: { kind: 'ellipse', x: 0.5, y: 0.4, rx: 9, ry: 9 }, stops, soft: 0 },
});

describe('a picture as the paper would show it', () => {
  it('is what it is without a plan, darker under a burn, lighter where it is held back', () => {
    const plain = paint();
    const burned = paint({ areas: [everywhere(2 / 3)] });
    const held = paint({ areas: [everywhere(-0.5)] });
    const at172 = ramp.codes.indexOf(172);
    expect(plain.codes[at172]).toBe(172);
    // A grey of 172 on paper white 236 at R 100 is known to become these.
    expect(Math.abs(burned.codes[at172]! - 126)).toBeLessThanOrEqual(1);
    expect(Math.abs(held.codes[at172]! - 207)).toBeLessThanOrEqual(1);
  });

  it('is hatched where nothing is known and something was changed, and only there', () => {
    const white = ramp.codes.lastIndexOf(236);
    expect(paint().unknown[white]).toBe(0);
    const burned = paint({ areas: [everywhere(1)] });
    expect(burned.unknown[white]).toBe(1);
    expect(burned.unknown[ramp.codes.indexOf(172)]).toBe(0);
    const rgba = coloured(burned, 200, undefined);
    const greys = new Set(
      Array.from({ length: 150 }, (_, row) => rgba[(row * 200 + (white % 200)) * 4]),
    );
    expect(greys.size).toBe(2);
  });

  it('at another contrast the middle of the scale stays where the speed point is', () => {
    const harder = paint({ range: 70 });
    const light = ramp.codes.indexOf(210);
    const dark = ramp.codes.indexOf(70);
    expect(harder.codes[light]).toBeGreaterThan(210);
    expect(harder.codes[dark]).toBeLessThan(70);
  });

  it('a negative becomes a print: what is dense is light', () => {
    const shown = paint({ of: 'negative', whiteCode: 221, highlightCode: 70, range: 110 });
    const [dense, thin] = [ramp.codes.indexOf(70), ramp.codes.indexOf(190)];
    expect(shown.codes[dense]).toBeGreaterThan(shown.codes[thin]!);
    // The dense place is the print's highlight, zone VIII.
    const spot = spotWords(
      { number: 1, width: 200, height: 150, codes: shown.codes, white: shown.white },
      { x: (dense + 0.5) / 200, y: 0.1 },
    );
    expect(spot).toContain(toneWord(0.1));
  });

  it('in red light it has no green and no blue', () => {
    const rgba = coloured(paint(), 200, 0.5);
    let other = 0;
    for (let at = 0; at < rgba.length; at += 4)
      other = Math.max(other, rgba[at + 1]!, rgba[at + 2]!);
    expect(other).toBe(0);
    expect(Math.max(...rgba.filter((_, at) => at % 4 === 0))).toBeLessThan(130);
  });

  it('mirrored twice it is itself; white and highlight are found without dust', () => {
    expect(mirrored(mirrored(ramp))).toEqual(ramp);
    expect(mirrored(ramp).codes[0]).toBe(ramp.codes[199]);
    const dusty = { ...ramp, codes: ramp.codes.with(5, 255) };
    expect(usualCodes(dusty.codes).whiteCode).toBe(236);
    expect(codeAtShare(ramp.codes, 0.5)).toBeGreaterThan(130);
  });
});

describe('what a plan asks of its picture', () => {
  const draft: PrintDraft = {
    ...stripRead,
    picture,
    areas: [
      { name: 'roof', stops: '+⅔', shape: { kind: 'corners' }, soft: 0.2 },
      { name: 'door', stops: '−½' },
    ],
  };
  const view = printView(draft);

  it('is drawn for the areas that have a place, in the stops that they get', () => {
    expect(() => check(DraftSchema, draft)).not.toThrow();
    const asked = pictureAsked(draft, view)!;
    expect(asked.question.areas).toEqual([
      { shape: { kind: 'corners' }, soft: 0.2, stops: expect.closeTo(0.6667, 4) },
    ]);
    expect(straight(asked).question.areas).toEqual([]);
    expect(pictureAsked(stripRead, view)).toBeUndefined();
  });

  it('what was changed since the straight print is shown too', () => {
    const half = { ...draft, picture: { ...picture, seconds: straightNow(view).seconds! / 2 } };
    expect(pictureAsked(half, view)!.question.baseStops).toBeCloseTo(1, 9);
    const same = { ...draft, picture: { ...picture, ...straightNow(view) } };
    expect(pictureAsked(same, view)!.question.baseStops).toBeCloseTo(0, 9);
  });

  it('at another size the straight print takes longer, and looks the same', () => {
    const before = { ...draft, picture: { ...picture, ...straightNow(view) } };
    const larger = { ...before, areas: [], first: '10' };
    const after = printView(larger);
    expect(after.printSeconds! / view.printSeconds!).toBeGreaterThan(1.5);
    const carried = carriedPicture(before.picture, view, after);
    expect(pictureAsked({ ...larger, picture: carried }, after)!.question.baseStops).toBeCloseTo(
      0,
      9,
    );
    const unread = printView({ ...draft, highlight: null, shadow: null });
    expect(carriedPicture(before.picture, view, unread)).not.toHaveProperty('seconds');
  });

  it('goes into the record and comes back, shapes and all', () => {
    const record = made({ ...draft, title: 'Drawn' }, 'Drawn', 5)!;
    expect(() => check(PrintBody, record)).not.toThrow();
    const again = draftFrom({ id: 'x', version: 1, ...record });
    expect(again.picture).toEqual(picture);
    expect(pictureAsked(again, printView(again))!.question.areas).toEqual(
      pictureAsked(draft, view)!.question.areas,
    );
    const [version] = record.versions;
    expect(ofVersion(pictureAsked(draft, view)!, version!, view).question.areas).toHaveLength(1);
  });

  it.each([
    { kind: 'ellipse', x: 0.5, y: 0.5, rx: 0, ry: 0.1 },
    { kind: 'polygon', points: [] },
    { kind: 'star' },
    { kind: 'edge', x1: 0, y1: 0, x2: 9, y2: 0 },
    { kind: 'corners', reach: 1 },
  ])('a shape that is none is refused: %j', (shape) => {
    expect(fits(DraftSchema, { ...draft, areas: [{ name: '', stops: '1', shape }] })).toBe(false);
  });
});

it('letters of a name are one change', () => {
  let areas: PrintDraft['areas'] = [{ name: '', stops: '+½' }];
  const history = new PlanHistory(
    () => ({ areas, pieces: [] }),
    (to) => (areas = to.areas),
  );
  for (const [n, name] of ['d', 'do', 'doo', 'door'].entries()) {
    areas = [{ name, stops: '+½' }];
    history.note(1000 + 150 * n);
  }
  history.undo();
  expect(areas[0]!.name).toBe('');
  history.redo();
  expect(areas[0]!.name).toBe('door');
});

it('a plan is taken back and made again without end', () => {
  let areas: PrintDraft['areas'] = [];
  const history = new PlanHistory(
    () => ({ areas, pieces: [] }),
    (to) => (areas = to.areas),
  );
  for (let n = 1; n <= 50; n += 1) {
    areas = [...areas, { name: String(n), stops: '+½' }];
    history.note(1000 * n);
    history.note(1000 * n);
  }
  for (let n = 0; n < 50; n += 1) history.undo();
  expect(areas).toEqual([]);
  expect(history.canUndo).toBe(false);
  for (let n = 0; n < 60; n += 1) history.redo();
  expect(areas).toHaveLength(50);
  history.undo();
  areas = [...areas, { name: 'another', stops: '−½' }];
  history.note();
  expect(history.canRedo).toBe(false);
});

it('a test piece goes with its area, and comes back with it', () => {
  let plan: { areas: PrintDraft['areas']; pieces: NonNullable<PrintDraft['pieces']> } = {
    areas: [
      { name: 'door', stops: '+½' },
      { name: 'sky', stops: '+1' },
    ],
    pieces: [{ area: 1, kind: 'amounts' }],
  };
  const history = new PlanHistory(
    () => plan,
    (to) => (plan = to),
  );
  plan = { areas: plan.areas.slice(1), pieces: [{ area: 0, kind: 'amounts' }] };
  history.note(5000);
  history.undo();
  expect(plan.areas.map(({ name }) => name)).toEqual(['door', 'sky']);
  expect(plan.pieces).toEqual([{ area: 1, kind: 'amounts' }]);
  history.redo();
  expect(plan.pieces).toEqual([{ area: 0, kind: 'amounts' }]);
});

it('a flash that the sheet is given is in its picture, and one without a threshold is not', () => {
  const draft = { ...stripRead, flash: '90', picture };
  const threshold: FindingBody = {
    ...{ name: 'Threshold', kind: 'flash-threshold', seconds: 2, foundAtMs: 0 },
    setup: { ...findingSetup(draft), settingId: '00' },
  };
  const bench = { ...emptyBench, findings: [threshold] };
  const { question } = pictureAsked(draft, printView(draft, bench))!;
  expect(question.flash).toEqual({ share: 0.9, range: expect.any(Number) });
  expect(question.flash!.range).toBeGreaterThan(150);
  // The rest is shortened, so that the highlight stays.
  const without = pictureAsked(draft, printView(draft))!.question;
  expect(without.flash).toBeUndefined();
  expect(question.baseStops).toBeLessThan(without.baseStops);
});
