import { sound } from '../quantity/sound.ts';
/** A tone of the print scale, by its density above paper white. */
export interface Tone {
  readonly id: string;
  /** As it is written: a zone, or a word. */
  readonly name: string;
  readonly netDensity: number;
  /** What people place there. */
  readonly use: string;
}

/** The tones of a usual print, lightest first. */
export const tones = [
  { id: 'first', name: 'first tone', netDensity: 0.04, use: 'just off paper white' },
  { id: 'VIII', name: 'VIII', netDensity: 0.1, use: 'bright, textured' },
  { id: 'VII', name: 'VII', netDensity: 0.2, use: 'light, full texture' },
  { id: 'VI', name: 'VI', netDensity: 0.4, use: 'light grey' },
  { id: 'V', name: 'V', netDensity: 0.68, use: 'middle grey' },
  { id: 'IV', name: 'IV', netDensity: 1, use: 'dark grey' },
  { id: 'III', name: 'III', netDensity: 1.4, use: 'dark, full texture' },
  { id: 'II', name: 'II', netDensity: 1.72, use: 'black, textured' },
] as const satisfies readonly Tone[];

export type ToneId = (typeof tones)[number]['id'];

/** Where people place a textured highlight and a textured shadow. */
export const highlightTones: readonly ToneId[] = ['first', 'VIII', 'VII', 'VI'];
export const shadowTones: readonly ToneId[] = ['IV', 'III', 'II'];

/**
 * A tone by its id.
 * @param id first, VIII … II
 * @returns the tone with its net density
 * @source a usual print
 * @example
 * toneById("VIII").netDensity // = 0.1
 */
export function toneById(id: ToneId): Tone {
  return tones.find((tone) => tone.id === id)!;
}

/** Words for a density above paper white, each up to a limit. */
const words: readonly { readonly below: number; readonly word: string }[] = [
  { below: 0.03, word: 'paper white' },
  { below: 0.07, word: 'first tone' },
  { below: 0.15, word: 'bright, textured' },
  { below: 0.3, word: 'light' },
  { below: 0.55, word: 'light grey' },
  { below: 0.85, word: 'grey' },
  { below: 1.2, word: 'dark grey' },
  { below: 1.55, word: 'near black' },
  { below: 1.88, word: 'black, textured' },
  { below: Infinity, word: 'full black' },
];

/**
 * What a tone is called, so that tones too close to tell apart in red light carry their word.
 * @param netDensity density above Dmin
 * @returns a word or two
 * @source the tones of a usual print
 * @example
 * toneWord(1.72) // = "black, textured"
 */
export function toneWord(netDensity: number): string {
  sound(netDensity);
  return words.find(({ below }) => netDensity < below)!.word;
}
