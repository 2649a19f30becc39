import { cuesBetween, processMoment } from '@katachron/core';
import Type from 'typebox';
import { instantMs, orNull } from '../../kit/fields.ts';
import { ProcessEvent, ProcessPlan } from '../../nouns/process/contract.ts';
import { operation } from './operation.ts';

/** How far ahead cues are told, ms. */
const AHEAD_MS = 60_000;

export const processOperation = operation({
  id: 'process',
  summary: 'What is happening at an instant, and the cues of the next minute',
  request: Type.Object(
    {
      plan: ProcessPlan,
      events: Type.Array(ProcessEvent, { title: 'The events', maxItems: 500 }),
      atMs: instantMs('The instant'),
    },
    { title: 'The question', additionalProperties: false },
  ),
  response: Type.Object({
    hands: Type.String(),
    stepId: orNull<string>(Type.String()),
    elapsedSeconds: orNull<number>(Type.Number()),
    remainingSeconds: orNull<number>(Type.Number()),
    nextStepId: orNull<string>(Type.String()),
    cues: Type.Array(
      Type.Object({ kind: Type.String(), atMs: Type.Integer(), stepId: Type.String() }),
    ),
  }),
  example: {
    request: {
      plan: {
        steps: [
          { id: 'stop', kind: 'stop', seconds: 30, agitation: 'continuous' },
          { id: 'fix', kind: 'fix', seconds: 300, agitation: 'each-minute' },
        ],
        drainSeconds: 10,
        clockStart: 'pouring-begins',
      },
      events: [
        {
          id: '0b9e3e0a-6c0e-4d58-9d43-2f1f6f2a7c01',
          atMs: 1_768_500_000_000,
          kind: 'poured-in',
          stepId: 'stop',
        },
      ],
      atMs: 1_768_500_012_000,
    },
    response: {
      hands: 'agitate',
      stepId: 'stop',
      elapsedSeconds: 12,
      remainingSeconds: 18,
      nextStepId: 'fix',
      cues: [
        { kind: 'pour-out', atMs: 1_768_500_020_000, stepId: 'stop' },
        { kind: 'time-up', atMs: 1_768_500_030_000, stepId: 'stop' },
        { kind: 'over', atMs: 1_768_500_045_000, stepId: 'stop' },
        { kind: 'over', atMs: 1_768_500_060_000, stepId: 'stop' },
      ],
    },
  },
  run: ({ plan, events, atMs }) => {
    const moment = processMoment(plan, events, atMs);
    return {
      hands: moment.hands,
      stepId: moment.current?.step.id ?? null,
      elapsedSeconds: moment.current?.elapsedSeconds ?? null,
      remainingSeconds: moment.current?.remainingSeconds ?? null,
      nextStepId: moment.next?.step.id ?? null,
      cues: cuesBetween(plan, events, atMs, atMs + AHEAD_MS).map(({ kind, atMs: due, stepId }) => ({
        kind,
        atMs: due,
        stepId,
      })),
    };
  },
});
