import { percentInStops } from '@katachron/core';
import { describe, expect, it } from 'vitest';
import type { PrintDraft } from '../../src/lib/nouns/in-hand/draft.ts';
import { enlargerExample } from '../../src/lib/nouns/enlarger/contract.ts';
import { findingExample } from '../../src/lib/nouns/finding/contract.ts';
import { paperExample } from '../../src/lib/nouns/paper/contract.ts';
import { printExample, type Print } from '../../src/lib/nouns/print/contract.ts';
import {
  emptyEnlargerForm,
  enlargerForm,
  readEnlarger,
} from '../../src/lib/nouns/enlarger/form.ts';
import { findingFor, findingSetup, setupDifferences } from '../../src/lib/stages/print/findings.ts';
import { firingLines, firingSentence } from '../../src/lib/stages/print/firing-lines.ts';
import {
  changedSetup,
  knownSetup,
  nextStripDraft,
  withBeside,
  withContrast,
} from '../../src/lib/stages/print/keep.ts';
import { emptyPaperForm, paperForm, readPaper } from '../../src/lib/nouns/paper/form.ts';
import { printView } from '../../src/lib/stages/print/print-view.ts';
import type { Calibration } from '../../src/lib/nouns/calibration/contract.ts';
import { emptyBench, setupNow, type Bench } from '../../src/lib/stages/print/setup-now.ts';
import { dryDownOf } from '../../src/lib/stages/print/dried.ts';
import { versionNow } from '../../src/lib/stages/print/firing-lines.ts';
import { convertFormOf, setupsOf } from '../../src/lib/stages/print/convert-view.ts';
import { made } from '../made.ts';
import { stripRead } from '../samples.ts';

const draft: PrintDraft = {
  ...stripRead,
  paper: 'Cinder matt',
  lens: '80 mm',
  aperture: '8',
  negativeLength: '60',
  printLength: '190',
};
const bench = { ...emptyBench, enlargers: [enlargerExample], papers: [paperExample] };
const apply = (change: object): PrintDraft =>
  JSON.parse(JSON.stringify({ ...draft, ...change })) as PrintDraft;

describe('a set-up that is changed in mid-session', () => {
  it('puts the strip aside with the set-up it was made in, and asks for a check of three patches', () => {
    const changed = apply(
      changedSetup(draft, printView(draft), { printLength: '410' }, emptyBench),
    );
    expect(changed.earlier[0]!.setup).toMatchObject({ printLength: 190, negativeLength: 60 });
    expect([changed.patches, changed.step, changed.highlight]).toEqual(['3', '¼', null]);
    const view = printView(changed);
    expect(view.conversions).toEqual([
      'Strip 1 is converted: ×3.53 for another size (lens law). Check it.',
    ]);
    expect(view.together!.seconds).toBeGreaterThan(35);
    expect(view.together!.seconds).toBeLessThan(39);
    expect(view.soFar!.withinStops).toBeGreaterThan(printView(draft).reading!.withinStops);
  });

  it('a long time loses more in less light, by the paper’s own test', () => {
    const long: PrintDraft = { ...draft, first: '60', patches: '5' };
    // Measured: from 45 s on each doubling of the light asks for 2^1.15 times the time.
    const tests = [90, 180, 360].map((meteredSeconds) => ({
      meteredSeconds,
      neededSeconds: 45 * (meteredSeconds / 45) ** 1.15,
    }));
    const test = { kind: 'paper-reciprocity', given: { paper: 'Cinder matt', tests } };
    const own = { ...emptyBench, longTimes: [{ ...test, foundAtMs: 1 } as never as Calibration] };
    const change = apply(changedSetup(long, printView(long, own), { aperture: '11' }, own));
    const there = { ...long, ...change };
    const factorOf = (bench: Bench) => {
      const { conversions } = printView(there, bench);
      const [aperture, lost] = [.../×(\d\.\d+)/g[Symbol.matchAll](conversions[0]!)];
      return { aperture: Number(aperture![1]), lost: Number(lost![1]) };
    };
    // A stop less light asks for 2^1.15 times as long: twice, and 2^0.15 of it besides.
    expect(factorOf(own).aperture).toBe(2);
    expect(factorOf(own).lost).toBeCloseTo(2 ** 0.15, 2);
    // On a paper that nobody tested it is what papers usually lose.
    expect(factorOf(emptyBench).lost).toBeCloseTo(2 ** (1 / (1 + Math.log2(0.9)) - 1), 2);
    // A short time loses nothing.
    expect(
      printView(apply(changedSetup(draft, printView(draft), { aperture: '11' }, own)))
        .conversions[0],
    ).not.toContain('long time');
  });

  it('back in the old set-up the strip counts as it did', () => {
    const there = apply(changedSetup(draft, printView(draft), { aperture: '16' }, emptyBench));
    const back = printView({ ...there, aperture: '8' });
    expect(back.conversions).toEqual([]);
    expect(back.together!.seconds).toBeCloseTo(printView(draft).reading!.seconds, 6);
  });

  it('another size knows what is known, and the strips before count on there, although nobody had measured them', () => {
    const blank: PrintDraft = { ...draft };
    for (const part of ['negativeLength', 'printLength', 'aperture'] as const) delete blank[part];
    const form = {
      ...convertFormOf(blank, printView(blank), ''),
      fromLength: '240',
      toLength: '480',
      negative: '60',
    };
    expect(Number(form.seconds)).toBeCloseTo(printView(blank).printSeconds!, 2);
    const { was, willBe } = setupsOf(form);
    const known = { ...blank, ...knownSetup(blank, was) } as PrintDraft;
    const there = {
      ...known,
      ...changedSetup(known, printView(known), willBe, emptyBench),
    } as PrintDraft;
    expect(there).toMatchObject({ printLength: '480', negativeLength: '60', patches: '3' });
    const found = printView(there).together!.seconds / printView(blank).reading!.seconds;
    // (1 + 8)² over (1 + 4)².
    expect(found).toBeCloseTo(81 / 25, 1);
    expect(printView(there).conversions.join(' ')).not.toContain('nothing');
  });

  it('nothing moves while nothing was found', () => {
    const empty = { ...draft, highlight: null, shadow: null };
    expect(changedSetup(empty, printView(empty), { aperture: '16' }, emptyBench)).toEqual({
      aperture: '16',
    });
  });

  it('the logbook keeps what a converted strip was worth', () => {
    const there = apply(changedSetup(draft, printView(draft), { aperture: '16' }, emptyBench));
    const checked = { ...there, highlight: 1, shadow: 1 };
    const body = made(checked, 'Two apertures', 5)!;
    expect(body.strips.map(({ worth }) => worth)).toEqual([4, undefined]);
    const lost = { ...checked, head: 'higher' };
    expect(made(lost, 'Moved', 5)!.strips[0]!.worth).toBe(0);
  });

  it('strips of another set of contrasts wait, and count again when it is back', () => {
    const toGrades = withContrast(draft, 'grades');
    expect(toGrades).toEqual({ contrastSetId: 'grades', settingId: '3' });
    const graded = apply(changedSetup(draft, printView(draft), toGrades, emptyBench));
    const there = printView(graded);
    expect(there.reading).toBeUndefined();
    expect(there.soFar).toBeUndefined();
    expect(there.conversions).toEqual([
      'One strip was made with other contrasts and says nothing about this grade. It counts again when those are back.',
    ]);
    const back = { ...graded, ...withContrast(graded, 'filters') } as PrintDraft;
    expect(printView(back).soFar!.dial).toBe(printView(draft).dial);
    expect(printView(back).conversions).toEqual([]);
    expect(withContrast(draft, 'filters')).toEqual({});
  });

  it('a number that is none gets its sentence and stays as it was typed', () => {
    const { troubles, setup } = setupNow({ ...draft, aperture: 'wide open' }, emptyBench);
    expect(troubles.aperture).toBe('Type the f-number alone, for example 8.');
    // No lens has such an opening, and no sheet such a length: nothing is worked out with it.
    const far = setupNow({ ...draft, aperture: '0.000000001', printLength: '1e9' }, emptyBench);
    expect(far.troubles).toMatchObject({ aperture: troubles.aperture });
    expect(far.troubles.printLength).toContain('Type the same length on the paper');
    expect(far.setup).not.toHaveProperty('aperture');
    expect(setup.aperture).toBeUndefined();
  });

  it('a paper of the shelf brings its speed and its settings', () => {
    const on = { ...draft, paper: ' marrow FIBRE ' };
    expect(setupNow(on, bench).setup.paperSpeed).toBe(250);
    // Of fibre base, and nobody has judged a dry print on it yet.
    expect(printView(on, bench).dry).toMatch(/^Paper on fibre base as a rule dries .* stop darker/);
    const coated = { ...paperExample, base: 'resin-coated' as const };
    expect(printView(on, { ...bench, papers: [coated] }).dry).toBeUndefined();
    expect(printView(on, bench).set.settings.find(({ id }) => id === '2')!.range).toBe(108);
  });

  it('a timer that does not go so far is said', () => {
    const small = { ...bench, enlargers: [{ ...enlargerExample, longestSeconds: 3 }] };
    expect(printView({ ...draft, enlarger: enlargerExample.name }, small).tooLong).toContain(
      'goes up to 3 s. Open the lens by a stop',
    );
  });
});

describe('what is fired', () => {
  it('reads like something to do with a card in the dark', () => {
    const lines = firingLines(draft, printView(draft), 'strip');
    expect(lines.map(firingSentence).slice(0, 4)).toEqual([
      'Nothing covered, 5.2 s',
      'Card over one patch, 1.5 s',
      'Card over two patches, 1.8 s',
      'Card over three patches, 2.3 s',
    ]);
  });

  it('a print is its base with who is held back, then the burns', () => {
    const areas = [
      { name: 'glory hole', stops: '−⅓' },
      { name: 'roof', stops: '+⅔' },
    ];
    const lines = firingLines({ ...draft, areas }, printView({ ...draft, areas }), 'print');
    expect(lines.map(({ hands }) => hands)).toEqual([
      'Whole sheet; hold back glory hole for 2.2 s',
      'Burn roof, card with a hole moving',
    ]);
    expect(lines[0]!.dial).toBe('10.8');
  });

  it('two contrasts have a half of the sheet each, and a change of filter between', () => {
    const both = { ...draft, beside: withBeside(draft, printView(draft)) };
    const lines = firingLines(both, printView(both), 'strip');
    expect(lines).toHaveLength(14);
    expect(lines[6]!.filter).toBe('filter 2');
    expect(lines[7]!.filter).toBe('filter 2½');
    expect(lines[7]!.hands).toBe('Nothing covered, right half open');
  });
});

describe('two contrasts side by side', () => {
  it('make the answer surer than one', () => {
    const both = {
      ...draft,
      beside: { ...withBeside(draft, printView(draft)), highlight: 3, shadow: 3.5 },
    };
    const one = printView(draft).reading!;
    const two = printView(both).reading!;
    expect(two.withinStops).toBeLessThan(one.withinStops);
    expect(two.withinRange).toBeLessThan(one.withinRange);
    const body = made(both, 'Both', 5)!;
    expect(body.strips.map(({ settingId }) => settingId)).toEqual(['2', '2.5']);
    const next = nextStripDraft(both, printView(both));
    expect(next.earlier).toHaveLength(2);
    expect(next.beside).toBeUndefined();
  });
});

describe('a dial', () => {
  const onDials = { ...draft, contrastSetId: 'dials', settingId: 'white' } as const;

  it('stands between its points, with a time of its own', () => {
    const { figures, reading } = printView(onDials);
    const [, place, time] = /Between the points: (\d+) magenta, (\d+\.\d) s/.exec(figures!)!;
    expect(Number(place)).toBeGreaterThan(10);
    expect(Number(place)).toBeLessThan(45);
    // Between the nearest points the time lies between their times, speeds and contrasts considered.
    expect(Math.abs(Math.log2(Number(time) / reading!.seconds))).toBeLessThan(0.5);
  });

  it('is not asked of filters', () => {
    expect(printView(draft).figures).not.toContain('Between the points');
  });
});

describe('a dry verdict', () => {
  const judged = (dryStops: number): Print => ({
    id: crypto.randomUUID(),
    version: 1,
    ...printExample,
    setup: { ...printExample.setup, paper: 'Cinder matt' },
    strips: [],
    sheets: [{ ...printExample.sheets[0]!, verdict: { highlightStops: dryStops } }],
  });
  const evidence = [judged(1 / 6), judged(1 / 6), judged(1 / 6)];

  it('is said, and taken off where somebody wants it, or three prints have said so', () => {
    const one = printView(draft, { ...emptyBench, evidence: evidence.slice(0, 1) });
    expect(one.dry).toContain('One dry print on this paper looked');
    expect(one.printSeconds).toBe(one.reading!.seconds);
    const wet = printView({ ...draft, dryDown: false }, { ...emptyBench, evidence });
    expect(wet.dry).toContain('3 dry prints on this paper looked');
    expect(wet.printSeconds).toBe(wet.reading!.seconds);
    const taken = printView(draft, { ...emptyBench, evidence });
    const dry = printView({ ...draft, dryDown: true }, { ...emptyBench, evidence });
    expect(taken.printSeconds).toBe(dry.printSeconds);
    expect(dry.withinStops).toBeGreaterThan(dry.reading!.withinStops);
    expect(Math.log2(wet.printSeconds! / dry.printSeconds!)).toBeCloseTo(0.135, 2);
    const kept = versionNow({ ...draft, dryDown: true }, dry)!;
    expect(kept).toMatchObject({ seconds: dry.printSeconds, dryDown: true });
    expect(kept.dryDownStops).toBeCloseTo(0.135, 2);
  });

  it('on a sheet that was made lighter, for drying or by a change, teaches the same as on one that was not', () => {
    const made = (more: Partial<Print['versions'][number]>) => ({
      ...judged(0),
      versions: [{ ...printExample.versions[0]!, ...more }],
    });
    const taught = (prints: readonly Print[]) => dryDownOf('Cinder matt', prints)!.stops;
    const plain = taught(evidence);
    const lighter = made({ dryDown: true, dryDownStops: 1 / 6 });
    const changed = made({ change: { stops: -1 / 6, settings: 0, by: '1a' } });
    expect(taught([lighter, lighter, lighter])).toBeCloseTo(plain, 9);
    expect(taught([changed, changed, changed])).toBeCloseTo(plain, 9);
    // Right as it was: no more than a paper of which nothing is known.
    expect(taught([judged(0), judged(0), judged(0)])).toBeLessThan(plain - 0.05);
  });

  it('on other papers is the lamp’s, and is said apart from a paper’s own drying', () => {
    const other = (print: Print, paper: string) => ({ ...print, setup: { ...print.setup, paper } });
    const elsewhere = ['Slip gloss', 'Punty gloss'].flatMap((paper) =>
      Array.from({ length: 5 }, () => other(judged(1 / 6), paper)),
    );
    const papers = ['Slip gloss', 'Punty gloss'].map((name) => ({
      ...paperExample,
      ...{ name, base: 'resin-coated' as const },
    }));
    const view = printView(draft, { ...emptyBench, evidence: elsewhere, papers });
    expect(view.dry).toMatch(
      /^Under your lamp 10 prints on other papers came out .* stop darker, dry, than drying explains\.$/,
    );
    expect(view.dryTakenStops).toBeGreaterThan(0.08);
    expect(Math.log2(view.reading!.seconds / view.printSeconds!)).toBeCloseTo(
      view.dryTakenStops!,
      9,
    );
  });

  it('by the test of its paper is known before any print was judged', () => {
    const paper = { ...paperExample, name: 'Cinder matt', dryDownStops: -percentInStops(-8) };
    const view = printView(draft, { ...emptyBench, papers: [paper] });
    expect(view.dry).toMatch(/^By its test this paper dries .* darker .*: 8 % less light\.$/);
    expect(view.dryStops).toBeCloseTo(0.1203, 4);
    const taught = printView(draft, { ...emptyBench, papers: [paper], evidence });
    expect(taught.dry).toContain('With its test that is');
  });

  it('on another paper says nothing', () => {
    const elsewhere = { ...draft, paper: 'Wharf pearl' };
    expect(printView(elsewhere, { ...emptyBench, evidence }).dry).toBeUndefined();
  });
});

describe('a finding', () => {
  it('holds for its set-up, whatever the capitals, and for no other', () => {
    const { setup } = findingExample;
    const same = { ...setup, paper: 'WHARF pearl ' };
    expect(findingFor([findingExample], 'maximum-black', same)).toBe(findingExample);
    expect(findingFor([findingExample], 'flash-threshold', same)).toBeUndefined();
    expect(setupDifferences(setup, { ...setup, head: '52 cm', film: '' })).toEqual([
      'head height',
      'film base',
    ]);
  });

  it('is about lens and aperture together', () => {
    expect(findingSetup(draft, 'Halden 400')).toMatchObject({
      lens: '80 mm at f/8',
      film: 'Halden 400',
    });
  });
});

describe('the forms of the shelves', () => {
  it('give back what was kept', () => {
    expect(readEnlarger(enlargerForm(enlargerExample)).body).toEqual(enlargerExample);
    expect(readPaper(paperForm(paperExample)).body).toEqual(paperExample);
  });

  it('name every field that is wrong', () => {
    const enlarger = readEnlarger({ ...emptyEnlargerForm(), apertures: '8 wide', longest: '0' });
    expect(enlarger.body ? [] : Object.keys(enlarger.troubles)).toEqual([
      'name',
      'apertures',
      'longest',
    ]);
    const form = emptyPaperForm();
    form.settings['2'] = { range: 'soft', speed: '' };
    const paper = readPaper({ ...form, dMax: '1.1' });
    expect(paper.body ? {} : paper.troubles).toMatchObject({
      dMax: 'Type a density from 1.2 on, for example 2.1.',
      settings: 'Setting 2: type its R, as 110, and its speed in stops, as −1 or 0.',
    });
  });
});
