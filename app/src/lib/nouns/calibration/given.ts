import type { Unit } from '../../words/temperature.ts';
import { attempt } from '../../words/attempt.ts';
import type { FieldSet, GivenOf } from './fields/field.ts';

/** A test as it is being typed: the text of each field. */
export type TestForm = Record<string, string>;

/** The form before anybody typed. */
export const emptyTest = (fields: FieldSet): TestForm =>
  Object.fromEntries(Object.entries(fields).map(([name, { usual }]) => [name, usual]));

/** A kept test as it would have been typed. */
export function typedTest(
  fields: FieldSet,
  given: Readonly<Record<string, unknown>>,
  unit: Unit,
): TestForm {
  return Object.fromEntries(
    Object.entries(fields).map(([name, field]) => [
      name,
      given[name] !== undefined
        ? field.write(given[name], unit)
        : // One of a few is always chosen; what is typed stays to be typed.
          field.shape.is === 'choice'
          ? field.usual
          : '',
    ]),
  );
}

/** What the form amounts to, or what is wrong with each field. */
export function readTest<Fields extends FieldSet>(
  fields: Fields,
  form: TestForm,
  unit: Unit,
):
  | {
      readonly given: GivenOf<Fields>;
      readonly partly: Partial<GivenOf<Fields>>;
      readonly troubles?: undefined;
    }
  | {
      readonly given?: undefined;
      /** What of it can be read already. */
      readonly partly: Partial<GivenOf<Fields>>;
      readonly troubles: Readonly<Record<string, string>>;
    } {
  const given: Record<string, unknown> = {};
  const troubles: Record<string, string> = {};
  for (const [name, field] of Object.entries(fields)) {
    const { value, trouble } = attempt<unknown>(() => field.read(form[name] ?? '', unit), unit);
    if (trouble !== undefined) troubles[name] = trouble;
    else if (value !== undefined) given[name] = value;
  }
  const whole = given as unknown as GivenOf<Fields>;
  return Object.keys(troubles).length > 0
    ? { troubles, partly: whole }
    : { given: whole, partly: whole };
}

/** Has anything been typed at all? */
export const isUntouched = (fields: FieldSet, form: TestForm): boolean =>
  Object.entries(fields).every(
    ([name, { usual, shape }]) =>
      shape.is === 'choice' || (form[name] ?? '').trim() === usual.trim(),
  );
