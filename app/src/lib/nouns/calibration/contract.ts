import Type, { type TSchema } from 'typebox';
import { instantMs, oneOf, text, uuid, version } from '../../kit/fields.ts';
import { hangsOn, type HangsOn } from './kinds/kind.ts';
import { testKinds } from './kinds/index.ts';
import { schemaOfFields } from './schema.ts';

/** What a result was written to. */
export interface WrittenTo {
  readonly shelf: 'recipes' | 'papers' | 'enlargers';
  readonly id: string;
  readonly name: string;
}

/** A test that was made: what was seen is kept, and answered anew whenever it is looked at. */
export interface CalibrationBody {
  readonly name: string;
  readonly kind: string;
  readonly foundAtMs: number;
  /** By the fields of its kind. */
  readonly given: Readonly<Record<string, unknown>>;
  readonly wrote: readonly WrittenTo[];
  /** The rolls that its film was developed in. */
  readonly runs?: readonly { readonly id: string; readonly name: string }[];
  /** The short check found that it still holds. */
  readonly checkedAtMs?: number;
  /** Something was changed that it hangs on. */
  readonly doubted?: { readonly atMs: number; readonly because: HangsOn };
}
export type Calibration = CalibrationBody & { readonly id: string; readonly version: number };

const closed = { additionalProperties: false };

const written = Type.Array(
  Type.Object(
    {
      shelf: oneOf(['recipes', 'papers', 'enlargers'], 'The shelf'),
      id: uuid('The id of what it was written to'),
      name: text('The name of what it was written to', 160, 1),
    },
    { title: 'What it was written to', ...closed },
  ),
  { title: 'What it was written to', maxItems: 40 },
);

const shared = {
  name: text('The name', 160, 1),
  foundAtMs: instantMs('When it was found'),
  wrote: written,
  runs: Type.Optional(
    Type.Array(
      Type.Object(
        { id: uuid('The id of a roll'), name: text('The name of a roll', 120, 1) },
        { title: 'A run', ...closed },
      ),
      { title: 'The runs', maxItems: 12 },
    ),
  ),
  checkedAtMs: Type.Optional(instantMs('When it was checked')),
  doubted: Type.Optional(
    Type.Object(
      {
        atMs: instantMs('When it was put in doubt'),
        because: oneOf(Object.keys(hangsOn), 'What was changed'),
      },
      { title: 'The doubt', ...closed },
    ),
  ),
};

/** Told apart by `kind`, so that a wrong field is answered for that kind and not for all of them. */
function byKind(more: Record<string, TSchema>) {
  return {
    type: 'object' as const,
    title: 'A calibration',
    required: ['kind'],
    properties: { kind: { type: 'string' } },
    discriminator: { propertyName: 'kind' },
    oneOf: testKinds.map(({ id, fields, name }) =>
      Type.Object(
        { ...more, kind: Type.Literal(id), ...shared, given: schemaOfFields(fields, name) },
        { title: name, ...closed },
      ),
    ),
  };
}

export const CalibrationBody = Type.Unsafe<CalibrationBody>(byKind({}));
export const Calibration = Type.Unsafe<Calibration>(byKind({ id: uuid('The id'), version }));

export const calibrationExample: CalibrationBody = {
  name: 'Halden 400',
  kind: 'film-speed-eye',
  foundAtMs: 1_768_600_000_000,
  given: { film: 'Halden 400', exposedAt: 320, lastStep: 17 },
  wrote: [],
};
