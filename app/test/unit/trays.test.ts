import { processMoment, sheetPlan, type ProcessEvent } from '@katachron/core';
import { describe, expect, it } from 'vitest';
import {
  inTray,
  lyingAt,
  mayBeLookedAt,
  sinks,
  trayCaution,
  trayWord,
} from '../../src/lib/bench/sink/trays.ts';

const start = 1_000_000;
const poured = (stepId: string, seconds: number): ProcessEvent => ({
  id: `${stepId}-${seconds}`,
  kind: 'poured-in',
  stepId,
  atMs: start + seconds * 1000,
});
const strip = (plan = sheetPlan('strip')) => ({
  id: 'a',
  name: 'strip 1',
  plan,
  events: [poured('print-developer', 0), poured('print-stop', 62), poured('print-short-fix', 80)],
});
const lyingAfter = (seconds: number, plan = sheetPlan('strip')) =>
  lyingAt([], [strip(plan)], start + seconds * 1000);

describe('a strip in the fixer', () => {
  const fix = sinks.print.find(({ id }) => id === 'fix')!;

  it('may be looked at as soon as the short fix is over', () => {
    expect(lyingAfter(90).some(mayBeLookedAt)).toBe(false);
    expect(lyingAfter(95).some(mayBeLookedAt)).toBe(true);
    expect(trayWord(inTray(fix, lyingAfter(96)))).toBe('fixed enough to look');
  });

  it('of fibre paper takes three times as long', () => {
    const fibre = sheetPlan('strip', 'fibre');
    expect(lyingAfter(100, fibre).some(mayBeLookedAt)).toBe(false);
    expect(lyingAfter(125, fibre).some(mayBeLookedAt)).toBe(true);
  });

  it('goes on to the whole fix when it is kept, in the same tray', () => {
    const kept = { ...strip(), events: [...strip().events, poured('print-fix', 110)] };
    const lying = lyingAt([], [kept], start + 111_000);
    expect(inTray(fix, lying)).toHaveLength(1);
    expect(lying.some(mayBeLookedAt)).toBe(false);
    expect(lying[0]!.moment.current!.remainingSeconds).toBeCloseTo(59, 3);
  });
});

describe('two sheets in a tray', () => {
  it('stand beside each other, the nearest to its end first', () => {
    const developer = sinks.print[0]!;
    const sheet = (id: string, name: string, at: number, seconds: number) => ({
      ...{ id, name, events: [poured('print-developer', at)] },
      plan: {
        ...sheetPlan('strip'),
        steps: sheetPlan('strip').steps.map((step) => ({ ...step, seconds })),
      },
    });
    const sheets = [sheet('a', 'print', 0, 120), sheet('b', 'strip 2', 10, 60)];
    const lying = lyingAt([], sheets, start + 30_000);
    expect(inTray(developer, lying).map(({ name }) => name)).toEqual(['strip 2', 'print']);
  });
});

describe('a print', () => {
  it('has no short fix: it goes from the stop into the whole one', () => {
    const plan = sheetPlan('print');
    expect(plan.steps.map(({ kind }) => kind)).toEqual([
      'print-developer',
      'print-stop',
      'print-fix',
      'print-wash',
    ]);
    const events = [poured('print-developer', 0), poured('print-stop', 61)];
    expect(processMoment(plan, events, start + 70_000).next!.step.kind).toBe('print-fix');
  });

  it('goes through what is wanted besides, each tray in its place and with its time', () => {
    const all = sheetPlan('print', 'fibre', ['toner', 'washing-aid', 'hold', 'second-fix']);
    expect(all.steps.map(({ kind, seconds }) => [kind, seconds])).toEqual([
      ['print-developer', 120],
      ['print-stop', 30],
      ['print-fix', 120],
      ['print-second-fix', 120],
      ['print-hold', 600],
      ['print-rinse', 300],
      ['print-washing-aid', 600],
      ['print-toner', 180],
      ['print-wash', 1800],
    ]);
    const coated = sheetPlan('print', 'resin-coated', ['second-fix']);
    expect(coated.steps.slice(2, 4).map(({ seconds }) => seconds)).toEqual([30, 30]);
    // A strip is looked at and thrown away.
    expect(sheetPlan('strip', 'fibre', ['toner'])).toEqual(sheetPlan('strip', 'fibre'));
  });

  it('in the toner has its caution in the tray; elsewhere in water none', () => {
    const plan = sheetPlan('print', 'fibre', ['toner']);
    const inIts = (kind: string) =>
      trayCaution(
        lyingAt([], [{ id: 'x', name: 'print', plan, events: [poured(kind, 0)] }], start + 10_000),
      );
    expect(inIts('print-toner')).toContain('Toner is toxic: gloves');
    expect(inIts('print-wash')).toBe('');
  });

  it('dries with a clock of its own where that is wanted, fibre over night', () => {
    const dry = (base: 'fibre' | 'resin-coated') => sheetPlan('print', base, ['dry']).steps.at(-1)!;
    expect(dry('fibre')).toMatchObject({ kind: 'print-dry', seconds: 8 * 3600 });
    expect(dry('resin-coated')).toMatchObject({ kind: 'print-dry', seconds: 1800 });
    const plan = sheetPlan('print', 'fibre', ['dry']);
    const lying = lyingAt(
      [],
      [{ id: 'x', name: 'print', plan, events: [poured('print-dry', 0)] }],
      start + 7 * 3_600_000,
    );
    expect(lying[0]).toMatchObject({ forgotten: false });
    expect(lying[0]!.moment.current!.remainingSeconds).toBeCloseTo(3600);
    expect(trayCaution(lying)).toContain('judge it when it is quite dry');
  });

  it('on fibre is washed for an hour', () => {
    expect(sheetPlan('print', 'fibre').steps.at(-1)!.seconds).toBe(3600);
  });
});
