import { Refusal } from '@katachron/core';

/** So many tags an entry has at most, each of so many letters. */
export const MOST_TAGS = 12;
export const MOST_TAG = 30;

/**
 * Tags as they were typed, with commas between them: each once, whatever its capitals.
 * @throws Refusal `tags` for one that is too long, or for too many
 */
export function readTags(text: string): string[] {
  const seen = new Map<string, string>();
  for (const part of text.split(/[,;]/)) {
    const tag = part.trim().replace(/\s+/g, ' ');
    if (tag.length > MOST_TAG) {
      throw new Refusal('tags', '/tags', `A tag has at most ${MOST_TAG} letters: “${tag}”.`);
    }
    const key = tag.toLowerCase();
    if (tag !== '' && !seen.has(key)) seen.set(key, tag);
  }
  if (seen.size > MOST_TAGS) {
    throw new Refusal('tags', '/tags', `An entry has at most ${MOST_TAGS} tags.`);
  }
  return [...seen.values()];
}
