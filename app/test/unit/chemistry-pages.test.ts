import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { VesselBody } from '../../src/lib/nouns/vessel/contract.ts';
import {
  readVessel,
  vesselForm,
  vesselInUnit,
  vesselLine,
} from '../../src/lib/nouns/vessel/form.ts';
import { fits } from '../../src/lib/server/validation.ts';
import {
  mixView,
  mixWays,
  usualMix,
  type MixForm,
} from '../../src/lib/stages/chemistry/mix-view.ts';
import { usualWash, washView, type WashForm } from '../../src/lib/stages/chemistry/wash-view.ts';
import { usualWarm, warmView, type WarmForm } from '../../src/lib/stages/chemistry/warm-view.ts';

const graduate = { name: 'Small graduate', holdsMl: 100, divisionMl: 2 };
const big = { name: 'Big graduate', holdsMl: 1000, divisionMl: 10 };
const syringe = { name: 'Syringe', holdsMl: 20, divisionMl: 0.5 };
const now = Date.parse('2026-01-10T12:00:00Z');
const mix = (
  change: Partial<MixForm>,
  vessels = [graduate, syringe],
  unit: 'ml' | 'fl oz' = 'ml',
) => mixView({ ...usualMix, ...change } as MixForm, vessels, unit, now);

describe('a mix on the page', () => {
  it('names the vessel, what its lines do to the dose, and makes water up to the total', () => {
    const view = mix({ volume: '655', dilution: '1+39' });
    expect(view.lines.map(({ name, amount }) => `${amount} ${name}`)).toEqual([
      '16.5 ml concentrate',
      '638.5 ml water',
    ]);
    expect(view.lines[0]!.how).toBe(
      'Syringe. Exactly it is 16.4 ml: the nearest line gives 0.8 % more. Reading it errs by 1.5 % either way.',
    );
    expect(view.total).toBe('655 ml');
    expect(view.steps[0]).toBe('First about 480 ml of the water, at the temperature wanted.');
    expect(view.steps[1]).toBe('Then 16.5 ml of concentrate: stir, and rinse the vessel into it.');
    expect(view.remedies).toEqual([]);
  });

  it('says when a dose is too small to be read, and what helps: more, a syringe, two stages with their waste', () => {
    const view = mix({ volume: '500', dilution: '1+249' }, [{ ...graduate, divisionMl: 1 }]);
    expect(view.lines[0]).toMatchObject({ amount: '2 ml', doubtful: true });
    expect(view.remedies).toEqual([
      'A batch of 2500 ml can be read well in what is there.',
      'So can this one in a syringe divided in 0.2 ml.',
      'Or in two stages: 20 ml of concentrate into 180 ml of water, then 20 ml of that, and water to 500 ml. It errs by 3.5 % as a rule, 5.1 % at worst, and 18 ml of concentrate go down the drain with the rest of the first stage.',
    ]);
  });

  it('from a rest, from per cent, and weaker', () => {
    expect(mix({ way: 'rest', rest: '46', dilution: '1+19' }, []).total).toBe('920 ml');
    const stock = mix({ way: 'percent', volume: '400', percent: '2.5', stock: '28' }, []);
    expect(stock.lines.map(({ name, amount }) => `${amount} ${name}`)).toEqual([
      '35.7 ml stock',
      '364.3 ml water',
    ]);
    const weaker = mix({ way: 'weaker', volume: '350', now: '1+9', then: '1+14' });
    expect(weaker.lines[0]).toMatchObject({ amount: '175 ml', how: 'into 350 ml of 1+9' });
    expect(weaker.total).toBe('525 ml');
    expect(mix({ way: 'weaker', volume: '350', now: '1+14', then: '1+9' }).troubles.then).toMatch(
      /only makes it weaker/,
    );
    expect(
      mix({ way: 'percent', volume: '400', percent: '30', stock: '28' }).troubles.percent,
    ).toMatch(/only be made weaker/);
  });

  it('a powder packet is made up the day before it is used', () => {
    const packet = (day: string) => mix({ way: 'powder', volume: '1000', day });
    expect(packet('2026-01-17').when).toBe(
      'Make it up by Friday 16 January: it stands a day before Saturday.',
    );
    expect(packet('2026-01-10').when).toMatch(/^Make it up now, and use it tomorrow/);
    expect(packet('2026-01-09').troubles.day).toBe('That day is over.');
    expect(packet('').when).toBeUndefined();
    expect(packet('').lines[0]).toMatchObject({ amount: '750 ml', name: 'water first' });
    expect(packet('').steps[1]).toMatch(/^Water up to 1000 ml/);
  });

  it('three parts by their letters, and in US fluid ounces', () => {
    const three = mix({ volume: '930', dilution: '2+3+70' }, []);
    expect(three.lines.map(({ name, amount }) => `${amount} ${name}`)).toEqual([
      '24.8 ml part A',
      '37.2 ml part B',
      '868 ml water',
    ]);
    expect(three.steps[1]).toMatch(/part A and 37\.2 ml of part B, one after the other/);
    expect(mix({ volume: '16', dilution: '1+31' }, [], 'fl oz').lines[0]!.amount).toBe('0.5 fl oz');
  });

  it.each([
    [{ volume: '-5' }, 'volume'],
    [{ volume: '1000000000' }, 'volume'],
    [{ volume: 'much' }, 'volume'],
    [{ dilution: '1:31' }, 'dilution'],
    [{ dilution: '0+31' }, 'dilution'],
  ] as const)('%j gets a sentence', (change, field) => {
    const view = mix(change);
    expect(view.troubles[field]).toMatch(/\.$/);
    expect(view.lines).toEqual([]);
  });

  it('what was typed, whatever it was, never throws, and never pours less than nothing', () => {
    const typed = fc.oneof(
      fc.string({ maxLength: 8 }),
      fc.integer({ min: -5, max: 5000 }).map(String),
      fc.constantFrom('1+31', '1+1', 'stock', '1+0', '3+2', '1+9999', ''),
    );
    const form = fc.record({
      way: fc.constantFrom(...mixWays.map(({ id }) => id)),
      ...{ volume: typed, dilution: typed, rest: typed, percent: typed },
      ...{ stock: typed, now: typed, then: typed, day: typed },
    });
    fc.assert(
      fc.property(form, (one) => {
        const { lines } = mix(one, [graduate, big, syringe]);
        for (const { amount } of lines) expect(Number.parseFloat(amount)).toBeGreaterThanOrEqual(0);
      }),
      { seed: 4, numRuns: 300 },
    );
  });
});

describe('warm and cold on the page', () => {
  const warm = (change: Partial<WarmForm>) =>
    warmView({ ...usualWarm, ...change } as WarmForm, 'C', 'ml');

  it('two taps, with the concentrate counted, and a caution where water scalds', () => {
    const question = { volume: '1500', cold: '13', hot: '47' };
    const { taps } = warm({ ...question, concentrate: '100', concentrateAt: '26.5' });
    expect(taps.big).toBe('269 ml');
    expect(taps.sentences[0]).toBe(
      'That much hot water, and 1131 ml of cold: together 19.5°, since 100 ml of concentrate at 26.5° go into it. Read it before you pour.',
    );
    expect(taps.cautions).toEqual([]);
    expect(warm({ ...question, hot: '58' }).taps.cautions[0]).toMatch(/scalds/);
    expect(warm({ ...question, target: '10' }).troubles.target).toMatch(/taps run from/);
    expect(warm({}).taps).toEqual({ sentences: [], cautions: [] });
  });

  it('ice in a bag', () => {
    const { ice } = warm({ solution: '800', solutionAt: '24.6' });
    expect(ice.big).toBe('36.9 g');
    expect(ice.sentences[0]).toContain('Loose it would dilute by 4.6 %');
    expect(warm({ solution: '800', solutionAt: '18' }).troubles.solutionAt).toMatch(/Ice cools/);
  });

  it('a bottle: learned from two readings, timed back, and in a bowl that cools', () => {
    const bottle = { bottleAt: '15.5', waterAt: '30', second: '18.4', after: '5' };
    const held = warm({ ...bottle, ready: '19:00' }).bottle;
    expect(held.big).toBe('8:20');
    expect(held.sentences[1]).toBe(
      'Two readings tell how fast this bottle follows: 22:24. 3:20 from the second reading on.',
    );
    expect(held.sentences[2]).toMatch(/^Put it in at 18:51:4[01] to have it ready at 19:00\.$/);
    const bowl = warm({ ...bottle, bottle: '1000', bowl: '3500' }).bottle;
    expect(bowl.big).toBe('8:52');
    expect(bowl.sentences[0]).toContain('ends with the bottle at 26.8°: 0:33 later');
    expect(warm({ bottleAt: '15.5', waterAt: '20' }).troubles.waterAt).toMatch(/never brings it/);
    expect(warm({ ...bottle, second: '15.5' }).troubles.second).toMatch(/second reading/);
    expect(warm({ ...bottle, ready: 'soon' }).troubles.ready).toBe(
      'Type a time of day, for example 19:00.',
    );
    // Midnight is passed backwards.
    expect(warm({ ...bottle, ready: '0:05' }).bottle.sentences[2]).toContain(
      'Put it in at 23:56:4',
    );
  });
});

describe('a wash by filling and dumping', () => {
  const wash = (change: Partial<WashForm>) =>
    washView({ ...usualWash, ...change } as WashForm, 'C', 'ml');

  it('says how many changes, what they leave, and that cold water takes longer', () => {
    const view = wash({});
    expect(view.changes).toBe(3);
    expect(view.sentences[0]).toBe(
      'They leave 146 millionths of the fixer, if each stands until the gelatin has given up its share: turned 5, 10 and 20 times.',
    );
    expect(view.sentences[1]).toMatch(/^Water as warm as the baths/);
    expect(wash({ water: '12' }).sentences[1]).toMatch(/^So cold a wash takes longer/);
    expect(wash({ change: '100' }).sentences[0]).toContain(
      'turned 5, 10 and 20 times, and 20 again.',
    );
  });

  it.each([
    [{ stays: '-25' }, 'stays'],
    [{ change: '0' }, 'change'],
    [{ aim: '1' }, 'aim'],
    [{ water: 'cold' }, 'water'],
    [{ stays: '100000', change: '1', aim: '1000000' }, 'change'],
  ] as const)('%j gets a sentence', (change, field) => {
    expect(wash(change).troubles[field]).toMatch(/\.$/);
  });
});

describe('a vessel', () => {
  it('is typed in either unit, and stays what it is to its last digit', () => {
    expect(readVessel({ name: 'Cup', holds: '250', division: '5' }, 'ml').body).toEqual({
      ...{ name: 'Cup', holdsMl: 250, divisionMl: 5 },
    });
    const form = vesselForm(syringe, 'ml');
    const there = { ...form, ...vesselInUnit(form, 'ml', 'fl oz', syringe) };
    const back = { ...there, ...vesselInUnit(there, 'fl oz', 'ml', syringe) };
    expect(readVessel(back, 'ml', syringe).body).toEqual(syringe);
    expect(fits(VesselBody, readVessel(there, 'fl oz', syringe).body)).toBe(true);
    expect(vesselLine(syringe, 'ml')).toBe('holds 20 ml, a line every 0.5 ml');
  });

  it('with a line that stands for more than it holds, or without a name, gets sentences', () => {
    const troublesOf = (form: { name: string; holds: string; division: string }) =>
      (readVessel(form, 'ml') as { troubles: Record<string, string> }).troubles;
    const troubles = troublesOf({ name: '', holds: '10', division: '20' });
    expect(troubles.name).toBe('Name it, as Small graduate.');
    expect(troubles.division).toMatch(/no more than it holds/);
    expect(troublesOf({ name: 'x', holds: '-1', division: '' }).holds).toMatch(
      /Type what it holds in ml/,
    );
  });
});
