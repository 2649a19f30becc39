import type { Cue } from '@katachron/core';
import { USUAL_VOLUME } from '../desk/choices.ts';
import { cueSounds } from './sounds/index.ts';
import type { Beep } from './sounds/sound.ts';

/** Loudness of each step of the volume, as the gain of a beep: even steps to the ear. */
const GAINS = [0.06, 0.15, 0.3, 0.55, 0.95];
/** The short beep that confirms a pour. */
const CONFIRMING = { lengthSeconds: 0.07, frequencyHz: 1175, everySeconds: 0.16 };

/** Ramps that keep a beep from clicking, s. */
const RAMP = 0.005;

/** What lies ahead is put anew when the audio clock has moved against the wall clock by more than this, ms. */
const MOST_SLIP_MS = 10;
/** What is about to sound is left alone: taking it off now would be heard, ms. */
const TOO_NEAR_MS = 40;
/** The audio clock is read in steps; the middle one of so many readings is taken. */
const READINGS = 5;

/** Of beeps that wait for the sound to be awake: no place on the timeline yet. */
const NOT_LAID = -Infinity;

/** Beeps at an instant, and where they lie on the timeline. */
interface Put {
  readonly atMs: number;
  readonly beeps: readonly Beep[];
  /** How far the audio clock was ahead of the wall clock when they were put there, ms. */
  aheadMs: number;
  nodes: readonly OscillatorNode[];
}

/**
 * Puts cues on the audio timeline, where the hardware's clock plays them whatever the page is doing. That clock is not the
 * wall clock: on a loaded machine it falls behind, so the two are compared at each tick.
 */
export class Speaker {
  #context: AudioContext | undefined;
  #cues = new Map<string, Put>();
  /** Sounds outside of any process, such as those of a firing. */
  #played = new Set<Put>();
  #readings: number[] = [];
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
    if (this.#context.state !== 'running') {
      // While it slept its clock stood still.
      this.#readings = [];
      await this.#context.resume();
      this.#layWaiting(this.#context);
    }
    this.onChange(this.awake);
  }

  /** Makes the timeline hold just these cues, each where it belongs now: call it at every tick. */
  follow(cues: readonly Cue[]): void {
    const context = this.#context;
    if (!context || context.state !== 'running') return;
    const aheadMs = this.#measure(context);
    const nowMs = Date.now();
    const wanted = new Set(cues.map(({ id }) => id));
    for (const [id, put] of this.#cues) {
      if (wanted.has(id)) continue;
      if (put.atMs > nowMs) silence(put);
      this.#cues.delete(id);
    }
    for (const put of this.#played) if (put.atMs < nowMs - 10_000) this.#played.delete(put);
    for (const put of [...this.#cues.values(), ...this.#played]) {
      const slipped = Math.abs(put.aheadMs - aheadMs) > MOST_SLIP_MS;
      if (!slipped || put.atMs - nowMs < TOO_NEAR_MS) continue;
      silence(put);
      this.#lay(context, put, aheadMs);
    }
    for (const { id, atMs, kind } of cues) {
      if (this.#cues.has(id)) continue;
      const beeps = cueSounds.find((sound) => sound.kind === kind)?.beeps ?? [];
      this.#cues.set(id, this.#lay(context, { atMs, beeps, aheadMs, nodes: [] }, aheadMs));
    }
  }

  /**
   * Puts beeps on the timeline at instants of their own, outside of any process; the answer takes them off again. The press
   * that asks for them may be the one that wakes the sound: what is still to come is then laid once it is awake.
   */
  play(sounds: readonly { readonly atMs: number; readonly beeps: readonly Beep[] }[]): () => void {
    const puts = sounds.map(({ atMs, beeps }): Put => ({
      atMs,
      beeps,
      aheadMs: NOT_LAID,
      nodes: [],
    }));
    puts.forEach((put) => this.#played.add(put));
    if (this.#context && this.awake) this.#layWaiting(this.#context);
    return () => {
      for (const put of puts) {
        silence(put);
        this.#played.delete(put);
      }
    };
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

  /** Lays what was asked for while the sound slept, or just now; what is past is not made up for. */
  #layWaiting(context: AudioContext): void {
    const aheadMs = this.#measure(context);
    for (const put of this.#played) {
      if (put.aheadMs !== NOT_LAID) continue;
      if (put.atMs < Date.now()) this.#played.delete(put);
      else this.#lay(context, put, aheadMs);
    }
  }

  /** How far the audio clock is ahead of the wall clock now, ms; what is put there is heard one output latency later. */
  #measure(context: AudioContext): number {
    const latency = context.outputLatency || context.baseLatency || 0;
    this.#readings.push((context.currentTime - latency) * 1000 - Date.now());
    this.#readings = this.#readings.slice(-READINGS);
    return this.#readings.toSorted((a, b) => a - b)[Math.floor(this.#readings.length / 2)]!;
  }

  #lay(context: AudioContext, put: Put, aheadMs: number): Put {
    const at = (put.atMs + aheadMs) / 1000;
    put.aheadMs = aheadMs;
    put.nodes = put.beeps.map((beep) => this.#beep(context, at, beep));
    return put;
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

/** Takes beeps off the timeline; one that has sounded already is none the worse. */
function silence(put: Put): void {
  for (const node of put.nodes) {
    node.disconnect();
    node.stop();
  }
}
