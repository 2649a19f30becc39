import {
  ROLL_EQUIVALENT_CM2,
  lateBy,
  planEvening,
  processRecord,
  sheetPlan,
} from '@katachron/core';
import { describe, expect, it } from 'vitest';
import { recipeExample, type Recipe } from '../../src/lib/nouns/recipe/contract.ts';
import { rollExample, type Roll } from '../../src/lib/nouns/roll/contract.ts';
import { standingBaths } from '../../src/lib/nouns/bath/standing.ts';
import { tankExample, type Tank } from '../../src/lib/nouns/tank/contract.ts';
import { substanceExample } from '../../src/lib/nouns/substance/contract.ts';
import { loadOf } from '../../src/lib/stages/tonight/lights-out.ts';
import { eveningCalendar } from '../../src/lib/stages/tonight/evening-calendar.ts';
import { candidatesOf } from '../../src/lib/stages/tonight/candidates.ts';
import {
  tasksOf,
  withBegun,
  withoutRolls,
  withStarted,
  type Candidate,
} from '../../src/lib/stages/tonight/evening-tasks.ts';
import {
  emptyEvening,
  instantOf,
  startedOf,
  startedWith,
  startedWithout,
  type EveningForm,
} from '../../src/lib/stages/tonight/evening-form.ts';
import {
  afterwards,
  costWords,
  draggedBy,
  eveningAsked,
  eveningWords,
  reordered,
  unnamed,
} from '../../src/lib/stages/tonight/evening-view.ts';
import { eveningLines, nextLine } from '../../src/lib/stages/tonight/evening-lines.ts';
import {
  laterWords,
  placesFrom,
  promise,
  promisedOf,
  readPromised,
} from '../../src/lib/stages/tonight/promised.ts';
import {
  learnedFrom,
  learnedWords,
  ownSteps,
  tookAtBench,
} from '../../src/lib/stages/tonight/times.ts';
import { lyingAt } from '../../src/lib/bench/sink/trays.ts';
import { nameInSink, sinkFirst, sinkWords } from '../../src/lib/stages/tonight/sink-first.ts';
import { finishedTonight, followed } from '../../src/lib/stages/tonight/under-way.ts';
import {
  isEmpty,
  meanwhile,
  tankFor,
  tonightParts,
  tonightWords,
  type TonightFacts,
} from '../../src/lib/stages/tonight/tonight-view.ts';

const nothing: TonightFacts = {
  ...{ rolls: [], recipes: [], tanks: [], prints: [], dry: [], negatives: [], standing: [] },
  substances: [],
};
const recipe = { id: 'r', version: 1, ...recipeExample } as Recipe;
const roll = (title: string, film = recipeExample.film, exposureIndex = 400): Roll =>
  ({
    ...{ id: title, version: 1, title, exposureIndex, state: 'exposed' },
    exposed: { film, boxSpeed: 400, format: 'small-36' },
  }) as unknown as Roll;
const small = { ...tankExample, id: 's', version: 1 } as Tank;
const large = {
  ...small,
  ...{ id: 'l', name: 'The tall tank', holdsMl: 1500 },
  reels: [{ format: 'small-36', mlEach: 300, most: 5 }],
} as Tank;

describe('tonight', () => {
  it('puts rolls of one film, speed and developer together, with the smallest tank that takes them', () => {
    const rolls = [
      roll('R-1'),
      roll('R-2'),
      roll('R-3', recipeExample.film, 800),
      roll('R-4', 'Other'),
    ];
    const [part] = tonightParts({ ...nothing, rolls, recipes: [recipe], tanks: [large, small] });
    expect(part!.title).toBe('Rolls to develop');
    expect(part!.lines.map(({ name }) => name)).toEqual(['R-1 · R-2', 'R-3', 'R-4']);
    const [both, faster, other] = part!.lines;
    expect(both!.words).toContain(`${recipeExample.film} at EI 400, 2 × `);
    expect(both!.words).toContain(`in ${recipeExample.developer}`);
    expect(both!.words).toContain('together in Two-reel steel');
    expect(both!.href).toBe('/film?roll=R-1');
    expect(faster!.words).toContain('EI 800');
    expect(other!.words).toContain('no recipe for it yet');
  });

  it('knows which tank takes what: shares of its reels, and none where there are too many', () => {
    const films = (count: number) => Array.from({ length: count }, () => 'small-36' as const);
    expect(tankFor(films(2), [large, small])?.id).toBe('s');
    expect(tankFor(films(3), [large, small])?.id).toBe('l');
    expect(tankFor(films(6), [large, small])).toBeUndefined();
    // One of each fills a half of it and the whole of it.
    expect(tankFor(['small-36', 'medium'], [small])).toBeUndefined();
    expect(tankFor(['four-by-five'], [small, large])).toBeUndefined();
  });

  it('names baths at their end, and a powder that has to stand a night', () => {
    const bath = {
      ...{ id: 'b', version: 1, name: 'Fixer', use: 'fixer' as const, mixedAtMs: 0, tests: [] },
      ...{ volumeMl: 1000, filmCm2PerLitre: 1000 },
    };
    const entries = [{ id: 'e', entry: { kind: 'film' as const, atMs: 1000, areaCm2: 1200 } }];
    const standing = standingBaths([bath], { b: entries }, 2000);
    const powder = {
      ...{ id: 'p', version: 1, ...substanceExample, kind: 'powder' as const },
      name: recipeExample.developer,
    };
    const facts = { ...nothing, standing, rolls: [roll('R-1')], recipes: [recipe] };
    const parts = tonightParts({ ...facts, substances: [powder] });
    const of = (id: string) => parts.find((part) => part.id === id)?.lines[0];
    expect(of('baths')).toMatchObject({ name: 'Fixer', caution: true, href: '/chemistry/baths/b' });
    expect(of('mix')!.words).toContain('mix it today for tomorrow');
    // Nobody asks for it: no roll waits.
    const idle = tonightParts({ ...facts, rolls: [], substances: [powder] });
    expect(idle.map(({ id }) => id)).toEqual(['baths']);
  });

  it('says the evening in a line, and knows when nothing is there at all', () => {
    expect(isEmpty(nothing)).toBe(true);
    expect(tonightWords(nothing)).toBe('Nothing waits.');
    const prints = [
      {
        id: '1',
        href: '/print/1',
        name: 'Cullet',
        next: 'One more strip.',
        does: 'print' as const,
        strips: 1,
      },
    ];
    const dry = [{ id: '2', title: 'The yard', marks: ['1a', '1b'] }];
    const facts = { ...nothing, rolls: [roll('R-1')], prints, dry };
    expect(tonightWords(facts)).toBe('1 roll, 1 print in hand and 1 print to judge.');
    expect(isEmpty(facts)).toBe(false);
    expect(tonightParts(facts).map(({ id }) => id)).toEqual(['rolls', 'dry', 'prints']);
    expect(tonightParts(facts)[1]!.lines[0]!.words).toBe(
      'Judge sheets 1a and 1b in viewing light.',
    );
  });
});

describe('what goes into the tank', () => {
  it('is counted by format, with the holders of sheets in their order', () => {
    const sheets = {
      ...roll('S-1'),
      exposed: {
        film: 'Orrel',
        boxSpeed: 100,
        format: 'four-by-five',
        frames: [{ mark: 'F1 A' }, { mark: 'F3 B' }],
      },
    } as unknown as Roll;
    expect(loadOf([roll('R-1'), sheets, roll('R-2')])).toEqual({
      load: [
        { format: 'small-36', count: 2 },
        { format: 'four-by-five', count: 1 },
      ],
      name: 'R-1 · S-1 · R-2',
      rolls: ['R-1', 'S-1', 'R-2'],
      holders: ['F1 A', 'F3 B'],
    });
    expect(loadOf([]).load).toBeUndefined();
  });
});

describe('at the sink', () => {
  const nowMs = 1_768_500_000_000;
  const names = ['strip 1', 'print 1'];
  /** Paper in a developer of 90 s, lifted out 10 s before its end, in for so long; a stop and a fix after it. */
  const sheet = (name: string, secondsIn: number, stepId = 'print-developer') => ({
    ...{ id: name, name, firedId: `fired ${name}` },
    plan: {
      steps: (['print-developer', 'print-stop', 'print-wash'] as const).map((kind) => ({
        ...{ id: kind, kind, seconds: 90, agitation: 'continuous' as const },
      })),
      ...{ drainSeconds: 10, clockStart: 'pouring-begins' as const, vessel: 'trays' as const },
    },
    events: [{ id: 'e', atMs: nowMs - secondsIn * 1000, kind: 'poured-in' as const, stepId }],
  });
  const first = (...sheets: ReturnType<typeof sheet>[]) => sinkFirst(lyingAt([], sheets, nowMs));

  it('paper comes first once it is to be lifted out, the longest over first, and never before', () => {
    expect(first(sheet('strip 1', 60))).toBeUndefined();
    expect(first(sheet('strip 1', 85))?.name).toBe('strip 1');
    expect(first(sheet('strip 1', 85), sheet('print 1', 200))?.name).toBe('print 1');
    // A wash goes on by itself.
    expect(first(sheet('strip 1', 400, 'print-wash'))).toBeUndefined();
    const [item] = lyingAt([], [sheet('strip 1', 85)], nowMs);
    const fired = names.map((name) => ({
      id: `fired ${name}`,
      thing: 'p',
      kind: 'strip' as const,
    }));
    const name = nameInSink(item!, fired, [{ id: 'p', name: 'Cullet' }]);
    expect(name).toBe('strip 1, Cullet');
    expect(sinkWords(item!, name)).toBe('strip 1, Cullet: on to Stop');
    expect(nameInSink(item!, [], [])).toBe('strip 1');
  });
});

describe('right now', () => {
  const print = {
    ...{ id: '1', href: '/print/1', name: 'Cullet', next: '', does: 'print' as const, strips: 1 },
  };
  it('is the strip that fits while the film washes, and nothing where there is no time for one', () => {
    const washing = [{ name: 'R-1', seconds: 18 * 60 + 20 }];
    expect(meanwhile(washing, [print])).toEqual({
      words: 'While R-1 washes, 18 minutes: the strip for Cullet.',
      href: '/print/1',
    });
    expect(meanwhile([{ name: 'R-1', seconds: 300 }], [print])).toBeUndefined();
    expect(meanwhile(washing, [{ ...print, strips: 0 }])).toBeUndefined();
    expect(meanwhile([], [print])).toBeUndefined();
  });
});

/** The recipe's developer as it stands mixed, so many rolls after it was. */
const developerAfter = (rolls: number) =>
  standingBaths(
    [
      {
        ...{ id: 'd', version: 1, name: recipeExample.developer, use: 'film-developer' },
        ...{ mixedAtMs: 0, volumeMl: 1000, tests: [] },
      },
    ],
    {
      d: [{ id: 'e', entry: { kind: 'film', atMs: 1, areaCm2: rolls * ROLL_EQUIVALENT_CM2 } }],
    },
    2,
  )[0]!;

describe('the plan of an evening', () => {
  const nowMs = new Date(2026, 1, 20, 18, 30).getTime();
  const roll1: Candidate = {
    ...{ id: 'roll 1', name: 'R-1', kind: 'roll', facts: { developerSeconds: 600 } },
  };
  const print: Candidate = {
    ...{
      id: 'print 1',
      name: 'Cullet',
      kind: 'strip',
      facts: { fibre: true },
      times: 2,
      then: 'print',
    },
  };
  const form = (change: Partial<EveningForm> = {}): EveningForm => ({
    ...emptyEvening(),
    ticked: JSON.stringify(['roll 1', 'print 1']),
    ...change,
  });
  const planned = (change: Partial<EveningForm> = {}) => {
    const asked = eveningAsked(form(change), { candidates: [roll1, print], nowMs });
    return { ...asked, plan: planEvening(asked.question!) };
  };

  it('has strips after each other and the print after them, beside the film that washes', () => {
    const { tasks, plan, beginMs } = planned();
    expect(tasks.map(({ id, after }) => [id, after])).toEqual([
      ['roll 1#roll', undefined],
      ['print 1#strip-1', undefined],
      ['print 1#strip-2', 'print 1#strip-1'],
      ['print 1#print', 'print 1#strip-2'],
    ]);
    expect(tasks.map(({ name }) => name)).toEqual([
      ...['R-1', 'strip 1: Cullet', 'strip 2: Cullet', 'print: Cullet'],
    ]);
    const lines = eveningLines(plan, tasks, beginMs);
    expect(lines[0]!.from).toBe('18:30');
    const wash = lines.find(({ step, task }) => step === 'wash' && task === 'R-1')!;
    expect(wash.byItself).toBe(true);
    const words = eveningWords(plan, tasks, beginMs);
    expect(words[0]).toMatch(/^Done at \d\d:\d\d\.$/);
    expect(words[1]).toMatch(/^Hands are free for \d+ minutes of it\.$/);
  });

  it('keeps dinner and the hour, past midnight too, and says what is left', () => {
    const dinner = planned({ dinner: '19:00', dinnerMinutes: '45' });
    expect(dinner.question!.fixed).toEqual([{ fromSeconds: 1800, seconds: 2700 }]);
    const late = planned({ out: '0:30' });
    expect(late.question!.untilSeconds).toBe(6 * 3600);
    const short = planned({ out: '19:40' });
    expect(eveningWords(short.plan, short.tasks, short.beginMs).at(-1)).toMatch(
      /^Does not fit before the end, for another day: /,
    );
    for (const wrong of [
      { dinner: 'eight' },
      { begin: '25:00' },
      { dinner: '19', dinnerMinutes: 'x' },
    ]) {
      const { trouble, question } = eveningAsked(form(wrong), { candidates: [roll1], nowMs });
      expect(trouble).toMatch(/^Type /);
      expect(question).toBeUndefined();
    }
  });

  it('lasts from its beginning: once dinner has begun, after its end, and past midnight', () => {
    const change = { dinner: '19:00', dinnerMinutes: '30', out: '23:00' };
    const at = (minutes: number) => {
      const asked = eveningAsked(form({ ...change, since: String(nowMs) }), {
        ...{ candidates: [roll1, print], nowMs: nowMs + minutes * 60_000 },
      });
      expect(asked.trouble).toBeUndefined();
      return { ...asked, plan: planEvening(asked.question!) };
    };
    // Ten minutes of dinner are over, twenty are left.
    const during = at(40);
    expect(during.question!.fixed).toEqual([{ fromSeconds: 0, seconds: 1200 }]);
    const lines = eveningLines(during.plan, during.tasks, during.beginMs, during);
    const dinner = lines.find(({ step }) => step === 'dinner')!;
    expect([dinner.from, dinner.to, dinner.done]).toEqual(['19:00', '19:30', false]);
    expect(at(60).question!.fixed).toEqual([]);
    expect(at(300).plan.left).toHaveLength(4);
    const night = at(335);
    expect(night.question!).toMatchObject({ fixed: [], untilSeconds: 0 });
    const [past] = eveningLines(night.plan, night.tasks, night.beginMs, night);
    expect([past!.from, past!.done]).toEqual(['19:00', true]);
    // The evening after is one of its own.
    expect(at(24 * 60).question!.fixed).toEqual([{ fromSeconds: 1800, seconds: 1800 }]);
    for (const since of ['', 'x', String(nowMs + 1e9)])
      expect(eveningAsked(form({ since }), { candidates: [], nowMs }).sinceMs).toBe(nowMs);
  });

  it('leads: what was begun by the big button stays where it began, and the next thing follows it', () => {
    const started = [
      { taskId: 'roll 1#roll', stepId: 'load', atMs: nowMs - 900_000 },
      { taskId: 'roll 1#roll', stepId: 'ready', atMs: nowMs - 300_000 },
    ];
    const { tasks, plan, beginMs } = planned({
      since: String(nowMs - 3_600_000),
      started: startedWith(started.slice(0, 1), started[1]!),
    });
    const lines = eveningLines(plan, tasks, beginMs);
    const mine = lines.filter(({ taskId }) => taskId === 'roll 1#roll');
    expect(mine.slice(0, 3).map(({ from, to, begun, done }) => [from, to, begun, done])).toEqual([
      ['18:15', '18:25', true, true],
      ['18:25', '18:35', true, false],
      ['18:35', '18:45', false, false],
    ]);
    expect(nextLine(lines)).toMatchObject({ step: 'develop', from: '18:35' });
    // One that takes longer than usual goes on until something else is begun.
    const [roll] = tasksOf([roll1], {});
    const slow = withStarted(roll!, [{ ...started[0]!, atMs: nowMs - 3_600_000 }], nowMs, nowMs);
    expect([slow.begunSeconds, slow.steps[0]!.seconds]).toEqual([[-3600], 3600]);
    const other = { taskId: 'x', stepId: 'fire', atMs: nowMs - 3_000_000 };
    const left = withStarted(
      roll!,
      [{ ...started[0]!, atMs: nowMs - 3_600_000 }, other],
      ...([nowMs, nowMs] as const),
    );
    expect(left.steps[0]!.seconds).toBe(600);
    expect(startedOf(form({ started: startedWithout(started, started[1]!) }), 0)).toEqual(
      started.slice(0, 1),
    );
    // Of another evening, and what cannot be read, nothing has begun.
    expect(startedOf(form({ started: startedWithout(started, other) }), nowMs)).toEqual([]);
    for (const odd of ['x', '{}', '[1]', '[["a","b","c"]]'])
      expect(startedOf(form({ started: odd }), 0)).toEqual([]);
    // What is known of the run comes after what was begun by hand.
    const real = { ...roll!, steps: roll!.steps.slice(2), begunSeconds: [-60] };
    const [both] = withBegun([withStarted(roll!, started, nowMs, nowMs)], [real]);
    expect(both!.begunSeconds).toEqual([-900, -300, -60]);
    expect(both!.steps.map(({ id }) => id).slice(0, 3)).toEqual(['load', 'ready', 'develop']);
  });

  it('tempers right before the pour, and takes for granted what is typed', () => {
    const ids = tasksOf([roll1], {})[0]!.steps.map(({ id }) => id);
    expect(ids.slice(0, 3)).toEqual(['load', 'ready', 'develop']);
    const asked = (change: Partial<EveningForm>) =>
      eveningAsked(form(change), { candidates: [roll1, print], nowMs, tanks: 2 });
    expect(asked({}).question!.amounts).toEqual({ tank: 2, washer: 4, line: 8 });
    expect(asked({ tanks: '1', washer: '6', lines: '3' }).question!.amounts).toEqual({
      ...{ tank: 1, washer: 6, line: 3 },
    });
    for (const [change, words] of [
      [{ tanks: '0' }, 'Type how many tanks there are, from 1 to 60.'],
      [{ minutes: '{"roll.load":"x"}' }, 'Type how many minutes a step takes, as 8; not “x”.'],
    ] as const)
      expect(asked(change).trouble).toBe(words);
    const own = asked({ minutes: '{"roll.load":"12,5"}' }).tasks[0]!.steps[0]!;
    expect(own.seconds).toBe(750);
    expect(ownSteps([roll1], {}).map(({ key }) => key)).toEqual([
      ...['roll.load', 'roll.ready', 'roll.fix', 'roll.wash', 'roll.hang', 'roll.dry'],
    ]);
    const paper = ownSteps([print], {});
    expect(paper.find(({ key }) => key === 'print.wash.fibre')).toEqual({
      ...{ key: 'print.wash.fibre', name: 'wash (print on fibre paper)', minutes: 60 },
    });
  });

  it('goes without a roll that is left out of its load, and leads to those that stay', () => {
    const rolls = ['a', 'b', 'c'].map((id) => ({ id, name: `R-${id}` }));
    const load: Candidate = { ...roll1, name: 'R-a · R-b · R-c', href: '/film?roll=a', rolls };
    const [task] = tasksOf([withoutRolls(load, ['a'])!], {});
    expect(task).toMatchObject({
      ...{ name: 'R-b · R-c', href: '/film?roll=b' },
      loadHref: '/evening/lights-out?rolls=b,c',
    });
    expect(withoutRolls(load, [])).toBe(load);
    expect(withoutRolls(load, ['a', 'b', 'c'])).toBeUndefined();
    expect(withoutRolls(print, ['a'])).toBe(print);
  });

  it('keeps what is over where it was, with the real times', () => {
    const { tasks, plan, beginMs } = planned();
    const [gone] = tasksOf([{ ...roll1, id: 'roll 2', name: 'R-2' }], {});
    const over = [{ ...gone!, steps: gone!.steps.slice(0, 2), begunSeconds: [-2400, -1800] }];
    const lines = eveningLines(plan, tasks, beginMs, { over });
    expect(lines.slice(0, 2)).toMatchObject([
      { from: '17:50', step: 'load the tank', task: 'R-2', done: true },
      { from: '18:00', step: 'mix and temper', task: 'R-2', done: true },
    ]);
    expect(lines[2]).toMatchObject({ from: '18:30', done: false });
  });

  it('goes out as a calendar: the work, what dries until when, what is judged the day after', () => {
    const { tasks, plan, beginMs } = planned();
    const calendar = eveningCalendar(plan, tasks, beginMs).replaceAll('\r\n', '\n');
    expect(calendar).toContain('SUMMARY:R-1\n');
    expect(calendar).toContain('SUMMARY:Hangs to dry: R-1\n');
    expect(calendar).toContain('SUMMARY:Judge it dry: print: Cullet\n');
    expect(calendar.match(/BEGIN:VEVENT/g)).toHaveLength(6);
    expect(calendar).toMatch(/DTSTART:2026022\dT\d{6}Z/);
    expect(calendar).toContain('18:30 ');
    expect(calendar).not.toContain('DURATION');
    // Exported once more, a quarter of an hour later, its events are the same ones.
    const uids = (of: string) => of.match(/UID:.*/g);
    const later = eveningCalendar(plan, tasks, beginMs + 900_000).replaceAll('\r\n', '\n');
    expect(uids(later)).toEqual(uids(calendar));
  });

  it('says what is done afterwards, and only of what was done', () => {
    const { tasks, plan, beginMs } = planned();
    const after = afterwards(plan, tasks, beginMs);
    expect(after[0]).toContain('Film developer kept or collected');
    expect(after.find((words) => words.startsWith('R-1 hangs to dry until'))).toMatch(/\d\d:\d\d/);
    expect(after).toContain('Tomorrow, dry, in viewing light: print: Cullet.');
    expect(after.at(-1)).toContain('local rules');
    const film = planned({ ticked: JSON.stringify(['roll 1']) });
    const words = afterwards(film.plan, film.tasks, film.beginMs).join(' ');
    expect(words).not.toContain('trays');
    expect(afterwards({ ...film.plan, steps: [] }, film.tasks, film.beginMs)).toEqual([]);
  });

  it('follows a run that is under way: its real starts stay, the rest is planned from now', () => {
    const began = nowMs - 11 * 60_000;
    const plan = {
      steps: [
        {
          id: 'developer',
          kind: 'developer' as const,
          seconds: 600,
          agitation: 'each-minute' as const,
        },
        { id: 'fix', kind: 'fix' as const, seconds: 300, agitation: 'each-minute' as const },
        { id: 'wash', kind: 'wash' as const, seconds: 1200, agitation: 'rest' as const },
      ],
      ...{ drainSeconds: 10, clockStart: 'pouring-begins' as const },
    };
    const record = processRecord(plan, [
      { id: 'e', kind: 'poured-in', stepId: 'developer', atMs: began },
    ]);
    const rolls = [{ id: '9', title: 'R-9', record }];
    const underWay = (beginMs: number) =>
      followed({ rolls, sheets: [], fired: [], prints: [] }, nowMs, beginMs, {});
    const [task] = underWay(nowMs).open;
    // A minute over already: it lasts until now.
    expect(task!.steps.map(({ id, seconds }) => [id, seconds])).toEqual([
      ...[
        ['develop', 660],
        ['fix', 300],
        ['wash', 1200],
        ['hang', 240],
        ['dry', 7200],
      ],
    ]);
    expect(task!.begunSeconds).toEqual([-660]);
    const asked = eveningAsked(form({ ticked: '["print 1"]' }), {
      ...{ candidates: [roll1, print], nowMs, underWay },
    });
    const evening = planEvening(asked.question!);
    const at = (taskId: string, stepId: string) =>
      evening.steps.find((one) => one.taskId === taskId && one.stepId === stepId)!.fromSeconds;
    expect(at('roll 9#roll', 'fix')).toBe(0);
    // The strip waits for the fix, and is fired while the film washes.
    expect(at('print 1#strip-1', 'fire')).toBe(300);
  });

  describe('follows paper', () => {
    const waiting = {
      ...{ id: '1', href: '', name: 'Cullet', next: '', does: 'print' as const, strips: 2 },
      firstStrip: 1,
    };
    const minute = 60_000;
    const strip1 = { id: 'p', thing: '1', kind: 'strip' as const, number: 1 };
    const poured = (stepId: string, minutesAgo: number) => ({
      ...{ id: stepId, kind: 'poured-in' as const, stepId, atMs: nowMs - minutesAgo * minute },
    });
    const nothingLies = { rolls: [], sheets: [], prints: [waiting] };
    const asked = (under: Parameters<typeof followed>[0], times = 2) =>
      eveningAsked(form({ ticked: '["print 1"]' }), {
        ...{ candidates: [{ ...print, times }], nowMs },
        underWay: (beginMs) => followed(under, nowMs, beginMs, {}),
      });

    it('under the lamp: the first strip has begun, and is not counted twice', () => {
      const fired = [{ ...strip1, fromMs: nowMs - 10 * minute }];
      const { tasks } = asked({ ...nothingLies, fired });
      expect(tasks.map(({ id }) => id)).toEqual([
        ...['print 1#strip-1', 'print 1#strip-2', 'print 1#print'],
      ]);
      expect(tasks[0]!.begunSeconds).toEqual([-600]);
      expect(tasks[0]!.steps.map(({ seconds }) => seconds)).toEqual([600, 300, 180]);
    });

    it('in the trays, with a real start of each, and once it was read it is over', () => {
      const plan = sheetPlan('strip');
      const events = [poured('print-developer', 4), poured('print-stop', 2)];
      const record = processRecord(plan, events);
      const fired = [{ ...strip1, fromMs: nowMs - 9 * minute, toMs: nowMs - 5 * minute }];
      const sheets = [{ id: 's', title: 'strip 1', record, firedId: 'p' }];
      const { tasks } = asked({ ...nothingLies, sheets, fired });
      expect(tasks[0]!.begunSeconds).toEqual([-540, -240]);
      expect(tasks[0]!.steps.map(({ id }) => id)).toEqual(['fire', 'trays', 'look']);
      expect(tasks[0]!.steps[1]!.seconds).toBeGreaterThan(240);
      const out = {
        plan,
        events: [...events, { id: 'f', kind: 'finished' as const, atMs: nowMs - minute }],
      };
      const unread = asked({ ...nothingLies, fired: [{ ...fired[0]!, out }] });
      expect(unread.tasks[0]!.begunSeconds).toEqual([-540, -240]);
      expect(unread.tasks[0]!.steps[1]!.seconds).toBe(180);
      expect(unread.over).toEqual([]);
      const read = followed(
        { ...nothingLies, prints: [{ ...waiting, firstStrip: 2 }], fired: [{ ...fired[0]!, out }] },
        ...([nowMs, nowMs, {}] as const),
      );
      expect(read.open).toEqual([]);
      expect(read.over.map(({ id, steps }) => [id, steps.length])).toEqual([
        ['print 1#strip-1', 2],
      ]);
    });

    it('two papers of one strip, and what is planned once more, are tasks of their own', () => {
      const lit = { ...strip1, fromMs: nowMs - 5 * minute };
      const { tasks, question } = asked({ ...nothingLies, fired: [lit, { ...lit, id: 'q' }] });
      const ids = tasks.map(({ id }) => id);
      expect(new Set(ids).size).toBe(ids.length);
      expect(ids).toContain('print 1#strip-1-2');
      expect(planEvening(question!).steps.length).toBeGreaterThan(0);
      const gone = {
        plan: sheetPlan('print'),
        events: [
          poured('print-developer', 60),
          { id: 'f', kind: 'finished' as const, atMs: nowMs - 50 * minute },
        ],
      };
      const made = { ...lit, kind: 'print' as const, toMs: nowMs - 61 * minute, out: gone };
      const again = asked({ ...nothingLies, fired: [made] });
      expect(again.tasks.map(({ id }) => id)).toContain('print 1#print');
      expect(again.over).toEqual([]);
    });

    it('film out of its last bath tonight is over, and a run of last week is none of it', () => {
      const plan = sheetPlan();
      const run = (id: string, hoursAgo: number) => ({
        roll: { id, title: id, plan },
        events: [
          { ...poured('print-developer', hoursAgo * 60 + 30), id: 'a' },
          { id: 'b', kind: 'finished', atMs: nowMs - hoursAgo * 60 * minute },
        ],
      });
      const runs = [run('tonight', 1), run('last week', 170)] as never;
      expect(finishedTonight(runs, nowMs).map(({ id }) => id)).toEqual(['tonight']);
    });

    it('names the strip that made it late', () => {
      const { plan, tasks, beginMs } = planned({ ticked: '["print 1"]' });
      const kept = promise('', plan, beginMs - 15 * minute);
      const fired = [{ ...strip1, fromMs: nowMs - 15 * minute, toMs: nowMs - 2 * minute }];
      const now = asked({ ...nothingLies, fired });
      const late = lateBy(now.question!, placesFrom(kept, now.beginMs));
      expect(late[0]!.taskId).toBe('print 1#strip-1');
      const typed = form({ ticked: '["print 1"]' });
      const endMs = beginMs + planEvening(now.question!).endSeconds * 1000;
      expect(laterWords({ ...kept, of: promisedOf(typed) }, typed, endMs, late, tasks)).toBe(
        '11 minutes later than planned: strip 1 of Cullet.',
      );
      expect(now.over.map(unnamed)).toEqual([]);
    });

    it('a drum and a sheet that nobody fired here are under way as well', () => {
      const record = processRecord(sheetPlan(), [poured('print-developer', 1)]);
      const sheets = [{ id: 's', title: 'print', record }];
      const { open } = followed({ ...nothingLies, sheets, fired: [] }, nowMs, nowMs, {});
      expect(open.map(({ id, name }) => [id, name])).toEqual([['sheet s', 'print']]);
      expect(open[0]!.steps.map(({ id }) => id)).toEqual(['trays', 'wash', 'hang']);
    });

    it('learns from what was fired here how long a strip takes', () => {
      const plan = sheetPlan('strip');
      const once = (id: string, minutes: number) => ({
        ...{ ...strip1, id, fromMs: 0, toMs: minutes * minute },
        out: {
          plan,
          events: [
            { id: 'a', kind: 'poured-in' as const, stepId: 'print-developer', atMs: 0 },
            { id: 'b', kind: 'finished' as const, atMs: 6 * minute },
          ],
        },
      });
      const learned = learnedFrom(tookAtBench([once('a', 3), once('b', 4), once('c', 9)]), {
        'roll.wash': [1500, 1500, 1620],
      });
      expect(learned['strip.fire']).toEqual({ seconds: 240, spreadSeconds: 90, of: 3 });
      const [first] = tasksOf([print], learned);
      expect(first!.steps.map(({ seconds }) => seconds)).toEqual([240, 360, 180]);
      expect(learnedWords(learned)).toContain('Wash (roll): 25 minutes ± 0.5, of 3 times.');
      expect(learnedWords(learned)).toContain('Fire it (strip): 4 minutes ± 1.5, of 3 times.');
    });
  });

  it('sets the bottles to warm so that they are ready when the tank is loaded', () => {
    const facts = { developerSeconds: 600, developerC: 20 };
    const candidates = [{ ...roll1, facts }];
    const steps = (bottles: string) => {
      const { tasks, trouble } = eveningAsked(form({ bottles }), { candidates, nowMs });
      return trouble ?? tasks[0]!.steps.map(({ id, seconds }) => `${id} ${Math.round(seconds)}`);
    };
    expect(steps('').slice(0, 3)).toEqual(['load 480', 'ready 600', 'develop 600']);
    // In water at 30 °C a bottle at 12 °C comes to 20 °C in 600 s × ln 1.8.
    expect(steps('12').slice(0, 3)).toEqual(['ready 600', 'load 480', 'develop 600']);
    // At 15 °C such water would have them there in four minutes, and too warm at the pour: it is less warm.
    expect(steps('15').slice(0, 3)).toEqual(['ready 600', 'load 480', 'develop 600']);
    const [ready] = eveningAsked(form({ bottles: '15' }), { candidates, nowMs }).tasks[0]!.steps;
    expect(ready!.name).toBe('mix, set the bottles into water of 24.1°C');
    expect(24.08 + (15 - 24.08) * Math.exp(-480 / 600)).toBeCloseTo(20, 1);
    expect(steps('5').slice(0, 4)).toEqual(['ready 600', 'load 480', 'warm 70', 'develop 600']);
    expect(steps('cold')).toMatch(/^Type the temperature/);
    expect(steps('80')).toMatch(/^Bottles lie between/);
  });

  it('develops for what the roll is planned for, or what its recipe says for its speed', () => {
    const seconds = (of: Roll, standing: TonightFacts['standing'] = []) =>
      candidatesOf({ ...nothing, standing, rolls: [of], recipes: [recipe] })[0]!.facts
        .developerSeconds;
    const usual = seconds(roll('R-1'))!;
    // Pushed by a stop, by the rule of thumb.
    expect(seconds(roll('R-2', recipeExample.film, 800))).toBeCloseTo(1.4 * usual, 6);
    // A plan has everything in it: what was read, N, both baths.
    const planned = {
      ...roll('R-3'),
      ...{ temperatureC: 22, recipe: recipeExample },
      plan: {
        ...rollExample.plan,
        steps: [
          { id: 'developer', kind: 'developer', seconds: 600, agitation: 'each-minute' },
          { id: 'second', kind: 'second-developer', seconds: 360, agitation: 'each-minute' },
        ],
      },
    } as unknown as Roll;
    expect(seconds(planned)).toBe(960);
    const reused = { ...recipe, reuse: { kind: 'batch', rolls: 5, percent: 12 } } as Recipe;
    const [worn] = candidatesOf({
      ...nothing,
      ...{ rolls: [roll('R-4')], recipes: [reused], standing: [developerAfter(6)] },
    });
    expect(worn!.facts.developerSeconds).toBeCloseTo(1.12 * usual, 6);
    // Beyond the rule of thumb nothing is known, and the evening goes on with what is usual.
    expect(seconds(roll('R-5', recipeExample.film, 6400))).toBeUndefined();
  });

  it('a group of more rolls than a tank takes is several tanks', () => {
    const rolls = Array.from({ length: 13 }, (_, at) => roll(`R-${at + 1}`));
    const loads = candidatesOf({ ...nothing, rolls, recipes: [recipe], tanks: [large, small] });
    expect(loads.map(({ name }) => name.split(' · ').length)).toEqual([5, 5, 3]);
    expect(new Set(loads.map(({ id }) => id)).size).toBe(3);
  });

  it('says how much later it gets than was planned, as long as the plan is the same', () => {
    const now = form();
    const promised = { of: promisedOf(now), endMs: nowMs, places: [] };
    expect(laterWords(promised, now, nowMs + 12 * 60_000)).toBe('12 minutes later than planned.');
    expect(laterWords(promised, now, nowMs - 60_000)).toBe('1 minute sooner than planned.');
    expect(laterWords(promised, now, nowMs + 10_000)).toBe('');
    for (const byHand of [{ out: '23:00' }, { minutes: '{"roll.load":"38"}' }, { tanks: '2' }])
      expect(laterWords(promised, form(byHand), nowMs + 720_000)).toBe('');
    expect(readPromised(JSON.stringify(promised), nowMs)).toEqual(promised);
    // The ticks are the same the day after; the promise is not.
    expect(readPromised(JSON.stringify(promised), nowMs + 86_400_000)).toBeUndefined();
    for (const odd of ['', 'x', '3', '{}', '{"of":"","endMs":1,"places":[[1]]}'])
      expect(readPromised(odd, nowMs)).toBeUndefined();
  });

  it('says what another order costs', () => {
    const { plan: best } = planned();
    const order = [...best.order].reverse();
    const { plan } = planned({ order: JSON.stringify(order) });
    expect(costWords(best, plan)).toMatch(/^In this order it ends (as soon|\d+ minutes later)\.$/);
    expect(costWords(best, { ...best, endSeconds: best.endSeconds + 720 })).toBe(
      'In this order it ends 12 minutes later.',
    );
    expect(costWords(best, { ...best, left: ['a'] })).toBe(
      'In this order 1 task more would not fit.',
    );
    // Dragged to the end of the evening the roll comes last.
    expect(draggedBy(best, 'roll 1#roll', 6 * 3600).at(-1)).toBe('roll 1#roll');
    expect(draggedBy(best, 'roll 1#roll', -6 * 3600)[0]).toBe('roll 1#roll');
    expect(reordered(['a', 'b', 'c'], 'c', -1)).toEqual(['a', 'c', 'b']);
    expect(reordered(['a', 'b'], 'a', -1)).toEqual(['a', 'b']);
    expect(instantOf('20.15', nowMs) - nowMs).toBe(105 * 60_000);
  });

  it('offers what waits: rolls that go together as one, prints by what is next of them', () => {
    const facts = {
      ...nothing,
      ...{ rolls: [roll('R-1'), roll('R-2')], recipes: [recipe] },
      prints: [
        {
          id: '1',
          href: '',
          name: 'Cullet',
          next: '',
          does: 'print' as const,
          strips: 2,
          fibre: true,
        },
        { id: '2', href: '', name: 'Yard', next: '', does: 'judge' as const, strips: 0 },
      ],
    };
    expect(candidatesOf(facts).map(({ id, kind, times, then }) => [id, kind, times, then])).toEqual(
      [
        ['roll R-1', 'roll', undefined, undefined],
        ['print 1', 'strip', 2, 'print'],
        ['print 2', 'judge', undefined, undefined],
      ],
    );
  });
});
