import Type, { type Static } from 'typebox';

/** Problem details (RFC 9457) with a pointer (RFC 6901) and a sentence for each field that is wrong. */
export const Problem = Type.Object(
  {
    type: Type.String(),
    title: Type.String(),
    status: Type.Integer(),
    detail: Type.String(),
    errors: Type.Optional(
      Type.Array(Type.Object({ pointer: Type.String(), detail: Type.String() })),
    ),
    /** With 409: what is stored and what was sent. */
    stored: Type.Optional(Type.Unknown()),
    sent: Type.Optional(Type.Unknown()),
  },
  { title: 'A problem' },
);
export type Problem = Static<typeof Problem>;
