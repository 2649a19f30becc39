import type { Migration } from './migration.ts';

/** What a print had while it was one answer and one sheet. */
const ANSWER = ['settingId', 'seconds', 'range', 'withinStops', 'areas'];
const answer = ANSWER.map((part) => `'${part}', body -> '${part}'`).join(', ');
const without = (parts: readonly string[]) => `(body - '{${parts.join(',')}}'::text[])`;
const back = ANSWER.map((part) => `'${part}', body #> '{versions,-1,${part}}'`).join(', ');

/** A print has numbered versions, and sheets that were exposed to them: what was one of each becomes that. */
export const versionsAndSheets: Migration = {
  name: '0007-versions-and-sheets',
  up: [
    `UPDATE prints SET body = ${without([...ANSWER, 'dryStops'])} || jsonb_build_object(
       'versions', jsonb_build_array(
         jsonb_build_object('number', 1, 'dialSeconds', '[]'::jsonb, ${answer})),
       'sheets', jsonb_build_array(
         jsonb_build_object('id', id::text, 'version', 1, 'exposedAtMs', body -> 'madeAtMs', 'firings', '[]'::jsonb)
         || CASE WHEN body -> 'dryStops' IS NULL THEN '{}'::jsonb
            ELSE jsonb_build_object('verdict', jsonb_build_object('highlightStops', body -> 'dryStops')) END))
      WHERE body -> 'versions' IS NULL`,
  ],
  down: [
    `UPDATE prints SET body = ${without(['versions', 'sheets'])} || jsonb_build_object(${back})
       || CASE WHEN body #> '{sheets,-1,verdict,highlightStops}' IS NULL THEN '{}'::jsonb
          ELSE jsonb_build_object('dryStops', body #> '{sheets,-1,verdict,highlightStops}') END
      WHERE body -> 'versions' IS NOT NULL`,
  ],
};
