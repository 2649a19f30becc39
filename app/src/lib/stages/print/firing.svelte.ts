import { COUNT_IN_BEATS, firingCues, lampSwitches, type LampSwitchId } from '@katachron/core';
import { firingSounds } from '../../bench/clock/sounds/firing.ts';
import type { WetSide } from '../../bench/clock/wet-side.svelte.ts';
import type { LampTimer } from '../../bench/devices/lamp-timer.ts';

/** Between the touch and the first beat, ms: time enough to put every sound on the timeline. */
const AHEAD_MS = 120;

export type FiringState = 'ready' | 'counting' | 'lit' | 'given';

/** One firing under way: counted in, given, and stopped if need be. Sounds and lamp share one instant. */
export class FiringClock {
  #startMs = $state<number>();
  #seconds = $state(0);
  #silence: () => void = () => undefined;
  #nowMs = $state(0);
  #frame = 0;

  constructor(
    readonly wetSide: WetSide,
    readonly lamp: LampTimer,
  ) {}

  get state(): FiringState {
    if (this.#startMs === undefined) return 'ready';
    const elapsed = this.#elapsed;
    return elapsed < 0 ? 'counting' : elapsed < this.#seconds ? 'lit' : 'given';
  }

  /** Beats until the light, 3, 2, 1. */
  get beatsLeft(): number {
    return Math.min(COUNT_IN_BEATS, Math.ceil(-this.#elapsed - 1e-6));
  }

  /** Of the light, s. */
  get secondsLeft(): number {
    return Math.max(0, this.#seconds - Math.max(0, this.#elapsed));
  }

  get #elapsed(): number {
    return (this.#nowMs - (this.#startMs ?? this.#nowMs)) / 1000 - COUNT_IN_BEATS;
  }

  begin(seconds: number, by: LampSwitchId): void {
    if (this.state === 'counting' || this.state === 'lit') return;
    const startMs = Date.now() + AHEAD_MS;
    const { beats } = lampSwitches.find(({ id }) => id === by)!;
    const cues = firingCues(seconds).filter(({ kind }) => beats || kind !== 'beat');
    this.#startMs = startMs;
    this.#seconds = seconds;
    this.#silence = this.wetSide.play(
      cues.map(({ kind, atSeconds }) => ({
        atMs: startMs + atSeconds * 1000,
        beeps: firingSounds[kind],
      })),
    );
    if (by === 'screen') this.lamp.fire(startMs + COUNT_IN_BEATS * 1000, seconds);
    this.#look();
  }

  /** Puts the lamp out. What is left of the firing, s; all of it when the light had not come on. */
  stop(): number {
    this.#nowMs = Date.now();
    const left = this.state === 'counting' ? this.#seconds : this.secondsLeft;
    this.lamp.stop();
    this.#silence();
    this.reset();
    return left;
  }

  reset(): void {
    cancelAnimationFrame(this.#frame);
    this.#startMs = undefined;
  }

  #look = (): void => {
    this.#nowMs = Date.now();
    if (this.state !== 'given') this.#frame = requestAnimationFrame(this.#look);
  };
}
