import { contrastSet, defaultPaper, settingOf } from '@katachron/core';
import { describe, expect, it } from 'vitest';
import { convertView, emptyConvertForm } from '../../src/lib/stages/print/convert-view.ts';
import { flashView, splitView } from '../../src/lib/stages/print/split-view.ts';

const set = contrastSet('filters');
const single = {
  paper: defaultPaper,
  setting: settingOf(set, '2.5'),
  seconds: 10,
  highlightDensity: 0.1,
  timerStep: 0.1,
};

describe('a time carried to another set-up', () => {
  const of = (change: Partial<typeof emptyConvertForm>) =>
    convertView({ ...emptyConvertForm, ...change });

  it('by the lens law, the lengths beside it, with three patches to check', () => {
    const view = of({ seconds: '13.5', negative: '60', fromLength: '190', toLength: '410' });
    // 47.7 s by the law, and what the paper loses beyond 45 s.
    expect(view.seconds).toBe('48.2');
    expect(view.conversions.at(-1)!.why).toContain('without any it would be 47.7 s');
    expect(view.conversions[0]).toMatchObject({ name: 'Size' });
    expect(view.conversions[0]!.why).toContain('62.9 s, 5/12 stop apart');
    expect(view.check).toMatch(/3 patches from 40.5 s in ¼ stop/);
    expect(view.caution).toContain('two stops wider');
  });

  const larger = { seconds: '11.2', negative: '36', fromLength: '162', toLength: '277' };

  it('a probe at the same spot counts, and says how far the laws would have been out', () => {
    const view = of({ ...larger, fromProbe: '5.42', toProbe: '2.21' });
    expect(view.seconds).toBe('27.5');
    expect(view.conversions).toHaveLength(1);
    expect(view.conversions[0]!.why).toContain('the laws alone would be 0.03 stop off');
    expect(view.check).toMatch(/3 patches from 23.1 s/);
    expect(of({ ...larger, fromProbe: '5.42', toProbe: 'dark' }).troubles.toProbe).toContain(
      '5.42',
    );
  });

  it('a lens with other pupils has its own law', () => {
    expect(of({ ...larger, pupil: '0.87' }).seconds).toBe('28.5');
    expect(of(larger).seconds).toBe('28.0');
    expect(of({ ...larger, pupil: '0' }).troubles.pupil).toContain('0.87');
  });

  it('a long exposure says what to give, and what a wider aperture would take', () => {
    // The time that was right has its loss in it already.
    const there = of({ seconds: '180', fromAperture: '11', toAperture: '8' });
    expect(there.seconds).toBe('79.5');
    expect(there.conversions.at(-1)).toMatchObject({
      ...{ name: 'Long times', stops: expect.stringMatching(/^−/) },
    });
    expect(there.conversions.at(-1)!.why).toContain('without any it would be 90.0 s');
    expect(there.caution).toContain('two stops wider');
    expect(of({ seconds: '120', fromAperture: '8', toAperture: '11' }).seconds).toBe('271.8');
    expect(of({ seconds: '10', fromAperture: '8', toAperture: '11' }).conversions).toHaveLength(1);
    // By the paper's own test, where there is one.
    const tested = { loss: { fromSeconds: 45, lossPerDoubling: 0 }, foundAtMs: 0 };
    const form = { ...emptyConvertForm, seconds: '180', fromAperture: '11', toAperture: '8' };
    expect(convertView(form, 0.1, tested).seconds).toBe('90.0');
  });

  it('change after change, each with its stops', () => {
    const view = of({
      seconds: '10',
      fromAperture: '8',
      toAperture: '5.6',
      fromSpeed: '400',
      toSpeed: '200',
      fromDistance: '100',
      toDistance: '200',
    });
    expect(view.conversions.map(({ name, stops }) => [name, stops])).toEqual([
      ['Aperture', '−1'],
      ['Paper', '+1'],
      ['Distance of a bare lamp', '+2'],
    ]);
    expect(view.seconds).toBe('40.0');
    expect(view.conversions[0]!.why).toBe('f/8 to f/5.6; 5.6 stands for 5.7.');
    expect(view.caution).toBeUndefined();
  });

  it('what is left empty did not change, and half a pair has its sentence', () => {
    expect(of({ seconds: '10' })).toMatchObject({ conversions: [], troubles: {} });
    expect(of({ seconds: '10', fromAperture: '8' }).troubles.toAperture).toContain('f-number');
    expect(of({ seconds: 'ten' }).troubles.seconds).toContain('12.6');
    const odd = of({ seconds: '10', negative: '0', fromLength: '100', toLength: '200' });
    expect(odd.troubles.negative).toContain('36');
    expect(odd.seconds).toBeUndefined();
  });
});

describe('the answer, split', () => {
  it('is a soft and a hard time that amount to it', () => {
    const view = splitView(set, single, '00', '5');
    expect(Number(view.softSeconds)).toBeGreaterThan(1);
    expect(Number(view.hardSeconds)).toBeGreaterThan(1);
    expect(view.sentence).toMatch(/Together they are filter 2½; \d+ % of the time is hard/);
  });

  it('any pair that has it between: 1 and 4 as well, and no other', () => {
    expect(splitView(set, single, '1', '4').softSeconds).toBeDefined();
    expect(splitView(set, single, '3', '5').sentence).toBe(
      'filter 2½ does not lie between 3 and 5.',
    );
    expect(splitView(set, single, '5', '00').softSeconds).toBeUndefined();
  });
});

describe('the answer, with a flash', () => {
  it('says what R becomes, what brings it back, and the shorter main exposure', () => {
    const { sentence } = flashView(set, single, '90');
    expect(sentence).toMatch(
      /^R 100 becomes 1\d\d\. Filter \S+ brings it back\. At filter 2½ the main exposure becomes \d\.\d s/,
    );
    expect(flashView(set, single, '0').sentence).toMatch(/^R 100 becomes 100\./);
    expect(flashView(set, single, '')).toEqual({});
  });

  it('says what is wrong with it', () => {
    expect(flashView(set, single, 'a lot').trouble).toContain('70 to 100');
    expect(flashView(set, single, '900').trouble).toContain('70 to 100');
  });

  it('where nothing is harder, says so', () => {
    const hardest = { ...single, setting: settingOf(set, '5') };
    expect(flashView(set, hardest, '100').sentence).toContain('No light of this paper');
  });
});
