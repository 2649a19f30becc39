import Type from 'typebox';
import { text } from '../../kit/fields.ts';
import { MOST_TAG, MOST_TAGS } from './tags.ts';

/** One's own words to find an entry again by. */
export const tags = Type.Array(text('A tag', MOST_TAG, 1), {
  ...{ title: 'The tags', maxItems: MOST_TAGS, uniqueItems: true },
});
