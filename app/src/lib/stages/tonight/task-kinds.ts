import type { EveningStep } from '@katachron/core';

/** A step of an evening's task, as people say it. */
export interface NamedStep extends EveningStep {
  readonly name: string;
}

/** What is known of a task that its times depend on. */
export interface TaskFacts {
  /** Of a roll: its developer, s, and at what it is used, °C. */
  readonly developerSeconds?: number;
  readonly developerC?: number;
  /** Of a roll: its bottles take so long to come to that, s; not there where nobody read them. */
  readonly warmSeconds?: number;
  /** And in water of so much, in words: less warm where they would else be too warm once the tank is loaded. */
  readonly water?: string;
  /** Of a print: fibre paper is fixed and washed for long. */
  readonly fibre?: boolean;
}

/** A sort of thing to do of an evening: its steps, with usual times. */
export interface TaskKind {
  readonly id: TaskKindId;
  /** What a task of it is called before its name, where the name alone does not say: "strip: Cullet". */
  readonly noun?: string;
  /** What stands behind its name where it is ticked. */
  readonly ticked?: (times: number) => string;
  /** It is judged dry the day after. */
  readonly judgedDry?: boolean;
  readonly steps: (facts: TaskFacts) => readonly NamedStep[];
}

export type TaskKindId = 'roll' | 'strip' | 'print' | 'judge' | 'colour' | 'mix';

const MINUTE = 60;
const USUAL_DEVELOPER_SECONDS = 8 * MINUTE;
/** A tank is loaded in so long, s. */
export const LOADING = 8 * MINUTE;
const HANDS = ['hands'] as const;

/** Every sort, with what each step needs. Film keeps the hands through the fix and frees them in the wash. */
export const taskKinds: readonly TaskKind[] = [
  {
    id: 'mix',
    steps: () => [{ id: 'mix', name: 'mix the powder', seconds: 15 * MINUTE, needs: HANDS }],
  },
  {
    id: 'roll',
    ticked: () => 'developed',
    steps: ({ developerSeconds = USUAL_DEVELOPER_SECONDS, warmSeconds, water }) => [
      // A bottle that stands on in warmer water gets too warm.
      ...(warmSeconds === undefined
        ? []
        : [
            {
              ...{ id: 'ready', seconds: 10 * MINUTE, needs: HANDS },
              name: water
                ? `mix, set the bottles into water of ${water}`
                : 'mix, the bottles are as warm as they are wanted',
              longestWaitSeconds: 5 * MINUTE,
            },
          ]),
      {
        ...{
          id: 'load',
          name: 'load the tank',
          seconds: LOADING,
          needs: ['hands', 'tank'] as const,
        },
        // A tank that is closed may stand; bottles that are warm may not.
        ...{
          light: 'dark' as const,
          longestWaitSeconds: (warmSeconds === undefined ? 120 : 30) * MINUTE,
        },
      },
      ...(warmSeconds === undefined
        ? [
            {
              ...{ id: 'ready', name: 'mix and temper', seconds: 10 * MINUTE },
              ...{ needs: ['hands', 'tank'] as const, longestWaitSeconds: 5 * MINUTE },
            },
          ]
        : []),
      // The bottles come to their temperature while the tank is loaded, and for what is left of it by themselves.
      ...(warmSeconds !== undefined && warmSeconds > LOADING
        ? [
            {
              ...{ id: 'warm', name: 'the bottles come to their temperature' },
              ...{ seconds: warmSeconds - LOADING, needs: ['tank'] as const },
              longestWaitSeconds: 5 * MINUTE,
            },
          ]
        : []),
      {
        ...{ id: 'develop', name: 'develop', seconds: developerSeconds, needs: ['hands', 'tank'] },
        longestWaitSeconds: 0,
      },
      {
        ...{ id: 'fix', name: 'stop and fix', seconds: 6 * MINUTE, needs: ['hands', 'tank'] },
        longestWaitSeconds: 2 * MINUTE,
      },
      {
        ...{ id: 'wash', name: 'wash', seconds: 20 * MINUTE, needs: ['tank'] },
        longestWaitSeconds: 30 * MINUTE,
      },
      { id: 'hang', name: 'hang up', seconds: 4 * MINUTE, needs: ['hands', 'line'] },
      { id: 'dry', name: 'dry', seconds: 120 * MINUTE, needs: ['line'], outlasts: true },
    ],
  },
  {
    id: 'strip',
    noun: 'strip',
    ticked: (times) => `${times === 1 ? 'a strip' : `${times} strips`} and the print`,
    steps: () => [
      {
        ...{ id: 'fire', name: 'fire it', seconds: 4 * MINUTE, needs: ['hands', 'enlarger'] },
        ...{ light: 'red', longestWaitSeconds: 20 * MINUTE },
      },
      {
        ...{ id: 'trays', name: 'develop and fix it', seconds: 5 * MINUTE, light: 'red' },
        ...{ needs: ['hands', 'trays'], longestWaitSeconds: 30 * MINUTE },
      },
      { id: 'look', name: 'look at it', seconds: 3 * MINUTE, needs: HANDS, light: 'white' },
    ],
  },
  {
    id: 'print',
    noun: 'print',
    judgedDry: true,
    steps: ({ fibre = false }) => [
      {
        ...{ id: 'fire', name: 'fire it', seconds: 6 * MINUTE, light: 'red' },
        ...{ needs: ['hands', 'enlarger'], longestWaitSeconds: 20 * MINUTE },
      },
      {
        ...{ id: 'trays', name: 'develop and fix it', needs: ['hands', 'trays'], light: 'red' },
        ...{ seconds: (fibre ? 9 : 5) * MINUTE, longestWaitSeconds: 30 * MINUTE },
      },
      {
        ...{ id: 'wash', name: 'wash', seconds: (fibre ? 60 : 5) * MINUTE, needs: ['washer'] },
        longestWaitSeconds: 60 * MINUTE,
      },
      { id: 'hang', name: 'squeegee, lay to dry', seconds: 3 * MINUTE, needs: HANDS },
    ],
  },
  {
    id: 'judge',
    steps: () => [
      { id: 'judge', name: 'judge it dry', seconds: 5 * MINUTE, needs: HANDS, light: 'white' },
    ],
  },
  {
    id: 'colour',
    steps: () => [
      {
        ...{ id: 'fire', name: 'fire it, close the drum', seconds: 5 * MINUTE, light: 'dark' },
        ...{ needs: ['hands', 'enlarger'], longestWaitSeconds: 20 * MINUTE },
      },
      {
        ...{ id: 'drum', name: 'the drum', seconds: 6 * MINUTE, needs: HANDS },
        longestWaitSeconds: 5 * MINUTE,
      },
      {
        ...{ id: 'dry', name: 'dry', seconds: 20 * MINUTE, needs: [] },
        longestWaitSeconds: 600 * MINUTE,
      },
      { id: 'judge', name: 'judge it', seconds: 5 * MINUTE, needs: HANDS, light: 'white' },
    ],
  },
];

/** Steps of a process in which nobody has to stand by. */
export const washes: readonly string[] = ['wash', 'print-wash'];

export const taskKind = (id: TaskKindId): TaskKind => taskKinds.find((kind) => kind.id === id)!;
