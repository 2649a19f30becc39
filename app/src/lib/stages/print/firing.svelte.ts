import {
  COUNT_IN_BEATS,
  firingCues,
  lampSwitches,
  type Held,
  type LampSwitchId,
} from '@katachron/core';
import { firingSounds } from '../../bench/clock/sounds/firing.ts';
import type { WetSide } from '../../bench/clock/wet-side.svelte.ts';
import type { LampTimer } from '../../bench/devices/lamp-timer.ts';

/** Between the touch and the first beat, ms: time enough to put every sound on the timeline. */
const AHEAD_MS = 120;

/** What of one firing is heard besides its beginning and its end. */
export interface HandsInLight {
  readonly held: readonly Held[];
  readonly lagSeconds: number;
}

const NO_HANDS: HandsInLight = { held: [], lagSeconds: 0 };

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

  /** Of the lamp, s, since it was switched on. */
  get secondsLit(): number {
    return Math.max(0, this.#elapsed);
  }

  get #elapsed(): number {
    return (this.#nowMs - (this.#startMs ?? this.#nowMs)) / 1000 - COUNT_IN_BEATS;
  }

  /** Counts in, and gives it. The instant at which the lamp lights, ms. */
  begin(seconds: number, by: LampSwitchId, hands = NO_HANDS): number {
    const startMs = Date.now() + AHEAD_MS;
    this.#run(startMs, seconds, by, hands);
    return startMs + COUNT_IN_BEATS * 1000;
  }

  /** Goes on with one whose lamp was lit at an instant, or will be. */
  rejoin(litAtMs: number, seconds: number, by: LampSwitchId, hands = NO_HANDS): void {
    this.#run(litAtMs - COUNT_IN_BEATS * 1000, seconds, by, hands);
  }

  #run(startMs: number, seconds: number, by: LampSwitchId, hands: HandsInLight): void {
    this.#silence();
    const { beats } = lampSwitches.find(({ id }) => id === by)!;
    const cues = firingCues(seconds, COUNT_IN_BEATS, hands.held, hands.lagSeconds).filter(
      ({ kind }) => beats || kind !== 'beat',
    );
    this.#startMs = startMs;
    this.#seconds = seconds;
    this.#silence = this.wetSide.play(
      cues
        .map(({ kind, atSeconds }) => ({
          atMs: startMs + atSeconds * 1000,
          beeps: firingSounds[kind],
        }))
        // Of one that is gone on with, only what is still to come.
        .filter(({ atMs }) => atMs > Date.now()),
    );
    if (by === 'screen') this.lamp.fire(startMs + COUNT_IN_BEATS * 1000, seconds);
    this.#look();
  }

  /** Puts the lamp out. How long it was lit, s. */
  stop(): number {
    this.#nowMs = Date.now();
    const litSeconds = this.state === 'lit' ? this.#elapsed : 0;
    this.lamp.stop();
    this.#silence();
    this.#silence = () => undefined;
    this.reset();
    return litSeconds;
  }

  /** Its page is left: the lamp and the cues go on, and what is returned ends the cues. */
  leave(): () => void {
    const silence = this.#silence;
    this.#silence = () => undefined;
    this.reset();
    return silence;
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
