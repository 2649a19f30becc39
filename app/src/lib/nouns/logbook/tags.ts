/** So many tags an entry has at most, each of so many letters. */
export const MOST_TAGS = 12;
export const MOST_TAG = 30;

/** Tags as they were typed, with commas between them: each once, whatever its capitals. */
export function readTags(text: string): string[] {
  const seen = new Map<string, string>();
  for (const part of text.split(/[,;]/)) {
    const tag = part.trim().replace(/\s+/g, ' ').slice(0, MOST_TAG).trim();
    const key = tag.toLowerCase();
    if (tag !== '' && !seen.has(key)) seen.set(key, tag);
  }
  return [...seen.values()].slice(0, MOST_TAGS);
}
