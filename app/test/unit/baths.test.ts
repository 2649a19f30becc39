import { describe, expect, it } from 'vitest';
import { BathBody, bathExample, type Bath } from '../../src/lib/nouns/bath/contract.ts';
import { bathForm, bathInUnit, readBath, type BathForm } from '../../src/lib/nouns/bath/form.ts';
import type { KeptEntry } from '../../src/lib/nouns/bath/ledger.ts';
import { splitBath } from '../../src/lib/nouns/bath/split.ts';
import { leftOf, placedBaths, standingBaths } from '../../src/lib/nouns/bath/standing.ts';
import { stateOf } from '../../src/lib/nouns/bath/state.ts';
import { fits } from '../../src/lib/server/validation.ts';
import { bathView } from '../../src/lib/stages/chemistry/bath-view.ts';
import {
  readEntry,
  usualEntry,
  type EntryForm,
} from '../../src/lib/stages/chemistry/entry-form.ts';

const DAY = 86_400_000;
const now = Date.parse('2026-01-20T12:00:00Z');
const filled: BathForm = {
  ...bathForm(undefined, 'ml', now),
  ...{ name: 'Fixer', dilution: '1 + 4', volume: '2000', rolls: '9', paper: '3.2' },
  ...{ full: '180', half: '60', dataSheet: 'https://ferrow.example/fixer' },
};
const body = readBath(filled, 'ml', now).body!;
const bath: Bath = { id: 'b', version: 1, ...body };
const entry = (one: KeptEntry['entry'], id = 'e', note?: string): KeptEntry => ({
  ...{ id, entry: one },
  ...(note && { note }),
});

describe('a bath that is written down', () => {
  it('keeps its capacity as area, its keeping in days, and is typed again as it was', () => {
    expect(body).toMatchObject({
      ...{ dilution: '1+4', volumeMl: 2000, filmCm2PerLitre: 4644, paperCm2PerLitre: 32_000 },
      ...{ keeping: { fullDays: 180, halfFullDays: 60 }, mixedAtMs: now, use: 'fixer' },
    });
    expect(fits(BathBody, body)).toBe(true);
    const again = bathForm(body, 'ml', now + DAY);
    expect(again).toMatchObject({ rolls: '9', paper: '3.2', mixedOn: '2026-01-20' });
    // What was left as it was shown is the same to the millisecond, its clip tests too.
    const tests = bathExample.tests;
    expect(readBath(again, 'ml', now + DAY, { ...body, tests }).body).toEqual({ ...body, tests });
    const there = { ...again, ...bathInUnit(again, 'ml', 'fl oz', body) };
    expect(readBath(there, 'fl oz', now, body).body!.volumeMl).toBe(2000);
  });

  it.each([
    [{ name: ' ' }, 'name', 'Name the bath, as Fixer of 10 January.'],
    [{ volume: '0' }, 'volume', 'Type how much was mixed in ml, for example 1000.'],
    [{ dilution: '1:4' }, 'dilution', 'Write the dilution with a plus'],
    [{ mixedOn: '2026-02-01' }, 'mixedOn', 'That day is still to come.'],
    [{ mixedOn: '' }, 'mixedOn', 'Type the day on which it was mixed.'],
    [{ rolls: '-9' }, 'rolls', 'Type rolls a litre'],
    [{ full: '' }, 'half', 'Type the full bottle’s too.'],
    [{ dataSheet: 'ferrow' }, 'dataSheet', 'Type the whole address'],
  ] as const)('%j gets a sentence', (change, field, sentence) => {
    const { troubles } = readBath({ ...filled, ...change }, 'ml', now);
    expect(troubles?.[field]).toContain(sentence);
  });
});

describe('a bath of which all was taken out', () => {
  const tired: Bath = {
    ...bath,
    volumeMl: 1000,
    mixedAtMs: 0,
    keeping: { fullDays: 10, halfFullDays: 5 },
  };
  const gone = [entry({ kind: 'taken-out', atMs: 1000, volumeMl: 1000 })];

  it('is called empty, and says nothing of its age', () => {
    const view = bathView(tired, gone, now, 'ml');
    expect(view.word).toBe('Empty');
    expect(view.sentences).toEqual([
      'All of it was taken out or handed in. What is put in now is fresh.',
    ]);
    expect(view.cautions).toEqual(['Nothing is left in it, by its ledger.']);
  });

  it('is poured into no tray by itself, nor counted as room for an evening', () => {
    const standing = standingBaths([tired, { ...bath, id: 'full' }], { b: gone }, now);
    expect(standing.map(({ id, state }) => [id, state.verdict])).toEqual([
      ['full', 'fresh'],
      ['b', 'empty'],
    ]);
    const [fix] = placedBaths(
      standing.filter(({ id }) => id === 'b'),
      { kinds: ['fix'] },
    );
    expect(fix?.bath).toBeUndefined();
    expect(leftOf(standing[1]!)).toBe(0);
  });
});

describe('a bath in two bottles', () => {
  const ids = { bath: 'b2', film: 'f', paper: 'p', out: 'o' };
  it('each knows its share of what went through, and nothing is lost', () => {
    const through = [
      entry({ kind: 'film', atMs: now, areaCm2: 2064 }, 'e1'),
      entry({ kind: 'paper', atMs: now, areaCm2: 1600 }, 'e2'),
    ];
    const before = stateOf(bath, through, now)!.value!;
    const { other, carried, out } = splitBath(bath, before, 500, ids, now);
    expect(other).toMatchObject({ name: 'Fixer, second bottle', volumeMl: 500, mixedAtMs: now });
    const second = stateOf({ ...bath, ...other, id: 'b2' }, carried, now)!.value!;
    const first = stateOf(bath, [...through, out], now)!.value!;
    expect([first.volumeMl, second.volumeMl]).toEqual([1500, 500]);
    expect(first.filmCm2 + second.filmCm2).toBeCloseTo(2064, 9);
    expect(first.paperCm2 + second.paperCm2).toBeCloseTo(1600, 9);
    // Per litre both are as used as the one that they were.
    expect(second.used).toBeCloseTo(before.used!, 9);
  });

  it('not all of it, and not nothing', () => {
    const state = stateOf(bath, [], now)!.value!;
    for (const ml of [0, 2000, 9000]) {
      expect(() => splitBath(bath, state, ml, ids, now)).toThrow(/Less than there is/);
    }
  });
});

describe('how a bath is doing', () => {
  const area = (areaCm2: number, atMs = now) =>
    entry({ kind: 'film', atMs, areaCm2 }, 'e', '5 × 120');

  it('fresh with room in whole rolls and prints, ageing with a caution, spent and still not refused', () => {
    const fresh = bathView(bath, [area(3096)], now, 'ml');
    expect(fresh).toMatchObject({ verdict: 'fresh', word: 'Fresh', cautions: [] });
    expect(fresh.line).toBe('Fixer 1+4, 2000 ml, mixed on 20 January 2026');
    expect(fresh.sentences[0]).toBe(
      '33 % of its capacity is used: room for 12 rolls or 82 prints of 20 × 25 cm.',
    );
    const ageing = bathView(bath, [area(8000)], now, 'ml');
    expect(ageing.word).toBe('Ageing');
    expect(ageing.cautions[0]).toMatch(/^Near its end/);
    const spent = bathView(bath, [area(12_000)], now, 'ml');
    expect(spent).toMatchObject({ word: 'Spent', gone: 1 });
    expect(spent.cautions[0]).toMatch(/Nothing is refused/);
  });

  it('grows old, and says until when it keeps', () => {
    const old = bathView(bath, [], now + 150 * DAY, 'ml');
    expect(old.verdict).toBe('ageing');
    expect(old.sentences[1]).toBe(
      '83 % of its keeping time is over; it keeps until 19 July 2026 if no more is taken out.',
    );
    expect(bathView(bath, [], now + 200 * DAY, 'ml').sentences[1]).toMatch(
      /^Its keeping time was over on 19 July 2026\.$/,
    );
    const out = entry({ kind: 'taken-out', atMs: now + DAY, volumeMl: 1500 });
    const emptier = bathView(bath, [out], now + 2 * DAY, 'ml');
    expect(emptier.sentences[2]).toBe('500 ml of it are there now.');
  });

  it('a test that failed outweighs the ledger, and a clip test counts as one', () => {
    const milky = entry({ kind: 'tested', atMs: now, test: 'drop', passed: false });
    const failed = bathView(bath, [milky], now, 'ml');
    expect(failed.word).toBe('Spent');
    expect(failed.cautions[0]).toMatch(/^The drop test failed: the drop turned milky/);
    const clip = (clearingSeconds: number, atMs: number) => ({
      ...{ id: `c${atMs}`, atMs, film: 'Halden 400', clearingSeconds, factor: 2 as const },
    });
    const tests = [clip(40, now), clip(80, now + DAY)];
    const clipped = bathView({ ...bath, tests }, [], now + DAY, 'ml');
    expect(clipped.word).toBe('Spent');
    expect(clipped.entries[0]!.what).toBe(
      'Clip test of Halden 400: clear in 80 s, 100 % of the way to spent',
    );
  });

  it('what is taken back stands there still, struck by an entry of its own', () => {
    const entries = [
      area(2580),
      { ...entry({ kind: 'film', atMs: now + 1, areaCm2: -2580 }, 'f'), corrects: 'e' },
    ];
    const view = bathView(bath, entries, now + 2, 'ml');
    expect(view.sentences[0]).toMatch(/^0 % of its capacity/);
    expect(view.entries.map(({ what, takeBack }) => [what, takeBack])).toEqual([
      ['Taken back: 5 × 120: 5 rolls’ worth of film', false],
      ['5 × 120: 5 rolls’ worth of film (taken back)', false],
    ]);
  });

  it('without a volume keeps no ledger, and says how it would; discarded it is out of use', () => {
    const { volumeMl: _volume, ...bare } = bath;
    expect(bathView(bare, [], now, 'ml')).toMatchObject({ word: 'Not known' });
    expect(bathView({ ...bath, discardedAtMs: now }, [], now + DAY, 'ml').word).toBe('Discarded');
  });
});

describe('what happened, as it is typed', () => {
  const read = (change: Partial<EntryForm>) => readEntry({ ...usualEntry(), ...change }, 'ml', now);

  it('films and prints by their area, with what they were, and the ledger’s words from that', () => {
    const film = read({ format: 'four-by-five', count: '8' }).value!;
    expect(film).toEqual({
      load: [{ format: 'four-by-five', count: 8 }],
      entry: { kind: 'film', atMs: now, areaCm2: 8 * 129 },
    });
    const paper = read({ kind: 'paper', count: '14' }).value!;
    expect(paper).toEqual({
      sheets: { count: 14, widthCm: 20.3, heightCm: 25.4 },
      entry: { kind: 'paper', atMs: now, areaCm2: 14 * 20.3 * 25.4 },
    });
    const ledger: KeptEntry[] = [
      { id: 'f', ...film },
      { id: 'p', ...paper, of: { kind: 'print', id: 'x', name: 'Night shift' } },
      { id: 'c', corrects: 'p', entry: { kind: 'paper', atMs: now + 1, areaCm2: -7218 } },
      {
        id: 's',
        other: { id: 'o', name: 'Old one' },
        entry: { kind: 'film', atMs: 0, areaCm2: 516 },
      },
    ];
    expect(
      bathView(bath, ledger, now + 2, 'ml').entries.map(({ what, href }) => [what, href]),
    ).toEqual([
      ['Taken back: Night shift, 14 × 20.3 × 25.4 cm: 7219 cm² of paper', undefined],
      ['8 × 4×5 in sheet: 2 rolls’ worth of film', undefined],
      ['Night shift, 14 × 20.3 × 25.4 cm: 7219 cm² of paper (taken back)', '/logbook/prints/x'],
      ['Before it was split off Old one: 1 rolls’ worth of film', '/chemistry/baths/o'],
    ]);
    expect(read({ kind: 'tested', passed: 'failed' }).value!.entry).toMatchObject({
      ...{ kind: 'tested', test: 'clip', passed: false },
    });
    expect(read({ kind: 'topped-up', volume: '250' }).value!.entry).toMatchObject({
      volumeMl: 250,
    });
  });

  it('what was handed in, with where', () => {
    expect(read({ kind: 'handed-in', volume: '1500', where: 'Ferrow yard' }).value).toEqual({
      note: 'Ferrow yard',
      entry: { kind: 'handed-in', atMs: now, volumeMl: 1500 },
    });
    const line = entry({ kind: 'handed-in', atMs: now, volumeMl: 1500 }, 'e', 'Ferrow yard');
    expect(bathView(bath, [line], now, 'ml').entries[0]!.what).toBe(
      '1500 ml handed in: Ferrow yard',
    );
  });

  it.each([
    [{ kind: 'handed-in', volume: '500' }, 'Type where it was handed in.'],
    [{ count: '0' }, 'Type how many'],
    [{ count: '1.5' }, 'Count them whole.'],
    [{ kind: 'paper', width: 'wide' }, 'Type the sides of the print in cm'],
    [{ kind: 'replenished', volume: '-5' }, 'Type how much in ml'],
    [{ kind: 'taken-out', volume: '' }, 'Type how much in ml'],
  ] as const)('%j gets a sentence', (change, sentence) => {
    expect(read(change).trouble).toContain(sentence);
  });
});
