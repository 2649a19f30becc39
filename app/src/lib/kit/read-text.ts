/** Text of a file, and whether its letters had to be guessed. */
export interface ReadText {
  readonly text: string;
  /** It is not UTF-8; it was read as Latin-1, which most old spreadsheets write. */
  readonly latin1: boolean;
}

/** Reads the bytes of a file as UTF-8, or as Latin-1 where they are none. */
export function readText(bytes: BufferSource): ReadText {
  try {
    return { text: new TextDecoder('utf-8', { fatal: true }).decode(bytes), latin1: false };
  } catch {
    return { text: new TextDecoder('windows-1252').decode(bytes), latin1: true };
  }
}
