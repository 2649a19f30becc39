import type { TSchema } from 'typebox';
import type { FieldSet, GivenOf } from '../../../nouns/calibration/fields/field.ts';
import type { TestKind } from '../../../nouns/calibration/kinds/kind.ts';
import { schemaOfFields } from '../../../nouns/calibration/schema.ts';
import { operation, type Operation } from '../operation.ts';

interface Of<Fields extends FieldSet, Result> {
  readonly kind: TestKind<Fields, Result>;
  readonly id: string;
  readonly summary: string;
  /** Names that only the page needs: what is answered does not hang on them. */
  readonly unnamed: readonly (keyof Fields & string)[];
  readonly response: TSchema;
  readonly example: { readonly request: object; readonly response: object };
  readonly answer: (result: Result) => object;
}

/** A test of the stage as an operation: the same fields, the same engine. */
export function operationOfKind<Fields extends FieldSet, Result>({
  kind,
  id,
  summary,
  unnamed,
  response,
  example,
  answer,
}: Of<Fields, Result>): Operation {
  const asked = Object.fromEntries(
    Object.entries(kind.fields).filter(([name]) => !unnamed.includes(name)),
  );
  const nameless = Object.fromEntries(unnamed.map((name) => [name, '']));
  return operation({
    ...{ id, summary, response, example },
    request: schemaOfFields(asked, 'The question'),
    run: (request) =>
      answer(kind.solve({ ...nameless, ...(request as object) } as unknown as GivenOf<Fields>)),
  });
}
