/** Something that stops the command, told in one sentence. */
export class Stop extends Error {}

/** The person asked for the end while something was still being made ready. */
export class Interrupted extends Error {}

/** @param {string} sentence */
export function say(sentence) {
  console.log(sentence);
}
