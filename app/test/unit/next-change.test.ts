import { describe, expect, it } from 'vitest';
import { markOf, nextMark } from '../../src/lib/nouns/print/mark.ts';
import { addedChange, changeAsked, changeWords } from '../../src/lib/nouns/print/next-change.ts';
import { printView } from '../../src/lib/stages/print/print-view.ts';
import { stripRead } from '../samples.ts';

describe('the mark on the back of a sheet', () => {
  const sheets = [
    { id: 'x', version: 1 },
    { id: 'y', version: 2 },
    { id: 'z', version: 1 },
  ];
  it('is its version, and which sheet of that it is', () => {
    expect(sheets.map((sheet) => markOf(sheet, sheets))).toEqual(['1a', '2a', '1b']);
    expect([nextMark(1, sheets), nextMark(3, sheets)]).toEqual(['1c', '3a']);
    const many = Array.from({ length: 28 }, (_, n) => ({ id: String(n), version: 4 }));
    expect(markOf(many[27]!, many)).toBe('4ab');
  });
});

describe('what a dry sheet asks of the next version', () => {
  it('is the opposite of what is wrong with it, in words', () => {
    const asked = changeAsked({ highlightStops: 1 / 4, contrast: 'too-soft' })!;
    expect(changeWords(asked, 'filter')).toBe('¼ stop lighter, one filter harder');
    expect(changeWords(changeAsked({ blacks: 'blocked' })!, 'grade')).toBe('one grade softer');
    expect(changeAsked({ highlightStops: 0, contrast: 'right', blacks: 'thin' })).toBeUndefined();
    expect(changeAsked({})).toBeUndefined();
  });

  it('adds up over versions, within what can be', () => {
    const first = addedChange(undefined, { stops: -0.25, settings: 1 }, '1a');
    expect(addedChange(first, { stops: 0.5, settings: -1 }, '2a')).toEqual({
      ...{ stops: 0.25, settings: 0, by: '2a' },
    });
    expect(addedChange(first, { stops: -9, settings: 40 }, '2b')).toMatchObject({
      ...{ stops: -4, settings: 10 },
    });
  });

  it('changes the answer of the strips by just that, and says so', () => {
    const plain = printView(stripRead);
    const lighter = printView({ ...stripRead, change: { stops: -0.25, settings: 0, by: '1a' } });
    expect(Math.log2(lighter.printSeconds! / plain.printSeconds!)).toBeCloseTo(-0.25, 9);
    expect(lighter.reasons[0]).toBe(
      'After sheet 1a was seen dry: ¼ stop lighter than the strips say.',
    );
    const harder = printView({ ...stripRead, change: { stops: 0, settings: 1, by: '1a' } });
    const at = (view: typeof plain) =>
      view.set.settings.findIndex(({ id }) => id === view.reading!.setting.id);
    expect(at(harder)).toBe(at(plain) + 1);
    const softest = printView({ ...stripRead, change: { stops: 0, settings: -10, by: '1a' } });
    expect(at(softest)).toBe(0);
    // Where the next strip goes is the strips' own affair.
    expect(lighter.reading!.next).toEqual(plain.reading!.next);
  });
});
