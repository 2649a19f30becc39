import { needed, troublesOf } from '../../kit/form.ts';
import type { ComparisonBody } from '../../nouns/comparison/contract.ts';
import { usualConditions, type Sample } from '../../nouns/comparison/sides.ts';
import { cellsOf, textOf } from '../../nouns/calibration/fields/tables.ts';
import { attempt } from '../../words/attempt.ts';
import { number } from '../../kit/number-field.ts';

/** A comparison as it is being typed. */
export interface ComparisonForm extends Record<string, string> {
  name: string;
  what: string;
  a: string;
  b: string;
  /** Lines of three cells: what, of A, of B. */
  conditions: string;
  asked: string;
  expected: Sample;
  pairs: string;
}

export const emptyComparison: ComparisonForm = {
  ...{ name: '', what: '', a: '', b: '', asked: '', expected: 'a', pairs: '8' },
  conditions: textOf(usualConditions.map((what) => [what, '', ''])),
};

/** A kept comparison as it would have been typed. */
export const comparisonForm = (kept: ComparisonBody): ComparisonForm => ({
  name: kept.name,
  ...kept.changed,
  conditions: textOf([
    ...kept.conditions.map(({ what, a, b }) => [what, a, b]),
    ...usualConditions
      .filter((usual) => !kept.conditions.some(({ what }) => what === usual))
      .map((usual) => [usual, '', '']),
  ]),
  asked: kept.asked,
  expected: kept.expected,
  pairs: String(kept.key.length || 8),
});

/** The conditions as far as they are typed: a line that says nothing of either sample is none. */
export const conditionsOf = (text: string): ComparisonBody['conditions'] =>
  cellsOf(text).flatMap(([what = '', a = '', b = ''], index) =>
    a.trim() === '' && b.trim() === ''
      ? []
      : [{ what: what.trim() || `Condition ${index + 1}`, a: a.trim(), b: b.trim() }],
  );

export type ComparisonTroubles = Partial<
  Record<'name' | 'what' | 'a' | 'b' | 'asked' | 'pairs', string>
>;

/** Reads the form: what is kept of it and how many pairs, or what is wrong with each field. */
export function readComparison(form: ComparisonForm) {
  const fields = {
    name: attempt(() => needed(form.name, 'Ask one question, as: does 1+9 separate better?')),
    what: attempt(() => needed(form.what, 'Say the one thing that is changed, as dilution.')),
    a: attempt(() => needed(form.a, 'Say what it is for sample A, as 1+9.')),
    b: attempt(() => {
      const b = needed(form.b, 'Say what it is for sample B, as 1+14.');
      return needed(
        b === form.a.trim() ? '' : b,
        'The two samples are alike in it: then there is nothing to compare.',
      );
    }),
    asked: attempt(() =>
      needed(form.asked, 'Say what is looked for, as: which has more detail in the glow?'),
    ),
    pairs: number(
      form.pairs,
      'Give from 5 to 40 pairs: fewer than 5 are never a finding.',
      5,
      40,
      true,
    ),
  };
  const troubles = troublesOf(fields) as ComparisonTroubles | undefined;
  if (troubles) return { troubles };
  return {
    pairs: fields.pairs.value!,
    body: {
      name: fields.name.value!,
      changed: { what: fields.what.value!, a: fields.a.value!, b: fields.b.value! },
      conditions: conditionsOf(form.conditions),
      asked: fields.asked.value!,
      expected: form.expected,
    },
  };
}
