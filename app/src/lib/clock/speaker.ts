import type { Cue } from '@katachron/core';
import { USUAL_VOLUME } from '../contract/preferences.ts';
import { cueSounds } from './sounds/index.ts';
import type { Beep } from './sounds/sound.ts';

/** Loudness of each step of the volume, as the gain of a beep: even steps to the ear. */
const GAINS = [0.06, 0.15, 0.3, 0.55, 0.95];
/** The short beep that confirms a pour. */
const CONFIRMING = { lengthSeconds: 0.07, frequencyHz: 1175, everySeconds: 0.16 };

/** Ramps that keep a beep from clicking, s. */
const RAMP = 0.005;

/** Where on the audio timeline an instant lies; what is put there is heard one output latency later. */
function timelineAt(context: AudioContext, atMs: number): number {
  const heard = context.outputLatency || context.baseLatency || 0;
  return context.currentTime + (atMs - Date.now()) / 1000 - heard;
}

interface Scheduled {
  readonly atMs: number;
  readonly beeps: readonly OscillatorNode[];
}

/** Puts cues on the audio timeline, where the hardware's clock plays them whatever the page is doing. */
export class Speaker {
  #context: AudioContext | undefined;
  #scheduled = new Map<string, Scheduled>();
  /** 1 to 5. */
  volume = USUAL_VOLUME;

  constructor(readonly onChange: (awake: boolean) => void) {}

  get awake(): boolean {
    return this.#context?.state === 'running';
  }

  /** Browsers allow sound only from a touch or a key on; call this from one. */
  async wake(): Promise<void> {
    if (!this.#context) {
      this.#context = new AudioContext({ latencyHint: 'interactive' });
      this.#context.onstatechange = () => this.onChange(this.awake);
    }
    if (this.#context.state !== 'running') await this.#context.resume();
    this.onChange(this.awake);
  }

  /** Makes the timeline hold just these cues: new ones are put on it, those no longer due are taken off. */
  follow(cues: readonly Cue[]): void {
    const context = this.#context;
    if (!context || context.state !== 'running') return;
    const wanted = new Set(cues.map(({ id }) => id));
    const nowMs = Date.now();
    for (const [id, { atMs, beeps }] of this.#scheduled) {
      if (!wanted.has(id) && atMs > nowMs) beeps.forEach((beep) => beep.stop());
      if (!wanted.has(id)) this.#scheduled.delete(id);
    }
    for (const cue of cues) {
      if (!this.#scheduled.has(cue.id)) this.#schedule(context, cue);
    }
  }

  #schedule(context: AudioContext, cue: Cue): void {
    const at = timelineAt(context, cue.atMs);
    const sound = cueSounds.find(({ kind }) => kind === cue.kind);
    const beeps = (sound?.beeps ?? []).map((beep) => this.#beep(context, at, beep));
    this.#scheduled.set(cue.id, { atMs: cue.atMs, beeps });
  }

  /** Puts beeps on the timeline at instants of their own, outside of any process; the answer takes them off again. */
  play(sounds: readonly { readonly atMs: number; readonly beeps: readonly Beep[] }[]): () => void {
    const context = this.#context;
    if (!context || context.state !== 'running') return () => undefined;
    const beeps = sounds.flatMap(({ atMs, beeps: each }) => {
      const at = timelineAt(context, atMs);
      return each.map((beep) => this.#beep(context, at, beep));
    });
    return () => beeps.forEach((beep) => beep.stop());
  }

  /** Confirms what was just done, now: one beep, or as many as there are to count in the dark. */
  confirm(count: number): void {
    const context = this.#context;
    if (!context || context.state !== 'running') return;
    for (let beep = 0; beep < count; beep += 1) {
      const { everySeconds, ...one } = CONFIRMING;
      this.#beep(context, context.currentTime, { startSeconds: beep * everySeconds, ...one });
    }
  }

  #beep(
    context: AudioContext,
    at: number,
    { startSeconds, lengthSeconds, frequencyHz }: Beep,
  ): OscillatorNode {
    const loud = GAINS[this.volume - 1] ?? 0.3;
    const start = Math.max(context.currentTime, at + startSeconds);
    const oscillator = new OscillatorNode(context, { frequency: frequencyHz });
    const gain = new GainNode(context, { gain: 0 });
    gain.gain.setValueAtTime(0, start);
    gain.gain.linearRampToValueAtTime(loud, start + RAMP);
    gain.gain.setValueAtTime(loud, start + lengthSeconds - RAMP);
    gain.gain.linearRampToValueAtTime(0, start + lengthSeconds);
    oscillator.connect(gain).connect(context.destination);
    oscillator.start(start);
    oscillator.stop(start + lengthSeconds);
    return oscillator;
  }
}
