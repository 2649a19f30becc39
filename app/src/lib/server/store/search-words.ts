/**
 * The words of a text as the logbook is searched by them: the same cut for what is kept and for what is typed, so that
 * R-118, 1+31 and filter 2½ are found as they are written.
 */
export function searchWords(text: string): string[] {
  return text
    .normalize('NFC')
    .replace(/(\d)½/g, '$1.5')
    .replace(/½/g, '0.5')
    .split(/[^\p{L}\p{N}.]+/u)
    .map((word) => word.replace(/^\.+|\.+$/g, ''))
    .filter((word) => word !== '');
}
