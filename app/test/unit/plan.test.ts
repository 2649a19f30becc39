import { describe, expect, it } from 'vitest';
import type { PrintDraft } from '../../src/lib/nouns/in-hand/draft.ts';
import { PrintBody } from '../../src/lib/nouns/print/contract.ts';
import { check } from '../../src/lib/server/validation.ts';
import { keptAmount, readAmount, typedAmount } from '../../src/lib/stages/print/area-amount.ts';
import { firingLines, restOfLine, versionNow } from '../../src/lib/stages/print/firing-lines.ts';
import { draftFrom } from '../../src/lib/stages/print/from-record.ts';
import { planWords } from '../../src/lib/stages/print/plan-words.ts';
import { piecesOf, withPick } from '../../src/lib/stages/print/test-pieces.ts';
import { printView } from '../../src/lib/stages/print/print-view.ts';
import { versionChange } from '../../src/lib/stages/print/version-words.ts';
import { made } from '../made.ts';
import { stripRead } from '../samples.ts';

const draft: PrintDraft = { ...stripRead, areas: [] };
const of = (change: Partial<PrintDraft>) => {
  const changed = { ...draft, ...change };
  const view = printView(changed);
  return { draft: changed, view, lines: firingLines(changed, view, 'print') };
};

describe('how much an area gets', () => {
  it.each([
    ['+⅔', 0.6667],
    ['+2/3 stop', 0.6667],
    ['+30 %', 0.3785],
    ['-15%', -0.2345],
    ['+3.5 s', 0.3536],
    ['−1,89 sec', -0.2345],
  ])('%s is %f stops', (typed, stops) => {
    expect(readAmount(typed, 12.6)).toBeCloseTo(stops, 4);
  });

  it.each([
    ['−100 %', 'no light'],
    ['−12.6 s', 'whole base is 12.6 s'],
    ['a lot', 'per cent or seconds'],
    ['+11', 'ten stops'],
  ])('%s is refused: %s', (typed, words) => {
    expect(() => readAmount(typed, 12.6)).toThrow(words);
  });

  it('in seconds it needs a time, and is kept as the stops that it is here', () => {
    expect(() => readAmount('+4 s', undefined)).toThrow('type stops');
    expect(keptAmount('+3.5 s', 12.6)).toBe('+0.3536');
    expect(keptAmount('+30 %', 12.6)).toBe('+30 %');
    expect(keptAmount('−20 s', 12.6)).toBe('−20 s');
    expect(typedAmount(2 / 3)).toBe('+⅔');
    expect(readAmount(typedAmount(-0.4567), 1)).toBeCloseTo(-0.4567, 4);
  });
});

describe('a plan', () => {
  const areas: PrintDraft['areas'] = [
    { name: 'roof', stops: '+⅔' },
    { name: 'window', stops: '+1½', settingId: '00', tool: 'cut-mask', wider: '1' },
    { name: 'gatherer', stops: '−⅓', tool: 'wand' },
  ];

  it('is fired base first, the same filter next, the lens opened last, and a key line at the end', () => {
    const { lines, view } = of({ areas, keyLine: '6.3' });
    expect(lines.map(({ hands }) => hands)).toEqual([
      'Whole sheet; hold back gatherer for 2.2 s, wand moving, its wire too',
      'Burn roof, card with a hole moving',
      'Burn window, cut mask laid in place before, lens 1 stop wider',
      'Key line: nothing in the negative’s place, a mask over the picture',
    ]);
    expect(lines.map(({ filter }) => filter).at(2)).toBe('filter 00');
    expect(planWords(draft, view).sentences[0]).toMatch(
      /^Four firings, two filters, two changes, the lens turned two times: \d+\.\d s of light in all\.$/,
    );
    expect(view.areas[1]!.does).toMatch(/^\+183 %, \d+\.\d s more at filter 00, the lens 1 stop/);
  });

  it('goes into the record with all of it, and comes back from there alike', () => {
    const planned = { ...draft, areas, keyLine: '6.3', title: 'Planned' };
    const record = made(planned, 'Planned', 5)!;
    expect(() => check(PrintBody, record)).not.toThrow();
    const again = draftFrom({ id: 'x', version: 1, ...record });
    const before = firingLines(planned, printView(planned), 'print');
    expect(firingLines(again, printView(again), 'print')).toEqual(before);
  });

  it('stopped half-way, what is left of a hold is held on', () => {
    const [base] = of({ areas }).lines;
    const rest = restOfLine(base!, 1.2, 0.1);
    expect(rest.hands).toMatch(/hold back gatherer for 1\.0 s/);
    expect(restOfLine(base!, 5, 0.1).hands).toBe('Whole sheet');
  });

  it('says when hands are not enough, and when the base is parted for them', () => {
    const held = (stops: string, count: number) =>
      Array.from({ length: count }, (_, n) => ({ name: `place ${n}`, stops }));
    const three = of({ areas: held('−1.4', 3) });
    expect(three.lines).toHaveLength(2);
    expect(planWords(three.draft, three.view).sentences[1]).toContain('parted');
    const more = of({ areas: held('−1.4', 3), hands: 'one' });
    expect(planWords(more.draft, more.view).cautions[0]).toMatch(/^One hand cannot/);
  });

  it('two versions differ in words', () => {
    const version = (change: Partial<PrintDraft>) => {
      const { draft: changed, view } = of(change);
      return versionNow(changed, view)!;
    };
    const { set } = printView(draft);
    const first = version({ areas: [...areas.slice(0, 1), { name: 'corners', stops: '+½' }] });
    const next = version({ areas: [{ name: 'roof', stops: '+1' }], keyLine: '6' });
    expect(versionChange(first, next, set)).toBe('roof +⅓, corners no more, with a key line');
    const softer = { ...first, settingId: '2', range: 110, seconds: first.seconds * 2 ** 0.25 };
    expect(versionChange(first, softer, set)).toBe('½ filter softer, +¼ in all');
    expect(versionChange(first, first, set)).toBe('the same');
  });
});

describe('test pieces of a plan', () => {
  const areas: PrintDraft['areas'] = [
    { name: 'door', stops: '+½' },
    { name: 'racks', stops: '−⅓' },
  ];
  const pieces: PrintDraft['pieces'] = [
    { area: 0, kind: 'amounts' },
    { area: 0, kind: 'contrasts' },
    { area: 1, kind: 'amounts' },
  ];

  it('have a label each, and are fired one after the other', () => {
    const { draft: changed, view } = of({ areas, pieces });
    const seen = piecesOf(changed, view);
    expect(seen.map(({ label }) => label)).toEqual([
      'A door: +¼ +½ +¾',
      'B door: filter 1½ filter 2½ filter 3½',
      'C racks: −¾ −½ −¼',
    ]);
    const lines = firingLines(changed, view, 'pieces').map(({ hands }) => hands);
    expect(lines).toEqual([
      'Piece A over door, nothing covered',
      'Piece A over door, nothing covered',
      'Piece A over door, card over the first third',
      'Piece A over door, only the last third open',
      'Piece B over door, nothing covered',
      'Piece B over door, only the first third open',
      'Piece B over door, only the middle third open',
      'Piece B over door, only the last third open',
      'Piece C over racks, nothing covered',
      'Piece C over racks, card over the first third',
      'Piece C over racks, only the last third open',
    ]);
  });

  it('the pick goes into the plan', () => {
    const { draft: changed, view } = of({ areas: structuredClone(areas), pieces });
    const [first, second] = piecesOf(changed, view);
    withPick(changed, 1, second!.thirds[0]!.picked);
    expect(changed.areas[0]).toMatchObject({ stops: '+½', settingId: '1.5' });
    withPick(changed, 0, first!.thirds[2]!.picked);
    expect(changed.areas[0]!.stops).toBe('+¾');
    expect(changed.pieces).toEqual([{ area: 1, kind: 'amounts' }]);
  });

  it('of an area that is gone there are none', () => {
    const { draft: changed, view } = of({ areas: [], pieces });
    expect(piecesOf(changed, view)).toEqual([]);
  });
});
