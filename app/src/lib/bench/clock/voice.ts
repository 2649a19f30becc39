import type { Cue } from '@katachron/core';
import { cueSounds } from './sounds/index.ts';
import type { SpokenContext } from './sounds/sound.ts';

/** A cue that is later than this is not spoken any more: the beep was heard, and old words confuse, ms. */
const TOO_LATE_MS = 2000;

/**
 * Speaks cues, where the browser can. The beep is on time to the sample; the voice follows it, for those who cannot look.
 */
export class Voice {
  #spoken = new Set<string>();

  /** Can this browser speak at all? */
  static get available(): boolean {
    return (
      typeof speechSynthesis !== 'undefined' && typeof SpeechSynthesisUtterance !== 'undefined'
    );
  }

  /** Has this device a voice to speak with? Some have the words but nobody to say them. */
  static get hasVoice(): boolean {
    return Voice.available && speechSynthesis.getVoices().length > 0;
  }

  /** Says what is due by now and was not said yet. */
  follow(cues: readonly Cue[], nowMs: number, contextOf: (cue: Cue) => SpokenContext | undefined) {
    for (const cue of cues) {
      if (cue.atMs > nowMs || this.#spoken.has(cue.id)) continue;
      this.#spoken.add(cue.id);
      const context = contextOf(cue);
      if (!context || nowMs - cue.atMs > TOO_LATE_MS) continue;
      const words = cueSounds.find(({ kind }) => kind === cue.kind)?.says(context);
      if (words) this.say(words);
    }
  }

  say(words: string): void {
    if (!Voice.available) return;
    const utterance = new SpeechSynthesisUtterance(words);
    utterance.lang = 'en';
    speechSynthesis.speak(utterance);
  }
}
