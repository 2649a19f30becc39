import { describe, expect, it } from 'vitest';
import { tankExample } from '../../src/lib/nouns/tank/contract.ts';
import { recipeExample, type RecipeBody } from '../../src/lib/nouns/recipe/contract.ts';
import { rollExample, type Exposed } from '../../src/lib/nouns/roll/contract.ts';
import { agitationOptions } from '../../src/lib/nouns/recipe/agitation-options.ts';
import { clipView } from '../../src/lib/stages/film/clip-view.ts';
import { driftPlot } from '../../src/lib/nouns/roll/drift-plot.ts';
import { secondsFrom } from '../../src/lib/nouns/roll/follow.ts';
import { packetInUnit, packetView, usualPacket } from '../../src/lib/stages/film/packet-view.ts';
import { pushView } from '../../src/lib/stages/film/push-view.ts';
import {
  OWN_AGITATION,
  emptyRecipeForm,
  inUnit as inUnitOfRecipe,
  readRecipe,
  recipeForm,
} from '../../src/lib/nouns/recipe/form.ts';
import { holds, recipeLine } from '../../src/lib/nouns/recipe/line.ts';
import { emptyRollForm, readRoll, rollForm } from '../../src/lib/nouns/roll/form.ts';
import {
  emptyTankForm,
  inUnit,
  readTank,
  tankForm,
  tankLine,
} from '../../src/lib/nouns/tank/form.ts';
import { withAddress, withRoll } from '../../src/lib/stages/film/take.ts';
import type { FilmDraft } from '../../src/lib/stages/film/draft.ts';
import { pouredWords, spokenTime } from '../../src/lib/bench/clock/poured-words.ts';
import { cueSounds } from '../../src/lib/bench/clock/sounds/index.ts';
import { verdictSentence } from '../../src/lib/nouns/roll/verdict.ts';

const full: RecipeBody = {
  ...recipeExample,
  agitation: {
    name: 'twice every 90 s',
    initialSeconds: 20,
    everySeconds: 90,
    burstSeconds: 6,
    turns: 2,
    continuous: false,
  },
  activationEnergy: 71_000,
  minimumMl: 5,
  reuse: { kind: 'batch', rolls: 5, percent: 12 },
  contrast: [
    { n: -1, percent: -20 },
    { n: 2, percent: 45 },
  ],
  clockFactor: 1.2,
  source: 'own-test',
  note: 'Window light.',
};

describe('the form of a recipe', () => {
  it.each([
    ['the plainest', recipeExample],
    ['one with everything', full],
    ['a replenished one', { ...recipeExample, reuse: { kind: 'replenish', mlPerRoll: 70 } }],
    ['a stock', { ...recipeExample, dilution: [1] }],
  ] as [string, RecipeBody][])('gives %s back as it was', (_, recipe) => {
    expect(readRecipe(recipeForm(recipe, { unit: 'C' }), { unit: 'C' }).body).toEqual(recipe);
  });

  it('writes an own agitation, and names what is wrong with it', () => {
    const form = {
      ...recipeForm(recipeExample, { unit: 'C' }),
      agitation: OWN_AGITATION,
      ownName: 'mine',
      ownEvery: '45',
    };
    expect(readRecipe(form, { unit: 'C' }).body?.agitation).toEqual({
      name: 'mine',
      initialSeconds: 30,
      everySeconds: 45,
      burstSeconds: 10,
      turns: 4,
      continuous: false,
    });
    const wrong = readRecipe({ ...form, ownName: '', ownTurns: '2.5', ownFor: 'x' }, { unit: 'C' });
    expect(Object.keys(wrong.troubles ?? {}).sort()).toEqual(['ownFor', 'ownName', 'ownTurns']);
  });

  it('changes an own agitation from what it was', () => {
    const form = { ...recipeForm(full, { unit: 'C' }), agitation: OWN_AGITATION, ownTurns: '3' };
    expect(readRecipe(form, { unit: 'C' }).body?.agitation).toEqual({
      ...(full.agitation as object),
      turns: 3,
    });
  });

  it('says of each further field what is wrong, and in which line', () => {
    const wrong = {
      ...recipeForm(recipeExample, { unit: 'C' }),
      minimum: 'some',
      contrast: 'N-1 -20\nN+9 30',
      activationEnergy: '1',
      clockFactor: '5',
      secondBath: 'long',
      reuse: 'batch' as const,
      reuseRolls: '0',
    };
    const { troubles } = readRecipe(wrong, { unit: 'C' });
    expect(troubles).toMatchObject({
      minimum: expect.stringContaining('5'),
      contrast: expect.stringMatching(/^Line 2: /),
      activationEnergy: expect.stringContaining('62'),
      clockFactor: expect.stringContaining('1.2'),
      secondBath: expect.stringContaining('3:30'),
      reuseRolls: expect.stringContaining('5'),
    });
    expect(Object.keys(readRecipe(emptyRecipeForm, { unit: 'C' }).troubles ?? {}).sort()).toEqual([
      'boxSpeed',
      'developer',
      'dilution',
      'exposureIndex',
      'film',
      'times',
    ]);
  });

  it('speaks fl oz of what a roll wants, and keeps it where it was not touched', () => {
    const kept = {
      ...recipeExample,
      minimumMl: 5,
      reuse: { kind: 'replenish', mlPerRoll: 70 } as const,
    };
    const ounces = { unit: 'C', volumeUnit: 'fl oz' } as const;
    const form = recipeForm(kept, ounces);
    expect(form).toMatchObject({ minimum: '0.17', replenish: '2.37' });
    expect(readRecipe(form, ounces, kept).body).toEqual(kept);
    expect(readRecipe({ ...form, minimum: '0.2' }, ounces, kept).body?.minimumMl).toBeCloseTo(
      5.915,
    );
    expect(recipeLine(kept, ounces).more).toContain('2.37 fl oz a roll');
    expect(recipeLine(kept, ounces).more).toContain('at least 0.17 fl oz a roll');
    expect(inUnitOfRecipe(form, 'fl oz', 'ml', kept)).toEqual({ minimum: '5', replenish: '70' });
  });

  it('offers the own agitations of all recipes once', () => {
    const options = agitationOptions([full, full, recipeExample]);
    expect(options.filter(({ name }) => name === 'twice every 90 s')).toHaveLength(1);
  });

  it('is a line in the list, found by any of its words', () => {
    expect(recipeLine(full, { unit: 'C' }).more).toBe(
      'twice every 90 s; +12 % for each 5 rolls; N−1 N+2; at least 5 ml a roll; own test; Window light.',
    );
    expect(holds(full, 'window tansy', { unit: 'C' })).toBe(true);
    expect(holds(full, 'window quillow', { unit: 'C' })).toBe(false);
  });
});

describe('the form of an exposed roll', () => {
  const exposed: Exposed = {
    film: 'Halden 400',
    boxSpeed: 400,
    format: 'small-36',
    camera: 'the small one',
    subject: 'Yard',
    exposedOn: '2026-01-24',
    frames: [
      { mark: '7', subject: 'Ilse, gathering' },
      { mark: '22', subject: '' },
    ],
  };
  const roll = { title: 'R-1', exposureIndex: 800, madeAtMs: 1, exposed };

  it('gives the roll back as it was', () => {
    expect(readRoll(rollForm(roll))).toEqual({ title: 'R-1', exposureIndex: 800, exposed });
  });

  it('names what is missing or cannot be, and takes the box speed for an empty one', () => {
    const empty = emptyRollForm(Date.parse('2026-02-01T12:00:00'));
    expect(empty.exposedOn).toBe('2026-02-01');
    expect(readRoll(empty)).toMatchObject({
      troubles: { title: expect.any(String), film: expect.any(String) },
    });
    const form = { ...rollForm(roll), exposureIndex: '', exposedOn: '2026-02-31' };
    expect(readRoll(form)).toEqual({
      troubles: { exposedOn: 'Type the day it was exposed: day, month and year.' },
    });
    expect(readRoll({ ...form, exposedOn: '2026-02-01' })).toMatchObject({ exposureIndex: 400 });
    const many = Array.from({ length: 73 }, (_, n) => String(n)).join('\n');
    expect(readRoll({ ...rollForm(roll), frames: many })).toMatchObject({
      troubles: { frames: 'A roll has at most 72 frames.' },
    });
  });
});

describe('the form of a tank', () => {
  it('gives the tank back as it was', () => {
    const read = readTank(tankForm({ ...tankExample, timeConstantSeconds: 1800 }, 'ml'), 'ml');
    expect(read.body).toEqual({ ...tankExample, timeConstantSeconds: 1800 });
  });

  it('speaks fl oz, and what was not touched keeps its last digit', () => {
    const form = tankForm(tankExample, 'fl oz');
    expect(form).toMatchObject({ holds: '21', reels: { 'small-36': { each: '10.1' } } });
    expect(readTank(form, 'fl oz', tankExample).body).toEqual(tankExample);
    const other = readTank({ ...form, holds: '22' }, 'fl oz', tankExample).body;
    expect(other?.holdsMl).toBeCloseTo(650.6, 1);
    expect(readTank({ ...form, holds: '650 ml' }, 'fl oz').body?.holdsMl).toBe(650);
    const back = { ...form, ...inUnit(form, 'fl oz', 'ml', tankExample) };
    expect(back).toEqual(tankForm(tankExample, 'ml'));
    expect(readTank({ ...form, holds: 'much' }, 'fl oz')).toMatchObject({
      troubles: { holds: 'Type what it holds in fl oz, for example 21.' },
    });
    expect(tankLine(tankExample, 'fl oz')).toContain('holds 21 fl oz');
    expect(tankLine(tankExample, 'fl oz')).toContain('10.1 fl oz each');
  });

  it('says of a format what it lacks', () => {
    const form = tankForm(tankExample, 'ml');
    const reels = { ...form.reels, medium: { each: '', most: '1' } };
    expect(readTank({ ...form, reels }, 'ml')).toMatchObject({
      troubles: { reels: '120: Type the liquid for each in ml, for example 300.' },
    });
  });

  it('wants a name, a volume and at least one format', () => {
    const read = readTank(emptyTankForm(), 'ml');
    expect(Object.keys('troubles' in read ? read.troubles : {}).sort()).toEqual([
      'holds',
      'name',
      'reels',
    ]);
  });
});

describe('taking a roll or a recipe to the film page', () => {
  const draft: FilmDraft = {
    title: '',
    recipeId: 'a',
    exposureIndex: '800',
    temperature: '20',
    volume: '600',
    kinds: [],
    times: {},
    n: 1,
    agitations: { developer: 'rotary', fix: 'continuous' },
  };
  const recipes = [
    { id: 'a', version: 1, ...recipeExample },
    { id: 'b', version: 1, ...recipeExample, film: 'Halden 100' },
  ];
  const roll = {
    ...{ id: 'r', version: 1, state: 'exposed' as const, startedAtMs: null, finishedAtMs: null },
    title: 'R-1',
    exposureIndex: 50,
    madeAtMs: 1,
    exposed: {
      film: 'Halden 100',
      boxSpeed: 100,
      format: 'medium' as const,
      camera: '',
      subject: '',
      exposedOn: '2026-01-01',
      frames: [],
    },
  };

  it('leaves behind what belonged to the recipe before', () => {
    const taken = withAddress(draft, new URLSearchParams('recipe=b'), recipes, []);
    expect(taken).toMatchObject({
      recipeId: 'b',
      exposureIndex: '',
      agitations: { fix: 'continuous' },
    });
    expect(taken).not.toHaveProperty('n');
    expect(taken.agitations).not.toHaveProperty('developer');
  });

  it('takes the roll’s name, speed and format, and a recipe for its film', () => {
    expect(withRoll(draft, roll, recipes)).toMatchObject({
      rollId: 'r',
      title: 'R-1',
      exposureIndex: '50',
      format: 'medium',
      recipeId: 'b',
    });
    const address = new URLSearchParams('roll=r&fix=210');
    expect(withAddress(draft, address, recipes, [roll])).toMatchObject({
      title: 'R-1',
      times: { fix: '3:30' },
    });
    expect(withAddress(draft, new URLSearchParams('roll=x&fix=no'), recipes, [roll])).toEqual(
      draft,
    );
  });
});

describe('the clip test', () => {
  const bath = { tests: [{ id: 'x', atMs: 2, film: '', clearingSeconds: 40, factor: 2 as const }] };

  it('says how long to fix, against the fixer when it was fresh', () => {
    expect(clipView(52, 2)).toMatchObject({
      fixSeconds: 120,
      sentence:
        'Clear after 0:52, times 2; film is fixed for at least 2:00. The first test in a bath stands for its fresh time; whether it is spent is not known without one.',
    });
    expect(clipView(52, 2).spent).toBeUndefined();
    expect(clipView(52, 3, bath)).toMatchObject({ fixSeconds: 156, spent: false });
    expect(clipView(52, 3, bath).sentence).toContain('30 % of the way to spent');
    expect(clipView(80, 2, bath).sentence).toContain('discard this fixer');
    expect(clipView(200, 2).sentence).toContain('No rapid fixer takes more than 3:00');
    expect(clipView(200, 2, undefined, false).spent).toBeUndefined();
    expect(() => clipView(4, 2)).toThrow(/no clip test/);
  });
});

describe('what a packet comes to', () => {
  it('compares both ways, roll by roll', () => {
    const view = packetView(usualPacket('ml'));
    expect(view.reused).toMatchObject({ rolls: 15, pricePerRoll: 0.8 });
    expect(view.diluted).toMatchObject({ rolls: 6, pricePerRoll: 2 });
    expect(view.sentence).toContain('Stock reused saves 1.20 a roll');
    expect(view.chart?.reused).toMatch(/^M/);
  });

  it('comes to the same in fl oz, and speaks them', () => {
    const ounces = usualPacket('fl oz');
    expect(ounces).toMatchObject({ stock: '33.8', perRoll: '10.1' });
    expect(packetView(ounces, 'fl oz').diluted?.rolls).toBe(6);
    expect(packetView({ ...ounces, stock: '' }, 'fl oz').troubles.stock).toContain('33.8');
    expect(packetInUnit(usualPacket('ml'), 'ml', 'fl oz')).toMatchObject({
      stock: '33.8',
      perRoll: '10.1',
    });
  });

  it('names the field that cannot be read, and a packet that is too small', () => {
    expect(packetView({ ...usualPacket('ml'), price: 'dear' }).troubles.price).toContain('12');
    expect(packetView({ ...usualPacket('ml'), dilution: '1:1' }).troubles.dilution).toContain(
      'plus',
    );
    expect(packetView({ ...usualPacket('ml'), stock: '10' }).troubles.stock).toContain(
      'not enough',
    );
  });
});

describe('push and pull explained', () => {
  it('two stops pushed: shadows do not come back, contrast goes up', () => {
    const { sentences, places } = pushView(2);
    const shadow = places[0]!;
    expect(shadow.pushed).toBeLessThan(shadow.normal - 0.2);
    expect(sentences.join(' ')).toMatch(/what was not exposed does not come back/);
    expect(sentences.join(' ')).toMatch(/contrast goes up/);
  });

  it('a pull is safe in the shadows and softer', () => {
    const said = pushView(-1).sentences.join(' ');
    expect(said).toMatch(/it is safe/);
    expect(said).toMatch(/contrast goes down/);
    expect(pushView(0).sentences).toEqual(['Shot at its box speed and developed as usual.']);
  });
});

describe('the drift, drawn', () => {
  const roll = { ...rollExample, drift: { ambientC: 16, timeConstantSeconds: 1800 } };
  const readings = [
    { seconds: 0, temperatureC: 20.6 },
    { seconds: 240, temperatureC: 20 },
  ];

  it('has the readings, the plan, and the development filling up', () => {
    const facts = { roll, endSeconds: 560, unit: 'C' as const };
    const half = driftPlot({ ...facts, readings, elapsedSeconds: 280 });
    expect(half.readings.map(({ label }) => label)).toEqual(['20.6°', '20°']);
    expect(half.donePercent).toBeGreaterThan(45);
    expect(half.donePercent).toBeLessThan(55);
    expect(half.now).toBeDefined();
    const over = driftPlot({ ...facts, readings, elapsedSeconds: 900 });
    expect(over.donePercent).toBe(100);
    expect(over.now).toBeUndefined();
  });

  it('a temperature read just before pouring makes another time', () => {
    expect(secondsFrom(rollExample, 22)).toBe(470);
    expect(secondsFrom(roll, 20.6)).toBeGreaterThan(secondsFrom(rollExample, 20.6));
    expect(() => secondsFrom(rollExample, 30)).toThrow(/18 to 24/);
  });
});

describe('the voice', () => {
  it('says the bath and its time', () => {
    const poured = { id: 'a', atMs: 0, kind: 'poured-in', stepId: 'fix' } as const;
    expect(pouredWords(rollExample.plan, poured)).toBe('Fix, 3 minutes 30.');
    expect(pouredWords(rollExample.plan, { id: 'b', atMs: 0, kind: 'finished' })).toBe('Done.');
    expect(pouredWords(rollExample.plan, { ...poured, kind: 'note', text: 'x' })).toBeUndefined();
    expect([30, 60, 90, 540].map(spokenTime)).toEqual([
      '30 seconds',
      '1 minute',
      '1 minute 30',
      '9 minutes',
    ]);
  });

  it('every cue sounds like no other, and says what the hands do', () => {
    const sounds = cueSounds.map(({ beeps }) => JSON.stringify(beeps));
    expect(new Set(sounds).size).toBe(cueSounds.length);
    const [step, next] = rollExample.plan.steps;
    const say = (kind: string, vessel: 'tank' | 'trays', last = false) =>
      cueSounds
        .find((sound) => sound.kind === kind)!
        .says({ step: step!, vessel, ...(!last && { next: next! }) });
    expect(say('fetch-next', 'tank')).toBe('Have the stop ready.');
    expect(say('pour-out', 'tank')).toBe('Pour out.');
    expect(say('pour-out', 'trays')).toBe('Lift, and let it drip.');
    expect(say('pour-out', 'tank', true)).toBe('Take it out.');
    expect(say('time-up', 'tank')).toBe('Time. stop in.');
    expect(say('agitate', 'trays')).toBe('Shuffle.');
    expect(say('over', 'tank')).toBe('The developer runs over.');
    expect(say('light-safe', 'tank')).toBe('Light is safe now.');
  });
});

describe('a verdict', () => {
  it('is one sentence, with what to change', () => {
    const judgement = {
      atMs: 1,
      density: 'thin' as const,
      shadows: 'empty' as const,
      highlights: 'printable' as const,
      marks: ['bubbles' as const],
      change: 'Tap more. ',
    };
    expect(verdictSentence(judgement)).toBe(
      'Thin negatives, shadows empty, highlights printable; small round thin spots. Next time: Tap more.',
    );
    expect(verdictSentence({ ...judgement, marks: [], change: '' })).toBe(
      'Thin negatives, shadows empty, highlights printable.',
    );
  });
});
