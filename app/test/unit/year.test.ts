import { describe, expect, it } from 'vitest';
import { printExample, type Print } from '../../src/lib/nouns/print/contract.ts';
import { compared } from '../../src/lib/stages/logbook/compare.ts';
import { yearView, type PrintMade } from '../../src/lib/stages/logbook/year.ts';

const at = (month: number, day: number, hour = 20) => new Date(2026, month, day, hour).getTime();
const made = (month: number, strips: number, sheets: number, areaCm2?: number): PrintMade => ({
  ...{ madeAtMs: at(month, 3), strips },
  sheets: Array.from({ length: sheets }, (_, n) => ({
    ...{ exposedAtMs: at(month, 3, 20 + n), lightSeconds: 30 },
    ...(areaCm2 !== undefined && { areaCm2 }),
  })),
});

describe('a year in figures', () => {
  const prints = [
    ...[made(0, 4, 3, 500), made(0, 5, 2, 500), made(1, 3, 1)],
    ...[made(8, 2, 1, 1200), made(9, 2, 1), made(9, 1, 1)],
  ];
  const view = yearView(prints);

  it('are strips and sheets for a finished print, and whether they fall', () => {
    expect(view.prints).toBe(6);
    expect(view.strips).toBeCloseTo(17 / 6, 9);
    expect(view.sheets).toBeCloseTo(9 / 6, 9);
    expect(view.trend).toBe(
      'Falling: 4.0 strips a print in the first half of them, 1.7 in the second.',
    );
    expect(yearView(prints.toReversed()).trend).toMatch(/^Rising/);
    expect(yearView(prints.slice(0, 5)).trend).toMatch(/^Too few prints/);
  });

  it('are the paper used, and the time', () => {
    // Five sheets of 500 and one of 1200 cm².
    expect(view.sentences[0]).toBe(
      '9 sheets, 17 strips; 0.37 m² of paper in the 6 whose size is known, strips not counted.',
    );
    // Of the first day prints of three and of two sheets: from eight to ten.
    expect(view.sentences[1]).toBe(
      'On 4 days: 2.0 hours between their first and last sheets; 4.5 minutes of light on them.',
    );
  });

  it('stand month by month, and a month without prints has no bar', () => {
    expect(view.months).toHaveLength(12);
    expect(view.months[0]).toMatchObject({ prints: 2, strips: 4.5, sheets: 2.5 });
    expect(view.months[0]!.stripsHigh).toBeGreaterThan(view.months[9]!.stripsHigh);
    expect(view.months[5]).toMatchObject({ prints: 0, stripsHigh: 0, sheetsHigh: 0 });
    expect(view.months[5]).not.toHaveProperty('strips');
    expect(view.said).toContain('2 prints, 4.5 strips and 2.5 sheets each');
  });

  it('of a year without prints are none', () => {
    const none = yearView([made(3, 2, 0)]);
    expect(none).toMatchObject({ prints: 0, sentences: [], said: '' });
    expect(none.strips).toBeUndefined();
  });
});

describe('two prints side by side', () => {
  const a: Print = { id: 'a', version: 1, ...printExample };

  it('differ in what differs, and nothing is said that neither has', () => {
    const b: Print = {
      ...{ ...a, id: 'b', note: '' },
      setup: { ...a.setup, paper: 'Pearl coated', head: '' },
      versions: [{ ...a.versions[0]!, settingId: '3', areas: [] }],
    };
    const lines = compared(a, b);
    expect(lines.filter(({ differs }) => differs).map(({ what }) => what)).toEqual([
      ...['Paper', 'Head', 'Contrast', 'Burns and dodges'],
    ]);
    expect(lines.find(({ what }) => what === 'Contrast')).toMatchObject({
      ...{ a: 'filter 2½', b: 'filter 3' },
    });
    expect(lines.find(({ what }) => what === 'Head')!.b).toBe('not written down');
    expect(lines.some(({ what }) => what === 'Note')).toBe(false);
    expect(compared(a, a).every(({ differs }) => !differs)).toBe(true);
  });
});
