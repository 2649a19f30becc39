import type { Field } from './field.ts';

/** A field that is asked now and was not always: what was kept before it was has none, and stays what it is. */
export const askedSince = <Value>(field: Field<Value>): Field<Value | undefined> => ({
  ...field,
  optional: true,
  write: (value, unit) => (value === undefined ? '' : field.write(value, unit)),
});
