import Type, { type Static } from 'typebox';
import { instantMs, oneOf, text, uuid, version } from '../../kit/fields.ts';
import { sides, samples } from './sides.ts';

const closed = { additionalProperties: false };

const Condition = Type.Object(
  {
    what: text('What a condition is about', 60, 1),
    a: text('The condition of sample A', 120),
    b: text('The condition of sample B', 120),
  },
  { title: 'A condition', ...closed },
);

/** One question, two samples, one thing changed; looked at blind, and what came of it. */
export const ComparisonBody = Type.Object(
  {
    name: text('The question', 160, 1),
    /** The one thing that is changed between the samples. */
    changed: Condition,
    /** What else was written down of both. */
    conditions: Type.Array(Condition, { title: 'The conditions', maxItems: 30 }),
    /** What is looked for, and the sample that is expected to have more of it. */
    asked: text('What is looked for', 160, 1),
    expected: oneOf(samples, 'The sample expected'),
    startedAtMs: instantMs('When it was begun'),
    /** Which side sample A lies on in each pair: made by the program, kept from whoever looks. */
    key: Type.Array(oneOf(sides, 'A side'), { title: 'The key', maxItems: 100 }),
    /** Which side was chosen in each pair, as far as it was looked at. */
    answers: Type.Array(oneOf(sides, 'A side'), { title: 'The answers', maxItems: 100 }),
    note: text('What was seen', 400),
  },
  { title: 'A comparison', ...closed },
);
export type ComparisonBody = Static<typeof ComparisonBody>;

export const Comparison = Type.Object(
  { id: uuid('The id'), version, ...ComparisonBody.properties },
  { title: 'A comparison', ...closed },
);
export type Comparison = Static<typeof Comparison>;

export const comparisonExample: ComparisonBody = {
  name: 'Does Quillow 1+9 separate highlights better than 1+14?',
  changed: { what: 'Dilution', a: '1+9', b: '1+14' },
  conditions: [{ what: 'Paper', a: 'Wharf pearl', b: 'Wharf pearl' }],
  asked: 'Which has more detail in the oven’s glow?',
  expected: 'a',
  startedAtMs: 1_768_600_000_000,
  key: ['left', 'right', 'right', 'left', 'left', 'right'],
  answers: ['left'],
  note: '',
};
