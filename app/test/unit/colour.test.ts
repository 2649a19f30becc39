import { drumPlan, usualColourHead as head } from '@katachron/core';
import { describe, expect, it } from 'vitest';
import {
  ColourPrintBody,
  colourPrintExample,
  type ColourPrint,
} from '../../src/lib/nouns/colour-print/contract.ts';
import { changeWords, packWords, verdictWords } from '../../src/lib/nouns/colour-print/words.ts';
import { enlargerForm, readEnlarger } from '../../src/lib/nouns/enlarger/form.ts';
import { EnlargerBody, enlargerExample } from '../../src/lib/nouns/enlarger/contract.ts';
import { demoColourPrints } from '../../src/lib/server/seeds/colour-prints.ts';
import { check } from '../../src/lib/server/validation.ts';
import { sinks } from '../../src/lib/bench/sink/trays.ts';
import { drumView, emptyDrum } from '../../src/lib/stages/print/colour/drum.ts';
import { castPatches, neutralFills } from '../../src/lib/stages/print/colour/cast-colours.ts';
import { colourView } from '../../src/lib/stages/print/colour/colour-view.ts';
import { colourListLine, newestFirst } from '../../src/lib/stages/print/colour/list.ts';
import {
  emptyRing,
  ringLines,
  ringPositions,
} from '../../src/lib/stages/print/colour/ring-view.ts';
import {
  colourStarts,
  onAnotherBox,
  startWords,
} from '../../src/lib/stages/print/colour/starts.ts';
import {
  correctionText,
  lightText,
  readCorrection,
  readDialled,
  readLight,
} from '../../src/lib/stages/print/colour/typed.ts';
import { readVerdict, seenSoFar } from '../../src/lib/stages/print/colour/verdict.ts';

const [first] = colourPrintExample.tests;
const print = (change: Partial<ColourPrint> = {}): ColourPrint => ({
  ...{ id: 'x', version: 1 },
  ...colourPrintExample,
  ...change,
});
const enlarger = { ...enlargerExample, lamp: { lagSeconds: 0, timerStepSeconds: 0.1 } };

describe('what is printed next', () => {
  it('is the cast’s own colour added, with the time and the reason', () => {
    const { packShown, secondsShown, next, headWords } = colourView(print(), []);
    expect([packShown, secondsShown]).toEqual(['C 0 M 49 Y 63', '11.9']);
    expect(next.sentences).toEqual([
      'A red cast goes out by its own colour: +5 M +5 Y.',
      '+5 M +5 Y is the same colour as −5 C: two moved alike are the third moved the other way.',
      'The filters take 0.055 stop more; the time is corrected.',
    ]);
    expect(headWords).toContain('not measured on this head');
    const own = { ...enlarger, colourHead: { c: 0.1, m: 0.2, y: 0.1 } };
    expect(colourView(print(), [own]).secondsShown).toBe((11.5 * 2 ** 0.15).toFixed(1));
  });

  it('counts the lag, which gives no light', () => {
    const late = { ...enlarger, lamp: { lagSeconds: 1.5, timerStepSeconds: 0.01 } };
    expect(colourView(print(), [late]).next.seconds).toBeCloseTo(10 * 2 ** 0.055 + 1.5, 6);
  });

  it('says what is only grey, and what a green cast on a low pack is instead', () => {
    const low = { ...first!, pack: { c: 0, m: 3, y: 40 } };
    const green = {
      ...low,
      verdict: { cast: { id: 'green', strength: 'slight' }, thought: '', atMs: 0 },
    } as const;
    const view = colourView(print({ tests: [green] }), []);
    expect(view.packShown).toBe('C 2 M 0 Y 42');
    expect(view.next.sentences.join(' ')).toContain(
      'All three together are only grey: with it out the change is +2 C −3 M +2 Y.',
    );
  });

  it('waits for a sheet to be judged, and shows the pick before it is kept', () => {
    const { verdict: _seen, ...open } = first!;
    const body = print({ tests: [open] });
    expect(colourView(body, []).open).toEqual(open);
    expect(colourListLine(body, [])).toMatch(/^Judge sheet 1, dry; /);
    const form = { picked: 'yellow clear', light: '−⅙', thought: ' warm ' };
    const ahead = colourView(seenSoFar(body, open, form), []);
    expect(ahead.packShown).toBe('C 0 M 44 Y 68');
    expect(ahead.next.sentences.at(-1)).toBe('⅙ stop less light on top.');
    expect(seenSoFar(body, open, { ...form, picked: '' })).toBe(body);
    expect(() => readVerdict({ ...form, light: 'more' }, open)).toThrow(/stops, as ¼ or −⅙/);
    expect(readVerdict({ ...form, picked: 'none', light: '' }, open)).toEqual({ thought: 'warm' });
    // A pick of another sheet says nothing of this one.
    expect(() => readVerdict({ ...form, picked: '2.5' }, open)).toThrow(/Pick the cast/);
    const ring = { ...open, ring: { channel: 'm', step: 5, patches: 5 } } as const;
    expect(() => readVerdict(form, ring)).toThrow(/Pick the patch/);
    expect(() => readVerdict({ ...form, picked: '4.5' }, ring)).toThrow(/Pick the patch/);
    expect(readVerdict({ ...form, picked: '2.5' }, ring).position).toBe(2.5);
  });

  it('begins somewhere with nothing known, and never says an error for odd stored data', () => {
    expect(colourView(print({ tests: [] }), []).packShown).toBe('C 0 M 40 Y 60');
    const odd = {
      ...first!,
      ring: { step: 90, patches: 5, channel: 'm' },
      verdict: { position: 2, thought: '', atMs: 0 },
    } as const;
    const view = colourView(print({ tests: [odd] }), []);
    expect(view.next.sentences[0]).toContain('a filter does not go below 0');
  });
});

describe('ways to begin', () => {
  const box = { c: 0, m: 5, y: 0, stops: 0 };

  it('from the last print on this paper, with what the boxes differ by', () => {
    const begun = print({ id: 'y', name: 'New', tests: [], correction: { ...box, m: 10 } });
    const other = print({ name: 'Old', correction: box });
    const [way] = colourStarts(begun, [other], head);
    expect(startWords(way!)).toBe('As Old: C 0 M 54 Y 63, 12.3 s');
    // The paper may have been called otherwise when the other print was made.
    const renamed = [{ name: 'Another', formerNames: [other.paper] }];
    expect(colourStarts({ ...begun, paper: 'Another' }, [other], head, renamed)[0]).toEqual(way);
    const elsewhere = colourStarts({ ...begun, paper: 'Another' }, [other], head);
    expect(elsewhere.map(startWords)).toEqual(['By the box alone: C 0 M 50 Y 60, 10.6 s']);
  });

  it('by readings of three channels against a print whose light was read', () => {
    const light = { red: 10, green: 8, blue: 5 };
    const begun = print({
      id: 'y',
      tests: [],
      paper: 'Another',
      light: { red: 5, green: 4, blue: 2.5 },
    });
    const [way] = colourStarts(begun, [print({ name: 'Old', light })], head);
    expect(startWords(way!)).toBe('By readings against Old: C 0 M 49 Y 63, 23.9 s');
    expect(colourStarts(begun, [print({ name: 'Old' })], head)).toEqual([]);
  });

  it('carried to another box, and a sentence of it', () => {
    const carried = onAnotherBox(
      print({ correction: box }),
      'box 3',
      { ...box, m: 0 },
      first!,
      head,
    );
    expect(packWords(carried.start!.pack)).toBe('C 0 M 39 Y 58');
    expect(carried).toMatchObject({ box: 'box 3', start: { by: 'another-box', from: 'box 2' } });
    const { next } = colourView(print(carried as Partial<ColourPrint>), []);
    expect(next.sentences).toEqual([
      'Carried over from box 2 by what the boxes say of themselves.',
    ]);
  });
});

describe('the drum', () => {
  const form = { ...emptyDrum(), bleachFix: '45' };
  const reads = { unit: 'C' as const };

  it('has its baths on one clock, the developer within three tenths of a degree', () => {
    const { plan, sentence, off } = drumView({ ...form, developer: '0:50' }, reads);
    expect(plan!.steps.map(({ kind, seconds }) => [kind, seconds])).toEqual([
      ...[
        ['drum-warming', 60],
        ['drum-developer', 50],
      ],
      ...[
        ['drum-bleach-fix', 45],
        ['drum-wash', 120],
      ],
    ]);
    expect([sentence, off]).toEqual([
      'Baths at 35° ± 0.3 °C: read the developer before it is poured.',
      false,
    ]);
    expect(drumView({ ...form, reads: '35,3' }, reads)).toMatchObject({ off: false, readC: 35.3 });
    expect(drumView({ ...form, reads: '34.4' }, reads).sentence).toContain('0.6 °C too cold, and');
  });

  it('reads by the thermometer that is chosen, in the unit of the page', () => {
    const thermometer = { id: 't', name: 'the tank one', a: -1, b: 1, lowC: 15, highC: 40 };
    expect(drumView({ ...form, reads: '36' }, { unit: 'C', thermometer })).toMatchObject({
      ...{ off: false, readC: 35 },
    });
    expect(drumView({ ...form, wanted: '95', reads: '96' }, { unit: 'F' }).sentence).toContain(
      '1 °F too warm, and ± 0.5 °F',
    );
    expect(drumView({ ...form, reads: 'warm' }, reads).trouble).toContain('temperature');
    expect(drumView({ ...form, bleachFix: 'long' }, reads).trouble).toContain('Type a time');
  });

  it('stands in the sink while something lies in it', () => {
    const tray = sinks.print.find(({ id }) => id === 'drum')!;
    expect(tray.onlyWhenUsed).toBe(true);
    expect(tray.kinds).toEqual(drumPlan().steps.map(({ kind }) => kind));
  });
});

describe('a ring-around on the page', () => {
  const next = { pack: { c: 0, m: 44, y: 58 }, seconds: 11.5 };
  it('has a window, a pack and a time for each patch', () => {
    const { lines } = ringLines(emptyRing(), next, head, 0);
    expect(lines.map(({ seconds }) => seconds)).toEqual(['10.8', '11.1', '11.5', '11.9', '12.2']);
    expect(lines[1]!.window).toBe('51 to 102 mm');
    const late = ringLines(emptyRing(), next, head, 0.5).lines;
    expect(late[2]!.seconds).toBe('11.5');
  });

  it('says what it cannot do', () => {
    const trouble = (change: object) =>
      ringLines({ ...emptyRing(), ...change }, next, head, 0).trouble;
    expect(trouble({ moved: 'c' })).toContain('does not go below 0');
    expect(trouble({ step: 'a lot' })).toContain('in units');
    expect(trouble({ moved: 'time', step: 'x' })).toContain('in stops');
    expect(trouble({ sheet: '1' })).toContain('how long the sheet is');
    expect(trouble({ moved: 'brown', step: '1' })).toContain('Choose what is moved');
    expect(ringPositions(3).map(({ name }) => name)).toEqual([
      ...['Patch 1', 'Between patch 1 and 2', 'Patch 2', 'Between patch 2 and 3', 'Patch 3'],
    ]);
  });
});

describe('colour prints as they are kept and typed', () => {
  it('every one of the sample data is what the contract says', () => {
    for (const { body } of demoColourPrints) expect(check(ColourPrintBody, body)).toEqual(body);
    const all = demoColourPrints.map(({ id, body }) => ({ ...body, id, version: 1 }));
    expect(newestFirst(all)[0]!.name).toContain('yard in snow');
    expect(verdictWords(all[1]!.tests[0]!)).toBe(
      'between patch 2 and 3; Snow between the second and the third',
    );
  });

  it('corrections, light and packs read back as they were typed, or say what to type', () => {
    expect(readCorrection(' 0 5  −10 ')).toEqual({ c: 0, m: 5, y: -10, stops: 0 });
    expect(readCorrection(correctionText({ c: 0, m: 5, y: -10, stops: 0.5 }))).toEqual({
      ...{ c: 0, m: 5, y: -10, stops: 0.5 },
    });
    expect(readCorrection('')).toBeUndefined();
    expect(() => readCorrection('5')).toThrow(/C M Y, as 0 5 −10/);
    expect(lightText(readLight('10 8 5'))).toBe('10 8 5');
    expect(() => readLight('10 8')).toThrow(/red green blue/);
    const typed = { c: '', m: '46,5', y: '', seconds: '' };
    const now = { pack: { c: 0, m: 44, y: 58 }, seconds: 11.95 };
    const bench = { next: now, head: { c: 0.07, m: 0.09, y: 0.02 }, lagSeconds: 0.2 };
    // 2.5 M more take 0.0225 stop: 11.75 s of light become 11.93 s, and the lamp's lag.
    expect(readDialled(typed, bench)).toEqual({ pack: { c: 0, m: 46.5, y: 58 }, seconds: 12.135 });
    expect(readDialled({ ...typed, seconds: '11,7' }, bench).seconds).toBe(11.7);
    expect(readDialled({ ...typed, m: '' }, bench)).toEqual(now);
    expect(() => readDialled({ ...typed, y: '900' }, bench)).toThrow(/units of Y/);
    expect(changeWords({ c: 0, m: 5, y: -2.5 })).toBe('+5 M −2.5 Y');
  });

  it('a head is measured on its enlarger, three numbers or none', () => {
    const own: EnlargerBody = { ...enlargerExample, colourHead: { c: 0.07, m: 0.09, y: 0.02 } };
    expect(readEnlarger(enlargerForm(own)).body).toEqual(check(EnlargerBody, own));
    const wrong = readEnlarger({ ...enlargerForm(own), colourHead: '0.07 0.09' });
    expect('troubles' in wrong && wrong.troubles.colourHead).toContain('as 0.07 0.09 0.02');
  });

  it('a patch under a cast has less of what its dye takes, and more the stronger it is', () => {
    const patches = castPatches(head);
    expect(patches).toHaveLength(18);
    const grey = (cast: string, strength: string) =>
      patches.find(({ castId, strengthId }) => castId === cast && strengthId === strength)!
        .fills[0]!;
    const blue = (fill: string) => Number.parseInt(fill.slice(5), 16);
    const neutral = blue(neutralFills[0]!);
    expect(blue(grey('yellow', 'slight'))).toBeLessThan(neutral);
    expect(blue(grey('yellow', 'strong'))).toBeLessThan(blue(grey('yellow', 'slight')));
    expect(blue(grey('blue', 'slight'))).toBeGreaterThan(neutral);
  });
});
