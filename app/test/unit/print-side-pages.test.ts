import { contrastSet, defaultPaper } from '@katachron/core';
import { describe, expect, it } from 'vitest';
import { negativesOf, offered } from '../../src/lib/nouns/negative/offer.ts';
import { proofExample } from '../../src/lib/nouns/proof/contract.ts';
import { rollExample, type Roll } from '../../src/lib/nouns/roll/contract.ts';
import { emptyFlash, flashPageView } from '../../src/lib/stages/print/flash-page-view.ts';
import { printView } from '../../src/lib/stages/print/print-view.ts';
import {
  frameLine,
  framesOf,
  readError,
  toPrint,
  withFrame,
} from '../../src/lib/nouns/proof/frames.ts';
import { blackView, emptyBlack } from '../../src/lib/stages/print/proof-view.ts';
import { filledIn, negativeForm, readNegative } from '../../src/lib/stages/print/negative-facts.ts';
import { emptyReadings } from '../../src/lib/stages/print/read-places.ts';
import { readingsView } from '../../src/lib/stages/print/readings-view.ts';
import { emptySplit, pairView } from '../../src/lib/stages/print/split-strips-view.ts';
import { stripRead } from '../samples.ts';

const bench = printView(stripRead);
const roll = {
  ...rollExample,
  id: crypto.randomUUID(),
  version: 1,
  state: 'developed',
} as unknown as Roll;

describe('the frames of a roll', () => {
  it('are 36 where nobody counted, with what was rated', () => {
    const frames = framesOf({ ...roll, exposed: undefined } as unknown as Roll, proofExample);
    expect(frames).toHaveLength(36);
    expect(frames[13]).toMatchObject({ number: 14, rating: 'pick', errorStops: -0.5 });
  });

  it('become the list to print: picks, then what may be', () => {
    const rated = [
      { number: 3, rating: 'maybe' },
      { number: 5, rating: 'no' },
      { number: 9, rating: 'pick' },
      { number: 2, rating: 'pick' },
    ] as const;
    expect(toPrint(rated).map(({ number }) => number)).toEqual([9, 2, 3]);
  });

  it('about which nothing is said any more are left out', () => {
    expect(withFrame(proofExample, { number: 15 }).frames.map(({ number }) => number)).toEqual([
      14,
    ]);
    expect(withFrame(proofExample, { number: 1, crop: 'tall' }).frames[0]!.crop).toBe('tall');
  });

  it('say their exposure in words', () => {
    expect(frameLine({ number: 1, errorStops: 1, crop: '' })).toBe('+1 stop, overexposed');
    expect(readError('').value).toBeUndefined();
    expect(readError('−½').value).toBe(-0.5);
    expect(readError('99').trouble).toContain('Type stops');
  });
});

describe('the time of a proof', () => {
  it('the dark school gives half a stop more', () => {
    const form = { ...emptyBlack(), picked: 4 };
    expect(blackView(form, bench, stripRead, []).dial).toBe('8.2');
    expect(blackView({ ...form, school: 'dark' }, bench, stripRead, []).dial).toBe('11.5');
  });

  it('at the end of the strip black may lie beyond', () => {
    expect(blackView({ ...emptyBlack(), picked: 7 }, bench, stripRead, []).beyond).toContain(
      'reaches further',
    );
  });

  it('the densities of the patches name the first black one by themselves', () => {
    const densities = '1.46 1.664 1.844 1.969 2.037 2.068 2.081 2.087';
    const view = blackView({ ...emptyBlack(), densities }, bench, stripRead, []);
    expect(view.picked).toBe(5);
    expect(view.measured).toContain('patch 6 is the first black one');
    expect(view.dial).toBe(blackView({ ...emptyBlack(), picked: 5 }, bench, stripRead, []).dial);
    const short = { ...emptyBlack(), densities: '1.4 1.6 1.8' };
    expect(blackView(short, bench, stripRead, []).measured).toContain('not reached yet');
    const odd = { ...emptyBlack(), densities: 'black' };
    expect(blackView(odd, bench, stripRead, []).measured).toContain('lightest first');
  });

  it('is given in one firing, or in just what its patch got, with equal seconds too', () => {
    const equal = {
      ...emptyBlack(),
      kind: 'equal-seconds' as const,
      first: '3',
      step: '3',
      picked: 5,
    };
    const asFired = blackView({ ...equal, asFired: true }, bench, stripRead, []);
    expect(new Set(asFired.firings.sheet.map(({ dial }) => dial))).toEqual(
      new Set([asFired.firings.strip[0]!.dial]),
    );
    expect(asFired.firings.sheet).toHaveLength(6);
    expect(blackView(equal, bench, stripRead, []).firings.sheet).toHaveLength(1);
    // Half a stop more is no patch of the strip.
    const dark = blackView({ ...equal, asFired: true, school: 'dark' }, bench, stripRead, []);
    expect(dark.firings.sheet).toHaveLength(1);
  });

  it('a strip that cannot be made says why', () => {
    expect(blackView({ ...emptyBlack(), first: 'long' }, bench, stripRead, []).trouble).toBe(
      'Type the first exposure in seconds, as 4.',
    );
  });
});

describe('negatives', () => {
  const proof = {
    ...{ id: roll.id, version: 1, name: 'R-118' },
    frames: [
      { number: 3, rating: 'maybe' as const, crop: 'square, without the door' },
      { number: 9, rating: 'pick' as const },
      { number: 5, rating: 'no' as const },
    ],
  };
  const rolls = [
    { ...roll, title: 'R-118, furnace hall in January', exposed: undefined } as unknown as Roll,
  ];
  const all = negativesOf(rolls, [proof]);

  it('to print come first, picks before what may be', () => {
    expect(offered(all, '').map(({ name, rating }) => [name, rating])).toEqual([
      ['R-118 / 9', 'pick'],
      ['R-118 / 3', 'maybe'],
    ]);
    expect(all).toHaveLength(36);
  });

  it('of all the rest are found by words', () => {
    expect(offered(all, 'square').map(({ name }) => name)).toEqual(['R-118 / 3']);
    expect(offered(all, 'R-118 / 21').map(({ name }) => name)).toEqual(['R-118 / 21']);
    expect(offered(all, 'january 36').map(({ name }) => name)).toEqual(['R-118 / 36']);
    expect(offered(all, 'harbour')).toEqual([]);
    expect(offered([], '')).toEqual([]);
  });
});

describe('what is known of a negative', () => {
  const form = {
    ...negativeForm('R-121 / 31'),
    long: '60',
    short: '60',
    highlight: '1.04',
    shadow: '0,21',
  };

  it('is read from its form, with what is blank left out', () => {
    expect(readNegative('R-121 / 31', form).body).toEqual({
      ...{ name: 'R-121 / 31', kind: 'frame', note: '' },
      format: { longMm: 60, shortMm: 60 },
      densities: { highlight: 1.04, shadow: 0.21 },
    });
    const blank = readNegative('From the box', negativeForm('From the box'));
    expect(blank.body).toEqual({ name: 'From the box', kind: 'old-box', note: '' });
  });

  it('is asked about where half of it is missing, or it cannot be', () => {
    expect(readNegative('N', { ...form, short: '' }).troubles.short).toContain('24');
    expect(readNegative('N', { ...form, short: '80' }).troubles.long).toContain('shorter');
    expect(readNegative('N', { ...form, shadow: '1.4' }).troubles.highlight).toContain('denser');
    expect(readNegative('N', { ...form, long: 'wide' }).body).toBeUndefined();
  });

  it('fills in what is blank of a print, and moves nothing that was typed', () => {
    const { body } = readNegative('R-121 / 31', form);
    const blank = { ...stripRead, negativeLength: '' };
    delete (blank as Partial<typeof blank>).readings;
    expect(filledIn(blank, body!, '2', 'directed').readings!.negativeLight).toBe('directed');
    const filled = filledIn(blank, body!, '2');
    expect(filled).toMatchObject({ negativeLength: '60' });
    expect(filled.readings).toMatchObject({
      scale: 'density',
      highlight: { reading: '1.04' },
      shadow: { reading: '0.21' },
    });
    const typed = { ...stripRead, negativeLength: '54', readings: filled.readings! };
    typed.readings = {
      ...typed.readings,
      highlight: { ...typed.readings.highlight, reading: '1' },
    };
    expect(filledIn(typed, body!, '2')).toEqual({});
  });
});

describe('readings', () => {
  const facts = { paper: defaultPaper, set: contrastSet('filters') };
  const tones = { highlightTone: 'VIII', shadowTone: 'II' } as const;
  const form = emptyReadings('2');
  form.highlight.reading = '-1.42';
  form.shadow.reading = '-0.66';

  it('span a contrast; densities say the same the other way round', () => {
    const light = readingsView(form, tones, facts);
    expect(light.answer!.setting.id).toBe('3');
    const dense = {
      ...form,
      ...{ scale: 'density' as const, negativeLight: 'diffuse' as const },
      highlight: { ...form.highlight, reading: '1.42' },
      shadow: { ...form.shadow, reading: '0.66' },
    };
    expect(readingsView(dense, tones, facts).answer!.range).toBeCloseTo(light.answer!.range, 9);
    // Half a grade lies between a diffuser and a condenser: asked, not taken for granted.
    const { negativeLight: _diffuse, ...unlit } = dense;
    const asked = readingsView(unlit, tones, facts);
    expect(asked.answer).toBeUndefined();
    expect(asked.troubles).toEqual([
      'How does the enlarger light the negative? Under a condenser densities count 1.22 times: say which above, before they count.',
    ]);
  });

  it('a condenser makes the densities of a negative count for more', () => {
    const lit = (negativeLight: 'diffuse' | 'directed') =>
      readingsView(
        {
          ...{ ...form, scale: 'density' as const, negativeLight },
          highlight: { ...form.highlight, reading: '1.12' },
          shadow: { ...form.shadow, reading: '0.20' },
        },
        tones,
        facts,
      ).answer!.range;
    expect(lit('diffuse')).toBeCloseTo(108.3, 1);
    expect(lit('directed')).toBeCloseTo(129.8, 1);
  });

  it('a place that lacks a stop is burned by one', () => {
    const dark = { name: 'roof', reading: String(-1.42 - Math.log10(2)), tone: 'VIII' as const };
    const { spots } = readingsView(
      { ...form, others: [{ ...dark, reading: Number(dark.reading).toFixed(4) }] },
      tones,
      facts,
    );
    expect(spots[2]).toMatchObject({ name: 'roof', does: 'burn 1 stop' });
  });

  it('places that hardly differ want more contrast than there is', () => {
    const view = readingsView(
      { ...form, shadow: { ...form.shadow, reading: '-1.30' } },
      tones,
      facts,
    );
    expect(view.answer!.beyond).toBe('too-hard');
    expect(view.sentences.join(' ')).toContain('No filter is hard enough');
  });

  it('what cannot be right is asked about: swapped, the same, one alone, absurd', () => {
    const read = (highlight: string, shadow: string, scale: 'light' | 'density' = 'light') =>
      readingsView(
        {
          ...form,
          ...{ scale, negativeLight: 'diffuse' },
          highlight: { ...form.highlight, reading: highlight },
          shadow: { ...form.shadow, reading: shadow },
        },
        tones,
        facts,
      );
    expect(read('-0.66', '-1.42').swapped).toMatch(
      /more light than the shadow.*the other way round\?$/,
    );
    expect(read('0.66', '1.42', 'density').swapped).toMatch(/reads thinner than the shadow/);
    expect(read('-0.66', '-1.42').answer).toBeUndefined();
    expect(read('-1.42', '-1.42').troubles).toEqual([
      'Highlight and shadow read the same: no contrast spans that. Read them once more.',
    ]);
    expect(read('-1.42', '').troubles).toEqual([
      'One reading says nothing of the contrast: read the shadow too, or make a strip.',
    ]);
    expect(read('-142', '-0.66').troubles[0]).toBe(
      'highlight reads -142: a log of light lies within 6.',
    );
    expect(read('', '').troubles).toEqual([]);
  });
});

describe('soft and hard by a strip each', () => {
  const form = emptySplit(bench.set);

  it('the second waits for the first', () => {
    const { strips, pair } = pairView(form, bench, stripRead);
    expect(strips[1]!.waits).toBe('First read the strip above.');
    expect(pair).toBeUndefined();
  });

  it('a soft one that is not softer is said', () => {
    const wrong = { ...form, softId: '5', hardId: '00' };
    expect(pairView(wrong, bench, stripRead).trouble).toBe('filter 5 is not softer than 00.');
  });

  it('the pair says which single contrast it is', () => {
    const picked = structuredClone(form);
    picked.strips[0].picked = 3;
    picked.strips[1].picked = 4;
    const { pair } = pairView(picked, bench, stripRead);
    expect(pair!.sentences[1]).toMatch(/^Together they are R \d+: about \d+\.\d s at filter/);
    const other = pairView({ ...picked, order: 'hard-first' }, bench, stripRead);
    expect(other.pair!.sentences[0]).toContain('the hard one');
  });
});

describe('a flash', () => {
  it('goes from coarse patches to separate ones, a second apart', () => {
    const form = { ...emptyFlash(), clear: '4', toned: '8', picked: 1 };
    const view = flashPageView(form, bench, stripRead, [], []);
    expect(view.patches).toEqual([4, 5, 6, 7, 8]);
    expect(view.flashSeconds).toBe('4.2');
    expect(view.finding(7)).toMatchObject({ kind: 'flash-threshold', seconds: 5, foundAtMs: 7 });
  });

  it('takes the threshold that Calibrate found on this paper, until the set-up has its own', () => {
    const paper = 'Cinder matt';
    const test = {
      ...{ id: 'x', version: 1, name: paper, kind: 'flash-threshold', wrote: [], foundAtMs: 5 },
      given: { paper: 'cinder matt ', setup: 'the tall enlarger, f/22', clearSeconds: 5 },
    };
    const draft = { ...stripRead, paper };
    const { tested } = flashPageView(emptyFlash(), bench, draft, [], [test]);
    expect(tested!.words).toContain('5.0 s on this paper with the tall enlarger, f/22.');
    expect(tested!.finding).toMatchObject({ seconds: 5, foundAtMs: 5, setup: { paper } });
    const taken = flashPageView(emptyFlash(), bench, draft, [tested!.finding], [test]);
    expect([taken.tested, taken.threshold]).toEqual([undefined, 5]);
    expect(flashPageView(emptyFlash(), bench, stripRead, [], [test]).tested).toBeUndefined();
  });

  it('through a mask leaves the rest alone', () => {
    const form = { ...emptyFlash(), clear: '4', toned: '8', picked: 1, where: 'masked' as const };
    expect(flashPageView(form, bench, stripRead, [], []).sentences[0]).toContain('under the mask');
  });
});
