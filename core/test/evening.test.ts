import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  lateBy,
  learnedDuration,
  planEvening,
  sharedThings,
  type EveningPlan,
  type EveningQuestion,
  type EveningTask,
  type SharedId,
} from '../src/index.ts';

const hands = ['hands'] as const;

/** A roll: loaded in the dark, developed, washed by itself, hung up. */
const roll = (id: string): EveningTask => ({
  id,
  steps: [
    { id: 'load', seconds: 300, needs: [...hands, 'tank'], light: 'dark' },
    { id: 'develop', seconds: 540, needs: [...hands, 'tank'], longestWaitSeconds: 0 },
    { id: 'fix', seconds: 300, needs: [...hands, 'tank'], longestWaitSeconds: 0 },
    { id: 'wash', seconds: 1200, needs: ['washer', 'tank'], longestWaitSeconds: 600 },
    { id: 'hang', seconds: 120, needs: [...hands, 'line'] },
    { id: 'dry', seconds: 7200, needs: ['line'], outlasts: true },
  ],
});
const strip = (id: string, after?: string): EveningTask => ({
  id,
  ...(after && { after }),
  steps: [
    { id: 'fire', seconds: 240, needs: [...hands, 'enlarger'], light: 'red' },
    {
      id: 'trays',
      seconds: 240,
      needs: [...hands, 'trays'],
      light: 'red',
      longestWaitSeconds: 600,
    },
  ],
});
const at = (plan: EveningPlan, taskId: string, stepId: string) =>
  plan.steps.find((step) => step.taskId === taskId && step.stepId === stepId)!;

/** How many of a thing are in use at once, at the most. */
function mostOf(question: EveningQuestion, plan: EveningPlan, id: SharedId): number {
  const using = plan.steps.filter(({ taskId, stepId }) =>
    question.tasks
      .find((task) => task.id === taskId)!
      .steps.find((step) => step.id === stepId)!
      .needs.includes(id),
  );
  return Math.max(
    0,
    ...using.map(
      ({ fromSeconds }) =>
        using.filter(
          (one) => one.fromSeconds <= fromSeconds + 1e-6 && one.toSeconds > fromSeconds + 1e-6,
        ).length,
    ),
  );
}

describe('an evening', () => {
  it('prints a strip while the film washes, in a light that is its own', () => {
    const plan = planEvening({ tasks: [strip('strip'), roll('roll')], amounts: { line: 4 } });
    expect(at(plan, 'strip', 'fire').fromSeconds).toBe(1140);
    expect(plan.endSeconds).toBe(300 + 540 + 300 + 1200 + 120);
    // Hands are free once the strip is through, until the film is hung.
    expect(plan.idle).toEqual([{ fromSeconds: 1620, toSeconds: 2340 }]);
    // In the dark no strip is fired, though hands were there.
    const twoHands = planEvening({
      tasks: [strip('strip'), roll('roll')],
      amounts: { hands: 2, line: 4 },
    });
    const load = at(twoHands, 'roll', 'load');
    const fire = at(twoHands, 'strip', 'fire');
    expect(fire.fromSeconds >= load.toSeconds || fire.toSeconds <= load.fromSeconds).toBe(true);
  });

  it('keeps dinner and the hour, and leaves for another day what does not fit', () => {
    const dinner = { fromSeconds: 600, seconds: 1800 };
    const tasks = [roll('roll'), strip('strip')];
    const plan = planEvening({ tasks, fixed: [dinner], untilSeconds: 5400 });
    for (const { taskId, stepId, fromSeconds, toSeconds } of plan.steps) {
      const { needs } = tasks
        .find(({ id }) => id === taskId)!
        .steps.find(({ id }) => id === stepId)!;
      if (needs.includes('hands')) expect(fromSeconds >= 2400 || toSeconds <= 600).toBe(true);
    }
    expect(planEvening({ tasks, untilSeconds: 900 }).left).toEqual(['roll']);
    expect(planEvening({ tasks: [strip('a'), strip('b', 'a')], untilSeconds: 900 }).left).toEqual([
      'b',
    ]);
  });

  it('plans anew from now and keeps what has begun where it is', () => {
    const begun = { ...roll('roll'), begunSeconds: [-700, -400] };
    const plan = planEvening({ tasks: [strip('strip'), begun] });
    expect(at(plan, 'roll', 'load').fromSeconds).toBe(-700);
    expect(at(plan, 'roll', 'develop').fromSeconds).toBe(-400);
    // The developer is poured: its fix follows at once, and the strip waits.
    expect(at(plan, 'roll', 'fix').fromSeconds).toBe(140);
    expect(at(plan, 'strip', 'fire').fromSeconds).toBeGreaterThanOrEqual(440);
  });

  it('gives what has begun its places first: a developer that is poured waits for no strip', () => {
    const poured = { ...roll('roll'), begunSeconds: [-900, -540] };
    const many = ['a', 'b', 'c'].map((id) => strip(id));
    const plan = planEvening({ tasks: [...many, poured], order: ['a', 'b', 'c', 'roll'] });
    expect(at(plan, 'roll', 'fix').fromSeconds).toBe(0);
    expect(at(plan, 'a', 'fire').fromSeconds).toBe(300);
  });

  it('answers for two that wait for each other, and for more steps than all orders can be tried of', () => {
    const each = planEvening({ tasks: [strip('a', 'b'), strip('b', 'a')] });
    expect(each.left).toEqual([]);
    const long = Array.from({ length: 6 }, (_, task) => ({
      id: `t${task}`,
      steps: Array.from({ length: 60 }, (_unused, index) => ({
        ...{ id: `s${index}`, seconds: 60, needs: hands },
      })),
    }));
    expect(planEvening({ tasks: long }).endSeconds).toBe(6 * 60 * 60);
  });

  it('does it in the order that somebody wants, and says what that costs', () => {
    const tasks = [roll('roll'), strip('strip')];
    const best = planEvening({ tasks });
    const wanted = planEvening({ tasks, order: ['strip', 'roll'] });
    expect(wanted.order).toEqual(['strip', 'roll']);
    expect(wanted.endSeconds - best.endSeconds).toBe(480);
    expect(() => planEvening({ tasks: [roll('a'), roll('a')] })).toThrow(/same id/);
    expect(() => planEvening({ tasks: [{ id: 'a', steps: [] }] })).toThrow(/has a step/);
    expect(planEvening({ tasks: [] })).toMatchObject({ endSeconds: 0, steps: [], left: [] });
  });

  const ids = sharedThings.map(({ id }) => id);
  const step = fc.record(
    {
      seconds: fc.integer({ min: 1, max: 60 }).map((minutes) => minutes * 60),
      needs: fc.uniqueArray(fc.constantFrom(...ids), { maxLength: 3 }),
      light: fc.constantFrom('white' as const, 'red' as const, 'dark' as const),
      longestWaitSeconds: fc.integer({ min: 0, max: 20 }).map((minutes) => minutes * 60),
    },
    { requiredKeys: ['seconds', 'needs'] },
  );
  const tasks = (most: number) =>
    fc
      .array(fc.array(step, { minLength: 1, maxLength: 4 }), { minLength: 1, maxLength: most })
      .map((all) =>
        all.map((steps, task) => ({
          id: `t${task}`,
          steps: steps.map((one, index) => ({ id: `s${index}`, ...one })),
        })),
      );

  it('never needs a thing twice, never lets a step wait longer than it may, never mixes two lights', () => {
    fc.assert(
      fc.property(tasks(8), (generated) => {
        const question = { tasks: generated, amounts: { washer: 2 } };
        const plan = planEvening(question);
        expect(plan.left).toEqual([]);
        for (const id of ids) {
          expect(mostOf(question, plan, id)).toBeLessThanOrEqual(id === 'washer' ? 2 : 1);
        }
        const lit = plan.steps.map((one) => ({
          ...one,
          light: generated
            .find(({ id }) => id === one.taskId)!
            .steps.find(({ id }) => id === one.stepId)!.light,
        }));
        for (const one of lit) {
          for (const other of lit) {
            const over =
              one.fromSeconds < other.toSeconds - 1e-6 && other.fromSeconds < one.toSeconds - 1e-6;
            if (over && one.light && other.light) expect(one.light).toBe(other.light);
          }
        }
        for (const { id, steps } of generated) {
          steps.slice(1).forEach((next, index) => {
            const before = at(plan, id, steps[index]!.id);
            const wait = at(plan, id, next.id).fromSeconds - before.toSeconds;
            expect(wait).toBeGreaterThanOrEqual(-1e-6);
            expect(wait).toBeLessThanOrEqual((steps[index]!.longestWaitSeconds ?? Infinity) + 1e-6);
          });
        }
      }),
      { numRuns: 40 },
    );
  });

  const ordersOf = (all: readonly string[]): string[][] =>
    all.length <= 1
      ? [[...all]]
      : all.flatMap((first) =>
          ordersOf(all.filter((id) => id !== first)).map((rest) => [first, ...rest]),
        );

  it('ends within a tenth of the best of all orders, up to six tasks', () => {
    fc.assert(
      fc.property(tasks(6), (generated) => {
        const best = Math.min(
          ...ordersOf(generated.map(({ id }) => id)).map(
            (order) => planEvening({ tasks: generated, order }).endSeconds,
          ),
        );
        expect(planEvening({ tasks: generated }).endSeconds).toBeLessThanOrEqual(best * 1.1 + 1e-6);
      }),
      { numRuns: 15 },
    );
  });
});

describe('what makes an evening late', () => {
  const minutes = (plan: EveningPlan, by: number) =>
    plan.steps.map((one) => ({
      ...one,
      fromSeconds: one.fromSeconds - by * 60,
      toSeconds: one.toSeconds - by * 60,
    }));
  const tasks = [strip('first'), strip('second', 'first'), strip('third', 'second')];

  it('is the one that took longer, not those that wait for it', () => {
    const promised = minutes(planEvening({ tasks }), 12);
    // Twelve minutes on the first is still in the trays, and the others wait.
    const slow: EveningTask = {
      ...tasks[0]!,
      steps: tasks[0]!.steps.map((step) =>
        step.id === 'trays' ? { ...step, seconds: 720 } : step,
      ),
      begunSeconds: [-720, -480],
    };
    const [worst, ...others] = lateBy({ tasks: [slow, ...tasks.slice(1)] }, promised);
    expect(worst).toEqual({ taskId: 'first', seconds: 480 });
    expect(others.every(({ seconds }) => seconds <= worst!.seconds)).toBe(true);
  });

  it('is one that is over by now and ended late, though another has not begun for it', () => {
    const promised = minutes(planEvening({ tasks }), 20);
    const over: EveningTask = {
      ...tasks[0]!,
      steps: tasks[0]!.steps.map((step) =>
        step.id === 'trays' ? { ...step, seconds: 960 } : step,
      ),
      begunSeconds: [-1200, -960],
    };
    expect(lateBy({ tasks: [over, ...tasks.slice(1)] }, promised)[0]).toEqual({
      ...{ taskId: 'first', seconds: 480 },
    });
    // Where it ended in time, the one that has not begun is what is late.
    const inTime = { ...tasks[0]!, begunSeconds: [-1200, -960] };
    expect(lateBy({ tasks: [inTime, ...tasks.slice(1)] }, promised)[0]!.taskId).toBe('second');
  });

  it('is one that nobody had planned', () => {
    const promised = planEvening({ tasks: tasks.slice(0, 2) }).steps;
    expect(lateBy({ tasks }, promised)).toEqual([{ taskId: 'third', seconds: 480 }]);
  });

  it('is nothing while all goes as planned', () => {
    expect(lateBy({ tasks }, planEvening({ tasks }).steps)).toEqual([]);
  });
});

describe('how long a step takes here', () => {
  it('is the median, whatever one bad evening says; and nothing from two', () => {
    const usual = fc.array(fc.integer({ min: 200, max: 400 }), { minLength: 3, maxLength: 30 });
    fc.assert(
      fc.property(usual, (took) => {
        const learned = learnedDuration(took)!;
        expect(learned.of).toBe(took.length);
        const below = took.filter((seconds) => seconds <= learned.seconds).length;
        const above = took.filter((seconds) => seconds >= learned.seconds).length;
        expect(Math.min(below, above)).toBeGreaterThanOrEqual(Math.floor(took.length / 2));
        expect(learned.spreadSeconds).toBeLessThanOrEqual(100);
      }),
    );
    expect(learnedDuration([300, 310, 305, 315, 9000])?.seconds).toBe(310);
    expect(learnedDuration([300, 320])).toBeUndefined();
    expect(learnedDuration([300, 320, 0, -5])).toBeUndefined();
  });
});
