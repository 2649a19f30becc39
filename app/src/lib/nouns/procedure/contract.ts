import Type, { type Static } from 'typebox';
import { agitation } from '../agitation/contract.ts';
import { seconds, text, uuid, version } from '../../kit/fields.ts';
import { afterwards, stepKindId, vessel } from '../process/contract.ts';

/** A house procedure: the steps of a film's way through the baths, to be used again with any recipe. */
export const ProcedureBody = Type.Object(
  {
    name: text('The name of the procedure', 80, 1),
    vessel,
    steps: Type.Array(
      Type.Object(
        {
          kind: stepKindId,
          /** Left out: the usual time, and for the developer the recipe's. */
          seconds: Type.Optional(seconds('The time of the step')),
          agitation: Type.Optional(agitation),
          afterwards: Type.Optional(afterwards),
        },
        { title: 'A step', additionalProperties: false },
      ),
      { title: 'The steps', minItems: 1, maxItems: 14, uniqueItemProperties: ['kind'] },
    ),
  },
  { title: 'A house procedure', additionalProperties: false },
);
export type ProcedureBody = Static<typeof ProcedureBody>;

export const Procedure = Type.Object(
  { id: uuid('The id'), version, ...ProcedureBody.properties },
  { title: 'A house procedure', additionalProperties: false },
);
export type Procedure = Static<typeof Procedure>;

export const procedureExample: ProcedureBody = {
  name: 'Water stop, short wash',
  vessel: 'tank',
  steps: [
    { kind: 'developer' },
    { kind: 'water-stop', seconds: 60 },
    { kind: 'fix', seconds: 210, agitation: 'each-half-minute' },
    { kind: 'rinse', seconds: 60 },
    { kind: 'washing-aid', seconds: 90 },
    { kind: 'wash', seconds: 300 },
    { kind: 'wetting-agent', seconds: 30 },
  ],
};
