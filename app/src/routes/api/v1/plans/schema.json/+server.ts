import { PlanFile } from '$lib/nouns/print/plan-file.ts';
import { answer } from '$lib/server/api.ts';
import { schemaFile } from '$lib/server/published-schema.ts';

/** The schema that the file of a plan is checked by. */
export const GET = () =>
  answer(schemaFile(PlanFile), 200, {
    'content-type': 'application/schema+json',
  });
