import { recipeQuestion } from '../../src/lib/nouns/recipe/question.ts';
import {
  processRecord,
  ruleShortfall,
  usualFilm,
  type FilmCharacter,
  type ProcessEvent,
} from '@katachron/core';
import type { OwnCurve } from '../../src/lib/nouns/calibration/own-curves.ts';
import { describe, expect, it } from 'vitest';
import type { FilmDraft } from '../../src/lib/stages/film/draft.ts';
import { tankExample } from '../../src/lib/nouns/tank/contract.ts';
import type { Recipe } from '../../src/lib/nouns/recipe/contract.ts';
import { timeChart } from '../../src/lib/stages/film/chart.ts';
import { filmView, readingAdvice } from '../../src/lib/stages/film/film-view.ts';
import {
  developerReadings,
  expectedC,
  followedSeconds,
  givenOf,
  plannedC,
} from '../../src/lib/nouns/roll/follow.ts';
import { asUsual, leftFromLast } from '../../src/lib/stages/film/from-last.ts';
import { withRoll, withoutGone } from '../../src/lib/stages/film/take.ts';
import { givenSentence } from '../../src/lib/words/given.ts';
import { rollExample, type Roll } from '../../src/lib/nouns/roll/contract.ts';
import { movedSentence } from '../../src/lib/words/drift.ts';
import {
  emptyRecipeForm,
  readRecipe,
  recipeForm,
  type RecipeForm,
} from '../../src/lib/nouns/recipe/form.ts';
import { demoRecipes } from '../../src/lib/server/seeds/recipes.ts';

const recipes: Recipe[] = demoRecipes.map(({ id, body }) => ({ id, version: 1, ...body }));
const [halden, pushed, quillow] = recipes as [Recipe, Recipe, Recipe];
const draft: FilmDraft = {
  title: '',
  recipeId: halden.id,
  exposureIndex: '',
  temperature: '20.6',
  volume: '600',
  kinds: ['pre-soak', 'stop', 'fix', 'wash', 'wetting-agent'],
  times: { fix: '3:30', wash: '6:00' },
};
const tanks = [{ id: 't', version: 1, ...tankExample }];
const white = { unit: 'C', clockStart: 'pouring-begins' } as const;
const viewOf = (change: Partial<FilmDraft>, preferences: { unit: 'C' | 'F' } = white) =>
  filmView({ ...draft, ...change }, { recipes, tanks }, { ...white, ...preferences });

describe('the film page', () => {
  it('answers with the time, the two points it stands between, and the slope', () => {
    const view = viewOf({});
    expect(Math.round(view.development!.seconds)).toBe(538);
    expect(view.reasons).toEqual([
      'Between the data sheet’s 9:30 at 20° and 7:50 at 22°. Each degree warmer takes about 49 seconds off.',
    ]);
    expect(view.cautions).toEqual([]);
  });

  it('says the same in Fahrenheit', () => {
    const view = viewOf({ temperature: '69.08' }, { unit: 'F' });
    expect(Math.round(view.development!.seconds)).toBe(538);
    expect(view.reasons[0]).toContain('9:30 at 68° and 7:50 at 71.6°');
    expect(view.reasons[0]).toContain('27 seconds off');
  });

  it('names the activation energy where the recipe has one temperature', () => {
    const view = viewOf({ recipeId: quillow.id, temperature: '22' });
    expect(view.reasons[0]).toContain(
      'From your own test’s one time, 9:00 at 20°, by activation energy (62 kJ/mol)',
    );
  });

  it('says what the rule of thumb leaves short, by the film’s own curve where a test told it', () => {
    const own = { ...usualFilm, mostGradient: 0.75 };
    const said = (curves: readonly OwnCurve[]) =>
      filmView(
        { ...draft, recipeId: quillow.id, exposureIndex: '1600', temperature: '20' },
        { recipes: [quillow], curves },
        white,
      ).reasons.at(-1)!;
    const shortBy = (film?: FilmCharacter) => ruleShortfall(2, film).toFixed(2);
    expect(quillow.exposureIndex).toBe(400);
    expect(said([])).toContain(
      `By the film curve the rule of thumb leaves middle grey ${shortBy()}`,
    );
    const film = ` ${quillow.film.toUpperCase()}`;
    expect(said([{ film, foundAtMs: 1, character: own }])).toContain(
      `By this film’s own curve the rule of thumb leaves middle grey ${shortBy(own)} of density short`,
    );
    expect(shortBy(own)).not.toBe(shortBy());
  });

  it('uses the recipe made for the speed used, and says push', () => {
    const view = viewOf({ exposureIndex: '1600', temperature: '20' });
    expect(view.recipe!.id).toBe(pushed.id);
    expect(view.development!.seconds).toBe(1020);
    expect(view.push).toBe('shot at EI 1600 on ISO 400 film: 2 stops under, push +2');
    expect(view.reasons.join()).not.toContain('rule of thumb');
  });

  it('marks the rule of thumb and says what it costs', () => {
    const view = viewOf({ exposureIndex: '200', temperature: '20' });
    expect(view.development!.seconds).toBeCloseTo(456);
    expect(view.reasons[1]).toBe('A pull: the negative gets flatter.');
    expect(view.factors).toEqual([
      {
        id: 'push',
        times: '× 0.80',
        why: 'pull −1: no recipe is for this speed (a rule of thumb)',
      },
    ]);
  });

  it('says nothing about push at the box speed', () => expect(viewOf({}).push).toBeUndefined());

  it('refuses with a reason past the table, and keeps what was typed', () => {
    const view = viewOf({ temperature: '27.5' });
    expect(view.development).toBeUndefined();
    expect(view.refusal).toContain('18 to 24 °C');
    expect(view.plan).toBeUndefined();
  });

  it.each([
    ['16.5', 'Below 18'],
    ['25', 'Above 24'],
  ])('at %s it is careful: %s', (temperature, caution) => {
    expect(viewOf({ temperature }).cautions.join()).toContain(caution);
  });

  it('says first that a time is past the table', () => {
    expect(viewOf({ temperature: '25' }).reasons[0]).toMatch(/^Carried on past the table/);
  });

  it('makes up the plan with the times typed', () => {
    const view = viewOf({});
    expect(view.plan!.steps.map(({ kind, seconds }) => [kind, seconds])).toEqual([
      ['pre-soak', 60],
      ['developer', 538],
      ['stop', 30],
      ['fix', 210],
      ['wash', 360],
      ['wetting-agent', 30],
    ]);
    const shorter = viewOf({ kinds: ['water-stop', 'fix'] });
    expect(shorter.plan!.steps.map(({ kind }) => kind)).toEqual(['developer', 'water-stop', 'fix']);
  });

  it('has no plan while a time cannot be read, and says which', () => {
    const view = viewOf({ times: { fix: 'long' } });
    expect(view.plan).toBeUndefined();
    expect(view.steps.lines.find(({ kind }) => kind === 'fix')).toMatchObject({
      shown: 'long',
      trouble: expect.stringContaining('3:30'),
    });
  });

  it('says what to measure', () => {
    expect(viewOf({}).mix).toBe('600 ml of 1+31: 18.8 ml Tansy, 581.2 ml water.');
    expect(viewOf({}).measure).toBeUndefined();
    expect(viewOf({}).eachBath).toBe(
      'As much of each other bath, 600 ml: pre-soak, stop, acid, fix, wash and wetting agent.',
    );
    expect(viewOf({ volume: 'some' }).troubles.volume).toContain('in ml');
  });

  it('warns of a dose that its vessel cannot measure, with how far off it would be', () => {
    expect(viewOf({ volume: '100' }).measure).toBe(
      'A vessel divided in 1 ml measures 3 ml of Tansy: 4.0 % less, and 16.0 % either way by eye. Take a syringe, mix more, or dilute in two stages.',
    );
    const finer = filmView({ ...draft, volume: '655' }, { recipes }, { ...white, divisionMl: 2.5 });
    expect(finer.measure).toContain('A vessel divided in 2.5 ml measures 20 ml of Tansy');
  });

  it('speaks US fluid ounces where they are in use', () => {
    const ounces = { ...white, volumeUnit: 'fl oz' as const };
    const view = filmView({ ...draft, volume: '16' }, { recipes }, ounces);
    expect(view.mix).toBe('16 fl oz of 1+31: 0.5 fl oz Tansy, 15.5 fl oz water.');
    expect(view.volumeMl).toBeCloseTo(473.2, 1);
    expect(filmView({ ...draft, volume: '600 ml' }, { recipes }, ounces).volumeMl).toBe(600);
  });

  it('says at once when the baths, side by side, are more than 3 °C apart', () => {
    expect(viewOf({ baths: { stop: '19' } }).bathsApart).toBeUndefined();
    expect(viewOf({ baths: { stop: '17.2', fix: '21' } }).bathsApart).toContain('3.8 °C apart.');
    expect(viewOf({ baths: { stop: '63F' } }).bathsC.stop).toBeCloseTo(17.22, 2);
    expect(viewOf({ baths: { stop: 'cold' } }).troubles.baths.stop).toContain('in °C');
  });

  describe('a roll of a film without a recipe', () => {
    const roll: Roll = {
      id: 'r',
      version: 1,
      state: 'exposed',
      startedAtMs: null,
      finishedAtMs: null,
      title: 'R-130',
      exposureIndex: 200,
      madeAtMs: 1,
      exposed: {
        film: 'Sallow Ortho',
        boxSpeed: 50,
        format: 'medium',
        camera: '',
        subject: '',
        exposedOn: '2026-01-24',
        frames: [],
      },
    };
    const taken = withRoll(draft, roll, recipes);
    const view = filmView(taken, { recipes, tanks, waiting: [roll] }, white);

    it('asks, says the speeds of this roll, and never answers for another film', () => {
      expect(view.asks).toBe(
        'There is no recipe for Sallow Ortho yet. This roll was shot at EI 200 on ISO 50 film: 2 stops under, push +2.',
      );
      expect(view.recipe).toBeUndefined();
      expect(view.development).toBeUndefined();
      expect(view.plan).toBeUndefined();
    });

    it('has its answer as soon as there is a recipe, whatever was chosen before', () => {
      const own: Recipe = { ...halden, id: 'own', film: 'sallow  ortho', boxSpeed: 50 };
      const found = filmView(taken, { recipes: [...recipes, own], waiting: [roll] }, white);
      expect(found.asks).toBeUndefined();
      expect(found.recipe?.id).toBe('own');
    });

    it('gone to the sink leaves its name behind, and what was set for it is told apart', () => {
      const next = withoutGone({ ...taken, films: '2', vessel: 'trays' }, []);
      expect(next).toMatchObject({ rollId: '', title: '', fromLast: true });
      expect(leftFromLast(next)).toBe('fix 3:30, wash 6:00, in trays and 2 films');
      expect(leftFromLast(asUsual(next))).toBe('');
      expect(asUsual(next)).not.toHaveProperty('vessel');
      expect(leftFromLast({ ...taken, films: '2' })).toBe('');
    });
  });

  it('says what is out of reach', () => {
    expect(viewOf({ atLeast: '25:00' }).troubles.atLeast).toContain(
      'no temperature takes that long',
    );
    expect(viewOf({ atLeast: '25:00', temperature: '69' }, { unit: 'F' }).troubles.atLeast).toMatch(
      /^Between 59 and 80.6 °F/,
    );
  });

  it('refuses in the unit in use', () => {
    expect(viewOf({ temperature: '30' }).refusal).toContain('runs from 18 to 24 °C');
    expect(viewOf({ temperature: '86' }, { unit: 'F' }).refusal).toBe(
      "The recipe's table runs from 64.4 to 75.2 °F. More than 5.4 °F past it a time would be a guess.",
    );
    // A table written in °F, spoken of in °C: to a tenth.
    const points = [
      { temperatureC: 18.333333333333332, seconds: 570 },
      { temperatureC: 21.11111111111111, seconds: 465 },
    ];
    const written = recipes.map((recipe) => ({ ...recipe, points }));
    expect(
      filmView({ ...draft, temperature: '30' }, { recipes: written }, white).refusal,
    ).toContain('runs from 18.3 to 21.1 °C');
  });

  it.each([
    [{ temperature: 'warm' }, 'temperature'],
    [{ exposureIndex: 'fast' }, 'exposureIndex'],
    [{ exposureIndex: '-5' }, 'exposureIndex'],
  ] as const)('a wrong %j has its sentence', (change, field) => {
    expect(viewOf(change).troubles[field]).toMatch(/\w/);
  });

  it('says nothing yet when nothing was typed', () => {
    const view = viewOf({ temperature: '' });
    expect(view.troubles.temperature).toBeUndefined();
    expect(view.refusal).toBeUndefined();
  });

  it('without recipes there is none', () => {
    expect(filmView(draft, { recipes: [] }, white)).toMatchObject({ reasons: [], factors: [] });
    expect(filmView(draft, { recipes: [] }, white).recipe).toBeUndefined();
  });
});

describe('the drift of the tank', () => {
  it('moves the time, and says why', () => {
    const view = viewOf({ room: '16', follows: '30' });
    expect(Math.round(view.development!.seconds)).toBe(538);
    expect(view.seconds).toBeGreaterThan(560);
    expect(view.reasons.at(-1)).toMatch(
      /^In a room of 16° the tank drifts to 19\.3°, so it is done at 9:33 instead of 8:58\.$/,
    );
    expect(view.plan!.steps[1]!.seconds).toBe(Math.round(view.seconds!));
    expect(view.drift).toEqual({ ambientC: 16, timeConstantSeconds: 1800 });
  });

  it('takes half an hour when nobody says otherwise, and reads the room in the unit chosen', () => {
    const view = viewOf({ room: '60.8', temperature: '69.08' }, { unit: 'F' });
    expect(view.drift!.ambientC).toBeCloseTo(16);
    expect(view.drift!.timeConstantSeconds).toBe(1800);
  });

  it.each([
    [{ room: 'cold' }, 'room'],
    [{ room: '16', follows: 'soon' }, 'follows'],
    [{ room: '16', follows: '0' }, 'follows'],
  ] as const)('%j has its sentence, and the steady time stays', (change, field) => {
    const view = viewOf(change);
    expect(view.troubles[field]).toMatch(/\w/);
    expect(Math.round(view.seconds!)).toBe(538);
  });

  it('moved by a reading, says by how much', () => {
    expect(movedSentence(538, 520)).toBe('End moved 0:18 earlier, to 8:40.');
    expect(movedSentence(538, 561)).toBe('End moved 0:23 later, to 9:21.');
    expect(movedSentence(538, 538)).toBe('The end stays at 8:58.');
  });
});

describe('the reverse question', () => {
  it('names the temperature', () => {
    expect(viewOf({ atLeast: '7:50' }).reverse).toBe('22° or cooler takes 7:50 or longer.');
    expect(viewOf({ atLeast: '1:00' }).troubles.atLeast).toContain(
      'no temperature takes that long',
    );
    expect(viewOf({ atLeast: 'long' }).troubles.atLeast).toContain('3:30');
  });
});

describe('a run whose drift is followed', () => {
  const roll = {
    ...rollExample,
    temperatureC: 20,
    recipe: { ...demoRecipes[0]!.body, points: [{ temperatureC: 20, seconds: 600 }] },
    drift: { ambientC: 16, timeConstantSeconds: 1800 },
  };
  const start = [{ seconds: 0, temperatureC: 20 }];

  it('ends where the drift foretells, and each reading moves that', () => {
    expect(followedSeconds(roll, start)).toBe(633);
    expect(followedSeconds(roll, [...start, { seconds: 300, temperatureC: 20 }])).toBeLessThan(633);
    expect(followedSeconds(roll, [...start, { seconds: 300, temperatureC: 18 }])).toBeGreaterThan(
      633,
    );
  });

  it('expects the reading that the drift foretells', () => {
    const nothing = processRecord(roll.plan, []);
    const by = expectedC(roll, start, 600, nothing);
    expect(by).toBeCloseTo(18.87, 1);
    expect(expectedC({ ...roll, drift: undefined }, start, 600, nothing)).toBe(20);
    expect(readingAdvice(roll, 18.9, 'developer', by)).toBeUndefined();
    expect(readingAdvice(roll, 20, 'developer', by)).toMatchObject({ kind: 'developer-off' });
  });

  it('the plan’s own temperature follows what was read before the developer was poured', () => {
    const steady = { ...roll, drift: undefined };
    const events: ProcessEvent[] = [
      { id: 'a', kind: 'temperature', temperatureC: 21.4, atMs: 500, stepId: 'developer' },
      { id: 'b', kind: 'poured-in', stepId: 'developer', atMs: 1000 },
    ];
    const record = processRecord(roll.plan, events);
    expect(plannedC(steady, record)).toBe(21.4);
    expect(expectedC(steady, developerReadings(steady, record), 300, record)).toBe(21.4);
  });

  it('knows what a development that went wrong came to', () => {
    const short = {
      ...roll,
      drift: undefined,
      plan: {
        ...roll.plan,
        steps: [
          { id: 'developer', kind: 'developer' as const, seconds: 95, agitation: 'rest' as const },
        ],
      },
    };
    const ran = (seconds: number, more: ProcessEvent[] = []) =>
      givenOf(
        short,
        processRecord(short.plan, [
          { id: 'a', kind: 'poured-in', stepId: 'developer', atMs: 0 },
          ...more,
          { id: 'z', kind: 'finished', atMs: seconds * 1000 },
        ]),
      );
    expect(Math.round(ran(146)!.share * 100)).toBe(154);
    expect(givenSentence(ran(146)!)).toBe(
      'Developed to 154 % of what was asked: as 1¼ stops of push more, contrast ×1.34, highlights harder.',
    );
    expect(givenSentence(ran(60)!)).toContain('Developed to 63 % of what was asked: as 2');
    expect(givenSentence(ran(100)!)).toBeUndefined();
    const minute = {
      id: 'm',
      kind: 'retimed',
      stepId: 'developer',
      seconds: 155,
      because: 'extra',
      atMs: 9,
    };
    expect(givenSentence(ran(155, [minute as ProcessEvent])!)).toBeUndefined();
  });

  it('takes its readings from the developer alone', () => {
    const record = processRecord(roll.plan, [
      { id: 'a', kind: 'poured-in', stepId: 'developer', atMs: 1000 },
      { id: 'b', kind: 'temperature', temperatureC: 19.5, atMs: 61_000 },
      { id: 'c', kind: 'poured-in', stepId: 'stop', atMs: 600_000 },
      { id: 'd', kind: 'temperature', temperatureC: 15, atMs: 610_000 },
    ]);
    expect(developerReadings(roll, record)).toEqual([
      { seconds: 0, temperatureC: 20 },
      { seconds: 60, temperatureC: 19.5 },
    ]);
  });
});

describe('a reading during the run', () => {
  const roll = { recipe: demoRecipes[0]!.body, temperatureC: 20.6, exposureIndex: 400 };

  it('in the developer is near enough within 0.3 °C', () => {
    expect(readingAdvice(roll, 20.9, 'developer')).toBeUndefined();
    expect(readingAdvice(roll, 20.3, 'developer')).toBeUndefined();
  });
  it('otherwise says what the time would be', () => {
    const advice = readingAdvice(roll, 21, 'developer');
    expect(advice).toMatchObject({ kind: 'developer-off', seconds: expect.closeTo(517, 0) });
  });
  it('past the table only says that it is off', () => {
    expect(readingAdvice(roll, 30, 'developer')).toEqual({ kind: 'developer-off' });
  });
  it('in another bath speaks up when that is more than 3 °C from the developer', () => {
    expect(readingAdvice(roll, 17.7, 'stop')).toBeUndefined();
    expect(readingAdvice(roll, 17.5, 'stop')).toMatchObject({
      kind: 'baths-apart',
      sentence: expect.stringContaining('more than 3 °C'),
    });
  });
  it('a pre-soak is to have the developer’s temperature', () => {
    expect(readingAdvice(roll, 19.7, 'pre-soak')).toBeUndefined();
    expect(readingAdvice(roll, 19, 'pre-soak')).toMatchObject({
      sentence: 'The pre-soak should be within 1 °C (1.8 °F) of the developer.',
    });
    expect(readingAdvice(roll, 19, undefined)).toBeUndefined();
  });
});

describe('the chart', () => {
  it('has the points, the curve, what is carried on, and the reading on the curve', () => {
    const chart = timeChart(halden, 1, 'C', 20.6);
    expect(chart.points).toHaveLength(4);
    expect(chart.curve).toMatch(/^M/);
    expect(chart.carriedOn).toHaveLength(2);
    expect(chart.reading!.x).toBeGreaterThan(chart.points[1]!.x);
    expect(chart.reading!.x).toBeLessThan(chart.points[2]!.x);
    expect(chart.reading!.y).toBeGreaterThan(chart.points[1]!.y);
    expect(chart.across.map(({ label }) => label)).toContain('20°');
  });

  it('moves up with a push, and leaves out a reading that has no answer', () => {
    const chart = timeChart(halden, 1.4, 'C', 40);
    expect(chart.reading).toBeUndefined();
    expect(chart.up.map(({ label }) => label)).not.toContain('6:00');
  });

  it('draws a recipe of one temperature as carried on both ways', () => {
    const chart = timeChart(quillow, 1, 'F', 21);
    expect(chart.curve).toBe('');
    expect(chart.carriedOn.every((path) => path.startsWith('M'))).toBe(true);
    expect(chart.across.some(({ label }) => label === '68°')).toBe(true);
  });
});

describe('a recipe that is being typed', () => {
  const form: RecipeForm = {
    ...emptyRecipeForm,
    film: ' Halden 400 ',
    boxSpeed: '400',
    developer: 'Tansy',
    dilution: '1+31',
    exposureIndex: '',
    agitation: 'each-minute',
    times: '20 9:30\n22; 7:50\n',
    source: 'data-sheet',
    note: '',
  };

  it('is read', () => {
    expect(readRecipe(form, { unit: 'C' }).body).toEqual({
      film: 'Halden 400',
      boxSpeed: 400,
      developer: 'Tansy',
      dilution: [1, 31],
      exposureIndex: 400,
      agitation: 'each-minute',
      points: [
        { temperatureC: 20, seconds: 570 },
        { temperatureC: 22, seconds: 470 },
      ],
      source: 'data-sheet',
    });
  });

  it('a table that no developer has is asked about', () => {
    const asked = (points: readonly (readonly [number, number])[]) =>
      recipeQuestion({
        points: points.map(([temperatureC, seconds]) => ({ temperatureC, seconds })),
      });
    expect(
      asked([
        [18, 690],
        [20, 570],
        [22, 470],
        [24, 390],
      ]),
    ).toBeUndefined();
    expect(
      asked([
        [20, 570],
        [20.3, 560],
      ]),
    ).toContain('less than half a degree apart');
    expect(
      asked([
        [20, 570],
        [22, 555],
      ]),
    ).toContain('falls by less than in any developer');
    expect(
      asked([
        [20, 570],
        [22, 300],
      ]),
    ).toBe(
      'From 9:30 at 20°C to 5:00 at 22°C the time falls by more than in any developer that is known. Is one of them mistyped?',
    );
    expect(
      recipeQuestion({
        points: [
          { temperatureC: 20, seconds: 570 },
          { temperatureC: 22, seconds: 300 },
        ],
        tableMeant: true,
      }),
    ).toBeUndefined();
  });

  it('a table that slows when warmer is taken when it is said to be meant', () => {
    const table = { ...form, times: '20 8:00\n22 9:00' };
    expect(readRecipe(table, { unit: 'C' }).troubles?.tableMeant).toBeDefined();
    expect(readRecipe({ ...table, tableMeant: true }, { unit: 'C' }).body?.tableMeant).toBe(true);
    expect(readRecipe({ ...form, times: '20 8 s' }, { unit: 'C' }).body?.points[0]?.seconds).toBe(
      8,
    );
    expect(
      readRecipe({ ...form, times: '68 °F 9:30' }, { unit: 'C' }).body?.points[0]?.temperatureC,
    ).toBeCloseTo(20);
  });

  it('written in °F comes back unchanged after it was opened and saved, in either unit', () => {
    const first = readRecipe({ ...form, times: '65 9:30\n70 7:45' }, { unit: 'F' }).body!;
    for (const unit of ['C', 'F'] as const) {
      const again = readRecipe(recipeForm(first, { unit }), { unit }).body;
      expect(again).toEqual(first);
    }
    expect(recipeForm(first, { unit: 'C' }).times).not.toMatch(/\d{5}/);
  });

  it('no hands turn a tank each second', () => {
    const own = { ...form, agitation: 'own', ownName: 'mad', ownEvery: '1' };
    expect(readRecipe(own, { unit: 'C' }).troubles?.ownEvery).toContain('choose continuous');
  });

  it('in Fahrenheit is kept in Celsius', () => {
    expect(
      readRecipe({ ...form, times: '68 9:30' }, { unit: 'F' }).body!.points[0]!.temperatureC,
    ).toBeCloseTo(20);
  });

  it.each([
    [{ film: '' }, 'film', 'Name the film.'],
    [{ dilution: '1:31' }, 'dilution', 'colon'],
    [{ boxSpeed: '0' }, 'boxSpeed', 'box speed'],
    [{ times: '' }, 'times', 'at least one line'],
    [{ times: '20 9:30\n22' }, 'times', 'Line 2: Type a temperature and a time'],
    [{ times: '20 9:30 extra' }, 'times', 'Line 1: Type a temperature and a time'],
    [{ times: '20 9:30\n20 9:00' }, 'times', 'two times at 20 °C'],
    [{ times: '20 8' }, 'times', 'Is “8” minutes or seconds? Write 8:00, or 8 s.'],
    [{ times: '22 7,50' }, 'times', 'Is “7,50” minutes or seconds? Write 7:50, or 7,50 s.'],
    [{ times: '20 8:00\n22 9:00' }, 'times', 'It says 9:00 at 22°C, but 8:00 at 20°C'],
  ] as const)('%j is refused at %s', (change, field, sentence) => {
    const { troubles } = readRecipe({ ...form, ...change }, { unit: 'C' });
    expect(troubles![field]).toContain(sentence);
  });
});
