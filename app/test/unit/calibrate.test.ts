import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CalibrationBody, type Calibration } from '../../src/lib/nouns/calibration/contract.ts';
import type { Things } from '../../src/lib/nouns/calibration/changes.ts';
import {
  emptyTest,
  isUntouched,
  readTest,
  typedTest,
} from '../../src/lib/nouns/calibration/given.ts';
import { testKindOf, testKinds } from '../../src/lib/nouns/calibration/kinds/index.ts';
import type { TestKind } from '../../src/lib/nouns/calibration/kinds/kind.ts';
import { paperFacts, paperOf } from '../../src/lib/nouns/paper/facts.ts';
import { fits } from '../../src/lib/server/validation.ts';
import { recipeQuestion } from '../../src/lib/nouns/recipe/question.ts';
import { RecipeBody } from '../../src/lib/nouns/recipe/contract.ts';
import { PaperBody } from '../../src/lib/nouns/paper/contract.ts';
import { EnlargerBody } from '../../src/lib/nouns/enlarger/contract.ts';
import { demoCalibrations } from '../../src/lib/server/seeds/calibrations.ts';
import { demoRecipes } from '../../src/lib/server/seeds/recipes.ts';
import { demoShelves } from '../../src/lib/server/seeds/shelves.ts';
import { check } from '../../src/lib/server/validation.ts';
import { laidChart } from '../../src/lib/stages/calibrate/chart.ts';
import { doubtOf } from '../../src/lib/stages/calibrate/doubt.ts';
import {
  gridShape,
  isTable,
  withFewer,
  withMore,
} from '../../src/lib/stages/calibrate/grid-shape.ts';
import { hangingOn, nextTest, shelfView } from '../../src/lib/stages/calibrate/shelf-view.ts';
import { rangeWords } from '../../src/lib/stages/print/range-words.ts';
import { paperForm, readPaper } from '../../src/lib/nouns/paper/form.ts';
import { newRollHref, runLines, withRunTime } from '../../src/lib/stages/calibrate/test-runs.ts';
import { solvedBy } from '../../src/lib/stages/calibrate/solve.ts';
import { contrastSet, curveFor, isoRange, rangeLimits, settingOf } from '@katachron/core';

type Given = Readonly<Record<string, unknown>>;

/** One test of each kind that has none among the sample data. */
const more: readonly { readonly kind: string; readonly given: Given }[] = [
  {
    kind: 'film-quick',
    given: {
      ...{ film: 'Halden 400', exposedAt: 400, developedSeconds: 570 },
      ...{ shadows: 'dark', highlights: 'blocked' },
    },
  },
  {
    kind: 'clearing',
    given: { film: 'Halden 400', fixer: 'Sedge 1+4', clearingSeconds: 45, grain: 'tabular' },
  },
  { kind: 'paper-count', given: { paper: 'Wharf pearl', setting: 'filter 2', steps: 8 } },
  { kind: 'dry-down', given: { paper: 'Marrow fibre', percent: 8 } },
  {
    kind: 'paper-reciprocity',
    given: {
      paper: 'Marrow fibre',
      tests: [{ meteredSeconds: 130, neededSeconds: 157 }],
      wantedSeconds: 180,
    },
  },
  {
    kind: 'flash-threshold',
    given: {
      ...{ paper: 'Wharf pearl', setup: 'the tall enlarger, f/16' },
      ...{ clearSeconds: 5, tonedSeconds: 6 },
    },
  },
  {
    kind: 'timer',
    given: { name: 'the timer', kind: 'timer', indicatedSeconds: 60, realSeconds: 72 },
  },
  {
    kind: 'fall-off',
    given: {
      ...{ enlarger: 'the tall enlarger', aperture: 8, range: 110 },
      ...{ centreDensity: 0.68, cornerDensity: 0.47 },
    },
  },
  {
    kind: 'sharpness',
    given: { lens: '80 mm', middle: 8, corner: 11, note: 'Corners soft at f/5.6.' },
  },
];
const made = [
  ...demoCalibrations.map(({ body }) => ({ kind: body.kind, given: body.given })),
  ...more,
];

const solved = (kind: TestKind, given: Given) => {
  const { value, trouble } = solvedBy(kind, given, 'C');
  expect(trouble).toBeUndefined();
  return value as never;
};
const told = (id: string, given: Given) => {
  const kind = testKindOf(id)!;
  return kind.tell(solved(kind, given), given as never, 'C');
};
const kept = (kind: string, given: Given, change: Partial<Calibration> = {}): Calibration => ({
  ...{ id: '3d9a5e10-0c7b-4f26-a1d4-000000000999', version: 1 },
  ...{ name: 'One', kind, given, foundAtMs: Date.parse('2026-01-10T12:00:00Z'), wrote: [] },
  ...change,
});

const things: Things = {
  recipes: demoRecipes.map(({ id, body }) => ({ id, version: 1, ...body })),
  papers: demoShelves.flatMap((seed) =>
    seed.shelf === 'papers' ? [{ id: seed.id, version: 1, ...(seed.body as PaperBody) }] : [],
  ),
  enlargers: demoShelves.flatMap((seed) =>
    seed.shelf === 'enlargers' ? [{ id: seed.id, version: 1, ...(seed.body as EnlargerBody) }] : [],
  ),
};

describe('every test', () => {
  it('has an example here', () =>
    expect(
      testKinds.map(({ id }) => id).filter((id) => !made.some(({ kind }) => kind === id)),
    ).toEqual([]));

  it.each(made)('$kind is kept, typed and read as the same', ({ kind: id, given }) => {
    const kind = testKindOf(id)!;
    expect(() => check(CalibrationBody, kept(id, given))).toThrow();
    const { id: _id, version: _version, ...body } = kept(id, given);
    expect(check(CalibrationBody, body)).toEqual(body);
    for (const unit of ['C', 'F'] as const) {
      const again = readTest(kind.fields, typedTest(kind.fields, given, unit), unit);
      expect(again.troubles).toBeUndefined();
      expect(again.given).toEqual(given);
    }
  });

  it.each(made)(
    '$kind answers with a number, a reason and what it changes',
    ({ kind: id, given }) => {
      const kind = testKindOf(id)!;
      const result = solved(kind, given);
      const {
        number,
        sentence,
        more: lines = [],
        cautions = [],
      } = kind.tell(result, given as never, 'F');
      for (const words of [number, sentence, ...lines, ...cautions]) {
        expect(words).not.toMatch(/NaN|undefined|Infinity|-\d/);
        expect(words.length).toBeGreaterThan(0);
      }
      const chart = kind.chart?.(result, given as never, 'C');
      if (chart) {
        const laid = laidChart(chart);
        for (const { points } of laid.series) {
          for (const { x, y } of points) {
            expect(x).toBeGreaterThanOrEqual(0);
            expect(x).toBeLessThanOrEqual(100);
            expect(y).toBeGreaterThanOrEqual(-1);
            expect(y).toBeLessThanOrEqual(101);
          }
        }
      }
      expect(kind.evening({}, 'C').length).toBeGreaterThan(1);
      expect(kind.evening(given as never, 'C').length).toBeGreaterThan(1);
      const bodies = { recipes: RecipeBody, papers: PaperBody, enlargers: EnlargerBody };
      for (const { shelf, body, label, done } of kind.changes?.(result, given as never, things) ??
        []) {
        expect(check(bodies[shelf], body)).toEqual(body);
        expect(label.length).toBeGreaterThan(5);
        expect(done).toMatch(/\.$/);
      }
    },
  );

  it('says what is wrong with anything typed, and never falls over', () => {
    const typed = fc.constantFrom(
      '',
      '1',
      '0',
      '-3',
      '2:00',
      '1,5',
      'x',
      '1e9',
      '½',
      '9\t2\n1\t1',
      '\t\t\n',
      'filters',
      'tests',
      'yes',
      '68F',
    );
    fc.assert(
      fc.property(
        fc.constantFrom(...testKinds),
        fc.array(typed, { minLength: 12, maxLength: 12 }),
        (kind, texts) => {
          const names = Object.keys(kind.fields);
          const form = Object.fromEntries(names.map((name, at) => [name, texts[at % 12]!]));
          const read = readTest(kind.fields, form, 'C');
          for (const { shape } of Object.values(kind.fields)) {
            if (!isTable(shape)) continue;
            for (const text of texts) {
              const grid = gridShape(shape, text, 'C');
              expect(
                gridShape(shape, withMore(shape, text, grid), 'C').rows.length,
              ).toBeGreaterThanOrEqual(grid.rows.length);
              withFewer(shape, text, grid);
            }
          }
          if (read.troubles) {
            for (const sentence of Object.values(read.troubles)) expect(sentence).toMatch(/[.?]$/);
            return;
          }
          const answer = solvedBy(kind, read.given, 'C');
          if (answer.trouble !== undefined) expect(answer.trouble).toMatch(/[.?]$/);
          else kind.tell(answer.value as never, read.given as never, 'C');
        },
      ),
      { numRuns: 1500, seed: 3 },
    );
  });

  it('begins untouched', () => {
    for (const { fields } of testKinds) expect(isUntouched(fields, emptyTest(fields))).toBe(true);
  });
});

/** Grades whose emulsions are of one kind of grain each: the sum of a normal curve, read to 0.01. */
const GRADES = [125.6, 113.3, 88.4, 68.8];
const onGrade = (range: number, log: number) => {
  // From net 0.04 to 0.9 of the black it takes 3.32 of the curve’s own widths.
  const z = log / (range / 332) - 0.4;
  const tail = 0.5 * Math.exp(-0.717 * Math.abs(z) - 0.416 * z * z);
  return Number((0.06 + 2.09 * (z > 0 ? 1 - tail : tail)).toFixed(2));
};
const gradePrint = (range: number) =>
  Array.from({ length: 21 }, (_, index) => onGrade(range, 1.5 - 0.15 * index));

describe('what a test says', () => {
  const film = made.find(({ kind }) => kind === 'film-densities')!.given;

  it('film by densities: the speed, the time, N−1 and N+1', () => {
    const { number, sentence, more: lines } = told('film-densities', film);
    expect(number).toBe('EI 64');
    expect(sentence).toContain('Normal development is 7:09 ± 3 %.');
    expect(lines![0]).toBe('N−1 5:44 · N 7:09 · N+1 9:37.');
    // What two steps alone say, straight from the one to the other.
    expect(lines!.find((line) => line.includes('nearest alone'))).toContain('EI 63.1');
  });

  it('an ISO speed where the exposure is known in lux seconds and the development is the standard’s', () => {
    const { more: lines } = told('film-densities', { ...film, stepOneLog: 0.287 });
    expect(lines!.find((line) => line.startsWith('By the standard'))).toMatch(
      /^By the standard ISO 125\/22°: 1[23]\d\.\d/,
    );
    const { developments } = film as { developments: readonly unknown[] };
    const hard = { ...film, developments: [developments[2]], stepOneLog: 0.287 };
    // Only the ISO question has no answer then.
    const { number, more: without } = told('film-densities', hard);
    expect(number).toMatch(/^EI \d+$/);
    expect(without!.some((line) => line.includes('your own EI'))).toBe(true);
    expect(without!.some((line) => line.startsWith('By the standard'))).toBe(false);
  });

  it('film: a reading that fits none beside it is named, and counts when it was read twice', () => {
    const { developments } = film as { developments: readonly { values: readonly number[] }[] };
    const second = developments[1]!;
    const given = {
      ...film,
      developments: [{ ...second, values: second.values.with(17, second.values[17]! - 0.1) }],
    };
    const { unit, cautions } = told('film-densities', given);
    expect(cautions![0]).toMatch(
      /step 18, 0\.10 lower than the steps beside it let expect: left out/,
    );
    const counted = told('film-densities', { ...given, oddReading: 'counts' });
    expect(counted.cautions![0]).toContain('it counts, since it was read twice');
    const stops = (words: string) => Number(/[\d.]+/.exec(words)![0]);
    expect(stops(counted.unit)).toBeGreaterThan(2 * stops(unit));
  });

  it('the exposures of the evening, by number', () => {
    const kind = testKindOf('film-densities')!;
    const typed = { exposedAt: 100, meteredSeconds: 0.25, power: 1.33 };
    expect(kind.evening(typed, 'C').slice(0, 2)).toEqual([
      'Meter the even surface at EI 100, and give 16 s: 1/4 s by the meter, five stops more, which is 8 s, and what the film loses in so long. Step 1 then lies at zone X.',
      'Sheets by holder and notch: 1 in holder 1, front; 2 in holder 1, back; 3 in holder 2, front.',
    ]);
    expect(kind.evening({}, 'C')[0]).toContain('five stops more: step 1 then lies at zone X');
  });

  it('knows what the film loses by its own test, the newest that leads to a law', () => {
    const kind = testKindOf('film-densities')!;
    const typed = { film: ' halden 100', exposedAt: 100, meteredSeconds: 0.25 };
    const law = (power: number | undefined, foundAtMs: number) =>
      kept(
        'reciprocity',
        {
          ...{ film: 'Halden 100', from: 'power', points: [], meteredSeconds: 8 },
          ...(power !== undefined && { power }),
        },
        { foundAtMs },
      );
    const day = Date.parse('2026-03-02T12:00:00Z');
    const found = [law(1.2, 0), law(1.33, day), law(undefined, day + 1)];
    expect(kind.evening(typed, 'C', found)[0]).toContain(
      'give 16 s: 1/4 s by the meter, five stops more, which is 8 s, and what the film loses in so long, by its test of 2 March 2026.',
    );
    expect(kind.evening({ ...typed, film: 'Halden 400' }, 'C', found)[0]).toContain('give 8 s:');
    // What is typed comes first.
    expect(kind.evening({ ...typed, power: 1 }, 'C', found)[0]).toContain('give 8 s:');
  });

  it('is read from a run: those exposed for it first, its time in the first free development', () => {
    const kind = testKindOf('film-densities')!;
    const run = (id: string, more: object) => ({
      ...{ id, title: id, film: 'Halden 100', exposureIndex: 100, state: 'developed' as const },
      ...more,
    });
    const developed = { seconds: 483, atMs: Date.parse('2026-03-02T12:00:00Z') };
    const lines = runLines(kind, 'halden 100', [
      run('any', { developed }),
      run('other film', { film: 'Halden 400', developed }),
      run('meant', { test: 'film-densities', state: 'exposed' }),
    ]);
    expect(lines.map(({ line, href }) => [line, href])).toEqual([
      ['waits for the sink', '/film?roll=meant'],
      ['8:03 in the developer, 2 March 2026', undefined],
    ]);
    expect(withRunTime(kind, '', 483)).toBe('8:03');
    expect(withRunTime(kind, '5:30\n0.26\n1.52', 483)).toBe('5:30\t8:03\n0.26\n1.52');
    expect(withRunTime(testKindOf('film-quick')!, '7:00', 483)).toBe('8:03');
    expect(newRollHref(kind, 'Halden 100', '100')).toBe(
      '/film/rolls/new?test=film-densities&film=Halden+100&ei=100',
    );
  });

  it('becomes a recipe of one’s own, with N− and N+', () => {
    const kind = testKindOf('film-densities')!;
    const [change] = kind.changes!(solved(kind, film), film as never, things);
    expect(change!.label).toBe('Write the recipe Halden 100 in Tansy 1+31 at EI 64');
    expect(change!.thing).toBeUndefined();
    expect(change!.body).toMatchObject({
      exposureIndex: 64,
      points: [
        { temperatureC: 18, seconds: 513 },
        { temperatureC: 20, seconds: 429 },
        { temperatureC: 22, seconds: 355 },
        { temperatureC: 24, seconds: 296 },
      ],
      source: 'own-test',
    });
    const { contrast } = change!.body as RecipeBody;
    expect(contrast!.map(({ n, percent }) => [n, percent])).toEqual([
      [-2, -33],
      [-1, -20],
      [1, 34],
      [2, 103],
    ]);
    // The second time it is that recipe that is changed.
    const withIt: Things = {
      ...things,
      recipes: [...things.recipes, { ...(change!.body as RecipeBody), id: 'x', version: 3 }],
    };
    const [again] = kind.changes!(solved(kind, film), film as never, withIt);
    expect(again!.thing).toMatchObject({ id: 'x', version: 3 });
  });

  it('a test a little beside a temperature of its recipe makes a table that is taken', () => {
    const kind = testKindOf('film-densities')!;
    const given = { ...film, temperatureC: 20.3 };
    const [change] = kind.changes!(solved(kind, given), given as never, things);
    const { points } = change!.body as RecipeBody;
    expect(points.map(({ temperatureC }) => temperatureC)).toEqual([18, 20.3, 22, 24]);
    expect(recipeQuestion({ points })).toBeUndefined();
  });

  it('belongs to what it was developed in: no other developer’s recipe is offered', () => {
    const kind = testKindOf('film-densities')!;
    const given = { ...film, developer: 'Sorrel', dilution: '1+50', temperatureC: 21 };
    const changes = kind.changes!(solved(kind, given), given as never, things);
    expect(changes.map(({ label }) => label)).toEqual([
      'Write the recipe Halden 100 in Sorrel 1+50 at EI 64',
    ]);
    expect(changes[0]!.body).toMatchObject({
      ...{ boxSpeed: 100, developer: 'Sorrel', dilution: [1, 50], agitation: 'each-minute' },
      points: [{ temperatureC: 21, seconds: 429 }],
    });
    expect(fits(RecipeBody, changes[0]!.body)).toBe(true);
  });

  it('four grades of one emulsion each are read off their prints, whatever even layers would make of them', () => {
    const given = {
      ...{ paper: 'Grades', contrastSetId: 'grades', stepCount: '21', tabletStep: '0.15' },
      prints: GRADES.map((range, index) => ({
        ...{ setting: String(index + 1), seconds: 10, values: gradePrint(range) },
      })),
    };
    const kind = testKindOf('paper-tablet')!;
    const { settings, layers } = solved(kind, given) as {
      settings: readonly { range: number; rangeWithin: number }[];
      layers?: object;
    };
    GRADES.forEach((range, index) => {
      const found = settings[index]!;
      expect(Math.abs(found.range - range)).toBeLessThan(found.rangeWithin);
      expect(Math.abs(found.range - range)).toBeLessThan(4);
    });
    expect(layers).toBeUndefined();
    // The same prints by filters: layers are tried, miss, and are not written down.
    const filtered = { ...given, contrastSetId: 'filters' };
    expect(
      kind.tell(solved(kind, filtered) as never, filtered as never, 'C').cautions!.join(),
    ).toContain('this paper is made otherwise');
    const [change] = kind.changes!(solved(kind, filtered), filtered as never, things);
    expect((change!.body as PaperBody).layers).toBeUndefined();
  });

  it('a tablet of other steps is asked for, and counted', () => {
    const kind = testKindOf('paper-tablet')!;
    const values = Array.from({ length: 31 }, (_, index) => onGrade(110, 1.5 - 0.1 * index));
    const given = {
      ...{ paper: 'Grades', contrastSetId: 'grades', stepCount: '31', tabletStep: '0.10' },
      prints: [{ setting: '2', seconds: 10, values }],
    };
    const read = (more: object) => solvedBy(kind, { ...given, ...more }, 'C');
    const { settings } = read({}).value as { settings: readonly { range: number }[] };
    expect(Math.abs(settings[0]!.range - 110)).toBeLessThan(4);
    expect(read({ stepCount: '21' }).trouble).toBe('The tablet has 21 steps, and 31 were read.');
    expect(read({ tabletStep: '0.05 0.15 0.26' }).trouble).toContain('densities of 3 were typed');
    expect(read({ tabletStep: 'half a stop' }).trouble).toContain('as 0.15');
    const own = Array.from({ length: 31 }, (_, index) => (0.05 + 0.1 * index).toFixed(2)).join(' ');
    expect(read({ tabletStep: own }).value).toBeDefined();
  });

  it('a paper by its tablet: what prints begin from', () => {
    const given = made.find(({ kind }) => kind === 'paper-tablet')!.given;
    const kind = testKindOf('paper-tablet')!;
    const [change] = kind.changes!(solved(kind, given), given as never, things);
    const body = change!.body as PaperBody;
    // The prints were made up from these.
    [126, 108, 87, 71].forEach((range, index) => {
      const { range: found, rangeWithin } = body.settings[index]!;
      expect(Math.abs(found - range)).toBeLessThan(rangeWithin!);
    });
    expect(Math.abs(body.settings[3]!.speedStops + 1)).toBeLessThan(0.05);
    const { paper, set } = paperFacts('Wharf pearl', 'filters', [body]);
    expect(paper.slope).toBeCloseTo(body.layers!.slope, 6);
    expect(set.calibrated).toBe(true);
    // What its print leaves open, each setting says.
    expect(rangeWords(set, settingOf(set, '2'))).toMatch(/^R 112 ± [5-8](\.\d)?$/);
    // What is typed by hand is no longer what the test said; what is left alone still is.
    const form = paperForm(body);
    expect(readPaper(form, body).body!.settings).toEqual(body.settings);
    const typed = readPaper(
      { ...form, settings: { ...form.settings, '2': { range: '104', speed: '0' } } },
      body,
    ).body!;
    expect(typed.settings[1]).toEqual({ id: '2', range: 104, speedStops: 0 });
    expect(typed.settings[0]).toEqual(body.settings[0]);
    const byHand = paperFacts('Wharf pearl', 'filters', [typed]).set;
    expect(rangeWords(byHand, settingOf(byHand, '2'))).toBe('R 104');
  });

  it('a setting that does not exist, or is there twice, is refused by name', () => {
    const kind = testKindOf('paper-tablet')!;
    const given = made.find((one) => one.kind === 'paper-tablet')!.given as {
      prints: readonly { setting: string }[];
    };
    const withSettings = (...names: string[]) => ({
      ...given,
      prints: given.prints
        .slice(0, names.length)
        .map((one, at) => ({ ...one, setting: names[at]! })),
    });
    expect(solvedBy(kind, withSettings('7', '2'), 'C').trouble).toContain('no filter “7”');
    expect(solvedBy(kind, withSettings('2', 'filter 2'), 'C').trouble).toContain('there twice');
  });

  it('a safelight without margin says so', () => {
    const given = made.find(({ kind }) => kind === 'safelight')!.given;
    const { number, sentence } = told('safelight', given);
    expect(number).toBe('2:00');
    expect(sentence).toContain('Half of the first that shows, 4:00, has no margin');
  });

  it('a thermometer in both units', () => {
    const kind = testKindOf('thermometer')!;
    const given = made.find((one) => one.kind === 'thermometer')!.given;
    expect(told('thermometer', given).number).toBe('20.4°');
    expect(kind.tell(solved(kind, given), given as never, 'F').number).toBe('68.8°');
    expect(told('thermometer', { ...given, askedC: 50 }).cautions![0]).toContain('outside');
  });
});

describe('a paper of the shelf', () => {
  const set = contrastSet('filters');

  it('reaches settings that were measured beyond the usual layers', () => {
    const wide = {
      ...set,
      settings: set.settings.map((one, at) => ({ ...one, range: 195 - 13 * at })),
    };
    const paper = paperOf({ dMin: 0.06, dMax: 2.1 }, wide);
    const ranges = wide.settings.map(({ range }) => range);
    expect(rangeLimits(paper).softest).toBeGreaterThanOrEqual(Math.max(...ranges) - 0.01);
    expect(isoRange(curveFor(paper, 1))).toBeLessThanOrEqual(Math.min(...ranges) + 0.01);
  });

  it('keeps the layers that were fitted while they reach, and stands where no layers would', () => {
    const fitted = paperOf({ dMin: 0.06, dMax: 2.1, layers: { slope: 6, span: 1.9 } }, set);
    expect(fitted.slope).toBe(6);
    const beyond = {
      ...set,
      settings: set.settings.map((one, at) => ({ ...one, range: at === 0 ? 300 : 20 })),
    };
    expect(paperOf({ dMin: 0.06, dMax: 2.1 }, beyond).layerOffsets).toHaveLength(7);
  });
});

describe('the calibration shelf', () => {
  const NOW = Date.parse('2026-06-01T12:00:00Z');
  const given = more.find(({ kind }) => kind === 'flash-threshold')!.given;

  it('doubts what is old, and what hangs on something that was changed', () => {
    expect(doubtOf(kept('flash-threshold', given), NOW)).toMatchObject({ asks: false });
    expect(doubtOf(kept('flash-threshold', given), NOW).sentence).toBe(
      'Good until 9 July 2026. By now it may have drifted by 4 %.',
    );
    const later = Date.parse('2026-08-01T12:00:00Z');
    expect(doubtOf(kept('flash-threshold', given), later).asks).toBe(true);
    const doubted = { doubted: { atMs: NOW - 86_400_000, because: 'paper' as const } };
    expect(doubtOf(kept('flash-threshold', given, doubted), NOW).sentence).toContain(
      'In doubt since 31 May: a new box of the paper.',
    );
    // The short check was done since.
    const checked = { ...doubted, checkedAtMs: NOW - 3_600_000 };
    expect(doubtOf(kept('flash-threshold', given, checked), NOW).asks).toBe(false);
  });

  it('asks first for what is in doubt, then for what was never tested', () => {
    const fresh = shelfView([], NOW, 'C');
    expect(nextTest(fresh)).toEqual({
      href: '/calibrate/film-speed-eye',
      words: 'Next: Film speed by eye',
    });
    const film = kept('film-quick', more[0]!.given, { foundAtMs: NOW });
    expect(nextTest(shelfView([film], NOW, 'C')).words).toBe('Next: Reciprocity of a film');
    const old = kept('timer', more.find(({ kind }) => kind === 'timer')!.given, {
      foundAtMs: Date.parse('2020-01-01'),
    });
    expect(nextTest(shelfView([old], NOW, 'C')).words).toBe('Check One');
    expect(hangingOn([old], 'timer')).toEqual([old]);
    expect(hangingOn([old], 'paper')).toEqual([]);
  });

  it('shows a finding by its number, and one that no longer leads to an answer without', () => {
    const odd = kept('thermometer', { name: 'x', pairs: [{ readingC: 70, trueC: 5 }] });
    const lines = shelfView([odd, kept('flash-threshold', given)], NOW, 'C').flatMap(({ kinds }) =>
      kinds.flatMap(({ found }) => found.map(({ number }) => number)),
    );
    expect(lines).toEqual(['5.0 s', '']);
  });
});
