import type { ProcessRecord, StepKindId, StepRecord } from '@katachron/core';

/** Steps of a process that people say in one word: "the trays", "stop and fix". */
export interface Part {
  readonly id: PartId;
  readonly kinds: readonly StepKindId[];
}
export type PartId = 'develop' | 'fix' | 'trays' | 'wash' | 'drum';

const wet: readonly StepKindId[] = ['print-developer', 'print-stop', 'print-short-fix'];

/** What film, a sheet, a strip and a drum are done in. A strip is looked at out of its short fix. */
export const processParts = {
  film: [
    { id: 'develop', kinds: ['pre-soak', 'developer', 'second-developer'] },
    { id: 'fix', kinds: ['stop', 'water-stop', 'fix', 'second-fix'] },
    {
      ...{ id: 'wash' },
      kinds: ['rinse', 'washing-aid', 'wash', 'fill-and-dump', 'wetting-agent'],
    },
  ],
  strip: [{ id: 'trays', kinds: wet }],
  print: [
    {
      ...{ id: 'trays' },
      kinds: [
        ...wet,
        ...(['print-fix', 'print-second-fix', 'print-hold', 'print-rinse'] as const),
        ...(['print-washing-aid', 'print-toner'] as const),
      ],
    },
    { id: 'wash', kinds: ['print-wash'] },
  ],
  colour: [
    {
      ...{ id: 'drum' },
      kinds: ['drum-warming', 'drum-developer', 'drum-bleach-fix', 'drum-wash'],
    },
  ],
} as const satisfies Record<string, readonly Part[]>;
export type ProcessOf = keyof typeof processParts;

/** A part as it is, or will be. */
export interface PartOfRun {
  readonly id: PartId;
  /** When it really began. */
  readonly fromMs?: number;
  /** How long it took; while it lasts, how long it is going to take. */
  readonly seconds: number;
  readonly over: boolean;
}

const begun = ({ startedAtMs }: StepRecord) => startedAtMs !== undefined;

/** A record in a few parts: what has begun from its real start on, what is over with its real length. */
export function partsOf(of: ProcessOf, record: ProcessRecord, nowMs: number): PartOfRun[] {
  const steps = record.steps.filter(({ skipped }) => !skipped);
  const last = steps.findLastIndex(begun);
  return processParts[of].flatMap(({ id, kinds }): PartOfRun[] => {
    const isOf = ({ step }: StepRecord) => kinds.some((kind) => kind === step.kind);
    const at = steps.findLastIndex(isOf);
    const mine = steps.filter(isOf);
    if (mine.length === 0) return [];
    const first = mine.find(begun);
    const fromMs = first?.startedAtMs;
    const end = steps.slice(at + 1).find(begun)?.startedAtMs ?? record.finishedAtMs;
    if (fromMs !== undefined && end !== undefined) {
      return [{ id, fromMs, seconds: (end - fromMs) / 1000, over: true }];
    }
    // What was passed over is not done any more; what lies in a bath too long lies there until now.
    const left = mine.reduce((sum, one) => {
      const place = steps.indexOf(one);
      if (place < last) return sum;
      const spent = place === last ? (nowMs - one.startedAtMs!) / 1000 : 0;
      return sum + Math.max(one.step.seconds - spent, 0);
    }, 0);
    if (fromMs === undefined) return last > at ? [] : [{ id, seconds: left, over: false }];
    return [{ id, fromMs, seconds: (nowMs - fromMs) / 1000 + left, over: false }];
  });
}
