/** Something that stops the command, told in one sentence. */
export class Stop extends Error {}

/** @param {string} sentence */
export function say(sentence) {
  console.log(sentence);
}
