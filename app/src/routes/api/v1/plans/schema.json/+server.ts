import { PlanFile } from '$lib/nouns/print/plan-file.ts';
import { answer } from '$lib/server/api.ts';

/** The schema that the file of a plan is checked by. */
export const GET = () =>
  answer({ $schema: 'https://json-schema.org/draft/2020-12/schema', ...PlanFile }, 200, {
    'content-type': 'application/schema+json',
  });
