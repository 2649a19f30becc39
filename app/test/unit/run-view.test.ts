import { filmPlan, processMoment, usualFilmKinds, type ProcessEvent } from '@katachron/core';
import { describe, expect, it } from 'vitest';
import type { PlannedRoll } from '../../src/lib/nouns/roll/contract.ts';
import { rollExample } from '../../src/lib/nouns/roll/contract.ts';
import { runView } from '../../src/lib/stages/film/run-view.ts';
import { logLines, stepLines } from '../../src/lib/stages/logbook/roll-log.ts';
import {
  fresh,
  inTray,
  lastTemperature,
  lyingAt,
  nearest,
  sinks,
  trayWord,
} from '../../src/lib/bench/sink/trays.ts';

const plan = filmPlan({
  developmentSeconds: 538,
  agitation: 'each-minute',
  kinds: usualFilmKinds,
  seconds: { fix: 210 },
  drainSeconds: 10,
  clockStart: 'pouring-begins',
});
const pour = (stepId: string, seconds: number): ProcessEvent => ({
  id: `${stepId}-${seconds}`,
  atMs: seconds * 1000,
  kind: 'poured-in',
  stepId,
});
const soaked = [pour('pre-soak', 0), pour('developer', 60)];
const at = (events: ProcessEvent[], seconds: number) =>
  runView(plan, processMoment(plan, events, seconds * 1000));

describe('the run screen', () => {
  it('before the start', () => {
    expect(at([], 0)).toMatchObject({
      step: 'Pre-soak',
      clock: '1:00',
      main: 'Pour in, start',
      count: '1 of 6',
    });
  });

  it('says what the hands do, what is next and when to fetch it', () => {
    expect(at(soaked, 60 + 331)).toMatchObject({
      step: 'Developer',
      clock: '3:27',
      hands: 'Rest',
      next: ['Turn again at 2:58', 'Stop ready at 0:40, pour out at 0:10', 'Take a reading'],
      main: 'Stop is going in',
      count: '2 of 6',
    });
  });

  it('turns', () => {
    expect(at(soaked, 65).hands).toBe('Keep turning it, gently');
    expect(at(soaked, 125)).toMatchObject({ hands: 'Invert it four times, then tap' });
  });

  it('pours out, runs over visibly, and waits in water', () => {
    expect(at(soaked, 60 + 530)).toMatchObject({
      hands: 'Pour out',
      next: ['Pour it away', 'Then stop, at 0:00'],
    });
    expect(at([...soaked, pour('stop', 600)], 625).next[0]).toBe('Back into its bottle');
    expect(at(soaked, 60 + 545)).toMatchObject({
      hands: 'Time is up: stop in',
      clock: '−0:07',
      over: true,
    });
    expect(at([pour('pre-soak', 0)], 75)).toMatchObject({
      hands: 'Time is up; it may wait in water',
      over: false,
    });
  });

  it('asks for the temperature half-way, until it was read', () => {
    expect(at(soaked, 60 + 200).next).not.toContain('Take a reading');
    const read: ProcessEvent[] = [
      ...soaked,
      { id: 't', atMs: 100_000, kind: 'temperature', temperatureC: 20.4 },
    ];
    expect(at(read, 60 + 331).next).not.toContain('Take a reading');
  });

  it('says from when on light is safe', () => {
    const fixing = [...soaked, pour('stop', 600), pour('fix', 630)];
    expect(at(fixing, 650).next).toContain('Light is safe at 1:45');
    expect(at(fixing, 740).next).toContain('Light is safe now');
    expect(at(soaked, 100).next.join()).not.toContain('Light');
  });

  it('has other words for sheets in trays', () => {
    const trays = { ...plan, vessel: 'trays' as const };
    const words = (events: ProcessEvent[], seconds: number) =>
      runView(trays, processMoment(trays, events, seconds * 1000));
    expect(words([], 0)).toMatchObject({ main: 'First sheet in, start' });
    expect(words(soaked, 65)).toMatchObject({
      hands: 'Shuffle, bottom sheet to the top',
      main: 'Sheets going into the stop',
    });
    expect(words(soaked, 60 + 530).hands).toBe('Lift them, let them drip');
  });

  it('goes past a bath that was left out', () => {
    const skipped: ProcessEvent[] = [
      ...soaked,
      { id: 's', atMs: 70_000, kind: 'skipped', stepId: 'stop' },
    ];
    expect(at(skipped, 100).main).toBe('Fixer is going in');
    expect(stepLines(roll, skipped).find(({ id }) => id === 'stop')).toMatchObject({
      real: 'left out',
    });
    expect(logLines(roll, skipped, 'C').at(-1)?.words).toBe('Stop, acid left out');
  });

  it('ends with hanging up', () => {
    const whole = ['stop', 'fix', 'wash', 'wetting-agent'].map((id, n) => pour(id, 600 + n * 30));
    const last = [...soaked, ...whole];
    expect(at(last, 705).main).toBe('Taken out, done');
    const done: ProcessEvent[] = [...last, { id: 'f', atMs: 731_000, kind: 'finished' }];
    const view = at(done, 732);
    expect(view).toMatchObject({ step: 'Done', hands: 'Hang it up', main: 'To the logbook' });
    for (const word of ['45 minutes', 'sleeve', 'Rinse reels', 'local rules']) {
      expect(view.next.join(' ')).toContain(word);
    }
  });

  it('ended before the fix is not done, and says what is missing', () => {
    const stopped: ProcessEvent[] = [...soaked, { id: 'f', atMs: 300_000, kind: 'finished' }];
    const view = at(stopped, 301);
    expect(view).toMatchObject({ step: 'Stopped', hands: 'Not fixed: keep it dark' });
    expect(view.next[0]).toBe('It lacks stop, acid, fix, wash and wetting agent');
    const unwashed = [...soaked, pour('stop', 600), pour('fix', 630)];
    const ended: ProcessEvent[] = [...unwashed, { id: 'f', atMs: 900_000, kind: 'finished' }];
    expect(at(ended, 901)).toMatchObject({
      step: 'Ended',
      hands: 'Still lacks wash and wetting agent',
    });
  });

  it('that nobody ever ended is offered to be', () => {
    const moment = processMoment(plan, soaked, 10 * 86_400_000);
    expect(runView(plan, moment, true)).toMatchObject({
      hands: 'Begun and never ended',
      next: ['It went in 9 days ago', 'The big button puts it in the logbook as it was'],
      main: 'Stop this run',
    });
  });

  it('words the pour by the school of the clock', () => {
    const ends = { ...plan, clockStart: 'pouring-ends' as const };
    expect(runView(ends, processMoment(ends, soaked, 100_000)).main).toBe('Stop is in');
    expect(runView(ends, processMoment(ends, [], 0)).main).toBe('All in, start');
  });

  it('has a bar that adds up', () => {
    const { bar } = at(soaked, 60 + 269);
    expect(bar.map(({ done }) => Math.round(done))).toEqual([100, 50, 0, 0, 0, 0]);
    expect(bar.at(-1)!.x + bar.at(-1)!.width).toBeLessThanOrEqual(100);
  });
});

const roll: PlannedRoll = {
  id: 'r',
  version: 1,
  state: 'developing',
  startedAtMs: 0,
  finishedAtMs: null,
  ...rollExample,
  plan: { ...plan, steps: [...plan.steps] },
};

describe('the sink', () => {
  const run = { roll, events: soaked };
  it('has the roll in its tray, with its clock', () => {
    const lying = lyingAt([run], [], 100_000);
    const developer = sinks.film.find(({ id }) => id === 'developer')!;
    expect(inTray(developer, lying)).toHaveLength(1);
    expect(trayWord(inTray(developer, lying))).toBe('one in');
    expect(trayWord([])).toBe('empty');
    expect(trayWord(lyingAt([run], [], 700_000))).toBe('time is up');
    expect(nearest(lying)!.name).toBe(roll.title);
  });

  it('shows the last temperature while it says something', () => {
    const read: ProcessEvent = { id: 't', atMs: 90_000, kind: 'temperature', temperatureC: 20.1 };
    const older = { ...roll, madeAtMs: 0 };
    const last = lastTemperature([{ roll: older, events: [read] }], { kinds: ['developer'] });
    expect(last).toEqual({ temperatureC: 20.1, atMs: 90_000 });
    // Each tray has its own bath's: what was read in the fix is not the developer's.
    const inFix: ProcessEvent = {
      ...read,
      id: 'f',
      atMs: 95_000,
      temperatureC: 18.4,
      stepId: 'fix',
    };
    const both = [{ roll: older, events: [read, inFix] }];
    expect(lastTemperature(both, { kinds: ['developer'] })?.temperatureC).toBe(20.1);
    expect(lastTemperature(both, { kinds: ['fix', 'second-fix'] })?.temperatureC).toBe(18.4);
    expect(lastTemperature(both, { kinds: ['stop'] })).toBeUndefined();
    expect(fresh(last, 100_000)).toBe(last);
    expect(fresh(last, 90_000 + 13 * 3_600_000)).toBeUndefined();
  });
});

describe('a roll in the logbook', () => {
  const events: ProcessEvent[] = [
    ...soaked,
    { id: 't', atMs: 70_000, kind: 'temperature', temperatureC: 20.4 },
    pour('stop', 605),
    { id: 'u', atMs: 606_000, kind: 'undone', eventId: 'stop-605' },
    pour('stop', 607),
  ];

  it('has planned and real times side by side', () => {
    const lines = stepLines(roll, events);
    expect(lines[1]).toMatchObject({
      name: 'Developer',
      planned: '8:58',
      real: '9:07',
      difference: '+0:09',
    });
    expect(lines[2]!.real).toBe('in it now');
    expect(lines[3]!.real).toBe('not poured');
  });

  it('leaves nothing out of the log, taken back or not', () => {
    const log = logLines(roll, events, 'C');
    expect(log.map(({ words }) => words)).toEqual([
      'Pre-soak went in',
      'Developer went in',
      '20.4° read',
      'Stop, acid went in',
      'Taken back',
      'Stop, acid went in',
    ]);
    expect(log.map(({ takenBack }) => takenBack)).toEqual([
      false,
      false,
      false,
      true,
      false,
      false,
    ]);
  });
});
