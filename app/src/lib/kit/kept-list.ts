/**
 * The one door to the lists that this browser keeps. What lies there may be anything: an older version of ours, another
 * program's, damage. Only what fits is let in. Where nothing can be kept (full, forbidden), a list lives as long as the page.
 */
const notKept = new Map<string, string>();
let onTrouble: (unkept: boolean) => void = () => undefined;

/** Tells whoever shows it that this browser keeps nothing, or keeps again. */
export function watchKeeping(told: (unkept: boolean) => void): void {
  onTrouble = told;
}

function textOf(key: string): string | null {
  try {
    return notKept.get(key) ?? localStorage.getItem(key);
  } catch {
    return null;
  }
}

/** The entries of a list that are what they should be. */
export function keptList<Entry>(key: string, fits: (entry: unknown) => entry is Entry): Entry[] {
  try {
    const kept: unknown = JSON.parse(textOf(key) ?? '[]');
    return Array.isArray(kept) ? kept.filter(fits) : [];
  } catch {
    return [];
  }
}

/** Keeps a list, here at least until the page is left. */
export function keepList(key: string, list: readonly unknown[]): void {
  const text = JSON.stringify(list);
  try {
    localStorage.setItem(key, text);
    notKept.delete(key);
  } catch {
    notKept.set(key, text);
  }
  onTrouble(notKept.size > 0);
}
