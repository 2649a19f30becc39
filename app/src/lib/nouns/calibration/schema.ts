import Type, { type TSchema } from 'typebox';
import { oneOf, text } from '../../kit/fields.ts';
import type { AnyField, FieldSet, Shape } from './fields/field.ts';

/** Of fewer nothing is told. */
const LEAST_ROWS = 5;
const closed = { additionalProperties: false };

/** What a field's value is, as a schema: the same limits that the page has. */
const schemas: {
  readonly [Is in Shape['is']]: (shape: Extract<Shape, { is: Is }>, title: string) => TSchema;
} = {
  number: ({ least, most, whole }, title) =>
    (whole ? Type.Integer : Type.Number)({ title, minimum: least, maximum: most }),
  text: ({ most }, title) => text(title, most, 1),
  choice: ({ options }, title) =>
    oneOf(
      options.map(({ id }) => id),
      title,
    ),
  tick: (_, title) => Type.Boolean({ title }),
  rows: ({ columns, least, most }, title) =>
    Type.Array(schemaOfFields(columns, title), { title, minItems: least, maxItems: most }),
  columns: ({ heads, cell, rows, rowsBy, most }, title) =>
    Type.Array(
      Type.Object(
        {
          ...propertiesOf(heads),
          values: Type.Array(schemaOf(cell), {
            ...{ title, maxItems: rows },
            minItems: rowsBy === undefined ? rows : LEAST_ROWS,
          }),
        },
        { title, ...closed },
      ),
      { title, minItems: 1, maxItems: most },
    ),
};

function schemaOf({ shape, title }: AnyField): TSchema {
  const named = title.charAt(0).toUpperCase() + title.slice(1);
  return (schemas[shape.is] as (shape: Shape, title: string) => TSchema)(shape, named);
}

const propertiesOf = (fields: FieldSet) =>
  Object.fromEntries(
    Object.entries(fields).map(([name, field]) => [
      name,
      field.optional ? Type.Optional(schemaOf(field)) : schemaOf(field),
    ]),
  );

/** What a set of fields amounts to, as a schema. */
export const schemaOfFields = (fields: FieldSet, title: string): TSchema =>
  Type.Object(propertiesOf(fields), { title, ...closed });
