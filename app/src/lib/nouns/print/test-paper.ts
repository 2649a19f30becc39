import Type, { type Static } from 'typebox';
import { count } from '../../kit/fields.ts';

/** More than this nobody fires for one print. */
const MOST = 1000;

/** Paper that was fired for a print besides the strips that were read: pairs, a flash's strips, test pieces of its areas. */
export const TestPaper = Type.Object(
  { strips: count('The strips', MOST), pieces: count('The test pieces', MOST) },
  { title: 'Paper for tests', additionalProperties: false },
);
export type TestPaper = Static<typeof TestPaper>;
