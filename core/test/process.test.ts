import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  agitationScheme,
  agitationSchemes,
  bursts,
  cuesBetween,
  eventsThatCount,
  filmPlan,
  filmStepKinds,
  fixAgitation,
  followSchool,
  isForgotten,
  planSchools,
  processMoment,
  processOutcome,
  processRecord,
  sheetPlan,
  stepKind,
  usualFilmKinds,
  wayOf,
  withStep,
  type ProcessEvent,
  type ProcessPlan,
} from '../src/index.ts';

const plan: ProcessPlan = filmPlan({
  developmentSeconds: 538,
  agitation: 'each-minute',
  kinds: usualFilmKinds,
  seconds: { fix: 210, wash: 360 },
  drainSeconds: 10,
  clockStart: 'pouring-begins',
});

const own = {
  name: 'of one’s own',
  initialSeconds: 0,
  everySeconds: 60,
  burstSeconds: 0,
  turns: 0,
  continuous: false,
};

let ids = 0;
const pour = (stepId: string, seconds: number): ProcessEvent => ({
  id: `e${(ids += 1)}`,
  atMs: seconds * 1000,
  kind: 'poured-in',
  stepId,
});
const soaked = [pour('pre-soak', 0), pour('developer', 60)];
const momentAt = (events: ProcessEvent[], seconds: number) =>
  processMoment(plan, events, seconds * 1000);

describe('a film plan', () => {
  it('keeps the steps in the order given, with their usual times', () => {
    expect(plan.steps.map((step) => [step.kind, step.seconds])).toEqual([
      ['pre-soak', 60],
      ['developer', 538],
      ['stop', 30],
      ['fix', 210],
      ['wash', 360],
      ['wetting-agent', 30],
    ]);
  });

  it('every kind of step and scheme can be found by its id', () => {
    for (const kind of filmStepKinds) expect(stepKind(kind.id)).toBe(kind);
    for (const scheme of agitationSchemes) expect(agitationScheme(scheme.id)).toBe(scheme);
  });
});

describe('agitation', () => {
  it('counts from the start of the step and leaves out what would overlap pouring out', () => {
    const starts = bursts(plan.steps[1]!, 10).map((burst) => burst.startSeconds);
    expect(starts).toEqual([0, 60, 120, 180, 240, 300, 360, 420, 480]);
    const shorter = bursts({ ...plan.steps[1]!, seconds: 499 }, 10);
    expect(shorter.at(-1)!.startSeconds).toBe(420);
  });

  it('moved all the time goes on until pouring out', () => {
    expect(bursts(plan.steps[2]!, 10)).toEqual([{ startSeconds: 0, endSeconds: 20 }]);
  });

  it('asked for a stretch works out only what lies in it', () => {
    const whole = bursts(plan.steps[1]!, 10);
    fc.assert(
      fc.property(fc.double({ min: 0, max: 538, noNaN: true }), fc.nat(300), (from, length) => {
        const here = whole.filter(
          ({ startSeconds, endSeconds }) => endSeconds > from && startSeconds < from + length,
        );
        expect(bursts(plan.steps[1]!, 10, from, from + length)).toEqual(here);
      }),
    );
  });

  it.each([1e-9, 0.00001, 0.1, 4.9])('a turn every %d s is moving it all the time', (every) => {
    const agitation = { ...own, everySeconds: every };
    const step = { id: 'd', kind: 'developer', seconds: 600, agitation } as const;
    expect(bursts(step, 10)).toEqual([{ startSeconds: 0, endSeconds: 590 }]);
    expect(agitationScheme(agitation).name).toContain('continuous');
  });

  it('a fixer is moved for the first minute, then as the developer, never left to stand', () => {
    const fixing = plan.steps.find(({ kind }) => kind === 'fix')!;
    expect(bursts(fixing, 10).slice(0, 3)).toEqual([
      { startSeconds: 0, endSeconds: 60 },
      { startSeconds: 120, endSeconds: 130 },
      { startSeconds: 180, endSeconds: 190 },
    ]);
    expect(fixAgitation('rotary')).toBe('rotary');
    expect(fixAgitation('each-half-minute')).toMatchObject({
      initialSeconds: 60,
      everySeconds: 30,
    });
    expect(fixAgitation('stand')).toMatchObject({ initialSeconds: 60, everySeconds: 60, turns: 4 });
    expect(fixAgitation('semi-stand')).toMatchObject({ everySeconds: 60 });
  });

  it('left alone is left alone', () => {
    expect(bursts(plan.steps[0]!, 10)).toEqual([]);
  });

  it('no burst ever overlaps the pouring out or another burst', () => {
    const steps = fc.record({
      id: fc.constant('x'),
      kind: fc.constant('developer' as const),
      seconds: fc.integer({ min: 5, max: 3600 }),
      agitation: fc.constantFrom(...agitationSchemes.map(({ id }) => id)),
    });
    fc.assert(
      fc.property(steps, fc.integer({ min: 0, max: 30 }), (step, drain) => {
        let free = 0;
        for (const burst of bursts(step, drain)) {
          expect(burst.startSeconds).toBeGreaterThanOrEqual(free);
          expect(burst.endSeconds).toBeLessThanOrEqual(Math.max(0, step.seconds - drain));
          free = burst.endSeconds;
        }
      }),
    );
  });
});

describe('the moment', () => {
  it('before the first pour waits for it', () => {
    const moment = momentAt([], 5);
    expect(moment.hands).toBe('pour-in');
    expect(moment.next!.step.kind).toBe('pre-soak');
    expect(moment.current).toBeUndefined();
  });

  it.each([
    [70, 'agitate', 528],
    [95, 'rest', 503],
    [125, 'agitate', 473],
    [589, 'pour-out', 9],
    [600, 'over', -2],
  ] as const)('at %i s: %s, %i s left', (seconds, hands, left) => {
    const moment = momentAt(soaked, seconds);
    expect(moment.hands).toBe(hands);
    expect(moment.current!.remainingSeconds).toBe(left);
  });

  it('names the next turn, the fetching and the pouring out as on the clock', () => {
    const { current, next } = momentAt(soaked, 95);
    expect(current!.nextBurstSeconds).toBe(60);
    expect(current!.step.seconds - current!.fetchSeconds).toBe(40);
    expect(current!.step.seconds - current!.pourOutSeconds).toBe(10);
    expect(next!.step.kind).toBe('stop');
  });

  it('a bath has no pause: it runs over until the next one is in, and both instants are kept', () => {
    const events = [...soaked, pour('stop', 607)];
    const { record, current } = momentAt(events, 610);
    expect(current!.step.kind).toBe('stop');
    expect(record.steps[1]).toMatchObject({ startedAtMs: 60_000, endedAtMs: 607_000 });
  });

  it('water may wait', () => {
    expect(momentAt([pour('pre-soak', 0)], 90).hands).toBe('wait-in-water');
  });

  it('“I poured 40 s ago” moves the start', () => {
    const late: ProcessEvent = {
      id: 'late',
      atMs: 100_000,
      kind: 'poured-earlier',
      stepId: 'developer',
      seconds: 40,
    };
    const events = [pour('pre-soak', 0), pour('developer', 95), late];
    expect(momentAt(events, 100).current!.elapsedSeconds).toBe(40);
    expect(momentAt(events, 100).record.steps[0]!.endedAtMs).toBe(60_000);
  });

  it('but never before the bath before it', () => {
    const late = {
      id: 'l',
      atMs: 100_000,
      kind: 'poured-earlier',
      stepId: 'developer',
      seconds: 999,
    } as const;
    const { record } = momentAt([pour('pre-soak', 50), pour('developer', 95), late], 100);
    expect(record.steps[1]!.startedAtMs).toBe(50_000);
  });

  it('“poured earlier” of a bath that is not the one under way changes nothing', () => {
    const late = {
      id: 'l',
      atMs: 100_000,
      kind: 'poured-earlier',
      stepId: 'fix',
      seconds: 9,
    } as const;
    expect(momentAt([...soaked, late], 100)).toEqual(momentAt(soaked, 100));
  });

  it('undo takes a pour back, and undoing that brings it back', () => {
    const stop = pour('stop', 300);
    const undo: ProcessEvent = { id: 'u', atMs: 302_000, kind: 'undone', eventId: stop.id };
    expect(momentAt([...soaked, stop, undo], 303).current!.step.kind).toBe('developer');
    const redo: ProcessEvent = { id: 'r', atMs: 304_000, kind: 'undone', eventId: 'u' };
    expect(momentAt([...soaked, stop, undo, redo], 305).current!.step.kind).toBe('stop');
    expect(eventsThatCount([undo, stop])).toEqual([]);
  });

  it('finishing ends the last bath and keeps readings and notes', () => {
    const events: ProcessEvent[] = [
      ...soaked,
      { id: 't', atMs: 70_000, kind: 'temperature', temperatureC: 20.4 },
      { id: 'n', atMs: 80_000, kind: 'note', text: 'one turn missed' },
      pour('wetting-agent', 700),
      { id: 'f', atMs: 735_000, kind: 'finished' },
    ];
    const moment = momentAt(events, 800);
    expect(moment.hands).toBe('done');
    expect(moment.record.finishedAtMs).toBe(735_000);
    expect(moment.record.steps[5]!.endedAtMs).toBe(735_000);
    expect(moment.record.steps[2]!.startedAtMs).toBeUndefined();
    expect(moment.record.temperatures).toEqual([
      { atMs: 70_000, temperatureC: 20.4, stepId: 'developer' },
    ]);
    expect(moment.record.notes[0]!.text).toBe('one turn missed');
  });

  it('a step already passed cannot be poured again', () => {
    expect(momentAt([...soaked, pour('pre-soak', 90)], 95).current!.step.kind).toBe('developer');
  });

  it('is the same whatever the order in which the events arrive, and however often', () => {
    const events = [...soaked, pour('stop', 600), pour('fix', 632)];
    fc.assert(
      fc.property(fc.shuffledSubarray(events, { minLength: 4 }), (shuffled) => {
        expect(processRecord(plan, [...shuffled, ...shuffled])).toEqual(
          processRecord(plan, events),
        );
      }),
    );
  });
});

describe('cues', () => {
  const all = cuesBetween(plan, soaked, 60_000, 700_000);

  it('call each turn, the fetching, the pouring out and the end', () => {
    const seconds = (kind: string) =>
      all.filter((cue) => cue.kind === kind).map((cue) => cue.atMs / 1000 - 60);
    expect(seconds('agitate')).toEqual([0, 60, 120, 180, 240, 300, 360, 420, 480]);
    expect(seconds('rest')[0]).toBe(30);
    expect(seconds('fetch-next')).toEqual([498]);
    expect(seconds('pour-out')).toEqual([528]);
    expect(seconds('time-up')).toEqual([538]);
    expect(seconds('over')).toEqual([553, 568, 583, 598, 613, 628]);
  });

  it('are the same whether asked for at once or bit by bit', () => {
    const bits = Array.from({ length: 64 }, (_, bit) =>
      cuesBetween(plan, soaked, 60_000 + bit * 10_000, 70_000 + bit * 10_000),
    ).flat();
    expect(bits).toEqual(all);
  });

  it('are silent before the first pour and after the end', () => {
    expect(cuesBetween(plan, [], 0, 1e9)).toEqual([]);
    const done: ProcessEvent[] = [...soaked, { id: 'f', atMs: 90_000, kind: 'finished' }];
    expect(cuesBetween(plan, done, 91_000, 1e9)).toEqual([]);
  });

  it('do not nag over water', () => {
    const cues = cuesBetween(plan, [pour('pre-soak', 0)], 0, 600_000);
    expect(cues.map((cue) => cue.kind)).toEqual(['fetch-next', 'pour-out', 'time-up']);
  });

  it('in a step shorter than its drain time only its end is called', () => {
    const quick = { ...sheetPlan(), drainSeconds: 20 };
    const stop = [pour('print-stop', 0)];
    expect(cuesBetween(quick, stop, 0, 15_001).map((cue) => cue.kind)).toEqual(['time-up']);
  });
});

describe('a step that is given another time', () => {
  const retimed = (seconds: number, at: number): ProcessEvent => ({
    id: `retimed-${at}`,
    atMs: at * 1000,
    kind: 'retimed',
    stepId: 'developer',
    seconds,
  });

  it('ends at the new time, with its cues, and the plan’s time is kept', () => {
    const events = [...soaked, retimed(520, 200)];
    const moment = momentAt(events, 260);
    expect(moment.current!.remainingSeconds).toBe(320);
    expect(moment.record.steps[1]).toMatchObject({ plannedSeconds: 538, step: { seconds: 520 } });
    const ends = cuesBetween(plan, events, 260_000, 1e9).filter(({ kind }) => kind === 'time-up');
    expect(ends.map(({ atMs }) => atMs)).toEqual([580_000]);
  });

  it('the last one counts, and taken back the one before', () => {
    const events = [...soaked, retimed(520, 200), retimed(550, 300)];
    expect(momentAt(events, 310).current!.step.seconds).toBe(550);
    const undo: ProcessEvent = { id: 'ru', atMs: 320_000, kind: 'undone', eventId: 'retimed-300' };
    expect(momentAt([...events, undo], 330).current!.step.seconds).toBe(520);
  });
});

describe('the schools of a plan', () => {
  const usual = [...usualFilmKinds];

  it('each puts its steps where they belong', () => {
    expect(followSchool(usual, 'stop', 'water')).toEqual([
      'pre-soak',
      'developer',
      'water-stop',
      'fix',
      'wash',
      'wetting-agent',
    ]);
    expect(followSchool(usual, 'wash', 'washing-aid')).toEqual([
      'pre-soak',
      'developer',
      'stop',
      'fix',
      'rinse',
      'washing-aid',
      'wash',
      'wetting-agent',
    ]);
    expect(followSchool(usual, 'fix', 'two')).toContain('second-fix');
    expect(followSchool(usual, 'pre-soak', 'without')[0]).toBe('developer');
  });

  it('every way is known again', () => {
    for (const { id, ways } of planSchools) {
      for (const way of ways) expect(wayOf(followSchool(usual, id, way.id), id)).toBe(way.id);
    }
    expect(wayOf(['stop', 'water-stop'], 'stop')).toBeUndefined();
  });

  it('a step added goes to its place in an order of one’s own', () => {
    expect(withStep(['developer', 'wash', 'fix'], 'stop')).toEqual([
      'developer',
      'stop',
      'wash',
      'fix',
    ]);
    expect(withStep(['developer', 'stop'], 'stop')).toEqual(['developer', 'stop']);
    expect(withStep(['developer'], 'wetting-agent')).toEqual(['developer', 'wetting-agent']);
  });

  it('own times, agitation and a two-bath developer', () => {
    const two = filmPlan({
      developmentSeconds: 300,
      agitation: 'each-minute',
      kinds: ['developer', 'second-developer', 'fix'],
      seconds: { developer: 999, fix: 120 },
      agitations: { fix: 'continuous' },
      afterwards: { developer: 'keep' },
      secondBath: { seconds: 180, agitation: 'rest' },
      drainSeconds: 5,
      clockStart: 'pouring-begins',
      vessel: 'trays',
    });
    expect(two.vessel).toBe('trays');
    expect(two.steps).toEqual([
      {
        id: 'developer',
        kind: 'developer',
        seconds: 300,
        agitation: 'each-minute',
        afterwards: 'keep',
      },
      { id: 'second-developer', kind: 'second-developer', seconds: 180, agitation: 'rest' },
      { id: 'fix', kind: 'fix', seconds: 120, agitation: 'continuous' },
    ]);
  });
});

describe('a step left out during the run', () => {
  it('is not what comes next, and stays in the record as left out', () => {
    const events: ProcessEvent[] = [
      ...soaked,
      { id: 's', atMs: 70_000, kind: 'skipped', stepId: 'stop' },
    ];
    const moment = momentAt(events, 100);
    expect(moment.next?.step.kind).toBe('fix');
    expect(moment.record.steps[2]).toMatchObject({ skipped: true });
    const back: ProcessEvent[] = [
      ...events,
      { id: 'u', atMs: 80_000, kind: 'undone', eventId: 's' },
    ];
    expect(momentAt(back, 100).next?.step.kind).toBe('stop');
  });

  it('that was poured after all was not left out', () => {
    const poured: ProcessEvent[] = [
      ...soaked,
      { id: 's', atMs: 70_000, kind: 'skipped', stepId: 'stop' },
      pour('stop', 90),
    ];
    expect(momentAt(poured, 100).record.steps[2]).toMatchObject({ skipped: false });
  });
});

describe('what a run calls for besides pouring', () => {
  it('hands to the tank three seconds before each turn, but the first', () => {
    const cues = cuesBetween(plan, soaked, 60_000, 700_000);
    const at = (kind: string) =>
      cues.filter((cue) => cue.kind === kind).map((cue) => cue.atMs / 1000 - 60);
    expect(at('lead-in')).toEqual([57, 117, 177, 237, 297, 357, 417, 477]);
  });

  it('a thermometer half-way through the developer, until it was read', () => {
    expect(momentAt(soaked, 100).current?.readSeconds).toBe(269);
    const read: ProcessEvent[] = [
      ...soaked,
      { id: 't', atMs: 90_000, kind: 'temperature', temperatureC: 20 },
    ];
    expect(momentAt(read, 100).current?.readSeconds).toBeUndefined();
    expect(cuesBetween(plan, read, 100_000, 700_000).map(({ kind }) => kind)).not.toContain(
      'read-temperature',
    );
  });

  it('light is safe after half the fixing time', () => {
    const fixing = [...soaked, pour('stop', 600), pour('fix', 630)];
    expect(momentAt(fixing, 640).current?.lightSafeSeconds).toBe(105);
    const cue = cuesBetween(plan, fixing, 630_000, 900_000).find(
      ({ kind }) => kind === 'light-safe',
    );
    expect(cue?.atMs).toBe(735_000);
    expect(momentAt(soaked, 100).current?.lightSafeSeconds).toBeUndefined();
  });

  it('a fix that is just enough to look is safe at its end, not half-way', () => {
    const look: ProcessPlan = {
      steps: [{ id: 'look', kind: 'print-short-fix', seconds: 15, agitation: 'continuous' }],
      drainSeconds: 0,
      clockStart: 'pouring-begins',
    };
    const laidIn = [{ id: '1', kind: 'poured-in' as const, stepId: 'look', atMs: 0 }];
    expect(processMoment(look, laidIn, 1000).current?.lightSafeSeconds).toBe(15);
    const cue = cuesBetween(look, laidIn, 0, 20_000).find(({ kind }) => kind === 'light-safe');
    expect(cue?.atMs).toBe(15_000);
  });
});

describe('time given on top by hand', () => {
  it('is told apart from what the temperature asked for, and undone alone', () => {
    const retimed = (id: string, seconds: number, because?: 'extra'): ProcessEvent => ({
      id,
      atMs: 100_000 + seconds,
      kind: 'retimed',
      stepId: 'developer',
      seconds,
      ...(because && { because }),
    });
    const events = [...soaked, retimed('a', 550), retimed('b', 610, 'extra')];
    expect(momentAt(events, 200).record.steps[1]).toMatchObject({
      plannedSeconds: 538,
      extraSeconds: 60,
      step: { seconds: 610 },
    });
    const undone: ProcessEvent[] = [
      ...events,
      { id: 'c', atMs: 101_000, kind: 'undone', eventId: 'b' },
    ];
    expect(momentAt(undone, 200).record.steps[1]).toMatchObject({
      extraSeconds: 0,
      step: { seconds: 550 },
    });
  });
});

describe('a temperature read just before pouring', () => {
  it('belongs to the bath that was read and not to the one under way', () => {
    const read: ProcessEvent[] = [
      pour('pre-soak', 0),
      { id: 't', atMs: 50_000, kind: 'temperature', temperatureC: 21, stepId: 'developer' },
    ];
    expect(momentAt(read, 55).record.temperatures).toEqual([
      { atMs: 50_000, temperatureC: 21, stepId: 'developer' },
    ]);
  });
});

describe('what becomes of a run', () => {
  const end = (seconds: number): ProcessEvent => ({
    id: 'end',
    atMs: seconds * 1000,
    kind: 'finished',
  });
  const outcome = (...events: ProcessEvent[]) => processOutcome(processRecord(plan, events));

  it('that ends before the fixer was stopped, and lacks what never came', () => {
    const { stopped, missing } = outcome(...soaked, end(300));
    expect(stopped).toBe(true);
    expect(missing.map(({ kind }) => kind)).toEqual(['stop', 'fix', 'wash', 'wetting-agent']);
  });

  it('that ends after it is done, and says what it lacks', () => {
    const fixed = [...soaked, pour('stop', 600), pour('fix', 640)];
    expect(outcome(...fixed, end(900))).toMatchObject({ stopped: false });
    expect(outcome(...fixed, end(900)).missing.map(({ kind }) => kind)).toEqual([
      'wash',
      'wetting-agent',
    ]);
  });

  it('what was left out on purpose is not missing', () => {
    const skip: ProcessEvent = { id: 's', atMs: 1000, kind: 'skipped', stepId: 'wetting-agent' };
    const { missing } = outcome(...soaked, pour('fix', 600), pour('wash', 800), skip, end(900));
    expect(missing.map(({ kind }) => kind)).toEqual(['stop']);
  });

  it('that is open after three times its plan and a day was forgotten', () => {
    const record = processRecord(plan, soaked);
    const planned = plan.steps.reduce((sum, { seconds }) => sum + seconds, 0);
    const limit = (3 * planned + 86_400) * 1000;
    expect(isForgotten(plan, record, limit)).toBe(false);
    expect(isForgotten(plan, record, limit + 1)).toBe(true);
    expect(isForgotten(plan, processRecord(plan, [...soaked, end(900)]), limit * 9)).toBe(false);
    expect(isForgotten(plan, processRecord(plan, []), limit * 9)).toBe(false);
  });
});
